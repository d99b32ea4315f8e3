// The weeks after in the journal: events come back, hostile ones are refused with their place, and
// what the tables beside the events say is what a look at every batch says.
#include <QTest>

#include "core/makeday/plan.h"
#include "storage/after_json.h"
#include "storage/event_json.h"
#include "storage/memory_journal.h"
#include "storage/sqlite_journal.h"
#include "support/files.h"
#include "support/must.h"
#include "support/random_after.h"

#include <QTemporaryDir>

using namespace rhexion;
using namespace rhexion::test;

namespace {

const QDateTime noon(QDate(2026, 5, 1), QTime(12, 0), Qt::UTC);

Event at(const std::string& batch, const QDateTime& when, Happening what)
{
    return {newId(), batch, "bench", 0, when.toMSecsSinceEpoch(), 120, std::move(what)};
}

// Everything a journal is asked for after the day, as text.
QStringList looksOf(const Journal& journal, const QStringList& materials)
{
    QStringList out;
    const auto day = [](std::int64_t ms) { return QString::number(ms); };
    for (const bool school : {false, true}) {
        for (const DueOfBatch& d : must(journal.dues(0, INT64_MAX / 2, CureSchools{school})))
            out << QStringList{d.batch,
                               d.name,
                               QString::fromLatin1(codeOf(d.due.kind)),
                               day(d.due.opens),
                               day(d.due.at),
                               day(d.due.closes)}
                       .join(' ');
        for (const BarsOf& b : must(journal.bars(CureSchools{school}))) {
            QStringList row{b.batch,         b.name,       b.code,
                            day(b.bars.cut), day(b.ready), QString::number(b.bars.broughtMinor)};
            for (const int n : b.bars.to)
                row << QString::number(n);
            out << row.join(' ');
        }
    }
    const auto lesson = [&](const LessonOf& l) {
        out << QStringList{QString::fromStdString(l.event),
                           l.batch,
                           day(l.on),
                           QString::fromStdString(l.lesson.words),
                           QString::fromStdString(l.lesson.mould),
                           QString::number(l.lesson.materials.size())}
                   .join(' ');
    };
    for (const LessonOf& l : must(journal.lessons({})))
        lesson(l);
    for (const QString& id : materials) {
        for (const LessonOf& l : must(journal.lessons({id})))
            lesson(l);
        const MaterialHistory h = must(journal.history(id));
        out << QStringLiteral("%1 %2 %3 %4 %5")
                   .arg(id)
                   .arg(h.batches)
                   .arg(h.told)
                   .arg(h.last.toMSecsSinceEpoch())
                   .arg(h.lessons.size());
        for (const auto& [fact, n] : h.facts)
            out << QString::fromStdString(fact) + QString::number(n);
        for (const DrawOf& d : must(journal.draws(id, 0)))
            out << d.batch + QString::number(d.grams) + day(d.at) + QString::fromStdString(d.lot);
    }
    out << QString::number(must(journal.draws({}, 0)).size());
    for (const char* outcome : {"seen:crack", "seen:ash", "verdict:again"})
        for (const PatternCount& p : must(journal.patternCounts(QLatin1String(outcome))))
            out << QStringLiteral("%1 %2 %3 %4 %5")
                       .arg(QString::fromStdString(p.fact))
                       .arg(p.with)
                       .arg(p.withOutcome)
                       .arg(p.without)
                       .arg(p.withoutOutcome);
    for (const ToldBatch& told : must(journal.told(40))) {
        out << QString::fromStdString(told.batch);
        for (const std::string& fact : told.facts)
            out << QString::fromStdString(fact);
    }
    for (const QString& id : materials)
        for (const BatchSummary& s : must(journal.batchesWith(id)))
            out << id + s.id;
    out << must(journal.codes(QStringLiteral("26-1")));
    for (const QString& code : must(journal.codes({})))
        out << must(journal.batchesOfCode(code)).first().left(1);
    QList<Finding> findings(9);
    findings[0].words = QStringLiteral("slow");
    findings[1].facts = QStringList{"seen:crack"};
    findings[2].facts = QStringList{"kind:milk", "told"};
    findings[3].superfatFrom = 0.05;
    findings[4].strengthUntil = 0.33;
    findings[5].from = noon.addDays(5).toMSecsSinceEpoch();
    findings[5].until = noon.addDays(20).toMSecsSinceEpoch();
    findings[6].state = BatchState::Finished;
    findings[7].words = QStringLiteral("scent half");
    findings[8].facts = QStringList{"process:cold"};
    findings[8].superfatUntil = 0.2;
    for (const Finding& f : findings)
        for (const BatchSummary& s : must(journal.find(f)))
            out << s.id + s.name;
    return out;
}

} // namespace

class TestJournalAfter : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;

