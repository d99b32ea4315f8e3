// The panels of formulating in the real window: each moved as a hand does, its figures against the
// core's, and every change taken back by undo.
#include "app/bench/vessel_panel.h"
#include "app/formulating/blend_panel.h"
#include "app/formulating/compare_panel.h"
#include "app/formulating/formulating_panels.h"
#include "app/formulating/mould_editor.h"
#include "app/formulating/mould_panel.h"
#include "app/formulating/pace_panel.h"
#include "app/formulating/pace_picture.h"
#include "app/formulating/recipe_window.h"
#include "app/formulating/scent_panel.h"
#include "app/formulating/water_panel.h"
#include "app/formulating/wishes_panel.h"
#include "app/widgets/number_field.h"
#include "app/widgets/page_browser.h"
#include "core/making/blend.h"
#include "support/window.h"
#include "words/start_words.h"

#include <QCheckBox>
#include <QClipboard>
#include <QComboBox>
#include <QLabel>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QRegularExpression>
#include <QSlider>

using namespace rhexion;
using namespace rhexion::test;

class TestFormulating : public QObject {
    Q_OBJECT
    std::unique_ptr<Shop> shop_;

    template <class Panel>
    Panel& panel(Topic topic)
    {
        shop_->window->bench().showTopic(topic);
        return *shop_->window->formulating().as<Panel>(topic);
    }
    static QString textOf(const TopicPanel& panel) { return panel.page()->toPlainText(); }
    static void type(NumberField* field, const char* text)
    {
        field->setFocus();
        field->selectAll();
        QTest::keyClicks(field, QString::fromLatin1(text));
        QTest::keyClick(field, Qt::Key_Return);
    }
    static void press(const TopicPanel& panel, const QString& code)
    {
        QVERIFY2(panel.page()->toHtml().contains("do:" + code.toHtmlEscaped()),
                 qPrintable(code + "\n" + panel.page()->toPlainText()));
        Q_EMIT panel.page()->anchorClicked(QUrl("do:" + code));
    }
    const Formula& formula() { return shop_->document().formula(); }
    double grams(const char* oil)
    {
        for (std::size_t i = 0; i < formula().lines.size(); ++i)
            if (formula().lines[i].material->id == oil)
                return shop_->reckoning().lines[i].grams;
        return -1.0;
    }

private Q_SLOTS:
    void init()
    {
        shop_ = std::make_unique<Shop>();
        shop_->window->loadStock();
        shop_->document().reset(words::startFormula(StartingPoint::HardWater), {});
    }
    void cleanup() { shop_.reset(); }

    void blend()
    {
        auto& p = panel<BlendPanel>(Topic::Blend);
        const Blend b = std::get<Blend>(blendOf(formula(), shop_->reckoning()));
        const double share = b[AcidGroup::LauricMyristic].share.typical();
        QVERIFY(textOf(p).contains(QString::number(std::lround(share * 100)) + " %"));
        QVERIFY(textOf(p).contains("Lauric and myristic"));
        // It follows the formula, and copies as text.
        shop_->document().apply(RemoveLine{formula().lines[0].id}, "less");
        QVERIFY(!textOf(p).contains("Babassu"));
        for (QAction* action : p.findChildren<QAction*>())
            if (action->text() == "Copy as text")
                action->trigger();
        QVERIFY(QApplication::clipboard()->text().contains("Iodine value"));
    }

