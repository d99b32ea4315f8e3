#include "photos/photo_folder.h"

#include "storage/after_json.h"
#include "storage/whole_file.h"

#include <QBuffer>
#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QImageReader>
#include <QRegularExpression>

#include <algorithm>
#include <array>

namespace rhexion {

namespace {

using Code = FileFault::Code;

constexpr int quality = 88;
constexpr qint64 megabyte = 1024 * 1024;

// A JPEG that was cut short is decoded half grey and no fault told: its end mark is looked for
// behind where its picture begins.
bool isCutShort(const QByteArray& bytes)
{
    const auto at = [&](qsizetype i) { return static_cast<unsigned char>(bytes[i]); };
    if (bytes.size() < 4 || at(0) != 0xff || at(1) != 0xd8)
        return false; // no JPEG
    qsizetype i = 2;
    while (i + 4 <= bytes.size() && at(i) == 0xff) {
        const int marker = at(i + 1);
        if (marker == 0xda) // the picture begins
            return bytes.indexOf(QByteArray("\xff\xd9", 2), i) < 0;
        if (marker == 0xff) {
            ++i;
            continue;
        }
        i += 2 + at(i + 2) * 256 + at(i + 3);
    }
    return true;
}

QByteArray asJpeg(const QImage& image)
{
    QByteArray out;
    QBuffer buffer(&out);
    buffer.open(QIODevice::WriteOnly);
    return image.save(&buffer, "JPEG", quality) ? out : QByteArray();
}

QImage atMost(const QImage& image, int side)
{
    return image.width() <= side && image.height() <= side
               ? image
               : image.scaled(side, side, Qt::KeepAspectRatio, Qt::SmoothTransformation);
}

QImage onPaper(const QImage& image)
{
    // What shines through is white: a JPEG has no transparency.
    QImage out(image.size(), QImage::Format_RGB32);
    out.fill(Qt::white);
    const QImage rgba = image.convertToFormat(QImage::Format_ARGB32_Premultiplied);
    for (int y = 0; y < out.height(); ++y) {
        const auto* from = reinterpret_cast<const QRgb*>(rgba.constScanLine(y));
        auto* to = reinterpret_cast<QRgb*>(out.scanLine(y));
        for (int x = 0; x < out.width(); ++x) {
            const int white = 255 - qAlpha(from[x]);
            to[x] = qRgb(qRed(from[x]) + white, qGreen(from[x]) + white, qBlue(from[x]) + white);
        }
    }
    return out;
}

} // namespace

std::uint32_t sampledColour(const QImage& image)
{
    if (image.isNull())
        return 0;
    const QImage rgb = atMost(image, 500).convertToFormat(QImage::Format_RGB32);
    const int w = std::max(1, rgb.width() / 5);
    const int h = std::max(1, rgb.height() / 5);
    const int left = (rgb.width() - w) / 2;
    const int top = (rgb.height() - h) / 2;
    std::array<std::vector<int>, 3> channels;
    for (int y = top; y < top + h; ++y)
        for (int x = left; x < left + w; ++x) {
            const QRgb pixel = rgb.pixel(x, y);
            channels[0].push_back(qRed(pixel));
            channels[1].push_back(qGreen(pixel));
            channels[2].push_back(qBlue(pixel));
        }
    std::uint32_t out = 0;
    for (std::vector<int>& channel : channels) {
        const auto middle = channel.begin() + std::ptrdiff_t(channel.size() / 2);
        std::nth_element(channel.begin(), middle, channel.end());
        out = out * 256 + std::uint32_t(*middle);
    }
    return out;
}

QDate dayInName(const QString& name)
{
    static const QRegularExpression day(
        QStringLiteral("(?<!\\d)(20\\d\\d)[-_.]?([01]\\d)[-_.]?([0-3]\\d)(?!\\d)"));
    const auto found = day.match(name);
    return found.hasMatch() ? QDate(found.captured(1).toInt(), found.captured(2).toInt(),
                                    found.captured(3).toInt())
                            : QDate();
}

QString PhotoFolder::path(const QString& file) const
{
    return folder_ + QLatin1Char('/') + file;
}

std::variant<PhotoTaken, FileFault> PhotoFolder::take(const QString& path) const
{
    const QFileInfo info(path);
    if (!info.exists())
        return FileFault{Code::CannotOpen, path, {}};
    if (!info.isFile()) // a pipe or a device never ends
        return FileFault{Code::NotAFile, path, {}};
    if (info.size() > mostMegabytes * megabyte)
        return FileFault{Code::TooLarge, path, QString::number(mostMegabytes)};
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly))
        return FileFault{Code::CannotOpen, path, file.errorString()};
    auto read = readUpTo(file, mostMegabytes * megabyte);
    if (auto* fault = std::get_if<FileFault>(&read))
        return std::move(*fault);
    auto& bytes = std::get<QByteArray>(read);
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::ReadOnly);
    QImageReader reader(&buffer);
    reader.setDecideFormatFromContent(true);
    const QByteArray format = reader.format();
    if (format != "jpeg" && format != "png" && format != "webp")
        return FileFault{Code::NotAPhoto, path, {}};
    // The size is asked before anything is decoded: a small file may open to a huge picture.
    const QSize size = reader.size();
    if (!size.isValid() || size.isEmpty())
        return FileFault{Code::Damaged, path, {}};
    if (qint64(size.width()) * size.height() > mostMegapixels * 1'000'000)
        return FileFault{Code::TooManyPixels, path, QString::number(mostMegapixels)};
    if (isCutShort(bytes))
        return FileFault{Code::Damaged, path, {}};
    reader.setAutoTransform(true);
    // A JPEG is decoded at a part of its size, so that a large one needs no more memory; others are
    // decoded whole, 4 bytes a pixel.
    QImageReader::setAllocationLimit(int(mostMegapixels * 4 + 64));
    if (format == "jpeg" && std::max(size.width(), size.height()) > 2 * longestSide)
        reader.setScaledSize(size.scaled(2 * longestSide, 2 * longestSide, Qt::KeepAspectRatio));
    const QImage image = reader.read();
    if (image.isNull())
        return FileFault{Code::Damaged, path, reader.errorString()};
    const QImage kept = onPaper(atMost(image, longestSide));
    const QByteArray jpeg = asJpeg(kept);
    if (jpeg.isEmpty())
        return FileFault{Code::CannotWrite, folder_, {}};
    PhotoTaken out;
    out.file =
        QString::fromLatin1(QCryptographicHash::hash(jpeg, QCryptographicHash::Sha256).toHex()) +
        QStringLiteral(".jpg");
    out.colour = sampledColour(kept);
    out.day = dayInName(info.fileName());
    if (!out.day.isValid())
        out.day = info.lastModified().date();
    if (!QDir().mkpath(folder_))
        return FileFault{Code::CannotWrite, folder_, {}};
    QFile::setPermissions(folder_, QFile::ReadOwner | QFile::WriteOwner | QFile::ExeOwner);
    if (!QFile::exists(this->path(out.file)))
        if (auto fault = writeWhole(this->path(out.file), jpeg, true))
            return *std::move(fault);
    return out;
}

QImage PhotoFolder::photo(const QString& file) const
{
    if (!isPhotoName(file))
        return {};
    // Somebody may have put another file in its place: the same limits hold.
    const QFileInfo info(path(file));
    if (!info.isFile() || info.size() > mostMegabytes * megabyte)
        return {};
    QImageReader reader(path(file), "jpeg");
    const QSize size = reader.size();
    return size.isValid() && size.width() <= longestSide && size.height() <= longestSide
               ? reader.read()
               : QImage();
}

QImage PhotoFolder::thumb(const QString& file) const
{
    if (!isPhotoName(file))
        return {};
    const QString small = folder_ + QStringLiteral("/small/") + file;
    QImageReader reader(small, "jpeg");
    if (const QSize size = reader.size();
        size.isValid() && size.width() <= thumbSide && size.height() <= thumbSide)
        if (const QImage image = reader.read(); !image.isNull())
            return image;
    const QImage image = atMost(photo(file), thumbSide);
    if (!image.isNull() && QDir().mkpath(folder_ + QStringLiteral("/small")))
        (void)writeWhole(small, asJpeg(image), true); // without it, made again the next time
    return image;
}

} // namespace rhexion
