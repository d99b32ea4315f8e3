// How a bar dries. docs/after.md; reference cases: tests/data/cure_cases.csv.
#pragma once

#include "core/units/cannot.h"
#include "core/units/quantity.h"

#include <array>

namespace rhexion {

// Share of the loss still to come after x = t / tau, 1 to 0. Plane sheet, both faces dry: J. Crank,
// The Mathematics of Diffusion.
double stillToLose(double x);

// m2/s of water in a bar: low, typical, high (common practice, no source).
inline constexpr std::array<double, 3> soapDiffusivity{1e-11, 4e-11, 1.5e-10};
// Days; sides in mm, all six faces open: the slowest mode of a block.
OrCannot<double> dryingDays(const std::array<double, 3>& millimetres, double diffusivity);
inline constexpr double usualDryingDays = 14.0; // where no size is known

// g a bar comes to in a lived-in room, from the g that are dry in it: 6 / 10 / 14 % water at rest
// (common practice, no source).
Interval settledGrams(double dry);

} // namespace rhexion
