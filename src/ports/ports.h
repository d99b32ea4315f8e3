// What the library of ports gives: serial ports and USB weighing devices. It is loaded by name when
// a device is first wanted (devices/port_loader.h); nothing links it.
#pragma once

#include <QIODevice>
#include <QList>
#include <QString>

namespace rhexion::ports {

struct Port {
    QString path; // "/dev/ttyUSB0", "/dev/hidraw3"
    QString name; // what the device calls itself
    bool hid = false;
};

struct Hid; // an open weighing device

// Each says why not in words of the system, in English. Used in the thread that opened it.
struct Entry {
    QList<Port> (*list)();
    QIODevice* (*openSerial)(const QString& path, int baud, QObject* parent, QString* why);
    Hid* (*openHid)(const QString& path, QString* why);
    // Bytes read into the buffer, 0: none yet, below 0: it is gone.
    int (*readHid)(Hid* hid, unsigned char* buffer, int room);
    void (*closeHid)(Hid* hid);
};
inline constexpr const char* entryName = "rhexionPorts";
using EntryFunction = const Entry* (*)();

} // namespace rhexion::ports
