#include "core/units/cannot.h"

#include <array>

namespace rhexion {

const char* codeOf(CannotCode code)
{
    static constexpr std::array<const char*, countOf<CannotCode>()> codes{
        "not-positive",
        "negative",
        "out-of-range",
        "bad-mass",
        "nothing-in-it",
        "no-oils",
        "overflows",
        "above-the-rim",
        "corner-too-round",
        "bad-dividers",
        "dividers-fill-the-mould",
        "full-not-heavier",
        "no-bar",
        "no-height",
        "too-much-scent",
        "no-such-water",
        "no-total",
        "too-many-oils",
        "too-many-wishes",
        "wishes-contradict",
        "does-not-scale",
        "not-reckoned",
        "does-not-hold",
        "takes-too-long",
        "no-water-in-jug",
        "no-hydroxide",
        "frozen-hydroxide",
        "late-first-cover",
        "too-few-readings",
        "readings-out-of-order",
        "too-few-weights",
        "too-short",
        "bad-masses",
        "acid-not-in-excess-or-blank-wrong",
        "no-bars",
        "no-weights",
        "too-light",
        "too-heavy",
        "no-history"};
    return codes[static_cast<std::size_t>(code)];
}

} // namespace rhexion
