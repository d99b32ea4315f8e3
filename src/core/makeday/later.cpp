#include "core/makeday/later.h"

#include "core/units/enum_count.h"

#include <algorithm>
#include <array>

namespace rhexion {

namespace {

constexpr std::array<const char*, countOf<LaterKind>()> laterCodes{
    "look-in", "unmould", "cut", "stamp", "rack", "turn", "ready"};
constexpr double day = 24.0;
constexpr double week = 7.0 * day;

Interval window(const Factor& opens, const Factor& closes)
{
    const double middle = (opens.typical + std::max(opens.typical, closes.typical)) / 2.0;
    return Interval::around(opens.typical, middle, closes.typical);
}

} // namespace

const char* codeOf(LaterKind kind)
{
    return laterCodes[static_cast<std::size_t>(kind)];
}

std::vector<LaterStep> laterSteps(const Formula& f, const Account& account,
                                  const heat::HeatForecast* forecast)
{
    std::vector<LaterStep> out;
    const auto* pours =
        forecast ? std::get_if<std::vector<heat::PourForecast>>(&forecast->moulds) : nullptr;
    if (pours && !pours->empty() && !f.cooks()) {
        const double first = pours->front().band.firstLook() / 3600.0;
        out.push_back({LaterKind::LookIn, Interval::around(first, first, first + 0.5)});
    }
    const MouldTimes times = windowsOf(unmouldFeatures(f, account), f.handling.gel, mouldKindOf(f),
                                       f.handling.factorsOff);
    const Factor& unmould = times.unmould.time;
    out.push_back(
        {LaterKind::Unmould, Interval::around(unmould.low, unmould.typical, unmould.high)});
    if (times.cut)
        out.push_back({LaterKind::Cut, window(times.cut->opens, times.cut->closes)});
    out.push_back({LaterKind::Stamp, window(times.stamp.opens, times.stamp.closes)});
    const double rack = (times.cut ? out[out.size() - 2] : out.back()).hours.typical() + 1.0;
    out.push_back({LaterKind::Rack, Interval::around(rack, rack, rack + day)});
    out.push_back(
        {LaterKind::Turn, Interval::around(rack + 3 * day, rack + week, rack + 2 * week)});
    const double cure = f.cooks() ? week : 4.0 * week;
    out.push_back({LaterKind::Ready, Interval::around(cure, f.cooks() ? 2.0 * week : cure,
                                                      f.cooks() ? 4.0 * week : 6.0 * week)});
    std::ranges::stable_sort(out, {}, [](const LaterStep& s) { return s.hours.typical(); });
    return out;
}

} // namespace rhexion
