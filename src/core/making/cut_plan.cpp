#include "core/making/cut_plan.h"

#include <cmath>

namespace rhexion {

OrCannot<CutPlan> cutPlan(double length, const Cutting& cutting, double poured)
{
    if (!isAboveNothing(length))
        return Cannot{CannotCode::NotPositive, "length", {}};
    if (auto fault = faultOf(cutting))
        return *fault;
    if (!isNotNegative(poured))
        return Cannot{CannotCode::BadMass, "poured", {}};
    const double fits =
        (length - 2.0 * cutting.trim + cutting.kerf) / (cutting.bar + cutting.kerf) + 1e-9;
    if (!(fits >= 1.0))
        return Cannot{CannotCode::NoBar, "bar", {length}};
    if (fits > 1e6)
        return Cannot{CannotCode::OutOfRange, "bar", {length / 1e6, length}};
    CutPlan plan;
    plan.bars = static_cast<int>(std::floor(fits));
    const double cuts = (plan.bars - 1) * cutting.kerf;
    plan.overMillimetres = length - plan.bars * cutting.bar - cuts - 2.0 * cutting.trim;
    plan.evenBar = (length - 2.0 * cutting.trim - cuts) / plan.bars;
    plan.wetBar = poured * cutting.bar / length;
    plan.trims = poured * (length - plan.bars * cutting.bar) / length;
    return plan;
}

std::optional<double> cutLength(const Mould& mould, double height)
{
    if (mould.count > 1 || !(height > 0.0))
        return std::nullopt;
    if (const auto* loaf = std::get_if<Loaf>(&mould.shape)) {
        const auto volume = volumeTo(mould.shape, height);
        const double* ml = std::get_if<double>(&volume);
        if (!ml)
            return std::nullopt;
        // Mean width at the filled height, inside the liner.
        const double rim = loaf->rimWidth == 0.0 ? loaf->width : loaf->rimWidth;
        const double share = height / heightOf(mould.shape);
        const double width = loaf->width - 2.0 * loaf->liner + (rim - loaf->width) * share / 2.0;
        return *ml * 1000.0 / (width * height);
    }
    if (const auto* slab = std::get_if<Slab>(&mould.shape))
        return cellsOf(mould.shape) == 0 ? std::optional(slab->length) : std::nullopt;
    if (std::holds_alternative<Column>(mould.shape)) // stood up to be sliced
        return height;
    if (const auto* tube = std::get_if<LyingTube>(&mould.shape))
        return tube->length;
    return std::nullopt;
}

bool endBarsDiffer(const MouldShape& shape)
{
    const auto* loaf = std::get_if<Loaf>(&shape);
    return loaf && loaf->rimLength > loaf->length;
}

} // namespace rhexion
