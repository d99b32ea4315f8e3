// What the build put beside the test itself.
#pragma once

#include <QCoreApplication>

namespace rhexion::test {

inline QString built(const char* name)
{
    return QCoreApplication::applicationDirPath() + QLatin1Char('/') + QLatin1String(name);
}

} // namespace rhexion::test
