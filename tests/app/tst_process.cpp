// The program as a whole, in a real window: keys typed into it, a second start, and an end that
// asks nobody. Run under Xvfb (tests/support/in_xvfb.sh).
#include <QTest>

#include "app/make/held_keys.h"
#include "document/autosave.h"
#include "document/formula_document.h"
#include "storage/sqlite_journal.h"
#include "support/built.h"
#include "support/files.h"

#include <QDir>
#include <QProcess>
#include <QProcessEnvironment>

#include <algorithm>
#include <array>
#include <csignal>

using namespace rhexion;
using namespace rhexion::test;

class TestProcess : public QObject {
    Q_OBJECT

    static QProcessEnvironment environment(const QString& home)
    {
        QProcessEnvironment own = QProcessEnvironment::systemEnvironment();
        own.insert(QStringLiteral("HOME"), home);
        own.insert(QStringLiteral("XDG_RUNTIME_DIR"), home);
        for (const char* name : {"XDG_DATA_HOME", "XDG_CONFIG_HOME", "XDG_CACHE_HOME"})
            own.remove(QLatin1String(name));
        return own;
    }
    static QString xdotool(const QStringList& args)
    {
        QProcess process;
        process.start(QStringLiteral("xdotool"), args);
        process.waitForFinished(20000);
        return QString::fromUtf8(process.readAllStandardOutput()).trimmed();
    }
    static QStringList windows()
    {
        return xdotool({"search", "--onlyvisible", "--name", "Rhexion"})
            .split(QLatin1Char('\n'), Qt::SkipEmptyParts);
    }
    static QList<RecoveredWork> leftIn(const QString& home)
    {
        FormulaDocument document;
        const Autosave look(document, home + QStringLiteral("/.local/share/rhexion/recovered"));
        return look.leftBehind();
    }

private Q_SLOTS:
    void typedWorkOutlivesATermination()
    {
        QTemporaryDir home;
        QProcess first;
        first.setProcessEnvironment(environment(home.path()));
        first.start(built("rhexion"), {});
        QTRY_COMPARE_WITH_TIMEOUT(windows().size(), 1, 60000);
        const QString window = windows().first();
        xdotool({"windowactivate", "--sync", window});
        // Keys go to whatever has the focus, so the line appears when the window has it.
        QTest::qWait(1000);
        xdotool({"type", "--delay", "20", "640 g olive oil"});
        xdotool({"key", "Return"});
        QTRY_COMPARE_WITH_TIMEOUT(
            QDir(home.path() + QStringLiteral("/.local/share/rhexion/recovered"))
                .entryList({QStringLiteral("*.recovery")})
                .size(),
            1, 20000);

        // A second start hands its file over and ends; the first shows it in a window of its own.
        const QString file = home.filePath(QStringLiteral("scrub.rhexion"));
        QVERIFY(QFile::copy(demoPath("potting-shed-scrub.rhexion"), file));
        QProcess second;
        second.setProcessEnvironment(environment(home.path()));
        second.start(built("rhexion"), {file});
        QVERIFY(second.waitForFinished(30000));
        QCOMPARE(second.exitCode(), 0);
        QTRY_COMPARE_WITH_TIMEOUT(windows().size(), 2, 30000);
        QCOMPARE(first.state(), QProcess::Running);

        QCOMPARE(::kill(pid_t(first.processId()), SIGTERM), 0);
        QVERIFY(first.waitForFinished(30000));
        QCOMPARE(first.exitStatus(), QProcess::NormalExit);
        QCOMPARE(first.exitCode(), 0);
        const auto left = leftIn(home.path());
        QCOMPARE(left.size(), 1);
        const auto& lines = left[0].formula.lines;
        const auto oil = std::ranges::find_if(
            lines, [](const Line& line) { return line.material->id == "olive-oil"; });
        QVERIFY(oil != lines.end());
        QCOMPARE(oil->amount.value, 640.0);
    }

