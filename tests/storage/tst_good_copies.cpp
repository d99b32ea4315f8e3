// What keeps a journal from being lost as a file: the good copies beside it, the refusal to begin
// anew where there was one, the look whether it is still in its place, and the lock of its folder.
#include <QTest>

#include "core/makeday/plan.h"
#include "storage/event_json.h"
#include "storage/file_lock.h"
#include "storage/good_copies.h"
#include "storage/shelf.h"
#include "storage/sqlite_journal.h"
#include "storage/whole_file.h"
#include "support/files.h"
#include "support/must.h"
#include "support/raw_sql.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QLockFile>
#include <QProcess>
#include <QTemporaryDir>

using namespace rhexion;
using namespace rhexion::test;

namespace {

const QDateTime noon(QDate(2026, 11, 20), QTime(12, 0), Qt::UTC);

} // namespace

class TestGoodCopies : public QObject {
    Q_OBJECT
    std::unique_ptr<QTemporaryDir> dir_;
    QString path_;
    const Formula formula_ = demo(demoNames[0]);

    std::unique_ptr<SqliteJournal> open(SqliteJournal::How how = SqliteJournal::How::Usual) const
    {
        return must(SqliteJournal::open(path_, how));
    }
    QString begin(Journal& journal) const
    {
        const Reckoning r = std::get<Reckoning>(reckon(formula_));
        const Event first = eventAt(noon, newId(), journal.bench(),
                                    BatchBegun{formula_, r.amounts, planDay(formula_, r)});
        return journal.append({first}) ? QString() : QString::fromStdString(first.batch);
    }
    int events() const { return std::get<JournalSize>(open()->size()).events; }
    // Without its files, and without an orderly end to write a copy.
    void lose() const
    {
        for (const char* ending : {"", "-wal", "-shm"})
            QFile::remove(path_ + QLatin1String(ending));
    }

private Q_SLOTS:
    void init()
    {
        dir_ = std::make_unique<QTemporaryDir>();
        QVERIFY(QDir(dir_->path()).mkdir(QStringLiteral("data")));
        path_ = dir_->filePath(QStringLiteral("data/journal.sqlite"));
    }

    // A copy is kept of a journal that holds something, and never by one that holds less.
    void neverReplacedByLess()
    {
        {
            auto journal = open();
            QVERIFY(!journal->keepGoodCopy(noon));
            QVERIFY(goodCopiesOf(path_).isEmpty()); // of an empty one
            for (int i = 0; i < 3; ++i)
                QVERIFY(!begin(*journal).isEmpty());
            QVERIFY(!journal->keepGoodCopy(noon));
            QCOMPARE(journal->lackedOfGoodCopy(), 0);
        }
        lose();
        auto other = open(SqliteJournal::How::BeginAnew);
        for (int i = 0; i < 5; ++i) // more of them, and none of those
            QVERIFY(!begin(*other).isEmpty());
        const auto fault = other->keepGoodCopy(noon.addDays(1));
        QVERIFY(fault && fault->code == FileFault::Code::CopyHoldsMore);
        QCOMPARE(fault->detail, QStringLiteral("3"));
        QCOMPARE(other->lackedOfGoodCopy(), 3);
        QVERIFY(!other->bringInGoodCopy());
        QCOMPARE(other->lackedOfGoodCopy(), 0);
        QCOMPARE(std::get<JournalSize>(other->size()).batches, 8);
        QVERIFY(!other->keepGoodCopy(noon.addDays(1)));
    }

