// What one gram of a line brings to the two accounts.
#pragma once

#include "core/formula/formula.h"

namespace rhexion {

struct PerGram {
    double water = 0.0;      // g
    double fatCounted = 0.0; // mol of alkali, by the school of hidden fat
    double fatTypical = 0.0;
    double fatLow = 0.0;
    double fatHigh = 0.0;
    double acid = 0.0; // mol of alkali
    double acidLow = 0.0;
    double acidHigh = 0.0;
    double freeFattyAcid = 0.0;   // mol
    double fatShareCounted = 0.0; // g of fat counted per g
    bool discounted = true;       // takes part in the superfat sum (n = (1 - s) * fat)
};

PerGram perGramOf(const Line& line, const LyeSettings& lye);

} // namespace rhexion
