// From bytes of one device to what may be shown: its weight and the temperatures of its probes.
#pragma once

#include "devices/line_protocol.h"
#include "devices/steadiness.h"
#include "devices/taught_lines.h"

#include <array>
#include <optional>
#include <span>
#include <string>

namespace rhexion::devices {

inline constexpr std::size_t mostProbes = 8;

// What a device shows at a moment.
struct Live {
    LiveWeight weight;
    std::array<std::optional<double>, mostProbes> celsius; // of probes 1 to 8, of the last 5 s
    std::uint64_t good = 0;                                // lines or reports understood
    std::uint64_t bad = 0;                                 // and not
    std::string lastLine;                                  // as it came, printable
};

class DeviceReader {
public:
    explicit DeviceReader(std::optional<TaughtLines> pattern = {}) : pattern_(std::move(pattern)) {}

    void takeBytes(std::string_view bytes, std::int64_t at);
    void takeReport(std::span<const unsigned char> report, std::int64_t at);
    // The device went away: nothing of before counts.
    void forget();
    Live now(std::int64_t at) const;

private:
    void take(const std::optional<Reading>& reading);

    static constexpr std::int64_t probeFresh = 5000; // ms
    std::optional<TaughtLines> pattern_;
    LineCutter cutter_;
    Steadiness steadiness_;
    struct Probe {
        double celsius = 0.0;
        std::int64_t at = 0;
    };
    std::array<std::optional<Probe>, mostProbes> probes_;
    std::uint64_t good_ = 0;
    std::uint64_t bad_ = 0;
    std::string lastLine_;
};

} // namespace rhexion::devices
