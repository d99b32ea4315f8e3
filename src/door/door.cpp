#include "door/door.h"

#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QLocalServer>
#include <QLocalSocket>

namespace rhexion {

namespace {

constexpr int patience = 3000;        // ms
constexpr qint64 mostBytes = 1 << 20; // of one message
const QByteArray good = "ok\n";

class LocalDoor : public Door {
public:
    LocalDoor()
    {
        QObject::connect(&server_, &QLocalServer::newConnection, &server_, [this] { answer(); });
    }

    void listen(const QString& socket,
                const std::function<void(const QStringList&)>& wanted) override
    {
        wanted_ = wanted;
        server_.setSocketOptions(QLocalServer::UserAccessOption);
        QLocalServer::removeServer(socket);
        server_.listen(socket);
    }

    bool handOver(const QString& place, const QStringList& paths) override
    {
        QLocalSocket socket;
        socket.connectToServer(place);
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

private:
    void answer()
    {
        while (QLocalSocket* socket = server_.nextPendingConnection()) {
            QObject::connect(socket, &QLocalSocket::disconnected, socket, &QObject::deleteLater);
            QObject::connect(socket, &QLocalSocket::readyRead, &server_,
                             [this, socket] { read(*socket); });
        }
    }
    void read(QLocalSocket& socket)
    {
        if (!socket.canReadLine()) {
            if (socket.bytesAvailable() > mostBytes)
                socket.abort();
            return;
        }
        const QJsonDocument message = QJsonDocument::fromJson(socket.readLine(mostBytes));
        if (!message.isArray()) {
            socket.abort();
            return;
        }
        QStringList paths;
        for (const QJsonValue& path : message.array())
            paths << path.toString();
        socket.write(good);
        socket.flush();
        wanted_(paths);
    }

    QLocalServer server_;
    std::function<void(const QStringList&)> wanted_;
};

} // namespace

} // namespace rhexion

extern "C" Q_DECL_EXPORT rhexion::Door* rhexion_make_door()
{
    return new rhexion::LocalDoor;
}
