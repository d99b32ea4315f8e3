// Every case of the reference worked cases (computed independently of this project, by hand and by
// iteration), to four significant figures; and the six of docs/chemistry.md section "Worked by
// hand".
#include <QTest>

#include <functional>

#include "core/advice/reckon.h"
#include "support/make.h"

#include <map>

using namespace rhexion;
using namespace rhexion::test;

namespace {

using Outputs = std::map<QString, double>;

Outputs outputsOf(const Formula& f, const QString& prefix = {})
{
    const auto result = reckon(f);
    const auto* r = std::get_if<Reckoning>(&result);
    if (!r)
        return {{"refused", double(int(std::get<Refusal>(result).code))}};
    const Outputs plain{
        {"n", r->hydroxideMol},
        {"y", r->potassiumMoleShare},
        {"NaOH_weighed", r->sodium.weighedGrams},
        {"KOH_weighed", r->potassium.weighedGrams},
        {"NaOH_pure", r->sodium.pureGrams},
        {"KOH_pure", r->potassium.pureGrams},
        {"acid_mol", r->acidMol},
        {"wanted", r->waterWanted},
        {"makeup", r->makeUpGrams},
        {"water_total", r->waterPresent},
        {"jug_water", r->jugWaterGrams},
        {"superfat_oils", r->superfatOnOils.value()},
        {"superfat_true", r->superfatTrue.value()},
        {"batter", r->batterGrams},
        {"neutralisation", r->neutralisationWater},
        {"strength", r->pure.strength},
        {"jug_strength", r->jugs[0].strength.value_or(-1)},
        {"free_oil", r->freeOilGrams},
        {"lye water", r->waterFromHydroxide},
    };
    Outputs out;
    for (const auto& [key, value] : plain)
        out[prefix + key] = value;
    return out;
}

void merge(Outputs& into, const Outputs& from)
{
    into.insert(from.begin(), from.end());
}

MaterialPtr goatMilk()
{
    return milk(0.870, 0.041, 230, 1.6);
}

Outputs case1()
{
    Formula f = twoOils();
    f.liquid.how = LiquidStatement::Strength;
    f.liquid.value = 1.0 / 3.0;
    add(f, citricMonohydrate(), grams(20), Vessel::LyeJug);
    add(f, plainWater(), rest, Vessel::LyeJug);
    return outputsOf(f);
}

Outputs case3()
{
    Outputs all;
    const std::pair<const char*, SplitConvention> schools[] = {
        {"moles: ", SplitConvention::Moles},
        {"pure: ", SplitConvention::PureWeight},
        {"weighed: ", SplitConvention::WeighedWeight}};
    for (const auto& [name, school] : schools) {
        Formula f = twoOils();
        f.lye.sodium = sodiumHydroxide(0.99);
        f.lye.potassium = potassiumHydroxide(0.90);
        f.lye.potassiumShare = 0.40;
        f.lye.split = school;
        add(f, plainWater(), rest, Vessel::LyeJug);
        merge(all, outputsOf(f, name));
        f.liquid.convention = StrengthConvention::WeighedWithoutImpurity;
        merge(all, outputsOf(f, QString(name) + "as weighed "));
        // What a maker gets who mixes the two ways: never what Rhexion says.
        const QString of(name);
        all[of + "WRONG mix"] = all[of + "as weighed makeup"] - all[of + "lye water"];
    }
    return all;
}

Outputs case4()
{
    Formula f = twoOils();
    f.lye.hiddenFat = HiddenFatSchool::Typical;
    f.liquid.value = 2.2;
    f.liquid.jugRatio = 1.0;
    add(f, goatMilk(), rest, Vessel::OilPot);
    Outputs out = outputsOf(f);
    const double molPerGram = molarMassSodiumHydroxide / molarMassWater;
    out["jug mol per mol"] = (1 / out["jug_strength"] - 1) * molPerGram;
    out["end mol per mol"] = (1 / out["strength"] - 1) * molPerGram;
    return out;
}

Outputs case6()
{
    Formula f = twoOils();
    f.lye.hiddenFat = HiddenFatSchool::Typical;
    f.lye.sodium = sodiumHydroxide(0.98);
    f.lye.fixed = FixedHydroxide{Mass::grams(145.0), Mass::grams(0)};
    add(f, citricAnhydrous(), grams(10), Vessel::LyeJug);
    add(f, goatMilk(), rest, Vessel::LyeJug);
    return outputsOf(f);
}

Outputs case8()
{
    Formula f = twoOils();
    const auto vinegar = acidMaterial("vinegar", Acid::Acetic, 0.050, 0.945);
    add(f, vinegar, rest, Vessel::LyeJug);
    Outputs out = outputsOf(f);
    // Had the acid been forgotten: the oils' lye alone, then the same vinegar poured.
    Formula forgot = twoOils();
    add(forgot, plainWater(), rest, Vessel::LyeJug);
    const double lye = outputsOf(forgot)["NaOH_weighed"];
    out["forgotten NaOH"] = lye;
    forgot.lye.fixed = FixedHydroxide{Mass::grams(lye), Mass::grams(0)};
    forgot.lines.back() = {9, vinegar, Vessel::LyeJug, grams(out["makeup"])};
    out["forgotten superfat"] = outputsOf(forgot)["superfat_true"];
    return out;
}

Outputs caseA()
{
    Formula f = twoOils();
    f.lye.hiddenFat = HiddenFatSchool::Typical;
    add(f, milk(0.16, 0.81, 228), rest, Vessel::LyeJug);
    const auto result = reckon(f);
    const auto* refusal = std::get_if<Refusal>(&result);
    if (!refusal || refusal->code != RefusalCode::MakeUpBringsNoWater)
        return {};
    return {{"w - R b", refusal->figures.at(0)}};
}

Outputs caseD()
{
    Formula f = twoOils();
    f.lines[0].amount = grams(640);
    add(f, oil("oil 190", 190), grams(60), Vessel::AfterCook);
    add(f, plainWater(), rest, Vessel::LyeJug);
    Outputs out;
    const auto result = reckon(f);
    if (const auto* refusal = std::get_if<Refusal>(&result)) {
        out["lye left"] = refusal->figures.at(0);
        out["smallest safe superfat"] = refusal->figures.at(1);
        f.lye.superfat = refusal->figures.at(1);
        out["safe: refused"] = std::holds_alternative<Refusal>(reckon(f));
    }
    f.lye.superfat = 0.05;
    f.lye.basis = SuperfatBasis::CookedFat;
    merge(out, outputsOf(f, "cooked: "));
    return out;
}

// Worked by hand in docs/chemistry.md, H1 to H6.
Outputs handH1()
{
    Formula f;
    add(f, oil("olive", 190), grams(500));
    f.lye.sodium = sodiumHydroxide(0.98);
    f.lye.superfat = 0.06;
    f.liquid.how = LiquidStatement::PercentOfOils;
    f.liquid.value = 0.33;
    add(f, plainWater(), rest, Vessel::LyeJug);
    return outputsOf(f);
}

Outputs handH2()
{
    Formula f;
    add(f, oil("olive", 190), grams(400));
    f.lye.sodium = sodiumHydroxide();
    f.lye.superfat = 0.0;
    f.liquid.how = LiquidStatement::LessThanUsual;
    f.liquid.value = 0.10;
    f.liquid.usualRatio = 3.0;
    add(f, acidMaterial("lactic 80 %", Acid::Lactic, 0.80, 0.20), grams(10), Vessel::LyeJug);
    add(f, plainWater(), rest, Vessel::LyeJug);
    return outputsOf(f);
}

Outputs handH3()
{
    Formula f;
    add(f, oil("olive", 190), {90.0, AmountUnit::PercentOfOils});
    auto stearic = material("stearic", MaterialKind::FattyAcid);
    stearic->part(Part::Fat) = figure(1.0);
    stearic->acidValue = figure(205);
    add(f, stearic, {10.0, AmountUnit::PercentOfOils});
    f.oilsTotal = Mass::grams(800);
    f.lye.potassium = potassiumHydroxide(0.90);
    f.lye.potassiumShare = 1.0;
    f.lye.superfat = 0.03;
    f.liquid.how = LiquidStatement::Ratio;
    f.liquid.value = 3.0;
    add(f, plainWater(), rest, Vessel::LyeJug);
    return outputsOf(f);
}

Outputs handH4()
{
    Formula f;
    add(f, oil("olive", 190), grams(1000));
    f.lye.sodium = sodiumHydroxide();
    f.liquid.how = LiquidStatement::Ratio;
    f.liquid.value = 2.0;
    auto puree = material("puree", MaterialKind::Produce);
    puree->part(Part::Water) = figure(0.85);
    add(f, puree, {10.0, AmountUnit::PercentOfBatter}, Vessel::Trace);
    add(f, plainWater(), rest, Vessel::LyeJug);
    return outputsOf(f);
}

Outputs handH5()
{
    Formula f;
    add(f, oil("olive", 190), grams(600));
    f.lye.sodium = sodiumHydroxide();
    f.lye.superfat = 0.05;
    f.liquid.how = LiquidStatement::Strength;
    f.liquid.value = 0.40;
    auto puree = material("puree", MaterialKind::Produce);
    puree->part(Part::Water) = figure(0.90);
    add(f, puree, grams(200), Vessel::Trace);
    add(f, plainWater(), rest, Vessel::LyeJug);
    Outputs out = outputsOf(f);
    out["excess"] = std::get<Reckoning>(reckon(f)).waterExcess;
    return out;
}

Outputs handH6()
{
    Formula f;
    add(f, oil("olive", 190), grams(450));
    add(f, oil("shea", 180), {10.0, AmountUnit::PercentOfOils}, Vessel::AfterCook);
    f.lye.sodium = sodiumHydroxide();
    f.lye.superfat = 0.12;
    f.liquid.how = LiquidStatement::Ratio;
    f.liquid.value = 2.0;
    add(f, plainWater(), rest, Vessel::LyeJug);
    return outputsOf(f);
}

} // namespace

