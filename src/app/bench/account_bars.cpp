#include "app/bench/account_bars.h"

#include "storage/material_names.h"
#include "words/names.h"
#include "words/setting_words.h"

#include <QCoreApplication>

#include <algorithm>

namespace rhexion {

namespace {

struct AccountsText {
    Q_DECLARE_TR_FUNCTIONS(Accounts)
};

BarAccount alkaliAccount(const Formula& f, const Reckoning& r, const Speech& s)
{
    BarAccount account;
    account.name = AccountsText::tr("Lye");
    account.ending = AccountsText::tr("kept back");
    Bar& called = account.bars[0];
    called.name = AccountsText::tr("called for");
    double total = 0.0;
    // In grams of this lye as weighed, since that is what a maker holds in the hand.
    const auto lye = [&](double mol) { return s.mass(mol * r.weighedPerMol); };
    const auto add = [&](std::size_t i, double mol, Matter matter, const QString& name, Rule rule) {
        if (mol <= 0.0)
            return;
        total += mol;
        called.segments.push_back(
            {name, AccountsText::tr("%1 of lye").arg(lye(mol)), matter, mol, f.lines[i].id, rule});
    };
    const auto nameAt = [&](std::size_t i) { return materialName(*f.lines[i].material); };
    for (std::size_t i = 0; i < f.lines.size(); ++i)
        if (f.lines[i].material->isOil())
            add(i, r.lines[i].fatMol, Matter::Fat, nameAt(i), Rule::FatDemand);
    for (std::size_t i = 0; i < f.lines.size(); ++i)
        if (!f.lines[i].material->isOil())
            add(i, r.lines[i].fatMol, Matter::Fat,
                AccountsText::tr("hidden fat of %1").arg(nameAt(i)), Rule::HiddenFatDemand);
    for (std::size_t i = 0; i < f.lines.size(); ++i)
        add(i, r.lines[i].acidMol, Matter::Acid, AccountsText::tr("acid of %1").arg(nameAt(i)),
            Rule::AcidDemand);
    called.total = lye(total);
    called.low = r.demandLow;
    called.high = r.demandHigh;

    Bar& supplied = account.bars[1];
    supplied.name = AccountsText::tr("supplied");
    supplied.total = lye(r.hydroxideMol);
    for (const bool sodium : {true, false}) {
        const HydroxideReckoned& h = sodium ? r.sodium : r.potassium;
        if (h.mol > 0.0)
            supplied.segments.push_back({words::hydroxideName(sodium), s.mass(h.weighedGrams),
                                         Matter::Alkali, h.mol, 0,
                                         sodium ? Rule::SodiumWeighed : Rule::PotassiumWeighed});
    }
    const double kept = total - r.hydroxideMol;
    if (kept > 0.0)
        supplied.segments.push_back(
            {AccountsText::tr("kept back"),
             AccountsText::tr("%1 of lye, so that fat stays free").arg(lye(kept)), Matter::Fat,
             kept, 0, Rule::SuperfatOnOils, true});
    return account;
}

BarAccount waterAccount(const Formula& f, const Reckoning& r, const Speech& s)
{
    BarAccount account;
    account.name = AccountsText::tr("Water");
    const bool counted = f.liquid.convention == StrengthConvention::PureAndAllWater;
    Bar& wanted = account.bars[0];
    wanted.name = AccountsText::tr("wanted");
    wanted.total = s.mass(r.waterWanted);
    wanted.segments.push_back({words::liquidStatement(f.liquid, s), s.mass(r.waterWanted),
                               Matter::Water, r.waterWanted, 0, Rule::WaterWanted, true});
    Bar& brought = account.bars[1];
    brought.name = AccountsText::tr("brought by");
    std::vector<std::size_t> order;
    for (std::size_t i = 0; i < f.lines.size(); ++i)
        if (r.lines[i].waterGrams > 0.0)
            order.push_back(i);
    std::ranges::stable_sort(order, std::ranges::greater{},
                             [&](std::size_t i) { return r.lines[i].waterGrams; });
    double sum = 0.0;
    const auto add = [&](const QString& name, double grams, LineId line, Rule rule) {
        if (grams <= 0.0)
            return;
        Segment segment{name, s.mass(grams), Matter::Water, grams, line, rule};
        segment.over = sum + grams > r.waterWanted + 0.5;
        sum += grams;
        brought.segments.push_back(segment);
    };
    if (r.hasJugWater)
        add(AccountsText::tr("jug water"), r.jugWaterGrams, 0, Rule::JugWater);
    for (const std::size_t i : order)
        add(materialName(*f.lines[i].material), r.lines[i].waterGrams, f.lines[i].id,
            Rule::LineWater);
    if (counted)
        add(AccountsText::tr("moisture of the lye"), r.waterFromHydroxide, 0, Rule::WaterPresent);
    brought.total = s.mass(sum);
    if (r.waterWanted - sum > 0.5)
        brought.segments.push_back({AccountsText::tr("missing"), s.mass(r.waterWanted - sum),
                                    Matter::Water, r.waterWanted - sum, 0, Rule::WaterPresent,
                                    true});
    return account;
}

} // namespace

double BarAccount::scale() const
{
    double most = 0.0;
    for (const Bar& bar : bars) {
        double sum = 0.0;
        for (const Segment& segment : bar.segments)
            sum += segment.value;
        most = std::max({most, sum, bar.high});
    }
    return most > 0.0 ? most : 1.0;
}

std::vector<BarAccount> accountsOf(const Formula& formula, const Reckoning& reckoning,
                                   const Speech& speech)
{
    return {alkaliAccount(formula, reckoning, speech), waterAccount(formula, reckoning, speech)};
}

} // namespace rhexion