private Q_SLOTS:
    void eventsComeBack()
    {
        RandomAfter random(11);
        QSet<std::size_t> kinds;
        for (int i = 0; i < 600; ++i) {
            const After after{noon.addDays(i).toMSecsSinceEpoch(),
                              random.next({"a", "b"}, {"lesson"}), std::uint32_t(i % 3)};
            kinds.insert(after.what.index());
            const auto read = happeningFrom(kindOf(after.what), dataOf(after));
            const auto* again = std::get_if<Happening>(&read);
            QVERIFY2(again, qPrintable(kindOf(after.what)));
            const After& back = std::get<After>(*again);
            QCOMPARE(back.what.index(), after.what.index());
            QCOMPARE(back.on, after.on);
            QCOMPARE(back.portion, after.portion);
            QCOMPARE(dataOf(back), dataOf(after));
        }
        QCOMPARE(std::size_t(kinds.size()), std::variant_size_v<AfterWhat>);
    }

    void badEventsAreRefused_data()
    {
        QTest::addColumn<QString>("kind");
        QTest::addColumn<QByteArray>("data");
        QTest::addColumn<QString>("place");
        const auto row = [](const char* kind, const char* data, const char* place) {
            QTest::newRow(data) << QString::fromLatin1(kind) << QByteArray(data)
                                << QString::fromLatin1(place);
        };
        row("seen", R"({"on":1,"what":"sparkle"})", "what");
        row("seen", R"({"what":"crack"})", "on");
        row("care", R"({"on":1,"what":"cut","bars":-1})", "bars");
        row("care", R"({"on":1,"what":"cut","bar":[80,55]})", "bar");
        row("care", R"({"on":1,"what":"cut","bar":[80,55,0]})", "bar");
        row("judged", R"({"on":1,"what":"lather","of5":6})", "of5");
        row("judged", R"({"on":1,"what":"lather","of5":2.5})", "of5");
        row("strip", R"({"on":1,"ph":14.5})", "ph");
        row("bars-weighed", R"({"on":1,"grams":0,"count":1,"step":1})", "grams");
        row("bars-weighed", R"({"on":1,"grams":9,"count":0,"step":1})", "count");
        row("alkali-tested", R"({"on":1,"how":"tongue"})", "how");
        row("alkali-tested",
            R"({"on":1,"how":"caustic","millilitres":1,"blank":0,"acid":0,"sample":9})", "acid");
        row("photo", R"({"on":1,"file":"../../etc/passwd","of":"other"})", "file");
        row("photo", R"({"on":1,"file":"a.jpg","of":"other"})", "file");
        row("verdict", R"({"on":1,"verdict":"perhaps"})", "verdict");
        row("lesson", R"({"on":1,"materials":[]})", "words");
        row("bars-moved", R"({"on":1,"to":"sold","count":1,"minor":-5})", "minor");
        row("code", R"({"on":1e300,"code":"b"})", "on");
    }
    void badEventsAreRefused()
    {
        QFETCH(QString, kind);
        QFETCH(QByteArray, data);
        QFETCH(QString, place);
        const auto read = happeningFrom(kind, data);
        const auto* fault = std::get_if<FileFault>(&read);
        QVERIFY(fault);
        QCOMPARE(fault->place, place);
    }

    void tablesSayWhatTheEventsSay()
    {
        auto opened = SqliteJournal::open(dir_.filePath(QStringLiteral("j.sqlite")));
        auto& disk = *std::get<std::unique_ptr<SqliteJournal>>(opened);
        MemoryJournal memory;
        RandomAfter random(23);
        std::vector<std::string> batches, lessons;
        QStringList materials;
        std::vector<std::string> ids;
        QList<Event> all;
        const MaterialPtr milk = material("milk-beside", MaterialKind::Milk);
        for (int i = 0; i < 24; ++i) {
            const Formula f = demo(demoNames[i % 4]);
            const Reckoning r = std::get<Reckoning>(reckon(f));
            const DayPlan plan = planDay(f, r);
            const QDateTime begun = noon.addDays(i * 2);
            const std::string id = newId();
            batches.push_back(id);
            for (const QString& m : materialsOf(f))
                if (!materials.contains(m)) {
                    materials << m;
                    ids.push_back(m.toStdString());
                }
            all << at(id, begun, BatchBegun{f, r.amounts, plan});
            for (const DayStep& step : plan.steps) {
                if (step.weighs() && random.whole(0, 2))
                    all << at(id, begun.addSecs(60),
                              WeighedNow{{step.target, double(random.whole(10, 400))}, 100.0});
                all << at(id, begun.addSecs(600), StepDone{keyOf(step)});
            }
            if (i % 5 == 0) // milk that was in no plan
                all << at(id, begun.addSecs(1200), AddedBeside{{milk, Vessel::Trace, 30.0}});
            if (i % 3)
                all << at(id, begun.addSecs(3600),
                          BatchFinished{0.01 * random.whole(1, 12), 0.30 + 0.01 * (i % 8), 1400.0});
        }
        std::vector<std::pair<std::string, std::string>> taken; // batch, event
        for (int i = 0; i < 500; ++i) {
            const std::string& id = batches[std::size_t(random.whole(0, 23))];
            const QDateTime when = noon.addDays(60).addSecs(i);
            if (!taken.empty() && random.whole(0, 19) == 0) {
                const auto& [batch, event] =
                    taken[std::size_t(random.whole(0, int(taken.size()) - 1))];
                all << at(batch, when, TakenBack{event});
                continue;
            }
            all << at(id, when,
                      After{noon.addDays(random.whole(0, 90)).toMSecsSinceEpoch(),
                            random.next(ids, lessons), 0});
            taken.emplace_back(id, all.last().id);
            if (std::holds_alternative<LessonKept>(std::get<After>(all.last().what).what))
                lessons.push_back(all.last().id);
        }
        QVERIFY(!memory.append(all));
        for (const Event& event : all)
            QVERIFY(!disk.append({event}));
        const QStringList wanted = looksOf(memory, materials);
        QVERIFY(wanted.size() > 300);
        QCOMPARE(looksOf(disk, materials), wanted);
        QVERIFY(!disk.rebuild());
        QCOMPARE(looksOf(disk, materials), wanted);
        QVERIFY(!disk.append(all)); // written twice is written once
        QCOMPARE(looksOf(disk, materials), wanted);
    }
};

QTEST_GUILESS_MAIN(TestJournalAfter)
#include "tst_journal_after.moc"
