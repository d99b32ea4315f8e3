// Which material a name means: what is taken without a question does no harm, and every certain
// answer has the head word of its kind or is a name that the material itself has.
#include <QTest>

#include "core/advice/reckon.h"
#include "storage/catalogue.h"
#include "storage/catalogue_lookup.h"
#include "storage/csv.h"
#include "storage/inci_names.h"
#include "storage/material_names.h"
#include "storage/naming.h"
#include "support/built.h"
#include "words/search_words.h"

#include <QFile>

#include <set>

using namespace rhexion;
using namespace rhexion::test;

namespace {

QList<QStringList> rowsOf(const char* file)
{
    QFile in(QStringLiteral(RHEXION_SOURCE_DIR "/tests/data/") + QLatin1String(file));
    if (!in.open(QIODevice::ReadOnly))
        return {};
    QList<QStringList> out;
    const auto read = readCsv(in.readAll());
    for (const CsvRow& row : std::get<CsvText>(read).rows)
        out.append(row.cells);
    return out.mid(1);
}

// 1 kg of oils at 5 % superfat with 200 g of the material where such things go.
Formula formulaWith(const MaterialPtr& material)
{
    Formula f;
    f.lye.sodium = CatalogueLookup::withId("sodium-hydroxide");
    f.lye.superfat = 0.05;
    const auto add = [&](const char* id, double grams, Vessel vessel, MaterialPtr m = nullptr) {
        Line line;
        line.id = f.newId();
        line.material = m ? std::move(m) : CatalogueLookup::withId(id);
        line.amount = {grams, AmountUnit::Gram};
        line.vessel = vessel;
        f.lines.push_back(std::move(line));
    };
    add("olive-oil", 600, Vessel::OilPot);
    add("coconut-oil", 400, Vessel::OilPot);
    add("", 200, material->isOil() ? Vessel::OilPot : Vessel::LyeJug, material);
    add("water", 330, Vessel::LyeJug);
    return f;
}

} // namespace

class TestIdentify : public QObject {
    Q_OBJECT
private:
    static Meant meantBy(const QString& word)
    {
        static const CatalogueLookup lookup(built("foods.sqlite"), words::searchRules());
        return lookup.find(word.toStdString());
    }
    static MaterialPtr withId(const std::string& id)
    {
        RecipeLine line;
        line.name = line.material = id;
        static const CatalogueLookup lookup(built("foods.sqlite"), words::searchRules());
        const Meant meant = lookup.meantBy(line);
        return meant.verdict == IdentityVerdict::Certain ? meant.materials.front() : nullptr;
    }

private Q_SLOTS:
    // No everyday word is taken without a question and moves the real superfat by more than half a
    // point. What each word means is common practice, no source.
    void takenWordsDoNoHarm()
    {
        constexpr double mostPoints = 0.005;
        int words = 0;
        int taken = 0;
        int asked = 0;
        QStringList harm;
        QStringList lost;
        for (const QStringList& row : rowsOf("harm_words.csv")) {
            ++words;
            const Meant meant = meantBy(row[0]);
            if (meant.verdict != IdentityVerdict::Certain) {
                asked += meant.verdict != IdentityVerdict::Unknown;
                const auto is = [&](const MaterialPtr& m) { return m->id == row[1].toStdString(); };
                if (!row[1].isEmpty() && std::ranges::none_of(meant.materials, is))
                    lost << row[0];
                continue;
            }
            ++taken;
            const MaterialPtr& as = meant.materials.front();
            if (row[1].isEmpty()) {
                harm << row[0] + QStringLiteral(": taken as ") + QString::fromStdString(as->id);
                continue;
            }
            const MaterialPtr really = withId(row[1].toStdString());
            QVERIFY2(really, qPrintable(row[1]));
            if (as->id == really->id)
                continue;
            const auto pure = [](const MaterialPtr& m) {
                return m->part(Part::SodiumHydroxide).range.typical() -
                       m->part(Part::PotassiumHydroxide).range.typical();
            };
            if (as->isHydroxide() && std::abs(pure(as) - pure(really)) <= mostPoints)
                continue; // beads and pearls are of one purity
            if (as->isHydroxide() || really->isHydroxide()) {
                harm << row[0] + QStringLiteral(": a hydroxide");
                continue;
            }
            const auto planned = reckon(formulaWith(as));
            QVERIFY2(std::holds_alternative<Reckoning>(planned), qPrintable(row[0]));
            Formula poured = formulaWith(really);
            poured.lye.fixed = FixedHydroxide{
                Mass::grams(std::get<Reckoning>(planned).sodium.weighedGrams), Mass()};
            const auto real = reckon(poured);
            QVERIFY2(std::holds_alternative<Reckoning>(real), qPrintable(row[0]));
            const double off = *std::get<Reckoning>(real).superfatTrue -
                               *std::get<Reckoning>(planned).superfatTrue;
            if (std::abs(off) > mostPoints)
                harm << QStringLiteral("%1: taken as %2, %3 points off")
                            .arg(row[0], QString::fromStdString(as->id))
                            .arg(off * 100.0, 0, 'f', 1);
        }
        qInfo("%d words: %d taken, %d asked; asked without the one meant: %s", words, taken, asked,
              qPrintable(lost.join(QStringLiteral(", "))));
        QVERIFY2(harm.isEmpty(), qPrintable(harm.join(QLatin1Char('\n'))));
        QVERIFY(words >= 300);
        // Right, or asked with the right one among those offered.
        QVERIFY2(lost.size() * 100 <= words * 3, qPrintable(lost.join(QStringLiteral(", "))));
    }

