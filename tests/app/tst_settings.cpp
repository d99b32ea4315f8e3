// Every way of stating lye and liquid, from its menu or field to the figure, and back by undo.
#include <QTest>

#include "app/bench/settings_strip.h"
#include "app/widgets/number_field.h"
#include "support/window.h"

#include <QPushButton>

#include <QMenu>
#include <QMimeData>
#include <QToolButton>

using namespace rhexion;
using namespace rhexion::test;

class TestSettings : public QObject {
    Q_OBJECT
    std::unique_ptr<Shop> shop_;

    // Presses an entry of the strip's menu by its path.
    bool choose(const QStringList& path)
    {
        QMenu* menu = nullptr;
        for (auto* button :
             shop_->window->findChild<SettingsStrip*>()->findChildren<QToolButton*>())
            if (button->menu())
                menu = button->menu();
        if (!menu)
            return false;
        Q_EMIT menu->aboutToShow();
        for (const QString& name : path) {
            QAction* found = nullptr;
            for (QAction* action : menu->actions())
                if (action->text() == name)
                    found = action;
            if (!found)
                return false;
            if (found->menu())
                menu = found->menu();
            else
                found->trigger();
        }
        return true;
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

    void menus_data()
    {
        QTest::addColumn<QStringList>("path");
        QTest::addColumn<double>("sodium"); // g weighed; worked out apart, see below
        const QString potassium = QStringLiteral("Purity of the potassium lye");
        QTest::newRow("purer sodium lye")
            << QStringList{"Purity of the sodium lye", "100\u00A0%"} << 105.392;
        QTest::newRow("less pure sodium lye")
            << QStringList{"Purity of the sodium lye", "97\u00A0%"} << 105.392 / 0.97;
        QTest::newRow("another potassium lye")
            << QStringList{potassium, "85\u00A0%"} << 105.392 / 0.99;
        QTest::newRow("fat in the cook only")
            << QStringList{"Superfat is set on", "fat in the cook only"} << 105.392 / 0.99;
        QTest::newRow("cold jug") << QStringList{"The jug\u2019s coolest", "10\u00A0\u00B0C"}
                                  << 105.392 / 0.99;
    }
    void menus()
    {
        QFETCH(QStringList, path);
        QFETCH(double, sodium);
        const Formula before = shop_->document().formula();
        QVERIFY2(choose(path), qPrintable(path.join(QLatin1Char('/'))));
        // n = 3.1001 mol, 85 % of it sodium hydroxide: 105.39 g pure (n from the plan above).
        QVERIFY2(std::abs(shop_->reckoning().sodium.weighedGrams - sodium) < 0.05,
                 qPrintable(QString::number(shop_->reckoning().sodium.weighedGrams)));
        if (shop_->document().history().canUndo())
            shop_->document().history().undo();
        QVERIFY(shop_->document().formula() == before);
    }

    void splitConventions()
    {
        const double moles = shop_->reckoning().potassium.weighedGrams;
        QVERIFY(choose(
            {QStringLiteral("Potassium lye is a"), QStringLiteral("share of weight as weighed")}));
        const Reckoning& r = shop_->reckoning();
        QVERIFY(
            std::abs(r.potassium.weighedGrams / (r.potassium.weighedGrams + r.sodium.weighedGrams) -
                     0.15) < 1e-9);
        QVERIFY(r.potassium.weighedGrams < moles);
    }

    void strengthConventions()
    {
        QVERIFY(choose({QStringLiteral("Strength counts"),
                        QStringLiteral("lye as weighed, its own moisture left out")}));
        QVERIFY(std::abs(shop_->reckoning().asWeighed.strength - 0.30) < 1e-9);
        QVERIFY(shop_->reckoning().pure.strength < 0.30);
    }

    void weighedLyeAndBack()
    {
        shop_->type("100 g NaOH");
        QCOMPARE(shop_->reckoning().sodium.weighedGrams, 100.0);
        auto* superfat = shop_->window->findChild<NumberField*>(QStringLiteral("superfat"));
        QVERIFY(!superfat->isEnabled()); // it is the result now
        QVERIFY(choose({QStringLiteral("Let superfat decide the lye again")}));
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
        QApplication::processEvents();
        for (auto* field : shop_->window->findChild<SettingsStrip*>()->findChildren<NumberField*>())
            if (field->isVisible())
                QVERIFY2(field->fontMetrics().horizontalAdvance(field->text()) <=
                             field->width() - 16,
                         qPrintable(field->text()));
        QVERIFY(
            choose({QStringLiteral("Hidden fat counts"), QStringLiteral("its typical figure")}));
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
