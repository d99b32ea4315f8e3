// How dense a batter is when it is poured: volumes of oils, lye and the rest add up, less what air
// is beaten in. Every figure is a row with its source.
#pragma once

#include "core/account/account.h"
#include "core/units/cannot.h"

#include <array>
#include <string_view>

namespace rhexion {

// What besides oils and lye takes room in a batter.
enum class BatterPart {
    Sugar,
    SaltDissolved,
    SaltGrains,
    AcidSalt, // acids and other salts
    MilkSolids,
    Protein,
    Clay, // clays, colours and other minerals
    PlantSolids,
    Glycerol,
    Alcohol,
    Scent, // of no known density
    MilkFat
};

struct SpecificVolume { // ml per g
    BatterPart part;
    std::string_view code;
    double low;
    double typical;
    double high;
    std::string_view source;
};
const SpecificVolume& specificVolumeOf(BatterPart part);

struct BatterOil {
    double grams = 0.0;
    Interval density = Interval::exactly(0.92); // g/ml, as listed
    bool hard = false;                          // listed at 40 C, melted; others at 20 C
};

struct Batter {
    std::vector<BatterOil> oils;
    std::vector<BatterOil> scents;                     // of known density
    double hydroxide = 0.0;                            // g, pure
    double water = 0.0;                                // g, of every source
    double potassiumShare = 0.0;                       // of the pure hydroxide, by mass
    std::array<double, countOf<BatterPart>()> parts{}; // g

    double& operator[](BatterPart part) { return parts[static_cast<std::size_t>(part)]; }
    double grams() const;
};

// Density of a lye, g/ml: strength 0 to 0.5, share of potassium hydroxide by pure mass, 0 to 90 C.
// Perry's Chemical Engineers' Handbook 7th ed. and CRC Handbook, from memory; specific volumes of
// two hydroxides are mixed (common practice).
OrCannot<double> lyeDensity(double strength, double potassiumShare, double celsius);

// g/ml at a temperature, 0 to 90 C.
OrCannot<Interval> batterDensity(const Batter& batter, double celsius);

// The whole batter of a formula as it is poured, or what one vessel holds.
Batter batterAtPouring(const Formula& formula, const Account& account);
Batter batterIn(const Formula& formula, const Account& account, Vessel vessel);

} // namespace rhexion
