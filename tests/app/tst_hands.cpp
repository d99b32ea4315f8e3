// Keys, commands, steps back, copying and pasting, windows of their own: each as a hand does it.
#include <QTest>

#include "app/bench/accounts_view.h"
#include "app/bench/figures_panel.h"
#include "app/bench/history_panel.h"
#include "app/bench/working_panel.h"
#include "app/copy_actions.h"
#include "app/figures_window.h"
#include "app/journal/calendar_view.h"
#include "app/keys_window.h"
#include "app/widgets/command_finder.h"
#include "app/widgets/place_habits.h"
#include "app/widgets/side_panel.h"
#include "app/widgets/suggestion_list.h"
#include "support/window.h"

#include <QClipboard>
#include <QDomDocument>
#include <QMenuBar>
#include <QMimeData>
#include <QPushButton>
#include <QTextBrowser>
#include <QUndoView>

using namespace rhexion;
using namespace rhexion::test;

class TestHands : public QObject {
    Q_OBJECT
    std::unique_ptr<Shop> shop_;

    TypingLine& line() { return *shop_->window->bench().typing(); }
    const Formula& formula() { return shop_->document().formula(); }
    void key(Qt::Key which, Qt::KeyboardModifiers with)
    {
        QWidget* at = QApplication::focusWidget();
        QTest::keyClick(at ? at : shop_->window.get(), which, with);
    }

private Q_SLOTS:
    void init()
    {
        shop_ = std::make_unique<Shop>();
        shop_->window->activateWindow();
        shop_->window->loadStock();
    }
    void cleanup() { shop_.reset(); }

    // Every entry of every menu is found by its words, and ">" with Enter does it.
    void commandsByName()
    {
        const auto all = commandsFor(*shop_->window->menuBar(), {});
        QVERIFY(all.size() > 40);
        for (const Command& command : all) {
            const auto found = commandsFor(*shop_->window->menuBar(), command.name);
            QVERIFY2(!found.isEmpty(), qPrintable(command.name));
        }
        QLineEdit* field = line().field();
        field->setFocus();
        QTest::keyClicks(field, QStringLiteral(">working show"));
        QVERIFY(line().suggestions().count() >= 1);
        QVERIFY2(line().suggestions().textOf(0).contains("Show the working"),
                 qPrintable(line().suggestions().textOf(0)));
        QTest::keyClick(field, Qt::Key_Return);
        QVERIFY(shop_->window->bench().working() && shop_->window->bench().working()->isVisible());
        QVERIFY(field->text().isEmpty());
        QTest::keyClicks(field, QStringLiteral(">qqq"));
        QCOMPARE(line().suggestions().count(), 0);
        QVERIFY(line().understanding().contains("no command"));
    }

    // What makers look for by the words of the buttons that do it.
    void everyPlaceAndButtonIsACommand()
    {
        for (const char* word :
             {"bench", "heat", "make", "journal", "shelf", "calendar", "rehearse", "stock", "label",
              "lock", "backup", "scale", "solve", "print"})
            QVERIFY2(!commandsFor(*shop_->window->menuBar(), QLatin1String(word)).isEmpty(), word);
        MainWindow& window = *shop_->window;
        const auto press = [&](const char* words) {
            commandsFor(*window.menuBar(), QLatin1String(words)).first().action->trigger();
        };
        press("Go to: Heat");
        QVERIFY(!window.bench().isVisible());
        press("calendar due");
        QVERIFY(window.journalPage().calendar().isVisible());
        press("Go to: Bench");
        QVERIFY(window.bench().isVisible());
        shop_->type("500 g olive oil");
        press("lock amount");
        QVERIFY(!formula().lines.back().locked);
        QAbstractItemView* pot = window.bench().panel(Vessel::OilPot)->list();
        pot->setFocus();
        pot->setCurrentIndex(pot->model()->index(0, 0));
        const LineId line = window.bench().panel(Vessel::OilPot)->currentLine();
        press("lock amount");
        QVERIFY(formula().find(line)->locked);
        QTest::keyClick(&window, Qt::Key_F10);
        QVERIFY(window.menuBar()->activeAction() || QApplication::activePopupWidget());
    }

    // No two entries share a key, and the list of keys holds every one.
    void everyKeyIsListedOnce()
    {
        KeysWindow keys(*shop_->window->menuBar(), shop_->window.get());
        const QString text = keys.page()->toPlainText();
        QHash<QString, QString> seen;
        for (const Command& command : commandsFor(*shop_->window->menuBar(), {})) {
            if (command.keys.isEmpty())
                continue;
            QVERIFY2(!seen.contains(command.keys),
                     qPrintable(command.keys + " " + seen.value(command.keys) + command.name));
            seen.insert(command.keys, command.name);
            for (const char* taken : {"Ctrl+Shift+U", "Ctrl+Shift+E", "Ctrl+Shift+F"})
                QVERIFY2(command.keys != QLatin1String(taken), taken); // input methods' own
            QVERIFY2(text.contains(command.keys), qPrintable(command.keys));
        }
        QVERIFY(text.contains("While making"));
    }

