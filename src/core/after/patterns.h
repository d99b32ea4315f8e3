// What goes with what over many batches: counts and shares with their uncertainty, never a cause.
// docs/after.md, patterns.
#pragma once

#include "core/units/quantity.h"

#include <span>
#include <string>
#include <vector>

namespace rhexion {

// Share of k in n: Jeffreys interval, 90 %, and k/n between; the median where k/n lies outside.
// Brown, Cai and DasGupta, Interval estimation for a binomial proportion, 2001 (from memory).
Interval shareOfCount(int k, int n);

struct PatternCount {
    std::string fact; // of a batch: "kind:milk", "with:honey"
    int with = 0;     // batches that have it
    int withOutcome = 0;
    int without = 0; // batches that do not
    int withoutOutcome = 0;
};
struct Pattern {
    PatternCount count;
    Interval with = Interval::exactly(0.0);
    Interval without = Interval::exactly(0.0);
    bool few = false;     // fewer than five on a side
    bool overlap = false; // the two intervals do: chance alone may do as much
    // One batch of one is no pattern, however far its share lies from the others.
    bool isClear() const { return !overlap && !few; }
    double apart() const { return with.typical() - without.typical(); }
};
inline constexpr int fewBatches = 5;
// Whether a fact is one an outcome may go with: not itself an outcome, nor that it was told of.
bool isInput(const std::string& fact);
// Those that are clear first, then by how far apart the shares are. Facts that all
// or none have are left out.
std::vector<Pattern> patternsOf(std::span<const PatternCount> counts);

} // namespace rhexion
