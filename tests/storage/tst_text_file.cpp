// Text files as they come: their scripts, and what is no text. Bytes by the published tables of
// Windows-1252 and UTF-16.
#include <QTest>

#include "storage/text_file.h"

using namespace rhexion;

class TestTextFile : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void reads_data()
    {
        QTest::addColumn<QByteArray>("bytes");
        QTest::addColumn<QString>("says");
        const QString text = QStringLiteral("Küche\n1½ tsp “salt” – 5 °C\n");
        QTest::newRow("utf-8") << text.toUtf8() << text;
        QTest::newRow("utf-8 with its mark") << QByteArray("\xef\xbb\xbf") + text.toUtf8() << text;
        QTest::newRow("windows-1252") << QByteArray("K\xfc"
                                                    "che\n1\xbd tsp \x93salt\x94 \x96 5 \xb0"
                                                    "C\n")
                                      << text;
        QByteArray little("\xff\xfe");
        QByteArray big("\xfe\xff");
        for (const QChar c : text) {
            little.append(char(c.unicode() & 0xff)).append(char(c.unicode() >> 8));
            big.append(char(c.unicode() >> 8)).append(char(c.unicode() & 0xff));
        }
        QTest::newRow("utf-16, small end first") << little << text;
        QTest::newRow("utf-16, great end first") << big << text;
        QTest::newRow("nothing") << QByteArray() << QString(QLatin1String(""));
        QTest::newRow("a page break") << QByteArray("a\fb") << QStringLiteral("a\fb");
    }
    void reads()
    {
        QFETCH(QByteArray, bytes);
        QFETCH(QString, says);
        const auto text = textOfBytes(bytes);
        QVERIFY(text);
        QCOMPARE(*text, says);
    }

    void isNoText_data()
    {
        QTest::addColumn<QByteArray>("bytes");
        QTest::newRow("picture") << QByteArray("\x89PNG\r\n\x1a\n\0\0\0\rIHDR", 16);
        QTest::newRow("archive") << QByteArray("PK\x03\x04\x14\x00\x06", 7);
        QTest::newRow("a nothing in it") << QByteArray("300 g olive\0oil", 15);
        QByteArray noise;
        quint32 x = 7;
        for (int i = 0; i < 400; ++i) {
            x = x * 1664525U + 1013904223U;
            noise.append(char(x >> 24));
        }
        QTest::newRow("noise") << noise.replace('\0', 'a');
    }
    void isNoText()
    {
        QFETCH(QByteArray, bytes);
        QVERIFY(!textOfBytes(bytes));
    }
};

QTEST_APPLESS_MAIN(TestTextFile)
#include "tst_text_file.moc"
