#include "storage/day_json.h"

#include "storage/step_json.h"

#include <QDateTime>
#include <QJsonArray>

namespace rhexion {

namespace {

QString utc(std::int64_t ms)
{
    return QDateTime::fromMSecsSinceEpoch(ms, Qt::UTC).toString(Qt::ISODate);
}

const char* codeOf(Schedule::Missed missed)
{
    switch (missed) {
    case Schedule::Missed::TooLateToBegin: return "too-late-to-begin";
    case Schedule::Missed::TooLong: return "too-long";
    case Schedule::Missed::No: break;
    }
    return "no";
}

QJsonObject planOf(const DayOf& day)
{
    QJsonArray steps;
    for (std::size_t i = 0; i < day.plan->steps.size(); ++i) {
        const DayStep& step = day.plan->steps[i];
        QJsonObject one = planStepToJson(step);
        one["handsSeconds"] = day.times[i].hands.typical();
        one["waitSeconds"] = day.times[i].waiting.typical();
        const StepMarks marks = marksOf(step);
        one["safety"] = marks.safety;
        one["lye"] = marks.lye;
        const StepWarmth warmth =
            warmthOf(step, *day.formula, day.formula->heat.value_or(HeatPlan{}));
        if (warmth.reach)
            one["reachCelsius"] = *warmth.reach;
        if (warmth.under)
            one["underCelsius"] = *warmth.under;
        if (const auto before = daysBefore(step, *day.formula))
            one["daysBefore"] = *before;
        steps.append(one);
    }
    return {{"name", QString::fromStdString(day.formula->name)}, {"steps", steps}};
}

} // namespace

QJsonObject dayToJson(const std::vector<DayOf>& days, const Schedule& schedule,
                      const std::vector<LaterStep>& later)
{
    QJsonArray plans;
    for (const DayOf& day : days)
        plans.append(planOf(day));
    QJsonArray times;
    for (const ScheduledStep& step : schedule.steps)
        times.append(QJsonObject{{"plan", double(step.day)},
                                 {"step", double(step.step)},
                                 {"from", utc(step.from)},
                                 {"handsUntil", utc(step.handsUntil)},
                                 {"until", utc(step.until)}});
    QJsonArray after;
    for (const LaterStep& step : later)
        after.append(QJsonObject{{"what", codeOf(step.kind)},
                                 {"fromHours", step.hours.low()},
                                 {"typicalHours", step.hours.typical()},
                                 {"untilHours", step.hours.high()}});
    QJsonObject out{{"format", "rhexion-day"},
                    {"version", 1},
                    {"estimate", true},
                    {"plans", plans},
                    {"schedule", times},
                    {"begins", utc(schedule.begins)},
                    {"ends", utc(schedule.ends)},
                    {"handsSeconds", schedule.handsSeconds},
                    {"waitSeconds", schedule.idleSeconds},
                    {"quickSeconds", schedule.quickSeconds},
                    {"slowSeconds", schedule.slowSeconds},
                    {"missed", codeOf(schedule.missed)},
                    {"later", after}};
    if (schedule.pours != 0)
        out["pours"] = utc(schedule.pours);
    if (schedule.missed != Schedule::Missed::No)
        out["missedBySeconds"] = schedule.missedBySeconds;
    return out;
}

} // namespace rhexion
