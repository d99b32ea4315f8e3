// Every way of stating lye and liquid, from its menu or field to the figure, and back by undo.
#include <QTest>

#include "app/bench/setting_row.h"
#include "app/bench/settings_panel.h"
#include "app/bench/settings_strip.h"
#include "app/widgets/number_field.h"
#include "support/window.h"

#include <QPushButton>

#include <QComboBox>
#include <QLabel>
#include <QMimeData>
#include <QToolButton>

using namespace rhexion;
using namespace rhexion::test;

class TestSettings : public QObject {
    Q_OBJECT
    std::unique_ptr<Shop> shop_;

    SettingsPanel& panel()
    {
        shop_->window->bench().showSettings();
        return *shop_->window->bench().settings();
    }
    // Picks an option of a choice in the panel, and keeps it where it is asked about.
    bool choose(const char* object, const QString& option, bool keep = true)
    {
        SettingsPanel& open = panel();
        auto* box = open.findChild<QComboBox*>(QLatin1String(object));
        const int at = box ? box->findText(option) : -1;
        if (at < 0)
            return false;
        box->setCurrentIndex(at);
        Q_EMIT box->activated(at);
        for (auto* button : open.findChildren<QPushButton*>())
            if (button->isVisible() &&
                button->text() ==
                    (keep ? QLatin1String("Keep it") : QLatin1String("Leave it as it was")))
                button->click();
        return true;
    }
    void enter(const char* object, const QString& text)
    {
        auto* field = panel().findChild<NumberField*>(QLatin1String(object));
        QVERIFY2(field, object);
        field->setFocus();
        field->selectAll();
        QTest::keyClicks(field, text);
        QTest::keyClick(field, Qt::Key_Return);
    }

private Q_SLOTS:
    // Less than nothing kept back is asked for twice, and can be taken back.
    void negativeSuperfatIsDeliberate()
    {
        Shop shop;
        shop.type("500 g olive oil");
        auto* field = shop.window->bench().findChild<QLineEdit*>(QStringLiteral("superfat"));
        const auto type = [&] {
            field->setFocus();
            field->selectAll();
            QTest::keyClicks(field, QStringLiteral("-2"));
            QTest::keyClick(field, Qt::Key_Return);
        };
        const auto press = [&](int place) {
            shop.offer().findChildren<QPushButton*>().at(place)->click();
        };
        type();
        QCOMPARE(shop.document().formula().lye.superfat, 0.05);
        QVERIFY(shop.offer().text().contains(QStringLiteral("never for skin")));
        press(1);
        QVERIFY(!shop.offer().isVisible());
        QCOMPARE(shop.document().formula().lye.superfat, 0.05);
        type();
        press(0);
        QCOMPARE(shop.document().formula().lye.superfat, -0.02);
        QVERIFY(shop.reckoning().cautions.front().code == CautionCode::SuperfatBelowZero);
        shop.document().history().undo();
        QCOMPARE(shop.document().formula().lye.superfat, 0.05);
    }

    void init()
    {
        shop_ = std::make_unique<Shop>();
        shop_->document().reset(demo(demoNames[2]), {});
    }

    void fields_data()
    {
        QTest::addColumn<QByteArray>("field");
        QTest::addColumn<QString>("typed");
        QTest::addColumn<double>("sodium"); // g weighed; worked out apart, see below
        QTest::newRow("purer sodium lye") << QByteArray("sodiumPurity") << "100" << 105.392;
        QTest::newRow("less pure sodium lye")
            << QByteArray("sodiumPurity") << "97" << 105.392 / 0.97;
        QTest::newRow("another potassium lye")
            << QByteArray("potassiumPurity") << "85" << 105.392 / 0.99;
        QTest::newRow("cold jug") << QByteArray("coolest") << "10" << 105.392 / 0.99;
        QTest::newRow("my usual") << QByteArray("usual") << "2.5" << 105.392 / 0.99;
    }
    void fields()
    {
        QFETCH(QByteArray, field);
        QFETCH(QString, typed);
        QFETCH(double, sodium);
        const Formula before = shop_->document().formula();
        enter(field.constData(), typed);
        QVERIFY(!(shop_->document().formula() == before));
        // n = 3.1001 mol, 85 % of it sodium hydroxide: 105.39 g pure (n from the plan above).
        QVERIFY2(std::abs(shop_->reckoning().sodium.weighedGrams - sodium) < 0.05,
                 qPrintable(QString::number(shop_->reckoning().sodium.weighedGrams)));
        shop_->document().history().undo();
        QVERIFY(shop_->document().formula() == before);
    }

