// The contract of journals, kept by memory and by one file. And that
// file: foreign or newer ones are left alone, older ones are carried over whole.
#include <QTest>

#include "core/units/enum_count.h"
#include "storage/good_copies.h"
#include "storage/journal_contract.h"
#include "storage/journal_schema.h"
#include "storage/memory_journal.h"
#include "storage/sqlite_journal.h"
#include "support/random_formula.h"
#include "support/raw_sql.h"

#include <QDateTime>
#include <QFile>
#include <QTemporaryDir>

using namespace rhexion;
using namespace rhexion::test;

namespace {

std::unique_ptr<SqliteJournal> openAt(const QString& path)
{
    auto opened = SqliteJournal::open(path);
    return std::holds_alternative<std::unique_ptr<SqliteJournal>>(opened)
               ? std::get<std::unique_ptr<SqliteJournal>>(std::move(opened))
               : nullptr;
}

bool sql(const QString& path, const QString& statement)
{
    return rawSql(path, {QStringLiteral("PRAGMA foreign_keys = ON"), statement}).isEmpty();
}

} // namespace

class TestJournal : public JournalContract {
    Q_OBJECT
    QTemporaryDir dir_;
    QString path_;

    void everyKind() override
    {
        QTest::addColumn<bool>("none");
        QTest::newRow("memory") << true;
        QTest::newRow("sqlite") << true;
    }
    std::unique_ptr<Journal> make() override
    {
        if (QByteArray(QTest::currentDataTag()) == "memory")
            return std::make_unique<MemoryJournal>();
        return openAt(path_);
    }
    std::unique_ptr<Journal> another() override
    {
        return QByteArray(QTest::currentDataTag()) == "memory" ? nullptr : make();
    }

private Q_SLOTS:
    void init()
    {
        path_ = dir_.filePath(QStringLiteral("%1 %2.sqlite")
                                  .arg(QTest::currentTestFunction(), QTest::currentDataTag()));
    }

    // Every event of every kind comes back as itself, by itself and in a line.
    void eventsComeBack()
    {
        RandomFormulas random(5);
        const auto back = [](const Happening& what) {
            const auto read = happeningFrom(kindOf(what), dataOf(what));
            const auto* again = std::get_if<Happening>(&read);
            return again && again->index() == what.index() && dataOf(*again) == dataOf(what);
        };
        for (int i = 0; i < 200; ++i) {
            const Formula f = random.next(false);
            const auto result = reckon(f);
            const auto* r = std::get_if<Reckoning>(&result);
            if (!r)
                continue;
            const DayPlan plan = planDay(f, *r);
            QVERIFY(back(BatchBegun{f, r->amounts, plan}));
            // What was frozen is what was planned.
            const Event begun = at("b", BatchBegun{f, r->amounts, plan});
            const auto line = eventFromLine(eventToLine(begun));
            QVERIFY(std::holds_alternative<Event>(line));
            const auto batch = fold({&std::get<Event>(line), 1});
            QVERIFY(batch && batch->formula == f);
            QCOMPARE(batch->plan.steps.size(), plan.steps.size());
            const Reckoning then = reckonGiven(batch->formula, batch->amounts);
            QCOMPARE(then.superfatTrue.has_value(), r->superfatTrue.has_value());
            QVERIFY(std::abs(then.superfatTrue.value_or(0) - r->superfatTrue.value_or(0)) < 1e-9);
            QVERIFY(std::abs(then.batterGrams - r->batterGrams) < 1e-6 * r->batterGrams);
            // No two steps of a plan have one name.
            for (std::size_t a = 0; a < plan.steps.size(); ++a) {
                QVERIFY(back(StepDone{keyOf(plan.steps[a])}));
                for (std::size_t b = a + 1; b < plan.steps.size(); ++b)
                    QVERIFY(!(keyOf(plan.steps[a]) == keyOf(plan.steps[b])));
            }
        }
        const StepKey key{DayStepKind::Cook, {}, Vessel::OilPot, 0};
        const TopUp splash{formula_.lines.back().material, Vessel::Trace, 12.0};
        for (const Happening& what : std::initializer_list<Happening>{
                 StepReopened{key}, weighed(3.25), AddedBeside{splash}, TakenBack{"an id"},
                 Noted{"It's fine'); DROP TABLE event;--"}, BatchFinished{0.0525, 0.31, 900.0},
                 BatchFinished{{}, 0.31, 900.0}, BatchStopped{}, MadeAtBench{"cellar"},
                 TwiceSettled{"an id", WeighedTwice::First}})
            QVERIFY2(back(what), qPrintable(kindOf(what)));
        for (std::size_t i = 0; i < countOf<ReadingOf>(); ++i)
            QVERIFY(back(ReadingTaken{static_cast<ReadingOf>(i), -7.5}));
        for (std::size_t i = 0; i < countOf<LookSaw>(); ++i)
            QVERIFY(back(LookedIn{static_cast<LookSaw>(i)}));
        for (std::size_t what = 1; what < countOf<WeighTarget::What>(); ++what)
            QVERIFY(back(WeighedNow{{{static_cast<WeighTarget::What>(what), 5}, 1.5}, 1.0}));
    }

