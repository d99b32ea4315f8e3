// Every formula that cannot be summed gets the refusal that names it; hostile figures never become
// NaN.
#include <QTest>

#include "core/advice/reckon.h"
#include "core/amounts/validate.h"
#include "support/make.h"

#include <QSet>

#include <functional>
#include <limits>

using namespace rhexion;
using namespace rhexion::test;
using C = RefusalCode;

namespace {

using Change = std::function<void(Formula&)>;

struct Row {
    const char* name;
    Change change;
    C code;
    LineId line; // 0: not about a line
};

std::shared_ptr<Material> fatWithoutSv()
{
    auto m = material("mystery", MaterialKind::Milk);
    m->part(Part::Fat) = figure(0.1);
    return m;
}

const std::vector<Row>& rows()
{
    constexpr double nan = std::numeric_limits<double>::quiet_NaN();
    constexpr double inf = std::numeric_limits<double>::infinity();
    static const std::vector<Row> all{
        {"no oils", [](Formula& f) { f.lines.clear(); }, C::NoOils, 0},
        {"oils of nothing", [](Formula& f) { f.lines[0].amount = f.lines[1].amount = grams(0); },
         C::NoOils, 0},
        {"no sodium hydroxide", [](Formula& f) { f.lye.sodium = nullptr; }, C::NoHydroxideChosen,
         0},
        {"no potassium hydroxide",
         [](Formula& f) {
             f.lye.potassium = nullptr;
             f.lye.potassiumShare = 0.1;
         },
         C::NoHydroxideChosen, 0},
        {"no material", [](Formula& f) { f.lines[1].material = nullptr; }, C::NoMaterial, 2},
        {"fat without SV", [](Formula& f) { add(f, fatWithoutSv(), grams(5)); }, C::BadMaterial, 3},
        {"NaN mass", [](Formula& f) { f.lines[0].amount.value = nan; }, C::BadMass, 1},
        {"negative mass", [](Formula& f) { f.lines[1].amount.value = -1; }, C::BadMass, 2},
        {"infinite mass", [](Formula& f) { f.lines[1].amount.value = inf; }, C::BadMass, 2},
        {"enormous mass", [](Formula& f) { f.lines[1].amount.value = 1e308; }, C::BadMass, 2},
        {"NaN share",
         [](Formula& f) {
             add(f, plainWater(), {nan, AmountUnit::PercentOfOils});
         },
         C::BadMass, 3},
        {"NaN superfat", [](Formula& f) { f.lye.superfat = nan; }, C::BadSuperfat, 0},
        {"superfat of all", [](Formula& f) { f.lye.superfat = 1.0; }, C::BadSuperfat, 0},
        {"superfat far below 0", [](Formula& f) { f.lye.superfat = -0.6; }, C::BadSuperfat, 0},
        {"potassium share above 1", [](Formula& f) { f.lye.potassiumShare = 1.01; },
         C::BadPotassiumShare, 0},
        {"strength 0",
         [](Formula& f) {
             f.liquid.how = LiquidStatement::Strength;
             f.liquid.value = 0;
         },
         C::BadStrength, 0},
        {"strength 1",
         [](Formula& f) {
             f.liquid.how = LiquidStatement::Strength;
             f.liquid.value = 1;
         },
         C::BadStrength, 0},
        {"ratio 0", [](Formula& f) { f.liquid.value = 0; }, C::BadRatio, 0},
        {"ratio NaN", [](Formula& f) { f.liquid.value = nan; }, C::BadRatio, 0},
        {"no water of oils",
         [](Formula& f) {
             f.liquid.how = LiquidStatement::PercentOfOils;
             f.liquid.value = 0;
         },
         C::BadPercentOfOils, 0},
        {"all less than usual",
         [](Formula& f) {
             f.liquid.how = LiquidStatement::LessThanUsual;
             f.liquid.value = 1;
         },
         C::BadLessThanUsual, 0},
        {"dry jug", [](Formula& f) { f.liquid.jugRatio = 0.0; }, C::BadJugRatio, 0},
        {"jug of fire", [](Formula& f) { f.liquid.jugCoolest = Temperature::celsius(500); },
         C::BadJugTemperature, 0},
        {"purity 0", [](Formula& f) { f.lye.sodium = sodiumHydroxide(0); }, C::BadPurity, 0},
        {"hydroxide as a line", [](Formula& f) { add(f, sodiumHydroxide(), grams(9)); },
         C::HydroxideAsLine, 3},
        {"two make-ups",
         [](Formula& f) {
             add(f, plainWater(), rest);
             add(f, plainWater(), rest);
         },
         C::TwoMakeUps, 4},
        {"oil as rest", [](Formula& f) { f.lines[1].amount = rest; }, C::OilAsRest, 2},
        {"oil as share of batter",
         [](Formula& f) {
             f.lines[1].amount = {5, AmountUnit::PercentOfBatter};
         },
         C::OilAsShareOfBatter, 2},
        {"shares reach the whole",
         [](Formula& f) {
             f.lines[1].amount = {100, AmountUnit::PercentOfOils};
         },
         C::OilSharesReachWhole, 0},
        {"shares not whole",
         [](Formula& f) {
             f.oilsTotal = Mass::grams(500);
             f.lines[0].amount = {60, AmountUnit::PercentOfOils};
             f.lines[1].amount = {30, AmountUnit::PercentOfOils};
         },
         C::OilSharesNotWhole, 0},
        {"shares a hair more than a twentieth of a point off",
         [](Formula& f) {
             f.oilsTotal = Mass::grams(500);
             f.lines[0].amount = {60, AmountUnit::PercentOfOils};
             f.lines[1].amount = {39.949, AmountUnit::PercentOfOils};
         },
         C::OilSharesNotWhole, 0},
        {"no total of oils",
         [](Formula& f) {
             f.lines[0].amount = {70, AmountUnit::PercentOfOils};
             f.lines[1].amount = {30, AmountUnit::PercentOfOils};
         },
         C::OilsTotalMissing, 0},
        {"batter shares of all",
         [](Formula& f) {
             add(f, plainWater(), {99, AmountUnit::PercentOfBatter});
             add(f, plainWater(), {9, AmountUnit::PercentOfBatter});
         },
         C::BatterSharesTooLarge, 0},
        {"dry make-up", [](Formula& f) { add(f, material("sand", MaterialKind::Solid), rest); },
         C::MakeUpBringsNoWater, 3},
        {"no weighed lye", [](Formula& f) { f.lye.fixed = FixedHydroxide{}; }, C::NothingToSaponify,
         0},
        {"NaN weighed lye",
         [](Formula& f) {
             f.lye.fixed = FixedHydroxide{Mass::grams(nan), Mass::grams(0)};
         },
         C::BadMass, 0},
        {"oil too late", [](Formula& f) { f.lines[1].vessel = Vessel::AfterCook; },
         C::LyeLeftAfterCook, 0},
        {"too many lines",
         [](Formula& f) {
             for (int i = 0; i < 1001; ++i)
                 add(f, plainWater(), grams(0));
         },
         C::TooManyLines, 0},
        {"a spoon nobody weighed",
         [](Formula& f) {
             add(f, material("clay", MaterialKind::Solid), {1, AmountUnit::Teaspoon});
         },
         C::MeasureNotWeighed, 3},
        {"a share of no liquid",
         [](Formula& f) {
             add(f, material("clay", MaterialKind::Solid), {1, AmountUnit::PercentOfLiquid});
         },
         C::LiquidSharesTooLarge, 3},
        {"no parts",
         [](Formula& f) {
             f.portions.push_back({9, "a", 0.0, {}, {}});
         },
         C::BadPortion, 0},
        {"one id twice",
         [](Formula& f) {
             f.portions = {{9, "a", 1.0, {}, {}}, {9, "b", 1.0, {}, {}}};
         },
         C::BadPortion, 0},
        {"25 portions",
         [](Formula& f) {
             for (PortionId id = 10; id < 35; ++id)
                 f.portions.push_back({id, {}, 1.0, {}, {}});
         },
         C::TooManyPortions, 0},
        {"set aside of an oil that went",
         [](Formula& f) {
             f.portions = {{9, "a", 1.0, {}, HeldOil{7, grams(5)}}};
         },
         C::HeldOilGone, 0},
        {"set aside 1100 g of 1000",
         [](Formula& f) {
             f.portions = {{9, "a", 1.0, {}, HeldOil{0, grams(1100)}}};
         },
         C::HeldOilTooMuch, 0},
        {"set aside NaN",
         [](Formula& f) {
             f.portions = {
                 {9, "a", 1.0, {}, HeldOil{0, grams(std::numeric_limits<double>::quiet_NaN())}}};
         },
         C::BadMass, 0},
        {"an oil by share in a portion",
         [](Formula& f) {
             f.portions = {{9, "a", 1.0, {}, {}}};
             add(f, oil("late", 190), {3, AmountUnit::PercentOfOils}, Vessel::Trace);
             f.lines.back().portion = 9;
         },
         C::OilShareInPortion, 3},
        {"the rest in a portion",
         [](Formula& f) {
             f.portions = {{9, "a", 1.0, {}, {}}};
             add(f, plainWater(), rest, Vessel::Trace);
             f.lines.back().portion = 9;
         },
         C::RestInPortion, 3},
        {"a portion that went",
         [](Formula& f) {
             add(f, plainWater(), grams(5), Vessel::Trace);
             f.lines.back().portion = 77;
         },
         C::NoSuchPortion, 3},
        {"30 g of liquid per gram", [](Formula& f) { f.lines[0].solvent = 30; }, C::BadSolvent, 1},
        {"second jug of 120 %",
         [](Formula& f) {
             f.lye.secondJug = SecondJug{1.2, 0};
         },
         C::BadSecondJug, 0},
        {"joined at 400 C", [](Formula& f) { f.mixing.at = Temperature::celsius(400); },
         C::BadMixing, 0},
    };
    return all;
}

} // namespace

