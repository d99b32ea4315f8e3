#include "core/account/effect.h"

#include "core/amounts/one_gram.h"

namespace rhexion {

Effect effectOf(const Material& material, Mass amount)
{
    const Line line{0, std::make_shared<const Material>(material), Vessel::Trace, {}, false, false};
    LyeSettings lye;
    lye.hiddenFat = HiddenFatSchool::Typical;
    const PerGram per = perGramOf(line, lye);
    const double g = amount.inGrams();
    Effect out;
    out.acidMol = Interval::around(per.acidLow, per.acid, per.acidHigh) * g;
    out.fatMol = Interval::around(per.fatLow, per.fatTypical, per.fatHigh) * g;
    out.water = material.part(Part::Water).range * g;
    return out;
}

} // namespace rhexion