    void badEventsAreRefused_data()
    {
        QTest::addColumn<QString>("kind");
        QTest::addColumn<QByteArray>("data");
        QTest::newRow("unknown kind") << "sung" << QByteArray("{}");
        QTest::newRow("no object") << "weighed" << QByteArray("[]");
        QTest::newRow("no grams") << "weighed" << QByteArray(R"({"target":"line","line":1})");
        QTest::newRow("below nothing") << "weighed" << QByteArray(R"({"grams":-1})");
        QTest::newRow("no such target")
            << "weighed" << QByteArray(R"({"grams":1,"target":"moon"})");
        QTest::newRow("no such step") << "step-done" << QByteArray(R"({"step":"sing"})");
        QTest::newRow("no formula") << "begun" << QByteArray(R"({"formula":{},"plan":[]})");
        QTest::newRow("no material")
            << "added" << QByteArray(R"({"material":{},"vessel":"trace","grams":1})");
        QTest::newRow("a long note")
            << "noted" << QByteArray("{\"text\":\"") + QByteArray(20001, 'x') + "\"}";
        QTest::newRow("a bench without a name") << "made-at-bench" << QByteArray("{}");
        QTest::newRow("settled as nothing known")
            << "twice-settled" << QByteArray(R"({"event":"e","is":"half"})");
        QTest::newRow("a strength above all")
            << "finished" << QByteArray(R"({"strength":1.5,"batter":1})");
    }
    void badEventsAreRefused()
    {
        QFETCH(QString, kind);
        QFETCH(QByteArray, data);
        QVERIFY(std::holds_alternative<FileFault>(happeningFrom(kind, data)));
    }

    void foreignFilesAreLeftAlone_data()
    {
        QTest::addColumn<QString>("statement");
        QTest::addColumn<int>("code");
        using C = FileFault::Code;
        QTest::newRow("newer") << "PRAGMA user_version = 999" << int(C::Newer);
        QTest::newRow("another program's") << "CREATE TABLE songs (id)" << int(C::NotOurs);
        QTest::newRow("right number, wrong tables") << "PRAGMA user_version = 1" << int(C::NotOurs);
        QTest::newRow("not a database") << "" << int(C::NotOurs);
    }
    void foreignFilesAreLeftAlone()
    {
        QFETCH(QString, statement);
        QFETCH(int, code);
        path_ += QString::fromLatin1(QTest::currentDataTag()).left(5);
        if (statement.isEmpty())
            QVERIFY(put(path_, QByteArray("not a database, only words ").repeated(100)));
        else
            QVERIFY(sql(path_, statement));
        const QByteArray before = bytesOf(path_);
        const auto opened = SqliteJournal::open(path_);
        const auto* fault = std::get_if<FileFault>(&opened);
        QVERIFY(fault);
        QCOMPARE(int(fault->code), code);
        QCOMPARE(bytesOf(path_), before);
    }

    // Only what we made is read: a view in a table's place may never end, a trigger writes more.
    void anotherSchema_data()
    {
        QTest::addColumn<QStringList>("statements");
        const QString endless =
            QStringLiteral(" AS WITH RECURSIVE n(id) AS (SELECT 1 UNION ALL"
                           " SELECT id FROM n) SELECT id, '' AS name, '' AS state"
                           " FROM n");
        QTest::newRow("batch is an endless view") << QStringList{
            QStringLiteral("DROP TABLE batch"), QStringLiteral("CREATE VIEW batch") + endless};
        QTest::newRow("one more view") << QStringList{QStringLiteral("CREATE VIEW more") + endless};
        QTest::newRow("a trigger")
            << QStringList{QStringLiteral("CREATE TRIGGER more AFTER INSERT ON event BEGIN"
                                          " DELETE FROM batch; END")};
        QTest::newRow("a reckoned column")
            << QStringList{QStringLiteral("ALTER TABLE event ADD COLUMN more AS (length(data))")};
    }
    void anotherSchema()
    {
        QFETCH(QStringList, statements);
        QVERIFY(openAt(path_));
        QVERIFY(openAt(path_)); // our own is
        QVERIFY(rawSql(path_, QStringList{QStringLiteral("PRAGMA foreign_keys = OFF")} + statements)
                    .isEmpty());
        const QByteArray before = bytesOf(path_);
        for (const auto how : {SqliteJournal::How::Usual, SqliteJournal::How::ReadOnly}) {
            const auto opened = SqliteJournal::open(path_, how);
            const auto* fault = std::get_if<FileFault>(&opened);
            QVERIFY(fault);
            QCOMPARE(int(fault->code), int(FileFault::Code::NotOurs));
        }
        QCOMPARE(bytesOf(path_), before);
        // Nor is one asked, or a good copy in its place.
        const QString own = path_ + QStringLiteral(" own");
        const auto journal = openAt(own);
        QVERIFY(journal && QFile::copy(path_, goodCopyOf(own)));
        QCOMPARE(journal->lackedOfGoodCopy(), 0);
    }

