// Every caution with a threshold, within 1 % of it on both sides: it speaks on one and is quiet on
// the other. The thresholds are stated here again on purpose, as the figures of the trade they are.
#include <QTest>

#include "core/advice/reckon.h"
#include "support/make.h"

#include <algorithm>
#include <functional>

using namespace rhexion;
using namespace rhexion::test;
using C = CautionCode;
using K = MaterialKind;
using B = Behaviour;

namespace {

constexpr double D = 1000 * 56.1056;
constexpr double fat = (700 * 190 + 300 * 257) / D; // mol, of the calm formula
constexpr double lye = 0.92 * fat;                  // mol
constexpr double pure = lye * molarMassSodiumHydroxide;

// 1000 g of oils, superfat 8 %, two of water to one of lye: nothing to say about it.
Formula calm()
{
    Formula f = twoOils();
    f.lye.superfat = 0.08;
    add(f, plainWater(), rest, Vessel::LyeJug);
    return f;
}

MaterialPtr thing(K kind, std::vector<BehaviourNote> behaviours = {}, double usual = 0.0)
{
    auto m = material("thing", kind);
    m->behaviours = std::move(behaviours);
    if (usual > 0.0)
        m->usualUse = Figure{*Interval::of(usual / 3, usual / 2, usual), "test"};
    return m;
}
std::shared_ptr<Material> holding(K kind, Part part, double share)
{
    auto m = material("holding", kind);
    m->part(part) = figure(share);
    return m;
}
MaterialPtr fatOf(FattyAcid acid, double share)
{
    auto m = std::make_shared<Material>(*oil("fat", 190));
    m->fattyAcids = {{acid, figure(share)}, {FattyAcid::Stearic, figure(1 - share)}};
    return m;
}
void allOils(Formula& f, const MaterialPtr& m)
{
    for (Line& line : f.lines)
        if (line.material->isOil())
            line.material = m;
}

struct Edge {
    const char* name;
    C code;
    double at;
    bool above; // speaks above it, or below it
    std::function<void(Formula&, double)> set;
    double within = 0.008;
};

// Puts x per cent of the oils, as a fraction, of a thing somewhere.
auto share(MaterialPtr m, Vessel vessel = Vessel::Trace)
{
    return [m, vessel](Formula& f, double x) { add(f, m, grams(1000 * x), vessel); };
}
void strength(Formula& f, double x)
{
    f.liquid.how = LiquidStatement::Strength;
    f.liquid.value = x;
}
void fixedLye(Formula& f, double mol)
{
    f.lye.fixed = FixedHydroxide{Mass::grams(mol * molarMassSodiumHydroxide), {}};
}
void halves(Formula& f, double first, double second)
{
    for (const double held : {first, second}) {
        f.portions.push_back({f.newId(), {}, 1.0, {}, {}});
        if (held > 0.0)
            f.portions.back().held = HeldOil{0, {held * 100, AmountUnit::PercentOfOils}};
    }
}
MaterialPtr unsureOil()
{
    auto m = std::make_shared<Material>(*oil("unsure", 190));
    m->sv = Figure{*Interval::of(170, 190, 200), "test"};
    return m;
}
MaterialPtr sour()
{
    auto m = material("puree", K::Produce);
    m->titratable = Figure{*Interval::of(0, 0, 60), "test"};
    return m;
}
MaterialPtr spooned()
{
    auto m = std::make_shared<Material>(*thing(K::Solid, {}, 0.03));
    m->measures = {{"tsp", 3, "test"}};
    return m;
}

constexpr double citricPerMol = 192.123 / 2.99974; // g that take one mol
// g of salt a third-strong jug holds: limits 5 and 2 at 30 and 40 %, straight between.
constexpr double saltLimit = 0.05 - 0.03 / 3;
constexpr double jug = 3 * pure;

const std::vector<Edge>& edges()
{
    static const std::vector<Edge> all{
        {"a strong batter, 42 %", C::StrongBatter, 0.42, true, strength},
        {"a weak batter, 22 %", C::WeakBatter, 0.22, false, strength},
        {"superfat 22 %", C::VerySuperfatted, 0.22, true,
         [](Formula& f, double x) { f.lye.superfat = x; }},
        {"superfat below 0, by the weighed lye", C::SuperfatBelowZero, fat, true, fixedLye},
        {"lye that does not cure away", C::LyeDoesNotCureAway, fat, true, fixedLye},
        {"could be lye heavy, (0.7 * 170 + 0.3 * 257) of (0.7 * 190 + 0.3 * 257)", C::MayBeLyeHeavy,
         1 - (0.7 * 170 + 0.3 * 257) / (0.7 * 190 + 0.3 * 257), false,
         [](Formula& f, double x) {
             f.lines[0].material = unsureOil();
             f.lye.superfat = x;
         }},
        {"sugar at 4 %", C::MuchSugar, 0.04, true, share(holding(K::Sugar, Part::OtherSugar, 1))},
        {"a salt bar, 25 %", C::SaltBarWithoutLather, 0.25, true,
         share(holding(K::Salt, Part::SodiumChloride, 1))},
        {"half coconut", C::CoconutDriesSkin, 0.39, true,
         [](Formula& f, double x) {
             allOils(f, fatOf(FattyAcid::Lauric, x));
             f.lye.superfat = 0.05;
         }},
        {"coconut at 10 % superfat", C::CoconutDriesSkin, 0.1, false,
         [](Formula& f, double x) {
             allOils(f, fatOf(FattyAcid::Lauric, 0.8));
             f.lye.superfat = x;
         }},
        {"85 % of olive-like oils", C::LongCure, 0.85, true,
         [](Formula& f, double x) {
             f.lines[0].material = fatOf(FattyAcid::Oleic, 0.75);
             f.lines[0].amount = grams(1000 * x);
             f.lines[1].amount = grams(1000 * (1 - x));
         }},
        {"an oil is olive-like from 60 % oleic", C::LongCure, 0.6, true,
         [](Formula& f, double x) { allOils(f, fatOf(FattyAcid::Oleic, x)); }},
        {"20 % linoleic", C::OilsGoRancid, 0.2, true,
         [](Formula& f, double x) { allOils(f, fatOf(FattyAcid::Linoleic, x)); }},
        {"3 % of what sets", C::SetsInThePot, 0.03, true,
         share(thing(K::Solid, {{B::MeltsHot, {}}}), Vessel::OilPot)},
        {"5 % of fatty acid", C::FattyAcidSeizes, 0.05, true,
         [](Formula& f, double x) {
             add(f, thing(K::FattyAcid), grams(1000 * x / (1 - x)), Vessel::OilPot);
         }},
        {"scratchy above its 5 %", C::Scratchy, 0.05, true,
         share(thing(K::Solid, {{B::Scratchy, 0.05}}))},
        {"soft above its 10 %", C::SoftBar, 0.1, true,
         share(thing(K::Solid, {{B::SoftensBar, 0.1}}))},
        {"crumbles above its 3 %", C::BarCrumbles, 0.03, true,
         share(thing(K::Acid, {{B::Crumbles, 0.03}}))},
        {"scent above 1.25 of its usual", C::MuchScent, 0.0375, true,
         share(thing(K::Scent, {}, 0.03))},
        {"half a per cent of alcohol", C::AlcoholInLye, 0.005, true,
         [](Formula& f, double x) {
             add(f, holding(K::Liquid, Part::Alcohol, x), grams(50), Vessel::LyeJug);
         }},
        {"added sugar in milk, 4 %", C::SweetenedMilk, 0.04, true,
         [](Formula& f, double x) {
             add(f, holding(K::Milk, Part::OtherSugar, x), grams(20), Vessel::Trace);
         }},
        {"an ounce that would fit as a gram", C::OunceForGram, 0.02 / 6 * 28.349523, true,
         [](Formula& f, double x) {
             add(f, thing(K::Colour, {}, 0.02), {1000 * x / 28.349523, AmountUnit::Ounce},
                 Vessel::Trace);
         }},
        {"a gram that would fit as an ounce", C::GramForOunce, 0.05 / 28.349523, false,
         [](Formula& f, double x) {
             add(f, thing(K::Solid, {}, 0.05), grams(1000 * x), Vessel::Trace);
         }},
        {"tablespoons above 1.5 of the usual", C::TablespoonForTeaspoon, 5, true,
         [](Formula& f, double x) {
             add(f, spooned(), {x, AmountUnit::Tablespoon}, Vessel::Trace);
         }},
        {"a fluid ounce that weighs 1.05", C::FluidOunce, 1.05 * 28.349523 / 29.5735, true,
         [](Formula& f, double x) {
             auto m = std::make_shared<Material>(*thing(K::Liquid, {}, 0.5));
             m->density = figure(x);
             add(f, m, {1, AmountUnit::FluidOunce}, Vessel::Trace);
         }},
        {"a fluid ounce that weighs 0.95", C::FluidOunce, 0.95 * 28.349523 / 29.5735, false,
         [](Formula& f, double x) {
             auto m = std::make_shared<Material>(*thing(K::Liquid, {}, 0.5));
             m->density = figure(x);
             add(f, m, {1, AmountUnit::FluidOunce}, Vessel::Trace);
         }},
        {"a total 1 % off", C::TotalIsNotTheSum, 1000 / 0.99, true,
         [](Formula& f, double x) { f.oilsTotal = Mass::grams(x); }, 0.005},
        {"a jug at 45 C", C::FahrenheitForCelsius, 45, true,
         [](Formula& f, double x) { f.liquid.jugCoolest = Temperature::celsius(x); }},
        {"8 % less water", C::PointsNotPerCent, 0.08, false,
         [](Formula& f, double x) {
             f.liquid.how = LiquidStatement::LessThanUsual;
             f.liquid.value = x;
         }},
        {"a purity of 5 %", C::PurityAsFraction, 0.05, false,
         [](Formula& f, double x) {
             f.lye.sodium = sodiumHydroxide(x);
             f.liquid.value = 19;
             f.liquid.convention = StrengthConvention::WeighedWithoutImpurity;
         }},
        {"NaOH by KOH's figure, 1.2204 times", C::OtherHydroxide,
         0.87 * molarMassPotassiumHydroxide / molarMassSodiumHydroxide * fat, true, fixedLye},
        {"SV 300", C::SvUnlikely, 300, true,
         [](Formula& f, double x) { f.lines[0].material = oil("odd", x); }},
        {"SV 100", C::SvUnlikely, 100, false,
         [](Formula& f, double x) { f.lines[0].material = oil("odd", x); }},
        {"water that 1.09 g of lye need", C::LyeCannotDissolve, 1 / 1.09 - 0.5 / pure, false,
         [](Formula& f, double x) { f.liquid.value = x; }},
        {"frozen: 0.42 g dissolve in 1 g", C::LyeColdCannotDissolve, 1 / 0.42, false,
         [](Formula& f, double x) {
             f.lines.back().frozen = true;
             f.liquid.value = x;
         }},
        {"salt ties up 2.79 g", C::JugWaterTiedUp, (2 * pure - pure / 1.09 + 0.5) / 2790, true,
         share(holding(K::Salt, Part::SodiumChloride, 1), Vessel::LyeJug)},
        {"brine drops salt above 4 % at 33 % lye", C::BrineDropsSalt,
         saltLimit / (1 - saltLimit) * jug / 1000, true,
         share(holding(K::Salt, Part::SodiumChloride, 1), Vessel::LyeJug)},
        {"unknown acidity, 1 % of the lye", C::AcidityNotKnown, 0.01 * lye / 60e-5 / 1000, true,
         share(sour())},
        {"not counted, 1 % of the lye", C::TakesMoreThanCounted, 0.01 * lye * 180.156 / 2 / 1000,
         true, share(holding(K::Sugar, Part::ReducingSugar, 1))},
        {"acid after the cook, half a per cent of the lye", C::AcidAfterCook,
         0.005 * lye / 0.995 * citricPerMol / 1000, true,
         share(citricAnhydrous(), Vessel::AfterCook)},
        {"lye left in the cook, half a per cent", C::LyeLeftInCook, 700 * 190 / D / 0.995, true,
         [](Formula& f, double x) {
             f.lines[1].vessel = Vessel::AfterCook;
             fixedLye(f, x);
         },
         0.004},
        {"acid on weighed lye, 2 %", C::AcidOnWeighedLye, 0.02 * lye * citricPerMol / 1000, true,
         [](Formula& f, double x) {
             add(f, citricAnhydrous(), grams(1000 * x), Vessel::LyeJug);
             fixedLye(f, lye);
         }},
        {"half a gram too wet", C::WetterThanWanted, (2 * pure + 0.5) / 1000, true,
         share(plainWater())},
        {"half a gram too dry", C::DrierThanWanted, 2 * pure - 0.5, false,
         [](Formula& f, double x) { f.lines.back().amount = grams(x); }},
        {"half a gram more to dissolve in than there is", C::SolventShort, (2 * pure + 0.5) / 20,
         true,
         [](Formula& f, double x) {
             add(f, material("sugar", K::Sugar), grams(20), Vessel::Trace);
             f.lines.back().solvent = x;
         }},
        {"oil aside, as much as the superfat", C::HeldOilLeavesLye, 0.08, true,
         [](Formula& f, double x) { halves(f, x, x); }},
        {"portions 2 points apart", C::PortionUneven, 2 * (1 - 0.92 / 0.94), true,
         [](Formula& f, double x) { halves(f, x, 0.0); }},
        {"a portion below 0", C::PortionLyeHeavy, 2 * 0.08, true,
         [](Formula& f, double x) { halves(f, x, 0.0); }},
        {"sugar and milk at 45 C", C::SugarMilkHotStart, 45, true,
         [](Formula& f, double x) {
             add(f, milk(0.87, 0.04, 230), grams(50), Vessel::Trace);
             add(f, holding(K::Sugar, Part::ReducingSugar, 1), grams(35), Vessel::Trace);
             f.mixing.at = Temperature::celsius(x);
         }},
        {"2 % of sugar beside warm milk", C::SugarMilkHotStart, 0.02, true,
         [](Formula& f, double x) {
             add(f, milk(0.87, 0.04, 230), grams(50), Vessel::Trace);
             add(f, holding(K::Sugar, Part::ReducingSugar, 1), grams(1000 * x), Vessel::Trace);
             f.mixing.at = Temperature::celsius(50);
         }},
    };
    return all;
}

} // namespace

class TestCautionEdges : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void edge_data()
    {
        QTest::addColumn<int>("row");
        for (int i = 0; i < int(edges().size()); ++i)
            QTest::newRow(edges()[std::size_t(i)].name) << i;
    }
    void edge()
    {
        QFETCH(int, row);
        const Edge& e = edges()[std::size_t(row)];
        for (const bool over : {false, true}) {
            Formula f = calm();
            e.set(f, e.at * (over ? 1 + e.within : 1 - e.within));
            const auto result = reckon(f);
            QVERIFY(std::holds_alternative<Reckoning>(result));
            const auto& cautions = std::get<Reckoning>(result).cautions;
            const bool says = std::ranges::find(cautions, e.code, &Caution::code) != cautions.end();
            QVERIFY2(says == (over == e.above), over ? "above it" : "below it");
        }
    }
};

QTEST_APPLESS_MAIN(TestCautionEdges)
#include "tst_caution_edges.moc"
