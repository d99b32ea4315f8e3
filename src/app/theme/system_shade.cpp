#include "app/theme/system_shade.h"

#include <QDBusMessage>
#include <QDBusPendingCallWatcher>
#include <QDBusPendingReply>
#include <QDBusVariant>

namespace rhexion {

namespace {

const QString interface = QStringLiteral("org.freedesktop.portal.Settings");
const QString appearance = QStringLiteral("org.freedesktop.appearance");
const QString colorScheme = QStringLiteral("color-scheme");
const QString contrast = QStringLiteral("contrast");
const QString desktop = QStringLiteral("org.gnome.desktop.interface");
const QString textScaling = QStringLiteral("text-scaling-factor");

} // namespace

SystemShade::SystemShade(const QDBusConnection& bus, QObject* parent, const QString& service)
    : QObject(parent), bus_(bus), service_(service)
{
    bus_.connect(service_, desktopPortal::path, interface, QStringLiteral("SettingChanged"), this,
                 SLOT(settingChanged(QDBusMessage)));
}

void SystemShade::ask()
{
    for (const auto& [group, key] :
         {std::pair(appearance, colorScheme), std::pair(appearance, contrast),
          std::pair(desktop, textScaling)}) {
        QDBusMessage message = QDBusMessage::createMethodCall(service_, desktopPortal::path,
                                                              interface, QStringLiteral("Read"));
        message << group << key;
        auto* watcher = new QDBusPendingCallWatcher(bus_.asyncCall(message), this);
        connect(watcher, &QDBusPendingCallWatcher::finished, this,
                [this, watcher, of = group, what = key] {
                    const QDBusPendingReply<QDBusVariant> reply = *watcher;
                    watcher->deleteLater();
                    if (!reply.isError())
                        take(of, what, reply.value().variant());
                });
    }
}

void SystemShade::settingChanged(const QDBusMessage& message)
{
    const QVariantList said = message.arguments();
    if (said.size() == 3)
        take(said[0].toString(), said[1].toString(), said[2]);
}

void SystemShade::take(const QString& group, const QString& key, const QVariant& value)
{
    // Read() wraps its answer twice.
    QVariant plain = value;
    while (plain.userType() == qMetaTypeId<QDBusVariant>())
        plain = plain.value<QDBusVariant>().variant();
    bool number = false;
    const double figure = plain.toDouble(&number);
    if (!number)
        return;
    // 1 is dark and 2 light; 0, no preference, is what GNOME says for its light style.
    if (group == appearance && key == colorScheme)
        Q_EMIT told(figure == 1.0);
    else if (group == appearance && key == contrast)
        Q_EMIT strongTold(figure == 1.0);
    else if (group == desktop && key == textScaling && figure >= 0.5 && figure <= 2.0)
        Q_EMIT sizeTold(qRound(figure * 100.0));
}

} // namespace rhexion
