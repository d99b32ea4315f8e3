// What windows share and what is let in: two windows on one workshop, formulas changed on disk,
// recovered work, values past their limits, names that look like markup.
#include <QTest>

#include "app/backup_actions.h"
#include "app/sheet_actions.h"
#include "app/shelf/shelf_page.h"
#include "app/windows.h"
#include "document/autosave.h"
#include "storage/catalogue.h"
#include "storage/formula_json.h"
#include "storage/sqlite_journal.h"
#include "support/files.h"
#include "support/random_formula.h"
#include "support/window.h"
#include "words/plain_text.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QJsonDocument>
#include <QJsonObject>
#include <QLabel>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTextBrowser>

#include <csignal>
#include <sys/resource.h>

using namespace rhexion;
using namespace rhexion::test;

namespace {

QPushButton* press(QWidget* in, const char* text)
{
    for (QPushButton* b : in->findChildren<QPushButton*>())
        if (b->isVisibleTo(in) && b->text().startsWith(QString::fromUtf8(text))) {
            b->click();
            return b;
        }
    return nullptr;
}

const QString hostile = QStringLiteral("<img src=\"file:///dev/zero\"><b>bold");

Formula hostileFormula()
{
    Formula f = demo(demoNames[0]);
    f.name = hostile.toStdString();
    f.notes = f.maker = hostile.toStdString();
    for (Line& line : f.lines) {
        auto m = std::make_shared<Material>(*line.material);
        m->name = hostile.toStdString();
        m->note = hostile.toStdString();
        line.material = m;
    }
    return f;
}

// No file may grow while this stands, as on a full disk.
class FullDisk {
public:
    FullDisk()
    {
        ::signal(SIGXFSZ, SIG_IGN);
        ::getrlimit(RLIMIT_FSIZE, &before_);
        const rlimit none{0, before_.rlim_max};
        ::setrlimit(RLIMIT_FSIZE, &none);
    }
    ~FullDisk() { ::setrlimit(RLIMIT_FSIZE, &before_); }

private:
    rlimit before_{};
};

} // namespace

class TestWorkshop : public QObject {
    Q_OBJECT
private Q_SLOTS:
    // Every label of every page is plain text, every tooltip with a tag in it is escaped, and no
    // page loads what its text names.
    void textIsText()
    {
        Shop shop;
        shop.document().reset(hostileFormula(), {});
        shop.window->makeBatch();
        QVERIFY(shop.window->making().batch());
        int labels = 0;
        for (const auto place : {MainWindow::Bench, MainWindow::Make, MainWindow::JournalPlace,
                                 MainWindow::ShelfPlace}) {
            shop.window->goTo(place);
            QApplication::processEvents();
            for (QLabel* label : shop.window->findChildren<QLabel*>()) {
                ++labels;
                // A form's fixed captions are Qt's own labels; no text of a file goes there.
                const bool caption = !label->text().contains(QLatin1Char('<'));
                QVERIFY2(label->textFormat() == Qt::PlainText || caption,
                         qPrintable(label->text()));
            }
            for (QWidget* widget : shop.window->findChildren<QWidget*>()) {
                const QString tip = widget->toolTip();
                QVERIFY2(!tip.contains(QLatin1String("<img")), qPrintable(tip));
            }
            for (QTextBrowser* page : shop.window->findChildren<QTextBrowser*>())
                QVERIFY(!page->loadResource(2, QUrl(QStringLiteral("file:///dev/zero"))).isValid());
        }
        QVERIFY2(labels > 60, qPrintable(QString::number(labels)));
        for (const Vessel vessel : allVessels)
            for (int row = 0; row < shop.list(vessel)->model()->rowCount(); ++row)
                QVERIFY(!shop.list(vessel)
                             ->model()
                             ->index(row, 0)
                             .data(Qt::ToolTipRole)
                             .toString()
                             .contains(QLatin1String("<img")));
        const QString page = shop.window->journalPage().pageText();
        QVERIFY(page.contains(hostile));
        Formula turned = demo(demoNames[0]);
        turned.name = "Loaf[*]\u202E\n";
        shop.document().reset(turned, {});
        QCOMPARE(shop.window->windowTitle(), QStringLiteral("Loaf[*][*]\u25A1\u25A1[*] – Rhexion"));
        QCOMPARE(forTerminal(QStringLiteral("a\x1b[2Jb\u202Ec")),
                 QStringLiteral("a\u25A1[2Jb\u25A1c"));
    }

