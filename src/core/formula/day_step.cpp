#include "core/formula/day_step.h"

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
                                                                    "top",
                                                                    "infuse-oil",
                                                                    "cook-produce",
                                                                    "drink-flat",
                                                                    "freeze-ahead",
                                                                    "stock-lye-ready",
                                                                    "set-out",
                                                                    "wet-colour",
                                                                    "cold-bath",
                                                                    "potassium-into-liquid",
                                                                    "look-through",
                                                                    "into-cooled-lye",
                                                                    "into-oils",
                                                                    "wait-to-meet",
                                                                    "cook-separates",
                                                                    "cook-applesauce",
                                                                    "cook-mash",
                                                                    "test-cook",
                                                                    "cool-for-scent",
                                                                    "scent-by-hand",
                                                                    "pour-portion",
                                                                    "layer-wait",
                                                                    "cover-up",
                                                                    "own"};
static_assert(stepCodes.back() != nullptr);

constexpr std::array<const char*, countOf<WeighTarget::What>()> targetCodes{
    "none",     "line",   "jug-water", "sodium", "potassium", "sodium-second", "potassium-second",
    "held-oil", "solvent"};
static_assert(targetCodes.back() != nullptr);

} // namespace

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
