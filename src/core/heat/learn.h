// What a maker's own readings say about jug and mould. docs/heat.md, "The sums in short".
#pragma once

#include "core/heat/mould_run.h"

#include <vector>

namespace rhexion::heat {

// By how many times the heat of solution reads high or low: peaks read and reckoned, and the
// temperature before the lye went in. Near 1 where the rise is too small to tell.
struct JugLearnt {
    double times = 1.0;
    double sd = 0.08;
};
JugLearnt learnJug(double before, double peakRead, double peakReckoned);

struct CoreReading {
    double hour = 0.0;
    double celsius = 0.0; // of the core
};
struct MouldLearnt {
    Knobs knobs;
    double lnRateSd = 0.0;
    double lnLossSd = 0.0;
};
struct MouldPrior {
    double lnRate = 0.0;
    double lnRateSd = 0.7;
    double lnLoss = 0.0;
    double lnLossSd = 0.3;
};
// Readings in time order, one at least. A coarse grid: about 30 runs. Nothing if cancelled.
OrCannot<std::optional<MouldLearnt>> fitMould(const Batter& batter, const MouldSetup& setup,
                                              double pouredAt, TraceStage trace,
                                              const std::vector<CoreReading>& readings,
                                              const MouldPrior& prior = {},
                                              const std::function<bool()>& cancelled = {});

// The next prior from what was learnt: mean of the logarithms, and a spread that one odd batch
// cannot make small.
struct Learnt {
    double ln = 0.0;
    double sd = 0.0;
    int batches = 0;
};
Learnt together(const std::vector<double>& logarithms, double leastSd = 0.25);

} // namespace rhexion::heat
