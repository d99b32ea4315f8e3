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

// C a step aims at: to reach, or to stay or come under. Nothing where warmth is no matter.
struct StepWarmth {
    std::optional<double> reach;
    std::optional<double> under;
};
StepWarmth warmthOf(const DayStep& step, const Formula& formula, const HeatPlan& plan);
// The lowest flash point of the scents, closed cup, C; nothing where none is known.
std::optional<double> lowestFlash(const Formula& formula);
inline constexpr double underFlash = 5.0;      // C: common practice, no source
inline constexpr double flashNotKnown = 60.0;  // C to come under where none is known
inline constexpr double milkStaysUnder = 45.0; // C of a jug with milk in it: common practice

// As many as the plan has steps. forecast: nothing where there is none.
std::vector<StepTimes> timesOf(const DayPlan& plan, const Formula& formula,
                               const Reckoning& reckoning, const heat::HeatForecast* forecast);

} // namespace rhexion
