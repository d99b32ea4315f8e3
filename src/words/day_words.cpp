// The steps of the day and the mends on the day.
#include "words/day_words.h"
#include "words/caution_words.h"
#include "words/names.h"
#include "words/safety_words.h"

#include <QCoreApplication>

namespace rhexion::words {

namespace {

struct DayText {
    Q_DECLARE_TR_FUNCTIONS(Day)
};

bool frozenJug(const Formula& formula, Vessel jug)
{
    for (const Line& line : formula.lines)
        if (line.vessel == jug && line.frozen)
            return true;
    return false;
}

} // namespace

QString dayStepTitle(const DayStep& step, const Formula& formula)
{
    switch (step.kind) {
    case DayStepKind::Prepare: return DayText::tr("Make ready");
    case DayStepKind::WeighLine:
    case DayStepKind::WeighJugWater:
    case DayStepKind::WeighSodium:
    case DayStepKind::WeighPotassium:
    case DayStepKind::WeighSolvent:
    case DayStepKind::SetOilAside: {
        const QString name = targetName(step.target, formula);
        const Line* line =
            step.target.what == WeighTarget::What::Line ? formula.find(step.target.line) : nullptr;
        return line && line->frozen ? DayText::tr("%1, frozen").arg(name) : name;
    }
    case DayStepKind::DissolveLine:
        return DayText::tr("Dissolve %1")
            .arg(targetName({WeighTarget::What::Line, step.target.line}, formula));
    case DayStepKind::DissolveFirst:
        return DayText::tr("Dissolve acid, sugar and salt in the jug’s liquid");
    case DayStepKind::LyeIntoLiquid:
        return step.vessel == Vessel::SecondJug ? DayText::tr("Lye into the second jug’s liquid")
                                                : DayText::tr("Lye into the liquid");
    case DayStepKind::MeltOils: return DayText::tr("Melt and mix the oils");
    case DayStepKind::Combine: return DayText::tr("Lye into the oils, blend to emulsion");
    case DayStepKind::Emulsion: return DayText::tr("Stir in what comes at emulsion");
    case DayStepKind::Trace: return DayText::tr("Blend to trace, stir in what comes at trace");
    case DayStepKind::Divide: return DayText::tr("Divide the batter");
    case DayStepKind::PortionBack:
        return DayText::tr("Finish %1").arg(portionName(step.portion, formula));
    case DayStepKind::Cook: return DayText::tr("Cook until it is soap");
    case DayStepKind::AfterCook: return DayText::tr("Stir in what comes after the cook");
    case DayStepKind::Pour: return DayText::tr("Pour into the mould");
    case DayStepKind::Top: return DayText::tr("Decorate the top");
    }
    return {};
}

QString dayStepAdvice(const DayStep& step, const Formula& formula, const Reckoning& reckoning,
                      const Speech& speech)
{
    switch (step.kind) {
    case DayStepKind::Prepare: return safety() + QLatin1Char(' ') + firstAid();
    case DayStepKind::WeighSolvent:
        return DayText::tr("Out of the liquid you have measured, not beside it.");
    case DayStepKind::DissolveLine: return DayText::tr("Stir until nothing is left to see.");
    case DayStepKind::SetOilAside: {
        const Portion* portion = formula.portion(step.portion);
        const bool one = portion && portion->held && portion->held->line != 0;
        QString text =
            one ? DayText::tr("%1, into a cup of its own; it comes back at trace.")
                      .arg(targetName({WeighTarget::What::Line, portion->held->line}, formula))
                : DayText::tr("Of the melted oils, into a cup of its own; it comes back at trace.");
        if (reckoning.lyeWhileHeld > 0.0)
            text += QLatin1Char(' ') +
                    DayText::tr("Until then the pot holds %1 more lye than its oils take.")
                        .arg(speech.mass(reckoning.lyeWhileHeld));
        return text;
    }
    case DayStepKind::WeighLine:
        if (step.portion != 0)
            return DayText::tr("Into the cup for %1.").arg(portionName(step.portion, formula));
        return isJug(step.vessel) || step.vessel == Vessel::OilPot
                   ? DayText::tr("Tare the scale with the vessel on it; this goes %1.")
                         .arg(vesselPlace(step.vessel))
                   : DayText::tr("Into its own bowl, ready %1.").arg(vesselPlace(step.vessel));
    case DayStepKind::WeighJugWater: return DayText::tr("Cold water, into the jug.");
    case DayStepKind::WeighSodium:
    case DayStepKind::WeighPotassium:
        return DayText::tr(
            "Into a dry cup of its own, not yet into the jug. Close the tub: it draws water "
            "from the air.");
    case DayStepKind::DissolveFirst:
        return DayText::tr("Stir until nothing is left to see, before any lye.");
    case DayStepKind::LyeIntoLiquid: {
        QString text =
            DayText::tr("Lye to the liquid, never the reverse. Stir each portion clear.");
        if (frozenJug(formula, step.vessel))
            text += QLatin1Char(' ') +
                    DayText::tr("The liquid is frozen: a spoonful at a time, over ice.");
        if (const auto& strength = reckoning.jug(step.vessel).strength)
            text +=
                QLatin1Char(' ') + DayText::tr("Jug strength %1.").arg(speech.percent(*strength));
        return text;
    }
    case DayStepKind::MeltOils:
        return DayText::tr("Warm until clear, then let it cool towards the jug.");
    case DayStepKind::Combine:
        return DayText::tr("Bring jug and pot to about %1, within %2 of each other.")
            .arg(speech.temperature(formula.mixing.at.inCelsius()),
                 speech.temperatureDifference(formula.mixing.within));
    case DayStepKind::Divide: {
        QStringList parts;
        for (const PortionReckoned& portion : reckoning.portions) {
            const Portion* named = formula.portion(portion.id);
            QString text = DayText::tr("%1: %2").arg(portionName(portion.id, formula),
                                                     speech.mass(portion.commonGrams));
            if (named && !named->mould.empty())
                text += DayText::tr(" (%1)").arg(QString::fromStdString(named->mould));
            parts << text;
        }
        return DayText::tr("Weigh the batter out. %1.").arg(parts.join(QStringLiteral("; ")));
    }
    case DayStepKind::PortionBack: {
        const PortionReckoned* portion = reckoning.portion(step.portion);
        if (!portion)
            return {};
        return portion->heldGrams > 0.0
                   ? DayText::tr(
                         "Wet colour, clay or yolk with its %1 of oil, then stir all of it in: %2.")
                         .arg(speech.mass(portion->heldGrams), speech.mass(portion->batterGrams()))
                   : DayText::tr("Stir its own things in: %1.")
                         .arg(speech.mass(portion->batterGrams()));
    }
    case DayStepKind::Emulsion: return DayText::tr("When no oil shows on top any more.");
    case DayStepKind::Trace: return DayText::tr("When a drizzle stays to see for a moment.");
    case DayStepKind::Cook:
        return DayText::tr("Stir now and then; add back water that steams off.");
    case DayStepKind::AfterCook: return DayText::tr("Only when the cook is done.");
    case DayStepKind::Pour: return DayText::tr("Tap out the air; cover or chill as you planned.");
    case DayStepKind::Top: return DayText::tr("Press it in lightly.");
    }
    return {};
}

QString dayMend(const DayMend& mend, const Formula& bowl, const Speech& speech, bool first)
{
    const QString name = targetName(mend.target, bowl);
    switch (mend.kind) {
    case DayMendKind::TakeOut:
        return DayText::tr("%1: take %2 out again, if it still can be.")
            .arg(name, speech.mass(mend.grams));
    case DayMendKind::AddMore:
        return DayText::tr("%1: add %2 more.").arg(name, speech.mass(mend.grams));
    case DayMendKind::AddOil:
        return (first ? DayText::tr("%1: add %2, to take up the lye.")
                      : DayText::tr("%1: or add %2, to take up the lye."))
            .arg(name, speech.mass(mend.grams));
    case DayMendKind::AddHydroxide:
        return (first ? DayText::tr("%1: add %2, dissolved first in %3 of water.")
                      : DayText::tr("%1: or add %2, dissolved first in %3 of water."))
            .arg(name, speech.mass(mend.grams), speech.mass(mend.withWaterGrams));
    case DayMendKind::AddWater:
        return DayText::tr("Water: with that, %1 brings the strength back.")
            .arg(speech.mass(mend.grams));
    }
    return {};
}

QString placeName(Place place, PortionId portion, const Formula& formula)
{
    switch (place) {
    case Place::LyeJug: return vesselName(Vessel::LyeJug);
    case Place::SecondJug: return vesselName(Vessel::SecondJug);
    case Place::OilPot: return vesselName(Vessel::OilPot);
    case Place::Batter: return DayText::tr("The batter");
    case Place::Bowl: return DayText::tr("Bowl of %1").arg(portionName(portion, formula));
    case Place::Mould: return DayText::tr("The mould");
    }
    return {};
}

QString lyingName(const Lying& lying, const Formula& formula)
{
    if (lying.target.what != WeighTarget::What::None)
        return targetName(lying.target, formula);
    return lying.material ? QString::fromStdString(lying.material->name) : QString();
}

QString asWeighedSoFar(const AsWeighed& bowl, const Speech& s)
{
    const Reckoning& r = bowl.reckoning;
    return DayText::tr("As weighed so far: true superfat %1 (planned %2), batch strength %3 "
                       "(planned %4)")
        .arg(s.percent(r.superfatTrue), s.percent(bowl.superfatPlanned), s.percent(r.pure.strength),
             s.percent(bowl.strengthPlanned));
}

BowlSaid bowlSaid(const AsWeighed& bowl, const std::vector<Caution>& findings,
                  std::optional<Vessel> here, const Speech& s)
{
    BowlSaid out;
    const bool heavy = bowl.reckoning.lyeHeavy();
    if (heavy)
        out.sentences << (here
                              ? DayText::tr("There is more lye than fat can take. Mend this before "
                                            "you go on, or stop.")
                              : DayText::tr("There is more lye than fat can take: not for skin, "
                                            "and not to be used until a test finds no free lye."));
    for (const Caution& c : findings) {
        const bool said = heavy && c.code == CautionCode::SuperfatBelowZero;
        if (said || c.severity == Severity::Note)
            continue;
        if (c.severity == Severity::Danger)
            out.sentences << QStringLiteral("%1. %2").arg(cautionTitle(c, bowl.formula, s),
                                                          cautionReason(c, bowl.formula, s));
        else if (here && c.vessel == *here)
            out.sentences << cautionTitle(c, bowl.formula, s);
    }
    if (here)
        for (const DayMend& mend : bowl.mends)
            out.sentences << dayMend(mend, bowl.formula, s);
    out.danger = heavy || (!findings.empty() && findings.front().severity == Severity::Danger);
    return out;
}

} // namespace rhexion::words
