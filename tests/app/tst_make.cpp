// Making a batch: nothing weighed is lost, a crash is taken up again, unsaved work is offered.
#include <QTest>

#include "app/make/danger_panel.h"
#include "app/make/held_keys.h"
#include "app/make/place_panel.h"
#include "app/make/step_list.h"
#include "app/widgets/spoken.h"
#include "storage/event_json.h"
#include "support/window.h"
#include "words/batch_words.h"

#include <QDir>
#include <QFile>
#include <QLabel>
#include <QMessageBox>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSqlDatabase>
#include <QSqlQuery>
#include <QTimer>
#include <QWindow>

using namespace rhexion;
using namespace rhexion::test;

class TestMake : public QObject {
    Q_OBJECT
    static QPushButton* button(QWidget* in, const char* text)
    {
        for (auto* b : in->findChildren<QPushButton*>())
            if (b->text().startsWith(QLatin1String(text)) && b->isVisible())
                return b;
        return nullptr;
    }
    static void goToStep(MakePage& make, WeighTarget::What what)
    {
        while (make.batch()->plan().steps[std::size_t(make.batch()->step())].target.what != what)
            make.batch()->goTo(make.batch()->step() + 1);
    }

private Q_SLOTS:
    void pulledPlugMidBatch()
    {
        Shop shop;
        shop.make(2);
        goToStep(shop.window->making(), WeighTarget::What::Sodium);
        const int step = shop.window->making().batch()->step();
        QTest::keyClicks(shop.window->making().weighedField(), QStringLiteral("111.1"));
        QTest::keyClick(shop.window->making().weighedField(), Qt::Key_Return);

        // A second window finds it as the first left it, without any leave-taking.
        auto second =
            std::make_unique<MainWindow>(Places{shop.dir.path(), false}, [&] { return shop.now; });
        second->show();
        second->offerRecovered();
        QPushButton* goOn = button(second.get(), "Go on making it");
        QVERIFY(goOn);
        QTest::mouseClick(goOn, Qt::LeftButton);
        const BatchInProgress* current = second->making().batch();
        QVERIFY(current);
        QCOMPARE(current->step(), step);
        QCOMPARE(*current->weighedAt(step), 111.1);
        const auto& a = current->now();
        const auto& b = shop.window->making().batch()->now();
        QCOMPARE(a.reckoning.superfatTrue, b.reckoning.superfatTrue);
    }

    // What nobody knows went in: it is taken as what its name says it is.
    void unknownThingsGoInToo()
    {
        Shop shop;
        shop.window->loadStock();
        MakePage& make = shop.make(2);
        QLineEdit* field = make.extra()->field();
        field->setFocus();
        QTest::keyClicks(field, QStringLiteral("12 g plum fragrance"));
        QTest::keyClick(field, Qt::Key_Return);
        QCOMPARE(int(make.batch()->topUps().size()), 1);
        const TopUp& topUp = make.batch()->topUps().front().topUp;
        QCOMPARE(topUp.material->name, std::string("Plum fragrance"));
        QCOMPARE(int(topUp.material->kind), int(MaterialKind::Scent));
        QCOMPARE(topUp.grams, 12.0);
    }

    // The steps are a finger high and go by key; the vessel beside them holds what was weighed.
    void stepsByKeyAndTheVesselBeside()
    {
        Shop shop;
        MakePage& make = shop.make(0);
        auto* list = make.findChild<StepList*>();
        QVERIFY(list->sizeHintForRow(0) >= 44);
        for (auto* b : make.findChildren<QPushButton*>())
            if (b->isVisible())
                QVERIFY2(b->height() >= 56, qPrintable(b->text()));
        list->setFocus();
        QTest::keyClick(list, Qt::Key_Down);
        QTest::keyClick(list, Qt::Key_Return);
        QCOMPARE(make.batch()->step(), 1); // out of turn, which these two may be
        while (make.batch()->folded().weighings.empty())
            QTest::keyClick(&make, Qt::Key_Space); // as planned
        QString beside;
        for (auto* label : make.findChild<PlacePanel*>()->findChildren<QLabel*>())
            if (label->isVisible())
                beside += label->text() + QLatin1Char('\n');
        QVERIFY2(beside.contains("Oil pot") && beside.contains("420.0\u00A0g Olive oil"),
                 qPrintable(beside));
    }