class TestWorkedCases : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void cases_data();
    void cases();
    void shareOfTheLiquid();
    void commonPractice_data();
    void commonPractice();
};

void TestWorkedCases::cases_data()
{
    QTest::addColumn<QString>("key");
    QTest::addColumn<double>("got");
    QTest::addColumn<double>("want");
    using Wants = std::vector<std::pair<const char*, double>>;
    const std::tuple<const char*, Outputs, Wants> cases[] = {
        {"1 citric monohydrate",
         case1(),
         {{"n", 3.8430},
          {"NaOH_weighed", 153.71},
          {"acid_mol", 0.28550},
          {"wanted", 307.42},
          {"makeup", 305.70},
          {"batter", 1479.4},
          {"superfat_true", 0.05},
          {"neutralisation", 5.1434}}},
        {"3 two hydroxides",
         case3(),
         {{"moles: y", 0.40000},
          {"moles: NaOH_weighed", 86.236},
          {"moles: KOH_weighed", 88.709},
          {"moles: NaOH_pure", 85.373},
          {"moles: KOH_pure", 79.838},
          {"moles: makeup", 320.69},
          {"moles: WRONG mix", 340.16},
          {"moles: as weighed makeup", 349.89},
          {"pure: y", 0.32215},
          {"pure: NaOH_weighed", 97.424},
          {"pure: KOH_weighed", 71.445},
          {"pure: NaOH_pure", 96.450},
          {"pure: KOH_pure", 64.300},
          {"pure: makeup", 313.38},
          {"pure: WRONG mix", 329.62},
          {"pure: as weighed makeup", 337.74},
          {"weighed: y", 0.30170},
          {"weighed: NaOH_weighed", 100.36},
          {"weighed: KOH_weighed", 66.909},
          {"weighed: NaOH_pure", 99.360},
          {"weighed: KOH_pure", 60.218},
          {"weighed: makeup", 311.46},
          {"weighed: WRONG mix", 326.85},
          {"weighed: as weighed makeup", 334.55}}},
        {"4 strong jug then milk",
         case4(),
         {{"n", 3.5923},
          {"NaOH_weighed", 143.68},
          {"jug_water", 143.68},
          {"makeup", 198.18},
          {"water_total", 316.10},
          {"acid_mol", 0.0031709},
          {"superfat_oils", 0.041550},
          {"superfat_true", 0.05},
          {"batter", 1485.5},
          {"jug mol per mol", 2.2202},
          {"end mol per mol", 4.8844}}},
        {"6 fixed hydroxide",
         case6(),
         {{"n", 3.5528},
          {"makeup", 323.33},
          {"water_total", 284.20},
          {"acid_mol", 0.16131},
          {"superfat_oils", 0.094339},
          {"superfat_true", 0.10729},
          {"batter", 1478.3}}},
        {"8 vinegar as the liquid",
         case8(),
         {{"n", 3.8272},
          {"NaOH_weighed", 153.08},
          {"acid_mol", 0.26974},
          {"makeup", 323.97},
          {"water_total", 306.16},
          {"superfat_true", 0.05},
          {"batter", 1477.1},
          {"neutralisation", 4.8595},
          {"forgotten NaOH", 142.29},
          {"forgotten superfat", 0.12203}}},
        {"A butter refused", caseA(), {{"w - R b", -0.090147}}},
        {"D oil after the cook",
         caseD(),
         {{"lye left", 0.015952},
          {"smallest safe superfat", 0.054260},
          {"safe: refused", 0},
          {"cooked: n", 3.3645},
          {"cooked: superfat_true", 0.10155}}},
        {"H1 per cent of oils, impure lye",
         handH1(),
         {{"n", 1.591641},
          {"NaOH_weighed", 64.9597},
          {"makeup", 163.701},
          {"wanted", 165.0},
          {"strength", 0.278402},
          {"batter", 728.660}}},
        {"H2 lactic, less than usual",
         handH2(),
         {{"acid_mol", 0.0888115},
          {"n", 1.44340},
          {"NaOH_weighed", 57.7314},
          {"wanted", 155.8746},
          {"makeup", 153.8746}}},
        {"H3 potassium only, stearic, per cents",
         handH3(),
         {{"n", 2.648648},
          {"KOH_weighed", 165.1147},
          {"neutralisation", 5.265891},
          {"makeup", 429.2981}}},
        {"H4 puree as a share of the batter",
         handH4(),
         {{"n", 3.217148}, {"makeup", 137.7447}, {"batter", 1407.134}, {"strength", 1.0 / 3.0}}},
        {"H5 wetter than wanted",
         handH5(),
         {{"NaOH_weighed", 77.20531},
          {"makeup", 0.0},
          {"excess", 64.19204},
          {"strength", 0.3001700}}},
        {"H6 shea after the cook",
         handH6(),
         {{"n", 1.482205}, {"superfat_true", 0.12}, {"free_oil", 62.31579}}},
    };
    for (const auto& [name, outputs, wants] : cases)
        for (const auto& [key, want] : wants) {
            const auto found = outputs.find(key);
            QTest::addRow("%s: %s", name, key)
                << QString(key) << (found == outputs.end() ? qQNaN() : found->second) << want;
        }
}

