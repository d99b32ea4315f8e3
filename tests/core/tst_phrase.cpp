// What the typing line understands, and what it says it does not.
#include <QTest>

#include "core/formula/phrase.h"
#include "support/make.h"
#include "words/lexicon.h"

using namespace rhexion;
using namespace rhexion::test;
using F = PhraseFault::Code;

namespace {

PhraseHabits english()
{
    return {'.', AmountUnit::Gram, words::lexicon()};
}

} // namespace

class TestPhrase : public QObject {
    Q_OBJECT
private Q_SLOTS:
    // Words are found whole, at the beginning, in the middle and at the end; a star lets one go on.
    // A number without a unit is told apart, and words that only begin like a number are names.
    void bareNumbers_data()
    {
        QTest::addColumn<QString>("text");
        QTest::addColumn<bool>("amount");
        QTest::addColumn<bool>("bare");
        QTest::addColumn<QString>("name");
        QTest::newRow("one yolk") << "1 egg yolk" << true << true << "egg yolk";
        QTest::newRow("grams") << "1 g egg yolk" << true << false << "egg yolk";
        QTest::newRow("rest") << "rest water" << true << false << "water";
        QTest::newRow("a name") << "a lemon" << false << false << "a lemon";
        QTest::newRow("another name") << "half fat milk" << false << false << "half fat milk";
        QTest::newRow("per pound") << "1 tsp ppo clay" << true << false << "clay";
    }
    void bareNumbers()
    {
        QFETCH(QString, text);
        const auto parsed = parsePhrase(text.toStdString(), english());
        const auto* phrase = std::get_if<Phrase>(&parsed);
        QVERIFY(phrase);
        QTEST(phrase->amount.has_value(), "amount");
        QTEST(phrase->bare, "bare");
        QTEST(QString::fromStdString(phrase->materialText), "name");
        QCOMPARE(phrase->perOilsMass.has_value(), text.contains("ppo"));
    }
    void saysWholeWords()
    {
        const Lexicon::Words words{"ph", "child*"};
        for (const char* text : {"ph", "ph 9", "the ph.", "for children", "child", "(child)"})
            QVERIFY2(says(text, words), text);
        for (const char* text : {"", "phase", "graph", "grandchild", "p h", "\u00e9ph"})
            QVERIFY2(!says(text, words), text);
        QVERIFY(!says("anything", {}) && !says("anything", {"", "*"}));
    }
    void understands_data()
    {
        QTest::addColumn<QString>("text");
        QTest::addColumn<double>("value");
        QTest::addColumn<int>("unit");
        QTest::addColumn<QString>("name");
        QTest::addColumn<bool>("frozen");
        QTest::addColumn<int>("vessel"); // -1: not said
        const auto row = [](const char* text, double value, AmountUnit unit, const char* name,
                            bool frozen = false, int vessel = -1) {
            QTest::newRow(text) << QString::fromUtf8(text) << value << int(unit)
                                << QString::fromUtf8(name) << frozen << vessel;
        };
        using U = AmountUnit;
        row("120 g buttermilk", 120, U::Gram, "buttermilk");
        row("120g Buttermilk", 120, U::Gram, "buttermilk");
        row("1.5 kg olive oil", 1.5, U::Kilogram, "olive oil");
        row("8.5 oz olive", 8.5, U::Ounce, "olive");
        row("2 lb of tallow", 2, U::Pound, "tallow");
        row("3 % citric acid monohydrate", 3, U::PercentOfOils, "citric acid monohydrate");
        row("2,5 % of oils sugar", 2.5, U::PercentOfOils, "sugar");
        row("4 % of batter quince puree", 4, U::PercentOfBatter, "quince puree");
        row("rest coconut milk frozen", 0, U::Rest, "coconut milk", true);
        row("rest frozen goat's milk", 0, U::Rest, "goat's milk", true);
        // As people write them (../shared/reference/recipe_amount_cases.csv and common practice).
        row("1 1/4 tsp yellow mica", 1.25, U::Teaspoon, "yellow mica");
        row("8-1/2 oz lard", 8.5, U::Ounce, "lard");
        row("1/2 tsp clay", 0.5, U::Teaspoon, "clay");
        row("1 / 2 tsp clay", 0.5, U::Teaspoon, "clay");
        row("\u00bd tsp clay", 0.5, U::Teaspoon, "clay");
        row("1\u00bd cups milk", 1.5, U::Cup, "milk");
        row("2\u2154 tbsp honey", 2 + 2.0 / 3, U::Tablespoon, "honey");
        row("1 lb 4 oz lard", 20, U::Ounce, "lard");
        row("1 kg 250 g lard", 1250, U::Gram, "lard");
        row("1 kg 2 oils", 1, U::Kilogram, "2 oils");
        row("1 180 g lard", 1180, U::Gram, "lard");
        row("1\u202f180 g lard", 1180, U::Gram, "lard");
        row("1'250 g lard", 1250, U::Gram, "lard");
        row("1\u2019250 g lard", 1250, U::Gram, "lard");
        row("1.250,5 g lard", 1250.5, U::Gram, "lard");
        row("1,250.5 g lard", 1250.5, U::Gram, "lard");
        row("12 500 g lard", 12500, U::Gram, "lard");
        row("11/2 oz lard", 5.5, U::Ounce, "lard");
        row("8 fl. oz. milk", 8, U::FluidOunce, "milk");
        row("5 dl milk", 500, U::Millilitre, "milk");
        row("1 l milk", 1000, U::Millilitre, "milk");
        row("half a cup milk", 0.5, U::Cup, "milk");
        row("a pinch of saffron", 1.0 / 16, U::Teaspoon, "saffron");
        row("pinch saffron", 1.0 / 16, U::Teaspoon, "saffron");
        row("two pinches saffron", 1.0 / 8, U::Teaspoon, "saffron");
        row("handful oats", 0.25, U::Cup, "oats");
        row("a teaspoon of sugar", 1, U::Teaspoon, "sugar");
        row("2 heaping tablespoons kaolin", 2, U::TablespoonHeaped, "kaolin");
        row("2 rounded tsp kaolin", 2, U::TeaspoonHeaped, "kaolin");
        row("about 20 g honey", 20, U::Gram, "honey");
        row("40 drops lavender", 40, U::Drop, "lavender");
        row("250+35 g shea butter", 285, U::Gram, "shea butter");
        row("2 x 35 g shea", 70, U::Gram, "shea");
        row("100 - 4*5 g oat flakes on top", 80, U::Gram, "oat flakes", false, int(Vessel::Top));
        row("90/4 g honey at trace", 22.5, U::Gram, "honey", false, int(Vessel::Trace));
        row("40 g yogurt, frozen, in the jug", 40, U::Gram, "yogurt", true, int(Vessel::LyeJug));
        row("80 g tea in the second jug", 80, U::Gram, "tea", false, int(Vessel::SecondJug));
        row("30 oatmeal", 30, U::Gram, "oatmeal");
        row("2 \u00D7 40\u00A0g salt", 80, U::Gram, "salt");
        row("12 glycerin", 12, U::Gram, "glycerin"); // not 12 g of lycerin
    }
    void dissolvedFirst_data()
    {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("name");
        QTest::addColumn<bool>("dissolved");
        QTest::newRow("at the end") << "2 % honey dissolved"
                                    << "honey" << true;
        QTest::newRow("with a place") << "20 g salt, dissolved, at trace"
                                      << "salt" << true;
        QTest::newRow("before the place") << "20 g salt at trace dissolved"
                                          << "salt" << true;
        QTest::newRow("part of a name") << "20 g undissolved chalk"
                                        << "undissolved chalk" << false;
        QTest::newRow("alone") << "20 g dissolved"
                               << "dissolved" << false;
    }
    void dissolvedFirst()
    {
        QFETCH(QString, text);
        QFETCH(QString, name);
        QFETCH(bool, dissolved);
        const auto phrase = std::get<Phrase>(parsePhrase(text.toStdString(), english()));
        QCOMPARE(phrase.dissolved, dissolved);
        QCOMPARE(QString::fromStdString(phrase.materialText), name);
    }
    void understands()
    {
        QFETCH(QString, text);
        QFETCH(double, value);
        QFETCH(int, unit);
        QFETCH(QString, name);
        QFETCH(bool, frozen);
        QFETCH(int, vessel);
        const auto parsed = parsePhrase(text.toStdString(), english());
        QVERIFY(std::holds_alternative<Phrase>(parsed));
        const auto& phrase = std::get<Phrase>(parsed);
        QVERIFY(phrase.amount);
        QCOMPARE(phrase.amount->value, value);
        QCOMPARE(int(phrase.amount->unit), unit);
        QCOMPARE(QString::fromStdString(phrase.materialText), name);
        QCOMPARE(phrase.frozen, frozen);
        QCOMPARE(phrase.vessel ? int(*phrase.vessel) : -1, vessel);
    }

