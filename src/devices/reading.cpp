#include "devices/reading.h"

#include <array>
#include <cmath>
#include <string>

namespace rhexion::devices {

namespace {

constexpr double gramsPerOunce = 28.349523125; // avoirdupois, NIST Handbook 44, appendix C
constexpr std::array<const char*, 8> words{"?", "mg", "g", "kg", "oz", "lb", "C", "F"};

std::optional<double> gramsPer(DeviceUnit unit)
{
    switch (unit) {
    case DeviceUnit::Milligram: return 0.001;
    case DeviceUnit::Gram: return 1.0;
    case DeviceUnit::Kilogram: return 1000.0;
    case DeviceUnit::Ounce: return gramsPerOunce;
    case DeviceUnit::Pound: return 16.0 * gramsPerOunce;
    default: return std::nullopt;
    }
}

} // namespace

std::optional<double> gramsOf(const Reading& reading)
{
    const auto per = gramsPer(reading.unit);
    return per ? std::optional(reading.value * *per) : std::nullopt;
}

std::optional<double> stepOf(const Reading& reading)
{
    const auto per = gramsPer(reading.unit);
    return per ? std::optional(std::pow(10.0, -reading.decimals) * *per) : std::nullopt;
}

std::optional<double> celsiusOf(const Reading& reading)
{
    if (reading.unit == DeviceUnit::Celsius)
        return reading.value;
    if (reading.unit == DeviceUnit::Fahrenheit)
        return (reading.value - 32.0) / 1.8;
    return std::nullopt;
}

DeviceUnit unitFromWord(std::string_view word)
{
    std::string low;
    for (const char c : word)
        if (static_cast<unsigned char>(c) < 128) // a degree sign in any encoding
            low += c >= 'A' && c <= 'Z' ? char(c - 'A' + 'a') : c;
    for (std::size_t i = 1; i < words.size(); ++i) {
        std::string known = words[i];
        for (char& c : known)
            c = c >= 'A' && c <= 'Z' ? char(c - 'A' + 'a') : c;
        if (low == known)
            return static_cast<DeviceUnit>(i);
    }
    return low == "lbs" ? DeviceUnit::Pound : DeviceUnit::Unknown;
}

const char* wordOf(DeviceUnit unit)
{
    return words[static_cast<std::size_t>(unit)];
}

} // namespace rhexion::devices
