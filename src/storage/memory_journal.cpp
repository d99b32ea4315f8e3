#include "storage/memory_journal.h"

#include "storage/event_json.h"

#include <algorithm>

namespace rhexion {

namespace {

template <class Wanted>
QList<BatchSummary> those(const QList<Batch>& all, int most, Wanted wanted)
{
    QList<BatchSummary> out;
    for (const Batch& batch : all)
        if (out.size() < most && wanted(batch))
            out.append(summaryOf(batch));
    return out;
}

} // namespace

MemoryJournal::MemoryJournal() : bench_(QString::fromStdString(newId())) {}

Journal::Done MemoryJournal::append(const QList<Event>& events)
{
    QList<Event> fresh;
    for (const Event& event : events)
        if (std::ranges::none_of(events_, [&](const Event& e) { return e.id == event.id; }))
            fresh.append(event);
    auto fault = faultOfAppending(fresh, [&](const std::string& id) -> std::optional<BatchState> {
        const auto read = batch(QString::fromStdString(id));
        const auto* there = std::get_if<Batch>(&read);
        return there ? std::optional(there->state) : std::nullopt;
    });
    if (fault)
        return fault;
    for (Event& event : fresh) {
        event.seq = events_.size() + 1;
        events_.append(std::move(event));
    }
    return std::nullopt;
}

Journal::Result<QList<Event>> MemoryJournal::events(const QString& batch) const
{
    QList<Event> out;
    for (const Event& event : events_)
        if (event.batch == batch.toStdString())
            out.append(event);
    return out;
}

QList<Batch> MemoryJournal::all() const
{
    QList<Batch> out;
    for (const Event& event : events_)
        if (std::holds_alternative<BatchBegun>(event.what))
            out.append(std::get<Batch>(batch(QString::fromStdString(event.batch))));
    std::ranges::stable_sort(out, [](const Batch& a, const Batch& b) {
        return std::pair(a.begun, a.id) > std::pair(b.begun, b.id);
    });
    return out;
}

Journal::Result<QList<BatchSummary>> MemoryJournal::batches(int most,
                                                            const BatchSummary* after) const
{
    bool past = after == nullptr;
    return those(all(), most, [&](const Batch& batch) {
        const bool wanted = past;
        past = past || QString::fromStdString(batch.id) == after->id;
        return wanted;
    });
}

Journal::Result<QList<BatchSummary>> MemoryJournal::batchesWith(const QString& material,
                                                                int most) const
{
    return those(all(), most,
                 [&](const Batch& batch) { return materialsOf(batch).contains(material); });
}

Journal::Result<int> MemoryJournal::countWith(const QString& material) const
{
    constexpr int all = 1'000'000;
    return int(std::get<QList<BatchSummary>>(batchesWith(material, all)).size());
}

Journal::Result<QList<BatchSummary>> MemoryJournal::unfinished() const
{
    constexpr int every = 1'000'000;
    return those(all(), every,
                 [](const Batch& batch) { return batch.state == BatchState::Making; });
}

QDateTime MemoryJournal::latest() const
{
    std::int64_t last = 0;
    for (const Event& event : events_)
        last = std::max(last, event.at);
    return momentOf(last);
}

} // namespace rhexion
