#include "ports/ports.h"

#include "devices/hid_weight.h"

#include <hidapi/hidapi.h>

#include <QSerialPort>
#include <QSerialPortInfo>

namespace rhexion::ports {

struct Hid {
    hid_device* device = nullptr;
};

namespace {

QString fromWide(const wchar_t* text)
{
    return text ? QString::fromWCharArray(text).left(80) : QString();
}

QList<Port> list()
{
    QList<Port> out;
    for (const QSerialPortInfo& info : QSerialPortInfo::availablePorts())
        out.append({info.systemLocation(),
                    info.description().isEmpty() ? info.portName() : info.description().left(80),
                    false});
    hid_device_info* all = hid_enumerate(0, 0);
    for (const hid_device_info* d = all; d; d = d->next)
        if (d->usage_page == devices::hidScalePage)
            out.append({QString::fromLocal8Bit(d->path), fromWide(d->product_string), true});
    hid_free_enumeration(all);
    return out;
}

QIODevice* openSerial(const QString& path, int baud, QObject* parent, QString* why)
{
    auto port = std::make_unique<QSerialPort>(path, parent);
    port->setBaudRate(baud);
    // What nobody reads is thrown away by the one who asked; it never grows past this.
    constexpr qint64 buffer = 1 << 16;
    port->setReadBufferSize(buffer);
    if (!port->open(QIODevice::ReadWrite)) {
        *why = port->errorString();
        return nullptr;
    }
    return port.release();
}

Hid* openHid(const QString& path, QString* why)
{
    hid_device* device = hid_open_path(path.toLocal8Bit().constData());
    if (!device) {
        *why = fromWide(hid_error(nullptr));
        return nullptr;
    }
    hid_set_nonblocking(device, 1);
    return new Hid{device};
}

int readHid(Hid* hid, unsigned char* buffer, int room)
{
    return hid_read(hid->device, buffer, std::size_t(room));
}

void closeHid(Hid* hid)
{
    if (hid)
        hid_close(hid->device);
    delete hid;
}

} // namespace

} // namespace rhexion::ports

extern "C" Q_DECL_EXPORT const rhexion::ports::Entry* rhexionPorts()
{
    using namespace rhexion::ports;
    static const Entry entry{list, openSerial, openHid, readHid, closeHid};
    return &entry;
}
