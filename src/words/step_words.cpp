// The steps of the day: what each is called and how it is done.
#include "core/makeday/step_times.h"
#include "storage/material_names.h"
#include "words/day_words.h"
#include "words/heat_words.h"
#include "words/names.h"
#include "words/safety_words.h"

#include <QCoreApplication>

#include <algorithm>

namespace rhexion::words {

namespace {

struct StepText {
    Q_DECLARE_TR_FUNCTIONS(Step)
};

bool frozenJug(const Formula& formula, Vessel jug)
{
    for (const Line& line : formula.lines)
        if (line.vessel == jug && line.frozen)
            return true;
    return false;
}

// What goes in at a stage, in the order that loses least time.
QString inTurn(const DayStep& step, Vessel vessel, const Formula& formula)
{
    const auto order = stirOrder(formula, vessel, step.portion);
    QStringList names;
    for (const LineId id : order)
        names << lineName(id, formula);
    if (names.isEmpty())
        return {};
    return QLatin1Char(' ') +
           (names.size() == 1
                ? StepText::tr("Stir in %1.").arg(names.front())
                : StepText::tr("In this order: %1.").arg(names.join(QStringLiteral(", "))));
}

QString wetting(const DayStep& step, const Formula& formula)
{
    const Line* line = formula.find(step.target.line);
    const Portion* portion = formula.portion(step.portion);
    if (!line)
        return {};
    if (portion && portion->held)
        return StepText::tr("With a spoonful of the oil set aside for %1, until no dry bit is "
                            "left.")
            .arg(portionName(step.portion, formula));
    if (line->material->behaves(Behaviour::DisperseInOil))
        return StepText::tr("With a spoonful of oil out of the pot’s, so that no figure moves; "
                            "until no dry bit is left.");
    if (line->material->behaves(Behaviour::DisperseInGlycerin))
        return StepText::tr("With a few drops of glycerin, until no dry bit is left.");
    return StepText::tr("With a little of the measured liquid, until no dry bit is left.");
}

} // namespace

QString dayStepTitle(const DayStep& step, const Formula& formula)
{
    const QString about = lineName(step.target.line, formula);
    switch (step.kind) {
    case DayStepKind::Prepare: return StepText::tr("Make ready");
    case DayStepKind::WeighLine:
    case DayStepKind::WeighJugWater:
    case DayStepKind::WeighSodium:
    case DayStepKind::WeighPotassium:
    case DayStepKind::WeighSolvent:
    case DayStepKind::SetOilAside: {
        const QString name = targetName(step.target, formula);
        const Line* line =
            step.target.what == WeighTarget::What::Line ? formula.find(step.target.line) : nullptr;
        return line && line->frozen ? StepText::tr("%1, frozen").arg(name) : name;
    }
    case DayStepKind::DissolveLine:
        return StepText::tr("Dissolve %1")
            .arg(targetName({WeighTarget::What::Line, step.target.line}, formula));
    case DayStepKind::DissolveFirst:
        return StepText::tr("Dissolve acid, sugar and salt in the jug’s liquid");
    case DayStepKind::LyeIntoLiquid:
        return step.vessel == Vessel::SecondJug ? StepText::tr("Lye into the second jug’s liquid")
                                                : StepText::tr("Lye into the liquid");
    case DayStepKind::MeltOils: return StepText::tr("Melt and mix the oils");
    case DayStepKind::Combine: return StepText::tr("Lye into the oils, blend to emulsion");
    case DayStepKind::Emulsion: return StepText::tr("Stir in what comes at emulsion");
    case DayStepKind::Trace: return StepText::tr("Blend to trace, stir in what comes at trace");
    case DayStepKind::Divide: return StepText::tr("Divide the batter");
    case DayStepKind::PortionBack:
        return StepText::tr("Finish %1").arg(portionName(step.portion, formula));
    case DayStepKind::Cook: return StepText::tr("Cook until it is soap");
    case DayStepKind::AfterCook: return StepText::tr("Stir in what comes after the cook");
    case DayStepKind::Pour: return StepText::tr("Pour into the mould");
    case DayStepKind::Top: return StepText::tr("Decorate the top");
    case DayStepKind::InfuseOil: return StepText::tr("Infuse %1").arg(about);
    case DayStepKind::CookProduce: return StepText::tr("Puree or press %1").arg(about);
    case DayStepKind::DrinkFlat: return StepText::tr("Let %1 go flat").arg(about);
    case DayStepKind::FreezeAhead: return StepText::tr("Freeze %1").arg(about);
    case DayStepKind::StockLyeReady: return StepText::tr("Stock lye made and cold");
    case DayStepKind::SetOut: return StepText::tr("Line the mould, lay everything out");
    case DayStepKind::WetColour: return StepText::tr("Wet %1").arg(about);
    case DayStepKind::ColdBath: return StepText::tr("Stand the jug in an ice bath");
    case DayStepKind::PotassiumIntoLiquid:
        return StepText::tr("Potassium hydroxide into the liquid, first");
    case DayStepKind::LookThrough: return StepText::tr("Look through the lye");
    case DayStepKind::IntoCooledLye: return StepText::tr("Into the lye, now that it has cooled");
    case DayStepKind::IntoOils: return StepText::tr("Milk, puree and the like into the oils");
    case DayStepKind::WaitToMeet: return StepText::tr("Wait until jug and pot may meet");
    case DayStepKind::CookSeparates: return StepText::tr("Cook until it separates");
    case DayStepKind::CookApplesauce: return StepText::tr("Cook on to applesauce");
    case DayStepKind::CookMash: return StepText::tr("Cook on to mashed potato");
    case DayStepKind::TestCook: return StepText::tr("Test for lye before anything goes in");
    case DayStepKind::CoolForScent: return StepText::tr("Let it cool for the scent");
    case DayStepKind::ScentByHand: return StepText::tr("%1, by hand, last").arg(about);
    case DayStepKind::PourPortion:
        return StepText::tr("Pour %1").arg(portionName(step.portion, formula));
    case DayStepKind::LayerWait:
        return StepText::tr("Wait until the layer carries %1")
            .arg(portionName(step.portion, formula));
    case DayStepKind::CoverUp: return StepText::tr("Cover it, or chill it");
    case DayStepKind::Own: {
        const auto own = std::ranges::find(formula.way.own, step.target.line, &OwnStep::id);
        return own == formula.way.own.end() ? StepText::tr("A step of your own")
                                            : QString::fromStdString(own->text);
    }
    }
    return {};
}

QString dayStepLine(const DayStep& step, const Formula& formula, const Speech& speech)
{
    const QString title = dayStepTitle(step, formula);
    return step.plannedGrams > 0.0
               ? QStringLiteral("%1 %2").arg(speech.mass(step.plannedGrams), title)
               : title;
}

QString dayStepAdvice(const DayStep& step, const Formula& formula, const Reckoning& reckoning,
                      const Speech& speech)
{
    switch (step.kind) {
    case DayStepKind::Prepare: return safety() + QLatin1Char(' ') + firstAid();
    case DayStepKind::WeighSolvent:
        return StepText::tr("Out of the liquid you have measured, not beside it.");
    case DayStepKind::DissolveLine: return StepText::tr("Stir until nothing is left to see.");
    case DayStepKind::SetOilAside: {
        const Portion* portion = formula.portion(step.portion);
        const bool one = portion && portion->held && portion->held->line != 0;
        QString text =
            one ? StepText::tr("%1, into a cup of its own; it comes back at trace.")
                      .arg(targetName({WeighTarget::What::Line, portion->held->line}, formula))
                : StepText::tr(
                      "Of the melted oils, into a cup of its own; it comes back at trace.");
        if (reckoning.lyeWhileHeld > 0.0)
            text += QLatin1Char(' ') +
                    StepText::tr("Until then the pot holds %1 more lye than its oils take.")
                        .arg(speech.mass(reckoning.lyeWhileHeld));
        return text;
    }
    case DayStepKind::WeighLine:
        if (step.portion != 0)
            return StepText::tr("Into the cup for %1.").arg(portionName(step.portion, formula));
        return isJug(step.vessel) || step.vessel == Vessel::OilPot
                   ? StepText::tr("Tare the scale with the vessel on it; this goes %1.")
                         .arg(vesselPlace(step.vessel))
                   : StepText::tr("Into its own bowl, ready %1.").arg(vesselPlace(step.vessel));
    case DayStepKind::WeighJugWater: {
        const QString text = StepText::tr("Cold water, into the jug.");
        const QString ice = jugIceNote(formula, reckoning.jugWaterGrams, speech);
        return ice.isEmpty() ? text : QStringLiteral("%1 %2.").arg(text, ice);
    }
    case DayStepKind::WeighSodium:
    case DayStepKind::WeighPotassium:
        return StepText::tr(
            "Into a dry cup of its own, not yet into the jug. Close the tub: it draws water "
            "from the air.");
    case DayStepKind::DissolveFirst:
        return StepText::tr("Stir until nothing is left to see, before any lye.");
    case DayStepKind::LyeIntoLiquid: {
        QString text =
            StepText::tr("Lye to the liquid, never the reverse. Stir each portion clear.");
        if (frozenJug(formula, step.vessel))
            text += QLatin1Char(' ') +
                    StepText::tr("The liquid is frozen: a spoonful at a time, over ice.");
        if (const auto& strength = reckoning.jug(step.vessel).strength)
            text +=
                QLatin1Char(' ') + StepText::tr("Jug strength %1.").arg(speech.percent(*strength));
        return text;
    }
    case DayStepKind::MeltOils:
        return StepText::tr("Warm until clear, then let it cool towards the jug.");
    case DayStepKind::Combine:
        return StepText::tr("Pour the lye over a spatula or down the blender’s shaft. Blend in "
                            "bursts: half a minute on, half a minute by hand.");
    case DayStepKind::WaitToMeet:
        return StepText::tr("Bring jug and pot to about %1, within %2 of each other.")
            .arg(speech.temperature(formula.mixing.at.inCelsius()),
                 speech.temperatureDifference(formula.mixing.within));
    case DayStepKind::Divide: {
        QStringList parts;
        for (const PortionReckoned& portion : reckoning.portions) {
            const Portion* named = formula.portion(portion.id);
            QString text = StepText::tr("%1: %2").arg(portionName(portion.id, formula),
                                                      speech.mass(portion.commonGrams));
            if (named && !named->mould.empty())
                text += StepText::tr(" (%1)").arg(QString::fromStdString(named->mould));
            parts << text;
        }
        return StepText::tr("Weigh the batter out. %1.").arg(parts.join(QStringLiteral("; ")));
    }
    case DayStepKind::PortionBack: {
        const PortionReckoned* portion = reckoning.portion(step.portion);
        if (!portion)
            return {};
        return portion->heldGrams > 0.0
                   ? StepText::tr(
                         "Wet colour, clay or yolk with its %1 of oil, then stir all of it in: %2.")
                         .arg(speech.mass(portion->heldGrams), speech.mass(portion->batterGrams()))
                   : StepText::tr("Stir its own things in: %1.")
                         .arg(speech.mass(portion->batterGrams()));
    }
    case DayStepKind::Emulsion:
        return StepText::tr("When no oil shows on top any more.") +
               inTurn(step, Vessel::Emulsion, formula);
    case DayStepKind::Trace:
        return StepText::tr("When a drizzle stays to see for a moment.") +
               inTurn(step, Vessel::Trace, formula);
    case DayStepKind::Cook:
        return StepText::tr("Glossy and half clear, as thick as set honey. Stir now and then; add "
                            "back water that steams off.");
    case DayStepKind::AfterCook:
        return StepText::tr("Only when the cook is done.") +
               inTurn(step, Vessel::AfterCook, formula);
    case DayStepKind::Pour:
        return StepText::tr("Over a spatula, close to the surface; then tap out the air.");
    case DayStepKind::Top: return StepText::tr("Press it in lightly.");
    case DayStepKind::InfuseOil:
        return StepText::tr("Dry herbs under oil for weeks, in the dark; or warm for hours. "
                            "Strain it, and weigh it strained.");
    case DayStepKind::CookProduce:
        return StepText::tr(
            "Wash, cook soft and puree, or press the juice; strain it and let it cool. Weigh "
            "it as it is then.");
    case DayStepKind::DrinkFlat:
        return StepText::tr("Simmer and stir until it no longer foams, let it cool: bubbles and "
                            "alcohol boil over with lye.");
    case DayStepKind::FreezeAhead:
        return StepText::tr("Weigh %1 into a flat bag or small cubes, with room at the top.")
            .arg(speech.mass(
                plannedGrams({WeighTarget::What::Line, step.target.line}, formula, reckoning)));
    case DayStepKind::StockLyeReady:
        return StepText::tr("Clear, labelled, and as cold as the room. Look for crystals at the "
                            "bottom: warm and swirl until they are gone.");
    case DayStepKind::SetOut:
        return StepText::tr(
            "Line the mould and weigh it empty. Spoons, spatula, blender, spray and "
            "cover in reach: nothing is looked for once lye meets oil.");
    case DayStepKind::WetColour: return wetting(step, formula);
    case DayStepKind::ColdBath:
        return StepText::tr("Ice and water as high as the liquid in the jug; the jug must not "
                            "float.");
    case DayStepKind::PotassiumIntoLiquid:
        return StepText::tr(
            "It hisses and spits more than the other: a spoonful at a time, stirred "
            "clear, before any sodium hydroxide.");
    case DayStepKind::LookThrough:
        return frozenJug(formula, step.vessel)
                   ? StepText::tr(
                         "No flake at the bottom, no ice left. Specks of soap from milk fat "
                         "smear between gloved fingers; a flake of lye is hard. Pour it "
                         "through a steel sieve.")
                   : StepText::tr("Clear to the bottom, no flake left. Stir again if in doubt.");
    case DayStepKind::IntoCooledLye: {
        QStringList names;
        for (const Line& line : formula.lines)
            if (line.vessel == step.vessel && goesIntoCooledLye(*line.material))
                names << materialName(*line.material);
        return StepText::tr("Stir in: %1.").arg(names.join(QStringLiteral(", ")));
    }
    case DayStepKind::IntoOils: {
        QStringList names;
        for (const Line& line : formula.lines)
            if (line.vessel == Vessel::OilPot && !line.material->isOil())
                names << materialName(*line.material);
        return StepText::tr("Blend in before any lye: %1.").arg(names.join(QStringLiteral(", ")));
    }
    case DayStepKind::CookSeparates:
        return StepText::tr("Lid on, low heat. It thickens, then oil and curds part at the rim.");
    case DayStepKind::CookApplesauce:
        return StepText::tr(
            "Stir down what rises and scrape the wall; grainy and wet all through.");
    case DayStepKind::CookMash:
        return StepText::tr("Drier, in stiff folds. A splash of hot water keeps it moving.");
    case DayStepKind::TestCook:
        return StepText::tr("A drop of phenolphthalein on a little of it, cooled: no pink. Pink: "
                            "cook on. No test on the tongue.");
    case DayStepKind::CoolForScent: {
        const QString under = speech.temperature(
            warmthOf(step, formula, formula.heat.value_or(HeatPlan{})).under.value_or(0.0));
        return lowestFlash(formula)
                   ? StepText::tr("Under %1, five degrees below the lowest flash point.").arg(under)
                   : StepText::tr("Under %1 where no flash point is known.").arg(under);
    }
    case DayStepKind::ScentByHand:
        return StepText::tr("A scent like this can thicken the batter in seconds: mould open, "
                            "spatula in hand, stir it in by hand and pour at once.");
    case DayStepKind::PourPortion: return StepText::tr("Level it and tap out the air.");
    case DayStepKind::LayerWait:
        return StepText::tr("When a drop of it stays on top, pour over a spatula.");
    case DayStepKind::CoverUp:
        return StepText::tr("As you planned: %1. Out of reach of children and pets.")
            .arg(formula.heat && !formula.heat->covers.empty()
                     ? mouldCoverName(formula.heat->covers.front().cover)
                     : StepText::tr("a cover, or the fridge"));
    case DayStepKind::Own: return {};
    }
    return {};
}

} // namespace rhexion::words
