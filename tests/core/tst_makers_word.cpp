// What nobody knows, taken for what its maker says: a material that holds together, and wide.
#include <QTest>

#include "core/account/effect.h"
#include "core/formula/formula.h"
#include "core/materials/makers_word.h"

using namespace rhexion;

class TestMakersWord : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void taken_data()
    {
        QTest::addColumn<int>("as");
        QTest::addColumn<double>("figure");
        QTest::addColumn<bool>("can");
        QTest::addColumn<double>("water"); // typical, of 100 g
        QTest::addColumn<double>("lye");   // g of sodium hydroxide that 100 g take, typical
        using T = TakenAs;
        const auto row = [](const char* name, T as, double figure, bool can, double water = 0.0,
                            double lye = 0.0) {
            QTest::newRow(name) << int(as) << figure << can << water << lye;
        };
        row("a scent", T::Scent, 0, true);
        row("a colour", T::Colour, 0, true, 2);
        row("a dry solid", T::DrySolid, 0, true, 8);
        row("a salt", T::Salt, 0, true, 2);
        row("a sugar", T::Sugar, 0, true, 5);
        row("all water", T::Watery, 1.0, true, 100);
        row("a broth", T::Watery, 0.9, true, 90);
        row("drier than dry", T::Watery, -0.1, false);
        row("wetter than water", T::Watery, 1.1, false);
        row("a little wetter than water", T::Watery, 1.02, false);
        // SV 190: 190 / 56.1056 * 39.9971 / 10.
        row("an oil", T::Oil, 190, true, 0, 13.5450);
        row("an SV in grams", T::Oil, 0.135, false);
        row("no SV", T::Oil, 0, false);
        // Citric acid, 192.12 g/mol, three protons: 50 / 192.123 * 3 * 39.9971.
        row("an acid, half of it", T::Acid, 0.5, true, 50, 31.2276);
        row("no acid", T::Acid, 0, false);
        row("no number", T::Acid, qQNaN(), false);
    }
    void taken()
    {
        QFETCH(int, as);
        QFETCH(double, figure);
        QFETCH(bool, can);
        const auto m = takenAs("dulse broth", TakenAs(as), figure);
        QCOMPARE(m.has_value(), can);
        QVERIFY(!takenAs("", TakenAs(as), figure));
        QVERIFY(!takenAs(std::string(201, 'x'), TakenAs(as), figure));
        if (!m)
            return;
        Material kept = *m;
        kept.id = "own-dulse-broth";
        QVERIFY(!faultOf(kept));
        QCOMPARE(kept.sources.size(), std::size_t(1));
        const Effect e = effectOf(kept, Mass::grams(100));
        QFETCH(double, water);
        QFETCH(double, lye);
        QVERIFY(std::abs(e.water.typical() - water) < 1e-9);
        QVERIFY2(std::abs(e.acidSodium().typical() + e.fatSodium().typical() - lye) <
                     2e-4 * lye + 1e-9,
                 qPrintable(QString::number(e.acidSodium().typical() + e.fatSodium().typical())));
        // Not knowing is told: something about it is wide, and a spoon of it can be weighed.
        QVERIFY(e.water.high() > e.water.low() || e.fatMol.high() > e.fatMol.low() || kept.density);
        QVERIFY(gramsPer(AmountUnit::Teaspoon, kept).value_or(0.0) > 1.0);
        if (kept.density) { // typical within its band, and the band of an oil that of oils
            const Interval& d = kept.density->range;
            QVERIFY(d.low() < d.typical() && d.typical() < d.high());
            QVERIFY(TakenAs(as) != TakenAs::Oil || (d.low() == 0.9 && d.high() == 0.94));
        }
    }
};

QTEST_APPLESS_MAIN(TestMakersWord)
#include "tst_makers_word.moc"
