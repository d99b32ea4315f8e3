// Words: every code has a sentence, figures carry units in the person's own habits, no place is
// left unfilled in any line of any working.
#include <QTest>

#include "core/makeday/plan.h"
#include "core/measuring/measure.h"
#include "core/units/enum_count.h"
#include "storage/reckoning_json.h"
#include "support/files.h"
#include "support/printed_sum.h"
#include "support/random_formula.h"
#include "words/caution_words.h"
#include "words/day_words.h"
#include "words/glossary.h"
#include "words/refusal_words.h"
#include "words/school_words.h"
#include "words/working_words.h"

#include <QLocale>
#include <QRegularExpression>
#include <QSet>
#include <QSettings>

using namespace rhexion;
using namespace rhexion::test;

namespace {

bool whole(const QString& text)
{
    static const QRegularExpression unfilled(QStringLiteral("%\\d"));
    return !text.isEmpty() && !text.contains(unfilled) && !text.contains(QLatin1String("nan")) &&
           !text.contains(QLatin1String("inf "));
}

} // namespace

class TestWords : public QObject {
    Q_OBJECT
private Q_SLOTS:
    // A figure's name in either language finds what its words mean, by the words of the screen.
    void glossary_data()
    {
        QTest::addColumn<QString>("language");
        QTest::addColumn<QString>("name");
        QTest::addColumn<QStringList>("begins");
        const auto row = [](const char* language, const char* name, const QStringList& begins) {
            QTest::newRow(name) << language << name << begins;
        };
        row("en", "Iodine value", {"Iodine value: "});
        row("en", "True superfat", {"True superfat: "}); // not superfat once more
        row("en", "Batter to pour, at trace", {"Batter: ", "Trace: "});
        row("en", "Rice bran oil", {}); // no ricing
        row("en", "SV of the blend", {"Saponification value (SV): "});
        row("de", "Iodzahl", {"Iodzahl: "});
        row("de", "Ausformen", {"Ausformen: "});
        row("de", "Beständig nach", {"Beständig: "});
        row("de", "In der Mitte am heißesten", {"Heißeste, Mitte: "});
        row("de", "Der Krug hält", {"Gibt, hält, nimmt: "});
        row("nl", "Superfat", {"Superfat: "}); // English where there is none
    }
    void glossary()
    {
        QFETCH(QString, language);
        QFETCH(QString, name);
        QFETCH(QStringList, begins);
        const QLocale before;
        QLocale::setDefault(QLocale(language));
        const QStringList found = words::glossaryOf(name);
        QLocale::setDefault(before);
        QCOMPARE(found.size(), begins.size());
        for (qsizetype i = 0; i < found.size(); ++i)
            QVERIFY2(found[i].startsWith(begins[i]), qPrintable(found[i]));
    }

