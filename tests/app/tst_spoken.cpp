// What a screen reader finds: every thing that takes the focus has a name, what is painted has a
// role, notes are told when they appear.
#include <QTest>

#include "app/bench/caution_card.h"
#include "app/bench/figures_panel.h"
#include "app/formulating/formulating_panels.h"
#include "app/journal/journal_page.h"
#include "app/shelf/shelf_page.h"
#include "app/widgets/spoken.h"
#include "document/doubt_watcher.h"
#include "support/views.h"
#include "support/window.h"

#include <QAbstractButton>
#include <QAccessible>
#include <QMenuBar>

using namespace rhexion;
using namespace rhexion::test;

class TestSpoken : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void everyFocusableHasAName_data()
    {
        QTest::addColumn<QString>("place");
        for (const char* place :
             {"bench",    "empty bench", "settings",     "working", "shelf drawer",
              "slips",    "portions",    "stock lye",    "history", "make",
              "make end", "journal",     "shelf",        "mould",   "scent",
              "blend",    "water",       "working time", "compare", "solve"})
            QTest::newRow(place) << QString::fromLatin1(place);
    }
    void everyFocusableHasAName()
    {
        QFETCH(QString, place);
        Shop shop;
        shop.window->loadStock();
        if (place != QLatin1String("empty bench"))
            shop.document().reset(demo(demoNames[3]), {});
        BenchPage& bench = shop.window->bench();
        const std::pair<const char*, std::function<void()>> goes[] = {
            {"settings", [&] { bench.showSettings(); }},
            {"working", [&] { bench.showWorking(Rule::BatterMass, 0); }},
            {"shelf drawer", [&] { bench.showShelf(); }},
            {"slips", [&] { bench.showSlips(); }},
            {"portions", [&] { bench.showPortions(); }},
            {"stock lye", [&] { bench.showStockLye(); }},
            {"history", [&] { bench.showHistory(); }},
            {"mould", [&] { bench.showTopic(Topic::Mould); }},
            {"scent", [&] { bench.showTopic(Topic::Scent); }},
            {"blend", [&] { bench.showTopic(Topic::Blend); }},
            {"water", [&] { bench.showTopic(Topic::Water); }},
            {"working time", [&] { bench.showTopic(Topic::Pace); }},
            {"compare", [&] { bench.showTopic(Topic::Compare); }},
            {"solve", [&] { bench.showTopic(Topic::Wishes); }},
            {"make", [&] { shop.window->makeBatch(); }},
            {"make end",
             [&] {
                 shop.window->makeBatch();
                 BatchInProgress& b = *shop.window->making().batch();
                 b.goTo(int(b.plan().steps.size()));
             }},
            {"journal", [&] { shop.window->goTo(MainWindow::JournalPlace); }},
            {"shelf", [&] { shop.window->goTo(MainWindow::ShelfPlace); }}};
        for (const auto& [name, go] : goes)
            if (place == QLatin1String(name))
                go();
        QTest::qWait(100);
        QStringList unnamed;
        int count = 0;
        walk(QAccessible::queryAccessibleInterface(shop.window.get()), unnamed, count);
        QVERIFY2(count >= 4, qPrintable(QString::number(count)));
        QVERIFY2(unnamed.isEmpty(), qPrintable(unnamed.join(QLatin1Char('\n'))));
    }

    void paintedThingsHaveRoles()
    {
        Shop shop;
        shop.document().reset(demo(demoNames[0]), {});
        shop.window->bench().doubt().finish();
        QTest::qWait(50);
        const auto roleOf = [](QWidget* w) {
            return QAccessible::queryAccessibleInterface(w)->role();
        };
        const auto has = [&](const char* className, QAccessible::Role role, bool described) {
            int found = 0;
            for (auto* w : shop.window->findChildren<QWidget*>()) {
                if (!w->inherits(className) || !w->isVisible())
                    continue;
                ++found;
                QAccessibleInterface* i = QAccessible::queryAccessibleInterface(w);
                if (i->role() != role || i->text(QAccessible::Name).isEmpty() ||
                    (described && i->text(QAccessible::Description).isEmpty())) {
                    qWarning("%s: role %d, name %s, description %s", className, int(i->role()),
                             qPrintable(i->text(QAccessible::Name)),
                             qPrintable(i->text(QAccessible::Description)));
                    return false;
                }
            }
            return found > 0;
        };
        QVERIFY(has("rhexion::AccountsView", QAccessible::Chart, true));
        QVERIFY(has("rhexion::VesselDrawing", QAccessible::Graphic, true));
        QVERIFY(has("rhexion::DoubtView", QAccessible::Chart, true));
        QVERIFY(has("rhexion::CautionCard", QAccessible::Button, true));
        QVERIFY(has("rhexion::RailButton", QAccessible::PageTab, false));
        QVERIFY(has("rhexion::Rail", QAccessible::PageTabList, false));
        // Pressed by a reader, a caution opens like by hand.
        CautionCard* card = nullptr;
        for (auto* c : shop.window->findChildren<CautionCard*>())
            if (c->isVisible() && !c->isOpen())
                card = c;
        QVERIFY(card);
        QCOMPARE(roleOf(card), QAccessible::Button);
        QAccessible::queryAccessibleInterface(card)->actionInterface()->doAction(
            QAccessibleActionInterface::pressAction());
        QVERIFY(card->isOpen());
    }

    // A note and a danger are told when they appear, whatever has the focus; what was understood is
    // the description of the line.
    void newsIsTold()
    {
        Shop shop;
        shop.type("500 g olive oil");
        QStringList told;
        connect(&Aloud::heard(), &Aloud::said, this, [&](QWidget* about) {
            QAccessibleInterface* i = QAccessible::queryAccessibleInterface(about);
            told << QStringLiteral("%1 %2").arg(int(i->role())).arg(i->text(QAccessible::Name));
        });
        shop.window->banner().show(Banner::Tone::Care, QStringLiteral("Mind this"));
        QCOMPARE(told,
                 QStringList{QStringLiteral("%1 Mind this").arg(int(QAccessible::AlertMessage))});
        told.clear();
        LyeSettings lye = shop.document().formula().lye;
        lye.superfat = -0.05;
        shop.document().apply(SetLye{SettingField::Superfat, lye}, "superfat");
        QVERIFY2(!told.isEmpty() && told.join(QLatin1Char(0x20)).contains("Lye heavy"),
                 qPrintable(told.join('\n')));
        Aloud::heard().disconnect(this);
        QLineEdit* field = shop.window->bench().typing()->field();
        field->setFocus();
        QTest::keyClicks(field, QStringLiteral("20 g honey"));
        QVERIFY(QAccessible::queryAccessibleInterface(field)
                    ->text(QAccessible::Description)
                    .contains("Honey"));
    }
};

QTEST_MAIN(TestSpoken)
#include "tst_spoken.moc"
