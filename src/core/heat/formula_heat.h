// From a formula, its account and a plan of warmth to jug, pot, batter and moulds, and to the
// forecast of all of them. docs/heat.md, "The sums in short".
#pragma once

#include "core/account/account.h"
#include "core/heat/combine.h"
#include "core/heat/cook.h"
#include "core/heat/cooling.h"
#include "core/heat/jug.h"
#include "core/heat/mould_run.h"
#include "core/heat/pot.h"

#include <functional>
#include <string>
#include <vector>

namespace rhexion::heat {

// The jug, or the second jug, as it stands before the lye goes in.
OrCannot<Jug> jugOf(const Formula& formula, const Account& account, const HeatPlan& plan,
                    Vessel vessel = Vessel::LyeJug);
// Places in Jug::liquids are those of lines that are poured into the jug; which line each is.
std::vector<LineId> jugLines(const Formula& formula, const Account& account, Vessel vessel);

// The class by which a fat melts; Own with its own figures where no class is known.
PotPart potPartOf(const Material& fat);
// Hard fats as warm as they are melted, the rest as warm as the room. Item: place of the line.
OrCannot<Pot> potOf(const Formula& formula, const Account& account, const HeatPlan& plan);

// What is poured: of all of the batter, or of one portion. late: with what goes in after a cook.
OrCannot<Batter> batterOf(const Formula& formula, const Account& account, PortionId portion = 0,
                          bool late = true);

// One thing that is poured into: a mould, or one of its cavities.
struct Pour {
    std::size_t mould = 0; // place in Formula::moulds
    PortionId portion = 0;
    std::string name;
    double grams = 0.0;
    double over = 0.0; // ml past the rim
    Batter batter;
    MouldSetup setup;
};
// What fills each mould, the formula's moulds in their order; without one a loaf as wide as half
// again its height. Cavities that are alike are one Pour.
OrCannot<std::vector<Pour>> poursOf(const Formula& formula, const Account& account,
                                    const HeatPlan& plan);

// The window of a school, C; OwnRange is the formula's own target and tolerance.
Window windowOf(const Formula& formula, const HeatPlan& plan,
                const std::optional<SettingOut>& setting);

struct MeetingForecast {
    Cooling jug; // from its peak
    Cooling pot; // from when it is mixed, in the same seconds
    Vessels vessels;
    Window window;
    std::optional<Meeting> meeting;
    std::optional<double> sd; // s
    std::optional<MeetingAdvice> advice;
    double jugStarts = 0.0; // s after the first lye went in
    double potStarts = 0.0; // s after that: the pot is melted and mixed; before it has no meaning
    // Where they do not meet: s until they are near each other all the same.
    std::optional<double> near;
    double nearCelsius() const { return near ? (jug.at(*near) + pot.at(*near)) / 2.0 : 0.0; }
};

struct PourForecast {
    Pour pour;
    double pouredAt = 38.0; // C
    MouldBand band;
};

// What readings of this maker say, as times the assumed; 1 where nothing is known.
struct LearntHeat {
    double jugTimes = 1.0;
    double jugRateTimes = 1.0; // of cooling
    double potRateTimes = 1.0;
    Knobs mould;
    friend bool operator==(const LearntHeat&, const LearntHeat&) = default;
};

// Each part or why there is none.
struct HeatForecast {
    HeatPlan plan;
    OrCannot<JugForecast> jug = Cannot{};
    std::optional<JugForecast> secondJug;
    OrCannot<Pot> pot = Cannot{};
    double potCelsius = 0.0;
    std::optional<SettingOut> setting;
    OrCannot<MeetingForecast> meeting = Cannot{};
    OrCannot<Combined> joined = Cannot{};
    double joinedAtSeconds = 0.0; // after the first lye; the meeting, or the target if they do not
    OrCannot<std::vector<PourForecast>> moulds = Cannot{};
    std::optional<CookRun> cook;        // where something goes in after it
    std::optional<double> coolForScent; // s after the cook, to 60 C
};

struct ForecastOptions {
    bool coarse = false; // a quarter of the cells, while something is dragged
    bool fields = false; // cross-sections of the first mould
    double hours = 48.0;
    LearntHeat learnt;
    std::function<bool()> cancelled;
};
// The first mould's band alone, under another plan or in another mould, as warm as a forecast of
// the same batter pours it; nothing if that has no batter for a mould, if cancelled, or if it
// cannot be poured so.
std::optional<MouldBand> firstBand(const Formula& formula, const Account& account,
                                   const HeatPlan& plan, const HeatForecast& poured,
                                   const ForecastOptions& options);
// Nothing if cancelled.
std::optional<HeatForecast> forecastHeat(const Formula& formula, const Account& account,
                                         const HeatPlan& plan, const ForecastOptions& options = {});

} // namespace rhexion::heat