class TestRefusals : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void refuses_data()
    {
        QTest::addColumn<int>("row");
        for (int i = 0; i < int(rows().size()); ++i)
            QTest::newRow(rows()[std::size_t(i)].name) << i;
    }
    void refuses()
    {
        QFETCH(int, row);
        const Row& wanted = rows()[std::size_t(row)];
        Formula f = twoOils();
        QVERIFY(std::holds_alternative<Reckoning>(reckon(f)));
        wanted.change(f);
        const auto result = reckon(f);
        const auto* refusal = std::get_if<Refusal>(&result);
        QVERIFY(refusal);
        QCOMPARE(int(refusal->code), int(wanted.code));
        QCOMPARE(refusal->line, wanted.line);
    }

    // A refused edit says what it would have come to.
    void editsSayTheirFigure()
    {
        Formula f = twoOils();
        while (f.lines.size() < 1000)
            add(f, plainWater(), grams(0));
        const auto refusal =
            refusalOf(f, AddLine{{f.newId(), plainWater(), Vessel::LyeJug, grams(1)}, 0});
        QVERIFY(refusal);
        QCOMPARE(int(refusal->code), int(C::TooManyLines));
        QCOMPARE(refusal->figures, std::vector<double>{1001});
        constexpr double nan = std::numeric_limits<double>::quiet_NaN();
        const auto amount = [&](StatedAmount to) { return refusalOf(f, SetAmount{1, to}); };
        for (const double bad : {-0.5, Mass::largestGrams * 1.01, nan}) {
            const auto no = amount({bad, AmountUnit::Gram});
            QVERIFY(no && no->code == C::BadMass && no->line == 1);
        }
        QVERIFY(!amount({Mass::largestGrams, AmountUnit::Gram}) && !amount({0, AmountUnit::Gram}));
        QVERIFY(!amount({nan, AmountUnit::Rest})); // the rest has no figure
        const auto moulds = [&](const Mould& mould, double fillTo, std::size_t many) {
            return refusalOf(f, SetMoulds{std::vector<MouldUse>(many, MouldUse{mould, 0, fillTo})});
        };
        const Mould tin{"tin", Loaf{240, 80, 70}, 1};
        QVERIFY(!moulds(tin, 1.0, 40));
        for (const auto& [refused, code] :
             {std::pair(moulds({"flat", Loaf{240, 80, 0}, 1}, 1.0, 1), C::BadMould),
              std::pair(moulds(tin, 1.01, 1), C::BadMould),
              std::pair(moulds(tin, nan, 1), C::BadMould),
              std::pair(moulds({std::string(201, 'x'), Loaf{240, 80, 70}, 1}, 1.0, 1),
                        C::TextTooLong),
              std::pair(moulds(tin, 1.0, 41), C::TooManyMoulds),
              std::pair(refusalOf(f, SetMoulds{{MouldUse{tin, 77, 1.0}}}), C::NoSuchPortion),
              std::pair(refusalOf(f, SetCutting{{0.0, 0.0, 0.0}}), C::BadCutting)}) {
            QVERIFY(refused);
            QCOMPARE(int(refused->code), int(code));
        }
        QVERIFY(!refusalOf(f, SetCutting{{25.0, 0.0, 0.0}}));
        // Shares of oils may be off by as much as rounding to tenths of four oils leaves.
        Formula shares = twoOils();
        shares.oilsTotal = Mass::grams(500);
        shares.lines[0].amount = {60, AmountUnit::PercentOfOils};
        shares.lines[1].amount = {39.951, AmountUnit::PercentOfOils};
        QVERIFY(std::holds_alternative<Reckoning>(reckon(shares)));
    }

    void everyCodeIsTried()
    {
        QSet<int> seen;
        for (const Row& row : rows())
            seen.insert(int(row.code));
        QCOMPARE(seen.size(), int(C::NoSuchPortion) + 1); // TextTooLong is of edits
    }

    void extremesAreFiniteOrRefused()
    {
        const double extremes[] = {0.0, 1e-300, 1e-9, 1.0,
                                   1e8, 1e300,  -1.0, std::numeric_limits<double>::quiet_NaN()};
        int tried = 0;
        for (const double mass : extremes)
            for (const double value : extremes)
                for (int how = 0; how < 4; ++how) {
                    Formula f = twoOils();
                    f.lines[0].amount = grams(mass);
                    f.liquid.how = static_cast<LiquidStatement>(how);
                    f.liquid.value = value;
                    add(f, milk(0.87, 0.04, 230, 1.6), rest, Vessel::LyeJug);
                    ++tried;
                    const auto result = reckon(f);
                    if (const auto* r = std::get_if<Reckoning>(&result))
                        QVERIFY(std::isfinite(r->batterGrams) &&
                                std::isfinite(r->superfatTrue.value()) &&
                                std::isfinite(r->makeUpGrams) && r->makeUpGrams >= 0.0);
                }
        QCOMPARE(tried, 256);
    }
};

QTEST_APPLESS_MAIN(TestRefusals)
#include "tst_refusals.moc"
