#include "core/amounts/one_gram.h"
#include "core/amounts/solve.h"
#include "core/materials/demand.h"

namespace rhexion {

namespace {

using N = TermName;
using U = Unit;

} // namespace

void writeLineDemand(Working& w, const Line& line, std::size_t place, double grams,
                     const PerGram& per)
{
    const Material& m = *line.material;
    const auto at = static_cast<std::int16_t>(place);
    eachDemand(m, [&](const DemandTerm& term) {
        switch (term.of) {
        case DemandOf::Fat:
            if (per.fatTypical > 0.0)
                w.add(m.isOil() ? Rule::FatDemand : Rule::HiddenFatDemand,
                      {{N::Mass, U::Gram, grams},
                       {N::FatShare, U::Percent, per.fatShareCounted},
                       {N::Sv, U::MgPerGram, per.svCounted},
                       {N::SvDivisor, U::GramPerMole, mgPotassiumHydroxidePerMillimole}},
                      grams * per.fatCounted, U::Mole, at);
            break;
        case DemandOf::Acid:
            if (term.acid)
                w.add(Rule::AcidDemand,
                      {{N::Mass, U::Gram, grams},
                       {N::AcidShare, U::Percent, term.share->typical()},
                       {N::MolarMass, U::GramPerMole, factsOf(*term.acid).molarMass()},
                       {N::Protons, U::Number, term.factor * factsOf(*term.acid).molarMass()}},
                      grams * term.typical(), U::Mole, at, static_cast<std::int8_t>(*term.acid));
            else
                w.add(Rule::TitratedDemand,
                      {{N::Mass, U::Gram, grams},
                       {N::Titratable, U::MillimolePer100Gram, term.value->typical()}},
                      grams * term.typical(), U::Mole, at);
            break;
        case DemandOf::Sodium:
        case DemandOf::Potassium:
            w.add(Rule::GivenHydroxide,
                  {{N::Mass, U::Gram, grams},
                   {N::Purity, U::Percent, term.share->typical()},
                   {N::MolarMass, U::GramPerMole, 1.0 / term.factor}},
                  grams * term.typical(), U::Mole, at);
            break;
        }
    });
    if (per.water > 0.0)
        w.add(Rule::LineWater, {{N::Mass, U::Gram, grams}, {N::WaterShare, U::Percent, per.water}},
              grams * per.water, U::Gram, at);
}

} // namespace rhexion
