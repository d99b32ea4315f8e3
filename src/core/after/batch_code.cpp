#include "core/after/batch_code.h"

#include "core/units/text.h"

#include <cstdio>

namespace rhexion {

namespace {

constexpr std::string_view letters = "ABCDEFGHJKLMNPQRSTUVWXY"; // no I, O, Z
static_assert(letters.size() == 23);                            // a prime above every weight

char letterFor(std::string_view digits)
{
    unsigned sum = 0;
    for (std::size_t i = 0; i < digits.size(); ++i)
        sum += unsigned(i + 2) * unsigned(digits[i] - '0');
    return letters[sum % letters.size()];
}

bool isGood(const BatchCode& c)
{
    const int days = c.year % 4 == 0 ? 366 : 365; // 2000 was a leap year, 2100 is out of range
    return c.year >= 2000 && c.year <= 2099 && c.day >= 1 && c.day <= days && c.number >= 1 &&
           c.number <= 99;
}

} // namespace

OrCannot<std::string> textOf(const BatchCode& c)
{
    if (!isGood(c))
        return Cannot{CannotCode::OutOfRange, "code", {}};
    char digits[32];
    std::snprintf(digits, sizeof digits, "%02d%03d%02d", c.year % 100, c.day, c.number);
    const std::string_view d(digits);
    std::string out;
    out.append(d.substr(0, 2)).append("-").append(d.substr(2, 3)).append("-");
    out.append(d.substr(5, 2)).push_back(letterFor(d));
    return out;
}

std::optional<BatchCode> batchCodeFrom(std::string_view text)
{
    constexpr std::string_view pattern = "00-000-00A";
    while (!text.empty() && text.front() == ' ')
        text.remove_prefix(1);
    while (!text.empty() && text.back() == ' ')
        text.remove_suffix(1);
    if (text.size() != pattern.size())
        return std::nullopt;
    std::string digits;
    for (std::size_t i = 0; i < pattern.size(); ++i) {
        const bool isDigit = text[i] >= '0' && text[i] <= '9';
        if (pattern[i] == '0' ? !isDigit : pattern[i] == '-' && text[i] != '-')
            return std::nullopt;
        if (pattern[i] == '0')
            digits.push_back(text[i]);
    }
    if (ascii::upper(text.back()) != letterFor(digits))
        return std::nullopt;
    const BatchCode code{2000 + std::stoi(digits.substr(0, 2)), std::stoi(digits.substr(2, 3)),
                         std::stoi(digits.substr(5, 2))};
    return isGood(code) ? std::optional(code) : std::nullopt;
}

} // namespace rhexion
