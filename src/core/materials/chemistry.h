// The fixed chemistry: atomic weights, molar masses, acids with their protons, solubilities.
// Every number here has its source in constantSource() or in the acid's own row.
#pragma once

#include "core/units/quantity.h"

#include <array>
#include <optional>
#include <span>
#include <string_view>

namespace rhexion {

// Atomic weights, g/mol: Blue Obelisk Data Repository 10 (elements.xml).
namespace atomic {
inline constexpr double hydrogen = 1.008;
inline constexpr double carbon = 12.011;
inline constexpr double oxygen = 15.999;
inline constexpr double sodium = 22.98976928;
inline constexpr double potassium = 39.0983;
inline constexpr double chlorine = 35.45;
inline constexpr double nitrogen = 14.007;
inline constexpr double phosphorus = 30.973762;
inline constexpr double boron = 10.81;
} // namespace atomic

// Molar masses, g/mol, from the atomic weights above.
inline constexpr double molarMassSodiumHydroxide =
    atomic::sodium + atomic::oxygen + atomic::hydrogen;
inline constexpr double molarMassPotassiumHydroxide =
    atomic::potassium + atomic::oxygen + atomic::hydrogen;
inline constexpr double molarMassWater = 2 * atomic::hydrogen + atomic::oxygen;

// mg KOH per mmol by which a saponification or acid value is divided. Source: definition of the
// saponification value (ISO 3657 in principle) with the molar mass of KOH as printed in standards.
inline constexpr double mgPotassiumHydroxidePerMillimole = 56.1056;

// The pH at which neutralisation counts as done: a soap batter is more alkaline than this.
inline constexpr double batterPh = 10.0;

// Acids, and salts that still take lye (cream of tartar, bicarbonate, disodium EDTA).
enum class Acid {
    Citric,
    Lactic,
    Acetic,
    Malic,
    Tartaric,
    Oxalic,
    Ascorbic,
    Succinic,
    Fumaric,
    Quinic,
    Glycolic,
    Gluconic,
    Gluconolactone, // opens to gluconic acid in water
    Salicylic,
    Benzoic,
    Sorbic,
    Phosphoric,
    Boric,
    Bitartrate,
    Bicarbonate,
    DisodiumEdta
};

struct AcidFacts {
    Acid acid;
    std::string_view code; // the word in files
    int carbons;
    int hydrogens;
    int oxygens;
    // Protons that a batter at pH 10 can take, by pKa at 25 C. Source: CRC Handbook of Chemistry
    // and Physics, dissociation constants of organic acids, from memory. Unused places hold 0.
    std::array<double, 3> pKa;
    int protons;
    double otherAtoms = 0.0; // g/mol of whatever is not C, H or O

    constexpr double molarMass() const
    {
        return carbons * atomic::carbon + hydrogens * atomic::hydrogen + oxygens * atomic::oxygen +
               otherAtoms;
    }
};

// Citric acid in its monohydrate, by the molar masses.
double citricMonohydrateShare();
std::span<const AcidFacts> allAcids();
const AcidFacts& factsOf(Acid acid);
std::optional<Acid> acidFromCode(std::string_view code);

// Protons given up per molecule at a pH: z = sum over protons of 1 / (1 + 10^(pKa - pH)).
double protonsGivenUp(const AcidFacts& acid, double ph);

// Hydroxide per mol of the acid on its way to the batter. In a food part of the acid is already
// salt, so with a known pH only the rest counts; never below 0. Bicarbonate takes its one proton's
// worth while hydroxide remains.
double hydroxidePerMol(const AcidFacts& acid, std::optional<double> foodPh);
// The least it takes: the same but for bicarbonate, which at the batter's pH stops at a third.
double leastHydroxidePerMol(const AcidFacts& acid, std::optional<double> foodPh);

// g of hydroxide that dissolve in 1 g of water at a temperature in C. NaOH 0.42 at 0, 0.52 at 10,
// 1.09 at 20; KOH 0.96, 1.03, 1.12 (CRC Handbook, solubilities, from memory). Between points a
// straight line; above 20 C the 20 C figure is kept, since a jug cools again.
double sodiumHydroxideSolubility(Temperature at);
double potassiumHydroxideSolubility(Temperature at);

} // namespace rhexion
