// Looks that hold everywhere: contrast, names for screen readers, the demo, both colour sets.
#include <QTest>

#include "demo/demo.h"
#include "storage/memory_journal.h"
#include "support/contrast.h"
#include "support/window.h"

#include <QAbstractButton>
#include <QAccessible>
#include <QComboBox>
#include <QFontDatabase>
#include <QFontInfo>
#include <QLabel>
#include <QLocale>
#include <QSet>
#include <QTemporaryDir>

using namespace rhexion;
using namespace rhexion::test;

class TestWidgets : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void contrastIsEnough()
    {
        for (const bool dark : {false, true}) {
            Theme::apply(*qApp, Look{dark ? Shade::Dark : Shade::Light});
            const Colours& c = Theme::colours();
            for (const QColor& ground : {c.paper, c.surface}) {
                for (const QColor& text : {c.ink, c.muted, c.action, c.danger, c.care, c.fine})
                    QVERIFY2(contrast(text, ground) >= 4.5, qPrintable(text.name()));
                for (const QColor& matter : c.matter)
                    QVERIFY2(contrast(matter, ground) >= 3.0, qPrintable(matter.name()));
                QVERIFY(contrast(c.line, ground) >= 3.0);
            }
            QVERIFY(contrast(c.onAction, c.action) >= 4.5);
        }
        Theme::apply(*qApp, Look{Shade::Light});
    }

    void shippedTypefaceHasTabularFigures()
    {
        QVERIFY(loadShippedFonts());
        QCOMPARE(QFontInfo(Theme::body()).family(), QStringLiteral("Rhexion Sans"));
        for (const QFont& font : {Theme::small(), Theme::body(), Theme::figure(), Theme::huge()}) {
            QVERIFY(QFontInfo(font).pixelSize() >= 12);
            const QFontMetricsF metrics(font);
            for (const char digit : {'0', '2', '5', '8'})
                QCOMPARE(metrics.horizontalAdvance(QLatin1Char(digit)),
                         metrics.horizontalAdvance(QLatin1Char('1')));
        }
    }

    void everyControlHasAName()
    {
        Shop shop;
        shop.make(1);
        int seen = 0;
        for (auto place : {MainWindow::Bench, MainWindow::Make, MainWindow::JournalPlace}) {
            shop.window->goTo(place);
            for (auto* w : shop.window->findChildren<QWidget*>()) {
                const bool control = qobject_cast<QAbstractButton*>(w) ||
                                     qobject_cast<QLineEdit*>(w) || qobject_cast<QComboBox*>(w) ||
                                     qobject_cast<QAbstractItemView*>(w);
                if (!control || !w->isVisible() || w->focusPolicy() == Qt::NoFocus)
                    continue;
                ++seen;
                QAccessibleInterface* iface = QAccessible::queryAccessibleInterface(w);
                QVERIFY(iface);
                QVERIFY2(!iface->text(QAccessible::Name).isEmpty(),
                         qPrintable(QString::fromLatin1(w->metaObject()->className()) +
                                    QLatin1Char(' ') + w->objectName()));
            }
        }
        QVERIFY(seen > 20);
    }

    void tabReachesTheWholeBench()
    {
        Shop shop;
        shop.document().reset(demo(demoNames[3]), {});
        shop.window->bench().focusTyping();
        QSet<QWidget*> reached;
        for (int i = 0; i < 80; ++i) {
            QTest::keyClick(QApplication::focusWidget(), Qt::Key_Tab);
            reached.insert(QApplication::focusWidget());
        }
        for (const Vessel vessel : allVessels)
            QVERIFY2(reached.contains(shop.list(vessel)), codeOf(vessel));
        QVERIFY(reached.contains(shop.window->bench().typing()->field()));
    }

    void demoIsWhole()
    {
        QCOMPARE(demoFormulas().size(), qsizetype(std::size(demoNames)));
        const std::unique_ptr<Journal> journal = std::make_unique<MemoryJournal>();
        for (int twice = 0; twice < 2; ++twice) { // the second time adds nothing
            QVERIFY(!fillDemoJournal(*journal));
            const auto all = std::get<QList<BatchSummary>>(journal->batches());
            QCOMPARE(all.size(), 3);
            for (const BatchSummary& batch : all)
                QVERIFY(batch.superfat && std::abs(*batch.superfat - batch.superfatPlanned) > 1e-4);
        }
    }

    // Nothing a person reads is cut off on the bench at its size, in grams or in ounces, light or
    // dark.
    void labelsFit_data()
    {
        QTest::addColumn<QString>("name");
        QTest::addColumn<int>("unit");
        for (const char* name : demoNames)
            for (const auto unit : {AmountUnit::Gram, AmountUnit::Ounce})
                QTest::addRow("%s %s", name, codeOf(unit))
                    << QString::fromLatin1(name) << int(unit);
    }
    void labelsFit()
    {
        QFETCH(QString, name);
        QFETCH(int, unit);
        Shop shop;
        shop.window->resize(1280, 800);
        shop.window->setHabits({static_cast<AmountUnit>(unit), false, QLocale(QLocale::English)});
        shop.document().reset(demo(name.toLatin1()), {});
        QApplication::processEvents();
        for (auto* label : shop.window->bench().findChildren<QLabel*>()) {
            if (!label->isVisible() || label->text().isEmpty() || label->wordWrap())
                continue;
            QVERIFY2(label->fontMetrics().horizontalAdvance(label->text()) <= label->width() + 1,
                     qPrintable(label->text()));
        }
        for (auto* field : shop.window->bench().findChildren<QLineEdit*>())
            if (field->isVisible())
                QVERIFY2(field->fontMetrics().horizontalAdvance(field->text()) <=
                             field->width() - 16,
                         qPrintable(field->text()));
    }
};

QTEST_MAIN(TestWidgets)
#include "tst_widgets.moc"
