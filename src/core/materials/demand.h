// The one table of what a material asks of the lye and brings to it, term by term. Sums, bounds,
// working, doubt, effects, mixtures and portions all read it, so that a figure counts alike
// everywhere. Source of each factor: docs/chemistry.md, "Alkali called for".
#pragma once

#include "core/materials/material.h"

#include <string>

namespace rhexion {

enum class DemandOf {
    Fat,      // mol of hydroxide its fat can take: share * SV
    Acid,     // mol its acids take, always first and in full
    Sodium,   // mol of sodium hydroxide it holds, whatever kind of material it is
    Potassium // the same for potassium hydroxide
};

// One product of at most two figures of the material and a factor, per gram of the material.
struct DemandTerm {
    DemandOf of;
    const Interval* share; // nothing: 1
    const Interval* value; // nothing: 1
    double factor;         // mol per product, typical and high
    double leastFactor;    // the same at the low bound
    std::optional<Acid> acid = {};
    bool byAcidValue = false; // fat without SV: its acid value stands in

    double low() const
    {
        return leastFactor * at(share, &Interval::low) * at(value, &Interval::low);
    }
    double typical() const
    {
        return factor * at(share, &Interval::typical) * at(value, &Interval::typical);
    }
    double high() const { return factor * at(share, &Interval::high) * at(value, &Interval::high); }

private:
    static double at(const Interval* i, double (Interval::*bound)() const)
    {
        return i ? (i->*bound)() : 1.0;
    }
};

// Codes of the two figures as in figures.h; empty where there is none.
std::string shareCodeOf(const DemandTerm& term);
std::string valueCodeOf(const DemandTerm& term);

inline constexpr double molPerMgPotassiumHydroxide =
    1.0 / (1000.0 * mgPotassiumHydroxidePerMillimole);

// Hands every term to take(const DemandTerm&); nothing is allocated.
template <class Take>
void eachDemand(const Material& m, Take&& take)
{
    if (const auto& value = m.sv ? m.sv : m.acidValue)
        take(DemandTerm{DemandOf::Fat,
                        &m.part(Part::Fat).range,
                        &value->range,
                        molPerMgPotassiumHydroxide,
                        molPerMgPotassiumHydroxide,
                        {},
                        !m.sv});
    if (m.titratable) {
        // Stands for all acids: mmol per 100 g.
        take(DemandTerm{DemandOf::Acid, nullptr, &m.titratable->range, 1e-5, 1e-5});
    } else {
        const auto ph = m.ph ? std::optional(m.ph->range.typical()) : std::nullopt;
        for (const AcidShare& share : m.acids) {
            const AcidFacts& facts = factsOf(share.acid);
            take(DemandTerm{DemandOf::Acid, &share.share.range, nullptr,
                            hydroxidePerMol(facts, ph) / facts.molarMass(),
                            leastHydroxidePerMol(facts, ph) / facts.molarMass(), share.acid});
        }
    }
    for (const auto& [of, part, molarMass] :
         {std::tuple(DemandOf::Sodium, Part::SodiumHydroxide, molarMassSodiumHydroxide),
          std::tuple(DemandOf::Potassium, Part::PotassiumHydroxide, molarMassPotassiumHydroxide)})
        if (m.part(part).range.high() > 0.0)
            take(DemandTerm{of, &m.part(part).range, nullptr, 1.0 / molarMass, 1.0 / molarMass});
}

// mmol of hydroxide per 100 g that the acids of a material take.
Interval acidityOf(const Material& material);

// The share of a hydroxide that counts as water: its water where that is stated, and for a purity
// alone all that is neither hydroxide nor carbonate. Source: docs/chemistry.md, "Alkali called
// for".
double moistureOf(const Material& hydroxide);

// What a material may take besides fat and acid, mmol of hydroxide per 100 g at most: browning of
// reducing sugar (2 mol per mol of hexose, 4 per lactose), its salts of magnesium and calcium
// (Material::reserve). Never in a sum, only told. Source: docs/chemistry.md, reserves (from
// memory).
double mostReserveOf(const Material& material);

} // namespace rhexion
