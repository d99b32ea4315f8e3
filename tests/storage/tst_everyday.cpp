// The words makers type for what they use: the first row of the search is the right one.
#include <QTest>

#include "storage/catalogue.h"
#include "storage/csv.h"
#include "storage/stock.h"
#include "support/built.h"
#include "words/search_words.h"

#include <QFile>
#include <QTemporaryDir>

using namespace rhexion;
using namespace rhexion::test;

class TestEveryday : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase()
    {
        stock_ = std::make_unique<Stock>(dir_.filePath(QStringLiteral("shelf.sqlite")),
                                         built("foods.sqlite"));
        stock_->setSearchRules(words::searchRules());
    }

    // Common practice, no source: 98 of 100 are right at once, and none goes without an answer.
    void words()
    {
        QFile file(QStringLiteral(RHEXION_SOURCE_DIR "/tests/data/everyday_words.csv"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        const auto read = readCsv(file.readAll());
        const auto& rows = std::get<CsvText>(read).rows;
        int right = 0;
        QStringList wrong;
        QStringList nothing;
        for (qsizetype i = 1; i < rows.size(); ++i) {
            const QString word = rows[i].cells.value(0);
            const std::string id = rows[i].cells.value(1).toStdString();
            QVERIFY2(Catalogue::shipped().find(id), id.c_str());
            const auto found = stock_->find(word);
            if (found.empty()) {
                nothing << word;
                continue;
            }
            const StockEntry& first = stock_->entries()[found.front()];
            if (first.material == id)
                ++right;
            else
                wrong << QStringLiteral("%1: %2, not %3")
                             .arg(word, first.name, QString::fromStdString(id));
        }
        const int all = int(rows.size()) - 1;
        QVERIFY(all >= 400);
        QVERIFY2(nothing.isEmpty(), qPrintable(nothing.join(QStringLiteral(", "))));
        QVERIFY2(right * 100 >= all * 98, qPrintable(wrong.join(QLatin1Char('\n'))));
        if (!wrong.isEmpty()) // those of the two in a hundred
            qInfo("%d of %d right; not: %s", right, all,
                  qPrintable(wrong.join(QStringLiteral("; "))));
    }

    void atLeastSoMany() { QVERIFY(Catalogue::shipped().materials().size() >= 420); }

private:
    QTemporaryDir dir_;
    std::unique_ptr<Stock> stock_;
};

QTEST_GUILESS_MAIN(TestEveryday)
#include "tst_everyday.moc"
