// What the readings of batches made say of the forecasts: rate of a formula, loss of a mould under
// its cover, a jug's heat and how jug and pot cool. docs/heat.md, learning.
#pragma once

#include "core/batch/fold.h"

#include <functional>
#include <span>

namespace rhexion {

struct HeatLog {         // of one batch; what its readings do not say is absent
    std::string formula; // its name
    MouldWall wall = MouldWall::Wood;
    MouldCover cover = MouldCover::Towel;
    std::optional<double> lnRate;
    std::optional<double> lnLoss;
    std::optional<double> jugTimes;
    std::optional<double> lnJugRate;
    std::optional<double> lnPotRate;
};

// Nothing where it has no readings that say anything, or where it was cancelled.
std::optional<HeatLog> heatLogOf(const Batch& batch, const HeatPlan& usual,
                                 const std::function<bool()>& cancelled = {});

struct HeatKnown {
    heat::LearntHeat learnt;
    int ofRate = 0; // how many batches each rests on
    int ofLoss = 0;
    int ofJug = 0;
    int ofCooling = 0;
    bool any() const { return ofRate + ofLoss + ofJug + ofCooling > 0; }
};
// For a formula and its plan: rate by its name, loss by wall and first cover, the rest by all.
HeatKnown heatKnownFor(const Formula& formula, const HeatPlan& plan, std::span<const HeatLog> logs);

} // namespace rhexion
