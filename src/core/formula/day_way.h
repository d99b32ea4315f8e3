// How a maker goes through the day beyond what the formula asks for: steps of her own, steps moved
// and left out. It changes no reckoned gram. makeday/own_way.h says what may be moved.
#pragma once

#include "core/formula/day_step.h"

#include <vector>

namespace rhexion {

struct OwnStep {
    std::uint32_t id = 0; // above 0, its own in the formula
    std::string text;
    std::optional<StepKey> before; // nothing: at the end of the day
    double handsMinutes = 1.0;     // 0 to 1440
    double waitMinutes = 0.0;      // 0 to 10080
    friend bool operator==(const OwnStep&, const OwnStep&) = default;
};
struct MovedStep {
    StepKey step;
    std::optional<StepKey> before; // nothing: to the end
    friend bool operator==(const MovedStep&, const MovedStep&) = default;
};
struct DayWay {
    // Portions that share a mould are poured one on another, not swirled.
    bool layers = false;
    std::vector<OwnStep> own;
    std::vector<MovedStep> moved; // one after the other
    std::vector<StepKey> left;    // out
    bool isUsual() const { return !layers && own.empty() && moved.empty() && left.empty(); }
    friend bool operator==(const DayWay&, const DayWay&) = default;
};
inline constexpr std::size_t mostWaySteps = 200;

} // namespace rhexion