void TestWorkedCases::cases()
{
    QFETCH(double, got);
    QFETCH(double, want);
    // Four significant figures: half a unit in the fourth place, at worst 5e-4 of the value.
    const double tolerance = want == 0.0 ? 1e-9 : 5e-5 * std::abs(want) * 2;
    QVERIFY2(std::abs(got - want) <= tolerance,
             qPrintable(QString("got %1, want %2").arg(got, 0, 'g', 8).arg(want, 0, 'g', 8)));
}

// 1000 g of oils, SV 190 and 257 at 700 and 300 g: 2.3705 + 1.3742 = 3.7447 mol; less 5 %
// 3.5575 mol, 142.29 g of NaOH. At ratio 2 water is 284.58 g. Sugar at 4 % of the liquid: water
// alone as the rest, so sugar is 11.38 g. With a juice of 90 % water and 10 mmol of acid per
// 100 g at 10 % of the liquid: x (1 + 0.1 * 0.9) = 2 * 39.997 (3.5575 + 0.1 x * 1e-4).
void TestWorkedCases::shareOfTheLiquid()
{
    Formula f = twoOils();
    add(f, plainWater(), rest, Vessel::LyeJug);
    const LineId sugar = add(f, material("sugar", MaterialKind::Sugar),
                             {4, AmountUnit::PercentOfLiquid}, Vessel::LyeJug);
    auto r = std::get<Reckoning>(reckon(f));
    QVERIFY(std::abs(r.makeUpGrams - 284.58) < 0.02);
    QVERIFY(std::abs(r.find(sugar)->grams - 0.04 * r.makeUpGrams) < 1e-9);
    auto juice = material("juice", MaterialKind::Produce);
    juice->part(Part::Water) = figure(0.9);
    juice->titratable = figure(10);
    f.lines.back() = {sugar, juice, Vessel::Trace, {10, AmountUnit::PercentOfLiquid}};
    r = std::get<Reckoning>(reckon(f));
    const double m = molarMassSodiumHydroxide;
    const double n0 = 0.95 * (700 * 190 + 300 * 257) / 56105.6;
    const double x = 2 * m * n0 / (1.09 - 2 * m * 0.1 * 1e-4);
    QVERIFY(std::abs(r.makeUpGrams - x) < 1e-9);
    QVERIFY(std::abs(r.waterExcess) < 1e-9 && std::abs(r.superfatTrue.value() - 0.05) < 1e-12);
    QVERIFY(std::abs(r.batterGrams - (1000 + 1.1 * x + r.sodium.weighedGrams)) < 1e-9);
    f.lines.erase(f.lines.end() - 2); // no liquid left to be a share of
    QVERIFY(std::get<Refusal>(reckon(f)).code == RefusalCode::LiquidSharesTooLarge);
}

