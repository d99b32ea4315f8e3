// The events of several benches on a PostgreSQL server, in one order: docs/several-benches.md.
#pragma once

#include "storage/event_table.h"

#include <QString>
#include <QVariantList>

#include <functional>
#include <memory>
#include <optional>
#include <variant>

class QSqlDatabase;
class QSqlQuery;

namespace rhexion {

struct BatchSummary;

struct ServerPlace {
    QString host; // a name, an address, or the folder of a local socket
    int port = 5432;
    QString database = QStringLiteral("rhexion");
    QString user;
    QString password;
    // Anything but this machine is spoken to by TLS alone, and its certificate is looked at.
    bool isLocal() const;
};

class EventServer {
public:
    // Newer, Older: a schema of a newer or an older program. NotOurs: none there yet. init() makes
    // one, and brings an older one up to date.
    static std::variant<std::unique_ptr<EventServer>, FileFault> open(const ServerPlace& place);
    ~EventServer();
    EventServer(const EventServer&) = delete;
    EventServer& operator=(const EventServer&) = delete;

    // Makes schema and roles (rhexion_maker, rhexion_reader); what is there already stays.
    static std::optional<FileFault> init(const ServerPlace& place);

    // Whether this name may append; what it says where it may not.
    std::optional<FileFault> mayWrite() const;
    using Of = EventStore::Kind; // journals and shelves have an order each
    // All of them or none; one that is there already stays and keeps its place.
    std::optional<FileFault> append(Of of, const QList<RawEvent>& events);
    // Tells of what any bench appends, as long as this is open; the thread needs its loop of
    // events.
    void listen(QObject* hearer, const std::function<void()>& told);
    // Whether all up to that place is here as it was. It is not on another server, nor on one that
    // was set back to an older backup.
    std::variant<bool, FileFault> has(Of of, const LastPlaced& last) const;
    // Behind that place, in order.
    std::variant<QList<PlacedEvent>, FileFault> after(Of of, qint64 place, int most);

    // Of one batch, in order.
    std::variant<QList<PlacedEvent>, FileFault> ofBatch(const QString& batch) const;

    // For what else is kept there (server_journal.h), in a transaction of its own.
    QSqlDatabase database() const;
    // One appends at a time, so that places are in the order of commits and no reader misses one.
    std::optional<FileFault> lock(bool open) const;
    std::optional<FileFault> insert(Of of, const QList<RawEvent>& events) const;
    std::optional<FileFault> run(QSqlQuery& query, const char* sql,
                                 const QVariantList& values) const;
    FileFault lastFault() const;

private:
    explicit EventServer(QString connection) : connection_(std::move(connection)) {}
    std::variant<QList<PlacedEvent>, FileFault> read(Of of, const QString& which,
                                                     const QVariantList& values) const;
    QString connection_;
};

// What a batch that began so was planned to be; nothing where the event cannot be read.
std::optional<BatchSummary> plannedOf(const RawEvent& begun);

// One round between a file of the bench's own and the server: fetches, passes on, fetches again.
// How many events moved; a fault leaves both as whole as they were, and the next round goes on.
struct Exchanged {
    int fetched = 0;
    int sent = 0;
};
std::variant<Exchanged, FileFault> exchange(EventStore& store, EventServer& server);

} // namespace rhexion
