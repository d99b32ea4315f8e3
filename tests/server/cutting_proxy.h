// Stands between a program and a PostgreSQL server on a local socket and cuts the connection at one
// message of the program: before the server has it, or after, so that the answer is lost.
#pragma once

#include <QByteArray>
#include <QString>
#include <QTemporaryDir>

#include <atomic>
#include <cstring>
#include <thread>

#include <poll.h>
#include <sys/socket.h>
#include <sys/un.h>
#include <unistd.h>

namespace rhexion::test {

class CuttingProxy {
public:
    explicit CuttingProxy(const QString& serverFolder)
        : server_(socketIn(serverFolder)), own_(socketIn(folder_.path()))
    {
        listening_ = ::socket(AF_UNIX, SOCK_STREAM, 0);
        const sockaddr_un address = addressOf(own_);
        if (::bind(listening_, reinterpret_cast<const sockaddr*>(&address), sizeof address) != 0 ||
            ::listen(listening_, 8) != 0)
            qFatal("no socket");
        thread_ = std::thread([this] {
            while (!done_)
                one();
        });
    }
    ~CuttingProxy()
    {
        done_ = true;
        thread_.join();
        ::close(listening_);
    }

    QString host() const { return folder_.path(); }
    // At the message of that number, counted from 1 over all connections from now on.
    void cutAt(int message, bool serverHasIt)
    {
        passed_ = 0;
        after_ = serverHasIt;
        at_ = message;
    }
    bool hasCut() const { return at_ == 0; }

private:
    static QByteArray socketIn(const QString& folder)
    {
        return folder.toLocal8Bit() + "/.s.PGSQL.5432";
    }
    static sockaddr_un addressOf(const QByteArray& path)
    {
        sockaddr_un out{};
        out.sun_family = AF_UNIX;
        std::strncpy(out.sun_path, path.constData(), sizeof out.sun_path - 1);
        return out;
    }

    bool waitFor(int fd) const // a tenth of a second
    {
        pollfd what{fd, POLLIN, 0};
        return ::poll(&what, 1, 100) > 0;
    }
    // One connection, until either end closes it or it is cut.
    void one()
    {
        if (!waitFor(listening_))
            return;
        const int program = ::accept(listening_, nullptr, nullptr);
        const int server = ::socket(AF_UNIX, SOCK_STREAM, 0);
        const sockaddr_un address = addressOf(server_);
        bool open =
            ::connect(server, reinterpret_cast<const sockaddr*>(&address), sizeof address) == 0;
        QByteArray unread;
        bool begun = false; // the first message has no letter before its length
        while (open && !done_) {
            pollfd both[] = {{program, POLLIN, 0}, {server, POLLIN, 0}};
            if (::poll(both, 2, 100) <= 0)
                continue;
            char bytes[65536];
            if (both[1].revents != 0) {
                const ssize_t n = ::read(server, bytes, sizeof bytes);
                open = n > 0 && ::write(program, bytes, std::size_t(n)) == n;
            }
            if (open && both[0].revents != 0) {
                const ssize_t n = ::read(program, bytes, sizeof bytes);
                unread.append(bytes, n > 0 ? n : 0);
                open = n > 0 && passMessages(unread, begun, server);
            }
        }
        ::close(program);
        ::close(server);
    }
    bool passMessages(QByteArray& unread, bool& begun, int server)
    {
        for (;;) {
            const int letter = begun ? 1 : 0;
            if (unread.size() < letter + 4)
                return true;
            qsizetype size = letter;
            for (int i = 0, length = 0; i < 4; ++i) {
                length = (length << 8) | static_cast<unsigned char>(unread[letter + i]);
                size = i == 3 ? letter + length : size;
            }
            if (unread.size() < size)
                return true;
            begun = true;
            const bool cut = at_ != 0 && ++passed_ == at_;
            if (!cut || after_)
                if (::write(server, unread.constData(), std::size_t(size)) != size)
                    return false;
            unread.remove(0, size);
            if (cut) {
                at_ = 0;
                return false;
            }
        }
    }

    QTemporaryDir folder_{QStringLiteral("/tmp/rhexion-cut-XXXXXX")};
    QByteArray server_;
    QByteArray own_;
    int listening_ = -1;
    std::atomic<int> at_ = 0; // 0: never
    std::atomic<int> passed_ = 0;
    std::atomic<bool> after_ = false;
    std::atomic<bool> done_ = false;
    std::thread thread_;
};

} // namespace rhexion::test
