#include "demo/shots.h"

#include "app/bench/bench_page.h"
#include "app/devices/devices_window.h"
#include "app/formulating/compare_panel.h"
#include "app/formulating/formulating_panels.h"
#include "app/formulating/recipe_window.h"
#include "app/formulating/wishes_panel.h"
#include "app/heat/heat_page.h"
#include "app/journal/batch_view.h"
#include "app/journal/journal_page.h"
#include "app/main_window.h"
#include "app/make/day_plan_page.h"
#include "app/make/heat_card.h"
#include "app/make/make_page.h"
#include "app/make/trouble_panel.h"
#include "app/rehearsal/rehearsal_window.h"
#include "app/shelf/measure_panel.h"
#include "app/shelf/shelf_list.h"
#include "app/shelf/shelf_page.h"
#include "app/theme/theme.h"
#include "app/widgets/banner.h"
#include "app/widgets/number_field.h"
#include "app/widgets/typing_line.h"
#include "demo/demo.h"
#include "document/doubt_watcher.h"
#include "document/formula_document.h"
#include "document/heat_watcher.h"
#include "storage/formula_json.h"
#include "storage/stock.h"

#include <QApplication>
#include <QComboBox>
#include <QDir>
#include <QLineEdit>
#include <QPushButton>
#include <QSlider>

#include <cstdio>

namespace rhexion {

namespace {

class Shots {
public:
    Shots(MainWindow& window, QDir folder) : window_(window), folder_(std::move(folder)) {}

