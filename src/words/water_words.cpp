#include "words/water_words.h"

#include "words/mould_words.h"

#include <QCoreApplication>
#include <QStringList>

namespace rhexion::words {

namespace {

struct WaterText {
    Q_DECLARE_TR_FUNCTIONS(Water)
};

using Tone = Fact::Tone;
constexpr double barGrams = 100.0;

void addLigand(FactPage& page, const LigandInBar& ligand, const HardWater& w, const Speech& s)
{
    FactSection section;
    section.title = WaterText::tr("%1, %2 of the bar")
                        .arg(ligandName(ligand.ligand), s.percent(ligand.share, 2));
    section.facts.append(
        {WaterText::tr("A bar of %1 could hold the hardness of").arg(s.mass(barGrams)),
         WaterText::tr("%1 litres at most").arg(s.number(w.litresCeiling, 1)),
         WaterText::tr("of the %1 litres it meets").arg(s.number(w.litresMet, 0)), Tone::Plain});
    section.facts.append({WaterText::tr("It really holds, in the wash water"),
                          WaterText::tr("%1 (%2 to %3)")
                              .arg(s.percent(w.held.all, 0), s.percent(w.heldAll.low(), 0),
                                   s.percent(w.heldAll.high(), 0)),
                          WaterText::tr("most where lather is thick and little water is used"),
                          Tone::Plain});
    section.facts.append(
        {WaterText::tr("To equal the hardness, the bar would be"), s.percent(w.shareWanted, 0),
         ligand.ligand == Ligand::Citrate ? WaterText::tr("citrate") : QString(), Tone::Plain});
    page.sections.append(section);
}

} // namespace

QString hardnessUnitName(HardnessUnit unit)
{
    switch (unit) {
    case HardnessUnit::MillimolePerLitre: return WaterText::tr("mmol/l");
    case HardnessUnit::MgCalciumCarbonate: return WaterText::tr("mg/l as CaCO3 (ppm)");
    case HardnessUnit::German: return WaterText::tr("German degrees");
    case HardnessUnit::French: return WaterText::tr("French degrees");
    case HardnessUnit::English: return WaterText::tr("English degrees");
    case HardnessUnit::UsGrains: return WaterText::tr("grains per US gallon");
    case HardnessUnit::MvalPerLitre: return WaterText::tr("mval/l");
    case HardnessUnit::MgCalcium: return WaterText::tr("mg/l calcium");
    case HardnessUnit::MgMagnesium: return WaterText::tr("mg/l magnesium");
    }
    return {};
}

QString hardnessClassName(HardnessClass what)
{
    switch (what) {
    case HardnessClass::Soft: return WaterText::tr("soft");
    case HardnessClass::Middling: return WaterText::tr("middling");
    case HardnessClass::Hard: return WaterText::tr("hard");
    }
    return {};
}

QString hardnessSaid(double hardness, HardnessUnit unit, const Speech& s)
{
    return WaterText::tr("%1 %2").arg(s.number(hardness / millimolesPer(unit), 1),
                                      hardnessUnitName(unit));
}

QString ligandName(Ligand ligand)
{
    switch (ligand) {
    case Ligand::Citrate: return WaterText::tr("Citrate");
    case Ligand::Edta: return WaterText::tr("EDTA");
    case Ligand::Gluconate: return WaterText::tr("Gluconate");
    }
    return {};
}

QString customerSentence(bool citrate)
{
    if (!citrate)
        return WaterText::tr(
            "In hard water every true soap leaves some lime soap. Rinse well, and with a spoon of "
            "vinegar in the last rinse if hair feels dull. No bar can soften a whole bath.");
    return WaterText::tr(
        "In hard water every true soap leaves some lime soap. The citrate in this bar makes it "
        "looser; rinse well, and with a spoon of vinegar in the last rinse if hair feels dull. No "
        "bar "
        "can soften a whole bath.");
}

FactPage waterFacts(const Formula& f, const Reckoning& r, const WashWater& water, HardnessUnit unit,
                    const Speech& s)
{
    FactPage page;
    page.title = WaterText::tr("Hard water");
    const auto made = waterPicture(f, r, water);
    if (const Cannot* why = std::get_if<Cannot>(&made)) {
        page.lead = cannot(*why, s);
        return page;
    }
    const auto& p = std::get<WaterPicture>(made);
    FactSection plain;
    plain.title = WaterText::tr("Your water");
    plain.facts.append(
        {WaterText::tr("Hardness"), hardnessSaid(water.hardness, unit, s),
         WaterText::tr("%1; %2 mmol/l")
             .arg(hardnessClassName(classOf(water.hardness)), s.number(water.hardness, 2)),
         Tone::Plain});
    plain.facts.append({WaterText::tr("Soap lost to it, whatever is in the bar"),
                        WaterText::tr("%1 a litre").arg(s.mass(p.without.soapWasted)),
                        p.without.soapLeft <= 0.0
                            ? WaterText::tr("more than the %1 dissolved in that litre: no lather "
                                            "until more soap is used")
                                  .arg(s.mass(water.dose * p.soapShare))
                            : WaterText::tr("of the %1 dissolved in that litre")
                                  .arg(s.mass(water.dose * p.soapShare)),
                        p.without.soapLeft <= 0.0 ? Tone::Care : Tone::Plain});
    plain.facts.append(
        {WaterText::tr("Scum, dry"), WaterText::tr("%1 a litre").arg(s.mass(p.without.scum)),
         WaterText::tr("lime soap: calcium and magnesium with fatty acid"), Tone::Plain});
    page.sections.append(plain);
    for (std::size_t i = 0; i < p.ligands.size(); ++i)
        addLigand(page, p.ligands[i], p.each[i], s);
    const bool citrate = std::ranges::any_of(
        p.ligands, [](const LigandInBar& l) { return l.ligand == Ligand::Citrate; });
    if (classOf(water.hardness) == HardnessClass::Soft)
        page.lead = WaterText::tr("Soft water: little scum from any soap.");
    else if (citrate)
        page.lead = WaterText::tr(
            "Citrate makes the scum looser and easier to rinse; it does not stop it.");
    else
        page.lead = WaterText::tr("This bar has nothing in it that loosens scum.");
    FactSection help;
    help.title = WaterText::tr("What would help");
    help.facts.append(
        {WaterText::tr("Citric acid"), WaterText::tr("1 to 3 % of the oils"),
         WaterText::tr("with its lye made up for; up to 5 % for hair: common practice, "
                       "no source"),
         Tone::Plain});
    help.facts.append({WaterText::tr("EDTA or gluconate"), WaterText::tr("0.1 to 0.5 %"),
                       WaterText::tr("against rancid spots: they tie iron and copper. They do not "
                                     "soften water"),
                       Tone::Plain});
    help.facts.append({WaterText::tr("At the basin"), WaterText::tr("less water, more lather"),
                       WaterText::tr("and an acid last rinse for hair"), Tone::Plain});
    page.sections.append(help);
    FactSection customer;
    customer.title = WaterText::tr("For a customer");
    customer.sentence = customerSentence(citrate);
    page.sections.append(customer);
    return page;
}

} // namespace rhexion::words
