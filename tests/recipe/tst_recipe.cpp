// Recipe text against its reference readings (tests/data/recipes), round trips, and hostile text.
#include "recipe/recipe.h"
#include "recipe/recipe_answers.h"
#include "storage/catalogue.h"
#include "storage/recipe_json.h"
#include "support/cases.h"

#include <QDir>
#include <QJsonArray>
#include <QJsonDocument>

#include <random>

using namespace rhexion;
using namespace rhexion::test;

namespace {

QJsonArray expected()
{
    static const QJsonArray all =
        QJsonDocument::fromJson(testData(QStringLiteral("recipes/expected.json")))
            .object()
            .value("recipes")
            .toArray();
    return all;
}

Recipe readingOf(const QByteArray& text)
{
    const RecipeRead read = readRecipe({text.constData(), std::size_t(text.size())});
    if (read.refusal)
        qFatal("refused");
    return read.recipe;
}

QByteArray shownOf(const QJsonValue& v)
{
    return QJsonDocument(QJsonObject{{"is", v}}).toJson(QJsonDocument::Compact);
}

bool near(const std::optional<double>& a, const std::optional<double>& b)
{
    return a.has_value() == b.has_value() &&
           (!a || std::abs(*a - *b) <= 1e-6 * std::max(1.0, std::abs(*a)));
}

bool same(const RecipeAmount& a, const RecipeAmount& b)
{
    return near(a.value, b.value) && a.unit == b.unit && near(a.high, b.high) && a.of == b.of &&
           a.per.has_value() == b.per.has_value() &&
           (!a.per || (a.per->unit == b.per->unit && near(a.per->value, b.per->value)));
}

bool same(const RecipeLine& a, const RecipeLine& b)
{
    return a.name == b.name && same(a.amount, b.amount) && a.alt.has_value() == b.alt.has_value() &&
           (!a.alt || same(*a.alt, *b.alt)) && a.frozen == b.frozen && a.note == b.note &&
           a.place == b.place;
}

// What reading the canonical text again does not give back; empty where it gives all.
QByteArray lostOnTheWay(const Recipe& was)
{
    const std::string text = writeRecipe(was);
    const Recipe now = readingOf(QByteArray::fromStdString(text));
    if (now.lines.size() != was.lines.size())
        return "lines: " + QByteArray::number(qulonglong(was.lines.size())) + " and " +
               QByteArray::number(qulonglong(now.lines.size())) + "\n" + text.c_str();
    for (std::size_t i = 0; i < was.lines.size(); ++i)
        if (!same(was.lines[i], now.lines[i]))
            return QByteArray("was ") + was.lines[i].name.c_str() + ", now " +
                   now.lines[i].name.c_str() + "\n" + text.c_str();
    if (was.settings.size() != now.settings.size())
        return "settings";
    for (const auto& [key, value] : was.settings)
        if (!near(value, settingOf(now.settings, key)))
            return "setting " + QByteArray::fromStdString(key);
    return now.title == was.title.value_or("Untitled") ? QByteArray() : QByteArray("title");
}

// Every line that is not blank is in exactly one kind of list.
bool nothingLost(const Recipe& r)
{
    for (std::size_t i = 0; i < r.text.size(); ++i) {
        const bool blank = QString::fromStdString(r.text[i]).trimmed().isEmpty();
        const int n = int(i) + 1;
        const auto in = [n](const std::vector<int>& v) {
            return int(std::ranges::find(v, n) != v.end());
        };
        const int kinds = (r.titleLine == n) + in(r.headings) + in(r.settingLines) + in(r.notes) +
                          in(r.notUnderstood) +
                          int(std::ranges::find(r.lines, n, &RecipeLine::n) != r.lines.end());
        const bool total = std::ranges::find(r.totals, n, &RecipeTotal::n) != r.totals.end();
        // A heading may carry a total: "Oils (1000 g)".
        if (blank ? kinds + total != 0 : kinds + total < 1 || kinds > 1)
            return false;
    }
    return true;
}

} // namespace

