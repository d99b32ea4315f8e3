#include "app/devices/device_settings.h"

#include "core/heat/day_heat.h"

#include <QSettings>

#include <algorithm>

namespace rhexion {

namespace {

constexpr int mostDevices = 16;
constexpr const char* group = "devices";

} // namespace

std::vector<devices::DeviceSetup> readDevices()
{
    std::vector<devices::DeviceSetup> out;
    QSettings settings;
    const int count = std::min(mostDevices, settings.beginReadArray(QLatin1String(group)));
    for (int i = 0; i < count; ++i) {
        settings.setArrayIndex(i);
        devices::DeviceSetup one;
        one.name = settings.value(QStringLiteral("name")).toString().left(80);
        one.path = settings.value(QStringLiteral("path")).toString().left(400);
        one.hid = settings.value(QStringLiteral("hid")).toBool();
        one.baud = std::clamp(settings.value(QStringLiteral("baud"), 9600).toInt(), 300, 921600);
        const QByteArray lines = settings.value(QStringLiteral("lines")).toString().toUtf8();
        if (!lines.isEmpty())
            one.lines = devices::fromText({lines.constData(), std::size_t(lines.size())});
        const QStringList at = settings.value(QStringLiteral("probes")).toStringList();
        for (std::size_t k = 0; k < devices::mostProbes && k < std::size_t(at.size()); ++k)
            if (readingOfFromCode(at[qsizetype(k)].toStdString()))
                one.probeAt[k] = at[qsizetype(k)];
        if (!one.path.isEmpty())
            out.push_back(std::move(one));
    }
    settings.endArray();
    return out;
}

void keepDevices(const std::vector<devices::DeviceSetup>& setups)
{
    QSettings settings;
    settings.remove(QLatin1String(group));
    settings.beginWriteArray(QLatin1String(group));
    int place = 0;
    for (const devices::DeviceSetup& one : setups) {
        if (one.passing)
            continue;
        settings.setArrayIndex(place++);
        settings.setValue(QStringLiteral("name"), one.name);
        settings.setValue(QStringLiteral("path"), one.path);
        settings.setValue(QStringLiteral("hid"), one.hid);
        settings.setValue(QStringLiteral("baud"), one.baud);
        if (one.lines)
            settings.setValue(QStringLiteral("lines"),
                              QString::fromStdString(devices::toText(*one.lines)));
        QStringList at;
        for (const QString& code : one.probeAt)
            at << code;
        settings.setValue(QStringLiteral("probes"), at);
    }
    settings.endArray();
}

} // namespace rhexion
