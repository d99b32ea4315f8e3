// Each caution has a formula that fires it and one that does not, and a mend that takes it away.
#include <QTest>

#include "core/advice/reckon.h"
#include "core/formula/edit.h"
#include "core/units/enum_count.h"
#include "support/kept.h"
#include "support/make.h"
#include "words/lexicon.h"

#include <QSet>

#include <algorithm>
#include <functional>

using namespace rhexion;
using namespace rhexion::test;
using C = CautionCode;

namespace {

Formula calm()
{
    Formula f = twoOils();
    f.lye.superfat = 0.08;
    add(f, plainWater(), rest, Vessel::LyeJug);
    return f;
}

// A material with behaviours and a usual use, as the catalogue has them.
std::shared_ptr<Material> thing(const char* id, MaterialKind kind,
                                std::vector<BehaviourNote> behaviours = {}, double usual = 0.0)
{
    auto m = material(id, kind);
    m->behaviours = std::move(behaviours);
    if (usual > 0.0)
        m->usualUse = Figure{*Interval::of(usual / 3, usual / 2, usual), "test"};
    return m;
}

std::shared_ptr<Material> fatOf(const char* id, FattyAcid acid, double share)
{
    auto m = std::make_shared<Material>(*oil(id, 190));
    m->fattyAcids = {{acid, figure(share)}, {FattyAcid::Stearic, figure(1 - share)}};
    return m;
}

std::shared_ptr<Material> holding(const char* id, MaterialKind kind, Part part, double share)
{
    auto m = material(id, kind);
    m->part(part) = figure(share);
    return m;
}

using B = Behaviour;
using K = MaterialKind;
using Change = std::function<void(Formula&)>;

// A thing in a place; the change that puts it there.
Change with(MaterialPtr m, double g, Vessel vessel = Vessel::Trace)
{
    return [m, g, vessel](Formula& f) { add(f, m, grams(g), vessel); };
}
Change stated(MaterialPtr m, double value, AmountUnit unit)
{
    return [m, value, unit](Formula& f) { add(f, m, {value, unit}, Vessel::Trace); };
}
Change oils(FattyAcid acid, double share, double superfat = 0.05)
{
    return [=](Formula& f) {
        for (Line& line : f.lines)
            if (line.material->isOil())
                line.material = fatOf(line.material->id.c_str(), acid, share);
        f.lye.superfat = superfat;
    };
}
Change both(Change a, Change b)
{
    return [a, b](Formula& f) {
        a(f);
        b(f);
    };
}

Change noted(const char* notes)
{
    return [notes](Formula& f) { f.notes = notes; };
}
Change dissolved(double g, double each)
{
    return [=](Formula& f) {
        add(f, material("sugar", K::Sugar), grams(g), Vessel::Trace);
        f.lines.back().solvent = each;
    };
}
// Halves, each with a per cent of its oils set aside.
Change halves(double first, double second)
{
    return [=](Formula& f) {
        for (const double held : {first, second}) {
            f.portions.push_back({f.newId(), {}, 1.0, {}, {}});
            if (held > 0.0)
                f.portions.back().held = HeldOil{0, {held, AmountUnit::PercentOfOils}};
        }
    };
}
Change milkAndHoney(double celsius)
{
    return [=](Formula& f) {
        add(f, milk(0.87, 0.04, 230), grams(50), Vessel::Trace);
        add(f, holding("honey", K::Sugar, Part::ReducingSugar, 0.8), grams(35), Vessel::Trace);
        f.mixing.at = Temperature::celsius(celsius);
    };
}

void setAside(Formula& f, double g)
{
    f.portions.push_back({f.newId(), {}, 1.0, {}, HeldOil{0, grams(g)}});
}
// 30 % of the oils after the cook; the lye is weighed for this part of all the fat.
Change lateOil(double part)
{
    return [=](Formula& f) {
        const double all = std::get<Reckoning>(reckon(f)).sodium.weighedGrams / 0.92;
        f.lines[1].vessel = Vessel::AfterCook;
        f.lye.fixed = FixedHydroxide{Mass::grams(all * part), {}};
    };
}

struct Row {
    const char* name;
    std::function<void(Formula&)> change;
    C code;
    bool fires;
    bool mendTakesItAway; // when it fires
};

const std::vector<Row>& rows()
{
    static const std::vector<Row> all{
        {"1:1 dissolves at 20 C", [](Formula& f) { f.liquid.value = 1.0; }, C::LyeCannotDissolve,
         false, false},
        {"0.8:1 does not", [](Formula& f) { f.liquid.value = 0.8; }, C::LyeCannotDissolve, true,
         true},
        {"1:1 does not at 10 C",
         [](Formula& f) {
             f.liquid.value = 1.0;
             f.liquid.jugCoolest = Temperature::celsius(10);
         },
         C::LyeCannotDissolve, true, true},
        {"all the liquid elsewhere", [](Formula& f) { f.lines.back().vessel = Vessel::Trace; },
         C::LyeCannotDissolve, true, true},
        {"only juice, at trace",
         [](Formula& f) {
             auto juice = material("juice", MaterialKind::Produce);
             juice->part(Part::Water) = figure(0.9);
             f.lines.back() = {9, juice, Vessel::Trace, grams(400)};
         },
         C::LyeCannotDissolve, true, true},
        {"a strong jug beside it",
         [](Formula& f) {
             f.lines.back().vessel = Vessel::Trace;
             f.liquid.jugRatio = 1.0;
         },
         C::LyeCannotDissolve, false, false},
        {"frozen and strong", [](Formula& f) { f.lines.back().frozen = true; },
         C::LyeColdCannotDissolve, true, false},
        {"frozen and weak",
         [](Formula& f) {
             f.lines.back().frozen = true;
             f.liquid.value = 2.6;
         },
         C::LyeColdCannotDissolve, false, false},
        {"too much puree", [](Formula& f) { add(f, plainWater(), grams(400), Vessel::Trace); },
         C::WetterThanWanted, true, true},
        {"a little puree", [](Formula& f) { add(f, plainWater(), grams(40), Vessel::Trace); },
         C::WetterThanWanted, false, false},
        {"no make-up", [](Formula& f) { f.lines.back().amount = grams(200); }, C::DrierThanWanted,
         true, true},
        {"a make-up", [](Formula&) {}, C::DrierThanWanted, false, false},
        {"superfat below 0", [](Formula& f) { f.lye.superfat = -0.02; }, C::SuperfatBelowZero, true,
         true},
        {"superfat 0", [](Formula& f) { f.lye.superfat = 0.0; }, C::SuperfatBelowZero, false,
         false},
        {"too much lye weighed",
         [](Formula& f) {
             f.lye.fixed = FixedHydroxide{Mass::grams(170), Mass::grams(0)};
         },
         C::SuperfatBelowZero, true, true},
        {"unsure oil, little superfat",
         [](Formula& f) {
             auto m = std::make_shared<Material>(*f.lines[0].material);
             m->sv = Figure{*Interval::of(170, 190, 200), "test"};
             f.lines[0].material = m;
             f.lye.superfat = 0.02;
         },
         C::MayBeLyeHeavy, true, false},
        {"sure oil, little superfat", [](Formula& f) { f.lye.superfat = 0.02; }, C::MayBeLyeHeavy,
         false, false},
        {"warm milk in the jug",
         [](Formula& f) { f.lines.back().material = milk(0.87, 0.03, 230); }, C::MilkUnfrozenInJug,
         true, true},
        {"frozen milk in the jug",
         [](Formula& f) {
             f.lines.back().material = milk(0.87, 0.03, 230);
             f.lines.back().frozen = true;
         },
         C::MilkUnfrozenInJug, false, false},
        {"warm milk in the oils", [](Formula& f) { add(f, milk(0.87, 0.03, 230), grams(50)); },
         C::MilkUnfrozenInJug, false, false},
        {"acid in the jug",
         [](Formula& f) { add(f, citricAnhydrous(), grams(10), Vessel::LyeJug); },
         C::AcidInJugFumes, true, false},
        {"acid in the oils", [](Formula& f) { add(f, citricAnhydrous(), grams(10)); },
         C::AcidInJugFumes, false, false},
        {"nobody knows the acid",
         [](Formula& f) {
             auto puree = material("puree", MaterialKind::Produce);
             puree->titratable = Figure{*Interval::of(0, 0, 60), "test"};
             add(f, puree, grams(100), Vessel::Trace);
         },
         C::AcidityNotKnown, true, false},
        {"a titrated acid",
         [](Formula& f) {
             auto puree = material("puree", MaterialKind::Produce);
             puree->titratable = Figure{*Interval::of(12, 14, 60), "test"};
             add(f, puree, grams(100), Vessel::Trace);
         },
         C::AcidityNotKnown, false, false},
        {"a pinch of it",
         [](Formula& f) {
             auto spice = material("spice", MaterialKind::Solid);
             spice->titratable = Figure{*Interval::of(0, 0, 60), "test"};
             add(f, spice, grams(2), Vessel::Trace);
         },
         C::AcidityNotKnown, false, false},
        {"salt in strong lye", with(holding("salt", K::Salt, Part::SodiumChloride, 1), 60, Vessel::LyeJug), C::BrineDropsSalt, true, false},
        {"a pinch of salt", with(holding("salt", K::Salt, Part::SodiumChloride, 1), 10, Vessel::LyeJug), C::BrineDropsSalt, false, false},
        {"a maker's own sweetened milk", with(holding("own-tin", K::Milk, Part::OtherSugar, 0.4), 40), C::SweetenedMilk, true, false},
        {"a milk marked so", with(thing("own-tin", K::Milk, {{B::Sweetened, {}}}), 40), C::SweetenedMilk, true, false},
        {"evaporated milk", with(holding("evaporated-milk", K::Milk, Part::ReducingSugar, 0.1), 40), C::SweetenedMilk, false, false},
        {"6 % sugar", with(holding("sugar", K::Sugar, Part::OtherSugar, 1), 60), C::MuchSugar, true, false},
        {"2 % sugar", with(holding("sugar", K::Sugar, Part::OtherSugar, 1), 20), C::MuchSugar, false, false},
        {"honey and a floral", both(with(thing("honey", K::Sugar, {{B::SpeedsTrace, {}}}), 10), with(thing("floral", K::Scent, {{B::Seizes, {}}}), 10)), C::HoneyWithSeizingScent, true, false},
        {"sugar and a floral", both(with(thing("sugar", K::Sugar), 10), with(thing("floral", K::Scent, {{B::Seizes, {}}}), 10)), C::HoneyWithSeizingScent, false, false},
        {"milk in the cook", both(with(milk(0.87, 0.03, 230), 50, Vessel::Emulsion), with(thing("scent", K::Scent), 10, Vessel::AfterCook)), C::SugarOrMilkCooked, true, false},
        {"milk after the cook", both(with(milk(0.87, 0.03, 230), 50, Vessel::AfterCook), with(thing("scent", K::Scent), 10, Vessel::AfterCook)), C::SugarOrMilkCooked, false, false},
        {"coconut at 5 %", oils(FattyAcid::Lauric, 0.8), C::CoconutDriesSkin, true, true},
        {"coconut at 18 %", oils(FattyAcid::Lauric, 0.8, 0.18), C::CoconutDriesSkin, false, false},
        {"salt equal to the oils, no coconut", with(holding("salt", K::Salt, Part::SodiumChloride, 1), 1000), C::SaltBarWithoutLather, true, false},
        {"salt equal to the oils, coconut", both(oils(FattyAcid::Lauric, 0.8, 0.2), with(holding("salt", K::Salt, Part::SodiumChloride, 1), 1000)), C::SaltBarWithoutLather, false, false},
        {"all olive", oils(FattyAcid::Oleic, 0.73), C::LongCure, true, false},
        {"half oleic", oils(FattyAcid::Oleic, 0.5), C::LongCure, false, false},
        {"much linoleic", oils(FattyAcid::Linoleic, 0.3), C::OilsGoRancid, true, false},
        {"little linoleic", oils(FattyAcid::Linoleic, 0.1), C::OilsGoRancid, false, false},
        {"superfat 30 %", [](Formula& f) { f.lye.superfat = 0.3; }, C::VerySuperfatted, true, false},
        {"superfat 20 %", [](Formula& f) { f.lye.superfat = 0.2; }, C::VerySuperfatted, false, false},
        {"48 % lye", [](Formula& f) { f.liquid.value = 1.08; }, C::StrongBatter, true, false},
        {"40 % lye", [](Formula& f) { f.liquid.value = 1.5; }, C::StrongBatter, false, false},
        {"20 % lye", [](Formula& f) { f.liquid.value = 4.0; }, C::WeakBatter, true, false},
        {"25 % lye", [](Formula& f) { f.liquid.value = 3.0; }, C::WeakBatter, false, false},
        {"three colours and a scent", both(both(with(thing("a", K::Colour), 1), with(thing("b", K::Colour), 1)), both(with(thing("c", K::Colour), 1), with(thing("s", K::Scent), 10))), C::ManyColoursAndScent, true, false},
        {"two colours and a scent", both(both(with(thing("a", K::Colour), 1), with(thing("b", K::Colour), 1)), with(thing("s", K::Scent), 10)), C::ManyColoursAndScent, false, false},
        {"three colours, salt and no scent", both(both(with(thing("a", K::Colour), 1), with(thing("b", K::Colour), 1)), both(with(thing("c", K::Colour), 1), with(thing("s", K::Salt), 10))), C::ManyColoursAndScent, false, false},
        {"an allergen", with(thing("nut", K::Solid, {{B::Allergen, {}}}), 10), C::Allergens, true, false},
        {"no allergen", with(thing("clay", K::Solid), 10), C::Allergens, false, false},
        {"acid on weighed lye", both(with(citricAnhydrous(), 20), [](Formula& f) { f.lye.fixed = FixedHydroxide{Mass::grams(135), Mass::grams(0)}; }), C::AcidOnWeighedLye, true, false},
        {"acid with lye to follow", with(citricAnhydrous(), 20), C::AcidOnWeighedLye, false, false},
        {"potash nobody read", [](Formula& f) { auto m = std::make_shared<Material>(*potassiumHydroxide(0.9)); m->behaviours = {{B::PurityVaries, {}}}; f.lye.potassium = m; f.lye.potassiumShare = 0.5; }, C::PurityNotSaid, true, false},
        {"potash of a lot", [](Formula& f) { auto m = std::make_shared<Material>(*potassiumHydroxide(0.9)); m->behaviours = {{B::PurityVaries, {}}}; m->lot = {"1", "tub"}; f.lye.potassium = m; f.lye.potassiumShare = 0.5; }, C::PurityNotSaid, false, false},
        {"own citric acid", [](Formula& f) { auto m = std::make_shared<Material>(*citricAnhydrous()); m->id = "own-citric"; m->name = "Citric acid"; add(f, m, grams(10)); }, C::CitricFormNotSaid, true, false},
        {"own citric acid anhydrous", [](Formula& f) { auto m = std::make_shared<Material>(*citricAnhydrous()); m->behaviours = {{B::FormIsSaid, {}}}; add(f, m, grams(10)); }, C::CitricFormNotSaid, false, false},
        {"human milk", with(thing("own-milk", K::Milk, {{B::OwnHouseholdOnly, {}}}), 50), C::HumanMilk, true, false},
        {"goat milk", with(thing("goat-milk", K::Milk), 50), C::HumanMilk, false, false},
        {"infused oil", with(thing("own-oil", K::Solid, {{B::HeldBackByHerbs, {}}}), 50), C::InfusedOil, true, false},
        {"plain oil", with(thing("olive-oil", K::Solid), 50), C::InfusedOil, false, false},
        {"much wax", with(thing("wax", K::Solid, {{B::MeltsHot, {}}}), 60, Vessel::OilPot), C::SetsInThePot, true, false},
        {"little wax", with(thing("wax", K::Solid, {{B::MeltsHot, {}}}), 10, Vessel::OilPot), C::SetsInThePot, false, false},
        {"a tenth of stearic acid", with(thing("stearic", K::FattyAcid), 120, Vessel::OilPot), C::FattyAcidSeizes, true, false},
        {"a little stearic acid", with(thing("stearic", K::FattyAcid), 20, Vessel::OilPot), C::FattyAcidSeizes, false, false},
        {"rhubarb", with(thing("rhubarb", K::Produce, {{B::NotInAluminium, {}}}), 30), C::SourInAluminium, true, false},
        {"cucumber", with(thing("cucumber", K::Produce), 30), C::SourInAluminium, false, false},
        {"bergamot", with(thing("bergamot", K::Scent, {{B::Phototoxic, {}}}), 10), C::MarksSkinInSun, true, false},
        {"lavender", with(thing("lavender", K::Scent), 10), C::MarksSkinInSun, false, false},
        {"epsom salt", with(thing("epsom", K::Salt, {{B::Separates, {}}}), 10), C::SaltsSoapOut, true, false},
        {"table salt", with(thing("salt", K::Salt), 10), C::SaltsSoapOut, false, false},
        {"a fading colour", with(thing("green", K::Colour, {{B::Fades, {}}}), 2), C::Fades, true, false},
        {"a fast colour", with(thing("green", K::Colour), 2), C::Fades, false, false},
        {"8 % scrub", with(thing("scrub", K::Solid, {{B::Scratchy, 0.05}}), 80), C::Scratchy, true, false},
        {"2 % scrub", with(thing("scrub", K::Solid, {{B::Scratchy, 0.05}}), 20), C::Scratchy, false, false},
        {"20 % of a softening one", with(thing("soft", K::Solid, {{B::SoftensBar, 0.1}}), 200), C::SoftBar, true, false},
        {"5 % of a softening one", with(thing("soft", K::Solid, {{B::SoftensBar, 0.1}}), 50), C::SoftBar, false, false},
        {"6 % of lactate", with(thing("lactate", K::Acid, {{B::Crumbles, 0.03}}), 60), C::BarCrumbles, true, false},
        {"2 % of lactate", with(thing("lactate", K::Acid, {{B::Crumbles, 0.03}}), 20), C::BarCrumbles, false, false},
        {"clay in the jug", with(thing("clay", K::Solid, {{B::DisperseInWater, {}}}), 20, Vessel::LyeJug), C::ClayInLye, true, true},
        {"clay at trace", with(thing("clay", K::Solid, {{B::DisperseInWater, {}}}), 20), C::ClayInLye, false, false},
        {"egg in the jug", with(thing("egg", K::Egg), 50, Vessel::LyeJug), C::EggInLye, true, true},
        {"egg in the oils", with(thing("egg", K::Egg), 50, Vessel::OilPot), C::EggInLye, false, false},
        {"scent in the jug", with(thing("scent", K::Scent), 10, Vessel::LyeJug), C::ScentInLye, true, true},
        {"scent at trace", with(thing("scent", K::Scent), 10), C::ScentInLye, false, false},
        {"beer in the jug", with(holding("beer", K::Liquid, Part::Alcohol, 0.04), 100, Vessel::LyeJug), C::AlcoholInLye, true, false},
        {"boiled beer in the jug", with(holding("beer", K::Liquid, Part::Alcohol, 0.001), 100, Vessel::LyeJug), C::AlcoholInLye, false, false},
        {"salt in the oils", with(thing("salt", K::Salt), 10, Vessel::OilPot), C::StaysGrainyInOil, true, true},
        {"salt in the jug", with(thing("salt", K::Salt), 10, Vessel::LyeJug), C::StaysGrainyInOil, false, false},
        {"scent by the drop", stated([] { auto m = thing("scent", K::Scent); m->density = figure(0.9); return m; }(), 40, AmountUnit::Drop), C::ScentInDrops, true, false},
        {"scent by the gram", with(thing("scent", K::Scent), 10), C::ScentInDrops, false, false},
        {"vanilla", with(thing("vanilla", K::Scent, {{B::Browns, {}}}), 10), C::ScentBrowns, true, false},
        {"mint", with(thing("mint", K::Scent), 10), C::ScentBrowns, false, false},
        {"8 % scent", with(thing("scent", K::Scent, {}, 0.03), 80), C::MuchScent, true, false},
        {"2 % scent", with(thing("scent", K::Scent, {}, 0.03), 20), C::MuchScent, false, false},
        {"mint for a baby", both(with(thing("mint", K::Scent, {{B::NotForChildren, {}}}), 10), [](Formula& f) { f.name = "Baby bar"; }), C::ScentForChildren, true, true},
        {"mint for a gardener", both(with(thing("mint", K::Scent, {{B::NotForChildren, {}}}), 10), [](Formula& f) { f.name = "Garden bar"; }), C::ScentForChildren, false, false},
        {"20 oz of colour", stated(thing("mica", K::Colour, {}, 0.02), 20, AmountUnit::Ounce), C::OunceForGram, true, true},
        {"half an ounce of colour", stated(thing("mica", K::Colour, {}, 0.02), 0.5, AmountUnit::Ounce), C::OunceForGram, false, false},
        {"1 g of clay", stated(thing("clay", K::Solid, {}, 0.05), 1, AmountUnit::Gram), C::GramForOunce, true, true},
        {"20 g of clay", stated(thing("clay", K::Solid, {}, 0.05), 20, AmountUnit::Gram), C::GramForOunce, false, false},
        {"6 tbsp of clay", stated([] { auto m = thing("clay", K::Solid, {}, 0.03); m->measures = {{"tsp", 3, "test"}}; return m; }(), 6, AmountUnit::Tablespoon), C::TablespoonForTeaspoon, true, true},
        {"2 tbsp of clay", stated([] { auto m = thing("clay", K::Solid, {}, 0.03); m->measures = {{"tsp", 3, "test"}}; return m; }(), 2, AmountUnit::Tablespoon), C::TablespoonForTeaspoon, false, false},
        {"fluid ounces of honey", stated([] { auto m = thing("honey", K::Sugar, {}, 0.5); m->density = figure(1.42); return m; }(), 1, AmountUnit::FluidOunce), C::FluidOunce, true, false},
        {"fluid ounces of water", stated([] { auto m = thing("tea", K::Liquid, {}, 0.5); m->density = figure(1.0); return m; }(), 1, AmountUnit::FluidOunce), C::FluidOunce, false, false},
        {"800 g stated, 1000 g there", [](Formula& f) { f.oilsTotal = Mass::grams(800); }, C::TotalIsNotTheSum, true, true},
        {"shares of a stated total", [](Formula& f) { f.oilsTotal = Mass::grams(800); f.lines[0].amount = {60, AmountUnit::PercentOfOils}; f.lines[1].amount = grams(200); }, C::TotalIsNotTheSum, false, false},
        {"1000 g stated", [](Formula& f) { f.oilsTotal = Mass::grams(1000); }, C::TotalIsNotTheSum, false, false},
        {"a jug at 68", [](Formula& f) { f.liquid.jugCoolest = Temperature::celsius(68); }, C::FahrenheitForCelsius, true, true},
        {"a jug at 38", [](Formula& f) { f.liquid.jugCoolest = Temperature::celsius(38); }, C::FahrenheitForCelsius, false, false},
        {"4 % less water", [](Formula& f) { f.liquid.how = LiquidStatement::LessThanUsual; f.liquid.value = 0.04; }, C::PointsNotPerCent, true, false},
        {"18 % less water", [](Formula& f) { f.liquid.how = LiquidStatement::LessThanUsual; f.liquid.value = 0.18; }, C::PointsNotPerCent, false, false},
        {"purity 0.9 %", [](Formula& f) { f.lye.sodium = sodiumHydroxide(0.009); f.liquid.value = 19; f.liquid.convention = StrengthConvention::WeighedWithoutImpurity; }, C::PurityAsFraction, true, false},
        {"purity 90 %", [](Formula& f) { f.lye.sodium = sodiumHydroxide(0.9); }, C::PurityAsFraction, false, false},
        {"NaOH weighed by KOH's figure", [](Formula& f) { f.lye.fixed = FixedHydroxide{Mass::grams(200), Mass::grams(0)}; }, C::OtherHydroxide, true, false},
        {"NaOH weighed by its own", [](Formula& f) { f.lye.fixed = FixedHydroxide{Mass::grams(142), Mass::grams(0)}; }, C::OtherHydroxide, false, false},
        {"60 g of salt in the jug", with(holding("salt", K::Salt, Part::SodiumChloride, 1), 60, Vessel::LyeJug), C::JugWaterTiedUp, true, false},
        {"20 g of salt in the jug", with(holding("salt", K::Salt, Part::SodiumChloride, 1), 20, Vessel::LyeJug), C::JugWaterTiedUp, false, false},
        {"300 g set aside for 30 g", dissolved(30, 10), C::SolventShort, true, true},
        {"30 g set aside for 30 g", dissolved(30, 1), C::SolventShort, false, false},
        {"20 % aside for both halves", halves(20, 20), C::HeldOilLeavesLye, true, false},
        {"3 % aside for both halves", halves(3, 3), C::HeldOilLeavesLye, false, false},
        {"20 % aside for one half", halves(20, 0), C::PortionLyeHeavy, true, true},
        {"20 % aside for each", halves(20, 20), C::PortionLyeHeavy, false, false},
        {"5 % aside for one half", halves(5, 0), C::PortionUneven, true, true},
        {"5 % aside for each", halves(5, 5), C::PortionUneven, false, false},
        {"milk and honey joined at 55 C", milkAndHoney(55), C::SugarMilkHotStart, true, true},
        {"milk and honey joined at 30 C", milkAndHoney(30), C::SugarMilkHotStart, false, false},
        {"milk and honey joined at 45 C, the limit itself", milkAndHoney(45), C::SugarMilkHotStart, true, true},
        {"honey alone joined at 55 C", both(milkAndHoney(55), [](Formula& f) { std::erase_if(f.lines, [](const Line& l) { return l.material->kind == K::Milk; }); }), C::SugarMilkHotStart, false, false},
        {"60 g set aside where 50 g are left", [](Formula& f) { setAside(f, 60); }, C::HeldOilNotThere, false, false},
        {"oil after the cook, lye weighed for all", lateOil(1.0), C::LyeLeftInCook, true, false},
        {"oil after the cook, lye weighed for the cook", lateOil(0.6), C::LyeLeftInCook, false, false},
        {"citric on top", with(citricAnhydrous(), 20, Vessel::Top), C::AcidAfterCook, true, true},
        {"citric after the cook", with(citricAnhydrous(), 20, Vessel::AfterCook), C::AcidAfterCook, true, true},
        {"citric in the jug", with(citricAnhydrous(), 20, Vessel::LyeJug), C::AcidAfterCook, false, false},
        {"more acid than lye", both(with(citricAnhydrous(), 400, Vessel::LyeJug), [](Formula& f) { f.lye.fixed = FixedHydroxide{Mass::grams(100), {}}; }), C::AcidOutweighsLye, true, false},
        {"acid and its lye", with(citricAnhydrous(), 400, Vessel::LyeJug), C::AcidOutweighsLye, false, false},
        {"SV in grams of lye per gram", [](Formula& f) { f.lines[0].material = oil("olive", 0.135); }, C::SvUnlikely, true, true},
        {"SV of 190", [](Formula& f) { f.lines[0].material = oil("olive", 190); }, C::SvUnlikely, false, false},
        {"80 g of glucose", with(holding("glucose", K::Sugar, Part::ReducingSugar, 1), 80), C::TakesMoreThanCounted, true, false},
        {"80 g of table sugar", with(holding("sugar", K::Sugar, Part::OtherSugar, 1), 80), C::TakesMoreThanCounted, false, false},
        {"superfat below 0", [](Formula& f) { f.lye.superfat = -0.02; }, C::LyeDoesNotCureAway, true, false},
        {"superfat 8 %", [](Formula&) {}, C::LyeDoesNotCureAway, false, false},
        {"citric to lower the pH", both(with(citricAnhydrous(), 20), noted("To lower the pH a bit.")), C::CitrateLeavesPh, true, false},
        {"citric against hard water", both(with(citricAnhydrous(), 20), noted("For phosphate-free, hard water.")), C::CitrateLeavesPh, false, false},
        {"a 5 % discount", noted("5 % discount"), C::DiscountOfWhat, true, false},
        {"a 5 % lye discount", noted("5 % lye discount"), C::DiscountOfWhat, false, false},
    };
    return all;
}

std::vector<Caution> findings(const Formula& f)
{
    return findingsOf(f, std::get<Reckoning>(reckon(f)), nullptr, *words::lexicon());
}

const Caution* find(const std::vector<Caution>& all, C code)
{
    const auto at = std::ranges::find(all, code, &Caution::code);
    return at == all.end() ? nullptr : &*at;
}

} // namespace

