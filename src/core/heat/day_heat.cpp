#include "core/heat/day_heat.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {

constexpr std::array<const char*, countOf<ReadingOf>()> readingCodes{"jug",    "pot",  "room",
                                                                     "batter", "core", "surface"};
constexpr std::array<const char*, countOf<LookSaw>()> lookCodes{
    "warm",      "gel-begins", "gel-through", "cracked", "risen",
    "uncovered", "fan-on",     "chilled",     "cool"};

} // namespace

const char* codeOf(ReadingOf what)
{
    return readingCodes[static_cast<std::size_t>(what)];
}
std::optional<ReadingOf> readingOfFromCode(const std::string& code)
{
    return valueWithCode<ReadingOf>(readingCodes, code);
}
const char* codeOf(LookSaw saw)
{
    return lookCodes[static_cast<std::size_t>(saw)];
}
std::optional<LookSaw> lookSawFromCode(const std::string& code)
{
    return valueWithCode<LookSaw>(lookCodes, code);
}

namespace heat {

namespace {

constexpr double closingSeconds = 600.0;
constexpr double notSureSeconds = 600.0;
constexpr std::int64_t minute = 60'000; // ms
constexpr std::int64_t halfHour = 30 * minute;
constexpr std::int64_t tenMinutes = 10 * minute;

double secondsBetween(std::int64_t from, std::int64_t to)
{
    return static_cast<double>(to - from) / 1000.0;
}

} // namespace

std::vector<Reading> readingsOf(const std::vector<ReadingAt>& all, ReadingOf what,
                                std::int64_t from, std::int64_t until, std::int64_t zero)
{
    std::vector<Reading> out;
    for (const ReadingAt& r : all) {
        if (r.what != what || r.at < from || r.at > until)
            continue;
        const double seconds = secondsBetween(zero, r.at);
        while (!out.empty() && out.back().seconds >= seconds)
            out.pop_back(); // a clock that was set back, or the same moment
        out.push_back({seconds, r.celsius});
    }
    return out;
}

std::optional<double> roomRead(const std::vector<ReadingAt>& all)
{
    std::optional<double> room;
    for (const ReadingAt& r : all)
        if (r.what == ReadingOf::Room)
            room = r.celsius;
    return room;
}

std::optional<DayMeeting> meetingOf(const Formula& f, const HeatForecast& forecast,
                                    const std::vector<ReadingAt>& readings,
                                    const DayMoments& moments, std::int64_t now)
{
    const auto* planned = std::get_if<MeetingForecast>(&forecast.meeting);
    if (!planned)
        return std::nullopt;
    constexpr std::int64_t ever = INT64_MAX;
    const std::int64_t joined = moments.joined.value_or(ever);
    std::optional<std::int64_t> zero;
    for (const ReadingAt& r : readings)
        if ((r.what == ReadingOf::Jug && r.at >= moments.lastLye.value_or(0)) ||
            r.what == ReadingOf::Pot)
            if (r.at <= joined)
                zero = std::min(zero.value_or(r.at), r.at);
    if (!zero)
        return std::nullopt;
    DayMeeting out;
    out.zero = *zero;
    out.window = windowOf(f, forecast.plan, forecast.setting);
    CoolingPrior prior;
    prior.room = forecast.plan.room;
    if (const auto room = roomRead(readings)) {
        prior.room = *room;
        prior.roomSd = 0.5;
    }
    const auto curveOf = [&](ReadingOf what, std::int64_t from,
                             const Cooling& assumed) -> std::optional<Cooling> {
        const auto own = readingsOf(readings, what, from, joined, *zero);
        if (own.empty())
            return std::nullopt;
        prior.rate = assumed.rate();
        const auto fit = fitCooling(own, prior);
        const Cooling* curve = std::get_if<Cooling>(&fit);
        return curve ? std::optional(*curve) : std::nullopt;
    };
    out.jug = curveOf(ReadingOf::Jug, moments.lastLye.value_or(0), planned->jug);
    out.pot = curveOf(ReadingOf::Pot, 0, planned->pot);
    if (!out.jug || !out.pot)
        return out;
    const double here = secondsBetween(*zero, now);
    if (const auto meeting = heat::meetingOf(*out.jug, *out.pot, out.window)) {
        out.from = meeting->from - here;
        if (meeting->until)
            out.until = *meeting->until - here;
        out.inIt = *out.from <= 0.0 && out.until.value_or(1.0) > 0.0;
        out.over = out.until && *out.until <= 0.0;
        out.closing = out.inIt && out.until && *out.until <= closingSeconds;
        out.sd = meetingSd(*out.jug, *out.pot, out.window);
        out.notSure = !out.inIt && !out.over && (!out.sd || *out.sd > notSureSeconds);
    }
    if (!out.from || out.over) {
        // What to do now: both as they are at this moment.
        out.advice =
            adviceFor(out.jug->from(here), out.pot->from(here), out.window, planned->vessels);
    }
    return out;
}

std::optional<std::int64_t> nextLook(const MouldBand& band, std::int64_t poured,
                                     const std::vector<LookAt>& looks, std::int64_t now)
{
    const auto at = [&](double seconds) {
        return poured + static_cast<std::int64_t>(seconds * 1000.0);
    };
    const std::int64_t last = at(band.typical.peakSeconds + 3600.0);
    std::int64_t latest = 0;
    for (const LookAt& look : looks)
        if (look.at >= poured)
            latest = std::max(latest, look.at);
    std::int64_t next = at(band.firstLook());
    if (latest > 0)
        next = latest + halfHour;
    if (next > last)
        return latest >= last || latest == 0 ? std::nullopt : std::optional(last);
    // One that was missed is due now.
    return std::max(next, std::min(now, next + halfHour));
}

std::optional<DayMould> mouldOf(const HeatForecast& forecast,
                                const std::vector<ReadingAt>& readings,
                                const std::vector<LookAt>& looks, const DayMoments& moments,
                                std::int64_t now, const MouldPrior& prior,
                                const std::function<bool()>& cancelled)
{
    const auto* pours = std::get_if<std::vector<PourForecast>>(&forecast.moulds);
    if (!moments.poured || !pours || pours->empty())
        return std::nullopt;
    const PourForecast& pour = pours->front();
    DayMould out;
    out.poured = *moments.poured;
    out.pouredAt = pour.pouredAt;
    for (const ReadingAt& r :
         readings) // the last of the batter before, or soon after, it was poured
        if (r.what == ReadingOf::Batter && r.at <= out.poured + tenMinutes)
            out.pouredAt = r.celsius;
    MouldSetup setup = pour.pour.setup;
    if (const auto room = roomRead(readings))
        setup.room = std::clamp(*room, -40.0, 60.0);
    // What was done at a look is part of what covers it from then on.
    for (const LookAt& look : looks) {
        const double hour = secondsBetween(out.poured, look.at) / 3600.0;
        if (hour <= 0.0 || hour > 168.0 || setup.covers.back().fromHour > hour)
            continue;
        if (look.saw == LookSaw::Uncovered || look.saw == LookSaw::FanOn)
            setup.covers.push_back({factsOf(MouldCover::Open), hour, {}});
        else if (look.saw == LookSaw::Chilled)
            setup.covers.push_back({factsOf(MouldCover::Fridge), hour, {}});
    }
    std::vector<CoreReading> core;
    for (const Reading& r :
         readingsOf(readings, ReadingOf::Core, out.poured, INT64_MAX, out.poured))
        if (r.seconds <= 168.0 * 3600.0)
            core.push_back({r.seconds / 3600.0, r.celsius});
    out.knobs = {std::exp(prior.lnRate), std::exp(prior.lnLoss), 1.0};
    if (!core.empty()) {
        const auto fit = fitMould(pour.pour.batter, setup, out.pouredAt, forecast.plan.trace, core,
                                  prior, cancelled);
        const auto* learnt = std::get_if<std::optional<MouldLearnt>>(&fit);
        if (learnt && !*learnt)
            return std::nullopt;
        if (learnt) {
            out.knobs = (*learnt)->knobs;
            out.lnRateSd = (*learnt)->lnRateSd;
            out.lnLossSd = (*learnt)->lnLossSd;
            out.fitted = true;
        }
    }
    MouldOptions options;
    options.hours = 48.0;
    options.across = 10;
    options.up = 20;
    options.cancelled = cancelled;
    const auto run = [&](double rate, double loss, double heat) {
        options.knobs = {out.knobs.rate * rate, out.knobs.loss * loss, heat};
        return runMould(pour.pour.batter, setup, out.pouredAt, forecast.plan.trace, options);
    };
    // Corners as far off as the readings leave open, where they are fewer than three no nearer than
    // half the assumed band.
    const double floorOf = core.size() < 3 ? 0.5 : 0.2;
    const auto corner = [&](const Knobs& assumed, double sign) {
        if (!out.fitted)
            return run(assumed.rate, assumed.loss, assumed.heat);
        const double rate =
            std::max(1.64 * out.lnRateSd, floorOf * std::abs(std::log(assumed.rate)));
        const double loss =
            std::max(1.64 * out.lnLossSd, floorOf * std::abs(std::log(assumed.loss)));
        return run(std::exp(sign * rate), std::exp(-sign * loss),
                   1.0 + (assumed.heat - 1.0) * floorOf);
    };
    auto cool = corner(coolCorner, -1.0);
    auto typical = run(1.0, 1.0, 1.0);
    auto hot = corner(hotCorner, 1.0);
    if (!cool || !typical || !hot)
        return std::nullopt;
    out.band = {std::move(*cool), std::move(*typical), std::move(*hot)};
    out.nextLook = nextLook(out.band, out.poured, looks, now);
    return out;
}

} // namespace heat
} // namespace rhexion
