#include "core/batch/pace_log.h"

namespace rhexion {

namespace {

constexpr double leastMinutes = 10.0 / 60.0;
constexpr double mostMinutes = 6.0 * 60.0;

// When a step was done for the last time; nothing where it never was, or was taken back.
std::optional<std::int64_t> doneAt(std::span<const Event> events, DayStepKind kind)
{
    std::optional<std::int64_t> at;
    for (const Event& event : events) {
        if (const auto* done = std::get_if<StepDone>(&event.what); done && done->step.kind == kind)
            at = event.at;
        if (const auto* again = std::get_if<StepReopened>(&event.what);
            again && again->step.kind == kind)
            at.reset();
    }
    return at;
}

} // namespace

std::optional<OwnLog> paceLogOf(std::span<const Event> events, std::span<const std::string> tried)
{
    const BatchBegun* begun = nullptr;
    for (const Event& event : events)
        if (const auto* b = std::get_if<BatchBegun>(&event.what))
            begun = b;
    const auto joined = doneAt(events, DayStepKind::Combine);
    const auto poured = doneAt(events, DayStepKind::Pour);
    if (!begun || !joined || !poured || begun->formula.cooks() ||
        begun->amounts.lines.size() != begun->formula.lines.size())
        return std::nullopt;
    const double minutes = double(*poured - *joined) / 60000.0;
    if (!(minutes >= leastMinutes && minutes <= mostMinutes))
        return std::nullopt;
    const Account account = accountOf(begun->formula, begun->amounts);
    OwnLog log;
    log.features = workFeatures(begun->formula, account);
    log.scents = scentDoses(begun->formula, account, tried);
    log.blending = begun->formula.handling.blending;
    log.minutes = minutes;
    // Poured and still fluid: all that is known is that it was no shorter.
    log.onlyLonger = true;
    return log;
}

} // namespace rhexion