class TestRecipe : public QObject {
    Q_OBJECT
private Q_SLOTS:
    // What a line is read as, in its JSON without braces; what is open is asked.
    void linesAsMakersWriteThem_data()
    {
        QTest::addColumn<QString>("line");
        QTest::addColumn<QString>("read"); // name, value, unit, what is asked
        const auto row = [](const char* line, const char* read) {
            QTest::newRow(line) << QString::fromUtf8(line) << QString::fromUtf8(read);
        };
        row("castor oil (5%)", "castor oil 5 %");
        row("one egg yolk", "egg yolk 1 piece");
        row("juice of 1 lemon", "lemon juice 1 piece no-measure");
        row("juice of half a lemon", "lemon juice 0.5 piece no-measure");
        row("1 can coconut milk (400 ml)", "coconut milk 400 ml");
        row("2 cans coconut milk (400 ml)", "coconut milk 800 ml");
        row("1 can coconut milk", "coconut milk - no-amount");
        row("half a banana", "banana 0.5 piece no-measure");
        row("a few drops of vitamin E", "vitamin e - drop no-amount");
        row("3 oz wt honey", "honey 3 oz wt");
        row("3 oz honey", "honey 3 oz oz-weight-or-fluid");
        row("20 g Zitronensaft", "zitronensaft 20 g");
        row("20 g Zitronensäure", "zitronensäure 20 g citric-form");
        row("12 % of oils olive oil (120 g)", "olive oil 12 %");
        row("olive oil 12 % (120 g)", "olive oil 120 g");
    }
    void linesAsMakersWriteThem()
    {
        QFETCH(QString, line);
        QFETCH(QString, read);
        const Recipe recipe = readingOf("Soap\n500 g olive oil\n" + line.toUtf8() + "\n");
        QCOMPARE(recipe.lines.size(), std::size_t(2));
        const RecipeLine& got = recipe.lines.back();
        QStringList said{QString::fromStdString(got.name), got.amount.value
                                                               ? QString::number(*got.amount.value)
                                                               : QStringLiteral("-")};
        if (!got.amount.unit.empty())
            said << QString::fromStdString(got.amount.unit);
        for (const RecipeQuestion question : got.amount.ask)
            if (question != RecipeQuestion::WhichMaterial)
                said << QString::fromLatin1(codeOf(question));
        QCOMPARE(said.join(QLatin1Char(' ')), read);
    }

    // A share of two lyes is asked for what it is a share of unless that is stated; so is the
    // purity.
    void lyeSharesAreAsked_data()
    {
        QTest::addColumn<QString>("line");
        QTest::addColumn<double>("potash"); // per cent; below 0: no setting
        QTest::addColumn<QString>("asked");
        const auto row = [](const char* line, double potash, const char* asked) {
            QTest::newRow(line) << QString::fromUtf8(line) << potash << QString::fromUtf8(asked);
        };
        row("60 % NaOH 40 % KOH", 40, "split-basis koh-purity");
        row("60% NaOH, 40% KOH by weight", 40, "koh-purity");
        row("KOH 40 %", 40, "split-basis koh-purity");
        row("40 % KOH (90 % pure)", 40, "split-basis");
        row("lye: 60 % sodium hydroxide, 40 % potassium hydroxide", 40, "split-basis koh-purity");
        row("60/40 NaOH/KOH as weighed", 40, "koh-purity");
        row("NaOH/KOH 60/40 by mole, KOH purity 90 %", -1, "");
        row("dual lye 95/5", 5, "split-order split-basis koh-purity");
        row("95/5", -1, "");
        row("KOH 100 %", -1, ""); // a purity
    }
    void lyeSharesAreAsked()
    {
        QFETCH(QString, line);
        QFETCH(double, potash);
        QFETCH(QString, asked);
        Recipe recipe = readingOf("Soap\n500 g olive oil\n" + line.toUtf8() + "\n");
        QCOMPARE(settingOf(recipe.settings, "koh_share").value_or(-1), potash);
        QStringList said;
        for (const auto& [n, question] : recipe.settingAsks)
            said << QString::fromLatin1(codeOf(question));
        QCOMPARE(said.join(QLatin1Char(' ')), asked);
        // Every answer settles its question and leaves the others.
        while (!recipe.settingAsks.empty()) {
            const std::size_t before = recipe.settingAsks.size();
            answerSetting(recipe, 0, readingsOf(recipe.settingAsks.front().question).front());
            QCOMPARE(recipe.settingAsks.size(), before - 1);
        }
    }

