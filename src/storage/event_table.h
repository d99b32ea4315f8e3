// A table of events in one of our SQLite files (event, and passed: the place each has on a server),
// as a courier between the file and the server asks for it. docs/several-benches.md
#pragma once

#include "storage/file_fault.h"

#include <QList>
#include <QSqlDatabase>
#include <QStringList>

#include <optional>
#include <variant>

class QSqlQuery;

namespace rhexion {

// An event as it is written, whether or not this program can read it, so that what is passed on is
// passed on whole.
struct RawEvent {
    QString id;
    QString batch; // what it is about: a batch, or what of the shelf
    QString bench;
    qint64 at = 0;
    int zone = 0;
    QString kind, data;
};
struct PlacedEvent {
    RawEvent event;
    qint64 place = 0; // in the order that all benches share
    QString chain;    // of it and all before it, as the server says
};

struct LastPlaced {
    qint64 place = 0; // 0: none
    QString chain;    // empty: not known, from a server that said none
};

// What a courier carries from and to: the events of one file.
class EventStore {
public:
    template <class T>
    using Result = std::variant<T, FileFault>;
    enum class Kind { Journal, Shelf };

    virtual ~EventStore() = default;
    virtual Kind carries() const = 0;
    virtual QString bench() const = 0;
    // Events of this bench that have no place on the server yet, in their order.
    virtual Result<QList<RawEvent>> unsent(int most) const = 0;
    virtual Result<int> unsentCount(int most) const = 0;
    // The last place that is known here.
    virtual Result<LastPlaced> last() const = 0;
    // No place is known here any more: another server, or one that was set back.
    virtual std::optional<FileFault> forgetPlaces() = 0;
    // What the server holds, by place: others' events are taken in as they are, and own ones get
    // their place. What they are about is folded anew in the order of places, what has none yet
    // coming last; so every bench comes to the same.
    virtual std::optional<FileFault> takeOver(const QList<PlacedEvent>& events) = 0;
    // Another number whenever another connection has changed the file.
    virtual qint64 changesByOthers() const = 0;
};

namespace event_table {

// One row of it: id, batch, bench, at, zone, kind, data.
inline constexpr auto columns = "id, batch, bench, at, zone, kind, data";
// The same to fold: data that is larger than any event of ours comes empty, which no reader takes
// for an event; read whole it would fill the memory.
QString readableColumns();
// Every event with the place it has among all benches, if it has one yet.
inline constexpr auto placed = "event LEFT JOIN passed ON passed.event = event.id";
// The order all benches share, what has no place there yet coming last.
inline constexpr auto inOrder = "ORDER BY passed.place IS NULL, passed.place, seq";
inline constexpr auto passedTable = "CREATE TABLE IF NOT EXISTS passed (event TEXT PRIMARY KEY,"
                                    " place INTEGER NOT NULL UNIQUE) WITHOUT ROWID";

// What the columns hold, of which the first has that number.
RawEvent rowOf(const QSqlQuery& query, int first = 0);
// All that is about it, in that order.
std::variant<QList<RawEvent>, FileFault> about(const QSqlDatabase& db, const QString& what);
std::variant<QList<RawEvent>, FileFault> unsent(const QSqlDatabase& db, const QString& bench,
                                                int most);
std::variant<int, FileFault> unsentCount(const QSqlDatabase& db, const QString& bench, int most);
std::variant<LastPlaced, FileFault> last(const QSqlDatabase& db);
std::optional<FileFault> forgetPlaces(const QSqlDatabase& db);
// One row: how far this file has met the server. Not of a version: an older program does without.
inline constexpr auto metTable = "CREATE TABLE IF NOT EXISTS met (one INTEGER PRIMARY KEY CHECK"
                                 " (one = 1), place INTEGER NOT NULL, chain TEXT NOT NULL)";
// What makes both of them.
inline QStringList besides()
{
    return {QLatin1String(passedTable), QLatin1String(metTable)};
}
std::optional<FileFault> insert(const QSqlDatabase& db, const RawEvent& event);
// Within a transaction that is open. moved: what the events are about, once each.
std::optional<FileFault> takeOver(const QSqlDatabase& db, const QList<PlacedEvent>& events,
                                  QStringList& moved);
qint64 changesByOthers(const QSqlDatabase& db);

} // namespace event_table

} // namespace rhexion
