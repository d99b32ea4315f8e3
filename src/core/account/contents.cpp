#include "core/account/contents.h"

#include <algorithm>

namespace rhexion {

void Contents::add(const Contents& perGram, double grams)
{
    water += grams * perGram.water;
    fat += grams * perGram.fat;
    alkali += grams * perGram.alkali;
    acid += grams * perGram.acid;
    sugar += grams * perGram.sugar;
    salt += grams * perGram.salt;
    otherSolids += grams * perGram.otherSolids;
}

Contents contentsPerGram(const Material& m)
{
    const auto share = [&](Part part) { return m.part(part).range.typical(); };
    Contents out;
    out.water = share(Part::Water) + share(Part::Alcohol) + share(Part::Glycerol);
    out.fat = share(Part::Fat);
    out.sugar = share(Part::ReducingSugar) + share(Part::OtherSugar);
    out.salt = share(Part::SodiumChloride) + share(Part::OtherSalts) + share(Part::Carbonate);
    out.alkali = share(Part::SodiumHydroxide) + share(Part::PotassiumHydroxide);
    for (const AcidShare& a : m.acids)
        out.acid += a.share.range.typical();
    out.otherSolids = std::max(0.0, 1.0 - out.total());
    return out;
}

Contents contentsOf(const Formula& formula, const Account& account, Vessel vessel)
{
    Contents out;
    for (std::size_t i = 0; i < formula.lines.size(); ++i) {
        const bool makeUp = account.lines[i].isMakeUp;
        if (!makeUp && formula.lines[i].vessel != vessel)
            continue;
        const double grams = account.inItsVessel(i, vessel);
        if (grams == 0.0)
            continue;
        out.add(contentsPerGram(*formula.lines[i].material), grams);
    }
    if (vessel == Vessel::LyeJug)
        out.water += account.jugWaterGrams;
    if (isJug(vessel)) {
        const JugReckoned& jug = account.jug(vessel);
        for (const HydroxideReckoned* h : {&jug.sodium, &jug.potassium}) {
            out.alkali += h->pureGrams;
            out.water += h->waterGrams;
            out.otherSolids += std::max(0.0, h->weighedGrams - h->pureGrams - h->waterGrams);
        }
    }
    return out;
}

} // namespace rhexion