    // After a day, a week and a month there is one of each; one from a day to come is replaced.
    void generations()
    {
        auto journal = open();
        QHash<QString, int> ages; // days, on the last day
        constexpr int days = 100;
        for (int day = 0; day < days; ++day) {
            QVERIFY(!begin(*journal).isEmpty());
            QVERIFY(!journal->keepGoodCopy(noon.addDays(day)));
        }
        const auto copies = goodCopiesOf(path_);
        QCOMPARE(copies.size(), 4);
        const auto age = [&](int i) {
            return int(QFileInfo(copies[i]).lastModified().daysTo(noon.addDays(days - 1)));
        };
        QCOMPARE(age(0), 0);
        for (const auto& [which, least, most] : {std::tuple{1, 1, 2}, {2, 1, 9}, {3, 7, 40}})
            QVERIFY2(age(which) >= least && age(which) <= most,
                     qPrintable(QStringLiteral("%1: %2 days").arg(copies[which]).arg(age(which))));
        QFile file(copies[2]);
        QVERIFY(file.open(QIODevice::ReadWrite) &&
                file.setFileTime(noon.addYears(9), QFileDevice::FileModificationTime));
        file.close();
        QVERIFY(!journal->keepGoodCopy(noon.addDays(days)));
        QVERIFY(QFileInfo(copies[2]).lastModified() < noon.addDays(days));
    }

    void begunAnewOnlyWhenAsked_data()
    {
        QTest::addColumn<QString>("left");
        for (const char* left :
             {"journal.sqlite.good", "journal.sqlite.good-30",
              "copies/week-2026-11-02.rhexion-backup", "photos/aa.jpg", "making-7.beside",
              "journal.sqlite.damaged-20261101-101010", "journal.sqlite-wal"})
            QTest::newRow(left) << QString::fromLatin1(left);
    }
    void begunAnewOnlyWhenAsked()
    {
        QFETCH(QString, left);
        const QDir folder(QFileInfo(path_).absolutePath());
        QVERIFY(folder.mkpath(QFileInfo(left).path()));
        QVERIFY(!writeWhole(folder.filePath(left), "something"));
        for (const bool empty : {false, true}) { // not there, or of no length
            if (empty)
                QVERIFY(QFile(path_).open(QIODevice::WriteOnly));
            const auto opened = SqliteJournal::open(path_);
            const auto* fault = std::get_if<FileFault>(&opened);
            QVERIFY(fault && fault->code == FileFault::Code::OnlyCopies);
            QCOMPARE(QFileInfo(path_).size(), 0);
        }
        if (left.endsWith(QLatin1String("-wal")))
            QVERIFY(!putAside(path_, path_ + QStringLiteral(".damaged-1")));
        QVERIFY(open(SqliteJournal::How::BeginAnew));
    }

    // The copy comes first and one exchange after it; what cannot be copied moves nothing.
    void aGoodCopyIsTaken()
    {
        {
            auto journal = open();
            QVERIFY(!begin(*journal).isEmpty());
            QVERIFY(!journal->keepGoodCopy(noon));
        }
        QVERIFY(!writeWhole(path_, "damaged"));
        const QString aside = path_ + QStringLiteral(".damaged-1");
        QVERIFY(QDir().mkdir(aside)); // where the copy cannot be written
        QVERIFY(takeGoodCopy(goodCopyOf(path_), path_, aside));
        QCOMPARE(QFileInfo(path_).size(), 7);
        QVERIFY(QDir().rmdir(aside));
        QVERIFY(!takeGoodCopy(goodCopyOf(path_), path_, aside));
        QCOMPARE(events(), 1);
        QCOMPARE(QFileInfo(aside).size(), 7);
        QCOMPARE(goodCopiesOf(path_).size(), 1);
    }

