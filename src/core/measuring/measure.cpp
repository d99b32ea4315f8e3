#include "core/measuring/measure.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>

namespace rhexion {

namespace {

using N = TermName;
using U = Unit;
using Fault = MeasureFault;

bool good(double v)
{
    return std::isfinite(v) && v > 0.0;
}

bool good(Mass m)
{
    return m.isUsable() && m.inGrams() > 0.0;
}

// Clamped to 0 and, for fractions, to 1.
Interval around(double low, double typical, double high, double most)
{
    return *Interval::of(std::clamp(low, 0.0, typical), typical,
                         std::clamp(high, typical, std::max(typical, most)));
}

constexpr double anything = 1e12;

// Mean of several runs with its doubt as a fraction of the mean.
struct Runs {
    double mean = 0.0;
    double deviation = 0.0;
    double doubt = 0.0;
    bool agree = true;
};

Runs summed(const std::vector<double>& values)
{
    constexpr double singleRun = 0.05;
    constexpr double leastDoubt = 0.02;
    constexpr double misread = 0.25;
    Runs out;
    const auto n = static_cast<double>(values.size());
    out.mean = std::accumulate(values.begin(), values.end(), 0.0) / n;
    for (const double v : values) {
        out.deviation += (v - out.mean) * (v - out.mean);
        out.agree = out.agree && std::abs(v - out.mean) <= misread * out.mean;
    }
    out.deviation = values.size() > 1 ? std::sqrt(out.deviation / (n - 1.0)) : 0.0;
    out.doubt =
        values.size() > 1 ? std::max(leastDoubt, 2.0 * out.deviation / out.mean) : singleRun;
    return out;
}

void writeRuns(Working& w, const Runs& runs, const std::vector<double>& values, Unit unit)
{
    w.add(Rule::RunsMean, {{N::Count, U::Number, static_cast<double>(values.size())}}, runs.mean,
          unit);
    if (values.size() > 1)
        w.add(Rule::RunsSpread, {}, runs.deviation, unit);
}

} // namespace

MeasureResult dryDown(Mass wet, Mass dry, Mass dish, Scale scale)
{
    if (!good(wet) || !good(dry) || !dish.isUsable())
        return Fault::Missing;
    const double w = wet.inGrams();
    const double d = dry.inGrams();
    const double empty = dish.inGrams();
    if (empty >= w || empty > d)
        return Fault::DishTooHeavy;
    if (d > w)
        return Fault::DryAboveWet;
    const double half = scale.step / 2.0;
    const double share = (w - d) / (w - empty);
    // Two weighings each half a step off, the worst way round.
    const double doubt = 2.0 * half / (w - empty);
    Measured out{around(share - doubt, share, share + doubt, 1.0), {}};
    out.working.add(Rule::DryDownWater,
                    {{N::WeighedMass, U::Gram, w},
                     {N::WeighedMass, U::Gram, d},
                     {N::WeighedMass, U::Gram, empty}},
                    share, U::Percent);
    return out;
}

std::optional<double> brixCorrection(double brix, Temperature at)
{
    constexpr std::array<double, 11> brixes{0, 5, 10, 15, 20, 25, 30, 40, 50, 60, 70};
    constexpr std::array<double, 5> celsius{10, 15, 20, 25, 30};
    constexpr std::array<std::array<double, 11>, 5> table{{
        {-.50, -.54, -.58, -.61, -.64, -.66, -.68, -.72, -.74, -.76, -.79},
        {-.27, -.29, -.31, -.33, -.34, -.34, -.35, -.37, -.38, -.39, -.40},
        {0, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0},
        {.33, .35, .36, .37, .38, .38, .39, .40, .40, .40, .40},
        {.72, .74, .77, .78, .79, .80, .80, .81, .81, .81, .81},
    }};
    const double t = at.inCelsius();
    if (!(t >= 10.0 && t <= 30.0) || !(brix >= 0.0))
        return std::nullopt;
    const double b = std::min(brix, 70.0);
    std::size_t row = 0;
    while (row + 2 < celsius.size() && t > celsius[row + 1])
        ++row;
    std::size_t column = 0;
    while (column + 2 < brixes.size() && b > brixes[column + 1])
        ++column;
    const double y = (t - celsius[row]) / (celsius[row + 1] - celsius[row]);
    const double x = (b - brixes[column]) / (brixes[column + 1] - brixes[column]);
    const auto along = [&](std::size_t r) {
        return table[r][column] * (1.0 - x) + table[r][column + 1] * x;
    };
    return along(row) * (1.0 - y) + along(row + 1) * y;
}

double sucroseDensity(double brix)
{
    const double w = brix / 100.0;
    constexpr std::array<double, 7> c{998.20,  385.1761, 135.3705, 40.9299,
                                      -3.9643, 13.4853,  -17.2890};
    double sum = 0.0;
    for (std::size_t i = c.size(); i-- > 0;)
        sum = sum * w + c[i];
    return sum / 1000.0;
}

MeasureResult refractometerWater(double brix, Temperature at, bool compensated,
                                 double insolubleShare)
{
    if (!std::isfinite(brix) || !std::isfinite(insolubleShare) || insolubleShare < 0.0)
        return Fault::Missing;
    if (brix < 0.0 || brix > 85.0)
        return Fault::BrixOutOfRange;
    const auto correction = compensated ? std::optional(0.0) : brixCorrection(brix, at);
    if (!correction)
        return Fault::TooWarmOrCold;
    Measured out;
    const double corrected = brix + *correction;
    if (!compensated)
        out.working.add(Rule::BrixCorrected,
                        {{N::Brix, U::Brix, brix},
                         {N::Correction, U::Brix, *correction},
                         {N::Temperature, U::Celsius, at.inCelsius()}},
                        corrected, U::Brix);
    const double water = 1.0 - corrected / 100.0 - insolubleShare;
    if (water <= 0.0)
        return Fault::SolidsAboveAll;
    out.working.add(
        Rule::BrixWater,
        {{N::Share, U::Percent, corrected / 100.0}, {N::Share, U::Percent, insolubleShare}}, water,
        U::Percent);
    out.working.add(Rule::SugarDensity, {{N::Brix, U::Brix, corrected}}, sucroseDensity(corrected),
                    U::GramPerMl);
    // Acids and salts read as sugar, a little off: common practice is 0.2 degrees, and half the
    // insoluble share, which is mostly guessed.
    const double doubt = 0.002 + insolubleShare / 2.0;
    out.value = around(water - doubt, water, water + doubt, 1.0);
    return out;
}

MeasureResult solutionStrength(bool sodium, Mass hydroxide, const Interval& purity, double upTo,
                               Scale scale)
{
    if (!good(hydroxide) || !good(purity.low()) || !good(upTo))
        return Fault::Missing;
    const double molar = sodium ? molarMassSodiumHydroxide : molarMassPotassiumHydroxide;
    const double g = hydroxide.inGrams();
    const double half = scale.step / 2.0;
    const auto strength = [&](double grams, double pure) {
        return std::max(0.0, grams) * pure / molar / upTo * 1000.0;
    };
    Measured out{around(strength(g - half, purity.low()), strength(g, purity.typical()),
                        strength(g + half, purity.high()), anything),
                 {}};
    out.working.add(Rule::SolutionStrength,
                    {{N::WeighedMass, U::Gram, g},
                     {N::Purity, U::Percent, purity.typical()},
                     {N::MolarMass, U::GramPerMole, molar},
                     {N::Volume, U::Millilitre, upTo}},
                    out.value.typical(), U::MolePerLitre);
    return out;
}

MeasureResult titratableAcidity(std::span<const TitrationRun> runs, const Interval& strength)
{
    if (runs.empty())
        return Fault::NoRuns;
    if (!good(strength.low()))
        return Fault::Missing;
    Measured out;
    std::vector<double> values;
    for (const TitrationRun& run : runs) {
        if (!good(run.sample) || !good(run.solution))
            return Fault::Missing;
        values.push_back(100.0 * strength.typical() * run.solution / run.sample);
        out.working.add(Rule::TitrationRun,
                        {{N::Concentration, U::MolePerLitre, strength.typical()},
                         {N::Volume, U::Millilitre, run.solution},
                         {N::WeighedMass, U::Gram, run.sample}},
                        values.back(), U::MillimolePer100Gram);
    }
    const Runs sum = summed(values);
    if (!sum.agree)
        return Fault::RunsDisagree;
    writeRuns(out.working, sum, values, U::MillimolePer100Gram);
    out.value =
        around(sum.mean * (1.0 - sum.doubt) * strength.low() / strength.typical(), sum.mean,
               sum.mean * (1.0 + sum.doubt) * strength.high() / strength.typical(), anything);
    return out;
}

MeasureResult densityByCup(Mass empty, Mass withWater, Mass withMaterial, Scale scale)
{
    if (!empty.isUsable() || !good(withWater) || !good(withMaterial))
        return Fault::Missing;
    const double water = (withWater - empty).inGrams();
    const double material = (withMaterial - empty).inGrams();
    if (water <= 0.0 || material <= 0.0)
        return Fault::DishTooHeavy;
    const double volume = water / waterDensity20;
    const double density = material / volume;
    const double doubt = scale.step / water + scale.step / material + 0.005; // filled to the brim
    Measured out{around(density * (1.0 - doubt), density, density * (1.0 + doubt), anything), {}};
    out.working.add(Rule::CupVolume,
                    {{N::WeighedMass, U::Gram, withWater.inGrams()},
                     {N::WeighedMass, U::Gram, empty.inGrams()},
                     {N::Density, U::GramPerMl, waterDensity20}},
                    volume, U::Millilitre);
    out.working.add(Rule::CupDensity,
                    {{N::WeighedMass, U::Gram, withMaterial.inGrams()},
                     {N::WeighedMass, U::Gram, empty.inGrams()},
                     {N::Volume, U::Millilitre, volume}},
                    density, U::GramPerMl);
    return out;
}

MeasureResult eachWeight(Mass together, Mass dish, int count, Scale scale)
{
    if (!good(together) || !dish.isUsable() || count <= 0)
        return Fault::Missing;
    const double all = (together - dish).inGrams();
    if (all <= 0.0)
        return Fault::DishTooHeavy;
    const double each = all / count;
    const double doubt = scale.step / count;
    Measured out{around(each - doubt, each, each + doubt, anything), {}};
    out.working.add(Rule::EachWeight,
                    {{N::WeighedMass, U::Gram, together.inGrams()},
                     {N::WeighedMass, U::Gram, dish.inGrams()},
                     {N::Count, U::Number, static_cast<double>(count)}},
                    each, U::Gram);
    return out;
}

MeasureResult hydroxidePurity(std::span<const PurityRun> runs, double citricShare, bool sodium,
                              Mass hydroxide, Mass solution, Scale scale)
{
    if (runs.empty())
        return Fault::NoRuns;
    if (!good(hydroxide) || !good(solution) || !good(citricShare) || citricShare > 1.0)
        return Fault::Missing;
    if (solution <= hydroxide)
        return Fault::DishTooHeavy;
    const double molar = sodium ? molarMassSodiumHydroxide : molarMassPotassiumHydroxide;
    const AcidFacts& citric = factsOf(Acid::Citric);
    Measured out;
    std::vector<double> values;
    double doubt = scale.step / 2.0 / hydroxide.inGrams();
    for (const PurityRun& run : runs) {
        if (!good(run.citric) || !good(run.solution))
            return Fault::Missing;
        const double pure = run.citric * citricShare / citric.molarMass() * citric.protons * molar;
        const double weighed = run.solution * (hydroxide / solution);
        values.push_back(pure / weighed);
        doubt = std::max(doubt, scale.step / 2.0 / run.citric + scale.step / 2.0 / run.solution);
        out.working.add(Rule::PurityRun,
                        {{N::WeighedMass, U::Gram, run.citric},
                         {N::AcidShare, U::Percent, citricShare},
                         {N::MolarMass, U::GramPerMole, citric.molarMass()},
                         {N::Protons, U::Number, static_cast<double>(citric.protons)},
                         {N::MolarMass, U::GramPerMole, molar},
                         {N::WeighedMass, U::Gram, weighed}},
                        values.back(), U::Percent);
    }
    Runs sum = summed(values);
    if (!sum.agree)
        return Fault::RunsDisagree;
    // Weighing is what limits this, not a burette: the single-run floor does not apply.
    sum.doubt = std::max(doubt, values.size() > 1 ? 2.0 * sum.deviation / sum.mean : 0.02);
    constexpr double readingSlack = 1.03;
    if (sum.mean > readingSlack)
        return Fault::PurityAboveAll;
    writeRuns(out.working, sum, values, U::Percent);
    const double typical = std::min(sum.mean, 1.0);
    out.value = around(sum.mean * (1.0 - sum.doubt), typical, sum.mean * (1.0 + sum.doubt), 1.0);
    return out;
}

Measured mixtureWater(Mass water, Mass together, Mass end, const Interval& share)
{
    Measured out{share, {}};
    out.working.add(Rule::MixtureWater,
                    {{N::Water, U::Gram, water.inGrams()},
                     {N::WeighedMass, U::Gram, together.inGrams()},
                     {N::WeighedMass, U::Gram, end.inGrams()}},
                    share.typical(), U::Percent);
    return out;
}

} // namespace rhexion
