#include "core/makeday/day_events.h"

#include "core/units/enum_count.h"

#include <algorithm>
#include <array>

namespace rhexion {

namespace {

constexpr std::array<const char*, countOf<NearMissKind>()> missCodes{
    "lye-splash", "fumes", "spill", "volcano", "wrong-vessel", "looked-away"};

} // namespace

const char* codeOf(NearMissKind kind)
{
    return missCodes[static_cast<std::size_t>(kind)];
}

std::optional<NearMissKind> nearMissFromCode(const std::string& code)
{
    return valueWithCode<NearMissKind>(missCodes, code);
}

double secondsLeft(const TimerAt& timer, std::int64_t now)
{
    const double left = static_cast<double>(timer.endsAt() - now) / 1000.0;
    return std::clamp(left, 0.0, timer.seconds);
}

} // namespace rhexion
