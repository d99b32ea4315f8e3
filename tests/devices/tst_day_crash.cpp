// kill -9 at any moment of a driven day: what was said to be kept is there, and the day goes on at
// the same step with its timers.
#include <QTest>

#include "batch/batch_in_progress.h"
#include "storage/sqlite_journal.h"

#include <QProcess>
#include <QRandomGenerator>
#include <QTemporaryDir>

#include <csignal>

using namespace rhexion;

class TestDayCrash : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void killedAnywhere()
    {
        // RHEXION_KILLS asks for another count.
        const int kills = qEnvironmentVariableIsSet("RHEXION_KILLS")
                              ? qEnvironmentVariableIntValue("RHEXION_KILLS")
                              : 300;
        QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("journal.sqlite"));
        QRandomGenerator dice(1409);
        int acknowledged = 0;
        int timers = 0;
        for (int i = 0; i < kills; ++i) {
            QProcess driver;
            driver.start(QCoreApplication::applicationDirPath() + QStringLiteral("/day_driver"),
                         {path, QString::number(i + 1)});
            QVERIFY(driver.waitForStarted());
            QVERIFY(driver.waitForReadyRead(20000));
            QTest::qSleep(int(dice.bounded(120)));
            ::kill(pid_t(driver.processId()), SIGKILL);
            driver.waitForFinished();
            // The last whole line that was said.
            const QList<QByteArray> lines = driver.readAllStandardOutput().split('\n');
            QVERIFY(lines.size() >= 2);
            const QList<QByteArray> last = lines[lines.size() - 2].split(' ');
            QCOMPARE(last.size(), qsizetype(5));
            QCOMPARE(last[0], QByteArray("kept"));
            auto opened = SqliteJournal::open(path);
            auto* journal = std::get_if<std::unique_ptr<SqliteJournal>>(&opened);
            QVERIFY(journal);
            const auto events = (*journal)->events(QString::fromLatin1(last[1]));
            const auto* all = std::get_if<QList<Event>>(&events);
            QVERIFY(all);
            const int kept = last[2].toInt();
            QVERIFY2(all->size() >= kept, qPrintable(QString::number(all->size())));
            // At most what was being written when it was killed has come on top.
            QVERIFY2(all->size() <= kept + 2, qPrintable(QString::number(all->size())));
            const auto asSaid = fold({all->data(), std::size_t(kept)});
            QVERIFY(asSaid);
            QCOMPARE(int(asSaid->nextStep()), last[3].toInt());
            QCOMPARE(int(asSaid->timers.size()), last[4].toInt());
            const auto now = fold({all->data(), std::size_t(all->size())});
            QVERIFY(now->nextStep() >= asSaid->nextStep());
            for (const TimerAt& timer : asSaid->timers) {
                const auto same = std::ranges::find(now->timers, timer.event, &TimerAt::event);
                QVERIFY(same != now->timers.end() && same->setAt == timer.setAt &&
                        same->seconds == timer.seconds);
                ++timers;
            }
            acknowledged += kept;
        }
        QVERIFY(acknowledged > kills && timers > 0);
    }
};

QTEST_GUILESS_MAIN(TestDayCrash)
#include "tst_day_crash.moc"
