// The day's readings and what they make of the forecast: when jug and pot meet, by their own
// cooling; what the mould does, by its own core. docs/heat.md, "The sums in short".
#pragma once

#include "core/heat/formula_heat.h"
#include "core/heat/learn.h"

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace rhexion {

// What a thermometer was held to.
enum class ReadingOf { Jug, Pot, Room, Batter, Core, Surface };
const char* codeOf(ReadingOf what);
std::optional<ReadingOf> readingOfFromCode(const std::string& code);

// What a look into the mould saw, or did.
enum class LookSaw { Warm, GelBegins, GelThrough, Cracked, Risen, Uncovered, FanOn, Chilled, Cool };
const char* codeOf(LookSaw saw);
std::optional<LookSaw> lookSawFromCode(const std::string& code);

struct ReadingAt {
    ReadingOf what = ReadingOf::Jug;
    double celsius = 20.0;
    std::int64_t at = 0; // ms since 1970, UTC
};
struct LookAt {
    LookSaw saw = LookSaw::Warm;
    std::int64_t at = 0;
};

namespace heat {

// The moments of the day that readings are counted from; nothing: not there yet.
struct DayMoments {
    std::optional<std::int64_t> lastLye; // the last portion went in
    std::optional<std::int64_t> joined;
    std::optional<std::int64_t> poured;
};

// Readings of one thing from one moment until another, ms, in seconds from zero; a later one in the
// same moment, or with a clock that was set back, in place of those before it.
std::vector<Reading> readingsOf(const std::vector<ReadingAt>& all, ReadingOf what,
                                std::int64_t from, std::int64_t until, std::int64_t zero);
// C of the room as last read; nothing where it was not.
std::optional<double> roomRead(const std::vector<ReadingAt>& all);

struct DayMeeting {
    std::optional<Cooling> jug; // seconds from zero
    std::optional<Cooling> pot;
    std::int64_t zero = 0;
    Window window;
    // Seconds from now; below 0: since.
    std::optional<double> from;
    std::optional<double> until;
    std::optional<double> sd;
    bool inIt = false;                   // both are in the window now
    bool closing = false;                // and leave it within ten minutes
    bool notSure = false;                // the beginning may be ten minutes off: read both again
    bool over = false;                   // they were, and are not any more
    std::optional<MeetingAdvice> advice; // where they do not meet
};
// By readings after the last lye and before joining; nothing without one of jug or pot. measured:
// the room is what a reading says, else what the plan does.
std::optional<DayMeeting> meetingOf(const Formula& formula, const HeatForecast& forecast,
                                    const std::vector<ReadingAt>& readings,
                                    const DayMoments& moments, std::int64_t now);

struct DayMould {
    Knobs knobs; // what the readings of the core say, or the forecast's
    bool fitted = false;
    double lnRateSd = 0.0; // where fitted
    double lnLossSd = 0.0;
    MouldBand band;          // narrow around what was read
    double pouredAt = 38.0;  // C
    std::int64_t poured = 0; // ms
    std::optional<std::int64_t> nextLook;
};
// The first mould by its readings; nothing before it is poured, where it is not forecast, or where
// it was cancelled.
std::optional<DayMould> mouldOf(const HeatForecast& forecast,
                                const std::vector<ReadingAt>& readings,
                                const std::vector<LookAt>& looks, const DayMoments& moments,
                                std::int64_t now, const MouldPrior& prior = {},
                                const std::function<bool()>& cancelled = {});

// When to look in: at first, then every half hour until an hour past the hottest. ms.
std::optional<std::int64_t> nextLook(const MouldBand& band, std::int64_t poured,
                                     const std::vector<LookAt>& looks, std::int64_t now);

} // namespace heat
} // namespace rhexion
