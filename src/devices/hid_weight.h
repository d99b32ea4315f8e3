// The data report of a USB weighing device: USB-IF HID Point of Sale Usage Tables 1.02, usage page
// 0x8D (from memory; no such device was at hand).
#pragma once

#include "devices/reading.h"

#include <cstddef>
#include <span>

namespace rhexion::devices {

inline constexpr unsigned short hidScalePage = 0x8D;
inline constexpr std::size_t mostHidBytes = 64; // of a report

// Report 3: status, unit, signed exponent of ten, weight in two bytes, low one first. Nothing for
// any other report or one that is too short; units we do not weigh in are Unknown.
std::optional<Reading> readHidReport(std::span<const unsigned char> report, std::int64_t at);

} // namespace rhexion::devices
