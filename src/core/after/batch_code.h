// The code on a label that finds its batch: year, day of the year, letter of the bench, number on
// that day, and a letter that finds every single wrong digit and every swap of neighbours.
// "27-038-B02M"; of before benches had letters, "27-038-02N".
#pragma once

#include "core/units/cannot.h"

#include <optional>
#include <span>
#include <string>
#include <string_view>

namespace rhexion {

struct BatchCode {
    int year = 2000; // 2000 to 2099; the code says its last two digits
    int day = 1;     // 1 to 365, 366 in a leap year
    int number = 1;  // 1 to 99
    char bench = 0;  // one of benchLetters; 0: none
    friend bool operator==(const BatchCode&, const BatchCode&) = default;
};
inline constexpr std::string_view benchLetters = "ABCDEFGHJKLMNPQRSTUVWXY"; // no I, O, Z
// The one a bench has that was given none, by its UUID: two benches may have the same.
char benchLetterOf(std::string_view bench);

OrCannot<std::string> textOf(const BatchCode& code);
// What every code of a day begins with: "27-038-".
std::string codesOfDay(int year, int day);
// The first of the day that the bench has not given yet; OutOfRange after 99.
OrCannot<std::string> nextCode(int year, int day, char bench, std::span<const std::string> given);
// Nothing where it is not such a code, or its letter does not fit.
std::optional<BatchCode> batchCodeFrom(std::string_view text);

} // namespace rhexion
