// The tour: a formula grows by its steps on the real bench; it is left and taken up at any of them,
// and never takes the place of work that was not to be left.
#include "app/bench/bench_page.h"
#include "app/tour/tour.h"
#include "core/advice/reckon.h"
#include "support/window.h"

#include <QPushButton>
#include <QSettings>
#include <QTest>

using namespace rhexion;
using namespace rhexion::test;

class TestTour : public QObject {
    Q_OBJECT
    std::unique_ptr<Shop> shop_;

    Tour& tour() { return shop_->window->tour(); }
    const Formula& formula() { return shop_->document().formula(); }
    bool holds(const char* material)
    {
        return std::ranges::any_of(formula().lines,
                                   [&](const Line& l) { return l.material->id == material; });
    }
    void press(const char* text)
    {
        for (Banner* note : shop_->window->notes().shown())
            for (QPushButton* button : note->findChildren<QPushButton*>())
                if (button->text() == QLatin1String(text) && button->isVisible()) {
                    button->click();
                    QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
                    return;
                }
        QFAIL(text);
    }

private Q_SLOTS:
    void init()
    {
        shop_ = std::make_unique<Shop>();
        QSettings().clear();
        shop_->window->loadStock();
    }

    void growsStepByStep()
    {
        tour().begin();
        QCOMPARE(tour().step(), 1);
        QVERIFY(holds("olive-oil") && holds("coconut-oil") && holds("castor-oil"));
        const double lye = shop_->document().reckoning()->sodium.weighedGrams;
        press("Next");
        press("Next");
        QVERIFY(holds("buttermilk"));
        QVERIFY(!holds("water")); // the rest is one
        press("Next");
        QVERIFY(holds("citric-acid-monohydrate"));
        QVERIFY(shop_->document().reckoning()->sodium.weighedGrams > lye + 6.0);
        const qsizetype lines = qsizetype(formula().lines.size());
        press("Back");
        press("Next");
        QCOMPARE(qsizetype(formula().lines.size()), lines); // typed once
        press("Next");
        press("Next");
        QCOMPARE(tour().step(), Tour::steps);
        QVERIFY(shop_->said().contains(QLatin1String("Step 6 of 6")));
        press("Done");
        QCOMPARE(tour().step(), 0);
        QVERIFY(!shop_->said().contains(QLatin1String("Step")));
    }

    void leftAndTakenUp()
    {
        for (int left = 1; left <= Tour::steps; ++left) {
            shop_ = std::make_unique<Shop>();
            shop_->window->loadStock();
            QSettings().clear();
            tour().begin();
            for (int step = 1; step < left; ++step)
                press("Next");
            const Formula before = formula();
            if (left == Tour::steps)
                break; // its last button ends it
            press("Leave");
            QCOMPARE(tour().step(), 0);
            shop_->document().reset(Formula{}, {});
            shop_->open(); // as after a restart
            shop_->window->loadStock();
            tour().begin();
            QCOMPARE(tour().step(), left);
            QCOMPARE(formula().lines.size(), before.lines.size());
        }
    }

    void workIsNotTakenAway()
    {
        shop_->document().reset(demo(demoNames[0]), QStringLiteral("/tmp/mine.rhexion"));
        tour().begin(); // saved work makes room
        QCOMPARE(tour().step(), 1);
        // It was offered; it is not offered again.
        press("Leave");
        tour().offer();
        QVERIFY(!shop_->said().contains(QLatin1String("New here")));
        QSettings().clear();
        tour().offer();
        QVERIFY(shop_->said().contains(QLatin1String("New here")));
        shop_->document().reset(freshFormula(), {});
        shop_->type("500 g olive oil"); // she began by herself
        QVERIFY(!shop_->said().contains(QLatin1String("New here")));
        QSettings().clear();
        tour().offer();
        press("Not now");
        tour().offer();
        QVERIFY(!shop_->said().contains(QLatin1String("New here")));
    }
};

QTEST_MAIN(TestTour)
#include "tst_tour.moc"
