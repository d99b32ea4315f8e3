// The whole road of a day: a person at the stand-in scale, the serial line, the reading, the band,
// the event in the journal and the screen, driven by keys.
#include <QTest>

#include "app/devices/devices_window.h"
#include "app/devices/standin_scale.h"
#include "app/make/day_plan_page.h"
#include "app/make/step_card.h"
#include "app/make/step_list.h"
#include "app/make/timers_bar.h"
#include "app/make/trouble_panel.h"
#include "app/make/weigh_gauge.h"
#include "app/rehearsal/rehearsal_window.h"
#include "app/widgets/number_field.h"
#include "support/window.h"

#include <QComboBox>
#include <QLabel>
#include <QListWidget>
#include <QPlainTextEdit>
#include <QPushButton>

using namespace rhexion;
using namespace rhexion::test;
using devices::Steady;

class TestDayRoad : public QObject {
    Q_OBJECT

    struct Bench {
        Shop shop;
        devices::DeviceDesk& desk;
        StandinScale scale;
        MakePage& make;
        Bench() : desk(shop.window->workshop().devices()), make(shop.make(0))
        {
            if (scale.begin()) {
                desk.setDevices({scale.setup()});
                scale.tell(QStringLiteral("put 80"));
            }
        }
        const BatchInProgress& batch() const { return *make.batch(); }
        const DayStep& step() const { return batch().plan().steps[std::size_t(batch().step())]; }
        bool still(double grams, double within = 0.25)
        {
            return QTest::qWaitFor(
                [&] {
                    return desk.weight().steady == Steady::Yes &&
                           std::abs(desk.weight().grams - grams) <= within;
                },
                20000);
        }
        // To the next step at which something is weighed, set to zero there.
        void toWeighing()
        {
            while (!step().weighs())
                QTest::keyClick(&make, Qt::Key_Space);
            QVERIFY(still(desk.weight().grams, 1e9));
            QTest::keyClick(&make, Qt::Key_T);
            QVERIFY(still(0.0));
        }
        void pour(double grams, double off)
        {
            scale.tell(QStringLiteral("pour %1 %2").arg(grams).arg(off));
            QVERIFY(still(grams * (1.0 + off)));
        }
    };

private Q_SLOTS:
    void weighedByScale()
    {
        Bench b;
        b.toWeighing();
        const int step = b.batch().step();
        const double planned = b.step().plannedGrams;
        b.pour(planned, 0.002);
        QVERIFY(b.make.card().gauge()->isVisible());
        QVERIFY2(b.make.card().gauge()->said().contains("In the band"),
                 qPrintable(b.make.card().gauge()->said()));
        QTest::keyClick(b.make.weighedField(), Qt::Key_Space);
        QVERIFY(b.batch().step() != step);
        const auto weighed =
            b.batch().lastWeighing(b.batch().plan().steps[std::size_t(step)].target);
        QVERIFY(weighed);
        QCOMPARE(int(weighed->origin), int(WeighOrigin::Scale));
        QVERIFY(std::abs(weighed->grams - planned * 1.002) <= 0.1001);
        // It is in the journal already, with where it came from.
        const auto kept = shopBatch(b);
        QCOMPARE(kept.origins()[std::size_t(WeighOrigin::Scale)], 1);
        // What lies there is the next one's zero.
        QVERIFY(b.still(0.0));
    }

