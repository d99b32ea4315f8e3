// A split batter, jugs, locks, scaling, stock lye and the working's schools, driven on the bench.
#include <QTest>

#include "app/bench/line_menu.h"
#include "app/bench/portion_card.h"
#include "app/bench/portions_panel.h"
#include "app/bench/scale_button.h"
#include "app/bench/settings_panel.h"
#include "app/bench/stock_lye_panel.h"
#include "app/bench/working_panel.h"
#include "app/widgets/figure_row.h"
#include "app/widgets/number_field.h"
#include "storage/stock.h"
#include "support/window.h"

#include <QComboBox>
#include <QMenu>
#include <QPushButton>
#include <QSignalSpy>

using namespace rhexion;
using namespace rhexion::test;

class TestBatter : public QObject {
    Q_OBJECT
    std::unique_ptr<Shop> shop_;

    const Formula& formula() { return shop_->document().formula(); }
    static void enter(QLineEdit* field, const char* text)
    {
        field->setFocus();
        field->selectAll();
        QTest::keyClicks(field, QString::fromUtf8(text));
        QTest::keyClick(field, Qt::Key_Return);
    }
    void oils()
    {
        shop_->type("600 g olive oil");
        shop_->type("200 g coconut oil");
    }
    PortionsPanel& split()
    {
        shop_->window->bench().showPortions();
        PortionsPanel* panel = shop_->window->bench().portions();
        QTest::mouseClick(panel->add(), Qt::LeftButton);
        return *panel;
    }
    static QAction* action(QMenu& menu, const QString& text)
    {
        for (QAction* a : menu.actions()) {
            if (a->text().startsWith(text))
                return a;
            if (a->menu())
                if (QAction* inner = action(*a->menu(), text))
                    return inner;
        }
        return nullptr;
    }

private Q_SLOTS:
    void init() { shop_ = std::make_unique<Shop>(); }

    void halvesWithTheirOwn()
    {
        oils();
        PortionsPanel& panel = split();
        QCOMPARE(panel.cards().size(), std::size_t(2));
        enter(panel.cards()[0]->nameField(), "Rhubarb");
        QCOMPARE(formula().portions[0].name, std::string("Rhubarb"));
        // Typed for a portion: it goes in after dividing, and its share is of that portion.
        shop_->type("3 % lavender essential oil for rhubarb");
        const Line& scent = formula().lines.back();
        QCOMPARE(formula().portionOf(scent), formula().portions[0].id);
        QVERIFY(std::abs(shop_->reckoning().find(scent.id)->grams - 0.03 * 400) < 1e-9);
        // Oil aside for one alone leaves the other lye heavy; the mend sets the same aside for
        // both.
        enter(panel.cards()[0]->held(), "10 %");
        QVERIFY(formula().portions[0].held);
        QCOMPARE(panel.cards()[0]->held()->text(), QStringLiteral("10\u00A0% of oils"));
        const auto& cautions = shop_->reckoning().cautions;
        const auto uneven = std::ranges::find_if(cautions, [](const Caution& c) {
            return c.code == CautionCode::PortionUneven || c.code == CautionCode::PortionLyeHeavy;
        });
        QVERIFY(uneven != cautions.end() && uneven->mend);
        shop_->document().apply(*uneven->mend, "mend");
        QCOMPARE(shop_->reckoning().portions[0].superfat, shop_->reckoning().portions[1].superfat);
        QVERIFY(panel.cards()[1]->superfat()->value().startsWith("5.0"));
        QTest::mouseClick(panel.cards()[1]->superfat(), Qt::LeftButton);
        QVERIFY(shop_->window->bench().working()->plainText().contains("its own superfat"));
        // Parts, and nonsense for them, which is said and changes nothing.
        enter(panel.cards()[0]->parts(), "2");
        QCOMPARE(shop_->reckoning().portions[0].share, 2.0 / 3.0);
        QSignalSpy said(&shop_->window->bench(), &BenchPage::noted);
        enter(panel.cards()[0]->held(), "3 % of batter");
        enter(panel.cards()[0]->parts(), "0");
        QCOMPARE(said.count(), 2);
        QCOMPARE(formula().portions[0].parts, 2.0);
        while (shop_->document().history().canUndo())
            shop_->document().history().undo();
        QVERIFY(formula().portions.empty());
    }

    void aLinesMenu()
    {
        oils();
        shop_->type("20 g honey at trace");
        split();
        const LineId honey = formula().lines.back().id;
        const auto trigger = [&](const QString& text) {
            QMenu menu;
            addLineChoices(menu, shop_->document(), honey, Speech(), [] {});
            QAction* a = action(menu, text);
            if (a)
                a->trigger();
            return a != nullptr;
        };
        QVERIFY(trigger("its own weight"));
        QCOMPARE(shop_->reckoning().find(honey)->solventGrams, 20.0);
        QVERIFY(trigger("portion 2"));
        QCOMPARE(formula().find(honey)->portion, formula().portions[1].id);
        QVERIFY(trigger("Lock its amount"));
        // Locked, it is neither typed over nor scaled, until Ctrl+J.
        QListView* list = shop_->list(Vessel::Trace);
        QVERIFY(!list->model()->setData(list->model()->index(0, 0), "50 g"));
        ScaleButton* scale = shop_->window->bench().scale();
        scale->open();
        enter(scale->oils(), "1600");
        QCOMPARE(shop_->reckoning().oilsGrams, 1600.0);
        QCOMPARE(shop_->reckoning().find(honey)->grams, 20.0);
        enter(scale->times(), "0.5");
        QCOMPARE(shop_->reckoning().oilsGrams, 800.0);
        QSignalSpy said(&shop_->window->bench(), &BenchPage::noted);
        enter(scale->oils(), "0");
        QCOMPARE(said.count(), 1);
        scale->menu()->close();
        list->setFocus();
        list->setCurrentIndex(list->model()->index(0, 0));
        QTest::keyClick(list, Qt::Key_J, Qt::ControlModifier);
        QVERIFY(!formula().find(honey)->locked);
        QVERIFY(list->model()->setData(list->model()->index(0, 0), "50 g"));
    }

