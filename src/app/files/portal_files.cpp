#include "app/files/portal_files.h"

#include "app/theme/desktop_portal.h"

#include <QCoreApplication>
#include <QDBusArgument>
#include <QDBusMetaType>
#include <QDBusObjectPath>
#include <QDBusServiceWatcher>
#include <QDir>
#include <QEvent>
#include <QEventLoop>
#include <QGuiApplication>
#include <QRegularExpression>
#include <QUrl>
#include <QWidget>

#include <utility>

namespace rhexion {

// As the portal has them, a(sa(us)): of a pattern, 0 says that it is a glob.
using PortalPattern = std::pair<uint, QString>;
using PortalKind = std::pair<QString, QList<PortalPattern>>;

namespace {

const QString chooser = QStringLiteral("org.freedesktop.portal.FileChooser");
const QString request = QStringLiteral("org.freedesktop.portal.Request");
constexpr int patience = 500; // ms

// The dialog is another program's: keys and presses meant for it must not reach the windows here.
class Resting : public QObject {
public:
    Resting() { QCoreApplication::instance()->installEventFilter(this); }
    bool eventFilter(QObject* watched, QEvent* event) override
    {
        switch (event->type()) {
        case QEvent::MouseButtonPress:
        case QEvent::MouseButtonRelease:
        case QEvent::MouseButtonDblClick:
        case QEvent::KeyPress:
        case QEvent::KeyRelease:
        case QEvent::Shortcut:
        case QEvent::ShortcutOverride:
        case QEvent::Wheel:
        case QEvent::TouchBegin:
        case QEvent::Drop: return true;
        case QEvent::Close: event->ignore(); return true;
        default: return QObject::eventFilter(watched, event);
        }
    }
};

QList<PortalKind> kindsOf(const QString& kinds)
{
    static const QRegularExpression one(QStringLiteral("^(.*?)\\s*\\(([^)]*)\\)\\s*$"));
    QList<PortalKind> out;
    for (const QString& kind : kinds.split(QStringLiteral(";;"), Qt::SkipEmptyParts)) {
        const auto match = one.match(kind);
        PortalKind k{match.captured(1), {}};
        for (const QString& glob : match.captured(2).split(QLatin1Char(' '), Qt::SkipEmptyParts))
            k.second.append({0, glob});
        if (match.hasMatch() && !k.second.isEmpty())
            out.append(k);
    }
    return out;
}

QString handleOf(const QWidget* parent)
{
    if (!parent || QGuiApplication::platformName() != QLatin1String("xcb"))
        return {};
    return QStringLiteral("x11:%1").arg(parent->window()->winId(), 0, 16);
}

} // namespace

PortalFiles::PortalFiles(const QDBusConnection& bus, QObject* parent, const QString& service)
    : QObject(parent), bus_(bus), service_(service)
{
    qDBusRegisterMetaType<PortalPattern>();
    qDBusRegisterMetaType<QList<PortalPattern>>();
    qDBusRegisterMetaType<PortalKind>();
    qDBusRegisterMetaType<QList<PortalKind>>();
}

bool PortalFiles::isThere()
{
    if (!there_) {
        there_ = false;
        if (bus_.isConnected()) {
            QDBusMessage message = QDBusMessage::createMethodCall(
                service_, desktopPortal::path, QStringLiteral("org.freedesktop.DBus.Properties"),
                QStringLiteral("Get"));
            message << chooser << QStringLiteral("version");
            const Resting resting;
            there_ = bus_.call(message, QDBus::BlockWithGui, patience).type() ==
                     QDBusMessage::ReplyMessage;
        }
    }
    return *there_;
}

void PortalFiles::responded(const QDBusMessage& message)
{
    answers_[message.path()] = message.arguments();
    Q_EMIT answered();
}

std::optional<QStringList> PortalFiles::ask(const FilesWanted& wanted)
{
    QVariantMap options{{QStringLiteral("modal"), true}};
    if (const auto kinds = kindsOf(wanted.kinds); !kinds.isEmpty())
        options[QStringLiteral("filters")] = QVariant::fromValue(kinds);
    if (wanted.many)
        options[QStringLiteral("multiple")] = true;
    if (!wanted.name.isEmpty())
        options[QStringLiteral("current_name")] = wanted.name;
    if (!wanted.folder.isEmpty()) // bytes with a zero at the end
        options[QStringLiteral("current_folder")] =
            QDir(wanted.folder).absolutePath().toLocal8Bit() + '\0';
    answers_.clear();
    // Heard before it is asked: an answer may come at once. Which request it is says its path.
    bus_.connect(service_, QString(), request, QStringLiteral("Response"), this,
                 SLOT(responded(QDBusMessage)));
    QDBusMessage message = QDBusMessage::createMethodCall(
        service_, desktopPortal::path, chooser,
        wanted.toSave ? QStringLiteral("SaveFile") : QStringLiteral("OpenFile"));
    message << handleOf(wanted.parent) << wanted.title << options;
    const Resting resting;
    const QDBusMessage reply = bus_.call(message, QDBus::BlockWithGui);
    std::optional<QStringList> out;
    if (reply.type() == QDBusMessage::ReplyMessage && !reply.arguments().isEmpty()) {
        const QString handle = reply.arguments()[0].value<QDBusObjectPath>().path();
        QEventLoop loop;
        connect(this, &PortalFiles::answered, &loop, [&] {
            if (answers_.contains(handle))
                loop.quit();
        });
        // A portal that goes away answers no more.
        QDBusServiceWatcher gone(service_, bus_, QDBusServiceWatcher::WatchForUnregistration);
        connect(&gone, &QDBusServiceWatcher::serviceUnregistered, &loop, &QEventLoop::quit);
        if (!answers_.contains(handle))
            loop.exec();
        const QVariantList answer = answers_.contains(handle) ? answers_[handle] : QVariantList();
        out.emplace();
        if (answer.size() == 2 && answer[0].toUInt() == 0) {
            const QVariantMap results = qdbus_cast<QVariantMap>(answer[1]);
            for (const QString& uri : results.value(QStringLiteral("uris")).toStringList())
                if (const QUrl url(uri); url.isLocalFile())
                    out->append(url.toLocalFile());
        }
    }
    bus_.disconnect(service_, QString(), request, QStringLiteral("Response"), this,
                    SLOT(responded(QDBusMessage)));
    return out;
}

} // namespace rhexion
