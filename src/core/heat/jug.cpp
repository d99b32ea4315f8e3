#include "core/heat/jug.h"

#include "core/heat/jug_state.h"
#include "core/units/root.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace rhexion::heat {

namespace {

constexpr double tau = 60.0;      // s for flakes to dissolve, stirred: common practice, no source
constexpr double tauCold = 180.0; // below 5 C
constexpr double freezingStep = 5.0; // g: finer than anyone weighs ice

bool isShare(double x)
{
    return x >= 0.0 && x <= 1.0;
}
bool isTemperature(double x)
{
    return x >= -40.0 && x <= 150.0;
}

} // namespace

double Jug::sodiumMol() const
{
    return (sodiumGrams * sodiumPurity + readySodium) / molarMassSodiumHydroxide;
}

double Jug::potassiumMol() const
{
    return (potassiumGrams * potassiumPurity + readyPotassium) / molarMassPotassiumHydroxide;
}

double Jug::liquidGrams() const
{
    double grams = readySodium + readyPotassium + readyWater;
    for (const JugLiquid& q : liquids)
        grams += q.grams;
    return grams;
}

double Jug::waterGrams() const
{
    double water = crystalWater + readyWater + sodiumGrams * (1.0 - sodiumPurity) +
                   potassiumGrams * (1.0 - potassiumPurity);
    for (const JugLiquid& q : liquids)
        water += q.grams * q.water;
    return water + std::min(acidProtons, mol()) * molarMassWater;
}

double Jug::milkGrams() const
{
    double grams = 0.0;
    for (const JugLiquid& q : liquids)
        grams += q.milk ? q.grams : 0.0;
    return grams;
}

double Jug::reducingSugarGrams() const
{
    double grams = 0.0;
    for (const JugLiquid& q : liquids)
        grams += q.grams * q.reducingSugar;
    return grams;
}

bool Jug::scorches() const
{
    return std::any_of(liquids.begin(), liquids.end(), [](const JugLiquid& q) {
        return q.grams > 0.0 && (q.milk || q.puree || q.reducingSugar + q.otherSugar > 0.005);
    });
}

std::optional<Cannot> faultOf(const Jug& jug)
{
    const auto outside = [](const char* item, double least, double most) {
        return Cannot{CannotCode::OutOfRange, item, {least, most}};
    };
    double water = 0.0;
    for (const JugLiquid& q : jug.liquids) {
        if (!isNotNegative(q.grams))
            return Cannot{CannotCode::BadMass, "jug-liquid", {}};
        if (!isTemperature(q.celsius))
            return outside("temperature", -40.0, 150.0);
        for (double share : {q.water, q.fat, q.reducingSugar, q.otherSugar, q.protein, q.salt,
                             q.alcohol, q.glycerol})
            if (!isShare(share))
                return outside("share", 0.0, 1.0);
        water += q.grams * q.water;
    }
    for (double grams :
         {jug.sodiumGrams, jug.potassiumGrams, jug.readySodium, jug.readyPotassium, jug.readyWater,
          jug.acidProtons, jug.acidGrams, jug.crystalWater, jug.salt})
        if (!isNotNegative(grams))
            return Cannot{CannotCode::BadMass, "hydroxide", {}};
    if (!isShare(jug.sodiumPurity) || !isShare(jug.potassiumPurity))
        return outside("purity", 0.0, 1.0);
    if (!isNotNegative(jug.vesselGrams))
        return Cannot{CannotCode::Negative, "vessel", {}};
    if (!isTemperature(jug.room) || !isTemperature(jug.hydroxideCelsius) ||
        (jug.bath && !isTemperature(*jug.bath)))
        return outside("temperature", -40.0, 150.0);
    if (!(water + jug.readyWater > 0.0))
        return Cannot{CannotCode::NoWaterInJug, "jug", {}};
    if (!(jug.mol() > 0.0))
        return Cannot{CannotCode::NoHydroxide, "jug", {}};
    if (jug.portions < 1 || jug.portions > mostPortions)
        return outside("portions", 1.0, mostPortions);
    if (!(jug.pauseSeconds >= 0.0 && jug.pauseSeconds <= 7200.0))
        return outside("pause", 0.0, 120.0);
    return std::nullopt;
}

