// The calendar over all batches: a month, the list of what is due, bars on the rack, and the way
// out as iCalendar.
#pragma once

#include "storage/journal.h"
#include "words/facts.h"
#include "words/speech.h"

#include <QWidget>

#include <functional>

class QCheckBox;
class QLabel;

namespace rhexion {

class MonthView;
class PageBrowser;

class CalendarView : public QWidget {
    Q_OBJECT
public:
    explicit CalendarView(std::function<QDateTime()> clock, QWidget* parent = nullptr);

    void show(Journal& journal, const CureSchools& schools, const Speech& speech);
    const words::FactPage& facts() const { return facts_; }
    QString pageText() const;
    QCheckBox* remind() const { return remind_; }
    // Writes what is due from a month ago to a year from now.
    std::optional<FileFault> writeCalendar(const QString& path) const;

Q_SIGNALS:
    void batchWanted(const QString& batch);
    void remindWanted(bool on);
    void said(const QString& text);

private:
    void refresh();
    void step(int months);

    std::function<QDateTime()> clock_;
    Journal* journal_ = nullptr;
    CureSchools schools_;
    Speech speech_;
    QDate month_;
    MonthView* view_;
    QLabel* title_;
    QCheckBox* remind_;
    PageBrowser* page_;
    words::FactPage facts_;
};

} // namespace rhexion