    void figures_data()
    {
        QTest::addColumn<QString>("got");
        QTest::addColumn<QString>("want");
        const Speech grams;
        const Speech ounces(
            {AmountUnit::Ounce, true, QLocale(QLocale::English, QLocale::UnitedStates)});
        const Speech german({AmountUnit::Gram, false, QLocale(QLocale::German, QLocale::Germany)});
        const Speech pounds({AmountUnit::Pound, false, QLocale(QLocale::English)});
        const auto row = [](const char* name, QString got, const char* want) {
            got.replace(QChar(0xA0), QLatin1Char(' '));
            QTest::newRow(name) << got << QString::fromUtf8(want);
        };
        row("grams", grams.mass(1234.56), "1234.6 g");
        row("ounces", ounces.mass(28.349523125), "1.000 oz");
        row("pounds", pounds.mass(453.59237), "1.000 lb");
        row("comma", german.mass(1234.56), "1234,6 g");
        row("fahrenheit", ounces.temperature(38), "100 °F");
        row("celsius", grams.temperature(38), "38 °C");
        row("percent", grams.percent(0.0641), "6.4 %");
        row("below zero", grams.percent(-0.015), "−1.5 %");
        row("no minus nothing", grams.number(-0.0001, 1), "0.0");
        row("edit", german.amountForEditing({12.5, AmountUnit::PercentOfOils}), "12,5 % of oils");
        row("edit whole", grams.amountForEditing({500, AmountUnit::Gram}), "500 g");
        row("rest", grams.amount({0, AmountUnit::Rest}), "the rest");
    }
    // Among words from right to left a figure and its unit keep their order; elsewhere nothing is
    // added, so that what is copied is plain.
    void figuresAmongOtherWords()
    {
        const Speech hebrew({AmountUnit::Gram, false, QLocale(QLocale::Hebrew)});
        QCOMPARE(hebrew.mass(12.5), QStringLiteral("\u206612.5\u00A0g\u2069"));
        QCOMPARE(hebrew.percent(0.06), QStringLiteral("\u20666.0\u00A0%\u2069"));
        QCOMPARE(Speech().mass(12.5), QStringLiteral("12.5\u00A0g"));
        QCOMPARE(Speech().trimmed(10.0), QStringLiteral("10"));
        QCOMPARE(Speech().trimmed(2.50), QStringLiteral("2.5"));
    }

    void figures()
    {
        QFETCH(QString, got);
        QFETCH(QString, want);
        QCOMPARE(got, want);
    }

    // What the editor shows is what the parser reads back.
    void amountsReadBack()
    {
        for (const auto& locale : {QLocale(QLocale::English), QLocale(QLocale::German)}) {
            const Speech speech({AmountUnit::Gram, false, locale});
            for (int unit = 0; unit < int(countOf<AmountUnit>()); ++unit) {
                const StatedAmount amount{unit == int(AmountUnit::Rest) ? 0.0 : 12.625,
                                          static_cast<AmountUnit>(unit)};
                const QString text = speech.amountForEditing(amount);
                const auto back = parseAmount(text.toStdString(), speech.phraseHabits());
                QVERIFY2(std::holds_alternative<StatedAmount>(back), qPrintable(text));
                QVERIFY(std::get<StatedAmount>(back) == amount);
            }
        }
    }

    void everyCodeHasASentence()
    {
        const Speech s;
        for (std::size_t code = 0; code < countOf<RefusalCode>(); ++code)
            QVERIFY(
                whole(words::refusal({static_cast<RefusalCode>(code), 0, "Milk", {0.5, 0.25}}, s)));
        for (std::size_t code = 0; code < countOf<PhraseFault::Code>(); ++code)
            QVERIFY(whole(words::phraseFault({static_cast<PhraseFault::Code>(code), "5x"})));
        for (std::size_t code = 0; code < countOf<FileFault::Code>(); ++code)
            QVERIFY(whole(words::fileFault({static_cast<FileFault::Code>(code), "here", "that"})));
        const Formula f = twoOils();
        for (std::size_t code = 0; code < countOf<CautionCode>(); ++code) {
            const Caution c{static_cast<CautionCode>(code),
                            Severity::Care,
                            Vessel::LyeJug,
                            1,
                            {0.1, 0.2, 0.3, 20},
                            SetFrozen{1, true}};
            QVERIFY(whole(words::cautionTitle(c, f, s)) && whole(words::cautionReason(c, f, s)));
            QVERIFY(whole(words::mendLabel(c, f, s)));
        }
        for (std::size_t kind = 0; kind < countOf<DayMendKind>(); ++kind)
            QVERIFY(whole(words::dayMend({static_cast<DayMendKind>(kind), {}, 5, 7}, f, s)));
    }

