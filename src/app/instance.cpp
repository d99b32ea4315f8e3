#include "app/instance.h"

#include "door/door.h"
#include "storage/data_folder.h"
#include "storage/program_files.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QStandardPaths>

namespace rhexion {

Instance::Instance(const QString& dataFolder, QObject* parent)
    : QObject(parent), folder_(dataFolder)
{
    makeOwnFolder(folder_);
    const QString real = QFileInfo(folder_).canonicalFilePath();
    const QByteArray mark =
        QCryptographicHash::hash(real.toUtf8(), QCryptographicHash::Sha256).toHex().left(16);
    QString place = QStandardPaths::writableLocation(QStandardPaths::RuntimeLocation);
    if (place.isEmpty())
        place = QDir::tempPath();
    socket_ = QStringLiteral("%1/rhexion-%2").arg(place, QString::fromLatin1(mark));
}

bool Instance::claim()
{
    lock_ = std::make_unique<QLockFile>(folder_ + QStringLiteral("/in-use.lock"));
    lock_->setStaleLockTime(0); // only a dead owner makes a lock stale
    if (lock_->tryLock())
        return true;
    const bool foreign = lock_->error() == QLockFile::LockFailedError;
    lock_.reset();
    // A folder that cannot be written at all is nobody's: the files will say so themselves.
    return !foreign;
}

Instance::~Instance() = default;

Door* Instance::door() const
{
    if (door_)
        return door_.get();
    if (const auto make =
            reinterpret_cast<MakeDoor>(programEntry(QStringLiteral("librhexion_door"), doorEntry)))
        door_.reset(make());
    return door_.get();
}

bool Instance::handOver(const QStringList& paths) const
{
    return door() && door()->handOver(socket_, paths);
}

void Instance::listen()
{
    if (door())
        door()->listen(socket_, [this](const QStringList& paths) { Q_EMIT wanted(paths); });
}

} // namespace rhexion
