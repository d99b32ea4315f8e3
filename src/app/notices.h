// Reminders on the desktop, by the freedesktop notification interface: quiet, once for each thing
// that is due, and off in a press.
#pragma once

#include <QObject>
#include <QTimer>

#include <functional>

namespace rhexion {

class Workshop;

class Notices : public QObject {
    Q_OBJECT
public:
    explicit Notices(Workshop& workshop, QObject* parent = nullptr);

    void start(); // looks now and every hour
    bool isOn() const;
    void setOn(bool on);
    // Looks once; how many were told.
    int look();
    // How a reminder is sent; another one in tests.
    using Send = std::function<void(const QString& title, const QString& text)>;
    void setSend(Send send) { send_ = std::move(send); }

public Q_SLOTS:
    void pressed(uint id, const QString& action); // of the notification

private:
    Workshop& workshop_;
    QTimer hourly_;
    Send send_;
    bool listening_ = false;
};

} // namespace rhexion
