// A material nobody knows here, taken for what its maker says it is: wide figures, her word as the
// source, so that the doubt shows what not knowing costs.
#pragma once

#include "core/materials/material.h"

#include <optional>
#include <span>
#include <string>

namespace rhexion {

enum class TakenAs { Scent, Colour, DrySolid, Salt, Sugar, Watery, Oil, Acid };

// All of them, in the order a list offers them.
std::span<const TakenAs> allTakenAs();

// What has to be known besides: water as a fraction, SV in mg KOH per g, acid as a fraction.
bool needsFigure(TakenAs as);
// Whether that figure can be: water 0 to 1, SV 100 to 300, acid above 0 to 1.
bool figureIsGood(TakenAs as, double figure);

// Without an id. figure is looked at only where it is needed; nothing where it cannot be or there
// is no name. An acid counts as citric acid.
std::optional<Material> takenAs(const std::string& name, TakenAs as, double figure = 0.0);

} // namespace rhexion
