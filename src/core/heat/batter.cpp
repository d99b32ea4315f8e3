#include "core/heat/batter.h"

#include <algorithm>
#include <cmath>

namespace rhexion::heat {

namespace {

constexpr double activation = 50000.0; // J/mol, 40 to 65
constexpr double mostRate = 4.0e-3;    // 1/s, however hot
// Times the rate of a formula of factor 1: order common practice, figures fitted.
constexpr double shortFaster = 3.0;
constexpr double saturatedFaster = 1.2;
constexpr double oleicFaster = 0.20;
constexpr double polyFaster = 0.30;
constexpr double ricinoleicFaster = 1.5;
constexpr double potassiumFaster = 0.5;
constexpr double strengthPower = 0.5;
constexpr double sugarFaster = 4.0; // per g of sugar in a g of oil

// Common practice: about 65 C at a quarter of water, 82 at strong lye.
constexpr double gelAt = 64.0;
constexpr double gelWater = 0.255;
constexpr double gelSlope = 170.0;
constexpr double gelPotassium = 15.0;

constexpr double restDensity = 1.02e6; // g/m3
constexpr double saltDensity = 2.16e6;
constexpr double solidsDensity = 2.3e6;

} // namespace

double saponifiedAt(TraceStage trace)
{
    static constexpr std::array shares{0.02, 0.04, 0.07, 0.12};
    return shares[static_cast<std::size_t>(trace)];
}

double Batter::grams() const
{
    return oils + naoh + koh + water + reducingSugar + otherSugar + salt + glycerol + alcohol +
           solids;
}

double Batter::strength() const
{
    return (naoh + koh) / (naoh + koh + water);
}

double Batter::capacity() const
{
    return oils * cp::fat + (naoh + koh + water) * lyeCp(naoh, koh, strength()) +
           (reducingSugar + otherSugar) * cp::sugar + salt * cp::salt + glycerol * cp::glycerol +
           alcohol * cp::alcohol + solids * cp::inert;
}

double Batter::potassiumShare() const
{
    const double potassium = koh / molarMassPotassiumHydroxide;
    return potassium / (naoh / molarMassSodiumHydroxide + potassium);
}

double Batter::cubicMetres() const
{
    return (grams() - salt - solids) / restDensity + salt / saltDensity + solids / solidsDensity;
}

double Batter::sugarOfOils() const
{
    return (reducingSugar + otherSugar) / oils;
}

Batter Batter::scaledTo(double to) const
{
    Batter scaled = *this;
    const double factor = to / grams();
    for (double Batter::*part :
         {&Batter::oils, &Batter::mol, &Batter::naoh, &Batter::koh, &Batter::water,
          &Batter::reducingSugar, &Batter::otherSugar, &Batter::salt, &Batter::glycerol,
          &Batter::alcohol, &Batter::solids})
        scaled.*part *= factor;
    return scaled;
}

std::optional<Cannot> faultOf(const Batter& batter)
{
    for (double grams :
         {batter.oils, batter.mol, batter.naoh, batter.koh, batter.water, batter.reducingSugar,
          batter.otherSugar, batter.salt, batter.glycerol, batter.alcohol, batter.solids})
        if (!isNotNegative(grams))
            return Cannot{CannotCode::BadMass, "batter", {}};
    if (!(batter.oils > 0.0))
        return Cannot{CannotCode::NoOils, "batter", {}};
    if (!(batter.naoh + batter.koh > 0.0) || !(batter.mol > 0.0))
        return Cannot{CannotCode::NoHydroxide, "batter", {}};
    if (!(batter.water > 0.0))
        return Cannot{CannotCode::NoWaterInJug, "batter", {}};
    if (!(batter.grams() >= 5.0 && batter.grams() <= 60000.0))
        return Cannot{CannotCode::OutOfRange, "batter-grams", {5.0, 60000.0}};
    return std::nullopt;
}

double rateFactor(const Batter& b)
{
    const double mean = b.shortChain * shortFaster + b.saturated * saturatedFaster +
                        b.oleic * oleicFaster + b.poly * polyFaster +
                        b.ricinoleic * ricinoleicFaster;
    return mean * (1.0 + potassiumFaster * b.potassiumShare()) *
           std::pow(b.strength() / 0.30, strengthPower) * (1.0 + sugarFaster * b.sugarOfOils()) *
           b.accelerate;
}

double gelTemperature(const Batter& b)
{
    // Solvents count as half water; salt and solids take no part.
    const double solvents = b.reducingSugar + b.otherSugar + b.glycerol + b.alcohol;
    const double share =
        (b.water + 0.5 * solvents) / (b.oils + b.naoh + b.koh + b.water + solvents);
    return std::clamp(gelAt + gelSlope * (gelWater - share), 50.0, 95.0) -
           gelPotassium * b.potassiumShare();
}

double rateConstant(double base, double celsius)
{
    const double k = base * std::exp(-activation / gasConstant *
                                     (1.0 / (celsius + zeroCelsius) - 1.0 / (30.0 + zeroCelsius)));
    return k / (1.0 + k / mostRate);
}

double growthOf(double k, double seconds)
{
    return std::exp(std::min(k * (1.0 + seedShare) * seconds, 50.0));
}

} // namespace rhexion::heat
