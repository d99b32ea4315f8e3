#include "storage/file_lock.h"

#include <QFile>

#include <cerrno>
#include <fcntl.h>
#include <sys/file.h>
#include <sys/stat.h>
#include <unistd.h>

namespace rhexion {

FileLock::~FileLock()
{
    close();
}

void FileLock::close()
{
    if (file_ >= 0)
        ::close(file_);
    file_ = -1;
}

FileLock::Got FileLock::tryLock()
{
    if (file_ >= 0)
        return Got::Yes;
    const QByteArray name = QFile::encodeName(path_);
    constexpr int tries = 10;
    for (int i = 0; i < tries; ++i) {
        file_ = ::open(name.constData(), O_RDWR | O_CREAT | O_CLOEXEC, S_IRUSR | S_IWUSR);
        if (file_ < 0)
            return Got::Cannot;
        if (::flock(file_, LOCK_EX | LOCK_NB) != 0) {
            const bool held = errno == EWOULDBLOCK;
            close();
            return held ? Got::Held : Got::Cannot;
        }
        // Its owner may have taken it away between the opening and the lock.
        struct stat mine = {}, there = {};
        if (::fstat(file_, &mine) == 0 && ::stat(name.constData(), &there) == 0 &&
            mine.st_dev == there.st_dev && mine.st_ino == there.st_ino)
            return Got::Yes;
        close();
    }
    return Got::Held;
}

void FileLock::remove()
{
    if (file_ >= 0)
        ::unlink(QFile::encodeName(path_).constData());
    close();
}

} // namespace rhexion
