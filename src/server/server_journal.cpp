#include "server/server_journal.h"

#include "storage/event_json.h"
#include "storage/raw_event.h"
#include "storage/sqlite_file.h"

#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <QVariant>

namespace rhexion {

std::variant<std::unique_ptr<ServerJournal>, FileFault>
ServerJournal::open(const ServerPlace& place, const QString& bench)
{
    auto opened = EventServer::open(place);
    if (auto* fault = std::get_if<FileFault>(&opened))
        return *std::move(fault);
    return std::unique_ptr<ServerJournal>(
        new ServerJournal(std::get<std::unique_ptr<EventServer>>(std::move(opened)), bench));
}

Journal::Done ServerJournal::append(const QList<Event>& events)
{
    QSqlDatabase db = server_->database();
    Transaction transaction(db);
    if (auto fault = server_->lock(transaction.isOpen()))
        return fault;
    QList<Event> fresh;
    QList<RawEvent> raw;
    for (const Event& event : events) {
        QSqlQuery query(db);
        if (auto fault = server_->run(query, "SELECT 1 FROM rhexion.event WHERE id = ?",
                                      {QString::fromStdString(event.id)}))
            return fault;
        if (query.next())
            continue;
        fresh.append(event);
        raw.append(rawOf(event));
    }
    std::optional<FileFault> unread;
    auto fault = faultOfAppending(fresh, [&](const std::string& id) -> std::optional<BatchState> {
        QSqlQuery query(db);
        unread = unread ? unread
                        : server_->run(query, "SELECT state FROM rhexion.batch WHERE id = ?",
                                       {QString::fromStdString(id)});
        return !unread && query.next() ? std::optional(stateFrom(query.value(0).toString()))
                                       : std::nullopt;
    });
    if (unread || fault)
        return unread ? unread : fault;
    if (auto bad = server_->insert(EventServer::Of::Journal, raw))
        return bad;
    return transaction.keep() ? std::nullopt : std::optional(server_->lastFault());
}

Journal::Result<QList<Event>> ServerJournal::events(const QString& batch) const
{
    const auto read = server_->ofBatch(batch);
    if (const auto* fault = std::get_if<FileFault>(&read))
        return *fault;
    QList<Event> out;
    for (const PlacedEvent& one : std::get<QList<PlacedEvent>>(read))
        out.append(eventOf(one.event, one.place, bench_.toStdString()));
    return out;
}

// What was planned is reckoned from what a batch began with where nobody said it.
Journal::Result<QList<BatchSummary>> ServerJournal::summaries(const QString& which,
                                                              const QVariantList& values) const
{
    QSqlQuery query(server_->database());
    query.setForwardOnly(true);
    const QString sql = QStringLiteral(
        "WITH these AS (SELECT * FROM rhexion.batch %1) SELECT these.id, these.name, these.state,"
        " these.started, these.finished, these.superfat, these.strength, these.batter,"
        " these.superfat_planned, these.strength_planned, begun.id,"
        " begun.bench, begun.at, begun.zone, begun.data,"
        // Something went in after it was finished: then what came of it is reckoned again.
        " these.state = 'finished' AND EXISTS (SELECT 1 FROM rhexion.event AS late WHERE"
        " late.batch = these.id AND late.kind IN ('weighed', 'added', 'taken-back', 'part-lost',"
        " 'substituted', 'twice-settled') AND late.place > (SELECT max(place) FROM rhexion.event"
        " AS made WHERE made.batch = these.id AND made.kind = 'finished'))"
        " FROM these LEFT JOIN LATERAL"
        " (SELECT * FROM rhexion.event WHERE event.batch = these.id AND kind = 'begun'"
        " AND these.strength_planned IS NULL ORDER BY place LIMIT 1) AS begun ON true ORDER BY "
        "these.started DESC, these.id DESC");
    if (auto fault = server_->run(query, qPrintable(sql.arg(which)), values))
        return *std::move(fault);
    QList<BatchSummary> out;
    QStringList moved;
    while (query.next()) {
        BatchSummary s;
        s.id = query.value(0).toString();
        s.name = query.value(1).toString();
        s.state = stateFrom(query.value(2).toString());
        s.started = momentOf(query.value(3).toLongLong());
        s.finished = momentOf(query.value(4).toLongLong());
        s.superfat = figureOf(query.value(5));
        s.strength = figureOf(query.value(6));
        s.batterGrams = figureOf(query.value(7));
        if (const auto strength = figureOf(query.value(9))) {
            s.superfatPlanned = query.value(8).toDouble();
            s.strengthPlanned = *strength;
        } else {
            const RawEvent raw{query.value(10).toString(), s.id,
                               query.value(11).toString(), query.value(12).toLongLong(),
                               query.value(13).toInt(),    QStringLiteral("begun"),
                               query.value(14).toString()};
            if (const auto planned = plannedOf(raw)) {
                s.superfatPlanned = planned->superfatPlanned;
                s.strengthPlanned = planned->strengthPlanned;
            } else {
                s.name.clear(); // its beginning cannot be read here
            }
        }
        if (query.value(15).toBool())
            moved << s.id;
        out.append(std::move(s));
    }
    for (BatchSummary& s : out)
        if (moved.contains(s.id))
            if (const auto whole = batch(s.id); const auto* made = std::get_if<Batch>(&whole))
                s = summaryOf(*made);
    return out;
}

Journal::Result<QList<BatchSummary>> ServerJournal::batches(int most,
                                                            const BatchSummary* after) const
{
    if (!after)
        return summaries(QStringLiteral("ORDER BY started DESC, id DESC LIMIT ?"), {most});
    return summaries(QStringLiteral("WHERE (started, id) < (?, ?) ORDER BY started DESC, id DESC"
                                    " LIMIT ?"),
                     {after->started.toMSecsSinceEpoch(), after->id, most});
}

// Those that name it anywhere are looked at whole: what was put in its place, and what was taken
// back, decides.
Journal::Result<QList<BatchSummary>> ServerJournal::batchesWith(const QString& material,
                                                                int most) const
{
    QSqlQuery query(server_->database());
    query.setForwardOnly(true);
    if (auto fault = server_->run(query,
                                  "SELECT id FROM rhexion.batch WHERE id IN (SELECT batch FROM"
                                  " rhexion.event WHERE kind IN ('begun', 'added', 'substituted')"
                                  " AND position(? IN data) > 0) ORDER BY started DESC, id DESC",
                                  {QLatin1Char('"') + material + QLatin1Char('"')}))
        return *std::move(fault);
    QStringList ids;
    while (query.next())
        ids << query.value(0).toString();
    query.finish();
    QList<BatchSummary> out;
    for (const QString& id : ids) {
        if (out.size() >= most)
            break;
        const auto whole = batch(id);
        if (const auto* known = std::get_if<Batch>(&whole);
            known && materialsOf(*known).contains(material))
            out.append(summaryOf(*known));
    }
    return out;
}

Journal::Result<int> ServerJournal::countWith(const QString& material) const
{
    const auto all = batchesWith(material);
    if (const auto* fault = std::get_if<FileFault>(&all))
        return *fault;
    return int(std::get<QList<BatchSummary>>(all).size());
}

Journal::Result<QList<BatchSummary>> ServerJournal::unfinished() const
{
    return summaries(QStringLiteral("WHERE state = 'making'"), {});
}

Journal::Result<JournalSize> ServerJournal::size() const
{
    QSqlQuery query(server_->database());
    if (auto fault = server_->run(query,
                                  "SELECT (SELECT count(*) FROM rhexion.batch),"
                                  " (SELECT count(*) FROM rhexion.event)",
                                  {}))
        return *std::move(fault);
    return query.next() ? JournalSize{query.value(0).toInt(), query.value(1).toInt()}
                        : JournalSize{};
}

QDateTime ServerJournal::latest() const
{
    QSqlQuery query(server_->database());
    if (server_->run(query,
                     "SELECT max(at) FROM (SELECT at FROM rhexion.event ORDER BY place DESC"
                     " LIMIT 200) AS newest",
                     {}) ||
        !query.next())
        return {};
    return momentOf(query.value(0).toLongLong());
}

} // namespace rhexion