    void severalStepsBack()
    {
        shop_->type("500 g olive oil");
        shop_->type("200 g coconut oil");
        shop_->type("30 g honey");
        shop_->window->bench().showHistory();
        auto* list = shop_->window->bench().findChild<HistoryPanel*>()->list();
        QCOMPARE(list->model()->rowCount(), 4);
        QVERIFY(list->model()->index(2, 0).data().toString().contains("Coconut oil"));
        list->setCurrentIndex(list->model()->index(1, 0));
        QCOMPARE(int(formula().lines.size()), 2); // the rest of the water and the olive oil
        list->setCurrentIndex(list->model()->index(3, 0));
        QCOMPARE(int(formula().lines.size()), 4);
    }

    // Lines off a note are added in one step; what is not understood is said, with why.
    void pasteLines()
    {
        QApplication::clipboard()->setText(
            "500 g olive oil\n\n120 g coconut oil\n  25 g clove fragrance\n7 honey\nnonsense\n");
        QLineEdit* field = line().field();
        field->setFocus();
        QTest::keySequence(field, QKeySequence::Paste);
        QCOMPARE(int(formula().lines.size()), 4); // with the water that was there
        QCOMPARE(formula().lines[3].material->name, std::string("Clove fragrance"));
        const QString said = shop_->said();
        QVERIFY2(said.contains("3 line") && said.contains("7 honey") && said.contains("nonsense"),
                 qPrintable(said));
        shop_->document().history().undo();
        QCOMPARE(int(formula().lines.size()), 1);
        QVERIFY(!shop_->document().history().canUndo());
        // One line is text like any other.
        QApplication::clipboard()->setText("20 g honey");
        QTest::keySequence(field, QKeySequence::Paste);
        QCOMPARE(field->text(), QStringLiteral("20 g honey"));
        field->setText({});
        QApplication::clipboard()->setText("nothing\nof any use");
        QTest::keySequence(field, QKeySequence::Paste);
        QVERIFY(!shop_->document().history().canUndo()); // no step with nothing in it
    }

    void copyTables()
    {
        shop_->document().reset(demo(demoNames[0]), {});
        shop_->window->activateWindow();
        line().field()->setFocus();
        key(Qt::Key_C, Qt::ControlModifier | Qt::ShiftModifier);
        const QMimeData* mime = QApplication::clipboard()->mimeData();
        QVERIFY(mime->text().contains("Lye jug\tSodium hydroxide\t112.5\u00A0g"));
        const QByteArray csv = mime->data(QStringLiteral("text/csv"));
        QVERIFY2(csv.contains("Oil pot,Olive oil,420.0\u00A0g,420\u00A0g\r\n"), csv.constData());
        shop_->window->goTo(MainWindow::ShelfPlace);
        key(Qt::Key_C, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(QApplication::clipboard()->text().count(QLatin1Char('\n')) > 500);
    }

    void accountsAsPictures()
    {
        shop_->document().reset(demo(demoNames[1]), {});
        const QString svg = shop_->dir.filePath(QStringLiteral("accounts.svg"));
        const QString png = shop_->dir.filePath(QStringLiteral("accounts.png"));
        QVERIFY(shop_->window->copies().savePicture(svg));
        QVERIFY(shop_->window->copies().savePicture(png));
        QDomDocument xml;
        QVERIFY(xml.setContent(bytesOf(svg)));
        QCOMPARE(xml.documentElement().tagName(), QStringLiteral("svg"));
        QVERIFY(xml.elementsByTagName(QStringLiteral("text")).size() > 6);
        QImage image(png);
        QCOMPARE(image.size(), shop_->window->bench().accounts()->size() * 2);
        QVERIFY(!shop_->window->copies().savePicture(QStringLiteral("/no/such/place.png")));
        QVERIFY(shop_->window->banner().isVisible());
        shop_->document().reset(Formula{}, {});
        QVERIFY(!shop_->window->copies().savePicture(svg));
    }

    // The same figures in a window of their own, of the same formula, at once.
    void figuresApart()
    {
        shop_->type("500 g olive oil");
        key(Qt::Key_G, Qt::ControlModifier | Qt::ShiftModifier);
        auto* apart = shop_->window->findChild<FiguresWindow*>();
        QVERIFY(apart && apart->isVisible() && apart->isWindow());
        apart->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(apart));
        const auto superfat = [&] {
            for (auto* row : apart->findChildren<QAbstractButton*>())
                if (row->text() == QLatin1String("True superfat"))
                    return row->accessibleName();
            return QString();
        };
        QVERIFY2(superfat().contains("5.0"), qPrintable(superfat()));
        LyeSettings lye = formula().lye;
        lye.superfat = 0.08;
        shop_->document().apply(SetLye{SettingField::Superfat, lye}, "superfat");
        QVERIFY2(superfat().contains("8.0"), qPrintable(superfat()));
        QTest::keyClick(apart, Qt::Key_Escape);
        QVERIFY(!apart->isVisible());
    }

