// The events of several benches on a PostgreSQL server, in one order: docs/several-benches.md.
#pragma once

#include "storage/sqlite_journal.h"

#include <QString>

#include <functional>
#include <optional>
#include <variant>

namespace rhexion {

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
    // Newer: a schema of a newer program. NotOurs: none there yet (init() makes one).
    static std::variant<std::unique_ptr<EventServer>, FileFault> open(const ServerPlace& place);
    ~EventServer();
    EventServer(const EventServer&) = delete;
    EventServer& operator=(const EventServer&) = delete;

    // Makes schema and roles (rhexion_maker, rhexion_reader); what is there already stays.
    static std::optional<FileFault> init(const ServerPlace& place);

    // Whether this name may append; what it says where it may not.
    std::optional<FileFault> mayWrite() const;
    // All of them or none; one that is there already stays and keeps its place.
    std::optional<FileFault> append(const QList<RawEvent>& events);
    // Tells of what any bench appends, as long as this is open; the thread needs its loop of
    // events.
    void listen(QObject* hearer, const std::function<void()>& told);
    // Behind that place, in order.
    std::variant<QList<PlacedEvent>, FileFault> after(qint64 place, int most);

private:
    explicit EventServer(QString connection) : connection_(std::move(connection)) {}
    QString connection_;
};

// One round between a bench's own file and the server: fetches, passes on, fetches again. How many
// events moved; a fault leaves both as whole as they were, and the next round goes on.
struct Exchanged {
    int fetched = 0;
    int sent = 0;
};
std::variant<Exchanged, FileFault> exchange(SqliteJournal& journal, EventServer& server);

} // namespace rhexion
