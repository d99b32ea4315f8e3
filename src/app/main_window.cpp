#include "app/main_window.h"

#include "app/bench/bench_page.h"
#include "app/bench/scale_button.h"
#include "app/file_actions.h"
#include "app/habits_menu.h"
#include "app/journal/journal_page.h"
#include "app/make/make_page.h"
#include "app/sheet_actions.h"
#include "app/shelf/shelf_page.h"
#include "app/theme/theme.h"
#include "app/widgets/note_column.h"
#include "app/widgets/steady_stack.h"
#include "app/widgets/typing_line.h"
#include "app/widgets/undo_keys.h"
#include "document/autosave.h"
#include "document/formula_document.h"
#include "storage/formula_json.h"
#include "storage/stock.h"
#include "words/lexicon.h"
#include "words/refusal_words.h"
#include "words/safety_words.h"

#include <QApplication>
#include <QCloseEvent>
#include <QDir>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QMenuBar>
#include <QMimeData>
#include <QPushButton>
#include <QScreen>
#include <QSettings>
#include <QStackedWidget>
#include <QToolButton>
#include <QVBoxLayout>

#include <utility>

namespace rhexion {

MainWindow::MainWindow(const Places& places, const Clock& clock,
                       const std::optional<Formula>& first)
    : MainWindow(std::make_unique<Workshop>(places, clock), first)
{
}

MainWindow::MainWindow(std::unique_ptr<Workshop> own, const std::optional<Formula>& first)
    : MainWindow(*own, first)
{
    own_ = std::move(own);
}

MainWindow::MainWindow(Workshop& workshop, const std::optional<Formula>& first)
    : workshop_(workshop), clock_(workshop.clock()), document_(new FormulaDocument(this)),
      autosave_(new Autosave(*document_, workshop.recoveryFolder(), this)),
      files_(new FileActions(*document_, *this)), sheets_(new SheetActions(*document_, *this)),
      habitsMenu_(new HabitsMenu(this)), stock_(&workshop.stock())
{
    document_->setWords(words::lexicon());
    setAcceptDrops(true);
    if (first)
        document_->reset(*first, {});
    auto* centre = new QWidget(this);
    centre->setObjectName(QStringLiteral("page"));
    notes_ = new NoteColumn(centre);
    pages_ = new SteadyStack(centre);
    bench_ = new BenchPage(*document_, *stock_, pages_);
    pages_->addWidget(bench_);
    auto* right = new QVBoxLayout;
    right->setSpacing(0);
    right->addWidget(notes_);
    right->addWidget(pages_, 1);
    auto* layout = new QHBoxLayout(centre);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addWidget(buildRail());
    layout->addLayout(right, 1);
    setCentralWidget(centre);
    buildMenu();
    resize(1280, 800);
    setMinimumSize(980, 640);
    new UndoKeys(*this);

    bench_->setToday([this] { return clock_().toLocalTime().date(); });
    connect(bench_, &BenchPage::makeWanted, this, &MainWindow::makeBatch);
    connect(bench_, &BenchPage::noted, this, &MainWindow::say);
    connect(bench_, &BenchPage::negativeWanted, this, &MainWindow::confirmNegative);
    files_->setFresh([this] { return freshWithLots(); });
    wireNotes();
    connect(sheets_, &SheetActions::said, this, &MainWindow::say);
    connect(sheets_, &SheetActions::wrote, this, [this](const QString& path) {
        banner().show(Banner::Tone::Fine,
                      tr("The sheet is written: %1").arg(QFileInfo(path).fileName()));
    });
    connect(habitsMenu_, &HabitsMenu::changed, this, &MainWindow::speakAnew);
    connect(document_, &FormulaDocument::changed, this, &MainWindow::retitle);
    connect(document_, &FormulaDocument::dirtyChanged, this, &MainWindow::retitle);
    connect(document_, &FormulaDocument::pathChanged, this, &MainWindow::retitle);

    speakAnew();
    goTo(Bench);
    retitle();
}

MainWindow::~MainWindow()
{
    if (make_ && make_->batch())
        workshop_.endMaking(make_->batch()->batch());
    // Pages may still write to the document and journal as editors close; they go first.
    delete centralWidget();
    document_->disconnect(this);
}

QWidget* MainWindow::buildRail()
{
    auto* rail = new QFrame(this);
    rail->setObjectName(QStringLiteral("rail"));
    rail->setFixedWidth(84);
    auto* column = new QVBoxLayout(rail);
    column->setContentsMargins(8, 10, 8, 10);
    column->setSpacing(6);
    const std::tuple<QString, QString, Place> places[] = {
        {tr("Bench"), QStringLiteral("beaker"), Bench},
        {tr("Make"), QStringLiteral("list-checks"), Make},
        {tr("Journal"), QStringLiteral("notebook-pen"), JournalPlace},
        {tr("Shelf"), QStringLiteral("library-big"), ShelfPlace}};
    int number = 0;
    for (const auto& [name, icon, place] : places) {
        auto* button = new QToolButton(rail);
        button->setObjectName(QStringLiteral("rail"));
        button->setText(name);
        button->setIcon(QIcon(Theme::pixmap(icon, Theme::colours().ink, 26)));
        button->setIconSize(QSize(26, 26));
        button->setToolButtonStyle(Qt::ToolButtonTextUnderIcon);
        button->setCheckable(true);
        button->setAutoExclusive(true);
        button->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
        button->setShortcut(QKeySequence(Qt::CTRL | Qt::Key(Qt::Key_1 + number++)));
        button->setToolTip(QStringLiteral("%1 (%2)").arg(
            name, button->shortcut().toString(QKeySequence::NativeText)));
        connect(button, &QToolButton::clicked, this, [this, to = place] { goTo(to); });
        column->addWidget(button);
        rail_.append(button);
    }
    column->addStretch();
    return rail;
}

void MainWindow::buildMenu()
{
    QMenu* file = menuBar()->addMenu(tr("&File"));
    files_->addTo(*file);
    file->addSeparator();
    sheets_->addTo(*file);
    file->addSeparator();
    file->addAction(tr("&Close window"), QKeySequence(Qt::CTRL | Qt::Key_W), this, &QWidget::close);
    file->addAction(tr("&Quit"), QKeySequence(Qt::CTRL | Qt::Key_Q), qApp,
                    &QApplication::closeAllWindows);

    QMenu* edit = menuBar()->addMenu(tr("&Edit"));
    QAction* undo = document_->history().createUndoAction(this, tr("&Undo"));
    undo->setShortcut(QKeySequence::Undo);
    QAction* redo = document_->history().createRedoAction(this, tr("&Redo"));
    redo->setShortcuts(
        {QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z), QKeySequence(Qt::CTRL | Qt::Key_Y)});
    edit->addActions({undo, redo});
    edit->addSeparator();
    edit->addAction(tr("&Type a material"), QKeySequence(Qt::CTRL | Qt::Key_K), this, [this] {
        goTo(Bench);
        bench_->focusTyping();
    });
    edit->addAction(tr("&Find here"), QKeySequence::Find, this, &MainWindow::find);
    edit->addAction(tr("&Choose from the shelf"), QKeySequence(Qt::CTRL | Qt::Key_L), this, [this] {
        goTo(Bench);
        bench_->showShelf();
    });
    edit->addAction(tr("&I have already… (mend a slip)"), QKeySequence(Qt::CTRL | Qt::Key_M), this,
                    [this] {
                        goTo(Bench);
                        bench_->showSlips();
                    });
    edit->addAction(tr("Take the figures of the &newest lots"), this, [this] {
        const int count = document_->takeNewest([this](const Material& m) { return newest(m); },
                                                true, tr("Take the newest lots"));
        banner().show(Banner::Tone::Fine,
                      count == 0 ? tr("They are the newest already.")
                                 : tr("%n material(s) have new figures.", nullptr, count));
    });

