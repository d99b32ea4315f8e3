// Formula files: come back as they went, hold their own figures, and broken ones change nothing.
#include <QTest>

#include "core/account/doubt.h"

#include "storage/catalogue.h"
#include "support/files.h"
#include "support/random_formula.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QTemporaryDir>

#include <sys/stat.h>

using namespace rhexion;
using namespace rhexion::test;
using C = FileFault::Code;

class TestFormulaFile : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void demosReckon_data()
    {
        QTest::addColumn<QString>("name");
        for (const char* name : demoNames)
            QTest::newRow(name) << QString::fromLatin1(name);
    }
    void demosReckon()
    {
        QFETCH(QString, name);
        const Formula f = demo(name.toLatin1());
        QVERIFY(!f.lines.empty());
        QVERIFY(std::holds_alternative<Reckoning>(reckon(f)));
        const auto again = formulaFromJson(formulaToJson(f));
        QVERIFY(std::holds_alternative<Formula>(again));
        QCOMPARE(formulaToJson(std::get<Formula>(again)), formulaToJson(f));
    }

    void randomFormulasComeBack()
    {
        RandomFormulas random(21);
        for (int i = 0; i < 200; ++i) {
            const Formula f = random.next(false);
            const auto read = formulaFromJson(formulaToJson(f));
            QVERIFY(std::holds_alternative<Formula>(read));
            const Formula& back = std::get<Formula>(read);
            QVERIFY(back == f);
            const auto a = reckon(f);
            const auto b = reckon(back);
            QCOMPARE(a.index(), b.index());
            if (const auto* r = std::get_if<Reckoning>(&a)) // to the last bit
                QCOMPARE(std::get<Reckoning>(b).batterGrams, r->batterGrams);
        }
    }

    void holdsItsOwnFigures()
    {
        // An oil of the catalogue's name with another SV stays what it was.
        Formula f = twoOils();
        auto own = std::make_shared<Material>(*Catalogue::shipped().find("olive-oil"));
        own->sv = Figure{Interval::exactly(201), own->sources.front().id};
        f.lines[0].material = own;
        f.lines[1].material = Catalogue::shipped().find("olive-oil"); // same id, other figures
        const auto back = std::get<Formula>(formulaFromJson(formulaToJson(f)));
        QCOMPARE(back.lines[0].material->sv->range.typical(), 201.0);
        QCOMPARE(back.lines[1].material->sv->range.typical(), 190.0);
        QCOMPARE(back.lines[0].material->id, back.lines[1].material->id);
    }

    void broken_data()
    {
        QTest::addColumn<QString>("path"); // what is changed in a good file
        QTest::addColumn<QJsonValue>("to");
        QTest::addColumn<int>("code");
        const auto row = [](const char* path, const QJsonValue& to, C code) {
            QTest::addRow("%s = %s", path, qPrintable(QString::number(to.type())))
                << QString::fromLatin1(path) << to << int(code);
        };
        row("format", "something-else", C::NotOurs);
        row("version", 99, C::Newer);
        row("version", 0, C::OutOfRange);
        row("version", "1", C::OutOfRange);
        row("name", 5, C::WrongType);
        row("name", QString(600, QLatin1Char('n')), C::OutOfRange);
        row("lines", QJsonObject{}, C::WrongType);
        row("lines", QJsonArray{5}, C::WrongType);
        row("lye", QJsonValue::Null, C::WrongType);
        row("surprise", 1, C::UnknownField);
        row("lye.superfat", 1.5, C::OutOfRange);
        row("lye.superfat", "5 %", C::WrongType);
        row("lye.split", "thirds", C::UnknownWord);
        row("lye.sodium", "unobtainium", C::NoSuchMaterial);
        row("liquid.value", -1, C::OutOfRange);
        row("liquid.how", "by-eye", C::UnknownWord);
        row("liquid.jugCelsius", 1e9, C::OutOfRange);
        row("materials", QJsonArray{}, C::NoSuchMaterial);
        row("sources", QJsonArray{}, C::UnknownWord);
    }
    void broken()
    {
        QFETCH(QString, path);
        QFETCH(QJsonValue, to);
        QFETCH(int, code);
        QJsonObject root = QJsonDocument::fromJson(bytesOf(demoPath(demoNames[0]))).object();
        const QStringList parts = path.split(QLatin1Char('.'));
        if (parts.size() == 1) {
            root[parts[0]] = to;
        } else {
            QJsonObject inner = root[parts[0]].toObject();
            inner[parts[1]] = to;
            root[parts[0]] = inner;
        }
        const auto read = formulaFromJson(QJsonDocument(root).toJson());
        const auto* fault = std::get_if<FileFault>(&read);
        QVERIFY(fault);
        QCOMPARE(int(fault->code), code);
        if (fault->code != C::NotOurs && fault->code != C::Newer)
            QVERIFY2(!fault->place.isEmpty(), "the place is named");
    }

    // Portions, second jug and warmth from outside: out of range, twice, of another kind.
    void brokenPortions_data()
    {
        QTest::addColumn<QByteArray>("key");
        QTest::addColumn<QByteArray>("value");
        QTest::addColumn<int>("code");
        const auto row = [](const char* name, const char* key, const char* value, C code) {
            QTest::newRow(name) << QByteArray(key) << QByteArray(value) << int(code);
        };
        row("no list", "portions", "{}", C::WrongType);
        row("no parts", "portions", R"([{"id":50}])", C::Missing);
        row("parts of nothing", "portions", R"([{"id":50,"parts":0}])", C::OutOfRange);
        row("parts beyond", "portions", R"([{"id":50,"parts":1e9}])", C::OutOfRange);
        row("one id twice", "portions", R"([{"id":50,"parts":1},{"id":50,"parts":1}])", C::Twice);
        row("a line's id", "portions", R"([{"id":1,"parts":1}])", C::Twice);
        row("surprise", "portions", R"([{"id":50,"parts":1,"x":1}])", C::UnknownField);
        row("held without amount", "portions", R"([{"id":50,"parts":1,"held":{"line":0}}])",
            C::Missing);
        row("held in stones", "portions",
            R"([{"id":50,"parts":1,"held":{"amount":{"value":1,"unit":"stone"}}}])",
            C::UnknownWord);
        row("too hot", "mixing", R"({"celsius":900,"within":6})", C::OutOfRange);
        row("no tolerance", "mixing", R"({"celsius":38})", C::Missing);
    }
    void brokenPortions()
    {
        QFETCH(QByteArray, key);
        QFETCH(QByteArray, value);
        QFETCH(int, code);
        QJsonObject root = QJsonDocument::fromJson(bytesOf(demoPath(demoNames[0]))).object();
        const QJsonObject holder = QJsonDocument::fromJson("{\"v\":" + value + "}").object();
        root[QString::fromLatin1(key)] = holder["v"];
        const auto read = formulaFromJson(QJsonDocument(root).toJson());
        const auto* fault = std::get_if<FileFault>(&read);
        QVERIFY(fault);
        QCOMPARE(int(fault->code), code);
        QVERIFY2(fault->place.startsWith(QLatin1String(key)), qPrintable(fault->place));
    }

    // Files of every version that was ever released open, and reckon as they did.
    void oldFilesOpen_data()
    {
        QTest::addColumn<int>("version");
        for (int v = 1; v < formulaFileVersion; ++v)
            QTest::addRow("version %d", v) << v;
    }
    void oldFilesOpen()
    {
        QFETCH(int, version);
        const auto read = readFormulaFile(
            QStringLiteral(RHEXION_SOURCE_DIR "/tests/data/formula_v%1.rhexion").arg(version));
        QVERIFY(std::holds_alternative<Formula>(read));
        const Formula& f = std::get<Formula>(read);
        if (version < 3)
            QVERIFY(f.portions.empty() && !f.lye.secondJug && !f.lines.front().locked);
        const auto result = reckon(f);
        QVERIFY(std::holds_alternative<Reckoning>(result));
    }

    void brokenLines_data()
    {
        QTest::addColumn<QByteArray>("line");
        QTest::addColumn<int>("code");
        const auto row = [](const char* name, const char* line, C code) {
            QTest::newRow(name) << QByteArray(line) << int(code);
        };
        row("negative",
            R"({"id":1,"material":"m","vessel":"top","amount":{"value":-5,"unit":"g"}})",
            C::OutOfRange);
        row("huge", R"({"id":1,"material":"m","vessel":"top","amount":{"value":1e300,"unit":"g"}})",
            C::OutOfRange);
        row("unit", R"({"id":1,"material":"m","vessel":"top","amount":{"value":5,"unit":"stone"}})",
            C::UnknownWord);
        row("vessel",
            R"({"id":1,"material":"m","vessel":"bucket","amount":{"value":5,"unit":"g"}})",
            C::UnknownWord);
        row("material", R"({"id":1,"material":"x","vessel":"top","amount":{"value":5,"unit":"g"}})",
            C::NoSuchMaterial);
        row("no amount", R"({"id":1,"material":"m","vessel":"top"})", C::Missing);
        row("id 0", R"({"id":0,"material":"m","vessel":"top","amount":{"value":5,"unit":"g"}})",
            C::OutOfRange);
        row("same id",
            R"({"id":7,"material":"m","vessel":"top","amount":{"value":5,"unit":"g"}},{"id":7,"material":"m","vessel":"top","amount":{"value":5,"unit":"g"}})",
            C::Twice);
    }
    void brokenLines()
    {
        QFETCH(QByteArray, line);
        QFETCH(int, code);
        const QByteArray text =
            R"({"format":"rhexion-formula","version":1,"name":"n","sources":[],"materials":[{"id":"m","name":"M","kind":"salt"}],"lye":{},"liquid":{},"lines":[)" +
            line + "]}";
        const auto read = formulaFromJson(text);
        const auto* fault = std::get_if<FileFault>(&read);
        QVERIFY(fault);
        QCOMPARE(int(fault->code), code);
        QVERIFY(fault->place.startsWith(QLatin1String("lines[")));
    }

    void everyCutIsRefused()
    {
        const QByteArray whole = bytesOf(demoPath(demoNames[1])).trimmed();
        for (qsizetype cut = 0; cut < whole.size(); cut += 97)
            QVERIFY(std::holds_alternative<FileFault>(formulaFromJson(whole.left(cut))));
        QByteArray latin = whole;
        latin.replace("Beetroot", QByteArray("Bett\xe9rave"));
        QVERIFY(std::holds_alternative<FileFault>(formulaFromJson(latin)));
    }

    void tooLargeIsNotRead()
    {
        QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("huge.rhexion"));
        QFile file(path);
        QVERIFY(file.open(QIODevice::WriteOnly) && file.resize(200LL * 1024 * 1024));
        file.close();
        const auto read = readFormulaFile(path);
        QCOMPARE(int(std::get<FileFault>(read).code), int(C::TooLarge));
        QCOMPARE(int(std::get<FileFault>(readFormulaFile(dir.path())).code), int(C::NotAFile));
        QCOMPARE(int(std::get<FileFault>(readFormulaFile(dir.filePath("none"))).code),
                 int(C::CannotOpen));
    }

    // A pipe would wait for ever and a device never ends: neither is read, and neither written.
    void onlyFiles()
    {
        QTemporaryDir dir;
        const QString pipe = dir.filePath(QStringLiteral("pipe"));
        QCOMPARE(::mkfifo(pipe.toLocal8Bit().constData(), 0600), 0);
        for (const QString& path : {pipe, QStringLiteral("/dev/zero"), dir.path()}) {
            const auto read = readFormulaFile(path);
            const auto* fault = std::get_if<FileFault>(&read);
            QVERIFY2(fault && fault->code == FileFault::Code::NotAFile, qPrintable(path));
            const auto written = writeFormulaFile(path, demo(demoNames[0]));
            QVERIFY2(written && written->code == FileFault::Code::NotAFile, qPrintable(path));
        }
        QVERIFY(QFileInfo::exists(pipe)); // still there, still a pipe
        // A disk that cannot read it (here: no memory at the place 0) is not an empty file.
        const auto read = readFormulaFile(QStringLiteral("/proc/self/mem"));
        const auto* fault = std::get_if<FileFault>(&read);
        QVERIFY(fault && fault->code == FileFault::Code::CannotOpen && !fault->detail.isEmpty());
    }

    void writingIsAllOrNothing()
    {
        QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("f.rhexion"));
        const Formula f = demo(demoNames[0]);
        QVERIFY(!writeFormulaFile(path, f));
        QCOMPARE(bytesOf(path), formulaToJson(f));
        QCOMPARE(QDir(dir.path()).entryList(QDir::Files).size(), 1); // nothing left beside it
        const auto fault = writeFormulaFile(dir.filePath("no/such/folder/f"), f);
        QVERIFY(fault);
        QCOMPARE(int(fault->code), int(C::CannotWrite));
    }

    // The drawn doubt of the demo formulas against numpy's own triangular sampler, 400,000 draws
    // (tests/data/doubt_reference.py).
    void doubtAgainstNumpy_data()
    {
        QTest::addColumn<QString>("name");
        for (const char* name : demoNames)
            QTest::newRow(name) << QString::fromLatin1(name);
    }
    void doubtAgainstNumpy()
    {
        QFETCH(QString, name);
        const QJsonObject all =
            QJsonDocument::fromJson(
                bytesOf(QStringLiteral(RHEXION_SOURCE_DIR "/tests/data/doubt_reference.json")))
                .object();
        const QJsonObject want = all.value(name).toObject();
        const Formula f = demo(name.toLatin1());
        const auto d = doubtOf(f, std::get<Reckoning>(reckon(f)), {100000, 5});
        QVERIFY(d && !want.isEmpty());
        const auto near = [&](const Spread& s, const char* key) {
            const QJsonArray a = want.value(QLatin1String(key)).toArray();
            const double got[] = {s.low, s.median, s.high};
            for (int i = 0; i < 3; ++i)
                if (std::abs(got[i] - a[i].toDouble()) > 6e-4)
                    return false;
            return true;
        };
        QVERIFY(near(d->superfat, "superfat") && near(d->strength, "strength"));
        QVERIFY(std::abs(d->chanceOfExcess -
                         want.value(QLatin1String("chanceOfExcess")).toDouble()) < 2e-3);
    }
};

QTEST_GUILESS_MAIN(TestFormulaFile)
#include "tst_formula_file.moc"
