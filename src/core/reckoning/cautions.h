// Cautions for a finished reckoning.
#pragma once

#include "core/reckoning/reckon.h"

namespace rhexion {

// Worst first. The reckoning must be of this formula.
std::vector<Caution> cautionsFor(const Formula& formula, const Reckoning& reckoning);

} // namespace rhexion
