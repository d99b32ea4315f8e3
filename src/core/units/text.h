// What every reader of typed text asks of a character; ASCII, whatever the locale.
#pragma once

namespace rhexion {

inline bool isSpace(char c)
{
    return c == ' ' || c == '\t' || c == '\n' || c == '\r';
}

// The standard library's own ask the locale, and in a Turkish one the small letter of I is another.
namespace ascii {

constexpr bool isDigit(unsigned char c)
{
    return c >= '0' && c <= '9';
}
constexpr bool isAlpha(unsigned char c)
{
    return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z');
}
constexpr bool isAlnum(unsigned char c)
{
    return isAlpha(c) || isDigit(c);
}
constexpr char lower(char c)
{
    return c >= 'A' && c <= 'Z' ? static_cast<char>(c - 'A' + 'a') : c;
}
constexpr char upper(char c)
{
    return c >= 'a' && c <= 'z' ? static_cast<char>(c - 'a' + 'A') : c;
}

} // namespace ascii

} // namespace rhexion