    // An event that is larger than any of ours is passed over, not read into memory.
    void hugeEvent()
    {
        const auto journal = openAt(path_);
        const QString id = begin(*journal, noon);
        QVERIFY(rawSql(path_, {QStringLiteral("INSERT INTO event (id, batch, bench, at, zone, kind,"
                                              " data) VALUES ('huge', '%1', 'b', 1, 0, 'noted',"
                                              " printf('{\"text\":\"%.*c\"}', 20000000, 'x'))")
                                   .arg(id)})
                    .isEmpty());
        const auto batch = std::get<Batch>(journal->batch(id));
        QCOMPARE(batch.unreadable, std::vector<std::string>{"noted"});
    }

    void cannotOpen()
    {
        const auto opened =
            SqliteJournal::open(dir_.filePath(QStringLiteral("no/such/folder/j.sqlite")));
        QCOMPARE(int(std::get<FileFault>(opened).code), int(FileFault::Code::CannotOpen));
    }

    // The one before, carried over, with something that happened afterwards.
    bool keepNewest(const QString& kept)
    {
        QFile::remove(kept);
        const QString before = QStringLiteral(RHEXION_SOURCE_DIR "/tests/data/journal_v%1.sqlite")
                                   .arg(journalVersion - 1);
        const QString work = dir_.filePath(QStringLiteral("newest.sqlite"));
        if (!QFile::copy(before, work) ||
            !QFile(work).setPermissions(QFile::ReadOwner | QFile::WriteOwner))
            return false;
        auto journal = openAt(work);
        const auto all = std::get<QList<BatchSummary>>(journal->batches());
        const auto whole = std::get<Batch>(journal->batch(all[0].id));
        if (whole.after.empty() &&
            journal->append(
                {at(all[0].id, After{noon.toMSecsSinceEpoch(), OutcomeSeen{Seen::Crack}, 0})}))
            return false;
        journal.reset();
        return sql(work, QStringLiteral("PRAGMA journal_mode = DELETE")) && QFile::copy(work, kept);
    }

