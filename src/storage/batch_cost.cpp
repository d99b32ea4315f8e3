#include "storage/batch_cost.h"

#include "core/after/drying.h"

#include <cmath>

namespace rhexion {

std::optional<LotPrice> priceOf(const Material& material, const Shelf* shelf,
                                const Fittings& fittings)
{
    const AfterTerms& terms = fittings.terms;
    const double minor = std::pow(10.0, terms.minorDigits);
    const LotRecord* lot = nullptr;
    if (shelf) {
        lot = material.lot.id.empty() ? nullptr : shelf->findLot(material.lot.id);
        if (!lot)
            lot = shelf->openLotOf(material.id);
    }
    if (lot && lot->price && lot->boughtGrams && *lot->boughtGrams > 0.0)
        return LotPrice{*lot->price * minor, *lot->boughtGrams, terms.pricesWithTax,
                        terms.taxOfLots};
    if (const auto own = fittings.prices.find(material.id); own != fittings.prices.end())
        return LotPrice{own->second * minor, 1.0, terms.pricesWithTax, terms.taxOfLots};
    return std::nullopt;
}

OrCannot<BatchCost> batchCost(const Batch& batch, const Cured& cured, const Shelf* shelf,
                              const Fittings& fittings)
{
    const Bowl bowl = batch.bowl();
    const Account made = accountOf(bowl.formula, bowl.amounts);
    std::vector<CostLine> lines;
    const auto add = [&](const Material& m, double grams) {
        const bool water = m.id == "water";
        if (!(grams > 0.0) || water)
            return;
        lines.push_back({m.name, grams, priceOf(m, shelf, fittings),
                         m.kind == MaterialKind::Produce ? fittings.terms.produceLoss : 0.0, 0.0});
    };
    for (std::size_t i = 0; i < bowl.formula.lines.size(); ++i)
        add(*bowl.formula.lines[i].material, made.lines[i].grams);
    if (bowl.formula.lye.sodium)
        add(*bowl.formula.lye.sodium, made.sodium.weighedGrams);
    if (bowl.formula.lye.potassium)
        add(*bowl.formula.lye.potassium, made.potassium.weighedGrams);
    const AfterTerms& t = fittings.terms;
    const BarsNow bars = barsOf(batch);
    CostTerms terms;
    terms.packagingPerBar = t.packagingPerBar;
    terms.hours = t.hours;
    terms.perHour = t.perHour;
    terms.energy = t.energy;
    terms.factor = t.factor;
    terms.tax = t.tax;
    terms.bars = bars.cut;
    terms.sellable = bars.sellable();
    terms.curedGrams = settledGrams(cured.dryGrams).typical();
    return costOf(lines, terms);
}

} // namespace rhexion
