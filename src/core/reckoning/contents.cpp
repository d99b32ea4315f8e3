#include "core/reckoning/contents.h"

#include <algorithm>

namespace rhexion {

Contents contentsOf(const Formula& formula, const Reckoning& reckoning, Vessel vessel)
{
    Contents out;
    for (std::size_t i = 0; i < formula.lines.size(); ++i) {
        if (formula.lines[i].vessel != vessel)
            continue;
        const Material& m = *formula.lines[i].material;
        const double grams = reckoning.lines[i].grams;
        const auto share = [&](Part part) { return m.part(part).range.typical(); };
        const double water = share(Part::Water) + share(Part::Alcohol) + share(Part::Glycerol);
        const double sugar = share(Part::ReducingSugar) + share(Part::OtherSugar);
        const double salt = share(Part::SodiumChloride) + share(Part::OtherSalts);
        double acid = 0.0;
        for (const AcidShare& a : m.acids)
            acid += a.share.range.typical();
        out.water += grams * water;
        out.fat += grams * share(Part::Fat);
        out.sugar += grams * sugar;
        out.salt += grams * salt;
        out.acid += grams * acid;
        out.otherSolids +=
            grams * std::max(0.0, 1.0 - water - share(Part::Fat) - sugar - salt - acid);
    }
    if (vessel == Vessel::LyeJug) {
        out.water += reckoning.jugWaterGrams;
        for (const HydroxideReckoned* h : {&reckoning.sodium, &reckoning.potassium}) {
            out.alkali += h->pureGrams;
            out.water += h->waterGrams;
            out.otherSolids += std::max(0.0, h->weighedGrams - h->pureGrams - h->waterGrams);
        }
    }
    return out;
}

} // namespace rhexion