    QMenu* batch = menuBar()->addMenu(tr("&Batter and lye"));
    batch->addAction(tr("&Split the batter…"), QKeySequence(Qt::CTRL | Qt::Key_B), this, [this] {
        goTo(Bench);
        bench_->showPortions();
    });
    batch->addAction(tr("&Lye made ahead…"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_D), this,
                     [this] {
                         goTo(Bench);
                         loadStock();
                         bench_->showStockLye();
                     });
    batch->addAction(tr("Make it larger or s&maller…"),
                     QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_E), this, [this] {
                         goTo(Bench);
                         bench_->scale()->open();
                     });

    QMenu* view = menuBar()->addMenu(tr("&View"));
    view->addAction(tr("Show the &working"), QKeySequence(Qt::CTRL | Qt::Key_R), this, [this] {
        goTo(Bench);
        bench_->showWorking(Rule::BatterMass, LineId(-1));
    });
    view->addAction(tr("Show the &figures"), QKeySequence(Qt::CTRL | Qt::Key_G), this, [this] {
        goTo(Bench);
        bench_->showFigures();
    });
    view->addSeparator();
    QAction* full = view->addAction(tr("F&ull screen"), QKeySequence(Qt::Key_F11), this,
                                    [this](bool on) { on ? showFullScreen() : showNormal(); });
    full->setCheckable(true);
    habitsMenu_->addTo(*view);
    view->addSeparator();
    QAction* darkAction =
        view->addAction(tr("Dark colours from the next start"), this,
                        [](bool on) { QSettings().setValue(QStringLiteral("dark"), on); });
    darkAction->setCheckable(true);
    darkAction->setChecked(Theme::isDark());

    QMenu* help = menuBar()->addMenu(tr("&Help"));
    help->addAction(tr("&Safety and about"), QKeySequence::HelpContents, this, &MainWindow::about);
}

