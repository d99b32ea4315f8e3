#include "core/materials/demand.h"

#include <algorithm>

namespace rhexion {

std::string shareCodeOf(const DemandTerm& term)
{
    if (!term.share)
        return {};
    switch (term.of) {
    case DemandOf::Fat: return codeOf(Part::Fat);
    case DemandOf::Sodium: return codeOf(Part::SodiumHydroxide);
    case DemandOf::Potassium: return codeOf(Part::PotassiumHydroxide);
    case DemandOf::Acid: return "acid-" + std::string(factsOf(*term.acid).code);
    }
    return {};
}

std::string valueCodeOf(const DemandTerm& term)
{
    if (!term.value)
        return {};
    if (term.of == DemandOf::Fat)
        return term.byAcidValue ? "acid-value" : "sv";
    return "titratable";
}

Interval acidityOf(const Material& m)
{
    double low = 0.0;
    double typical = 0.0;
    double high = 0.0;
    eachDemand(m, [&](const DemandTerm& term) {
        if (term.of != DemandOf::Acid)
            return;
        low += term.low() * 1e5;
        typical += term.typical() * 1e5;
        high += term.high() * 1e5;
    });
    return Interval::around(low, typical, high);
}

double moistureOf(const Material& hydroxide)
{
    const Part own = hydroxide.kind == MaterialKind::SodiumHydroxide ? Part::SodiumHydroxide
                                                                     : Part::PotassiumHydroxide;
    const Interval& water = hydroxide.part(Part::Water).range;
    return water.high() > 0.0 ? water.typical()
                              : std::max(0.0, 1.0 - hydroxide.part(own).range.typical() -
                                                  hydroxide.part(Part::Carbonate).range.typical());
}

double mostReserveOf(const Material& m)
{
    constexpr double perHexose = 2.0 / 180.156 * 1e5;  // mmol per 100 g of glucose or fructose
    constexpr double perLactose = 4.0 / 342.297 * 1e5; // of milk sugar
    const double sugar = m.part(Part::ReducingSugar).range.high();
    const double browning = sugar * (m.kind == MaterialKind::Milk ? perLactose : perHexose);
    return browning + (m.reserve ? m.reserve->range.high() : 0.0);
}

} // namespace rhexion
