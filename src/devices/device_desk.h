// The devices of a bench: which there are, what each shows now, and the weight since the scale was
// last set to zero. Everything above reads this and nothing else.
#pragma once

#include "core/heat/day_heat.h"
#include "devices/device_link.h"

#include <QThread>

#include <memory>
#include <vector>

namespace rhexion::devices {

struct DeviceState {
    DeviceSetup setup;
    bool there = false;
    QString why; // it is not, in the system's words
    Live live;
};

class DeviceDesk : public QObject {
    Q_OBJECT
public:
    explicit DeviceDesk(QObject* parent = nullptr);
    ~DeviceDesk() override;

    // Opens those that are new, lets go of those that are not among them, keeps the rest.
    void setDevices(const std::vector<DeviceSetup>& setups);
    std::vector<DeviceState> devices() const;
    static QList<ports::Port> found(); // plugged in just now

    // Of the first scale that is there; since the last zero.
    bool hasScale() const;
    // A device is set up that may be one and has not shown what it is.
    bool awaitsScale() const;
    LiveWeight weight() const;
    // Sets what lies on it now to zero; false where it is not steady.
    bool tare();
    double tared() const { return tare_; } // g that were on it then
    // The temperature of what is asked for, by the probe that is held to it.
    std::optional<double> celsius(ReadingOf what) const;

    // Shows this in place of any device, as in pictures.
    void pretend(const std::optional<LiveWeight>& weight);

Q_SIGNALS:
    void weightChanged();
    void temperaturesChanged();
    void devicesChanged();
    // A scale went or came back; the zero is gone with it.
    void scaleLost(const QString& name);
    void scaleBack(const QString& name);

private:
    struct Held;
    void letGo(std::unique_ptr<Held> held);
    const Held* scale() const;

    std::vector<std::unique_ptr<Held>> held_;
    double tare_ = 0.0; // g
    std::optional<LiveWeight> pretended_;
};

} // namespace rhexion::devices
