// The menus of the window: every command by its name, each with the key makers may know.
#include "app/backup_actions.h"
#include "app/benches/benches_window.h"
#include "app/devices/devices_window.h"
#include "app/main_window.h"

#include "app/bench/bench_page.h"
#include "app/bench/scale_button.h"
#include "app/figures_window.h"
#include "app/file_actions.h"
#include "app/formulating/formulating_panels.h"
#include "app/formulating/recipe_window.h"
#include "app/habits_menu.h"
#include "app/help.h"
#include "app/journal/batch_view.h"
#include "app/journal/journal_page.h"
#include "app/keys_window.h"
#include "app/look_menu.h"
#include "app/sheet_actions.h"
#include "app/tour/tour.h"
#include "app/widgets/banner.h"
#include "app/widgets/typing_line.h"
#include "document/formula_document.h"

#include <QApplication>
#include <QLineEdit>
#include <QMenuBar>
#include <QShortcut>
#include <QStackedWidget>
#include <QWhatsThis>

namespace rhexion {

namespace {

constexpr auto ctrl = Qt::CTRL;
// Not with U, E or F: input methods take those before the program sees them.
constexpr auto ctrlShift = Qt::CTRL | Qt::SHIFT;

} // namespace

// Something of the bench: it is gone to first.
void MainWindow::addBench(QMenu& menu, const QString& text, const QKeySequence& keys,
                          const std::function<void()>& what)
{
    menu.addAction(text, keys, this, [this, what] {
        goTo(Bench);
        what();
    });
}

void MainWindow::buildMenu()
{
    QMenu* file = menuBar()->addMenu(tr("&File"));
    files_->addTo(*file);
    file->addAction(tr("Startin&g points…"), QKeySequence(ctrlShift | Qt::Key_X), this,
                    &MainWindow::showStarts);
    file->addAction(tr("Recipe as te&xt…"), QKeySequence(ctrlShift | Qt::Key_I), this, [this] {
        recipeText().show();
        recipeText().raise();
    });
    file->addSeparator();
    sheets_->addTo(*file);
    file->addSeparator();
    backups_->fill(*file);
    file->addSeparator();
    file->addAction(tr("&Close window"), QKeySequence(ctrl | Qt::Key_W), this, &QWidget::close);
    file->addAction(tr("&Quit"), QKeySequence(ctrl | Qt::Key_Q), this, &MainWindow::quitting);
    buildEditMenu();
    buildPlacesMenu();

    QMenu* batch = menuBar()->addMenu(tr("&Batter and lye"));
    batch
        ->addAction(tr("Ma&ke this batch"), QKeySequence(ctrlShift | Qt::Key_M), this,
                    &MainWindow::makeBatch)
        ->setAutoRepeat(false);
    addBench(*batch, tr("&Split the batter…"), QKeySequence(ctrl | Qt::Key_B),
             [this] { bench_->showPortions(); });
    addBench(*batch, tr("&Lye made ahead…"), QKeySequence(ctrlShift | Qt::Key_D), [this] {
        loadStock();
        bench_->showStockLye();
    });
    addBench(*batch, tr("Make it larger or s&maller…"), QKeySequence(Qt::Key_F9),
             [this] { bench_->scale()->open(); });
    batch->addAction(tr("Scales and &thermometers…"), QKeySequence(ctrlShift | Qt::Key_Y), this,
                     [this] {
                         devices().show();
                         devices().raise();
                     });
    batch->addAction(tr("Several &benches…"), this, [this] {
        benches().show();
        benches().raise();
    });
    batch->addSeparator();
    addBench(*batch, tr("All s&ettings…"), QKeySequence(ctrl | Qt::Key_Comma),
             [this] { bench_->showSettings(); });
    addBench(*batch, tr("&Where makers differ"), QKeySequence(ctrlShift | Qt::Key_R),
             [this] { bench_->showSchools(); });
    buildFormulatingMenu();
    buildViewMenu();

    QMenu* help = menuBar()->addMenu(tr("&Help"));
    help->addAction(tr("&Manual: what is at hand"), QKeySequence::HelpContents, this, [this] {
        const QWidget* at = focusWidget();
        if (!openManual(helpPageOf(at ? at : pages_->currentWidget())))
            banner().show(Banner::Tone::Care, tr("The manual is not beside this program."));
    });
    help->addAction(tr("Manual: &contents"), this, [] { openManual({}); });
    QAction* what = QWhatsThis::createAction(this);
    what->setText(tr("&What is this?"));
    help->addAction(what);
    help->addAction(tr("&Tour in six steps"), this, [this] { tour_->begin(); });
    help->addAction(tr("&Safety and about"), this, &MainWindow::about);
    auto* bar = new QShortcut(QKeySequence(Qt::Key_F10), this);
    connect(bar, &QShortcut::activated, this, [this] {
        menuBar()->setFocus(Qt::ShortcutFocusReason);
        menuBar()->setActiveAction(menuBar()->actions().value(0));
    });
    help->addAction(tr("All &keys"), QKeySequence(ctrl | Qt::Key_Slash), this, [this] {
        auto* keys = new KeysWindow(*menuBar(), this);
        keys->show();
    });
}

void MainWindow::buildPlacesMenu()
{
    QMenu* menu = menuBar()->addMenu(tr("&Go to"));
    for (const auto& [name, icon, place] : places())
        menu->addAction(name, keysOf(place), this, [this, to = place] { goTo(to); });
    const auto addJournal = [&](const QString& text, const std::function<void()>& what) {
        menu->addAction(text, this, [this, what] {
            goTo(JournalPlace);
            what();
        });
    };
    menu->addSeparator();
    addJournal(tr("&Calendar of what is due"), [this] { journalPage().showCalendar(); });
    addJournal(tr("What goes &with what"), [this] { journalPage().showPatterns(); });
    addJournal(tr("&Bars, label and cost of a batch"),
               [this] { journalPage().view().goTo(BatchView::Bars); });
    menu->addAction(tr("S&tock, lots and deliveries…"), this, &MainWindow::showStock);
    menu->addAction(tr("&Rehearse the day…"), this, &MainWindow::rehearse);
}

void MainWindow::buildFormulatingMenu()
{
    QMenu* menu = menuBar()->addMenu(tr("For&mulate"));
    const auto add = [&](const QString& text, const QKeySequence& keys, Topic topic) {
        addBench(*menu, text, keys, [this, topic] {
            if (topic == Topic::Wishes)
                loadStock();
            bench_->showTopic(topic);
        });
    };
    add(tr("&Moulds, bars and room to foam…"), QKeySequence(Qt::Key_F7), Topic::Mould);
    add(tr("&Scent and its limits…"), QKeySequence(ctrlShift | Qt::Key_O), Topic::Scent);
    add(tr("&Reading the blend…"), QKeySequence(ctrlShift | Qt::Key_B), Topic::Blend);
    add(tr("&Hard water…"), QKeySequence(ctrlShift | Qt::Key_W), Topic::Water);
    add(tr("&Working time…"), QKeySequence(ctrlShift | Qt::Key_T), Topic::Pace);
    menu->addSeparator();
    add(tr("&Change and compare…"), QKeySequence(ctrlShift | Qt::Key_J), Topic::Compare);
    add(tr("Solve &for…"), QKeySequence(Qt::Key_F8), Topic::Wishes);
}

void MainWindow::buildEditMenu()
{
    QMenu* edit = menuBar()->addMenu(tr("&Edit"));
    QAction* undo = document_->history().createUndoAction(this, tr("&Undo"));
    undo->setShortcut(QKeySequence::Undo);
    QAction* redo = document_->history().createRedoAction(this, tr("&Redo"));
    redo->setShortcuts({QKeySequence(ctrlShift | Qt::Key_Z), QKeySequence(ctrl | Qt::Key_Y)});
    edit->addActions({undo, redo});
    addBench(*edit, tr("&What was done…"), QKeySequence(ctrlShift | Qt::Key_H),
             [this] { bench_->showHistory(); });
    edit->addSeparator();
    addBench(*edit, tr("&Type a material"), QKeySequence(ctrl | Qt::Key_K),
             [this] { bench_->focusTyping(); });
    addBench(*edit, tr("Find a &command"), QKeySequence(ctrlShift | Qt::Key_K), [this] {
        bench_->focusTyping();
        bench_->typing()->field()->setText(QStringLiteral(">"));
    });
    addBench(*edit, tr("&Paste lines"), QKeySequence(ctrlShift | Qt::Key_V),
             [this] { bench_->typing()->pasteFromClipboard(); });
    copies_->addTo(*edit);
    edit->addAction(tr("&Find here"), QKeySequence::Find, this, &MainWindow::find);
    addBench(*edit, tr("Choose from the s&helf"), QKeySequence(ctrl | Qt::Key_L),
             [this] { bench_->showShelf(); });
    addBench(*edit, tr("Loc&k an amount, or unlock it"), {}, [this] {
        if (!bench_->lockChosen())
            say(tr("Choose a line in a vessel first."));
    });
    addBench(*edit, tr("&I have already… (mend a slip)"), QKeySequence(ctrl | Qt::Key_M),
             [this] { bench_->showSlips(); });
    edit->addAction(tr("Take the figures of the &newest lots"), this, [this] {
        const int count = document_->takeNewest([this](const Material& m) { return newest(m); },
                                                true, tr("Take the newest lots"));
        banner().show(Banner::Tone::Fine,
                      count == 0 ? tr("They are the newest already.")
                                 : tr("%n material(s) have new figures.", nullptr, count));
    });
}

void MainWindow::buildViewMenu()
{
    QMenu* view = menuBar()->addMenu(tr("&View"));
    addBench(*view, tr("Show the &working"), QKeySequence(ctrl | Qt::Key_R),
             [this] { bench_->showWorking(Rule::BatterMass, LineId(-1)); });
    addBench(*view, tr("Show the &figures"), QKeySequence(ctrl | Qt::Key_G),
             [this] { bench_->showFigures(); });
    view->addAction(tr("Figures in a window of their &own"), QKeySequence(ctrlShift | Qt::Key_G),
                    this, [this] {
                        if (!figures_)
                            figures_ = new FiguresWindow(*document_, bench_->doubt(), this);
                        figures_->setSpeech(speech());
                        figures_->show();
                        figures_->raise();
                    });
    view->addSeparator();
    QAction* full = view->addAction(tr("F&ull screen"), QKeySequence(Qt::Key_F11), this,
                                    [this](bool on) { on ? showFullScreen() : showNormal(); });
    full->setCheckable(true);
    lookMenu_->addTo(*view);
    view->addSeparator();
    habitsMenu_->addTo(*view);
}

} // namespace rhexion
