#include "core/makeday/schedule.h"

#include <algorithm>
#include <functional>
#include <limits>

namespace rhexion {

namespace {

using Kind = DayStepKind;
using Pick = double (Interval::*)() const;

constexpr std::int64_t worthTelling = 60'000; // ms
constexpr std::int64_t never = std::numeric_limits<std::int64_t>::max();

std::int64_t ms(double seconds)
{
    return static_cast<std::int64_t>(seconds * 1000.0);
}

// Lays steps one after the other onto one pair of hands.
class Bench {
public:
    Bench(const std::vector<DayOf>& days, std::int64_t from, Pick pick)
        : days_(days), hands_(from), pick_(pick)
    {
        for (const DayOf& day : days) {
            readyAt_.emplace_back(day.plan->steps.size(), never);
            for (std::size_t i = 0; i < day.plan->steps.size(); ++i)
                if (daysBefore(day.plan->steps[i], *day.formula))
                    readyAt_.back()[i] = from; // no part of the day
        }
    }

    std::vector<ScheduledStep> lay()
    {
        for (std::size_t d = 0; d < days_.size(); ++d)
            layDone(d);
        // Done more quickly than usual, a step began when the one before it was done.
        std::ranges::stable_sort(out_, {}, &ScheduledStep::until);
        for (std::size_t i = 1; i < out_.size(); ++i)
            out_[i].from = std::clamp(out_[i].from, out_[i - 1].until, out_[i].until);
        while (const auto next = soonest())
            put(next->first, next->second);
        std::ranges::stable_sort(out_, {}, &ScheduledStep::from);
        return std::move(out_);
    }

private:
    void layDone(std::size_t d)
    {
        const DayOf& day = days_[d];
        for (std::size_t i = 0; i < day.passed.size(); ++i) {
            if (!day.passed[i] || readyAt_[d][i] != never)
                continue;
            const std::int64_t at = day.doneAt[i];
            readyAt_[d][i] = at;
            if (at != 0) {
                const std::int64_t hands = ms((day.times[i].hands.*pick_)());
                // A wait that was begun goes on unless what it was for is done already.
                out_.push_back({d, i, at - hands, at, at, true});
            }
            // Batter that is joined and not poured keeps the hands.
            if (day.plan->steps[i].kind == Kind::Combine && !day.formula->cooks())
                busy_ = d;
            if (day.plan->steps[i].kind == Kind::Pour && busy_ == d)
                busy_.reset();
        }
    }

    // When the step could begin; never where something it waits for is not laid yet.
    std::int64_t couldBegin(std::size_t d, std::size_t i) const
    {
        std::int64_t at = hands_;
        for (const std::size_t before : days_[d].plan->steps[i].after) {
            if (readyAt_[d][before] == never)
                return never;
            at = std::max(at, readyAt_[d][before]);
        }
        return at;
    }

    std::optional<std::pair<std::size_t, std::size_t>> soonest() const
    {
        std::optional<std::pair<std::size_t, std::size_t>> best;
        std::int64_t bestAt = never;
        for (std::size_t d = 0; d < days_.size(); ++d) {
            if (busy_ && *busy_ != d)
                continue;
            for (std::size_t i = 0; i < readyAt_[d].size(); ++i) {
                if (readyAt_[d][i] != never)
                    continue;
                const std::int64_t at = couldBegin(d, i);
                // Nobody turns away from a jug that is still dissolving.
                if (at != never && days_[d].plan->steps[i].kind == Kind::LookThrough)
                    return std::pair(d, i);
                if (at < bestAt) {
                    bestAt = at;
                    best = {d, i};
                }
            }
        }
        return best;
    }

    void put(std::size_t d, std::size_t i)
    {
        const DayOf& day = days_[d];
        const std::int64_t from = couldBegin(d, i);
        const std::int64_t hands = from + ms((day.times[i].hands.*pick_)());
        const std::int64_t until = hands + ms((day.times[i].waiting.*pick_)());
        readyAt_[d][i] = until;
        hands_ = hands;
        out_.push_back({d, i, from, hands, until, false});
        const Kind kind = day.plan->steps[i].kind;
        if (kind == Kind::Combine && !day.formula->cooks())
            busy_ = d;
        if (kind == Kind::Pour)
            busy_.reset();
    }

