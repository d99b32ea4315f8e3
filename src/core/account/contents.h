// What lies in a vessel, by kind of matter, for drawing and for heat.
#pragma once

#include "core/account/account.h"

namespace rhexion {

struct Contents { // g
    double water = 0.0;
    double fat = 0.0;
    double alkali = 0.0;
    double acid = 0.0;
    double sugar = 0.0;
    double salt = 0.0;
    double otherSolids = 0.0;
    friend bool operator==(const Contents&, const Contents&) = default;
    // So many grams of something that is `perGram` a gram.
    void add(const Contents& perGram, double grams);
    double total() const { return water + fat + alkali + acid + sugar + salt + otherSolids; }
};

// What one gram of a material is, at its typical figures.
Contents contentsPerGram(const Material& material);

// A jug also holds its hydroxide, the first one a strong jug's water, and every vessel the liquid
// set aside for its lines.
Contents contentsOf(const Formula& formula, const Account& account, Vessel vessel);

} // namespace rhexion