class TestCautions : public QObject {
    Q_OBJECT
private Q_SLOTS:
    // What the mends of a cook that keeps lye come to: the oil there is most of takes it up.
    void oilToTakeTheLye()
    {
        Formula f = calm();
        lateOil(1.0)(f);
        const auto r = std::get<Reckoning>(reckon(f));
        const auto found = std::ranges::find(r.cautions, C::LyeLeftInCook, &Caution::code);
        QVERIFY(found != r.cautions.end());
        const double left = found->figures[0] / molarMassSodiumHydroxide;
        QVERIFY(left > 0.1);
        QVERIFY(std::abs(found->figures[2] - left * 56105.6 / 190) < 1e-6 * found->figures[2]);
    }

    // Acid that joins late leaves its lye free until then; acid that is there already has taken
    // its.
    void whatTheCookHolds()
    {
        Formula f = calm();
        with(citricAnhydrous(), 10, Vessel::LyeJug)(f);
        with(citricAnhydrous(), 20, Vessel::Top)(f);
        const auto r = std::get<Reckoning>(reckon(f));
        const double early = r.acidMol / 3;
        QVERIFY(std::abs(r.cook.lateAcidMol - 2 * early) < 1e-9);
        QVERIFY(std::abs(r.cook.superfat.value() -
                         (1 - (r.hydroxideMol - early) / r.fatMolTypical())) < 1e-9);
    }

