#include "core/after/cure_fit.h"

#include "core/after/drying.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>

namespace rhexion {

namespace {

constexpr int gridPoints = 121;
constexpr double leastTau = 2.0;
constexpr double mostTau = 300.0;
constexpr double lnTauSd = 0.8;
constexpr double roomNoise = 0.002; // of the first weight: the room's air
constexpr double window = 14.0;
constexpr double windowShare = 0.005;

struct Weighted {
    double value;
    double weight;
};

// Linear on the cumulated weight at the middle of each step.
double quantile(std::span<const Weighted> sorted, double q)
{
    double total = 0.0;
    for (const Weighted& p : sorted)
        total += p.weight;
    double cumulated = 0.0;
    double before = 0.0;
    for (std::size_t i = 0; i < sorted.size(); ++i) {
        const double at = (cumulated + sorted[i].weight / 2.0) / total;
        if (q <= at)
            return i == 0 ? sorted[0].value
                          : sorted[i - 1].value + (sorted[i].value - sorted[i - 1].value) *
                                                      (q - before) / (at - before);
        before = at;
        cumulated += sorted[i].weight;
    }
    return sorted.back().value;
}

Interval quantiles(std::vector<Weighted> points)
{
    std::ranges::sort(points, {}, &Weighted::value);
    return Interval::around(quantile(points, 0.05), quantile(points, 0.5), quantile(points, 0.95));
}

std::optional<Cannot> faultOf(const CureSeries& s)
{
    const auto bad = [](const DayWeight& w) { return !isAboveNothing(w.grams); };
    if (s.weights.size() < 3 || std::ranges::any_of(s.weights, bad))
        return Cannot{CannotCode::TooFewWeights, "weights", {}};
    const auto [first, last] = std::ranges::minmax_element(s.weights, {}, &DayWeight::day);
    if (!(last->day - first->day >= 5.0))
        return Cannot{CannotCode::TooShort, "days", {}};
    if (!(s.dry > 0.0 && s.weights.front().grams > s.dry))
        return Cannot{CannotCode::BadMasses, "start", {}};
    if (!isAboveNothing(s.tauDays) || !isNotNegative(s.stepGrams))
        return Cannot{CannotCode::OutOfRange, "rate", {}};
    return std::nullopt;
}

} // namespace

double settledDay(double end, double loss, double tauDays)
{
    const auto tooMuch = [&](double t) {
        return loss * (stillToLose(t / tauDays) - stillToLose((t + window) / tauDays)) -
                   windowShare * (end + loss * stillToLose(t / tauDays)) >
               0.0;
    };
    if (!tooMuch(0.0))
        return 0.0;
    double low = 0.0;
    double high = 1.0;
    while (tooMuch(high) && high < 2000.0)
        high *= 2.0;
    for (int i = 0; i < 60; ++i) {
        const double middle = (low + high) / 2.0;
        (tooMuch(middle) ? low : high) = middle;
    }
    return (low + high) / 2.0;
}

OrCannot<CureFit> fitCure(const CureSeries& s)
{
    if (auto fault = faultOf(s))
        return *std::move(fault);
    const double start = s.weights.front().grams;
    const double endPrior = settledGrams(s.dry).typical();
    const double lossPrior = std::max(start - endPrior, 0.01 * start);
    const double noise = s.stepGrams * s.stepGrams / 12.0 + std::pow(roomNoise * start, 2);
    const double endTight = 1.0 / std::pow(0.04 * endPrior, 2);
    const double lossTight = 1.0 / std::pow(0.5 * lossPrior, 2);

    CureFit fit;
    std::vector<double> logs;
    double top = -1e300;
    for (int i = 0; i < gridPoints; ++i) {
        const double tau = leastTau * std::pow(mostTau / leastTau, double(i) / (gridPoints - 1));
        // The normal equations of two unknowns, priors among them.
        double h11 = endTight, h12 = 0.0, h22 = lossTight;
        double r1 = endTight * endPrior, r2 = lossTight * lossPrior;
        for (const DayWeight& w : s.weights) {
            const double g = stillToLose(w.day / tau);
            h11 += 1.0 / noise;
            h12 += g / noise;
            h22 += g * g / noise;
            r1 += w.grams / noise;
            r2 += w.grams * g / noise;
        }
        const double det = h11 * h22 - h12 * h12;
        const double end = (r1 * h22 - r2 * h12) / det;
        const double loss = (r2 * h11 - r1 * h12) / det;
        double q =
            endTight * std::pow(end - endPrior, 2) + lossTight * std::pow(loss - lossPrior, 2);
        for (const DayWeight& w : s.weights)
            q += std::pow(w.grams - end - loss * stillToLose(w.day / tau), 2) / noise;
        const double log =
            -0.5 * q - 0.5 * std::log(det) - 0.5 * std::pow(std::log(tau / s.tauDays) / lnTauSd, 2);
        logs.push_back(log);
        top = std::max(top, log);
        fit.points_.push_back({0.0, tau, end, loss});
    }
    std::vector<Weighted> days, ends;
    for (std::size_t i = 0; i < fit.points_.size(); ++i) {
        CureFit::Point& p = fit.points_[i];
        p.share = std::exp(logs[i] - top);
        days.push_back({settledDay(p.end, p.loss, p.tau), p.share});
        ends.push_back({p.end, p.share});
    }
    fit.settled_ = quantiles(std::move(days));
    fit.end_ = quantiles(std::move(ends));
    return fit;
}

Interval CureFit::gramsOn(double day) const
{
    std::vector<Weighted> grams;
    for (const Point& p : points_)
        grams.push_back({p.end + p.loss * stillToLose(day / p.tau), p.share});
    return quantiles(std::move(grams));
}

std::vector<std::size_t> raisedWeights(std::span<const DayWeight> weights)
{
    std::vector<std::size_t> out;
    double least = 1e300;
    for (std::size_t i = 0; i < weights.size(); ++i) {
        if (weights[i].grams >= 1.01 * least)
            out.push_back(i);
        least = std::min(least, weights[i].grams);
    }
    return out;
}

} // namespace rhexion
