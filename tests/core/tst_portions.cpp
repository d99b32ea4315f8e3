// A split batter, two jugs, liquid set aside, lye made ahead and scaling, against sums by hand.
// Oil SV 190, NaOH pure, D = 56105.6, Na = 39.99677 unless said (docs/portions.md has the sums).
#include <QTest>

#include "core/account/jugs.h"
#include "core/advice/schools.h"
#include "core/makeday/as_weighed.h"
#include "core/makeday/stock_lye.h"
#include "core/seek/scale_to.h"
#include "support/make.h"

#include <functional>

using namespace rhexion;
using namespace rhexion::test;

namespace {

// 1000 g of oil, superfat 0, water to lye 2, plain water as the rest; halves when asked.
Formula base(bool halves = true)
{
    Formula f;
    add(f, oil("oil 190", 190), grams(1000));
    add(f, plainWater(), rest, Vessel::LyeJug);
    f.lye.sodium = sodiumHydroxide();
    f.lye.potassium = potassiumHydroxide();
    f.lye.superfat = 0.0;
    f.liquid.how = LiquidStatement::Ratio;
    f.liquid.value = 2.0;
    if (halves)
        for (const char* name : {"Blue", "White"})
            f.portions.push_back({f.newId(), name, 1.0, {}, {}});
    return f;
}

constexpr double lye = 135.447911; // g of NaOH the oil takes

LineId own(Formula& f, MaterialPtr m, StatedAmount amount, std::size_t portion)
{
    const LineId id = add(f, std::move(m), amount, Vessel::Trace);
    f.lines.back().portion = f.portions[portion].id;
    return id;
}

MaterialPtr honey()
{
    auto m = material("honey", MaterialKind::Sugar);
    m->part(Part::Water) = figure(0.2);
    m->part(Part::ReducingSugar) = figure(0.8);
    return m;
}

// Half the lye and 100 g of tea in the second jug.
Formula twoJugs()
{
    Formula f = base(false);
    auto tea = material("tea", MaterialKind::Liquid);
    tea->part(Part::Water) = figure(1);
    add(f, tea, grams(100), Vessel::SecondJug);
    f.lye.secondJug = SecondJug{0.5, 0.5};
    return f;
}

Formula withHoney(Vessel vessel, double solvent)
{
    Formula f = base(false);
    add(f, honey(), grams(30), vessel);
    f.lines.back().solvent = solvent;
    return f;
}

Reckoning reckoned(const Formula& f)
{
    const auto result = reckon(f);
    if (const auto* r = std::get_if<Reckoning>(&result))
        return *r;
    qWarning("refused: %d", int(std::get<Refusal>(result).code));
    return {};
}

struct Row {
    const char* name;
    std::function<double()> got;
    double wanted;
};

template <class What>
double portion(std::size_t p, What PortionReckoned::*what,
               const std::function<void(Formula&)>& change)
{
    Formula f = base();
    change(f);
    const Reckoning r = reckoned(f);
    return r.portions.size() > p ? std::optional<double>(r.portions[p].*what).value() : -99.0;
}

void holds50(Formula& f)
{
    f.portions[0].held = HeldOil{0, {10, AmountUnit::PercentOfOils}};
}

using P = PortionReckoned;

const std::vector<Row>& rows()
{
    static const std::vector<Row> all{
        {"a half of it", [] { return portion(0, &P::commonGrams, [](Formula&) {}); },
         (1000 + 3 * lye) / 2},
        {"two thirds",
         [] { return portion(0, &P::commonGrams, [](Formula& f) { f.portions[0].parts = 2; }); },
         (1000 + 3 * lye) * 2 / 3},
        // 50 g come out before the lye: 1 - 500 / 525 where they go back, 1 - 500 / 475 elsewhere.
        {"oil set aside comes back", [] { return portion(0, &P::superfat, holds50); }, 0.0476190},
        {"and is missing elsewhere", [] { return portion(1, &P::superfat, holds50); }, -0.0526316},
        {"the pot meanwhile, 1 - 1000 / 950",
         [] {
             Formula f = base();
             holds50(f);
             return *reckoned(f).superfatWhileHeld;
         },
         -0.0526316},
        {"lye too much meanwhile, 50 * 190 / D * Na",
         [] {
             Formula f = base();
             holds50(f);
             return reckoned(f).lyeWhileHeld;
         },
         6.772396},
        {"two spoons of oil weigh 2 * 15 * 0.92",
         [] {
             return portion(1, &P::heldGrams, [](Formula& f) {
                 f.portions[1].held = HeldOil{1, {2, AmountUnit::Tablespoon}};
             });
         },
         27.6},
        // (190000 + 7710) * 0.95 / D mol of lye, half of it to 95000 + 7710 of fat.
        {"an oil of its own",
         [] {
             return portion(0, &P::superfat, [](Formula& f) {
                 f.lye.superfat = 0.05;
                 own(f, oil("oil 257", 257), grams(30), 0);
             });
         },
         0.0856562},
        {"and the other half",
         [] {
             return portion(1, &P::superfat, [](Formula& f) {
                 f.lye.superfat = 0.05;
                 own(f, oil("oil 257", 257), grams(30), 0);
             });
         },
         0.0114500},
        // 10 / 192.123 * 2.99974 mol of acid in one half, its lye in both.
        {"an acid of its own",
         [] {
             return portion(1, &P::superfat, [](Formula& f) {
                 f.lye.superfat = 0.05;
                 own(f, citricAnhydrous(), grams(10), 1);
             });
         },
         0.0961060},
        {"and the half without it",
         [] {
             return portion(0, &P::superfat, [](Formula& f) {
                 f.lye.superfat = 0.05;
                 own(f, citricAnhydrous(), grams(10), 1);
             });
         },
         0.0038940},
        {"3 % of its oils are 15 g",
         [] {
             return portion(0, &P::ownGrams, [](Formula& f) {
                 own(f, material("clay", MaterialKind::Solid), {3, AmountUnit::PercentOfOils}, 0);
             });
         },
         15.0},
        {"12 g of scent",
         [] {
             return portion(0, &P::scentGrams, [](Formula& f) {
                 own(f, material("scent", MaterialKind::Scent), grams(12), 0);
             });
         },
         12.0},
        {"salt of a brine line for all",
         [] {
             return portion(1, &P::saltGrams, [](Formula& f) {
                 auto salt = material("salt", MaterialKind::Salt);
                 salt->part(Part::SodiumChloride) = figure(1);
                 add(f, salt, grams(30), Vessel::LyeJug);
             });
         },
         15.0},
        // Two jugs: half the lye and 100 g of tea in the second.
        {"second jug's strength, 67.724 / (67.724 + 100)",
         [] { return reckoned(twoJugs()).jugs[1].strength.value_or(0); }, 0.4037822},
        {"first jug's, 67.724 / (67.724 + 170.896)",
         [] { return reckoned(twoJugs()).jugs[0].strength.value_or(0); }, 0.283816},
        // Liquid set aside: 30 g of honey at trace in 30 g of the water. Wanted 270.896, honey
        // brings 6.
        {"set aside", [] { return reckoned(withHoney(Vessel::Trace, 1)).lines[2].solventGrams; },
         30.0},
        {"left for the jug, 2 * 135.448 - 6 - 30",
         [] { return reckoned(withHoney(Vessel::Trace, 1)).jugs[0].water; }, 2 * lye - 36},
        {"sugar in the jug ties up 0.8 * 0.49 - 0.2 a gram",
         [] { return reckoned(withHoney(Vessel::LyeJug, 0)).jugs[0].tiedWater; },
         30 * (0.8 * 0.49 - 0.2)},
        // 50 % lye for two batches and 5 % spare: 135.448 / 0.5 * 2 * 1.05.
        {"stock lye",
         [] {
             const Formula f = base(false);
             return stockLye(f, reckoned(f), {true, 0.5, 2, 0.05})->solutionGrams;
         },
         lye * 4.2},
        {"its hydroxide at 98 %",
         [] {
             Formula f = base(false);
             f.lye.sodium = sodiumHydroxide(0.98);
             return stockLye(f, reckoned(f), {true, 0.5, 1, 0})->hydroxideGrams;
         },
         lye / 0.98},
        {"crystallises where 1 g needs 1 g, 10 + 0.48 / 0.57 * 10 C",
         [] {
             const Formula f = base(false);
             return stockLye(f, reckoned(f), {})->crystallisesBelow->inCelsius();
         },
         18.4210526},
        // A ready lye of 50 %: as weighed without impurity it still counts by what it contains.
        {"ready lye's strength the other way",
         [] {
             Formula f = base(false);
             f.lye.sodium = sodiumHydroxide(0.5);
             return reckoned(f).asWeighed.strength;
         },
         1.0 / 3.0},
        {"scaled to 2500 g of oils",
         [] { return *factorFor(base(false), ScaleTo::Oils, Mass::grams(2500)); }, 2.5},
        {"scaled to 700 g of batter",
         [] { return *factorFor(base(false), ScaleTo::Batter, Mass::grams(700)); },
         700 / (1000 + 3 * lye)},
        // 200 g of the oils are locked: (900 - 200) / 800.
        {"scaled past a locked line",
         [] {
             Formula f = base(false);
             f.lines[0].amount = grams(800);
             add(f, oil("locked", 190), grams(200));
             f.lines.back().locked = true;
             return *factorFor(f, ScaleTo::Oils, Mass::grams(900));
         },
         0.875},
        {"6 C apart are 10.8 F", [] { return Temperature::differenceInFahrenheit(6.0); }, 10.8},
        {"and back", [] { return Temperature::differenceFromFahrenheit(10.8); }, 6.0},
    };
    return all;
}

} // namespace

