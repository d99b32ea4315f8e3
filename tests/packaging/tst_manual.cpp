// The manual: every worked sum comes out as it is printed, links and pictures are there, a page is
// about every place, the book is one PDF and one that Qt Help finds words in, and F1 opens it.
#include "manual/manual_page.h"
#include "manual/manual_sum.h"

#include "app/bench/bench_page.h"
#include "app/help.h"
#include "app/make/make_page.h"
#include "manual/manual_window.h"
#include "support/window.h"
#include "words/translation.h"

#include <QLineEdit>
#include <QListWidget>
#include <QProcess>
#include <QTest>

using namespace rhexion;
using namespace rhexion::test;

class TestManual : public QObject {
    Q_OBJECT
    QList<manual::Page> pages_;

    static QString folderOf(const QString& language)
    {
        const QString below = language == QLatin1String("en") ? QString() : "/" + language;
        return QStringLiteral(RHEXION_SOURCE_DIR "/docs/manual") + below;
    }

    QStringList ids() const
    {
        QStringList out;
        for (const manual::Page& page : pages_)
            out << page.id;
        return out;
    }

    static void languages()
    {
        QTest::addColumn<QString>("language");
        for (const auto& [code, name] : shippedLanguages())
            QTest::newRow(qPrintable(code)) << code;
    }

private Q_SLOTS:
    void initTestCase()
    {
        pages_ = manual::readPages(QStringLiteral(RHEXION_SOURCE_DIR "/docs/manual"));
        QVERIFY(pages_.size() >= 25);
    }

    // The same pages in every language, with the same sums and pictures.
    void sumsComeOut_data() { languages(); }
    void sumsComeOut()
    {
        QFETCH(QString, language);
        const QList<manual::Page> pages = manual::readPages(folderOf(language));
        QCOMPARE(pages.size(), pages_.size());
        for (qsizetype i = 0; i < pages.size(); ++i) {
            QCOMPARE(pages[i].id, pages_[i].id);
            QCOMPARE(manual::picturesOf(pages[i]), manual::picturesOf(pages_[i]));
            QCOMPARE(manual::sumsOf(pages[i]).size(), manual::sumsOf(pages_[i]).size());
        }
        int sums = 0;
        for (const manual::Page& page : pages)
            for (const QString& sum : manual::sumsOf(page)) {
                const manual::SumWorked worked = manual::work(sum);
                QVERIFY2(worked.fault.isEmpty(), qPrintable(page.id + ": " + worked.fault));
                QVERIFY2(!worked.answers.isEmpty(), qPrintable(page.id));
                for (const manual::SumAnswer& answer : worked.answers)
                    QCOMPARE(page.id + ": " + answer.said, page.id + ": " + answer.found);
                ++sums;
            }
        QVERIFY(sums >= 8);
    }

    void wrongSumsAreSeen()
    {
        const auto fault = [](const char* sum) { return manual::work(QLatin1String(sum)).fault; };
        QVERIFY(fault("500 g olive oil\nrest water\n= happiness 3.0 g\n").contains("happiness"));
        QVERIFY(!fault("rest water\n= liquid 3.0 g\n").isEmpty());
        const auto wrong = manual::work(
            QStringLiteral("500 g olive oil\nrest water\n= sodium hydroxide 99.0 g\n"));
        QVERIFY(wrong.answers[0].said != wrong.answers[0].found);
    }

