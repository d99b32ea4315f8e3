// What the batter and the bar will be like, of all that goes in.
#include "core/advice/checks.h"

namespace rhexion {

namespace {

using C = CautionCode;
using S = Severity;
using T = Threshold;

} // namespace

void checkBar(const Advising& a)
{
    const double oils = a.r.oilsGrams;
    const double superfat = a.superfat();
    if (a.pot.milk != 0 && a.pot.sugar > valueOf(T::SugarWithMilk) * oils &&
        a.f.mixing.at.inCelsius() >= valueOf(T::HotStart)) {
        Mixing cooler = a.f.mixing;
        cooler.at = Temperature::celsius(30.0);
        a.say(C::SugarMilkHotStart, S::Care, Vessel::OilPot, a.pot.milk,
              {a.pot.sugar, a.f.mixing.at.inCelsius()}, SetMixing{cooler});
    }
    if (a.pot.sugar > valueOf(T::MuchSugar) * oils)
        a.say(C::MuchSugar, S::Care, Vessel::Trace, 0, {a.pot.sugar, a.pot.sugar / oils});
    if (a.pot.honey != 0 && a.pot.seizing != 0)
        a.say(C::HoneyWithSeizingScent, S::Care, Vessel::Trace, a.pot.seizing);
    if (a.pot.hot && a.pot.cooked != 0)
        a.say(C::SugarOrMilkCooked, S::Care, Vessel::OilPot, a.pot.cooked);
    if (a.pot.colours > valueOf(T::ManyColours) && a.pot.scents > 0)
        a.say(C::ManyColoursAndScent, S::Note, Vessel::Trace, 0, {double(a.pot.colours)});
    // What no sum counts, told where it could matter.
    if (a.pot.reserve > valueOf(T::UncountedReserve) * a.r.hydroxideMol && a.r.superfatTrue)
        a.say(C::TakesMoreThanCounted, S::Note, a.f.find(a.pot.mostReserveLine)->vessel,
              a.pot.mostReserveLine,
              {a.pot.reserve * a.r.pureGramsPerMol(),
               superfat + a.pot.reserve / a.r.fatMolTypical()});
    if (a.pot.allergens > 0)
        a.say(C::Allergens, S::Note, Vessel::OilPot, a.pot.allergen, {double(a.pot.allergens)});
    if (!(oils > 0.0))
        return;
    const bool coconutBar = a.pot.isCoconutBar(oils);
    const bool saltBar = a.pot.isSaltBar(oils);
    if (coconutBar && superfat >= 0.0 && superfat < valueOf(T::CoconutSuperfat) && !a.f.lye.fixed) {
        LyeSettings lye = a.f.lye;
        lye.superfat = 0.18;
        a.say(C::CoconutDriesSkin, S::Note, Vessel::OilPot, 0, {a.pot.lauric / oils, superfat},
              SetLye{SettingField::Superfat, lye});
    }
    if (saltBar && !coconutBar)
        a.say(C::SaltBarWithoutLather, S::Care, Vessel::Trace, 0, {a.pot.salt / oils});
    if (a.pot.oleic > valueOf(T::OleicOils) * oils)
        a.say(C::LongCure, S::Note, Vessel::OilPot, 0, {a.pot.oleic / oils});
    if (a.pot.soft > valueOf(T::SoftAcids) * oils)
        a.say(C::OilsGoRancid, S::Note, Vessel::OilPot, 0, {a.pot.soft / oils});
    if (superfat > valueOf(T::VerySuperfatted) && a.r.lyeOnFatMol() > 0.0 && !coconutBar &&
        !saltBar)
        a.say(C::VerySuperfatted, S::Note, Vessel::OilPot, 0, {superfat});
}

} // namespace rhexion
