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
#include <QStackedWidget>
#include <QWhatsThis>

namespace rhexion {

namespace {

constexpr auto ctrl = Qt::CTRL;
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
    file->addAction(tr("Starting &points…"), QKeySequence(ctrlShift | Qt::Key_X), this,
                    &MainWindow::showStarts);
    file->addAction(tr("&Recipe as text…"), QKeySequence(ctrlShift | Qt::Key_I), this, [this] {
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
    addBench(*batch, tr("Make it larger or s&maller…"), QKeySequence(ctrlShift | Qt::Key_E),
             [this] { bench_->scale()->open(); });
    batch->addAction(tr("Scales and thermo&meters…"), QKeySequence(ctrlShift | Qt::Key_Y), this,
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
    help->addAction(tr("All &keys"), QKeySequence(ctrl | Qt::Key_Slash), this, [this] {
        auto* keys = new KeysWindow(*menuBar(), this);
        keys->show();
    });
}

void MainWindow::buildFormulatingMenu()
{
    QMenu* menu = menuBar()->addMenu(tr("For&mulate"));
    const auto add = [&](const QString& text, Qt::Key key, Topic topic) {
        addBench(*menu, text, QKeySequence(ctrlShift | key), [this, topic] {
            if (topic == Topic::Wishes)
                loadStock();
            bench_->showTopic(topic);
        });
    };
    add(tr("&Moulds, bars and room to foam…"), Qt::Key_U, Topic::Mould);
    add(tr("&Scent and its limits…"), Qt::Key_O, Topic::Scent);
    add(tr("&Reading the blend…"), Qt::Key_B, Topic::Blend);
    add(tr("&Hard water…"), Qt::Key_W, Topic::Water);
    add(tr("&Working time…"), Qt::Key_T, Topic::Pace);
    menu->addSeparator();
    add(tr("&Change and compare…"), Qt::Key_J, Topic::Compare);
    add(tr("Solve &for…"), Qt::Key_F, Topic::Wishes);
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
    addBench(*edit, tr("&Choose from the shelf"), QKeySequence(ctrl | Qt::Key_L),
             [this] { bench_->showShelf(); });
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
