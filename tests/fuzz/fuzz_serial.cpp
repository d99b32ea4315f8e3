// A serial line: three lines it is taught by, then whatever comes, in pieces of any size.
#include "devices/device_reader.h"
#include "fuzz.h"

#include <cmath>

using namespace rhexion;
using namespace rhexion::devices;

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size)
{
    const std::string_view all(reinterpret_cast<const char*>(data), size);
    Lesson lesson;
    std::size_t from = 0;
    for (int i = 0; i < 3; ++i) {
        const std::size_t end = std::min(all.find('\n', from), all.size());
        lesson.examples.emplace_back(all.substr(from, end - from));
        from = std::min(all.size(), end + 1);
    }
    if (size >= 6) {
        lesson.number = {data[0] % 32u, data[0] % 32u + data[1] % 16u};
        lesson.unit = {data[2] % 32u, data[2] % 32u + data[3] % 4u};
        lesson.stable = {data[4] % 32u, data[4] % 32u + data[5] % 4u};
    }
    lesson.unitAlways = size % 2 == 0 ? DeviceUnit::Gram : DeviceUnit::Unknown;
    const auto learnt = learn(lesson);
    std::optional<TaughtLines> pattern;
    if (const auto* good = std::get_if<TaughtLines>(&learnt)) {
        pattern = *good;
        readTaught(*good, lesson.examples[1], 0);
        fromText(toText(*good));
    }
    fromText(all);
    DeviceReader reader(pattern);
    std::int64_t at = 0;
    while (from < all.size()) {
        const std::size_t piece = 1 + static_cast<unsigned char>(all[from]) % 40;
        reader.takeBytes(all.substr(from, piece), at);
        from += piece;
        at += 37;
        const Live live = reader.now(at);
        fuzz::demand(live.weight.steady != Steady::Yes || std::isfinite(live.weight.grams),
                     "a steady weight is a number");
        fuzz::demand(live.lastLine.size() <= longestLine, "no line is kept longer than a line");
        for (const auto& celsius : live.celsius)
            fuzz::demand(!celsius || (*celsius >= -60.0 && *celsius <= 300.0),
                         "a probe's reading is a temperature");
        // What our own lines say is said again the same.
        if (const auto reading = readLine(live.lastLine, at)) {
            const auto again = readLine(writeLine(*reading), at);
            fuzz::demand(again && again->unit == reading->unit && again->probe == reading->probe,
                         "a line that was read can be written and read again");
        }
    }
    return 0;
}
