// The whole job with mouse and keys: type a formula from empty, watch figures change, undo all,
// save, reopen, make it with a deviation, find it in the journal. Also run in a real window under
// Xvfb.
#include <QTest>

#include "app/make/danger_panel.h"
#include "support/window.h"

#include <QPushButton>
#include <QTableView>

using namespace rhexion;
using namespace rhexion::test;

class TestWholeJob : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void fromEmptyToJournal()
    {
        Shop shop;
        if (QGuiApplication::platformName() == QLatin1String("xcb"))
            QVERIFY(QTest::qWaitForWindowActive(shop.window.get()));
        QVERIFY(shop.document().refusal());

        shop.type("500 g olive oil");
        const double plain = shop.reckoning().sodium.weighedGrams;
        // 500 g at SV 190, 5 % superfat, 99 % lye: stoichiometry by hand gives 64.97 g.
        QVERIFY2(std::abs(plain - 64.97) < 0.02, qPrintable(QString::number(plain)));
        shop.type("2 % citric acid mono in the jug");
        QVERIFY(std::abs(shop.reckoning().sodium.weighedGrams - plain - 5.710 / 0.99) < 0.01);
        shop.type("rest buttermilk frozen");
        shop.type("40 g pear puree at trace");
        QCOMPARE(int(shop.document().formula().lines.size()), 4);
        QVERIFY(std::abs(shop.reckoning().waterExcess) < 1e-6);

        // Edit an amount in place.
        QListView* pot = shop.list(Vessel::OilPot);
        pot->setFocus();
        pot->setCurrentIndex(pot->model()->index(0, 0));
        QTest::keyClick(pot, Qt::Key_Return);
        auto* editor = pot->viewport()->findChild<QLineEdit*>();
        QVERIFY(editor);
        editor->selectAll();
        QTest::keyClicks(editor, QStringLiteral("500+100"));
        QTest::keyClick(editor, Qt::Key_Return);
        QTRY_COMPARE(shop.reckoning().oilsGrams, 600.0);

        // Undo everything, and do it again.
        const Formula whole = shop.document().formula();
        while (shop.document().history().canUndo())
            QTest::keyClick(shop.window.get(), Qt::Key_Z, Qt::ControlModifier);
        QVERIFY(shop.document().refusal());
        while (shop.document().history().canRedo())
            QTest::keyClick(shop.window.get(), Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(shop.document().formula() == whole);

        // Save, come back tomorrow, and open it again.
        auto* title = shop.window->findChild<QLineEdit*>(QStringLiteral("title"));
        title->setFocus();
        QTest::keyClicks(title, QStringLiteral("Pear loaf"));
        const QString path = shop.dir.filePath(QStringLiteral("pear.rhexion"));
        QVERIFY(!shop.document().save(path));
        shop.open();
        QVERIFY(shop.window->files().openPath(path));
        QCOMPARE(shop.document().formula().name, std::string("Pear loaf"));
        QCOMPARE(shop.reckoning().oilsGrams, 600.0);

        // Make it, with five grams too much lye.
        QTest::keyClick(shop.window.get(), Qt::Key_1, Qt::ControlModifier);
        for (auto* button : shop.window->findChildren<QPushButton*>())
            if (button->text() == QLatin1String("Make this batch"))
                QTest::mouseClick(button, Qt::LeftButton);
        MakePage& make = shop.window->making();
        QVERIFY(make.batch());
        int steps = 0;
        while (!make.batch()->atEnd()) {
            const DayStep step = make.batch()->plan().steps[std::size_t(make.batch()->step())];
            if (step.kind == DayStepKind::WeighSodium) {
                const QString typed = QString::number(step.plannedGrams + 5.0, 'f', 2);
                make.weighedField()->clear();
                QTest::keyClicks(make.weighedField(), typed);
                QTest::keyClick(make.weighedField(), Qt::Key_Return);
                const auto& bowl = make.batch()->now();
                QVERIFY(bowl.reckoning.superfatTrue.value() < bowl.superfatPlanned.value() - 0.03);
                QVERIFY(!bowl.mends.empty());
                // That is more lye than the oils surely take: the day stops until it is answered.
                QVERIFY(make.isStopped());
                QTest::keyClicks(make.danger().why(), QStringLiteral("tested before use"));
                QTest::keyClick(make.danger().why(), Qt::Key_Return);
                QVERIFY(!make.isStopped());
                QTest::keyClick(make.weighedField(), Qt::Key_Space);
            } else if (step.target.what != WeighTarget::What::None) {
                QTest::keyClick(make.weighedField(), Qt::Key_Space); // as planned
            } else {
                QTest::keyClick(&make, Qt::Key_Space);
            }
            QVERIFY(++steps < 50);
        }
        Shop::finish(make);

        // It is in the journal, with what was really weighed; and a note can be added.
        JournalPage& journal = shop.window->journalPage();
        QTRY_VERIFY(journal.isVisible());
        QCOMPARE(journal.list()->model()->rowCount(), 1);
        QVERIFY2(journal.pageText().contains(QLatin1String("+5.0")),
                 qPrintable(journal.pageText()));
        journal.noteField()->setFocus();
        QTest::keyClicks(journal.noteField(), QStringLiteral("Traced fast"));
        QTest::keyClick(journal.noteField(), Qt::Key_Return);
        QVERIFY(journal.pageText().contains(QLatin1String("Traced fast")));

        // And tomorrow it is still there, and its formula opens again.
        shop.open();
        shop.window->goTo(MainWindow::JournalPlace);
        QVERIFY(shop.window->journalPage().pageText().contains(QLatin1String("Traced fast")));
        for (auto* button : shop.window->journalPage().findChildren<QPushButton*>())
            if (button->text().startsWith(QLatin1String("Open its formula")))
                QTest::mouseClick(button, Qt::LeftButton);
        QCOMPARE(shop.document().formula().name, std::string("Pear loaf"));
        QVERIFY(shop.document().isDirty()); // it is in no file of its own yet
    }
};

QTEST_MAIN(TestWholeJob)
#include "tst_whole_job.moc"