    // Nothing is acknowledged that is in no file with a name.
    void writtenOnlyInItsPlace_data()
    {
        QTest::addColumn<QString>("how");
        for (const char* how : {"removed", "renamed", "replaced", "log removed", "folder renamed"})
            QTest::newRow(how) << QString::fromLatin1(how);
    }
    void writtenOnlyInItsPlace()
    {
        QFETCH(QString, how);
        const QString folder = QFileInfo(path_).absolutePath();
        const QString elsewhere = dir_->filePath(QStringLiteral("elsewhere"));
        auto journal = open();
        auto shelf = must(Shelf::open(folder + QStringLiteral("/shelf.sqlite")));
        Material own = *formula_.lines.front().material;
        own.id = "mine";
        QVERIFY(!begin(*journal).isEmpty());
        const auto move = [&](const QString& name) {
            const QString path = folder + QLatin1Char('/') + name;
            if (how == QLatin1String("removed"))
                QVERIFY(QFile::remove(path));
            if (how == QLatin1String("renamed"))
                QVERIFY(QFile::rename(path, elsewhere + name));
            if (how == QLatin1String("replaced")) {
                QVERIFY(QFile::copy(path, elsewhere + name));
                QVERIFY(!exchange(elsewhere + name, path));
            }
            if (how == QLatin1String("log removed"))
                QVERIFY(QFile::remove(path + QStringLiteral("-wal")));
        };
        move(QStringLiteral("journal.sqlite"));
        move(QStringLiteral("shelf.sqlite"));
        if (how == QLatin1String("folder renamed"))
            QVERIFY(QDir().rename(folder, elsewhere));
        const Event note = eventAt(noon, newId(), journal->bench(), Noted{"after"});
        const auto fault = journal->append({note});
        QVERIFY(fault && fault->code == FileFault::Code::Moved && mayPass(*fault));
        const auto ofShelf = shelf->keep({own}, nullptr);
        QVERIFY(ofShelf && ofShelf->code == FileFault::Code::Moved);
        // Put back, it goes on.
        if (how == QLatin1String("renamed"))
            QVERIFY(QFile::rename(elsewhere + QStringLiteral("journal.sqlite"), path_));
        else if (how == QLatin1String("folder renamed"))
            QVERIFY(QDir().rename(elsewhere, folder));
        else
            return;
        QVERIFY(!begin(*journal).isEmpty());
        journal.reset();
        QCOMPARE(events(), 2);
    }

    // A lock is the kernel's: what stands in its file is no matter, and a dead program holds none.
    void locks()
    {
        const QString path = dir_->filePath(QStringLiteral("in-use.lock"));
        using Got = FileLock::Got;
        for (const QByteArray& left :
             {QByteArray(), QByteArray(40, '\0'), QByteArray("4711\nrhexion\nhere\n")}) {
            QVERIFY(!writeWhole(path, left));
            FileLock lock(path);
            QVERIFY(lock.tryLock() == Got::Yes);
            QVERIFY(FileLock(path).tryLock() == Got::Held);
            lock.remove();
            QVERIFY(!QFile::exists(path));
        }
        QVERIFY(FileLock(dir_->filePath(QStringLiteral("no/such/folder"))).tryLock() ==
                Got::Cannot);
        {
            QLockFile older(path); // as versions before did
            QVERIFY(older.tryLock());
            QVERIFY(FileLock(path).tryLock() == Got::Held);
        }
        QProcess holder;
        holder.start(QStringLiteral("flock"), {path, QStringLiteral("cat")});
        QVERIFY(holder.waitForStarted());
        QTRY_VERIFY(FileLock(path).tryLock() == Got::Held);
        holder.closeWriteChannel();
        QVERIFY(holder.waitForFinished());
        QVERIFY(FileLock(path).tryLock() == Got::Yes);
    }

    // Copies of before an update: one left half made stops nothing, one that is there stays.
    void cutWhileBroughtUpToDate()
    {
        QVERIFY(!begin(*open()).isEmpty());
        QVERIFY(rawSql(path_, {QStringLiteral("DROP TABLE passed"),
                               QStringLiteral("PRAGMA user_version = 6")})
                    .isEmpty());
        QVERIFY(!writeWhole(path_ + QStringLiteral(".older.new"), "half"));
        QVERIFY(!writeWhole(path_ + QStringLiteral(".version-6"), "of an earlier day"));
        QCOMPARE(events(), 1);
        QCOMPARE(QFileInfo(path_ + QStringLiteral(".version-6")).size(), 17);
        QVERIFY(QFileInfo(path_ + QStringLiteral(".version-6.2")).size() > 1000);
    }
};

QTEST_GUILESS_MAIN(TestGoodCopies)

#include "tst_good_copies.moc"
