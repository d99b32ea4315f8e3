// Models under QAbstractItemModelTester while the document changes under them.
#include <QTest>

#include "document/formula_document.h"
#include "models/batches_model.h"
#include "models/stock_model.h"
#include "models/vessel_model.h"
#include "storage/catalogue.h"
#include "support/built.h"
#include "support/files.h"
#include "support/random_formula.h"

#include <QAbstractItemModelTester>
#include <QMimeData>
#include <QSignalSpy>
#include <QTemporaryDir>

using namespace rhexion;
using namespace rhexion::test;

class TestModels : public QObject {
    Q_OBJECT
    using Tester = QAbstractItemModelTester;
private Q_SLOTS:
    void followsTheDocument()
    {
        FormulaDocument d;
        VesselModel jug(d, Vessel::LyeJug);
        VesselModel pot(d, Vessel::OilPot);
        Tester a(&jug, Tester::FailureReportingMode::QtTest);
        Tester b(&pot, Tester::FailureReportingMode::QtTest);
        RandomFormulas random(5);
        for (int i = 0; i < 300; ++i) {
            const auto& lines = d.formula().lines;
            const LineId some =
                lines.empty() ? 0 : lines[std::size_t(random.below(int(lines.size())))].id;
            const Vessel vessel = random.chance(0.5) ? Vessel::LyeJug : Vessel::OilPot;
            switch (random.below(6)) {
            case 0:
                d.addLine({0, random.randomOil(), Vessel::OilPot, grams(50), false}, "a");
                break;
            case 1: d.addLine({0, random.randomExtra(), vessel, grams(9), true}, "b"); break;
            case 2: d.apply(RemoveLine{some}, "c"); break;
            case 3: d.apply(MoveLine{some, vessel, std::size_t(random.below(6))}, "d"); break;
            case 4: d.history().undo(); break;
            case 5: d.history().redo(); break;
            }
            QCOMPARE(jug.rowCount() + pot.rowCount(), int(d.formula().lines.size()));
            std::size_t row = 0;
            for (const Line& line : d.formula().lines)
                if (line.vessel == Vessel::OilPot)
                    QCOMPARE(pot.lineAt(pot.index(int(row++))), line.id);
        }
    }

    // A change elsewhere is no news to a row that shows the same as before.
    void onlyRowsThatLookDifferentAreTold()
    {
        FormulaDocument d;
        d.addLine({0,
                   Catalogue::shipped().find("olive-oil"),
                   Vessel::OilPot,
                   {500, AmountUnit::Gram},
                   false},
                  "oil");
        d.addLine({0,
                   Catalogue::shipped().find("coconut-oil"),
                   Vessel::OilPot,
                   {200, AmountUnit::Gram},
                   false},
                  "oil");
        VesselModel pot(d, Vessel::OilPot);
        VesselModel jug(d, Vessel::LyeJug);
        d.apply(SetText{TextField::Notes, "x"}, "first news");
        QSignalSpy potTold(&pot, &VesselModel::dataChanged);
        QSignalSpy jugTold(&jug, &VesselModel::dataChanged);
        QSignalSpy heights(&pot, &VesselModel::heightsChanged);
        LyeSettings lye = d.formula().lye;
        lye.superfat = 0.08;
        d.apply(SetLye{SettingField::Superfat, lye}, "superfat");
        QCOMPARE(potTold.count(), 0);
        QCOMPARE(jugTold.count(), 1); // the water that is left to pour
        d.setAmount(d.formula().lines.back().id, {210, AmountUnit::Gram}, "more");
        QCOMPARE(potTold.count(), 1);
        QCOMPARE(heights.count(), 0);
        d.setAmount(d.formula().lines.back().id, {8, AmountUnit::Ounce}, "in ounces");
        QCOMPARE(heights.count(), 1); // a note says so now
        QVERIFY(pot.data(pot.index(1), VesselModel::StatedRole).toString().contains("oz"));
        d.apply(SetLocked{d.formula().lines.back().id, true}, "lock");
        QVERIFY(pot.data(pot.index(1), VesselModel::LockedRole).toBool());
        QSignalSpy refused(&pot, &VesselModel::amountRefused);
        QVERIFY(!pot.setData(pot.index(1), "9", Qt::EditRole));
        QVERIFY(!pot.setData(pot.index(1), pot.data(pot.index(1), Qt::EditRole), Qt::EditRole));
        QCOMPARE(refused.count(), 1); // Enter without a change is no attempt
    }