    // A mould is typed, kept, used, filled and taken away; a bad one is refused with what is wrong.
    void mould()
    {
        auto& p = panel<MouldPanel>(Topic::Mould);
        shop_->document().apply(SetMoulds{{}}, "none");
        p.newMould()->click();
        QVERIFY(p.editor()->isVisible());
        type(p.editor()->size(0), "24");
        type(p.editor()->size(1), "8");
        p.editor()->keep()->click();
        QVERIFY(p.editor()->isVisible() && formula().moulds.empty());
        QStringList said;
        for (QLabel* label : p.editor()->findChildren<QLabel*>())
            said << label->text();
        QVERIFY2(said.join(' ').contains("cannot be nothing: the height"),
                 qPrintable(said.join(' ')));
        type(p.editor()->size(2), "7");
        p.editor()->keep()->click();
        QVERIFY(!p.editor()->isVisible());
        QCOMPARE(formula().moulds.size(), std::size_t(1));
        QCOMPARE(std::get<Loaf>(formula().moulds[0].mould.shape).length, 240.0);
        QCOMPARE(p.shelf()->count(), 2); // kept for other formulas too
        p.fill()->click();
        const MouldFit fit = std::get<MouldFit>(fitMoulds(formula(), shop_->reckoning()));
        QVERIFY(std::abs(fit.levels[0].millilitres[1] - 1344.0) < 0.1);
        QVERIFY(textOf(p).contains("7.0 cm"));
        shop_->document().history().undo();
        QVERIFY(shop_->reckoning().oilsGrams < 601);
        // Ten bars of 90 g after cure.
        type(p.bars(), "10");
        p.findChild<NumberField*>(); // the weight stands beside it
        for (NumberField* field : p.findChildren<NumberField*>())
            if (field->accessibleName() == "A bar weighs, cured")
                type(field, "90");
        p.scaleToBars()->click();
        const double cured = shop_->reckoning().batterGrams * (1 - residueTypical) *
                             (1 - cureLoss(shop_->reckoning()).typical());
        QVERIFY2(std::abs(cured - 900) < 0.1, qPrintable(QString::number(cured)));
        // And to what is left of one oil.
        p.leftOf()->setCurrentIndex(0);
        type(p.left(), "150");
        p.scaleToLeft()->click();
        const double first = shop_->reckoning().find(formula().lines.front().id)->grams;
        QVERIFY2(std::abs(first - 150) < 0.05, qPrintable(QString::number(first)));
        press(p, "drop-0");
        QVERIFY(formula().moulds.empty());
        shop_->document().history().undo();
        QCOMPARE(formula().moulds.size(), std::size_t(1));
    }

    // In a narrow window, too, fields keep their height and lie over no other; vessels' names are
    // whole beside a panel.
    void roomForAll()
    {
        shop_->document().reset(demo(demoNames[3]), {});
        for (const QSize size : {QSize(1280, 740), QSize(1024, 700)}) {
            shop_->window->resize(size);
            auto& p = panel<ScentPanel>(Topic::Scent);
            QTest::qWait(50);
            QList<QWidget*> fields;
            for (QWidget* field : p.findChildren<QWidget*>())
                if (field->isVisible() &&
                    (qobject_cast<QComboBox*>(field) || qobject_cast<QLineEdit*>(field)) &&
                    !qobject_cast<QComboBox*>(field->parentWidget()))
                    fields << field;
            QVERIFY(fields.size() > 6);
            for (const QWidget* a : fields) {
                QVERIFY2(a->height() >= a->sizeHint().height(), qPrintable(a->accessibleName()));
                for (const QWidget* b : fields)
                    QVERIFY2(a == b || a->parentWidget() != b->parentWidget() ||
                                 !a->geometry().intersects(b->geometry()),
                             qPrintable(a->accessibleName()));
            }
            if (size.width() < 1280)
                continue;
            for (const VesselPanel* vessel : shop_->window->bench().findChildren<VesselPanel*>())
                if (vessel->isVisible())
                    QVERIFY2(vessel->width() >= vessel->widthLeast(),
                             qPrintable(vessel->accessibleName()));
        }
    }