    // Moving, it is not taken; past the band it stays and shows the mends; done so, the bowl is
    // well.
    void overshoot()
    {
        Bench b;
        while (b.step().target.what != WeighTarget::What::Sodium)
            b.make.batch()->goTo(b.batch().step() + 1);
        b.toWeighing();
        const int step = b.batch().step();
        const double planned = b.step().plannedGrams;
        b.scale.tell(QStringLiteral("pour %1 0.06").arg(planned));
        QVERIFY(QTest::qWaitFor([&] { return b.desk.weight().steady == Steady::Moving; }, 5000));
        QTest::keyClick(b.make.weighedField(), Qt::Key_Space);
        QCOMPARE(b.batch().step(), step);
        QVERIFY(b.shop.said().contains("still"));
        QVERIFY(b.still(planned * 1.06));
        QTest::keyClick(b.make.weighedField(), Qt::Key_Space);
        QCOMPARE(b.batch().step(), step);
        const double superfat = *b.batch().now().reckoning.superfatTrue;
        QVERIFY(superfat < 0.02);
        b.make.openTrouble();
        b.make.trouble().finish();
        QVERIFY2(b.make.trouble().said().contains("Leave it") &&
                     b.make.trouble().said().contains("peak about"),
                 qPrintable(b.make.trouble().said()));
        QPushButton* oil = nullptr;
        for (auto* button : b.make.trouble().findChildren<QPushButton*>())
            if (button->accessibleName().contains("Olive oil"))
                oil = button;
        QVERIFY(oil);
        QTest::mouseClick(oil, Qt::LeftButton);
        QVERIFY(std::abs(*b.batch().now().reckoning.superfatTrue -
                         *b.batch().now().superfatPlanned) < 1e-6);
    }

    // Unplugged in the middle it says so and takes nothing for granted; back, it is taken up again
    // and wants its zero; another unit is the same weight.
    void unpluggedAndBack()
    {
        Bench b;
        b.toWeighing();
        b.pour(b.step().plannedGrams, 0.0);
        QTest::keyClick(b.make.weighedField(), Qt::Key_Space);
        b.toWeighing();
        const int step = b.batch().step();
        b.scale.tell(QStringLiteral("unplug 1.5"));
        QVERIFY(QTest::qWaitFor([&] { return !b.desk.hasScale(); }, 5000));
        QVERIFY2(b.shop.said().contains("is gone"), qPrintable(b.shop.said()));
        QTest::keyClick(b.make.weighedField(), Qt::Key_Space);
        QCOMPARE(b.batch().step(), step); // asked once
        QVERIFY(b.shop.said().contains("not there"));
        QVERIFY(QTest::qWaitFor([&] { return b.desk.hasScale(); }, 8000));
        QVERIFY2(b.shop.said().contains("is back"), qPrintable(b.shop.said()));
        QVERIFY(b.still(b.desk.weight().grams, 1e9));
        QCOMPARE(b.desk.tared(), 0.0); // its zero is gone with it
        QTest::keyClick(&b.make, Qt::Key_T);
        b.scale.tell(QStringLiteral("ounces"));
        b.scale.tell(QStringLiteral("pour %1 0").arg(b.step().plannedGrams));
        QVERIFY(b.still(b.step().plannedGrams, 0.2));
    }

    // Garbage and a flood bring no wrong weight and no standstill.
    void garbageAndFlood()
    {
        Bench b;
        b.toWeighing();
        b.pour(50.0, 0.0);
        b.scale.tell(QStringLiteral("garbage"));
        b.scale.tell(QStringLiteral("flood 2"));
        int taken = 0;
        QElapsedTimer clock;
        clock.start();
        while (clock.elapsed() < 2500) {
            QTest::qWait(20);
            const devices::LiveWeight now = b.desk.weight();
            if (now.steady == Steady::Yes) {
                ++taken;
                QVERIFY2(std::abs(now.grams - 50.0) <= 0.25,
                         qPrintable(QString::number(now.grams)));
            }
        }
        QVERIFY(taken > 0);
        QVERIFY(b.desk.devices().front().live.bad > 0);
    }

    // "Try it with the stand-in scale": somebody pours, and Space is all there is to do.
    void triedWithTheStandin()
    {
        Shop shop;
        shop.window->devices().tryStandin();
        MakePage& make = shop.make(0);
        for (int weighed = 0; weighed < 3;) {
            const int step = make.batch()->step();
            if (!make.batch()->plan().steps[std::size_t(step)].weighs()) {
                QTest::keyClick(&make, Qt::Key_Space);
                continue;
            }
            QVERIFY(QTest::qWaitFor(
                [&] {
                    const auto& band = make.batch()->band();
                    const auto now = shop.window->workshop().devices().weight();
                    return band && now.steady == Steady::Yes && now.grams >= band->low;
                },
                30000));
            QTest::keyClick(make.weighedField(), Qt::Key_Space);
            if (make.batch()->step() == step) // past its band: kept, and left so
                QTest::keyClick(make.weighedField(), Qt::Key_Space);
            QVERIFY(make.batch()->step() != step);
            ++weighed;
        }
        QCOMPARE(make.batch()->folded().origins()[std::size_t(WeighOrigin::Scale)], 3);
    }

