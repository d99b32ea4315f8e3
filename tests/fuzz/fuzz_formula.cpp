// A formula file: refused with a place, or read, reckoned and written so that it reads back equal.
#include "core/account/doubt.h"
#include "core/advice/reckon.h"
#include "fuzz.h"
#include "storage/reckoning_json.h"

using namespace rhexion;

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size)
{
    const QByteArray bytes = fuzz::bytesOf(data, size);
    const auto read = formulaFromJson(bytes);
    const auto rest = salvageFormula(bytes);
    if (const auto* formula = std::get_if<Formula>(&read)) {
        fuzz::comesBack(*formula);
        const auto reckoned = reckon(*formula);
        if (const auto* r = std::get_if<Reckoning>(&reckoned))
            reckoningToJson(*formula, *r, r->cautions);
        else
            refusalToJson(*formula, std::get<Refusal>(reckoned));
        fuzz::demand(rest && rest->lost.empty(), "what reads in full is salvaged in full");
    } else if (rest)
        fuzz::comesBack(rest->formula);
    return 0;
}
