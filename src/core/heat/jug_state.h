// Enthalpy of a jug as a function of temperature, ice and the share of hydroxide dissolved. J, zero
// for liquid water, dissolved solids and solid hydroxide at 25 C. docs/heat.md, "The sums in
// short".
#pragma once

#include "core/heat/jug.h"

namespace rhexion::heat {

class JugState {
public:
    // iceScale: how much more or less ice there is than the liquids' figures say.
    explicit JugState(const Jug& jug, double iceScale = 1.0);

    double start() const { return start_; }
    double ice() const { return ice_; }
    // J that hydroxide in so many shares brings, as warm as it is.
    double addedEnthalpy(double share) const;
    double strength(double dissolved, double ice = 0.0) const;
    double liquidWater(double dissolved, double ice = 0.0) const;
    // J given off (negative) by what has dissolved and been neutralised.
    double reaction(double dissolved, double ice = 0.0) const;
    // J/K of everything but ice and undissolved hydroxide.
    double capacity(double dissolved, double ice = 0.0) const;
    double pureSolidGrams() const { return solidSodium_ + solidPotassium_; }
    // g of water that is left when what has dissolved has what it needs at that temperature;
    // below 0 it holds no more.
    double waterToSpare(double dissolved, double ice, double celsius) const;

    // Temperature and ice left for an enthalpy, a share dissolved and a share added.
    Adiabatic solve(double enthalpy, double dissolved, double added) const;

private:
    double solidMol() const { return sodiumMol_ + potassiumMol_; }
    double allMol(double dissolved) const { return solidMol() * dissolved + readyMol_; }
    double enthalpyOf(double ice, double celsius, double dissolved, double solid) const;

    const Jug& jug_;
    double sodiumMol_, potassiumMol_; // of what goes in as a solid
    double solidSodium_, solidPotassium_;
    double readyMol_;
    double readyOwn_ = 0.0; // J its own dissolving gave off long ago
    double flakeWater_;
    double bound_;
    double water_ = 0.0;
    double vessel_;
    double solids_;
    double ice_ = 0.0;
    double start_ = 0.0;
    double hydroxideCapacity_;
};

} // namespace rhexion::heat
