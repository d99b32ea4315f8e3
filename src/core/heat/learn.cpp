#include "core/heat/learn.h"

#include <algorithm>
#include <cmath>

namespace rhexion::heat {

JugLearnt learnJug(double before, double peakRead, double peakReckoned)
{
    const double rise = peakReckoned - before;
    if (!(rise > 1.0))
        return {};
    constexpr double prior = 1.0 / (0.08 * 0.08);
    const double sd = 3.0 / rise; // a thermometer in a stirred jug: 3 C
    const double weight = 1.0 / (sd * sd);
    const double ratio = (peakRead - before) / rise;
    return {(prior + ratio * weight) / (prior + weight), 1.0 / std::sqrt(prior + weight)};
}

OrCannot<std::optional<MouldLearnt>> fitMould(const Batter& batter, const MouldSetup& setup,
                                              double pouredAt, TraceStage trace,
                                              const std::vector<CoreReading>& readings,
                                              const MouldPrior& prior,
                                              const std::function<bool()>& cancelled)
{
    if (readings.empty())
        return Cannot{CannotCode::TooFewReadings, "readings", {}};
    for (std::size_t i = 0; i < readings.size(); ++i) {
        if (!(readings[i].celsius >= -40.0 && readings[i].celsius <= 150.0))
            return Cannot{CannotCode::OutOfRange, "temperature", {-40.0, 150.0}};
        if (!(readings[i].hour >= 0.0 && readings[i].hour <= 168.0) ||
            (i > 0 && readings[i].hour <= readings[i - 1].hour))
            return Cannot{CannotCode::ReadingsOutOfOrder, "readings", {}};
    }
    MouldOptions options;
    options.hours = readings.back().hour + 0.2;
    options.across = 10;
    options.up = 20;
    options.finest = 15.0;
    options.cancelled = cancelled;
    bool stopped = false;
    using Residuals = std::vector<double>;
    const auto residualsAt = [&](double lnRate, double lnLoss) {
        options.knobs = {std::exp(lnRate), std::exp(lnLoss), 1.0};
        Residuals all;
        const auto run = runMould(batter, setup, pouredAt, trace, options);
        stopped = stopped || !run;
        for (const CoreReading& reading : readings)
            all.push_back(run ? (run->at(reading.hour, &MouldRow::core) - reading.celsius) / 1.5
                              : 0.0);
        all.push_back((lnRate - prior.lnRate) / prior.lnRateSd);
        all.push_back((lnLoss - prior.lnLoss) / prior.lnLossSd);
        return all;
    };
    const auto product = [](const Residuals& a, const Residuals& b) {
        double sum = 0.0;
        for (std::size_t i = 0; i < a.size(); ++i)
            sum += a[i] * b[i];
        return sum;
    };
    const auto slopeOf = [](Residuals moved, const Residuals& here) {
        for (std::size_t i = 0; i < moved.size(); ++i)
            moved[i] = (moved[i] - here[i]) / 0.02;
        return moved;
    };
    double lnRate = prior.lnRate;
    double lnLoss = prior.lnLoss;
    Residuals here = residualsAt(lnRate, lnLoss);
    double rr = 1.0;
    double rl = 0.0;
    double ll = 1.0;
    for (int round = 0; round < 8 && !stopped; ++round) {
        const Residuals byRate = slopeOf(residualsAt(lnRate + 0.02, lnLoss), here);
        const Residuals byLoss = slopeOf(residualsAt(lnRate, lnLoss + 0.02), here);
        rr = product(byRate, byRate);
        rl = product(byRate, byLoss);
        ll = product(byLoss, byLoss);
        const double whole = rr * ll - rl * rl;
        const double gr = product(byRate, here);
        const double gl = product(byLoss, here);
        const double stepRate = -(ll * gr - rl * gl) / whole;
        const double stepLoss = -(rr * gl - rl * gr) / whole;
        double scale = 1.0;
        bool better = false;
        while (scale > 0.05 && !better && !stopped) {
            Residuals there = residualsAt(std::clamp(lnRate + scale * stepRate, -3.0, 3.0),
                                          std::clamp(lnLoss + scale * stepLoss, -3.0, 3.0));
            better = product(there, there) < product(here, here);
            if (better)
                here = std::move(there);
            else
                scale *= 0.5;
        }
        if (!better)
            break;
        lnRate = std::clamp(lnRate + scale * stepRate, -3.0, 3.0);
        lnLoss = std::clamp(lnLoss + scale * stepLoss, -3.0, 3.0);
        if (scale * std::max(std::abs(stepRate), std::abs(stepLoss)) < 1e-3)
            break;
    }
    if (stopped)
        return std::optional<MouldLearnt>{};
    const double whole = rr * ll - rl * rl;
    return std::optional(MouldLearnt{
        {std::exp(lnRate), std::exp(lnLoss), 1.0}, std::sqrt(ll / whole), std::sqrt(rr / whole)});
}

Learnt together(const std::vector<double>& logarithms, double leastSd)
{
    Learnt learnt;
    learnt.batches = static_cast<int>(logarithms.size());
    if (logarithms.empty())
        return learnt;
    for (double x : logarithms)
        learnt.ln += x / static_cast<double>(logarithms.size());
    double squares = 0.0;
    for (double x : logarithms)
        squares += (x - learnt.ln) * (x - learnt.ln);
    if (logarithms.size() > 1)
        squares /= static_cast<double>(logarithms.size() - 1);
    learnt.sd = std::max(leastSd, std::sqrt(squares));
    return learnt;
}

} // namespace rhexion::heat