    // German lines, read as their English likenesses are.
    void german_data()
    {
        QTest::addColumn<QString>("german");
        QTest::addColumn<QString>("english"); // with the German name of the material
        const auto row = [](const char* german, const char* english) {
            QTest::newRow(german) << QString::fromUtf8(german) << QString::fromUtf8(english);
        };
        row("500 g Olivenöl", "500 g olivenöl");
        row("2 EL Honig beim Zeichnen", "2 tbsp honig at trace");
        row("3 gehäufte TL Kakao", "3 heaped tsp kakao");
        row("1 Pfund Rindertalg", "500 g rindertalg");
        row("eine halbe Tasse Kokosmilch", "half a cup kokosmilch");
        row("120 g Buttermilch, gefroren", "120 g buttermilch, frozen");
        row("Rest Wasser", "rest wasser");
        row("3 % der Öle Zitronensäure", "3 % of oils zitronensäure");
        row("20 Tropfen Lavendelöl nach dem Kochen", "20 drops lavendelöl after the cook");
        row("15 g Tonerde obenauf", "15 g tonerde on top");
        row("10 g Salz in den Krug", "10 g salz in the lye jug");
        row("1 Prise Safran", "1 pinch safran");
        row("400 Gramm Rapsöl", "400 g rapsöl");
        row("2 Eier", "2 eier");
    }
    void german()
    {
        QFETCH(QString, german);
        QFETCH(QString, english);
        const QByteArray frame = QByteArrayLiteral("Birnenseife\nÜberfettung 6 %\n300 g Kokosöl\n");
        const QByteArray like = QByteArrayLiteral("Birnenseife\nsuperfat 6 %\n");
        const Recipe read = readingOf(frame + german.toUtf8());
        const Recipe wanted = readingOf(like + english.toUtf8());
        QCOMPARE(read.settings.size(), std::size_t(1));
        QVERIFY(!read.lines.empty() && wanted.lines.size() == 1);
        const RecipeLine& is = read.lines.back();
        QVERIFY2(same(is, wanted.lines.front()), (is.name + " | " + is.amount.unit).c_str());
    }

    // A whole German recipe: every line is something, and nothing is lost.
    void germanWhole()
    {
        const QByteArray text =
            "Spalierbirnenseife\n"
            "Überfettung 7 %, Laugenkonzentration 31 %\n\n"
            "Fette:\n450 g Olivenöl\n200,5 g Kokosöl\n100 g Rindertalg\n"
            "Gesamtfettmenge 750,5 g\n\n"
            "Lauge:\nRest Birnenpüree, gefroren\n12 g Zitronensäure wasserfrei\n\n"
            "Beim Zeichnen:\n1 EL Honig\n\n"
            "Zubereitung:\nDie Fette schmelzen und die Lauge zugeben.\n";
        const Recipe r = readingOf(text);
        QCOMPARE(QString::fromStdString(r.title.value_or("")),
                 QStringLiteral("Spalierbirnenseife"));
        QCOMPARE(settingOf(r.settings, "superfat"), std::optional(7.0));
        QCOMPARE(settingOf(r.settings, "lye_strength"), std::optional(31.0));
        QCOMPARE(r.lines.size(), std::size_t(6));
        QCOMPARE(r.lines[1].amount.value, std::optional(200.5));
        QCOMPARE(r.lines[3].place, "lye-jug");
        QVERIFY(r.lines[3].frozen);
        QVERIFY(!r.isAsked(RecipeQuestion::CitricForm));
        QCOMPARE(r.lines[5].place, "trace");
        QCOMPARE(r.totals.size(), std::size_t(1));
        QCOMPARE(r.totals.front().agrees, std::optional(true));
        QVERIFY(r.notUnderstood.empty());
        QCOMPARE(r.notes.size(), std::size_t(1));
        QCOMPARE(r.text[4], "450 g Olivenöl");
        // Written in German and read again, it is the same.
        const Recipe again =
            readingOf(QByteArray::fromStdString(writeRecipe(r, RecipeLanguage::German)));
        QCOMPARE(again.lines.size(), r.lines.size());
        for (std::size_t i = 0; i < r.lines.size(); ++i)
            QVERIFY2(same(again.lines[i], r.lines[i]), again.lines[i].name.c_str());
        QCOMPARE(again.settings, r.settings);
    }

    void recipes_data()
    {
        QTest::addColumn<QJsonObject>("wanted");
        for (const QJsonValue& v : expected())
            QTest::newRow(qPrintable(v.toObject()["file"].toString())) << v.toObject();
    }
    void recipes()
    {
        QFETCH(QJsonObject, wanted);
        const Recipe recipe =
            readingOf(testData(QStringLiteral("recipes/") + wanted["file"].toString()));
        const QJsonObject got = recipeToJson(recipe);
        for (const char* part :
             {"title", "settings", "totals", "notes", "figures_in_notes", "not_understood"})
            QVERIFY2(got[QLatin1String(part)] == wanted[QLatin1String(part)],
                     (QByteArray(part) + "\n got " + shownOf(got[QLatin1String(part)]) + "\nwant " +
                      shownOf(wanted[QLatin1String(part)]))
                         .constData());
        const QJsonArray lines = got["lines"].toArray();
        const QJsonArray want = wanted["lines"].toArray();
        for (int i = 0; i < std::max(lines.size(), want.size()); ++i)
            QVERIFY2(
                lines.at(i) == want.at(i),
                ("\n got " + shownOf(lines.at(i)) + "\nwant " + shownOf(want.at(i))).constData());
        QVERIFY(nothingLost(recipe));
        QCOMPARE(lostOnTheWay(recipe), QByteArray());
    }
    void thereAreRecipes()
    {
        const QStringList files = QDir(QStringLiteral(RHEXION_SOURCE_DIR "/tests/data/recipes"))
                                      .entryList({QStringLiteral("*.txt")});
        QCOMPARE(int(expected().size()), int(files.size()));
        QVERIFY(files.size() >= 45);
    }

