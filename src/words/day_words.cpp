// The steps of the day and the mends on the day.
#include "words/words.h"

#include <QCoreApplication>

namespace rhexion::words {

namespace {

QString tr(const char* text)
{
    return QCoreApplication::translate("Day", text);
}

bool frozenJug(const Formula& formula)
{
    for (const Line& line : formula.lines)
        if (line.vessel == Vessel::LyeJug && line.frozen)
            return true;
    return false;
}

} // namespace

QString dayStepTitle(const DayStep& step, const Formula& formula)
{
    switch (step.kind) {
    case DayStepKind::Prepare: return tr("Make ready");
    case DayStepKind::WeighLine:
    case DayStepKind::WeighJugWater:
    case DayStepKind::WeighSodium:
    case DayStepKind::WeighPotassium: {
        const QString name = targetName(step.target, formula);
        const Line* line =
            step.target.what == WeighTarget::What::Line ? formula.find(step.target.line) : nullptr;
        return line && line->frozen ? tr("%1, frozen").arg(name) : name;
    }
    case DayStepKind::DissolveFirst:
        return tr("Dissolve acid, sugar and salt in the jug\u2019s liquid");
    case DayStepKind::LyeIntoLiquid: return tr("Lye into the liquid");
    case DayStepKind::MeltOils: return tr("Melt and mix the oils");
    case DayStepKind::Combine: return tr("Lye into the oils, blend to emulsion");
    case DayStepKind::Emulsion: return tr("Stir in what comes at emulsion");
    case DayStepKind::Trace: return tr("Blend to trace, stir in what comes at trace");
    case DayStepKind::Cook: return tr("Cook until it is soap");
    case DayStepKind::AfterCook: return tr("Stir in what comes after the cook");
    case DayStepKind::Pour: return tr("Pour into the mould");
    case DayStepKind::Top: return tr("Decorate the top");
    }
    return {};
}

QString dayStepAdvice(const DayStep& step, const Formula& formula, const Reckoning& reckoning,
                      const Speech& speech)
{
    switch (step.kind) {
    case DayStepKind::Prepare: return safety() + QLatin1Char(' ') + firstAid();
    case DayStepKind::WeighLine:
        return step.vessel == Vessel::LyeJug || step.vessel == Vessel::OilPot
                   ? tr("Tare the scale with the vessel on it; this goes %1.")
                         .arg(vesselPlace(step.vessel))
                   : tr("Into its own bowl, ready %1.").arg(vesselPlace(step.vessel));
    case DayStepKind::WeighJugWater: return tr("Cold water, into the jug.");
    case DayStepKind::WeighSodium:
    case DayStepKind::WeighPotassium:
        return tr("Into a dry cup of its own, not yet into the jug. Close the tub: it draws water "
                  "from the air.");
    case DayStepKind::DissolveFirst:
        return tr("Stir until nothing is left to see, before any lye.");
    case DayStepKind::LyeIntoLiquid: {
        QString text = tr("Lye to the liquid, never the reverse. Stir each portion clear.");
        if (frozenJug(formula))
            text += QLatin1Char(' ') + tr("The liquid is frozen: a spoonful at a time, over ice.");
        if (reckoning.jugStrength)
            text += QLatin1Char(' ') +
                    tr("Jug strength %1.").arg(speech.percent(*reckoning.jugStrength));
        return text;
    }
    case DayStepKind::MeltOils: return tr("Warm until clear, then let it cool towards the jug.");
    case DayStepKind::Combine: return tr("Bring jug and pot close together in warmth first.");
    case DayStepKind::Emulsion: return tr("When no oil shows on top any more.");
    case DayStepKind::Trace: return tr("When a drizzle stays to see for a moment.");
    case DayStepKind::Cook: return tr("Stir now and then; add back water that steams off.");
    case DayStepKind::AfterCook: return tr("Only when the cook is done.");
    case DayStepKind::Pour: return tr("Tap out the air; cover or chill as you planned.");
    case DayStepKind::Top: return tr("Press it in lightly.");
    }
    return {};
}

QString dayMend(const DayMend& mend, const Formula& bowl, const Speech& speech, bool first)
{
    const QString name = targetName(mend.target, bowl);
    switch (mend.kind) {
    case DayMendKind::TakeOut:
        return tr("%1: take %2 out again, if it still can be.").arg(name, speech.mass(mend.grams));
    case DayMendKind::AddMore: return tr("%1: add %2 more.").arg(name, speech.mass(mend.grams));
    case DayMendKind::AddOil:
        return (first ? tr("%1: add %2, to take up the lye.")
                      : tr("%1: or add %2, to take up the lye."))
            .arg(name, speech.mass(mend.grams));
    case DayMendKind::AddHydroxide:
        return (first ? tr("%1: add %2, dissolved first in %3 of water.")
                      : tr("%1: or add %2, dissolved first in %3 of water."))
            .arg(name, speech.mass(mend.grams), speech.mass(mend.withWaterGrams));
    case DayMendKind::AddWater:
        return tr("Water: with that, %1 brings the strength back.").arg(speech.mass(mend.grams));
    }
    return {};
}

} // namespace rhexion::words
