// What was really weighed in place of what was planned: what that does to superfat and strength,
// and how to mend it in grams.
#pragma once

#include "core/makeday/plan.h"

#include <variant>
#include <vector>

namespace rhexion {

struct Weighed {
    WeighTarget target;
    double grams = 0.0; // 0 to Mass::largestGrams
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
    Formula formula;              // every amount in grams, hydroxide fixed: what is in the bowl
    Reckoning reckoning;          // of that formula
    double superfatPlanned = 0.0; // true superfat of the plan
    double strengthPlanned = 0.0;
    std::vector<DayMend> mends; // the easiest first; empty when within tolerance
};

// Differences smaller than these need no mend: a kitchen scale and a spoon do no better.
inline constexpr double superfatTolerance = 0.003;
inline constexpr double strengthTolerance = 0.005;

// Things not yet weighed count as planned. latest is what was weighed last, whose surplus can still
// be taken out. A refusal means that what is in the bowl cannot be summed (all the oil missing).
std::variant<AsWeighed, Refusal> reckonAsWeighed(const Formula& plan, const Reckoning& planned,
                                                 const std::vector<Weighed>& weighed,
                                                 WeighTarget latest,
                                                 const std::vector<TopUp>& topUps = {});

} // namespace rhexion