    // A scale that speaks its own way is taught in the window, and is read so from then on.
    void taughtInTheWindow()
    {
        Shop shop;
        DevicesWindow& window = shop.window->devices();
        window.tryStandin();
        QVERIFY(QTest::qWaitFor([&] { return window.live()->text().contains("Scale:"); }, 8000));
        window.examples()->setPlainText(QStringLiteral("N  12.5 g *\nN   3.0 g *\nN 118.2 g *"));
        const auto fields = window.findChildren<QLineEdit*>();
        QVERIFY(fields.size() >= 4);
        fields[fields.size() - 3]->setText(QStringLiteral("12.5"));
        fields[fields.size() - 2]->setText(QStringLiteral("g"));
        fields[fields.size() - 1]->setText(QStringLiteral("*"));
        QTest::mouseClick(window.learn(), Qt::LeftButton);
        const auto setup = shop.window->workshop().devices().devices().front().setup;
        QVERIFY(setup.lines);
        const auto read = devices::readTaught(*setup.lines, "N   7.5 g *", 0);
        QVERIFY(read && read->value == 7.5 && read->stable);
    }

    // Scoops add up; a vessel weighed before and after is a difference.
    void scoopsAndDifferences_data()
    {
        QTest::addColumn<QString>("typed");
        QTest::addColumn<double>("grams");
        QTest::newRow("scoops") << "120 + 35.5 + 12" << 167.5;
        QTest::newRow("before and after") << "850 - 612" << 238.0;
        QTest::newRow("before and after, with a proper minus") << "850 − 612.5" << 237.5;
        QTest::newRow("more left than there was") << "612 - 850" << -1.0;
    }
    void scoopsAndDifferences()
    {
        QFETCH(QString, typed);
        QFETCH(double, grams);
        Shop shop;
        MakePage& make = shop.make(0);
        while (!make.batch()->plan().steps[std::size_t(make.batch()->step())].weighs())
            QTest::keyClick(&make, Qt::Key_Space);
        const int step = make.batch()->step();
        make.weighedField()->setText(typed);
        make.weighedField()->setModified(true);
        QTest::keyClick(make.weighedField(), Qt::Key_Return);
        const auto weighed = make.batch()->weighedAt(step);
        QCOMPARE(weighed.has_value(), grams >= 0.0);
        if (weighed)
            QCOMPARE(*weighed, grams);
    }

    void scoopsByScale()
    {
        Bench b;
        b.toWeighing();
        const int step = b.batch().step();
        double sum = 0.0;
        for (const double scoop : {30.0, 12.5}) {
            b.pour(scoop, 0.0);
            Q_EMIT b.make.card().scoopWanted();
            sum += scoop;
            QVERIFY(b.still(0.0));
        }
        QTest::keyClick(b.make.weighedField(), Qt::Key_Return);
        QVERIFY(std::abs(*b.batch().weighedAt(step) - sum) <= 0.25);
    }

    // A scale that is set up and has said nothing yet is no reason to take the plan's weight.
    void aScaleThatIsAwaited()
    {
        Shop shop;
        MakePage& make = shop.make(0);
        devices::DeviceSetup setup;
        setup.name = QStringLiteral("Kitchen scale");
        setup.path = QStringLiteral("/no/such/port");
        shop.window->workshop().devices().setDevices({setup});
        while (!make.batch()->plan().steps[std::size_t(make.batch()->step())].weighs())
            QTest::keyClick(&make, Qt::Key_Space);
        const int step = make.batch()->step();
        QTest::keyClick(make.weighedField(), Qt::Key_Space);
        QCOMPARE(make.batch()->step(), step);
        QVERIFY2(shop.said().contains(QLatin1String("no reading yet")), qPrintable(shop.said()));
        QTest::keyClick(make.weighedField(), Qt::Key_Space);
        QCOMPARE(make.batch()->step(), step + 1);
        QVERIFY(make.batch()->folded().weighings.back().weighed.origin == WeighOrigin::AsPlanned);
    }

