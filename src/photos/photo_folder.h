// The folder of photographs beside a journal. A photograph that is taken in is decoded within
// limits, turned upright, brought to 2,000 px at most and written anew as JPEG, named by the
// SHA-256 of what is in the new file: nothing of the file that came is kept, its place and camera
// least of all.
#pragma once

#include "storage/file_fault.h"

#include <QDate>
#include <QImage>
#include <QString>

#include <variant>

namespace rhexion {

struct PhotoTaken {
    QString file;             // its name in the folder
    std::uint32_t colour = 0; // 0xRRGGBB: of the middle of it, by the median
    QDate day;                // as its name or its file says; null if neither does
};

class PhotoFolder {
public:
    static constexpr qint64 mostMegabytes = 40;   // of the file as it comes
    static constexpr qint64 mostMegapixels = 128; // of a phone, and room above
    static constexpr int longestSide = 2000;      // px, of the one that is kept
    static constexpr int thumbSide = 240;

    explicit PhotoFolder(QString folder) : folder_(std::move(folder)) {}

    // JPEG, PNG or WebP, by what is in it. Refused with why, and nothing is left behind: no such
    // file, too large, no picture, cut short, the disk full.
    std::variant<PhotoTaken, FileFault> take(const QString& path) const;
    // Null where it is not there or cannot be read.
    QImage photo(const QString& file) const;
    QImage thumb(const QString& file) const; // made anew where it is missing
    QString path(const QString& file) const;
    const QString& folder() const { return folder_; }

private:
    QString folder_;
};

// The median of each channel in the middle fifth of the picture.
std::uint32_t sampledColour(const QImage& image);
// "IMG_20261127_101500.jpg" says its day; null where a name does not.
QDate dayInName(const QString& name);

} // namespace rhexion
