// How long a piece of work takes, and how that is said.
#pragma once

#include <algorithm>
#include <chrono>
#include <cstdio>
#include <vector>

namespace rhexion::bench {

template <class Work>
double timed(Work work) // ms
{
    const auto start = std::chrono::steady_clock::now();
    work();
    return std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start)
        .count();
}

inline void report(const char* what, std::vector<double> millis)
{
    std::ranges::sort(millis);
    std::printf(
        "%-44s median %6.2f ms, least %6.2f ms, 95th of a hundred %6.2f ms, most %6.2f ms\n", what,
        millis[millis.size() / 2], millis.front(), millis[millis.size() * 95 / 100], millis.back());
}

} // namespace rhexion::bench