    void cautions_data()
    {
        QTest::addColumn<int>("row");
        for (int i = 0; i < int(rows().size()); ++i)
            QTest::newRow(rows()[std::size_t(i)].name) << i;
    }
    void cautions()
    {
        QFETCH(int, row);
        const Row& wanted = rows()[std::size_t(row)];
        Formula f = calm();
        QVERIFY(std::get<Reckoning>(reckon(f)).cautions.empty());
        wanted.change(f);
        const std::vector<Caution> found = findings(f);
        const Caution* caution = find(found, wanted.code);
        QCOMPARE(caution != nullptr, wanted.fires);
        QVERIFY(std::ranges::is_sorted(found, std::ranges::greater{}, &Caution::severity));
        if (!caution || !wanted.mendTakesItAway)
            return;
        QVERIFY(caution->mend);
        QVERIFY(rhexion::apply(f, *caution->mend));
        QVERIFY(!find(findings(f), wanted.code));
    }
    // Each with all its figures and what its mend comes to.
    void figuresAreAsTheyWere()
    {
        Kept kept("cautions.txt");
        for (const Row& row : rows()) {
            Formula f = calm();
            row.change(f);
            for (const Caution& c : findings(f)) {
                std::vector<double> figures = c.figures;
                Formula mended = f;
                if (c.mend && rhexion::apply(mended, *c.mend)) {
                    const ReckonResult after = reckon(mended);
                    if (const auto* r = std::get_if<Reckoning>(&after))
                        figures.insert(figures.end(), {r->batterGrams, r->pureGrams(),
                                                       r->superfatTrue.value_or(-99.0)});
                }
                kept.add(QStringLiteral("%1: %2 %3")
                             .arg(QLatin1String(row.name), QLatin1String(codeOf(c.code)))
                             .arg(int(c.severity)),
                         figures);
            }
        }
        const QString difference = kept.firstDifference();
        QVERIFY2(difference.isEmpty(), qPrintable(difference));
    }
    void everyCodeFiresAndIsQuiet()
    {
        QVERIFY(countOf<C>() >= 40);
        QSet<QString> codes;
        for (int code = 0; code < int(countOf<C>()); ++code)
            codes.insert(QString::fromLatin1(codeOf(static_cast<C>(code))));
        QCOMPARE(codes.size(), qsizetype(countOf<C>()));
        QVERIFY(!codes.contains(QString()));
        for (int code = 0; code < int(C::BoilsWhereItLands); ++code)
            // The one drawn from doubt has tests of its own (tst_doubt), and those of heat
            // (tst_heat_formula).
            for (const bool fires : {true, false})
                QVERIFY2(code == int(C::ChanceOfLyeExcess) ||
                             (code == int(C::HeldOilNotThere) && fires) || // only of weighings
                             std::ranges::any_of(rows(),
                                                 [&](const Row& r) {
                                                     return int(r.code) == code && r.fires == fires;
                                                 }),
                         codeOf(static_cast<C>(code)));
    }
};

QTEST_APPLESS_MAIN(TestCautions)
#include "tst_cautions.moc"