Adiabatic allAtOnce(const Jug& jug)
{
    const JugState state(jug);
    return state.solve(state.start() + state.addedEnthalpy(1.0), 1.0, 1.0);
}

JugRun runJug(const Jug& jug, const JugRunOptions& options)
{
    const JugState state(jug);
    const Faces faces = facesOf(jug.liquidGrams() + jug.sodiumGrams + jug.potassiumGrams);
    const double solidGrams = jug.sodiumGrams + jug.potassiumGrams;
    const double dt = options.step;
    double enthalpy = state.start();
    double added = 0.0;
    double dissolved = 0.0;
    Adiabatic now = state.solve(enthalpy, 0.0, 0.0);
    JugRun run;
    run.start = now.celsius;
    run.local = now.celsius;
    run.peak = -std::numeric_limits<double>::infinity();
    const double lastPortion = (jug.portions - 1) * jug.pauseSeconds;
    int portion = 0;
    const int steps = static_cast<int>(options.hours * 3600.0 / dt);
    const int everyHalfMinute = std::max(1, static_cast<int>(30.0 / dt));
    if (options.curve)
        run.curve.reserve(static_cast<std::size_t>(steps / everyHalfMinute) + 1U);
    for (int i = 0; i < steps; ++i) {
        const double clock = i * dt;
        if (portion < jug.portions && clock >= portion * jug.pauseSeconds) {
            ++portion;
            const double next = static_cast<double>(portion) / jug.portions;
            enthalpy += state.addedEnthalpy(next - added);
            added = next;
            // What a share of the liquid would reach if it took this portion's heat alone; it
            // cannot pass boiling.
            const double local = options.localShare;
            const double rise = std::max(0.0, state.reaction(dissolved) - state.reaction(added) -
                                                  now.iceGrams * meltingIce * local) /
                                (local * state.capacity(added));
            const double grams = (added - dissolved) * state.pureSolidGrams();
            double near = state.strength(added, now.iceGrams);
            if (grams > 0.0)
                near = std::max(near,
                                grams / (grams + local * state.liquidWater(added, now.iceGrams)));
            run.local = std::max(run.local, std::min(now.celsius + rise, lyeBoilingPoint(near)));
            run.boilsWhereItLands = run.boilsWhereItLands || now.celsius + rise >= 100.0;
        }
        const double slow = now.celsius < 5.0 ? tauCold : tau;
        const double want = added - (added - dissolved) * std::exp(-dt / slow);
        bool holds = true;
        if (want > dissolved && state.waterToSpare(dissolved, now.iceGrams, now.celsius) <= 0.0) {
            run.saturated = run.saturated || added - dissolved > 0.02;
            holds = now.iceGrams > 0.0; // beside ice it dissolves all the same, by melting it
        }
        if (holds)
            dissolved = want;
        if (jug.bath) {
            enthalpy -= dt * (bathConductance(jug.vessel) * faces.side * (now.celsius - *jug.bath) +
                              airFilm * faces.top * (now.celsius - jug.room));
            // Evaporation stays: the surface is open above the bath.
            enthalpy -= dt * lossToRoom(now.celsius, jug.room, faces,
                                        state.strength(dissolved, now.iceGrams))
                                 .wet;
        } else {
            const Loss loss =
                lossToRoom(now.celsius, jug.room, faces, state.strength(dissolved, now.iceGrams));
            enthalpy -= dt * (loss.dry + loss.wet);
        }
        now = state.solve(enthalpy, dissolved, added);
        const double boils = lyeBoilingPoint(state.strength(dissolved, now.iceGrams));
        if (now.celsius > boils) {
            const double excess = (now.celsius - boils) * state.capacity(dissolved, now.iceGrams);
            run.steamGrams += excess / evaporating;
            enthalpy -= excess;
            now.celsius = boils;
        }
        const double then = clock + dt;
        if (now.celsius > run.peak && then >= 60.0 && then <= lastPortion + 900.0) {
            run.peak = now.celsius;
            run.peakSeconds = then;
        }
        if (now.iceGrams <= 0.0 && state.ice() > 0.0 && !run.meltedSeconds)
            run.meltedSeconds = then;
        if (options.target && !run.targetSeconds && portion == jug.portions &&
            added - dissolved < 0.02 && now.celsius <= *options.target)
            run.targetSeconds = then;
        if (options.curve && i % everyHalfMinute == 0)
            run.curve.push_back({clock, now.celsius, now.iceGrams});
        if (options.giveUpAbove && std::max(run.peak, run.local) > *options.giveUpAbove)
            break;
    }
    run.end = now.celsius;
    run.iceGrams = now.iceGrams;
    run.undissolvedGrams = (added - dissolved) * solidGrams;
    run.strength = state.strength(1.0);
    run.boilingPoint = lyeBoilingPoint(run.strength);
    return run;
}

