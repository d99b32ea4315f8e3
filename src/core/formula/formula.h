// A formula: what the maker designs. Lines of materials with amounts as stated, the vessel each
// goes into, how lye and liquid are stated. Plain data; amounts/solve.h checks and solves it.
#pragma once

#include "core/formula/caution_code.h"
#include "core/formula/day_way.h"
#include "core/formula/heat_plan.h"
#include "core/formula/mould.h"
#include "core/materials/material.h"
#include "core/units/quantity.h"

#include <array>
#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace rhexion {

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
// without a density 1.03 g/ml, oils 0.92: common practice, no source). A cup of a powder is 16
// tablespoons of it; nothing for powders that nobody has weighed.
std::optional<double> gramsPer(AmountUnit unit, const Material& material);
// The mass of an amount stated as a mass or in a measure.
std::optional<Mass> massOf(const StatedAmount& amount, const Material& material);
// "1 tsp per pound of oils" as a per cent of the oils.
std::optional<StatedAmount> perOils(const StatedAmount& amount, Mass oils,
                                    const Material& material);

// Keeps its number for the life of the formula, so that edits and undo name lines, not places.
using LineId = std::uint32_t;
// PortionId, in mould.h, does the same for portions of a split batter; 0 is all of it.

struct Line {
    LineId id = 0;
    MaterialPtr material;
    Vessel vessel = Vessel::OilPot;
    StatedAmount amount;
    bool frozen = false;
    bool allWater = false; // count all its weight as water in the water account
    bool locked = false;   // its amount stays: no edit, no mend, no scaling
    PortionId portion = 0; // of a split batter; see portionOf()
    double solvent = 0.0;  // g of the make-up liquid set aside per g of it; 0 to 20
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

// The shares of each hydroxide, 0 to 1, that are dissolved in the second jug.
struct SecondJug {
    double sodium = 0.0;
    double potassium = 0.0;
    friend bool operator==(const SecondJug&, const SecondJug&) = default;
};

struct LyeSettings {
    MaterialPtr sodium;
    MaterialPtr potassium;
    // Fraction, within the range below; below 0 leaves lye.
    double superfat = 0.05;
    static constexpr double leastSuperfat = -0.5;
    static constexpr double mostSuperfat = 0.9999;
    double potassiumShare = 0.0; // 0 to 1, of what the convention says
    SplitConvention split = SplitConvention::Moles;
    HiddenFatSchool hiddenFat = HiddenFatSchool::Surely;
    SuperfatBasis basis = SuperfatBasis::AllFat;
    std::optional<FixedHydroxide> fixed; // weighed already: superfat becomes the result
    std::optional<SecondJug> secondJug;
    bool asksForLyeLeft() const { return !fixed && superfat < 0.0; }
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

// Oil taken out of the melted oils for a portion, to come back at trace.
struct HeldOil {
    LineId line = 0; // an oil in the pot; 0: the oils as they are mixed
    // A mass, a measure, or a per cent of the portion's oils.
    StatedAmount amount;
    friend bool operator==(const HeldOil&, const HeldOil&) = default;
};

struct Portion {
    PortionId id = 0;
    std::string name;
    double parts = 1.0; // above 0, to 1000
    std::string mould;  // its name, where no real one is chosen (Formula::moulds)
    std::optional<HeldOil> held;
    friend bool operator==(const Portion&, const Portion&) = default;
};

// How warm jug and pot are when they are joined.
struct Mixing {
    Temperature at = Temperature::celsius(38.0); // -10 to 130 C
    double within = 6.0;                         // C of difference, 0 to 60
    friend bool operator==(const Mixing&, const Mixing&) = default;
};

// A batch this one is like but for one change, so that the cause of a difference can be told.
struct PairOf {
    std::string batch;  // its id
    std::string change; // in words
    friend bool operator==(const PairOf&, const PairOf&) = default;
};

struct Formula {
    std::string name;
    std::string maker;
    std::string notes;
    std::vector<Line> lines;
    LyeSettings lye;
    LiquidSettings liquid;
    Mixing mixing;
    std::vector<Portion> portions; // none: the batter is not split
    std::vector<MouldUse> moulds;  // in the order they are filled
    Cutting cutting;
    Handling handling;
    std::optional<HeatPlan> heat;           // nothing: the maker's usual one
    DayWay way;                             // how the maker goes through the day
    std::optional<PairOf> pair;             // made to be compared with a batch
    std::vector<Acknowledged> acknowledged; // cautions that are not to be said of it again
    Mass oilsTotal;                         // used only when every oil is a per cent of oils
    LineId lastId = 0;                      // of lines and portions

    const Portion* portion(PortionId id) const;
    bool usesSecondJug() const; // lye or a line is in it
    bool cooks() const;         // something goes in after a cook
    // The portion a line goes into; 0 for all of the batter, as in a jug or the pot.
    PortionId portionOf(const Line& line) const;
    const Line* find(LineId id) const;
    Line* find(LineId id);
    const Line* makeUp() const; // the first line stated as the rest
    LineId newId() { return ++lastId; }
    friend bool operator==(const Formula&, const Formula&);
};

const char* codeOf(AmountUnit unit);
std::optional<AmountUnit> amountUnitFromCode(const std::string& code);

} // namespace rhexion
