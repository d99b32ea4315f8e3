#include "core/batch/heat_log.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {

// A spread this much narrower than the prior's counts as something learnt.
constexpr double told = 0.8;

// How much faster than assumed it cools; two readings at least, a quarter hour apart.
std::optional<double> lnRateOf(const std::vector<heat::Reading>& readings, double room,
                               const heat::Cooling& assumed)
{
    if (readings.size() < 2 || readings.back().seconds - readings.front().seconds < 900.0)
        return std::nullopt;
    heat::CoolingPrior prior;
    prior.room = room;
    prior.rate = assumed.rate();
    const auto fit = heat::fitCooling(readings, prior);
    const auto* curve = std::get_if<heat::Cooling>(&fit);
    if (!curve || curve->lnRateSd() > told * prior.rateLnSd)
        return std::nullopt;
    return std::log(curve->rate() / assumed.rate());
}

} // namespace

std::optional<HeatLog> heatLogOf(const Batch& batch, const HeatPlan& usual,
                                 const std::function<bool()>& cancelled)
{
    if (batch.readings.empty())
        return std::nullopt;
    const HeatPlan plan = batch.formula.heat.value_or(usual);
    heat::ForecastOptions coarse;
    coarse.coarse = true;
    coarse.hours = 1.0; // only what goes into the mould is wanted
    coarse.cancelled = cancelled;
    const Account account = accountOf(batch.formula, batch.amounts);
    const auto forecast = heat::forecastHeat(batch.formula, account, plan, coarse);
    if (!forecast)
        return std::nullopt;
    HeatLog log;
    log.formula = batch.formula.name;
    log.wall = plan.wall;
    log.cover = plan.covers.front().cover;
    const heat::DayMoments moments = batch.moments();
    const std::int64_t joined = moments.joined.value_or(INT64_MAX);
    const double room = heat::roomRead(batch.readings).value_or(plan.room);
    const auto readingsFrom = [&](ReadingOf what, std::int64_t from) {
        return heat::readingsOf(batch.readings, what, from, joined, from);
    };
    if (moments.lastLye) {
        const auto jug = readingsFrom(ReadingOf::Jug, *moments.lastLye);
        const auto* forecastJug = std::get_if<heat::JugForecast>(&forecast->jug);
        // A peak is only a reading taken soon.
        if (forecastJug && !jug.empty() && jug.front().seconds < 600.0) {
            const auto learnt = heat::learnJug(forecastJug->run.start, jug.front().celsius,
                                               forecastJug->peak.typical());
            if (learnt.sd < 0.08 * told)
                log.jugTimes = learnt.times;
        }
        if (const auto* m = std::get_if<heat::MeetingForecast>(&forecast->meeting)) {
            log.lnJugRate = lnRateOf(jug, room, m->jug);
            log.lnPotRate = lnRateOf(readingsFrom(ReadingOf::Pot, batch.begun), room, m->pot);
        }
    }
    if (const auto mould = heat::mouldOf(*forecast, batch.readings, batch.looks, moments,
                                         batch.ended, {}, cancelled);
        mould && mould->fitted) {
        if (mould->lnRateSd < 0.7 * told)
            log.lnRate = std::log(mould->knobs.rate);
        if (mould->lnLossSd < 0.3 * told)
            log.lnLoss = std::log(mould->knobs.loss);
    }
    const bool any = log.lnRate || log.lnLoss || log.jugTimes || log.lnJugRate || log.lnPotRate;
    return any ? std::optional(log) : std::nullopt;
}

HeatKnown heatKnownFor(const Formula& formula, const HeatPlan& plan, std::span<const HeatLog> logs)
{
    std::vector<double> rate, loss, jug, jugRate, potRate;
    for (const HeatLog& log : logs) {
        if (log.lnRate && log.formula == formula.name)
            rate.push_back(*log.lnRate);
        if (log.lnLoss && log.wall == plan.wall && log.cover == plan.covers.front().cover)
            loss.push_back(*log.lnLoss);
        if (log.jugTimes)
            jug.push_back(std::log(*log.jugTimes));
        if (log.lnJugRate)
            jugRate.push_back(*log.lnJugRate);
        if (log.lnPotRate)
            potRate.push_back(*log.lnPotRate);
    }
    const auto times = [](const std::vector<double>& all) {
        return std::exp(heat::together(all).ln);
    };
    HeatKnown known;
    known.learnt.mould.rate = times(rate);
    known.learnt.mould.loss = times(loss);
    known.learnt.jugTimes = times(jug);
    known.learnt.jugRateTimes = times(jugRate);
    known.learnt.potRateTimes = times(potRate);
    known.ofRate = int(rate.size());
    known.ofLoss = int(loss.size());
    known.ofJug = int(jug.size());
    known.ofCooling = int(std::max(jugRate.size(), potRate.size()));
    return known;
}

} // namespace rhexion
