// Lots, mixtures, foods, effects and the search: what stands between a table's figure and a
// batch's.
#include <QTest>

#include "core/account/effect.h"
#include "core/advice/reckon.h"
#include "core/formula/formula.h"
#include "core/materials/citric_forms.h"
#include "core/materials/food.h"
#include "core/materials/lot.h"
#include "core/materials/search.h"
#include "support/make.h"

#include <random>

using namespace rhexion;
using namespace rhexion::test;

namespace {

std::shared_ptr<Material> cream()
{
    auto m = material("cream", MaterialKind::Milk);
    m->part(Part::Water) = {*Interval::of(0.55, 0.60, 0.65), "test"};
    m->part(Part::Fat) = {*Interval::of(0.30, 0.33, 0.36), "test"};
    m->part(Part::Protein) = figure(0.03);
    m->part(Part::ReducingSugar) = figure(0.04);
    m->sv = figure(227);
    m->titratable = figure(1.2);
    return m;
}

double sum(const Material& m)
{
    return 1.0 - m.otherSolids();
}

FoodRow quince()
{
    FoodRow row;
    row.id = "sr24-09296";
    row.name = "Quinces, raw";
    row.group = "fruit";
    row.water = 83.8;
    row.protein = 0.4;
    row.fat = 0.1;
    row.carbohydrate = 15.3;
    row.fibre = 1.9;
    row.ash = 0.4;
    row.sodiumMg = 4;
    return row;
}

} // namespace