    void amounts_data()
    {
        QTest::addColumn<int>("at");
        const auto all = readCases(QStringLiteral("recipe_amount_cases.csv"));
        for (int i = 0; i < all.size(); ++i)
            QTest::newRow(qPrintable(
                QStringLiteral("%1 %2 %3").arg(i).arg(all[i].text("text"), all[i].output)))
                << i;
        QVERIFY(all.size() > 100);
    }
    void amounts()
    {
        QFETCH(int, at);
        static const auto all = readCases(QStringLiteral("recipe_amount_cases.csv"));
        const CaseRow& row = all[at];
        const std::string text = row.text("text").toStdString();
        if (row.function == QLatin1String("parse_settings")) {
            const auto settings = readRecipeSettings(text);
            if (row.output == QLatin1String("settings")) {
                QVERIFY(!settings);
                return;
            }
            QVERIFY(settings);
            QCOMPARE(settings->size(), std::size_t(text.find(',') == std::string::npos ? 1 : 2));
            compareCase(row, *settingOf(*settings, row.output.toStdString()));
            return;
        }
        const auto read = readRecipeAmount(text);
        if (row.output == QLatin1String("amount")) {
            QVERIFY(!read);
            return;
        }
        QVERIFY(read);
        const RecipeAmount& a = read->amount;
        if (row.output == QLatin1String("value"))
            compareCase(row, a.value.value_or(-1));
        else if (row.output == QLatin1String("high"))
            compareCase(row, a.high.value_or(-1));
        else if (row.output == QLatin1String("unit"))
            QCOMPARE(QString::fromStdString(a.unit), row.value);
        else if (row.output == QLatin1String("of"))
            QCOMPARE(QString::fromStdString(a.of), row.value);
        else if (row.output == QLatin1String("per"))
            QCOMPARE(QString::number(a.per->value) + QLatin1Char(' ') +
                         QString::fromStdString(a.per->unit),
                     row.value);
        else {
            QCOMPARE(row.output, QStringLiteral("ask"));
            QStringList ask;
            for (const RecipeQuestion q : a.ask)
                ask << QString::fromLatin1(codeOf(q));
            QStringList wanted = row.value == QLatin1String("nothing")
                                     ? QStringList()
                                     : row.value.split(QLatin1Char(' '));
            ask.sort();
            wanted.sort();
            QCOMPARE(ask, wanted);
        }
    }

    // Recipes with a few letters changed: no line is lost, and what was read comes back.
    void mutated()
    {
        std::mt19937 dice(20250);
        const auto upTo = [&](int n) { return int(dice() % unsigned(n)); };
        const QStringList bits{"0",
                               "1",
                               "5",
                               "9",
                               ".",
                               ",",
                               "/",
                               "%",
                               "-",
                               ":",
                               "\n",
                               "\t",
                               " ",
                               "|",
                               "(",
                               ")",
                               "x",
                               "g",
                               "o",
                               "½",
                               "é",
                               "–",
                               QString(QChar(0)),
                               "T",
                               ";",
                               "oz ",
                               "1,250 ",
                               "rest "};
        int unlike = 0;
        for (int run = 0; run < 500; ++run) {
            const QString file =
                expected().at(upTo(int(expected().size()))).toObject()["file"].toString();
            QString text = QString::fromUtf8(testData(QStringLiteral("recipes/") + file));
            for (int change = 1 + upTo(12); change > 0; --change) {
                const int at = text.isEmpty() ? 0 : upTo(int(text.size()));
                const QString bit = bits.at(upTo(int(bits.size())));
                switch (upTo(3)) {
                case 0: text.insert(at, bit); break;
                case 1: text.replace(at, 1, bit); break;
                default: text.remove(at, 1);
                }
            }
            const Recipe recipe = readingOf(text.toUtf8());
            QVERIFY2(nothingLost(recipe), qPrintable(file + QLatin1Char('\n') + text));
            unlike += !lostOnTheWay(recipe).isEmpty();
        }
        QVERIFY2(unlike <= 5, qPrintable(QString::number(unlike)));
    }

