// Kitchen measurements against published tables, worked examples by hand, and refusals.
#include <QTest>

#include "core/measuring/measure.h"

#include <QProcess>
#include <QStandardPaths>

#include <cmath>

using namespace rhexion;

namespace {

constexpr Scale fine{0.01};

double typical(const MeasureResult& r)
{
    const auto* good = std::get_if<Measured>(&r);
    return good ? good->value.typical() : std::nan("");
}

int faultOf(const MeasureResult& r)
{
    const auto* fault = std::get_if<MeasureFault>(&r);
    return fault ? int(*fault) : -1;
}

bool holds(const MeasureResult& r, double value)
{
    const auto* good = std::get_if<Measured>(&r);
    return good && good->value.low() <= value && value <= good->value.high() &&
           !good->working.steps().empty();
}

} // namespace

class TestMeasure : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void byHand_data()
    {
        QTest::addColumn<double>("got");
        QTest::addColumn<double>("want");
        QTest::addColumn<double>("within");
        const auto g = [](double v) { return Mass::grams(v); };
        const auto row = [](const char* name, const MeasureResult& got, double want,
                            double within) {
            QTest::newRow(name) << typical(got) << want << within;
        };
        // All by hand from the definitions in docs/chemistry.md.
        row("25 g dish, 20 g in, 17 g lost", dryDown(g(45), g(28), g(25), fine), 0.85, 1e-12);
        row("12 Bx at 20 C, 2 % insoluble",
            refractometerWater(12, Temperature::celsius(20), false, 0.02), 0.86, 1e-12);
        row("12 Bx at 25 C, read cold",
            refractometerWater(12, Temperature::celsius(25), false, 0.0), 1 - 0.12364, 5e-6);
        row("4 g NaOH of 100 % to 1 l",
            solutionStrength(true, g(4), Interval::exactly(1), 1000, fine), 0.100008, 1e-6);
        row("5.61 g KOH of 100 % to 1 l",
            solutionStrength(false, g(5.61), Interval::exactly(1), 1000, fine), 0.09999, 1e-5);
        const TitrationRun runs[] = {{10, 12}, {10, 12.4}, {10, 11.6}};
        row("0.1 mol/l, 12 ml on 10 g", titratableAcidity(runs, Interval::exactly(0.1)), 12, 1e-12);
        row("cup of 100 ml", densityByCup(g(50), g(50 + 99.82), g(50 + 142), fine), 1.42, 1e-9);
        row("ten teaspoons", eachWeight(g(71), g(20), 10, fine), 5.1, 1e-12);
        // 2 g of monohydrate hold 1.8285 g acid, 9.5176 mmol, 28.553 mmol of NaOH: 1.14202 g. In
        // 23.1 g of a solution of 10 g in 200 g are 1.155 g of flakes: 98.88 %.
        const PurityRun purity[] = {{2.0, 23.1}, {2.0, 23.1}};
        row("98.9 % flakes",
            hydroxidePurity(purity, citricMonohydrateShare(), true, g(10), g(200), fine), 0.98876,
            5e-5);
        // The same acid anhydrous: 2 g, 31.230 mmol, KOH 56.105: 1.75216 g in 38.9 g of solution.
        const PurityRun potash[] = {{2.0, 38.9}};
        row("KOH by anhydrous acid", hydroxidePurity(potash, 1.0, false, g(10), g(200), fine),
            1.75216 / 1.945, 5e-5);
    }
    void byHand()
    {
        QFETCH(double, got);
        QFETCH(double, want);
        QFETCH(double, within);
        QVERIFY2(std::abs(got - want) <= within, qPrintable(QString::number(got, 'g', 10)));
    }

    // How sure it is, by hand: half a step on each weighing, what clings, the least a run can tell.
    void doubtByHand_data()
    {
        QTest::addColumn<double>("got");
        QTest::addColumn<double>("want");
        const auto g = [](double v) { return Mass::grams(v); };
        const auto both = [](const char* name, const MeasureResult& got, double low, double high) {
            const auto& value = std::get<Measured>(got).value;
            QTest::addRow("%s, low", name) << value.low() << low;
            QTest::addRow("%s, high", name) << value.high() << high;
        };
        const double cup = 0.01 / 99.82 + 0.01 / 142 + 0.005; // filled to the brim
        // Three runs of 12, 12.4 and 11.6: a standard deviation of 0.4, twice that either way.
        const TitrationRun runs[] = {{10, 12}, {10, 12.4}, {10, 11.6}};
        both("three runs", titratableAcidity(runs, Interval::exactly(0.1)), 11.2, 12.8);
        // Two weighings, each half a step off.
        both("dried", dryDown(g(45), g(28), g(25), {0.1}), 0.85 - 0.1 / 20, 0.85 + 0.1 / 20);
        both("cup", densityByCup(g(50), g(50 + 99.82), g(50 + 142), fine), 1.42 * (1 - cup),
             1.42 * (1 + cup));
        // One run is worth a fiftieth; what it finds is never above all.
        const PurityRun single[] = {{2.0, 25.0}};
        const auto found =
            hydroxidePurity(single, citricMonohydrateShare(), true, g(10), g(200), fine);
        const double p = 1.142015 / 1.25; // of the row above: 1.14202 g of NaOH in 1.25 g of flakes
        both("one run", found, p * 0.98, p * 1.02);
        const PurityRun strong[] = {{2.0, 22.75}};
        both("nearly all",
             hydroxidePurity(strong, citricMonohydrateShare(), true, g(10), g(200), fine),
             1.142015 / 1.1375 * 0.98, 1.0);
    }
    void doubtByHand()
    {
        QFETCH(double, got);
        QFETCH(double, want);
        QVERIFY2(std::abs(got - want) < 2e-5 * want, qPrintable(QString::number(got, 'g', 10)));
    }

    // Every interval holds what readings half a step off would give.
    void doubtIsHonest()
    {
        const auto g = [](double v) { return Mass::grams(v); };
        QVERIFY(holds(dryDown(g(45.1), g(28), g(25), {0.1}), 17.05 / 20.05));
        QVERIFY(holds(dryDown(g(45), g(28), g(25), {0.1}), 17.1 / 20.05));
        const TitrationRun wide[] = {{10, 11}, {10, 13}};
        const auto r = titratableAcidity(wide, Interval::exactly(0.1));
        QVERIFY(holds(r, 11) && holds(r, 13));
        const TitrationRun one[] = {{10, 12}};
        const auto loose = titratableAcidity(one, *Interval::of(0.098, 0.1, 0.102));
        QVERIFY(holds(loose, 11.8) && holds(loose, 12.2));
    }

    void temperatureCorrection_data()
    {
        QTest::addColumn<double>("brix");
        QTest::addColumn<double>("celsius");
        QTest::addColumn<double>("want");
        // International temperature correction table, 1936 (AOAC 932.14), from memory: cells
        // between the rows the program keeps, so that its straight lines are tested too.
        const double rows[][3] = {{0, 18, -.12}, {10, 18, -.13}, {20, 12, -.52}, {30, 17, -.21},
                                  {40, 22, .15}, {50, 23, .23},  {60, 28, .64},  {70, 27, .56},
                                  {15, 25, .37}, {5, 30, .74},   {0, 20, 0}};
        for (const auto& row : rows)
            QTest::addRow("%g Bx at %g C", row[0], row[1]) << row[0] << row[1] << row[2];
    }
    void temperatureCorrection()
    {
        QFETCH(double, brix);
        QFETCH(double, celsius);
        QFETCH(double, want);
        const auto got = brixCorrection(brix, Temperature::celsius(celsius));
        QVERIFY(got && std::abs(*got - want) <= 0.021);
    }

    void sucroseDensityAgainstGnuUnits_data()
    {
        QTest::addColumn<double>("brix");
        for (double b = 0; b <= 80; b += 5)
            QTest::addRow("%g Bx", b) << b;
    }
    // GNU units' brix() is Table 114 of NIST Circular 440: apparent density, weighed in air with
    // brass weights; the program's is in vacuum, so air's lift is added: 0.0012 (1 - d / 8.4) g/ml.
    void sucroseDensityAgainstGnuUnits()
    {
        QFETCH(double, brix);
        const QString units = QStandardPaths::findExecutable(QStringLiteral("units"));
        QVERIFY2(!units.isEmpty(), "The package units is missing; ./check installs it.");
        QProcess process;
        process.start(units, {"-t", "-o", "%.8g", QStringLiteral("brix(%1)").arg(brix), "g/cm^3"});
        QVERIFY(process.waitForFinished());
        bool ok = false;
        const double air = process.readAllStandardOutput().trimmed().toDouble(&ok);
        QVERIFY(ok);
        const double vacuum = air + 0.0012 * (1.0 - air / 8.4);
        QVERIFY2(std::abs(sucroseDensity(brix) - vacuum) < 6e-4,
                 qPrintable(QString::number(sucroseDensity(brix) - vacuum)));
    }

    // What corrects itself has no correction in its working.
    void workingSaysWhatWasDone()
    {
        const auto steps = [](bool compensated) {
            const auto read = refractometerWater(12, Temperature::celsius(25), compensated, 0.0);
            return std::get<Measured>(read).working.steps().size();
        };
        QCOMPARE(steps(false), steps(true) + 1);
    }

    void refusals_data()
    {
        QTest::addColumn<int>("got");
        QTest::addColumn<int>("want");
        using F = MeasureFault;
        const auto g = [](double v) { return Mass::grams(v); };
        const double nan = std::nan("");
        const auto row = [](const char* name, const MeasureResult& r, F want) {
            QTest::newRow(name) << faultOf(r) << int(want);
        };
        const Temperature room = Temperature::celsius(20);
        row("nothing weighed", dryDown(g(0), g(0), g(0), fine), F::Missing);
        row("not a number", dryDown(g(nan), g(28), g(25), fine), F::Missing);
        row("a dish and nothing in it", dryDown(g(45), g(45), g(45), fine), F::DishTooHeavy);
        row("a heavy dish", dryDown(g(45), g(28), g(46), fine), F::DishTooHeavy);
        row("heavier dry", dryDown(g(45), g(47), g(25), fine), F::DryAboveWet);
        row("cold juice", refractometerWater(12, Temperature::celsius(4), false, 0),
            F::TooWarmOrCold);
        row("90 Bx", refractometerWater(90, room, true, 0), F::BrixOutOfRange);
        row("-1 Bx", refractometerWater(-1, room, true, 0), F::BrixOutOfRange);
        row("Bx not a number", refractometerWater(nan, room, true, 0), F::Missing);
        row("nothing but solids", refractometerWater(60, room, true, 0.4), F::SolidsAboveAll);
        row("no runs", titratableAcidity({}, Interval::exactly(0.1)), F::NoRuns);
        const TitrationRun empty[] = {{10, 0}};
        row("an empty run", titratableAcidity(empty, Interval::exactly(0.1)), F::Missing);
        const TitrationRun apart[] = {{10, 12}, {10, 24}};
        row("runs apart", titratableAcidity(apart, Interval::exactly(0.1)), F::RunsDisagree);
        row("no solution", solutionStrength(true, g(4), Interval::exactly(1), 0, fine), F::Missing);
        row("no drops", eachWeight(g(3), g(1), 0, fine), F::Missing);
        row("a dish alone", eachWeight(g(20), g(20), 10, fine), F::DishTooHeavy);
        row("a cup of nothing", densityByCup(g(50), g(50), g(90), fine), F::DishTooHeavy);
        const PurityRun pure[] = {{2.0, 20.0}};
        row("more than pure", hydroxidePurity(pure, 1.0, true, g(10), g(200), fine),
            F::PurityAboveAll);
        row("lye without water", hydroxidePurity(pure, 1.0, true, g(10), g(10), fine),
            F::DishTooHeavy);
    }
    void refusals()
    {
        QFETCH(int, got);
        QFETCH(int, want);
        QCOMPARE(got, want);
    }
};

QTEST_APPLESS_MAIN(TestMeasure)
#include "tst_measure.moc"
