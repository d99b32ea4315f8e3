// What was really weighed in place of what was planned: what that does to superfat and strength,
// and how to mend it in grams.
#pragma once

#include "core/makeday/plan.h"

#include <vector>

namespace rhexion {

// Where the figure of a weighing comes from; the journal keeps it.
enum class WeighOrigin { Typed, AsPlanned, Scale };
const char* codeOf(WeighOrigin origin);
std::optional<WeighOrigin> weighOriginFromCode(const std::string& code);

struct Weighed {
    WeighTarget target;
    double grams = 0.0; // 0 to Mass::largestGrams
    WeighOrigin origin = WeighOrigin::Typed;
};

// What went in beside the plan: "added a splash of 12 g".
struct TopUp {
    MaterialPtr material; // no hydroxide
    Vessel vessel = Vessel::Trace;
    double grams = 0.0; // 0 to Mass::largestGrams
};

// Another material in a line's place, as many grams of it as are weighed there.
struct Substitute {
    LineId line = 0;
    MaterialPtr material; // no hydroxide
};
Formula withSubstitutes(Formula formula, const std::vector<Substitute>& substitutes);

enum class DayMendKind {
    TakeOut,      // of what was just weighed, while it still lies on top
    AddMore,      // of what was just weighed
    AddOil,       // soaks up lye that is too much
    AddHydroxide, // dissolved first in its own water
    AddWater,     // to bring the strength back
    WeighLess     // of what is not weighed yet
};

struct DayMend {
    DayMendKind kind;
    WeighTarget target; // what to take out or add
    double grams = 0.0;
    double withWaterGrams = 0.0; // for AddHydroxide: water to dissolve it in
};

// How far the batter is, for what can still be mended.
enum class BatterStage {
    Apart,    // lye and oils are not together yet
    Emulsion, // joined, and thin: up to light trace
    Trace,    // past light trace
    Cooked,   // the cook is over, not poured yet
    Poured    // in the mould
};

// What a bar will be like that is left as it is.
enum class DayOutlook {
    LyeHeavy, // more lye than fat takes
    Sharp,    // hardly any superfat
    Leaner,   // less superfat than meant, and enough
    Mild,     // more superfat than meant, and fine
    Greasy,   // far more
    Wetter,
    Drier
};

struct AsWeighed {
    // The plan with every amount in grams as weighed, hydroxide fixed, and what went in beside it;
    // the make-up liquid keeps its place as the rest.
    Formula formula;
    Amounts amounts;                       // what is in the bowl
    Reckoning reckoning;                   // the account of those grams
    std::optional<double> superfatPlanned; // true superfat of the plan
    double strengthPlanned = 0.0;
    BatterStage stage = BatterStage::Apart;
    // Those that fit the stage (mend_stage.h), the easiest first; empty when within tolerance.
    std::vector<DayMend> mends;
    std::vector<DayOutlook> outlooks; // where no mend fits what is off
};

// Differences smaller than these need no mend: a kitchen scale and a spoon do no better.
inline constexpr double superfatTolerance = 0.003;
inline constexpr double strengthTolerance = 0.005;

// What happened at the scale so far.
struct DayFacts {
    std::vector<Weighed> weighed; // the last word on a target counts
    std::vector<TopUp> topUps;
    std::vector<Substitute> substitutes;
};

// The plan with the weighings put in; things not weighed count as planned.
struct Bowl {
    Formula formula;
    Amounts amounts;
};
Bowl bowlOf(const Formula& plan, const Reckoning& planned, const DayFacts& facts);

// Things not yet weighed count as planned. latest is what was weighed last, whose surplus can still
// be taken out. What is weighed is always accounted: lye without fat is lye heavy, not refused.
AsWeighed reckonAsWeighed(const Formula& plan, const Reckoning& planned, const DayFacts& facts,
                          WeighTarget latest, BatterStage stage = BatterStage::Apart);
// What is in the bowl once a mend is done.
DayFacts after(const DayMend& mend, const Formula& plan, const Reckoning& planned, DayFacts facts);

} // namespace rhexion
