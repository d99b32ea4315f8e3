// The working on paper lines.
#include "words/working_words.h"
#include "storage/material_names.h"
#include "words/names.h"
#include "words/setting_words.h"
#include "words/source_words.h"

#include <QCoreApplication>

namespace rhexion::words {

namespace {

struct WorkingText {
    Q_DECLARE_TR_FUNCTIONS(Working)
};

// A sum over two hydroxides, of which one may be absent and is then left out.
QString overBoth(double sodium, double potassium, const char* first, const char* second)
{
    if (potassium == 0.0)
        return QString::fromUtf8(first);
    if (sodium == 0.0)
        return QString::fromUtf8(second);
    return QString::fromUtf8(first) + QStringLiteral(" + ") + QString::fromUtf8(second);
}

// The sum of a rule with places for its terms in their order (see Rule). Each is a plain sum and so
// is not translated.
QString pattern(Rule rule, std::span<const Term> t)
{
    switch (rule) {
    case Rule::OilsTotal: return QStringLiteral("%1 ÷ (1 − %2)");
    case Rule::ShareOfOils:
    case Rule::MeasuredMass:
    case Rule::ShareOfLiquid:
    case Rule::BatterShare:
    case Rule::LineWater:
    case Rule::WaterWantedOils:
    case Rule::WaterWanted: return QStringLiteral("%1 × %2");
    case Rule::FatDemand:
    case Rule::HiddenFatDemand:
        return t.size() > 1 && t[1].value == 1.0
                   ? QStringLiteral("%1 × %3 ÷ (1000 mg/g × %4)")
                   : QStringLiteral("%1 × %2 × %3 ÷ (1000 mg/g × %4)");
    case Rule::AcidDemand: return QStringLiteral("%1 × %2 ÷ %3 × %4");
    case Rule::GivenHydroxide: return QStringLiteral("%1 × %2 ÷ %3");
    case Rule::TitratedDemand: return QStringLiteral("%1 × %2 ÷ 1000 mmol/mol");
    case Rule::FixedDemand:
    case Rule::MakeUpAlkali:
        return t.size() > 3 && t[3].value != 0.0 ? QStringLiteral("(1 − %1) × %2 + %3 − %4")
                                                 : QStringLiteral("(1 − %1) × %2 + %3");
    case Rule::PotassiumMoleShare: return QStringLiteral("%1 → mol KOH ÷ mol of both");
    case Rule::PurePerMole:
        if (t[0].value == 0.0 || t[0].value == 1.0)
            return {};
        return QStringLiteral("(1 − %1) × %2 + %1 × %3");
    case Rule::WeighedPerMole: return overBoth(t[0].value, t[2].value, "%1 ÷ %2", "%3 ÷ %4");
    case Rule::WaterPerMole: return overBoth(t[0].value, t[2].value, "%1 × %2", "%3 × %4");
    case Rule::WaterWantedRatio:
        return t.size() == 1 ? QStringLiteral("(1 − %1) ÷ %1") : QStringLiteral("%1 × (1 − %2)");
    case Rule::MakeUp: return QStringLiteral("(%1 × %2 + %3 − %4) ÷ (%5 − %1 × %6)");
    case Rule::MakeUpShares:
        return QStringLiteral("(%1 × n + %3 − %4 − water in the shares) ÷ %5, "
                              "n = %2 + %6 × x + the shares’, batter %8");
    case Rule::HydroxideTotal:
        return t[3].value == 0.0 ? QStringLiteral("%1 + %2 × %3")
                                 : QStringLiteral("%1 + %2 × %3 + %4 × %5");
    case Rule::HydroxideFixed:
        return overBoth(t[0].value, t[3].value, "%1 × %2 ÷ %3", "%4 × %5 ÷ %6");
    case Rule::SodiumPure:
    case Rule::PotassiumPure: return QStringLiteral("%1 × %2 × %3");
    case Rule::SodiumWeighed:
    case Rule::PotassiumWeighed: return QStringLiteral("%1 ÷ %2");
    case Rule::JugWater: return QStringLiteral("%1 × %2 − %3");
    case Rule::WaterPresent: return QStringLiteral("%1 + %2 + %3");
    case Rule::Strength:
    case Rule::StrengthAsWeighed:
    case Rule::SecondJugStrength:
    case Rule::JugStrength: return QStringLiteral("%1 ÷ (%1 + %2)");
    case Rule::SecondJugSodium:
    case Rule::SecondJugPotassium:
    case Rule::SolventSetAside: return QStringLiteral("%1 × %2");
    case Rule::PortionHeld: return t.empty() ? QString() : QStringLiteral("%1 × %2 × %3");
    case Rule::PortionBatter: return QStringLiteral("%1 × %2 + %3 + %4");
    case Rule::PortionSuperfat: return QStringLiteral("1 − (%1 × %2 − %3) ÷ %4");
    case Rule::PortionSalt:
    case Rule::PortionScent: return QStringLiteral("%1 ÷ %2");
    case Rule::SuperfatWhileHeld: return QStringLiteral("1 − (%1 − %2) ÷ %3");
    case Rule::SuperfatOnOils: return QStringLiteral("1 − (%1 − %2) ÷ %3");
    case Rule::SuperfatTrue: return QStringLiteral("1 − (%1 − %2) ÷ (%3 + %4)");
    case Rule::NeutralisationWater: return QStringLiteral("(%1 + %2) × %3");
    case Rule::DryDownWater: return QStringLiteral("(%1 − %2) ÷ (%1 − %3)");
    case Rule::BrixCorrected: return QStringLiteral("%1 + %2");
    case Rule::BrixWater: return QStringLiteral("1 − %1 − %2");
    case Rule::SolutionStrength: return QStringLiteral("%1 × %2 ÷ %3 ÷ %4 × 1000");
    case Rule::TitrationRun: return QStringLiteral("100 × %1 × %2 ÷ %3");
    case Rule::CupVolume:
    case Rule::CupDensity:
    case Rule::EachWeight: return QStringLiteral("(%1 − %2) ÷ %3");
    case Rule::PurityRun: return QStringLiteral("%1 × %2 ÷ %3 × %4 × %5 ÷ %6");
    case Rule::MixtureWater: return QStringLiteral("(%1 − (%2 − %3)) ÷ %3");
    case Rule::SugarDensity:
    case Rule::RunsMean:
    case Rule::RunsSpread:
    case Rule::FixedWater:
    case Rule::BatterMass: return {};
    }
    return {};
}

QString title(Rule rule)
{
    switch (rule) {
    case Rule::MeasuredMass:
        return WorkingText::tr("%1: what its spoons, cups, drops or pieces weigh");
    case Rule::ShareOfLiquid: return WorkingText::tr("%1: its share of the liquid");
    case Rule::OilsTotal:
        return WorkingText::tr("All the oils: those in grams are what the per cents leave");
    case Rule::ShareOfOils: return WorkingText::tr("%1: its share of the oils");
    case Rule::FatDemand: return WorkingText::tr("%1: lye its fat can take");
    case Rule::HiddenFatDemand: return WorkingText::tr("%1: lye its hidden fat can take");
    case Rule::AcidDemand: return WorkingText::tr("%1: lye its %2 takes");
    case Rule::GivenHydroxide: return WorkingText::tr("%1: lye it holds itself");
    case Rule::TitratedDemand: return WorkingText::tr("%1: lye its acids take, by titration");
    case Rule::FixedDemand:
        return WorkingText::tr(
            "Lye called for before the rest of the liquid: fats less the superfat, and acids "
            "in full");
    case Rule::PotassiumMoleShare:
        return WorkingText::tr("Potassium hydroxide’s share of the moles");
    case Rule::PurePerMole: return WorkingText::tr("One mole of this lye, pure");
    case Rule::WeighedPerMole: return WorkingText::tr("One mole of this lye, as weighed");
    case Rule::WaterPerMole: return WorkingText::tr("Water that one mole of this lye brings along");
    case Rule::WaterWantedRatio: return WorkingText::tr("Water wanted per gram of lye");
    case Rule::WaterWantedOils: return WorkingText::tr("Water wanted, as a share of the oils");
    case Rule::LineWater: return WorkingText::tr("%1: water in it");
    case Rule::FixedWater:
        return WorkingText::tr("Water already brought by lines with a stated amount");
    case Rule::MakeUpAlkali: return WorkingText::tr("%1: lye each gram of it calls for");
    case Rule::MakeUp:
        return WorkingText::tr("%1: the rest of the liquid, with the lye it calls for itself");
    case Rule::MakeUpShares:
        return WorkingText::tr(
            "%1: the rest of the liquid, solved together with the shares of the batter");
    case Rule::BatterShare: return WorkingText::tr("%1: its share of the batter");
    case Rule::HydroxideTotal: return WorkingText::tr("Lye in all");
    case Rule::HydroxideFixed: return WorkingText::tr("Lye in all, from what is weighed");
    case Rule::SodiumPure: return WorkingText::tr("Sodium hydroxide, pure");
    case Rule::SodiumWeighed: return WorkingText::tr("Sodium hydroxide to weigh, at its purity");
    case Rule::PotassiumPure: return WorkingText::tr("Potassium hydroxide, pure");
    case Rule::PotassiumWeighed:
        return WorkingText::tr("Potassium hydroxide to weigh, at its purity");
    case Rule::JugWater: return WorkingText::tr("Water to pour into the jug");
    case Rule::WaterWanted: return WorkingText::tr("Water wanted");
    case Rule::WaterPresent:
        return WorkingText::tr("Water there is: lines, jug water, moisture of the lye");
    case Rule::BatterMass: return WorkingText::tr("Batter: every mass added up");
    case Rule::Strength: return WorkingText::tr("Batch strength: pure lye, all water");
    case Rule::StrengthAsWeighed:
        return WorkingText::tr(
            "Batch strength the other way: lye as weighed, its moisture left out");
    case Rule::JugStrength: return WorkingText::tr("Jug strength");
    case Rule::SecondJugStrength: return WorkingText::tr("Second jug’s strength");
    case Rule::SecondJugSodium: return WorkingText::tr("Sodium hydroxide for the second jug");
    case Rule::SecondJugPotassium: return WorkingText::tr("Potassium hydroxide for the second jug");
    case Rule::SolventSetAside: return WorkingText::tr("%1: liquid set aside to dissolve it");
    case Rule::PortionHeld: return WorkingText::tr("%1: oil set aside");
    case Rule::PortionBatter:
        return WorkingText::tr("%1: its share of the batter, its oil back, its own things");
    case Rule::PortionSuperfat: return WorkingText::tr("%1: its own superfat, on all its fat");
    case Rule::PortionSalt: return WorkingText::tr("%1: salt on its oils");
    case Rule::PortionScent: return WorkingText::tr("%1: scent on its oils");
    case Rule::SuperfatWhileHeld:
        return WorkingText::tr("Superfat in the pot while oil is set aside");
    case Rule::SuperfatOnOils: return WorkingText::tr("Superfat on the oils alone");
    case Rule::SuperfatTrue: return WorkingText::tr("True superfat, on all fat");
    case Rule::NeutralisationWater:
        return WorkingText::tr("Water formed as acids are neutralised, outside the account");
    case Rule::DryDownWater:
        return WorkingText::tr("Water: what left, of what there was without the dish");
    case Rule::BrixCorrected: return WorkingText::tr("Reading brought to 20 °C");
    case Rule::BrixWater:
        return WorkingText::tr("Water: all less what is dissolved and what is not");
    case Rule::SugarDensity:
        return WorkingText::tr("What a millilitre of a sugar solution that strong weighs");
    case Rule::SolutionStrength: return WorkingText::tr("Strength of the solution");
    case Rule::TitrationRun: return WorkingText::tr("One run: lye taken by 100 g of it");
    case Rule::RunsMean: return WorkingText::tr("Mean of the runs");
    case Rule::RunsSpread: return WorkingText::tr("Spread of the runs (standard deviation)");
    case Rule::CupVolume: return WorkingText::tr("What the cup holds, by water");
    case Rule::CupDensity: return WorkingText::tr("Density: its weight in the same cup");
    case Rule::EachWeight: return WorkingText::tr("Weight of each");
    case Rule::PurityRun:
        return WorkingText::tr("One run: pure hydroxide the citric acid took, of what was weighed");
    case Rule::MixtureWater: return WorkingText::tr("Water left after what boiled off");
    }
    return {};
}

QString sourceText(const Material& m, const std::optional<Figure>& figure)
{
    return figure ? sourceSaid(m, figure->source) : QString();
}

} // namespace

QString stepTitle(const Step& step, const Formula& formula)
{
    QString text = title(step.rule);
    if (step.line != noLine)
        text = text.arg(materialName(*formula.lines[static_cast<std::size_t>(step.line)].material));
    if (step.portion != noPortion)
        text = text.arg(
            portionName(formula.portions[static_cast<std::size_t>(step.portion)].id, formula));
    if (step.acid != noAcid)
        text = text.arg(acidName(static_cast<Acid>(step.acid)));
    return text;
}

QString stepSum(const Step& step, const Working& working, const Speech& speech)
{
    const auto terms = working.terms(step);
    QString sum = pattern(step.rule, terms);
    const QString result = speech.value(step.result, step.unit);
    if (sum.isEmpty())
        return result;
    // All places are filled at once, so that a term holding "%1" cannot be filled again.
    QString out;
    for (qsizetype i = 0; i < sum.size(); ++i) {
        const bool place = sum[i] == QLatin1Char('%') && i + 1 < sum.size() && sum[i + 1].isDigit();
        const auto which = place ? static_cast<std::size_t>(sum[i + 1].digitValue()) - 1 : 0;
        if (place && which < terms.size()) {
            const QString term = speech.term(terms[which]);
            out += terms[which].value < 0.0 ? QLatin1Char('(') + term + QLatin1Char(')') : term;
            ++i;
        } else {
            out += sum[i];
        }
    }
    return QStringLiteral("%1 = %2").arg(out, result);
}

QString stepSource(const Step& step, const Formula& formula)
{
    const Material* m = step.line == noLine
                            ? nullptr
                            : formula.lines[static_cast<std::size_t>(step.line)].material.get();
    switch (step.rule) {
    case Rule::FatDemand:
    case Rule::HiddenFatDemand: {
        const QString sv = sourceText(*m, m->sv ? m->sv : m->acidValue);
        const QString fat = sourceText(*m, m->part(Part::Fat));
        if (step.rule == Rule::FatDemand)
            return WorkingText::tr(
                       "SV: %1. 56.1056: definition of the saponification value (ISO 3657)")
                .arg(sv);
        return WorkingText::tr("fat: %1. SV: %2").arg(fat, sv);
    }
    case Rule::AcidDemand:
        for (const AcidShare& acid : m->acids)
            if (static_cast<int>(acid.acid) == step.acid)
                return WorkingText::tr(
                           "share: %1. Protons from the pKa (CRC Handbook, from memory) at pH 10; "
                           "molar "
                           "mass from Blue Obelisk atomic weights")
                    .arg(sourceText(*m, acid.share));
        return {};
    case Rule::TitratedDemand: return sourceText(*m, m->titratable);
    case Rule::GivenHydroxide: {
        const Figure& sodium = m->part(Part::SodiumHydroxide);
        return sourceText(*m,
                          sodium.range.high() > 0.0 ? sodium : m->part(Part::PotassiumHydroxide));
    }
    case Rule::LineWater:
        return formula.lines[static_cast<std::size_t>(step.line)].allWater
                   ? WorkingText::tr("all its weight counted as water, as you chose")
                   : sourceText(*m, m->part(Part::Water));
    case Rule::SodiumPure:
    case Rule::PotassiumPure:
    case Rule::HydroxideFixed:
    case Rule::NeutralisationWater:
    case Rule::PurePerMole: return WorkingText::tr("molar masses from Blue Obelisk atomic weights");
    case Rule::WeighedPerMole: {
        QStringList texts;
        if (formula.lye.sodium)
            texts << sourceText(*formula.lye.sodium,
                                formula.lye.sodium->part(Part::SodiumHydroxide));
        if (formula.lye.potassium && formula.lye.potassiumShare > 0.0)
            texts << sourceText(*formula.lye.potassium,
                                formula.lye.potassium->part(Part::PotassiumHydroxide));
        texts.removeDuplicates();
        return WorkingText::tr("purity: %1").arg(texts.join(QStringLiteral("; ")));
    }
    case Rule::MeasuredMass:
        return m->measures.empty()
                   ? WorkingText::tr(
                         "by volume and density, or as its table says: common practice, no source")
                   : WorkingText::tr("as weighed, or as its table says");
    case Rule::SodiumWeighed:
        return WorkingText::tr("purity: %1")
            .arg(sourceText(*formula.lye.sodium, formula.lye.sodium->part(Part::SodiumHydroxide)));
    case Rule::PotassiumWeighed:
        return WorkingText::tr("purity: %1")
            .arg(sourceText(*formula.lye.potassium,
                            formula.lye.potassium->part(Part::PotassiumHydroxide)));
    case Rule::WaterWanted:
    case Rule::WaterWantedRatio:
    case Rule::WaterWantedOils: return WorkingText::tr("as you state liquid");
    case Rule::SolventSetAside:
        return WorkingText::tr("as you set it; out of the wanted water, not beside it");
    case Rule::StrengthAsWeighed:
        return WorkingText::tr("the other way of counting; a ready lye counts by what it contains");
    case Rule::PotassiumMoleShare: return splitConvention(formula.lye.split);
    case Rule::BrixCorrected:
        return WorkingText::tr(
            "international temperature correction table, AOAC 932.14 (from memory)");
    case Rule::SugarDensity:
        return WorkingText::tr("ICUMSA SPS-4, density of sucrose solutions (from memory)");
    case Rule::TitrationRun: return WorkingText::tr("ISO 750 and AOAC 942.15 in principle");
    case Rule::CupVolume: return WorkingText::tr("water at 20 °C: CRC Handbook");
    case Rule::SolutionStrength:
    case Rule::PurityRun: return WorkingText::tr("molar masses from Blue Obelisk atomic weights");
    case Rule::SuperfatTrue: return WorkingText::tr("hidden fat at its typical figure");
    case Rule::FixedDemand:
        return WorkingText::tr("hidden fat: %1").arg(hiddenFatSchool(formula.lye.hiddenFat));
    default: return {};
    }
}

} // namespace rhexion::words
