// The steps of the day, each a finger high: what is done, what is at hand, what was weighed.
#pragma once

#include <QListWidget>

namespace rhexion {

struct StepShown {
    QString title;
    QString weighed; // what the scale showed; empty: not weighed
    QString origin;  // where the weight comes from; empty: nothing is weighed
    bool done = false;
    bool skipped = false;
};

class StepList : public QListWidget {
    Q_OBJECT
public:
    explicit StepList(QWidget* parent = nullptr);

    // at: the step at hand; the count of steps where all are done.
    void show(const QList<StepShown>& steps, int at);

Q_SIGNALS:
    void wanted(int step); // clicked, or Enter

protected:
    void keyPressEvent(QKeyEvent* event) override;
};

} // namespace rhexion
