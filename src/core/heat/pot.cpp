#include "core/heat/pot.h"

#include "core/units/root.h"

#include <algorithm>
#include <cmath>

namespace rhexion::heat {

namespace {

struct ClassFacts {
    const char* code;
    Melting melting;
};
// Melting heats and ranges as in docs/heat.md; clear points and kJ/mol are estimates.
constexpr std::array<ClassFacts, countOf<FatClass>()> classes{
    {{"liquid", {0.0, -10.0, -5.0, -5.0, 100.0, 875.0}},
     {"coconut", {108.0, 19.0, 26.0, 25.5, 70.0, 650.0}},
     {"palm", {78.0, 18.0, 41.0, 39.0, 130.0, 848.0}},
     {"lard", {65.0, 15.0, 43.0, 40.0, 130.0, 860.0}},
     {"tallow", {80.0, 22.0, 48.0, 45.0, 130.0, 860.0}},
     {"cocoa", {150.0, 27.0, 36.0, 34.5, 129.0, 860.0}},
     {"shea", {95.0, 25.0, 40.0, 38.0, 125.0, 880.0}},
     {"mango", {105.0, 27.0, 38.0, 36.0, 125.0, 880.0}},
     {"butter", {80.0, 5.0, 36.0, 34.0, 110.0, 760.0}},
     {"stearic", {195.0, 52.0, 58.0, 60.0, 57.0, 270.0}},
     {"beeswax", {175.0, 48.0, 65.0, 63.0, 114.0, 650.0}},
     {"hard_wax", {190.0, 66.0, 84.0, 80.0, 120.0, 700.0}},
     {"soy_wax", {110.0, 40.0, 54.0, 52.0, 140.0, 880.0}},
     {"lauric", {180.0, 41.0, 45.0, 43.5, 36.5, 200.0}},
     {"own", {}}}};

const ClassFacts& factsOf(FatClass fat)
{
    return classes[static_cast<std::size_t>(fat)];
}

bool sameKind(const PotPart& a, const PotPart& b)
{
    return a.own || b.own ? a.item == b.item && a.own.has_value() == b.own.has_value()
                          : a.fat == b.fat;
}

double enthalpyAt(const Pot& pot, double celsius)
{
    double sum = pot.vesselGrams * cpOf(pot.vessel) * celsius;
    for (const PotPart& part : pot.parts)
        sum += part.grams * fatEnthalpy(part.melting(), celsius);
    return sum;
}

double enthalpyNow(const Pot& pot)
{
    double sum =
        pot.vesselGrams * cpOf(pot.vessel) * pot.vesselCelsius.value_or(pot.parts.front().celsius);
    for (const PotPart& part : pot.parts)
        sum += part.grams * fatEnthalpy(part.melting(), part.celsius);
    return sum;
}

} // namespace

const char* codeOf(FatClass fat)
{
    return factsOf(fat).code;
}

std::optional<FatClass> fatClassFromCode(std::string_view code)
{
    for (std::size_t i = 0; i < classes.size(); ++i)
        if (code == classes[i].code)
            return static_cast<FatClass>(i);
    return std::nullopt;
}

const Melting& meltingOf(FatClass fat)
{
    return factsOf(fat).melting;
}

double meltingHeatFromAcids(double shortChain, double palmitic, double longSaturated)
{
    return 115.0 * shortChain + 150.0 * palmitic + 180.0 * longSaturated;
}

std::optional<Cannot> faultOf(const Pot& pot)
{
    double grams = 0.0;
    for (const PotPart& part : pot.parts) {
        if (!isNotNegative(part.grams))
            return Cannot{CannotCode::BadMass, "oil", {}};
        if (!(part.celsius >= -40.0 && part.celsius <= 150.0))
            return Cannot{CannotCode::OutOfRange, "temperature", {-40.0, 150.0}};
        grams += part.grams;
    }
    if (!(grams > 0.0))
        return Cannot{CannotCode::NoOils, "pot", {}};
    if (!isNotNegative(pot.vesselGrams))
        return Cannot{CannotCode::Negative, "vessel", {}};
    return std::nullopt;
}

double fatEnthalpy(const Melting& melting, double celsius)
{
    const double melted =
        std::clamp((celsius - melting.from) / (melting.to - melting.from), 0.0, 1.0);
    return melting.heat * melted + cp::fat * celsius;
}

double temperatureOf(const Pot& pot, double extra)
{
    const double wanted = enthalpyNow(pot) + extra;
    return seek::root([&](double t) { return enthalpyAt(pot, t) - wanted; }, -60.0, 400.0).at;
}

double heatTo(const Pot& pot, double celsius)
{
    return enthalpyAt(pot, celsius) - enthalpyNow(pot);
}

double secondsToPut(double joules, double watts)
{
    return joules / (0.6 * watts);
}

std::optional<double> hotPartsFor(const Pot& pot, double celsius)
{
    const double first = pot.parts.front().celsius;
    const auto off = [&](double hot) {
        Pot tried = pot;
        for (PotPart& part : tried.parts)
            if (part.celsius == first)
                part.celsius = hot;
        return temperatureOf(tried) - celsius;
    };
    const seek::Root found = seek::root(off, -40.0, 200.0);
    return found.outcome == seek::Outcome::Found ? std::optional(found.at) : std::nullopt;
}

std::optional<SettingOut> settingOut(const Pot& pot)
{
    double all = 0.0;
    for (const PotPart& part : pot.parts)
        all += part.grams / part.melting().molarMass;
    std::optional<SettingOut> first;
    for (std::size_t i = 0; i < pot.parts.size(); ++i) {
        const PotPart& part = pot.parts[i];
        const Melting& melting = part.melting();
        if (melting.heat <= 0.0 || part.grams <= 0.0)
            continue;
        double mol = 0.0;
        for (const PotPart& other : pot.parts)
            if (sameKind(other, part))
                mol += other.grams / melting.molarMass;
        const double celsius =
            1.0 / (1.0 / (melting.clear + zeroCelsius) -
                   gasConstant * std::log(mol / all) / (melting.kilojoules * 1000.0)) -
            zeroCelsius;
        if (!first || celsius > first->celsius)
            first = SettingOut{i, celsius};
    }
    return first;
}

} // namespace rhexion::heat