    // The words of tst_everyday: certain of the right one, or asked.
    void everydayWordsAreRightOrAsked()
    {
        int words = 0;
        QStringList wrong;
        QStringList lost;
        for (const QStringList& row : rowsOf("everyday_words.csv")) {
            ++words;
            const Meant meant = meantBy(row[0]);
            const auto is = [&](const MaterialPtr& m) { return m->id == row[1].toStdString(); };
            const bool among = std::ranges::any_of(meant.materials, is);
            if (meant.verdict == IdentityVerdict::Certain && !among)
                wrong << QStringLiteral("%1: %2").arg(
                    row[0], QString::fromStdString(meant.materials.front()->id));
            else if (!among)
                lost << row[0];
        }
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong.join(QLatin1Char('\n'))));
        QVERIFY2(lost.size() * 100 <= words * 3, qPrintable(lost.join(QStringLiteral(", "))));
    }

    // Every word of every name there is, and every pair of neighbours: a certain fat, acid,
    // hydroxide or scent has the head word of its kind in the text, or the text is a name of its
    // own.
    void certainAnswersHaveTheirHeadWord()
    {
        NameIndex heads(namingRules());
        std::set<QString> texts;
        const auto take = [&](const QString& name) {
            static const QRegularExpression between(QStringLiteral("[^\\p{L}\\p{N}%'-]+"));
            const QStringList parts = name.split(between, Qt::SkipEmptyParts);
            for (qsizetype i = 0; i < parts.size(); ++i) {
                texts.insert(parts[i]);
                if (i > 0)
                    texts.insert(parts[i - 1] + QLatin1Char(' ') + parts[i]);
            }
        };
        for (const MaterialPtr& m : Catalogue::shipped().materials()) {
            for (const QString& name : namesInEveryLanguage(*m))
                take(name);
            for (const std::string& name : m->alsoCalled)
                take(QString::fromStdString(name));
            take(QString::fromStdString(inciNameOf(*m).name));
        }
        auto foods = Foods::open(built("foods.sqlite"));
        for (const FoodName& food : std::get<std::unique_ptr<Foods>>(foods)->names())
            take(QString::fromStdString(food.name));
        for (const auto& [id, names] : shippedAliases().names)
            for (const std::string& name : names)
                take(QString::fromStdString(name));
        QStringList exceptions;
        int certain = 0;
        for (const QString& text : texts) {
            const Meant meant = meantBy(text);
            if (meant.verdict != IdentityVerdict::Certain)
                continue;
            ++certain;
            const Material& m = *meant.materials.front();
            if (heads.fitsKind(text.toStdString(), m.kind))
                continue;
            // A name of its own: an index of this material alone knows it, with nothing left out.
            NameBook alone;
            alone.addCatalogue(m);
            if (alone.isName(text.toStdString()))
                continue;
            exceptions << QStringLiteral("%1: %2").arg(text, QString::fromStdString(m.id));
        }
        qInfo("%d texts, %d certain, %d exceptions", int(texts.size()), certain,
              int(exceptions.size()));
        QVERIFY(texts.size() > 5000);
        QVERIFY2(exceptions.isEmpty(), qPrintable(exceptions.join(QLatin1Char('\n'))));
    }

    // The data of the names holds together: no name means two materials unless a question is
    // declared for it, and every member of a question is there.
    void namesAreOfOneMaterialOrDeclared()
    {
        const NamingRules& rules = *namingRules();
        for (const GeneralWord& general : rules.general) {
            QVERIFY2(!questionOf(general, QLocale(QLocale::English)).isEmpty() &&
                         !questionOf(general, QLocale(QLocale::German)).isEmpty() &&
                         questionOf(general, QLocale(QLocale::German)) !=
                             questionOf(general, QLocale(QLocale::English)),
                     general.code.c_str());
            for (const std::string& member : general.members)
                QVERIFY2(withId(member), (general.code + ": " + member).c_str());
            for (const std::string& word : general.words)
                QVERIFY2(meantBy(QString::fromStdString(word)).general == &general, word.c_str());
        }
        QStringList twice;
        const auto check = [&](const std::string& id, const std::string& name) {
            const Meant meant = meantBy(QString::fromStdString(name));
            const bool own =
                meant.verdict == IdentityVerdict::Certain && meant.materials.front()->id == id;
            if (!own && !meant.general)
                twice << QString::fromStdString(name + " (" + id + ")");
        };
        // What is shown and written down has to be read as itself.
        const auto shown = [&](const MaterialPtr& m, const std::string& name) {
            const Meant meant = meantBy(QString::fromStdString(name));
            if (meant.verdict != IdentityVerdict::Certain || meant.materials.front() != m)
                twice << QStringLiteral("shown: ") + QString::fromStdString(name);
        };
        for (const MaterialPtr& m : Catalogue::shipped().materials()) {
            shown(m, m->name);
            for (const std::string& name : m->alsoCalled)
                check(m->id, name);
            for (const auto& [language, names] : namesByLanguage(*m)) {
                shown(m, names.empty() ? m->name : names.front());
                for (const std::string& name : names)
                    check(m->id, name);
            }
        }
        for (const auto& [id, names] : shippedAliases().names)
            for (const std::string& name : names)
                check(id, name);
        QVERIFY2(twice.isEmpty(), qPrintable(twice.join(QLatin1Char('\n'))));
    }

    void verdicts_data()
    {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("verdict"); // and the first of the materials
        const auto row = [](const char* text, const char* verdict) {
            QTest::newRow(text) << QString::fromUtf8(text) << QString::fromUtf8(verdict);
        };
        row("olive oil", "certain olive-oil");
        row("Oil, olive", "certain olive-oil");
        row("raw organic honey", "certain honey");
        row("shea butter (unrefined)", "certain shea-butter");
        row("88 % lactic acid", "certain lactic-acid-88");
        row("Kokosoel", "certain coconut-oil");
        row("goats' milk", "certain goat-milk");
        row("Butyrospermum Parkii Butter", "certain shea-butter");
        row("Cocos Nucifera Oil", "certain coconut-oil");
        row("Elaeis Guineensis Oil", "ambiguous palm-oil");
        row("Sodium Hydroxide", "certain sodium-hydroxide");
        row("cream", "ambiguous cream-whipping");
        row("fresh cream", "ambiguous cream-whipping");
        row("coconut oil deodorised", "near coconut-oil");
        row("citric asid", "near citric-acid-monohydrate");
        row("avacodo oil", "near avocado-oil");
        row("glycolic acid", "near glycolic-acid-70");
        row("sage essential oil", "ambiguous clary-sage-essential-oil");
        row("moon dust", "unknown");
        row("", "unknown");
        row(",;()", "unknown");
    }
    void verdicts()
    {
        QFETCH(QString, text);
        QFETCH(QString, verdict);
        constexpr const char* names[] = {"certain", "ambiguous", "near", "unknown"};
        const Meant meant = meantBy(text);
        QString said = QString::fromLatin1(names[int(meant.verdict)]);
        if (!meant.materials.empty())
            said += QLatin1Char(' ') + QString::fromStdString(meant.materials.front()->id);
        QCOMPARE(said, verdict);
    }

    // What was written beside a name is not passed over where it may change figures.
    void remarksAreRead()
    {
        const CatalogueLookup lookup(built("foods.sqlite"), words::searchRules());
        const auto verdict = [&](const char* name, const char* remark) {
            const Meant meant = lookup.find(name, remark);
            return std::pair(meant.verdict,
                             meant.materials.empty() ? std::string() : meant.materials.front()->id);
        };
        using V = IdentityVerdict;
        QCOMPARE(verdict("coconut oil", "fractionated"),
                 std::pair(V::Certain, std::string("coconut-oil-fractionated")));
        QCOMPARE(verdict("coconut oil", "melted"),
                 std::pair(V::Certain, std::string("coconut-oil")));
        QCOMPARE(verdict("coconut oil", "from the shop in town"),
                 std::pair(V::Certain, std::string("coconut-oil")));
        QCOMPARE(verdict("shea butter", "deodorised").first, V::Near);
    }

    // A maker's own words, own materials and put-away ones.
    void ownWordsAndMaterials()
    {
        NameBook book;
        const MaterialPtr cream = CatalogueLookup::withId("cream-double");
        book.addCatalogue(*cream);
        book.addCatalogue(*CatalogueLookup::withId("cream-whipping"));
        QVERIFY(book.find("cream").what.verdict == IdentityVerdict::Ambiguous);
        book.remember("cream", "cream-double");
        QVERIFY(book.find("Cream").what.verdict == IdentityVerdict::Certain);
        QCOMPARE(book.find("Cream").what.entries.front(), std::size_t(0));
        book.remember("my pot", "no such id");
        QVERIFY(book.find("my pot").what.verdict == IdentityVerdict::Unknown);

        Material own = *cream;
        own.id = "own-1";
        own.name = "Butter";
        book.addOwn(own, false);
        QVERIFY(book.find("butter").what.verdict == IdentityVerdict::Certain);
        Material away = own;
        away.id = "own-2";
        away.name = "Pond silk";
        book.addOwn(away, true);
        QVERIFY(book.find("pond silk").what.verdict != IdentityVerdict::Certain);
        book.addLot("Cream, double, lot 12", "", MaterialKind::Milk, false);
        QVERIFY(book.find("cream, double, lot 12").what.verdict == IdentityVerdict::Certain);
    }

    void brokenDataIsRefused_data()
    {
        QTest::addColumn<QByteArray>("json");
        QTest::addColumn<QString>("place");
        QTest::newRow("no JSON") << QByteArray("[") << QString();
        QTest::newRow("a plural without an arrow")
            << QByteArray(R"({"format":"rhexion-meaning","version":1,"spellings":{},
                "plurals":{"en":["s"]},"idle":[],"telling":[],
                "heads":{"fat":[],"acid":[],"hydroxide":[],"scent":[]},"general":[]})")
            << QStringLiteral("plurals");
        QTest::newRow("a question without members")
            << QByteArray(R"({"format":"rhexion-meaning","version":1,"spellings":{},
                "plurals":{},"idle":[],"telling":[],
                "heads":{"fat":[],"acid":[],"hydroxide":[],"scent":[]},
                "general":[{"code":"x","words":["x"],"members":[],"question":{}}]})")
            << QStringLiteral("general");
    }
    void brokenDataIsRefused()
    {
        QFETCH(QByteArray, json);
        QFETCH(QString, place);
        const auto read = namingFromJson(json);
        const auto* fault = std::get_if<FileFault>(&read);
        QVERIFY(fault);
        QVERIFY2(fault->place.contains(place), qPrintable(fault->place));
    }
};

QTEST_GUILESS_MAIN(TestIdentify)
#include "tst_identify.moc"
