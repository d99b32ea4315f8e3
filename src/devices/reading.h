// What a scale or thermometer said, whatever wire it came by.
#pragma once

#include <cstdint>
#include <optional>
#include <string_view>

namespace rhexion::devices {

enum class DeviceUnit { Unknown, Milligram, Gram, Kilogram, Ounce, Pound, Celsius, Fahrenheit };
enum class DeviceStatus { Ok, Zero, Motion, Overload, Underload, Fault };

struct Reading {
    double value = 0.0; // in its unit
    DeviceUnit unit = DeviceUnit::Unknown;
    bool stable = false;     // the device says so
    bool tellsStable = true; // it has a word for it at all
    DeviceStatus status = DeviceStatus::Ok;
    int decimals = 0;    // of the value as printed: its step
    int probe = 0;       // of a thermometer, 1 to 8; 0: a scale
    std::int64_t at = 0; // ms of a clock that never goes back
};

// Nothing for a thermometer's units and where the unit is not known.
std::optional<double> gramsOf(const Reading& reading);
// g that one step of the display is.
std::optional<double> stepOf(const Reading& reading);
std::optional<double> celsiusOf(const Reading& reading);
// "g", "kg", "mg", "oz", "lb", "C", "F", in any case; Unknown for any other word.
DeviceUnit unitFromWord(std::string_view word);
const char* wordOf(DeviceUnit unit);

} // namespace rhexion::devices
