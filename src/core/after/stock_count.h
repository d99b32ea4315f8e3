// What a jar still holds: what was counted, less what was weighed out of it since. And what is low.
#pragma once

#include "core/after/cost.h"

#include <cstdint>
#include <optional>
#include <span>

namespace rhexion {

struct JarNow {
    std::optional<double> grams; // nothing: never counted; below 0: more was used than it held
    double drawnSince = 0.0;
};
struct DrawnAt {
    std::int64_t at = 0; // ms
    double grams = 0.0;
};
// counted: what it held at that moment; nothing: only what was bought is known.
JarNow jarNow(std::optional<double> countedGrams, std::int64_t countedAt,
              std::optional<double> boughtGrams, std::span<const DrawnAt> draws);

// Whether so much on hand is less than what eight weeks of use and the time to get more ask for;
// with under three uses less than two makings of the largest regular batch.
struct LowAsk {
    double onHand = 0.0;
    std::int64_t now = 0; // ms
    double weeksToGet = 2.0;
    double regularGrams = 0.0; // of it in a batch that is to be made again
};
struct LowAnswer {
    bool low = false;
    double wanted = 0.0; // g it is compared with; 0: nothing to compare with
};
LowAnswer isLow(const LowAsk& ask, std::span<const DrawnAt> draws);

} // namespace rhexion
