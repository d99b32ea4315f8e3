// rhexion-bench-journal [BATCHES [FILE]]: a journal of so many batches (100,000), kept in the file
// where one is named: what its page takes until it is painted, what it takes to find batches and
// what is due, and what comparing, the fit of a cure and a page of labels take.
#include "app/journal/journal_page.h"
#include "app/theme/theme.h"
#include "app/workshop.h"
#include "core/after/compare.h"
#include "core/after/drying.h"
#include "sheet/label_sheet.h"
#include "sheet/shipped_fonts.h"
#include "storage/catalogue.h"
#include "storage/event_json.h"
#include "storage/inci_names.h"
#include "storage/sqlite_journal.h"
#include "words/find_words.h"
#include "words/together_words.h"

#include "timing.h"

#include <QApplication>
#include <QDir>
#include <QPainter>
#include <QTemporaryDir>

#include <cstdio>
#include <cstdlib>

using namespace rhexion;
using namespace rhexion::bench;

namespace {

// Two oils and the rest, one of them another from batch to batch, so that every material was used.
Formula loaf(int i)
{
    const auto& all = Catalogue::shipped().materials();
    Formula f;
    f.name = "Batch " + std::to_string(i);
    const auto add = [&](const MaterialPtr& m, StatedAmount amount, Vessel vessel) {
        Line line;
        line.id = f.newId();
        line.material = m;
        line.amount = amount;
        line.vessel = vessel;
        f.lines.push_back(line);
    };
    add(Catalogue::shipped().find("olive-oil"), {500, AmountUnit::Gram}, Vessel::OilPot);
    const MaterialPtr& extra = all[std::size_t(i) % all.size()];
    if (!extra->isHydroxide())
        add(extra, {5, AmountUnit::Gram}, Vessel::Trace);
    add(Catalogue::shipped().find("water"), {0, AmountUnit::Rest}, Vessel::LyeJug);
    f.lye.sodium = Catalogue::shipped().find("sodium-hydroxide");
    return f;
}

} // namespace

