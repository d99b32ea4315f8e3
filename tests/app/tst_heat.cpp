// The place of heat in the real window: each field moved as a hand does, its figures against the
// core's, every change taken back by undo; the line on the bench and the day's readings.
#include "app/heat/covers_editor.h"
#include "app/heat/heat_page.h"
#include "app/heat/mould_section.h"
#include "app/heat/plan_form.h"
#include "app/make/heat_card.h"
#include "app/widgets/number_field.h"
#include "app/widgets/page_browser.h"
#include "curves/curve_chart.h"
#include "document/heat_watcher.h"
#include "document/own_fittings.h"
#include "storage/catalogue.h"
#include "support/window.h"
#include "words/heat_words.h"

#include <QAction>
#include <QClipboard>
#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QRegularExpression>
#include <QSlider>

using namespace rhexion;
using namespace rhexion::test;

class TestHeat : public QObject {
    Q_OBJECT
    std::unique_ptr<Shop> shop_;

    const Formula& formula() { return shop_->document().formula(); }
    HeatPage& page() { return shop_->window->heatPage(); }
    HeatPage& look(HeatView view)
    {
        shop_->window->goTo(MainWindow::HeatPlace);
        page().look(view);
        settle();
        return page();
    }
    void settle()
    {
        QApplication::processEvents();
        shop_->window->heat().finish();
        QApplication::processEvents();
    }
    const heat::HeatForecast& forecast() { return shop_->window->heat().result()->told.forecast; }
    QString text() { return page().page()->toPlainText(); }
    static QComboBox* choice(QWidget* in, const char* name)
    {
        for (auto* box : in->findChildren<QComboBox*>())
            if (box->accessibleName() == QLatin1String(name))
                return box;
        return nullptr;
    }
    static NumberField* field(QWidget* in, const char* name)
    {
        for (auto* f : in->findChildren<NumberField*>())
            if (f->accessibleName() == QLatin1String(name))
                return f;
        return nullptr;
    }
    static void choose(QComboBox* box, int at)
    {
        box->setCurrentIndex(at);
        Q_EMIT box->activated(at);
    }
    static void type(NumberField* field, const char* text)
    {
        field->setFocus();
        field->selectAll();
        QTest::keyClicks(field, QString::fromLatin1(text));
        QTest::keyClick(field, Qt::Key_Return);
    }

private Q_SLOTS:
    void init()
    {
        shop_ = std::make_unique<Shop>();
        shop_->document().reset(demo(demoNames[2]), {});
    }

    void theJugByItsPlan()
    {
        QTest::keyClick(shop_->window.get(), Qt::Key_2, Qt::ControlModifier);
        look(HeatView::Jug);
        QVERIFY(page().chart());
        const auto& jug = std::get<heat::JugForecast>(forecast().jug);
        QVERIFY(page().facts().lead.contains(words::aboutDegrees(jug.peak, Speech())));
        const double before = jug.run.local;
        choose(choice(page().form(HeatView::Jug), "Portions of lye"), 0);
        QCOMPARE(formula().heat->portions, 1);
        settle();
        const double after = std::get<heat::JugForecast>(forecast().jug).run.local;
        QVERIFY(after > before + 5.0);
        // The bench has it in its one list, with the mend.
        QVERIFY(std::ranges::any_of(shop_->document().findings(),
                                    [](const Caution& c) { return isOfHeat(c.code) && c.mend; }));
        type(field(page().form(HeatView::Jug), "Room"), "27");
        QCOMPARE(formula().heat->room, 27.0);
        // What cannot be is said, and the field shows what holds.
        type(field(page().form(HeatView::Jug), "Room"), "90");
        QCOMPARE(formula().heat->room, 27.0);
        QVERIFY(shop_->said().contains(QLatin1String("the temperature of the room")));
        QCOMPARE(*field(page().form(HeatView::Jug), "Room")->value(), 27.0);
        shop_->document().history().undo();
        shop_->document().history().undo();
        QVERIFY(!formula().heat);
    }

