// How far the batter is, and what can still be mended then. One table for screen, trouble, print,
// rehearsal and command line. Common practice, no source.
#pragma once

#include "core/makeday/as_weighed.h"

namespace rhexion {

const char* codeOf(BatterStage stage);
// By the steps that are done, as many as the plan has.
BatterStage stageOf(const DayPlan& plan, const std::vector<bool>& done);

enum class MendAdvice {
    Good,
    TooLate,   // it cannot be carried out any more
    NotSafe,   // it would leave lye in pockets
    NotWorthIt // the bar is better left as it is
};
// superfat: what the bowl has now.
MendAdvice adviceFor(const DayMend& mend, BatterStage stage, std::optional<double> superfat);

// A superfat up to this is a mild bar, and no reason to add lye (common practice, no source).
inline constexpr double mildSuperfat = 0.15;
// Below it a bar is looked at before it is used.
inline constexpr double sharpSuperfat = 0.02;

// Takes the mends away that do not fit the stage, and says instead what the bar will be like.
void fitToStage(AsWeighed& bowl, BatterStage stage);

} // namespace rhexion
