#include "core/materials/behaviour.h"

#include <array>

namespace rhexion {

namespace {
constexpr std::array<const char*, behaviourCount> codes{"speeds-trace",
                                                        "slows-trace",
                                                        "heats",
                                                        "browns",
                                                        "seizes",
                                                        "rices",
                                                        "fades",
                                                        "scratchy",
                                                        "needs-solvent-water",
                                                        "disperse-in-oil",
                                                        "disperse-in-glycerin",
                                                        "disperse-in-water",
                                                        "settles",
                                                        "not-in-aluminium",
                                                        "stains",
                                                        "allergen",
                                                        "phototoxic",
                                                        "not-for-children",
                                                        "fumes",
                                                        "foams",
                                                        "softens-bar",
                                                        "hardens-bar",
                                                        "melts-hot",
                                                        "goes-rancid",
                                                        "cuts-lather",
                                                        "separates",
                                                        "crumbles",
                                                        "sweetened",
                                                        "own-household-only",
                                                        "held-back-by-herbs",
                                                        "purity-varies",
                                                        "form-is-said"};
static_assert(codes.back() != nullptr);

} // namespace

const char* codeOf(Behaviour behaviour)
{
    return codes[static_cast<std::size_t>(behaviour)];
}

std::optional<Behaviour> behaviourFromCode(const std::string& code)
{
    return valueWithCode<Behaviour>(codes, code);
}

} // namespace rhexion