    // A limit typed from a certificate binds; the lower figure is one press and undone by one.
    void scent()
    {
        shop_->type("5 % lavender essential oil");
        auto& p = panel<ScentPanel>(Topic::Scent);
        QVERIFY(textOf(p).contains("not known"));
        QCOMPARE(p.which()->currentText().left(8), QStringLiteral("Lavender"));
        p.whose()->setCurrentIndex(int(ScentLimit::Whose::Supplier));
        type(p.limit(), "3");
        p.limitBasis()->setCurrentIndex(int(ScentBasis::BatterWhole));
        p.keepLimit()->click();
        QVERIFY2(textOf(p).contains("More scent than a limit allows"), qPrintable(textOf(p)));
        const LineId line = formula().lines.back().id;
        const double before = grams("lavender-essential-oil");
        static const QRegularExpression lower("do:(lower-[^'\"]+)");
        const auto found = lower.match(p.page()->toHtml());
        QVERIFY(found.hasMatch());
        Q_EMIT p.page()->anchorClicked(QUrl("do:" + found.captured(1)));
        const double after = grams("lavender-essential-oil");
        const double share = after / shop_->reckoning().batterGrams;
        QVERIFY2(after < before && share <= 0.03 && share > 0.0299,
                 qPrintable(QString::number(share)));
        QVERIFY(textOf(p).contains("Within the limits"));
        shop_->document().history().undo();
        QVERIFY(std::abs(grams("lavender-essential-oil") - before) < 1e-9);
        QVERIFY(formula().find(line)->amount.unit == AmountUnit::PercentOfOils);
        // Another kind of product is another category: the limit is never used for it.
        p.product()->setCurrentIndex(int(ProductKind::Baby));
        Q_EMIT p.product()->activated(int(ProductKind::Baby));
        QVERIFY(textOf(p).contains("No limit is written down"));
        // Allergens by certificate; what is not understood is named.
        p.certificate()->setFocus();
        QTest::keyClicks(p.certificate(), "linalool 30-40, limonene up to 3");
        QTest::keyClick(p.certificate(), Qt::Key_Return);
        QVERIFY2(textOf(p).contains("linalool") && textOf(p).contains("name it"),
                 qPrintable(textOf(p)));
        p.certificate()->selectAll();
        QTest::keyClicks(p.certificate(), "linalool lots");
        QTest::keyClick(p.certificate(), Qt::Key_Return);
        QVERIFY(textOf(p).contains("linalool"));
        // A jar of her own, blended beforehand, is bound by what is in it.
        Material jar;
        jar.id = "dune-jar";
        jar.name = "Dune jar";
        jar.kind = MaterialKind::Scent;
        Line own = formula().lines.back();
        own.id = formula().lines.back().id + 1;
        own.material = std::make_shared<const Material>(jar);
        own.amount = {20.0, AmountUnit::Gram};
        QVERIFY(!p.parts()->isVisible());
        shop_->document().apply(AddLine{own, 99}, "jar");
        p.which()->setCurrentIndex(p.which()->findText("Dune jar"));
        Q_EMIT p.which()->activated(p.which()->currentIndex());
        QVERIFY(p.parts()->isVisible() && p.certificate()->text().isEmpty());
        for (const char* bad : {"lavender essential oil", "old boots 60"}) {
            p.parts()->selectAll();
            p.parts()->setFocus();
            QTest::keyClicks(p.parts(), bad);
            QTest::keyClick(p.parts(), Qt::Key_Return);
            QVERIFY(!textOf(p).contains("Blended from"));
        }
        p.parts()->selectAll();
        QTest::keyClicks(p.parts(), "lavender essential oil 3, clary sage essential oil 1");
        QTest::keyClick(p.parts(), Qt::Key_Return);
        QVERIFY2(textOf(p).contains("75.0 %"), qPrintable(textOf(p)));
        p.product()->setCurrentIndex(int(ProductKind::RinseOff));
        Q_EMIT p.product()->activated(int(ProductKind::RinseOff));
        QVERIFY2(textOf(p).contains("in it; supplier"), qPrintable(textOf(p)));
        QVERIFY(p.which()->findText("in a jar", Qt::MatchContains) >= 0);
    }

    // Water in another unit is the same water; it is kept for the next window.
    void water()
    {
        auto& p = panel<WaterPanel>(Topic::Water);
        p.unitBox()->setCurrentIndex(int(HardnessUnit::German));
        Q_EMIT p.unitBox()->activated(int(HardnessUnit::German));
        type(p.hardnessField(), "14");
        QVERIFY2(textOf(p).contains("2.50"), qPrintable(textOf(p)));
        QVERIFY(textOf(p).contains("Citrate"));
        p.unitBox()->setCurrentIndex(int(HardnessUnit::MgCalciumCarbonate));
        Q_EMIT p.unitBox()->activated(int(HardnessUnit::MgCalciumCarbonate));
        QVERIFY(std::abs(*p.hardnessField()->value() - 249.9) < 0.1);
        type(p.hardnessField(), "-3");
        QVERIFY2(shop_->said().contains("below 0"), qPrintable(shop_->said()));
        type(p.hardnessField(), "200000");
        QVERIFY(shop_->said().contains("No water is that hard"));
        QVERIFY(std::abs(*p.hardnessField()->value() - 249.9) < 0.1);
        p.customer()->click();
        QVERIFY(QApplication::clipboard()->text().contains("No bar can soften a whole bath"));
        shop_->open();
        shop_->document().reset(words::startFormula(StartingPoint::HardWater), {});
        QVERIFY(textOf(panel<WaterPanel>(Topic::Water)).contains("249.9"));
    }

    // A factor switched off moves the time, is kept with the formula and undone.
    void workingTime()
    {
        auto& p = panel<PacePanel>(Topic::Pace);
        const QString before = textOf(p);
        QCheckBox* first = p.picture()->findChild<QCheckBox*>();
        QVERIFY(first && first->isChecked());
        first->click();
        QCOMPARE(formula().handling.factorsOff.size(), std::size_t(1));
        QVERIFY(textOf(p).contains("switched off") && textOf(p) != before);
        const auto back = formulaFromJson(formulaToJson(formula()));
        QVERIFY(std::get<Formula>(back).handling == formula().handling);
        shop_->document().history().undo();
        QCOMPARE(textOf(p), before);
        p.blending()->setCurrentIndex(int(Blending::Whisk));
        Q_EMIT p.blending()->activated(int(Blending::Whisk));
        QVERIFY(textOf(p).contains("How it is blended"));
    }