    void refuses_data()
    {
        QTest::addColumn<QString>("text");
        QTest::addColumn<int>("code");
        const std::pair<const char*, F> rows[] = {{"", F::Nothing},
                                                  {"   ", F::Nothing},
                                                  {"g", F::NoNumber},
                                                  {"250+", F::BadSum},
                                                  {"3//2", F::BadSum},
                                                  {"5/0", F::DivisionByZero},
                                                  {"1,250", F::AmbiguousNumber},
                                                  {"1.250,5,1", F::AmbiguousNumber},
                                                  {"-5 g", F::Negative},
                                                  {"5-9 g", F::Negative},
                                                  {"1e5 g", F::TrailingText},
                                                  {"999999999999 g", F::TooLarge},
                                                  {"5 g honey", F::TrailingText}};
        for (const auto& [text, code] : rows)
            QTest::newRow(*text ? text : "(empty)") << QString::fromLatin1(text) << int(code);
        QTest::newRow("4000 digits") << QString(4000, QLatin1Char('9')) << int(F::TooLarge);
    }
    void refuses()
    {
        QFETCH(QString, text);
        QFETCH(int, code);
        const auto parsed = parseAmount(text.toStdString(), english());
        QVERIFY(std::holds_alternative<PhraseFault>(parsed));
        QCOMPARE(int(std::get<PhraseFault>(parsed).code), code);
    }

