#include "app/main_window.h"

#include "app/backup_actions.h"
#include "app/bench/bench_page.h"
#include "app/bench/scale_button.h"
#include "app/benches/benches_window.h"
#include "app/copy_actions.h"
#include "app/figures_window.h"
#include "app/file_actions.h"
#include "app/formulating/formulating_panels.h"
#include "app/formulating/recipe_window.h"
#include "app/formulating/starts_window.h"
#include "app/habits_menu.h"
#include "app/heat/heat_page.h"
#include "app/journal/calendar_view.h"
#include "app/journal/journal_page.h"
#include "app/look_menu.h"
#include "app/make/heat_card.h"
#include "app/make/make_page.h"
#include "app/notices.h"
#include "app/sheet_actions.h"
#include "app/shelf/shelf_page.h"
#include "app/shelf/stock_window.h"
#include "app/theme/theme.h"
#include "app/tour/tour.h"
#include "app/widgets/note_column.h"
#include "app/widgets/rail.h"
#include "app/widgets/scroll_room.h"
#include "app/widgets/spoken.h"
#include "app/widgets/steady_stack.h"
#include "app/widgets/typing_line.h"
#include "app/widgets/undo_keys.h"
#include "document/autosave.h"
#include "document/formula_document.h"
#include "document/heat_watcher.h"
#include "document/own_fittings.h"
#include "models/batches_model.h"
#include "models/stock_model.h"
#include "pages/working_page.h"
#include "storage/formula_json.h"
#include "storage/stock.h"
#include "words/batch_words.h"
#include "words/lexicon.h"
#include "words/plain_text.h"
#include "words/refusal_words.h"
#include "words/safety_words.h"
#include "words/start_words.h"

#include <QApplication>
#include <QCheckBox>
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
#include <QTextDocument>
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

namespace {

FormulaDocument* freshDocument(Workshop& workshop, const std::optional<Formula>& first)
{
    auto* document = new FormulaDocument;
    document->setWords(words::lexicon());
    if (first)
        document->reset(*first, {});
    else if (workshop.way().settings())
        document->reset(workshop.way().fresh(), {});
    return document;
}

} // namespace

MainWindow::MainWindow(Workshop& workshop, const std::optional<Formula>& first)
    : MainWindow(workshop, freshDocument(workshop, first))
{
}

MainWindow::MainWindow(Workshop& workshop, MainWindow& before)
    : MainWindow(workshop, before.document_)
{
    document_->setWords(words::lexicon());
    bench_->setHeldBack(before.bench_->heldBack());
    heat_->resume();
    if (document_->isDirty())
        autosave_->writeNow();
    const QString batch =
        before.make_ && before.make_->batch() ? before.make_->batch()->batch() : QString();
    if (!batch.isEmpty()) {
        before.make_->setBatch(nullptr);
        workshop_.endMaking(batch);
        takeUp(batch);
    }
    goTo(before.place());
}

