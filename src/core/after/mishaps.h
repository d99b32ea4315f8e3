// What of a formula went with a mishap in batches before: a material, a pair, a lot, a mould, a
// setting. Counts of the maker's own batches, never a cause. docs/after.md, lessons.
#pragma once

#include "core/after/facts.h"
#include "core/batch/after_event.h"

#include <span>
#include <string>
#include <vector>

namespace rhexion {

// A batch that something was written of afterwards; facts: factsOf() and "with:ID" of materials.
struct ToldBatch {
    std::string batch;
    std::vector<std::string> facts; // sorted
    friend bool operator==(const ToldBatch&, const ToldBatch&) = default;
};
// Settings, lots, moulds and "with:ID" of what stands on the bench, each once.
std::vector<std::string> thingsOf(const Formula& formula, const Account& account);

struct MishapBefore {
    std::vector<std::string> things; // one, or a pair of materials
    Seen seen = Seen::Crack;
    int times = 0;
    int of = 0;        // batches with those things
    std::string batch; // the newest it happened in
};
// told: newest first. Twice at least and in half of the batches with it; where there are batches
// without it, more often with it than without. What every batch has some of (a setting) and a pair
// of materials must stand out: twice as often as without, and batches without there must be. A pair
// is left out where one of the two is said alone.
std::vector<MishapBefore> mishapsBefore(std::span<const ToldBatch> told,
                                        std::span<const std::string> things);

} // namespace rhexion
