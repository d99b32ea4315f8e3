// A workshop in one file: comes back whole, is refused wherever it is damaged, and takes the place
// of what is here only when it is asked to.
#include <QTest>

#include "core/makeday/plan.h"
#include "storage/backup.h"
#include "storage/event_json.h"
#include "storage/file_lock.h"
#include "storage/fittings.h"
#include "storage/sqlite_journal.h"
#include "storage/whole_file.h"
#include "support/files.h"

#include <QCryptographicHash>
#include <QDir>
#include <QTemporaryDir>

using namespace rhexion;
using namespace rhexion::test;

namespace {

const QDateTime noon(QDate(2026, 11, 20), QTime(12, 0), Qt::UTC);

QByteArray read(const QString& path)
{
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

bool write(const QString& path, const QByteArray& bytes)
{
    QFile file(path);
    return file.open(QIODevice::WriteOnly) && file.write(bytes) == bytes.size();
}

} // namespace

class TestBackup : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
    QString data_;
    QString file_;
    QString photo_ = QString(64, QLatin1Char('a')) + QStringLiteral(".jpg");

private Q_SLOTS:
    void initTestCase()
    {
        data_ = dir_.filePath(QStringLiteral("data"));
        file_ = dir_.filePath(QStringLiteral("one.rhexion-backup"));
        QVERIFY(QDir().mkpath(data_ + QStringLiteral("/photos/small")));
        auto opened = SqliteJournal::open(data_ + QStringLiteral("/journal.sqlite"));
        Journal& journal = *std::get<std::unique_ptr<SqliteJournal>>(opened);
        const Formula f = demo(demoNames[0]);
        const Reckoning r = std::get<Reckoning>(reckon(f));
        for (int i = 0; i < 3; ++i)
            QVERIFY(!journal.append({eventAt(noon.addDays(i), newId(), journal.bench(),
                                             BatchBegun{f, r.amounts, planDay(f, r)})}));
        Fittings fittings;
        fittings.terms.qr = true;
        QVERIFY(!writeFittings(fittingsPath(data_), fittings));
        QVERIFY(write(data_ + QStringLiteral("/photos/") + photo_, "a picture"));
        QVERIFY(write(data_ + QStringLiteral("/photos/not ours.jpg"), "left out"));
        QVERIFY(write(data_ + QStringLiteral("/secret"), "left out"));
        // While the journal is open and written to.
        QVERIFY(!writeBackup(data_, file_, noon));
    }

    void comesBackWhole()
    {
        const QString into = dir_.filePath(QStringLiteral("back"));
        const auto result = unpackBackup(file_, into);
        QVERIFY(std::holds_alternative<BackupLooked>(result));
        const auto& looked = std::get<BackupLooked>(result);
        QCOMPARE(looked.batches, 3);
        QCOMPARE(looked.events, 3);
        QCOMPARE(looked.photos, 1);
        QCOMPARE(looked.made, noon);
        QCOMPARE(looked.newest, noon.addDays(2));
        QCOMPARE(looked.entries.size(), 3); // journal, fittings, photograph
        QCOMPARE(read(into + QStringLiteral("/photos/") + photo_), QByteArray("a picture"));
        QVERIFY(std::get<Fittings>(readFittings(fittingsPath(into))).terms.qr);
        QVERIFY(!QFile::exists(into + QStringLiteral("/secret")));
        // Never over something that is there.
        QCOMPARE(int(std::get<FileFault>(unpackBackup(file_, into)).code),
                 int(FileFault::Code::Twice));
    }

    // One byte at every hundredth of the file, cut there, or something added: refused, and nothing
    // is left behind.
    void damagedAnywhere()
    {
        const QByteArray good = read(file_);
        QVERIFY(good.size() > 10000);
        const QString bad = dir_.filePath(QStringLiteral("bad"));
        const QString into = dir_.filePath(QStringLiteral("into"));
        int refused = 0;
        const auto isRefused = [&](const QByteArray& bytes) {
            QVERIFY(write(bad, bytes));
            QVERIFY(std::holds_alternative<FileFault>(checkBackup(bad)));
            QVERIFY(std::holds_alternative<FileFault>(unpackBackup(bad, into)));
            QVERIFY(!QFile::exists(into));
            ++refused;
        };
        for (int percent = 0; percent <= 100; ++percent) {
            const auto at = std::min(good.size() - 1, good.size() * percent / 100);
            QByteArray flipped = good;
            flipped[at] = char(flipped[at] ^ 0x20);
            isRefused(flipped);
            if (percent < 100)
                isRefused(good.left(at));
        }
        isRefused(good + 'x');
        isRefused({});
        QCOMPARE(refused, 203);
        QVERIFY(std::holds_alternative<QList<BackupEntry>>(checkBackup(file_)));
    }

