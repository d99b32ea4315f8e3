// Another language at once: windows, formulas, the batch in the making and the shelf go on, and
// what was written in one language opens in the other.
#include <QTest>

#include "app/windows.h"
#include "core/materials/search.h"
#include "storage/catalogue.h"
#include "storage/formula_json.h"
#include "storage/material_names.h"
#include "support/window.h"
#include "words/translation.h"

#include <QMenu>
#include <QMenuBar>
#include <QTemporaryDir>

using namespace rhexion;
using namespace rhexion::test;

namespace {

const QString german = QStringLiteral("de");
const QString english = QStringLiteral("en");

void type(MainWindow& window, const char* text)
{
    QLineEdit* field = window.bench().typing()->field();
    field->setFocus();
    field->clear();
    field->insert(QString::fromUtf8(text)); // keyClicks knows ASCII alone
    QTest::keyClick(field, Qt::Key_Return);
}

QString firstMenu(const MainWindow& window)
{
    return window.menuBar()->actions().value(0)->text();
}

} // namespace

class TestLanguage : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;

private Q_SLOTS:
    void initTestCase()
    {
        QSettings::setDefaultFormat(QSettings::IniFormat);
        QSettings::setPath(QSettings::IniFormat, QSettings::UserScope, dir_.path());
        loadShippedFonts();
        speakLanguage(*qApp, english);
    }
    void cleanup() { speakLanguage(*qApp, english); }

    // Another language moves words and nothing else.
    void onlyWordsMove_data()
    {
        QTest::addColumn<QString>("system");
        for (const char* system : {"de_DE", "en_US", "en_GB", "de_CH", "C"})
            QTest::newRow(system) << QString::fromLatin1(system);
    }
    void onlyWordsMove()
    {
        QFETCH(QString, system);
        QSettings().clear();
        QLocale::setDefault(system == QLatin1String("C") ? QLocale::c() : QLocale(system));
        QTemporaryDir data;
        Workshop workshop(Places{data.path(), false},
                          [] { return QDateTime::currentDateTimeUtc(); });
        Windows windows(workshop);
        windows.open()->show();
        const auto units = [&] {
            const Habits now = windows.all()[0]->speech().habits();
            return std::tuple(now.massUnit, now.fahrenheit, now.paper);
        };
        const auto before = units();
        QCOMPARE(std::get<0>(before) == AmountUnit::Ounce, system == QLatin1String("en_US"));
        for (const QString& language : {english, german, english}) {
            Q_EMIT workshop.languageWanted(language);
            QVERIFY(units() == before);
            QTest::qWait(1);
        }
    }

    // A batch in the making keeps the unit it began in, even where the maker chooses another.
    void aBatchKeepsItsUnit()
    {
        QSettings().clear();
        QTemporaryDir data;
        Workshop workshop(Places{data.path(), false},
                          [] { return QDateTime::currentDateTimeUtc(); });
        Windows windows(workshop);
        MainWindow* window = windows.open({}, demo(demoNames[0]));
        window->show();
        Habits habits = window->speech().habits();
        habits.massUnit = AmountUnit::Gram;
        window->setHabits(habits);
        window->makeBatch();
        MakePage& make = window->making();
        while (!make.batch()->plan().steps[std::size_t(make.batch()->step())].weighs())
            make.batch()->goTo(make.batch()->step() + 1);
        const int step = make.batch()->step();
        habits.massUnit = AmountUnit::Ounce;
        window->setHabits(habits);
        QVERIFY(window->banner().text().contains(QLatin1String("unit it began in")));
        make.weighedField()->setText(QStringLiteral("45"));
        make.weighedField()->setModified(true);
        QTest::keyClick(make.weighedField(), Qt::Key_Return);
        QCOMPARE(*make.batch()->weighedAt(step), 45.0);
    }

    void everythingGoesOn()
    {
        QTemporaryDir data;
        Workshop workshop(Places{data.path(), false},
                          [] { return QDateTime::currentDateTimeUtc(); });
        Windows windows(workshop);
        MainWindow* first = windows.open();
        first->show();
        first->loadStock();
        type(*first, "500 g lard");
        type(*first, "rest water");
        FormulaDocument* document = &first->document();
        QCOMPARE(document->history().count(), 2);
        first->makeBatch();
        const QString batch = first->making().batch()->batch();
        MainWindow* second = windows.open();
        second->show();
        second->goTo(MainWindow::ShelfPlace);

        Q_EMIT workshop.languageWanted(german);
        QCOMPARE(Windows::chosenLanguage(), german);
        const QList<MainWindow*> all = windows.all();
        QCOMPARE(all.size(), 2);
        QVERIFY(!all.contains(first) && !all.contains(second));
        QCOMPARE(&all[0]->document(), document);
        QCOMPARE(document->history().count(), 2);
        QVERIFY(document->isDirty());
        QVERIFY(firstMenu(*all[0]).contains(QStringLiteral("Datei")));
        QVERIFY(all[0]->making().batch());
        QCOMPARE(all[0]->making().batch()->batch(), batch);
        QVERIFY(workshop.isBeingMade(batch));
        QTest::qWait(50); // the old ones go
        QVERIFY(workshop.isBeingMade(batch));
        document->history().undo();
        QCOMPARE(document->formula().lines.size(), std::size_t(2));
        document->history().redo();

        // Typed and found in German, kept in English.
        all[1]->goTo(MainWindow::Bench);
        type(*all[1], "120 g Buttermilch gefroren in den Krug");
        type(*all[1], "2 EL Honig beim Zeichnen");
        type(*all[1], "0,5 kg Schweineschmalz");
        const Formula& f = all[1]->document().formula();
        const auto line = [&](const char* id) {
            const auto found =
                std::ranges::find_if(f.lines, [&](const Line& l) { return l.material->id == id; });
            return found == f.lines.end() ? nullptr : &*found;
        };
        QVERIFY(line("buttermilk") && line("honey") && line("lard"));
        QVERIFY(line("buttermilk")->frozen);
        QCOMPARE(int(line("buttermilk")->vessel), int(Vessel::LyeJug));
        QCOMPARE(int(line("honey")->vessel), int(Vessel::Trace));
        QCOMPARE(int(line("honey")->amount.unit), int(AmountUnit::Tablespoon));
        QCOMPARE(line("lard")->amount.value, 0.5);
        QCOMPARE(line("lard")->material->name, "Lard");
        QVERIFY(workshop.stock().find(QStringLiteral("Schweineschmalz")).size() > 0);
        const QByteArray written = formulaToJson(f);

        Q_EMIT workshop.languageWanted(english);
        QVERIFY(firstMenu(*windows.all()[0]).contains(QStringLiteral("File")));
        const auto read = formulaFromJson(written);
        QVERIFY(std::holds_alternative<Formula>(read));
        QVERIFY(std::get<Formula>(read) == windows.all()[1]->document().formula());
    }

    // In each menu a letter means one thing, in English and in German.
    void lettersOfMenus_data()
    {
        QTest::addColumn<QString>("language");
        QTest::newRow("English") << english;
        QTest::newRow("German") << german;
    }
    void lettersOfMenus()
    {
        QFETCH(QString, language);
        QSettings().clear();
        QTemporaryDir data;
        Workshop workshop(Places{data.path(), false},
                          [] { return QDateTime::currentDateTimeUtc(); });
        Windows windows(workshop);
        windows.open();
        Q_EMIT workshop.languageWanted(language);
        QStringList twice;
        const std::function<void(const QList<QAction*>&, const QString&)> look =
            [&](const QList<QAction*>& actions, const QString& menu) {
                QHash<QString, QString> seen;
                for (QAction* action : actions) {
                    const QString letter = QKeySequence::mnemonic(action->text()).toString();
                    if (!letter.isEmpty() && seen.contains(letter))
                        twice << menu + QLatin1String(": ") + seen.value(letter) + " = " +
                                     action->text();
                    if (!letter.isEmpty())
                        seen.insert(letter, action->text());
                    if (action->menu())
                        look(action->menu()->actions(), action->text());
                }
            };
        look(windows.all()[0]->menuBar()->actions(), QStringLiteral("bar"));
        QVERIFY2(twice.isEmpty(), qPrintable(twice.join(QStringLiteral("; "))));
    }

    // What a maker types in German, and what it is understood as: "ca. 3 Prise Safran".
    void typedInGerman_data()
    {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("material");
        QTest::addColumn<int>("unit");
        QTest::addColumn<int>("vessel"); // -1: where it belongs
        using U = AmountUnit;
        const auto row = [](const char* text, const char* material, U unit, int vessel = -1) {
            QTest::newRow(text) << QString::fromUtf8(text) << QString::fromLatin1(material)
                                << int(unit) << vessel;
        };
        row("500 g Olivenöl", "olive-oil", U::Gram);
        row("1 Pfund Rindertalg", "tallow", U::Gram);
        row("Rest Wasser in den Krug", "water", U::Rest, int(Vessel::LyeJug));
        row("3 % Zitronensäure-Monohydrat", "citric-acid-monohydrate", U::PercentOfOils);
        row("2 gehäufte EL Haferflocken obenauf", "oat-flakes", U::TablespoonHeaped,
            int(Vessel::Top));
        row("1 TL Kurkuma beim Zeichnen", "turmeric-powder", U::Teaspoon, int(Vessel::Trace));
        row("eine halbe Tasse Kokosmilch, Dose", "coconut-milk", U::Cup);
        row("20 Tropfen Lavendelöl nach dem Kochen", "lavender-essential-oil", U::Drop,
            int(Vessel::AfterCook));
        row("2 Eier", "egg-whole", U::Piece);
        row("1 Prise Safran", "saffron", U::Teaspoon);
    }
    void typedInGerman()
    {
        QFETCH(QString, text);
        QFETCH(QString, material);
        QFETCH(int, unit);
        QFETCH(int, vessel);
        speakLanguage(*qApp, german);
        QTemporaryDir data;
        Workshop workshop(Places{data.path(), false},
                          [] { return QDateTime::currentDateTimeUtc(); });
        MainWindow window(workshop);
        window.loadStock();
        const std::size_t before = window.document().formula().lines.size();
        type(window, text.toUtf8().constData());
        const Formula& f = window.document().formula();
        const auto found = std::ranges::find_if(
            f.lines, [&](const Line& l) { return l.material->id == material.toStdString(); });
        QVERIFY2(found != f.lines.end(),
                 f.lines.size() > before ? f.lines.back().material->id.c_str() : "nothing");
        QCOMPARE(int(found->amount.unit), unit);
        if (vessel >= 0)
            QCOMPARE(int(found->vessel), vessel);
    }
};

QTEST_MAIN(TestLanguage)
#include "tst_language.moc"
