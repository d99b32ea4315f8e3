// What an amount of one material does to lye and to water, apart from any formula.
#pragma once

#include "core/materials/material.h"

namespace rhexion {

struct Effect {
    Interval acidMol; // hydroxide its acids take
    Interval fatMol;  // hydroxide its fat can take
    Interval water;   // g
    // The same as grams of pure hydroxide.
    Interval acidSodium() const { return acidMol * molarMassSodiumHydroxide; }
    Interval acidPotassium() const { return acidMol * molarMassPotassiumHydroxide; }
    Interval fatSodium() const { return fatMol * molarMassSodiumHydroxide; }
    Interval fatPotassium() const { return fatMol * molarMassPotassiumHydroxide; }
};

Effect effectOf(const Material& material, Mass amount);

} // namespace rhexion
