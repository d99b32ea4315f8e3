// Whether the desktop is dark, strong in contrast, and how large its text is, by its settings
// portal on D-Bus (org.freedesktop.appearance, color-scheme and contrast;
// org.gnome.desktop.interface, text-scaling-factor), then and whenever that changes. Without a
// portal nothing is said.
#pragma once

#include "app/theme/desktop_portal.h"

#include <QDBusConnection>
#include <QDBusMessage>
#include <QObject>

namespace rhexion {

class SystemShade : public QObject {
    Q_OBJECT
public:
    // service: empty on a connection to the portal alone.
    explicit SystemShade(const QDBusConnection& bus, QObject* parent = nullptr,
                         const QString& service = desktopPortal::service);

    void ask();

Q_SIGNALS:
    void told(bool dark);
    void strongTold(bool strong);
    void sizeTold(int percent); // 50 to 200

private Q_SLOTS:
    void settingChanged(const QDBusMessage& message);

private:
    void take(const QString& group, const QString& key, const QVariant& value);

    QDBusConnection bus_;
    QString service_;
};

} // namespace rhexion
