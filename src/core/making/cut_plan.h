// Bars out of a loaf or slab: how many, how thick, what is over.
#pragma once

#include "core/formula/mould.h"
#include "core/units/quantity.h"

namespace rhexion {

struct CutPlan {
    int bars = 0;
    double overMillimetres = 0.0; // of the length, beside bars, cuts and trims
    double evenBar = 0.0;         // mm: the same number of bars cut even
    double wetBar = 0.0;          // g of one bar
    double trims = 0.0;           // g of trims, cuts and what is over
};

// length in mm above 0; poured: g in that length, 0 or more. Refuses a bar that does not fit once.
OrCannot<CutPlan> cutPlan(double length, const Cutting& cutting, double poured);

// The length that is cut of a mould filled to a height: of a tapered loaf its mean. Nothing where
// bars are not cut: cavities, cells of dividers, a free shape.
std::optional<double> cutLength(const Mould& mould, double height);
// A tapered loaf's end bars come out larger at the rim.
bool endBarsDiffer(const MouldShape& shape);

} // namespace rhexion
