// The tables of a journal: events, and the folds beside them that lists and searches read.
#pragma once

#include "core/batch/fold.h"
#include "storage/file_fault.h"

#include <QSqlDatabase>

#include <optional>

namespace rhexion::tables {

// Writes the event as the next; nothing else. its seq is given by the table.
std::optional<FileFault> insertEvent(QSqlDatabase& db, const Event& event);
// Brings the folds up to date with an event that is there, but for those refold() makes: the lists
// of version 4, what was drawn of version 5, and both.
std::optional<FileFault> takeInLists(QSqlDatabase& db, const Event& event);
std::optional<FileFault> takeInDraws(QSqlDatabase& db, const Event& event);
std::optional<FileFault> takeIn(QSqlDatabase& db, const Event& event);
// Makes what a whole batch says anew: dues, facts, bars, lessons.
std::optional<FileFault> refold(QSqlDatabase& db, const QString& batch);
std::optional<FileFault> refold(QSqlDatabase& db, const Batch& batch);
// Whether the event moves those.
bool movesFolds(const Event& event);
// Throws the folds away and makes them again from the events.
std::optional<FileFault> rebuild(QSqlDatabase& db);
// Fills those of version 5 from the events, within a transaction that is open.
std::optional<FileFault> fillAfter(QSqlDatabase& db);
// Makes every fold of one batch anew, within a transaction that is open.
std::optional<FileFault> rebuildBatch(QSqlDatabase& db, const QString& batch);
// Makes those of refold() anew for every batch, within a transaction that is open.
std::optional<FileFault> refoldAll(QSqlDatabase& db);

// Those of one batch, in the order all benches share; Unreadable where the data cannot be read.
std::variant<QList<Event>, FileFault> eventsOf(const QSqlDatabase& db, const QString& batch);

} // namespace rhexion::tables
