// The shelf as a maker uses it: search, measure, keep a jar, make a material, bring one in, and
// find all of it on the bench.
#include <QTest>

#include "app/shelf/figures_editor.h"
#include "app/shelf/import_panel.h"
#include "app/shelf/lot_editor.h"
#include "app/shelf/material_editor.h"
#include "app/shelf/material_view.h"
#include "app/shelf/measure_panel.h"
#include "app/shelf/mix_panel.h"
#include "app/shelf/shelf_list.h"
#include "app/shelf/shelf_page.h"
#include "app/widgets/number_field.h"
#include "support/window.h"

#include <QAbstractItemModelTester>
#include <QComboBox>
#include <QLocale>
#include <QPushButton>
#include <QStackedWidget>
#include <QTextBrowser>

using namespace rhexion;
using namespace rhexion::test;

class TestShelf : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void init()
    {
        shop_ = std::make_unique<Shop>();
        shop_->window->goTo(MainWindow::ShelfPlace);
    }

    void searchesEverything_data()
    {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("first");
        QTest::newRow("a catalogue puree before the raw food") << "quince"
                                                               << "Quince puree, undiluted";
        QTest::newRow("only in the foods table") << "pomelo"
                                                 << "";
        QTest::newRow("pummelo") << "pummelo"
                                 << "Pummelo, raw";
        QTest::newRow("words in any order") << "sheep milk yogurt"
                                            << "Yogurt, sheep's milk";
        QTest::newRow("other names") << "colophony"
                                     << "Rosin";
        QTest::newRow("accents") << "CUPUA\u00C7U"
                                 << "Cupuacu butter";
        QTest::newRow("nothing") << "unobtainium"
                                 << "";
    }
    void searchesEverything()
    {
        QFETCH(QString, text);
        QFETCH(QString, first);
        find(text);
        QCOMPARE(page().list().model()->index(0).data().toString(), first);
        QCOMPARE(page().current() != nullptr, !first.isEmpty());
        if (!first.isEmpty())
            QVERIFY(page().pageText().contains(QStringLiteral("Figures")));
    }

    void filters()
    {
        find({});
        const int all = page().list().model()->rowCount();
        QVERIFY(all > 2300);
        QComboBox* kind = page().list().kindFilter();
        kind->setCurrentIndex(kind->findData(int(MaterialKind::SodiumHydroxide)));
        QCOMPARE(page().list().model()->rowCount(), 10); // both hydroxides
        kind->setCurrentIndex(kind->findData(int(MaterialKind::Wax)));
        QCOMPARE(page().list().model()->rowCount(), 6);
        kind->setCurrentIndex(0);
        QComboBox* origin = page().list().originFilter();
        origin->setCurrentIndex(origin->findData(int(Origin::Food)));
        QCOMPARE(page().list().model()->rowCount(), 2070);
        origin->setCurrentIndex(origin->findData(int(Origin::Own)));
        QCOMPARE(page().list().model()->rowCount(), 0);
    }

    void tellsWhatTenGramsDo()
    {
        find(QStringLiteral("coconut oil"));
        QVERIFY2(page().pageText().contains(QStringLiteral("1.83")), qPrintable(page().pageText()));
        find(QStringLiteral("citric acid monohydrate"));
        QVERIFY(page().pageText().contains(QStringLiteral("5.71"))); // g NaOH per 10 g
        find(QStringLiteral("quinces, raw"));
        QVERIFY(page().pageText().contains(QStringLiteral("not known")));
        find(QStringLiteral("epsom"));
        QVERIFY(page().pageText().contains(QStringLiteral("takes none")));
    }

    // Titrate, keep as a lot, and the bench takes the jar's figures and says so.
    void measuredJarComesToTheBench()
    {
        find(QStringLiteral("apricot puree"));
        page().startMeasuring();
        MeasurePanel* panel = page().measurePanel();
        panel->method()->setCurrentIndex(
            panel->method()->findText(QStringLiteral("Titrate its acids, with a bought solution")));
        QVERIFY(panel->result().contains(QStringLiteral("Fill in")));
        const char* const readings[] = {"0.1", "10", "3.1", "10", "3.3", "10", "3.2"};
        for (std::size_t i = 0; i < std::size(readings); ++i)
            enter(panel->fields()[i], readings[i]);
        QVERIFY2(panel->result().contains(QStringLiteral("3.2")), qPrintable(panel->result()));
        QVERIFY(
            panel->working().contains(QStringLiteral("100 \u00D7 0.1000 mol/l \u00D7 3.10 ml")));
        press(panel, QStringLiteral("Keep it as a new lot"));
        LotEditor* editor = page().lotEditor();
        QCOMPARE(page().pages()->currentWidget(), static_cast<QWidget*>(editor));
        editor->nameField()->setText(QStringLiteral("autumn"));
        editor->save();
        QVERIFY2(editor->complaint().isEmpty(), qPrintable(editor->complaint()));
        QVERIFY(page().pageText().contains(QStringLiteral("autumn (in use)")));
        QVERIFY(page().pageText().contains(QStringLiteral("your lot: Titrated")));
        QVERIFY(page().pageText().contains(QStringLiteral("not counted")));

        shop_->window->goTo(MainWindow::Bench);
        shop_->type("500 g olive oil");
        shop_->type("60 g apricot puree at trace");
        const Line& line = shop_->document().formula().lines.back();
        QCOMPARE(line.material->lot.name, std::string("autumn"));
        QCOMPARE(line.material->titratable->range.typical(), 3.2);
        const QModelIndex row = shop_->list(Vessel::Trace)->model()->index(0, 0);
        QVERIFY(row.data(VesselModel::StatedRole).toString().contains(QStringLiteral("autumn")));
        QVERIFY(
            row.data(Qt::ToolTipRole).toString().contains(QStringLiteral("Titratable acidity")));
        // The file keeps the jar's figures with the formula.
        const auto back = formulaFromJson(formulaToJson(shop_->document().formula()));
        QVERIFY(sameFigures(*std::get<Formula>(back).lines.back().material, *line.material));
        shop_->window->goTo(MainWindow::ShelfPlace);
        QVERIFY(page().pageText().contains(QStringLiteral("On the bench now")));
    }

    void newerJarIsOffered()
    {
        shop_->window->goTo(MainWindow::Bench);
        shop_->type("500 g olive oil");
        const double before = shop_->reckoning().sodium.weighedGrams;
        shop_->window->goTo(MainWindow::ShelfPlace);
        find(QStringLiteral("olive oil"));
        page().newLot();
        FiguresEditor* figures = page().lotEditor()->figures();
        figures->choice()->setCurrentIndex(figures->choice()->findData(QStringLiteral("sv")));
        figures->addChosen();
        FiguresModel& model = figures->model();
        QVERIFY(model.setData(model.index(0, FiguresModel::Typical), QStringLiteral("185"),
                              Qt::EditRole));
        page().lotEditor()->save();
        QVERIFY(shop_->offer().text().contains(QStringLiteral("newest lot")));
        press(&shop_->offer(), QStringLiteral("Take the newest figures"));
        const double after = shop_->reckoning().sodium.weighedGrams;
        QVERIFY(std::abs(after / before - 185.0 / 190.0) < 1e-9);
        shop_->document().history().undo(); // one step
        QCOMPARE(shop_->reckoning().sodium.weighedGrams, before);
    }

    void lotRefusesWhatCannotBe()
    {
        find(QStringLiteral("buttermilk"));
        page().newLot();
        LotEditor* editor = page().lotEditor();
        FiguresModel& model = editor->figures()->model();
        model.add("water", {});
        editor->save();
        QVERIFY(editor->complaint().contains(QStringLiteral("no figure yet")));
        model.setData(model.index(0, FiguresModel::Typical), QStringLiteral("90"), Qt::EditRole);
        editor->save();
        QVERIFY(editor->complaint().contains(QStringLiteral("where the figure is from")));
        model.setData(model.index(0, FiguresModel::From), QStringLiteral("label"), Qt::EditRole);
        model.setData(model.index(0, FiguresModel::Low), QStringLiteral("95"), Qt::EditRole);
        editor->save();
        QVERIFY(editor->complaint().contains(QStringLiteral("rise in that order")));
        QVERIFY(!model.setData(model.index(0, FiguresModel::Low), QStringLiteral("ninety"),
                               Qt::EditRole));
        model.setData(model.index(0, FiguresModel::Low), QStringLiteral("89"), Qt::EditRole);
        model.put({"fat", Interval::exactly(0.3), "label"});
        editor->save();
        QVERIFY(editor->complaint().contains(QStringLiteral("more than 100")));
        QVERIFY(stock().shelf()->lots().empty());
    }

    void purityOfTheDrumReachesTheLye()
    {
        shop_->window->goTo(MainWindow::Bench);
        shop_->type("500 g olive oil");
        shop_->window->goTo(MainWindow::ShelfPlace);
        find(QStringLiteral("potassium hydroxide, 90"));
        page().startMeasuring();
        MeasurePanel* panel = page().measurePanel();
        QCOMPARE(panel->method()->currentText(), QStringLiteral("Purity, by citric acid"));
        const char* const readings[] = {"10", "200", "0.01", "2", "36.2", "2", "36.1"};
        const int fields[] = {0, 1, 3, 4, 5, 6, 7};
        for (std::size_t i = 0; i < std::size(readings); ++i)
            enter(panel->fields()[std::size_t(fields[i])], readings[i]);
        QVERIFY2(panel->result().contains(QStringLiteral("88.6")), qPrintable(panel->result()));
        press(panel, QStringLiteral("Keep it as a new lot"));
        page().lotEditor()->save();
        press(&shop_->offer(), QStringLiteral("Take the newest figures"));
        const MaterialPtr koh = shop_->document().formula().lye.potassium;
        QVERIFY(std::abs(koh->part(Part::PotassiumHydroxide).range.typical() - 0.886) < 1e-3);
        // A fresh formula begins with that drum, and another can be chosen by typing its name.
        shop_->document().history().setClean(); // or it would ask whether to save
        shop_->window->files().newFormula();
        QVERIFY(!shop_->document().formula().lye.potassium->lot.id.empty());
        shop_->window->goTo(MainWindow::Bench);
        shop_->type("sodium hydroxide, pearls");
        QCOMPARE(shop_->document().formula().lye.sodium->id,
                 std::string("sodium-hydroxide-pearls"));
    }

    void ownMaterials()
    {
        page().newMaterial();
        MaterialEditor* editor = page().materialEditor();
        editor->nameField()->clear();
        editor->save();
        QVERIFY(editor->complaint().contains(QStringLiteral("name")));
        editor->nameField()->setText(QStringLiteral("Badger fat"));
        editor->kindField()->setCurrentIndex(editor->kindField()->findData(int(MaterialKind::Fat)));
        FiguresModel& model = editor->figures()->model();
        model.put({"fat", Interval::exactly(1.0), "an oil is all fat"});
        editor->save();
        QVERIFY(editor->complaint().contains(QStringLiteral("saponification")));
        model.put({"sv", *Interval::of(193, 198, 203), "my book"});
        editor->save();
        QVERIFY2(editor->complaint().isEmpty(), qPrintable(editor->complaint()));
        QCOMPARE(page().current()->id, std::string("own-badger-fat"));
        shop_->open(); // after a restart it is still there
        shop_->type("300 g badger fat");
        QCOMPARE(shop_->document().formula().lines.back().material->sv->range.typical(), 198.0);
        shop_->window->goTo(MainWindow::ShelfPlace);
        find(QStringLiteral("badger"));
        QCOMPARE(page().view().archiveAction()->text(), QStringLiteral("Put it away"));
        page().view().archiveAction()->trigger();
        find(QStringLiteral("badger"));
        QCOMPARE(page().list().model()->rowCount(), 0);
        page().list().originFilter()->setCurrentIndex(page().list().originFilter()->findData(-2));
        QCOMPARE(page().list().model()->rowCount(), 1);
        page().pageText();
        QCOMPARE(page().view().archiveAction()->text(), QStringLiteral("Take it out again"));
        page().view().archiveAction()->trigger();
        page().list().originFilter()->setCurrentIndex(0);
        find(QStringLiteral("badger"));
        QCOMPARE(page().list().model()->rowCount(), 1);
    }

    void copyOfACatalogueMaterial()
    {
        find(QStringLiteral("shea butter"));
        page().copyAsOwn();
        page().materialEditor()->nameField()->setText(QStringLiteral("Shea, my co-op"));
        page().materialEditor()->save();
        const Material& copy = *page().current();
        QCOMPARE(copy.id, std::string("own-shea-my-co-op"));
        QCOMPARE(copy.fattyAcids.size(), std::size_t(5));
        QVERIFY(copy.sv->range == stock().plain("shea-butter")->sv->range);
        QVERIFY(!copy.behaviours.empty());
        // Changed in place it stays the same material; copied again it is another.
        page().changeOwn();
        page().materialEditor()->figures()->model().put(
            {"sv", Interval::exactly(175), "certificate"});
        page().materialEditor()->save();
        QCOMPARE(page().current()->id, std::string("own-shea-my-co-op"));
        QCOMPARE(page().current()->sv->range.typical(), 175.0);
        page().copyAsOwn();
        page().materialEditor()->save();
        QCOMPARE(page().current()->id, std::string("own-shea-my-co-op-another"));
        QCOMPARE(stock().shelf()->materials().size(), std::size_t(2));
    }

    // "I cooked 300 g pears with 120 g water": a material of its own, with a lot of what is left.
    void cookedMixture()
    {
        find(QStringLiteral("pear puree"));
        page().startMixing();
        MixPanel* mix = page().mixPanel();
        enter(mix->gramsField(0), "300");
        enter(mix->gramsField(1), "120");
        enter(mix->endField(), "350");
        const double dry =
            300 * (1 - stock().plain("pear-puree")->part(Part::Water).range.typical());
        const QString water = QLocale::c().toString(100 * (1 - dry / 350), 'f', 1);
        QVERIFY2(mix->result().contains(water), qPrintable(mix->result()));
        enter(mix->endField(), "500");
        QVERIFY(mix->result().contains(QStringLiteral("heavier")));
        enter(mix->endField(), "350");
        mix->nameField()->setText(QStringLiteral("Cooked pear"));
        mix->keep();
        QCOMPARE(page().current()->name, std::string("Cooked pear"));
        const LotRecord* lot = stock().shelf()->openLotOf("own-cooked-pear");
        QVERIFY(lot && lot->homeMade && lot->leftGrams == 350.0);
    }

    void spoonsAreWeighed()
    {
        find(QStringLiteral("kaolin"));
        page().startMeasuring();
        MeasurePanel* panel = page().measurePanel();
        panel->method()->setCurrentIndex(
            panel->method()->findText(QStringLiteral("What a spoon, cup or drop weighs")));
        enter(panel->fields()[3], "27.4");
        QVERIFY2(panel->result().contains(QStringLiteral("2.74")), qPrintable(panel->result()));
        press(panel, QStringLiteral("Keep it as a new lot"));
        page().lotEditor()->save();
        QVERIFY(page().pageText().contains(QStringLiteral("1 tsp = 2.7")));
    }

    void bringInAndWriteOut()
    {
        const QString path = shop_->dir.filePath(QStringLiteral("mine.csv"));
        QVERIFY(put(path, "name,kind,water %,fat %,sv,source\n"
                          "Oat cream,milk,80,\"13,5\",190,label\n"
                          "=Danger,solid,,,,label\n"
                          "Bad cream,milk,80,40,190,label\n"
                          "No kind,fish,,,,\n"));
        page().importFile(path);
        ImportPanel* panel = page().importPanel();
        QCOMPARE(page().pages()->currentWidget(), static_cast<QWidget*>(panel));
        QCOMPARE(panel->goodRows(), 2);
        QVERIFY(panel->rowText(2).contains(QStringLiteral("more than 100")));
        QVERIFY(panel->rowText(3).contains(QStringLiteral("fish")));
        QVERIFY(stock().shelf()->materials().empty()); // nothing is kept yet
        panel->keep();
        QCOMPARE(stock().shelf()->materials().size(), std::size_t(2));
        const QString out = shop_->dir.filePath(QStringLiteral("out.csv"));
        QVERIFY(page().exportTo(out));
        QVERIFY(bytesOf(out).contains("'=Danger"));
        page().importFile(out);
        QCOMPARE(panel->goodRows(), 2);
        QVERIFY(panel->rowText(0).contains(QStringLiteral("takes the place")));
        panel->keep();
        QCOMPARE(stock().shelf()->materials().size(), std::size_t(2));
        QVERIFY(stock().shelf()->findMaterial("own-danger")->material->name == "=Danger");
        const QString json = shop_->dir.filePath(QStringLiteral("out.json"));
        QVERIFY(page().exportTo(json));
        page().importFile(json);
        QCOMPARE(panel->goodRows(), 2);
    }

    void badFilesChangeNothing_data()
    {
        QTest::addColumn<QByteArray>("bytes");
        QTest::addColumn<QString>("said");
        QTest::newRow("cut JSON") << QByteArray("{\"format\":\"rhexion-cat")
                                  << "damaged or cut short";
        QTest::newRow("wrong encoding")
            << QByteArray("name,kind\nCr\xE8me,milk") << "Line 2 is not UTF-8";
        QTest::newRow("open quote") << QByteArray("name,kind\n\"Pear,milk") << "never closes";
        QTest::newRow("a formula") << QByteArray("{\"format\":\"rhexion-formula\",\"version\":2}")
                                   << "not a Rhexion file of this kind";
    }
    void badFilesChangeNothing()
    {
        QFETCH(QByteArray, bytes);
        QFETCH(QString, said);
        const QString path = shop_->dir.filePath(QStringLiteral("bad"));
        QVERIFY(put(path, bytes));
        page().importFile(path);
        QVERIFY2(shop_->window->banner().text().contains(said),
                 qPrintable(shop_->window->banner().text()));
        QVERIFY(page().pages()->currentWidget() != page().importPanel());
        QVERIFY(stock().shelf()->materials().empty());
    }

    // A shelf that cannot be opened is said, and the catalogue still serves.
    void brokenShelfFile()
    {
        shop_->window.reset();
        QVERIFY(put(shop_->dir.filePath(QStringLiteral("shelf.sqlite")), QByteArray(5000, 'x')));
        shop_->open();
        shop_->window->goTo(MainWindow::ShelfPlace);
        QVERIFY(shop_->said().contains(QStringLiteral("cannot be opened")));
        find(QStringLiteral("olive oil"));
        QVERIFY(page().current());
        page().newMaterial();
        page().newLot();
        page().importFile(QStringLiteral("nowhere.csv"));
        shop_->window->goTo(MainWindow::Bench);
        shop_->type("500 g olive oil");
        QCOMPARE(shop_->document().formula().lines.size(), std::size_t(2));
    }

    void byKeyboard()
    {
        QTest::keyClick(shop_->window.get(), Qt::Key_5, Qt::ControlModifier);
        QLineEdit* search = page().list().searchField();
        QVERIFY(search->hasFocus());
        search->clear();
        QTest::keyClicks(search, QStringLiteral("cow's milk"));
        QTest::keyClick(search, Qt::Key_Down);
        QCOMPARE(page().list().list()->currentIndex().row(), 1);
        const QString name = QString::fromStdString(page().current()->name);
        QTest::keyClick(search, Qt::Key_Return);
        QLineEdit* typing = shop_->window->bench().typing()->field();
        QVERIFY(typing->hasFocus());
        QTest::keyClicks(typing, QStringLiteral("100 g"));
        QTest::keyClick(typing, Qt::Key_Return);
        const Line& line = shop_->document().formula().lines.back();
        QCOMPARE(QString::fromStdString(line.material->name), name);
        QCOMPARE(line.amount.value, 100.0);
    }

    void foodsAreTyped()
    {
        shop_->window->goTo(MainWindow::Bench);
        shop_->type("400 g olive oil");
        shop_->type("80 g pummelo");
        const Line& line = shop_->document().formula().lines.back();
        QCOMPARE(line.material->id, std::string("sr24-09295"));
        QCOMPARE(int(line.vessel), int(Vessel::Trace));
        QVERIFY(shop_->reckoning().acidMol > 0.0);
        shop_->type("80 g abiyuch");
        const auto& cautions = shop_->reckoning().cautions;
        QVERIFY(std::ranges::find(cautions, CautionCode::AcidityNotKnown, &Caution::code) !=
                cautions.end());
    }

    void modelsHold()
    {
        const QAbstractItemModelTester list(page().list().model(),
                                            QAbstractItemModelTester::FailureReportingMode::QtTest);
        FiguresModel model;
        const QAbstractItemModelTester figures(
            &model, QAbstractItemModelTester::FailureReportingMode::QtTest);
        find(QStringLiteral("milk"));
        QVERIFY(model.add("sv", QStringLiteral("x")).isValid() && !model.add("sv", {}).isValid());
        model.put({"iodine", Interval::exactly(80), "x"});
        model.remove(0);
        QCOMPARE(model.rowCount(), 1);
    }

private:
    ShelfPage& page() { return shop_->window->shelfPage(); }
    Stock& stock() { return shop_->window->stock(); }
    void find(const QString& text)
    {
        page().list().searchField()->setText(text);
        page().pageText(); // as after a pause
    }
    static void enter(QWidget* field, const char* text)
    {
        field->setFocus();
        auto* line = qobject_cast<QLineEdit*>(field);
        line->selectAll();
        QTest::keyClicks(line, QString::fromUtf8(text));
        QTest::keyClick(line, Qt::Key_Return);
    }
    static void press(QWidget* in, const QString& text)
    {
        for (QPushButton* button : in->findChildren<QPushButton*>())
            if (button->text() == text) {
                button->click();
                return;
            }
        QFAIL(qPrintable(QStringLiteral("no button ") + text));
    }

    std::unique_ptr<Shop> shop_;
};

QTEST_MAIN(TestShelf)
#include "tst_shelf.moc"
