// rhexion-cli as a user runs it: with no display, by exit code, stdout and stderr.
#include <QTest>

#include "core/advice/reckon.h"
#include "support/built.h"
#include "support/files.h"
#include "support/ran.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcessEnvironment>
#include <QRegularExpression>
#include <QStandardPaths>
#include <QTemporaryDir>

using namespace rhexion;
using namespace rhexion::test;

namespace {

// As on a machine with no display.
Ran runBare(const QString& program, const QStringList& args, const char* locale = "C.UTF-8")
{
    QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
    environment.insert(QStringLiteral("LC_ALL"), QLatin1String(locale));
    for (const char* name : {"DISPLAY", "WAYLAND_DISPLAY", "QT_QPA_PLATFORM"})
        environment.remove(QString::fromLatin1(name));
    return test::run(program, args, environment);
}

Ran cli(const QStringList& args)
{
    return runBare(built("rhexion-cli"), args);
}

} // namespace

class TestCli : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;
private Q_SLOTS:
    // In the language of the computer, with its decimal mark; what programs read stays as it is.
    void german()
    {
        const auto cli_ = [](const QStringList& args) {
            const Ran ran = runBare(built("rhexion-cli"), args, "de_DE.UTF-8");
            return QString::fromUtf8(ran.out + ran.err);
        };
        const QString file = demoPath(demoNames[0]);
        const QString said = cli_({"reckon", file});
        const char* const words[] = {
            "ABWIEGEN",  "Natriumhydroxid",        "Überfettung", "112,5", "Quittenpüree",
            "RECHENWEG", "Erfahrung, keine Quelle"};
        for (const char* word : words)
            QVERIFY2(said.contains(QString::fromUtf8(word)), word);
        const auto jsonOf = [&](const char* locale) {
            const Ran ran = runBare(built("rhexion-cli"), {"reckon", file, "--json"}, locale);
            return QJsonDocument::fromJson(ran.out).object();
        };
        QCOMPARE(jsonOf("de_DE.UTF-8")["superfat"], jsonOf("C.UTF-8")["superfat"]);
        QVERIFY(!jsonOf("C.UTF-8")["superfat"].isUndefined());
        QVERIFY(cli_({"materials", "schmalz"}).contains(QStringLiteral("Schweineschmalz")));
        QVERIFY(cli_({"materials", "lard"}).contains(QStringLiteral("Schweineschmalz")));
        QVERIFY(cli_({"reckon"}).contains(QStringLiteral("eine Formeldatei")));
        // A formula as German text is read again, in either language.
        const QString text = dir_.filePath(QStringLiteral("text.txt"));
        QVERIFY(put(text, cli_({"text", file}).toUtf8()));
        for (const char* locale : {"de_DE.UTF-8", "C.UTF-8"}) {
            const Ran ran = runBare(built("rhexion-cli"), {"parse", text}, locale);
            QCOMPARE(ran.code, 0);
            QVERIFY2(!QString::fromUtf8(ran.out).contains(QStringLiteral("shelf")) &&
                         !QString::fromUtf8(ran.out).contains(QStringLiteral("Regal")),
                     ran.out.constData());
        }
        const QString pdf = dir_.filePath(QStringLiteral("blatt.pdf"));
        cli_({"sheet", file, "--pdf", pdf});
        const Ran page = runBare(QStringLiteral("pdftotext"), {pdf, "-"});
        QVERIFY(QString::fromUtf8(page.out).contains(QStringLiteral("Laugenkrug")));
        QVERIFY(QString::fromUtf8(page.out).contains(QStringLiteral("112,5")));
    }

    void exitCodes_data()
    {
        QTest::addColumn<QStringList>("args");
        QTest::addColumn<int>("code");
        QTest::addColumn<QString>("says"); // on stdout when good, else on stderr
        const QString good = demoPath(demoNames[0]);
        const QString broken = dir_.filePath(QStringLiteral("broken.rhexion"));
        const QString oilless = dir_.filePath(QStringLiteral("oilless.rhexion"));
        QVERIFY(put(broken, bytesOf(good).left(3000)));
        Formula f = demo(demoNames[0]);
        f.lines.erase(f.lines.begin(), f.lines.begin() + 4);
        QVERIFY(!writeFormulaFile(oilless, f));
        const auto row = [](const char* name, const QStringList& args, int code, const char* says) {
            QTest::newRow(name) << args << code << QString::fromUtf8(says);
        };
        row("reckon", {"reckon", good}, 0, "WEIGH OUT");
        row("reckon in ounces", {"reckon", good, "--unit", "oz"}, 0, "\u00A0oz");
        row("portions", {"reckon", demoPath(demoNames[3])}, 0, "Rosemary");
        row("two jugs", {"reckon", demoPath(demoNames[3])}, 0, "second jug");
        row("materials", {"materials"}, 0, "Olive oil");
        row("materials by word", {"materials", "milk", "cow"}, 0, "Cow's milk");
        row("help", {"--help"}, 0, "Exit codes");
        row("version", {"--version"}, 0, "rhexion-cli");
        const QString recipe = dir_.filePath(QStringLiteral("recipe.txt"));
        QVERIFY(put(recipe,
                    "Dune bar\nsuperfat 5 %\n300 g olive oil\n100 g coconut oil\n55 g NaOH\n"
                    "120 g water\n"));
        const QString own = dir_.filePath(QStringLiteral("fittings.json"));
        QVERIFY(put(own,
                    R"({"format":"rhexion-fittings","version":1,"limits":[{"whose":"own",)"
                    R"("kind":"rinse-off","fraction":0.0001,"basis":"oils","source":"me"}]})"));
        row("mould", {"mould", good, "--mould", "loaf:250x80x70"}, 0, "Room to the rim");
        row("bars", {"mould", good, "--mould", "loaf:250x80x70", "--bars", "8", "--cured", "90"}, 0,
            "Scaled");
        row("left", {"mould", good, "--mould", "loaf:250x80x70", "--left", "olive-oil=99"}, 0,
            "runs out first");
        row("left of nothing", {"mould", good, "--left", "feathers=9"}, 2, "feathers=9");
        row("cavities", {"mould", good, "--mould", "6*dome:70x35"}, 0, "does not all go in");
        row("scent", {"scent", demoPath(demoNames[3]), "--fittings", own}, 0, "More scent");
        row("blend", {"blend", good}, 0, "Lauric and myristic");
        row("water", {"water", good, "--hardness", "14 german"}, 0, "2.50 mmol/l");
        row("working", {"working", good}, 0, "Out of the mould");
        const QString journal = QStringLiteral(RHEXION_SOURCE_DIR "/tests/data/journal_v5.sqlite");
        const QString kept = dir_.filePath(QStringLiteral("journal.sqlite"));
        QVERIFY(QFile::copy(journal, kept));
        row("working by a journal", {"working", good, "--journal", kept}, 0, "Out of the mould");
        row("scent by a journal", {"scent", demoPath(demoNames[3]), "--journal", kept}, 0, "Tried");
        row("journal list", {"journal", "list", kept}, 0, "Potting-shed scrub");
        row("journal found", {"journal", "list", kept, "--find", "cracked, potting"}, 0, "Potting");
        row("journal list as JSON", {"journal", "list", kept, "--json"}, 0, "rhexion-batches");
        row("journal csv", {"journal", "export", kept}, 0, "superfat_planned");
        row("journal events", {"journal", "export", kept, "--format", "events"}, 0, "\"kind\":");
        row("journal calendar", {"journal", "export", kept, "--format", "ics"}, 0, "VCALENDAR");
        row("journal export as what", {"journal", "export", kept, "--format", "xml"}, 2, "csv");
        row("journal due", {"journal", "due", kept}, 0, "due");
        row("journal of no batch", {"journal", "show", kept, "feather"}, 1, "no such batch");
        row("journal of no file", {"journal", "list", "/no/such"}, 1, "no such");
        row("journal of what", {"journal", "burn", kept}, 2, "burn");
        row("journal compares two", {"journal", "compare", kept, "a"}, 2, "two to six");
        row("backup of no folder", {"journal", "backup", "/no/such", kept}, 1, "no such folder");
        row("backup over a file", {"journal", "backup", dir_.path(), kept}, 1, "--force");
        row("backup among its data",
            {"journal", "backup", dir_.path(), dir_.filePath(QStringLiteral("b"))}, 1,
            "another disk");
        row("a file that is no backup", {"journal", "backup", "--check", recipe}, 1,
            "not a Rhexion");
        row("no journal", {"working", good, "--journal", recipe}, 1, "not a Rhexion file");
        row("heat of a jug", {"heat", "jug", good}, 0, "All of this is an estimate");
        row("heat of a meeting", {"heat", "meet", good}, 0, "Melt and mix the oils");
        row("heat of a mould", {"heat", "mould", good}, 0, "Look in first");
        row("heat of a cook", {"heat", "cook", good}, 0, "none is reckoned");
        row("heat by a journal", {"heat", "mould", good, "--journal", kept}, 0, "Look in first");
        row("heat by no journal", {"heat", "mould", good, "--journal", "/no/such"}, 1, "no such");
        row("heat of what", {"heat", "kettle", good}, 2, "jug, meet, mould or cook");
        row("the day", {"day", good}, 0, "Lye into the liquid");
        row("the day with its waits filled", {"day", good}, 0, "meanwhile: ");
        row("the day at a time", {"day", good, "--pour-at", "2031-01-01T15:00"}, 0, "2031");
        row("the day too late", {"day", good, "--pour-at", "2001-01-01T15:00"}, 0,
            "should have begun");
        row("the day in too little time", {"day", good, "--within", "0.1"}, 0, "too short");
        row("two on one bench", {"day", good, good}, 0, "On the day");
        row("the day as JSON", {"day", good, "--json"}, 0, "rhexion-day");
        row("three days", {"day", good, good, good}, 2, "two that share a bench");
        row("the day at no time", {"day", good, "--pour-at", "noonish"}, 2, "such as 15:00");
        row("the day of a broken file", {"day", broken}, 1, "damaged");
        row("heat of nothing", {"heat", "jug"}, 2, "one file");
        row("heat of a broken file", {"heat", "jug", broken}, 1, "damaged");
        const QString warm = dir_.filePath(QStringLiteral("warm.json"));
        QVERIFY(put(warm, R"({"format":"rhexion-fittings","version":2,"heat":{"portions":1,)"
                          R"("jug":{"stuff":"aluminium","grams":200}}})"));
        row("reckoned by a plan", {"reckon", good, "--fittings", warm}, 0, "Aluminium and lye");
        row("reckoned by no plan", {"reckon", good, "--fittings", broken}, 1, "damaged");
        row("reckoned with its heat", {"reckon", good}, 0, "Jug about");
        row("solve", {"solve", good, "--wish", "oleic 52.."}, 0, "points moved");
        row("parse", {"parse", recipe}, 0, "Their lye gives superfat");
        row("text", {"text", good}, 0, "420 g olive oil in the oil pot");
        row("markdown", {"text", good, "--markdown"}, 0, "| 420 g | olive oil | in the oil pot |");
        const QString picture = dir_.filePath(QStringLiteral("picture.txt"));
        QVERIFY(put(picture, QByteArray("\x89PNG\r\n\x1a\n\0\0\0\rIHDR", 16)));
        row("parse a picture", {"parse", picture}, 1, "no text");
        const QString hot = dir_.filePath(QStringLiteral("hot.txt"));
        QVERIFY(put(hot, "Dune bar\n300 g olive oil\n55 g NaOH\n120 g water\n"));
        row("parse too much lye", {"parse", hot}, 0, "not for skin");
        const QString potash = dir_.filePath(QStringLiteral("potash.txt"));
        QVERIFY(put(potash, "500 g olive oil\n108 g KOH\nKOH purity 90 %\n"));
        const QString unsaid = dir_.filePath(QStringLiteral("unsaid.txt"));
        QVERIFY(put(unsaid, "500 g olive oil\n200 g cream\n108 g KOH\n"));
        row("a recipe with open questions", {"reckon", unsaid}, 1, "--answer 2=cream-light");
        row("a purity that is not said", {"reckon", unsaid}, 1, "--answer 3=90");
        row("an answer to no question", {"reckon", unsaid, "--answer", "1=cream-light"}, 2,
            "answers no open question");
        row("a recipe as it stands",
            {"reckon", unsaid, "--answer", "2=cream-light", "--answer", "3=90", "--answer",
             "3=reckon"},
            0, "uperfat");
        const QString prose = dir_.filePath(QStringLiteral("prose.txt"));
        QVERIFY(put(prose, "Nothing to weigh here\n"));
        row("no recipe and no formula", {"reckon", prose}, 1, "neither a formula file");
        row("parse with potash", {"parse", potash}, 0, "more lye than these fats");
        row("mould with no room", {"mould", good, "--mould", "loaf:250x80x0"}, 1,
            "cannot be nothing");
        row("no mould at all", {"mould", good, "--mould", "heart:7"}, 2, "--mould takes a shape");
        row("bars of nothing", {"mould", good, "--bars", "0"}, 2, "above 0");
        row("no such water", {"water", good, "--hardness", "9000 german"}, 1,
            "No water is that hard");
        row("hardness of what", {"water", good, "--hardness", "14 stones"}, 2, "--hardness takes");
        row("no wish", {"solve", good, "--wish", "lather 9"}, 2, "is no wish");
        row("a wish against itself", {"solve", good, "--wish", "oleic 60..50"}, 1, "at least");
        row("no oil to offer", {"solve", good, "--offer", "water"}, 1, "--offer takes");
        row("no fittings", {"scent", good, "--fittings", "/no/such/file"}, 1, "no such file");
        row("no text", {"parse", "/no/such/file"}, 1, "No such file");
        row("mould of two", {"mould", good, good}, 2, "one file");
        row("broken file", {"reckon", broken}, 1, "damaged or cut short at line");
        row("missing file", {"reckon", "/no/such/file"}, 1, "cannot be opened");
        row("a folder", {"reckon", dir_.path()}, 1, "no ordinary file");
        row("cannot be summed", {"reckon", oilless}, 1, "no oil yet");
        row("no material", {"materials", "kryptonite"}, 1, "no material");
        row("no command", {}, 2, "say what to do");
        row("unknown command", {"bake"}, 2, "not a command");
        row("no file", {"reckon"}, 2, "one formula file or recipe");
        row("two files", {"reckon", good, good}, 2, "one formula file or recipe");
        row("unknown option", {"reckon", good, "--loud"}, 2, "loud");
        row("unknown unit", {"reckon", good, "--unit", "stone"}, 2, "--unit");
        row("sheet without a place", {"sheet", good}, 2, "--pdf");
        row("sheet of a broken file", {"sheet", broken, "--pdf", dir_.filePath("x.pdf")}, 1,
            "damaged");
        row("sheet into nowhere", {"sheet", good, "--pdf", "/no/such/folder/x.pdf"}, 1,
            "cannot be written");
    }
    void exitCodes()
    {
        QFETCH(QStringList, args);
        QFETCH(int, code);
        QFETCH(QString, says);
        const Ran r = cli(args);
        QCOMPARE(r.code, code);
        QVERIFY2((code == 0 ? r.out : r.err).contains(says.toUtf8()), (r.out + r.err).constData());
        QVERIFY2(code != 0 || r.err.isEmpty(), r.err.constData());
        QVERIFY(code == 0 || r.out.isEmpty());
    }

    void jsonIsTheCoresResult()
    {
        for (const char* name : demoNames) {
            const Ran r = cli({"reckon", demoPath(name), "--json"});
            QCOMPARE(r.code, 0);
            const QJsonObject root = QJsonDocument::fromJson(r.out).object();
            const auto core = std::get<Reckoning>(reckon(demo(name)));
            QCOMPARE(root["batter"].toDouble(), core.batterGrams);
            QCOMPARE(root["superfat"].toObject()["true"].toDouble(), core.superfatTrue.value());
            QCOMPARE(root["hydroxide"].toObject()["sodium"].toObject()["weighed"].toDouble(),
                     core.sodium.weighedGrams);
            QCOMPARE(root["working"].toArray().size(), qsizetype(core.working.steps().size()));
        }
        const QJsonArray milks =
            QJsonDocument::fromJson(cli({"materials", "milk", "--json"}).out).array();
        QVERIFY(milks.size() >= 5);
        QVERIFY(milks[0].toObject()["sources"].toArray().size() > 0);
    }

    // A recipe of 1 MB and more is refused, from a pipe too; wishes that cannot be have code 1 and
    // their names.
    void hostileAndContradicting()
    {
        const QString big = dir_.filePath(QStringLiteral("big.txt"));
        QVERIFY(put(big, QByteArray(1'000'001, 'x')));
        const Ran refused = cli({"parse", big});
        QCOMPARE(refused.code, 1);
        QVERIFY2(refused.err.contains("1 MB"), refused.err.constData());
        const Ran no = cli({"solve", demoPath(demoNames[0]), "--wish", "lauric-myristic 60..",
                            "--wish", "iodine 80..", "--json"});
        QCOMPARE(no.code, 1);
        const QJsonObject json = QJsonDocument::fromJson(no.out).object();
        QVERIFY(json["cannotStandTogether"].toArray().size() >= 2);
    }

    void workingFollowsTheSheet()
    {
        const QString pdf = dir_.filePath(QStringLiteral("working.pdf"));
        QCOMPARE(cli({"sheet", demoPath(demoNames[3]), "--pdf", pdf, "--working"}).code, 0);
        QVERIFY(bytesOf(pdf).count("/Type /Page\n") >= 3);
    }

    // The sheet is one page, holds every line to weigh and every rule of safety.
    void sheetIsOnePage()
    {
        const QString toText = QStandardPaths::findExecutable(QStringLiteral("pdftotext"));
        const QString info = QStandardPaths::findExecutable(QStringLiteral("pdfinfo"));
        QVERIFY2(!toText.isEmpty() && !info.isEmpty(), "poppler-utils is missing");
        for (const char* name : demoNames) {
            const QString pdf = dir_.filePath(QStringLiteral("sheet.pdf"));
            const Ran r = cli({"sheet", demoPath(name), "--pdf", pdf});
            QVERIFY2(r.code == 0, r.err.constData());
            QCOMPARE(QRegularExpression("Pages:\\s+(\\d+)")
                         .match(QString::fromUtf8(run(info, {pdf}).out))
                         .captured(1),
                     QStringLiteral("1"));
            const QString text =
                QString::fromUtf8(run(toText, {"-layout", pdf, "-"}).out).simplified();
            const Formula f = demo(name);
            const auto core = std::get<Reckoning>(reckon(f));
            for (const Line& line : f.lines)
                QVERIFY2(text.contains(QString::fromStdString(line.material->name)),
                         line.material->name.c_str());
            QVERIFY(text.contains(QString::number(core.sodium.weighedGrams, 'f', 1)));
            for (const char* words : {"Goggles", "much running water", "poison centre", "never",
                                      "Readings", "aluminium"})
                QVERIFY2(text.contains(QString::fromLatin1(words)), words);
        }
    }
};

QTEST_GUILESS_MAIN(TestCli)
#include "tst_cli.moc"
