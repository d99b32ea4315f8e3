#include "devices/device_reader.h"

#include "devices/hid_weight.h"

namespace rhexion::devices {

namespace {

constexpr double coldest = -60.0; // C; a probe out of these is broken or not plugged in
constexpr double hottest = 300.0;

std::string printable(std::string_view line)
{
    std::string out;
    for (const char c : line.substr(0, longestLine))
        out += c >= ' ' && c <= '~' ? c : '?';
    return out;
}

} // namespace

void DeviceReader::take(const std::optional<Reading>& reading)
{
    if (!reading) {
        ++bad_;
        return;
    }
    ++good_;
    if (reading->probe == 0) {
        steadiness_.take(*reading);
        return;
    }
    const double celsius = celsiusOf(*reading).value_or(hottest + 1.0);
    auto& probe = probes_[std::size_t(reading->probe) - 1];
    if (celsius < coldest || celsius > hottest)
        probe.reset();
    else
        probe = Probe{celsius, reading->at};
}

void DeviceReader::takeBytes(std::string_view bytes, std::int64_t at)
{
    cutter_.take(bytes, [&](std::string_view line) {
        lastLine_ = printable(line);
        auto reading = readLine(line, at);
        if (!reading && pattern_)
            reading = readTaught(*pattern_, line, at);
        take(reading);
    });
}

void DeviceReader::takeReport(std::span<const unsigned char> report, std::int64_t at)
{
    take(readHidReport(report, at));
}

void DeviceReader::forget()
{
    cutter_.forget();
    steadiness_.forget();
    probes_ = {};
}

Live DeviceReader::now(std::int64_t at) const
{
    Live out;
    out.weight = steadiness_.now(at);
    for (std::size_t i = 0; i < mostProbes; ++i)
        if (probes_[i] && at - probes_[i]->at <= probeFresh)
            out.celsius[i] = probes_[i]->celsius;
    out.good = good_;
    out.bad = bad_;
    out.lastLine = lastLine_;
    return out;
}

} // namespace rhexion::devices
