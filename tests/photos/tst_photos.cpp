// Photographs from anywhere: taken in within limits, upright, without what the file said besides;
// hostile ones refused with nothing left behind.
#include "photos/photo_folder.h"

#include <QBuffer>
#include <QDir>
#include <QImage>
#include <QPainter>
#include <QTemporaryDir>
#include <QTest>

#include <sys/stat.h>

using namespace rhexion;

namespace {

QByteArray bytesOf(const QImage& image, const char* format)
{
    QByteArray out;
    QBuffer buffer(&out);
    buffer.open(QIODevice::WriteOnly);
    image.save(&buffer, format, 90);
    return out;
}

// Wide, left half one colour and right half another.
QImage halves(int w, int h, const QColor& left, const QColor& right)
{
    QImage out(w, h, QImage::Format_RGB32);
    out.fill(left);
    QPainter painter(&out);
    painter.fillRect(w / 2, 0, w - w / 2, h, right);
    return out;
}

// An EXIF segment with an orientation and a text that must not be kept.
QByteArray withExif(const QByteArray& jpeg, int orientation)
{
    QByteArray tiff("II*\0\x08\0\0\0", 8);
    tiff += QByteArray("\x02\0", 2); // two entries
    tiff += QByteArray("\x12\x01\x03\0\x01\0\0\0", 8) + char(orientation) + QByteArray("\0\0\0", 3);
    tiff += QByteArray("\x0f\x01\x02\0\x0c\0\0\0\x26\0\0\0", 12); // maker, 12 bytes at 38
    tiff += QByteArray("\0\0\0\0", 4);
    tiff += QByteArray("SecretPhone\0", 12);
    const QByteArray body = QByteArray("Exif\0\0", 6) + tiff;
    const int length = int(body.size()) + 2;
    return jpeg.left(2) + QByteArray("\xff\xe1", 2) + char(length >> 8) + char(length & 255) +
           body + jpeg.mid(2);
}

// A PNG that says it is so large and holds next to nothing.
QByteArray bomb(quint32 w, quint32 h)
{
    QByteArray png = bytesOf(QImage(4, 4, QImage::Format_RGB32), "PNG");
    const auto big = [](quint32 v) {
        return QByteArray{1, char(v >> 24)} + char(v >> 16) + char(v >> 8) + char(v);
    };
    png.replace(16, 4, big(w));
    png.replace(20, 4, big(h));
    quint32 crc = 0xffffffffu;
    for (int i = 12; i < 29; ++i) {
        crc ^= quint8(png[i]);
        for (int k = 0; k < 8; ++k)
            crc = (crc & 1) ? 0xedb88320u ^ (crc >> 1) : crc >> 1;
    }
    png.replace(29, 4, big(~crc));
    return png;
}

} // namespace

class TestPhotos : public QObject {
    Q_OBJECT
    QTemporaryDir dir_;

    QString put(const QString& name, const QByteArray& bytes) const
    {
        QFile file(dir_.filePath(name));
        return file.open(QIODevice::WriteOnly) && file.write(bytes) == bytes.size()
                   ? file.fileName()
                   : QString();
    }
    QString folder() const { return dir_.filePath(QStringLiteral("photos")); }

private Q_SLOTS:
    void init() { QDir(folder()).removeRecursively(); }

    void takenIn_data()
    {
        QTest::addColumn<QByteArray>("bytes");
        const QImage wide = halves(3000, 1000, QColor(200, 40, 40), QColor(200, 40, 40));
        QTest::newRow("jpeg") << bytesOf(wide, "JPEG");
        const QColor red(200, 40, 40);
        QTest::newRow("53 megapixels") << bytesOf(halves(12600, 4200, red, red), "JPEG");
        QTest::newRow("png") << bytesOf(wide, "PNG");
        if (const QByteArray webp = bytesOf(wide, "WEBP"); !webp.isEmpty())
            QTest::newRow("webp") << webp;
    }
    void takenIn()
    {
        QFETCH(QByteArray, bytes);
        const PhotoFolder photos(folder());
        const auto result = photos.take(put(QStringLiteral("IMG_20261108_0912.dat"), bytes));
        QVERIFY(std::holds_alternative<PhotoTaken>(result));
        const auto& taken = std::get<PhotoTaken>(result);
        QCOMPARE(taken.day, QDate(2026, 11, 8));
        const QImage kept = photos.photo(taken.file);
        QCOMPARE(kept.size(), QSize(2000, 666)); // brought down, in its proportions
        const QColor colour = QColor::fromRgb(taken.colour);
        QVERIFY(std::abs(colour.red() - 200) < 8 && std::abs(colour.green() - 40) < 8);
        QCOMPARE(photos.thumb(taken.file).width(), PhotoFolder::thumbSide);
        // The same picture a second time is the same file.
        const auto again = photos.take(put(QStringLiteral("other"), bytes));
        QCOMPARE(std::get<PhotoTaken>(again).file, taken.file);
        QCOMPARE(QDir(folder()).entryList(QDir::Files).size(), 1);
        QCOMPARE(QFile(photos.path(taken.file)).permissions() & QFile::ReadOther, 0);
    }

