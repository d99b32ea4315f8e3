// The settling curve through the weights of a bar: m(t) = end + A g(t / tau). Weights on a grid of
// tau, end and A in closed form, with priors from what is dry in the bar. docs/after.md, reference
// cases: tests/data/cure_cases.csv.
#pragma once

#include "core/units/cannot.h"
#include "core/units/quantity.h"

#include <span>
#include <vector>

namespace rhexion {

struct DayWeight {
    double day = 0.0;   // since the first of the series; in order
    double grams = 0.0; // of one bar
};

struct CureSeries {
    std::vector<DayWeight> weights;
    double dry = 0.0;       // g of one bar that are not water
    double tauDays = 14.0;  // of a bar of this size, typical
    double stepGrams = 1.0; // the scale's step over the count weighed together
};

class CureFit {
public:
    // 5 %, 50 %, 95 %.
    Interval settledDay() const { return settled_; } // days since the first weighing
    Interval endGrams() const { return end_; }
    Interval gramsOn(double day) const;

private:
    friend OrCannot<CureFit> fitCure(const CureSeries& series);
    struct Point {
        double share = 0.0; // of all
        double tau = 0.0;
        double end = 0.0;
        double loss = 0.0;
    };
    std::vector<Point> points_;
    Interval settled_;
    Interval end_;
};

// Refuses under three weights, less than five days, and a first weight not above what is dry.
OrCannot<CureFit> fitCure(const CureSeries& series);

// The first day from which 14 more take less than 0.5 % of the weight.
double settledDay(double end, double loss, double tauDays);

// Places of the weights that lie 1 % or more above an earlier one: damp air, or another bar.
std::vector<std::size_t> raisedWeights(std::span<const DayWeight> weights);

} // namespace rhexion