MakePage& MainWindow::making()
{
    if (make_)
        return *make_;
    loadStock();
    make_ = new MakePage(*stock_, pages_);
    pages_->addWidget(make_);
    make_->setSpeech(speech());
    connect(make_, &MakePage::noted, this, &MainWindow::say);
    connect(make_, &MakePage::wentWell, this, &MainWindow::overPassing);
    connect(make_, &MakePage::waitingChanged, this, &MainWindow::sayJournal);
    connect(make_, &MakePage::finished, this, [this](const QString& batch) {
        workshop_.endMaking(batch);
        Q_EMIT workshop_.journalChanged();
        goTo(JournalPlace);
        journalPage().reload(batch);
        banner().show(Banner::Tone::Fine, tr("The batch is in the journal."));
    });
    connect(make_, &MakePage::stopped, this, [this] {
        workshop_.endMaking(make_->batch()->batch());
        make_->setBatch(nullptr);
        Q_EMIT workshop_.journalChanged();
        goTo(JournalPlace);
    });
    return *make_;
}

JournalPage& MainWindow::journalPage()
{
    if (journalPage_)
        return *journalPage_;
    journalPage_ = new JournalPage(clock_, pages_);
    pages_->addWidget(journalPage_);
    journalPage_->setSpeech(speech());
    connect(journalPage_, &JournalPage::noted, this, &MainWindow::say);
    connect(journalPage_, &JournalPage::resumeWanted, this, &MainWindow::takeUp);
    connect(journalPage_, &JournalPage::wrote, &workshop_, &Workshop::journalChanged);
    connect(&workshop_, &Workshop::journalChanged, journalPage_, [this] {
        if (journalPage_->isVisible())
            journalPage_->reload();
    });
    connect(&workshop_, &Workshop::journalOpened, journalPage_,
            [this] { journalPage_->setJournal(journal()); });
    connect(journalPage_, &JournalPage::formulaWanted, this, [this](const Formula& formula) {
        if (!files_->mayLeave())
            return;
        document_->resetRecovered(formula, {});
        goTo(Bench);
    });
    if (Journal* opened = journal())
        journalPage_->setJournal(opened);
    return *journalPage_;
}

ShelfPage& MainWindow::shelfPage()
{
    if (shelfPage_)
        return *shelfPage_;
    loadStock();
    shelfPage_ = new ShelfPage(*stock_, clock_, pages_);
    pages_->addWidget(shelfPage_);
    shelfPage_->setUses([this]() -> const Journal* { return journal(); },
                        [this](const std::string& id) {
                            const Formula& f = document_->formula();
                            return std::ranges::any_of(
                                f.lines, [&](const Line& line) { return line.material->id == id; });
                        });
    shelfPage_->setSpeech(speech());
    connect(shelfPage_, &ShelfPage::noted, this, &MainWindow::say);
    connect(shelfPage_, &ShelfPage::useWanted, this, [this](const MaterialPtr& material) {
        goTo(Bench);
        bench_->typing()->offer(material);
    });
    connect(shelfPage_, &ShelfPage::batchWanted, this, [this](const QString& batch) {
        goTo(JournalPlace);
        journalPage().reload(batch);
    });
    connect(shelfPage_, &ShelfPage::shelfChanged, this, [this] { banner().hide(); });
    return *shelfPage_;
}

void MainWindow::loadStock()
{
    workshop_.loadStock();
    sayShelf();
    // A formula that is still untouched begins with the jars there are.
    if (document_->formula() == freshFormula() && document_->history().count() == 0)
        document_->reset(freshWithLots(), {});
}

Formula MainWindow::freshWithLots()
{
    Formula f = freshFormula();
    for (MaterialPtr* lye : {&f.lye.sodium, &f.lye.potassium})
        if (const MaterialPtr now = newest(**lye))
            *lye = now;
    return f;
}

// What the shelf has for a material that is in a formula: only where lots or the maker's own
// figures decide; a catalogue material keeps the figures it was reckoned with.
MaterialPtr MainWindow::newest(const Material& material)
{
    Shelf* shelf = stock_->shelf();
    if (!shelf || (material.lot.id.empty() && !shelf->openLotOf(material.id) &&
                   !shelf->findMaterial(material.id)))
        return nullptr;
    return stock_->material(material.id);
}

