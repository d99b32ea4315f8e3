// A table of a test by the places of its rows, and what a function refuses.
#pragma once

#include "core/units/cannot.h"

#include <QTest>

#include <optional>

namespace rhexion::test {

// A row of test data for each, by its name.
template <class List, class Name>
void eachRow(const List& list, Name name)
{
    QTest::addColumn<int>("at");
    for (std::size_t i = 0; i < list.size(); ++i)
        QTest::newRow(name(list[i])) << int(i);
}

inline std::optional<Cannot> whyNot(std::optional<Cannot> cannot)
{
    return cannot;
}
template <class T>
std::optional<Cannot> whyNot(const OrCannot<T>& result)
{
    const auto* cannot = std::get_if<Cannot>(&result);
    return cannot ? std::optional(*cannot) : std::nullopt;
}

} // namespace rhexion::test