    void everyWorkingLineIsWhole()
    {
        RandomFormulas random(31);
        const Speech s;
        QSet<int> rules;
        int sums = 0;
        for (int i = 0; i < 200; ++i) {
            Formula f = random.next(false);
            if (i % 5 == 0)
                f.lye.fixed =
                    FixedHydroxide{Mass::grams(60), Mass::grams(random.chance(0.5) ? 9 : 0)};
            if (i % 7 == 0) {
                auto m = material("Old lye", MaterialKind::Liquid);
                m->part(Part::SodiumHydroxide) = figure(0.1);
                add(f, m, grams(5), Vessel::LyeJug);
            }
            const auto result = reckon(f);
            const auto* r = std::get_if<Reckoning>(&result);
            if (!r)
                continue;
            for (const Step& step : r->working.steps()) {
                rules.insert(int(step.rule));
                QVERIFY2(whole(words::stepTitle(step, f)), codeOf(step.rule));
                const QString sum = words::stepSum(step, r->working, s);
                QVERIFY2(whole(sum), qPrintable(QString(codeOf(step.rule)) + sum));
                // The sum on the page comes out, in its printed digits.
                // One names its unknowns, since two sums depend on each other there.
                const auto right =
                    step.rule == Rule::MakeUpShares ? std::nullopt : PrintedSum::holds(sum);
                QVERIFY2(right.value_or(true), qPrintable(QString(codeOf(step.rule)) + ": " + sum));
                sums += right ? 1 : 0;
            }
            for (const DayStep& step : planDay(f, *r).steps)
                QVERIFY(whole(words::dayStepTitle(step, f)) &&
                        whole(words::dayStepAdvice(step, f, *r, s)));
        }
        QVERIFY(sums > 2000);
        for (int rule = int(Rule::MeasuredMass); rule < int(countOf<Rule>()); ++rule)
            QVERIFY2(rules.contains(rule), codeOf(static_cast<Rule>(rule)));
        for (int rule = 0; rule <= int(Rule::NeutralisationWater); ++rule)
            QVERIFY2(rules.contains(rule), codeOf(static_cast<Rule>(rule)));
    }

    // What is measured in the kitchen shows its sums, too, and they come out.
    void measuredSumsComeOut()
    {
        const auto g = [](double v) { return Mass::grams(v); };
        const Scale scale{0.01};
        const TitrationRun runs[] = {{10, 12}, {10, 12.4}};
        const PurityRun purity[] = {{2.0, 23.1}, {2.1, 24.3}};
        int sums = 0;
        for (const MeasureResult& result :
             {dryDown(g(45.3), g(28.1), g(25), scale),
              refractometerWater(12.5, Temperature::celsius(25), false, 0.023),
              refractometerWater(12.5, Temperature::celsius(20), true, 0.017),
              solutionStrength(true, g(4.1), Interval::exactly(0.98), 1005, scale),
              titratableAcidity(runs, Interval::exactly(0.1013)),
              densityByCup(g(50), g(50 + 99.82), g(50 + 142.3), scale),
              eachWeight(g(71.3), g(20.2), 10, scale),
              hydroxidePurity(purity, citricMonohydrateShare(), true, g(10.1), g(201), scale)}) {
            const auto* measured = std::get_if<Measured>(&result);
            QVERIFY(measured);
            for (const Step& step : measured->working.steps()) {
                // All in the units they are stated in.
                const QString sum = words::stepSum(step, measured->working, Speech())
                                        .remove(QStringLiteral("mmol/100 g"));
                const auto right = PrintedSum::holds(sum);
                QVERIFY2(right.value_or(true), qPrintable(QString(codeOf(step.rule)) + ": " + sum));
                sums += right ? 1 : 0;
            }
        }
        QVERIFY2(sums >= 10, qPrintable(QString::number(sums)));
    }

