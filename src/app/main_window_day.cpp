// The plan of the day, the devices and the rehearsal, wired into the window.
#include "app/devices/devices_window.h"
#include "app/devices/pouring_hand.h"
#include "app/file_actions.h"
#include "app/files/file_choice.h"
#include "app/main_window.h"
#include "app/make/day_plan_page.h"
#include "app/make/make_page.h"
#include "app/print_preview.h"
#include "app/rehearsal/rehearsal_window.h"
#include "document/formula_document.h"
#include "document/heat_watcher.h"
#include "sheet/day_sheet.h"
#include "storage/formula_json.h"
#include "words/batch_words.h"
#include "words/refusal_words.h"

namespace rhexion {

void MainWindow::wireDay()
{
    connect(make_, &MakePage::dayWanted, this, &MainWindow::showDay);
    connect(make_, &MakePage::begun, this, [this] {
        if (auto* batch = make_->batch())
            connect(batch, &BatchInProgress::changed, this, &MainWindow::rememberAtStep);
        rememberAtStep();
    });
    const auto anew = [this] {
        if (make_->isVisible() && !make_->batch())
            showDay();
    };
    connect(document_, &FormulaDocument::changed, make_, anew);
    connect(heat_, &HeatWatcher::found, make_, anew);
    DayPlanPage& day = make_->day();
    connect(&day, &DayPlanPage::makeWanted, this, &MainWindow::makeBatch);
    connect(&day, &DayPlanPage::wayWanted, this, [this](const DayWay& way, const QString& what) {
        document_->apply(SetWay{way}, what);
    });
    for (DayPlanPage* page : {&day, &make_->wholeDay()})
        connect(page, &DayPlanPage::printWanted, this, [this, page](bool large) {
            previewPages(*this, tr("The day, as it will be printed"),
                         QString::fromStdString(document_->formula().name), speech().habits(),
                         [html = page->sheet(), large](QPagedPaintDevice& to) {
                             drawDaySheet(to, html, large);
                         });
        });
    connect(&day, &DayPlanPage::rehearseWanted, this, &MainWindow::rehearse);
    connect(&day, &DayPlanPage::secondWanted, this, [this] {
        const QString path = files::toOpen(this, tr("A second batch on the same bench"), {},
                                           tr("Formulas (*.rhexion)"));
        if (path.isEmpty())
            return;
        const auto read = readFormulaFile(path);
        if (const auto* fault = std::get_if<FileFault>(&read))
            say(words::fileFault(*fault));
        else
            make_->day().setSecond(std::get<Formula>(read));
    });
}

void MainWindow::showDay()
{
    make_->day().setFormula(document_->formula(), document_->reckoning(), heat_->forecast());
}

DevicesWindow& MainWindow::devices()
{
    if (!devices_) {
        devices_ = new DevicesWindow(workshop_.devices(), this);
        connect(devices_, &DevicesWindow::said, this, &MainWindow::say);
        // The one who pours is there with the scale.
        auto* hand = new PouringHand(workshop_.devices(), this);
        const auto watch = [this, hand] {
            hand->watch(make_ ? make_->batch() : nullptr, devices_->standin());
        };
        connect(devices_, &DevicesWindow::standinBegun, hand, watch);
        connect(&making(), &MakePage::begun, hand, watch);
    }
    devices_->setSpeech(speech());
    return *devices_;
}

void MainWindow::rehearse()
{
    rehearsal().setFormula(document_->formula(), document_->reckoning());
    rehearsal().show();
    rehearsal().raise();
}

RehearsalWindow& MainWindow::rehearsal()
{
    if (!rehearsal_) {
        rehearsal_ = new RehearsalWindow(*stock_, this);
        connect(rehearsal_, &RehearsalWindow::said, this, &MainWindow::say);
    }
    rehearsal_->setSpeech(speech());
    return *rehearsal_;
}

void MainWindow::meetOtherBench()
{
    BatchInProgress* batch = make_ ? make_->batch() : nullptr;
    if (!batch || !batch->takeInOthers() || !batch->isMadeElsewhere())
        return;
    if (batch->folded().state != BatchState::Making) {
        say(tr("This batch was finished or stopped at %1. What you still weigh is kept with it, "
               "and "
               "what came of it is reckoned anew.")
                .arg(words::benchSaid(batch->folded(), batch->folded().madeAt)));
        return;
    }
    say(words::madeElsewhere(batch->folded(), clock_(), speech()) + QLatin1Char(' ') +
        tr("Its weights are in the list here. Ask there before you weigh on: lye that is weighed "
           "twice is twice in the jug."));
}

} // namespace rhexion
