// What is typed: a line, an amount, a number.
#include "core/formula/phrase.h"
#include "fuzz.h"

#include <cmath>

using namespace rhexion;

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size)
{
    if (size == 0)
        return 0;
    const PhraseHabits habits{(data[0] & 1) != 0 ? ',' : '.', AmountUnit::Gram};
    const std::string_view text(reinterpret_cast<const char*>(data) + 1, size - 1);
    parsePhrase(text, habits);
    const auto amount = parseAmount(text, habits);
    if (const auto* stated = std::get_if<StatedAmount>(&amount))
        fuzz::demand(std::isfinite(stated->value) && stated->value >= 0.0, "an amount is a figure");
    const auto number = parseNumber(text, habits.decimalMark); // a superfat may be below 0
    if (const auto* value = std::get_if<double>(&number))
        fuzz::demand(std::isfinite(*value), "a number is a figure");
    return 0;
}
