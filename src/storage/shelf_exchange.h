// What a courier between a shelf and the server asks: docs/several-benches.md. On the way, events
// carry the bench's name, and a jar of before the one all benches call it by.
#pragma once

#include "storage/event_table.h"
#include "storage/shelf.h"

namespace rhexion {

class ShelfExchange final : public EventStore {
public:
    // The shelf must live as long; bench: what the bench's journal is called.
    ShelfExchange(Shelf& shelf, QString bench) : shelf_(shelf), bench_(std::move(bench)) {}

    Kind carries() const override { return Kind::Shelf; }
    QString bench() const override { return bench_; }
    Result<QList<RawEvent>> unsent(int most) const override;
    Result<int> unsentCount(int most) const override;
    Result<LastPlaced> last() const override;
    std::optional<FileFault> forgetPlaces() override;
    std::optional<FileFault> takeOver(const QList<PlacedEvent>& events) override;
    qint64 changesByOthers() const override;

private:
    QString onTheWay(const QString& about) const;
    QString here(const QString& about) const;

    Shelf& shelf_;
    QString bench_;
};

} // namespace rhexion
