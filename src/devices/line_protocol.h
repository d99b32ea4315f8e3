// Readings as lines of text, our own protocol: docs/formats/scale-lines.md.
//     W +0123.4 g S        a weight: S stable, M in motion, Z zero, O over, U under
//     T1 +038.2 C          a temperature of probe 1 to 8
// A line may end with * and two hexadecimal digits, the XOR of what stands before the *.
#pragma once

#include "devices/reading.h"

#include <string>
#include <string_view>

namespace rhexion::devices {

inline constexpr std::size_t longestLine = 200; // bytes; more is no line of a scale

// Nothing for what is not such a line; never guesses a unit.
std::optional<Reading> readLine(std::string_view line, std::int64_t at);
std::string writeLine(const Reading& reading); // without its end, with its check

// A plain decimal number with a sign, a point or a comma; and how many decimals it shows.
struct PrintedNumber {
    double value = 0.0;
    int decimals = 0;
};
std::optional<PrintedNumber> readNumber(std::string_view text);

// Bytes as they come to whole lines; what is too long is dropped up to its end. Listening may begin
// in the middle of a line, so that the first is never whole: up to its end nothing counts.
class LineCutter {
public:
    template <typename Each>
    void take(std::string_view bytes, Each each)
    {
        for (const char c : bytes) {
            if (c == '\n' || c == '\r') {
                if (!dropping_ && !line_.empty())
                    each(std::string_view(line_));
                forget();
                dropping_ = false;
            } else if (line_.size() >= longestLine)
                forget();
            else if (!dropping_)
                line_ += c;
        }
    }
    void forget()
    {
        line_.clear();
        dropping_ = true;
    }

private:
    std::string line_;
    bool dropping_ = true;
};

} // namespace rhexion::devices