    void twoJugsAndWarmth()
    {
        oils();
        QVERIFY(!shop_->list(Vessel::SecondJug)->isVisible());
        shop_->window->bench().showSettings();
        SettingsPanel& panel = *shop_->window->bench().settings();
        const auto choose = [&](const char* object, int option) {
            auto* box = panel.findChild<QComboBox*>(QLatin1String(object));
            box->setCurrentIndex(option);
            Q_EMIT box->activated(option);
        };
        choose("secondJug", 1);
        QCOMPARE(formula().lye.secondJug, std::optional(SecondJug{0.5, 0.5}));
        QVERIFY(shop_->list(Vessel::SecondJug)->isVisible());
        shop_->type("80 g black tea in the second jug");
        QVERIFY(shop_->reckoning().jugs[1].strength.value_or(0) > 0.2);
        choose("mixing", 0);
        QCOMPARE(formula().mixing.at.inCelsius(), 22.0);
        Habits fahrenheit;
        fahrenheit.fahrenheit = true;
        shop_->window->setHabits(fahrenheit);
        NumberField* fields[] = {panel.findChild<NumberField*>("mixAt"),
                                 panel.findChild<NumberField*>("mixWithin")};
        QVERIFY(std::abs(*fields[0]->value() - 71.6) < 1e-9);
        QVERIFY(std::abs(*fields[1]->value() - 14.4) < 1e-9); // 8 C of difference, without the 32
        enter(fields[1], "9");
        QVERIFY(std::abs(formula().mixing.within - 5.0) < 1e-9);
        QCOMPARE(formula().mixing.at.inCelsius(), 22.0);
    }

    void lyeMadeAhead()
    {
        oils();
        const double pure = shop_->reckoning().sodium.pureGrams;
        shop_->window->loadStock();
        shop_->window->bench().showStockLye();
        StockLyePanel* panel = shop_->window->bench().stockLye();
        enter(panel->strength(), "40");
        enter(panel->batches(), "3");
        QVERIFY(panel->result());
        QVERIFY(std::abs(panel->result()->perBatchGrams - pure / 0.4) < 1e-9);
        enter(panel->strength(), "58");
        QVERIFY(!panel->result() && !panel->keep()->isVisible());
        enter(panel->strength(), "40");
        QTest::mouseClick(panel->keep(), Qt::LeftButton);
        // From now on each batch takes of the stock, and its water counts.
        QVERIFY(formula().lye.sodium->isLyeSolution());
        QVERIFY(!formula().lye.sodium->lot.id.empty());
        QVERIFY(std::abs(shop_->reckoning().sodium.weighedGrams - pure / 0.4) < 1e-6);
        QVERIFY(std::abs(shop_->reckoning().sodium.pureGrams - pure) < 1e-6);
        QCOMPARE(shop_->window->stock().shelf()->lots().size(), std::size_t(1));
        QVERIFY(!panel->result()); // a ready lye needs no making
    }

    void theWorkingTellsTheSchools()
    {
        shop_->document().reset(demo(demoNames[3]), {});
        shop_->window->bench().showWorking(Rule::SodiumWeighed, 0);
        const QString text = shop_->window->bench().working()->plainText();
        for (const char* part : {"Where makers differ", "What is the potassium share a share of?",
                                 "here, share of the saponifying", "Rosemary: scent on its oils",
                                 "Superfat in the pot while oil is set aside",
                                 "Maple syrup: liquid set aside", "Potassium hydroxide for the"})
            QVERIFY2(text.contains(QLatin1String(part)), part);
    }

    // The typing line has the focus nearly always, and text fields keep Ctrl+D and Ctrl+E.
    void keysReachPastTheTypingLine()
    {
        oils();
        QLineEdit* field = shop_->window->bench().typing()->field();
        const auto press = [&](Qt::Key key, Qt::KeyboardModifiers with) {
            field->setFocus();
            QTest::keyClick(field, key, with);
        };
        press(Qt::Key_B, Qt::ControlModifier);
        QVERIFY(shop_->window->bench().portions() &&
                shop_->window->bench().portions()->isVisible());
        press(Qt::Key_D, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(shop_->window->bench().stockLye() &&
                shop_->window->bench().stockLye()->isVisible());
        press(Qt::Key_F9, Qt::NoModifier);
        QVERIFY(shop_->window->bench().scale()->menu()->isVisible());
        shop_->window->bench().scale()->menu()->close();
    }

    void aDiscountIsAnswered()
    {
        QLineEdit* field = shop_->window->bench().typing()->field();
        QTest::keyClicks(field, "5 % discount");
        QVERIFY(shop_->window->bench().typing()->understanding().startsWith("A discount of what?"));
    }
};

QTEST_MAIN(TestBatter)
#include "tst_batter.moc"
