#include "server/event_server.h"

#include "server/server_schema.h"
#include "storage/journal.h"
#include "storage/raw_event.h"
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

} // namespace

bool ServerPlace::isLocal() const
{
    return host.isEmpty() || host.startsWith(QLatin1Char('/')) ||
           host == QLatin1String("localhost") || host == QLatin1String("127.0.0.1") ||
           host == QLatin1String("::1");
}

EventServer::~EventServer()
{
    database().close();
    QSqlDatabase::removeDatabase(connection_);
}

std::variant<std::unique_ptr<EventServer>, FileFault> EventServer::open(const ServerPlace& place)
{
    auto connected = connectTo(place);
    if (auto* fault = std::get_if<FileFault>(&connected))
        return *std::move(fault);
    std::unique_ptr<EventServer> server(new EventServer(std::get<QString>(connected)));
    QSqlQuery query(server->database());
    if (!query.exec(QStringLiteral("SELECT value FROM rhexion.about WHERE key = 'version'")) ||
        !query.next())
        return FileFault{Code::NotOurs, nameOf(place), {}};
    const int version = query.value(0).toInt();
    if (version != serverSchemaVersion)
        return FileFault{version > serverSchemaVersion ? Code::Newer : Code::Older, nameOf(place),
                         QString::number(version)};
    return server;
}

std::optional<FileFault> EventServer::init(const ServerPlace& place)
{
    auto connected = connectTo(place);
    if (auto* fault = std::get_if<FileFault>(&connected))
        return *std::move(fault);
    const EventServer server(std::get<QString>(connected)); // takes the connection away again
    QSqlDatabase db = server.database();
    Transaction transaction(db);
    QSqlQuery query(db);
    // What a newer program made is not taken back.
    if (query.exec(QStringLiteral("SELECT to_regclass('rhexion.about') IS NOT NULL")) &&
        query.next() && query.value(0).toBool() &&
        query.exec(QStringLiteral("SELECT value FROM rhexion.about WHERE key = 'version'")) &&
        query.next() && query.value(0).toInt() > serverSchemaVersion)
        return FileFault{Code::Newer, nameOf(place), query.value(0).toString()};
    for (const QString& statement : serverSchema())
        if (!query.exec(statement))
            return faultOf(query.lastError(), nameOf(place));
    return transaction.keep() ? std::nullopt
                              : std::optional(faultOf(db.lastError(), nameOf(place)));
}

std::optional<FileFault> EventServer::mayWrite() const
{
    QSqlQuery query(database());
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

std::optional<BatchSummary> plannedOf(const RawEvent& begun)
{
    const Event event = eventOf(begun, 0, {});
    const auto batch = fold({&event, 1});
    return batch ? std::optional(summaryOf(*batch)) : std::nullopt;
}

std::optional<FileFault> EventServer::insert(Of of, const QList<RawEvent>& events) const
{
    QSqlQuery query(database());
    query.prepare(QStringLiteral("INSERT INTO %1 (%2) VALUES (?, ?, ?, ?, ?, ?, ?) ON CONFLICT (id)"
                                 " DO NOTHING")
                      .arg(serverTable(of), QLatin1String(event_table::columns)));
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
                            .arg(QLatin1String(event_table::columns), serverTable(of), which);
    if (auto fault = run(query, qPrintable(sql), values))
        return *std::move(fault);
    QList<PlacedEvent> out;
    while (query.next()) {
        PlacedEvent one{event_table::rowOf(query, 1), query.value(0).toLongLong(),
                        query.value(8).toString()};
        if (one.event.data.size() > longestServerData)
            return FileFault{Code::TooLarge, one.event.id, {}};
        out.append(std::move(one));
    }
    return out;
}

std::variant<bool, FileFault> EventServer::has(Of of, const LastPlaced& last) const
{
    QSqlQuery query(database());
    const QString sql =
        QStringLiteral("SELECT 1 FROM %1 WHERE place = ? AND chain = ?").arg(serverTable(of));
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
    QSqlDriver* driver = database().driver();
    if (driver->subscribeToNotification(QStringLiteral("rhexion")))
        QObject::connect(driver, &QSqlDriver::notification, hearer, told);
}

std::variant<Exchanged, FileFault> exchange(EventStore& store, EventServer& server)
{
    Exchanged out;
    const auto last = store.last();
    if (const auto* fault = std::get_if<FileFault>(&last))
        return *fault;
    LastPlaced met = std::get<LastPlaced>(last);
    if (!met.chain.isEmpty()) {
        const auto same = server.has(store.carries(), met);
        if (const auto* fault = std::get_if<FileFault>(&same))
            return *fault;
        // All of here goes there again: what is there already is not written twice.
        if (!std::get<bool>(same)) {
            if (auto fault = store.forgetPlaces())
                return *std::move(fault);
            met = {};
        }
    }
    const auto fetch = [&]() -> std::optional<FileFault> {
        for (;;) {
            auto read = server.after(store.carries(), met.place, atOnce);
            if (auto* fault = std::get_if<FileFault>(&read))
                return *std::move(fault);
            const auto& events = std::get<QList<PlacedEvent>>(read);
            if (events.isEmpty())
                return std::nullopt;
            if (auto fault = store.takeOver(events))
                return fault;
            met.place = events.last().place;
            for (const PlacedEvent& one : events)
                out.fetched += one.event.bench == store.bench() ? 0 : 1;
        }
    };
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