MainWindow::MainWindow(Workshop& workshop, FormulaDocument* document)
    : workshop_(workshop), clock_(workshop.clock()), document_(document),
      autosave_(new Autosave(*document_, workshop.recoveryFolder(), this)),
      files_(new FileActions(*document_, *this)), sheets_(new SheetActions(*document_, *this)),
      copies_(new CopyActions([this] { return copyable(); }, *this)),
      backups_(new BackupActions(workshop, this, [this] { return speech(); })),
      habitsMenu_(new HabitsMenu(this)), lookMenu_(new LookMenu(this)), stock_(&workshop.stock())
{
    installSpokenRoles();
    document_->setParent(this);
    setAcceptDrops(true);
    auto* centre = new QWidget(this);
    centre->setObjectName(QStringLiteral("page"));
    notes_ = new NoteColumn(centre);
    pages_ = new SteadyStack(centre);
    heat_ = new HeatWatcher(
        *document_, [this] { return workshop_.fittings().all().heat.value_or(HeatPlan{}); }, this);
    heat_->pause(); // until the first picture
    bench_ = new BenchPage(*document_, *stock_, *heat_, pages_);
    connect(bench_, &BenchPage::heatWanted, this, [this] { goTo(HeatPlace); });
    HeatMemory& memory = workshop.heatMemory();
    connect(&memory, &HeatMemory::changed, heat_,
            [this, &memory] { heat_->setLogs(memory.logs()); });
    heat_->setLogs(memory.logs());
    connect(&workshop.fittings(), &OwnFittings::changed, this,
            [this] { workshop_.heatMemory().wake(workshop_.fittings().all().heatForgotten); });
    formulating_ =
        new FormulatingPanels(*document_, *stock_, workshop.fittings(), workshop.memory(), this);
    connect(formulating_, &FormulatingPanels::noted, this, &MainWindow::say);
    bench_->setFormulating(formulating_);
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
    tour_ = new Tour(*this);
    buildMenu();
    resize(1280, 800);
    setMinimumSize(480, 320);
    new UndoKeys(*this);

    bench_->setToday([this] { return clock_().toLocalTime().date(); });
    connect(bench_, &BenchPage::makeWanted, this, &MainWindow::makeBatch);
    connect(bench_, &BenchPage::noted, this, &MainWindow::say);
    connect(bench_, &BenchPage::negativeWanted, this, &MainWindow::confirmNegative);
    files_->setFresh([this] { return freshWithLots(); });
    bench_->typing()->setCommands(
        [this](const QString& text) { return commandsFor(*menuBar(), text); });
    bench_->setWay(workshop.way().settings());
    connect(&workshop.way(), &MyWay::changed, this,
            [this] { bench_->setWay(workshop_.way().settings()); });
    connect(bench_, &BenchPage::keepWayWanted, this, [this] {
        if (const auto fault = workshop_.way().keep(document_->formula()))
            say(words::fileFault(*fault));
        else
            banner().show(Banner::Tone::Fine, tr("New formulas begin your way from now on."));
    });
    connect(bench_, &BenchPage::forgetWayWanted, this, [this] {
        if (const auto fault = workshop_.way().forget())
            say(words::fileFault(*fault));
    });
    if (const auto& fault = workshop.way().fault())
        say(tr("Your usual settings cannot be read, so new formulas begin as they come. %1")
                .arg(words::fileFault(*fault)));
    wireNotes();
    wireMemory();
    wireCopies();
    sheets_->setUsual([this] { return workshop_.fittings().all().heat.value_or(HeatPlan{}); });
    connect(sheets_, &SheetActions::said, this, &MainWindow::say);
    connect(sheets_, &SheetActions::wrote, this, [this](const QString& path) {
        banner().show(Banner::Tone::Fine,
                      tr("The sheet is written: %1").arg(QFileInfo(path).fileName()));
    });
    connect(lookMenu_, &LookMenu::said, this,
            [this](const QString& text) { banner().show(Banner::Tone::Fine, text); });
    connect(habitsMenu_, &HabitsMenu::changed, this, &MainWindow::speakAnew);
    connect(habitsMenu_, &HabitsMenu::languageWanted, &workshop_, &Workshop::languageWanted);
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

QList<MainWindow::NamedPlace> MainWindow::places()
{
    return {{tr("Bench"), QStringLiteral("beaker"), Bench},
            {tr("Heat"), QStringLiteral("thermometer"), HeatPlace},
            {tr("Make"), QStringLiteral("list-checks"), Make},
            {tr("Journal"), QStringLiteral("notebook-pen"), JournalPlace},
            {tr("Shelf"), QStringLiteral("library-big"), ShelfPlace}};
}

QKeySequence MainWindow::keysOf(Place place)
{
    return QKeySequence(Qt::CTRL | Qt::Key(Qt::Key_1 + int(place)));
}

QWidget* MainWindow::buildRail()
{
    auto* rail = new Rail(this);
    rail->setAccessibleName(tr("Places"));
    rail->setObjectName(QStringLiteral("rail"));
    fixWidth(rail, 84);
    auto* column = new QVBoxLayout(rail);
    column->setContentsMargins(8, 10, 8, 10);
    column->setSpacing(6);
    for (const auto& [name, icon, place] : places()) {
        auto* button = new RailButton(rail);
        button->setObjectName(QStringLiteral("rail"));
        button->setAccessibleName(name);
        button->setText(name);
        button->setIcon(Theme::icon(icon, Ink::Ink));
        button->setToolButtonStyle(Qt::ToolButtonTextUnderIcon);
        button->setCheckable(true);
        button->setAutoExclusive(true);
        button->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
        button->setToolTip(QStringLiteral("%1 (%2)").arg(
            name, keysOf(place).toString(QKeySequence::NativeText))); // the menu has the key
        connect(button, &QToolButton::clicked, this, [this, to = place] { goTo(to); });
        column->addWidget(button);
        rail_.append(button);
    }
    column->addStretch();
    const auto size = [this] {
        for (QToolButton* button : rail_)
            button->setIconSize(QSize(Theme::px(26), Theme::px(26)));
    };
    size();
    connect(&Theme::news(), &LookNews::changed, this, size);
    return rail;
}

void MainWindow::addPage(QWidget* page)
{
    auto* room = new ScrollRoom(page, pages_);
    pages_->addWidget(room);
    rooms_.insert(page, room);
}

HeatPage& MainWindow::heatPage()
{
    if (heatPage_)
        return *heatPage_;
    heatPage_ = new HeatPage(*document_, *heat_, workshop_.fittings(), pages_);
    addPage(heatPage_);
    heatPage_->setSpeech(speech());
    connect(heatPage_, &HeatPage::noted, this, &MainWindow::say);
    return *heatPage_;
}

MakePage& MainWindow::making()
{
    if (make_)
        return *make_;
    loadStock();
    make_ = new MakePage(*stock_, clock_, pages_);
    addPage(make_);
    make_->setHeatPlan([this] { return workshop_.fittings().all().heat.value_or(HeatPlan{}); });
    make_->setDevices(&workshop_.devices());
    make_->heat().setLearnt([this](const Formula& formula, const HeatPlan& plan) {
        return heatKnownFor(formula, plan, workshop_.heatMemory().logs()).learnt;
    });
    make_->setSpeech(speech());
    wireDay();
    connect(make_, &MakePage::noted, this, &MainWindow::say);
    connect(make_, &MakePage::wentWell, this, &MainWindow::overPassing);
    connect(make_, &MakePage::waitingChanged, this, &MainWindow::sayJournal);
    connect(&workshop_, &Workshop::journalChanged, this, &MainWindow::meetOtherBench);
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
    journalPage_ = new JournalPage(workshop_, pages_);
    addPage(journalPage_);
    journalPage_->setSpeech(speech());
    connect(journalPage_, &JournalPage::noted, this, &MainWindow::say);
    journalPage_->calendar().remind()->setChecked(workshop_.notices().isOn());
    connect(journalPage_, &JournalPage::remindWanted, &workshop_.notices(), &Notices::setOn);
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
    addPage(shelfPage_);
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
    connect(shelfPage_, &ShelfPage::stockWanted, this, &MainWindow::showStock);
    return *shelfPage_;
}

void MainWindow::showStock()
{
    stockWindow().refresh();
    stockWindow().show();
    stockWindow().raise();
}

StockWindow& MainWindow::stockWindow()
{
    if (!stockWindow_) {
        stockWindow_ = new StockWindow(
            *stock_, [this]() -> const Journal* { return journal(); },
            [this] { return workshop_.fittings().all().terms; }, clock_, this);
        connect(stockWindow_, &StockWindow::said, this, &MainWindow::say);
    }
    stockWindow_->setSpeech(speech());
    return *stockWindow_;
}

BenchesWindow& MainWindow::benches()
{
    journal(); // the files a courier carries from and to are this bench's own, and there
    stock_->shelf();
    if (!benches_)
        benches_ = new BenchesWindow(
            workshop_.benches(), journal() ? benchLetterOf(journal()->bench().toStdString()) : '\0',
            this);
    return *benches_;
}

void MainWindow::loadStock()
{
    workshop_.loadStock();
    sayShelf();
    // A formula that is still untouched begins with the jars there are.
    if (document_->formula() == workshop_.way().fresh() && document_->history().count() == 0)
        document_->reset(freshWithLots(), {});
}

Formula MainWindow::freshWithLots()
{
    Formula f = workshop_.way().fresh();
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
    if (place == HeatPlace || place == Make)
        workshop_.heatMemory().wake(workshop_.fittings().all().heatForgotten);
    pages_->setCurrentWidget(place == Bench        ? static_cast<QWidget*>(bench_)
                             : place == HeatPlace  ? rooms_.value(&heatPage())
                             : place == Make       ? rooms_.value(&making())
                             : place == ShelfPlace ? rooms_.value(&shelfPage())
                                                   : rooms_.value(&journalPage()));
    rail_[place]->setChecked(true);
    if (place == Bench)
        bench_->focusTyping();
    if (place == ShelfPlace)
        shelfPage().start();
}

MainWindow::Place MainWindow::place() const
{
    const auto at = std::ranges::find_if(rail_, &QToolButton::isChecked);
    return at == rail_.end() ? Bench : Place(at - rail_.begin());
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
    if (heatPage_)
        heatPage_->setSpeech(speech);
    if (make_)
        make_->setSpeech(speech);
    if (journalPage_)
        journalPage_->setSpeech(speech);
    if (shelfPage_)
        shelfPage_->setSpeech(speech);
    if (figures_)
        figures_->setSpeech(speech);
    if (recipe_)
        recipe_->setSpeech(speech);
}

void MainWindow::retitle()
{
    QString name = QString::fromStdString(document_->formula().name);
    if (name.isEmpty())
        name = tr("New formula");
    // Text from a file: nothing in it turns the title around or marks it as changed.
    name = forTerminal(name).replace(QLatin1String("[*]"), QLatin1String("[*][*]"));
    setWindowTitle(QStringLiteral("%1[*] – Rhexion").arg(name));
    setWindowModified(document_->isDirty());
}

RecipeWindow& MainWindow::recipeText()
{
    if (!recipe_) {
        loadStock();
        recipe_ = new RecipeWindow(
            *stock_, [this] { return freshWithLots(); }, this);
        recipe_->setSpeech(speech());
        connect(recipe_, &RecipeWindow::formulaMade, this,
                [this](const Formula& formula, const QStringList& heldBack) {
                    if (!files_->begin(formula))
                        return;
                    bench_->setHeldBack(heldBack);
                    goTo(Bench);
                });
    }
    return *recipe_;
}

void MainWindow::showStarts()
{
    if (!starts_) {
        starts_ = new StartsWindow(this);
        connect(starts_, &StartsWindow::chosen, this, [this](StartingPoint which) {
            if (files_->begin(words::startFormula(which)))
                goTo(Bench);
        });
    }
    starts_->show();
    starts_->raise();
}

void MainWindow::makeBatch()
{
    if (!bench_->heldBack().isEmpty()) {
        say(tr("Before it is made, answer in “Recipe as text”: %1")
                .arg(bench_->heldBack().join(QLatin1Char(' '))));
        return;
    }
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
    // With the plan of heat as it is now, so that its readings are read by it later.
    Formula formula = document_->formula();
    formula.heat = heat_->plan();
    auto begun =
        BatchInProgress::begin(*journal(), formula, *reckoning, clock_, workshop_.places().data);
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
    const auto& made = std::get<Batch>(record);
    const bool elsewhere = journal()->isElsewhere(made);
    if (elsewhere && std::exchange(takingOver_, batch) != batch) {
        say(words::madeElsewhere(made, clock_(), speech()) + QLatin1Char(' ') +
            tr("If somebody stands there, ask first: lye that is weighed twice is twice in the "
               "jug. Press again to take it over."));
        return;
    }
    takingOver_.clear();
    overPassing();
    workshop_.beginMaking(batch);
    making().setBatch(BatchInProgress::resume(*journal(), made, clock_, workshop_.places().data));
    if (const auto fault = elsewhere ? making().batch()->takeOver() : std::nullopt)
        say(words::fileFault(*fault));
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

CopyActions::Here MainWindow::copyable()
{
    CopyActions::Here here;
    here.accounts = bench_->accounts();
    if (journalPage_ && journalPage_->isVisible()) {
        here.table = [this] { return tableOf(journalPage_->batches()); };
        here.page = [this] { return journalPage_->pageText(); };
    } else if (shelfPage_ && shelfPage_->isVisible()) {
        here.table = [this] { return tableOf(shelfPage_->listed()); };
        here.page = [this] { return shelfPage_->pageText(); };
    } else if (const Reckoning* r = document_->reckoning()) {
        here.table = [this, r] { return formulaTable(document_->formula(), *r, speech()); };
        here.page = [this, r] {
            QTextDocument page;
            page.setHtml(workingHtml(document_->formula(), *r, speech(), {}));
            return page.toPlainText();
        };
    }
    return here;
}

void MainWindow::wireCopies()
{
    connect(copies_, &CopyActions::said, this, &MainWindow::say);
    connect(backups_, &BackupActions::said, this, &MainWindow::say);
    connect(backups_, &BackupActions::settingsTaken, this, [this] {
        Theme::apply(*qApp, Look::read(QSettings()));
        setHabits(readHabits(QSettings(), QLocale()));
    });
    connect(copies_, &CopyActions::copied, this,
            [this](const QString& text) { banner().show(Banner::Tone::Fine, text); });
}

void MainWindow::find()
{
    if (journalPage_ && journalPage_->isVisible())
        journalPage_->findField()->setFocus();
    else if (shelfPage_ && shelfPage_->isVisible())
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
    Q_EMIT closing();
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
