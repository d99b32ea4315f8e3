// Installed under a prefix of its own, the programs find what belongs to them, and manual pages,
// completions and desktop files say what the programs do.
#include "support/ran.h"

#include <QTest>

#include <QFile>
#include <QFileInfo>

#include <QRegularExpression>
#include <QTemporaryDir>

using namespace rhexion::test;

namespace {

QString source(const QString& name)
{
    QFile file(QStringLiteral(RHEXION_SOURCE_DIR "/") + name);
    return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
}

QSet<QString> longOptions(const QString& text)
{
    QSet<QString> out;
    static const QRegularExpression option(QStringLiteral("--[a-z][a-z-]+"));
    for (auto found = option.globalMatch(text); found.hasNext();)
        out.insert(found.next().captured());
    return out;
}

} // namespace

class TestInstalled : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;

    QString in(const char* name) const { return dir_.filePath(QString::fromLatin1(name)); }

private Q_SLOTS:
    void initTestCase()
    {
        const Ran done = run("cmake", {"--install", RHEXION_BUILD_DIR, "--prefix", dir_.path()});
        QVERIFY2(done.code == 0, done.err.constData());
    }

    void programsFindTheirParts()
    {
        // The foods table is under share; "raw" is only there.
        const Ran foods = run(in("bin/rhexion-cli"), {"materials", "quinces"});
        QCOMPARE(foods.code, 0);
        QVERIFY2(foods.out.contains("Quinces, raw"), foods.out.constData());
        // Solving loads nothing, the sheet is another program, the window loads the rest.
        const QString formula = source("data/demo/quince-buttermilk-loaf.rhexion");
        QFile file(in("loaf.rhexion"));
        QVERIFY(file.open(QIODevice::WriteOnly) && file.write(formula.toUtf8()) > 0);
        file.close();
        const Ran sheet =
            run(in("bin/rhexion-cli"), {"sheet", file.fileName(), "--pdf", in("s.pdf")});
        QVERIFY2(sheet.code == 0 && QFileInfo(in("s.pdf")).size() > 1000, sheet.err.constData());
        const Ran pictures = run(in("bin/rhexion"), {"--shots", in("shots")});
        QVERIFY2(pictures.code == 0, pictures.err.constData());
        QVERIFY2(!pictures.err.contains("librhexion"), pictures.err.constData());
        QVERIFY(QFile::exists(in("shots/heat-jug.png"))); // drawn by a library that is loaded
        const Ran door = run(in("bin/rhexion"), {"--time-to-paint"});
        QVERIFY2(door.code == 0 && !door.err.contains("librhexion"), door.err.constData());
    }

    // Of each program what its help says is in its manual page and, but for devices, completed.
    void manualPagesAndCompletions_data()
    {
        QTest::addColumn<QString>("program");
        QTest::addColumn<QString>("completion");
        QTest::newRow("rhexion") << "rhexion"
                                 << "rhexion.bash";
        QTest::newRow("rhexion-cli") << "rhexion-cli"
                                     << "rhexion-cli.bash";
        QTest::newRow("rhexion-standin") << "rhexion-standin" << QString();
    }
    void manualPagesAndCompletions()
    {
        QFETCH(QString, program);
        QFETCH(QString, completion);
        const Ran help = run(dir_.filePath("bin/" + program), {"--help"});
        const QSet<QString> options = longOptions(help.out + help.err);
        QVERIFY(options.size() >= 4);
        const QSet<QString> pages =
            longOptions(source("packaging/man/" + program + ".1").replace("\\-", "-"));
        QVERIFY2((options - pages).isEmpty(), qPrintable((options - pages).values().join(' ')));
        const Ran page = run("man", {"--warnings", "-l", "-Tutf8",
                                     dir_.filePath("share/man/man1/" + program + ".1.gz")});
        QVERIFY2(page.code == 0 && page.err.isEmpty(), page.err.constData());
        if (completion.isEmpty())
            return;
        const QSet<QString> completed = longOptions(source("packaging/completion/" + completion));
        QVERIFY2((options - completed).isEmpty(),
                 qPrintable((options - completed).values().join(' ')));
    }

    void completes_data()
    {
        QTest::addColumn<QString>("words");
        QTest::addColumn<QString>("completed");
        QTest::newRow("a command") << "rhexion-cli jou"
                                   << "journal";
        QTest::newRow("of the journal") << "rhexion-cli journal un"
                                        << "unpack";
        QTest::newRow("a stage") << "rhexion-cli heat j"
                                 << "jug";
        QTest::newRow("an option") << "rhexion-cli solve --no"
                                   << "--no-guards";
        QTest::newRow("a unit") << "rhexion-cli reckon --unit o"
                                << "oz";
    }
    void completes()
    {
        QFETCH(QString, words);
        QFETCH(QString, completed);
        const QString script =
            QStringLiteral("source %1; COMP_WORDS=(%2); COMP_CWORD=$((${#COMP_WORDS[@]}-1));"
                           " _rhexion_cli; echo ${COMPREPLY[@]}")
                .arg(in("share/bash-completion/completions/rhexion-cli"), words);
        const Ran shell = run("bash", {"-c", script});
        QCOMPARE(QString::fromUtf8(shell.out).trimmed(), completed);
        QCOMPARE(shell.err, QByteArray());
    }

    void desktopFiles()
    {
        const QString id = QStringLiteral("org.rhexion.Rhexion");
        const QString entry = dir_.filePath("share/applications/" + id + ".desktop");
        const Ran desktop = run("desktop-file-validate", {entry});
        QVERIFY2(desktop.code == 0 && desktop.out.isEmpty(), desktop.out.constData());
        const Ran told =
            run("appstreamcli",
                {"validate", "--no-net", dir_.filePath("share/metainfo/" + id + ".metainfo.xml")});
        QVERIFY2(told.code == 0, told.out.constData());
        // One name everywhere: the entry opens the type that the pattern gives, by the icon there
        // is.
        const QString mime = source("packaging/desktop/" + id + ".mime.xml");
        QFile file(entry);
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QString all = QString::fromUtf8(file.readAll());
        QVERIFY(mime.contains("type=\"application/vnd.rhexion.formula+json\""));
        QVERIFY(mime.contains("*.rhexion"));
        QVERIFY(all.contains("MimeType=application/vnd.rhexion.formula+json;"));
        QVERIFY(all.contains("Icon=" + id));
        QVERIFY(QFile::exists(dir_.filePath("share/icons/hicolor/scalable/apps/" + id + ".svg")));
    }
};

QTEST_APPLESS_MAIN(TestInstalled)
#include "tst_installed.moc"
