// The journal: batches come back, nothing is lost, foreign or newer files are left alone.
#include <QTest>

#include "storage/journal.h"
#include "storage/journal_schema.h"
#include "support/files.h"

#include <QDateTime>
#include <QFile>
#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <QTemporaryDir>

using namespace rhexion;
using namespace rhexion::test;

namespace {

const QDateTime noon(QDate(2026, 5, 1), QTime(12, 0), Qt::UTC);

std::unique_ptr<Journal> openAt(const QString& path)
{
    auto opened = Journal::open(path);
    return std::holds_alternative<std::unique_ptr<Journal>>(opened)
               ? std::get<std::unique_ptr<Journal>>(std::move(opened))
               : nullptr;
}

bool sql(const QString& path, const QString& statement)
{
    bool good = false;
    {
        QSqlDatabase db =
            QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("raw"));
        db.setDatabaseName(path);
        good = db.open() && QSqlQuery(db).exec(QStringLiteral("PRAGMA foreign_keys = ON")) &&
               QSqlQuery(db).exec(statement);
        db.close();
    }
    QSqlDatabase::removeDatabase(QStringLiteral("raw"));
    return good;
}

} // namespace

class TestJournal : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    QString path_;
    Formula formula_ = demo(demoNames[2]);
    Reckoning planned_ = std::get<Reckoning>(reckon(formula_));

    WeighingRecord weighing(double grams, LineId line = 1) const
    {
        return {{{WeighTarget::What::Line, line}, grams}, QStringLiteral("Oil"), 320.0, noon};
    }

