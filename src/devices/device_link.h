// One device on its wire, in a thread of its own: opens it, reads it, takes it up again when it
// comes back, and says at most twenty times a second what it shows.
#pragma once

#include "devices/device_reader.h"
#include "ports/ports.h"

#include <QElapsedTimer>
#include <QMetaType>
#include <QObject>
#include <QTimer>

#include <memory>

namespace rhexion::devices {

struct DeviceSetup {
    QString name;
    QString path;
    bool hid = false;
    int baud = 9600;
    bool passing = false;             // not kept for the next time
    std::optional<TaughtLines> lines; // of a scale that speaks its own way
    // What each probe is held to; a code of ReadingOf, empty: nothing.
    std::array<QString, mostProbes> probeAt;
    friend bool operator==(const DeviceSetup&, const DeviceSetup&) = default;
};

class DeviceLink : public QObject {
    Q_OBJECT
public:
    explicit DeviceLink(DeviceSetup setup);
    ~DeviceLink() override;

    // In the thread it lives in.
    Q_INVOKABLE void start();
    Q_INVOKABLE void stop();

Q_SIGNALS:
    void live(const rhexion::devices::Live& now);
    void connected();
    void lost(const QString& why); // in the system's words; it is tried again every second

private Q_SLOTS:
    void readSerial();
    void tell();
    void serialFailed();

private:
    void tryOpen();
    void readHid();
    void drop(const QString& why);

    DeviceSetup setup_;
    DeviceReader reader_;
    QElapsedTimer clock_; // never goes back
    QIODevice* serial_ = nullptr;
    ports::Hid* hid_ = nullptr;
    std::unique_ptr<QTimer> again_;
    std::unique_ptr<QTimer> told_;
    std::uint64_t seen_ = 0;
    QString why_;
};

} // namespace rhexion::devices

Q_DECLARE_METATYPE(rhexion::devices::Live)
