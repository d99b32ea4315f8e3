// How many values an enum has whose values run from 0 without a gap. Asked of the compiler, so that
// a table or a test cannot stop at an old end.
#pragma once

#include <cstddef>
#include <optional>
#include <string_view>

namespace rhexion {

template <auto value>
constexpr bool isNamedValue()
{
    // GCC and Clang print a value that has a name by that name, any other as "(Type)7".
    constexpr std::string_view told = __PRETTY_FUNCTION__;
    constexpr std::size_t at = told.find("value = ");
    static_assert(at != std::string_view::npos);
    return told[at + 8] != '(';
}

template <class Enum, std::size_t from = 0>
constexpr std::size_t countOf()
{
    if constexpr (isNamedValue<static_cast<Enum>(from)>())
        return countOf<Enum, from + 1>();
    else
        return from;
}

// The value whose code word this is, in a table of them in their order; nothing for any other word.
template <class Enum, class Codes, class Text>
std::optional<Enum> valueWithCode(const Codes& codes, const Text& code)
{
    for (std::size_t i = 0; i < codes.size(); ++i)
        if (code == codes[i])
            return static_cast<Enum>(i);
    return std::nullopt;
}

} // namespace rhexion
