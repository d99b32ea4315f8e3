#include "core/batch/event.h"

#include "core/units/enum_count.h"

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
    return valueWithCode<DayStepKind>(stepCodes, code);
}

const char* codeOf(WeighTarget::What what)
{
    return targetCodes[static_cast<std::size_t>(what)];
}

std::optional<WeighTarget::What> weighTargetFromCode(const std::string& code)
{
    return valueWithCode<WeighTarget::What>(targetCodes, code);
}

} // namespace rhexion
