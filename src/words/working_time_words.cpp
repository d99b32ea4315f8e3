#include "words/working_time_words.h"

#include "storage/material_names.h"
#include "words/names.h"

#include <QCoreApplication>
#include <QStringList>

namespace rhexion::words {

namespace {

struct PaceText {
    Q_DECLARE_TR_FUNCTIONS(Pace)
};

using Tone = Fact::Tone;

struct FactorRow {
    std::string_view code;
    const char* name;
    const char* reason;
};
constexpr FactorRow factorRows[] = {
    {"temperature", QT_TRANSLATE_NOOP("Pace", "Warmth when jug and pot are joined"),
     QT_TRANSLATE_NOOP("Pace", "ten degrees about double the pace")},
    {"strength", QT_TRANSLATE_NOOP("Pace", "Lye strength"),
     QT_TRANSLATE_NOOP("Pace", "less water sets faster; more water also thins")},
    {"palmitic-stearic", QT_TRANSLATE_NOOP("Pace", "Palmitic and stearic"),
     QT_TRANSLATE_NOOP("Pace", "their soaps thicken, and hard fats set when cool")},
    {"free-fatty-acid", QT_TRANSLATE_NOOP("Pace", "Stearic acid as such"),
     QT_TRANSLATE_NOOP("Pace", "turns to soap at once, and looks like trace")},
    {"sugar", QT_TRANSLATE_NOOP("Pace", "Sugar of every source"),
     QT_TRANSLATE_NOOP("Pace", "heats the batter")},
    {"milk", QT_TRANSLATE_NOOP("Pace", "Milk in the liquid"),
     QT_TRANSLATE_NOOP("Pace", "sugar, protein and fat hurry it; but it is poured cooler")},
    {"salt", QT_TRANSLATE_NOOP("Pace", "Salt"),
     QT_TRANSLATE_NOOP("Pace", "thickens, and parts soap from lye")},
    {"acid", QT_TRANSLATE_NOOP("Pace", "Acid with its lye made up for"),
     QT_TRANSLATE_NOOP("Pace", "makers differ")},
    {"alcohol", QT_TRANSLATE_NOOP("Pace", "Beer or wine in the liquid"),
     QT_TRANSLATE_NOOP("Pace", "alcohol and sugar hurry it")},
    {"clay", QT_TRANSLATE_NOOP("Pace", "Clay"), QT_TRANSLATE_NOOP("Pace", "takes up water")},
    {"ricinoleic", QT_TRANSLATE_NOOP("Pace", "Ricinoleic"),
     QT_TRANSLATE_NOOP("Pace", "helps oil and lye to mix")},
    {"hurrying-oils", QT_TRANSLATE_NOOP("Pace", "Oils known to hurry"),
     QT_TRANSLATE_NOOP("Pace", "free acids and what does not turn to soap")},
    {"blending", QT_TRANSLATE_NOOP("Pace", "How it is blended"),
     QT_TRANSLATE_NOOP("Pace", "a whisk leaves time, long blending takes it")},
    {"gel", QT_TRANSLATE_NOOP("Pace", "Gel or not"),
     QT_TRANSLATE_NOOP("Pace", "a bar that got hot in its mould is firm sooner")},
    {"cavities", QT_TRANSLATE_NOOP("Pace", "Small cavities"),
     QT_TRANSLATE_NOOP("Pace", "they stay cool, and walls hold on all round")},
    {"lauric-myristic", QT_TRANSLATE_NOOP("Pace", "Lauric and myristic"),
     QT_TRANSLATE_NOOP("Pace", "their soaps are firm at once")},
    {"oleic-over-55", QT_TRANSLATE_NOOP("Pace", "Oleic above 55 %"),
     QT_TRANSLATE_NOOP("Pace", "its soap is a gel for days")},
    {"linoleic-linolenic-over-15", QT_TRANSLATE_NOOP("Pace", "Linoleic and linolenic above 15 %"),
     QT_TRANSLATE_NOOP("Pace", "soft soaps")},
    {"potassium-share", QT_TRANSLATE_NOOP("Pace", "Potassium hydroxide"),
     QT_TRANSLATE_NOOP("Pace", "its soaps are soft")},
    {"superfat-over-5", QT_TRANSLATE_NOOP("Pace", "Superfat above 5 %"),
     QT_TRANSLATE_NOOP("Pace", "free oil softens")},
    {"sodium-lactate", QT_TRANSLATE_NOOP("Pace", "Sodium lactate"),
     QT_TRANSLATE_NOOP("Pace", "firms the bar early")},
};

const FactorRow* rowFor(std::string_view code)
{
    for (const FactorRow& row : factorRows)
        if (row.code == code)
            return &row;
    return nullptr;
}

Fact factorFact(const NamedFactor& factor, bool unmould, const Formula& f, const Speech& s)
{
    Fact out{factorName(factor, f),
             PaceText::tr("%1 times").arg(s.number(factor.factor.typical, 2)),
             factorReason(factor.code, unmould), Tone::Plain};
    if (factor.off)
        out.value = PaceText::tr("switched off");
    else if (factor.factor.low != factor.factor.high)
        out.note += PaceText::tr(" (%1 to %2)")
                        .arg(s.number(factor.factor.low, 2), s.number(factor.factor.high, 2));
    return out;
}

bool isNoticed(const NamedFactor& f)
{
    return f.off || f.factor.low < 0.99 || f.factor.high > 1.01;
}

void addFactors(FactPage& page, const QString& title, bool unmould, const TimeForecast& t,
                const Formula& f, const Speech& s)
{
    FactSection section;
    section.title = title;
    for (const NamedFactor& factor : t.factors)
        if (isNoticed(factor))
            section.facts.append(factorFact(factor, unmould, f, s));
    if (section.facts.isEmpty())
        section.sentence = PaceText::tr("Nothing in it moves this time.");
    page.sections.append(section);
}

QString windowSaid(const Factor& t, const Speech& s)
{
    return PaceText::tr("look from %1, likely by %2, if not by %3 wait")
        .arg(s.hours(t.low), s.hours(t.typical), s.hours(t.high));
}

} // namespace

QString workingClassName(WorkingClass what)
{
    switch (what) {
    case WorkingClass::VeryShort: return PaceText::tr("very short");
    case WorkingClass::Short: return PaceText::tr("short");
    case WorkingClass::Fair: return PaceText::tr("fair");
    case WorkingClass::Long: return PaceText::tr("long");
    }
    return {};
}

QString factorName(const NamedFactor& factor, const Formula& f)
{
    constexpr std::string_view scent = "scent:";
    if (factor.code.starts_with(scent)) {
        const std::string lot = factor.code.substr(scent.size());
        for (const Line& line : f.lines)
            if (line.material->id == lot || line.material->lot.id == lot)
                return materialName(*line.material);
        return PaceText::tr("Scent");
    }
    const FactorRow* row = rowFor(factor.code);
    return row ? PaceText::tr(row->name) : QString::fromStdString(factor.code);
}

QString factorReason(const std::string& code, bool unmould)
{
    if (unmould && code == "strength")
        return PaceText::tr("less water is firm sooner");
    if (unmould && code == "salt")
        return PaceText::tr("firms the bar early");
    if (unmould && code == "free-fatty-acid")
        return PaceText::tr("firms the bar");
    if (code.starts_with("scent"))
        return PaceText::tr("as a scent of its kind does");
    const FactorRow* row = rowFor(code);
    return row ? PaceText::tr(row->reason) : QString();
}

QString forecastSaid(const Factor& t, bool hours, const Speech& s)
{
    const auto say = [&](double x) { return hours ? s.hours(x) : s.minutes(x); };
    return PaceText::tr("%1 (%2 to %3)").arg(say(t.typical), say(t.low), say(t.high));
}

QString speedRiskSaid(const SpeedRiskFound& risk, const Formula& f, const Speech& s)
{
    switch (risk.what) {
    case SpeedRisk::SeizingScentWithSugar:
        return PaceText::tr("A scent that seizes, and %1 that heats: add the scent last, cool, by "
                            "hand, with the moulds beside you.")
            .arg(lineName(risk.line, f));
    case SpeedRisk::ManyColoursFastBatter:
        return PaceText::tr("%1 colours with a fast batter: two colours at most, or work cooler.")
            .arg(s.number(risk.figure, 0));
    case SpeedRisk::UntriedScent:
        return PaceText::tr("Nobody here has tried %1 yet: have a plain mould ready.")
            .arg(lineName(risk.line, f));
    case SpeedRisk::VeryShort:
        return PaceText::tr("Only some %1 to pour: everything set out first, nobody else's job.")
            .arg(s.minutes(risk.figure));
    }
    return {};
}

FactPage workingFacts(const Formula& f, const Reckoning& r, std::span<const std::string> tried,
                      std::span<const OwnLog> logs, const Speech& s)
{
    FactPage page;
    page.title = PaceText::tr("Working time");
    const std::vector<ScentDose> scents = scentDoses(f, r, tried);
    const TimeForecast work = corrected(
        workingTime(workFeatures(f, r), scents, f.handling.blending, f.handling.factorsOff), logs);
    const MouldTimes windows =
        windowsOf(unmouldFeatures(f, r), f.handling.gel, mouldKindOf(f), f.handling.factorsOff);
    const WorkingClass typical = classOfMinutes(work.time.typical);
    const WorkingClass low = classOfMinutes(work.time.low);
    page.lead = low == typical ? PaceText::tr("Working time: %1.").arg(workingClassName(typical))
                               : PaceText::tr("Working time: %1, perhaps %2.")
                                     .arg(workingClassName(typical), workingClassName(low));
    FactSection times;
    times.title = PaceText::tr("Times");
    times.facts.append(
        {PaceText::tr("From emulsion until it no longer pours"), forecastSaid(work.time, false, s),
         work.logs > 0 ? PaceText::tr("from %n batch(es) of yours", nullptr, work.logs)
                       : PaceText::tr("common practice, no source; your own batches "
                                      "will correct it"),
         typical == WorkingClass::VeryShort || typical == WorkingClass::Short ? Tone::Care
                                                                              : Tone::Plain});
    times.facts.append({PaceText::tr("Out of the mould"),
                        forecastSaid(windows.unmould.time, true, s),
                        windowSaid(windows.unmould.time, s), Tone::Plain});
    if (windows.cut)
        times.facts.append({PaceText::tr("Cut before"), forecastSaid(windows.cut->closes, true, s),
                            windows.salty ? PaceText::tr("a salt bar crumbles when it is cut late")
                                          : PaceText::tr("later it turns brittle"),
                            windows.salty ? Tone::Care : Tone::Plain});
    else
        times.facts.append({PaceText::tr("Cut"), PaceText::tr("not at all"),
                            PaceText::tr("the mould makes the bars"), Tone::Plain});
    times.facts.append({PaceText::tr("Stamp from"), forecastSaid(windows.stamp.opens, true, s),
                        PaceText::tr("until about %1").arg(s.hours(windows.stamp.closes.typical)),
                        Tone::Plain});
    page.sections.append(times);
    FactSection risks;
    risks.title = PaceText::tr("Before the day");
    for (const SpeedRiskFound& risk : speedRisks(f, r, work, scents))
        risks.facts.append({speedRiskSaid(risk, f, s), {}, {}, Tone::Care});
    if (!risks.facts.isEmpty())
        page.sections.append(risks);
    addFactors(page, PaceText::tr("What moves the working time"), false, work, f, s);
    addFactors(page, PaceText::tr("What moves the unmoulding"), true, windows.unmould, f, s);
    return page;
}

} // namespace rhexion::words
