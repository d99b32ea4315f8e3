// A file that at most one program holds, by a lock of the kernel's (flock): it goes with its
// program however that ends, and what stands in the file says nothing.
// Older versions, which wrote their process number into the file, held the same lock besides.
#pragma once

#include <QString>

namespace rhexion {

class FileLock {
public:
    explicit FileLock(QString path) : path_(std::move(path)) {}
    ~FileLock();
    FileLock(const FileLock&) = delete;
    FileLock& operator=(const FileLock&) = delete;

    // Makes the file if need be. Held: somebody else has it. Cannot: the file cannot be made or
    // opened, such as on a full disk or in a folder of somebody else's.
    enum class Got { Yes, Held, Cannot };
    Got tryLock();
    // Takes the file away while it is held, and gives the lock up.
    void remove();

private:
    void close();

    QString path_;
    int file_ = -1;
};

} // namespace rhexion
