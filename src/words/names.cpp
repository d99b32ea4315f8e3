#include "words/names.h"

#include "storage/material_names.h"
#include "words/words_text.h"

namespace rhexion::words {

QString lineName(LineId id, const Formula& formula)
{
    const Line* line = formula.find(id);
    return line ? materialName(*line->material) : QString();
}

QString vesselName(Vessel vessel)
{
    switch (vessel) {
    case Vessel::LyeJug: return WordsText::tr("Lye jug");
    case Vessel::SecondJug: return WordsText::tr("Second jug");
    case Vessel::OilPot: return WordsText::tr("Oil pot");
    case Vessel::Emulsion: return WordsText::tr("At emulsion");
    case Vessel::Trace: return WordsText::tr("At trace");
    case Vessel::AfterCook: return WordsText::tr("After the cook");
    case Vessel::Top: return WordsText::tr("On top");
    }
    return {};
}

QString vesselPlace(Vessel vessel)
{
    switch (vessel) {
    case Vessel::LyeJug: return WordsText::tr("in the lye jug");
    case Vessel::SecondJug: return WordsText::tr("in the second jug");
    case Vessel::OilPot: return WordsText::tr("in the oil pot");
    case Vessel::Emulsion: return WordsText::tr("at emulsion");
    case Vessel::Trace: return WordsText::tr("at trace");
    case Vessel::AfterCook: return WordsText::tr("after the cook");
    case Vessel::Top: return WordsText::tr("on top");
    }
    return {};
}

QString severityName(Severity severity)
{
    switch (severity) {
    case Severity::Danger: return WordsText::tr("Stop");
    case Severity::Care: return WordsText::tr("Take care");
    case Severity::Note: return WordsText::tr("Good to know");
    }
    return {};
}

QString kindName(MaterialKind kind)
{
    switch (kind) {
    case MaterialKind::Fat: return WordsText::tr("fat");
    case MaterialKind::FattyAcid: return WordsText::tr("fatty acid");
    case MaterialKind::SodiumHydroxide:
    case MaterialKind::PotassiumHydroxide: return WordsText::tr("hydroxide");
    case MaterialKind::Acid: return WordsText::tr("acid");
    case MaterialKind::Milk: return WordsText::tr("milk");
    case MaterialKind::Produce: return WordsText::tr("puree or juice");
    case MaterialKind::Sugar: return WordsText::tr("sugar");
    case MaterialKind::Salt: return WordsText::tr("salt");
    case MaterialKind::Liquid: return WordsText::tr("liquid");
    case MaterialKind::Solid: return WordsText::tr("solid");
    case MaterialKind::Wax: return WordsText::tr("wax or resin");
    case MaterialKind::Egg: return WordsText::tr("egg");
    case MaterialKind::Colour: return WordsText::tr("colour");
    case MaterialKind::Scent: return WordsText::tr("scent");
    }
    return {};
}

QString acidName(Acid acid)
{
    switch (acid) {
    case Acid::Citric: return WordsText::tr("citric acid");
    case Acid::Lactic: return WordsText::tr("lactic acid");
    case Acid::Acetic: return WordsText::tr("acetic acid");
    case Acid::Malic: return WordsText::tr("malic acid");
    case Acid::Tartaric: return WordsText::tr("tartaric acid");
    case Acid::Oxalic: return WordsText::tr("oxalic acid");
    case Acid::Ascorbic: return WordsText::tr("ascorbic acid");
    case Acid::Succinic: return WordsText::tr("succinic acid");
    case Acid::Fumaric: return WordsText::tr("fumaric acid");
    case Acid::Quinic: return WordsText::tr("quinic acid");
    case Acid::Glycolic: return WordsText::tr("glycolic acid");
    case Acid::Gluconic: return WordsText::tr("gluconic acid");
    case Acid::Gluconolactone: return WordsText::tr("gluconolactone");
    case Acid::Salicylic: return WordsText::tr("salicylic acid");
    case Acid::Benzoic: return WordsText::tr("benzoic acid");
    case Acid::Sorbic: return WordsText::tr("sorbic acid");
    case Acid::Phosphoric: return WordsText::tr("phosphoric acid");
    case Acid::Boric: return WordsText::tr("boric acid");
    case Acid::Bitartrate: return WordsText::tr("cream of tartar");
    case Acid::Bicarbonate: return WordsText::tr("bicarbonate");
    case Acid::DisodiumEdta: return WordsText::tr("disodium EDTA");
    }
    return {};
}

QString takenAsName(TakenAs as)
{
    switch (as) {
    case TakenAs::Scent: return WordsText::tr("a scent");
    case TakenAs::Colour: return WordsText::tr("a colour");
    case TakenAs::DrySolid: return WordsText::tr("a dry solid");
    case TakenAs::Salt: return WordsText::tr("a salt");
    case TakenAs::Sugar: return WordsText::tr("a sugar");
    case TakenAs::Watery: return WordsText::tr("something watery");
    case TakenAs::Oil: return WordsText::tr("an oil");
    case TakenAs::Acid: return WordsText::tr("an acid");
    }
    return {};
}

QString takenAsQuestion(TakenAs as)
{
    switch (as) {
    case TakenAs::Watery: return WordsText::tr("How many per cent of it is water?");
    case TakenAs::Oil:
        return WordsText::tr("Its saponification value, mg KOH per g, from the drum?");
    case TakenAs::Acid: return WordsText::tr("How many per cent of it is acid?");
    default: return {};
    }
}

QString hydroxideName(bool sodium)
{
    return sodium ? WordsText::tr("Sodium hydroxide") : WordsText::tr("Potassium hydroxide");
}

QString lyeName(const Formula& formula, bool sodium)
{
    const MaterialPtr& lye = sodium ? formula.lye.sodium : formula.lye.potassium;
    if (!lye || !lye->isLyeSolution())
        return hydroxideName(sodium);
    const QString name = materialName(*lye);
    return lye->lot.id.empty()
               ? name
               : WordsText::tr("%1, lot %2").arg(name, QString::fromStdString(lye->lot.name));
}

QString portionName(PortionId id, const Formula& formula)
{
    const Portion* portion = formula.portion(id);
    if (!portion)
        return WordsText::tr("all of the batter");
    if (!portion->name.empty())
        return QString::fromStdString(portion->name);
    return WordsText::tr("portion %1").arg(portion - formula.portions.data() + 1);
}

QString jugIceNote(const Formula& formula, double jugWaterGrams, const Speech& speech)
{
    const double ice = formula.heat ? formula.heat->jugIce * jugWaterGrams : 0.0;
    return ice > 0.0 ? WordsText::tr("%1 of it as ice").arg(speech.wholeMass(ice)) : QString();
}

QString targetName(const WeighTarget& target, const Formula& formula)
{
    switch (target.what) {
    case WeighTarget::What::Line: return lineName(target.line, formula);
    case WeighTarget::What::JugWater: return WordsText::tr("Water for the jug");
    case WeighTarget::What::Sodium: return lyeName(formula, true);
    case WeighTarget::What::Potassium: return lyeName(formula, false);
    case WeighTarget::What::SodiumSecond:
        return WordsText::tr("%1, second jug").arg(lyeName(formula, true));
    case WeighTarget::What::PotassiumSecond:
        return WordsText::tr("%1, second jug").arg(lyeName(formula, false));
    case WeighTarget::What::HeldOil:
        return WordsText::tr("Oil set aside for %1").arg(portionName(target.line, formula));
    case WeighTarget::What::Solvent: {
        const Line* makeUp = formula.makeUp();
        return WordsText::tr("%1 for %2")
            .arg(makeUp ? materialName(*makeUp->material) : WordsText::tr("Liquid"),
                 lineName(target.line, formula));
    }
    case WeighTarget::What::None: return WordsText::tr("Water");
    }
    return {};
}

} // namespace rhexion::words