class TestLot : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void figuresReplaceAndTheRestGivesWay()
    {
        const auto base = cream();
        const Material m =
            withLot(*base, {"7", "Friday", {{"fat", *Interval::of(.39, .40, .41), "label"}}, {}});
        QVERIFY(!faultOf(m));
        QCOMPARE(m.id, base->id);
        QCOMPARE(m.lot.name, std::string("Friday"));
        QCOMPARE(m.part(Part::Fat).range.typical(), 0.40);
        // What is not fat keeps its make-up: all of it by 60/67.
        QVERIFY(std::abs(m.part(Part::Water).range.typical() - 0.60 * 0.60 / 0.67) < 1e-12);
        QVERIFY(std::abs(m.titratable->range.typical() - 1.2 * 0.60 / 0.67) < 1e-12);
        QVERIFY(std::abs(sum(m) - sum(*base)) < 1e-12);
        const Source* source = m.findSource(m.part(Part::Fat).source);
        QVERIFY(source && source->fromLot && source->text == "label");
        QCOMPARE(m.part(Part::Water).source, std::string("test"));
    }

    void purityLeavesTheRestToWater()
    {
        const auto koh = potassiumHydroxide(0.9);
        const Material m = withLot(
            *koh,
            {"1", "tub", {{"potassium-hydroxide", Interval::exactly(0.887), "titrated"}}, {}});
        QVERIFY(!faultOf(m) && std::abs(m.part(Part::Water).range.typical() - 0.113) < 1e-12);
    }

    // A figure of the jar leaves less, or more, room for the others; none goes above all.
    void whatIsLeftIsSharedOut()
    {
        auto m = material("paste", MaterialKind::Produce);
        m->part(Part::Water) = {*Interval::of(0.5, 0.6, 0.9), "test"};
        m->part(Part::Protein) = figure(0.2);
        const Material dry =
            withLot(*m, {"1", "jar", {{"protein", Interval::exactly(0.1), "label"}}, {}});
        // 0.8 of it was not protein, 0.9 is now.
        const Interval& water = dry.part(Part::Water).range;
        QVERIFY(std::abs(water.low() - 0.5 * 0.9 / 0.8) < 1e-12);
        QVERIFY(std::abs(water.typical() - 0.6 * 0.9 / 0.8) < 1e-12);
        QCOMPARE(water.high(), 1.0);
        // Where a figure is all of it, nothing is left for the others.
        auto pure = material("salt", MaterialKind::Salt);
        pure->part(Part::SodiumChloride) = figure(1.0);
        const Material damp =
            withLot(*pure, {"1", "jar", {{"water", Interval::exactly(0.02), "label"}}, {}});
        QVERIFY(std::abs(damp.part(Part::SodiumChloride).range.typical() - 0.98) < 1e-12);
    }

    void titrationStandsForAllAcids()
    {
        auto puree = material("puree", MaterialKind::Produce);
        puree->part(Part::Water) = figure(0.85);
        puree->acids = {{Acid::Malic, figure(0.009)}};
        puree->ph = figure(3.4);
        const Mass ten = Mass::grams(10);
        const Material titrated =
            withLot(*puree, {"1", "jar", {{"titratable", Interval::exactly(14), "titrated"}}, {}});
        QVERIFY(std::abs(effectOf(titrated, ten).acidMol.typical() - 14e-4) < 1e-15);
        // Measured acids put a titration of the material aside.
        const Material back =
            withLot(titrated, {"2", "jar", {{"acid-malic", Interval::exactly(0.01), "label"}}, {}});
        QVERIFY(!back.titratable && back.acids.size() == 1);
        // What is given as titrated stays what was given, though its water gave way.
        const Material both = withLot(*puree, {"4",
                                               "jar",
                                               {{"titratable", Interval::exactly(14), "titrated"},
                                                {"fat", Interval::exactly(0.2), "label"}},
                                               {}});
        QCOMPARE(both.titratable->range.typical(), 14.0);
        // An unknown code, or a sum above one, is never passed over silently.
        QVERIFY(withLot(*puree, {"3", "x", {{"gold", Interval::exactly(1), "?"}}, {}}).parts ==
                puree->parts);
        const Material full = withLot(*puree, {"4",
                                               "x",
                                               {{"water", Interval::exactly(0.9), "a"},
                                                {"protein", Interval::exactly(0.2), "b"}},
                                               {}});
        QVERIFY(faultOf(full)->code == MaterialFault::Code::SumAboveOne);
    }

    void mixturesKeepMass_data()
    {
        QTest::addColumn<int>("seed");
        for (int i = 0; i < 40; ++i)
            QTest::addRow("%d", i) << i;
    }
    // Every part of a mixture is the sum of its parts; only water boils off.
    void mixturesKeepMass()
    {
        QFETCH(int, seed);
        std::mt19937 random(static_cast<unsigned>(seed));
        std::uniform_real_distribution<double> amount(10, 500);
        auto juice = material("juice", MaterialKind::Produce);
        juice->part(Part::Water) = {*Interval::of(.8, .85, .9), "test"};
        juice->acids = {{Acid::Citric, figure(0.02)}};
        const Ingredient parts[] = {{cream(), Mass::grams(amount(random))},
                                    {juice, Mass::grams(amount(random))},
                                    {plainWater(), Mass::grams(amount(random))}};
        double total = 0.0;
        double water = 0.0;
        double acid = 0.0;
        double fat = 0.0;
        for (const Ingredient& in : parts) {
            total += in.mass.inGrams();
            const Effect e = effectOf(*in.material, in.mass);
            water += e.water.typical();
            acid += e.acidMol.typical();
            fat += e.fatMol.typical();
        }
        const double lost = std::uniform_real_distribution<double>(0, water)(random);
        const auto m = mixed(parts, Mass::grams(total - lost));
        QVERIFY(m);
        Material named = *m;
        named.id = named.name = "mixture";
        QVERIFY(!faultOf(named));
        const Effect all = effectOf(*m, Mass::grams(total - lost));
        QVERIFY(std::abs(all.water.typical() - (water - lost)) < 1e-9 * total);
        QVERIFY2(std::abs(all.acidMol.typical() - acid) < 1e-9,
                 qPrintable(QString("%1 %2").arg(all.acidMol.typical()).arg(acid)));
        QVERIFY(std::abs(all.fatMol.typical() - fat) < 1e-12);
    }
    void mixturesRefuse()
    {
        const Ingredient one[] = {{plainWater(), Mass::grams(100)}, {cream(), Mass::grams(100)}};
        QVERIFY(!mixed(one, Mass::grams(250))); // heavier than it began
        QVERIFY(mixed(one, Mass::grams(200.1)) &&
                !mixed(one, Mass::grams(200.3))); // a scale's doubt
        QVERIFY(!mixed(one, Mass::grams(30)));    // lost more than its water
        QVERIFY(!mixed({}, Mass::grams(10)));
        QVERIFY(!mixed(one, Mass::grams(std::nan(""))));
        const Ingredient bad[] = {{plainWater(), Mass::grams(-1)}};
        QVERIFY(!mixed(bad, Mass::grams(1)));
    }

    void foods()
    {
        const Material m = materialFromFood(quince());
        QVERIFY(!faultOf(m));
        QCOMPARE(m.part(Part::Water).range.typical(), 0.838);
        // Nothing is known of its acids: 0 to what its carbohydrate leaves room for, 13.4 + 0.3 g
        // as citric acid, but no more than fruit ever has.
        QVERIFY(m.acidityUnknown());
        QCOMPARE(m.titratable->range.high(), 100.0);
        QVERIFY(m.part(Part::Fat).range.high() == 0.0); // a tenth of a gram of leaf wax
        FoodRow pear = quince();
        pear.sugars = 14.0;
        // With its sugars known there is less room: 15.3 - 14 - 1.9 is none, 0.3 for rounding.
        QVERIFY(std::abs(materialFromFood(pear).titratable->range.high() - 0.3 * 15.62) < 1e-9);
        // With mapped acids the figures are theirs, and the pH takes off what is salt already.
        pear.acids = {{Acid::Malic, 0.9, 0.1}};
        pear.acidSource = "IFCT 2017 E000 Test";
        pear.ph = Interval::of(3.1, 3.4, 3.8);
        const Material mapped = materialFromFood(pear);
        QVERIFY(!mapped.titratable && mapped.acids.size() == 1 && mapped.ph);
        QVERIFY(mapped.acids[0].share.range.low() < 0.009);
        // An empty cell is not zero, but nothing can be said of it.
        FoodRow bare;
        bare.id = "sr24-00000";
        bare.name = "Something";
        bare.group = "no such group";
        QVERIFY(!faultOf(materialFromFood(bare)));
        // Rounding past 100 g is taken off, not passed on.
        FoodRow over = quince();
        over.water = 90.0;
        over.carbohydrate = 12.0;
        over.sugars = 12.0;
        QVERIFY(materialFromFood(over).otherSolids() > -1e-9);
    }

    void figureCodes()
    {
        Material m = *cream();
        for (const FigureKind& kind : figureKinds()) {
            const double v = kind.low + (kind.high - kind.low) / 4;
            setFigure(m, kind.code, {*intervalOf(kind, v, v, v), "test"});
            QVERIFY2(findFigure(m, kind.code) && findFigure(m, kind.code)->range.typical() == v,
                     kind.code.c_str());
            QVERIFY(!intervalOf(kind, kind.low - 1, v, v) && !intervalOf(kind, v, v, 1e308));
            QVERIFY(!intervalOf(kind, std::nan(""), v, v));
            clearFigure(m, kind.code);
            QVERIFY2(!findFigure(m, kind.code), kind.code.c_str());
        }
        QVERIFY(!findFigureKind("gold") && !findFigure(m, "gold"));
    }

    // Bounds past which a figure is a slip: each is kept to the last, and nothing past it.
    void figureBounds_data()
    {
        QTest::addColumn<QString>("code");
        QTest::addColumn<double>("low");
        QTest::addColumn<double>("high");
        const auto row = [](const char* code, double low, double high) {
            QTest::newRow(code) << QString::fromLatin1(code) << low << high;
        };
        row("sv", 1, 700); // acetic acid's triester, the smallest there is, has 771
        row("acid-value", 0.01, 700);
        row("iodine", 0, 400); // three bonds in every acid: 274
        row("titratable", 0, 5000);
        row("ph", 0, 14);
        row("density", 0.05, 20);
        row("melting", -100, 2000);
        row("flash", -100, 2000);
        row("unsaponifiable", 0, 1);
        row("use", 0, 10);
        row("reserve", 0, 5000);
        row("water", 0, 1);
    }
    void figureBounds()
    {
        QFETCH(QString, code);
        QFETCH(double, low);
        QFETCH(double, high);
        const FigureKind* kind = findFigureKind(code.toStdString());
        QVERIFY(kind);
        QVERIFY(intervalOf(*kind, low, low, high));
        QVERIFY(!intervalOf(*kind, low - 0.001, low, high));
        QVERIFY(!intervalOf(*kind, low, low, high * 1.001));
    }

    // The same figures, spoons included: what an offer of newer figures looks at.
    void sameFiguresToTheSpoon_data()
    {
        QTest::addColumn<QString>("name");
        QTest::addColumn<double>("grams");
        QTest::addColumn<bool>("same");
        QTest::newRow("the same") << "tsp" << 5.0 << true;
        QTest::newRow("another spoon") << "tbsp" << 5.0 << false;
        QTest::newRow("another weight") << "tsp" << 5.1 << false;
        QTest::newRow("both") << "cup" << 120.0 << false;
    }
    void sameFiguresToTheSpoon()
    {
        QFETCH(QString, name);
        QFETCH(double, grams);
        auto one = material("sugar", MaterialKind::Sugar);
        one->measures = {{"tsp", 5.0, "test"}};
        auto other = std::make_shared<Material>(*one);
        other->measures = {{name.toStdString(), grams, "test"}};
        QTEST(sameFigures(*one, *other), "same");
    }

    void searchOverMany()
    {
        SearchIndex index;
        for (int i = 0; i < 10000; ++i)
            index.add("Powder number " + std::to_string(i), {"p" + std::to_string(i)});
        index.add("Quince", {"coing"}, 1);
        index.add("Quince puree", {});
        QCOMPARE(index.size(), std::size_t(10002));
        QCOMPARE(index.find("quinc").front().index, std::size_t(10001)); // the other stands behind
        QCOMPARE(index.find("COING").size(), std::size_t(1));
        QCOMPARE(index.find("number 99 pow").front().index, std::size_t(99));
        QCOMPARE(index.find("").size(), std::size_t(10002));
        QVERIFY(index.find("xyzzy").empty());
    }

    // The published values of ../shared/reference, worked out there by another program.
    // An acid's bounds: 40 % down or two standard errors, the wider; three times as much up.
    void foodAcidBounds()
    {
        FoodRow row = quince();
        row.acids = {{Acid::Malic, 1.0, 0.1}, {Acid::Citric, 1.0, 0.4}, {Acid::Oxalic, 0.1, 0.2}};
        row.acidSource = "table";
        const Material m = materialFromFood(row);
        QVERIFY(std::abs(m.acids[0].share.range.low() - 0.006) < 1e-12);
        QVERIFY(std::abs(m.acids[1].share.range.low() - 0.002) < 1e-12);
        QCOMPARE(m.acids[2].share.range.low(), 0.0); // never below nothing
        for (const AcidShare& acid : m.acids)
            QVERIFY(std::abs(acid.share.range.high() - 3 * acid.share.range.typical()) < 1e-12);
    }

    // Where a word begins a word it comes before where it stands inside one.
    void wordsComeBeforeParts()
    {
        SearchIndex search;
        search.add("Soursop so far", {});
        search.add("Unsoured", {});
        search.add("Absolute so", {});
        const auto found = search.find("so");
        QCOMPARE(found.size(), std::size_t(3));
        QCOMPARE(found[0].index, std::size_t(0));
        QCOMPARE(found[1].index, std::size_t(2)); // inside "absolute", but a word, too
        QCOMPARE(found[2].index, std::size_t(1));
    }

    // A lye whose impurity is carbonate: what was water takes its place, and no more than all.
    void impurityAsCarbonateKeepsTheSum()
    {
        auto lye = std::make_shared<Material>(*sodiumHydroxide(0.95));
        lye->part(Part::Water) = {*Interval::of(0.01, 0.03, 0.05), "test"};
        lye->part(Part::Carbonate) = {*Interval::of(0.0, 0.01, 0.02), "test"};
        const MaterialPtr other = impurityAsCarbonate(*lye);
        const Interval& c = other->part(Part::Carbonate).range;
        QVERIFY(std::abs(c.low() - 0.01) < 1e-12 && std::abs(c.typical() - 0.04) < 1e-12 &&
                std::abs(c.high() - 0.07) < 1e-12);
        QCOMPARE(other->part(Part::Water).range.high(), 0.0);
    }

    void fattyAcidSums()
    {
        using F = FattyAcid;
        const std::pair<F, double> castor[] = {{F::Ricinoleic, 100}};
        // Triricinolein: C57H104O9, 933.43 g/mol: 3 x 56.1056 / 933.43 = 180.3, IV 81.6.
        QVERIFY(std::abs(*saponificationValueOf(castor, 0) - 180.3) < 0.1);
        QVERIFY(std::abs(*iodineValueOf(castor, 0) - 81.6) < 0.1);
        // Trilaurin, C39H74O6, 639.0 g/mol; tristearin, C57H110O6, 891.5 g/mol.
        const std::pair<F, double> laurin[] = {{F::Lauric, 1}};
        const std::pair<F, double> stearin[] = {{F::Stearic, 1}};
        QVERIFY(std::abs(*saponificationValueOf(laurin, 0) - 263.4) < 0.1);
        QVERIFY(std::abs(*saponificationValueOf(stearin, 0) - 188.8) < 0.1);
        QVERIFY(std::abs(*saponificationValueOf(stearin, 0.1) - 169.9) < 0.1);
        QCOMPARE(*iodineValueOf(stearin, 0), 0.0);
        QVERIFY(!saponificationValueOf({}, 0));
        for (const FattyAcidFacts& acid : allFattyAcids())
            QVERIFY(fattyAcidFromCode(acid.code) == acid.acid);
    }
};

QTEST_APPLESS_MAIN(TestLot)
#include "tst_lot.moc"