    // Formulas over the names of the whole catalogue, in every unit and place.
    void catalogueNamesComeBack()
    {
        const auto& materials = Catalogue::shipped().materials();
        QVERIFY(materials.size() > 500);
        const char* const units[] = {"g",     "kg",          "oz",  "lb",    "ml",
                                     "tsp",   "tbsp heaped", "cup", "fl oz", "drop",
                                     "pinch", "piece",       "%",   "rest",  ""};
        const char* const places[] = {"",         "lye-jug", "second-jug", "oil-pot",
                                      "emulsion", "trace",   "after-cook", "top"};
        std::mt19937 dice(7);
        const auto pick = [&](const auto& from) { return from[dice() % std::size(from)]; };
        for (int run = 0; run < 400; ++run) {
            Recipe recipe;
            recipe.title = "A bar";
            for (int i = 0; i < 10; ++i) {
                RecipeLine line;
                line.name = QString::fromStdString(materials[dice() % materials.size()]->name)
                                .toLower()
                                .toStdString();
                line.amount.unit = pick(units);
                // An egg without a unit is a piece.
                if (line.amount.unit.empty() && line.name.find("egg") != std::string::npos)
                    line.amount.unit = "piece";
                if (line.amount.unit != "rest")
                    line.amount.value = double(1 + dice() % 40000) / 16.0;
                line.frozen = dice() % 5 == 0;
                line.place = pick(places);
                recipe.lines.push_back(line);
            }
            const QByteArray lost = lostOnTheWay(recipe);
            QVERIFY2(lost.isEmpty(), lost.constData());
        }
    }

    // Names that a careless writer would not get back.
    void awkwardNames()
    {
        for (const char* name :
             {"brine, 20 % salt", "potassium hydroxide, 90 %", "titanium dioxide", "egg, whole",
              "cow's milk, whole", "ready lye, sodium hydroxide 50 %", "lye", "rest harrow root",
              "oil of cloves", "frozen yogurt base", "t-shirt fluff", "2-in-1 base", "salt (fine)",
              "honey, dark (forest, heather)", "poppy; black"})
            for (const char* unit : {"g", "oz", "%", "tsp heaped", "fl oz", "drop", "piece"}) {
                Recipe recipe;
                recipe.title = "A bar";
                RecipeLine line;
                line.name = name;
                line.amount.value = 12.125;
                line.amount.unit = unit;
                line.place = "trace";
                recipe.lines = {line};
                const QByteArray lost = lostOnTheWay(recipe);
                QVERIFY2(lost.isEmpty(), lost.constData());
            }
    }

    // Text that is no recipe: it is refused or read, and never takes the program along.
    void hostile()
    {
        QCOMPARE(readRecipe(std::string(longestRecipe + 1, 'a')).refusal, RecipeRefusal::TooLong);
        QCOMPARE(readRecipe(std::string(mostRecipeLines + 1, '\n')).refusal,
                 RecipeRefusal::TooManyLines);
        const std::string pieces[] = {std::string(longestRecipe, '('),
                                      std::string(longestRecipe, ' '),
                                      std::string(longestRecipe, '1'), std::string(99999, '\xff'),
                                      std::string("\xf0\x9f\xa7", 3)};
        for (const std::string& text : pieces) {
            const RecipeRead read = readRecipe(text);
            QVERIFY(!read.refusal && nothingLost(read.recipe));
        }
        std::string nested;
        for (int i = 0; i < 60000; ++i)
            nested += i % 3 == 0 ? "1x" : i % 3 == 1 ? "({\"" : "g, ";
        QVERIFY(nothingLost(readRecipe(nested).recipe));
    }

    // A pipe in a name ends no cell; the table holds a row a line.
    void markdown()
    {
        Recipe recipe = readingOf("Dune bar\nsuperfat 6 %\n300 g olive oil\n90 g \"odd | oil\"\n");
        const QByteArray table = QByteArray::fromStdString(writeRecipeMarkdown(recipe));
        QVERIFY(table.startsWith("# Dune bar\n"));
        QCOMPARE(table.count("\n| "), 4);
        QVERIFY(table.contains("odd \\| oil"));
        QVERIFY(table.contains("- superfat 6 %"));
    }
};

QTEST_APPLESS_MAIN(TestRecipe)
#include "tst_recipe.moc"
