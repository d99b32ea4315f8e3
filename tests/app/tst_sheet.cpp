// The batch sheet: what it says, in every unit, for small and large formulas.
#include <QImage>
#include <QPainter>
#include <QProcess>
#include <QRegularExpression>
#include <QTest>

#include "sheet/batch_sheet.h"
#include "sheet/facts_sheet.h"
#include "sheet/label_sheet.h"
#include "sheet/shipped_fonts.h"
#include "support/files.h"
#include "support/make.h"

#include <QBuffer>
#include <QLocale>
#include <QPdfWriter>
#include <QTemporaryDir>
#include <QTextDocument>

using namespace rhexion;
using namespace rhexion::test;

namespace {

QString textOf(const Formula& f, const Habits& habits = {})
{
    const auto r = std::get<Reckoning>(reckon(f));
    QTextDocument document;
    document.setHtml(BatchSheet(f, r, Speech(habits)).html());
    return document.toPlainText();
}

bool fitsOnePage(const Formula& f)
{
    const auto r = std::get<Reckoning>(reckon(f));
    QBuffer buffer;
    buffer.open(QIODevice::WriteOnly);
    QPdfWriter writer(&buffer);
    writer.setPageSize(QPageSize(QPageSize::A4));
    return BatchSheet(f, r, Speech()).draw(writer);
}

} // namespace

