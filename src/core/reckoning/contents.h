// What lies in a vessel, by kind of matter, for drawing and for heat.
#pragma once

#include "core/reckoning/reckon.h"

namespace rhexion {

struct Contents { // g
    double water = 0.0;
    double fat = 0.0;
    double alkali = 0.0;
    double acid = 0.0;
    double sugar = 0.0;
    double salt = 0.0;
    double otherSolids = 0.0;
    double total() const { return water + fat + alkali + acid + sugar + salt + otherSolids; }
};

// What one gram of a material is, at its typical figures.
Contents contentsPerGram(const Material& material);

// The lye jug also holds both hydroxides and the strong jug's water.
Contents contentsOf(const Formula& formula, const Reckoning& reckoning, Vessel vessel);

} // namespace rhexion
