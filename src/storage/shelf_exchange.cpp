#include "storage/shelf_exchange.h"

#include "storage/shared_lot.h"
#include "storage/shelf_tables.h"
#include "storage/sqlite_file.h"

namespace rhexion {

namespace {

// The same with what names a jar changed.
template <class Name>
QString renamed(const QString& about, const QString& bench, Name name)
{
    const QString beginning = shelf_tables::aboutLot({});
    return about.startsWith(beginning)
               ? beginning + QString::fromStdString(name(about.mid(beginning.size()).toStdString(),
                                                         bench.toStdString()))
               : about;
}

} // namespace

QString ShelfExchange::onTheWay(const QString& about) const
{
    return renamed(about, bench_, sharedLot);
}

QString ShelfExchange::here(const QString& about) const
{
    return renamed(about, bench_, localLot);
}

EventStore::Result<QList<RawEvent>> ShelfExchange::unsent(int most) const
{
    auto out = event_table::unsent(shelf_.database(), QStringLiteral(""), most);
    if (auto* events = std::get_if<QList<RawEvent>>(&out))
        for (RawEvent& e : *events) {
            e.bench = bench_;
            e.batch = onTheWay(e.batch);
        }
    return out;
}

EventStore::Result<int> ShelfExchange::unsentCount(int most) const
{
    return event_table::unsentCount(shelf_.database(), QStringLiteral(""), most);
}

EventStore::Result<LastPlaced> ShelfExchange::last() const
{
    return event_table::last(shelf_.database());
}

std::optional<FileFault> ShelfExchange::forgetPlaces()
{
    return event_table::forgetPlaces(shelf_.database());
}

std::optional<FileFault> ShelfExchange::takeOver(const QList<PlacedEvent>& events)
{
    QList<PlacedEvent> mine = events;
    for (PlacedEvent& one : mine) {
        one.event.batch = here(one.event.batch);
        if (one.event.bench == bench_)
            one.event.bench = QStringLiteral("");
    }
    return shelf_.kept([&]() -> std::optional<FileFault> {
        QStringList moved;
        if (auto bad = event_table::takeOver(shelf_.database(), mine, moved))
            return bad;
        for (const QString& about : moved)
            if (auto bad = shelf_tables::refold(shelf_.database(), about))
                return bad;
        return std::nullopt;
    });
}

qint64 ShelfExchange::changesByOthers() const
{
    return event_table::changesByOthers(shelf_.database());
}

} // namespace rhexion
