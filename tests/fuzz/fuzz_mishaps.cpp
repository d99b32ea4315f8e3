// A script of mishaps: read or refused; what was read is written so that it reads back equal.
#include "fuzz.h"
#include "storage/mishap_json.h"

using namespace rhexion;

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size)
{
    const auto read =
        mishapsFromJson(QByteArray(reinterpret_cast<const char*>(data), qsizetype(size)));
    if (const auto* script = std::get_if<MishapScript>(&read)) {
        const auto again = mishapsFromJson(mishapsToJson(*script));
        fuzz::demand(std::holds_alternative<MishapScript>(again) &&
                         std::get<MishapScript>(again) == *script,
                     "a script that was written reads back equal");
    }
    return 0;
}