    // A thermometer's readings are written down at the step that asks for them, not ten a second.
    void thermometers()
    {
        Bench b;
        b.scale.tell(QStringLiteral("jug 71.5 0.00002"));
        QVERIFY(QTest::qWaitFor([&] { return b.desk.celsius(ReadingOf::Jug).value_or(0.0) > 70.0; },
                                8000));
        while (b.step().kind != DayStepKind::LyeIntoLiquid)
            b.make.batch()->goTo(b.batch().step() + 1);
        QVERIFY(QTest::qWaitFor([&] { return !b.batch().readings().empty(); }, 8000));
        QTest::qWait(1500);
        QVERIFY(b.batch().readings().size() <= 3);
        QCOMPARE(int(b.batch().readings().front().what), int(ReadingOf::Jug));
        QVERIFY(std::abs(b.batch().readings().front().celsius - 71.5) < 1.0);
    }

    // Timers run by the batch's clock, sound once, and are there again after a restart.
    void timersAndBursts()
    {
        Shop shop;
        MakePage& make = shop.make(0);
        make.batch()->setTimer(QStringLiteral("Ice bath"), 90.0);
        QVERIFY2(make.timers().said().contains("Ice bath 1:30"), qPrintable(make.timers().said()));
        shop.now = shop.now.addSecs(60);
        shop.window->making().setBatch(nullptr);
        shop.open();
        shop.window->offerRecovered();
        for (auto* button : shop.window->findChildren<QPushButton*>())
            if (button->text().startsWith("Go on making"))
                QTest::mouseClick(button, Qt::LeftButton);
        MakePage& again = shop.window->making();
        QVERIFY(again.batch());
        again.timers().refresh();
        QVERIFY2(again.timers().said().contains("Ice bath 0:30"),
                 qPrintable(again.timers().said()));
        shop.now = shop.now.addSecs(31);
        again.timers().refresh();
        QVERIFY(again.timers().said().contains("time is up"));
        QVERIFY(shop.said().contains("Ice bath: time is up"));
        // A clock that is set back does not make it longer than it was.
        shop.now = shop.now.addDays(-1);
        again.timers().refresh();
        QVERIFY2(again.timers().said().contains("Ice bath 1:30"),
                 qPrintable(again.timers().said()));

        while (again.batch()->plan().steps[std::size_t(again.batch()->step())].kind !=
               DayStepKind::Combine)
            again.batch()->goTo(again.batch()->step() + 1);
        for (const int seconds : {20, 15}) {
            QTest::keyClick(&again, Qt::Key_B);
            shop.now = shop.now.addSecs(seconds);
            QTest::keyClick(&again, Qt::Key_B);
        }
        QCOMPARE(again.batch()->folded().blended.bursts, 2);
        QCOMPARE(again.batch()->folded().blended.seconds, 35.0);
        QVERIFY2(again.timers().said().contains("0:35"), qPrintable(again.timers().said()));
        QTest::keyClick(&again, Qt::Key_Space);
        shop.now = shop.now.addSecs(75);
        again.timers().refresh();
        QVERIFY2(again.timers().said().contains("Lye met oil 1:15 ago"),
                 qPrintable(again.timers().said()));
    }

    // Out of turn where it is free, refused with what is missing where it is not; a safety step
    // left out is asked about once.
    void freeOrder()
    {
        Shop shop;
        MakePage& make = shop.make(0);
        auto& list = *make.findChild<StepList*>();
        const auto press = [&](DayStepKind kind) {
            const auto& steps = make.batch()->plan().steps;
            for (int i = 0; i < int(steps.size()); ++i)
                if (steps[std::size_t(i)].kind == kind) {
                    list.scrollToItem(list.item(i));
                    QTest::mouseClick(list.viewport(), Qt::LeftButton, {},
                                      list.visualItemRect(list.item(i)).center());
                    return i;
                }
            return -1;
        };
        const int before = make.batch()->step();
        press(DayStepKind::LyeIntoLiquid);
        QCOMPARE(make.batch()->step(), before);
        QVERIFY2(shop.said().contains("Not yet: first"), qPrintable(shop.said()));
        const int out = press(DayStepKind::SetOut);
        QCOMPARE(make.batch()->step(), out);
        QTest::keyClick(&make, Qt::Key_Space);
        // What is done out of turn does not come up again.
        for (const DayStep* coming : make.batch()->comingUp(99))
            QVERIFY(coming->kind != DayStepKind::SetOut);
        press(DayStepKind::Prepare);
        QPushButton* skip = nullptr;
        for (auto* button : make.findChildren<QPushButton*>())
            if (button->text() == QLatin1String("Leave out"))
                skip = button;
        const int prepare = make.batch()->step();
        QTest::mouseClick(skip, Qt::LeftButton);
        QCOMPARE(make.batch()->step(), prepare);
        QTest::mouseClick(skip, Qt::LeftButton);
        QVERIFY(make.batch()->isSkipped(prepare));
    }

