// A backup as anything may have written it: checked or refused; nothing is unpacked that does not
// stand by its sums.
#include "fuzz.h"
#include "storage/backup.h"

#include <QDir>
#include <QTemporaryDir>

using namespace rhexion;

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size)
{
    static QTemporaryDir dir;
    const QString path = dir.filePath(QStringLiteral("backup"));
    if (!fuzz::fileOf(path, data, size))
        return 0;
    const QString into = dir.filePath(QStringLiteral("into"));
    const auto checked = checkBackup(path);
    const auto unpacked = unpackBackup(path, into);
    fuzz::demand(std::holds_alternative<QList<BackupEntry>>(checked) ||
                     std::holds_alternative<FileFault>(unpacked),
                 "what fails its check is not unpacked");
    fuzz::demand(std::holds_alternative<BackupLooked>(unpacked) || !QDir(into).exists(),
                 "what is refused leaves nothing");
    QDir(into).removeRecursively();
    return 0;
}
