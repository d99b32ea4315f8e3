#include "storage/whole_file.h"

#include <QFile>
#include <QFileInfo>
#include <QSaveFile>

#include <cerrno>
#include <cstdio>
#include <fcntl.h>
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
    syncFolderOf(path);
    return std::nullopt;
}

} // namespace

QString freeName(const QString& path)
{
    QString name = path;
    for (int again = 2; QFileInfo::exists(name); ++again)
        name = QStringLiteral("%1.%2").arg(path).arg(again);
    return name;
}

void syncFolderOf(const QString& path)
{
    const int folder =
        ::open(QFile::encodeName(QFileInfo(path).absolutePath()).constData(), O_RDONLY | O_CLOEXEC);
    if (folder < 0)
        return;
    ::fsync(folder);
    ::close(folder);
}

std::optional<FileFault> exchange(const QString& fresh, const QString& path)
{
    const QByteArray from = QFile::encodeName(fresh);
    const QByteArray to = QFile::encodeName(path);
    const bool there = QFileInfo::exists(path);
    int done = ::renameat2(AT_FDCWD, from.constData(), AT_FDCWD, to.constData(),
                           there ? RENAME_EXCHANGE : RENAME_NOREPLACE);
    if (done != 0 && (errno == EINVAL || errno == ENOSYS)) {
        // A disk that cannot exchange: what was there is never without a name.
        const QByteArray spare = from + ".was";
        done = there ? ::rename(to.constData(), spare.constData()) : 0;
        if (done == 0 && (done = ::rename(from.constData(), to.constData())) == 0)
            done = there ? ::rename(spare.constData(), from.constData()) : 0;
        else if (there)
            ::rename(spare.constData(), to.constData());
    }
    if (done != 0)
        return FileFault{FileFault::Code::CannotWrite, path, qt_error_string(errno)};
    syncFolderOf(path);
    return std::nullopt;
}

std::optional<FileFault> writeWhole(const QString& path, const QByteArray& bytes, bool ownOnly)
{
    return writePieces(path, ownOnly,
                       [left = bytes]() mutable { return std::exchange(left, QByteArray()); });
}

std::variant<QByteArray, FileFault> readUpTo(QFile& file, qint64 most)
{
    // It may grow while it is read, so the read itself is bounded.
    QByteArray bytes = file.read(most + 1);
    if (file.error() != QFile::NoError)
        return FileFault{FileFault::Code::CannotOpen, file.fileName(), file.errorString()};
    return bytes;
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
