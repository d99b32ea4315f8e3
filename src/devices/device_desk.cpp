#include "devices/device_desk.h"

#include <algorithm>

namespace rhexion::devices {

struct DeviceDesk::Held {
    DeviceState state;
    DeviceLink* link = nullptr; // lives in the thread
    QThread thread;
    bool wasScale = false; // has weighed before
    bool wasThermometer = false;
};

DeviceDesk::DeviceDesk(QObject* parent) : QObject(parent) {}

DeviceDesk::~DeviceDesk()
{
    for (auto& held : held_)
        letGo(std::move(held));
}

QList<ports::Port> DeviceDesk::found()
{
    const ports::Entry* library = portLibrary();
    return library ? library->list() : QList<ports::Port>();
}

void DeviceDesk::letGo(std::unique_ptr<Held> held)
{
    if (!held || !held->link)
        return;
    held->link->disconnect(this);
    held->link->deleteLater(); // in its thread, before that ends
    held->thread.quit();
    held->thread.wait();
}

void DeviceDesk::setDevices(const std::vector<DeviceSetup>& setups)
{
    std::vector<std::unique_ptr<Held>> now;
    for (const DeviceSetup& setup : setups) {
        const auto same = std::ranges::find_if(
            held_, [&](const auto& held) { return held && held->state.setup == setup; });
        if (same != held_.end()) {
            now.push_back(std::move(*same));
            continue;
        }
        auto held = std::make_unique<Held>();
        held->state.setup = setup;
        held->link = new DeviceLink(setup);
        held->link->moveToThread(&held->thread);
        Held* of = held.get();
        connect(held->link, &DeviceLink::live, this, [this, of](const Live& live) {
            const bool weighs = live.weight.steady != Steady::NoReading;
            of->wasScale = of->wasScale || weighs;
            of->state.live = live;
            Q_EMIT weightChanged();
            const bool warm =
                std::ranges::any_of(live.celsius, [](const auto& c) { return c.has_value(); });
            of->wasThermometer = of->wasThermometer || warm;
            if (warm)
                Q_EMIT temperaturesChanged();
        });
        connect(held->link, &DeviceLink::connected, this, [this, of] {
            of->state.there = true;
            of->state.why.clear();
            if (of->wasScale) {
                tare_ = 0.0;
                Q_EMIT scaleBack(of->state.setup.name);
            }
            Q_EMIT devicesChanged();
        });
        connect(held->link, &DeviceLink::lost, this, [this, of](const QString& why) {
            const bool was = of->state.there;
            of->state.there = false;
            of->state.why = why;
            of->state.live = {};
            if (was && of->wasScale)
                Q_EMIT scaleLost(of->state.setup.name);
            Q_EMIT devicesChanged();
            Q_EMIT weightChanged();
        });
        held->thread.start();
        QMetaObject::invokeMethod(held->link, &DeviceLink::start, Qt::QueuedConnection);
        now.push_back(std::move(held));
    }
    for (auto& held : held_)
        letGo(std::move(held));
    held_ = std::move(now);
    tare_ = 0.0;
    Q_EMIT devicesChanged();
}

std::vector<DeviceState> DeviceDesk::devices() const
{
    std::vector<DeviceState> out;
    for (const auto& held : held_)
        out.push_back(held->state);
    return out;
}

const DeviceDesk::Held* DeviceDesk::scale() const
{
    for (const auto& held : held_)
        if (held->state.there && held->wasScale)
            return held.get();
    return nullptr;
}

bool DeviceDesk::hasScale() const
{
    return pretended_ || scale();
}

bool DeviceDesk::awaitsScale() const
{
    const auto unknown = [](const auto& held) {
        const auto& probes = held->state.setup.probeAt;
        return !held->wasScale && !held->wasThermometer &&
               std::ranges::all_of(probes, &QString::isEmpty);
    };
    return !hasScale() && std::ranges::any_of(held_, unknown);
}

LiveWeight DeviceDesk::weight() const
{
    const Held* held = scale();
    LiveWeight out = pretended_ ? *pretended_ : held ? held->state.live.weight : LiveWeight{};
    out.grams -= tare_;
    return out;
}

bool DeviceDesk::tare()
{
    const LiveWeight now = weight();
    if (now.steady != Steady::Yes)
        return false;
    tare_ += now.grams;
    Q_EMIT weightChanged();
    return true;
}

std::optional<double> DeviceDesk::celsius(ReadingOf what) const
{
    const QString code = QString::fromLatin1(codeOf(what));
    for (const auto& held : held_)
        for (std::size_t i = 0; i < mostProbes; ++i)
            if (held->state.there && held->state.setup.probeAt[i] == code &&
                held->state.live.celsius[i])
                return held->state.live.celsius[i];
    return std::nullopt;
}

void DeviceDesk::pretend(const std::optional<LiveWeight>& weight)
{
    pretended_ = weight;
    Q_EMIT weightChanged();
}

} // namespace rhexion::devices
