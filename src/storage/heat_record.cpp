#include "storage/heat_record.h"

namespace rhexion {

std::variant<std::vector<HeatLog>, FileFault>
heatLogsOf(const Journal& journal, const HeatPlan& usual, std::int64_t forgottenBefore)
{
    const auto batches = journal.batches(mostHeatBatches);
    if (const auto* fault = std::get_if<FileFault>(&batches))
        return *fault;
    std::vector<HeatLog> logs;
    for (const BatchSummary& summary : std::get<QList<BatchSummary>>(batches)) {
        const auto batch = journal.batch(summary.id);
        const auto* as = std::get_if<Batch>(&batch);
        if (!as || as->begun < forgottenBefore)
            continue;
        if (auto log = heatLogOf(*as, usual))
            logs.push_back(std::move(*log));
    }
    return logs;
}

} // namespace rhexion
