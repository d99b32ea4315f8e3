// Files chosen in the desktop's own dialog, by its portal on D-Bus
// (org.freedesktop.portal.FileChooser).
#pragma once

#include "app/theme/desktop_portal.h"

#include <QDBusConnection>
#include <QDBusMessage>
#include <QObject>
#include <QStringList>

#include <map>
#include <optional>

class QWidget;

namespace rhexion {

struct FilesWanted {
    QWidget* parent = nullptr;
    QString title;
    QString folder; // to begin in; empty: the desktop's own
    QString name;   // of a file that is to be written
    QString kinds;  // "Formulas (*.rhexion);;All files (*)"
    bool toSave = false;
    bool many = false;
};

class PortalFiles : public QObject {
    Q_OBJECT
public:
    // service: empty on a connection to the portal alone.
    explicit PortalFiles(const QDBusConnection& bus, QObject* parent = nullptr,
                         const QString& service = desktopPortal::service);

    // Whether a portal with a file dialog runs here; asked once, half a second at most.
    bool isThere();
    // Waits for the person, with the program's own windows resting meanwhile. Empty: nothing was
    // chosen. Nothing: the portal could not ask.
    std::optional<QStringList> ask(const FilesWanted& wanted);

Q_SIGNALS:
    void answered();

private Q_SLOTS:
    void responded(const QDBusMessage& message);

private:
    QDBusConnection bus_;
    QString service_;
    std::optional<bool> there_;
    std::map<QString, QVariantList> answers_; // by request
};

} // namespace rhexion
