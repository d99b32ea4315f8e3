#include "words/heat_words.h"

#include "core/advice/thresholds.h"
#include "core/heat/heat_findings.h"
#include "storage/material_names.h"
#include "words/cannot_words.h"
#include "words/names.h"

#include <QCoreApplication>
#include <QStringList>

#include <cmath>

namespace rhexion::words {

namespace {

struct HeatText {
    Q_DECLARE_TR_FUNCTIONS(Heat)
};

using Tone = Fact::Tone;
using heat::MouldBand;
using heat::MouldRun;

// Milk and sugar brown from about here: common practice.

FactPage page(const QString& title)
{
    return {title, {}, {}};
}

FactPage refused(FactPage page, const Cannot& why, const Speech& s)
{
    page.lead = cannot(why, s);
    return page;
}

QString bandOf(const Interval& celsius, const Speech& s)
{
    return HeatText::tr("%1 to %2")
        .arg(s.temperatureNumber(celsius.low()), wholeDegrees(celsius.high(), s));
}

FactSection estimates()
{
    FactSection section;
    section.sentence = HeatText::tr(
        "All of this is an estimate. Your thermometer knows better: a reading corrects it.");
    return section;
}

void addJug(FactPage& page, const heat::JugForecast& jug, const HeatPlan& plan, const Speech& s)
{
    FactSection bulk;
    bulk.title = HeatText::tr("The whole jug");
    bulk.facts.append(
        {HeatText::tr("Before the lye"), wholeDegrees(jug.run.start, s),
         jug.run.start < -1.0
             ? HeatText::tr("ice and lye together run below freezing; a stirred slush "
                            "usually shows up to 5 degrees more")
             : QString(),
         Tone::Plain});
    bulk.facts.append(
        {HeatText::tr("At its hottest"), aboutDegrees(jug.peak, s),
         HeatText::tr("about %1 after the first lye").arg(roundedTime(jug.run.peakSeconds, s)),
         jug.peak.high() >= valueOf(Threshold::JugMayBoil) ? Tone::Danger : Tone::Plain});
    if (plan.iceBath)
        bulk.facts.append(
            {HeatText::tr("Without the ice bath"), wholeDegrees(jug.peakWithoutBath, s),
             HeatText::tr("have the bath ready before the lye goes in"), Tone::Plain});
    else if (plan.portions > 1 && jug.atOnce.celsius > jug.peak.typical() + 1.0)
        bulk.facts.append({HeatText::tr("If all the lye went in at once"),
                           wholeDegrees(jug.atOnce.celsius, s),
                           HeatText::tr("the portions keep it cooler"), Tone::Plain});
    bulk.facts.append({HeatText::tr("Would boil at"), wholeDegrees(jug.run.boilingPoint, s),
                       HeatText::tr("lye of %1").arg(s.percent(jug.run.strength)), Tone::Plain});
    if (jug.run.steamGrams > 0.5)
        bulk.facts.append(
            {HeatText::tr("Leaves as steam"), s.wholeMass(jug.run.steamGrams), {}, Tone::Danger});
    page.sections.append(bulk);

    FactSection local;
    local.title = HeatText::tr("Where the flakes land");
    local.facts.append({HeatText::tr("For a moment"), wholeDegrees(jug.run.local, s),
                        jug.run.boilsWhereItLands
                            ? HeatText::tr("it boils and spits there: a little at a time, stir, "
                                           "goggles on")
                            : HeatText::tr("between portions the jug evens out"),
                        Tone::Plain});
    local.facts.append({HeatText::tr("Lye goes in"),
                        plan.portions == 1
                            ? HeatText::tr("all at once")
                            : HeatText::tr("%n portion(s), one every %1", nullptr, plan.portions)
                                  .arg(HeatText::tr("%1 min").arg(s.trimmed(plan.pauseMinutes))),
                        {},
                        Tone::Plain});
    page.sections.append(local);

    FactSection rest;
    rest.title = HeatText::tr("What is left in it");
    if (jug.run.meltedSeconds)
        rest.facts.append(
            {HeatText::tr("The last ice is gone after"), aboutTime(*jug.run.meltedSeconds, s),
             HeatText::tr("lye can hide in ice: stir till it is clear"), Tone::Plain});
    else if (jug.run.iceGrams > valueOf(Threshold::IceNoticed))
        rest.facts.append({HeatText::tr("Ice that stays"), s.wholeMass(jug.run.iceGrams),
                           HeatText::tr("undissolved lye may hide in it: let it stand and stir"),
                           Tone::Care});
    if (jug.run.saturated)
        rest.facts.append({HeatText::tr("On the way"),
                           HeatText::tr("more lye than it can dissolve"),
                           HeatText::tr("wait longer between portions"), Tone::Care});
    if (jug.crystals)
        rest.facts.append(
            {HeatText::tr("Lye crystals fall out below"), wholeDegrees(*jug.crystals, s),
             HeatText::tr("keep it warmer, or plan more water from the start"), Tone::Care});
    if (!rest.facts.isEmpty())
        page.sections.append(rest);
}

QString kilojoules(double joules, const Speech& s)
{
    return HeatText::tr("%1 kJ").arg(s.number(joules / 1000.0, 1));
}

QString perDegree(double joules, const Speech& s)
{
    return HeatText::tr("%1 kJ for each degree").arg(s.number(joules / 1000.0, 2));
}

// The sum behind a jug, all at once: what is given off against what takes it up.
FactSection jugWorking(const heat::JugForecast& jug, const Speech& s)
{
    const heat::JugBalance& b = jug.balance;
    FactSection section;
    section.title = HeatText::tr("How the jug’s heat comes about");
    section.sentence = HeatText::tr("All at once, nothing lost to the room:");
    section.facts.append({HeatText::tr("Dissolving the lye gives"), kilojoules(b.dissolving, s),
                          s.moles(b.mol), Tone::Plain});
    if (b.neutralising > 1.0)
        section.facts.append(
            {HeatText::tr("Its acid gives"), kilojoules(b.neutralising, s), {}, Tone::Plain});
    if (b.melting > 1.0)
        section.facts.append(
            {HeatText::tr("Melting ice takes"), kilojoules(b.melting, s),
             HeatText::tr("%1 at 334 J for each gram").arg(s.wholeMass(b.iceMelted)), Tone::Plain});
    section.facts.append({HeatText::tr("What is in it, and the jug, take up"),
                          perDegree(b.capacity, s),
                          {},
                          Tone::Plain});
    section.facts.append(
        {HeatText::tr("So it goes from"),
         HeatText::tr("%1 to %2").arg(wholeDegrees(b.start, s), wholeDegrees(b.end, s)),
         HeatText::tr("warming what was ice, and the flakes, is in it"), Tone::Plain});
    return section;
}

FactSection joiningWorking(const heat::Combined& c, const Speech& s)
{
    FactSection section;
    section.title = HeatText::tr("How the joining comes about");
    section.facts.append(
        {HeatText::tr("The jug holds"), perDegree(c.jugCapacity, s), {}, Tone::Plain});
    section.facts.append(
        {HeatText::tr("The pot holds"), perDegree(c.potCapacity, s), {}, Tone::Plain});
    const auto gives = [&](const QString& what, double joules) {
        if (std::abs(joules) > 50.0)
            section.facts.append({what, kilojoules(joules, s), {}, Tone::Plain});
    };
    gives(HeatText::tr("Thinning strong lye gives"), c.thinning);
    gives(HeatText::tr("The blender gives"), c.blending);
    gives(HeatText::tr("The first soap gives"), c.reacting);
    gives(HeatText::tr("Fatty acid gives, at once"), c.fattyAcid);
    return section;
}

QString schoolWindow(const heat::Window& w, const Speech& s)
{
    QString said = HeatText::tr("%1 to %2").arg(wholeDegrees(w.low, s), wholeDegrees(w.high, s));
    if (w.potLow)
        said = HeatText::tr("jug %1, pot %2 to %3")
                   .arg(said, wholeDegrees(w.lowOfPot(), s), wholeDegrees(w.highOfPot(), s));
    return HeatText::tr("%1, within %2 of each other").arg(said, s.wholeDifference(w.tolerance));
}

QString adviceSaid(const heat::MeetingAdvice& advice, const Speech& s)
{
    if (advice.bothTooCold)
        return HeatText::tr("Both are too cold already: warm the pot, and stand the jug in hot tap "
                            "water. Never warm lye on a flame or in a microwave.");
    const QString minutes = s.minutes(std::max(1.0, std::round(advice.chill.seconds / 60.0)));
    if (!advice.then)
        return HeatText::tr("Cooling the hotter one would not bring them into it: warm the colder "
                            "one, the jug only in hot tap water, or join them cooler.");
    const QString later = advice.jugIsLater ? HeatText::tr("the jug") : HeatText::tr("the pot");
    const QString bath =
        advice.bathCracks
            ? HeatText::tr("Let %1 cool: hot glass or ceramic cracks in ice.").arg(later)
            : HeatText::tr("Set %1 in ice water for about %2 (about %3 of ice melts).")
                  .arg(later, minutes, s.wholeMass(advice.chill.iceGrams));
    const QString warm =
        advice.jugIsLater
            ? HeatText::tr("Or warm the pot again when the jug is there.")
            : HeatText::tr("Or stand the jug in hot tap water when the pot is there, never on a "
                           "flame or in a microwave.");
    return bath + QLatin1Char(' ') + warm;
}

void addMould(FactPage& page, const heat::PourForecast& pour, const Formula& f,
              const HeatPlan& plan, const Speech& s)
{
    const MouldBand& band = pour.band;
    const MouldRun& run = band.typical;
    FactSection section;
    section.title = pour.pour.name.empty()
                        ? HeatText::tr("%1 in one piece").arg(s.wholeMass(pour.pour.grams))
                        : QString::fromStdString(pour.pour.name);
    if (f.portion(pour.pour.portion))
        section.title += QStringLiteral(" · ") + portionName(pour.pour.portion, f);
    section.sentence = gelSaid(band);
    const heat::CoreRisk usual = heat::riskSaid(pour.pour.batter, run);
    const heat::CoreRisk hot = heat::riskSaid(pour.pour.batter, band.hot);
    section.facts.append({HeatText::tr("Poured at"), wholeDegrees(pour.pouredAt, s),
                          coversSaid(plan, s), Tone::Plain});
    if (pour.pour.over > 0.0)
        section.facts.append({HeatText::tr("Does not fit in"),
                              HeatText::tr("%1 ml").arg(s.number(pour.pour.over, 0)),
                              HeatText::tr("it runs over the rim: take a second mould"),
                              Tone::Danger});
    section.facts.append(
        {HeatText::tr("Hottest in the middle"), aboutDegrees(band.peak(), s),
         HeatText::tr("about %1 after pouring").arg(roundedTime(run.peakSeconds, s)),
         usual == heat::CoreRisk::Volcano ? Tone::Danger
         : usual == heat::CoreRisk::Crack ? Tone::Care
                                          : Tone::Plain});
    section.facts.append({HeatText::tr("Turns to gel at"), wholeDegrees(run.gelTemperature, s),
                          HeatText::tr("give or take %1").arg(s.wholeDifference(heat::gelBand)),
                          Tone::Plain});
    if (run.gelStart)
        section.facts.append({HeatText::tr("Gel begins"), aboutTime(*run.gelStart, s),
                              HeatText::tr("%1 of it gels").arg(s.percent(run.gelShare, 0)),
                              Tone::Plain});
    if (hot >= heat::CoreRisk::Crack)
        section.facts.append({HeatText::tr("If it runs hot it may"),
                              hot == heat::CoreRisk::Volcano ? HeatText::tr("rise out of the mould")
                                                             : HeatText::tr("crack"),
                              HeatText::tr("stand it on a tray; gloves on when you look"),
                              usual == heat::CoreRisk::Volcano ? Tone::Danger : Tone::Care});
    section.facts.append({HeatText::tr("Look in first"), aboutTime(band.firstLook(), s),
                          HeatText::tr("then every half hour until an hour past the hottest"),
                          Tone::Plain});
    section.facts.append({HeatText::tr("Nine tenths are soap"),
                          run.ninetySeconds ? aboutTime(*run.ninetySeconds, s)
                                            : HeatText::tr("later than reckoned here"),
                          {},
                          Tone::Plain});
    section.facts.append({HeatText::tr("Do not unmould before"),
                          run.unmouldSeconds ? aboutTime(*run.unmouldSeconds, s)
                                             : HeatText::tr("later than reckoned here"),
                          HeatText::tr("firmness is another matter: press it first"), Tone::Plain});
    if (run.widestGap > 5.0)
        section.facts.append(
            {HeatText::tr("Middle warmer than skin by"),
             s.wholeDifference(run.widestGap),
             {},
             run.widestGap > valueOf(Threshold::WideGap) ? Tone::Care : Tone::Plain});
    if (pour.pour.batter.profileUnknown)
        section.facts.append({HeatText::tr("Fatty acids"), HeatText::tr("not known of every fat"),
                              HeatText::tr("the speed is a guess for those"), Tone::Care});
    page.sections.append(section);
}

} // namespace

QString dayMeetingSaid(const heat::DayMeeting& day, const Speech& s)
{
    if (!day.jug || !day.pot) {
        const heat::Cooling& one = day.jug ? *day.jug : *day.pot;
        const double high = day.jug ? day.window.high : day.window.highOfPot();
        const auto in = one.when(high);
        const QString then =
            in && *in > 0.0 ? HeatText::tr("It comes down to %1 %2 after its first reading.")
                                  .arg(wholeDegrees(high, s), aboutTime(*in, s))
                            : HeatText::tr("It is no warmer than %1.").arg(wholeDegrees(high, s));
        return then + QLatin1Char(' ') +
               (day.jug ? HeatText::tr("Read the pot too.") : HeatText::tr("Read the jug too."));
    }
    QStringList said;
    if (day.inIt) {
        said << (day.until ? HeatText::tr("Both are in the window now, for %1 more.")
                                 .arg(aboutTime(*day.until, s))
                           : HeatText::tr("Both are in the window now, and stay there."));
        if (day.closing)
            said << HeatText::tr("Join them now: the window is closing.");
    } else if (day.from && !day.over) {
        said << HeatText::tr("Both are in the window in %1.").arg(aboutTime(*day.from, s));
        if (day.notSure)
            said << HeatText::tr("That is not sure yet: read both again in ten minutes.");
    } else {
        said << (day.over ? HeatText::tr("They were in the window and are not any more.")
                          : HeatText::tr("Left alone they do not meet in the window."));
        if (day.advice)
            said << adviceSaid(*day.advice, s);
    }
    return said.join(QLatin1Char(' '));
}

QString dayMouldSaid(const heat::DayMould& day, std::int64_t now, const Speech& s)
{
    const double since = static_cast<double>(now - day.poured) / 1000.0;
    const MouldRun& run = day.band.typical;
    QStringList said;
    said << (day.fitted ? HeatText::tr("By your readings of the middle:") : QString());
    said.removeAll(QString());
    said << gelSaid(day.band);
    said << (run.peakSeconds > since
                 ? HeatText::tr("Hottest %1 in %2.")
                       .arg(aboutDegrees(day.band.peak(), s), aboutTime(run.peakSeconds - since, s))
                 : HeatText::tr("The hottest, %1, is over.").arg(aboutDegrees(day.band.peak(), s)));
    if (day.nextLook)
        said << (*day.nextLook <= now
                     ? HeatText::tr("Look in now, gloves on.")
                     : HeatText::tr("Look in again in %1.")
                           .arg(aboutTime(static_cast<double>(*day.nextLook - now) / 1000.0, s)));
    return said.join(QLatin1Char(' '));
}

QString wholeDegrees(double celsius, const Speech& s)
{
    return s.temperature(std::round(celsius));
}

QString aboutDegrees(const Interval& celsius, const Speech& s)
{
    return HeatText::tr("about %1 (%2)")
        .arg(wholeDegrees(celsius.typical(), s), bandOf(celsius, s));
}

QString roundedTime(double seconds, const Speech& s)
{
    const double minutes = seconds / 60.0;
    if (minutes < 2.5)
        return HeatText::tr("%1 min").arg(s.number(std::max(1.0, std::round(minutes)), 0));
    const double step = minutes < 120.0 ? 5.0 : 15.0;
    const double rounded = std::max(step, std::round(minutes / step) * step);
    if (rounded < 60.0)
        return s.minutes(rounded);
    const double hours = std::floor(rounded / 60.0);
    const double rest = rounded - 60.0 * hours;
    if (hours >= 72.0)
        return s.hours(hours);
    return rest < 1.0 ? HeatText::tr("%1 h").arg(s.number(hours, 0))
                      : HeatText::tr("%1 h %2 min").arg(s.number(hours, 0), s.number(rest, 0));
}

QString aboutTime(double seconds, const Speech& s)
{
    return HeatText::tr("about %1").arg(roundedTime(seconds, s));
}

QString gelSaid(const MouldBand& band)
{
    switch (band.gelLikely()) {
    case MouldBand::Likely::Yes: return HeatText::tr("It is likely to gel right through.");
    case MouldBand::Likely::No: return HeatText::tr("It is unlikely to gel.");
    case MouldBand::Likely::May:
        return band.mayRing() ? HeatText::tr("It may gel in the middle and show a darker ring.")
                              : HeatText::tr("It may gel, wholly or in part.");
    }
    return {};
}

QString coversSaid(const HeatPlan& plan, const Speech& s)
{
    QStringList steps;
    for (const CoverStep& step : plan.covers)
        steps << (step.fromHour == 0.0
                      ? mouldCoverName(step.cover)
                      : HeatText::tr("after %1: %2")
                            .arg(s.minutes(step.fromHour * 60.0), mouldCoverName(step.cover)));
    return steps.join(QStringLiteral(", "));
}

FactPage jugFacts(const heat::HeatForecast& h, const Formula&, const Speech& s)
{
    FactPage out = page(HeatText::tr("Heat: the jug"));
    const auto* jug = std::get_if<heat::JugForecast>(&h.jug);
    if (!jug)
        return refused(out, std::get<Cannot>(h.jug), s);
    out.lead = HeatText::tr("The jug comes to %1, for a moment %2 where the lye lands.")
                   .arg(aboutDegrees(jug->peak, s), wholeDegrees(jug->run.local, s));
    addJug(out, *jug, h.plan, s);
    if (h.secondJug) {
        FactPage second;
        addJug(second, *h.secondJug, h.plan, s);
        second.sections[0].title = HeatText::tr("The second jug");
        out.sections += second.sections;
    }
    out.sections.append(jugWorking(*jug, s));
    out.sections.append(estimates());
    return out;
}

FactPage meetingFacts(const heat::HeatForecast& h, const Formula& f, const Speech& s)
{
    FactPage out = page(HeatText::tr("Heat: jug meets pot"));
    const auto* m = std::get_if<heat::MeetingForecast>(&h.meeting);
    if (!m)
        return refused(out, std::get<Cannot>(h.meeting), s);
    if (m->meeting) {
        out.lead =
            m->meeting->until
                ? HeatText::tr("Both are in the window from %1 to %2 after the jug is "
                               "hottest.")
                      .arg(aboutTime(m->meeting->from, s), roundedTime(*m->meeting->until, s))
                : HeatText::tr("Both are in the window from %1 on, and stay there.")
                      .arg(aboutTime(m->meeting->from, s));
        if (m->sd && *m->sd > 600.0)
            out.lead +=
                QLatin1Char(' ') + HeatText::tr("That may be %1 off: read both again on the way.")
                                       .arg(roundedTime(*m->sd, s));
    } else {
        out.lead = HeatText::tr("Left alone they never meet in the window.");
        if (m->near)
            out.lead += QLatin1Char(' ') +
                        HeatText::tr("They come within %1 of each other after %2, near %3.")
                            .arg(s.wholeDifference(m->window.tolerance), aboutTime(*m->near, s),
                                 wholeDegrees(m->nearCelsius(), s));
        if (m->advice)
            out.lead += QLatin1Char(' ') + adviceSaid(*m->advice, s);
    }
    FactSection window;
    window.title = HeatText::tr("The window");
    window.sentence = HeatText::tr("Times are counted from when the jug is hottest.");
    window.facts.append(
        {meetingSchoolName(h.plan.school), schoolWindow(m->window, s), {}, Tone::Plain});
    const auto into = [&](const heat::Cooling& c, double high, double low, double start) {
        if (c.at(start) < low)
            return HeatText::tr("never: it is colder");
        const auto in = c.at(start) <= high ? std::optional(start) : c.when(high);
        const auto outOf = c.when(low);
        const QString from = !in          ? HeatText::tr("never")
                             : *in < 60.0 ? HeatText::tr("at once")
                                          : aboutTime(*in, s);
        return outOf && in && *outOf > *in
                   ? HeatText::tr("%1, out again after %2").arg(from, roundedTime(*outOf, s))
                   : from;
    };
    window.facts.append(
        {HeatText::tr("Jug in the window"), into(m->jug, m->window.high, m->window.low, 0.0),
         HeatText::tr("from %1").arg(wholeDegrees(m->jug.at(0.0), s)), Tone::Plain});
    window.facts.append({HeatText::tr("Melt and mix the oils"),
                         m->potStarts > 60.0 ? aboutTime(m->potStarts, s) : HeatText::tr("at once"),
                         h.plan.potAfterMinutes
                             ? HeatText::tr("as you planned it")
                             : HeatText::tr("so that both come into the window together"),
                         Tone::Plain});
    window.facts.append({HeatText::tr("Pot in the window"),
                         into(m->pot, m->window.highOfPot(), m->window.lowOfPot(), m->potStarts),
                         HeatText::tr("mixed it is %1").arg(wholeDegrees(h.potCelsius, s)),
                         Tone::Plain});
    out.sections.append(window);

    FactSection joined;
    joined.title = HeatText::tr("Joined");
    if (h.setting) {
        const heat::Pot& pot = std::get<heat::Pot>(h.pot);
        const Line& line = f.lines[pot.parts[h.setting->part].item];
        const auto* c = std::get_if<heat::Combined>(&h.joined);
        const bool near = c && c->joined < h.setting->celsius + heat::settingBand;
        joined.facts.append({HeatText::tr("%1 sets out below").arg(materialName(*line.material)),
                             HeatText::tr("about %1").arg(wholeDegrees(h.setting->celsius, s)),
                             HeatText::tr("give or take %1; it looks like trace then")
                                 .arg(s.wholeDifference(heat::settingBand)),
                             near ? Tone::Care : Tone::Plain});
    }
    if (const auto* c = std::get_if<heat::Combined>(&h.joined)) {
        joined.facts.append(
            {HeatText::tr("Jug and pot together"), wholeDegrees(c->joined, s), {}, Tone::Plain});
        joined.facts.append({HeatText::tr("At %1").arg(traceStageName(h.plan.trace)),
                             aboutDegrees(c->atTrace, s),
                             HeatText::tr("blending and the first soap warm it; what goes in cold "
                                          "cools it"),
                             Tone::Plain});
    }
    out.sections.append(joined);
    if (const auto* c = std::get_if<heat::Combined>(&h.joined))
        out.sections.append(joiningWorking(*c, s));
    out.sections.append(estimates());
    return out;
}

FactPage mouldHeatFacts(const heat::HeatForecast& h, const Formula& f, const Speech& s)
{
    FactPage out = page(HeatText::tr("Heat: the mould"));
    const auto* pours = std::get_if<std::vector<heat::PourForecast>>(&h.moulds);
    if (!pours)
        return refused(out, std::get<Cannot>(h.moulds), s);
    if (pours->empty()) {
        out.lead = HeatText::tr("Cooked soap is done when it is spooned in: it only cools there.");
        return out;
    }
    const MouldBand& first = pours->front().band;
    out.lead =
        HeatText::tr("%1 The middle comes to %2; look in after %3.")
            .arg(gelSaid(first), aboutDegrees(first.peak(), s), aboutTime(first.firstLook(), s));
    for (const heat::PourForecast& pour : *pours)
        addMould(out, pour, f, h.plan, s);
    out.sections.append(estimates());
    return out;
}

FactPage cookFacts(const heat::HeatForecast& h, const Formula&, const Speech& s)
{
    FactPage out = page(HeatText::tr("Heat: the cook"));
    if (!h.cook) {
        out.lead = HeatText::tr("Nothing goes in after a cook, so none is reckoned.");
        return out;
    }
    const heat::CookRun& run = *h.cook;
    const auto& done = run.stages[std::size_t(heat::CookStage::Done)];
    out.lead =
        done ? HeatText::tr("Done after about %1 (%2 to %3).")
                   .arg(roundedTime(*done, s), roundedTime(heat::cookTimeBand(*done).low(), s),
                        roundedTime(heat::cookTimeBand(*done).high(), s))
             : HeatText::tr("After %1 it is not done yet: %2 is soap.")
                   .arg(s.minutes(h.plan.cook.minutes), s.percent(run.saponified, 0));
    FactSection stages;
    stages.title = HeatText::tr("Stages");
    const QString names[] = {HeatText::tr("Thick"), HeatText::tr("Like mash"),
                             HeatText::tr("Drying"), HeatText::tr("Done")};
    for (std::size_t i = 0; i < run.stages.size(); ++i)
        stages.facts.append(
            {names[i],
             run.stages[i] ? aboutTime(*run.stages[i], s) : HeatText::tr("not in the time given"),
             {},
             Tone::Plain});
    stages.facts.append({HeatText::tr("At its hottest"),
                         wholeDegrees(run.peak, s),
                         {},
                         run.peak >= valueOf(Threshold::CookClimbs) ? Tone::Care : Tone::Plain});
    if (h.coolForScent)
        stages.facts.append(
            {HeatText::tr("Cool enough for scent (%1)").arg(wholeDegrees(60.0, s)),
             HeatText::tr("about %1 after the heat is off").arg(roundedTime(*h.coolForScent, s)),
             {},
             Tone::Plain});
    out.sections.append(stages);
    FactSection water;
    water.title = HeatText::tr("Water");
    const Interval lost = heat::cookWaterBand(run.waterLost);
    water.facts.append(
        {HeatText::tr("Boils and dries away"),
         HeatText::tr("about %1 (%2 to %3)")
             .arg(s.wholeMass(lost.typical()), s.wholeMass(lost.low()), s.wholeMass(lost.high())),
         HeatText::tr("weigh the pot: the scale knows better"), Tone::Plain});
    water.facts.append({HeatText::tr("Batter left"), s.wholeMass(run.batterLeft),
                        HeatText::tr("lye strength then %1").arg(s.percent(run.strength)),
                        Tone::Plain});
    out.sections.append(water);
    out.sections.append(estimates());
    return out;
}

FactPage heatFacts(const heat::HeatForecast& h, const Formula& f, const Speech& s)
{
    FactPage out = page(HeatText::tr("Forecast of heat"));
    out.lead = heatLine(h, s);
    const auto add = [&](const FactPage& part) {
        FactSection head;
        head.title = part.title;
        head.sentence = part.lead;
        out.sections.append(head);
        for (const FactSection& section : part.sections)
            if (!section.facts.isEmpty())
                out.sections.append(section);
    };
    add(jugFacts(h, f, s));
    add(meetingFacts(h, f, s));
    if (h.cook)
        add(cookFacts(h, f, s));
    else
        add(mouldHeatFacts(h, f, s));
    out.sections.append(estimates());
    return out;
}

QString bandSaid(const MouldBand& band, const Speech& s)
{
    const QString gel = band.gelLikely() == MouldBand::Likely::Yes  ? HeatText::tr("gel likely")
                        : band.gelLikely() == MouldBand::Likely::No ? HeatText::tr("gel unlikely")
                        : band.mayRing()                            ? HeatText::tr("a ring")
                                                                    : HeatText::tr("may gel");
    return HeatText::tr("%1, middle %2").arg(gel, aboutDegrees(band.peak(), s));
}

FactSection learntSection(const HeatKnown& known, const Speech& s)
{
    FactSection section;
    if (!known.any())
        return section;
    section.title = HeatText::tr("Learnt from your batches");
    const auto row = [&](const QString& what, double times, int batches, const QString& more,
                         const QString& less) {
        if (batches == 0)
            return;
        const double off = times - 1.0;
        const QString value = std::abs(off) < 0.005
                                  ? HeatText::tr("as assumed")
                                  : (off > 0.0 ? more : less).arg(s.percent(std::abs(off), 0));
        section.facts.append({what, value,
                              HeatText::tr("from %n batch(es) of yours", nullptr, batches),
                              Tone::Good});
    };
    const auto& l = known.learnt;
    row(HeatText::tr("This formula turns to soap"), l.mould.rate, known.ofRate,
        HeatText::tr("%1 faster than assumed"), HeatText::tr("%1 slower than assumed"));
    row(HeatText::tr("This mould and cover lose heat"), l.mould.loss, known.ofLoss,
        HeatText::tr("%1 faster than assumed"), HeatText::tr("%1 slower than assumed"));
    row(HeatText::tr("Your jugs warm by"), l.jugTimes, known.ofJug,
        HeatText::tr("%1 more than assumed"), HeatText::tr("%1 less than assumed"));
    row(HeatText::tr("Your jug cools"), l.jugRateTimes, known.ofCooling,
        HeatText::tr("%1 faster than assumed"), HeatText::tr("%1 slower than assumed"));
    row(HeatText::tr("Your pot cools"), l.potRateTimes, known.ofCooling,
        HeatText::tr("%1 faster than assumed"), HeatText::tr("%1 slower than assumed"));
    section.facts.last().action = QStringLiteral("forget");
    section.facts.last().actionText = HeatText::tr("Forget what was learnt");
    return section;
}

QString heatLine(const heat::HeatForecast& h, const Speech& s)
{
    QStringList parts;
    if (const auto* jug = std::get_if<heat::JugForecast>(&h.jug))
        parts << HeatText::tr("jug about %1").arg(wholeDegrees(jug->peak.typical(), s));
    if (const auto* m = std::get_if<heat::MeetingForecast>(&h.meeting))
        parts << (m->meeting
                      ? HeatText::tr("they meet after %1").arg(aboutTime(m->meeting->from, s))
                      : HeatText::tr("jug and pot do not meet"));
    if (h.cook) {
        const auto& done = h.cook->stages[std::size_t(heat::CookStage::Done)];
        parts << (done ? HeatText::tr("cooked in %1").arg(aboutTime(*done, s))
                       : HeatText::tr("not done in %1").arg(s.minutes(h.plan.cook.minutes)));
    } else if (const auto* pours = std::get_if<std::vector<heat::PourForecast>>(&h.moulds);
               pours && !pours->empty()) {
        const MouldBand& band = pours->front().band;
        switch (band.gelLikely()) {
        case MouldBand::Likely::Yes: parts << HeatText::tr("gel likely"); break;
        case MouldBand::Likely::No: parts << HeatText::tr("gel unlikely"); break;
        case MouldBand::Likely::May: parts << HeatText::tr("may gel"); break;
        }
        parts << HeatText::tr("look in after %1").arg(aboutTime(band.firstLook(), s));
    }
    if (parts.isEmpty())
        return HeatText::tr("No forecast of heat yet.");
    QString line = parts.join(QStringLiteral(" · "));
    line[0] = line[0].toUpper();
    return line;
}

} // namespace rhexion::words
