// The day as data: what to weigh and do, in order, from a formula and its reckoning.
#pragma once

#include "core/advice/reckon.h"

#include <vector>

namespace rhexion {

enum class DayStepKind {
    Prepare,       // goggles, gloves, air, nobody underfoot
    WeighLine,     // a line into its vessel
    WeighSolvent,  // of the make-up liquid, to dissolve a line in
    DissolveLine,  // that line, in it
    WeighJugWater, // the strong jug's water
    WeighSodium,
    WeighPotassium,
    DissolveFirst, // acid, sugar, salt into the jug's liquid before any hydroxide
    LyeIntoLiquid,
    MeltOils,
    SetOilAside, // for a portion, out of the melted oils
    Combine,
    Emulsion,
    Trace,
    Divide,      // the batter into its portions
    PortionBack, // a portion's set-aside oil and its own things into it
    Cook,
    AfterCook,
    Pour,
    Top
};

// Names one thing that is weighed: a line, or what is not a line.
struct WeighTarget {
    enum class What {
        None,
        Line,
        JugWater,
        Sodium, // into the lye jug
        Potassium,
        SodiumSecond, // into the second jug
        PotassiumSecond,
        HeldOil, // line: the portion it is for
        Solvent  // line: the one to dissolve in it
    };
    What what = What::None;
    LineId line = 0;
    friend bool operator==(const WeighTarget&, const WeighTarget&) = default;
};

struct DayStep {
    DayStepKind kind;
    WeighTarget target; // None for steps where nothing is weighed
    Vessel vessel = Vessel::LyeJug;
    double plannedGrams = 0.0;
    PortionId portion = 0; // the one it is for, or 0
};

struct DayPlan {
    std::vector<DayStep> steps;
};

// g the plan has for the target; 0 for one it does not know.
double plannedGrams(const WeighTarget& target, const Formula& formula, const Reckoning& reckoning);

// Whether liquid set aside for the line is weighed apart: not where both stand in the same jug.
bool solventApart(const Formula& formula, const Line& line);

// Lye always goes into liquid, never the reverse; acids and sugars dissolve before it.
DayPlan planDay(const Formula& formula, const Reckoning& reckoning);

} // namespace rhexion