    // 800x480 with wet hands: what is pressed is large and in sight, by keys and by name.
    void smallScreen()
    {
        Shop shop;
        shop.window->resize(800, 480);
        MakePage& make = shop.make(0);
        QTest::qWait(50);
        while (!make.batch()->plan().steps[std::size_t(make.batch()->step())].weighs())
            QTest::keyClick(&make, Qt::Key_Right);
        const QRect seen(0, 0, 800, 480);
        int large = 0;
        for (auto* button : make.card().findChildren<QPushButton*>()) {
            if (!button->isVisible())
                continue;
            QVERIFY2(button->height() >= 44, qPrintable(button->text()));
            large += button->height() >= 56;
            const QRect at(button->mapTo(shop.window.get(), QPoint(0, 0)), button->size());
            if (button->parentWidget() == &make.card())
                QVERIFY2(seen.contains(at), qPrintable(button->text()));
            QVERIFY(!button->text().isEmpty() || !button->accessibleName().isEmpty());
        }
        QVERIFY(large >= 4);
        const int step = make.batch()->step();
        QTest::keyClick(make.weighedField(), Qt::Key_Left);
        QVERIFY(make.batch()->step() < step);
    }

    // Spilled, something else in its place, a near miss, lye gone wrong.
    void trouble()
    {
        Shop shop;
        shop.window->loadStock();
        MakePage& make = shop.make(0);
        while (make.batch()->plan().steps[std::size_t(make.batch()->step())].kind !=
               DayStepKind::Trace) {
            const DayStep& step = make.batch()->plan().steps[std::size_t(make.batch()->step())];
            if (step.weighs())
                make.batch()->weigh(step.plannedGrams);
            make.batch()->goTo(make.batch()->step() + 1);
        }
        make.openTrouble();
        TroublePanel& t = make.trouble();
        const double batter = make.batch()->now().reckoning.batterGrams;
        t.what()->setCurrentIndex(int(TroublePanel::What::Spilled));
        t.amount()->setText(QStringLiteral("10"));
        t.amount()->setModified(true);
        Q_EMIT t.amount()->editingFinished();
        QTest::mouseClick(t.keep(), Qt::LeftButton);
        QVERIFY(make.batch()->now().reckoning.batterGrams < 0.92 * batter);
        t.what()->setCurrentIndex(int(TroublePanel::What::InItsPlace));
        const LineId first = make.batch()->formula().lines.front().id;
        t.which()->setCurrentIndex(t.which()->findData(first));
        QTest::keyClicks(t.other(), QStringLiteral("mango butter"));
        QTest::mouseClick(t.keep(), Qt::LeftButton);
        QVERIFY(QString::fromStdString(make.batch()->formula().find(first)->material->name)
                    .contains(QLatin1String("mango"), Qt::CaseInsensitive));
        t.what()->setCurrentIndex(int(TroublePanel::What::LyeWrong));
        QVERIFY2(t.said().startsWith("Stop.") && t.said().contains("hazardous waste"),
                 qPrintable(t.said()));
        t.what()->setCurrentIndex(int(TroublePanel::What::LeftOut));
        QVERIFY2(t.said().contains("still on the counter"), qPrintable(t.said()));
        t.what()->setCurrentIndex(int(TroublePanel::What::NearMiss));
        QTest::mouseClick(t.keep(), Qt::LeftButton);
        QCOMPARE(make.batch()->folded().nearMisses.size(), std::size_t(1));
    }

