// What the core makes of many formulas, readings and phrases, against what it made of them before.
#include <QTest>

#include "core/account/doubt.h"
#include "core/advice/reckon.h"
#include "core/formula/edit.h"
#include "core/makeday/slip.h"
#include "core/makeday/stock_lye.h"
#include "core/materials/citric_forms.h"
#include "core/materials/lot.h"
#include "core/measuring/measure.h"
#include "support/figures_of.h"
#include "support/kept.h"
#include "support/material_figures.h"
#include "support/random_formula.h"

using namespace rhexion;
using namespace rhexion::test;

class TestKeptFigures : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void formulas()
    {
        Kept kept("formulas.txt");
        RandomFormulas random(81);
        for (int i = 0; i < 60; ++i) {
            const Formula f = random.next(false);
            const ReckonResult result = reckon(f);
            std::vector<double> row;
            if (const auto* refused = std::get_if<Refusal>(&result)) {
                row = refused->figures;
                append(row, {double(refused->code), double(refused->line)});
            } else {
                const auto& r = std::get<Reckoning>(result);
                row = figuresOf(r);
                appendCautions(row, f, r);
            }
            kept.add(QStringLiteral("formula %1").arg(i), row);
        }
        const QString difference = kept.firstDifference();
        QVERIFY2(difference.isEmpty(), qPrintable(difference));
    }

    void slips()
    {
        Kept kept("slips.txt");
        RandomFormulas random(82);
        for (int i = 0; i < 40; ++i) {
            const Formula f = random.next(true);
            const ReckonResult result = reckon(f);
            const auto* r = std::get_if<Reckoning>(&result);
            if (!r)
                continue;
            const Slip slips[] = {{SlipKind::AcidForgotten, 0, 0.0, {}},
                                  {SlipKind::LyeTimes, 0, i % 2 ? 1.5 : 0.6, {}},
                                  {SlipKind::LineMissing, f.lines[0].id, 0.0, {}},
                                  {SlipKind::LineExtra, f.lines.back().id, 12.0, {}},
                                  {SlipKind::AcidAddedLate, 0, 9.0, citricMonohydrate()}};
            for (const Slip& slip : slips) {
                const auto after = afterSlip(f, *r, slip);
                std::vector<double> row;
                if (const auto* s = std::get_if<AfterSlip>(&after)) {
                    append(row, {s->tooFar ? 1.0 : 0.0, s->bowl.reckoning.batterGrams});
                    append(row, s->bowl.reckoning.superfatTrue);
                    for (const DayMend& mend : s->bowl.mends)
                        append(row, {double(mend.target.what), mend.grams});
                } else
                    append(row, {double(std::get<Refusal>(after).code)});
                kept.add(QStringLiteral("slip %1 of %2").arg(int(slip.kind)).arg(i), row);
            }
        }
        const QString difference = kept.firstDifference();
        QVERIFY2(difference.isEmpty(), qPrintable(difference));
    }

    // Drawn with a seed: the same on every machine (doubt.h).
    void doubts()
    {
        Kept kept("doubts.txt");
        RandomFormulas random(83);
        for (int i = 0; i < 12; ++i) {
            Formula f = random.next(i % 2 == 0);
            for (Line& line : f.lines)
                line.allWater = !line.material->isOil() && line.id % 3 == 0;
            const ReckonResult result = reckon(f);
            const auto* r = std::get_if<Reckoning>(&result);
            const auto doubt = r ? doubtOf(f, *r, {2000, 7}) : std::nullopt;
            std::vector<double> row;
            if (doubt) {
                append(row, {doubt->superfat.low, doubt->superfat.median, doubt->superfat.high,
                             doubt->strength.low, doubt->strength.median, doubt->strength.high,
                             doubt->chanceOfExcess, doubt->histogramLow, doubt->histogramWidth});
                for (const Cause& cause : doubt->causes)
                    row.push_back(cause.share);
            }
            kept.add(QStringLiteral("doubt %1").arg(i), row);
        }
        const QString difference = kept.firstDifference();
        QVERIFY2(difference.isEmpty(), qPrintable(difference));
    }

    void mixturesAndLyes()
    {
        Kept kept("mixtures.txt");
        RandomFormulas random(84);
        for (int i = 0; i < 12; ++i) {
            std::vector<Ingredient> parts;
            double all = 0.0;
            for (int n = 0; n < 3; ++n) {
                const double g = random.between(20, 200);
                all += g;
                parts.push_back(
                    {n == 0 ? milk(0.87, 0.04, 227, 1.7) : random.randomExtra(), Mass::grams(g)});
            }
            const auto m = mixed(parts, Mass::grams(all * random.between(0.7, 1.0)));
            kept.add(QStringLiteral("mixture %1").arg(i), m ? figuresOf(*m) : std::vector{-1.0});
        }
        for (const double share : {0.9, 0.985, 1.0}) {
            const MaterialPtr other = impurityAsCarbonate(*sodiumHydroxide(share));
            const Interval& c = other->part(Part::Carbonate).range;
            kept.add(QStringLiteral("carbonate"), {c.low(), c.typical(), c.high()});
        }
        Formula f = twoOils();
        f.lye.potassiumShare = 0.4;
        add(f, plainWater(), rest, Vessel::LyeJug);
        const auto r = std::get<Reckoning>(reckon(f));
        for (const bool sodium : {true, false})
            for (const double strength : {0.2, 0.3, 0.4, 0.48, 0.5, 0.51, 0.52, 0.525, 0.55, 0.6}) {
                const auto lye = stockLye(f, r, {sodium, strength, 3, 0.05});
                std::vector<double> row{lye ? 1.0 : 0.0};
                if (lye)
                    append(row,
                           {lye->hydroxideGrams, lye->waterGrams, lye->perBatchGrams,
                            lye->crystallisesBelow ? lye->crystallisesBelow->inCelsius() : -99.0});
                kept.add(QStringLiteral("stock lye %1").arg(strength), row);
            }
        const QString difference = kept.firstDifference();
        QVERIFY2(difference.isEmpty(), qPrintable(difference));
    }

    // Two portions that set the same oil aside, and more of it than there is.
    void heldByTwo()
    {
        Kept kept("held.txt");
        for (const double second : {50.0, 300.0, 420.0}) {
            Formula f = twoOils();
            add(f, plainWater(), rest, Vessel::LyeJug);
            // Weighed as without any: an account refuses nothing.
            const Amounts amounts = std::get<Reckoning>(reckon(f)).amounts;
            for (const double g : {100.0, second}) {
                Portion portion;
                portion.id = f.newId();
                portion.held = HeldOil{second > 60 ? f.lines[1].id : 0, grams(g)};
                f.portions.push_back(portion);
            }
            const Reckoning r = reckonGiven(f, amounts);
            std::vector<double> row = figuresOf(r);
            appendCautions(row, f, r);
            kept.add(QStringLiteral("held %1").arg(second), row);
        }
        const QString difference = kept.firstDifference();
        QVERIFY2(difference.isEmpty(), qPrintable(difference));
    }

    void readings()
    {
        Kept kept("readings.txt");
        const auto add = [&](const char* name, const MeasureResult& result) {
            std::vector<double> row;
            if (const auto* m = std::get_if<Measured>(&result)) {
                append(row, {m->value.low(), m->value.typical(), m->value.high()});
                appendWorking(row, m->working);
            } else
                append(row, {double(std::get<MeasureFault>(result))});
            kept.add(QLatin1String(name), row);
        };
        const auto g = [](double v) { return Mass::grams(v); };
        const Scale scale{0.1};
        for (const double wet : {60.0, 75.5, 120.0})
            add("dry-down", dryDown(g(wet), g(31.2), g(20), scale));
        for (const double brix : {0.0, 4.3, 12.0, 40.0, 85.0, 86.0})
            for (const double at : {9.0, 10.0, 17.5, 24.0, 30.0}) {
                add("refractometer",
                    refractometerWater(brix, Temperature::celsius(at), false, 0.02));
                kept.add(QStringLiteral("sucrose"),
                         {sucroseDensity(brix),
                          brixCorrection(brix, Temperature::celsius(at)).value_or(-99.0)});
            }
        const Interval purity = Interval::around(0.97, 0.985, 0.995);
        for (const bool sodium : {true, false})
            add("solution", solutionStrength(sodium, g(4.2), purity, 1000.0, scale));
        const Interval strength = Interval::around(0.098, 0.1, 0.103);
        const TitrationRun titrations[] = {{10.0, 8.1}, {10.2, 8.5}, {9.9, 8.0}};
        for (const std::size_t runs : {0, 1, 2, 3})
            add("titration", titratableAcidity(std::span(titrations).first(runs), strength));
        add("density", densityByCup(g(50), g(298), g(301), scale));
        for (const int count : {1, 5, 20})
            add("each", eachWeight(g(31.7), g(20), count, scale));
        const PurityRun purities[] = {{5.0, 41.0}, {5.2, 42.9}, {4.9, 40.1}};
        for (const std::size_t runs : {0, 1, 2, 3})
            for (const double step : {0.01, 0.1})
                for (const bool sodium : {true, false})
                    add("purity", hydroxidePurity(std::span(purities).first(runs), 0.914, sodium,
                                                  g(20), g(120), Scale{step}));
        add("mixture", mixtureWater(g(80), g(120), g(100), Interval::around(0.6, 0.65, 0.7)));
        const QString difference = kept.firstDifference();
        QVERIFY2(difference.isEmpty(), qPrintable(difference));
    }
};

QTEST_GUILESS_MAIN(TestKeptFigures)
#include "tst_kept_figures.moc"
