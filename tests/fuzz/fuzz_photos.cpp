// A photograph as anything may have written it: taken in within limits or refused, nothing between.
#include "fuzz.h"
#include "photos/photo_folder.h"

#include <QTemporaryDir>

using namespace rhexion;

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size)
{
    static QTemporaryDir dir;
    const QString path = dir.filePath(QStringLiteral("photo"));
    if (!fuzz::fileOf(path, data, size))
        return 0;
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
