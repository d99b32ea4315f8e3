#include "devices/line_protocol.h"

#include <cmath>
#include <cstdio>

namespace rhexion::devices {

namespace {

constexpr std::size_t mostDigits = 12; // exact in a double

std::string_view nextWord(std::string_view& rest)
{
    while (!rest.empty() && rest.front() == ' ')
        rest.remove_prefix(1);
    const std::size_t end = rest.find(' ');
    const std::string_view word = rest.substr(0, end);
    rest.remove_prefix(word.size());
    return word;
}

unsigned checkOf(std::string_view text)
{
    unsigned out = 0;
    for (const char c : text)
        out ^= static_cast<unsigned char>(c);
    return out;
}

std::string hex(unsigned value)
{
    char text[8];
    std::snprintf(text, sizeof text, "%02X", value & 0xFFu);
    return text;
}

// Without its check; nothing where that is wrong.
std::optional<std::string_view> checked(std::string_view line)
{
    const std::size_t star = line.rfind('*');
    if (star == std::string_view::npos)
        return line;
    std::string given(line.substr(star + 1));
    for (char& c : given)
        c = c >= 'a' && c <= 'f' ? char(c - 'a' + 'A') : c;
    const std::string_view text = line.substr(0, star);
    return given == hex(checkOf(text)) ? std::optional(text) : std::nullopt;
}

std::optional<DeviceStatus> statusFrom(std::string_view word)
{
    if (word.size() != 1)
        return std::nullopt;
    switch (word.front()) {
    case 'S': return DeviceStatus::Ok;
    case 'M': return DeviceStatus::Motion;
    case 'Z': return DeviceStatus::Zero;
    case 'O': return DeviceStatus::Overload;
    case 'U': return DeviceStatus::Underload;
    default: return std::nullopt;
    }
}

char letterOf(DeviceStatus status)
{
    switch (status) {
    case DeviceStatus::Ok: return 'S';
    case DeviceStatus::Zero: return 'Z';
    case DeviceStatus::Overload: return 'O';
    case DeviceStatus::Underload: return 'U';
    case DeviceStatus::Motion:
    case DeviceStatus::Fault: break;
    }
    return 'M';
}

} // namespace

std::optional<PrintedNumber> readNumber(std::string_view text)
{
    bool below = false;
    if (!text.empty() && (text.front() == '+' || text.front() == '-')) {
        below = text.front() == '-';
        text.remove_prefix(1);
    }
    PrintedNumber out;
    std::size_t digits = 0;
    bool mark = false;
    for (const char c : text) {
        if (c == '.' || c == ',') {
            if (mark)
                return std::nullopt;
            mark = true;
        } else if (c >= '0' && c <= '9') {
            if (++digits > mostDigits)
                return std::nullopt;
            out.value = out.value * 10.0 + (c - '0');
            out.decimals += mark ? 1 : 0;
        } else
            return std::nullopt;
    }
    if (digits == 0)
        return std::nullopt;
    out.value /= std::pow(10.0, out.decimals);
    if (below)
        out.value = -out.value;
    return out;
}

std::optional<Reading> readLine(std::string_view line, std::int64_t at)
{
    if (line.size() > longestLine)
        return std::nullopt;
    const auto text = checked(line);
    if (!text)
        return std::nullopt;
    std::string_view rest = *text;
    const std::string_view kind = nextWord(rest);
    const auto number = readNumber(nextWord(rest));
    if (!number)
        return std::nullopt;
    Reading out;
    out.value = number->value;
    out.decimals = number->decimals;
    out.unit = unitFromWord(nextWord(rest));
    out.at = at;
    const std::string_view last = nextWord(rest);
    if (!nextWord(rest).empty())
        return std::nullopt;
    if (kind == "W") {
        const auto status = statusFrom(last);
        if (!status || !gramsOf(out))
            return std::nullopt;
        out.status = *status;
        out.stable = *status == DeviceStatus::Ok || *status == DeviceStatus::Zero;
        return out;
    }
    if (kind.size() == 2 && kind[0] == 'T' && kind[1] >= '1' && kind[1] <= '8') {
        if (!last.empty() || !celsiusOf(out))
            return std::nullopt;
        out.probe = kind[1] - '0';
        out.stable = true;
        return out;
    }
    return std::nullopt;
}

std::string writeLine(const Reading& reading)
{
    char number[64];
    std::snprintf(number, sizeof number, "%+.*f", reading.decimals, reading.value);
    std::string out = reading.probe == 0 ? "W" : "T" + std::to_string(reading.probe);
    out += std::string(" ") + number + " " + wordOf(reading.unit);
    if (reading.probe == 0)
        out += std::string(" ") + letterOf(reading.status);
    return out + "*" + hex(checkOf(out));
}

} // namespace rhexion::devices