    void measures_data()
    {
        QTest::addColumn<QString>("text");
        QTest::addColumn<double>("value");
        QTest::addColumn<int>("unit");
        using U = AmountUnit;
        const std::tuple<const char*, double, U> rows[] = {
            {"2 tbsp", 2, U::Tablespoon},
            {"2 heaped tablespoons", 2, U::TablespoonHeaped},
            {"1 level tsp", 1, U::Teaspoon},
            {"1/2 teaspoon", 0.5, U::Teaspoon},
            {"3 tsp heaped", 3, U::TeaspoonHeaped},
            {"40 drops", 40, U::Drop},
            {"3 fl oz", 3, U::FluidOunce},
            {"3 oz", 3, U::Ounce},
            {"250 ml", 250, U::Millilitre},
            {"1 cup", 1, U::Cup},
            {"2 pieces", 2, U::Piece},
            {"5 % of liquid", 5, U::PercentOfLiquid}};
        for (const auto& [text, value, unit] : rows)
            QTest::newRow(text) << QString::fromLatin1(text) << value << int(unit);
    }
    void measures()
    {
        QFETCH(QString, text);
        QFETCH(double, value);
        QFETCH(int, unit);
        const auto parsed = parseAmount(text.toStdString(), english());
        const auto* amount = std::get_if<StatedAmount>(&parsed);
        QVERIFY(amount);
        QCOMPARE(amount->value, value);
        QCOMPARE(int(amount->unit), unit);
    }

    void perOilsPhrases()
    {
        const std::pair<const char*, double> rows[] = {
            {"1 tsp kaolin per pound of oils", 453.59237},
            {"10 g kaolin per 500 g oils", 500},
            {"1 tbsp kaolin per kg oil", 1000},
            {"1 tbsp kaolin per 2 lb of oils", 907.18474}};
        for (const auto& [text, grams] : rows) {
            const auto parsed = parsePhrase(text, english());
            const auto* phrase = std::get_if<Phrase>(&parsed);
            QVERIFY(phrase && phrase->perOilsMass && phrase->materialText == "kaolin");
            QVERIFY(std::abs(phrase->perOilsMass->inGrams() - grams) < 1e-9);
        }
        for (const char* text :
             {"5 g kaolin per cent", "5 g salt per oils", "5 g x per 0 g oils"}) {
            const auto parsed = parsePhrase(text, english());
            QVERIFY(!std::get<Phrase>(parsed).perOilsMass);
        }
    }

