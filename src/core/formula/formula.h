// A formula: what the maker designs. Lines of materials with amounts as stated, the vessel each
// goes into, how lye and liquid are stated. Plain data; reckoning/reckon.h checks and sums it.
#pragma once

#include "core/materials/material.h"
#include "core/units/quantity.h"

#include <array>
#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace rhexion {

enum class Vessel { LyeJug, OilPot, Emulsion, Trace, AfterCook, Top };
inline constexpr std::array allVessels{Vessel::LyeJug, Vessel::OilPot,    Vessel::Emulsion,
                                       Vessel::Trace,  Vessel::AfterCook, Vessel::Top};

enum class AmountUnit {
    Gram,
    Kilogram,
    Ounce,
    Pound,
    PercentOfOils,
    PercentOfBatter, // share of everything in the pot; not for oils
    Rest,            // the make-up liquid: whatever water is still wanted; value unused
    Millilitre,
    FluidOunce, // US, 29.5735 ml: a volume, never to be read as a weight
    Teaspoon,   // level
    TeaspoonHeaped,
    Tablespoon,
    TablespoonHeaped,
    Cup,
    Drop,
    Piece,          // an egg, a yolk
    PercentOfLiquid // of the mass of the make-up liquid
};
// Whether the unit is a measure whose weight depends on what is in it.
bool isMeasured(AmountUnit unit);

struct StatedAmount {
    double value = 0.0; // in the unit; percent as 3 for 3 %
    AmountUnit unit = AmountUnit::Gram;
    friend bool operator==(const StatedAmount&, const StatedAmount&) = default;
};

// The mass of an amount stated as a mass; nothing for shares and the rest.
std::optional<Mass> statedMass(const StatedAmount& amount);
StatedAmount statedIn(Mass mass, AmountUnit unit);
// g that one such measure of the material weighs: as weighed or as its table says; else by volume
// and density (teaspoon 5 ml, tablespoon 15, cup 240, drop 0.05; heaped half as much again; liquids
// without a density 1.03 g/ml, oils 0.92: common practice, no source). Nothing for powders that
// nobody has weighed.
std::optional<double> gramsPer(AmountUnit unit, const Material& material);
// The mass of an amount stated as a mass or in a measure.
std::optional<Mass> massOf(const StatedAmount& amount, const Material& material);
// "1 tsp per pound of oils" as a per cent of the oils.
std::optional<StatedAmount> perOils(const StatedAmount& amount, Mass oils,
                                    const Material& material);

// Keeps its number for the life of the formula, so that edits and undo name lines, not places.
using LineId = std::uint32_t;

struct Line {
    LineId id = 0;
    MaterialPtr material;
    Vessel vessel = Vessel::OilPot;
    StatedAmount amount;
    bool frozen = false;
    bool allWater = false; // count all its weight as water in the water account
    friend bool operator==(const Line&, const Line&);
};

// What "40 % KOH" is 40 % of.
enum class SplitConvention { Moles, PureWeight, WeighedWeight };
// How hidden fat counts: left out, what is surely there, typical.
enum class HiddenFatSchool { Ignore, Surely, Typical };
// Whether oil added after the cook is counted when superfat is set.
enum class SuperfatBasis { AllFat, CookedFat };
enum class StrengthConvention {
    PureAndAllWater,       // pure hydroxide; every source of water counts
    WeighedWithoutImpurity // hydroxide as weighed; its impurity is not water
};

struct FixedHydroxide {
    Mass sodium;    // as weighed
    Mass potassium; // as weighed
    friend bool operator==(const FixedHydroxide&, const FixedHydroxide&) = default;
};

struct LyeSettings {
    MaterialPtr sodium;
    MaterialPtr potassium;
    double superfat = 0.05;      // fraction, below 1; below 0 leaves lye
    double potassiumShare = 0.0; // 0 to 1, of what the convention says
    SplitConvention split = SplitConvention::Moles;
    HiddenFatSchool hiddenFat = HiddenFatSchool::Surely;
    SuperfatBasis basis = SuperfatBasis::AllFat;
    std::optional<FixedHydroxide> fixed; // weighed already: superfat becomes the result
    friend bool operator==(const LyeSettings&, const LyeSettings&);
};

enum class LiquidStatement {
    Strength,      // value = c, hydroxide / (hydroxide + water)
    Ratio,         // value = water / hydroxide
    PercentOfOils, // value = fraction of the mass of oils
    LessThanUsual  // value = fraction less water than usualRatio
};

struct LiquidSettings {
    LiquidStatement how = LiquidStatement::Strength;
    double value = 1.0 / 3.0;
    double usualRatio = 38.0 / 13.5; // water / hydroxide the maker is used to
    StrengthConvention convention = StrengthConvention::PureAndAllWater;
    // A strong jug: g of water per g of pure hydroxide, impurity water included, in the jug alone.
    std::optional<double> jugRatio;
    Temperature jugCoolest = Temperature::celsius(20.0); // -20 to 100 C
    friend bool operator==(const LiquidSettings&, const LiquidSettings&) = default;
};

struct Formula {
    std::string name;
    std::string maker;
    std::string notes;
    std::vector<Line> lines;
    LyeSettings lye;
    LiquidSettings liquid;
    Mass oilsTotal; // used only when every oil is a per cent of oils
    LineId lastId = 0;

    const Line* find(LineId id) const;
    Line* find(LineId id);
    const Line* makeUp() const; // the first line stated as the rest
    LineId newId() { return ++lastId; }
    friend bool operator==(const Formula&, const Formula&);
};

const char* codeOf(Vessel vessel);
std::optional<Vessel> vesselFromCode(const std::string& code);
const char* codeOf(AmountUnit unit);
std::optional<AmountUnit> amountUnitFromCode(const std::string& code);

} // namespace rhexion