    void amountsAreEditedInPlace_data()
    {
        QTest::addColumn<QString>("typed");
        QTest::addColumn<double>("grams"); // below 0: refused
        QTest::newRow("grams") << "300" << 300.0;
        QTest::newRow("a sum") << "250+35" << 285.0;
        QTest::newRow("ounces") << "10 oz" << 283.495;
        QTest::newRow("pounds") << "1 lb" << 453.592;
        QTest::newRow("words") << "a lot" << -1.0;
        QTest::newRow("negative") << "-5" << -1.0;
    }
    void amountsAreEditedInPlace()
    {
        QFETCH(QString, typed);
        QFETCH(double, grams);
        FormulaDocument d;
        d.addLine({0,
                   Catalogue::shipped().find("olive-oil"),
                   Vessel::OilPot,
                   {500, AmountUnit::Gram},
                   false},
                  "oil");
        VesselModel pot(d, Vessel::OilPot);
        QSignalSpy refused(&pot, &VesselModel::amountRefused);
        const bool taken = pot.setData(pot.index(0), typed, Qt::EditRole);
        QCOMPARE(taken, grams >= 0.0);
        QCOMPARE(refused.count(), taken ? 0 : 1);
        const double now = statedMass(d.formula().lines.back().amount)->inGrams();
        QVERIFY(std::abs(now - (taken ? grams : 500.0)) < 1e-3);
    }

    void draggingMovesBetweenVessels()
    {
        FormulaDocument d;
        d.reset(demo(demoNames[0]), {});
        VesselModel jug(d, Vessel::LyeJug);
        VesselModel trace(d, Vessel::Trace);
        const LineId sugar = jug.lineAt(jug.index(0));
        std::unique_ptr<QMimeData> mime(jug.mimeData({jug.index(0)}));
        QVERIFY(trace.canDropMimeData(mime.get(), Qt::MoveAction, 0, 0, {}));
        QVERIFY(!trace.dropMimeData(mime.get(), Qt::MoveAction, 0, 0, {})); // the document moved it
        QCOMPARE(trace.lineAt(trace.index(0)), sugar);
        QCOMPARE(jug.rowCount(), 1);
        QMimeData other;
        other.setText(QStringLiteral("hello"));
        QVERIFY(!trace.canDropMimeData(&other, Qt::MoveAction, 0, 0, {}));
        QMimeData forged;
        forged.setData(trace.mimeTypes().first(), "99999999999");
        const Formula before = d.formula();
        trace.dropMimeData(&forged, Qt::MoveAction, 0, 0, {});
        QVERIFY(d.formula() == before);
    }

    void speaksForScreenReaders()
    {
        FormulaDocument d;
        d.reset(demo(demoNames[0]), {});
        VesselModel jug(d, Vessel::LyeJug);
        const QString text = jug.data(jug.index(1), Qt::AccessibleTextRole).toString();
        QVERIFY2(text.contains("Buttermilk") && text.contains("frozen") && text.contains("g"),
                 qPrintable(text));
        QCOMPARE(jug.data(QModelIndex(), Qt::DisplayRole), QVariant());
    }

    void searchAndBatches()
    {
        QTemporaryDir dir;
        Stock stock(dir.filePath(QStringLiteral("shelf.sqlite")), built("foods.sqlite"));
        StockModel materials(stock);
        materials.search({});
        Tester a(&materials, Tester::FailureReportingMode::QtTest);
        const int all = materials.rowCount();
        materials.search(QStringLiteral("milk"));
        QVERIFY(materials.rowCount() > 2 && materials.rowCount() < all);
        materials.search(QStringLiteral("no such thing"));
        QCOMPARE(materials.rowCount(), 0);
        QVERIFY(!materials.at(materials.index(0)));
        BatchesModel batches; // a tester would fetch every page by itself
        BatchSummary s;
        s.id = QStringLiteral("4");
        s.name = QStringLiteral("Loaf");
        s.superfatPlanned = 0.05;
        s.superfat = 0.0625;
        // 450 of them, in pages, as they are scrolled.
        batches.setSource([&](int most, const BatchSummary* after) {
            QList<BatchSummary> page;
            for (int id = after ? after->id.toInt() - 1 : 453; id >= 4 && page.size() < most;
                 --id) {
                page.append(s);
                page.last().id = QString::number(id);
            }
            return page;
        });
        QCOMPARE(batches.rowCount(), BatchesModel::pageSize);
        QVERIFY(batches.canFetchMore({}));
        batches.fetchMore({});
        QCOMPARE(batches.rowCount(), 2 * BatchesModel::pageSize);
        QCOMPARE(batches.find(QStringLiteral("4")).row(), 449);
        QVERIFY(!batches.canFetchMore({}));
        QVERIFY(!batches.find(QStringLiteral("999")).isValid());
        QVERIFY(batches.data(batches.index(0, BatchesModel::Superfat), Qt::DisplayRole)
                    .toString()
                    .startsWith("6.3"));
    }
};

QTEST_GUILESS_MAIN(TestModels)
#include "tst_models.moc"
