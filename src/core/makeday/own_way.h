// The maker's own way through the day: steps added, moved and left out. What would bring lye before
// its turn is refused.
#pragma once

#include "core/formula/day_way.h"
#include "core/makeday/plan.h"

#include <variant>

namespace rhexion {

StepKey keyOf(const DayStep& step);
// The step's place in the plan; its size where the plan has none such.
std::size_t placeOf(const DayPlan& plan, const StepKey& key);

// Why a step cannot stand where it is wanted.
struct WayRefused {
    std::size_t step = 0;     // the one to be moved or left out
    std::size_t inTheWay = 0; // the one it must come after or before
};
// The step moved before another, or to the end (the plan's size). Refused where it would stand
// before what it waits for, or after what waits for it.
std::variant<DayPlan, WayRefused> moved(const DayPlan& plan, std::size_t step, std::size_t before);
// Without the step; what waited for it waits for what it waited for. Steps of safety and lye, and
// those at which something is weighed, stay: refused with both places the same.
std::variant<DayPlan, WayRefused> without(const DayPlan& plan, std::size_t step);
// With a step of the maker's own before another: that one waits for it, and it for what the other
// waits for.
DayPlan with(const DayPlan& plan, const OwnStep& own);

// All of a way; what no longer fits the plan is left as the plan has it.
void goOwnWay(DayPlan& plan, const DayWay& way);

} // namespace rhexion
