// What a thermometer is asked for at a step.
#pragma once

#include "core/heat/day_heat.h"
#include "core/makeday/plan.h"

#include <vector>

namespace rhexion {

// In the order in which they matter there.
std::vector<ReadingOf> readingsAt(DayStepKind kind);
// Once all is poured.
std::vector<ReadingOf> readingsAfterPouring();

// When a thermometer that shows ten readings a second is written down: when it has moved by a
// degree, or every two minutes, and never twice in five seconds; at once where the clock was set
// back.
class ReadingPace {
public:
    bool wants(double celsius, std::int64_t now); // ms

private:
    std::optional<std::pair<double, std::int64_t>> last_;
};

} // namespace rhexion