    // Weights by the material's own spoons, else by volume and density; common practice.
    void whatMeasuresWeigh()
    {
        using U = AmountUnit;
        auto honey = material("honey", MaterialKind::Sugar);
        honey->measures = {{"tsp", 7, "test"}};
        QCOMPARE(*gramsPer(U::Teaspoon, *honey), 7.0);
        QCOMPARE(*gramsPer(U::Tablespoon, *honey), 21.0);
        QCOMPARE(*gramsPer(U::TeaspoonHeaped, *honey), 10.5);
        QCOMPARE(*gramsPer(U::Cup, *honey), 336.0); // no density: 16 tablespoons
        QVERIFY(!gramsPer(U::Piece, *honey));
        honey->density = figure(1.42);
        QCOMPARE(*gramsPer(U::Millilitre, *honey), 1.42);
        QVERIFY(std::abs(*gramsPer(U::Cup, *honey) - 340.8) < 1e-9);
        QVERIFY(!gramsPer(U::Teaspoon, *material("clay", MaterialKind::Solid)));
        QVERIFY(!gramsPer(U::Teaspoon, *material("milk powder", MaterialKind::Milk)));
        QVERIFY(std::abs(*gramsPer(U::FluidOunce, *milk(0.87, 0.03, 230)) - 30.46) < 0.01);
        QVERIFY(std::abs(*gramsPer(U::Drop, *oil("oil", 190)) - 0.046) < 1e-9);
        QVERIFY(std::abs(perOils({1, U::Teaspoon}, Mass::pounds(1), *honey)->value -
                         100 * 7 / 453.59237) < 1e-9);
        QVERIFY(!perOils({1, U::Cup}, Mass::grams(0), *honey));
    }

    void decimalMarks()
    {
        const PhraseHabits comma{',', AmountUnit::Gram, words::lexicon()};
        QCOMPARE(std::get<StatedAmount>(parseAmount("1,250 kg", comma)).value, 1.25);
        QCOMPARE(std::get<StatedAmount>(parseAmount("1,5", comma)).value, 1.5);
        QVERIFY(std::holds_alternative<PhraseFault>(parseAmount("1.250 kg", comma)));
        QCOMPARE(std::get<StatedAmount>(parseAmount("0,125", english())).value, 0.125);
        QCOMPARE(
            int(std::get<StatedAmount>(parseAmount("5", {'.', AmountUnit::Ounce, words::lexicon()}))
                    .unit),
            int(AmountUnit::Ounce));
        QCOMPARE(std::get<double>(parseNumber("-2.5", '.')), -2.5);
    }

    void matching()
    {
        auto shea = material("Shea butter", MaterialKind::Fat);
        shea->alsoCalled = {"karit\u00e9"};
        const std::vector<MaterialPtr> all{material("Buttermilk, cultured", MaterialKind::Milk),
                                           shea, material("Cow's milk", MaterialKind::Milk),
                                           material("Milk", MaterialKind::Milk)};
        SearchIndex index;
        for (const MaterialPtr& m : all)
            index.add(m->name, m->alsoCalled);
        const auto first = [&](const char* search) {
            const auto found = index.find(search);
            return found.empty() ? -1 : int(found.front().index);
        };
        QCOMPARE(first("milk"), 3); // the whole name before a part of one
        QCOMPARE(first("butterm"), 0);
        QCOMPARE(first("butter"), 0); // the start before a later word
        QCOMPARE(first("KARIT\u00c9"), 1);
        QCOMPARE(first("karite"), 1);
        QCOMPARE(first("milk cow"), 2);
        QCOMPARE(first("zinc"), -1);
        QCOMPARE(int(index.find("milk").size()), 3);
        QCOMPARE(QString::fromStdString(folded("  \u00c5ngstr\u00f6m\t\u0141\u00f3d\u017a ")),
                 QStringLiteral("angstrom lodz"));
    }
};

QTEST_APPLESS_MAIN(TestPhrase)
#include "tst_phrase.moc"
