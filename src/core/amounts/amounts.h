// What is weighed, or is to be: grams and nothing else. A wish becomes these (solve.h); what they
// hold is in core/account.
#pragma once

#include "core/formula/formula.h"

#include <array>
#include <vector>

namespace rhexion {

struct Amounts {
    std::vector<double> lines;   // g, in the order of Formula::lines; the make-up's with solvents
    std::vector<double> solvent; // g of the make-up liquid set aside for each line
    std::vector<double> held;    // g of oil set aside, in the order of Formula::portions
    // g as weighed, into the lye jug and the second jug.
    std::array<double, 2> sodium{};
    std::array<double, 2> potassium{};
    double jugWater = 0.0; // poured for a strong jug, beside the lines

    double allSodium() const { return sodium[0] + sodium[1]; }
    double allPotassium() const { return potassium[0] + potassium[1]; }
};

} // namespace rhexion
