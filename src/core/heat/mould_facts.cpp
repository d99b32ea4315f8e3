#include "core/heat/mould_run.h"

#include <cmath>

namespace rhexion::heat {

namespace {

// Conductivities and capacities from handbooks, from memory; thickness common practice.
constexpr std::array<WallFacts, countOf<MouldWall>()> walls{{{0.018, 0.13, 0.80e6},
                                                             {0.0025, 0.25, 1.50e6},
                                                             {0.002, 0.20, 1.70e6},
                                                             {0.006, 0.19, 1.75e6},
                                                             {0.004, 0.06, 0.90e6},
                                                             {0.005, 1.2, 1.90e6},
                                                             {0.0035, 0.17, 1.40e6},
                                                             {0.0205, 0.140, 0.88e6}}};
// Estimates; the towel fitted to common practice.
constexpr std::array<CoverFacts, countOf<MouldCover>()> covers{
    {{{0.0, 0.0, 0.0}, {10.0, 8.0, 5.0}, {}, false},
     {{0.20, 0.0, 0.0}, {8.0, 8.0, 5.0}, {}, false},
     {{0.50, 0.35, 0.30}, {8.0, 8.0, 5.0}, {}, false},
     {{0.90, 0.70, 0.60}, {8.0, 8.0, 5.0}, {}, false},
     {{0.0, 0.0, 0.0}, {9.0, 9.0, 7.0}, 4.0, false},
     {{0.0, 0.0, 0.0}, {9.0, 9.0, 7.0}, -18.0, false},
     {{0.05, 0.0, 0.0}, {9.0, 9.0, 7.0}, 77.0, true}}};
constexpr std::array<const char*, countOf<Gel>()> gelCodes{"none", "partial", "full"};
constexpr std::array<const char*, countOf<CoreRisk>()> riskCodes{"low", "watch", "crack",
                                                                 "volcano"};

bool isTemperature(double x)
{
    return x >= -40.0 && x <= 150.0;
}

} // namespace

const WallFacts& factsOf(MouldWall wall)
{
    return walls[static_cast<std::size_t>(wall)];
}

const CoverFacts& factsOf(MouldCover cover)
{
    return covers[static_cast<std::size_t>(cover)];
}

const char* codeOf(Gel gel)
{
    return gelCodes[static_cast<std::size_t>(gel)];
}

const char* codeOf(CoreRisk risk)
{
    return riskCodes[static_cast<std::size_t>(risk)];
}

std::optional<Cannot> faultOf(const MouldSetup& setup)
{
    const auto side = [](const char* item, double x) -> std::optional<Cannot> {
        if (x >= 0.005 && x <= 1.0)
            return std::nullopt;
        return Cannot{CannotCode::OutOfRange, item, {5.0, 1000.0}};
    };
    if (auto fault = side("width", setup.width))
        return fault;
    if (auto fault = side("batter-height", setup.height))
        return fault;
    if (!setup.cylinder && setup.length != 0.0)
        if (auto fault = side("length", setup.length))
            return fault;
    if (!isTemperature(setup.room) || (setup.wallCelsius && !isTemperature(*setup.wallCelsius)))
        return Cannot{CannotCode::OutOfRange, "temperature", {-40.0, 150.0}};
    if (setup.covers.empty() || setup.covers.front().fromHour != 0.0)
        return Cannot{CannotCode::LateFirstCover, "cover", {}};
    double hour = 0.0;
    for (const CoverStage& stage : setup.covers) {
        if (!(stage.fromHour >= hour && stage.fromHour <= 168.0))
            return Cannot{CannotCode::OutOfRange, "cover-hour", {0.0, 168.0}};
        if (stage.place && !isTemperature(*stage.place))
            return Cannot{CannotCode::OutOfRange, "temperature", {-40.0, 150.0}};
        hour = stage.fromHour;
    }
    if (!(setup.lossFactor > 0.0 && setup.lossFactor <= 10.0))
        return Cannot{CannotCode::OutOfRange, "loss", {0.0, 10.0}};
    return std::nullopt;
}

} // namespace rhexion::heat
