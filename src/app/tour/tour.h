// The tour: six steps on the real bench, with a formula that grows as one reads. It can be left at
// any step and taken up there again; what it types can be taken back like anything else.
#pragma once

#include <QObject>
#include <QString>

namespace rhexion {

class MainWindow;

class Tour : public QObject {
    Q_OBJECT
public:
    static constexpr int steps = 6;

    explicit Tour(MainWindow& window);

    // On a fresh formula, after asking about unsaved work; at the step where it was left.
    void begin();
    void offer(); // once in a maker's life, above the page
    void goTo(int step);
    int step() const { return step_; } // 0: not on the tour

private:
    void say();
    void leave();
    void finish();

    MainWindow& window_;
    int step_ = 0;
    int typed_ = 0; // steps whose lines are on the bench
};

} // namespace rhexion