    // The plan before it begins: a wish, my way as one undoable step, a second batch beside it.
    void dayPlan()
    {
        Shop shop;
        shop.document().reset(demo(demoNames[0]), {});
        shop.window->goTo(MainWindow::Make);
        DayPlanPage& day = shop.window->making().day();
        day.setWish(ScheduleHow::PourAt, QTime(23, 0), 2.0);
        QVERIFY2(day.lead()->text().contains("23:00"), qPrintable(day.lead()->text()));
        const int count = day.steps()->count();
        day.steps()->setCurrentRow(2);
        QTest::keyClicks(day.ownText(), QStringLiteral("Open the window"));
        QTest::keyClick(day.ownText(), Qt::Key_Return);
        QCOMPARE(day.steps()->count(), count + 1);
        QCOMPARE(day.steps()->item(2)->text(), QStringLiteral("Open the window"));
        QCOMPARE(shop.document().formula().way.own.size(), std::size_t(1));
        shop.document().history().undo();
        QCOMPARE(day.steps()->count(), count);
        const auto total = day.schedule().ends - day.schedule().begins;
        day.setSecond(demo(demoNames[1]));
        QVERIFY(day.schedule().ends - day.schedule().begins > total);
        QVERIFY(day.sheet().contains("weighed ______"));
    }

    // A whole rehearsal, fast, with mishaps; nothing of it in the journal, and the verdict is
    // right.
    void rehearsal()
    {
        Shop shop;
        shop.document().reset(demo(demoNames[0]), {});
        shop.window->loadStock();
        const auto before = std::get<QList<BatchSummary>>(shop.window->journal()->batches()).size();
        RehearsalWindow& r = shop.window->rehearsal();
        r.setFormula(shop.document().formula(), shop.document().reckoning());
        r.speed()->setValue(60.0);
        r.setScript(
            {"test", {{MishapKind::LyeOvershoots, {}, 0.08}, {MishapKind::PhoneRings, {}, 20.0}}});
        r.show();
        r.begin();
        QVERIFY(r.making().batch());
        int guard = 0;
        bool mended = false;
        while (r.making().batch() && !r.making().batch()->atEnd() && ++guard < 400) {
            const BatchInProgress& batch = *r.making().batch();
            const DayStep& step = batch.plan().steps[std::size_t(batch.step())];
            const bool lye = step.target.what == WeighTarget::What::Sodium;
            if (lye && !mended) {
                // The scale shows too much; what is over is taken out again.
                QVERIFY(QTest::qWaitFor(
                    [&] {
                        const auto now = r.making().batch()->band();
                        return now && r.making().card().gauge()->said().contains("too much");
                    },
                    20000));
                r.making().weighedField()->setText(QString::number(step.plannedGrams));
                r.making().weighedField()->setModified(true);
                mended = true;
                QTest::keyClick(r.making().weighedField(), Qt::Key_Return);
            } else if (step.weighs())
                r.making().batch()->weigh(step.plannedGrams);
            r.making().batch()->done();
        }
        QVERIFY(mended);
        QTest::keyClick(&r.making(), Qt::Key_Return, Qt::ControlModifier); // finish
        QCOMPARE(r.outcomes().size(), std::size_t(2));
        QVERIFY(r.outcomes()[0].befell && r.outcomes()[0].noticed);
        QVERIFY(r.outcomes()[0].superfat && *r.outcomes()[0].superfat < 0.0);
        QVERIFY(r.outcomes()[1].befell && !r.outcomes()[1].noticed);
        QVERIFY2(r.reportText().contains("1 of 2 met"), qPrintable(r.reportText()));
        QVERIFY(r.seen().join(QLatin1Char(' ')).contains("phone"));
        QCOMPARE(std::get<QList<BatchSummary>>(shop.window->journal()->batches()).size(), before);
    }

private:
    static Batch shopBatch(Bench& b)
    {
        return std::get<Batch>(b.shop.window->journal()->batch(b.make.batch()->batch()));
    }
};

QTEST_MAIN(TestDayRoad)
#include "tst_day_road.moc"
