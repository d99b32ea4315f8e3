// Which factor brings a formula to a wanted size, with its locked lines left alone.
#pragma once

#include "core/advice/reckon.h"
#include "core/formula/scale.h"

namespace rhexion {

enum class ScaleTo { Oils, Batter };

// The factor for scaled() that makes oils or batter the mass wanted, to a hundredth of a gram;
// nothing when no factor does (the locked lines alone are more, or a share fixes it).
std::optional<double> factorFor(const Formula& formula, ScaleTo what, Mass wanted);

} // namespace rhexion
