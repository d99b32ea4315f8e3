#include "core/after/free_alkali.h"

#include "core/making/hard_water.h"
#include "core/materials/chemistry.h"
#include "core/units/enum_count.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace rhexion {

namespace {

// Standard deviations (common practice, no source).
constexpr double buretteMillilitres = 0.05;
constexpr double acidShare = 0.01;
constexpr double balanceGrams = 0.05;
constexpr double samplingShare = 0.10;

constexpr std::array<const char*, countOf<AlkaliVerdict>()> verdictCodes{
    "fine", "wait-and-retest", "do-not-use-retest", "do-not-use"};

std::optional<Cannot> faultOf(double sample, std::initializer_list<double> concentrations,
                              std::initializer_list<double> volumes)
{
    if (!isAboveNothing(sample))
        return Cannot{CannotCode::NotPositive, "sample", {}};
    for (const double c : concentrations) {
        if (!isAboveNothing(c))
            return Cannot{CannotCode::NotPositive, "acid-strength", {}};
        if (c > 2.0)
            return Cannot{CannotCode::OutOfRange, "acid-strength", {0.0, 2.0}};
    }
    if (sample >= 1000.0)
        return Cannot{CannotCode::OutOfRange, "sample", {0.0, 1000.0}};
    for (const double v : volumes)
        if (!isNotNegative(v))
            return Cannot{CannotCode::Negative, "volume", {}};
    return std::nullopt;
}

Interval around(double w, double u)
{
    return Interval::around(std::max(0.0, w - 2.0 * u), w, w + 2.0 * u);
}

} // namespace

OrCannot<Interval> freeCaustic(const CausticTitration& t)
{
    if (auto fault = faultOf(t.sample, {t.acid}, {t.millilitres, t.blank}))
        return *std::move(fault);
    const double perMillilitre = t.acid * molarMassSodiumHydroxide / 1000.0 / t.sample;
    const double w = std::max(0.0, t.millilitres - t.blank) * perMillilitre;
    // Two readings of the burette: the sample's and the blank's.
    const double volume = buretteMillilitres * std::numbers::sqrt2 * perMillilitre;
    return around(w, std::hypot(std::hypot(volume, w * acidShare),
                                std::hypot(w * balanceGrams / t.sample, w * samplingShare)));
}

OrCannot<Interval> totalFreeAlkali(const TotalTitration& t)
{
    if (auto fault = faultOf(t.sample, {t.acid, t.base}, {t.baseMillilitres}))
        return *std::move(fault);
    if (!isAboveNothing(t.acidMillilitres))
        return Cannot{CannotCode::NotPositive, "volume", {}};
    const double acid = t.acidMillilitres * t.acid;
    const double base = t.baseMillilitres * t.base;
    if (!(acid - base > -0.02 * acid))
        return Cannot{CannotCode::AcidNotInExcess, "titration", {}};
    const double perMillimole = molarMassSodiumHydroxide / 1000.0 / t.sample;
    // A little less than nothing is nothing found; the doubt about it stays.
    const double w = (acid - base) * perMillimole;
    const double burette =
        std::hypot(buretteMillilitres * t.acid, buretteMillilitres * t.base) * perMillimole;
    const double strength = std::hypot(acid * acidShare, base * acidShare) * perMillimole;
    const double u = std::hypot(std::hypot(burette, strength), w * samplingShare);
    return Interval::around(std::max(0.0, w - 2.0 * u), std::max(0.0, w),
                            std::max(0.0, w + 2.0 * u));
}

double carbonateOf(double total, double caustic)
{
    constexpr double sodiumCarbonate = 2.0 * atomic::sodium + atomic::carbon + 3.0 * atomic::oxygen;
    return std::max(0.0, total - caustic) / molarMassSodiumHydroxide * sodiumCarbonate / 2.0;
}

double asPotassiumHydroxide(double asSodiumHydroxide)
{
    return asSodiumHydroxide * molarMassPotassiumHydroxide / molarMassSodiumHydroxide;
}

const char* codeOf(AlkaliVerdict verdict)
{
    return verdictCodes[static_cast<std::size_t>(verdict)];
}

AlkaliVerdict verdictOn(const Interval& caustic, const AlkaliLimits& limits)
{
    if (caustic.high() <= limits.fine)
        return AlkaliVerdict::Fine;
    if (caustic.low() > limits.never)
        return AlkaliVerdict::DoNotUse;
    return caustic.typical() > limits.never ? AlkaliVerdict::DoNotUseRetest
                                            : AlkaliVerdict::WaitAndRetest;
}

OrCannot<double> oilToMend(const AlkaliMend& m)
{
    if (!isAboveNothing(m.batchGrams))
        return Cannot{CannotCode::NotPositive, "batch", {}};
    if (!isAboveNothing(m.sv))
        return Cannot{CannotCode::NotPositive, "sv", {}};
    if (!(m.caustic >= 0.0 && m.caustic < 0.05))
        return Cannot{CannotCode::OutOfRange, "free-caustic", {0.0, 0.05}};
    if (!(m.superfat >= 0.0 && m.superfat < 0.5) || !isNotNegative(m.hydroxideMol))
        return Cannot{CannotCode::OutOfRange, "superfat", {0.0, 0.5}};
    const double mol = m.caustic * m.batchGrams / molarMassSodiumHydroxide +
                       m.superfat / (1.0 - m.superfat) * m.hydroxideMol;
    return mol * 1000.0 * mgPotassiumHydroxidePerMillimole / m.sv;
}

double phWithFreeCaustic(double caustic, double gramsPerLitre, double soapMolPerLitre, double pka)
{
    return phOfSoap(soapMolPerLitre, pka, 0.0, caustic * gramsPerLitre / molarMassSodiumHydroxide);
}

} // namespace rhexion
