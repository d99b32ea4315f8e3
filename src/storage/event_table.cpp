#include "storage/event_table.h"

#include "storage/sqlite_file.h"

#include <QSet>
#include <QSqlQuery>
#include <QVariant>

namespace rhexion::event_table {

std::variant<QList<RawEvent>, FileFault> unsent(const QSqlDatabase& db, const QString& bench,
                                                int most)
{
    QSqlQuery query(db);
    query.setForwardOnly(true);
    const QString sql =
        QStringLiteral("SELECT %1 FROM %2 WHERE bench = ? AND place IS NULL ORDER BY seq LIMIT ?")
            .arg(QLatin1String(columns), QLatin1String(placed));
    if (auto fault = SqliteFile::run(query, qPrintable(sql), {bench, most}))
        return *std::move(fault);
    QList<RawEvent> out;
    while (query.next())
        out.append({query.value(0).toString(), query.value(1).toString(), query.value(2).toString(),
                    query.value(3).toLongLong(), query.value(4).toInt(), query.value(5).toString(),
                    query.value(6).toString()});
    return out;
}

std::variant<int, FileFault> unsentCount(const QSqlDatabase& db, const QString& bench, int most)
{
    QSqlQuery query(db);
    const QString sql = QStringLiteral("SELECT count(*) FROM (SELECT 1 FROM %1 WHERE bench = ? AND"
                                       " place IS NULL LIMIT ?)")
                            .arg(QLatin1String(placed));
    if (auto fault = SqliteFile::run(query, qPrintable(sql), {bench, most}))
        return *std::move(fault);
    return query.next() ? query.value(0).toInt() : 0;
}

std::variant<qint64, FileFault> lastPlace(const QSqlDatabase& db)
{
    QSqlQuery query(db);
    if (auto fault = SqliteFile::run(query, "SELECT max(place) FROM passed", {}))
        return *std::move(fault);
    return query.next() ? query.value(0).toLongLong() : 0;
}

std::optional<FileFault> insert(const QSqlDatabase& db, const RawEvent& e)
{
    QSqlQuery query(db);
    return SqliteFile::run(query,
                           "INSERT INTO event (id, batch, bench, at, zone, kind, data)"
                           " VALUES (?, ?, ?, ?, ?, ?, ?)",
                           {e.id, e.batch, e.bench, e.at, e.zone, e.kind, e.data});
}

std::optional<FileFault> takeOver(const QSqlDatabase& db, const QList<PlacedEvent>& events,
                                  QStringList& moved)
{
    QSet<QString> known;
    for (const PlacedEvent& one : events) {
        QSqlQuery query(db);
        if (auto fault = SqliteFile::run(query, "SELECT 1 FROM event WHERE id = ?", {one.event.id}))
            return fault;
        const bool here = query.next();
        query.finish();
        if (!here)
            if (auto fault = insert(db, one.event))
                return fault;
        if (auto fault =
                SqliteFile::run(query, "INSERT OR IGNORE INTO passed (event, place) VALUES (?, ?)",
                                {one.event.id, one.place}))
            return fault;
        // An own event may have got a place behind another bench's that comes with it.
        if (!known.contains(one.event.batch)) {
            known.insert(one.event.batch);
            moved.append(one.event.batch);
        }
    }
    return std::nullopt;
}

qint64 changesByOthers(const QSqlDatabase& db)
{
    QSqlQuery query(db);
    return query.exec(QStringLiteral("PRAGMA data_version")) && query.next()
               ? query.value(0).toLongLong()
               : 0;
}

} // namespace rhexion::event_table