    void everySchoolIsWhole()
    {
        constexpr int options[] = {3, 3, 2, 2, 2, 2, 2};
        static_assert(std::size(options) == countOf<School>());
        for (std::size_t school = 0; school < countOf<School>(); ++school) {
            const auto s = static_cast<School>(school);
            QVERIFY(whole(words::schoolQuestion(s)) && whole(words::schoolReason(s)));
            QSet<QString> said;
            for (int option = 0; option < options[school]; ++option)
                said.insert(words::schoolOption(s, option));
            QCOMPARE(said.size(), options[school]);
            QVERIFY(!said.contains(QString()));
        }
        QCOMPARE(words::schoolFigures({0, 12.0, 0.0, 30.0, 0.05, 0.3}, Speech()),
                 QStringLiteral("12.0\u00A0g sodium hydroxide, 30.0\u00A0g liquid, true superfat "
                                "5.0\u00A0%, strength 30.0\u00A0%"));
    }

    // Habits are the country's, and each can be set apart.
    void habitsOfTheCountry()
    {
        const auto of = [](QLocale::Language language, QLocale::Country country) {
            return habitsOf(QLocale(language, country));
        };
        const Habits us = of(QLocale::English, QLocale::UnitedStates);
        QCOMPARE(int(us.massUnit), int(AmountUnit::Ounce));
        QVERIFY(us.fahrenheit && us.paper == Paper::Letter);
        const Habits uk = of(QLocale::English, QLocale::UnitedKingdom);
        QCOMPARE(int(uk.massUnit), int(AmountUnit::Gram));
        QVERIFY(!uk.fahrenheit && uk.paper == Paper::A4);
        QVERIFY(of(QLocale::French, QLocale::Canada).paper == Paper::Letter);
        QVERIFY(!of(QLocale::French, QLocale::Canada).fahrenheit);

        QTemporaryDir dir;
        QSettings settings(dir.filePath(QStringLiteral("s.ini")), QSettings::IniFormat);
        const QLocale german(QLocale::German, QLocale::Germany);
        QVERIFY(readHabits(settings, german) == habitsOf(german));
        Habits own = us;
        own.decimalMark = ',';
        own.massUnit = AmountUnit::Pound;
        writeHabits(settings, own);
        QVERIFY(readHabits(settings, us.locale) == own);
        for (const char* key : {"massUnit", "decimalMark", "paper"})
            settings.setValue(QLatin1String(key), QStringLiteral("nonsense"));
        QVERIFY(readHabits(settings, us.locale) == us);

        // The mark that is wanted is written and read, whatever the language's own is.
        const Speech comma(own);
        QCOMPARE(comma.number(0.5, 1), QStringLiteral("0,5"));
        QCOMPARE(std::get<StatedAmount>(parseAmount("1,5 g", comma.phraseHabits())).value, 1.5);
        Habits point = habitsOf(german);
        QCOMPARE(Speech(point).number(0.5, 1), QStringLiteral("0,5"));
        point.decimalMark = '.';
        QCOMPARE(Speech(point).number(0.5, 1), QStringLiteral("0.5"));
        QCOMPARE(Speech(point).phraseHabits().decimalMark, '.');
    }

    void differencesHaveNo32()
    {
        Habits fahrenheit;
        fahrenheit.fahrenheit = true;
        QCOMPARE(Speech().temperatureDifference(6), QStringLiteral("6.0\u00A0\u00B0C"));
        QCOMPARE(Speech(fahrenheit).temperatureDifference(6), QStringLiteral("10.8\u00A0\u00B0F"));
        QCOMPARE(Speech(fahrenheit).temperature(6), QStringLiteral("43\u00A0\u00B0F"));
    }

    void namesWithPlacesAreNotFilled()
    {
        Formula f = twoOils();
        auto odd = std::make_shared<Material>(*f.lines[0].material);
        odd->name = "50 %1 oil";
        f.lines[0].material = odd;
        const auto r = std::get<Reckoning>(reckon(f));
        for (const Step& step : r.working.steps())
            if (step.rule == Rule::FatDemand && step.line == 0)
                QVERIFY(words::stepTitle(step, f).startsWith(QLatin1String("50 %1 oil")));
    }
};

QTEST_GUILESS_MAIN(TestWords)
#include "tst_words.moc"
