// A photograph as anything may have written it: taken in within limits or refused, nothing between.
#include "fuzz.h"
#include "photos/photo_folder.h"

#include <QTemporaryDir>

using namespace rhexion;

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size)
{
    static QTemporaryDir dir;
    const QString path = dir.filePath(QStringLiteral("photo"));
    QFile file(path);
    if (!file.open(QIODevice::WriteOnly) ||
        file.write(reinterpret_cast<const char*>(data), qint64(size)) != qint64(size))
        return 0;
    file.close();
    const PhotoFolder photos(dir.filePath(QStringLiteral("photos")));
    const auto taken = photos.take(path);
    if (const auto* photo = std::get_if<PhotoTaken>(&taken)) {
        const QImage kept = photos.photo(photo->file);
        fuzz::demand(!kept.isNull() && kept.width() <= PhotoFolder::longestSide &&
                         kept.height() <= PhotoFolder::longestSide,
                     "what was taken in is there, within its size");
        QFile::remove(photos.path(photo->file));
    }
    return 0;
}