    // A choice on which makers differ says what moves and changes nothing until it is kept.
    void schoolsSayWhatMoves()
    {
        const Formula before = shop_->document().formula();
        QVERIFY(choose("split", QStringLiteral("share of weight as weighed"), false));
        QVERIFY(shop_->document().formula() == before);
        SettingsPanel& open = panel();
        auto* box = open.findChild<QComboBox*>(QStringLiteral("split"));
        QCOMPARE(box->currentIndex(), 0);
        box->setCurrentIndex(2);
        Q_EMIT box->activated(2);
        QString said;
        for (auto* label : open.findChildren<QLabel*>())
            if (label->isVisible() && label->text().contains(QLatin1String("becomes")))
                said = label->text();
        QVERIFY2(said.contains(QLatin1String("Potassium hydroxide")) &&
                     said.contains(QLatin1String("Sodium hydroxide")),
                 qPrintable(said));
        // The figure it names is the one that comes.
        QVERIFY(choose("split", QStringLiteral("share of weight as weighed")));
        QVERIFY2(said.contains(Speech().mass(shop_->reckoning().potassium.weighedGrams)),
                 qPrintable(said));
    }

    // Each setting says what it comes to for those who would state it another way.
    void termsOfTheOthers()
    {
        QStringList terms;
        for (auto* row : panel().findChildren<SettingRow*>())
            terms << row->terms();
        const QString said = terms.join(QLatin1Char('\n'));
        const Reckoning& r = shop_->reckoning();
        const Speech speech;
        for (const QString& wanted :
             {speech.percent(r.potassium.weighedGrams /
                             (r.potassium.weighedGrams + r.sodium.weighedGrams)),
              speech.percent(r.superfatTrue), speech.ratio(r.wanted.ratio),
              speech.percent(r.asWeighed.strength), speech.percent(r.jugs[0].strength)})
            QVERIFY2(said.contains(wanted), qPrintable(wanted + QLatin1String(" in\n") + said));
    }

    // The maker's way starts each new formula, here and after a restart, until it is forgotten.
    void myWay()
    {
        enter("panelSuperfat", QStringLiteral("3.5"));
        enter("potassiumPurity", QStringLiteral("88"));
        panel().findChild<QPushButton*>(QStringLiteral("keepWay"))->click();
        shop_->document().history().setClean(); // nothing asks about it
        shop_->open();
        shop_->window->loadStock();
        const Formula& fresh = shop_->document().formula();
        QCOMPARE(fresh.lye.superfat, 0.035);
        QCOMPARE(fresh.lye.potassiumShare, 0.15);
        QCOMPARE(fresh.lye.potassium->part(Part::PotassiumHydroxide).range.typical(), 0.88);
        QCOMPARE(int(fresh.lines.size()), 1);
        shop_->document().reset(demo(demoNames[0]), {});
        panel().findChild<QPushButton*>(QStringLiteral("takeWay"))->click();
        QCOMPARE(shop_->document().formula().lye.superfat, 0.035);
        shop_->document().history().undo();
        QCOMPARE(shop_->document().formula().lye.superfat, 0.06);
        panel().findChild<QPushButton*>(QStringLiteral("forgetWay"))->click();
        shop_->open();
        QCOMPARE(shop_->document().formula().lye.superfat, 0.05);
    }

    void brokenWay()
    {
        QFile file(shop_->dir.filePath(QStringLiteral("my-way.rhexion")));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("{\"format\": \"rhexion-formula\", ");
        file.close();
        shop_->open();
        QVERIFY2(shop_->said().contains(QLatin1String("usual settings cannot be read")),
                 qPrintable(shop_->said()));
        QCOMPARE(shop_->document().formula().lye.superfat, 0.05);
        QVERIFY(file.exists()); // it is hers, broken or not
    }

    void splitConventions()
    {
        const double moles = shop_->reckoning().potassium.weighedGrams;
        QVERIFY(choose("split", QStringLiteral("share of weight as weighed")));
        const Reckoning& r = shop_->reckoning();
        QVERIFY(
            std::abs(r.potassium.weighedGrams / (r.potassium.weighedGrams + r.sodium.weighedGrams) -
                     0.15) < 1e-9);
        QVERIFY(r.potassium.weighedGrams < moles);
    }

