#include "app/theme/system_shade.h"

#include <QDBusMessage>
#include <QDBusPendingCallWatcher>
#include <QDBusPendingReply>
#include <QDBusVariant>

namespace rhexion {

namespace {

const QString path = QStringLiteral("/org/freedesktop/portal/desktop");
const QString interface = QStringLiteral("org.freedesktop.portal.Settings");
const QString appearance = QStringLiteral("org.freedesktop.appearance");
const QString colorScheme = QStringLiteral("color-scheme");

} // namespace

SystemShade::SystemShade(const QDBusConnection& bus, QObject* parent, const QString& service)
    : QObject(parent), bus_(bus), service_(service)
{
    bus_.connect(service_, path, interface, QStringLiteral("SettingChanged"), this,
                 SLOT(settingChanged(QDBusMessage)));
}

void SystemShade::ask()
{
    QDBusMessage message =
        QDBusMessage::createMethodCall(service_, path, interface, QStringLiteral("Read"));
    message << appearance << colorScheme;
    auto* watcher = new QDBusPendingCallWatcher(bus_.asyncCall(message), this);
    connect(watcher, &QDBusPendingCallWatcher::finished, this, [this, watcher] {
        const QDBusPendingReply<QDBusVariant> reply = *watcher;
        watcher->deleteLater();
        if (!reply.isError())
            take(reply.value().variant());
    });
}

void SystemShade::settingChanged(const QDBusMessage& message)
{
    const QVariantList said = message.arguments();
    if (said.size() == 3 && said[0].toString() == appearance && said[1].toString() == colorScheme)
        take(said[2]);
}

void SystemShade::take(const QVariant& value)
{
    // Read() wraps its answer twice.
    QVariant plain = value;
    while (plain.userType() == qMetaTypeId<QDBusVariant>())
        plain = plain.value<QDBusVariant>().variant();
    bool number = false;
    const uint scheme = plain.toUInt(&number);
    constexpr uint noPreference = 0;
    constexpr uint preferDark = 1;
    if (number && scheme != noPreference)
        Q_EMIT told(scheme == preferDark);
}

} // namespace rhexion
