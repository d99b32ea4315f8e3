#include "core/heat/cook.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace rhexion::heat {

namespace {

constexpr std::array stageAt{0.30, 0.60, 0.90, 0.99};
constexpr double wetActivity = 0.85; // of a soap's top

} // namespace

std::optional<Cannot> faultOf(const Cooker& cooker)
{
    if (!(cooker.power >= 0.0 && cooker.power <= 20000.0))
        return Cannot{CannotCode::OutOfRange, "power", {0.0, 20000.0}};
    if (!(cooker.setpoint >= 30.0 && cooker.setpoint <= 150.0))
        return Cannot{CannotCode::OutOfRange, "setpoint", {30.0, 150.0}};
    if (!(cooker.diameter >= 0.03 && cooker.diameter <= 1.5))
        return Cannot{CannotCode::OutOfRange, "diameter-open", {3.0, 150.0}};
    if (!isNotNegative(cooker.potGrams))
        return Cannot{CannotCode::Negative, "vessel", {}};
    if (!(cooker.loss >= 0.0 && cooker.loss <= 100.0))
        return Cannot{CannotCode::OutOfRange, "loss", {0.0, 100.0}};
    if (!(cooker.openShare >= 0.0 && cooker.openShare <= 1.0))
        return Cannot{CannotCode::OutOfRange, "open-share", {0.0, 1.0}};
    if (!(cooker.room >= -40.0 && cooker.room <= 60.0))
        return Cannot{CannotCode::OutOfRange, "temperature", {-40.0, 60.0}};
    return std::nullopt;
}

CookRun runCook(const Batter& batter, const Cooker& cooker, double startCelsius, double minutes,
                TraceStage trace, const Knobs& knobs, double step)
{
    const double top = std::numbers::pi * cooker.diameter * cooker.diameter / 4.0;
    const double base = rateAt30 * rateFactor(batter) * knobs.rate;
    double celsius = startCelsius;
    double x = saponifiedAt(trace);
    double water = batter.water;
    double capacity = batter.capacity() + cooker.potGrams * cpOf(cooker.pot);
    CookRun run;
    run.peak = startCelsius;
    const int steps = static_cast<int>(minutes * 60.0 / step);
    const int everyMinute = std::max(1, static_cast<int>(60.0 / step));
    for (int i = 0; i < steps; ++i) {
        if (i % everyMinute == 0)
            run.curve.push_back({i * step, celsius, x, batter.water - water});
        const double next = saponifiedAfter(x, rateConstant(base, celsius), step);
        double heat = saponifying * 1000.0 * batter.mol * (next - x) * knobs.heat;
        x = next;
        double wet = std::max(0.0, lewis * convection * top * cooker.openShare *
                                       (wetActivity * vapourPressure(celsius) -
                                        humidity * vapourPressure(cooker.room)));
        wet = std::min(wet, 0.5 * water * evaporating / step);
        const double power = celsius < cooker.setpoint ? cooker.power : 0.0;
        heat += step * (power -
                        (cooker.loss + airFilm * top) * knobs.loss * (celsius - cooker.room) - wet);
        double gone = wet * step / evaporating;
        celsius += heat / capacity;
        if (celsius > 100.0) {
            gone += std::min((celsius - 100.0) * capacity / evaporating, 0.5 * water);
            celsius = 100.0;
        }
        water -= gone;
        capacity -= gone * cp::water;
        run.peak = std::max(run.peak, celsius);
        for (std::size_t stage = 0; stage < run.stages.size(); ++stage)
            if (x >= stageAt[stage] && !run.stages[stage])
                run.stages[stage] = (i + 1) * step;
    }
    run.end = celsius;
    run.saponified = x;
    run.waterLost = batter.water - water;
    run.batterLeft = batter.grams() - run.waterLost;
    const double lye = batter.naoh + batter.koh;
    run.strength = lye / (lye + water);
    run.curve.push_back({steps * step, celsius, x, run.waterLost});
    return run;
}

Interval cookTimeBand(double seconds)
{
    return Interval::around(0.6 * seconds, seconds, 1.7 * seconds);
}

Interval cookWaterBand(double grams)
{
    return Interval::around(0.5 * grams, grams, 2.0 * grams);
}

std::optional<double> cooledTo(const CookRun& run, const Batter& batter, const Cooker& cooker,
                               double celsius)
{
    if (run.end <= celsius)
        return 0.0;
    if (cooker.room >= celsius)
        return std::nullopt;
    const double top = std::numbers::pi * cooker.diameter * cooker.diameter / 4.0;
    const double capacity =
        batter.capacity() - run.waterLost * cp::water + cooker.potGrams * cpOf(cooker.pot);
    return capacity / (cooker.loss + airFilm * top) *
           std::log((run.end - cooker.room) / (celsius - cooker.room));
}

} // namespace rhexion::heat