void MainWindow::goTo(Place place)
{
    if (place == JournalPlace)
        journalPage().reload();
    pages_->setCurrentWidget(place == Bench        ? static_cast<QWidget*>(bench_)
                             : place == Make       ? static_cast<QWidget*>(&making())
                             : place == ShelfPlace ? static_cast<QWidget*>(&shelfPage())
                                                   : &journalPage());
    rail_[place]->setChecked(true);
    if (place == Bench)
        bench_->focusTyping();
    if (place == ShelfPlace)
        shelfPage().start();
}

void MainWindow::setHabits(const Habits& habits)
{
    habitsMenu_->setHabits(habits);
}

Speech MainWindow::speech() const
{
    return Speech(habitsMenu_->habits());
}

void MainWindow::speakAnew()
{
    const Speech speech = this->speech();
    sheets_->setSpeech(speech);
    bench_->setSpeech(speech);
    if (make_)
        make_->setSpeech(speech);
    if (journalPage_)
        journalPage_->setSpeech(speech);
    if (shelfPage_)
        shelfPage_->setSpeech(speech);
}

void MainWindow::retitle()
{
    QString name = QString::fromStdString(document_->formula().name);
    if (name.isEmpty())
        name = tr("New formula");
    setWindowTitle(QStringLiteral("%1[*] – Rhexion").arg(name));
    setWindowModified(document_->isDirty());
}

void MainWindow::makeBatch()
{
    const Reckoning* reckoning = document_->reckoning();
    if (!reckoning || !journal()) {
        sayJournal();
        return;
    }
    if (making().batch()) {
        goTo(Make);
        say(tr("A batch is being made already: finish or stop it first."));
        return;
    }
    remarkClock();
    auto begun = BatchInProgress::begin(*journal(), document_->formula(), *reckoning, clock_,
                                        workshop_.places().data);
    if (const auto* fault = std::get_if<FileFault>(&begun)) {
        say(words::fileFault(*fault));
        return;
    }
    workshop_.beginMaking(std::get<std::unique_ptr<BatchInProgress>>(begun)->batch());
    Q_EMIT workshop_.journalChanged();
    making().setBatch(std::get<std::unique_ptr<BatchInProgress>>(std::move(begun)));
    goTo(Make);
}

void MainWindow::takeUp(const QString& batch)
{
    if (making().batch()) {
        goTo(Make);
        if (making().batch()->batch() != batch)
            say(tr("Another batch is being made here: finish or stop it first, or take this one up "
                   "in a new window."));
        return;
    }
    if (workshop_.isBeingMade(batch)) {
        say(tr("This batch is being made in another window."));
        return;
    }
    if (!journal())
        return;
    const auto record = journal()->batch(batch);
    if (const auto* fault = std::get_if<FileFault>(&record)) {
        say(words::fileFault(*fault));
        return;
    }
    workshop_.beginMaking(batch);
    making().setBatch(BatchInProgress::resume(*journal(), std::get<Batch>(record), clock_,
                                              workshop_.places().data));
    goTo(Make);
    overMaking(batch);
}

void MainWindow::about()
{
    banner().show(Banner::Tone::Fine,
                  tr("Rhexion %1, free software under the GPL, version 3 or later.")
                          .arg(QApplication::applicationVersion()) +
                      QLatin1Char(' ') + words::safety() + QLatin1Char(' ') + words::firstAid() +
                      QLatin1Char(' ') + words::localLaw());
}

void MainWindow::find()
{
    if (pages_->currentWidget() == journalPage_ && journalPage_)
        journalPage_->findField()->setFocus();
    else if (pages_->currentWidget() == shelfPage_ && shelfPage_)
        shelfPage_->start();
    else {
        goTo(Bench);
        bench_->typing()->field()->setFocus();
    }
}

void MainWindow::fitScreen()
{
    constexpr int title = 40; // px, of a window's frame
    const QRect room = screen()->availableGeometry();
    if (restoreGeometry(QSettings().value(QStringLiteral("window")).toByteArray()))
        return;
    resize(std::min(width(), room.width()), std::min(height(), room.height() - title));
}

void MainWindow::closeEvent(QCloseEvent* event)
{
    if (!files_->mayLeave()) {
        event->ignore();
        return;
    }
    QSettings().setValue(QStringLiteral("window"), saveGeometry());
    event->accept();
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event)
{
    if (event->mimeData()->hasUrls())
        event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event)
{
    const QList<QUrl> urls = event->mimeData()->urls();
    if (!urls.isEmpty() && urls.first().isLocalFile() && files_->mayLeave())
        files_->openPath(urls.first().toLocalFile());
}

} // namespace rhexion