    // A file that is whole by its sums, of names that lead elsewhere.
    void namesThatLeadElsewhere()
    {
        for (const char* name : {"../evil", "/etc/passwd", "photos/../x.jpg", "photos/a.jpg",
                                 "journal.sqlite/x", ""}) {
            const QByteArray json =
                QByteArrayLiteral("{\"made\":\"2026-01-01T00:00:00Z\",\"files\":[{"
                                  "\"bytes\":0,\"name\":\"") +
                name + "\",\"sha256\":\"" +
                QCryptographicHash::hash({}, QCryptographicHash::Sha256).toHex() + "\"}]}";
            QByteArray all =
                "rhexion-backup 1\n" + QByteArray::number(json.size()) + '\n' + json + '\n';
            all += QCryptographicHash::hash(all, QCryptographicHash::Sha256);
            const QString bad = dir_.filePath(QStringLiteral("names"));
            QVERIFY(write(bad, all));
            QVERIFY2(std::holds_alternative<FileFault>(checkBackup(bad)), name);
        }
    }

    void aFullDiskLeavesNothing()
    {
        // No room for a name there at all: the writer says so.
        const auto fault = writeBackup(data_, QStringLiteral("/dev/full/x"), noon);
        QVERIFY(fault);
        const auto there =
            QDir(dir_.path()).entryList(QDir::AllEntries | QDir::Hidden | QDir::NoDotAndDotDot);
        QVERIFY(std::ranges::none_of(there, [](const QString& name) {
            return name.startsWith(QLatin1String(".rhexion-backup-"));
        }));
    }

    void takenAtTheNextStart()
    {
        const QString home = dir_.filePath(QStringLiteral("home"));
        QVERIFY(QDir().mkpath(home));
        QVERIFY(write(home + QStringLiteral("/mine"), "present"));
        QCOMPARE(std::get<QString>(takePlanned(home, noon)), QString()); // nothing was planned
        const QString unpacked = home + QStringLiteral(".restored-1");
        QVERIFY(std::holds_alternative<BackupLooked>(unpackBackup(file_, unpacked)));
        QVERIFY(!planToTake(unpacked, home));
        const QString kept = std::get<QString>(takePlanned(home, noon));
        QCOMPARE(read(kept + QStringLiteral("/mine")), QByteArray("present"));
        QVERIFY(QFile::exists(home + QStringLiteral("/journal.sqlite")));
        QCOMPARE(std::get<BackupLooked>(lookAtData(home)).batches, 3);
        QCOMPARE(std::get<QString>(takePlanned(home, noon)), QString()); // once
        // A plan that names anything else is put away with nothing changed.
        QVERIFY(write(home + QStringLiteral(".take"), "../data"));
        QVERIFY(std::holds_alternative<FileFault>(takePlanned(home, noon)));
        QVERIFY(QFile::exists(home + QStringLiteral("/journal.sqlite")));
        QVERIFY(!QFile::exists(home + QStringLiteral(".take")));
    }

