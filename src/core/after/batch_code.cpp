#include "core/after/batch_code.h"

#include "core/units/text.h"

#include <algorithm>
#include <cstdio>

namespace rhexion {

namespace {

static_assert(benchLetters.size() == 23); // a prime above every weight

char letterFor(std::string_view digits, char bench)
{
    std::size_t sum = bench ? (digits.size() + 2) * benchLetters.find(bench) : 0;
    for (std::size_t i = 0; i < digits.size(); ++i)
        sum += (i + 2) * std::size_t(digits[i] - '0');
    return benchLetters[sum % benchLetters.size()];
}

bool isGood(const BatchCode& c)
{
    const int days = c.year % 4 == 0 ? 366 : 365; // 2000 was a leap year, 2100 is out of range
    return c.year >= 2000 && c.year <= 2099 && c.day >= 1 && c.day <= days && c.number >= 1 &&
           c.number <= 99 && (c.bench == 0 || benchLetters.find(c.bench) != benchLetters.npos);
}

} // namespace

std::string codesOfDay(int year, int day)
{
    char out[32];
    std::snprintf(out, sizeof out, "%02d-%03d-", year % 100, day);
    return out;
}

OrCannot<std::string> textOf(const BatchCode& c)
{
    if (!isGood(c))
        return Cannot{CannotCode::OutOfRange, "code", {}};
    char digits[32];
    std::snprintf(digits, sizeof digits, "%02d%03d%02d", c.year % 100, c.day, c.number);
    const std::string_view d(digits);
    std::string out = codesOfDay(c.year, c.day);
    if (c.bench)
        out.push_back(c.bench);
    out.append(d.substr(5, 2)).push_back(letterFor(d, c.bench));
    return out;
}

char benchLetterOf(std::string_view bench)
{
    std::size_t sum = 0;
    for (const char c : bench)
        sum = (sum * 31 + static_cast<unsigned char>(c)) % 1'000'003;
    return benchLetters[sum % benchLetters.size()];
}

OrCannot<std::string> nextCode(int year, int day, char bench, std::span<const std::string> given)
{
    BatchCode next{year, day, 1, bench};
    for (const std::string& text : given)
        if (const auto c = batchCodeFrom(text);
            c && c->year == year && c->day == day && c->bench == bench)
            next.number = std::max(next.number, c->number + 1);
    return textOf(next);
}

std::optional<BatchCode> batchCodeFrom(std::string_view text)
{
    while (!text.empty() && text.front() == ' ')
        text.remove_prefix(1);
    while (!text.empty() && text.back() == ' ')
        text.remove_suffix(1);
    constexpr std::string_view plain = "00-000-00A", withBench = "00-000-A00A";
    const bool hasBench = text.size() == withBench.size();
    if (!hasBench && text.size() != plain.size())
        return std::nullopt;
    const std::string_view pattern = hasBench ? withBench : plain;
    std::string digits;
    for (std::size_t i = 0; i < pattern.size(); ++i) {
        const bool isDigit = text[i] >= '0' && text[i] <= '9';
        if (pattern[i] == '0' ? !isDigit : pattern[i] == '-' && text[i] != '-')
            return std::nullopt;
        if (pattern[i] == '0')
            digits.push_back(text[i]);
    }
    const BatchCode code{2000 + std::stoi(digits.substr(0, 2)), std::stoi(digits.substr(2, 3)),
                         std::stoi(digits.substr(5, 2)),
                         hasBench ? ascii::upper(text[pattern.find('A')]) : '\0'};
    if (!isGood(code) || ascii::upper(text.back()) != letterFor(digits, code.bench))
        return std::nullopt;
    return code;
}

} // namespace rhexion
