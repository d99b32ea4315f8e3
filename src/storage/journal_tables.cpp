#include "storage/journal_tables.h"

#include "storage/event_json.h"
#include "storage/journal.h"
#include "storage/sqlite_file.h"

#include <QSqlQuery>
#include <QVariant>

namespace rhexion::tables {

namespace {

using Done = std::optional<FileFault>;

Done run(QSqlDatabase& db, const char* sql, const QVariantList& values)
{
    QSqlQuery query(db);
    return SqliteFile::run(query, sql, values);
}

QString text(const std::string& utf8)
{
    // A text that is null is NULL to the driver; an empty one is not.
    return utf8.empty() ? QStringLiteral("") : QString::fromStdString(utf8);
}

Done begun(QSqlDatabase& db, const Event& event)
{
    const auto batch = fold({&event, 1});
    const BatchSummary s = summaryOf(*batch);
    QVariant row;
    {
        QSqlQuery query(db);
        if (auto fault = SqliteFile::run(
                query,
                "INSERT INTO batch (id, name, state, started, superfat_planned, strength_planned)"
                " VALUES (?, ?, 'making', ?, ?, ?)",
                {text(event.batch), text(batch->formula.name), qint64(event.at), s.superfatPlanned,
                 s.strengthPlanned}))
            return fault;
        row = query.lastInsertId();
    }
    for (const QString& material : materialsOf(batch->formula))
        if (auto fault = run(db,
                             "INSERT INTO batch_material (material, started, batch)"
                             " VALUES (?, ?, ?)",
                             {material, qint64(event.at), text(event.batch)}))
            return fault;
    return run(db, "INSERT INTO batch_words (rowid, text) VALUES (?, ?)",
               {row, searchTextOf(*batch)});
}

} // namespace

const char* wordOf(BatchState state)
{
    return state == BatchState::Making     ? "making"
           : state == BatchState::Finished ? "finished"
                                           : "stopped";
}

std::optional<FileFault> insertEvent(QSqlDatabase& db, const Event& event)
{
    return run(db,
               "INSERT INTO event (id, batch, bench, at, zone, kind, data)"
               " VALUES (?, ?, ?, ?, ?, ?, ?)",
               {text(event.id), text(event.batch), text(event.bench), qint64(event.at), event.zone,
                kindOf(event.what), QString::fromUtf8(dataOf(event.what))});
}

std::optional<FileFault> takeIn(QSqlDatabase& db, const Event& event)
{
    if (std::holds_alternative<BatchBegun>(event.what))
        return begun(db, event);
    if (const auto* made = std::get_if<BatchFinished>(&event.what))
        return run(db,
                   "UPDATE batch SET state = 'finished', finished = ?, superfat = ?, strength = ?,"
                   " batter = ? WHERE id = ?",
                   {qint64(event.at), orNull(made->superfat), made->strength, made->batterGrams,
                    text(event.batch)});
    if (std::holds_alternative<BatchStopped>(event.what))
        return run(db, "UPDATE batch SET state = 'stopped', finished = ? WHERE id = ?",
                   {qint64(event.at), text(event.batch)});
    // A batch whose beginning cannot be read still stands in the list.
    if (const auto* what = std::get_if<Unreadable>(&event.what); what && what->kind == "begun")
        return run(db,
                   "INSERT INTO batch (id, name, state, started, superfat_planned,"
                   " strength_planned) VALUES (?, '', 'making', ?, 0, 0)",
                   {text(event.batch), qint64(event.at)});
    if (const auto* note = std::get_if<Noted>(&event.what))
        return run(db,
                   "UPDATE batch_words SET text = text || char(10) || ?"
                   " WHERE rowid = (SELECT row FROM batch WHERE id = ?)",
                   {text(note->text), text(event.batch)});
    return std::nullopt;
}

std::optional<FileFault> rebuild(QSqlDatabase& db)
{
    Transaction transaction(db);
    for (const char* table : {"batch", "batch_material", "batch_words"})
        if (auto fault =
                run(db, qPrintable(QStringLiteral("DELETE FROM %1").arg(QLatin1String(table))), {}))
            return fault;
    QSqlQuery query(db);
    query.setForwardOnly(true);
    query.prepare(
        QStringLiteral("SELECT %1 FROM event ORDER BY seq").arg(QLatin1String(eventColumns)));
    if (auto fault = SqliteFile::run(query))
        return fault;
    while (query.next())
        if (auto fault = takeIn(db, eventFrom(query)))
            return fault;
    query.finish();
    return transaction.keep() ? std::nullopt
                              : std::optional(FileFault{FileFault::Code::CannotWrite, {}, {}});
}

Event eventFrom(const QSqlQuery& row)
{
    Event event{row.value(0).toString().toStdString(),
                row.value(1).toString().toStdString(),
                row.value(2).toString().toStdString(),
                row.value(3).toLongLong(),
                row.value(4).toLongLong(),
                row.value(5).toInt(),
                {}};
    const QString kind = row.value(6).toString();
    auto what = happeningFrom(kind, row.value(7).toString().toUtf8());
    if (std::holds_alternative<FileFault>(what))
        event.what = Unreadable{kind.toStdString()};
    else
        event.what = std::get<Happening>(std::move(what));
    return event;
}

} // namespace rhexion::tables
