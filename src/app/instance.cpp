#include "app/instance.h"

#include "door/door.h"
#include "storage/data_folder.h"
#include "storage/program_files.h"

#include <QCryptographicHash>
#include <QDir>
#include <QElapsedTimer>
#include <QFileInfo>
#include <QStandardPaths>
#include <QThread>

#include <utility>

namespace rhexion {

Instance::Instance(const QString& dataFolder, QObject* parent)
    : QObject(parent), folder_(dataFolder), lock_(dataFolder + QStringLiteral("/in-use.lock"))
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
    // A folder that cannot be written at all is nobody's: the files will say so themselves.
    return lock_.tryLock() != FileLock::Got::Held;
}

Instance::Met Instance::meet(const QStringList& paths)
{
    constexpr int pause = 100; // ms
    constexpr int patience = 10'000;
    QElapsedTimer waited;
    waited.start();
    for (;;) {
        if (claim())
            return Met::Ours;
        if (handOver(paths))
            return Met::HandedOver;
        if (waited.hasExpired(patience))
            return Met::Silent;
        QThread::msleep(pause);
    }
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
    if (!std::exchange(listening_, true) && door())
        door()->listen(socket_, [this](const QStringList& paths) { Q_EMIT wanted(paths); });
}

} // namespace rhexion
