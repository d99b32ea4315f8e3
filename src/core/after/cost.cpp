#include "core/after/cost.h"

#include <cmath>

namespace rhexion {

OrCannot<Drawn> drawnFor(double needed, const LotPrice& price, double loss, double soaked)
{
    if (!isAboveNothing(price.grams))
        return Cannot{CannotCode::NotPositive, "lot", {}};
    if (!isNotNegative(needed) || !(loss >= 0.0 && loss < 1.0) || !isNotNegative(soaked) ||
        !isNotNegative(price.minor) || !isNotNegative(price.tax))
        return Cannot{CannotCode::OutOfRange, "cost", {}};
    const double grams = needed / (1.0 - loss) + soaked;
    const double net = price.taxIncluded ? price.minor / (1.0 + price.tax) : price.minor;
    return Drawn{grams, grams * net / price.grams};
}

OrCannot<double> barPrice(double batchMinor, int sellable, double factor, double tax)
{
    if (sellable < 1)
        return Cannot{CannotCode::NoBars, "bars", {}};
    if (!isNotNegative(batchMinor) || !isNotNegative(factor) || !isNotNegative(tax))
        return Cannot{CannotCode::OutOfRange, "cost", {}};
    return std::ceil(batchMinor / sellable * factor * (1.0 + tax) - 1e-9);
}

OrCannot<BatchCost> costOf(std::span<const CostLine> lines, const CostTerms& t)
{
    for (const double x : {t.packagingPerBar, t.hours, t.perHour, t.energy, t.factor, t.tax})
        if (!isNotNegative(x))
            return Cannot{CannotCode::OutOfRange, "cost", {}};
    BatchCost out;
    for (const CostLine& line : lines) {
        BatchCost::Line row{line.name, {line.grams / (1.0 - line.loss) + line.soaked, 0.0}, false};
        if (line.price) {
            const auto drawn = drawnFor(line.grams, *line.price, line.loss, line.soaked);
            if (const auto* cannot = std::get_if<Cannot>(&drawn))
                return *cannot;
            row.drawn = std::get<Drawn>(drawn);
            row.known = true;
        }
        out.unknown += row.known ? 0 : 1;
        out.materials += row.drawn.minor;
        out.lines.push_back(std::move(row));
    }
    out.packaging = t.packagingPerBar * t.sellable;
    out.time = t.hours * t.perHour;
    out.energy = t.energy;
    if (t.sellable >= 1) {
        out.perBar = out.total() / t.sellable;
        const auto price = barPrice(out.total(), t.sellable, t.factor, t.tax);
        if (const double* minor = std::get_if<double>(&price))
            out.price = *minor;
    }
    if (t.curedGrams > 0.0)
        out.per100 = out.total() / t.curedGrams * 100.0;
    return out;
}

OrCannot<double> reorderPoint(std::span<const double> uses, double weeksToGet)
{
    if (uses.empty() || !isNotNegative(weeksToGet))
        return Cannot{CannotCode::NoHistory, "uses", {}};
    constexpr double nineteenOfTwenty = 1.65;
    const double n = double(uses.size());
    double mean = 0.0;
    for (const double use : uses)
        mean += use / n;
    double squares = 0.0;
    for (const double use : uses)
        squares += (use - mean) * (use - mean);
    // One week says nothing of the spread: as much as was used.
    const double sd = uses.size() > 1 ? std::sqrt(squares / (n - 1.0)) : mean;
    return mean * weeksToGet + nineteenOfTwenty * sd * std::sqrt(weeksToGet);
}

} // namespace rhexion
