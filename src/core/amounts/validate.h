// What must hold before a formula is summed.
#pragma once

#include "core/amounts/refusal.h"

#include <optional>

namespace rhexion {

// The first thing that cannot be summed, or nothing. Also checks amounts against each other.
std::optional<Refusal> validate(const Formula& formula);

} // namespace rhexion
