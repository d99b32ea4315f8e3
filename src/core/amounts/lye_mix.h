// The hydroxide of a formula per mol of it: what is weighed, and the water that comes with it.
#pragma once

#include "core/formula/formula.h"

namespace rhexion {

struct OneHydroxide {
    double purity = 1.0;
    double moisture = 0.0; // share that counts as water
    double purityLow = 1.0;
    double purityHigh = 1.0;
    bool solution = false; // a ready lye
};
OneHydroxide hydroxideOf(const MaterialPtr& material, Part part);

struct LyeMix {
    OneHydroxide sodium;
    OneHydroxide potassium;
    double potassiumShare = 0.0; // in moles
    double pure = 0.0;           // g per mol
    double weighed = 0.0;        // g per mol
    double water = 0.0;          // g per mol that the rest of it is
    // As the other convention counts it: ready lye by content, its water as water.
    double asIs = 0.0;
    double lyeWater = 0.0;
    // Of pure and water, in the first jug.
    double pureFirst = 0.0;
    double waterFirst = 0.0;
};
// potassiumMoles: the share, where both hydroxides are weighed already.
LyeMix lyeMixOf(const LyeSettings& lye, std::optional<double> potassiumMoles = {});

} // namespace rhexion