    void theBookIsWhole_data() { languages(); }
    void theBookIsWhole()
    {
        QFETCH(QString, language);
        const QList<manual::Page> pages = manual::readPages(folderOf(language));
        const QString below = language == QLatin1String("en") ? QString() : "/" + language;
        const QString book = QStringLiteral(RHEXION_MANUAL_DIR) + below;
        for (const manual::Page& page : pages) {
            QFile html(book + "/html/" + page.id + ".html");
            QVERIFY2(html.open(QIODevice::ReadOnly), qPrintable(page.id));
            const QString text = QString::fromUtf8(html.readAll());
            QVERIFY(text.contains(page.title.toHtmlEscaped()));
            QVERIFY2(!text.contains("```") && !text.contains("](") && !text.contains("\n|"),
                     qPrintable(page.id)); // all of it was understood
            for (const QString& picture : manual::picturesOf(page))
                QVERIFY2(QFile::exists(book + "/html/pictures/" + picture), qPrintable(picture));
            for (const QString& link : manual::linksOf(page))
                QVERIFY2(ids().contains(link), qPrintable(page.id + " to " + link));
        }
        QProcess process;
        process.start("pdftotext", {book + "/rhexion-manual.pdf", "-"});
        QVERIFY(process.waitForFinished());
        const QString text = QString::fromUtf8(process.readAllStandardOutput());
        for (const manual::Page& page : pages)
            QVERIFY2(text.contains(page.title.section(' ', 0, 1)), qPrintable(page.title));
    }

    // Each figure of the bench says what it is; everything else at least where to read on.
    void whatIsThis()
    {
        Shop shop;
        shop.type("500 g olive oil");
        BenchPage& bench = shop.window->bench();
        const QString readOn = QStringLiteral("F1 opens");
        int figures = 0;
        for (QWidget* widget : bench.findChildren<QWidget*>()) {
            if (!widget->isVisible())
                continue;
            const QWidget* told = widget;
            while (told && told->whatsThis().isEmpty())
                told = told->parentWidget();
            QVERIFY2(told, widget->metaObject()->className());
            const QByteArray kind = widget->metaObject()->className();
            if (kind.endsWith("FigureRow") || kind.endsWith("NumberField") ||
                kind.endsWith("AccountsView") || kind.endsWith("DoubtView")) {
                ++figures;
                QVERIFY2(!told->whatsThis().startsWith(readOn), widget->metaObject()->className());
            }
        }
        QVERIFY(figures >= 10);
    }

    void helpIsAboutWhatIsAtHand()
    {
        Shop shop;
        MainWindow& window = *shop.window;
        window.goTo(MainWindow::Make);
        QSet<QString> named;
        for (const QWidget* widget : window.findChildren<QWidget*>())
            if (const QString page = helpPageOf(widget); !page.isEmpty())
                named.insert(page);
        for (const QString& page : named)
            QVERIFY2(ids().contains(page), qPrintable(page));
        QVERIFY(named.contains("bench") && named.contains("day") && named.contains("how-sure"));
        QCOMPARE(helpPageOf(&window.bench()), QStringLiteral("bench"));
        QCOMPARE(helpPageOf(&window), QString());

        ManualWindow* manual = openManual(QStringLiteral("cure"));
        QVERIFY(manual);
        QCOMPARE(manual->page(), QStringLiteral("cure"));
        QTRY_COMPARE_WITH_TIMEOUT(manual->list()->count(), int(pages_.size()), 10000);
        // The one window, at another page.
        QCOMPARE(openManual(QStringLiteral("heat")), manual);
        QCOMPARE(manual->list()->currentItem()->text(), QStringLiteral("How warm it gets"));
        // A word of one page finds it, once the index is made.
        manual->findField()->setText(QStringLiteral("phenolphthalein"));
        QTRY_VERIFY_WITH_TIMEOUT(
            !manual->list()
                 ->findItems(QStringLiteral("Is it safe to use?"), Qt::MatchExactly)
                 .isEmpty(),
            20000);
        manual->findField()->setText(QStringLiteral("xyzzy"));
        QTRY_VERIFY_WITH_TIMEOUT(manual->list()->item(0)->text().contains("No page"), 20000);
        manual->findField()->clear();
        QTRY_COMPARE_WITH_TIMEOUT(manual->list()->count(), int(pages_.size()), 10000);
        manual->list()->setCurrentRow(0);
        QCOMPARE(manual->page(), QStringLiteral("start"));
        manual->close();
    }
};

QTEST_MAIN(TestManual)
#include "tst_manual.moc"
