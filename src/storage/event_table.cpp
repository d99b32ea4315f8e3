#include "storage/event_table.h"

#include "storage/formula_json.h"
#include "storage/sqlite_file.h"

#include <QSet>
#include <QSqlQuery>
#include <QVariant>

namespace rhexion::event_table {

RawEvent rowOf(const QSqlQuery& query, int first)
{
    const auto value = [&](int i) { return query.value(first + i); };
    return {value(0).toString(), value(1).toString(), value(2).toString(), value(3).toLongLong(),
            value(4).toInt(),    value(5).toString(), value(6).toString()};
}

QString readableColumns()
{
    constexpr qint64 most = (formulaFileMegabytes + 1) * 1024 * 1024; // as in happeningFrom
    return QStringLiteral("id, batch, bench, at, zone, kind,"
                          " CASE WHEN length(data) > %1 THEN '' ELSE data END")
        .arg(most);
}

std::variant<QList<RawEvent>, FileFault> about(const QSqlDatabase& db, const QString& what)
{
    QSqlQuery query(db);
    query.setForwardOnly(true);
    const QString sql = QStringLiteral("SELECT %1 FROM %2 WHERE batch = ? %3")
                            .arg(readableColumns(), QLatin1String(placed), QLatin1String(inOrder));
    if (auto fault = SqliteFile::run(query, qPrintable(sql), {what}))
        return *std::move(fault);
    QList<RawEvent> out;
    while (query.next())
        out.append(rowOf(query));
    return out;
}

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
        out.append(rowOf(query));
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

std::variant<LastPlaced, FileFault> last(const QSqlDatabase& db)
{
    QSqlQuery query(db);
    if (auto fault = SqliteFile::run(query, "SELECT max(place) FROM passed", {}))
        return *std::move(fault);
    LastPlaced out{query.next() ? query.value(0).toLongLong() : 0, {}};
    query.finish();
    if (auto fault = SqliteFile::run(query, metTable, {}))
        return *std::move(fault);
    if (auto fault = SqliteFile::run(query, "SELECT chain FROM met WHERE place = ?", {out.place}))
        return *std::move(fault);
    if (query.next())
        out.chain = query.value(0).toString();
    return out;
}

std::optional<FileFault> forgetPlaces(const QSqlDatabase& db)
{
    QSqlQuery query(db);
    return SqliteFile::run(query, "DELETE FROM passed", {});
}

namespace {

constexpr auto insertion = "INSERT INTO event (id, batch, bench, at, zone, kind, data)"
                           " VALUES (?, ?, ?, ?, ?, ?, ?)";

QVariantList valuesOf(const RawEvent& e)
{
    return {columnText(e.id), columnText(e.batch), columnText(e.bench), e.at,
            e.zone,           columnText(e.kind),  columnText(e.data)};
}

// What is run for thousands of events is read by SQLite once.
class Again {
public:
    Again(const QSqlDatabase& db, const char* sql) : query(db)
    {
        query.prepare(QLatin1String(sql));
    }
    std::optional<FileFault> run(const QVariantList& values)
    {
        for (int i = 0; i < values.size(); ++i)
            query.bindValue(i, values[i]);
        return SqliteFile::run(query);
    }
    QSqlQuery query;
};

} // namespace

std::optional<FileFault> insert(const QSqlDatabase& db, const RawEvent& e)
{
    QSqlQuery query(db);
    return SqliteFile::run(query, insertion, valuesOf(e));
}

std::optional<FileFault> takeOver(const QSqlDatabase& db, const QList<PlacedEvent>& events,
                                  QStringList& moved)
{
    QSet<QString> known;
    Again isHere(db, "SELECT 1 FROM event WHERE id = ?");
    Again inserting(db, insertion);
    Again placing(db, "INSERT OR IGNORE INTO passed (event, place) VALUES (?, ?)");
    for (const PlacedEvent& one : events) {
        if (auto fault = isHere.run({one.event.id}))
            return fault;
        const bool here = isHere.query.next();
        isHere.query.finish();
        if (!here)
            if (auto fault = inserting.run(valuesOf(one.event)))
                return fault;
        if (auto fault = placing.run({one.event.id, one.place}))
            return fault;
        // An own event may have got a place behind another bench's that comes with it.
        if (!known.contains(one.event.batch)) {
            known.insert(one.event.batch);
            moved.append(one.event.batch);
        }
    }
    if (events.isEmpty())
        return std::nullopt;
    QSqlQuery query(db);
    if (auto fault = SqliteFile::run(query, metTable, {}))
        return fault;
    return SqliteFile::run(query, "INSERT OR REPLACE INTO met (one, place, chain) VALUES (1, ?, ?)",
                           {events.last().place, columnText(events.last().chain)});
}

qint64 changesByOthers(const QSqlDatabase& db)
{
    QSqlQuery query(db);
    return query.exec(QStringLiteral("PRAGMA data_version")) && query.next()
               ? query.value(0).toLongLong()
               : 0;
}

} // namespace rhexion::event_table