std::optional<double> crystalsBelow(const Jug& jug)
{
    const double mol = jug.mol();
    const double free = mol > 0.0 ? std::max(0.0, 1.0 - jug.acidProtons / mol) : 0.0;
    const double sodium = jug.sodiumMol() * molarMassSodiumHydroxide * free;
    const double potassium = jug.potassiumMol() * molarMassPotassiumHydroxide * free;
    const double water = jug.waterGrams();
    const auto over = [&](double celsius) {
        return sodium / heatSolubilitySodium(celsius) +
               potassium / heatSolubilityPotassium(celsius) - water;
    };
    if (over(0.0) <= 0.0)
        return std::nullopt;
    return seek::root(over, 0.0, 100.0).at; // not reached: 100
}

Jug withFrozen(const Jug& jug, std::size_t liquid, double grams, double celsius)
{
    Jug changed = jug;
    JugLiquid part = changed.liquids[liquid];
    changed.liquids[liquid].grams -= grams;
    part.grams = grams;
    part.celsius = celsius;
    part.frozen = true;
    changed.liquids.push_back(part);
    return changed;
}

std::optional<double> frozenNeeded(const Jug& jug, std::size_t liquid, double limit)
{
    const auto over = [&](double grams) {
        return allAtOnce(withFrozen(jug, liquid, grams)).celsius - limit;
    };
    const double all = jug.liquids[liquid].grams;
    if (over(0.0) <= 0.0)
        return 0.0;
    if (over(all) > 0.0)
        return std::nullopt;
    return seek::root(over, 0.0, all).at;
}

namespace {

// Whether bulk and landing place stay at or under the limit until a quarter hour after the last
// portion.
bool staysUnder(const Jug& jug, double limit)
{
    JugRunOptions options;
    options.hours = (jug.portions * jug.pauseSeconds + 900.0) / 3600.0;
    options.giveUpAbove = limit;
    options.curve = false;
    const JugRun run = runJug(jug, options);
    return std::max(run.peak, run.local) <= limit;
}

} // namespace

std::optional<int> portionsNeeded(const Jug& jug, double limit)
{
    Jug tried = jug;
    for (tried.portions = 1; tried.portions <= mostPortions; ++tried.portions)
        if (staysUnder(tried, limit))
            return tried.portions;
    return std::nullopt;
}

std::optional<FreezingPlan> freezingPlan(const Jug& jug, std::size_t liquid, double limit,
                                         double pauseSeconds,
                                         const std::function<bool()>& cancelled)
{
    const auto least = frozenNeeded(jug, liquid, limit);
    if (!least)
        return std::nullopt;
    const double all = jug.liquids[liquid].grams;
    const auto gramsAt = [&](int step) { return std::min(all, *least + freezingStep * step); };
    const int last = static_cast<int>(std::ceil((all - *least) / freezingStep));
    // More ice never makes it hotter, nor do more portions, so the steps can be halved: the same
    // answer as one by one, in as many tries as their number has binary digits.
    const auto holds = [&](int step) {
        Jug tried = withFrozen(jug, liquid, gramsAt(step));
        tried.pauseSeconds = pauseSeconds;
        tried.portions = mostPortions;
        return staysUnder(tried, limit);
    };
    int step = 0;
    if (!holds(0)) {
        if (!holds(last))
            return std::nullopt;
        int tooFew = 0;
        step = last;
        while (step - tooFew > 1) {
            if (cancelled && cancelled())
                return std::nullopt;
            const int between = tooFew + (step - tooFew) / 2;
            (holds(between) ? step : tooFew) = between;
        }
    }
    Jug frozen = withFrozen(jug, liquid, gramsAt(step));
    frozen.pauseSeconds = pauseSeconds;
    return FreezingPlan{gramsAt(step), portionsNeeded(frozen, limit).value_or(mostPortions),
                        pauseSeconds};
}

