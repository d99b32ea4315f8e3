#include "core/formula/mould.h"

#include <array>

namespace rhexion {

namespace {

constexpr std::array<const char*, countOf<Blending>()> blendingCodes{"bursts", "whisk", "long"};
constexpr std::array<const char*, countOf<GelPlan>()> gelCodes{"not-known", "gelled", "kept-cool"};
constexpr std::array<const char*, countOf<ProductKind>()> productCodes{"rinse-off", "face", "baby",
                                                                       "cleaning", "leave-on"};

} // namespace

std::optional<Cannot> faultOf(const Mould& mould)
{
    if (mould.count < 1 || mould.count > mostCavities)
        return Cannot{CannotCode::OutOfRange, "count", {1.0, double(mostCavities)}};
    return faultOf(mould.shape);
}

std::optional<Cannot> faultOf(const Cutting& cutting)
{
    if (!isAboveNothing(cutting.bar))
        return Cannot{CannotCode::NotPositive, "bar", {}};
    if (!isNotNegative(cutting.trim) || !isNotNegative(cutting.kerf))
        return Cannot{CannotCode::Negative, "trim-or-kerf", {}};
    return std::nullopt;
}

const char* codeOf(Blending blending)
{
    return blendingCodes[static_cast<std::size_t>(blending)];
}
const char* codeOf(GelPlan gel)
{
    return gelCodes[static_cast<std::size_t>(gel)];
}
const char* codeOf(ProductKind kind)
{
    return productCodes[static_cast<std::size_t>(kind)];
}
std::optional<Blending> blendingFromCode(const std::string& code)
{
    return valueWithCode<Blending>(blendingCodes, code);
}
std::optional<GelPlan> gelPlanFromCode(const std::string& code)
{
    return valueWithCode<GelPlan>(gelCodes, code);
}
std::optional<ProductKind> productKindFromCode(const std::string& code)
{
    return valueWithCode<ProductKind>(productCodes, code);
}

} // namespace rhexion
