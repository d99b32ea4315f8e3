#include "server/server_journal.h"

#include "storage/event_json.h"
#include "storage/shared_lot.h"
#include "storage/sqlite_file.h"

#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <QVariant>

#include <map>

namespace rhexion {

namespace {

Event eventOf(const RawEvent& raw, qint64 place, const std::string& here)
{
    Event event{raw.id.toStdString(),
                raw.batch.toStdString(),
                raw.bench.toStdString(),
                place,
                raw.at,
                raw.zone,
                {}};
    auto what = happeningFrom(raw.kind, raw.data.toUtf8());
    if (std::holds_alternative<FileFault>(what))
        event.what = Unreadable{raw.kind.toStdString()};
    else
        event.what = std::get<Happening>(std::move(what));
    if (event.bench != here)
        nameLotsAs(event.what, event.bench, here);
    return event;
}

} // namespace

std::optional<BatchSummary> plannedOf(const RawEvent& begun)
{
    const Event event = eventOf(begun, 0, {});
    const auto batch = fold({&event, 1});
    return batch ? std::optional(summaryOf(*batch)) : std::nullopt;
}

namespace {

BatchState stateOf(const QString& word)
{
    return word == QLatin1String("finished")  ? BatchState::Finished
           : word == QLatin1String("stopped") ? BatchState::Stopped
                                              : BatchState::Making;
}

} // namespace

QStringList serverLists()
{
    return {
        QStringLiteral("CREATE TABLE IF NOT EXISTS rhexion.batch ("
                       " id text PRIMARY KEY,"
                       " name text NOT NULL DEFAULT '',"
                       " state text NOT NULL DEFAULT 'making',"
                       " started bigint NOT NULL,"
                       " finished bigint NOT NULL DEFAULT 0,"
                       " superfat double precision,"
                       " strength double precision,"
                       " batter double precision,"
                       " superfat_planned double precision," // by who passed its beginning on
                       " strength_planned double precision)"),
        QStringLiteral("CREATE INDEX IF NOT EXISTS batch_started ON rhexion.batch (started, id)"),
        QStringLiteral("CREATE INDEX IF NOT EXISTS batch_making ON rhexion.batch (started)"
                       " WHERE state = 'making'"),
        QStringLiteral("CREATE INDEX IF NOT EXISTS event_batch ON rhexion.event (batch, place)"),
        QStringLiteral("CREATE INDEX IF NOT EXISTS event_holds ON rhexion.event (place)"
                       " WHERE kind IN ('begun', 'added', 'substituted')"),
        // By the right of who made the schema: makers write events and nothing else. What cannot
        // be read is an event all the same.
        QStringLiteral(
            "CREATE OR REPLACE FUNCTION rhexion.lists() RETURNS trigger AS $$"
            " DECLARE said jsonb;"
            " BEGIN"
            " IF NEW.kind NOT IN ('begun', 'finished', 'stopped') THEN RETURN NULL; END IF;"
            " IF NEW.kind = 'begun' THEN"
            "  INSERT INTO rhexion.batch (id, started) VALUES (NEW.batch, NEW.at)"
            "   ON CONFLICT (id) DO NOTHING;"
            "  IF NOT FOUND THEN RETURN NULL; END IF;"
            " END IF;"
            " IF NEW.kind = 'stopped' THEN"
            "  UPDATE rhexion.batch SET state = 'stopped', finished = NEW.at WHERE id = NEW.batch;"
            "  RETURN NULL;"
            " END IF;"
            " BEGIN"
            "  said := NEW.data::jsonb;"
            "  IF NEW.kind = 'begun' THEN"
            "   UPDATE rhexion.batch SET name = coalesce(said #>> '{formula,name}', '')"
            "    WHERE id = NEW.batch;"
            "  ELSE"
            "   UPDATE rhexion.batch SET state = 'finished', finished = NEW.at,"
            "    superfat = (said ->> 'superfat')::double precision,"
            "    strength = (said ->> 'strength')::double precision,"
            "    batter = (said ->> 'batter')::double precision WHERE id = NEW.batch;"
            "  END IF;"
            " EXCEPTION WHEN data_exception OR program_limit_exceeded THEN NULL;"
            " END;"
            " RETURN NULL; END $$ LANGUAGE plpgsql SECURITY DEFINER"
            " SET search_path = pg_catalog, pg_temp"),
        // Said once of a batch, by who passes on its beginning: the server reckons nothing.
        QStringLiteral(
            "CREATE OR REPLACE FUNCTION rhexion.planned(which text, superfat double precision,"
            " strength double precision) RETURNS void AS $$"
            " UPDATE rhexion.batch SET superfat_planned = superfat, strength_planned = strength"
            " WHERE id = which AND strength_planned IS NULL $$"
            " LANGUAGE sql SECURITY DEFINER SET search_path = pg_catalog, pg_temp"),
        QStringLiteral("REVOKE ALL ON FUNCTION rhexion.planned FROM PUBLIC"),
        QStringLiteral("GRANT EXECUTE ON FUNCTION rhexion.planned TO rhexion_maker"),
        // What came before there was such a table is taken in the same way.
        QStringLiteral("DO $$ DECLARE e record; BEGIN"
                       " IF NOT EXISTS (SELECT 1 FROM pg_trigger WHERE tgname = 'event_lists') THEN"
                       "  CREATE TEMPORARY TABLE earlier (LIKE rhexion.event) ON COMMIT DROP;"
                       "  CREATE TRIGGER event_lists AFTER INSERT ON earlier FOR EACH ROW"
                       "   EXECUTE FUNCTION rhexion.lists();"
                       "  INSERT INTO earlier SELECT * FROM rhexion.event WHERE kind IN"
                       "   ('begun', 'finished', 'stopped') ORDER BY place;"
                       "  DROP TABLE earlier;"
                       " END IF; END $$"),
        QStringLiteral("CREATE OR REPLACE TRIGGER event_lists AFTER INSERT ON rhexion.event"
                       " FOR EACH ROW EXECUTE FUNCTION rhexion.lists()"),
    };
}

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
        raw.append({QString::fromStdString(event.id), QString::fromStdString(event.batch),
                    QString::fromStdString(event.bench), event.at, event.zone, kindOf(event.what),
                    QString::fromUtf8(dataOf(event.what))});
    }
    std::optional<FileFault> unread;
    auto fault = faultOfAppending(fresh, [&](const std::string& id) -> std::optional<BatchState> {
        QSqlQuery query(db);
        unread = unread ? unread
                        : server_->run(query, "SELECT state FROM rhexion.batch WHERE id = ?",
                                       {QString::fromStdString(id)});
        return !unread && query.next() ? std::optional(stateOf(query.value(0).toString()))
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
        " begun.bench, begun.at, begun.zone, begun.data FROM these LEFT JOIN LATERAL"
        " (SELECT * FROM rhexion.event WHERE event.batch = these.id AND kind = 'begun'"
        " AND these.strength_planned IS NULL ORDER BY place LIMIT 1) AS begun ON true ORDER BY "
        "these.started DESC, these.id DESC");
    if (auto fault = server_->run(query, qPrintable(sql.arg(which)), values))
        return *std::move(fault);
    QList<BatchSummary> out;
    while (query.next()) {
        BatchSummary s;
        s.id = query.value(0).toString();
        s.name = query.value(1).toString();
        s.state = stateOf(query.value(2).toString());
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
        out.append(std::move(s));
    }
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
