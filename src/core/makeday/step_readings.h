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

} // namespace rhexion
