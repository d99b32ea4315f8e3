#include "core/heat/jug_state.h"

#include <algorithm>
#include <cmath>

namespace rhexion::heat {

namespace {

// J/g of ice at a temperature, from liquid water at the reference.
double iceEnthalpy(double celsius)
{
    return cp::water * (0.0 - reference) - meltingIce + cp::ice * celsius;
}

double dilute(bool sodium)
{
    return sodium ? heatOfSolutionSodium(1e6) : heatOfSolutionPotassium(1e6);
}

} // namespace

double JugLiquid::otherSolids() const
{
    return std::max(0.0, 1.0 - water - fat - reducingSugar - otherSugar - protein - salt - alcohol -
                             glycerol);
}

double JugLiquid::solidsCapacity() const
{
    return grams * (fat * cp::fat + (reducingSugar + otherSugar) * cp::sugar +
                    protein * cp::protein + salt * cp::salt + alcohol * cp::alcohol +
                    glycerol * cp::glycerol + otherSolids() * cp::other);
}

double JugLiquid::freezingPoint() const
{
    if (water <= 0.0)
        return 0.0;
    // mol of solute per kg; an eighth of other solids counts as small salts of 40 g/mol.
    const double solute = (reducingSugar / 180.16 + otherSugar / 342.3 + 2.0 * salt / 58.44 +
                           0.12 * otherSolids() / 40.0 + alcohol / 46.07 + glycerol / 92.09) *
                          1000.0;
    return -1.86 * solute / water;
}

double JugLiquid::iceGrams() const
{
    const double freezes = freezingPoint();
    if (!frozen || celsius >= freezes)
        return 0.0;
    const double solids = std::max(0.0, 1.0 - water - fat - alcohol - glycerol);
    return grams * std::max(0.0, water - 0.3 * solids) * (1.0 - freezes / celsius);
}

JugState::JugState(const Jug& jug, double iceScale)
    : jug_(jug), sodiumMol_(jug.sodiumGrams * jug.sodiumPurity / molarMassSodiumHydroxide),
      potassiumMol_(jug.potassiumGrams * jug.potassiumPurity / molarMassPotassiumHydroxide),
      solidSodium_(jug.sodiumGrams * jug.sodiumPurity),
      solidPotassium_(jug.potassiumGrams * jug.potassiumPurity),
      readyMol_(jug.readySodium / molarMassSodiumHydroxide +
                jug.readyPotassium / molarMassPotassiumHydroxide),
      flakeWater_(jug.sodiumGrams * (1.0 - jug.sodiumPurity) +
                  jug.potassiumGrams * (1.0 - jug.potassiumPurity)),
      bound_((jug.sodiumGrams * (1.0 - jug.sodiumPurity) * boundInSodium +
              jug.potassiumGrams * (1.0 - jug.potassiumPurity) * boundInPotassium) /
             molarMassWater * 1000.0),
      vessel_(jug.vesselGrams * cpOf(jug.vessel)),
      solids_(jug.acidGrams * cp::acid + jug.salt * cp::salt),
      hydroxideCapacity_(jug.sodiumGrams * cp::sodiumHydroxide +
                         jug.potassiumGrams * cp::potassiumHydroxide)
{
    const double room = jug.room - reference;
    start_ = (vessel_ + solids_ + jug.crystalWater * cp::water) * room -
             (jug.acidDissolving + jug.salt * dissolvingSalt) * 1000.0;
    water_ = jug.crystalWater;
    for (const JugLiquid& q : jug.liquids) {
        const double ice = std::min(q.iceGrams() * iceScale, q.grams * q.water);
        const double solids = q.solidsCapacity();
        ice_ += ice;
        water_ += q.grams * q.water;
        solids_ += solids;
        start_ += (solids + (q.grams * q.water - ice) * cp::water) * (q.celsius - reference) +
                  ice * iceEnthalpy(q.celsius);
    }
    if (readyMol_ > 0.0) {
        const double pure = jug.readySodium + jug.readyPotassium;
        const double own = pure / (pure + jug.readyWater);
        const double each = jug.readyWater / molarMassWater / readyMol_;
        water_ += jug.readyWater;
        start_ += (pure + jug.readyWater) * lyeCp(jug.readySodium, jug.readyPotassium, own) *
                  (jug.hydroxideCelsius - reference);
        readyOwn_ =
            1000.0 *
            (jug.readySodium / molarMassSodiumHydroxide * heatOfSolutionSodium(each) +
             jug.readyPotassium / molarMassPotassiumHydroxide * heatOfSolutionPotassium(each));
    }
}

double JugState::addedEnthalpy(double share) const
{
    return hydroxideCapacity_ * share * (jug_.hydroxideCelsius - reference);
}

double JugState::liquidWater(double dissolved, double ice) const
{
    return water_ - ice + dissolved * flakeWater_ +
           std::min(jug_.acidProtons, allMol(dissolved)) * molarMassWater;
}

double JugState::strength(double dissolved, double ice) const
{
    const double pure = pureSolidGrams() * dissolved + jug_.readySodium + jug_.readyPotassium;
    return pure > 0.0 ? pure / (pure + liquidWater(dissolved, ice)) : 0.0;
}

double JugState::reaction(double dissolved, double ice) const
{
    const double mol = allMol(dissolved);
    if (mol <= 0.0)
        return 0.0;
    const double each = liquidWater(dissolved, ice) / molarMassWater / mol;
    // The heat of neutralising is that of dilute lye, so the share that acid takes counts as
    // diluted all the way, not as strong lye.
    const double spent = std::min(jug_.acidProtons, mol) / mol;
    const double sodium = sodiumMol_ * dissolved + jug_.readySodium / molarMassSodiumHydroxide;
    const double potassium =
        potassiumMol_ * dissolved + jug_.readyPotassium / molarMassPotassiumHydroxide;
    double heat = 0.0;
    if (sodium > 0.0)
        heat += sodium * ((1.0 - spent) * heatOfSolutionSodium(each) + spent * dilute(true));
    if (potassium > 0.0)
        heat += potassium * ((1.0 - spent) * heatOfSolutionPotassium(each) + spent * dilute(false));
    const double bicarbonate =
        jug_.acidProtons > 0.0 ? jug_.bicarbonateProtons / jug_.acidProtons : 0.0;
    const double neutral =
        neutralising + (neutralisingBicarbonate - neutralising) * std::min(1.0, bicarbonate);
    return (1000.0 * heat - readyOwn_) * jug_.solutionTimes + dissolved * bound_ -
           1000.0 * neutral * spent * mol;
}

double JugState::capacity(double dissolved, double ice) const
{
    const double sodium = solidSodium_ * dissolved + jug_.readySodium;
    const double potassium = solidPotassium_ * dissolved + jug_.readyPotassium;
    const double formed = std::min(jug_.acidProtons, allMol(dissolved)) * molarMassWater;
    // The water formed has its mass in hydroxide and acid already.
    return vessel_ + solids_ +
           (sodium + potassium + liquidWater(dissolved, ice) - formed) *
               lyeCp(sodium, potassium, strength(dissolved, ice));
}

double JugState::waterToSpare(double dissolved, double ice, double celsius) const
{
    const double mol = solidMol() + readyMol_;
    if (mol <= 0.0)
        return liquidWater(dissolved, ice);
    // What acid has taken needs no room.
    const double free = std::max(0.0, dissolved - jug_.acidProtons / mol);
    return liquidWater(dissolved, ice) -
           free * ((solidSodium_ + jug_.readySodium) / heatSolubilitySodium(celsius) +
                   (solidPotassium_ + jug_.readyPotassium) / heatSolubilityPotassium(celsius));
}

double JugState::enthalpyOf(double ice, double celsius, double dissolved, double solid) const
{
    return ice * iceEnthalpy(celsius) + reaction(dissolved, ice) +
           (capacity(dissolved, ice) + solid) * (celsius - reference);
}

Adiabatic JugState::solve(double enthalpy, double dissolved, double added) const
{
    const double solid = hydroxideCapacity_ * std::max(0.0, added - dissolved);
    const double melted =
        reference + (enthalpy - reaction(dissolved)) / (capacity(dissolved) + solid);
    if (ice_ <= 0.0 || melted >= lyeFreezingPoint(strength(dissolved)))
        return {melted, 0.0};
    const auto off = [&](double ice) {
        return enthalpyOf(ice, lyeFreezingPoint(strength(dissolved, ice)), dissolved, solid) -
               enthalpy;
    };
    double low = 0.0;
    double high = ice_;
    double atLow = off(low);
    double atHigh = off(high);
    if (atHigh < 0.0 && atLow > 0.0)
        // Regula falsi with the Illinois weight: a line between the ends, the stale end halved.
        for (int pass = 0, stale = 0; pass < 60 && high - low > 1e-9 * ice_; ++pass) {
            const double at = (low * atHigh - high * atLow) / (atHigh - atLow);
            const double y = off(at);
            if (std::abs(y) < 1e-6) {
                low = high = at;
            } else if (y > 0.0) {
                low = at;
                atLow = y;
                atHigh = stale == 1 ? atHigh / 2.0 : atHigh;
                stale = 1;
            } else {
                high = at;
                atHigh = y;
                atLow = stale == -1 ? atLow / 2.0 : atLow;
                stale = -1;
            }
        }
    else
        low = high = atHigh >= 0.0 ? ice_ : 0.0;
    const double ice = (low + high) / 2.0;
    const double celsius = lyeFreezingPoint(strength(dissolved, ice));
    if (ice <= 0.999 * ice_)
        return {celsius, ice};
    // All of it stays, below the freezing point of what is liquid.
    const double capacityAll = capacity(dissolved, ice_) + solid + ice_ * cp::ice;
    return {celsius + (enthalpy - enthalpyOf(ice_, celsius, dissolved, solid)) / capacityAll, ice_};
}

} // namespace rhexion::heat
