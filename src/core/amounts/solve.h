// Wishes become grams: the only place that refuses. Pure; the closed form is in docs/chemistry.md,
// section 4.
#pragma once

#include "core/amounts/amounts.h"
#include "core/amounts/refusal.h"
#include "core/amounts/working.h"

#include <variant>

namespace rhexion {

struct Solved {
    Amounts amounts;
    Working working; // how the grams came about
};

std::variant<Solved, Refusal> solve(const Formula& formula);

// The water a formula asks for: g per g of hydroxide, and g besides; one of them is 0.
struct WaterWish {
    double ratio = 0.0;
    double grams = 0.0;
    bool pureCounts = true; // by the convention: pure hydroxide and every source of water
};
WaterWish waterWishOf(const LiquidSettings& liquid, double oilsGrams);

// What one line asks of the lye and brings as water, on paper.
void writeLineDemand(Working& working, const Line& line, std::size_t place, double grams,
                     const struct PerGram& per);
// Whether a line's mass stands before the make-up is solved for.
bool knownBefore(const Line& line);

} // namespace rhexion
