// What was really weighed in place of what was planned: what that does to superfat and strength,
// and how to mend it in grams.
#pragma once

#include "core/makeday/plan.h"

#include <vector>

namespace rhexion {

// Where the figure of a weighing comes from; the journal keeps it.
enum class WeighOrigin { Typed, AsPlanned };

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

enum class DayMendKind {
    TakeOut,      // of what was just weighed, while it still lies on top
    AddMore,      // of what was just weighed
    AddOil,       // soaks up lye that is too much
    AddHydroxide, // dissolved first in its own water
    AddWater      // to bring the strength back
};

struct DayMend {
    DayMendKind kind;
    WeighTarget target; // what to take out or add
    double grams = 0.0;
    double withWaterGrams = 0.0; // for AddHydroxide: water to dissolve it in
};

struct AsWeighed {
    // The plan with every amount in grams as weighed, hydroxide fixed, and what went in beside it;
    // the make-up liquid keeps its place as the rest.
    Formula formula;
    Amounts amounts;                       // what is in the bowl
    Reckoning reckoning;                   // the account of those grams
    std::optional<double> superfatPlanned; // true superfat of the plan
    double strengthPlanned = 0.0;
    std::vector<DayMend> mends; // the easiest first; empty when within tolerance
};

// Differences smaller than these need no mend: a kitchen scale and a spoon do no better.
inline constexpr double superfatTolerance = 0.003;
inline constexpr double strengthTolerance = 0.005;

// Things not yet weighed count as planned. latest is what was weighed last, whose surplus can still
// be taken out. What is weighed is always accounted: lye without fat is lye heavy, not refused.
AsWeighed reckonAsWeighed(const Formula& plan, const Reckoning& planned,
                          const std::vector<Weighed>& weighed, WeighTarget latest,
                          const std::vector<TopUp>& topUps = {});

} // namespace rhexion
