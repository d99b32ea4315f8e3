// What a formula has that says nothing of it, and ways of dividing the lye and of joining jug and
// pot that makers have names for; common practice, no source.
#pragma once

#include "core/formula/formula.h"

#include <array>

namespace rhexion {

// The hydroxides of a formula that names none: their ids in the catalogue.
inline constexpr auto usualSodium = "sodium-hydroxide";
inline constexpr auto usualPotassium = "potassium-hydroxide-90";

// One jug; half of it in the second; the potassium hydroxide in the second.
inline const std::array<std::optional<SecondJug>, 3> usualSecondJugs{
    {std::nullopt, SecondJug{0.5, 0.5}, SecondJug{0.0, 1.0}}};

// Room temperature; both warm; hot for a cook.
inline const std::array<Mixing, 3> usualMixings{{{Temperature::celsius(22.0), 8.0},
                                                 {Temperature::celsius(38.0), 6.0},
                                                 {Temperature::celsius(75.0), 10.0}}};

} // namespace rhexion
