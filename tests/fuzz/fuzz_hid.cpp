// Reports of a weighing device, one after the other: whatever they hold, no weight that is not a
// number, and none that is not steady is offered as one.
#include "devices/device_reader.h"
#include "devices/hid_weight.h"
#include "fuzz.h"

#include <cmath>

using namespace rhexion;
using namespace rhexion::devices;

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size)
{
    DeviceReader reader;
    std::int64_t at = 0;
    while (size > 0) {
        const std::size_t length = std::min<std::size_t>(size - 1, data[0] % (mostHidBytes + 1));
        at += data[0] * 3;
        if (const auto reading = readHidReport({data + 1, length}, at))
            fuzz::demand(std::isfinite(reading->value), "a weight is a number");
        reader.takeReport({data + 1, length}, at);
        const Live live = reader.now(at);
        fuzz::demand(live.weight.steady != Steady::Yes || std::isfinite(live.weight.grams),
                     "a steady weight is a number");
        data += length + 1;
        size -= length + 1;
    }
    return 0;
}
