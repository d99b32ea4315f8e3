#include "core/heat/thermal.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace rhexion::heat {

namespace {

constexpr std::array waterPerMolNodes{0.0, 1.0, 2.0,  3.0,  4.0,  5.0,   6.0,
                                      7.0, 8.0, 10.0, 20.0, 50.0, 100.0, 1000.0};
constexpr std::array solutionSodium{0.0,   -11.0, -21.0,  -28.87, -34.43, -37.74, -39.7,
                                    -40.9, -41.6, -42.51, -42.84, -42.51, -42.34, -42.89};
constexpr std::array solutionPotassium{0.0,   -23.0, -35.5, -42.5, -47.0, -50.0, -52.0,
                                       -53.3, -54.2, -55.4, -56.7, -57.0, -57.2, -57.6};
constexpr std::array strengthNodes{0.0, 0.10, 0.20, 0.30, 0.40, 0.50, 0.60};
constexpr std::array cpSodium{4.18, 3.76, 3.58, 3.50, 3.40, 3.24, 3.05};
constexpr std::array cpPotassium{4.18, 3.66, 3.28, 3.00, 2.78, 2.60, 2.45};
constexpr std::array boiling{100.0, 103.0, 108.0, 116.0, 127.0, 142.0, 160.0};
constexpr std::array freezingStrength{0.0, 0.05, 0.10, 0.15, 0.19};
constexpr std::array freezingAt{0.0, -4.5, -10.3, -18.4, -28.0};
constexpr std::array solubleAt{0.0, 10.0, 20.0, 30.0, 40.0, 50.0, 60.0, 80.0, 100.0};
constexpr std::array solubleSodium{0.42, 0.52, 1.09, 1.19, 1.29, 1.45, 1.74, 3.14, 3.47};
constexpr std::array solublePotassium{0.96, 1.03, 1.12, 1.26, 1.34, 1.40, 1.54, 1.62, 1.78};

struct StuffFacts {
    double cp;
    double bath;
};
constexpr std::array<StuffFacts, countOf<VesselStuff>()> stuffs{
    {{0.50, 110.0}, {1.90, 50.0}, {0.84, 75.0}, {0.90, 70.0}, {0.90, 120.0}, {1.90, 50.0}}};
const StuffFacts& factsOf(VesselStuff stuff)
{
    return stuffs[static_cast<std::size_t>(stuff)];
}

} // namespace

double between(double x, std::span<const double> xs, std::span<const double> ys)
{
    if (!(x > xs.front()))
        return ys.front();
    if (x >= xs.back())
        return ys.back();
    std::size_t i = 1;
    while (xs[i] < x)
        ++i;
    return ys[i - 1] + (ys[i] - ys[i - 1]) * (x - xs[i - 1]) / (xs[i] - xs[i - 1]);
}

double vapourPressure(double celsius)
{
    return 0.6108 * std::exp(17.27 * celsius / (celsius + 237.3));
}

double waterActivity(double strength)
{
    return std::max(0.08, 1.0 - 1.2 * strength - 1.3 * strength * strength);
}

double heatOfSolutionSodium(double waterPerMol)
{
    return between(waterPerMol, waterPerMolNodes, solutionSodium);
}

double heatOfSolutionPotassium(double waterPerMol)
{
    return between(waterPerMol, waterPerMolNodes, solutionPotassium);
}

double lyeCpSodium(double strength)
{
    return between(strength, strengthNodes, cpSodium);
}

double lyeCpPotassium(double strength)
{
    return between(strength, strengthNodes, cpPotassium);
}

double lyeCp(double sodiumGrams, double potassiumGrams, double strength)
{
    const double all = sodiumGrams + potassiumGrams;
    if (all <= 0.0)
        return cp::water;
    return (sodiumGrams * lyeCpSodium(strength) + potassiumGrams * lyeCpPotassium(strength)) / all;
}

double lyeBoilingPoint(double strength)
{
    return between(strength, strengthNodes, boiling);
}

double lyeFreezingPoint(double strength)
{
    return between(strength, freezingStrength, freezingAt);
}

double heatSolubilitySodium(double celsius)
{
    return between(celsius, solubleAt, solubleSodium);
}

double heatSolubilityPotassium(double celsius)
{
    return between(celsius, solubleAt, solublePotassium);
}

double cpOf(VesselStuff stuff)
{
    return factsOf(stuff).cp;
}

double bathConductance(VesselStuff stuff)
{
    return factsOf(stuff).bath;
}

Faces facesOf(double grams)
{
    // 1.1 g/ml: lye and batter alike within what the shape is a guess by.
    const double d = std::cbrt(4.0 * grams * 1e-6 / (1.1 * std::numbers::pi));
    return {std::numbers::pi * d * d * 1.25, std::numbers::pi * d * d / 4.0};
}

Loss lossToRoom(double celsius, double room, const Faces& faces, double strength)
{
    // 0.8: the foot stands on something.
    const double dry = airFilm * (faces.side * 0.8 + faces.top) * (celsius - room);
    const double wet =
        lewis * convection * faces.top *
        (waterActivity(strength) * vapourPressure(celsius) - humidity * vapourPressure(room));
    return {dry, std::max(0.0, wet)};
}

} // namespace rhexion::heat
