// A file that is written whole or not at all.
#pragma once

#include "storage/file_fault.h"

#include <QByteArray>
#include <QFile>
#include <QString>

#include <optional>
#include <variant>

namespace rhexion {

// Writes beside the file, sees it on the disk, and then puts it in its place: a crash or a full
// disk leaves the old one whole. ownOnly: nobody else may read it.
std::optional<FileFault> writeWhole(const QString& path, const QByteArray& bytes,
                                    bool ownOnly = false);
// The bytes of an open file up to so many and one more, by which a longer one is known; why not
// where it cannot be read to there. An empty answer is an empty file.
std::variant<QByteArray, FileFault> readUpTo(QFile& file, qint64 most);
// A copy of a file, for its owner alone, the same way.
std::optional<FileFault> copyWhole(const QString& from, const QString& to);
// The path itself, or the first of path.2, path.3, ... that is not there.
QString freeName(const QString& path);
// What has a name in that folder keeps it through a power cut from now on; where a disk cannot say
// so, nothing is done.
void syncFolderOf(const QString& path);
// Two files or folders change places in one step, so that a crash leaves both whole; where path is
// not there, fresh becomes it.
std::optional<FileFault> exchange(const QString& fresh, const QString& path);

} // namespace rhexion
