// How sure an account is: the weighed masses held fixed, the figures behind them drawn.
#pragma once

#include "core/account/account.h"

#include <cstdint>
#include <functional>

namespace rhexion {

struct DoubtSettings {
    int draws = 20000;          // 100 to 10 million
    std::uint64_t seed = 20011; // the same seed gives the same picture everywhere
};

struct Spread {       // fractions
    double low = 0.0; // 5 in 100 lie below
    double median = 0.0;
    double high = 0.0; // 5 in 100 lie above
};

// One figure and its part in the spread of true superfat.
struct Cause {
    MaterialPtr material;
    std::string code;   // see materials/figures.h
    double share = 0.0; // of the variance, 0 to 1
};

struct Doubt {
    Spread superfat;
    Spread strength;
    double chanceOfExcess = 0.0;   // that lye is left over: true superfat below 0, reserves off
    std::vector<Cause> causes;     // greatest first, those of 2 % and more
    std::vector<double> histogram; // parts of 1 in bins of equal width from histogramLow on
    double histogramLow = 0.0;
    double histogramWidth = 0.0; // of one bin
};

// Nothing if cancelled() said so between blocks of draws, or where no fat is left to count on.
std::optional<Doubt> doubtOf(const Formula& formula, const Account& account,
                             const DoubtSettings& settings = {},
                             const std::function<bool()>& cancelled = {});

} // namespace rhexion
