// The benchmarks' formula.
#pragma once

#include "core/formula/formula.h"
#include "storage/catalogue.h"

namespace rhexion::bench {

// So many materials of the catalogue, with a milk as the rest, acids, shares of oils and two
// hydroxides.
inline Formula mixed(std::size_t count)
{
    Formula f;
    const Catalogue& c = Catalogue::shipped();
    f.lye.sodium = c.find("sodium-hydroxide");
    f.lye.potassium = c.find("potassium-hydroxide-90");
    f.lye.potassiumShare = 0.2;
    f.liquid.value = 0.3;
    f.lines.push_back(
        {f.newId(), c.find("goat-milk"), Vessel::LyeJug, {0, AmountUnit::Rest}, true});
    for (std::size_t i = 0; f.lines.size() < count; ++i) {
        const MaterialPtr& m = c.materials()[i * 7 % c.materials().size()];
        if (m->isHydroxide())
            continue;
        const double grams = m->isOil() ? 60.0 + double(i) : 4.0;
        const StatedAmount amount = !m->isOil() && i % 3 == 0
                                        ? StatedAmount{0.5, AmountUnit::PercentOfOils}
                                        : StatedAmount{grams, AmountUnit::Gram};
        f.lines.push_back({f.newId(), m, m->isOil() ? Vessel::OilPot : Vessel::Trace, amount});
    }
    return f;
}

} // namespace rhexion::bench
