#include "storage/good_copies.h"

#include "storage/whole_file.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>

#include <cstdio>
#include <unistd.h>

namespace rhexion {

namespace {

struct Generation {
    const char* ending;
    int days;
};
constexpr Generation generations[] = {{".good-1", 1}, {".good-7", 7}, {".good-30", 30}};
constexpr qint64 day = 24 * 3600; // s

QString generation(const QString& path, std::size_t i)
{
    return path + QLatin1String(generations[i].ending);
}

bool isKeptOn(const QString& copy, int days, const QDateTime& now)
{
    const QFileInfo info(copy);
    if (!info.exists())
        return false;
    const qint64 age = info.lastModified().secsTo(now);
    return age >= 0 && age < days * day;
}

// The same file under a second name, in one step.
bool linkOver(const QString& from, const QString& to)
{
    const QByteArray part = QFile::encodeName(to + QStringLiteral(".new"));
    ::unlink(part.constData());
    return ::link(QFile::encodeName(from).constData(), part.constData()) == 0
               ? std::rename(part.constData(), QFile::encodeName(to).constData()) == 0
               : !copyWhole(from, to); // a disk that knows no second names
}

} // namespace

QString goodCopyOf(const QString& path)
{
    return path + QStringLiteral(".good");
}

QList<QString> goodCopiesOf(const QString& path)
{
    QList<QString> out;
    const auto take = [&](const QString& copy) {
        if (QFileInfo(copy).isFile() && QFileInfo(copy).size() > 0)
            out.append(copy);
    };
    take(goodCopyOf(path));
    for (std::size_t i = 0; i < std::size(generations); ++i)
        take(generation(path, i));
    return out;
}

std::optional<FileFault> placeGoodCopy(const QString& fresh, const QString& path,
                                       const QDateTime& now)
{
    const QString newest = goodCopyOf(path);
    for (std::size_t i = std::size(generations); i-- > 0;) {
        const QString from = i == 0 ? newest : generation(path, i - 1);
        const QString to = generation(path, i);
        if (QFileInfo::exists(from) && !isKeptOn(to, generations[i].days, now) &&
            !linkOver(from, to))
            return FileFault{FileFault::Code::CannotWrite, to, {}};
    }
    QFile file(fresh);
    const bool synced = file.open(QIODevice::ReadWrite) &&
                        file.setPermissions(QFile::ReadOwner | QFile::WriteOwner) &&
                        file.setFileTime(now, QFileDevice::FileModificationTime) &&
                        ::fsync(file.handle()) == 0;
    file.close();
    if (!synced || std::rename(QFile::encodeName(fresh).constData(),
                               QFile::encodeName(newest).constData()) != 0)
        return FileFault{FileFault::Code::CannotWrite, newest, {}};
    syncFolderOf(newest);
    return std::nullopt;
}

namespace {

// The write-ahead log belongs to its file: beside another it would be read into that.
std::optional<FileFault> moveParts(const QString& path, const QString& aside,
                                   std::initializer_list<const char*> endings)
{
    for (const char* ending : endings) {
        const QString from = path + QLatin1String(ending);
        if (QFileInfo::exists(from) && !QFile::rename(from, aside + QLatin1String(ending)))
            return FileFault{FileFault::Code::CannotWrite, from, {}};
    }
    return std::nullopt;
}

} // namespace

std::optional<FileFault> takeGoodCopy(const QString& copy, const QString& path,
                                      const QString& aside)
{
    if (auto fault = copyWhole(copy, aside))
        return fault;
    auto fault = moveParts(path, aside, {"-wal", "-shm"});
    if (!fault)
        fault = exchange(aside, path);
    if (fault)
        moveParts(aside, path, {"-wal", "-shm"});
    return fault;
}

std::optional<FileFault> putAside(const QString& path, const QString& aside)
{
    return moveParts(path, aside, {"", "-wal", "-shm"});
}

JournalTraces tracesOf(const QString& journalFile)
{
    const QFileInfo journal(journalFile);
    const QDir folder(journal.absolutePath());
    const QString name = journal.fileName();
    JournalTraces out;
    out.goodCopies = int(goodCopiesOf(journalFile).size());
    out.weeklyCopies = int(QDir(folder.filePath(QStringLiteral("copies")))
                               .entryList({QStringLiteral("*.rhexion-backup")}, QDir::Files)
                               .size());
    out.photos = int(QDir(folder.filePath(QStringLiteral("photos")))
                         .entryList({QStringLiteral("*.jpg")}, QDir::Files)
                         .size());
    for (const QFileInfo& other :
         folder.entryInfoList({name + QStringLiteral(".damaged-*"), name + QStringLiteral("-wal"),
                               QStringLiteral("making-*.beside")},
                              QDir::Files))
        out.others += other.size() > 0 ? 1 : 0;
    return out;
}

} // namespace rhexion
