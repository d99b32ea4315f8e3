// Whether the desktop is dark, by its settings portal on D-Bus (org.freedesktop.appearance,
// color-scheme), then and whenever that changes. Without a portal nothing is said.
#pragma once

#include <QDBusConnection>
#include <QObject>

class QDBusVariant;

namespace rhexion {

class SystemShade : public QObject {
    Q_OBJECT
public:
    explicit SystemShade(const QDBusConnection& bus, QObject* parent = nullptr);

    void ask();

Q_SIGNALS:
    void told(bool dark);

private Q_SLOTS:
    void settingChanged(const QString& group, const QString& key, const QDBusVariant& value);

private:
    void take(const QVariant& value);

    QDBusConnection bus_;
};

} // namespace rhexion
