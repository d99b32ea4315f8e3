// How far off a weight may be before it matters, found on the account itself.
#pragma once

#include "core/makeday/as_weighed.h"

namespace rhexion {

enum class BandDecides { Superfat, Strength, Itself };

struct WeighBand {
    double low = 0.0;  // g
    double high = 0.0; // g
    BandDecides lowBy = BandDecides::Itself;
    BandDecides highBy = BandDecides::Itself;
};

inline constexpr double bandSuperfat = 0.002;      // of true superfat
inline constexpr double bandStrength = 0.005;      // of batch strength
inline constexpr double bandOfItself = 0.05;       // of its own weight: common practice, no source
inline constexpr double bandOfLittleThings = 0.02; // g, for what weighs next to nothing

// The weights of the target for which true superfat stays within bandSuperfat of where it would be
// at the planned weight, batch strength within bandStrength and the weight within bandOfItself;
// never tighter than the scale's step, in g. Nothing where the target is not planned.
std::optional<WeighBand> weighBand(const Formula& plan, const Reckoning& planned,
                                   const DayFacts& facts, const WeighTarget& target,
                                   double scaleStep);

} // namespace rhexion