// Rules of thumb that makers use, as the sums that stand behind them: common practice, no source.
void TestWorkedCases::commonPractice_data()
{
    QTest::addColumn<double>("got");
    QTest::addColumn<double>("want");
    const auto reckoned = [](const std::function<void(Formula&)>& change) {
        Formula f = twoOils();
        add(f, plainWater(), rest, Vessel::LyeJug);
        change(f);
        return std::get<Reckoning>(reckon(f));
    };
    const auto ratio = [&](double r) {
        return reckoned([r](Formula& f) { f.liquid.value = r; }).pure.strength;
    };
    QTest::newRow("2:1 water is a third lye") << ratio(2) << 1.0 / 3;
    QTest::newRow("3:1 water is a quarter lye") << ratio(3) << 0.25;
    QTest::newRow("1:1 water is half lye") << ratio(1) << 0.5;
    // 1 to 3 % citric acid of the oils takes 0.571 to 1.713 % of them in NaOH as monohydrate.
    for (const double percent : {1.0, 2.0, 3.0, 5.0}) {
        const auto with = reckoned([percent](Formula& f) {
            add(f, citricMonohydrate(), {percent, AmountUnit::PercentOfOils}, Vessel::LyeJug);
        });
        const auto without = reckoned([](Formula&) {});
        QTest::addRow("%g %% citric monohydrate", percent)
            << with.sodium.pureGrams - without.sodium.pureGrams
            << percent / 100 * 1000 * 3 * molarMassSodiumHydroxide / 210.138;
    }
    // 60/40 by moles with 90 % potash: for each mole of lye 0.6 x 39.997 g and 0.4 x 56.105 / 0.9.
    const auto split = reckoned([](Formula& f) {
        f.lye.potassium = potassiumHydroxide(0.9);
        f.lye.potassiumShare = 0.4;
    });
    QTest::newRow("60/40 by moles, NaOH to KOH as weighed")
        << split.sodium.weighedGrams / split.potassium.weighedGrams
        << 0.6 * molarMassSodiumHydroxide / (0.4 * molarMassPotassiumHydroxide / 0.9);
    // A 50 % jug, then milk in the oils down to 29 % over all: ratio 1 in the jug, 2.448 in all.
    const auto strong = reckoned([](Formula& f) {
        f.lines.back() = {f.lines.back().id, milk(0.87, 0.0, 230), Vessel::OilPot, rest};
        f.liquid.how = LiquidStatement::Strength;
        f.liquid.value = 0.29;
        f.liquid.jugRatio = 1.0;
    });
    QTest::newRow("50 % jug") << *strong.jugs[0].strength << 0.5;
    QTest::newRow("29 % over all") << strong.pure.strength << 0.29;
    QTest::newRow("its milk") << strong.makeUpGrams
                              << strong.sodium.pureGrams * (0.71 / 0.29 - 1.0) / 0.87;
    // 18 to 20 % superfat for salt and all-coconut bars is 18 to 20 % less lye.
    for (const double superfat : {0.18, 0.20})
        QTest::addRow("superfat %g", superfat)
            << reckoned([superfat](Formula& f) { f.lye.superfat = superfat; }).sodium.pureGrams /
                   reckoned([](Formula& f) { f.lye.superfat = 0.0; }).sodium.pureGrams
            << 1.0 - superfat;
}

void TestWorkedCases::commonPractice()
{
    QFETCH(double, got);
    QFETCH(double, want);
    // Citric acid gives up 2.9997 protons at pH 10, not three.
    QVERIFY2(std::abs(got - want) < 2e-4 * want, qPrintable(QString::number(got, 'g', 8)));
}

QTEST_APPLESS_MAIN(TestWorkedCases)
#include "tst_worked_cases.moc"