int main(int argc, char** argv)
{
    QApplication app(argc, argv);
    loadShippedFonts();
    Theme::apply(app, Look{Shade::Light});
    const int batches = argc > 1 ? std::atoi(argv[1]) : 100'000;
    // In memory where there is one: it is the reading that is timed.
    QTemporaryDir dir(QDir(QStringLiteral("/dev/shm")).exists()
                          ? QStringLiteral("/dev/shm/rhexion-bench-XXXXXX")
                          : QDir::tempPath() + QStringLiteral("/rhexion-bench-XXXXXX"));
    const QString path =
        argc > 2 ? QString::fromLocal8Bit(argv[2]) : dir.filePath(QStringLiteral("journal.sqlite"));
    {
        auto opened = SqliteJournal::open(path);
        auto* journal = std::get_if<std::unique_ptr<SqliteJournal>>(&opened);
        if (journal == nullptr)
            return 1;
        QDateTime when(QDate(2000, 1, 1), QTime(9, 0), Qt::UTC);
        for (int i = 0; i < batches; ++i, when = when.addSecs(3600)) {
            const Formula f = loaf(i);
            const auto planned = reckon(f);
            const auto* r = std::get_if<Reckoning>(&planned);
            if (r == nullptr)
                continue;
            const std::string batch = newId();
            const auto at = [&](const QDateTime& moment, Happening what) {
                return eventAt(moment, batch, (*journal)->bench(), std::move(what));
            };
            if ((*journal)->append(
                    {at(when, BatchBegun{f, r->amounts, planDay(f, *r)}),
                     at(when.addSecs(1800),
                        BatchFinished{r->superfatTrue, r->pure.strength, r->batterGrams})}))
                return 1;
            // Something is written of every tenth.
            if (i % 10 == 0 &&
                (*journal)->append(
                    {at(when.addDays(2), After{when.addDays(2).toMSecsSinceEpoch(),
                                               OutcomeSeen{static_cast<Seen>(i / 10 % 20)}, 0})}))
                return 1;
        }
    }
    auto opened = SqliteJournal::open(path);
    Journal& journal = *std::get<std::unique_ptr<SqliteJournal>>(opened);
    Workshop workshop(Places{dir.path(), true}, [] { return QDateTime::currentDateTimeUtc(); });
    std::vector<double> page;
    for (int round = 0; round < 7; ++round)
        page.push_back(timed([&] {
            JournalPage shown(workshop);
            shown.resize(1190, 760);
            shown.setJournal(&journal);
            shown.reload();
            shown.show();
            QApplication::processEvents();
        }));
    std::vector<double> used;
    std::size_t found = 0;
    for (const char* id :
         {"olive-oil", "buttermilk", "citric-acid-monohydrate", "kaolin", "nobody"})
        for (int round = 0; round < 5; ++round)
            used.push_back(timed([&] {
                const auto with = journal.batchesWith(QString::fromLatin1(id), 12);
                const auto all = journal.countWith(QString::fromLatin1(id));
                found += std::size_t(std::get<int>(all));
                if (const auto* list = std::get_if<QList<BatchSummary>>(&with))
                    found += std::size_t(list->size());
            }));
    std::vector<double> search;
    for (const char* words : {"kaolin", "batch 777", "olive oil", "nobody at all"})
        for (int round = 0; round < 5; ++round)
            search.push_back(timed([&] { journal.search(QString::fromLatin1(words), 1000); }));
    const QDate today(2011, 6, 1);
    std::vector<double> filter, due, patterns;
    for (const char* text :
         {"cracked", "milk, last winter", "superfat over 4, 2005", "kaolin, 2008"})
        for (int round = 0; round < 5; ++round)
            filter.push_back(timed([&] {
                const auto read = words::readFind(QString::fromLatin1(text), today, QLocale::c());
                journal.find(read.finding, 200);
            }));
    for (int round = 0; round < 5; ++round)
        due.push_back(timed([&] {
            journal.dues(today.startOfDay().toMSecsSinceEpoch(),
                         today.addDays(42).startOfDay().toMSecsSinceEpoch(), {});
        }));
    for (int round = 0; round < 3; ++round)
        patterns.push_back(timed([&] { journal.patternCounts(QStringLiteral("seen:crack")); }));

    // Six batches side by side, until they are in words.
    const auto six = std::get<QList<BatchSummary>>(journal.batches(6));
    QList<Batch> some;
    for (const BatchSummary& s : six)
        some.append(std::get<Batch>(journal.batch(s.id)));
    std::vector<Compared> all;
    for (const Batch& batch : some)
        all.push_back({&batch, 0});
    std::vector<double> compare, fit, label;
    CureSeries series;
    for (int day = 0; day < 60; day += 2)
        series.weights.push_back({double(day), 102.0 + 14.0 * stillToLose(day / 12.0)});
    series.dry = 92.0;
    for (int round = 0; round < 9; ++round) {
        compare.push_back(timed([&] { words::comparisonFacts(compared(all), all, Speech()); }));
        fit.push_back(timed([&] {
            const auto fitted = fitCure(series);
            std::get<CureFit>(fitted).gramsOn(42.0);
        }));
        label.push_back(timed([&] {
            const Cured cured = curedOf(some.first());
            const AfterTerms terms;
            const words::LabelSource source{
                some.first(), cured, terms, [](const Material& m) { return inciNameOf(m); },
                {},           95.0};
            const LabelJob job{words::labelText(source, Speech()), terms.sheet, true, 9, 0};
            QImage sheet(1240, 1754, QImage::Format_RGB32); // A4 at 150 dots an inch
            QPainter painter(&sheet);
            for (int i = 0; i < 9; ++i)
                drawLabel(painter, QRectF(20 + i % 3 * 400, 20 + i / 3 * 570, 380, 550), job);
        }));
    }
    std::printf("%d batches\n", batches);
    report("the journal's page, until it is painted", page);
    report("where a material was used", used);
    report("a search", search);
    report("a search with filters", filter);
    report("six weeks of the calendar", due);
    report("what goes with what", patterns);
    report("six batches compared", compare);
    report("a cure fitted through thirty weights", fit);
    report("a sheet of nine labels", label);
    return found > 0 ? 0 : 1;
}
