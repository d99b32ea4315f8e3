#include "words/day_plan_words.h"

#include "storage/material_names.h"
#include "words/day_words.h"

#include <QCoreApplication>
#include <QDateTime>

#include <algorithm>
#include <map>

namespace rhexion::words {

namespace {

struct PlanText {
    Q_DECLARE_TR_FUNCTIONS(DayPlan)
};

QDateTime local(std::int64_t ms)
{
    return QDateTime::fromMSecsSinceEpoch(ms);
}

QString span(double seconds, const Speech& s)
{
    return s.minutes(seconds / 60.0);
}

FactSection before(const std::vector<DayOf>& days, std::int64_t day, const Speech& s)
{
    FactSection out{PlanText::tr("Days before"), {}, {}};
    std::vector<std::pair<int, Fact>> dated;
    for (const DayOf& one : days)
        for (std::size_t i = 0; i < one.plan->steps.size(); ++i) {
            const DayStep& step = one.plan->steps[i];
            const auto ahead = daysBefore(step, *one.formula);
            if (!ahead)
                continue;
            const bool done = i < one.passed.size() && one.passed[i];
            dated.emplace_back(
                *ahead,
                Fact{dayStepTitle(step, *one.formula), s.date(local(day).date().addDays(-*ahead)),
                     done ? PlanText::tr("done")
                          : PlanText::tr("%1 of hands, then %2")
                                .arg(span(one.times[i].hands.typical(), s),
                                     s.hours(one.times[i].waiting.typical() / 3600.0))});
        }
    std::ranges::stable_sort(dated, std::greater<>(), [](const auto& d) { return d.first; });
    for (auto& [ahead, fact] : dated)
        out.facts << fact;
    return out;
}

// What the batch draws, each material once: to be looked for on the shelf before the day.
FactSection draws(const std::vector<DayOf>& days, const Speech& s)
{
    FactSection out{PlanText::tr("To have on the shelf"), {}, {}};
    std::map<std::string, std::pair<QString, double>> grams;
    std::map<std::string, QString> lots;
    std::vector<std::string> order;
    for (const DayOf& one : days)
        for (const DayStep& step : one.plan->steps) {
            if (!step.weighs() || step.target.what == WeighTarget::What::HeldOil)
                continue;
            const Line* line = step.target.what == WeighTarget::What::Line
                                   ? one.formula->find(step.target.line)
                                   : nullptr;
            const MaterialPtr m = line ? line->material : nullptr;
            const QString name = m ? materialName(*m) : dayStepTitle(step, *one.formula);
            auto& entry = grams[name.toStdString()];
            if (entry.first.isEmpty()) {
                order.push_back(name.toStdString());
                entry.first = name;
            }
            entry.second += step.plannedGrams;
            if (m && !m->lot.id.empty())
                lots[name.toStdString()] =
                    PlanText::tr("from lot %1").arg(QString::fromStdString(m->lot.name));
            else if (m && m->kind != MaterialKind::Liquid)
                out.sentence = PlanText::tr(
                    "Where no lot stands below a thing, look whether there is enough.");
        }
    for (const std::string& name : order)
        out.facts << Fact{grams[name].first, s.mass(grams[name].second), lots[name]};
    return out;
}

// What is done while a step waits, by the steps it begins and ends with.
QString meanwhile(const std::vector<DayOf>& days, const Schedule& schedule,
                  const ScheduledStep& step)
{
    const auto fits = doneWhileWaiting(schedule, step);
    if (fits.empty())
        return {};
    const auto title = [&](const ScheduledStep& one) {
        return dayStepTitle(days[one.day].plan->steps[one.step], *days[one.day].formula);
    };
    return QStringLiteral("; ") +
           (fits.size() == 1
                ? PlanText::tr("meanwhile: %1").arg(title(fits.front()))
                : PlanText::tr("meanwhile: %1 to %2").arg(title(fits.front()), title(fits.back())));
}

} // namespace

QString clockTime(std::int64_t ms, std::int64_t now)
{
    const QDateTime at = local(ms);
    // Minutes are enough, whatever the language's short form has.
    QString form = QLocale().timeFormat(QLocale::ShortFormat);
    form.remove(QStringLiteral(":ss"));
    const QString time = QLocale().toString(at.time(), form);
    return at.date() == local(now).date()
               ? time
               : PlanText::tr("%1, %2").arg(
                     QLocale().toString(at.date(), QStringLiteral("ddd d MMM")), time);
}

QString laterTime(std::int64_t ms, std::int64_t now, const Speech& speech)
{
    constexpr std::int64_t twoDays = 172'800'000;
    return ms - now < twoDays ? clockTime(ms, now) : speech.date(local(ms).date());
}

QString laterName(LaterKind kind)
{
    switch (kind) {
    case LaterKind::LookIn: return PlanText::tr("Look in");
    case LaterKind::Unmould: return PlanText::tr("Unmould");
    case LaterKind::Cut: return PlanText::tr("Cut");
    case LaterKind::Stamp: return PlanText::tr("Stamp");
    case LaterKind::Rack: return PlanText::tr("Onto the rack, with air between");
    case LaterKind::Turn: return PlanText::tr("Turn");
    case LaterKind::Ready: return PlanText::tr("Ready");
    }
    return {};
}

QString dayLength(const Schedule& schedule, const Speech& s)
{
    return PlanText::tr("%1 in all (%2 to %3): %4 of your hands, %5 of waiting.")
        .arg(span(schedule.totalSeconds(), s), span(schedule.quickSeconds, s),
             span(schedule.slowSeconds, s), span(schedule.handsSeconds, s),
             span(schedule.idleSeconds, s));
}

QString scheduleMissed(const Schedule& schedule, const ScheduleWish& wish, const Speech& s)
{
    switch (schedule.missed) {
    case Schedule::Missed::No: return {};
    case Schedule::Missed::TooLateToBegin:
        return PlanText::tr("It should have begun %1 ago. Begun now, it can be poured at %2.")
            .arg(span(schedule.missedBySeconds, s), clockTime(schedule.pours, wish.now));
    case Schedule::Missed::TooLong:
        return PlanText::tr(
                   "That is %1 too short. Weigh and lay out the evening before, or make the "
                   "lye ahead, and it fits.")
            .arg(span(schedule.missedBySeconds, s));
    }
    return {};
}

FactPage dayPage(const std::vector<DayOf>& days, const Schedule& schedule, const ScheduleWish& wish,
                 const std::vector<LaterStep>& later, const Speech& s)
{
    FactPage page{PlanText::tr("The day"), dayLength(schedule, s), {}};
    const std::int64_t pours = schedule.pours != 0 ? schedule.pours : wish.now;
    for (FactSection section : {before(days, pours, s), draws(days, s)})
        if (!section.facts.isEmpty())
            page.sections << section;
    FactSection day{PlanText::tr("On the day"), scheduleMissed(schedule, wish, s), {}};
    for (const ScheduledStep& step : schedule.steps) {
        const DayOf& one = days[step.day];
        const DayStep& what = one.plan->steps[step.step];
        const QString title = dayStepTitle(what, *one.formula);
        const double hands = double(step.handsUntil - step.from) / 1000.0;
        const double wait = double(step.until - step.handsUntil) / 1000.0;
        QString note = what.plannedGrams > 0.0
                           ? PlanText::tr("%1, %2").arg(s.mass(what.plannedGrams), span(hands, s))
                           : span(hands, s);
        if (wait >= 60.0)
            note = PlanText::tr("%1, then wait %2").arg(note, span(wait, s));
        if (wait >= 60.0 && !step.done)
            note += meanwhile(days, schedule, step);
        if (step.done)
            note = PlanText::tr("done");
        day.facts << Fact{days.size() > 1 ? PlanText::tr("%1: %2").arg(
                                                QString::fromStdString(one.formula->name), title)
                                          : title,
                          clockTime(step.from, wish.now), note};
    }
    page.sections << day;
    FactSection after{PlanText::tr("After pouring"), {}, {}};
    for (const LaterStep& step : later) {
        const auto at = [&](double hours) {
            return laterTime(pours + std::int64_t(hours * 3600000.0), wish.now, s);
        };
        const QString from = at(step.hours.low());
        const QString to = at(step.hours.high());
        after.facts << Fact{laterName(step.kind),
                            from == to ? from : PlanText::tr("%1 to %2").arg(from, to),
                            PlanText::tr("most likely %1").arg(at(step.hours.typical()))};
    }
    page.sections << after;
    return page;
}

} // namespace rhexion::words
