// Unsaved work outlives a crash; what an orderly end leaves is nothing.
#include <QTest>

#include "document/autosave.h"
#include "document/formula_document.h"
#include "support/built.h"
#include "support/files.h"

#include <QDir>
#include <QProcess>
#include <QSignalSpy>
#include <QTemporaryDir>

using namespace rhexion;
using namespace rhexion::test;

class TestAutosave : public QObject {
    Q_OBJECT
    static qsizetype copies(const QString& folder)
    {
        return QDir(folder).entryList({QStringLiteral("*.recovery")}, QDir::Files).size();
    }
private Q_SLOTS:
    void crashLeavesTheWork()
    {
        QTemporaryDir dir;
        QProcess crash;
        crash.start(built("crash_helper"), {dir.path()});
        QVERIFY(crash.waitForFinished());
        QCOMPARE(crash.exitStatus(), QProcess::CrashExit);
        FormulaDocument d;
        Autosave autosave(d, dir.path());
        const auto left = autosave.leftBehind();
        QCOMPARE(left.size(), 1);
        QCOMPARE(left[0].formula.name, std::string("Half-finished loaf"));
        Autosave::discard(left[0]);
        QVERIFY(autosave.leftBehind().isEmpty());
        QVERIFY(QDir(dir.path()).isEmpty());
        // A lock that outlived its copy goes too.
        QVERIFY(put(dir.filePath(QStringLiteral("a.recovery.lock")),
                    "999999999\nx\n" + QSysInfo::machineHostName().toUtf8() + "\n"));
        QVERIFY(autosave.leftBehind().isEmpty());
        QVERIFY(QDir(dir.path()).isEmpty());
    }

    void orderlyEndLeavesNothing()
    {
        QTemporaryDir dir;
        {
            FormulaDocument d;
            Autosave autosave(d, dir.path());
            d.apply(SetText{TextField::Name, "x"}, "name");
            QTRY_COMPARE(copies(dir.path()), 1);      // by itself, after a moment
            QVERIFY(autosave.leftBehind().isEmpty()); // its own is not left behind
            // A second window sees that the first is alive and leaves its work alone.
            FormulaDocument second;
            Autosave other(second, dir.path());
            QVERIFY(other.leftBehind().isEmpty());
            d.history().undo();
            autosave.writeNow();
            QCOMPARE(copies(dir.path()), 0); // nothing unsaved, nothing kept
            d.history().redo();
            autosave.writeNow();
        }
        QCOMPARE(copies(dir.path()), 0);
    }

    void brokenCopiesAreLeftAlone()
    {
        QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("a.recovery"));
        for (const QByteArray& bytes :
             {QByteArray("{"), QByteArray(),
              QByteArray(R"({"format":"rhexion-recovery","version":7})"),
              QByteArray(
                  R"({"format":"rhexion-recovery","version":1,"formula":{"format":"x"}})")}) {
            QVERIFY(put(path, bytes));
            FormulaDocument d;
            Autosave autosave(d, dir.path());
            QVERIFY(autosave.leftBehind().isEmpty());
            QCOMPARE(bytesOf(path), bytes);
        }
    }

    void saysWhenItCannotKeep()
    {
        QTemporaryDir dir;
        QVERIFY(put(dir.filePath(QStringLiteral("file")), "x"));
        FormulaDocument d;
        Autosave autosave(d, dir.filePath(QStringLiteral("file/inside")));
        QSignalSpy failed(&autosave, &Autosave::failed);
        d.apply(SetText{TextField::Name, "x"}, "name");
        autosave.writeNow();
        QCOMPARE(failed.count(), 1);
    }
};

QTEST_GUILESS_MAIN(TestAutosave)
#include "tst_autosave.moc"