    // Cut after the two have changed places: the next start finishes it, whichever half is done,
    // and work that was not saved comes along.
    void takenThoughCutShort_data()
    {
        QTest::addColumn<bool>("exchanged");
        QTest::addColumn<bool>("named");
        QTest::newRow("before") << false << false;
        QTest::newRow("after the exchange") << true << false;
        QTest::newRow("after the old one was named") << true << true;
    }
    void takenThoughCutShort()
    {
        QFETCH(bool, exchanged);
        QFETCH(bool, named);
        const QTemporaryDir dir;
        const QString home = dir.filePath(QStringLiteral("home"));
        QVERIFY(QDir().mkpath(home + QStringLiteral("/recovered")));
        QVERIFY(write(home + QStringLiteral("/mine"), "present"));
        QVERIFY(write(home + QStringLiteral("/recovered/1.recovery"), "unsaved"));
        const QString unpacked = home + QStringLiteral(".restored-1");
        QVERIFY(std::holds_alternative<BackupLooked>(unpackBackup(file_, unpacked)));
        QVERIFY(!planToTake(unpacked, home));
        QVERIFY(write(unpacked + QStringLiteral("/taking.mark"), "taken in"));
        if (exchanged)
            QVERIFY(!exchange(unpacked, home));
        if (named)
            QVERIFY(QDir().rename(unpacked, home + QStringLiteral(".before-1")));
        for (int start = 0; start < 2; ++start) {
            QVERIFY(std::holds_alternative<QString>(takePlanned(home, noon)));
            QCOMPARE(std::get<BackupLooked>(lookAtData(home)).batches, 3);
            QVERIFY(!QFile::exists(home + QStringLiteral("/taking.mark")));
        }
        const QStringList kept =
            QDir(dir.path()).entryList({QStringLiteral("home.before-*")}, QDir::Dirs);
        QCOMPARE(kept.size(), 1);
        QCOMPARE(read(dir.filePath(kept.first() + QStringLiteral("/mine"))), QByteArray("present"));
        QVERIFY(named || QFile::exists(home + QStringLiteral("/recovered/1.recovery")));
    }

    // Nothing of the workshop, and nothing that is no file, is written over.
    void writtenWhereItMay_data()
    {
        QTest::addColumn<QString>("to");
        QTest::addColumn<int>("code");
        QTest::newRow("the journal")
            << data_ + QStringLiteral("/journal.sqlite") << int(FileFault::Code::InsideData);
        QTest::newRow("among the photographs")
            << data_ + QStringLiteral("/photos/b") << int(FileFault::Code::InsideData);
        QTest::newRow("a device") << QStringLiteral("/dev/null") << int(FileFault::Code::NotAFile);
        QTest::newRow("a folder") << dir_.path() << int(FileFault::Code::NotAFile);
    }
    void writtenWhereItMay()
    {
        QFETCH(QString, to);
        const QByteArray before = read(data_ + QStringLiteral("/journal.sqlite"));
        const auto fault = writeBackup(data_, to, noon);
        QVERIFY(fault);
        QTEST(int(fault->code), "code");
        QVERIFY(read(data_ + QStringLiteral("/journal.sqlite")) == before);
    }

    // What a killed backup left, a whole copy of a workshop, goes with the next one.
    void leftoversAreSwept()
    {
        const QTemporaryDir dir;
        const QString left = dir.filePath(QStringLiteral(".rhexion-backup-killed"));
        QVERIFY(QDir().mkpath(left));
        QVERIFY(write(left + QStringLiteral("/journal.sqlite"), "private"));
        QVERIFY(write(left + QStringLiteral("/in-use.lock"), ""));
        const QString alive = dir.filePath(QStringLiteral(".rhexion-backup-alive"));
        QVERIFY(QDir().mkpath(alive));
        FileLock lock(alive + QStringLiteral("/in-use.lock"));
        QVERIFY(lock.tryLock() == FileLock::Got::Yes);
        QVERIFY(!writeBackup(data_, dir.filePath(QStringLiteral("b")), noon));
        QVERIFY(!QFile::exists(left));
        QVERIFY(QFile::exists(alive));
    }

    void weekly()
    {
        int made = 0;
        for (int day = 0; day < 60; ++day)
            made += std::get<QString>(keepWeekly(data_, noon.addDays(day), 4)).isEmpty() ? 0 : 1;
        QCOMPARE(made, 9);
        const QDir copies(data_ + QStringLiteral("/copies"));
        const QStringList there = copies.entryList(QDir::Files, QDir::Name);
        QCOMPARE(there.size(), 4);
        QCOMPARE(there.last(), QStringLiteral("week-2027-01-15.rhexion-backup"));
        for (const QString& name : there)
            QVERIFY(std::holds_alternative<QList<BackupEntry>>(checkBackup(copies.filePath(name))));
        // A clock that was a year ahead keeps no copy from being made.
        QVERIFY(!std::get<QString>(keepWeekly(data_, noon.addDays(-400), 9)).isEmpty());
    }
};

QTEST_GUILESS_MAIN(TestBackup)
#include "tst_backup.moc"
