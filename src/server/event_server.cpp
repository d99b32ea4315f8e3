#include "server/event_server.h"

#include "server/server_journal.h"
#include "storage/sqlite_file.h"

#include <QAtomicInteger>
#include <QSqlDatabase>
#include <QSqlDriver>
#include <QSqlError>
#include <QSqlQuery>
#include <QVariant>

namespace rhexion {

namespace {

using Code = FileFault::Code;

constexpr int schemaVersion = 2;
constexpr qsizetype longestData = 4'000'000;
constexpr int atOnce = 200; // the file is held no longer than it must

FileFault faultOf(const QSqlError& error, const QString& place)
{
    // PostgreSQL's SQLSTATE: 42501 insufficient privilege, class 23 a constraint that is not kept.
    const QString state = error.nativeErrorCode();
    const Code code = state == QLatin1String("42501")         ? Code::ReadOnly
                      : state.startsWith(QLatin1String("23")) ? Code::OutOfRange
                                                              : Code::NoServer;
    return {code, place, error.databaseText().section(QLatin1Char('\n'), 0, 0)};
}

QString nameOf(const ServerPlace& place)
{
    return QStringLiteral("%1/%2").arg(place.host, place.database);
}

// Opens it under a name of its own; the caller takes the name away again.
std::variant<QString, FileFault> connectTo(const ServerPlace& place)
{
    static QAtomicInteger<int> number;
    const QString name = QStringLiteral("server%1").arg(number.fetchAndAddRelaxed(1));
    std::optional<FileFault> fault;
    {
        QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QPSQL"), name);
        db.setHostName(place.host);
        db.setPort(place.port);
        db.setDatabaseName(place.database);
        db.setUserName(place.user);
        db.setPassword(place.password);
        db.setConnectOptions(place.isLocal()
                                 ? QStringLiteral("connect_timeout=5")
                                 : QStringLiteral("connect_timeout=5;sslmode=verify-full"));
        if (!db.isValid() || !db.open())
            fault = faultOf(db.lastError(), nameOf(place));
    }
    if (fault) {
        QSqlDatabase::removeDatabase(name);
        return *fault;
    }
    return name;
}

QString tableOf(EventStore::Kind kind)
{
    return kind == EventStore::Kind::Shelf ? QStringLiteral("rhexion.shelf_event")
                                           : QStringLiteral("rhexion.event");
}

QStringList eventTable(const QString& table)
{
    return {QStringLiteral("CREATE TABLE IF NOT EXISTS %1 ("
                           " place bigserial PRIMARY KEY,"
                           " id text NOT NULL UNIQUE CHECK (length(id) <= 100),"
                           " batch text NOT NULL CHECK (length(batch) <= 300),"
                           " bench text NOT NULL CHECK (length(bench) <= 100),"
                           " at bigint NOT NULL,"
                           " zone integer NOT NULL,"
                           " kind text NOT NULL CHECK (length(kind) <= 60),"
                           " data text NOT NULL CHECK (length(data) <= %2))")
                .arg(table)
                .arg(longestData),
            QStringLiteral("ALTER TABLE %1 ADD COLUMN IF NOT EXISTS chain text NOT NULL DEFAULT ''")
                .arg(table),
            // Of each event and all before it, so that a bench sees a server that is not the one
            // it knew. Events are appended by one at a time.
            QStringLiteral("CREATE OR REPLACE FUNCTION %1_chains() RETURNS trigger AS $$ BEGIN"
                           " NEW.chain := md5(coalesce((SELECT chain FROM %1 ORDER BY place DESC"
                           " LIMIT 1), '') || NEW.id); RETURN NEW; END $$ LANGUAGE plpgsql")
                .arg(table),
            QStringLiteral("CREATE OR REPLACE TRIGGER event_chains BEFORE INSERT ON %1"
                           " FOR EACH ROW EXECUTE FUNCTION %1_chains()")
                .arg(table),
            QStringLiteral("CREATE OR REPLACE TRIGGER event_stays BEFORE UPDATE OR DELETE ON"
                           " %1 FOR EACH STATEMENT EXECUTE FUNCTION rhexion.stays()")
                .arg(table),
            QStringLiteral("CREATE OR REPLACE TRIGGER event_tells AFTER INSERT ON %1"
                           " FOR EACH STATEMENT EXECUTE FUNCTION rhexion.tells()")
                .arg(table),
            QStringLiteral("GRANT INSERT ON %1 TO rhexion_maker").arg(table)};
}

// The schema, statement by statement; each may be run again.
QStringList schema()
{
    return QStringList{
               QStringLiteral("CREATE SCHEMA IF NOT EXISTS rhexion"),
               QStringLiteral("CREATE TABLE IF NOT EXISTS rhexion.about (key text PRIMARY KEY,"
                              " value text NOT NULL)"),
               QStringLiteral(
                   "CREATE OR REPLACE FUNCTION rhexion.stays() RETURNS trigger AS $$"
                   " BEGIN RAISE EXCEPTION 'events are not edited'; END $$ LANGUAGE plpgsql"),
               QStringLiteral("CREATE OR REPLACE FUNCTION rhexion.tells() RETURNS trigger AS $$"
                              " BEGIN NOTIFY rhexion; RETURN NULL; END $$ LANGUAGE plpgsql"),
               QStringLiteral("DO $$ BEGIN CREATE ROLE rhexion_maker NOLOGIN; EXCEPTION WHEN"
                              " duplicate_object THEN NULL; END $$"),
               QStringLiteral("DO $$ BEGIN CREATE ROLE rhexion_reader NOLOGIN; EXCEPTION WHEN"
                              " duplicate_object THEN NULL; END $$"),
               QStringLiteral("GRANT USAGE ON SCHEMA rhexion TO rhexion_maker, rhexion_reader")} +
           eventTable(tableOf(EventStore::Kind::Journal)) +
           eventTable(tableOf(EventStore::Kind::Shelf)) + serverLists() +
           QStringList{
               QStringLiteral("GRANT SELECT ON ALL TABLES IN SCHEMA rhexion TO rhexion_maker,"
                              " rhexion_reader"),
               QStringLiteral("GRANT USAGE ON ALL SEQUENCES IN SCHEMA rhexion TO rhexion_maker"),
               QStringLiteral("INSERT INTO rhexion.about VALUES ('version', '%1') ON CONFLICT (key)"
                              " DO UPDATE SET value = excluded.value")
                   .arg(schemaVersion)};
}

} // namespace

bool ServerPlace::isLocal() const
{
    return host.isEmpty() || host.startsWith(QLatin1Char('/')) ||
           host == QLatin1String("localhost") || host == QLatin1String("127.0.0.1") ||
           host == QLatin1String("::1");
}

EventServer::~EventServer()
{
    QSqlDatabase::database(connection_, false).close();
    QSqlDatabase::removeDatabase(connection_);
}

std::variant<std::unique_ptr<EventServer>, FileFault> EventServer::open(const ServerPlace& place)
{
    auto connected = connectTo(place);
    if (auto* fault = std::get_if<FileFault>(&connected))
        return *std::move(fault);
    std::unique_ptr<EventServer> server(new EventServer(std::get<QString>(connected)));
    QSqlQuery query(QSqlDatabase::database(server->connection_, false));
    if (!query.exec(QStringLiteral("SELECT value FROM rhexion.about WHERE key = 'version'")) ||
        !query.next())
        return FileFault{Code::NotOurs, nameOf(place), {}};
    const int version = query.value(0).toInt();
    if (version != schemaVersion)
        return FileFault{version > schemaVersion ? Code::Newer : Code::Older, nameOf(place),
                         QString::number(version)};
    return server;
}

std::optional<FileFault> EventServer::init(const ServerPlace& place)
{
    auto connected = connectTo(place);
    if (auto* fault = std::get_if<FileFault>(&connected))
        return *std::move(fault);
    const EventServer server(std::get<QString>(connected)); // takes the connection away again
    QSqlDatabase db = QSqlDatabase::database(server.connection_, false);
    Transaction transaction(db);
    QSqlQuery query(db);
    // What a newer program made is not taken back.
    if (query.exec(QStringLiteral("SELECT to_regclass('rhexion.about') IS NOT NULL")) &&
        query.next() && query.value(0).toBool() &&
        query.exec(QStringLiteral("SELECT value FROM rhexion.about WHERE key = 'version'")) &&
        query.next() && query.value(0).toInt() > schemaVersion)
        return FileFault{Code::Newer, nameOf(place), query.value(0).toString()};
    for (const QString& statement : schema())
        if (!query.exec(statement))
            return faultOf(query.lastError(), nameOf(place));
    return transaction.keep() ? std::nullopt
                              : std::optional(faultOf(db.lastError(), nameOf(place)));
}

std::optional<FileFault> EventServer::mayWrite() const
{
    QSqlDatabase db = QSqlDatabase::database(connection_, false);
    QSqlQuery query(db);
    if (!query.exec(QStringLiteral("SELECT has_table_privilege('rhexion.event', 'INSERT'),"
                                   " current_user")) ||
        !query.next())
        return faultOf(query.lastError(), connection_);
    if (query.value(0).toBool())
        return std::nullopt;
    return FileFault{Code::ReadOnly, connection_, query.value(1).toString()};
}

QSqlDatabase EventServer::database() const
{
    return QSqlDatabase::database(connection_, false);
}

FileFault EventServer::lastFault() const
{
    return faultOf(database().lastError(), connection_);
}

std::optional<FileFault> EventServer::run(QSqlQuery& query, const char* sql,
                                          const QVariantList& values) const
{
    bool good = query.prepare(QLatin1String(sql));
    for (const QVariant& value : values)
        query.addBindValue(value);
    good = good && query.exec();
    return good ? std::nullopt : std::optional(faultOf(query.lastError(), connection_));
}

std::optional<FileFault> EventServer::lock(bool open) const
{
    QSqlQuery query(database());
    if (open && query.exec(QStringLiteral("SELECT pg_advisory_xact_lock(7283401)")))
        return std::nullopt;
    return lastFault();
}

std::optional<FileFault> EventServer::insert(Of of, const QList<RawEvent>& events) const
{
    QSqlQuery query(database());
    query.prepare(QStringLiteral("INSERT INTO %1 (%2) VALUES (?, ?, ?, ?, ?, ?, ?) ON CONFLICT (id)"
                                 " DO NOTHING")
                      .arg(tableOf(of), QLatin1String(event_table::columns)));
    for (const RawEvent& e : events) {
        for (const QVariant& value :
             QVariantList{e.id, e.batch, e.bench, e.at, e.zone, e.kind, e.data})
            query.addBindValue(value);
        if (!query.exec())
            return faultOf(query.lastError(), e.id);
    }
    if (of == Of::Shelf)
        return std::nullopt;
    for (const RawEvent& e : events) {
        const auto planned =
            e.kind == QLatin1String("begun") ? plannedOf(e) : std::optional<BatchSummary>();
        if (!planned)
            continue;
        if (auto fault = run(query, "SELECT rhexion.planned(?, ?, ?)",
                             {e.batch, planned->superfatPlanned, planned->strengthPlanned}))
            return fault;
    }
    return std::nullopt;
}

std::optional<FileFault> EventServer::append(Of of, const QList<RawEvent>& events)
{
    Transaction transaction(database());
    if (auto fault = lock(transaction.isOpen()))
        return fault;
    if (auto fault = insert(of, events))
        return fault;
    return transaction.keep() ? std::nullopt : std::optional(lastFault());
}

std::variant<QList<PlacedEvent>, FileFault> EventServer::read(Of of, const QString& which,
                                                              const QVariantList& values) const
{
    QSqlQuery query(database());
    query.setForwardOnly(true);
    const QString sql = QStringLiteral("SELECT place, %1, chain FROM %2 %3")
                            .arg(QLatin1String(event_table::columns), tableOf(of), which);
    if (auto fault = run(query, qPrintable(sql), values))
        return *std::move(fault);
    QList<PlacedEvent> out;
    while (query.next()) {
        PlacedEvent one;
        one.place = query.value(0).toLongLong();
        one.event = {query.value(1).toString(), query.value(2).toString(),
                     query.value(3).toString(), query.value(4).toLongLong(),
                     query.value(5).toInt(),    query.value(6).toString(),
                     query.value(7).toString()};
        one.chain = query.value(8).toString();
        if (one.event.data.size() > longestData)
            return FileFault{Code::TooLarge, one.event.id, {}};
        out.append(std::move(one));
    }
    return out;
}

std::variant<bool, FileFault> EventServer::has(Of of, const LastPlaced& last) const
{
    QSqlQuery query(database());
    const QString sql =
        QStringLiteral("SELECT 1 FROM %1 WHERE place = ? AND chain = ?").arg(tableOf(of));
    if (auto fault = run(query, qPrintable(sql), {last.place, last.chain}))
        return *std::move(fault);
    return query.next();
}

std::variant<QList<PlacedEvent>, FileFault> EventServer::after(Of of, qint64 place, int most)
{
    return read(of, QStringLiteral("WHERE place > ? ORDER BY place LIMIT ?"), {place, most});
}

std::variant<QList<PlacedEvent>, FileFault> EventServer::ofBatch(const QString& batch) const
{
    return read(Of::Journal, QStringLiteral("WHERE batch = ? ORDER BY place"), {batch});
}

void EventServer::listen(QObject* hearer, const std::function<void()>& told)
{
    QSqlDriver* driver = QSqlDatabase::database(connection_, false).driver();
    if (driver->subscribeToNotification(QStringLiteral("rhexion")))
        QObject::connect(driver, &QSqlDriver::notification, hearer, told);
}

std::variant<Exchanged, FileFault> exchange(EventStore& store, EventServer& server)
{
    Exchanged out;
    const auto fetch = [&]() -> std::optional<FileFault> {
        for (;;) {
            const auto last = store.last();
            if (const auto* fault = std::get_if<FileFault>(&last))
                return *fault;
            auto read = server.after(store.carries(), std::get<LastPlaced>(last).place, atOnce);
            if (auto* fault = std::get_if<FileFault>(&read))
                return *std::move(fault);
            const auto& events = std::get<QList<PlacedEvent>>(read);
            if (events.isEmpty())
                return std::nullopt;
            if (auto fault = store.takeOver(events))
                return fault;
            for (const PlacedEvent& one : events)
                out.fetched += one.event.bench == store.bench() ? 0 : 1;
        }
    };
    const auto last = store.last();
    if (const auto* fault = std::get_if<FileFault>(&last))
        return *fault;
    if (!std::get<LastPlaced>(last).chain.isEmpty()) {
        const auto same = server.has(store.carries(), std::get<LastPlaced>(last));
        if (const auto* fault = std::get_if<FileFault>(&same))
            return *fault;
        // All of here goes there again: what is there already is not written twice.
        if (!std::get<bool>(same))
            if (auto fault = store.forgetPlaces())
                return *std::move(fault);
    }
    if (auto fault = fetch())
        return *std::move(fault);
    for (QString before;;) {
        const auto own = store.unsent(atOnce);
        if (const auto* fault = std::get_if<FileFault>(&own))
            return *fault;
        const auto& events = std::get<QList<RawEvent>>(own);
        if (events.isEmpty())
            return out;
        // A server that took them and does not give them back is none.
        if (events.first().id == std::exchange(before, events.first().id))
            return FileFault{Code::Damaged, before, {}};
        if (auto fault = server.append(store.carries(), events))
            return *std::move(fault);
        out.sent += int(events.size());
        if (auto fault = fetch()) // the places of these, and what came between
            return *std::move(fault);
    }
}

} // namespace rhexion
