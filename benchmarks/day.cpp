// rhexion-bench-day: two thermometers and a scale at ten readings a second each for a day, as fast
// as they can be read: what a reading costs, what is written down, whether memory grows.
#include "core/makeday/step_readings.h"
#include "devices/device_reader.h"
#include "devices/line_protocol.h"
#include "timing.h"

#include <cmath>
#include <cstdio>
#include <fstream>
#include <string>

using namespace rhexion;
using namespace rhexion::devices;

namespace {

double megabytes() // of this process, resident
{
    std::ifstream in("/proc/self/statm");
    long all = 0;
    long resident = 0;
    in >> all >> resident;
    constexpr double page = 4096.0;
    return double(resident) * page / 1e6;
}

Reading celsius(int probe, double value)
{
    Reading r;
    r.probe = probe;
    r.unit = DeviceUnit::Celsius;
    r.decimals = 1;
    r.value = value;
    return r;
}

} // namespace

int main()
{
    DeviceReader reader;
    ReadingPace jug;
    ReadingPace pot;
    long kept = 0;
    std::uint64_t read = 0;
    double before = 0.0;
    double longest = 0.0;
    double all = 0.0;
    reader.takeBytes("\n", 0);
    constexpr std::int64_t hour = 3'600'000;
    for (int h = 0; h < 24; ++h) {
        const double millis = bench::timed([&] {
            for (std::int64_t at = h * hour; at < (h + 1) * hour; at += 100) {
                const double hours = double(at) / double(hour);
                std::string text = writeLine(celsius(1, 20.0 + 65.0 * std::exp(-hours / 1.2)));
                text += "\n" + writeLine(celsius(2, 20.0 + 45.0 * std::exp(-hours / 2.5)));
                Reading weight;
                weight.unit = DeviceUnit::Gram;
                weight.decimals = 1;
                weight.value = double(at / 1000 % 5000);
                text += "\n" + writeLine(weight) + "\n";
                const double one = bench::timed([&] {
                    reader.takeBytes(text, at);
                    const Live live = reader.now(at);
                    kept += live.celsius[0] && jug.wants(*live.celsius[0], at);
                    kept += live.celsius[1] && pot.wants(*live.celsius[1], at);
                    read = live.good;
                });
                longest = std::max(longest, one);
            }
        });
        all += millis;
        if (h == 0)
            before = megabytes();
    }
    std::printf(
        "%llu readings of 24 hours in %.1f s, %.2f microseconds each, longest three %.2f ms\n",
        static_cast<unsigned long long>(read), all / 1000.0, all * 1000.0 / double(read), longest);
    std::printf("%ld written down; resident %.1f MB after an hour, %.1f MB after the day\n", kept,
                before, megabytes());
    return 0;
}