    void strengthConventions()
    {
        QVERIFY(choose("convention", QStringLiteral("lye as weighed, its own moisture left out")));
        QVERIFY(std::abs(shop_->reckoning().asWeighed.strength - 0.30) < 1e-9);
        QVERIFY(shop_->reckoning().pure.strength < 0.30);
    }

    void weighedLyeAndBack()
    {
        shop_->type("100 g NaOH");
        QCOMPARE(shop_->reckoning().sodium.weighedGrams, 100.0);
        auto* superfat = shop_->window->findChild<NumberField*>(QStringLiteral("superfat"));
        QVERIFY(!superfat->isEnabled()); // it is the result now
        panel().findChild<QPushButton*>(QStringLiteral("free"))->click();
        QVERIFY(superfat->isEnabled());
        QVERIFY(std::abs(shop_->reckoning().superfatOnOils.value() - 0.03) < 1e-9);
    }

    void allOilsInPerCent()
    {
        shop_->document().reset(freshFormula(), {});
        shop_->type("70 % olive oil");
        shop_->type("30 % coconut oil");
        QCOMPARE(int(shop_->document().refusal()->code), int(RefusalCode::OilsTotalMissing));
        QApplication::processEvents(); // the field for it shows itself then
        for (auto* field : shop_->window->findChildren<NumberField*>())
            if (field->isVisible() && field->accessibleName() == QLatin1String("All oils")) {
                QTest::mouseClick(field, Qt::LeftButton);
                QApplication::processEvents(); // a click selects what stands there
                QTest::keyClicks(field, QStringLiteral("800"));
                QTest::keyClick(field, Qt::Key_Return);
            }
        QVERIFY(shop_->document().reckoning());
        QCOMPARE(shop_->reckoning().oilsGrams, 800.0);
        QCOMPARE(shop_->reckoning().lines[1].grams, 560.0);
    }

    void fieldsKeepWhatTheyCannotUse_data()
    {
        QTest::addColumn<QString>("typed");
        for (const char* typed : {"abc", "", "5/0", "1,250", "--3", "1e999"})
            QTest::newRow(*typed ? typed : "(empty)") << QString::fromLatin1(typed);
    }
    void fieldsKeepWhatTheyCannotUse()
    {
        QFETCH(QString, typed);
        auto* superfat = shop_->window->findChild<NumberField*>(QStringLiteral("superfat"));
        const Formula before = shop_->document().formula();
        superfat->setFocus();
        superfat->selectAll();
        QTest::keyClick(superfat, Qt::Key_Delete);
        QTest::keyClicks(superfat, typed);
        QTest::keyClick(superfat, Qt::Key_Return);
        QVERIFY(shop_->document().formula() == before);
        QCOMPARE(superfat->text(), QStringLiteral("3\u00A0%"));
        QVERIFY(shop_->window->banner().isVisible());
    }

    void narrowWindow()
    {
        shop_->window->resize(1024, 700);
        // The longest figure a usual formula has, as a fresh one begins.
        LiquidSettings liquid = shop_->document().formula().liquid;
        liquid.value = 1.0 / 3.0;
        shop_->document().apply(SetLiquid{SettingField::Liquid, liquid}, "liquid");
        QApplication::processEvents();
        for (auto* field : shop_->window->findChild<SettingsStrip*>()->findChildren<NumberField*>())
            if (field->isVisible())
                QVERIFY2(field->fontMetrics().horizontalAdvance(field->text()) <=
                             field->width() - 16,
                         qPrintable(field->text()));
        QVERIFY(choose("hiddenFat", QStringLiteral("its typical figure")));
        QCOMPARE(int(shop_->document().formula().lye.hiddenFat), int(HiddenFatSchool::Typical));
    }

    void droppingAFileOpensIt()
    {
        const QString path = shop_->dir.filePath(QStringLiteral("dropped.rhexion"));
        QVERIFY(put(path, formulaToJson(demo(demoNames[1]))));
        QMimeData mime;
        mime.setUrls({QUrl::fromLocalFile(path)});
        QDropEvent drop(QPointF(5, 5), Qt::CopyAction, &mime, Qt::LeftButton, Qt::NoModifier);
        static_cast<QObject*>(shop_->window.get())->event(&drop);
        QCOMPARE(shop_->document().formula().name, std::string("Beetroot and yogurt bar"));
    }
};

QTEST_MAIN(TestSettings)
#include "tst_settings.moc"