    // A file of every schema ever released still opens and still holds its batch.
    void oldFilesOpen_data()
    {
        QTest::addColumn<int>("version");
        for (int v = 1; v <= journalVersion; ++v)
            QTest::addRow("version %d", v) << v;
    }
    void oldFilesOpen()
    {
        QFETCH(int, version);
        const QString kept =
            QStringLiteral(RHEXION_SOURCE_DIR "/tests/data/journal_v%1.sqlite").arg(version);
        if (version == journalVersion && qEnvironmentVariableIntValue("RHEXION_KEEP") == 1)
            QVERIFY(keepNewest(kept));
        QVERIFY2(QFile::copy(kept, path_), qPrintable(kept));
        QVERIFY(QFile(path_).setPermissions(QFile::ReadOwner | QFile::WriteOwner));
        // To read alone it is read from a copy, and stays as it is.
        const QByteArray before = bytesOf(path_);
        auto readOnly = SqliteJournal::open(path_, SqliteJournal::How::ReadOnly);
        auto* reading = std::get_if<std::unique_ptr<SqliteJournal>>(&readOnly);
        QVERIFY(reading);
        const auto read = std::get<QList<BatchSummary>>((*reading)->batches());
        QVERIFY((*reading)->append({at(read[0].id, Noted{"no"})}));
        readOnly = FileFault{};
        QCOMPARE(bytesOf(path_), before);
        auto journal = openAt(path_);
        QVERIFY(journal);
        const auto all = std::get<QList<BatchSummary>>(journal->batches());
        QCOMPARE(all.size(), 1);
        QCOMPARE(read[0].name, all[0].name); // ids before version 4 are given anew
        QVERIFY(read == all || version < 4);
        const auto record = std::get<Batch>(journal->batch(all[0].id));
        QCOMPARE(record.weighings.size(), std::size_t(1));
        QCOMPARE(record.notes.size(), std::size_t(1));
        QCOMPARE(record.topUps.size(), std::size_t(version >= 2 ? 1 : 0));
        QVERIFY(record.unreadable.empty());
        QCOMPARE(record.weighings[0].weighed.origin == WeighOrigin::AsPlanned, version >= 3);
        const QString first = QString::fromStdString(record.formula.lines.front().material->id);
        const auto with = std::get<QList<BatchSummary>>(journal->batchesWith(first));
        QCOMPARE(with.size(), 1);
        QCOMPARE(std::get<int>(journal->countWith(first)), 1);
        QCOMPARE(std::get<int>(journal->countWith(QStringLiteral("nobody"))), 0);
        // The frozen plan is the one of its formula, and what lists show is what it was.
        QCOMPARE(summaryOf(record).superfatPlanned, all[0].superfatPlanned);
        QCOMPARE(record.after.size(), std::size_t(version >= 5 ? 1 : 0));
        Finding cracked;
        cracked.facts = QStringList{QStringLiteral("seen:crack")};
        QCOMPARE(std::get<QList<BatchSummary>>(journal->find(cracked, 9)).size(),
                 version >= 5 ? 1 : 0);
        QVERIFY(!std::get<QList<DrawOf>>(journal->draws({}, 0)).isEmpty());
        QVERIFY(!record.plan.steps.empty());
        QCOMPARE(record.amounts.lines.size(), record.formula.lines.size());
        if (version < journalVersion)
            QVERIFY(QFile::exists(QStringLiteral("%1.version-%2").arg(path_).arg(version)));
        // Opened a second time it is the same journal.
        const QString bench = journal->bench();
        journal = openAt(path_);
        QVERIFY(journal);
        QCOMPARE(journal->bench(), bench);
        QVERIFY(std::get<QList<BatchSummary>>(journal->batches()) == all);
    }

    // A batch whose formula nobody can read any more is carried over as it stands.
    void unreadableFormulasAreKept()
    {
        QVERIFY(
            QFile::copy(QStringLiteral(RHEXION_SOURCE_DIR "/tests/data/journal_v3.sqlite"), path_));
        QVERIFY(QFile(path_).setPermissions(QFile::ReadOwner | QFile::WriteOwner));
        QVERIFY(sql(path_, QStringLiteral("UPDATE batch SET formula = '{\"no\": 1}'")));
        auto journal = openAt(path_);
        QVERIFY(journal);
        const auto all = std::get<QList<BatchSummary>>(journal->batches());
        QCOMPARE(all.size(), 1);
        QVERIFY(!all[0].name.isEmpty());
        QCOMPARE(int(std::get<FileFault>(journal->batch(all[0].id)).code),
                 int(FileFault::Code::BadMaterial));
        QVERIFY(!journal->rebuild());
        QCOMPARE(std::get<QList<BatchSummary>>(journal->batches()).size(), 1);
    }

    // Lists and searches are folds: thrown away and made again they are the same.
    void tablesAreMadeAgain()
    {
        auto journal = openAt(path_);
        for (int day = 0; day < 5; ++day) {
            const QString id = begin(*journal, noon.addDays(day));
            QVERIFY(!journal->append({at(id, Noted{"traced at noon"}, noon.addDays(day))}));
            if (day % 2 == 0)
                QVERIFY(!journal->append({finished(id, noon.addDays(day))}));
        }
        const auto shown = [&] {
            return std::tuple(std::get<QList<BatchSummary>>(journal->batches()),
                              std::get<QList<BatchSummary>>(journal->unfinished()),
                              std::get<QList<BatchSummary>>(journal->search("noon", 10)),
                              std::get<int>(journal->countWith(first())));
        };
        const auto before = shown();
        QCOMPARE(std::get<0>(before).size(), 5);
        QCOMPARE(std::get<2>(before).size(), 5);
        QVERIFY(!journal->rebuild());
        QVERIFY(shown() == before);
    }

    // Not even another program changes what happened.
    void eventsAreNotEdited()
    {
        auto journal = openAt(path_);
        begin(*journal, noon);
        journal.reset();
        QVERIFY(!sql(path_, QStringLiteral("UPDATE event SET data = '{}'")));
    }
};

QTEST_GUILESS_MAIN(TestJournal)
#include "tst_journal.moc"