    // A slider moves everything at once; dropped nothing is left, kept it is one step.
    void slidersKeptAndDropped()
    {
        auto& p = panel<ComparePanel>(Topic::Compare);
        QCOMPARE(p.superfat()->value(), 50);
        const int steps = shop_->document().history().count();
        p.superfat()->setValue(80);
        QVERIFY(std::abs(*shop_->reckoning().superfatTrue - 0.08) < 0.01);
        QVERIFY(textOf(p).contains("True superfat"));
        QCOMPARE(shop_->document().history().count(), steps);
        p.drop()->click();
        QCOMPARE(formula().lye.superfat, 0.05);
        QCOMPARE(p.superfat()->value(), 50);
        QVERIFY(textOf(p).contains("Nothing differs"));
        const double babassu = grams("babassu-oil");
        p.trade()->setValue(250); // a quarter of the first oil for the second
        p.superfat()->setValue(60);
        QVERIFY(std::abs(grams("babassu-oil") - 0.75 * babassu) < 1e-6);
        p.keep()->click();
        QCOMPARE(shop_->document().history().count(), steps + 1);
        shop_->document().history().undo();
        QVERIFY(std::abs(grams("babassu-oil") - babassu) < 1e-9 && formula().lye.superfat == 0.05);
        // Undo while a slider is held drops what it shows; an edit keeps it first.
        p.superfat()->setValue(90);
        shop_->document().history().redo();
        QVERIFY(!shop_->document().isPreviewing() && formula().lye.superfat == 0.06);
        p.superfat()->setValue(90);
        shop_->document().apply(SetText{TextField::Notes, "a note"}, "note");
        QCOMPARE(formula().lye.superfat, 0.09);
        // Pinned, every later edit is a difference.
        p.pin(formula(), "the first");
        shop_->type("10 g honey");
        QVERIFY2(textOf(p).contains("Honey") && textOf(p).contains("the first"),
                 qPrintable(textOf(p)));
    }

    void wishes()
    {
        auto& p = panel<WishesPanel>(Topic::Wishes);
        const auto share = [&] {
            return std::get<Blend>(blendOf(formula(), shop_->reckoning()))[AcidGroup::Oleic]
                .share.typical();
        };
        const double wanted = share() + 0.03;
        p.addWish(p.kindOf(WishKind::FattyAcids, AcidGroup::Oleic), wanted * 100, std::nullopt);
        p.find()->click();
        p.finish();
        QVERIFY(p.result() && std::holds_alternative<WishProposal>(*p.result()));
        QVERIFY2(textOf(p).contains("points moved"), qPrintable(textOf(p)));
        const int steps = shop_->document().history().count();
        p.keep()->click();
        QCOMPARE(shop_->document().history().count(), steps + 1);
        QVERIFY2(share() >= wanted - 1e-6, qPrintable(QString::number(share())));
        QVERIFY(std::abs(shop_->reckoning().oilsGrams - 600) < 0.01);
        shop_->document().history().undo();
        QVERIFY(share() < wanted);
        // What cannot stand together is named, each with a press that mends it.
        p.addWish(p.kindOf(WishKind::Iodine), std::nullopt, 30.0);
        p.find()->click();
        p.finish();
        QVERIFY2(textOf(p).contains("cannot stand together"), qPrintable(textOf(p)));
        press(p, "nearest-0");
        p.finish();
        QVERIFY2(!textOf(p).contains("Looking"), qPrintable(textOf(p)));
    }

