// Preloaded into a child of rhexion-reliability: from the RHEXION_FULL_AT-th call that would put
// something on disk, regular files take nothing more, as on a full disk. RHEXION_FULL_FOR limits
// how many calls fail (0: all). RHEXION_FULL_SAID names a file that is made when one has failed.
#define _GNU_SOURCE
#include <dlfcn.h>
#include <errno.h>
#include <fcntl.h>
#include <stdlib.h>
#include <sys/stat.h>
#include <sys/types.h>
#include <sys/uio.h>
#include <unistd.h>

static long calls = 0;

static int is_full(int fd)
{
    struct stat st;
    const char* at = getenv("RHEXION_FULL_AT");
    const char* many = getenv("RHEXION_FULL_FOR");
    if (at == NULL || fstat(fd, &st) != 0 || !S_ISREG(st.st_mode))
        return 0;
    ++calls;
    if (calls < atol(at) || (many != NULL && atol(many) > 0 && calls >= atol(at) + atol(many)))
        return 0;
    if (getenv("RHEXION_FULL_SAID") != NULL)
        close(open(getenv("RHEXION_FULL_SAID"), O_CREAT | O_WRONLY, 0600));
    errno = ENOSPC;
    return 1;
}

#define NEXT(name, type)                                                                           \
    static type next = NULL;                                                                       \
    if (next == NULL)                                                                              \
    next = (type)dlsym(RTLD_NEXT, name)

typedef ssize_t (*write_call)(int, const void*, size_t);
typedef ssize_t (*pwrite_call)(int, const void*, size_t, off_t);
typedef ssize_t (*pwrite64_call)(int, const void*, size_t, off64_t);
typedef ssize_t (*writev_call)(int, const struct iovec*, int);
typedef int (*ftruncate_call)(int, off_t);
typedef int (*ftruncate64_call)(int, off64_t);
typedef int (*fsync_call)(int);

ssize_t write(int fd, const void* bytes, size_t n)
{
    NEXT("write", write_call);
    if (is_full(fd)) {
        // A disk that fills takes a part of what is written.
        return n > 1 && calls == atol(getenv("RHEXION_FULL_AT")) ? next(fd, bytes, n / 2) : -1;
    }
    return next(fd, bytes, n);
}
ssize_t pwrite(int fd, const void* bytes, size_t n, off_t at)
{
    NEXT("pwrite", pwrite_call);
    return is_full(fd) ? -1 : next(fd, bytes, n, at);
}
ssize_t pwrite64(int fd, const void* bytes, size_t n, off64_t at)
{
    NEXT("pwrite64", pwrite64_call);
    return is_full(fd) ? -1 : next(fd, bytes, n, at);
}
ssize_t writev(int fd, const struct iovec* parts, int n)
{
    NEXT("writev", writev_call);
    return is_full(fd) ? -1 : next(fd, parts, n);
}
int ftruncate(int fd, off_t length)
{
    NEXT("ftruncate", ftruncate_call);
    return is_full(fd) ? -1 : next(fd, length);
}
int ftruncate64(int fd, off64_t length)
{
    NEXT("ftruncate64", ftruncate64_call);
    return is_full(fd) ? -1 : next(fd, length);
}
int fsync(int fd)
{
    NEXT("fsync", fsync_call);
    return is_full(fd) ? -1 : next(fd);
}
int fdatasync(int fd)
{
    NEXT("fdatasync", fsync_call);
    return is_full(fd) ? -1 : next(fd);
}
