// What a courier between this file and a server asks. docs/several-benches.md
#include "storage/journal_tables.h"
#include "storage/sqlite_file.h"
#include "storage/sqlite_journal.h"

#include <QSqlError>
#include <QSqlQuery>
#include <QVariant>

namespace rhexion {

Journal::Result<QList<RawEvent>> SqliteJournal::unsent(int most) const
{
    QList<RawEvent> out;
    auto fault = rows(QStringLiteral("SELECT id, batch, bench, at, zone, kind, data FROM %1 WHERE"
                                     " bench = ? AND place IS NULL ORDER BY seq LIMIT ?")
                          .arg(QLatin1String(tables::eventsPlaced)),
                      {bench_, most}, [&](const QSqlQuery& row) {
                          out.append({row.value(0).toString(), row.value(1).toString(),
                                      row.value(2).toString(), row.value(3).toLongLong(),
                                      row.value(4).toInt(), row.value(5).toString(),
                                      row.value(6).toString()});
                      });
    if (fault)
        return *std::move(fault);
    return out;
}

Journal::Result<int> SqliteJournal::unsentCount(int most) const
{
    int out = 0;
    auto fault = rows(QStringLiteral("SELECT count(*) FROM (SELECT 1 FROM %1 WHERE bench = ? AND"
                                     " place IS NULL LIMIT ?)")
                          .arg(QLatin1String(tables::eventsPlaced)),
                      {bench_, most}, [&](const QSqlQuery& row) { out = row.value(0).toInt(); });
    if (fault)
        return *std::move(fault);
    return out;
}

qint64 SqliteJournal::changesByOthers() const
{
    QSqlQuery query(database());
    return query.exec(QStringLiteral("PRAGMA data_version")) && query.next()
               ? query.value(0).toLongLong()
               : 0;
}

QStringList SqliteJournal::othersBehind(qint64 place) const
{
    QStringList out;
    const auto fault =
        rows(QStringLiteral("SELECT id FROM %1 WHERE place > ? AND bench <> ?")
                 .arg(QLatin1String(tables::eventsPlaced)),
             {place, bench_}, [&](const QSqlQuery& row) { out << row.value(0).toString(); });
    return fault ? QStringList() : out;
}

Journal::Result<qint64> SqliteJournal::lastPlace() const
{
    qint64 out = 0;
    auto fault = rows(QStringLiteral("SELECT max(place) FROM passed"), {},
                      [&](const QSqlQuery& row) { out = row.value(0).toLongLong(); });
    if (fault)
        return *std::move(fault);
    return out;
}

Journal::Done SqliteJournal::takeOver(const QList<PlacedEvent>& events)
{
    QSqlDatabase db = database();
    Transaction transaction(db);
    if (!transaction.isOpen())
        return placed(SqliteFile::faultOf(db.lastError()));
    QStringList moved;
    for (const PlacedEvent& one : events) {
        const RawEvent& e = one.event;
        const QString id = e.id;
        QSqlQuery query(db);
        if (auto fault = SqliteFile::run(query, "SELECT 1 FROM event WHERE id = ?", {id}))
            return placed(std::move(fault));
        const bool here = query.next();
        query.finish();
        if (!here)
            if (auto fault =
                    SqliteFile::run(query,
                                    "INSERT INTO event (id, batch, bench, at, zone, kind, data)"
                                    " VALUES (?, ?, ?, ?, ?, ?, ?)",
                                    {e.id, e.batch, e.bench, e.at, e.zone, e.kind, e.data}))
                return placed(std::move(fault));
        if (auto fault =
                SqliteFile::run(query, "INSERT OR IGNORE INTO passed (event, place) VALUES (?, ?)",
                                {id, one.place}))
            return placed(std::move(fault));
        // An own event may have got a place behind another bench's that comes with it.
        if (!moved.contains(e.batch))
            moved.append(e.batch);
    }
    for (const QString& batch : moved)
        if (auto fault = tables::rebuildBatch(db, batch))
            return placed(std::move(fault));
    return transaction.keep() ? std::nullopt : placed(SqliteFile::faultOf(db.lastError()));
}

} // namespace rhexion