    // A recipe off a notepad: read, asked, answered, put on the bench; nothing lost.
    void recipeText()
    {
        RecipeWindow& w = shop_->window->recipeText();
        w.setText("Dune-grass bar\nsuperfat 5 %\n300 g olive oil\n150 g coconut oil\n"
                  "60 g shea butter\n72 g NaOH\n180 g water\n10 g citric acid\n"
                  "Stir gently until it traces.\n90 g lard 40 g tallow\n");
        QCOMPARE(w.recipe().lines.size(), std::size_t(6));
        QStringList held;
        Formula made;
        connect(&w, &RecipeWindow::formulaMade, this, [&](const Formula& f, const QStringList& h) {
            made = f;
            held = h;
        });
        for (std::size_t i = 0; i < w.recipe().lines.size(); ++i)
            if (w.recipe().lines[i].isAsked(RecipeQuestion::CitricForm)) {
                w.take(i, RecipeQuestion::CitricForm, {RecipeReading::What::Monohydrate});
                break;
            }
        QVERIFY(!w.recipe().isAsked(RecipeQuestion::CitricForm));
        // Editing another line keeps the answer.
        w.text()->appendPlainText("5 g honey at trace");
        w.readNow();
        QVERIFY(!w.recipe().isAsked(RecipeQuestion::CitricForm));
        w.open()->click();
        QCOMPARE(made.name, std::string("Dune-grass bar"));
        QCOMPARE(held.size(), qsizetype(1)); // their lye
        QVERIFY(made.notes.find("Stir gently") != std::string::npos);
        QVERIFY(made.notes.find("90 g lard 40 g tallow") != std::string::npos);
        QCOMPARE(formula().name, made.name);
        QVERIFY(std::abs(grams("olive-oil") - 300) < 1e-9);
        QCOMPARE(grams("citric-acid-monohydrate"), 10.0);
        // A batch waits for what is still asked.
        shop_->window->makeBatch();
        QVERIFY2(shop_->said().contains("Recipe as text"), qPrintable(shop_->said()));
        w.setText(w.text()->toPlainText());
        for (std::size_t i = 0; i < w.recipe().lines.size(); ++i)
            if (w.recipe().lines[i].isAsked(RecipeQuestion::LyeStated)) {
                w.take(i, RecipeQuestion::LyeStated, {RecipeReading::What::KeepLye});
                break;
            }
        shop_->document().history().setClean();
        w.open()->click();
        QVERIFY(formula().lye.fixed && formula().lye.fixed->sodium.inGrams() == 72.0);
        QVERIFY(shop_->window->bench().heldBack().isEmpty());
        // Nothing is weighed from a line that may mean several.
        w.setText("Cream bar\nsuperfat 5 %\n400 g olive oil\n120 g cream\n60/40 NaOH/KOH\n");
        QVERIFY(w.recipe().lines.back().isAsked(RecipeQuestion::WhichMaterial));
        QVERIFY(!w.open()->isEnabled());
        w.take(1, RecipeQuestion::WhichMaterial,
               {RecipeReading::What::Material, 0.0, "cream-light"});
        QVERIFY(!w.open()->isEnabled()); // the shares of the lyes are open
        w.setText("Cream bar\nsuperfat 5 %\n400 g olive oil\n120 g cream\n");
        QVERIFY(w.open()->isEnabled()); // what was said of the line holds
        shop_->document().history().setClean();
        w.open()->click();
        QCOMPARE(grams("cream-light"), 120.0);
        w.setText(QString(1'000'001, 'x'));
        QVERIFY(w.recipe().lines.empty());
    }

    // Every starting point can be reckoned, is named, and says why in three sentences.
    void startingPoints_data()
    {
        QTest::addColumn<int>("which");
        for (int i = 0; i < startingPointCount; ++i)
            QTest::newRow(qPrintable(words::startName(static_cast<StartingPoint>(i)))) << i;
    }
    void startingPoints()
    {
        QFETCH(int, which);
        const auto point = static_cast<StartingPoint>(which);
        const Formula f = words::startFormula(point);
        const ReckonResult result = reckon(f);
        QVERIFY(std::holds_alternative<Reckoning>(result));
        const auto& r = std::get<Reckoning>(result);
        QVERIFY(!r.lyeHeavy() && r.superfatTrue.value_or(0) > 0.0);
        for (const Caution& c : r.cautions)
            QVERIFY2(c.severity != Severity::Danger, qPrintable(QString::number(int(c.code))));
        const QString reasons = words::startReasons(point);
        QCOMPARE(int(reasons.count(QRegularExpression("[.:](?= |$)")) - reasons.count(": ")), 3);
        QVERIFY(!words::startTeaches(point).isEmpty() && f.notes == reasons.toStdString());
        const auto back = formulaFromJson(formulaToJson(f));
        QVERIFY(std::holds_alternative<Formula>(back) && std::get<Formula>(back) == f);
        const auto fit = fitMoulds(f, r);
        QVERIFY(std::holds_alternative<MouldFit>(fit));
        for (const MouldLevel& level : std::get<MouldFit>(fit).levels)
            QVERIFY2(level.over[1] <= 0.0, qPrintable(QString::number(level.over[1])));
    }
};

QTEST_MAIN(TestFormulating)
#include "tst_formulating.moc"