private Q_SLOTS:
    void init()
    {
        path_ = dir_.filePath(QStringLiteral("%1 %2.sqlite")
                                  .arg(QTest::currentTestFunction(), QTest::currentDataTag()));
    }

    void batchComesBack()
    {
        auto journal = openAt(path_);
        QVERIFY(journal);
        const auto id = std::get<qint64>(journal->startBatch(formula_, planned_, noon));
        QVERIFY(!journal->recordWeighing(id, weighing(321.5)));
        QVERIFY(!journal->recordWeighing(id, weighing(322.0))); // the second replaces the first
        QVERIFY(!journal->recordStep(id, 4));
        QVERIFY(!journal->addNote(id, QStringLiteral("It's fine'); DROP TABLE batch;--"), noon));
        // As after a pulled plug: nothing is closed, another opens the same file.
        auto other = openAt(path_);
        QVERIFY(other);
        const auto unfinished = std::get<QList<BatchSummary>>(other->unfinished());
        QCOMPARE(unfinished.size(), 1);
        QCOMPARE(unfinished[0].step, 4);
        auto record = std::get<BatchRecord>(other->batch(id));
        QCOMPARE(record.weighings.size(), 1);
        QCOMPARE(record.weighings[0].weighed.grams, 322.0);
        QCOMPARE(record.weighings[0].at, noon);
        QCOMPARE(record.notes[0].text, QStringLiteral("It's fine'); DROP TABLE batch;--"));
        const auto formula = formulaFromJson(record.formula);
        QCOMPARE(formulaToJson(std::get<Formula>(formula)), formulaToJson(formula_));

        QVERIFY(!other->finishBatch(id, planned_, {}, noon.addSecs(3600)));
        record = std::get<BatchRecord>(journal->batch(id));
        QCOMPARE(int(record.summary.state), int(BatchState::Finished));
        QCOMPARE(*record.summary.superfat, planned_.superfatTrue.value());
        QVERIFY(std::get<QList<BatchSummary>>(journal->unfinished()).isEmpty());
    }

    void topUpsAreKept()
    {
        auto journal = openAt(path_);
        const auto id = std::get<qint64>(journal->startBatch(formula_, planned_, noon));
        const TopUp splash{formula_.lines.back().material, Vessel::Trace, 12.0};
        const auto first = journal->addTopUp(id, splash, noon);
        QVERIFY(std::holds_alternative<qint64>(first));
        QVERIFY(std::holds_alternative<qint64>(journal->addTopUp(id, splash, noon)));
        QVERIFY(!journal->takeBackTopUp(std::get<qint64>(first)));
        QVERIFY(journal->takeBackTopUp(std::get<qint64>(first))); // it is gone already
        const auto record = std::get<BatchRecord>(openAt(path_)->batch(id));
        QCOMPARE(record.topUps.size(), 1);
        QCOMPARE(record.topUps[0].topUp.grams, 12.0);
        QVERIFY(*record.topUps[0].topUp.material == *splash.material);
        QVERIFY(journal->addTopUp(99, splash, noon).index() == 1); // no such batch
        // Weighings of every kind of target come back as themselves.
        for (int what = 1; what <= int(WeighTarget::What::Solvent); ++what)
            QVERIFY(!journal->recordWeighing(
                id, {{{static_cast<WeighTarget::What>(what), 5}, 1.5}, "x", 1.0, noon}));
        const auto again = std::get<BatchRecord>(journal->batch(id));
        QCOMPARE(again.weighings.size(), int(WeighTarget::What::Solvent));
        for (int i = 0; i < again.weighings.size(); ++i)
            QCOMPARE(int(again.weighings[i].weighed.target.what), i + 1);
    }

    void newestFirst()
    {
        auto journal = openAt(path_);
        for (int day : {2, 3, 1})
            (void)journal->startBatch(formula_, planned_, noon.addDays(day));
        const auto all = std::get<QList<BatchSummary>>(journal->batches());
        QCOMPARE(all.size(), 3);
        QVERIFY(all[0].started > all[1].started && all[1].started > all[2].started);
        QVERIFY(!journal->stopBatch(all[1].id, noon));
        QCOMPARE(int(std::get<QList<BatchSummary>>(journal->batches())[1].state),
                 int(BatchState::Stopped));
    }

    void unknownBatchesAreRefused()
    {
        auto journal = openAt(path_);
        QVERIFY(std::holds_alternative<FileFault>(journal->batch(99)));
        QVERIFY(journal->recordStep(99, 1));
        QVERIFY(journal->finishBatch(99, planned_, {}, noon));
        QVERIFY(journal->addNote(99, QStringLiteral("x"), noon)); // foreign keys are on
        QVERIFY(journal->recordWeighing(99, weighing(1)));
        const auto id = std::get<qint64>(journal->startBatch(formula_, planned_, noon));
        QVERIFY(journal->recordWeighing(id, weighing(-5))); // and so are the checks
        QVERIFY(std::get<BatchRecord>(journal->batch(id)).weighings.isEmpty());
    }

    void deletingABatchTakesItsRows()
    {
        auto journal = openAt(path_);
        const auto id = std::get<qint64>(journal->startBatch(formula_, planned_, noon));
        QVERIFY(!journal->addNote(id, QStringLiteral("x"), noon));
        journal.reset();
        QVERIFY(sql(path_, QStringLiteral("DELETE FROM batch")));
        QVERIFY(sql(path_, QStringLiteral("CREATE TABLE left_over AS SELECT * FROM note")));
        QVERIFY(
            !sql(path_, QStringLiteral("INSERT INTO note (batch, at, text) VALUES (1, '', '')")));
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
        const auto opened = Journal::open(path_);
        const auto* fault = std::get_if<FileFault>(&opened);
        QVERIFY(fault);
        QCOMPARE(int(fault->code), code);
        QCOMPARE(bytesOf(path_), before);
    }

    void cannotOpen()
    {
        const auto opened = Journal::open(dir_.filePath(QStringLiteral("no/such/folder/j.sqlite")));
        QCOMPARE(int(std::get<FileFault>(opened).code), int(FileFault::Code::CannotOpen));
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
        QVERIFY2(QFile::copy(kept, path_), qPrintable(kept));
        QVERIFY(QFile(path_).setPermissions(QFile::ReadOwner | QFile::WriteOwner));
        auto journal = openAt(path_);
        QVERIFY(journal);
        const auto all = std::get<QList<BatchSummary>>(journal->batches());
        QCOMPARE(all.size(), 1);
        const auto record = std::get<BatchRecord>(journal->batch(all[0].id));
        QCOMPARE(record.weighings.size(), 1);
        QCOMPARE(record.notes.size(), 1);
        QCOMPARE(record.topUps.size(), version >= 2 ? 1 : 0);
        QCOMPARE(record.weighings[0].weighed.origin == WeighOrigin::AsPlanned, version >= 3);
        const auto formulaThen = std::get<Formula>(formulaFromJson(record.formula));
        const auto with = std::get<QList<BatchSummary>>(
            journal->batchesWith(QString::fromStdString(formulaThen.lines.front().material->id)));
        QCOMPARE(with.size(), 1);
        const auto& first = formulaThen.lines.front().material->id;
        QCOMPARE(std::get<int>(journal->countWith(QString::fromStdString(first))), 1);
        QCOMPARE(std::get<int>(journal->countWith("nobody")), 0);
        QVERIFY(std::holds_alternative<Formula>(formulaFromJson(record.formula)));
    }
};

QTEST_GUILESS_MAIN(TestJournal)
#include "tst_journal.moc"
