// The code on a label that finds its batch: year, day of the year, number on that day, and a letter
// that finds every single wrong digit and every swap of neighbours. "27-038-02N".
#pragma once

#include "core/units/cannot.h"

#include <optional>
#include <string>
#include <string_view>

namespace rhexion {

struct BatchCode {
    int year = 2000; // 2000 to 2099; the code says its last two digits
    int day = 1;     // 1 to 365, 366 in a leap year
    int number = 1;  // 1 to 99
    friend bool operator==(const BatchCode&, const BatchCode&) = default;
};
OrCannot<std::string> textOf(const BatchCode& code);
// Nothing where it is not such a code, or its letter does not fit.
std::optional<BatchCode> batchCodeFrom(std::string_view text);

} // namespace rhexion
