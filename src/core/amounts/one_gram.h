// What one gram of a line brings to the two accounts, by the formula's schools.
#pragma once

#include "core/formula/formula.h"

namespace rhexion {

struct PerGram {
    double water = 0.0;      // g
    double fatCounted = 0.0; // mol of alkali, by the school of hidden fat and waxes
    double fatTypical = 0.0;
    double fatLow = 0.0;
    double fatHigh = 0.0;
    double acid = 0.0; // mol of alkali
    double acidLow = 0.0;
    double acidHigh = 0.0;
    double given = 0.0; // mol of hydroxide the material holds itself
    double givenLow = 0.0;
    double givenHigh = 0.0;
    double givenSodium = 0.0; // g of pure hydroxide it holds
    double givenPotassium = 0.0;
    double freeFattyAcid = 0.0;   // mol
    double fatShareCounted = 0.0; // g of fat counted per g
    double svCounted = 0.0;       // mg KOH per g of that fat
    bool discounted = true;       // takes part in the superfat sum (n = (1 - s) * fat)

    double givenPure() const { return givenSodium + givenPotassium; }
};

PerGram perGramOf(const Line& line, const LyeSettings& lye);
std::vector<PerGram> perGramsOf(const Formula& formula);

} // namespace rhexion
