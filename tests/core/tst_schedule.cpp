// Times of the day: one pair of hands, one blender, waits filled, wishes met or said to be missed.
#include <QTest>

#include "core/makeday/later.h"
#include "core/makeday/schedule.h"
#include "support/day.h"
#include "support/make.h"
#include "support/random_formula.h"

#include <algorithm>

using namespace rhexion;
using namespace rhexion::test;
using Kind = DayStepKind;

namespace {

constexpr std::int64_t noon = 1'700'000'000'000;

struct Day {
    Formula formula;
    Reckoning reckoning;
    DayPlan plan;
    explicit Day(Formula f)
        : formula(std::move(f)), reckoning(std::get<Reckoning>(reckon(formula))),
          plan(planDay(formula, reckoning))
    {
    }
    DayOf of(const heat::HeatForecast* forecast = nullptr) const
    {
        return dayOf(plan, formula, reckoning, forecast);
    }
};

Formula simple()
{
    Formula f = twoOils();
    f.name = "simple";
    add(f, plainWater(), rest, Vessel::LyeJug);
    return f;
}

const ScheduledStep& at(const Schedule& s, const std::vector<DayOf>& days, Kind kind,
                        std::size_t day = 0)
{
    return *std::ranges::find_if(s.steps, [&](const ScheduledStep& step) {
        return step.day == day && days[day].plan->steps[step.step].kind == kind;
    });
}

// What no schedule may break.
QString broken(const Schedule& s, const std::vector<DayOf>& days)
{
    std::int64_t hands = 0;
    for (const ScheduledStep& step : s.steps) {
        if (!step.done && step.from < hands)
            return QStringLiteral("two hands at once");
        hands = std::max(hands, step.handsUntil);
        for (const std::size_t before : days[step.day].plan->steps[step.step].after)
            for (const ScheduledStep& other : s.steps)
                if (other.day == step.day && other.step == before && other.until > step.from)
                    return QStringLiteral("begins before what it waits for");
    }
    for (std::size_t d = 0; d < days.size(); ++d) {
        std::int64_t joined = 0;
        std::int64_t poured = 0;
        for (const ScheduledStep& step : s.steps)
            if (step.day == d) {
                const Kind kind = days[d].plan->steps[step.step].kind;
                joined = kind == Kind::Combine ? step.from : joined;
                poured = kind == Kind::Pour ? step.handsUntil : poured;
            }
        if (days[d].formula->cooks())
            continue;
        for (const ScheduledStep& step : s.steps)
            if (step.day != d && step.from > joined && step.from < poured)
                return QStringLiteral("another batch while batter stands");
    }
    return {};
}

} // namespace