    void take(const QString& name)
    {
        window_.resize(1280, 800);
        takeOf(window_, name);
    }
    void takeOf(QWidget& widget, const QString& name)
    {
        window_.bench().doubt().finish();
        QApplication::processEvents(); // what is shown may ask the heat for more
        window_.heat().finish();
        QApplication::sendPostedEvents();
        QApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        QApplication::processEvents();
        const QString path = folder_.filePath(name + QStringLiteral(".png"));
        if (widget.grab().save(path))
            ++count_;
        else
            std::fputs(qPrintable(QStringLiteral("%1 cannot be written\n").arg(path)), stderr);
    }
    int count() const { return count_; }

private:
    MainWindow& window_;
    QDir folder_;
    int count_ = 0;
};

void load(MainWindow& window, const QString& name)
{
    const auto formula = formulaFromJson(demoFormula(name));
    if (const auto* f = std::get_if<Formula>(&formula))
        window.document().reset(*f, {});
    window.goTo(MainWindow::Bench);
    window.bench().showFigures();
}

// Types into a field as a maker does, so that the panel hears of it.
void fill(QWidget* field, const char* text)
{
    if (auto* line = qobject_cast<QLineEdit*>(field)) {
        line->setText(QString::fromUtf8(text));
        line->setModified(true);
        Q_EMIT line->editingFinished();
    }
}

void takeShelfShots(MainWindow& window, Shots& shots)
{
    load(window, QStringLiteral("quince-buttermilk-loaf.rhexion"));
    window.goTo(MainWindow::ShelfPlace);
    ShelfPage& shelf = window.shelfPage();
    shelf.list().searchField()->setText(QStringLiteral("quince"));
    shelf.pageText(); // written at once, not after a pause
    shots.take(QStringLiteral("shelf"));
    shelf.list().searchField()->setText(QStringLiteral("quince puree"));
    shelf.pageText();
    shelf.startMeasuring();
    shelf.measurePanel()->method()->setCurrentIndex(2);
    const char* const readings[] = {"4.02", "99",  "1000", "0.01", "10.1",
                                    "13.9", "9.8", "13.4", "10.4", "14.6"};
    for (std::size_t i = 0; i < std::size(readings); ++i)
        fill(shelf.measurePanel()->fields()[i], readings[i]);
    shots.take(QStringLiteral("shelf-measure"));
}

// A batch with its weeks after, two side by side, and what is due.
void takeJournalShots(MainWindow& window, Shots& shots)
{
    window.goTo(MainWindow::JournalPlace);
    JournalPage& journal = window.journalPage();
    const auto batches = window.journal()->batches();
    const auto* all = std::get_if<QList<BatchSummary>>(&batches);
    if (!all || all->isEmpty())
        return;
    journal.reload(all->last().id);
    shots.take(QStringLiteral("journal"));
    journal.view().goTo(BatchView::Cure);
    shots.take(QStringLiteral("journal-cure"));
    journal.view().goTo(BatchView::Bars);
    shots.take(QStringLiteral("journal-label"));
    journal.view().goTo(BatchView::Record);
    for (const BatchSummary& s : *all)
        if (s.name == all->last().name && s.state == BatchState::Finished &&
            s.id != all->last().id) {
            journal.compareWith(s.id);
            shots.take(QStringLiteral("journal-compare"));
            break;
        }
    journal.showCalendar();
    shots.take(QStringLiteral("journal-calendar"));
    journal.reload(all->last().id);
}

// Works a panel of formulating as a maker does.
void takeFormulatingShots(MainWindow& window, Shots& shots)
{
    const FormulatingPanels& panels = window.formulating();
    BenchPage& bench = window.bench();
    const Fittings& own = window.workshop().fittings().all();
    load(window, QStringLiteral("rhubarb-rosemary-halves.rhexion"));
    bench.showTopic(Topic::Scent);
    shots.take(QStringLiteral("scent"));
    load(window, QStringLiteral("quince-buttermilk-loaf.rhexion"));
    if (!own.moulds.empty())
        window.document().apply(SetMoulds{{MouldUse{own.moulds.front(), 0, 1.0}}},
                                QStringLiteral("mould"));
    bench.showTopic(Topic::Mould);
    shots.take(QStringLiteral("mould"));
    bench.showTopic(Topic::Blend);
    shots.take(QStringLiteral("blend"));
    bench.showTopic(Topic::Pace);
    shots.take(QStringLiteral("working-time"));
    bench.showTopic(Topic::Compare);
    panels.as<ComparePanel>(Topic::Compare)->superfat()->setValue(80);
    shots.take(QStringLiteral("compare"));
    window.document().dropPreview();
    bench.showTopic(Topic::Wishes);
    auto* wishes = panels.as<WishesPanel>(Topic::Wishes);
    wishes->addWish(wishes->kindOf(WishKind::FattyAcids, AcidGroup::PalmiticStearic), 20.0,
                    std::nullopt);
    wishes->find()->click();
    wishes->finish();
    shots.take(QStringLiteral("solve"));
    RecipeWindow& recipe = window.recipeText();
    recipe.setText(QStringLiteral(
        "Potting bench bar\nsuperfat 5 %, lye strength 33 %\n\nOils (g)\nolive oil 320\n"
        "coconut oil, 76 deg 150\n2-3 tbsp castor oil\n\nLye\n72 g NaOH\n10 g citric acid\n"
        "rest water\n\n15 g honey at trace\n90 g lard 40 g tallow\n"
        "Stir gently until it traces.\n"));
    recipe.show();
    shots.takeOf(recipe, QStringLiteral("recipe"));
    recipe.close();
}

void takeHeatShots(MainWindow& window, Shots& shots)
{
    load(window, QStringLiteral("quince-buttermilk-loaf.rhexion"));
    const Fittings& own = window.workshop().fittings().all();
    if (!own.moulds.empty())
        window.document().apply(SetMoulds{{MouldUse{own.moulds.front(), 0, 1.0}}},
                                QStringLiteral("mould"));
    window.goTo(MainWindow::HeatPlace);
    const std::pair<HeatView, const char*> views[] = {{HeatView::Jug, "heat-jug"},
                                                      {HeatView::Meeting, "heat-meeting"},
                                                      {HeatView::Mould, "heat-mould"}};
    for (const auto& [view, name] : views) {
        window.heatPage().look(view);
        shots.take(QString::fromLatin1(name));
    }
}

// Weighs as planned up to the step for what is asked; None: to the end of the day.
void weighUntil(BatchInProgress& batch, WeighTarget::What what)
{
    while (!batch.atEnd()) {
        const DayStep& step = batch.plan().steps[std::size_t(batch.step())];
        if (what != WeighTarget::What::None && step.target.what == what)
            return;
        if (step.target.what != WeighTarget::What::None)
            batch.weigh(step.plannedGrams, WeighOrigin::AsPlanned);
        batch.goTo(batch.step() + 1);
    }
}

// A scale on the counter, the whole day, trouble; and the small screen on the counter.
void takeDayShots(MainWindow& window, Shots& shots, BatchInProgress& batch)
{
    MakePage& make = window.making();
    make.openTrouble();
    make.trouble().finish();
    shots.take(QStringLiteral("make-trouble"));
    make.closeTrouble();
    batch.goTo(3);
    batch.goTo(4);
    devices::LiveWeight live{devices::Steady::Moving, 0.0, 0.1, 0};
    live.grams = batch.plan().steps[std::size_t(batch.step())].plannedGrams * 0.97;
    window.workshop().devices().pretend(live);
    shots.take(QStringLiteral("make-scale"));
    window.resize(800, 480);
    shots.takeOf(window, QStringLiteral("make-small"));
    window.workshop().devices().pretend(std::nullopt);
    make.openTrouble();
    make.trouble().finish();
    window.resize(800, 480);
    shots.takeOf(window, QStringLiteral("make-trouble-small"));
    make.closeTrouble();
    window.resize(1280, 800);
    make.showWholeDay(true);
    make.showWholeDay(false);
    shots.takeOf(window.devices(), QStringLiteral("devices"));
    RehearsalWindow& rehearsal = window.rehearsal();
    rehearsal.setFormula(batch.formula(), &batch.planned());
    shots.takeOf(rehearsal, QStringLiteral("rehearsal"));
}

} // namespace

int takeShots(MainWindow& window, const QString& folder)
{
    if (!QDir().mkpath(folder)) {
        std::fputs(qPrintable(QStringLiteral("%1 cannot be made\n").arg(folder)), stderr);
        return -1;
    }
    window.resize(1280, 800);
    window.show();
    Shots shots(window, QDir(folder));

    load(window, QStringLiteral("quince-buttermilk-loaf.rhexion"));
    shots.take(QStringLiteral("bench"));
    window.bench().showWorking(Rule::MakeUp, 0);
    shots.take(QStringLiteral("working"));

    load(window, QStringLiteral("potting-shed-scrub.rhexion"));
    window.bench().showSettings();
    shots.take(QStringLiteral("bench-settings"));
    window.bench().showFigures();

    load(window, QStringLiteral("rhubarb-rosemary-halves.rhexion"));
    window.bench().showPortions();
    shots.take(QStringLiteral("bench-split"));
    window.loadStock();
    takeFormulatingShots(window, shots);
    takeHeatShots(window, shots);

    load(window, QStringLiteral("quince-buttermilk-loaf.rhexion"));
    window.goTo(MainWindow::Make);
    window.making().day().setWish(ScheduleHow::PourAt, QTime(15, 0), 2.0);
    shots.take(QStringLiteral("day"));
    window.makeBatch();
    BatchInProgress* current = window.making().batch();
    if (current) {
        // More lye than planned, the slip that matters most.
        weighUntil(*current, WeighTarget::What::Sodium);
        current->weigh(current->plan().steps[std::size_t(current->step())].plannedGrams + 6.5);
        shots.take(QStringLiteral("make"));
        while (!current->atEnd() &&
               current->plan().steps[std::size_t(current->step())].kind != DayStepKind::Combine)
            current->goTo(current->step() + 1);
        current->read(ReadingOf::Jug, 39.0);
        current->read(ReadingOf::Pot, 44.0);
        window.making().heat().show(current);
        window.making().heat().finish();
        shots.take(QStringLiteral("make-joining"));
        takeDayShots(window, shots, *current);
        current->stop();
        window.making().setBatch(nullptr);
    }
    takeJournalShots(window, shots);
    takeShelfShots(window, shots);
    return shots.count();
}

} // namespace rhexion
