// A row of a food table as a material: water, fat, sugars, protein, salt, acids and measures.
#pragma once

#include "core/materials/material.h"

namespace rhexion {

// Per 100 g as the table gives it; nothing where the table is empty, which never means zero.
struct FoodRow {
    std::string id;    // "sr24-09296"
    std::string name;  // as in the table
    std::string group; // milk, egg, sugar, fruit, juice, vegetable, nut_seed, cereal, spice_herb,
                       // beverage, salt_mineral, fat_oil, other
    std::optional<double> water, protein, fat, carbohydrate, sugars, starch, fibre, ash, alcohol;
    std::optional<double> sodiumMg;
    bool sugarsUnderstated = false;
    bool isVinegar = false;
    std::vector<Measure> measures;
    // The catalogue's oil that its fat is, from the reviewed mapping; nothing where none was found.
    MaterialPtr fatIs;

    struct MappedAcid {
        Acid acid;
        double grams;
        double standardError = 0.0; // g; 0 where unknown
    };
    // From the reviewed mapping; empty where there is none.
    std::vector<MappedAcid> acids;
    std::string acidSource; // "IFCT 2017 E051 Pear"
    std::optional<Interval> ph;
};

// The spread of a table's figures from one jar to the next: common practice, no source.
inline constexpr double foodSpread = 0.15;
inline constexpr double foodAcidSpread = 0.40; // down; up it may be this many times as much, since
inline constexpr double foodAcidMost = 3.0;    // handbooks often give more acid than the table

// Figures carry the table's row as their source. A fat or oil has the SV of the catalogue's oil it
// is mapped to; one without a mapping has none, and no formula takes it until its SV is typed. Fat
// of milk, egg, nuts and the like counts with the usual SV of its kind; the least of it is what is
// surely there: a thin tin of a plant milk, nothing of a seed, meal or powder that lye may not
// reach. A few tenths of a per cent in fruit and leaves are left with the solids. Where no acid is
// mapped the titratable acidity is 0 to x with typical 0, x the smaller of the group's usual most
// and what the carbohydrate leaves room for; its source says "not known".
Material materialFromFood(const FoodRow& row);

MaterialKind kindOfFoodGroup(const std::string& group);

} // namespace rhexion
