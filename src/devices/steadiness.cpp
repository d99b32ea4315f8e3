#include "devices/steadiness.h"

#include <algorithm>
#include <cmath>

namespace rhexion::devices {

void Steadiness::take(const Reading& reading)
{
    if (!last_.empty() && (reading.unit != last_.back().unit || reading.at < last_.back().at))
        last_.clear();
    // A flood is thinned: two in the same few milliseconds are one, and the later counts.
    constexpr std::int64_t apart = fresh / std::int64_t(most) + 1;
    if (last_.size() > 1 && reading.at - last_[last_.size() - 2].at < apart)
        last_.pop_back();
    last_.push_back(reading);
    while (last_.size() > most || (last_.size() > 1 && reading.at - last_.front().at > fresh))
        last_.pop_front();
}

LiveWeight Steadiness::now(std::int64_t at) const
{
    LiveWeight out;
    if (last_.empty() || at - last_.back().at > fresh)
        return out;
    const Reading& latest = last_.back();
    const auto grams = gramsOf(latest);
    out.at = latest.at;
    if (!grams || !std::isfinite(*grams)) {
        out.steady = Steady::NoUnit;
        return out;
    }
    out.grams = *grams;
    out.step = stepOf(latest).value_or(0.1);
    out.steady = Steady::Moving;
    if (latest.status == DeviceStatus::Overload || latest.status == DeviceStatus::Underload ||
        latest.status == DeviceStatus::Fault) {
        out.steady = Steady::OutOfRange;
        return out;
    }
    if (!latest.stable || last_.size() < fewest || latest.at - last_.front().at < longEnough)
        return out;
    double low = latest.value;
    double high = latest.value;
    for (const Reading& r : last_) {
        if (!r.stable)
            return out;
        low = std::min(low, r.value);
        high = std::max(high, r.value);
    }
    const double step = std::pow(10.0, -latest.decimals);
    if (high - low <= step * 1.001)
        out.steady = Steady::Yes;
    return out;
}

} // namespace rhexion::devices
