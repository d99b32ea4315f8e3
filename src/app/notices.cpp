#include "app/notices.h"

#include "app/workshop.h"
#include "words/after_words.h"
#include "words/record_words.h"

#include <QDBusConnection>
#include <QDBusMessage>
#include <QDBusPendingCall>
#include <QSettings>

namespace rhexion {

namespace {

const QString onKey = QStringLiteral("reminders/on");
const QString toldKey = QStringLiteral("reminders/told");
const QString service = QStringLiteral("org.freedesktop.Notifications");
const QString path = QStringLiteral("/org/freedesktop/Notifications");
constexpr int mostTold = 500;
constexpr int mostAtOnce = 5;

} // namespace

Notices::Notices(Workshop& workshop, QObject* parent) : QObject(parent), workshop_(workshop)
{
    connect(&hourly_, &QTimer::timeout, this, &Notices::look);
    send_ = [this](const QString& title, const QString& text) {
        QDBusConnection bus = QDBusConnection::sessionBus();
        if (!bus.isConnected())
            return; // a desktop without one is not reminded
        if (!listening_)
            listening_ = bus.connect(service, path, service, QStringLiteral("ActionInvoked"), this,
                                     SLOT(pressed(uint, QString)));
        QDBusMessage call =
            QDBusMessage::createMethodCall(service, path, service, QStringLiteral("Notify"));
        const QVariantMap quiet{{QStringLiteral("urgency"), QVariant::fromValue(uchar(0))},
                                {QStringLiteral("suppress-sound"), true}};
        call << QStringLiteral("Rhexion") << uint(0) << QString() << title << text.toHtmlEscaped()
             << QStringList{QStringLiteral("rhexion-off"), tr("Do not remind me")} << quiet << -1;
        bus.asyncCall(call);
    };
}

void Notices::start()
{
    constexpr int hour = 3600 * 1000;
    hourly_.start(hour);
    look();
}

bool Notices::isOn() const
{
    return QSettings().value(onKey, true).toBool();
}

void Notices::setOn(bool on)
{
    QSettings().setValue(onKey, on);
}

int Notices::look()
{
    Journal* journal = isOn() ? workshop_.journal() : nullptr;
    if (!journal)
        return 0;
    const QDateTime now = workshop_.clock()();
    const std::int64_t ms = now.toMSecsSinceEpoch();
    const auto read = journal->dues(now.addDays(-2).toMSecsSinceEpoch(), ms + 3600 * 1000,
                                    workshop_.fittings().all().terms.schools);
    const auto* dues = std::get_if<QList<DueOfBatch>>(&read);
    if (!dues)
        return 0;
    QSettings settings;
    QStringList told = settings.value(toldKey).toStringList();
    QStringList lines;
    for (const DueOfBatch& d : *dues) {
        const QString uid = d.batch + QLatin1Char(' ') + QLatin1String(codeOf(d.due.kind));
        if (told.contains(uid))
            continue;
        told.append(uid);
        lines.append(words::dueSaid(d));
    }
    if (lines.isEmpty())
        return 0;
    while (told.size() > mostTold)
        told.removeFirst();
    settings.setValue(toldKey, told);
    const int count = int(lines.size());
    if (count > mostAtOnce)
        lines = lines.mid(0, mostAtOnce)
                << tr("and %1 more in the calendar").arg(count - mostAtOnce);
    send_(tr("Soap today"), lines.join(QLatin1Char('\n')));
    return count;
}

void Notices::pressed(uint, const QString& action)
{
    if (action == QLatin1String("rhexion-off"))
        setOn(false);
}

} // namespace rhexion