    void whatIsTypedIsChecked_data()
    {
        QTest::addColumn<QString>("typed");
        QTest::addColumn<double>("kept"); // below 0: nothing is kept, and it stays on the step
        QTest::newRow("grams") << "107" << 107.0;
        QTest::newRow("sum of two cups") << "60+47.5" << 107.5;
        QTest::newRow("ounces") << "3.8 oz" << 107.728;
        QTest::newRow("words") << "plenty" << -1.0;
        QTest::newRow("a share") << "5 %" << -1.0;
        QTest::newRow("negative") << "-3" << -1.0;
        QTest::newRow("two ways to read") << "1,075" << -1.0;
    }
    void whatIsTypedIsChecked()
    {
        QFETCH(QString, typed);
        QFETCH(double, kept);
        Shop shop;
        MakePage& make = shop.make(2);
        goToStep(make, WeighTarget::What::Sodium);
        const int step = make.batch()->step();
        QTest::keyClicks(make.weighedField(), typed);
        QTest::mouseClick(button(&make, "Weighed, go on"), Qt::LeftButton);
        const auto weighed = make.batch()->weighedAt(step);
        if (kept < 0.0) {
            QVERIFY(!weighed);
            QCOMPARE(make.batch()->step(), step);
            QCOMPARE(make.weighedField()->text(), typed); // what was typed is still there to mend
            QVERIFY(shop.window->banner().isVisible());
        } else {
            QVERIFY(weighed && std::abs(*weighed - kept) < 1e-2);
            QCOMPARE(make.batch()->step(), step + 1);
        }
    }

