// What a batch and a bar cost. Money is in whole minor units of the maker's own currency, doubles
// until it is shown. docs/after.md; reference cases: tests/data/cost_label_cases.csv.
#pragma once

#include "core/units/cannot.h"

#include <optional>
#include <span>
#include <string>
#include <vector>

namespace rhexion {

struct LotPrice {
    double minor = 0.0; // for all of it
    double grams = 0.0;
    bool taxIncluded = false;
    double tax = 0.0; // 0.19 for 19 %; 0 where it cannot be reclaimed
};
struct Drawn {
    double grams = 0.0;
    double minor = 0.0; // net of tax
};
// needed g; loss: share that stays in sieve or pan, below 1; soaked: g of oil that stays in herbs.
OrCannot<Drawn> drawnFor(double needed, const LotPrice& price, double loss = 0.0,
                         double soaked = 0.0);

// Whole minor units of one bar, rounded up.
OrCannot<double> barPrice(double batchMinor, int sellable, double factor = 1.0, double tax = 0.0);

struct CostLine {
    std::string name;
    double grams = 0.0;
    std::optional<LotPrice> price; // nothing: not known
    double loss = 0.0;
    double soaked = 0.0;
};
struct CostTerms {
    double packagingPerBar = 0.0; // minor
    double hours = 0.0;
    double perHour = 0.0;    // 0: time is not counted
    double energy = 0.0;     // minor, for the batch
    double factor = 1.0;     // price of a bar over its cost
    double tax = 0.0;        // on the price
    int bars = 0;            // cut
    int sellable = 0;        // without ends, samples and tested bars
    double curedGrams = 0.0; // of all bars; 0: not known
};
struct BatchCost {
    struct Line {
        std::string name;
        Drawn drawn;
        bool known = true;
    };
    std::vector<Line> lines; // in the order given
    double materials = 0.0;  // minor; without what has no price
    double packaging = 0.0;
    double time = 0.0;
    double energy = 0.0;
    int unknown = 0;              // materials without a price: the sum is too low
    std::optional<double> perBar; // nothing without bars
    std::optional<double> price;  // of a bar, whole minor units
    std::optional<double> per100; // g of cured soap
    double total() const { return materials + packaging + time + energy; }
};
OrCannot<BatchCost> costOf(std::span<const CostLine> lines, const CostTerms& terms);

// g on hand below which more is ordered: the last eight weeks' uses, weeks without any among them.
OrCannot<double> reorderPoint(std::span<const double> weeklyUses, double weeksToGet);

} // namespace rhexion
