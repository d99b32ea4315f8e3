#include "core/making/batter_density.h"

#include "core/account/jugs.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <span>
#include <utility>

namespace rhexion {

namespace {

constexpr std::string_view memory = "handbook values, from memory";

constexpr std::array<SpecificVolume, countOf<BatterPart>()> specificVolumes{{
    {BatterPart::Sugar, "sugar", .60, .62, .64, memory},
    {BatterPart::SaltDissolved, "salt-dissolved", .33, .36, .40, memory},
    {BatterPart::SaltGrains, "salt-grains", .455, .462, .47, memory},
    {BatterPart::AcidSalt, "acid-salt", .36, .50, .62, memory},
    {BatterPart::MilkSolids, "milk-solids", .60, .64, .70, memory},
    {BatterPart::Protein, "protein", .70, .74, .76, memory},
    {BatterPart::Clay, "clay", .36, .385, .42, memory},
    {BatterPart::PlantSolids, "plant-solids", .62, .68, .80, memory},
    {BatterPart::Glycerol, "glycerol", .785, .793, .80, memory},
    {BatterPart::Alcohol, "alcohol", 1.10, 1.17, 1.27, memory},
    {BatterPart::Scent, "scent", .93, 1.05, 1.15, memory},
    {BatterPart::MilkFat, "milk-fat", 1.08, 1.09, 1.11, memory},
}};

// Share of the batter's volume that is air at pouring: common practice, no source.
constexpr std::array<double, 3> air{0.0, 0.02, 0.06};
// g/ml that an oil loses per K, 15 to 80 C: from memory.
constexpr double oilExpansion = 0.00067;
// An oil of no known density: from memory, of the usual fats.
constexpr double usualOilLow = 0.905;
constexpr double usualOil = 0.918;
constexpr double usualOilHigh = 0.930;
// From here on a fat is listed melted, C.
constexpr double hardAbove = 25.0;

using Points = std::span<const std::pair<double, double>>;

// g/ml at 20 C by strength.
constexpr std::array<std::pair<double, double>, 12> sodiumLye{{{0.0, .9982},
                                                               {.04, 1.0428},
                                                               {.08, 1.0869},
                                                               {.12, 1.1309},
                                                               {.16, 1.1751},
                                                               {.20, 1.2191},
                                                               {.24, 1.2629},
                                                               {.28, 1.3064},
                                                               {.32, 1.3490},
                                                               {.36, 1.3900},
                                                               {.40, 1.4300},
                                                               {.50, 1.5253}}};
constexpr std::array<std::pair<double, double>, 6> potassiumLye{
    {{0.0, .9982}, {.10, 1.0904}, {.20, 1.1862}, {.30, 1.2881}, {.40, 1.3965}, {.50, 1.5112}}};

double between(Points points, double x)
{
    for (std::size_t i = 1; i < points.size(); ++i) {
        const auto [x0, y0] = points[i - 1];
        const auto [x1, y1] = points[i];
        if (x <= x1)
            return y0 + (y1 - y0) * (x - x0) / (x1 - x0);
    }
    return points.back().second;
}

double boundOf(const Interval& interval, int which)
{
    return which == 0 ? interval.low() : which == 1 ? interval.typical() : interval.high();
}

double volumeOf(const SpecificVolume& row, int which)
{
    return which == 0 ? row.low : which == 1 ? row.typical : row.high;
}

double listedAt(const BatterOil& oil)
{
    return oil.hard ? 40.0 : 20.0;
}

void addMaterial(Batter& out, const Material& m, double grams)
{
    const auto share = [&](Part part) { return grams * m.part(part).range.typical(); };
    const Interval usual = Interval::around(usualOilLow, usualOil, usualOilHigh);
    if (m.isOil()) {
        out.oils.push_back({grams, m.density ? m.density->range : usual,
                            m.melting && m.melting->range.typical() > hardAbove});
        return;
    }
    if (m.kind == MaterialKind::Scent) {
        if (m.density)
            out.scents.push_back({grams, m.density->range, false});
        else
            out[BatterPart::Scent] += grams;
        return;
    }
    out.water += share(Part::Water);
    out.hydroxide += share(Part::SodiumHydroxide) + share(Part::PotassiumHydroxide);
    out[BatterPart::Sugar] += share(Part::ReducingSugar) + share(Part::OtherSugar);
    out[BatterPart::SaltDissolved] += share(Part::SodiumChloride);
    out[BatterPart::AcidSalt] += share(Part::OtherSalts) + share(Part::Carbonate);
    for (const AcidShare& acid : m.acids)
        out[BatterPart::AcidSalt] += grams * acid.share.range.typical();
    out[BatterPart::Protein] += share(Part::Protein);
    out[BatterPart::Glycerol] += share(Part::Glycerol);
    out[BatterPart::Alcohol] += share(Part::Alcohol);
    out[BatterPart::MilkFat] += share(Part::Fat);
    const double rest = grams * std::max(0.0, m.otherSolids()) + share(Part::Inert);
    switch (m.kind) {
    case MaterialKind::Solid:
    case MaterialKind::Colour: out[BatterPart::Clay] += rest; break;
    case MaterialKind::Milk:
    case MaterialKind::Egg: out[BatterPart::MilkSolids] += rest; break;
    case MaterialKind::Salt:
    case MaterialKind::Acid: out[BatterPart::AcidSalt] += rest; break;
    default: out[BatterPart::PlantSolids] += rest; break;
    }
}

// Salt beyond what the water takes up stays in grains.
void settleSalt(Batter& out)
{
    const double most = out.water / waterPerGramOfSalt;
    const double over = std::max(0.0, out[BatterPart::SaltDissolved] - most);
    out[BatterPart::SaltDissolved] -= over;
    out[BatterPart::SaltGrains] += over;
}

void addHydroxide(Batter& out, double& potassium, const HydroxideReckoned& h, bool isPotassium)
{
    out.hydroxide += h.pureGrams;
    out.water += h.waterGrams;
    out[BatterPart::AcidSalt] += std::max(0.0, h.weighedGrams - h.pureGrams - h.waterGrams);
    if (isPotassium)
        potassium += h.pureGrams;
}

void finish(Batter& out, double potassium)
{
    settleSalt(out);
    out.potassiumShare =
        out.hydroxide > 0.0 ? std::clamp(potassium / out.hydroxide, 0.0, 1.0) : 0.0;
}

double potassiumOf(const Material& m, double grams)
{
    return m.isOil() ? 0.0 : grams * m.part(Part::PotassiumHydroxide).range.typical();
}

} // namespace

const SpecificVolume& specificVolumeOf(BatterPart part)
{
    return specificVolumes[static_cast<std::size_t>(part)];
}

double Batter::grams() const
{
    const auto sum = [](double so, const BatterOil& oil) { return so + oil.grams; };
    return std::accumulate(oils.begin(), oils.end(), 0.0, sum) +
           std::accumulate(scents.begin(), scents.end(), 0.0, sum) +
           std::accumulate(parts.begin(), parts.end(), 0.0) + hydroxide + water;
}

OrCannot<double> lyeDensity(double c, double potassiumShare, double t)
{
    if (!(c >= 0.0 && c <= 0.5))
        return Cannot{CannotCode::OutOfRange, "strength", {0.0, 0.5}};
    if (!(potassiumShare >= 0.0 && potassiumShare <= 1.0))
        return Cannot{CannotCode::OutOfRange, "potassium-share", {0.0, 1.0}};
    if (!(t >= 0.0 && t <= 90.0))
        return Cannot{CannotCode::OutOfRange, "temperature", {0.0, 90.0}};
    const double sodium =
        between(sodiumLye, c) - (t - 20.0) * (.00040 + .00124 * c - .0012 * c * c);
    const double potassium = between(potassiumLye, c) - (t - 20.0) * (.00040 + .0004 * c);
    return 1.0 / ((1.0 - potassiumShare) / sodium + potassiumShare / potassium);
}

OrCannot<Interval> batterDensity(const Batter& batter, double celsius)
{
    const double total = batter.grams();
    const double lyeGrams = batter.hydroxide + batter.water;
    if (!isAboveNothing(total))
        return Cannot{CannotCode::NothingInIt, "batter", {}};
    double lyeVolume = 0.0;
    if (lyeGrams > 0.0) {
        const auto lye =
            lyeDensity(std::min(batter.hydroxide / lyeGrams, 0.5), batter.potassiumShare, celsius);
        if (const Cannot* cannot = std::get_if<Cannot>(&lye))
            return *cannot;
        lyeVolume = lyeGrams / std::get<double>(lye);
    }
    std::array<double, 3> density{};
    for (int i = 0; i < 3; ++i) {
        double volume = lyeVolume;
        for (const BatterOil& oil : batter.oils)
            volume +=
                oil.grams / (boundOf(oil.density, i) - oilExpansion * (celsius - listedAt(oil)));
        for (const BatterOil& scent : batter.scents)
            volume += scent.grams / boundOf(scent.density, i);
        for (std::size_t part = 0; part < batter.parts.size(); ++part)
            volume += batter.parts[part] * volumeOf(specificVolumes[part], 2 - i);
        density[static_cast<std::size_t>(i)] =
            total / volume * (1.0 - air[static_cast<std::size_t>(2 - i)]);
    }
    return Interval::around(density[0], density[1], density[2]);
}

Batter batterAtPouring(const Formula& formula, const Account& account)
{
    Batter out;
    double potassium = 0.0;
    for (std::size_t i = 0; i < formula.lines.size(); ++i) {
        const Material& m = *formula.lines[i].material;
        addMaterial(out, m, account.lines[i].grams);
        potassium += potassiumOf(m, account.lines[i].grams);
    }
    out.water += account.jugWaterGrams;
    addHydroxide(out, potassium, account.sodium, false);
    addHydroxide(out, potassium, account.potassium, true);
    finish(out, potassium);
    return out;
}

Batter batterIn(const Formula& formula, const Account& account, Vessel vessel)
{
    Batter out;
    double potassium = 0.0;
    for (std::size_t i = 0; i < formula.lines.size(); ++i) {
        if (!account.lines[i].isMakeUp && formula.lines[i].vessel != vessel)
            continue;
        const Material& m = *formula.lines[i].material;
        const double grams = account.inItsVessel(i, vessel);
        addMaterial(out, m, grams);
        potassium += potassiumOf(m, grams);
    }
    if (vessel == Vessel::LyeJug)
        out.water += account.jugWaterGrams;
    if (isJug(vessel)) {
        addHydroxide(out, potassium, account.jug(vessel).sodium, false);
        addHydroxide(out, potassium, account.jug(vessel).potassium, true);
    }
    finish(out, potassium);
    return out;
}

} // namespace rhexion