    const std::vector<DayOf>& days_;
    std::int64_t hands_;
    Pick pick_;
    std::vector<std::vector<std::int64_t>> readyAt_;
    std::optional<std::size_t> busy_; // the batch that has the hands to itself
    std::vector<ScheduledStep> out_;
};

std::int64_t endOf(const std::vector<ScheduledStep>& steps, std::int64_t from)
{
    std::int64_t end = from;
    for (const ScheduledStep& s : steps)
        end = std::max(end, s.until);
    return end;
}

std::int64_t beginOf(const std::vector<ScheduledStep>& steps, std::int64_t from)
{
    return steps.empty() ? from : steps.front().from;
}

void settle(Schedule& out, std::int64_t from)
{
    out.begins = beginOf(out.steps, from);
    out.ends = endOf(out.steps, from);
    std::int64_t hands = out.begins;
    for (const ScheduledStep& s : out.steps) {
        if (s.from - hands >= worthTelling)
            out.idle.push_back({hands, s.from});
        out.handsSeconds += double(s.handsUntil - s.from) / 1000.0;
        hands = std::max(hands, s.handsUntil);
    }
    if (out.ends - hands >= worthTelling)
        out.idle.push_back({hands, out.ends});
    for (const Idle& idle : out.idle)
        out.idleSeconds += double(idle.until - idle.from) / 1000.0;
}

} // namespace

DayOf dayOf(const DayPlan& plan, const Formula& formula, const Reckoning& reckoning,
            const heat::HeatForecast* forecast)
{
    return {&plan, timesOf(plan, formula, reckoning, forecast), &formula,
            std::vector<std::int64_t>(plan.steps.size(), 0),
            std::vector<bool>(plan.steps.size(), false)};
}

Schedule scheduleOf(const std::vector<DayOf>& days, const ScheduleWish& wish)
{
    Schedule out;
    out.steps = Bench(days, wish.now, &Interval::typical).lay();
    const auto pourOf = [&](bool all) {
        std::int64_t at = 0;
        for (const ScheduledStep& s : out.steps)
            if ((all || s.day == 0) && !s.done &&
                days[s.day].plan->steps[s.step].kind == Kind::Pour)
                at = std::max(at, s.from);
        return at;
    };
    out.pours = pourOf(false);
    if (wish.how == ScheduleHow::PourAt && out.pours != 0) {
        const std::int64_t later = wish.pourAt - out.pours;
        if (later < 0) {
            out.missed = Schedule::Missed::TooLateToBegin;
            out.missedBySeconds = double(-later) / 1000.0;
        } else {
            for (ScheduledStep& s : out.steps)
                if (!s.done) {
                    s.from += later;
                    s.handsUntil += later;
                    s.until += later;
                }
            out.pours += later;
        }
    }
    if (wish.how == ScheduleHow::Within) {
        const double needed = double(pourOf(true) - wish.now) / 1000.0;
        if (needed > wish.within) {
            out.missed = Schedule::Missed::TooLong;
            out.missedBySeconds = needed - wish.within;
        }
    }
    settle(out, wish.now);
    const auto lasts = [&](Pick pick) {
        const auto steps = Bench(days, wish.now, pick).lay();
        return double(endOf(steps, wish.now) - beginOf(steps, wish.now)) / 1000.0;
    };
    out.quickSeconds = std::min(lasts(&Interval::low), out.totalSeconds());
    out.slowSeconds = std::max(lasts(&Interval::high), out.totalSeconds());
    return out;
}

std::vector<ScheduledStep> doneWhileWaiting(const Schedule& schedule, const ScheduledStep& step)
{
    std::vector<ScheduledStep> out;
    for (const ScheduledStep& other : schedule.steps)
        if (other.from >= step.handsUntil && other.handsUntil <= step.until)
            out.push_back(other);
    return out;
}

} // namespace rhexion
