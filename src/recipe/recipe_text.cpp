#include "recipe/recipe_text.h"

#include <array>
#include <charconv>
#include <cmath>
#include <cstdint>
#include <utility>

namespace rhexion::recipe {

namespace {

constexpr std::string_view blanks = " \t\n\r\f\v\x1c\x1d\x1e\x1f";

struct CodePoint {
    std::uint32_t value = 0;
    std::size_t length = 1;
    bool good = false;
};

CodePoint codePointAt(std::string_view s, std::size_t i)
{
    const auto byte = [&](std::size_t at) { return static_cast<unsigned char>(s[at]); };
    const unsigned first = byte(i);
    if (first < 0x80)
        return {first, 1, true};
    const std::size_t length = first >= 0xF0 ? 4 : first >= 0xE0 ? 3 : 2;
    if (first < 0xC2 || first > 0xF4 || i + length > s.size())
        return {};
    std::uint32_t value = first & (0x7FU >> length);
    for (std::size_t k = 1; k < length; ++k) {
        if ((byte(i + k) & 0xC0U) != 0x80U)
            return {};
        value = value << 6U | (byte(i + k) & 0x3FU);
    }
    constexpr std::array<std::uint32_t, 5> least{0, 0, 0x80, 0x800, 0x10000};
    if (value < least[length] || value > 0x10FFFF || (value >= 0xD800 && value <= 0xDFFF))
        return {};
    return {value, length, true};
}

void append(std::string& out, std::uint32_t c)
{
    if (c < 0x80) {
        out += static_cast<char>(c);
    } else if (c < 0x800) {
        out += static_cast<char>(0xC0U | c >> 6U);
        out += static_cast<char>(0x80U | (c & 0x3FU));
    } else if (c < 0x10000) {
        out += static_cast<char>(0xE0U | c >> 12U);
        out += static_cast<char>(0x80U | (c >> 6U & 0x3FU));
        out += static_cast<char>(0x80U | (c & 0x3FU));
    } else {
        out += static_cast<char>(0xF0U | c >> 18U);
        out += static_cast<char>(0x80U | (c >> 12U & 0x3FU));
        out += static_cast<char>(0x80U | (c >> 6U & 0x3FU));
        out += static_cast<char>(0x80U | (c & 0x3FU));
    }
}

// One sign as a fraction; empty for any other.
std::string_view fractionOf(std::uint32_t c)
{
    switch (c) {
    case 0xBD: return "1/2";
    case 0xBC: return "1/4";
    case 0xBE: return "3/4";
    case 0x2153: return "1/3";
    case 0x2154: return "2/3";
    case 0x215B: return "1/8";
    case 0x215C: return "3/8";
    case 0x215D: return "5/8";
    case 0x215E: return "7/8";
    case 0x2155: return "1/5";
    case 0x2159: return "1/6";
    default: return {};
    }
}

std::uint32_t smallOf(std::uint32_t c)
{
    if (c >= 'A' && c <= 'Z')
        return c + 32;
    if ((c >= 0xC0 && c <= 0xDE && c != 0xD7) || (c >= 0x391 && c <= 0x3A9) ||
        (c >= 0x410 && c <= 0x42F))
        return c + 32;
    if (c >= 0x400 && c <= 0x40F)
        return c + 80;
    const bool evenIsLarge = (c >= 0x100 && c <= 0x137) || (c >= 0x14A && c <= 0x177);
    const bool oddIsLarge = (c >= 0x139 && c <= 0x148) || (c >= 0x179 && c <= 0x17E);
    if ((evenIsLarge && c % 2 == 0 && c != 0x130) || (oddIsLarge && c % 2 == 1))
        return c + 1;
    return c == 0x178 ? 0xFF : c;
}

} // namespace

std::string cleaned(std::string_view text)
{
    std::string out;
    out.reserve(text.size() + 16);
    for (std::size_t i = 0; i < text.size();) {
        const CodePoint at = codePointAt(text, i);
        i += at.length;
        const std::uint32_t c = at.good ? at.value : 0xFFFD;
        if (const std::string_view fraction = fractionOf(c); !fraction.empty()) {
            if (!out.empty() && out.back() >= '0' && out.back() <= '9')
                out += ' ';
            out += fraction;
            continue;
        }
        switch (c) {
        case 0x2044: out += '/'; break;
        case 0xA0:
        case 0x202F:
        case 0x2009: out += ' '; break;
        case 0xFEFF: break;
        case 0x2212: out += '-'; break;
        case 0xD7: out += 'x'; break;
        case 0x2019: out += '\''; break;
        case 0xBA: append(out, 0xB0); break;
        default:
            if (c >= 0x2010 && c <= 0x2015)
                out += '-';
            else
                append(out, c);
        }
    }
    return out;
}

std::vector<std::string> linesOf(std::string_view text)
{
    std::vector<std::string> out(1);
    for (std::size_t i = 0; i < text.size(); ++i) {
        if (text[i] != '\n' && text[i] != '\r') {
            out.back() += text[i];
            continue;
        }
        if (text[i] == '\r' && i + 1 < text.size() && text[i + 1] == '\n')
            ++i;
        out.emplace_back();
    }
    return out;
}

std::string_view trimmed(std::string_view text, std::string_view of)
{
    const std::size_t first = text.find_first_not_of(of);
    if (first == std::string_view::npos)
        return {};
    return text.substr(first, text.find_last_not_of(of) - first + 1);
}

std::string_view trimmed(std::string_view text)
{
    return trimmed(text, blanks);
}

std::string_view trimmedEnd(std::string_view text, std::string_view of)
{
    return text.substr(0, text.find_last_not_of(of) + 1);
}

std::string lowered(std::string_view text)
{
    std::string out;
    out.reserve(text.size());
    for (std::size_t i = 0; i < text.size();) {
        const CodePoint at = codePointAt(text, i);
        i += at.length;
        append(out, smallOf(at.good ? at.value : 0xFFFD));
    }
    return out;
}

std::string withSingleBlanks(std::string_view text)
{
    std::string out;
    bool before = false;
    for (const char c : text) {
        const bool blank = blanks.find(c) != std::string_view::npos;
        if (!blank)
            out += c;
        else if (!before)
            out += ' ';
        before = blank;
    }
    return out;
}

std::size_t wordCount(std::string_view text)
{
    std::size_t count = 0;
    bool before = true;
    for (const char c : text) {
        const bool blank = blanks.find(c) != std::string_view::npos;
        count += before && !blank;
        before = blank;
    }
    return count;
}

std::vector<std::string_view> split(std::string_view text, char at)
{
    std::vector<std::string_view> out;
    std::size_t from = 0;
    for (;;) {
        const std::size_t to = text.find(at, from);
        out.push_back(text.substr(from, to - from));
        if (to == std::string_view::npos)
            return out;
        from = to + 1;
    }
}

std::string joined(const std::vector<std::string>& parts, std::string_view between)
{
    std::string out;
    for (std::size_t i = 0; i < parts.size(); ++i) {
        if (i > 0)
            out += between;
        out += parts[i];
    }
    return out;
}

std::string replaced(std::string_view text, std::string_view what, std::string_view with)
{
    std::string out;
    std::size_t from = 0;
    for (std::size_t at = text.find(what); at != std::string_view::npos;
         at = text.find(what, from)) {
        out += text.substr(from, at - from);
        out += with;
        from = at + what.size();
    }
    out += text.substr(from);
    return out;
}

std::string shown(double value, int digits)
{
    std::array<char, 64> buffer{};
    const auto done = std::to_chars(buffer.data(), buffer.data() + buffer.size(), value,
                                    std::chars_format::general, digits);
    return std::string(buffer.data(), done.ptr);
}

double numberFrom(std::string_view digits)
{
    double value = 0.0;
    std::from_chars(digits.data(), digits.data() + digits.size(), value);
    return value;
}

double rounded(double value, int decimals)
{
    const double scale = std::pow(10.0, decimals);
    const double at = std::round(value * scale) / scale;
    return std::isfinite(at) ? at : value;
}

} // namespace rhexion::recipe
