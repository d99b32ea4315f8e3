// What the typing line understands, and what it says it does not.
#include <QtTest>

#include "core/formula/phrase.h"
#include "support/make.h"

using namespace rhexion;
using namespace rhexion::test;
using F = PhraseFault::Code;

class TestPhrase : public QObject {
    Q_OBJECT
private Q_SLOTS:
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
        row("250+35 g shea butter", 285, U::Gram, "shea butter");
        row("2 x 35 g shea", 70, U::Gram, "shea");
        row("100 - 4*5 g oat flakes on top", 80, U::Gram, "oat flakes", false, int(Vessel::Top));
        row("90/4 g honey at trace", 22.5, U::Gram, "honey", false, int(Vessel::Trace));
        row("40 g yogurt, frozen, in the jug", 40, U::Gram, "yogurt", true, int(Vessel::LyeJug));
        row("30 oatmeal", 30, U::Gram, "oatmeal");
        row("2 \u00D7 40\u00A0g salt", 80, U::Gram, "salt");
        row("12 glycerin", 12, U::Gram, "glycerin"); // not 12 g of lycerin
    }
    void understands()
    {
        QFETCH(QString, text);
        QFETCH(double, value);
        QFETCH(int, unit);
        QFETCH(QString, name);
        QFETCH(bool, frozen);
        QFETCH(int, vessel);
        const auto parsed = parsePhrase(text.toStdString(), {});
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
                                                  {"1.250,5", F::AmbiguousNumber},
                                                  {"-5 g", F::Negative},
                                                  {"5-9 g", F::Negative},
                                                  {"1e5 g", F::TrailingText},
                                                  {"999999999999 g", F::TooLarge},
                                                  {"2 tbsp", F::UnitNotWeighed},
                                                  {"40 drops", F::UnitNotWeighed},
                                                  {"3 fl oz", F::UnitNotWeighed},
                                                  {"5 g honey", F::TrailingText}};
        for (const auto& [text, code] : rows)
            QTest::newRow(*text ? text : "(empty)") << QString::fromLatin1(text) << int(code);
        QTest::newRow("4000 digits") << QString(4000, QLatin1Char('9')) << int(F::TooLarge);
    }
    void refuses()
    {
        QFETCH(QString, text);
        QFETCH(int, code);
        const auto parsed = parseAmount(text.toStdString(), {});
        QVERIFY(std::holds_alternative<PhraseFault>(parsed));
        QCOMPARE(int(std::get<PhraseFault>(parsed).code), code);
    }

    void decimalMarks()
    {
        const PhraseHabits comma{',', AmountUnit::Gram};
        QCOMPARE(std::get<StatedAmount>(parseAmount("1,250 kg", comma)).value, 1.25);
        QCOMPARE(std::get<StatedAmount>(parseAmount("1,5", comma)).value, 1.5);
        QVERIFY(std::holds_alternative<PhraseFault>(parseAmount("1.250 kg", comma)));
        QCOMPARE(std::get<StatedAmount>(parseAmount("0,125", {})).value, 0.125);
        QCOMPARE(int(std::get<StatedAmount>(parseAmount("5", {'.', AmountUnit::Ounce})).unit),
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