    // Escape leaves every panel beside the bench.
    void escapeLeavesPanels()
    {
        shop_->type("500 g olive oil");
        BenchPage& bench = shop_->window->bench();
        const std::function<void()> opens[] = {
            [&] { bench.showSettings(); }, [&] { bench.showHistory(); },
            [&] { bench.showSlips(); },    [&] { bench.showPortions(); },
            [&] { bench.showShelf(); },    [&] { bench.showWorking(Rule::BatterMass, 0); },
            [&] { bench.showStockLye(); }};
        for (const auto& open : opens) {
            open();
            QVERIFY(!bench.figures()->isVisible());
            SidePanel* panel = nullptr;
            for (auto* p : bench.findChildren<SidePanel*>())
                if (p->isVisible())
                    panel = p;
            QVERIFY(panel);
            QTest::keyClick(panel, Qt::Key_Escape);
            QVERIFY2(bench.figures()->isVisible(), panel->metaObject()->className());
        }
    }

    // Settings, vessels, typing, figures: Tab goes as the work does.
    void tabFollowsTheWork()
    {
        shop_->document().reset(demo(demoNames[0]), {});
        BenchPage& bench = shop_->window->bench();
        auto* superfat = bench.findChild<QLineEdit*>(QStringLiteral("superfat"));
        superfat->setFocus();
        QStringList order;
        const auto note = [&](const char* what, bool here) {
            if (here && !order.contains(QLatin1String(what)))
                order << QLatin1String(what);
        };
        for (int i = 0; i < 60; ++i) {
            QWidget* now = QApplication::focusWidget();
            note("settings", now == superfat);
            note("jug", now == bench.panel(Vessel::LyeJug)->list());
            note("pot", now == bench.panel(Vessel::OilPot)->list());
            note("typing", now == bench.typing()->field());
            note("accounts", now == bench.accounts());
            note("figures", bench.figures()->isAncestorOf(now));
            QTest::keyClick(now, Qt::Key_Tab);
        }
        QCOMPARE(order.join(' '), QStringLiteral("settings jug pot typing accounts figures"));
    }

    // None of the matches, by key; Escape goes back to them.
    void noneOfTheseByKey()
    {
        QLineEdit* field = line().field();
        field->setFocus();
        QTest::keyClicks(field, QStringLiteral("20 g quince"));
        QTest::keyClick(field, Qt::Key_Up); // past the first is the last row
        QVERIFY2(line().understanding().contains("say what it is"),
                 qPrintable(line().understanding()));
        QTest::keyClick(field, Qt::Key_Return);
        QVERIFY(line().suggestions().textOf(0).contains("Take it as"));
        QTest::keyClick(field, Qt::Key_Escape);
        QVERIFY(line().suggestions().textOf(0).contains("uince"));
        QCOMPARE(field->text(), QStringLiteral("20 g quince"));
    }

    // Where it went and why is said; one press moves it, and it goes there the next time.
    void usualPlaceAndHabit()
    {
        shop_->type("500 g olive oil");
        shop_->type("20 g honey");
        QCOMPARE(int(formula().lines.back().vessel), int(Vessel::Trace));
        QVERIFY2(line().understanding().contains("sugar heats the lye"),
                 qPrintable(line().understanding()));
        QPushButton* elsewhere = nullptr;
        for (auto* button : line().findChildren<QPushButton*>())
            if (button->isVisible() && button->text().contains("lye jug instead"))
                elsewhere = button;
        QVERIFY(elsewhere);
        elsewhere->click();
        QCOMPARE(int(formula().lines.back().vessel), int(Vessel::LyeJug));
        shop_->type("5 g honey");
        QCOMPARE(int(formula().lines.back().vessel), int(Vessel::LyeJug));
        QVERIFY(line().understanding().contains("as you do it"));
        // Moved back by key: as usual again.
        auto* list = shop_->list(Vessel::LyeJug);
        list->setFocus();
        list->setCurrentIndex(list->model()->index(list->model()->rowCount() - 1, 0));
        for (int i = 0; i < 3; ++i) // emulsion is between
            QTest::keyClick(QApplication::focusWidget(), Qt::Key_Right, Qt::ControlModifier);
        QCOMPARE(int(formula().lines.back().vessel), int(Vessel::Trace));
        QVERIFY(!placeHabits::of("honey"));
    }
};

QTEST_MAIN(TestHands)
#include "tst_hands.moc"