    void pastTheLimits_data()
    {
        QTest::addColumn<int>("row");
        for (int i = 0; i < int(edits().size()); ++i)
            QTest::newRow(edits()[std::size_t(i)].first) << i;
    }
    // Refused where they are typed, said, and nothing of them is kept.
    void pastTheLimits()
    {
        QFETCH(int, row);
        Shop shop;
        shop.document().reset(demo(demoNames[3]), {});
        const Formula before = shop.document().formula();
        shop.document().apply(edits()[std::size_t(row)].second(before), QStringLiteral("x"));
        QVERIFY(shop.document().formula() == before);
        QVERIFY(!shop.said().isEmpty());
        QVERIFY(!shop.document().isDirty());
    }

    // What is accepted by hand comes back equal from its file, whatever it is.
    void acceptedComesBackEqual()
    {
        RandomFormulas random(31);
        FormulaDocument document;
        QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("a.rhexion"));
        int changes = 0;
        for (int i = 0; i < 400; ++i) {
            Formula f = random.next(false);
            random.everythingOn(f);
            document.reset(f, {});
            for (int k = 0; k < 8; ++k) {
                const int before = document.history().count();
                const auto& [name, make] = edits()[std::size_t(random.below(int(edits().size())))];
                document.apply(make(document.formula()), QString::fromLatin1(name));
                LyeSettings lye = document.formula().lye;
                lye.superfat = random.between(-0.7, 1.2);
                document.apply(SetLye{SettingField::Superfat, lye}, QStringLiteral("s"));
                LiquidSettings liquid = document.formula().liquid;
                liquid.how = static_cast<LiquidStatement>(random.below(4));
                liquid.value = random.between(-1, 30);
                document.apply(SetLiquid{SettingField::Liquid, liquid}, QStringLiteral("l"));
                document.apply(
                    SetText{TextField::Name, std::string(std::size_t(random.below(700)), 'n')},
                    QStringLiteral("n"));
                document.apply(SetPortions{{}}, QStringLiteral("p"));
                document.history().undo();
                changes += document.history().count() - before;
            }
            QVERIFY(!document.save(path));
            const auto back = readFormulaFile(path);
            QVERIFY2(std::holds_alternative<Formula>(back), qPrintable(QString::number(i)));
            QVERIFY2(std::get<Formula>(back) == document.formula(), qPrintable(QString::number(i)));
        }
        QVERIFY2(changes > 1000, qPrintable(QString::number(changes)));
    }

    // A file with values past their limits is refused, and what can be read of it is offered.
    void partlyReadableIsOffered()
    {
        Shop shop;
        QJsonObject root = QJsonDocument::fromJson(bytesOf(demoPath(demoNames[0]))).object();
        const std::size_t lines = demo(demoNames[0]).lines.size();
        QJsonObject lye = root["lye"].toObject();
        lye["superfat"] = 1.0;
        root["lye"] = lye;
        root["name"] = QString(501, QLatin1Char('n'));
        const QString path = shop.dir.filePath(QStringLiteral("odd.rhexion"));
        QVERIFY(put(path, QJsonDocument(root).toJson()));
        QVERIFY(!shop.window->files().openPath(path));
        QVERIFY2(shop.said().contains(QLatin1String("name")), qPrintable(shop.said()));
        QVERIFY(press(shop.window.get(), "Open what can be read"));
        QCOMPARE(shop.document().formula().lines.size(), lines);
        QCOMPARE(shop.document().formula().name.size(), std::size_t(500));
        QVERIFY(shop.document().isDirty() && shop.document().path().isEmpty());
        QCOMPARE(bytesOf(path), QJsonDocument(root).toJson()); // the file is left as it was
    }

    void changedOnDisk_data()
    {
        QTest::addColumn<QString>("answer");
        for (const char* answer : {"Keep mine", "Take that", "Both, side by side"})
            QTest::newRow(answer) << QString::fromLatin1(answer);
    }
    void changedOnDisk()
    {
        QFETCH(QString, answer);
        Shop shop;
        const QString path = shop.dir.filePath(QStringLiteral("mine.rhexion"));
        QVERIFY(!writeFormulaFile(path, demo(demoNames[0])));
        QVERIFY(shop.window->files().openPath(path));
        shop.type("7 g kaolin at trace");
        const Formula mine = shop.document().formula();
        QString wanted = QStringLiteral("none");
        connect(&shop.window->workshop(), &Workshop::windowWanted, this,
                [&](const QString& p) { wanted = p; });
        QVERIFY(!writeFormulaFile(path, demo(demoNames[1])));
        QTRY_VERIFY(shop.said().contains(QLatin1String("changed by something else")));
        QVERIFY(!shop.window->files().save()); // saving does not overwrite it either
        QVERIFY(press(shop.window.get(), answer.toUtf8().constData()));
        const auto disk = std::get<Formula>(readFormulaFile(path));
        if (answer == QLatin1String("Keep mine")) {
            QVERIFY(disk == mine && !shop.document().isDirty());
        } else {
            QVERIFY(disk == demo(demoNames[1]));
            if (answer == QLatin1String("Take that"))
                QVERIFY(shop.document().formula() == disk);
            else
                QVERIFY(wanted == path && shop.document().formula() == mine);
        }
    }

    // Recovered work whose file was changed meanwhile does not take its place unasked.
    void recoveredWorkOfAChangedFile()
    {
        Shop shop;
        const QString path = shop.dir.filePath(QStringLiteral("mine.rhexion"));
        QVERIFY(!writeFormulaFile(path, demo(demoNames[0])));
        {
            FormulaDocument document;
            Autosave gone(document, shop.window->workshop().recoveryFolder());
            QVERIFY(!document.open(path));
            document.apply(SetText{TextField::Name, "Mine"}, {});
            gone.leaveCopy();
        }
        QVERIFY(!writeFormulaFile(path, demo(demoNames[1])));
        shop.window->offerRecovered();
        QVERIFY(press(shop.window.get(), "Take it up"));
        QCOMPARE(shop.document().formula().name, std::string("Mine"));
        QVERIFY(!shop.window->files().save());
        QVERIFY2(shop.said().contains(QLatin1String("changed by something else")),
                 qPrintable(shop.said()));
        QVERIFY(std::get<Formula>(readFormulaFile(path)) == demo(demoNames[1]));
    }

    // Unsaved work and batches in the making are all offered, none hidden by another.
    void everythingLeftIsOffered()
    {
        Shop shop;
        for (int i = 0; i < 2; ++i) {
            shop.make(i);
            shop.window->making().setBatch(nullptr); // as when the program was killed
        }
        FormulaDocument document;
        Autosave autosave(document, shop.window->workshop().recoveryFolder());
        document.resetRecovered(demo(demoNames[2]), {});
        autosave.leaveCopy();
        QCOMPARE(autosave.leftBehind().size(), 0); // its own is not left behind
        auto other = std::make_unique<FormulaDocument>();
        {
            Autosave gone(*other, shop.window->workshop().recoveryFolder());
            other->resetRecovered(demo(demoNames[3]), {});
            gone.leaveCopy();
        }
        shop.open();
        shop.window->offerRecovered();
        QCOMPARE(shop.window->notes().shown().size(), 3); // the living one is not offered
        QVERIFY2(shop.said().contains(QString::fromStdString(demo(demoNames[3]).name)),
                 qPrintable(shop.said()));
        for (int i = 0; i < 2; ++i)
            QVERIFY2(shop.said().contains(QString::fromStdString(demo(demoNames[i]).name)),
                     qPrintable(shop.said()));
    }

    // On a full disk the only copy of recovered work stays.
    void takingUpOnAFullDisk()
    {
        Shop shop;
        const QString folder = shop.window->workshop().recoveryFolder();
        {
            FormulaDocument document;
            Autosave gone(document, folder);
            document.resetRecovered(demo(demoNames[1]), {});
            gone.leaveCopy();
        }
        shop.window->offerRecovered();
        const auto copies = [&] {
            return QDir(folder).entryList({QStringLiteral("*.recovery")}, QDir::Files).size();
        };
        QCOMPARE(copies(), 1);
        {
            const FullDisk full;
            QVERIFY(press(shop.window.get(), "Take it up"));
            QVERIFY(shop.document().formula() == demo(demoNames[1]));
            QCOMPARE(copies(), 1);
            QVERIFY(shop.said().contains(QLatin1String("not being kept safe")));
        }
        shop.type("3 g kaolin at trace");
        QTRY_VERIFY(!shop.said().contains(QLatin1String("not being kept safe")));
    }

    // A journal that is gone is not begun anew beside its copy, and comes back from it; a full disk
    // on the way leaves everything as it was.
    void aLostJournalComesBack()
    {
        Shop shop;
        shop.make(0);
        const QString path = shop.dir.filePath(QStringLiteral("journal.sqlite"));
        shop.window.reset(); // an orderly end keeps the copy
        const QByteArray copy = bytesOf(path + QStringLiteral(".good"));
        QVERIFY(copy.size() > 1000);
        QVERIFY(QFile::remove(path));
        shop.open();
        shop.window->offerRecovered();
        QVERIFY2(shop.said().contains(QLatin1String("is not there, but copies")),
                 qPrintable(shop.said()));
        QVERIFY(!QFile::exists(path));
        {
            const FullDisk full;
            QVERIFY(press(shop.window.get(), "Go on with its last good copy, of "));
            QVERIFY2(shop.said().contains(QLatin1String("cannot be written")),
                     qPrintable(shop.said()));
        }
        QVERIFY(!QFile::exists(path));
        QVERIFY(bytesOf(path + QStringLiteral(".good")) == copy);
        QVERIFY(press(shop.window.get(), "Go on with its last good copy"));
        QCOMPARE(std::get<QList<BatchSummary>>(shop.window->journal()->unfinished()).size(), 1);
    }

    // One that was replaced by an older one is told of, and what it lacks can be brought in.
    void aJournalOfBeforeIsToldOf()
    {
        Shop shop;
        const QString path = shop.dir.filePath(QStringLiteral("journal.sqlite"));
        shop.make(0);
        shop.window.reset();
        QVERIFY(QFile::remove(path));
        std::get<std::unique_ptr<SqliteJournal>>(
            SqliteJournal::open(path, SqliteJournal::How::BeginAnew));
        shop.open();
        shop.window->offerGoodCopy();
        QVERIFY2(shop.said().contains(QLatin1String("holds 1 thing")), qPrintable(shop.said()));
        QVERIFY(press(shop.window.get(), "Bring them in"));
        QCOMPARE(std::get<QList<BatchSummary>>(shop.window->journal()->unfinished()).size(), 1);
        QVERIFY(shop.said().contains(QString::fromStdString(demo(demoNames[0]).name)));
    }

    void twoWindowsShareAWorkshop()
    {
        Shop shop;
        shop.window.reset();
        Workshop workshop({shop.dir.path(), false}, [&] { return shop.now; });
        Windows windows(workshop);
        MainWindow* one = windows.open({}, demo(demoNames[0]));
        Q_EMIT workshop.windowWanted({});
        QCOMPARE(windows.all().size(), 2);
        MainWindow* two = windows.all().last();
        one->show();
        one->makeBatch();
        const QString batch = one->making().batch()->batch();
        // A batch is made in one window at a time.
        two->goTo(MainWindow::JournalPlace);
        QVERIFY(press(&two->journalPage(), "Go on making it"));
        QVERIFY(!two->making().batch());
        QVERIFY(workshop.isBeingMade(batch));
        // A material kept in one is on the other's shelf.
        Material own = *Catalogue::shipped().find("kaolin");
        own.id = "own-clay";
        own.name = "Bank clay";
        one->loadStock();
        QVERIFY(!workshop.stock().shelf()->keep({own}));
        workshop.stock().refresh();
        QVERIFY(!two->stock().find(QStringLiteral("bank clay")).empty());
        // A file that is open already comes to the front instead of a second time.
        const QString path = shop.dir.filePath(QStringLiteral("a.rhexion"));
        QVERIFY(!writeFormulaFile(path, demo(demoNames[2])));
        windows.bring({path});
        windows.bring({path});
        QCOMPARE(windows.all().size(), 3);
        // Two hundred files are no two hundred windows.
        QStringList many;
        for (int i = 0; i < 25; ++i) {
            many << shop.dir.filePath(QStringLiteral("many-%1.rhexion").arg(i));
            QVERIFY(QFile::copy(path, many.last()));
        }
        windows.bring(many);
        QCOMPARE(windows.all().size(), 20);
        const QString said = windows.all().last()->banner().text();
        QVERIFY2(said.contains(QLatin1String("many-24.rhexion")), qPrintable(said));
        for (MainWindow* window : windows.all().mid(3))
            delete window;
        // The first may go while the others stay.
        delete one;
        QVERIFY(!workshop.isBeingMade(batch));
        two->goTo(MainWindow::Bench);
        QCOMPARE(windows.all().size(), 2);
    }

    // What was open at the end is open at the next beginning; a file that is gone is passed over.
    void theSessionComesBack()
    {
        Shop shop;
        shop.window.reset();
        QSettings().clear();
        Workshop workshop({shop.dir.path(), false}, [&] { return shop.now; });
        QStringList paths;
        for (const char* name : {"a", "b", "c"}) {
            paths << shop.dir.filePath(QLatin1String(name) + QStringLiteral(".rhexion"));
            QVERIFY(!writeFormulaFile(paths.last(), demo(demoNames[2])));
        }
        {
            Windows windows(workshop);
            for (const QString& path : paths)
                windows.open(path)->show();
            windows.all()[1]->close(); // not wanted any more
            QTRY_COMPARE(windows.all().size(), 2);
            Q_EMIT windows.all()[0]->quitting();
            QTRY_COMPARE(windows.all().size(), 0);
        }
        QCOMPARE(Windows::lastSession(), (QStringList{paths[0], paths[2]}));
        QVERIFY(QFile::remove(paths[0]));
        QCOMPARE(Windows::lastSession(), QStringList{paths[2]});
        {
            Windows windows(workshop);
            windows.open(paths[1])->show();
            windows.all()[0]->close(); // the last one is
            QTRY_COMPARE(windows.all().size(), 0);
        }
        QCOMPARE(Windows::lastSession(), QStringList{paths[1]});
    }

    // Out into a file, in on another machine: the same; a file that is wrong changes nothing.
    void settingsOutAndIn()
    {
        Shop shop;
        QSettings().clear();
        QSettings().setValue(QStringLiteral("textSize"), 130);
        QSettings().setValue(QStringLiteral("session/files"), QStringList{"/mine"});
        QVERIFY(!shop.window->workshop().fittings().change([](Fittings& f) {
            f.moulds = {{"Tray of six", Loaf{200, 80, 80, 0, 0, 0, 0}, 1}};
        }));
        const QString path = shop.dir.filePath(QStringLiteral("settings.json"));
        shop.window->backups().keepSettings(path);
        QVERIFY(shop.said().contains(path));
        const QByteArray whole = bytesOf(path);
        QVERIFY(!whole.contains("/mine"));

        Shop other;
        QSettings().clear();
        QSettings().setValue(QStringLiteral("session/files"), QStringList{"/theirs"});
        const auto take = [&](const QByteArray& bytes) {
            const QString in = other.dir.filePath(QStringLiteral("in.json"));
            QVERIFY(put(in, bytes));
            other.window->backups().takeSettings(in);
        };
        const auto moulds = [&] { return other.window->workshop().fittings().all().moulds.size(); };
        for (const auto& [from, to] :
             {std::pair<QByteArray, QByteArray>{"rhexion-settings", "another"},
              {"\"version\": 1", "\"version\": 9"},
              {"\"textSize\": \"130\"", "\"textSize\": {\"a\": 1}"},
              {"Tray of six", QByteArray(900, 'x')},
              {"{", "[ {"}}) {
            QByteArray bad = whole;
            bad.replace(from, to);
            QVERIFY2(bad != whole, from);
            take(bad);
            QVERIFY2(moulds() == 0 && !QSettings().contains(QStringLiteral("textSize")), to);
        }
        // A file of another's names a server, devices and words of its own: none of them is taken,
        // and those that are here stay.
        QSettings().setValue(QStringLiteral("server/host"), QStringLiteral("mine"));
        QSettings().setValue(QStringLiteral("devices/1/path"), QStringLiteral("/dev/mine"));
        QByteArray others = whole;
        others.replace("\"textSize\": \"130\"",
                       "\"textSize\": \"130\", \"server/host\": \"theirs\", \"server/joined\": "
                       "\"true\", \"devices/1/path\": \"/dev/theirs\", \"ownWords/6f696c\": "
                       "\"palm-oil\", \"whoToCall\": \"0\", \"window\": \"x\"");
        QVERIFY(others != whole);
        take(others);
        QCOMPARE(moulds(), std::size_t(1));
        QVERIFY(other.said().contains(QStringLiteral("server/host")));
        QCOMPARE(QSettings().value(QStringLiteral("server/host")).toString(), "mine");
        QCOMPARE(QSettings().value(QStringLiteral("devices/1/path")).toString(), "/dev/mine");
        for (const char* never : {"server/joined", "ownWords/6f696c", "whoToCall", "window"})
            QVERIFY2(!QSettings().contains(QLatin1String(never)), never);
        take(whole);
        QCOMPARE(QSettings().value(QStringLiteral("textSize")).toInt(), 130);
        QCOMPARE(Theme::look().percent, 130); // at once
        QCOMPARE(QSettings().value(QStringLiteral("session/files")).toStringList(),
                 QStringList{"/theirs"});
        Theme::apply(*qApp, Look{Shade::Light});
    }

    void aWrittenSheetIsSaid()
    {
        Shop shop;
        shop.document().reset(demo(demoNames[0]), {});
        const QString path = shop.dir.filePath(QStringLiteral("sheet.pdf"));
        QVERIFY(shop.window->sheets().write(path));
        QVERIFY(shop.said().contains(QLatin1String("sheet.pdf")));
        QVERIFY(bytesOf(path).startsWith("%PDF"));
        QVERIFY(!shop.window->sheets().write(shop.dir.filePath(QStringLiteral("no/sheet.pdf"))));
        QVERIFY(!shop.said().contains(QLatin1String("is written")));
    }

    void readOnlySaysSo()
    {
        Shop shop;
        shop.window->journal();
        shop.window->loadStock();
        shop.window.reset();
        Workshop workshop({shop.dir.path(), true}, [&] { return shop.now; });
        MainWindow window(workshop, demo(demoNames[0]));
        window.show();
        QVERIFY(!window.notes().shown().isEmpty());
        window.makeBatch();
        QVERIFY(!window.making().batch());
        Material own = *Catalogue::shipped().find("kaolin");
        own.id = "own-clay";
        const auto fault = window.stock().shelf()->keep({own});
        QVERIFY(fault && fault->code == FileFault::Code::ReadOnly);
    }

    void aClockSetBackIsRemarked()
    {
        Shop shop;
        shop.make(0);
        shop.window->making().setBatch(nullptr);
        shop.now = shop.now.addDays(-40);
        shop.window->makeBatch();
        QVERIFY2(shop.said().contains(QLatin1String("clock")), qPrintable(shop.said()));
        QVERIFY(shop.said().contains(QLatin1String("2026")));
    }

    // A letter in the title leaves the drawn doubt standing; what is to be said may change.
    void aLetterMovesNoFigure()
    {
        Shop shop;
        shop.document().reset(demo(demoNames[0]), {});
        const auto doubt = doubtOf(shop.document().formula(), shop.reckoning());
        shop.document().takeDoubt(*doubt);
        const Working* working = &shop.reckoning().working;
        const auto steps = working->steps().data();
        shop.document().apply(SetText{TextField::Name, "Another name"}, QStringLiteral("n"));
        QVERIFY(shop.document().onlyTextChanged());
        QVERIFY(shop.reckoning().working.steps().data() == steps); // not reckoned anew
        shop.type("9 g kaolin at trace");
        QVERIFY(!shop.document().onlyTextChanged());
    }

    void foldersAndFilesAreTheMakersOwn()
    {
        Shop shop;
        shop.make(0);
        shop.type("9 g kaolin at trace");
        shop.window->leaveCopy();
        const auto others =
            QFile::ReadGroup | QFile::ReadOther | QFile::WriteGroup | QFile::WriteOther;
        for (const char* name : {"journal.sqlite", "shelf.sqlite"})
            QVERIFY(!(QFile::permissions(shop.dir.filePath(QString::fromLatin1(name))) & others));
        const QDir folder(shop.window->workshop().recoveryFolder());
        QVERIFY(!(QFile::permissions(folder.path()) & others));
        for (const QFileInfo& copy : folder.entryInfoList({QStringLiteral("*.recovery")}))
            QVERIFY(!(copy.permissions() & others));
    }

