// How long the steps of a day take: hands-on and waiting. Common practice without a source, but for
// what the forecast of heat knows: portions of lye, jug and pot into the window, the cook.
#pragma once

#include "core/heat/formula_heat.h"
#include "core/makeday/plan.h"

namespace rhexion {

struct StepTimes { // s
    Interval hands;
    Interval waiting; // after the hands, with nothing to do for this step
};

// As many as the plan has steps. forecast: nothing where there is none.
std::vector<StepTimes> timesOf(const DayPlan& plan, const Formula& formula,
                               const Reckoning& reckoning, const heat::HeatForecast* forecast);

} // namespace rhexion
