// Oil set aside for the portions of a split batter, in grams.
#pragma once

#include "core/amounts/amounts.h"
#include "core/amounts/refusal.h"

namespace rhexion {

// Fills Amounts::held; every line's mass must stand. Refuses when more is set aside than there is,
// when the oil is not in the pot, and a spoon of it that has no weight.
std::optional<Refusal> holdOil(const Formula& formula, Amounts& amounts);

// Whether the line at this place is oil in the pot, out of which it can be set aside.
bool isPotOil(const Formula& formula, std::size_t line);

} // namespace rhexion
