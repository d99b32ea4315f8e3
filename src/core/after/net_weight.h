// Net weight on a label. Average system: Council Directive 76/211/EEC, annex I (from memory);
// minimum system: none below.
#pragma once

#include "core/units/cannot.h"

#include <span>

namespace rhexion {

// g below nominal that one pack may lack; 5 g to 10 kg.
OrCannot<double> tolerableError(double nominal);

enum class WeightVerdict { MinimumMet, AverageMet, NotMet };
const char* codeOf(WeightVerdict verdict);
struct WeightCheck {
    WeightVerdict verdict = WeightVerdict::NotMet;
    double mean = 0.0;
    double least = 0.0;
    double tolerable = 0.0;
    int weighed = 0;
    int low = 0;  // lighter by more than the tolerable error
    int very = 0; // by more than twice that
};
OrCannot<WeightCheck> checkWeights(std::span<const double> grams, double nominal);

// mm that the digits of the net weight are high at least: 76/211/EEC, annex I, 3.1 (from memory).
double digitHeight(double nominal);

// Proposed: the low bound of what a bar settles to, rounded down to 5 g.
double nominalFor(double settledLow, double step = 5.0);

} // namespace rhexion
