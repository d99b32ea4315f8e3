// What a journal says over all its batches, as facts: what is due, lessons, a material's history.
#pragma once

#include "storage/calendar_file.h"
#include "storage/journal.h"
#include "storage/stock_now.h"
#include "words/facts.h"
#include "words/speech.h"

namespace rhexion::words {

// By day; presses "batch:ID". now: ms, what is past is said so.
FactPage dueFacts(const QList<DueOfBatch>& dues, std::int64_t now, const Speech& speech);
QList<CalendarEntry> calendarEntries(const QList<DueOfBatch>& dues);
// "Cut: Quince loaf"
QString dueSaid(const DueOfBatch& due);
// Bars that are left, by the day they are ready; presses "batch:ID".
FactPage barsFacts(const QList<BarsOf>& bars, std::int64_t now, const Speech& speech);
// What is low, near its date, short, and to be made again. nameOf: of a material by its id.
FactPage stockFacts(const StockNow& stock, const std::function<QString(const std::string&)>& nameOf,
                    const QDate& today, const Speech& speech);
// "In 4 batches. Traced quickly in 3 of 4, cracked in 1 of 4." Empty where nothing is told.
QString historySaid(const MaterialHistory& history);
// nameOf: of a material by its id. One line a lesson or mishap of what stands on the bench.
struct Remembered {
    QString text;
    QString batch;   // the link: of several the newest
    std::string key; // once said it is not said again
};
QList<Remembered> remembered(const QList<LessonOf>& lessons, std::span<const MishapBefore> mishaps,
                             const std::function<QString(const std::string&)>& nameOf);

} // namespace rhexion::words
