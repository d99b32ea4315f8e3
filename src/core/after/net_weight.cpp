#include "core/after/net_weight.h"

#include "core/units/enum_count.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace rhexion {

const char* codeOf(WeightVerdict verdict)
{
    constexpr std::array<const char*, countOf<WeightVerdict>()> codes{"minimum-met", "average-met",
                                                                      "not-met"};
    return codes[static_cast<std::size_t>(verdict)];
}

OrCannot<double> tolerableError(double nominal)
{
    if (!(nominal >= 5.0))
        return Cannot{CannotCode::TooLight, "nominal", {}};
    struct Row {
        double upTo;
        double share; // rounded up to 0.1 g; 0: fixed
        double grams;
    };
    constexpr Row rows[] = {{50, 0.09, 0},  {100, 0, 4.5}, {200, 0.045, 0},  {300, 0, 9},
                            {500, 0.03, 0}, {1000, 0, 15}, {10000, 0.015, 0}};
    for (const Row& row : rows)
        if (nominal <= row.upTo)
            return row.share > 0.0 ? std::ceil(row.share * nominal * 10.0 - 1e-9) / 10.0
                                   : row.grams;
    return Cannot{CannotCode::TooHeavy, "nominal", {}};
}

OrCannot<WeightCheck> checkWeights(std::span<const double> grams, double nominal)
{
    if (grams.empty())
        return Cannot{CannotCode::NoWeights, "weights", {}};
    const auto error = tolerableError(nominal);
    if (const auto* cannot = std::get_if<Cannot>(&error))
        return *cannot;
    WeightCheck out;
    out.tolerable = std::get<double>(error);
    out.weighed = int(grams.size());
    out.least = std::ranges::min(grams);
    for (const double g : grams) {
        if (!isAboveNothing(g))
            return Cannot{CannotCode::NotPositive, "weights", {}};
        out.mean += g / double(grams.size());
        out.low += g < nominal - out.tolerable ? 1 : 0;
        out.very += g < nominal - 2.0 * out.tolerable ? 1 : 0;
    }
    constexpr double lowShare = 0.025;
    // A mean is a sum: what it loses in rounding does not fail a batch.
    const bool average =
        out.mean >= nominal - 1e-9 && out.low <= lowShare * double(grams.size()) && out.very == 0;
    out.verdict = out.least >= nominal ? WeightVerdict::MinimumMet
                  : average            ? WeightVerdict::AverageMet
                                       : WeightVerdict::NotMet;
    return out;
}

double digitHeight(double nominal)
{
    return nominal > 1000.0 ? 6.0 : nominal > 200.0 ? 4.0 : nominal > 50.0 ? 3.0 : 2.0;
}

double nominalFor(double settledLow, double step)
{
    return std::floor(settledLow / step + 1e-9) * step;
}

} // namespace rhexion
