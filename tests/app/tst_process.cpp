// The program as a whole, in a real window: keys typed into it, a second start, and an end that
// asks nobody. Run under Xvfb (tests/support/in_xvfb.sh).
#include <QTest>

#include "document/autosave.h"
#include "document/formula_document.h"
#include "support/built.h"
#include "support/files.h"

#include <QDir>
#include <QProcess>
#include <QProcessEnvironment>

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
