// Free alkali of a bar: by titration, by a drop, by a strip; and the oil that mends it. Shares are
// mass fractions of the bar. docs/after.md; reference cases: tests/data/free_alkali_cases.csv.
#pragma once

#include "core/units/cannot.h"
#include "core/units/quantity.h"

#include <optional>

namespace rhexion {

// Direct titration in neutralised alcohol to phenolphthalein (ISO 456 in principle).
struct CausticTitration {
    double millilitres = 0.0; // of acid
    double blank = 0.0;       // of acid the alcohol alone takes
    double acid = 0.1;        // mol of H+ a litre; above 0, at most 2
    double sample = 10.0;     // g; above 0, below 1000
};
// Acid in excess, boiled, titrated back (ISO 684 in principle): caustic and carbonate together.
struct TotalTitration {
    double acidMillilitres = 10.0;
    double acid = 0.1;
    double baseMillilitres = 0.0;
    double base = 0.1;
    double sample = 5.0;
};

// As NaOH; low and high lie two standard deviations off (burette, acid, balance, sampling).
OrCannot<Interval> freeCaustic(const CausticTitration& t);
OrCannot<Interval> totalFreeAlkali(const TotalTitration& t);
// As sodium carbonate, of two typical values; 0 where the caustic is not below the total.
double carbonateOf(double total, double caustic);
// The same amount of alkali, as KOH.
double asPotassiumHydroxide(double asSodiumHydroxide);

// Limits of free caustic, as NaOH: usual in standards for toilet soap (from memory).
struct AlkaliLimits {
    double fine = 0.0005;
    double never = 0.001;
};
enum class AlkaliVerdict { Fine, WaitAndRetest, DoNotUseRetest, DoNotUse };
const char* codeOf(AlkaliVerdict verdict);
AlkaliVerdict verdictOn(const Interval& caustic, const AlkaliLimits& limits = {});

// g of oil, worked in by rebatching, that takes up so much free caustic and leaves superfat beside
// all the batch's hydroxide.
struct AlkaliMend {
    double caustic = 0.0;      // the high bound found, as NaOH; below 0.05
    double batchGrams = 0.0;   // as it weighs now
    double sv = 0.0;           // mg KOH per g, at its low bound
    double superfat = 0.0;     // 0 to below 0.5
    double hydroxideMol = 0.0; // all the batch's
};
OrCannot<double> oilToMend(const AlkaliMend& mend);

// What a strip of paper in a 1 % solution can say: above it lye is suspected, below it says
// nothing. Strips read to 0.5, and soap bleaches some.
inline constexpr double stripSuspects = 11.0;
// pH of a solution of so many g of bar a litre that holds so much free caustic.
double phWithFreeCaustic(double caustic, double gramsPerLitre, double soapMolPerLitre, double pka);

} // namespace rhexion