double thinningHeat(double sodiumMol, double potassiumMol, double waterBefore, double waterAfter)
{
    const double mol = sodiumMol + potassiumMol;
    if (mol <= 0.0)
        return 0.0;
    const double before = waterBefore / molarMassWater / mol;
    const double after = waterAfter / molarMassWater / mol;
    return -1000.0 *
           (sodiumMol * (heatOfSolutionSodium(after) - heatOfSolutionSodium(before)) +
            potassiumMol * (heatOfSolutionPotassium(after) - heatOfSolutionPotassium(before)));
}

JugBalance balanceOf(const Jug& jug)
{
    const JugState state(jug);
    const Adiabatic before = state.solve(state.start(), 0.0, 0.0);
    const Adiabatic after = state.solve(state.start() + state.addedEnthalpy(1.0), 1.0, 1.0);
    JugBalance b;
    b.start = before.celsius;
    b.end = after.celsius;
    b.iceLeft = after.iceGrams;
    b.iceMelted = std::max(0.0, before.iceGrams - after.iceGrams);
    b.mol = jug.mol();
    const double taken = std::min(jug.acidProtons, b.mol);
    b.neutralising = taken * neutralising * 1000.0;
    b.dissolving = state.reaction(0.0) - state.reaction(1.0, after.iceGrams) - b.neutralising;
    b.melting = b.iceMelted * meltingIce;
    b.capacity = state.capacity(1.0, after.iceGrams) + after.iceGrams * cp::ice;
    return b;
}

double JugForecast::hottest() const
{
    return std::max(run.local, peak.high());
}

JugForecast forecastJug(const Jug& jug, const JugRunOptions& options)
{
    JugForecast forecast;
    forecast.atOnce = allAtOnce(jug);
    forecast.balance = balanceOf(jug);
    forecast.run = runJug(jug, options);
    forecast.crystals = crystalsBelow(jug);
    // By portions or in a bath it never gets as hot as all at once; poured all at once it may, if
    // nothing is lost meanwhile.
    const bool atOnce = jug.portions == 1 && !jug.bath;
    const double peak =
        atOnce ? std::max(forecast.atOnce.celsius, forecast.run.peak) : forecast.run.peak;
    forecast.peakWithoutBath = forecast.atOnce.celsius;

    const bool mostlyPotassium = jug.potassiumMol() > jug.sodiumMol();
    const double share = mostlyPotassium ? 0.08 : 0.05;
    const double even = share * std::max(0.0, peak - forecast.run.start) + 2.0;
    const auto atOnceWith = [&](const Jug& other, double iceScale) {
        const JugState state(other, iceScale);
        return state.solve(state.start() + state.addedEnthalpy(1.0), 1.0, 1.0).celsius;
    };
    const double iceLow = std::max(0.0, forecast.atOnce.celsius - atOnceWith(jug, 1.1));
    const double iceHigh = std::max(0.0, atOnceWith(jug, 0.9) - forecast.atOnce.celsius);
    Jug half = jug; // what stands above the lye stays cold
    half.vesselGrams /= 2.0;
    const double vessel = std::max(0.0, atOnceWith(half, 1.0) - forecast.atOnce.celsius);
    double high = peak + std::sqrt(even * even + iceHigh * iceHigh + vessel * vessel);
    // Browning gives heat of its own; only the high bound has it.
    if (high > 40.0) {
        const double browning = std::max(30.0 * jug.milkGrams(), 500.0 * jug.reducingSugarGrams());
        high += browning / JugState(jug).capacity(1.0) * std::min(1.0, (high - 40.0) / 40.0);
    }
    const double low = peak - std::sqrt(even * even + iceLow * iceLow);
    forecast.peak = *Interval::ofSigned(low, peak, std::max(high, peak));
    return forecast;
}

} // namespace rhexion::heat
