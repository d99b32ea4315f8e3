// Times of day for one or more plans on one pair of hands and one blender.
#pragma once

#include "core/makeday/step_times.h"

#include <cstdint>

namespace rhexion {

enum class ScheduleHow { StartNow, PourAt, Within };
struct ScheduleWish {
    ScheduleHow how = ScheduleHow::StartNow;
    std::int64_t now = 0;    // ms since 1970, UTC
    std::int64_t pourAt = 0; // of the first plan, for PourAt
    double within = 7200.0;  // s from now to the last pouring, for Within
};

// One plan on the bench. Steps of days before are no part of its day.
struct DayOf {
    const DayPlan* plan = nullptr;
    std::vector<StepTimes> times;
    const Formula* formula = nullptr;
    // When each step was done, 0 where it was not; a step left out counts as done before the day.
    std::vector<std::int64_t> doneAt;
    std::vector<bool> passed;
};

// One of which nothing is done yet; plan and formula must outlive it.
DayOf dayOf(const DayPlan& plan, const Formula& formula, const Reckoning& reckoning,
            const heat::HeatForecast* forecast);

struct ScheduledStep {
    std::size_t day = 0; // which plan
    std::size_t step = 0;
    std::int64_t from = 0;       // ms: hands on
    std::int64_t handsUntil = 0; // ms
    std::int64_t until = 0;      // ms: what waits for it can begin
    bool done = false;
};

// A wait of the hands, and what was put into it.
struct Idle {
    std::int64_t from = 0;
    std::int64_t until = 0;
};

struct Schedule {
    std::vector<ScheduledStep> steps; // by when they begin
    std::vector<Idle> idle;           // hands free for a minute or more
    std::int64_t begins = 0;
    std::int64_t pours = 0; // of the first plan; 0 where it pours nothing more
    std::int64_t ends = 0;
    double handsSeconds = 0.0;
    double idleSeconds = 0.0;
    // The same day with every step quick, and with every step slow, s from beginning to end.
    double quickSeconds = 0.0;
    double slowSeconds = 0.0;
    double totalSeconds() const { return double(ends - begins) / 1000.0; }
    // Why the wish is not met; the schedule is then the soonest there is.
    enum class Missed { No, TooLateToBegin, TooLong };
    Missed missed = Missed::No;
    double missedBySeconds = 0.0;
};

// Forwards, by one pair of hands: the first step in the list whose needs are met, which is the
// batch that was begun first where two could go on; from joining to pouring a batch that does not
// cook has hands and blender to itself.
Schedule scheduleOf(const std::vector<DayOf>& days, const ScheduleWish& wish);

// What else fits into a step's wait: places of steps of any plan that are done in it.
std::vector<ScheduledStep> doneWhileWaiting(const Schedule& schedule, const ScheduledStep& step);

} // namespace rhexion