    // While the journal cannot be written the day goes on: weights are kept in a file beside it,
    // outlive a crash, and go into it as soon as it is back.
    void theDayGoesOnBesideTheJournal()
    {
        Shop shop;
        MakePage& make = shop.make(2);
        goToStep(make, WeighTarget::What::Sodium);
        const int step = make.batch()->step();
        const QString batch = make.batch()->batch();
        const QString path = shop.dir.filePath(QStringLiteral("journal.sqlite"));
        const auto lock = [&](const char* sql) {
            QSqlDatabase db =
                QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("other"));
            db.setDatabaseName(path);
            return db.open() && QSqlQuery(db).exec(QString::fromLatin1(sql));
        };
        QVERIFY(lock("BEGIN IMMEDIATE"));
        QTest::keyClicks(make.weighedField(), QStringLiteral("107"));
        QTest::mouseClick(button(&make, "Weighed, go on"), Qt::LeftButton);
        QCOMPARE(*make.batch()->weighedAt(step), 107.0);
        QCOMPARE(make.batch()->step(), step + 1);
        QVERIFY2(shop.said().contains(QLatin1String("kept in a file beside it")),
                 qPrintable(shop.said()));
        QSqlDatabase::removeDatabase(QStringLiteral("other"));
        shop.open(); // as after a crash
        QVERIFY(shop.window->journal());
        shop.window->offerRecovered();
        QTest::mouseClick(button(shop.window.get(), "Go on making it"), Qt::LeftButton);
        QCOMPARE(*shop.window->making().batch()->weighedAt(step), 107.0);
        QCOMPARE(shop.window->making().batch()->step(), step + 1);
        const auto record = std::get<Batch>(shop.window->journal()->batch(batch));
        QCOMPARE(record.weighings.back().weighed.grams, 107.0);
        QVERIFY(QDir(shop.dir.path()).entryList({QStringLiteral("*.beside")}).isEmpty());
    }

    // Held keys weigh nothing, and a weight taken as planned says so for ever.
    void heldKeysWeighNothing()
    {
        Shop shop;
        MakePage& make = shop.make(0);
        goToStep(make, WeighTarget::What::Line);
        const int step = make.batch()->step();
        for (const int key : {Qt::Key_Space, Qt::Key_Return}) {
            QKeyEvent held(QEvent::KeyPress, key, Qt::NoModifier, QString(), true);
            for (int i = 0; i < 90; ++i)
                QApplication::sendEvent(make.weighedField(), &held);
            QApplication::sendEvent(&make, &held);
        }
        QCOMPARE(make.batch()->step(), step);
        QVERIFY(!make.batch()->weighedAt(step));
        QTest::keyClick(make.weighedField(), Qt::Key_Space);
        QCOMPARE(make.batch()->step(), step + 1);
        const auto record = std::get<Batch>(shop.window->journal()->batch(make.batch()->batch()));
        QCOMPARE(record.weighings.size(), std::size_t(1));
        QVERIFY(record.weighings[0].weighed.origin == WeighOrigin::AsPlanned);
        shop.window->goTo(MainWindow::JournalPlace);
        QVERIFY(shop.window->journalPage().pageText().contains(QLatin1String("taken as planned")));
    }

    // As X11 sends a held key: releases and presses, of which not all are marked as repeats. The
    // first repeat comes after a rest.
    void aKeyThatRepeatsUnmarked_data()
    {
        QTest::addColumn<Qt::Key>("key");
        QTest::addColumn<bool>("weighing"); // the focus is in the field, or on the button
        QTest::addColumn<int>("steps");
        QTest::newRow("Space in the field") << Qt::Key_Space << true << 1;
        QTest::newRow("Return in the field") << Qt::Key_Return << true << 1;
        QTest::newRow("Space on the button") << Qt::Key_Space << false << 1;
        QTest::newRow("Return on the button") << Qt::Key_Return << false << 0;
    }
    void aKeyThatRepeatsUnmarked()
    {
        QFETCH(Qt::Key, key);
        QFETCH(bool, weighing);
        Shop shop;
        shop.window->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(shop.window.get()));
        MakePage& make = shop.make(0);
        while (make.batch()->plan().steps[std::size_t(make.batch()->step())].weighs() != weighing)
            make.batch()->goTo(make.batch()->step() + 1);
        const int step = make.batch()->step();
        QWindow* handle = shop.window->windowHandle();
        QTest::qWait(keysRest + 100);
        QTest::keyPress(handle, key);
        QTest::qWait(keysRest + 100);
        for (int i = 0; i < 30; ++i) {
            QTest::keyRelease(handle, key);
            QTest::keyPress(handle, key);
            QTest::qWait(25);
        }
        QTest::keyRelease(handle, key);
        QTEST(make.batch()->step() - step, "steps");
    }

    // No bare Space finishes a batch, whatever has the focus; and a day that was walked through is
    // asked about before it counts as made.
    void finishedOnPurpose_data()
    {
        QTest::addColumn<int>("minutes"); // to each step
        QTest::addColumn<bool>("asked");
        QTest::newRow("walked through") << 0 << true;
        QTest::newRow("made") << 4 << false;
    }
    void finishedOnPurpose()
    {
        QFETCH(int, minutes);
        QFETCH(bool, asked);
        Shop shop;
        MakePage& make = shop.make(0);
        for (int i = 0; i < int(make.batch()->plan().steps.size()); ++i) {
            shop.now = shop.now.addSecs(minutes * 60);
            make.batch()->goTo(i + 1);
        }
        QVERIFY(make.batch()->atEnd());
        auto* finish = button(&make, "Finish and keep");
        auto* note = make.findChild<QPlainTextEdit*>();
        QVERIFY(note->hasFocus());
        for (QWidget* at : std::initializer_list<QWidget*>{&make, finish, note})
            QTest::keyClick(at, Qt::Key_Space);
        QVERIFY(make.batch());
        QTest::keyClick(note, Qt::Key_Return, Qt::ControlModifier);
        QCOMPARE(make.batch() != nullptr, asked);
        if (asked) {
            QVERIFY2(shop.said().contains(QLatin1String("hands need")), qPrintable(shop.said()));
            QTest::mouseClick(finish, Qt::LeftButton);
        }
        QVERIFY(!make.batch());
    }

    // Far too much lye: the page stops, takes the focus, says it aloud, and passes for no key that
    // a hand presses by itself; the answer is in the journal.
    void stopsAtDanger_data()
    {
        QTest::addColumn<int>("answer");
        QTest::newRow("mend it") << int(DangerAnswer::Mend);
        QTest::newRow("go on, and why") << int(DangerAnswer::GoOn);
        QTest::newRow("stop") << int(DangerAnswer::Stop);
    }
    void stopsAtDanger()
    {
        QFETCH(int, answer);
        Shop shop;
        MakePage& make = shop.make(2);
        goToStep(make, WeighTarget::What::Sodium);
        const QString batch = make.batch()->batch();
        const int step = make.batch()->step();
        const double planned = make.batch()->plan().steps[std::size_t(step)].plannedGrams;
        QVERIFY2(make.weighedField()->accessibleDescription().startsWith(
                     QString::number(planned, 'f', 1)),
                 qPrintable(make.weighedField()->accessibleDescription()));
        QList<QWidget*> aloud;
        QObject heard;
        connect(&Aloud::heard(), &Aloud::said, &heard, [&](QWidget* w) { aloud << w; });
        QTest::keyClicks(make.weighedField(), QStringLiteral("130"));
        QTest::keyClick(make.weighedField(), Qt::Key_Return);
        DangerPanel& danger = make.danger();
        QVERIFY(make.isStopped() && danger.isVisible() && danger.hasFocus());
        QVERIFY(aloud.contains(&danger));
        QVERIFY2(danger.accessibleName().contains(QLatin1String("Lye heavy")),
                 qPrintable(danger.accessibleName()));
        for (QWidget* at : std::initializer_list<QWidget*>{&danger, danger.mend(), danger.goOn(),
                                                           danger.stop(), &make})
            for (const Qt::Key key : {Qt::Key_Space, Qt::Key_Right})
                QTest::keyClick(at, key);
        QTest::keyClick(&make, Qt::Key_Return, Qt::ControlModifier);
        QTest::keyClick(danger.goOn(), Qt::Key_Return); // without a reason
        QVERIFY(make.isStopped());
        QCOMPARE(make.batch()->step(), step);
        QVERIFY(make.batch()->folded().answers.empty());
        switch (static_cast<DangerAnswer>(answer)) {
        case DangerAnswer::Mend: {
            QTest::keyClick(danger.mend(), Qt::Key_Return);
            QVERIFY(!make.isStopped());
            make.closeTrouble();
            QTest::keyClick(make.weighedField(), Qt::Key_Space); // not mended: stopped again
            QVERIFY(make.isStopped());
            QTest::keyClick(danger.mend(), Qt::Key_Return);
            QTest::mouseClick(button(&make, "Done so"), Qt::LeftButton);
            QVERIFY(!make.batch()->danger());
            make.closeTrouble();
            QTest::keyClick(make.weighedField(), Qt::Key_Space);
            QCOMPARE(make.batch()->step(), step + 1);
            return;
        }
        case DangerAnswer::GoOn: {
            QTest::keyClicks(danger.why(), QStringLiteral("rebatched tomorrow"));
            QTest::keyClick(danger.why(), Qt::Key_Return);
            QVERIFY(!make.isStopped());
            QTest::keyClick(make.weighedField(), Qt::Key_Space);
            QCOMPARE(make.batch()->step(), step + 1);
            // Worse than what was answered is asked again.
            make.batch()->goTo(step);
            QVERIFY(!make.isStopped());
            make.batch()->weigh(140.0);
            QVERIFY(make.isStopped());
            make.batch()->goTo(int(make.batch()->plan().steps.size()));
            QTest::keyClick(&make, Qt::Key_Return, Qt::ControlModifier);
            QVERIFY(make.batch() && make.isStopped());
            break;
        }
        case DangerAnswer::Stop:
            QTest::keyClick(danger.stop(), Qt::Key_Return);
            QVERIFY(!make.batch());
            break;
        }
        const auto kept = std::get<Batch>(shop.window->journal()->batch(batch));
        QCOMPARE(kept.answers.size(), std::size_t(1));
        QCOMPARE(int(kept.answers.front().answered.answer), answer);
        QCOMPARE(int(kept.answers.front().answered.code), int(CautionCode::SuperfatBelowZero));
        if (answer == int(DangerAnswer::Stop))
            QCOMPARE(int(kept.state), int(BatchState::Stopped));
        else
            QCOMPARE(kept.answers.front().answered.why, std::string("rebatched tomorrow"));
    }

    // What another bench does to the batch is seen here at once and wipes out nothing that is being
    // typed; taking it over is asked about.
    void twoBenchesAtOneBatch()
    {
        Shop shop;
        MakePage& make = shop.make(2);
        goToStep(make, WeighTarget::What::Sodium);
        const QString id = make.batch()->batch();
        const int step = make.batch()->step();
        const DayStep at = make.batch()->plan().steps[std::size_t(step)];
        QTest::keyClicks(make.weighedField(), QStringLiteral("10"));
        shop.now = shop.now.addSecs(20);
        const auto elsewhere = [&](Happening what) {
            return shop.window->journal()->append({eventAt(
                shop.now, id.toStdString(), QStringLiteral("other-bench"), std::move(what))});
        };
        QVERIFY(!elsewhere(
            WeighedNow{{at.target, at.plannedGrams, WeighOrigin::Typed}, at.plannedGrams}));
        Q_EMIT shop.window->workshop().journalChanged();
        QCOMPARE(make.batch()->weighedAt(step), std::optional(at.plannedGrams));
        QCOMPARE(make.weighedField()->text(), QStringLiteral("10"));
        QVERIFY2(shop.said().contains(QLatin1String("made at another bench: step")) &&
                     shop.said().contains(QLatin1String("weighed twice")),
                 qPrintable(shop.said()));
        // What is taken back there is taken back here.
        QVERIFY(!make.batch()->topUp(make.batch()->formula().lines.front().material, 12.0));
        QVERIFY(!elsewhere(TakenBack{make.batch()->topUps().front().event}));
        Q_EMIT shop.window->workshop().journalChanged();
        QVERIFY(make.batch()->topUps().empty());
        QVERIFY(!elsewhere(Blended{5.0}));
        // The same batch, found at the next start and in the journal.
        shop.now = shop.now.addSecs(180);
        shop.open();
        QVERIFY(shop.window->journal());
        shop.window->offerRecovered();
        QVERIFY2(shop.said().contains(QStringLiteral("3\u00A0min ago")), qPrintable(shop.said()));
        QVERIFY(!button(shop.window.get(), "Go on making it"));
        QPushButton* over = button(shop.window.get(), "Take it over");
        QTest::mouseClick(over, Qt::LeftButton);
        QVERIFY(!shop.window->making().batch());
        QVERIFY2(shop.said().contains(QLatin1String("Press again")), qPrintable(shop.said()));
        shop.window->goTo(MainWindow::JournalPlace);
        QTest::mouseClick(button(&shop.window->journalPage(), "Take it over from"), Qt::LeftButton);
        const BatchInProgress* taken = shop.window->making().batch();
        QVERIFY(taken && !taken->isMadeElsewhere());
        QCOMPARE(taken->weighedAt(step), std::optional(at.plannedGrams));
        // Finished there meanwhile.
        QVERIFY(!elsewhere(BatchFinished{0.05, 0.3, 900.0}));
        Q_EMIT shop.window->workshop().journalChanged();
        QVERIFY2(shop.said().contains(QLatin1String("finished or stopped at another bench")),
                 qPrintable(shop.said()));
        // What is in the bowl here is kept all the same, and moves what came of it.
        MakePage& after = shop.window->making();
        QVERIFY(!after.batch()->weigh(at.plannedGrams + 40.0));
        const auto kept = std::get<QList<BatchSummary>>(shop.window->journal()->batches(1));
        QCOMPARE(int(kept.front().state), int(BatchState::Finished));
        QVERIFY(kept.front().superfat.value_or(1.0) < 0.0);
    }

    // The same lye weighed at two benches stops both until one of them says what is in the jug.
    void weighedAtTwoBenches_data()
    {
        QTest::addColumn<int>("is");
        QTest::addColumn<bool>("here");
        QTest::addColumn<bool>("heavy");
        QTest::newRow("both, said here") << int(WeighedTwice::Both) << true << true;
        QTest::newRow("the second, said here") << int(WeighedTwice::Second) << true << false;
        QTest::newRow("the first, said there") << int(WeighedTwice::First) << false << false;
    }
    void weighedAtTwoBenches()
    {
        QFETCH(int, is);
        QFETCH(bool, here);
        QFETCH(bool, heavy);
        Shop shop;
        MakePage& make = shop.make(2);
        goToStep(make, WeighTarget::What::Sodium);
        const std::string id = make.batch()->batch().toStdString();
        const int step = make.batch()->step();
        const DayStep at = make.batch()->plan().steps[std::size_t(step)];
        const auto elsewhere = [&](Happening what) {
            const bool kept = !shop.window->journal()->append(
                {eventAt(shop.now, id, QStringLiteral("other-bench"), std::move(what))});
            Q_EMIT shop.window->workshop().journalChanged();
            return kept;
        };
        QVERIFY(elsewhere(MadeAtBench{"Cellar"}));
        QTest::keyClick(make.weighedField(), Qt::Key_Space); // here, as planned
        QVERIFY(!make.isStopped());
        QVERIFY(elsewhere(WeighedNow{{at.target, at.plannedGrams}, at.plannedGrams}));
        DangerPanel& danger = make.danger();
        QVERIFY(make.isStopped() && danger.hasFocus());
        QVERIFY2(danger.accessibleName().contains(QLatin1String("weighed at two benches")) &&
                     danger.accessibleDescription().contains(QLatin1String("at this bench")) &&
                     danger.accessibleDescription().contains(QLatin1String("Cellar")),
                 qPrintable(danger.accessibleDescription()));
        QVERIFY(!danger.mend()->isVisible() && !danger.why()->isVisible());
        const int open = make.batch()->step();
        for (const Qt::Key key : {Qt::Key_Space, Qt::Key_Right})
            QTest::keyClick(danger.is(WeighedTwice::Both), key);
        QCOMPARE(make.batch()->step(), open);
        QVERIFY(make.isStopped());
        const std::string second = make.batch()->weighedTwice()->second.event;
        const auto outcome = static_cast<WeighedTwice>(is);
        if (here)
            QTest::keyClick(danger.is(outcome), Qt::Key_Return);
        else
            QVERIFY(elsewhere(TwiceSettled{second, outcome}));
        QVERIFY(!make.batch()->weighedTwice());
        QCOMPARE(make.batch()->weighedAt(step),
                 std::optional(at.plannedGrams * (outcome == WeighedTwice::Both ? 2.0 : 1.0)));
        QCOMPARE(make.isStopped(), heavy); // twice the lye is a danger of its own
        QCOMPARE(danger.mend()->isVisible(), heavy);
        const auto record = shop.window->journal()->batch(QString::fromStdString(id));
        const QString said = factsAsText(words::batchFacts(std::get<Batch>(record), Speech()));
        QVERIFY2(said.contains(words::twiceOutcome(outcome)), qPrintable(said));
    }

    // A weight that nothing can take stays in the field; the plan's is never put in its place.
    void weightThatCannotBeKeptStays()
    {
        Shop shop;
        MakePage& make = shop.make(2);
        goToStep(make, WeighTarget::What::Sodium);
        const int step = make.batch()->step();
        {
            QSqlDatabase db =
                QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("saboteur"));
            db.setDatabaseName(shop.dir.filePath(QStringLiteral("journal.sqlite")));
            QVERIFY(db.open() && QSqlQuery(db).exec(QStringLiteral("DROP TABLE event")));
        }
        QSqlDatabase::removeDatabase(QStringLiteral("saboteur"));
        QVERIFY(QDir(shop.dir.path())
                    .mkdir(QStringLiteral("making-%1.beside").arg(make.batch()->batch())));
        QTest::keyClicks(make.weighedField(), QStringLiteral("107"));
        for (int tries = 0; tries < 2; ++tries)
            QTest::mouseClick(button(&make, "Weighed, go on"), Qt::LeftButton);
        QCOMPARE(make.weighedField()->text(), QStringLiteral("107"));
        QVERIFY(make.weighedField()->isModified());
        QCOMPARE(make.batch()->step(), step);
        QVERIFY(!make.batch()->weighedAt(step));
        QVERIFY(
            shop.window->banner().text().contains(QLatin1String("journal could not be written")));
    }

    // "Added a splash of 12 g": kept at once, counted at once, and there after a crash.
    void aSplashIsKept()
    {
        Shop shop;
        MakePage& make = shop.make(3);
        goToStep(make, WeighTarget::What::HeldOil);
        const auto water = [&] { return make.batch()->now().reckoning.waterPresent; };
        const double before = water();
        const auto add = [&](const char* text) {
            make.extra()->field()->setFocus();
            QTest::keyClicks(make.extra()->field(), QString::fromLatin1(text));
            QTest::keyClick(make.extra()->field(), Qt::Key_Return);
        };
        add("12 g water");
        QVERIFY(std::abs(water() - before - 12.0) < 1e-6);
        add("3 % water"); // of what is on the scale nothing is known
        add("5 g NaOH");
        QCOMPARE(make.batch()->topUps().size(), std::size_t(1));
        QVERIFY(shop.window->banner().isVisible());
        add("8 g olive oil");
        shop.open(); // as after a crash
        shop.window->offerRecovered();
        QTest::mouseClick(button(shop.window.get(), "Go on making it"), Qt::LeftButton);
        MakePage& again = shop.window->making();
        QCOMPARE(again.batch()->topUps().size(), std::size_t(2));
        QTest::mouseClick(button(&again, "Take the last one back"), Qt::LeftButton);
        QCOMPARE(again.batch()->topUps().size(), std::size_t(1));
        QVERIFY(std::abs(again.batch()->now().reckoning.waterPresent - before - 12.0) < 1e-6);
        // To the end, and the journal tells of it.
        again.batch()->goTo(int(again.batch()->plan().steps.size()));
        Shop::finish(again);
        QVERIFY(shop.window->journalPage().pageText().contains("12.0 g"));
    }

    void noteBegunIsKept()
    {
        Shop shop;
        MakePage& make = shop.make(0);
        make.batch()->goTo(int(make.batch()->plan().steps.size()));
        auto* note = make.findChild<QPlainTextEdit*>();
        QTest::keyClicks(note, QStringLiteral("Half a thought"));
        const QString batch = make.batch()->batch();
        shop.open(); // as after a crash: nothing was finished
        const QString draft = shop.dir.filePath(QStringLiteral("making-%1.draft").arg(batch));
        QCOMPARE(bytesOf(draft), QByteArray("Half a thought"));
        shop.window->offerRecovered();
        QTest::mouseClick(button(shop.window.get(), "Go on making it"), Qt::LeftButton);
        QCOMPARE(shop.window->making().findChild<QPlainTextEdit*>()->toPlainText(),
                 QStringLiteral("Half a thought"));
        Shop::finish(shop.window->making());
        const auto finished = std::get<Batch>(shop.window->journal()->batch(batch));
        QCOMPARE(finished.notes.size(), std::size_t(1));
        QVERIFY(!QFile::exists(draft));
    }

    void backAndStop()
    {
        Shop shop;
        MakePage& make = shop.make(0);
        QTest::keyClick(&make, Qt::Key_Space);
        QCOMPARE(make.batch()->step(), 1);
        QTest::mouseClick(button(&make, "Back"), Qt::LeftButton);
        QCOMPARE(make.batch()->step(), 0);
        shop.window->makeBatch(); // a second is not begun beside the first
        QVERIFY(shop.window->banner().text().contains(QLatin1String("already")));
        QTest::mouseClick(button(&make, "Stop this batch"), Qt::LeftButton);
        QVERIFY(make.batch()); // once is not enough
        QTest::mouseClick(button(&make, "Press again"), Qt::LeftButton);
        QVERIFY(!make.batch());
        const auto all = std::get<QList<BatchSummary>>(shop.window->journal()->batches());
        QCOMPARE(int(all[0].state), int(BatchState::Stopped));
    }

    void recoveredWorkIsOffered()
    {
        Shop shop;
        const QString folder = shop.dir.filePath(QStringLiteral("recovered"));
        QDir().mkpath(folder);
        const QByteArray work =
            R"({"format":"rhexion-recovery","version":1,"path":"","at":"2026-11-22T08:00:00Z","formula":)" +
            formulaToJson(demo(demoNames[1])) + "}";
        QVERIFY(put(folder + QStringLiteral("/old.recovery"), work));
        shop.window->offerRecovered();
        QVERIFY2(shop.offer().text().contains(QLatin1String("Beetroot")),
                 qPrintable(shop.window->banner().text()));
        QTest::mouseClick(button(shop.window.get(), "Take it up"), Qt::LeftButton);
        QCOMPARE(shop.document().formula().name, std::string("Beetroot and yogurt bar"));
        QVERIFY(shop.document().isDirty());
        QVERIFY(!QFile::exists(folder + QStringLiteral("/old.recovery")));
        // What was taken up is kept safe again before the old copy goes.
        QCOMPARE(QDir(folder).entryList({QStringLiteral("*.recovery")}).size(), 1);
    }

    void unsavedChangesAreGuarded_data()
    {
        QTest::addColumn<QString>("answer");
        QTest::addColumn<bool>("closes");
        QTest::newRow("stay") << "Stay here" << false;
        QTest::newRow("drop") << "Do not save" << true;
        QTest::newRow("save") << "Save" << true;
    }
    void unsavedChangesAreGuarded()
    {
        QFETCH(QString, answer);
        QFETCH(bool, closes);
        Shop shop;
        const QString path = shop.dir.filePath(QStringLiteral("f.rhexion"));
        shop.document().reset(demo(demoNames[0]), {});
        QVERIFY(!shop.document().save(path));
        shop.document().apply(SetText{TextField::Notes, "changed"}, "notes");
        bool asked = false;
        QTimer::singleShot(0, this, [&] {
            auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
            if (!box)
                return;
            asked = true;
            for (auto* b : box->buttons())
                if (b->text().remove(QLatin1Char('&')) == answer)
                    b->click();
        });
        QCOMPARE(shop.window->close(), closes);
        QVERIFY(asked);
        const bool saved = std::get<Formula>(readFormulaFile(path)).notes == "changed";
        QCOMPARE(saved, answer == QLatin1String("Save"));
    }

    void brokenJournalIsSaidAndLeft()
    {
        Shop shop;
        const QString path = shop.dir.filePath(QStringLiteral("journal.sqlite"));
        QVERIFY(put(path, QByteArray("this is no journal ").repeated(500)));
        shop.make(0);
        QVERIFY(!shop.window->making().batch());
        QVERIFY(shop.said().contains(QLatin1String("journal cannot be opened")));
        QVERIFY(bytesOf(path).startsWith("this is no journal"));
        // The mend: it is put aside, and a new one begun.
        QTest::mouseClick(button(shop.window.get(), "Put it aside and begin a new one"),
                          Qt::LeftButton);
        QVERIFY(!shop.said().contains(QLatin1String("journal cannot be opened")));
        shop.window->makeBatch();
        QVERIFY(shop.window->making().batch());
        const QStringList aside =
            QDir(shop.dir.path()).entryList({QStringLiteral("journal.sqlite.damaged-*")});
        QCOMPARE(aside.size(), 1);
        QVERIFY(bytesOf(shop.dir.filePath(aside.first())).startsWith("this is no journal"));
    }
};

QTEST_MAIN(TestMake)
#include "tst_make.moc"
