// The shipped catalogue: whole, sourced, and in agreement with outside figures.
#include <QTest>

#include "core/advice/reckon.h"
#include "core/materials/figures.h"
#include "storage/catalogue.h"
#include "storage/material_json.h"
#include "storage/material_names.h"

#include <QFile>
#include <QHash>
#include <QJsonDocument>
#include <QRegularExpression>
#include <QSet>

#include <algorithm>
#include <cmath>

using namespace rhexion;

namespace {

// What an IFCT column such as C18_1n9 is here.
std::optional<FattyAcid> fattyAcidOfColumn(const QString& column)
{
    static const QRegularExpression name(QStringLiteral("^C(\\d+)_(\\d)(n\\d)?$"));
    const auto match = name.match(column);
    return match.hasMatch() ? fattyAcidFromCode(QStringLiteral("C%1:%2")
                                                    .arg(match.captured(1), match.captured(2))
                                                    .toStdString())
                            : std::nullopt;
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
    // Names in another language: shown first, the English ones still there to be found.
    void otherNames_data()
    {
        QTest::addColumn<QByteArray>("names");
        QTest::addColumn<QString>("place"); // of the fault; empty: none
        const auto file = [](const char* names) {
            return QByteArray(R"({"format": "rhexion-names", "version": 1, "language": "xx",
                "names": )") +
                   names + '}';
        };
        QTest::newRow("two names")
            << file(R"({"olive-oil": ["Öl der Olive", "Olivenöl"]})") << QString();
        QTest::newRow("none") << file("{}") << QString();
        QTest::newRow("not ours") << file(R"({"no-such-oil": ["Nichts"]})")
                                  << QStringLiteral("names.no-such-oil");
        QTest::newRow("no name") << file(R"({"olive-oil": []})")
                                 << QStringLiteral("names.olive-oil");
        QTest::newRow("no list") << file(R"({"olive-oil": 3})")
                                 << QStringLiteral("names.olive-oil");
        QTest::newRow("cut short")
            << QByteArray(R"({"format": "rhexion-names", )") << QStringLiteral("1:29");
    }
    void otherNames()
    {
        QFETCH(QByteArray, names);
        QFETCH(QString, place);
        const auto read = namesFromJson(names);
        const auto* fault = std::get_if<FileFault>(&read);
        QCOMPARE(fault ? fault->place : QString(), place);
        if (!fault && names.contains("Olive"))
            QCOMPARE(std::get<MaterialWords>(read).byId.value(QStringLiteral("olive-oil")),
                     QStringList(
                         {QStringLiteral("\u00d6l der Olive"), QStringLiteral("Oliven\u00f6l")}));
    }

    // Said and found in German, kept in English.
    void germanNames()
    {
        speakNames(QLocale(QLocale::German));
        const MaterialPtr lard = Catalogue::shipped().find("lard");
        QCOMPARE(lard->name, "Lard");
        QCOMPARE(materialName(*lard), QStringLiteral("Schweineschmalz"));
        QCOMPARE(materialNamed(lard, "lard"), QStringLiteral("Schweineschmalz"));
        QCOMPARE(materialNamed(nullptr, "no-such-thing"), QStringLiteral("no-such-thing"));
        QCOMPARE(spokenName(QStringLiteral("My own lard")), QStringLiteral("My own lard"));
        const SearchNames names = searchNames(*lard);
        for (const char* other : {"Lard", "pork fat", "Schmalz"})
            QVERIFY2(std::ranges::count(names.others, other) == 1, other);
        speakNames(QLocale(QLocale::English));
        QCOMPARE(materialName(*lard), QStringLiteral("Lard"));
        QVERIFY(namesInEveryLanguage(*lard).contains(QStringLiteral("Schmalz")));
    }

    void hasWhatMakersPutInSoap()
    {
        const Catalogue& c = Catalogue::shipped();
        QHash<int, int> kinds;
        for (const auto& m : c.materials())
            ++kinds[int(m->kind)];
        const auto count = [&](std::initializer_list<MaterialKind> list) {
            int n = 0;
            for (const MaterialKind kind : list)
                n += kinds[int(kind)];
            return n;
        };
        using K = MaterialKind;
        QVERIFY(c.materials().size() >= 170);
        QVERIFY(count({K::Fat, K::Wax, K::FattyAcid}) >= 60);
        QVERIFY(count({K::SodiumHydroxide, K::PotassiumHydroxide}) >= 7);
        QVERIFY(count({K::Acid}) >= 25);
        QVERIFY(count({K::Milk}) >= 20 && count({K::Produce}) >= 20 && count({K::Sugar}) >= 12);
        QVERIFY(count({K::Colour}) >= 10 && count({K::Scent}) >= 10 && count({K::Egg}) >= 4);
        for (const auto& m : c.materials())
            QVERIFY2(m->kind != K::Fat || (m->iodine && m->melting && m->density &&
                                           m->unsaponifiable && !m->fattyAcids.empty()),
                     m->id.c_str());
        QSet<int> behaviours;
        for (const auto& m : c.materials())
            for (const BehaviourNote& note : m->behaviours)
                behaviours.insert(int(note.what));
        QVERIFY(behaviours.size() >= 24);
    }

    // An id that once meant a material means it for ever: files and journals hold it.
    void idsNeverChangeMeaning()
    {
        QFile file(QStringLiteral(RHEXION_SOURCE_DIR "/tests/data/catalogue_ids.txt"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        int lines = 0;
        for (const QByteArray& line : file.readAll().split('\n')) {
            const QList<QByteArray> cells = line.split('\t');
            if (cells.size() != 3)
                continue;
            ++lines;
            const auto m = Catalogue::shipped().find(cells[0].toStdString());
            QVERIFY2(m, line.constData());
            QCOMPARE(QByteArray(codeOf(m->kind)), cells[1]);
            QCOMPARE(QByteArray::fromStdString(m->name), cells[2]);
        }
        QVERIFY(lines >= 526);
    }

    void everyFigureHasItsSource()
    {
        int figures = 0;
        for (const auto& m : Catalogue::shipped().materials()) {
            const auto fault = faultOf(*m);
            QVERIFY2(!fault, fault ? (m->id + ' ' + fault->item).c_str() : "");
            for (const FigureKind& kind : figureKinds()) {
                const Figure* f = findFigure(*m, kind.code);
                if (!f)
                    continue;
                ++figures;
                const Source* source = m->findSource(f->source);
                QVERIFY2(source && source->text.size() > 5, (m->id + ' ' + kind.code).c_str());
                QVERIFY2(intervalOf(kind, f->range.low(), f->range.typical(), f->range.high()),
                         (m->id + ' ' + kind.code).c_str());
            }
            for (const Measure& measure : m->measures)
                QVERIFY2(m->findSource(measure.source), m->id.c_str());
            // Named parts and acids never pass the whole, and what has no name is said to be there.
            QVERIFY2(m->otherSolids() > -0.001 && m->otherSolids() <= 1.0, m->id.c_str());
            double high = 0.0;
            for (const Figure& part : m->parts)
                high += part.range.high();
            for (const AcidShare& acid : m->acids)
                high += acid.share.range.high();
            QVERIFY2(high > 0.99 || m->otherSolids() > 0.0, m->id.c_str());
        }
        QVERIFY(figures > 2000);
    }

    void publishedRanges_data()
    {
        QTest::addColumn<QString>("id");
        QTest::addColumn<QString>("figure");
        QTest::addColumn<double>("low");
        QTest::addColumn<double>("high");
        struct Row {
            const char* id;
            double svLow, svHigh, iodineLow, iodineHigh;
            const char* source;
        };
        // Written apart from the catalogue's own tables; all from memory. Waxes: the upper bound
        // only, since their low bound here is the acid value.
        const Row rows[] = {{"coconut-oil", 248, 265, 6.3, 10.6, "CXS 210"},
                            {"palm-oil", 190, 209, 50, 55, "CXS 210"},
                            {"palm-kernel-oil", 230, 254, 14.1, 21, "CXS 210"},
                            {"palm-olein", 194, 202, 56, 68, "CXS 210: 56 or more"},
                            {"babassu-oil", 245, 256, 10, 18, "CXS 210"},
                            {"sunflower-oil", 188, 194, 118, 141, "CXS 210"},
                            {"sunflower-oil-high-oleic", 182, 194, 78, 90, "CXS 210"},
                            {"safflower-oil", 186, 198, 136, 148, "CXS 210"},
                            {"safflower-oil-high-oleic", 186, 194, 80, 100, "CXS 210"},
                            {"rapeseed-oil", 182, 193, 105, 126, "CXS 210"},
                            {"mustard-oil", 168, 184, 92, 125, "CXS 210"},
                            {"rice-bran-oil", 180, 199, 90, 115, "CXS 210"},
                            {"soybean-oil", 189, 195, 124, 139, "CXS 210"},
                            {"sesame-oil", 186, 195, 104, 120, "CXS 210"},
                            {"groundnut-oil", 187, 196, 77, 107, "CXS 210"},
                            {"maize-oil", 187, 195, 103, 135, "CXS 210"},
                            {"cottonseed-oil", 189, 198, 100, 123, "CXS 210"},
                            {"grapeseed-oil", 188, 194, 128, 150, "CXS 210"},
                            {"olive-oil", 184, 196, 75, 94, "CXS 33"},
                            {"olive-pomace-oil", 182, 193, 75, 92, "CXS 33"},
                            {"lard", 192, 203, 55, 65, "CXS 211"},
                            {"tallow", 190, 202, 36, 53, "CXS 211, premier jus and tallow"},
                            {"shea-butter", 160, 190, 30, 75, "CXS 325"},
                            {"castor-oil", 176, 187, 82, 90, "European Pharmacopoeia"}};
        for (const Row& r : rows) {
            const QString id = QString::fromLatin1(r.id);
            QTest::addRow("%s SV (%s, from memory)", r.id, r.source)
                << id << QStringLiteral("sv") << r.svLow << r.svHigh;
            QTest::addRow("%s iodine (%s, from memory)", r.id, r.source)
                << id << QStringLiteral("iodine") << r.iodineLow << r.iodineHigh;
        }
        const std::tuple<const char*, const char*, double, double> others[] = {
            {"stearic-acid", "acid-value", 194, 212},
            {"oleic-acid", "acid-value", 195, 204},
            {"palmitic-acid", "acid-value", 216, 220},
            {"beeswax", "sv", 17, 104},
            {"carnauba-wax", "sv", 2, 95},
            {"lanolin", "sv", 1, 106}};
        for (const auto& [id, figure, low, high] : others)
            QTest::addRow("%s (European Pharmacopoeia, from memory)", id)
                << QString::fromLatin1(id) << QString::fromLatin1(figure) << low << high;
    }
    void publishedRanges()
    {
        QFETCH(QString, id);
        QFETCH(QString, figure);
        QFETCH(double, low);
        QFETCH(double, high);
        const auto m = Catalogue::shipped().find(id.toStdString());
        const Figure* f = m ? findFigure(*m, figure.toStdString()) : nullptr;
        QVERIFY(f);
        QCOMPARE(f->range.low(), low);
        QCOMPARE(f->range.high(), high);
    }

    // What standards for the food allow (Codex, from memory), as written there and not as here.
    void leastAndMostOfFoods_data()
    {
        QTest::addColumn<QString>("id");
        QTest::addColumn<QString>("figure");
        QTest::addColumn<double>("low");
        QTest::addColumn<double>("typical");
        QTest::addColumn<double>("high");
        const std::tuple<const char*, const char*, double, double, double> rows[] = {
            {"coconut-milk", "fat", 0.10, 0.17, 0.24},       // CXS 240: 10 % or more
            {"coconut-milk-light", "fat", 0.05, 0.06, 0.08}, // CXS 240: 5 % or more
            {"coconut-cream", "fat", 0.20, 0.24, 0.35},      // CXS 240: 20 % or more
            {"butter", "fat", 0.80, 0.82, 0.84},             // CXS 279: 80 % or more
            {"butter", "water", 0.145, 0.157, 0.16},         // CXS 279: 16 % or less
            {"cream-double", "fat", 0.48, 0.495, 0.52},      // 48 % or more where the name is used
            {"cow-milk-dried", "fat", 0.26, 0.267, 0.31},    // CXS 207: 26 % or more
            {"honey", "water", 0.15, 0.171, 0.20},           // CXS 12: 20 % or less
            {"lime-juice", "acid-citric", 0.045, 0.058, 0.075}, // Penniston et al. 2008: 46 g/l
            {"poppy-seed", "fat", 0.0, 0.04, 0.42},
            {"ground-almond", "fat", 0.0, 0.25, 0.52}};
        for (const auto& [id, figure, low, typical, high] : rows)
            QTest::addRow("%s %s", id, figure)
                << QString::fromLatin1(id) << QString::fromLatin1(figure) << low << typical << high;
    }
    void leastAndMostOfFoods()
    {
        QFETCH(QString, id);
        QFETCH(QString, figure);
        QFETCH(double, low);
        QFETCH(double, typical);
        QFETCH(double, high);
        const auto m = Catalogue::shipped().find(id.toStdString());
        const Figure* f = m ? findFigure(*m, figure.toStdString()) : nullptr;
        QVERIFY(f);
        QVERIFY(std::abs(f->range.low() - low) < 1e-6);
        QVERIFY(std::abs(f->range.typical() - typical) < 1e-6);
        QVERIFY(std::abs(f->range.high() - high) < 1e-6);
    }

    // The default school never makes a batch lye heavy: whatever a hidden fat, wax, seed or meal
    // turns out to be within its figures, a batch without any superfat has no lye left over.
    void whatIsSurelyThereIsSafe()
    {
        int tried = 0;
        for (const auto& m : Catalogue::shipped().materials()) {
            const bool plain = m->kind == MaterialKind::Fat || m->kind == MaterialKind::FattyAcid;
            const auto& value = m->sv ? m->sv : m->acidValue;
            if (plain || !value || m->part(Part::Fat).range.high() <= 0.0)
                continue;
            ++tried;
            Formula f;
            f.lines.push_back({1,
                               Catalogue::shipped().find("olive-oil"),
                               Vessel::OilPot,
                               {1000, AmountUnit::Gram}});
            f.lines.push_back({2, m, Vessel::OilPot, {200, AmountUnit::Gram}});
            f.lye.sodium = Catalogue::shipped().find("sodium-hydroxide");
            f.lye.superfat = 0.0;
            const auto planned = std::get<Reckoning>(reckon(f));
            for (const bool least : {true, false})
                for (const bool leastSv : {true, false}) {
                    auto at = std::make_shared<Material>(*m);
                    const auto bound = [](Interval& i, bool low) {
                        i = Interval::exactly(low ? i.low() : i.high());
                    };
                    bound(at->part(Part::Fat).range, least);
                    bound((at->sv ? at->sv : at->acidValue)->range, leastSv);
                    Formula really = f;
                    really.lines[1].material = at;
                    QVERIFY2(!reckonGiven(really, planned.amounts).lyeHeavy(), m->id.c_str());
                }
        }
        QVERIFY2(tried >= 40, qPrintable(QString::number(tried)));
    }

    // A spoon of all that is spooned; dry hydroxide is weighed and never spooned.
    void everyMaterialHasASpoon()
    {
        for (const auto& m : Catalogue::shipped().materials()) {
            const bool dryLye = m->isHydroxide() && !m->isLyeSolution();
            const auto spoon = gramsPer(AmountUnit::Teaspoon, *m);
            QVERIFY2(dryLye || (spoon && *spoon > 0.1 && *spoon < 10), m->id.c_str());
        }
    }

    void behavioursThatMatter()
    {
        using B = Behaviour;
        const std::pair<B, std::vector<const char*>> rows[] = {
            {B::Allergen,
             {"soy-milk", "almond-milk", "oat-milk", "oat-flakes", "oat-flour", "beer-flat",
              "malt-syrup", "fragrance-oil", "lavender-essential-oil", "tea-tree-essential-oil"}},
            {B::NotInAluminium,
             {"yogurt", "buttermilk", "kefir", "sour-cream", "whey-sour", "wine-red",
              "hibiscus-tea", "brine-20", "sea-water", "tetrasodium-edta", "sodium-carbonate"}},
            {B::NotForChildren, {"sodium-lye-50", "potassium-lye-45", "tea-tree-essential-oil"}},
            {B::Seizes, {"rosin"}},
            {B::Crumbles, {"sodium-lactate-60"}},
            {B::SpeedsTrace, {"salt", "sea-salt-fine", "wine-white", "beer-flat"}},
            {B::SoftensBar, {"sorbitol-70", "glycerin"}},
            {B::OwnHouseholdOnly, {"human-milk"}},
            {B::Sweetened, {"condensed-milk"}},
            {B::HeldBackByHerbs, {"olive-oil-infused"}},
            {B::PurityVaries, {"potassium-hydroxide-90"}},
            {B::FormIsSaid, {"citric-acid-monohydrate", "citric-acid-anhydrous"}}};
        for (const auto& [what, ids] : rows)
            for (const char* id : ids) {
                const auto m = Catalogue::shipped().find(id);
                QVERIFY2(m && m->behaves(what), id);
            }
        QVERIFY(!Catalogue::shipped().find("human-milk")->behaves(B::Allergen));
        const auto epsom = Catalogue::shipped().find("epsom-salt");
        QVERIFY(epsom->reserve && std::abs(epsom->reserve->range.high() - 2e5 / 246.47) < 1.0);
    }

    // Every triglyceride fat of the catalogue against the sums of its own fatty acids.
    void svAndIodineAgreeWithOwnFattyAcids()
    {
        int fats = 0;
        int reasons = 0;
        double offs = 0.0;
        for (const auto& m : Catalogue::shipped().materials()) {
            if (m->kind != MaterialKind::Fat)
                continue;
            ++fats;
            std::vector<std::pair<FattyAcid, double>> profile;
            for (const FattyAcidShare& share : m->fattyAcids)
                profile.emplace_back(share.acid, share.share.range.typical());
            const double u = m->unsaponifiable->range.typical();
            const double sv = *saponificationValueOf(profile, u);
            const double iodine = *iodineValueOf(profile, u);
            const QString text = QStringLiteral("%1 SV %2 IV %3")
                                     .arg(QString::fromStdString(m->id))
                                     .arg(sv)
                                     .arg(iodine);
            QVERIFY2(m->sv->range.low() <= sv && sv <= m->sv->range.high(), qPrintable(text));
            QVERIFY2(m->iodine->range.low() <= iodine && iodine <= m->iodine->range.high(),
                     qPrintable(text));
            // The typical SV is the usual oil's, not the middle of a legal range.
            if (m->sv->source.starts_with("sv-reason-")) {
                ++reasons;
                QVERIFY(m->findSource(m->sv->source)->text.size() > 60);
            } else {
                const double off = m->sv->range.typical() / sv - 1.0;
                QVERIFY2(std::abs(off) <= 0.01, qPrintable(text));
                offs += off;
            }
        }
        QVERIFY(fats >= 80);
        QCOMPARE(reasons, 1); // tamanu, whose resin acids are no fatty acids
        QVERIFY2(std::abs(offs / fats) < 0.005, qPrintable(QString::number(offs / fats)));
    }

    void ifctOils_data()
    {
        QTest::addColumn<QString>("id");
        QTest::addColumn<QString>("code");
        QTest::addColumn<double>("published"); // SV as the reference README works it out
        const std::tuple<const char*, const char*, double> rows[] = {
            {"coconut-oil", "T001", 247.9},    {"maize-oil", "T002", 193.0},
            {"cottonseed-oil", "T003", 195.5}, {"sesame-oil", "T004", 192.0},
            {"groundnut-oil", "T005", 190.7},  {"mustard-oil", "T006", 174.0},
            {"palm-oil", "T007", 197.7},       {"rice-bran-oil", "T008", 193.8},
            {"safflower-oil", "T009", 192.2},  {"soybean-oil", "T011", 193.0},
            {"sunflower-oil", "T012", 191.7}};
        for (const auto& [id, code, published] : rows)
            QTest::addRow("%s: IFCT 2017 %s", id, code)
                << QString::fromLatin1(id) << QString::fromLatin1(code) << published;
    }
    // Measured profiles of another country's oils: the main acids lie in the catalogue's ranges,
    // and their SV is the published one and in range.
    void ifctOils()
    {
        QFETCH(QString, id);
        QFETCH(QString, code);
        QFETCH(double, published);
        const auto m = Catalogue::shipped().find(id.toStdString());
        std::vector<std::pair<FattyAcid, double>> profile;
        double sum = 0.0;
        const QHash<QString, double> measured = profiles().value(code);
        for (auto it = measured.begin(); it != measured.end(); ++it)
            if (const auto acid = fattyAcidOfColumn(it.key())) {
                profile.emplace_back(*acid, it.value());
                sum += it.value();
            }
        QVERIFY(sum > 97.0); // what has no place here is trans, odd and very long chains
        const double sv = *saponificationValueOf(profile, 0.0);
        QVERIFY2(std::abs(sv - published) < 0.3, qPrintable(QString::number(sv)));
        const Interval& range = m->sv->range;
        // The profile has no C6, so coconut falls a tenth of a unit short of its range.
        QVERIFY(sv > range.low() - 0.3 && sv < range.high() + 0.3);
        for (const auto& [acid, grams] : profile) {
            if (grams < 3.0)
                continue;
            const auto found = std::ranges::find(m->fattyAcids, acid, &FattyAcidShare::acid);
            QVERIFY(found != m->fattyAcids.end());
            QVERIFY2(found->share.range.low() <= grams / 100 + 0.01 &&
                         grams / 100 - 0.01 <= found->share.range.high(),
                     qPrintable(QStringLiteral("%1 %2").arg(int(acid)).arg(grams)));
        }
    }

    void theFirstAreTheSame()
    {
        QCOMPARE(Catalogue::first().materials().size(), std::size_t(3));
        for (const auto& m : Catalogue::first().materials())
            QVERIFY(*m == *Catalogue::shipped().find(m->id));
    }

    void purityAsOnTheDrum()
    {
        const auto koh = Catalogue::shipped().find("potassium-hydroxide-90");
        const auto at85 = withPurity(*koh, 0.85);
        QVERIFY(at85 && !faultOf(*at85));
        QCOMPARE(at85->part(Part::PotassiumHydroxide).range.typical(), 0.85);
        QVERIFY(std::abs(at85->otherSolids()) < 1e-12);
        const Interval& range = at85->part(Part::PotassiumHydroxide).range;
        QVERIFY(std::abs(range.low() - 0.84) < 1e-12 && std::abs(range.high() - 0.86) < 1e-12);
        const auto all = withPurity(*koh, 0.995);
        QCOMPARE(all->part(Part::PotassiumHydroxide).range.high(), 1.0);
        QVERIFY(!withPurity(*koh, 0.0));
        QVERIFY(!withPurity(*plainWater(), 0.9));
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
        QTest::newRow("empty") << QByteArray() << int(C::Empty);
        QTest::newRow("cut short") << head << int(C::NotJson);
        QTest::newRow("a list") << QByteArray("[]") << int(C::NotOurs);
        QTest::newRow("another format") << QByteArray(R"({"format":"x"})") << int(C::NotOurs);
        QTest::newRow("newer") << QByteArray(R"({"format":"rhexion-catalogue","version":5})")
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
        row("behaviour unknown",
            R"({"id":"a","name":"A","kind":"salt","behaviours":[{"what":"sings"}]})",
            C::UnknownWord);
        row("measure without source",
            R"({"id":"a","name":"A","kind":"salt","measures":[{"name":"tsp","grams":5,"source":"t"}]})",
            C::UnknownWord);
        row("half a profile",
            R"({"id":"a","name":"A","kind":"salt","fattyAcids":{"C18:1":{"typical":0.4,"source":"s"}}})",
            C::BadMaterial);
        row("colder than anything",
            R"({"id":"a","name":"A","kind":"salt","melting":{"typical":-500,"source":"s"}})",
            C::OutOfRange);
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
            QVERIFY2(!fault, m->id.c_str());
            for (const FigureKind& kind : figureKinds()) {
                const Figure* was = findFigure(*m, kind.code);
                const Figure* is = findFigure(back, kind.code);
                QVERIFY2(was ? is && *was == *is : !is, (m->id + ' ' + kind.code).c_str());
            }
            QVERIFY(back.behaviours == m->behaviours && back.measures == m->measures &&
                    back.alsoCalled == m->alsoCalled && back.note == m->note);
        }
    }
    // Each essential oil that has a name says from where on its vapour catches fire.
    void essentialOilsHaveAFlashPoint()
    {
        int oils = 0;
        for (const MaterialPtr& m : Catalogue::shipped().materials()) {
            if (!QString::fromStdString(m->id).contains(QLatin1String("-essential-oil")))
                continue;
            ++oils;
            QVERIFY2(m->flash && m->flash->range.low() >= 30 && m->flash->range.high() <= 120,
                     m->id.c_str());
        }
        QVERIFY(oils >= 40);
    }
};

QTEST_GUILESS_MAIN(TestCatalogue)
#include "tst_catalogue.moc"
