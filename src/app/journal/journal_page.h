// The journal: the list of batches with its search on the left; on the right one batch, the
// calendar over all, or several side by side.
#pragma once

#include "storage/journal.h"
#include "words/speech.h"

#include <QWidget>

#include <functional>

class QBoxLayout;
class QLabel;
class QLineEdit;
class QPushButton;
class QStackedWidget;
class QTableView;

namespace rhexion {

class BatchesModel;
class BatchView;
class CalendarView;
class TogetherView;
class Workshop;

class JournalPage : public QWidget {
    Q_OBJECT
public:
    explicit JournalPage(Workshop& workshop, QWidget* parent = nullptr);

    void setJournal(Journal* journal);
    void setSpeech(const Speech& speech);
    // Reads the journal again and shows this batch, or the one shown before.
    void reload(const QString& batch = {});
    QTableView* list() const { return list_; }
    QLineEdit* findField() const { return find_; }
    QLineEdit* noteField() const;
    QString pageText() const; // of what is on the right
    const BatchesModel& batches() const { return *model_; }
    BatchView& view() const { return *view_; }
    CalendarView& calendar() const { return *calendar_; }
    TogetherView& together() const { return *together_; }
    QPushButton* compareButton() const { return compare_; }
    void showCalendar();
    void showTogether(); // what is chosen in the list
    void showPatterns();
    void compareWith(const QString& other); // the one shown with another

Q_SIGNALS:
    void formulaWanted(const Formula& formula);
    void resumeWanted(const QString& batch);
    void remindWanted(bool on);
    void noted(const QString& text);
    void wrote(); // something is new in the journal

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    enum Right { OneBatch, Calendar, Together };
    void fillList(const QString& batch); // with what is searched for
    void showBatch();
    void showRight(Right what);
    void fitRoom();
    QList<Batch> chosen() const;
    QString materialName(const std::string& id) const;

    Workshop& workshop_;
    Journal* journal_ = nullptr;
    Speech speech_;
    QBoxLayout* room_;
    QWidget* left_;
    QWidget* right_;
    QStackedWidget* rightStack_;
    BatchesModel* model_;
    QLineEdit* find_;
    QLabel* taken_;
    QLabel* doubled_; // codes that stand on more than one batch
    QTableView* list_;
    QLabel* empty_;
    QPushButton* compare_;
    BatchView* view_;
    CalendarView* calendar_;
    TogetherView* together_;
};

} // namespace rhexion
