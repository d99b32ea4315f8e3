// The same jar read another way, to show what a wrong guess would do.
#pragma once

#include "core/materials/material.h"

namespace rhexion {

// The other form of a citric acid (anhydrous for monohydrate and back), with its titration left
// out; nothing for any other material. Source: molar masses, core/materials/chemistry.h.
MaterialPtr otherCitricForm(const Material& material);

// A hydroxide whose impurity is carbonate and not water.
MaterialPtr impurityAsCarbonate(const Material& hydroxide);

} // namespace rhexion
