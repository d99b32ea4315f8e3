// What is poured, as heat sees it: how much of what, how fast it reacts, at what temperature it
// gels. docs/heat.md, "The sums in short".
#pragma once

#include "core/heat/thermal.h"
#include "core/units/cannot.h"

#include <optional>

namespace rhexion::heat {

inline constexpr double saponifying = 65.0; // kJ per mol of ester, 55 to 78

double saponifiedAt(TraceStage trace); // share, 0.5 to 2 times

// g; hydroxide pure; the shares of fatty acids sum to 1.
struct Batter {
    double oils = 0.0;
    double mol = 0.0; // of ester that will saponify
    double naoh = 0.0;
    double koh = 0.0;
    double water = 0.0;
    double reducingSugar = 0.0;
    double otherSugar = 0.0;
    double salt = 0.0;
    double glycerol = 0.0;
    double alcohol = 0.0;
    double solids = 0.0;
    double shortChain = 0.0; // C8 to C14
    double saturated = 0.0;  // C16 and longer
    double oleic = 1.0;      // and other monounsaturated
    double poly = 0.0;
    double ricinoleic = 0.0;
    double accelerate = 1.0; // by scent and other additions
    bool profileUnknown = false;

    double grams() const;
    double strength() const;
    double capacity() const;       // J/K
    double potassiumShare() const; // of the moles
    double cubicMetres() const;    // salt and solids are denser than the rest
    double sugarOfOils() const;
    // The same batter at so many grams.
    Batter scaledTo(double grams) const;
};
// Outside 5 g to 60 kg, no oils, no hydroxide or no water.
std::optional<Cannot> faultOf(const Batter& batter);

// Of the whole formula against one of factor 1 at 30 % strength.
double rateFactor(const Batter& batter);
double gelTemperature(const Batter& batter); // C
inline constexpr double gelBand = 6.0;       // C either way

// Corrections learnt; 1 is what is assumed.
struct Knobs {
    double rate = 1.0;
    double loss = 1.0;
    double heat = 1.0;
    friend bool operator==(const Knobs&, const Knobs&) = default;
};

// k of dx/dt = k (seed + x)(1 - x), 1/s; base is rateAt30 times the factors.
inline constexpr double rateAt30 = 1.7e-4;
inline constexpr double seedShare = 0.01;
double rateConstant(double base, double celsius);
// Share saponified after so many seconds at a steady k: (seed + x) / (1 - x) grows by a factor.
double growthOf(double k, double seconds);
inline double saponifiedBy(double share, double growth)
{
    const double grown = (share + seedShare) / (1.0 - share) * growth;
    const double next = (grown - seedShare) / (1.0 + grown);
    return next < 1.0 - 1e-9 ? next : 1.0 - 1e-9;
}
inline double saponifiedAfter(double share, double k, double seconds)
{
    return saponifiedBy(share, growthOf(k, seconds));
}

} // namespace rhexion::heat
