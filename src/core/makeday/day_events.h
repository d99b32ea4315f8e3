// What can happen on the day besides weighing: a part lost, a timer, a burst, a near miss.
#pragma once

#include "core/makeday/place_now.h"

#include <cstdint>
#include <string>

namespace rhexion {

// A part of what lies somewhere is gone: spilled, thrown away, left in the cup.
struct Loss {
    Place place = Place::Batter;
    PortionId portion = 0;
    double share = 0.0;               // of it, above 0, at most 1
    std::vector<WeighTarget> of;      // what lay there then
    std::vector<std::string> besides; // events of what had gone in beside the plan
};

enum class NearMissKind { LyeSplash, Fumes, Spill, Volcano, WrongVessel, LookedAway };
const char* codeOf(NearMissKind kind);
std::optional<NearMissKind> nearMissFromCode(const std::string& code);

struct TimerAt {
    std::string event; // that set it
    std::string name;
    double seconds = 0.0;   // it runs for, 1 to 604800
    std::int64_t setAt = 0; // ms since 1970, UTC
    std::int64_t endsAt() const { return setAt + static_cast<std::int64_t>(seconds * 1000.0); }
};
inline constexpr double longestTimer = 604800.0; // s, a week
inline constexpr std::size_t mostTimers = 50;    // at once
// Seconds it still runs, 0 when it is over; a clock set back to before it was set leaves it all its
// time, never more.
double secondsLeft(const TimerAt& timer, std::int64_t now);

struct BlendedSoFar {
    int bursts = 0;
    double seconds = 0.0;
};

} // namespace rhexion
