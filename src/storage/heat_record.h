// What a journal's readings say of the forecasts of heat. Window and command line read the same.
#pragma once

#include "core/batch/heat_log.h"
#include "storage/journal.h"

#include <vector>

namespace rhexion {

// The newest so many: older readings are of other moulds and other hands.
inline constexpr int mostHeatBatches = 60;

// All at once. Batches begun before are forgotten, ms since 1970; one that cannot be read is left
// out.
std::variant<std::vector<HeatLog>, FileFault>
heatLogsOf(const Journal& journal, const HeatPlan& usual, std::int64_t forgottenBefore = 0);

} // namespace rhexion
