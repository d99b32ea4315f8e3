#include "storage/pace_record.h"

#include "core/batch/pace_log.h"

#include <algorithm>

namespace rhexion {

void PaceRecord::add(const BatchSummary& batch, const QList<Event>& events)
{
    for (const Event& event : events)
        if (const auto* begun = std::get_if<BatchBegun>(&event.what))
            for (const Line& line : begun->formula.lines) {
                if (line.material->kind != MaterialKind::Scent)
                    continue;
                const std::string& id = line.material->id;
                const auto found = std::ranges::find(times, id, &TimesTried::material);
                if (found == times.end()) {
                    times.push_back({id, 1});
                    tried.push_back(id);
                } else {
                    ++found->times;
                }
            }
    if (batch.state == BatchState::Finished)
        if (auto log = paceLogOf(std::span(events.constData(), std::size_t(events.size())), tried))
            logs.push_back(std::move(*log));
}

std::variant<PaceRecord, FileFault> paceRecordOf(const Journal& journal)
{
    const auto batches = journal.batches(mostPaceBatches);
    if (const auto* fault = std::get_if<FileFault>(&batches))
        return *fault;
    PaceRecord record;
    for (const BatchSummary& batch : std::get<QList<BatchSummary>>(batches))
        if (const auto events = journal.events(batch.id);
            const auto* list = std::get_if<QList<Event>>(&events))
            record.add(batch, *list);
    return record;
}

} // namespace rhexion
