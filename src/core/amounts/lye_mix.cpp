#include "core/amounts/lye_mix.h"

#include "core/materials/demand.h"

namespace rhexion {

namespace {

double moleShare(const LyeSettings& lye, const OneHydroxide& na, const OneHydroxide& k)
{
    const double s = lye.potassiumShare;
    if (s == 0.0 || s == 1.0 || lye.split == SplitConvention::Moles)
        return s;
    const bool weighed = lye.split == SplitConvention::WeighedWeight;
    // A ready lye counts by the hydroxide it contains.
    const double molK = s * (weighed && !k.solution ? k.purity : 1.0) / molarMassPotassiumHydroxide;
    const double molNa =
        (1.0 - s) * (weighed && !na.solution ? na.purity : 1.0) / molarMassSodiumHydroxide;
    return molK / (molK + molNa);
}

} // namespace

OneHydroxide hydroxideOf(const MaterialPtr& material, Part part)
{
    if (!material)
        return {};
    const Interval& purity = material->part(part).range;
    return {purity.typical(), moistureOf(*material), purity.low(), purity.high(),
            material->isLyeSolution()};
}

LyeMix lyeMixOf(const LyeSettings& lye, std::optional<double> potassiumMoles)
{
    LyeMix mix;
    mix.sodium = hydroxideOf(lye.sodium, Part::SodiumHydroxide);
    mix.potassium = hydroxideOf(lye.potassium, Part::PotassiumHydroxide);
    const double y = potassiumMoles ? *potassiumMoles : moleShare(lye, mix.sodium, mix.potassium);
    mix.potassiumShare = y;
    const double pureNa = (1.0 - y) * molarMassSodiumHydroxide;
    const double pureK = y * molarMassPotassiumHydroxide;
    const double weighedNa = pureNa > 0.0 ? pureNa / mix.sodium.purity : 0.0;
    const double weighedK = pureK > 0.0 ? pureK / mix.potassium.purity : 0.0;
    const double waterNa = weighedNa * mix.sodium.moisture;
    const double waterK = weighedK * mix.potassium.moisture;
    mix.pure = pureNa + pureK;
    mix.weighed = weighedNa + weighedK;
    mix.water = waterNa + waterK;
    mix.asIs =
        (mix.sodium.solution ? pureNa : weighedNa) + (mix.potassium.solution ? pureK : weighedK);
    mix.lyeWater = (mix.sodium.solution ? waterNa : 0.0) + (mix.potassium.solution ? waterK : 0.0);
    // A strong jug is the first one: what is dissolved in the second needs its own liquid.
    const SecondJug second = lye.secondJug.value_or(SecondJug{});
    mix.pureFirst = pureNa * (1.0 - second.sodium) + pureK * (1.0 - second.potassium);
    mix.waterFirst = waterNa * (1.0 - second.sodium) + waterK * (1.0 - second.potassium);
    return mix;
}

} // namespace rhexion
