#include "core/batch/event.h"

#include "core/units/enum_count.h"

#include <algorithm>
#include <array>

namespace rhexion {

namespace {

constexpr std::array<const char*, countOf<DayStepKind>()> stepCodes{"prepare",
                                                                    "weigh-line",
                                                                    "weigh-solvent",
                                                                    "dissolve-line",
                                                                    "weigh-jug-water",
                                                                    "weigh-sodium",
                                                                    "weigh-potassium",
                                                                    "dissolve-first",
                                                                    "lye-into-liquid",
                                                                    "melt-oils",
                                                                    "set-oil-aside",
                                                                    "combine",
                                                                    "emulsion",
                                                                    "trace",
                                                                    "divide",
                                                                    "portion-back",
                                                                    "cook",
                                                                    "after-cook",
                                                                    "pour",
                                                                    "top"};
static_assert(stepCodes.back() != nullptr);

constexpr std::array<const char*, countOf<WeighTarget::What>()> targetCodes{
    "none",     "line",   "jug-water", "sodium", "potassium", "sodium-second", "potassium-second",
    "held-oil", "solvent"};
static_assert(targetCodes.back() != nullptr);

template <class Enum, class Codes>
std::optional<Enum> fromCode(const Codes& codes, const std::string& code)
{
    const auto found = std::ranges::find(codes, code);
    return found == codes.end() ? std::nullopt
                                : std::optional(static_cast<Enum>(found - codes.begin()));
}

} // namespace

StepKey keyOf(const DayStep& step)
{
    return {step.kind, step.target, step.vessel, step.portion};
}

const char* codeOf(DayStepKind kind)
{
    return stepCodes[static_cast<std::size_t>(kind)];
}

std::optional<DayStepKind> dayStepFromCode(const std::string& code)
{
    return fromCode<DayStepKind>(stepCodes, code);
}

const char* codeOf(WeighTarget::What what)
{
    return targetCodes[static_cast<std::size_t>(what)];
}

std::optional<WeighTarget::What> weighTargetFromCode(const std::string& code)
{
    return fromCode<WeighTarget::What>(targetCodes, code);
}

} // namespace rhexion
