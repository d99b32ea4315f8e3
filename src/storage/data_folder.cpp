#include "storage/data_folder.h"

#include <QDir>
#include <QFile>

namespace rhexion {

bool makeOwnFolder(const QString& path)
{
    constexpr QFile::Permissions own = QFile::ReadOwner | QFile::WriteOwner | QFile::ExeOwner;
    if (!QDir(path).exists() && !QDir().mkpath(path))
        return false;
    // A folder that another made, such as one on a shared disk, may refuse; it is used as it is.
    QFile::setPermissions(path, own);
    return true;
}

} // namespace rhexion
