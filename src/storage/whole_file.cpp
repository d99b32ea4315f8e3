#include "storage/whole_file.h"

#include <QFile>
#include <QFileInfo>
#include <QSaveFile>

#include <unistd.h>
#include <utility>

namespace rhexion {

namespace {

// more() gives the next piece, and an empty one at the end.
template <class More>
std::optional<FileFault> writePieces(const QString& path, bool ownOnly, More more)
{
    const QFileInfo info(path);
    if (info.exists() && !info.isFile())
        return FileFault{FileFault::Code::NotAFile, path, {}};
    QSaveFile file(path);
    // Unbuffered: commit() of Qt 6.4 does not hear when its last flush or sync fails on a full
    // disk, and would put half a file in the place of a whole one.
    if (!file.open(QIODevice::WriteOnly | QIODevice::Unbuffered))
        return FileFault{FileFault::Code::CannotWrite, path, file.errorString()};
    if (ownOnly)
        file.setPermissions(QFile::ReadOwner | QFile::WriteOwner);
    bool good = true;
    for (QByteArray piece = more(); good && !piece.isEmpty(); piece = more())
        good = file.write(piece) == piece.size();
    if (!good || ::fsync(file.handle()) != 0 || !file.commit())
        return FileFault{FileFault::Code::CannotWrite, path, file.errorString()};
    return std::nullopt;
}

} // namespace

std::optional<FileFault> writeWhole(const QString& path, const QByteArray& bytes, bool ownOnly)
{
    return writePieces(path, ownOnly,
                       [left = bytes]() mutable { return std::exchange(left, QByteArray()); });
}

std::optional<FileFault> copyWhole(const QString& from, const QString& to)
{
    constexpr qint64 piece = 1 << 20;
    QFile file(from);
    if (!file.open(QIODevice::ReadOnly))
        return FileFault{FileFault::Code::CannotOpen, from, file.errorString()};
    const auto fault = writePieces(to, true, [&] { return file.read(piece); });
    if (!fault && !file.atEnd())
        return FileFault{FileFault::Code::CannotOpen, from, file.errorString()};
    return fault;
}

} // namespace rhexion