    void someOfItFrozen()
    {
        look(HeatView::Jug);
        const Formula before = formula();
        QSlider* slider = page().frozenSlider();
        QVERIFY(slider->isEnabled() && slider->maximum() > 100);
        slider->setSliderDown(true);
        slider->setValue(60);
        QVERIFY(shop_->document().isPreviewing());
        slider->setValue(100);
        slider->setSliderDown(false); // released
        QVERIFY(!shop_->document().isPreviewing());
        double frozen = 0.0;
        for (std::size_t i = 0; i < formula().lines.size(); ++i)
            if (formula().lines[i].frozen)
                frozen += shop_->reckoning().lines[i].grams;
        QVERIFY(std::abs(frozen - 100.0) < 1.0);
        settle();
        QCOMPARE(slider->value(), 100);
        shop_->document().history().undo();
        QVERIFY(formula() == before);
    }

    void aMendAmongTheFacts()
    {
        look(HeatView::Jug);
        choose(choice(page().form(HeatView::Jug), "Portions of lye"), 0);
        settle();
        static const QRegularExpression mend(QStringLiteral("do:(mend-\\d+)"));
        const auto found = mend.match(page().page()->toHtml());
        QVERIFY2(found.hasMatch(), qPrintable(text()));
        Q_EMIT page().page()->anchorClicked(QUrl(QStringLiteral("do:") + found.captured(1)));
        QVERIFY(formula().heat->portions > 1);
        Q_EMIT page().page()->anchorClicked(QUrl(QStringLiteral("do:mend-99"))); // no such thing
        Q_EMIT page().page()->anchorClicked(QUrl(QStringLiteral("do:other")));
    }

    void theMeetingByItsSchool()
    {
        look(HeatView::Meeting);
        choose(choice(page().form(HeatView::Meeting), "The window"), int(MeetingSchool::Room));
        settle();
        const auto& m = std::get<heat::MeetingForecast>(forecast().meeting);
        QCOMPARE(m.window.high, 25.0);
        QVERIFY2(text().contains(QStringLiteral("19 °C to 25 °C").replace(' ', QChar(0xa0))) ||
                     text().contains(QStringLiteral("25")),
                 qPrintable(text()));
        QVERIFY(m.meeting || page().facts().lead.contains(QLatin1String("never meet")));
    }

    void theMouldAndItsCovers()
    {
        look(HeatView::Mould);
        const auto& pours = std::get<std::vector<heat::PourForecast>>(forecast().moulds);
        const double before = pours.front().band.typical.peak;
        QVERIFY(!pours.front().band.typical.fields.empty());
        QVERIFY(page().timeSlider()->maximum() > 50);
        page().timeSlider()->setValue(0);
        QVERIFY(page().section()->isVisible());
        auto* boxes = choice(page().covers(), "Cover");
        QVERIFY(boxes);
        choose(boxes, int(MouldCover::Freezer));
        QTRY_VERIFY(formula().heat && formula().heat->covers.front().cover == MouldCover::Freezer);
        settle();
        // A figure, not a reference: the next forecast takes the place of this one.
        const double cold =
            std::get<std::vector<heat::PourForecast>>(forecast().moulds).front().band.typical.peak;
        QVERIFY(cold < before - 5.0);
        QPushButton* more = nullptr;
        for (auto* button : page().covers()->findChildren<QPushButton*>())
            if (button->text().startsWith(QLatin1String("And then")))
                more = button;
        QVERIFY(more);
        more->click();
        QTRY_COMPARE(formula().heat->covers.size(), std::size_t(2));
        QVERIFY(formula().heat->covers[1].fromHour > 0.0);
        // Beside another cover.
        choose(choice(page().form(HeatView::Mould), "Look at it beside"), 1 + int(MouldCover::Box));
        settle();
        QVERIFY(shop_->window->heat().result()->compared);
        QVERIFY(shop_->window->heat().result()->compared->typical.peak > cold);
        // Other covers are tried beside it, one press away.
        QVERIFY(!shop_->window->heat().result()->others.empty());
        Q_EMIT page().page()->anchorClicked(
            QUrl(QStringLiteral("do:cover-%1").arg(int(MouldCover::Open))));
        QCOMPARE(formula().heat->covers.size(), std::size_t(1));
        QCOMPARE(formula().heat->covers[0].cover, MouldCover::Open);
        Q_EMIT page().page()->anchorClicked(QUrl(QStringLiteral("do:cover-99")));
        QCOMPARE(formula().heat->covers[0].cover, MouldCover::Open);
    }

