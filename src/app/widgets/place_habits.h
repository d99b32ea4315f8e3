// Where this maker puts a material when it is not where it usually goes: remembered when she moves
// it, kept in the settings.
#pragma once

#include "core/formula/formula.h"

#include <optional>
#include <string>

namespace rhexion::placeHabits {

std::optional<Vessel> of(const std::string& material);
// vessel where it usually goes all the same: forgotten.
void remember(const std::string& material, Vessel vessel, Vessel usual);

} // namespace rhexion::placeHabits
