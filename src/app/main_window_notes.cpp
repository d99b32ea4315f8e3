// What the window says above its page: each note is about one thing and goes when it is over.
#include "app/main_window.h"

#include "app/backup_actions.h"
#include "app/bench/bench_page.h"
#include "app/benches/bench_link.h"
#include "app/file_actions.h"
#include "app/habits_menu.h"
#include "app/journal/journal_page.h"
#include "app/make/make_page.h"
#include "app/widgets/note_column.h"
#include "document/autosave.h"
#include "document/formula_document.h"
#include "storage/good_copies.h"
#include "words/batch_words.h"
#include "words/refusal_words.h"

#include <QFileInfo>
#include <QPushButton>

#include <memory>
#include <utility>

namespace rhexion {

namespace {

using Tone = Banner::Tone;

// What notes are about.
const QString passing = QStringLiteral("passing");
const QString negative = QStringLiteral("negative");
const QString newestLots = QStringLiteral("newest");
const QString recovered = QStringLiteral("recovered:");
const QString inMaking = QStringLiteral("making:");
const QString ofJournal = QStringLiteral("journal");
const QString ofShelf = QStringLiteral("shelf");
const QString ofFoods = QStringLiteral("foods");
const QString keptSafe = QStringLiteral("autosave");
const QString onDisk = QStringLiteral("disk");
const QString readOnly = QStringLiteral("read-only");
const QString ofClock = QStringLiteral("clock");
const QString ofUnits = QStringLiteral("units");
const QString ofBenches = QStringLiteral("benches");
const QString partly = QStringLiteral("partly");

} // namespace

Banner& MainWindow::banner()
{
    return notes_->about(passing);
}

void MainWindow::overPassing()
{
    notes_->over(passing);
}

void MainWindow::overMaking(const QString& batch)
{
    notes_->over(inMaking + batch);
}

void MainWindow::say(const QString& text)
{
    notes_->say(passing, Tone::Care, text);
}

void MainWindow::leaveCopy()
{
    autosave_->leaveCopy();
}

void MainWindow::wireNotes()
{
    connect(stock_, &Stock::failed, this, [this](Stock::Part part, const FileFault& fault) {
        const bool shelf = part == Stock::Part::Shelf;
        const QString what = shelf ? tr("The shelf") : tr("The foods table");
        notes_->say(shelf ? ofShelf : ofFoods, Tone::Care,
                    tr("%1 cannot be opened. %2").arg(what, words::fileFault(fault)));
    });
    connect(stock_, &Stock::changed, this, [this] {
        notes_->over(ofShelf);
        sayShelf();
        offerNewest();
    });
    connect(&workshop_, &Workshop::said, this, &MainWindow::say);
    const auto before = std::make_shared<CourierNews::State>(CourierNews::State::Asking);
    connect(&workshop_.benches(), &BenchLink::news, this, [this, before](const CourierNews& news) {
        using State = CourierNews::State;
        const bool isNew = std::exchange(*before, news.state) != news.state;
        if (news.state != State::Away && news.state != State::Refused)
            notes_->over(ofBenches);
        else if (isNew || notes_->about(ofBenches).isVisible()) // who closed it has read it
            notes_->say(
                ofBenches, news.state == State::Refused ? Tone::Care : Tone::Fine,
                tr("The other benches: %1").arg(words::serverState(false, news.why, news.waiting)));
    });
    connect(&workshop_.benches(), &BenchLink::changed, this, [this] {
        if (!workshop_.benches().isJoined())
            notes_->over(ofBenches);
    });
    connect(&workshop_, &Workshop::journalFailed, this, &MainWindow::sayJournal);
    connect(&workshop_, &Workshop::journalOpened, this, &MainWindow::sayJournal);
    connect(document_, &FormulaDocument::refused, this, [this](const Refusal& why) {
        notes_->say(passing, Tone::Care, words::refusal(why, speech()));
    });
    connect(files_, &FileActions::failed, this, &MainWindow::say);
    connect(files_, &FileActions::windowWanted, &workshop_, &Workshop::windowWanted);
    connect(files_, &FileActions::opened, this, [this] {
        bench_->setHeldBack({}); // of the formula that was there
        notes_->over(passing);
        notes_->over(onDisk);
        notes_->over(partly);
        notes_->over(negative);
        goTo(Bench);
        offerNewest();
    });
    connect(files_, &FileActions::changedOnDisk, this, &MainWindow::sayChangedOnDisk);
    connect(files_, &FileActions::asOnDisk, this, [this] { notes_->over(onDisk); });
    connect(files_, &FileActions::partlyReadable, this,
            [this](const QString& said, const SalvagedFormula& part) {
                Banner& note = notes_->say(partly, Tone::Care, said);
                connect(note.addButton(tr("Open what can be read")), &QPushButton::clicked, this,
                        [this, formula = part.formula] {
                            if (!files_->mayLeave())
                                return;
                            document_->resetRecovered(formula, {});
                            goTo(Bench);
                        });
            });
    connect(autosave_, &Autosave::failed, this, [this](const QString& why) {
        notes_->say(keptSafe, Tone::Care,
                    tr("Unsaved work is not being kept safe: %1. Save it soon.").arg(why));
    });
    connect(autosave_, &Autosave::kept, this, [this] { notes_->over(keptSafe); });
    if (workshop_.places().readOnly)
        notes_->say(
            readOnly, Tone::Care,
            tr("Another Rhexion has your data and does not answer, so shelf and journal can "
               "only be looked at here. Formulas can be opened and saved. Close the other "
               "one and start again to go on."));
}

void MainWindow::sayShelf()
{
    Shelf* shelf = stock_->shelf();
    if (!shelf || shelf->setAside().empty())
        return;
    const SetAside& first = shelf->setAside().front();
    Banner& note = notes_->say(
        ofShelf, Tone::Care,
        tr("%n thing(s) of your shelf cannot be read and is set aside; the rest is there. "
           "“%1”: %2",
           nullptr, int(shelf->setAside().size()))
            .arg(first.what, words::fileFault(first.fault)));
    if (first.material)
        connect(note.addButton(tr("Mend it, cutting what is too long")), &QPushButton::clicked,
                this, [this, what = first.what] {
                    Shelf* now = stock_->shelf();
                    if (const auto fault = now ? now->mend(what) : std::nullopt)
                        say(tr("It cannot be mended here: %1").arg(words::fileFault(*fault)));
                    else
                        stock_->refresh();
                });
}

void MainWindow::sayJournal()
{
    const auto& fault = workshop_.journalFault();
    if (!fault) {
        const BatchInProgress* batch = make_ ? make_->batch() : nullptr;
        if (batch && batch->waitingFor())
            notes_->say(ofJournal, Tone::Care,
                        tr("The journal could not be written. %1 What you weigh is kept in a file "
                           "beside it and goes in as soon as it can; go on.")
                            .arg(words::fileFault(*batch->waitingFor())));
        else
            notes_->over(ofJournal);
        return;
    }
    using Code = FileFault::Code;
    Banner& note =
        notes_->say(ofJournal, Tone::Care,
                    tr("The journal cannot be opened. %1").arg(words::fileFault(*fault)));
    const bool gone = fault->code == Code::OnlyCopies;
    if (fault->code == Code::Locked || fault->code == Code::ReadOnly || fault->code == Code::Newer)
        return;
    if (const QDateTime made = workshop_.goodJournalCopy(); made.isValid())
        connect(
            note.addButton(tr("Go on with its last good copy, of %1").arg(speech().dateTime(made))),
            &QPushButton::clicked, this, [this] {
                if (!workshop_.journalFromGoodCopy())
                    sayJournal();
            });
    if (tracesOf(workshop_.journalPath()).weeklyCopies > 0)
        connect(note.addButton(tr("Look at a weekly copy…")), &QPushButton::clicked, this,
                [this] { backups().chooseOne(); });
    connect(note.addButton(gone ? tr("Begin a new one; the copies stay")
                                : tr("Put it aside and begin a new one")),
            &QPushButton::clicked, this, [this] {
                if (!workshop_.journalAnew())
                    sayJournal();
            });
}

void MainWindow::askUnits()
{
    Habits other = habitsMenu_->habits();
    const bool ounces = other.massUnit != AmountUnit::Gram;
    other.massUnit = ounces ? AmountUnit::Gram : AmountUnit::Ounce;
    other.fahrenheit = !ounces;
    Banner& note = notes_->say(
        ofUnits, Tone::Fine,
        (ounces ? tr("Weights are shown in ounces and temperatures in °F, as this computer has "
                     "them. What you type keeps the unit you type. View changes it later.")
                : tr("Weights are shown in grams and temperatures in °C, as this computer has "
                     "them. What you type keeps the unit you type. View changes it later.")));
    connect(note.addButton(ounces ? tr("Grams and °C") : tr("Ounces and °F")),
            &QPushButton::clicked, this, [this, other] { habitsMenu_->keep(other); });
    note.addButton(tr("That is right"));
}

void MainWindow::offerGoodCopy()
{
    const int more = journal() ? journal()->lackedOfGoodCopy() : 0;
    if (more == 0)
        return;
    Banner& note =
        notes_->say(ofJournal, Tone::Care,
                    tr("The last good copy of the journal, of %1, holds %n thing(s) that the "
                       "journal lacks: it may have been replaced by an older one.",
                       nullptr, more)
                        .arg(speech().dateTime(workshop_.goodJournalCopy())));
    connect(note.addButton(tr("Bring them in")), &QPushButton::clicked, this, [this] {
        const auto fault = journal()->bringInGoodCopy();
        notes_->over(ofJournal);
        if (fault)
            say(words::fileFault(*fault));
        Q_EMIT workshop_.journalChanged();
        offerUnfinished();
    });
    connect(note.addButton(tr("Leave them")), &QPushButton::clicked, this,
            [this] { notes_->over(ofJournal); });
}

void MainWindow::sayChangedOnDisk()
{
    const QString path = document_->path();
    Banner& note = notes_->say(onDisk, Tone::Care,
                               tr("%1 was changed by something else since you opened it.")
                                   .arg(QFileInfo(path).fileName()));
    connect(note.addButton(tr("Keep mine")), &QPushButton::clicked, files_, &FileActions::saveOver);
    connect(note.addButton(tr("Take that")), &QPushButton::clicked, files_,
            [this, path] { files_->openPath(path); });
    connect(note.addButton(tr("Both, side by side")), &QPushButton::clicked, &workshop_,
            [this, path] { Q_EMIT workshop_.windowWanted(path); });
}

void MainWindow::remarkClock()
{
    const QDateTime latest = journal() ? journal()->latest() : QDateTime();
    constexpr int slack = 120; // s
    if (!latest.isValid() || latest <= clock_().addSecs(slack)) {
        notes_->over(ofClock);
        return;
    }
    notes_->say(
        ofClock, Tone::Care,
        tr("This computer says it is %1, but the journal was written on %2. If its clock was "
           "set back, times in the journal run backwards.")
            .arg(speech().dateTime(clock_()), speech().dateTime(latest)));
}

void MainWindow::confirmNegative(double superfat)
{
    const QString percent = speech().percent(superfat);
    Banner& note = notes_->say(
        negative, Tone::Danger,
        tr("A superfat of %1 leaves lye in the soap: for laundry, never for skin. Every "
           "print will say so.")
            .arg(percent));
    connect(note.addButton(tr("Use %1, not for skin").arg(percent)), &QPushButton::clicked, this,
            [this, superfat] {
                LyeSettings lye = document_->formula().lye;
                lye.superfat = superfat;
                document_->apply(SetLye{SettingField::Superfat, lye}, tr("Set superfat"));
            });
    note.addButton(tr("Keep it as it was"));
}

void MainWindow::offerNewest()
{
    const auto lookUp = [this](const Material& m) { return newest(m); };
    const int count = document_->takeNewest(lookUp, false, {});
    if (count == 0) {
        notes_->over(newestLots);
        return;
    }
    Banner& note =
        notes_->say(newestLots, Tone::Care,
                    tr("%n material(s) on the bench have other figures than your newest lots.",
                       nullptr, count));
    connect(note.addButton(tr("Take the newest figures")), &QPushButton::clicked, this,
            [this, lookUp] { document_->takeNewest(lookUp, true, tr("Take the newest lots")); });
}

void MainWindow::offerWork(const RecoveredWork& work)
{
    const QString about = recovered + work.file;
    const QString name = QString::fromStdString(work.formula.name);
    QString text =
        tr("Unsaved work on “%1” from %2 was kept.")
            .arg(name.isEmpty() ? tr("a new formula") : name, speech().dateTime(work.at));
    if (!work.lost.empty())
        text += QLatin1Char(' ') +
                tr("%n thing(s) in it cannot be read: %1", nullptr, int(work.lost.size()))
                    .arg(words::fileFault(work.lost.front()));
    Banner& note = notes_->say(about, Tone::Care, text);
    connect(note.addButton(work.lost.empty() ? tr("Take it up") : tr("Take up what can be read")),
            &QPushButton::clicked, this, [this, work] {
                if (!files_->mayLeave()) {
                    offerWork(work);
                    return;
                }
                document_->resetRecovered(work.formula, work.path, work.onDisk);
                // The copy goes only when all of it is safe in another.
                if (autosave_->writeNow() && work.lost.empty())
                    Autosave::discard(work);
            });
    connect(note.addButton(tr("Throw it away")), &QPushButton::clicked, this,
            [work] { Autosave::discard(work); });
}

void MainWindow::offerUnfinished()
{
    // Offered only if there is a journal, or there was one.
    const bool here =
        QFileInfo::exists(workshop_.journalPath()) || tracesOf(workshop_.journalPath()).any();
    if (!here || !journal())
        return;
    const auto read = journal()->unfinished();
    const auto* unfinished = std::get_if<QList<BatchSummary>>(&read);
    if (!unfinished)
        return;
    constexpr int most = 3; // the rest are in the journal
    for (int i = 0; i < std::min<int>(most, int(unfinished->size())); ++i) {
        const BatchSummary& batch = unfinished->at(i);
        if (workshop_.isBeingMade(batch.id))
            continue;
        QString text = tr("“%1”, begun on %2, is still in the making.")
                           .arg(batch.name.isEmpty() ? tr("A batch") : batch.name,
                                speech().dateTime(batch.started));
        const auto whole = journal()->batch(batch.id);
        const auto* made = std::get_if<Batch>(&whole);
        const bool elsewhere = made && journal()->isElsewhere(*made);
        if (elsewhere)
            text += QLatin1Char(' ') + words::madeElsewhere(*made, clock_(), speech());
        Banner& note = notes_->say(inMaking + batch.id, Tone::Care, text);
        if (elsewhere)
            connect(note.addButton(tr("Follow it")), &QPushButton::clicked, this,
                    [this, id = batch.id] {
                        goTo(JournalPlace);
                        journalPage().reload(id);
                    });
        connect(note.addButton(elsewhere ? tr("Take it over") : tr("Go on making it")),
                &QPushButton::clicked, this, [this, id = batch.id] { takeUp(id); });
    }
}

void MainWindow::offerRecovered()
{
    constexpr int most = 3; // at a time; the others at the next start
    const QList<RecoveredWork> left = autosave_->leftBehind();
    for (const RecoveredWork& work : left.mid(0, most))
        offerWork(work);
    offerUnfinished();
}

} // namespace rhexion