    void oneOfMyJugs()
    {
        shop_->window->workshop().fittings().change([](Fittings& f) {
            f.vessels = {{"enamel jug", OwnVesselKind::Jug, 1500, VesselStuff::Steel, 420}};
        });
        look(HeatView::Jug);
        QComboBox* mine = choice(page().form(HeatView::Jug), "One of my jugs");
        QVERIFY(mine && mine->isVisible());
        choose(mine, 1);
        QCOMPARE(formula().heat->jug.stuff, VesselStuff::Steel);
        QCOMPARE(formula().heat->jug.grams, 420.0);
        QCOMPARE(mine->currentText(), QStringLiteral("enamel jug"));
        look(HeatView::Meeting);
        NumberField* after = field(page().form(HeatView::Meeting), "Pot mixed after");
        type(after, "90");
        QCOMPARE(formula().heat->potAfterMinutes, std::optional(90.0));
        settle();
        QCOMPARE(std::get<heat::MeetingForecast>(forecast().meeting).potStarts, 5400.0);
        after->selectAll();
        QTest::keyClick(after, Qt::Key_Delete);
        QTest::keyClick(after, Qt::Key_Return);
        QVERIFY(!formula().heat->potAfterMinutes);
    }

    void keptAsUsual()
    {
        look(HeatView::Mould);
        choose(choice(page().form(HeatView::Mould), "Made of"), int(MouldWall::Silicone));
        QPushButton* keep = nullptr;
        for (auto* button : page().findChildren<QPushButton*>())
            if (button->text() == QLatin1String("Keep as my usual"))
                keep = button;
        QVERIFY(keep);
        keep->click();
        shop_->document().reset(demo(demoNames[1]), {});
        QCOMPARE(shop_->window->heat().plan().wall, MouldWall::Silicone);
        shop_->open(); // as after a restart
        QCOMPARE(shop_->window->heat().plan().wall, MouldWall::Silicone);
    }

    void aLineOnTheBench()
    {
        settle();
        QPushButton* line = nullptr;
        for (auto* button : shop_->window->findChildren<QPushButton*>())
            if (button->accessibleName().startsWith(QLatin1String("Heat:")))
                line = button;
        QVERIFY(line);
        QCOMPARE(line->text(), words::heatLine(forecast(), Speech()));
        line->click();
        QVERIFY(page().isVisible());
        // All of it as text, from the one source.
        QAction* copy = nullptr;
        for (auto* action : page().findChildren<QAction*>())
            if (action->text() == QLatin1String("Copy as text"))
                copy = action;
        QVERIFY(copy);
        copy->trigger();
        QCOMPARE(QApplication::clipboard()->text(),
                 words::factsAsText(words::heatFacts(forecast(), formula(), Speech())));
        QVERIFY(page().chart()->isVisible());
        // Without anything to reckon it says so, and draws nothing.
        shop_->document().reset(Formula{}, {});
        QVERIFY(!page().facts().lead.isEmpty());
        Formula dry = formula();
        dry.lye = freshFormula().lye;
        dry.lines.push_back({dry.newId(),
                             Catalogue::shipped().find("olive-oil"),
                             Vessel::OilPot,
                             {300, AmountUnit::Gram}});
        shop_->document().reset(dry, {});
        settle();
        QVERIFY(page().facts().lead.contains(QLatin1String("no water")));
        QVERIFY(!page().chart()->isVisible());
    }