class TestSchedule : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void startNow()
    {
        const Day day(simple());
        const std::vector<DayOf> days{day.of()};
        const Schedule s = scheduleOf(days, {ScheduleHow::StartNow, noon, 0, 0});
        QCOMPARE(broken(s, days), QString());
        QCOMPARE(s.begins, noon);
        QCOMPARE(s.steps.size(), day.plan.steps.size());
        QCOMPARE(s.pours, at(s, days, Kind::Pour).from);
        QVERIFY(s.quickSeconds < s.totalSeconds() && s.totalSeconds() < s.slowSeconds);
        QVERIFY(std::abs(s.handsSeconds + s.idleSeconds - s.totalSeconds()) < 60.0);
        // Oils melt by themselves meanwhile: that wait is filled.
        const auto meanwhile = doneWhileWaiting(s, at(s, days, Kind::MeltOils));
        QVERIFY(!meanwhile.empty());
    }

    void pourAtATime()
    {
        const Day day(simple());
        const std::vector<DayOf> days{day.of()};
        const Schedule now = scheduleOf(days, {ScheduleHow::StartNow, noon, 0, 0});
        const std::int64_t wanted = now.pours + 3'600'000;
        const Schedule later = scheduleOf(days, {ScheduleHow::PourAt, noon, wanted, 0});
        QCOMPARE(later.pours, wanted);
        QCOMPARE(at(later, days, Kind::Pour).from, wanted);
        QCOMPARE(later.begins, noon + 3'600'000);
        QCOMPARE(int(later.missed), int(Schedule::Missed::No));
        const Schedule tooLate = scheduleOf(days, {ScheduleHow::PourAt, noon, noon + 60'000, 0});
        QCOMPARE(int(tooLate.missed), int(Schedule::Missed::TooLateToBegin));
        QCOMPARE(tooLate.pours, now.pours);
        QCOMPARE(tooLate.missedBySeconds, double(now.pours - noon - 60'000) / 1000.0);
    }

    void withinATime()
    {
        const Day day(simple());
        const std::vector<DayOf> days{day.of()};
        const double needed =
            double(scheduleOf(days, {ScheduleHow::StartNow, noon, 0, 0}).pours - noon) / 1000.0;
        QCOMPARE(int(scheduleOf(days, {ScheduleHow::Within, noon, 0, needed}).missed),
                 int(Schedule::Missed::No));
        const Schedule s = scheduleOf(days, {ScheduleHow::Within, noon, 0, needed - 300.0});
        QCOMPARE(int(s.missed), int(Schedule::Missed::TooLong));
        QVERIFY(std::abs(s.missedBySeconds - 300.0) < 1e-6);
    }

    // Two batches interleave on one pair of hands and take less than one after the other.
    void twoOnOneBench()
    {
        const Day a(simple());
        const Day b(simple());
        const std::vector<DayOf> both{a.of(), b.of()};
        const ScheduleWish wish{ScheduleHow::StartNow, noon, 0, 0};
        const Schedule s = scheduleOf(both, wish);
        QCOMPARE(broken(s, both), QString());
        QCOMPARE(s.steps.size(), a.plan.steps.size() + b.plan.steps.size());
        const double alone = scheduleOf({a.of()}, wish).totalSeconds();
        QVERIFY(s.totalSeconds() > alone && s.totalSeconds() < 2.0 * alone - 60.0);
    }

    // It moves when reality does: what is done keeps its time, the rest follows from now.
    void reality()
    {
        const Day day(simple());
        std::vector<DayOf> days{day.of()};
        const ScheduleWish wish{ScheduleHow::StartNow, noon, 0, 0};
        const Schedule planned = scheduleOf(days, wish);
        const std::size_t melt = placeOf(day.plan, Kind::MeltOils);
        for (std::size_t i = 0; i <= melt; ++i) {
            days[0].passed[i] = true;
            days[0].doneAt[i] = noon + std::int64_t(i) * 120'000;
        }
        const std::int64_t now = noon + 7'200'000; // two hours on
        const Schedule s = scheduleOf(days, {ScheduleHow::StartNow, now, 0, 0});
        QCOMPARE(broken(s, days), QString());
        QVERIFY(at(s, days, Kind::MeltOils).done);
        QCOMPARE(at(s, days, Kind::MeltOils).until, days[0].doneAt[melt]);
        QVERIFY(s.pours > now && s.pours > planned.pours);
        for (const ScheduledStep& step : s.steps)
            QVERIFY(step.done || step.from >= now);
    }

    // The forecast's own times: portions of lye, the wait to meet.
    void heatTells()
    {
        const Day day(simple());
        HeatPlan plan;
        plan.portions = 6;
        plan.pauseMinutes = 2.0;
        const auto forecast = heat::forecastHeat(day.formula, day.reckoning, plan);
        QVERIFY(forecast);
        const auto times = timesOf(day.plan, day.formula, day.reckoning, &*forecast);
        const Interval& lye = times[placeOf(day.plan, Kind::LyeIntoLiquid)].hands;
        QCOMPARE(lye.typical(), 6 * (120.0 + 20.0));
        const auto* meeting = std::get_if<heat::MeetingForecast>(&forecast->meeting);
        QVERIFY(meeting && (meeting->meeting || meeting->near));
        QCOMPARE(times[placeOf(day.plan, Kind::WaitToMeet)].waiting.typical(),
                 meeting->meeting ? meeting->meeting->from : *meeting->near);
        for (const StepTimes& t : times)
            QVERIFY(t.hands.low() <= t.hands.typical() && t.hands.typical() <= t.hands.high());
    }

    // Warmth a step aims at: oils melted, milk kept cool, scent under its flash point.
    void warmth()
    {
        Formula f = simple();
        auto scent = material("scent", MaterialKind::Scent);
        scent->flash = figure(58.0);
        add(f, scent, grams(10), Vessel::AfterCook);
        HeatPlan plan;
        plan.melted = 66.0;
        QCOMPARE(*warmthOf({Kind::MeltOils, {}}, f, plan).reach, 66.0);
        QCOMPARE(*warmthOf({Kind::WaitToMeet, {}}, f, plan).reach, 38.0);
        QCOMPARE(*warmthOf({Kind::CoolForScent, {}}, f, plan).under, 53.0);
        f.lines.back().material = material("scent", MaterialKind::Scent);
        QCOMPARE(*warmthOf({Kind::AfterCook, {}}, f, plan).under, flashNotKnown);
        QVERIFY(!warmthOf({Kind::LyeIntoLiquid, {}}, f, plan).under);
        add(f, milk(0.87, 0.04, 230), grams(100), Vessel::LyeJug);
        QCOMPARE(*warmthOf({Kind::LyeIntoLiquid, {}}, f, plan).under, milkStaysUnder);
        QVERIFY(!warmthOf({Kind::Prepare, {}}, f, plan).reach);
    }

    void anyDays()
    {
        RandomFormulas random(1402);
        for (int i = 0; i < 100; ++i) {
            std::vector<Day> all;
            for (int k = random.below(3); k >= 0; --k) {
                Formula f = random.next(false);
                random.everythingOn(f);
                if (std::holds_alternative<Reckoning>(reckon(f)))
                    all.emplace_back(f);
            }
            std::vector<DayOf> days;
            for (const Day& day : all)
                days.push_back(day.of());
            const Schedule s = scheduleOf(days, {ScheduleHow::StartNow, noon, 0, 0});
            QCOMPARE(broken(s, days), QString());
        }
    }

    void laterInOrder()
    {
        const Day day(simple());
        const auto forecast = heat::forecastHeat(day.formula, day.reckoning, HeatPlan{});
        const auto later = laterSteps(day.formula, day.reckoning, &*forecast);
        QCOMPARE(int(later.front().kind), int(LaterKind::LookIn));
        QCOMPARE(int(later.back().kind), int(LaterKind::Ready));
        QCOMPARE(later.back().hours.low(), 4.0 * 7.0 * 24.0);
        double before = 0.0;
        for (const LaterStep& step : later) {
            QVERIFY(step.hours.typical() >= before);
            before = step.hours.typical();
        }
    }
};

QTEST_GUILESS_MAIN(TestSchedule)
#include "tst_schedule.moc"
