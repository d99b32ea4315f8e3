#include "devices/hid_weight.h"

#include <algorithm>
#include <cmath>

namespace rhexion::devices {

namespace {

constexpr unsigned char dataReport = 3;
constexpr std::size_t dataBytes = 6;
// Beyond these no scale weighs, and powers of ten stay exact.
constexpr int smallestExponent = -9;
constexpr int largestExponent = 6;

enum Status : unsigned char {
    Fault = 1,
    StableAtZero,
    InMotion,
    WeightStable,
    UnderZero,
    OverLimit,
    NeedsCalibration,
    NeedsZero
};

DeviceUnit unitOf(unsigned char code)
{
    switch (code) {
    case 1: return DeviceUnit::Milligram;
    case 2: return DeviceUnit::Gram;
    case 3: return DeviceUnit::Kilogram;
    case 11: return DeviceUnit::Ounce;
    case 12: return DeviceUnit::Pound;
    default: return DeviceUnit::Unknown; // carats, taels, grains, troy ounces, tons
    }
}

DeviceStatus statusOf(unsigned char code)
{
    switch (code) {
    case StableAtZero: return DeviceStatus::Zero;
    case InMotion: return DeviceStatus::Motion;
    case WeightStable: return DeviceStatus::Ok;
    case UnderZero: return DeviceStatus::Underload;
    case OverLimit: return DeviceStatus::Overload;
    default: return DeviceStatus::Fault;
    }
}

} // namespace

std::optional<Reading> readHidReport(std::span<const unsigned char> report, std::int64_t at)
{
    if (report.size() < dataBytes || report[0] != dataReport)
        return std::nullopt;
    const int exponent = static_cast<signed char>(report[3]);
    if (exponent < smallestExponent || exponent > largestExponent)
        return std::nullopt;
    Reading out;
    out.status = statusOf(report[1]);
    out.stable = report[1] == WeightStable || report[1] == StableAtZero;
    out.unit = unitOf(report[2]);
    out.decimals = std::max(0, -exponent);
    out.value = double(report[4] + 256 * report[5]) * std::pow(10.0, exponent);
    if (report[1] == UnderZero)
        out.value = -out.value;
    out.at = at;
    return out;
}

} // namespace rhexion::devices