    void inFahrenheit()
    {
        Habits habits;
        habits.fahrenheit = true;
        shop_->window->setHabits(habits);
        look(HeatView::Jug);
        NumberField* room = field(page().form(HeatView::Jug), "Room");
        QCOMPARE(*room->value(), 68.0);
        type(room, "77");
        QVERIFY(std::abs(formula().heat->room - 25.0) < 1e-9);
        QVERIFY(page().facts().lead.contains(QStringLiteral("°F")));
    }

    void theDaysReadings()
    {
        MakePage& make = shop_->make(2);
        const auto toStep = [&](DayStepKind kind) {
            BatchInProgress& b = *make.batch();
            while (!b.atEnd() && b.plan().steps[std::size_t(b.step())].kind != kind) {
                shop_->now = shop_->now.addSecs(60);
                b.goTo(b.step() + 1);
            }
        };
        toStep(DayStepKind::Combine);
        HeatCard& card = make.heat();
        QVERIFY(card.field(ReadingOf::Jug)->isVisible());
        QVERIFY(!card.field(ReadingOf::Core)->isVisible());
        type(card.field(ReadingOf::Jug), "40");
        type(card.field(ReadingOf::Pot), "39");
        card.finish();
        QCOMPARE(make.batch()->readings().size(), std::size_t(2));
        QVERIFY2(card.said().contains(QLatin1String("in the window now")), qPrintable(card.said()));
        // No thermometer says that.
        type(card.field(ReadingOf::Jug), "400");
        QCOMPARE(make.batch()->readings().size(), std::size_t(2));
        QVERIFY(!shop_->said().isEmpty());
        // Two hours later the window is over.
        shop_->now = shop_->now.addSecs(2 * 3600);
        type(card.field(ReadingOf::Room), "20");
        card.finish();
        QVERIFY2(card.said().contains(QLatin1String("not any more")), qPrintable(card.said()));
        toStep(DayStepKind::Top);
        make.batch()->goTo(make.batch()->step() + 1);
        QVERIFY(make.batch()->atEnd());
        card.finish();
        QVERIFY2(card.said().contains(QLatin1String("Look in")), qPrintable(card.said()));
        shop_->now = shop_->now.addSecs(2 * 3600);
        type(card.field(ReadingOf::Core), "71");
        choose(card.look(), 1 + int(LookSaw::GelBegins));
        card.finish();
        QVERIFY2(card.said().contains(QLatin1String("By your readings")), qPrintable(card.said()));
        // All of it is in the journal.
        const auto batch = shop_->window->journal()->batch(make.batch()->batch());
        const auto& kept = std::get<Batch>(batch);
        QCOMPARE(kept.readings.size(), std::size_t(4));
        QCOMPARE(kept.looks.size(), std::size_t(1));
        QCOMPARE(kept.looks[0].saw, LookSaw::GelBegins);
        QVERIFY(kept.moments().poured && kept.moments().lastLye && kept.moments().joined);
        // More of the core, and the batch teaches; what it taught can be forgotten.
        for (const auto& [minutes, celsius] : {std::pair(60, "80"), {120, "76"}, {300, "58"}}) {
            shop_->now = shop_->now.addSecs(minutes * 60);
            type(card.field(ReadingOf::Core), celsius);
        }
        make.batch()->finish({});
        Q_EMIT shop_->window->workshop().journalChanged();
        shop_->window->goTo(MainWindow::HeatPlace);
        shop_->window->workshop().heatMemory().finish();
        QCOMPARE(shop_->window->workshop().heatMemory().logs().size(), std::size_t(1));
        look(HeatView::Mould);
        QVERIFY2(text().contains(QLatin1String("Learnt from your batches")), qPrintable(text()));
        Q_EMIT page().page()->anchorClicked(QUrl(QStringLiteral("do:forget")));
        shop_->window->workshop().heatMemory().finish();
        settle();
        QVERIFY(shop_->window->workshop().heatMemory().logs().empty());
        QVERIFY(!text().contains(QLatin1String("Learnt from your batches")));
    }
};

QTEST_MAIN(TestHeat)
#include "tst_heat.moc"
