// Whether the steps of a day were ticked off faster than hands can do them: a key that was held
// down, or a day that is entered afterwards.
#pragma once

#include "core/batch/fold.h"

namespace rhexion {

struct WalkedThrough {
    double seconds = 0.0; // from the first step done to the last
    double hands = 0.0;   // s that the steps between want at their quickest
};

// Common practice, no source: nobody weighs, stirs and pours in a fifth of the quickest time.
inline constexpr double leastShareOfHands = 0.2;

// Nothing where the day took its time, or where fewer than two steps were done.
std::optional<WalkedThrough> walkedThrough(const Batch& batch);

} // namespace rhexion
