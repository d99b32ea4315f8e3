#include "core/seek/scale_to.h"

#include <cmath>

namespace rhexion {

namespace {

std::optional<double> sizeAt(const Formula& formula, double factor, ScaleTo what)
{
    Formula f = formula;
    const std::vector<Edit> edits = scaled(f, factor);
    if (edits.empty())
        return std::nullopt;
    for (const Edit& edit : edits)
        apply(f, edit);
    const ReckonResult result = reckon(f);
    const auto* r = std::get_if<Reckoning>(&result);
    if (!r)
        return std::nullopt;
    return what == ScaleTo::Oils ? r->oilsGrams : r->batterGrams;
}

} // namespace

std::optional<double> factorFor(const Formula& formula, ScaleTo what, Mass wanted)
{
    constexpr double close = 0.01;
    constexpr int passes = 40;
    const double target = wanted.inGrams();
    const auto now = sizeAt(formula, 1.0, what);
    if (!now || !(target > 0.0) || !wanted.isUsable())
        return std::nullopt;
    // Straight but for a make-up that runs dry, so a secant step or two nearly always do.
    double lastFactor = 1.0;
    double lastSize = *now;
    double factor = target / *now;
    for (int pass = 0; pass < passes && factor > 0.0; ++pass) {
        const auto size = sizeAt(formula, factor, what);
        if (!size)
            return std::nullopt;
        if (std::abs(*size - target) < close)
            return factor;
        const double slope = (*size - lastSize) / (factor - lastFactor);
        if (!(std::abs(slope) > 1e-9) || !std::isfinite(slope))
            return std::nullopt;
        lastFactor = factor;
        lastSize = *size;
        factor += (target - *size) / slope;
    }
    return std::nullopt;
}

} // namespace rhexion