class TestSheet : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase() { QVERIFY(loadShippedFonts()); }

    // Labels on sheets of their own size: as many pages as they take, each label within its place.
    void labels()
    {
        QTemporaryDir dir;
        LabelJob job;
        job.text = {QStringLiteral("Quince loaf"),
                    {QStringLiteral("Olea Europaea Fruit Oil"), QStringLiteral("Aqua"),
                     QStringLiteral("[something nobody named]")},
                    QStringLiteral("95 g"),
                    QStringLiteral("26-255-01B"),
                    QStringLiteral("A bench, a village"),
                    95.0};
        job.qr = true;
        job.count = 20;
        job.skip = 2;
        const QString path = dir.filePath(QStringLiteral("labels.pdf"));
        QVERIFY(!writeLabelsPdf(path, job));
        const auto run = [](const QString& program, const QStringList& args) {
            QProcess process;
            process.start(program, args);
            process.waitForFinished();
            return QString::fromUtf8(process.readAllStandardOutput());
        };
        const QString info = run(QStringLiteral("pdfinfo"), {path});
        QVERIFY2(info.contains(QRegularExpression(QStringLiteral("Pages: +3"))), qPrintable(info));
        QVERIFY2(info.contains(QRegularExpression(QStringLiteral("59[45][.0-9]* x 84[12]"))),
                 qPrintable(info));
        const QString text = run(QStringLiteral("pdftotext"), {path, QStringLiteral("-")});
        QCOMPARE(text.count(QLatin1String("26-255-01B")), 20);
        QCOMPARE(text.count(QLatin1String("Quince loaf")), 20);
        QVERIFY(writeLabelsPdf(QStringLiteral("/proc/no/labels.pdf"), job));
        // Nothing is drawn outside its place, and a text without end says that it does not fit.
        QImage image(400, 400, QImage::Format_RGB32);
        image.fill(Qt::white);
        {
            QPainter painter(&image);
            QVERIFY(drawLabel(painter, QRectF(100, 100, 250, 250), job));
        }
        for (int i = 0; i < 400; ++i)
            QVERIFY(image.pixel(i, 98) == QColor(Qt::white).rgb() &&
                    image.pixel(98, i) == QColor(Qt::white).rgb());
        for (int i = 0; i < 600; ++i)
            job.text.ingredients << QStringLiteral("Ingredient number %1").arg(i);
        QPainter painter(&image);
        QVERIFY(!drawLabel(painter, QRectF(100, 100, 250, 250), job));
    }

    void saysWhatMatters_data()
    {
        QTest::addColumn<QString>("name");
        QTest::addColumn<QStringList>("says");
        QTest::newRow("frozen rest")
            << demoNames[0] << QStringList{"the rest, frozen", "218.6 g", "Quince", "over ice"};
        QTest::newRow("strong jug")
            << demoNames[1]
            << QStringList{"Water for the jug", "141.0 g", "Dissolve acid, sugar and salt"};
        QTest::newRow("two hydroxides")
            << demoNames[2] << QStringList{"purity 90 %", "29.0 g", "Acid and lye: heat and fumes"};
    }
    void saysWhatMatters()
    {
        QFETCH(QString, name);
        QFETCH(QStringList, says);
        const QString text = textOf(demo(name.toLatin1()));
        for (const QString& words : says)
            QVERIFY2(text.contains(words), qPrintable(words + QLatin1String(" in ") + text));
        // Every blank that a maker fills in, and every word of safety, once.
        for (const char* blank : {"Jug, hottest", "Pot at joining", "Trace after", "Unmoulded",
                                  "Goggles", "poison centre", "qualified assessor"})
            QCOMPARE(text.count(QLatin1String(blank)), 1);
    }

    void aSplitBatterIsOnIt()
    {
        const QString text = textOf(demo(demoNames[3]));
        for (const char* words :
             {"Divide the batter", "Oil set aside for Rhubarb", "second jug",
              "with 30.0 g of oil back", "the round tray", "scent 2.5 % of its oils",
              "Water for Maple syrup", "within 6.0 \u00B0C of each other"})
            QVERIFY2(text.contains(QString::fromUtf8(words)), words);
    }

    void workingFollowsTheSheet()
    {
        const Formula f = demo(demoNames[3]);
        const auto r = std::get<Reckoning>(reckon(f));
        QTemporaryDir dir;
        qsizetype pages[2];
        for (const bool working : {false, true}) {
            const QString path = dir.filePath(QStringLiteral("%1.pdf").arg(working));
            QVERIFY(!writeSheetPdf(path, f, r, Speech(), working));
            pages[working] = bytesOf(path).count("/Type /Page\n");
        }
        QCOMPARE(pages[0], 1);
        QVERIFY(pages[1] >= 3);
    }

    void inOunces()
    {
        const QString text =
            textOf(demo(demoNames[0]), {AmountUnit::Ounce, true, QLocale(QLocale::English)});
        QVERIFY(text.contains(QLatin1String("14.82 oz")));
        QVERIFY(!text.contains(QLatin1String("420.0 g")));
    }

    void belowZeroIsMarked()
    {
        Formula f = twoOils();
        QVERIFY(!textOf(f).contains(QLatin1String("NOT FOR SKIN")));
        f.lye.superfat = -0.02;
        QVERIFY(textOf(f).contains(QLatin1String("NOT FOR SKIN")));
    }

    void namesAreNotMarkup()
    {
        Formula f = twoOils();
        f.name = "<img src=x> & \"Co\"";
        f.notes = "<b>bold</b>";
        const QString text = textOf(f);
        QVERIFY(text.contains(QLatin1String("<img src=x> & \"Co\"")) &&
                text.contains(QLatin1String("<b>bold</b>")));
    }

    void pages()
    {
        for (const char* name : demoNames)
            QVERIFY(fitsOnePage(demo(name)));
        Formula f = twoOils();
        for (int i = 0; i < 30; ++i)
            add(f, oil(qPrintable(QString("oil number %1").arg(i)), 190), grams(20));
        QVERIFY(fitsOnePage(f)); // smaller type
        for (int i = 0; i < 200; ++i)
            add(f, oil("one more", 190), grams(5));
        QVERIFY(!fitsOnePage(f)); // runs on, and says so
    }

    // What a panel says comes onto as many pages as it needs, none of it as markup.
    void factsOnPaper()
    {
        QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("f.pdf"));
        words::FactPage page{"Moulds", "It <img src=x> goes in.", {{"Batter", {}, {}}}};
        qsizetype pages[2];
        for (const int facts : {3, 150}) {
            while (page.sections[0].facts.size() < facts)
                page.sections[0].facts.append({"To pour", "1172.2 g", "1 % stays in the pot",
                                               words::Fact::Tone::Care, "drop-0", "take it away"});
            QVERIFY(!writeFactsPdf(path, page, "<b>Dune</b>", Habits()));
            QVERIFY(bytesOf(path).startsWith("%PDF"));
            pages[facts > 3] = bytesOf(path).count("/Type /Page\n");
        }
        QCOMPARE(pages[0], 1);
        QVERIFY2(pages[1] >= 3 && pages[1] <= 9, qPrintable(QString::number(pages[1])));
        QVERIFY(writeFactsPdf(dir.filePath(QStringLiteral("no/f.pdf")), page, "Dune", Habits()));
    }

    void cannotBeWritten()
    {
        const Formula f = demo(demoNames[0]);
        const auto r = std::get<Reckoning>(reckon(f));
        QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("s.pdf"));
        QVERIFY(!writeSheetPdf(path, f, r, Speech()));
        QVERIFY(bytesOf(path).startsWith("%PDF"));
        const auto fault = writeSheetPdf(dir.filePath(QStringLiteral("no/s.pdf")), f, r, Speech());
        QVERIFY(fault);
        QCOMPARE(int(fault->code), int(FileFault::Code::CannotWrite));
    }
};

QTEST_MAIN(TestSheet)
#include "tst_sheet.moc"
