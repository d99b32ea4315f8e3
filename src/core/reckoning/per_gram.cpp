#include "core/reckoning/per_gram.h"

namespace rhexion {

PerGram perGramOf(const Line& line, const LyeSettings& lye)
{
    const Material& m = *line.material;
    PerGram per;
    per.water = line.allWater ? 1.0 : m.part(Part::Water).range.typical();

    if (const auto& value = m.sv ? m.sv : m.acidValue) {
        const double perMg = 1.0 / (1000.0 * mgPotassiumHydroxidePerMillimole);
        const Interval& fat = m.part(Part::Fat).range;
        const Interval& sv = value->range;
        per.fatTypical = fat.typical() * sv.typical() * perMg;
        per.fatLow = fat.low() * sv.low() * perMg;
        per.fatHigh = fat.high() * sv.high() * perMg;
        if (m.isOil() || lye.hiddenFat == HiddenFatSchool::Typical)
            per.fatShareCounted = fat.typical();
        else if (lye.hiddenFat == HiddenFatSchool::Surely)
            per.fatShareCounted = fat.low();
        per.fatCounted = per.fatShareCounted * sv.typical() * perMg;
        if (m.kind == MaterialKind::FattyAcid)
            per.freeFattyAcid = per.fatTypical;
    }
    per.discounted = lye.basis == SuperfatBasis::AllFat || line.vessel != Vessel::AfterCook;

    if (m.titratable) {
        const Interval& t = m.titratable->range;
        per.acid = t.typical() / 1e5;
        per.acidLow = t.low() / 1e5;
        per.acidHigh = t.high() / 1e5;
        return per;
    }
    const std::optional<double> ph = m.ph ? std::optional(m.ph->range.typical()) : std::nullopt;
    for (const AcidShare& share : m.acids) {
        const AcidFacts& facts = factsOf(share.acid);
        const double perMass = hydroxidePerMol(facts, ph) / facts.molarMass();
        per.acid += share.share.range.typical() * perMass;
        per.acidLow +=
            share.share.range.low() * (leastHydroxidePerMol(facts, ph) / facts.molarMass());
        per.acidHigh += share.share.range.high() * perMass;
    }
    return per;
}

} // namespace rhexion
