#include "children.h"

#include "weeks.h"

#include "batch/batch_in_progress.h"
#include "document/autosave.h"
#include "document/formula_document.h"
#include "storage/catalogue.h"
#include "storage/formula_json.h"
#include "storage/shelf.h"
#include "storage/sqlite_journal.h"

#include <QDir>

#include <cstdio>
#include <cstdlib>
#include <random>

namespace rhexion::reliability {

namespace {

void acknowledge(const QString& what)
{
    std::printf("%s\n", qPrintable(what));
    std::fflush(stdout);
}

QString recovered(const QString& folder)
{
    return folder + QStringLiteral("/recovered");
}
QString formulaFile(const QString& folder)
{
    return folder + QStringLiteral("/loaf.rhexion");
}
QString shelfFile(const QString& folder)
{
    return folder + QStringLiteral("/shelf.sqlite");
}
QString journalFile(const QString& folder)
{
    return folder + QStringLiteral("/journal.sqlite");
}

MaterialPtr shipped(const char* id)
{
    return Catalogue::shipped().find(id);
}

Line lineOf(LineId id, const char* material, double grams, Vessel vessel)
{
    Line line;
    line.id = id;
    line.material = shipped(material);
    line.vessel = vessel;
    line.amount = {grams, AmountUnit::Gram};
    return line;
}

Formula loaf()
{
    Formula f;
    f.name = "Loaf 0";
    f.lines = {lineOf(1, "olive-oil", 500, Vessel::OilPot),
               lineOf(2, "coconut-oil", 200, Vessel::OilPot),
               lineOf(3, "buttermilk", 120, Vessel::OilPot), lineOf(4, "water", 0, Vessel::LyeJug)};
    f.lines[3].amount = {0, AmountUnit::Rest};
    f.lye.sodium = shipped("sodium-hydroxide");
    return f;
}

// The i-th edit: its number is in the name, so that what is found says how far it is.
std::vector<Edit> edit(int i)
{
    return {SetText{TextField::Name, "Loaf " + std::to_string(i)},
            SetAmount{1, {500.0 + i, AmountUnit::Gram}}};
}

int editOf(const Formula& f)
{
    const int i = std::atoi(f.name.c_str() + 5);
    return !f.lines.empty() && f.lines[0].amount.value == 500.0 + i ? i : -1;
}

int editing(const QString& folder, bool saving, int mostActs)
{
    FormulaDocument document;
    Autosave autosave(document, recovered(folder));
    document.reset(loaf(), {});
    for (int i = 1; i <= mostActs; ++i) {
        document.apply(edit(i), {});
        const bool safe = saving ? !document.save(formulaFile(folder)) : autosave.writeNow();
        if (safe)
            acknowledge(QString::number(i));
    }
    autosave.leaveCopy();
    return 0;
}

qsizetype lostEdits(const QString& folder, const QStringList& acknowledged)
{
    FormulaDocument document;
    Autosave autosave(document, recovered(folder));
    int there = 0;
    for (const RecoveredWork& work : autosave.leftBehind())
        there = std::max(there, editOf(work.formula));
    const int last = acknowledged.isEmpty() ? 0 : acknowledged.last().toInt();
    return std::max(0, last - there);
}

// A file that was saved once is never less than a whole formula again.
qsizetype lostSaves(const QString& folder, const QStringList& acknowledged)
{
    if (acknowledged.isEmpty() && !QFile::exists(formulaFile(folder)))
        return 0;
    const auto read = readFormulaFile(formulaFile(folder));
    const auto* f = std::get_if<Formula>(&read);
    const int last = acknowledged.isEmpty() ? 0 : acknowledged.last().toInt();
    return f == nullptr ? acknowledged.size() + 1 : std::max(0, last - editOf(*f));
}

int shelving(const QString& folder, int mostActs)
{
    for (int i = 1; i <= mostActs; ++i) {
        const auto opened = Shelf::open(shelfFile(folder));
        const auto* shelf = std::get_if<std::unique_ptr<Shelf>>(&opened);
        if (shelf == nullptr)
            continue;
        Material own = *shipped("buttermilk");
        own.id = "own-" + std::to_string(i);
        if (!(*shelf)->keep({own}))
            acknowledge(QString::fromStdString(own.id));
        LotRecord lot;
        lot.material = "olive-oil";
        lot.lot.name = "Jar " + std::to_string(i);
        if (std::holds_alternative<std::string>((*shelf)->keepLot(lot)))
            acknowledge(QString::fromStdString(lot.lot.name));
    }
    return 0;
}

qsizetype lostRows(const QString& folder, const QStringList& acknowledged)
{
    if (acknowledged.isEmpty())
        return 0;
    const auto opened = Shelf::open(shelfFile(folder));
    const auto* shelf = std::get_if<std::unique_ptr<Shelf>>(&opened);
    if (shelf == nullptr)
        return acknowledged.size();
    return std::ranges::count_if(acknowledged, [&](const QString& what) {
        const std::string name = what.toStdString();
        return !(*shelf)->findMaterial(name) &&
               std::ranges::none_of((*shelf)->lots(),
                                    [&](const LotRecord& lot) { return lot.lot.name == name; });
    });
}

// One batch from begin to finish: weighs, goes on, tops up, notes. What is acknowledged is one line
// an act: its kind, the batch and its figures.
bool makeOne(Journal& journal, const QString& folder, std::mt19937& random, int& acts, int mostActs)
{
    const Formula f = loaf();
    const Reckoning planned = std::get<Reckoning>(reckon(f));
    const Clock clock = [] { return QDateTime::currentDateTimeUtc(); };
    auto begun = BatchInProgress::begin(journal, f, planned, clock, folder);
    auto* current = std::get_if<std::unique_ptr<BatchInProgress>>(&begun);
    if (current == nullptr)
        return false;
    BatchInProgress& making = **current;
    const QString batch = making.batch();
    acknowledge(QStringLiteral("begun %1").arg(batch));
    while (!making.atEnd() && ++acts < mostActs) {
        const int at = making.step();
        const DayStep& step = making.plan().steps[std::size_t(at)];
        if (step.plannedGrams > 0.0) {
            const double grams = step.plannedGrams + int(random() % 100) / 100.0;
            if (!making.weigh(grams))
                acknowledge(QStringLiteral("weighed %1 %2 %3 %4")
                                .arg(batch)
                                .arg(int(step.target.what))
                                .arg(step.target.line)
                                .arg(grams, 0, 'g', 17));
        }
        if (random() % 5 == 0 &&
            !making.topUp(shipped("clove-oil") ? shipped("clove-oil") : shipped("kaolin"),
                          1.0 + int(random() % 9)))
            acknowledge(QStringLiteral("added %1 %2").arg(batch).arg(making.topUps().size()));
        if (random() % 5 == 0) {
            bool kept = false;
            const QString draft = QStringLiteral("thick-%1").arg(random() % 100);
            QObject::connect(
                &making.draft(), &DraftKeeper::kept, &making.draft(),
                [&](bool well) { kept = well; }, Qt::DirectConnection);
            making.draft().keep(draft);
            making.draft().wait();
            making.draft().disconnect();
            if (kept)
                acknowledge(QStringLiteral("draft %1 %2").arg(batch).arg(draft));
        }
        if (making.goTo(at + 1))
            return false; // the maker sees why, and no more is done
        acknowledge(QStringLiteral("step %1 %2").arg(batch).arg(at + 1));
    }
    if (making.atEnd() && !making.finish(QStringLiteral("a last word")))
        acknowledge(QStringLiteral("finished %1").arg(batch));
    return true;
}

int making(const QString& folder, unsigned seed, int mostActs)
{
    std::mt19937 random(seed);
    for (int acts = 0; acts < mostActs; ++acts) {
        const auto opened = SqliteJournal::open(journalFile(folder));
        if (const auto* journal = std::get_if<std::unique_ptr<SqliteJournal>>(&opened))
            makeOne(**journal, folder, random, acts, mostActs);
    }
    return 0;
}

// The last word on what is said more than once; every word on what is not.
qsizetype lostActs(const QString& folder, const QStringList& acknowledged)
{
    if (acknowledged.isEmpty())
        return 0;
    const auto opened = SqliteJournal::open(journalFile(folder));
    const auto* journal = std::get_if<std::unique_ptr<SqliteJournal>>(&opened);
    if (journal == nullptr)
        return acknowledged.size();
    const Clock clock = [] { return QDateTime::currentDateTimeUtc(); };
    qsizetype lost = 0;
    for (const QString& act : acknowledged) {
        const QStringList words = act.split(QLatin1Char(' '));
        const auto read = (*journal)->batch(words[1]);
        const auto* record = std::get_if<Batch>(&read);
        if (record == nullptr) {
            ++lost;
            continue;
        }
        // An unfinished one is taken up as the program takes it up, with what is kept beside.
        const auto again = BatchInProgress::resume(**journal, *record, clock, folder);
        bool there = true;
        if (words[0] == QLatin1String("weighed")) {
            const auto w = again->lastWeighing(
                {static_cast<WeighTarget::What>(words[2].toInt()), LineId(words[3].toUInt())});
            there = w && w->grams == words[4].toDouble();
        } else if (words[0] == QLatin1String("step"))
            there = again->step() >= words[2].toInt();
        else if (words[0] == QLatin1String("added"))
            there = again->topUps().size() >= std::size_t(words[2].toInt());
        else if (words[0] == QLatin1String("draft")) // a later one may have taken its place
            there = record->state == BatchState::Finished ||
                    again->draft().text().startsWith(QLatin1String("thick"));
        else if (words[0] == QLatin1String("finished"))
            there = record->state == BatchState::Finished && record->notes.size() == 1;
        lost += there ? 0 : 1;
        if (!there)
            std::fprintf(stderr, "not there: %s\n", qPrintable(act));
    }
    return lost;
}

} // namespace

int child(const QString& what, const QString& folder, unsigned seed, int acts)
{
    if (what == QLatin1String("day"))
        return making(folder, seed, acts);
    if (what == QLatin1String("shelf"))
        return shelving(folder, acts);
    if (what == QLatin1String("weeks"))
        return livingWeeks(folder, seed, acts);
    return editing(folder, what == QLatin1String("save"), acts);
}

qsizetype lostOf(const QString& what, const QString& folder, const QStringList& acknowledged)
{
    if (what == QLatin1String("day"))
        return lostActs(folder, acknowledged);
    if (what == QLatin1String("shelf"))
        return lostRows(folder, acknowledged);
    if (what == QLatin1String("weeks"))
        return lostWeeks(folder, acknowledged);
    return what == QLatin1String("save") ? lostSaves(folder, acknowledged)
                                         : lostEdits(folder, acknowledged);
}

} // namespace rhexion::reliability
