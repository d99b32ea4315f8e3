#include "devices/device_link.h"

#include "devices/hid_weight.h"
#include "devices/port_loader.h"

#include <QVariant>

namespace rhexion::devices {

namespace {

constexpr int tryEvery = 1000; // ms
constexpr int tellEvery = 50;  // ms
// Of a flood no more than this is read before what it comes to is told.
constexpr qint64 atOnce = 1 << 16;
constexpr int reportsAtOnce = 200;

} // namespace

DeviceLink::DeviceLink(DeviceSetup setup) : setup_(std::move(setup)), reader_(setup_.lines)
{
    qRegisterMetaType<Live>();
    clock_.start();
}

DeviceLink::~DeviceLink()
{
    stop();
}

void DeviceLink::start()
{
    again_ = std::make_unique<QTimer>();
    again_->setInterval(tryEvery);
    connect(again_.get(), &QTimer::timeout, this, &DeviceLink::tryOpen);
    told_ = std::make_unique<QTimer>();
    told_->setInterval(tellEvery);
    connect(told_.get(), &QTimer::timeout, this, &DeviceLink::tell);
    again_->start();
    told_->start();
    tryOpen();
}

void DeviceLink::stop()
{
    again_.reset();
    told_.reset();
    delete serial_;
    serial_ = nullptr;
    if (hid_)
        portLibrary()->closeHid(hid_);
    hid_ = nullptr;
}

void DeviceLink::tryOpen()
{
    if (serial_ || hid_)
        return;
    const ports::Entry* library = portLibrary();
    if (!library) {
        drop(QStringLiteral("librhexion_ports"));
        return;
    }
    QString why;
    if (setup_.hid)
        hid_ = library->openHid(setup_.path, &why);
    else if ((serial_ = library->openSerial(setup_.path, setup_.baud, nullptr, &why))) {
        connect(serial_, &QIODevice::readyRead, this, &DeviceLink::readSerial);
        // QSerialPort's own; its header belongs to the library that is loaded.
        connect(serial_, SIGNAL(errorOccurred(QSerialPort::SerialPortError)), this,
                SLOT(serialFailed()));
    }
    if (!serial_ && !hid_) {
        drop(why);
        return;
    }
    why_.clear();
    reader_.forget();
    Q_EMIT connected();
}

void DeviceLink::drop(const QString& why)
{
    if (serial_) {
        serial_->disconnect(this);
        serial_->deleteLater();
    }
    serial_ = nullptr;
    if (hid_)
        portLibrary()->closeHid(hid_);
    hid_ = nullptr;
    reader_.forget();
    const QString said = why.isEmpty() ? QStringLiteral("?") : why;
    if (said == why_)
        return; // said already
    why_ = said;
    Q_EMIT lost(said);
}

void DeviceLink::serialFailed()
{
    if (serial_ && !serial_->errorString().isEmpty() && !serial_->isReadable())
        drop(serial_->errorString());
    else if (serial_ && serial_->property("error").toInt() != 0)
        drop(serial_->errorString());
}

void DeviceLink::readSerial()
{
    if (!serial_)
        return;
    const QByteArray bytes = serial_->read(atOnce);
    reader_.takeBytes({bytes.constData(), std::size_t(bytes.size())}, clock_.elapsed());
}

void DeviceLink::readHid()
{
    unsigned char report[mostHidBytes];
    for (int i = 0; i < reportsAtOnce && hid_; ++i) {
        const int got = portLibrary()->readHid(hid_, report, int(sizeof report));
        if (got < 0)
            drop(QStringLiteral("unplugged"));
        if (got <= 0)
            return;
        reader_.takeReport({report, std::size_t(got)}, clock_.elapsed());
    }
}

void DeviceLink::tell()
{
    if (hid_)
        readHid();
    const Live now = reader_.now(clock_.elapsed());
    // Silence is news too, once: a weight that is no longer fresh.
    const std::uint64_t seen = now.good + now.bad;
    if (seen == seen_ && now.weight.steady != Steady::NoReading)
        return;
    seen_ = seen;
    Q_EMIT live(now);
}

} // namespace rhexion::devices