    // A key that is held down does one thing, wherever the focus is; none finishes a batch.
    void aHeldKeyDoesOneThing()
    {
        QTemporaryDir home;
        QProcess program;
        program.setProcessEnvironment(environment(home.path()));
        program.start(built("rhexion"), {QStringLiteral("--demo"), QStringLiteral("--language"),
                                         QStringLiteral("en")});
        QTRY_COMPARE_WITH_TIMEOUT(windows().size(), 1, 60000);
        const QString window = windows().first();
        xdotool({"windowactivate", "--sync", window});
        QTest::qWait(1000);
        const QString path =
            home.path() + QStringLiteral("/.local/share/rhexion/demo/journal.sqlite");
        const auto batch = [&]() -> std::optional<Batch> {
            const auto journal = SqliteJournal::open(path, SqliteJournal::How::ReadOnly);
            if (std::holds_alternative<FileFault>(journal))
                return std::nullopt;
            const auto& now = *std::get<std::unique_ptr<SqliteJournal>>(journal);
            const auto newest = std::get<QList<BatchSummary>>(now.batches(1));
            const auto read = now.batch(newest.value(0).id);
            const auto* found = std::get_if<Batch>(&read);
            return found ? std::optional(*found) : std::nullopt;
        };
        const auto passed = [&] {
            const auto at = batch();
            return at && at->state == BatchState::Making
                       ? int(std::ranges::count(at->passed(), true))
                       : -1;
        };
        const auto rest = [] { QTest::qWait(keysRest + 200); };
        const auto press = [&](const char* key) {
            rest();
            xdotool({"key", QString::fromLatin1(key)});
            rest();
        };
        const auto hold = [&](const char* key) {
            rest();
            xdotool({"keydown", QString::fromLatin1(key)});
            QTest::qWait(2000);
            xdotool({"keyup", QString::fromLatin1(key)});
            rest();
        };
        press("ctrl+shift+m");
        QTRY_COMPARE_WITH_TIMEOUT(passed(), 0, 20000);
        const auto weighs = [&] {
            const auto at = batch();
            return at->plan.steps[at->nextStep()].weighs();
        };
        const auto toA = [&](bool weighing) {
            for (int i = 0; i < 30 && weighs() != weighing; ++i)
                press("space");
        };
        const auto did = [&](const char* key) {
            const int before = passed();
            hold(key);
            return passed() - before;
        };
        toA(false); // the focus is on the button
        QCOMPARE(did("space"), 1);
        toA(false);
        QVERIFY(did("Return") <= 1);
        toA(true); // in the field
        QCOMPARE(did("space"), 1);
        toA(true);
        QCOMPARE(did("Return"), 1);
        // In the list of steps, where Space goes on and Return takes what is marked.
        xdotool({"mousemove", "--window", window, "120", "300", "click", "1"});
        QVERIFY(did("space") <= 1);
        xdotool({"mousemove", "--window", window, "120", "300", "click", "1"});
        QVERIFY(did("Return") <= 1);
        for (int i = 0; i < 40 && batch()->nextStep() < batch()->plan.steps.size(); ++i)
            press("space");
        QCOMPARE(batch()->nextStep(), batch()->plan.steps.size());
        hold("space");
        hold("ctrl+Return"); // it was walked through: asked about, once
        QVERIFY(batch()->state == BatchState::Making);
        press("ctrl+Return");
        QTRY_VERIFY_WITH_TIMEOUT(batch()->state == BatchState::Finished, 10000);
        program.terminate();
        QVERIFY(program.waitForFinished(30000));
    }

    // Two that start at once, on a folder whose lock is empty, are one program with two windows.
    void twoStartsAtOnce()
    {
        QTemporaryDir home;
        const QString data = home.path() + QStringLiteral("/.local/share/rhexion");
        QVERIFY(QDir().mkpath(data));
        QVERIFY(QFile(data + QStringLiteral("/in-use.lock")).open(QIODevice::WriteOnly));
        std::array<QProcess, 2> both;
        for (QProcess& one : both) {
            one.setProcessEnvironment(environment(home.path()));
            one.start(built("rhexion"), {});
        }
        QTRY_COMPARE_WITH_TIMEOUT(windows().size(), 2, 60000);
        const auto running = [&] {
            return std::ranges::count(both, QProcess::Running, &QProcess::state);
        };
        QTRY_COMPARE_WITH_TIMEOUT(running(), 1, 20000);
        for (QProcess& one : both)
            one.terminate();
        QTRY_COMPARE_WITH_TIMEOUT(running(), 0, 30000);
    }

    // While the first holds the data and answers nobody, a second opens to read and says so.
    void aDumbFirstLeavesTheSecondReading()
    {
        QTemporaryDir home;
        QProcess first;
        first.setProcessEnvironment(environment(home.path()));
        first.start(built("rhexion"), {});
        QTRY_COMPARE_WITH_TIMEOUT(windows().size(), 1, 60000);
        QTest::qWait(1000);
        QCOMPARE(::kill(pid_t(first.processId()), SIGSTOP), 0);
        QProcess second;
        second.setProcessEnvironment(environment(home.path()));
        second.start(built("rhexion"), {});
        QTRY_COMPARE_WITH_TIMEOUT(windows().size(), 2, 60000);
        QCOMPARE(second.state(), QProcess::Running);
        ::kill(pid_t(second.processId()), SIGTERM);
        QVERIFY(second.waitForFinished(30000));
        QCOMPARE(second.exitCode(), 0);
        ::kill(pid_t(first.processId()), SIGCONT);
        ::kill(pid_t(first.processId()), SIGTERM);
        QVERIFY(first.waitForFinished(30000));
        QCOMPARE(first.exitCode(), 0);
        QVERIFY(leftIn(home.path()).isEmpty()); // nothing was typed, nothing is left
    }
};

QTEST_GUILESS_MAIN(TestProcess)
#include "tst_process.moc"
