// A maker's fittings, her terms of counting and labelling among them: read or refused; what was
// read is written so that it reads back equal.
#include "fuzz.h"
#include "storage/fittings.h"

using namespace rhexion;

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size)
{
    const auto read =
        fittingsFromJson(QByteArray(reinterpret_cast<const char*>(data), qsizetype(size)));
    if (const auto* fittings = std::get_if<Fittings>(&read)) {
        const auto again = fittingsFromJson(fittingsToJson(*fittings));
        fuzz::demand(std::holds_alternative<Fittings>(again) &&
                         std::get<Fittings>(again) == *fittings,
                     "fittings that were written read back equal");
    }
    return 0;
}
