// How many values an enum has whose values run from 0 without a gap. Asked of the compiler, so that
// a table or a test cannot stop at an old end.
#pragma once

#include <cstddef>
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

} // namespace rhexion