    void turnedUpright()
    {
        // Orientation 6: the camera lay on its side; right of the file is down.
        const QByteArray jpeg = bytesOf(halves(400, 200, Qt::black, Qt::white), "JPEG");
        const PhotoFolder photos(folder());
        const auto result = photos.take(put(QStringLiteral("side.jpg"), withExif(jpeg, 6)));
        const auto& taken = std::get<PhotoTaken>(result);
        const QImage kept = photos.photo(taken.file);
        QCOMPARE(kept.size(), QSize(200, 400));
        QVERIFY(qGray(kept.pixel(100, 40)) < 40 && qGray(kept.pixel(100, 360)) > 215);
        QFile file(photos.path(taken.file));
        QVERIFY(file.open(QIODevice::ReadOnly));
        QVERIFY(!file.readAll().contains("SecretPhone"));
    }

    void whatShinesThroughIsWhite()
    {
        QImage clear(50, 50, QImage::Format_ARGB32);
        clear.fill(QColor(0, 0, 0, 0));
        const PhotoFolder photos(folder());
        const auto taken = photos.take(put(QStringLiteral("clear.png"), bytesOf(clear, "PNG")));
        QCOMPARE(std::get<PhotoTaken>(taken).colour, 0xffffffu);
    }

    void refused_data()
    {
        QTest::addColumn<QByteArray>("bytes");
        QTest::addColumn<int>("code");
        using C = FileFault::Code;
        const QByteArray jpeg = bytesOf(halves(600, 600, Qt::red, Qt::blue), "JPEG");
        const QByteArray png = bytesOf(halves(600, 600, Qt::red, Qt::blue), "PNG");
        const auto row = [](const char* name, const QByteArray& bytes, C code) {
            QTest::newRow(name) << bytes << int(code);
        };
        row("nothing", {}, C::NotAPhoto);
        row("text", "no picture at all", C::NotAPhoto);
        row("svg",
            "<svg xmlns='http://www.w3.org/2000/svg'><image href='file:///etc/passwd'/></svg>",
            C::NotAPhoto);
        row("gif", bytesOf(QImage(), "GIF") + "GIF89a\x01\0\x01\0", C::NotAPhoto);
        row("half a jpeg", jpeg.left(jpeg.size() / 2), C::Damaged);
        row("a jpeg without its end", jpeg.left(jpeg.size() - 2), C::Damaged);
        row("half a png", png.left(png.size() / 2), C::Damaged);
        row("a bomb", bomb(60000, 60000), C::TooManyPixels);
        row("a wide bomb", bomb(2000000000, 1), C::Damaged); // the library refuses it first
        row("a small lie", bomb(5000, 5000), C::Damaged);
        row("jpeg head alone", QByteArray("\xff\xd8\xff\xe0\x00\x10JFIF", 10), C::Damaged);
    }
    void refused()
    {
        QFETCH(QByteArray, bytes);
        QFETCH(int, code);
        const PhotoFolder photos(folder());
        const auto result = photos.take(put(QStringLiteral("bad"), bytes));
        QVERIFY(std::holds_alternative<FileFault>(result));
        QCOMPARE(int(std::get<FileFault>(result).code), code);
        QVERIFY(QDir(folder()).entryList(QDir::Files).isEmpty());
    }

    // Cut at every hundredth: taken in whole or refused, and nothing between.
    void cutAnywhere()
    {
        const PhotoFolder photos(folder());
        int whole = 0;
        for (const char* format : {"JPEG", "PNG"}) {
            const QByteArray bytes = bytesOf(halves(300, 200, Qt::red, Qt::blue), format);
            for (int percent = 0; percent <= 100; ++percent) {
                const auto result = photos.take(
                    put(QStringLiteral("cut"), bytes.left(bytes.size() * percent / 100)));
                const bool taken = std::holds_alternative<PhotoTaken>(result);
                whole += taken ? 1 : 0;
                QVERIFY2(!taken || percent >= 99, qPrintable(QString::number(percent)));
            }
        }
        QVERIFY(whole >= 2);
    }

    void noFiles()
    {
        const PhotoFolder photos(folder());
        const QString pipe = dir_.filePath(QStringLiteral("pipe"));
        QCOMPARE(::mkfifo(QFile::encodeName(pipe).constData(), 0600), 0);
        QCOMPARE(int(std::get<FileFault>(photos.take(pipe)).code), int(FileFault::Code::NotAFile));
        QCOMPARE(int(std::get<FileFault>(photos.take(dir_.path())).code),
                 int(FileFault::Code::NotAFile));
        QCOMPARE(int(std::get<FileFault>(photos.take(QStringLiteral("/no/such"))).code),
                 int(FileFault::Code::CannotOpen));
        // A folder that cannot be written to.
        const PhotoFolder nowhere(QStringLiteral("/proc/rhexion-photos"));
        const auto taken = nowhere.take(
            put(QStringLiteral("good.png"), bytesOf(halves(9, 9, Qt::red, Qt::red), "PNG")));
        QCOMPARE(int(std::get<FileFault>(taken).code), int(FileFault::Code::CannotWrite));
        // Names that are none of ours open nothing.
        QVERIFY(photos.photo(QStringLiteral("../../etc/passwd")).isNull());
    }

    void daysInNames_data()
    {
        QTest::addColumn<QString>("name");
        QTest::addColumn<QDate>("day");
        QTest::newRow("phone") << "IMG_20261127_101500.jpg" << QDate(2026, 11, 27);
        QTest::newRow("dashes") << "soap 2026-02-03.png" << QDate(2026, 2, 3);
        QTest::newRow("none") << "DSC00412.jpg" << QDate();
        QTest::newRow("no such day") << "20261399.jpg" << QDate();
    }
    void daysInNames()
    {
        QFETCH(QString, name);
        QTEST(dayInName(name), "day");
    }
};

QTEST_GUILESS_MAIN(TestPhotos)
#include "tst_photos.moc"
