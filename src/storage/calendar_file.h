// What is due as an iCalendar file (RFC 5545), for the calendar on a phone.
#pragma once

#include "storage/journal.h"

namespace rhexion {

struct CalendarEntry {
    QString uid; // the same for the same batch and kind, so that a second import moves it
    QString summary;
    QString description;
    QDate day;
};
QByteArray calendarOf(const QList<CalendarEntry>& entries, const QDateTime& now);

} // namespace rhexion
