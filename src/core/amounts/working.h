// The working of a reckoning as structure: ordered sums with their terms, so that screen, print and
// command line show the same lines. Words and formats are made at the edge (src/words).
#pragma once

#include "core/materials/chemistry.h"

#include <cstdint>
#include <initializer_list>
#include <span>
#include <vector>

namespace rhexion {

// Which sum a step is. The comment gives the sum; its terms come in that order.
enum class Rule : std::uint8_t {
    OilsTotal,           // oils = grams / (1 - shares)
    ShareOfOils,         // mass = share * oils
    FatDemand,           // mass * fat * SV / (1000 * 56.1056)
    HiddenFatDemand,     // mass * fat counted * SV / (1000 * 56.1056)
    AcidDemand,          // mass * share / M * z
    TitratedDemand,      // mass * mmol per 100 g / 100000
    FixedDemand,         // (1 - superfat) * (oils + hidden fat) + acids, before the make-up
    PotassiumMoleShare,  // share of the hydroxide, in moles
    PurePerMole,         // L
    WeighedPerMole,      // O
    WaterPerMole,        // e
    WaterWantedRatio,    // r, g per g of hydroxide
    WaterWantedOils,     // share * oils
    LineWater,           // mass * water
    FixedWater,          // sum of the lines' water
    MakeUpAlkali,        // b = (1 - superfat) * fat + acid, mol per g of make-up
    MakeUp,              // (R n0 + W0 - w0) / (w - R b)
    MakeUpShares,        // the same with shares of the batter: from two equations
    BatterShare,         // mass = share * batter
    HydroxideTotal,      // n = n0 + b x
    HydroxideFixed,      // n = weighed * purity / M, summed
    SodiumPure,          // n * (1 - y) * M
    SodiumWeighed,       // pure / purity
    PotassiumPure,       // n * y * M
    PotassiumWeighed,    // pure / purity
    JugWater,            // t * pure - water the hydroxide brings
    WaterWanted,         // ratio * pure, or share of oils
    WaterPresent,        // sum of every source
    BatterMass,          // sum of every mass
    Strength,            // pure / (pure + water)
    StrengthAsWeighed,   // weighed / (weighed + water without impurity)
    JugStrength,         // pure / (pure + water in the jug)
    SuperfatOnOils,      // 1 - (n - acids) / oils
    SuperfatTrue,        // 1 - (n - acids) / (oils + hidden fat, typical)
    NeutralisationWater, // (acid + free fatty acid) * 18.015
    // Kitchen measurements (core/measuring).
    DryDownWater,     // (wet - dry) / (wet - dish)
    BrixCorrected,    // reading + correction at a temperature
    BrixWater,        // 1 - soluble - insoluble
    SugarDensity,     // of a sucrose solution at that many degrees Brix
    SolutionStrength, // g * purity / M / ml * 1000
    TitrationRun,     // 100 c V / m
    RunsMean,
    RunsSpread,   // standard deviation
    CupVolume,    // (with water - empty) / density of water
    CupDensity,   // (with material - empty) / volume
    EachWeight,   // (together - dish) / count
    PurityRun,    // citric * share / M * 3 * M of the hydroxide / hydroxide weighed
    MixtureWater, // (water - (together - end)) / end
    // Amounts in makers' terms.
    MeasuredMass,  // count * g of one
    ShareOfLiquid, // share * make-up
    // Two jugs, liquid set aside, a split batter (docs/portions.md).
    SecondJugSodium,    // share * weighed
    SecondJugPotassium, // share * weighed
    SecondJugStrength,  // pure / (pure + water in it)
    SolventSetAside,    // g per g * mass
    PortionHeld,        // oil set aside: stated, or share * share of the batter * oils
    PortionBatter,      // share * common + held + own
    PortionSuperfat,    // 1 - (share * n - acids) / fat
    PortionSalt,        // salt / oils
    PortionScent,       // scent / oils
    SuperfatWhileHeld,  // 1 - (n - acids) / fat in the pot
    GivenHydroxide      // mass * share / M: hydroxide a material holds itself
};

enum class TermName : std::uint8_t {
    Mass,
    Share,
    Oils,
    FatShare,
    Sv,
    SvDivisor,
    AcidShare,
    MolarMass,
    Protons,
    Titratable,
    Superfat,
    OilsAlkali,
    HiddenFatAlkali,
    AcidAlkali,
    PotassiumShare,
    Purity,
    WaterShare,
    Ratio,
    Strength,
    Water,
    WantedWater,
    FixedWater,
    Coefficient,
    PureMass,
    WeighedMass,
    Moles,
    Batter,
    FreeFattyAcid,
    WaterMolarMass,
    UsualRatio,
    ImpurityWater,
    Count,
    Brix,
    Correction,
    Temperature,
    Concentration,
    Volume,
    Density,
    Fat, // alkali all fat could take
    Held,
    Own,
    Salt,
    Scent,
    GivenAlkali // mol of hydroxide that materials hold themselves
};

enum class Unit : std::uint8_t {
    Number,
    Percent,
    Gram,
    Mole,
    GramPerMole,
    MgPerGram,
    MillimolePer100Gram,
    GramPerGram,
    MolePerGram,
    Brix,
    Celsius,
    MolePerLitre,
    Millilitre,
    GramPerMl
};

struct Term {
    TermName name;
    Unit unit;
    double value; // percent terms hold the fraction
};

inline constexpr std::int16_t noLine = -1;
inline constexpr std::int8_t noAcid = -1;
inline constexpr std::int8_t noPortion = -1;

struct Step {
    Rule rule;
    Unit unit;
    std::int8_t acid; // Acid as a number, or noAcid
    std::uint8_t termCount;
    std::int16_t line; // place in Formula::lines, or noLine
    std::uint32_t firstTerm;
    double result;
    std::int8_t portion = noPortion; // place in Formula::portions, or noPortion
};

class Working {
public:
    void reserve(std::size_t steps)
    {
        steps_.reserve(steps);
        terms_.reserve(steps * 4);
    }
    void add(Rule rule, std::initializer_list<Term> terms, double result, Unit unit,
             std::int16_t line = noLine, std::int8_t acid = noAcid, std::int8_t portion = noPortion)
    {
        steps_.push_back({rule, unit, acid, static_cast<std::uint8_t>(terms.size()), line,
                          static_cast<std::uint32_t>(terms_.size()), result, portion});
        terms_.insert(terms_.end(), terms.begin(), terms.end());
    }
    // Another working after this one.
    void append(const Working& other)
    {
        const auto shift = static_cast<std::uint32_t>(terms_.size());
        for (Step step : other.steps_) {
            step.firstTerm += shift;
            steps_.push_back(step);
        }
        terms_.insert(terms_.end(), other.terms_.begin(), other.terms_.end());
    }
    std::span<const Step> steps() const { return steps_; }
    std::span<const Term> terms(const Step& step) const
    {
        return std::span(terms_).subspan(step.firstTerm, step.termCount);
    }

private:
    std::vector<Step> steps_;
    std::vector<Term> terms_;
};

} // namespace rhexion
