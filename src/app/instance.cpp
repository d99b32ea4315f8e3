#include "app/instance.h"

#include "storage/data_folder.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QLocalSocket>
#include <QStandardPaths>

namespace rhexion {

namespace {
constexpr int patience = 3000;        // ms
constexpr qint64 mostBytes = 1 << 20; // of one message
const QByteArray good = "ok\n";
} // namespace

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
    connect(&server_, &QLocalServer::newConnection, this, &Instance::answer);
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

bool Instance::handOver(const QStringList& paths) const
{
    QLocalSocket socket;
    socket.connectToServer(socket_);
    if (!socket.waitForConnected(patience))
        return false;
    QJsonArray full;
    for (const QString& path : paths)
        full.append(QFileInfo(path).absoluteFilePath());
    socket.write(QJsonDocument(full).toJson(QJsonDocument::Compact) + '\n');
    while (!socket.canReadLine())
        if (!socket.waitForReadyRead(patience))
            return false;
    return socket.readLine() == good;
}

void Instance::listen()
{
    server_.setSocketOptions(QLocalServer::UserAccessOption);
    // We hold the lock, so a socket that is there is a dead program's.
    QLocalServer::removeServer(socket_);
    server_.listen(socket_);
}

void Instance::answer()
{
    while (QLocalSocket* socket = server_.nextPendingConnection()) {
        connect(socket, &QLocalSocket::disconnected, socket, &QObject::deleteLater);
        connect(socket, &QLocalSocket::readyRead, this, [this, socket] {
            if (!socket->canReadLine()) {
                if (socket->bytesAvailable() > mostBytes)
                    socket->abort();
                return;
            }
            const QJsonDocument message = QJsonDocument::fromJson(socket->readLine(mostBytes));
            if (!message.isArray()) {
                socket->abort();
                return;
            }
            QStringList paths;
            for (const QJsonValue& path : message.array())
                paths << path.toString();
            socket->write(good);
            socket->flush();
            Q_EMIT wanted(paths);
        });
    }
}

} // namespace rhexion
