// Where the desktop's portal is found on D-Bus.
#pragma once

#include <QString>

namespace rhexion::desktopPortal {

inline const QString service = QStringLiteral("org.freedesktop.portal.Desktop");
inline const QString path = QStringLiteral("/org/freedesktop/portal/desktop");

} // namespace rhexion::desktopPortal
