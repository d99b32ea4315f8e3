// A formula made larger or smaller; locked lines stay as they are.
#pragma once

#include "core/formula/edit.h"

namespace rhexion {

// The edits that multiply by a factor above 0 every amount stated as a mass or a measure, the mass
// of all oils, weighed hydroxide and oil set aside. Shares and the rest follow by themselves.
// Nothing for a factor that is not above 0 or makes a mass unusable.
std::vector<Edit> scaled(const Formula& formula, double factor);

} // namespace rhexion
