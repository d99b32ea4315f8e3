// The day as data: what to weigh and do, in order, from a formula and its reckoning.
#pragma once

#include "core/reckoning/reckon.h"

#include <vector>

namespace rhexion {

enum class DayStepKind {
    Prepare,       // goggles, gloves, air, nobody underfoot
    WeighLine,     // a line into its vessel
    WeighJugWater, // the strong jug's water
    WeighSodium,
    WeighPotassium,
    DissolveFirst, // acid, sugar, salt into the jug's liquid before any hydroxide
    LyeIntoLiquid,
    MeltOils,
    Combine,
    Emulsion,
    Trace,
    Cook,
    AfterCook,
    Pour,
    Top
};

// Names one thing that is weighed: a line, or one of the three that are not lines.
struct WeighTarget {
    enum class What { None, Line, JugWater, Sodium, Potassium };
    What what = What::None;
    LineId line = 0;
    friend bool operator==(const WeighTarget&, const WeighTarget&) = default;
};

struct DayStep {
    DayStepKind kind;
    WeighTarget target; // None for steps where nothing is weighed
    Vessel vessel = Vessel::LyeJug;
    double plannedGrams = 0.0;
};

struct DayPlan {
    std::vector<DayStep> steps;
};

// Lye always goes into liquid, never the reverse; acids and sugars dissolve before it.
DayPlan planDay(const Formula& formula, const Reckoning& reckoning);

} // namespace rhexion