class TestPortions : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void byHand_data()
    {
        QTest::addColumn<int>("row");
        for (int i = 0; i < int(rows().size()); ++i)
            QTest::newRow(rows()[std::size_t(i)].name) << i;
    }
    void byHand()
    {
        QFETCH(int, row);
        const Row& r = rows()[std::size_t(row)];
        const double got = r.got();
        QVERIFY2(std::abs(got - r.wanted) <= 2e-6 * std::max(1.0, std::abs(r.wanted)),
                 qPrintable(QString::number(got, 'g', 9)));
    }

    void lockedAmountsStay()
    {
        Formula f = base(false);
        QVERIFY(rhexion::apply(f, SetLocked{1, true}));
        QVERIFY(!rhexion::apply(f, SetAmount{1, grams(5)}));
        QVERIFY(!rhexion::apply(f, SetLocked{2, true})); // the rest has no amount to keep
        QCOMPARE(f.lines[0].amount, grams(1000));
        QVERIFY(rhexion::apply(f, SetLocked{1, false}));
        QVERIFY(rhexion::apply(f, SetAmount{1, grams(5)}));
        QVERIFY(scaled(f, 0.0).empty() && scaled(f, -1).empty() && scaled(f, 1e300).empty());
    }

    // A jar of stock lye holds what its dry lye brought: 95 % hydroxide, 3 % carbonate, 2 % water.
    void stockLyeAsALot()
    {
        auto dry = std::make_shared<Material>(*sodiumHydroxide(0.95));
        dry->part(Part::Water) = figure(0.02);
        dry->part(Part::Carbonate) = figure(0.03);
        Formula f = base(false);
        f.lye.sodium = dry;
        const auto made = stockLye(f, reckoned(f), {true, 0.38, 2, 0.0});
        QVERIFY(made);
        // 0.38 of pure is 0.4 of the dry one; 0.4 * 0.03 of carbonate; the rest is water.
        std::map<std::string, double> figures;
        for (const LotFigure& figure : figuresOf(*made, true, *dry, "made"))
            figures[figure.code] = figure.range.typical();
        QVERIFY(std::abs(figures.at("sodium-hydroxide") - 0.38) < 1e-9);
        QVERIFY(std::abs(figures.at("carbonate") - 0.012) < 1e-9);
        QVERIFY(std::abs(figures.at("water") - 0.608) < 1e-9);
    }

    // Each portion that has something of its own, or oil set aside, gets it back; no other step.
    void portionsGetTheirOwnBack()
    {
        Formula f = base();
        add(f, material("colour", MaterialKind::Colour), grams(3), Vessel::Trace);
        const auto back = [&] {
            std::vector<PortionId> out;
            for (const DayStep& step : planDay(f, reckoned(f)).steps)
                if (step.kind == DayStepKind::PortionBack)
                    out.push_back(step.portion);
            return out;
        };
        const PortionId first = f.portions[0].id;
        const PortionId second = f.portions[1].id;
        QVERIFY(back().empty());
        f.lines.back().portion = first; // a line of its own, no oil set aside
        QCOMPARE(back(), std::vector<PortionId>{first});
        f.portions[1].held = HeldOil{0, {20, AmountUnit::Gram}}; // oil set aside, no line
        QCOMPARE(back(), (std::vector<PortionId>{first, second}));
    }

    // Nothing is made so large that no file could hold it, whichever amount it is; and a portion's
    // oil set aside is a figure in a unit it can have.
    void tooLargeIsNotScaled()
    {
        Formula f = base(false);
        f.lines[0].amount =
            grams(Mass::largestGrams / 2); // the first, so that later ones are small
        add(f, plainWater(), grams(1), Vessel::LyeJug);
        QVERIFY(!scaled(f, 1.9).empty());
        QVERIFY(scaled(f, 2.1).empty());
        Formula split = base();
        split.portions[0].held = HeldOil{0, {5, AmountUnit::PercentOfBatter}};
        QCOMPARE(int(std::get<Refusal>(reckon(split)).code), int(RefusalCode::BadMass));
        split.portions[0].held = HeldOil{0, {std::nan(""), AmountUnit::Gram}};
        QCOMPARE(int(std::get<Refusal>(reckon(split)).code), int(RefusalCode::BadMass));
    }

    // All the oil may be set aside, and not a gram more.
    void allTheOilSetAside()
    {
        Formula f = base();
        f.portions[0].held = HeldOil{0, {1000, AmountUnit::Gram}};
        QVERIFY(std::holds_alternative<Reckoning>(reckon(f)));
        f.portions[0].held->amount.value = 1000.5;
        QCOMPARE(int(std::get<Refusal>(reckon(f)).code), int(RefusalCode::HeldOilTooMuch));
    }

    // A line of a portion that holds lye: its portion has it, and half of what is weighed.
    void lyeInOnePortion()
    {
        Formula f = base();
        auto wash = material("wash", MaterialKind::Liquid);
        wash->part(Part::SodiumHydroxide) = figure(0.5);
        add(f, wash, grams(8), Vessel::Trace);
        f.lines.back().portion = f.portions[0].id;
        const Reckoning r = reckoned(f);
        const double given = 4 / molarMassSodiumHydroxide;
        const double weighed = r.hydroxideMol - given;
        const double half = 500 * 190 / 56105.6;
        QVERIFY(std::abs(r.portions[0].superfat.value() - (1 - (weighed / 2 + given) / half)) <
                1e-6);
        QVERIFY(std::abs(r.portions[1].superfat.value() - (1 - weighed / 2 / half)) < 1e-6);
    }

    // g of water per g of acid at 20 C, stated again as the handbook figures they are (CRC
    // Handbook, from memory); an acid that mixes with water in any amount needs none.
    void acidsTieUpWater()
    {
        const std::pair<Acid, double> table[] = {
            {Acid::Citric, 0.68},      {Acid::Tartaric, 0.72},    {Acid::Malic, 1.79},
            {Acid::Ascorbic, 3.0},     {Acid::Oxalic, 10.5},      {Acid::Succinic, 12.0},
            {Acid::Bicarbonate, 10.4}, {Acid::Bitartrate, 170.0}, {Acid::DisodiumEdta, 10.0},
            {Acid::Lactic, 0.0},       {Acid::Acetic, 0.0}};
        for (const auto& [acid, water] : table)
            QCOMPARE(waterToDissolveGram(*acidMaterial("acid", acid, 1.0, 0.0)), water);
        // Its own water counts; salt and sugar have their own figures.
        QVERIFY(std::abs(waterToDissolveGram(*acidMaterial("wet", Acid::Malic, 0.9, 0.1)) -
                         (0.9 * 1.79 - 0.1)) < 1e-12);
        auto salt = material("salt", MaterialKind::Salt);
        salt->part(Part::SodiumChloride) = figure(1.0);
        QCOMPARE(waterToDissolveGram(*salt), 2.79);
    }

    // Water poured into the jug is told, whether a strong jug was wished for or not.
    void pouredWaterIsTold()
    {
        const Formula f = base(false);
        Amounts amounts = reckoned(f).amounts;
        QVERIFY(!reckonGiven(f, amounts).hasJugWater);
        amounts.jugWater = 50.0;
        const Reckoning r = reckonGiven(f, amounts);
        QVERIFY(r.hasJugWater);
        QCOMPARE(r.jugWaterGrams, 50.0);
    }

    // A scent is judged by the oils of its own portion.
    void scentOfAPortion()
    {
        auto scent = material("scent", MaterialKind::Scent);
        scent->usualUse = Figure{*Interval::of(0.01, 0.02, 0.03), "test"};
        const auto much = [&](double grams) {
            Formula f = base();
            add(f, scent, rhexion::test::grams(grams), Vessel::Trace);
            f.lines.back().portion = f.portions[0].id;
            const Reckoning r = reckoned(f);
            return std::ranges::find(r.cautions, CautionCode::MuchScent, &Caution::code) !=
                   r.cautions.end();
        };
        // A quarter above 3 % of the 500 g of oils in its half.
        QVERIFY(much(19.0) && !much(18.5));
    }

    // Only what a portion holds has a line in its working.
    void workingOfWhatIsThere_data()
    {
        QTest::addColumn<bool>("salt");
        QTest::addColumn<bool>("scent");
        for (int i = 0; i < 4; ++i)
            QTest::addRow("salt %d scent %d", i & 1, i >> 1) << bool(i & 1) << bool(i & 2);
    }
    void workingOfWhatIsThere()
    {
        QFETCH(bool, salt);
        QFETCH(bool, scent);
        Formula f = base();
        const auto put = [&](const char* name, MaterialKind kind) {
            add(f, material(name, kind), grams(10), Vessel::Trace);
            f.lines.back().portion = f.portions[0].id;
        };
        if (salt)
            put("salt", MaterialKind::Salt);
        if (salt)
            std::const_pointer_cast<Material>(f.lines.back().material)->part(Part::SodiumChloride) =
                figure(1.0);
        if (scent)
            put("scent", MaterialKind::Scent);
        const Reckoning r = reckoned(f);
        const auto lines = [&](Rule rule) {
            return std::ranges::count(r.working.steps(), rule, &Step::rule);
        };
        QCOMPARE(lines(Rule::PortionSalt), salt ? 1 : 0);
        QCOMPARE(lines(Rule::PortionScent), scent ? 1 : 0);
    }

    void stockLyeThatCannotBe_data()
    {
        QTest::addColumn<double>("strength");
        QTest::addColumn<int>("batches");
        QTest::addColumn<double>("purity");
        QTest::newRow("stronger than dissolves") << 0.55 << 1 << 1.0;
        QTest::newRow("stronger than its purity") << 0.5 << 1 << 0.45;
        QTest::newRow("no strength") << 0.0 << 1 << 1.0;
        QTest::newRow("no batches") << 0.3 << 0 << 1.0;
    }
    void stockLyeThatCannotBe()
    {
        QFETCH(double, strength);
        QFETCH(int, batches);
        QFETCH(double, purity);
        Formula f = base(false);
        f.lye.sodium = sodiumHydroxide(purity);
        QVERIFY(!stockLye(f, reckoned(f), {true, strength, batches, 0.0}));
        QVERIFY(!stockLye(f, reckoned(f), {false, 0.3, 1, 0.0})); // none of it in the formula
    }

    // The plan weighs everything once: what it weighs out is the batter.
    void thePlanWeighsTheWhole()
    {
        Formula f = base();
        holds50(f);
        own(f, honey(), grams(20), 1);
        f.lines.back().solvent = 1;
        add(f, honey(), grams(10), Vessel::SecondJug);
        f.lines.back().solvent = 2;
        f.lye.secondJug = SecondJug{0.4, 0.0};
        f.liquid.jugRatio = 1.1;
        const Reckoning r = reckoned(f);
        double weighed = 0.0;
        double aside = 0.0;
        for (const DayStep& step : planDay(f, r).steps)
            (step.target.what == WeighTarget::What::HeldOil ? aside : weighed) += step.plannedGrams;
        QVERIFY(std::abs(weighed - r.batterGrams) < 1e-6);
        QVERIFY(std::abs(aside - 50.0) < 1e-9);
        // As planned, the bowl is the plan; a top-up makes it wetter by just its water.
        const auto bowl = reckonAsWeighed(f, r, {}, {});
        QVERIFY(std::abs(bowl.reckoning.batterGrams - r.batterGrams) < 1e-6);
        QVERIFY(std::abs(bowl.reckoning.superfatTrue.value() - r.superfatTrue.value()) < 1e-9);
        QVERIFY(std::abs(bowl.reckoning.jugs[1].water - r.jugs[1].water) < 1e-6);
        QVERIFY(std::abs(bowl.reckoning.portions[1].superfat.value() -
                         r.portions[1].superfat.value()) < 1e-9);
        const auto splashed =
            reckonAsWeighed(f, r, {{}, {{plainWater(), Vessel::Trace, 12.0}}, {}}, {});
        QVERIFY(std::abs(splashed.reckoning.waterPresent - r.waterPresent - 12.0) < 1e-6);
        QVERIFY(std::abs(splashed.reckoning.superfatTrue.value() - r.superfatTrue.value()) < 1e-9);
    }

    void schoolsSayWhatTheOtherWouldGive()
    {
        Formula f = base(false);
        QVERIFY(schoolsOf(f).empty()); // nothing on which they differ
        f.lye.potassiumShare = 0.4;
        f.lye.potassium = potassiumHydroxide(0.9);
        add(f, milk(0.87, 0.04, 230), grams(200), Vessel::OilPot);
        add(f, citricMonohydrate(), grams(10), Vessel::LyeJug);
        const auto told = schoolsOf(f);
        const auto find = [&](School school) {
            const auto at = std::ranges::find(told, school, &SchoolTold::school);
            return at == told.end() ? nullptr : &*at;
        };
        for (const School school :
             {School::HiddenFat, School::Split, School::StrengthCounts, School::WaterOfExtras,
              School::CitricForm, School::MoistureOfLye})
            QVERIFY2(find(school), qPrintable(QString::number(int(school))));
        // 10 g of anhydrous acid take 10 / 0.9143 times the lye of the monohydrate's acid.
        const auto& form = find(School::CitricForm)->answers;
        const double share = factsOf(Acid::Citric).molarMass() /
                             (factsOf(Acid::Citric).molarMass() + molarMassWater);
        const double acid = 10 * 3 / factsOf(Acid::Citric).molarMass();
        const double more = acid * (1 - share) * 0.6 * molarMassSodiumHydroxide;
        QVERIFY(std::abs(form[1].sodiumGrams - form[0].sodiumGrams - more) < 1e-3);
        // Each told school holds what the formula itself gives.
        const Reckoning r = reckoned(f);
        for (const SchoolTold& school : told)
            QCOMPARE(std::ranges::find(school.answers, school.chosen, &SchoolAnswer::option)
                         ->sodiumGrams,
                     r.sodium.weighedGrams);
    }
};

QTEST_APPLESS_MAIN(TestPortions)
#include "tst_portions.moc"
