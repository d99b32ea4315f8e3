#include "app/heat/heat_colours.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace rhexion {

QColor heatColour(double share)
{
    // Blue to yellow, never red against green.
    static constexpr std::array<std::array<int, 3>, 6> stops{{{24, 32, 74},
                                                              {44, 74, 132},
                                                              {66, 120, 150},
                                                              {122, 160, 128},
                                                              {206, 190, 96},
                                                              {250, 238, 158}}};
    const double place = std::clamp(share, 0.0, 1.0) * (stops.size() - 1);
    const auto i = std::min(stops.size() - 2, static_cast<std::size_t>(place));
    const double part = place - static_cast<double>(i);
    const auto mix = [&](std::size_t c) {
        return static_cast<int>(std::lround(stops[i][c] + (stops[i + 1][c] - stops[i][c]) * part));
    };
    return {mix(0), mix(1), mix(2)};
}

} // namespace rhexion
