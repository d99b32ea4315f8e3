// What a line of typing could mean, in rows under or over it. It never takes the focus: the keys
// stay with the line.
#pragma once

#include <QFrame>

class QLabel;
class QListView;
class QStandardItemModel;

namespace rhexion {

struct Suggestion {
    QString name;
    QString detail;
};

class SuggestionList : public QFrame {
    Q_OBJECT
public:
    // In the window of anchor, under it where there is room, over it otherwise.
    explicit SuggestionList(QWidget& anchor);

    // Shows the rows with one of them chosen, a question over them where there is one; hides where
    // there are none.
    void show(const QList<Suggestion>& rows, int chosen, const QString& question = {});
    QString question() const;
    int count() const;
    QString textOf(int row) const;

Q_SIGNALS:
    void picked(int row); // by mouse or finger

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void place();

    QWidget& anchor_;
    QLabel* question_;
    QListView* list_;
    QStandardItemModel* model_;
};

} // namespace rhexion
