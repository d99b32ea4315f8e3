#include "core/advice/cautions.h"

#include "core/advice/checks.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

std::vector<Caution> cautionsFor(const Formula& formula, const Account& reckoning)
{
    std::vector<Caution> out;
    const PotContents pot = contentsOf(formula, reckoning);
    const Advising a{formula, reckoning, pot, out};
    checkJugs(a);
    checkPortions(a);
    checkLiquid(a);
    checkLye(a);
    checkBar(a);
    checkMaterials(a);
    checkScents(a);
    checkSlips(a);
    // Too much lye and a long cure: the cure is where people hope it goes.
    if (reckoning.lyeHeavy())
        out.push_back({CautionCode::LyeDoesNotCureAway, Severity::Note, Vessel::LyeJug, 0, {}, {}});
    // A locked amount is not to be mended away.
    for (Caution& caution : out)
        if (caution.mend) {
            const auto* amount = std::get_if<SetAmount>(&*caution.mend);
            const Line* line = amount ? formula.find(amount->line) : nullptr;
            if (line && line->locked)
                caution.mend.reset();
        }
    std::ranges::stable_sort(out, std::ranges::greater{}, &Caution::severity);
    return out;
}

std::optional<Caution> cautionOf(const Formula& f, const Account& r, const Doubt& doubt)
{
    if (doubt.chanceOfExcess <= valueOf(Threshold::ChanceBearable) || r.lyeHeavy())
        return std::nullopt;
    Caution c{CautionCode::ChanceOfLyeExcess,
              doubt.chanceOfExcess > valueOf(Threshold::ChanceLikely) ? Severity::Danger
                                                                      : Severity::Care,
              Vessel::LyeJug,
              0,
              {doubt.chanceOfExcess, doubt.superfat.low},
              {}};
    if (!f.lye.fixed) {
        // From the 5th of a hundred to the 1st, as a normal curve has it: 2.33 to 1.64.
        const double first =
            doubt.superfat.median - 1.414 * (doubt.superfat.median - doubt.superfat.low);
        LyeSettings lye = f.lye;
        lye.superfat = std::min(0.5, std::ceil((lye.superfat - first) * 200.0) / 200.0);
        c.mend = SetLye{SettingField::Superfat, lye};
    }
    return c;
}

} // namespace rhexion
