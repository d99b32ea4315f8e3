// Short ways through a day in tests.
#pragma once

#include "core/makeday/as_weighed.h"
#include "core/makeday/plan.h"

namespace rhexion::test {

// All steps before it are done, and no other.
inline std::vector<bool> doneBefore(const DayPlan& plan, std::size_t step)
{
    std::vector<bool> out(plan.steps.size(), false);
    std::fill(out.begin(), out.begin() + std::ptrdiff_t(std::min(step, out.size())), true);
    return out;
}

inline std::size_t placeOf(const DayPlan& plan, DayStepKind kind)
{
    std::size_t i = 0;
    while (i < plan.steps.size() && plan.steps[i].kind != kind)
        ++i;
    return i;
}

} // namespace rhexion::test
