// The weeks after pouring: when to look in, unmould, cut, stamp, turn, and when it is ready.
#pragma once

#include "core/heat/formula_heat.h"
#include "core/making/working_time.h"

namespace rhexion {

enum class LaterKind { LookIn, Unmould, Cut, Stamp, Rack, Turn, Ready };
const char* codeOf(LaterKind kind);

struct LaterStep {
    LaterKind kind = LaterKind::LookIn;
    Interval hours; // after pouring: opens, typical, closes
};

// In the order of their typical hours. Curing is four to six weeks, a week for soap that was cooked
// (common practice, no source); the rest comes from working time and heat.
std::vector<LaterStep> laterSteps(const Formula& formula, const Account& account,
                                  const heat::HeatForecast* forecast);

} // namespace rhexion