private:
    using Make = std::function<Edit(const Formula&)>;
    static const std::vector<std::pair<const char*, Make>>& edits()
    {
        const auto lye = [](auto set) {
            return [set](const Formula& f) -> Edit {
                LyeSettings l = f.lye;
                set(l);
                return SetLye{SettingField::Superfat, l};
            };
        };
        const auto liquid = [](LiquidStatement how, double value) {
            return [how, value](const Formula& f) -> Edit {
                LiquidSettings l = f.liquid;
                l.how = how;
                l.value = value;
                return SetLiquid{SettingField::Liquid, l};
            };
        };
        static const std::vector<std::pair<const char*, Make>> all{
            {"superfat 100", lye([](LyeSettings& l) { l.superfat = 1.0; })},
            {"superfat -60", lye([](LyeSettings& l) { l.superfat = -0.6; })},
            {"potassium 150", lye([](LyeSettings& l) { l.potassiumShare = 1.5; })},
            {"liquid 3000 % of oils", liquid(LiquidStatement::PercentOfOils, 30.0)},
            {"ratio 0", liquid(LiquidStatement::Ratio, 0.0)},
            {"strength 100 %", liquid(LiquidStatement::Strength, 1.0)},
            {"a name of 501 letters",
             [](const Formula&) -> Edit {
                 return SetText{TextField::Name, std::string(501, 'n')};
             }},
            {"notes of 100,001 letters",
             [](const Formula&) -> Edit {
                 return SetText{TextField::Notes, std::string(100001, 'n')};
             }},
            {"a mass below 0",
             [](const Formula& f) -> Edit {
                 return SetAmount{f.lines.front().id, {-1.0, AmountUnit::Gram}};
             }},
            {"a mass of NaN",
             [](const Formula& f) -> Edit {
                 return SetAmount{f.lines.front().id,
                                  {std::numeric_limits<double>::quiet_NaN(), AmountUnit::Gram}};
             }},
            {"a portion that is not there",
             [](const Formula& f) -> Edit {
                 return SetPortion{f.lines.back().id, 99999};
             }},
            {"25 portions",
             [](const Formula& f) -> Edit {
                 std::vector<Portion> portions;
                 for (PortionId id = f.lastId + 1; id < f.lastId + 26; ++id)
                     portions.push_back({id, {}, 1.0, {}, {}});
                 return SetPortions{portions};
             }},
            {"a portion's name of 201 letters",
             [](const Formula& f) -> Edit {
                 return SetPortions{{{f.lastId + 1, std::string(201, 'p'), 1.0, {}, {}}}};
             }},
            {"joined at 400 C",
             [](const Formula&) -> Edit {
                 return SetMixing{{Temperature::celsius(400), 6}};
             }},
            {"30 g of liquid per gram", [](const Formula& f) -> Edit {
                 return SetSolvent{f.lines.front().id, 30.0};
             }}};
        return all;
    }
};

QTEST_MAIN(TestWorkshop)
#include "tst_workshop.moc"
