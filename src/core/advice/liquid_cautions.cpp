// How much water there is, and how much was wanted.
#include "core/advice/checks.h"

namespace rhexion {

namespace {

using C = CautionCode;
using S = Severity;

void checkWater(const Formula& f, const Account& r, std::vector<Caution>& out)
{
    const bool counted = f.liquid.convention == StrengthConvention::PureAndAllWater;
    const LiquidTerms& got = counted ? r.pure : r.asWeighed;
    if (r.waterExcess > noticeableGrams) {
        // Sits where the extra that brings most water is, since that is where to mend it.
        const auto wettest = lineWithMost(
            f, [](const Line&) { return true; },
            [&](std::size_t i) { return r.lines[i].waterGrams; });
        out.push_back({CautionCode::WetterThanWanted,
                       Severity::Care,
                       wettest ? f.lines[*wettest].vessel : Vessel::LyeJug,
                       wettest ? f.lines[*wettest].id : 0,
                       {r.waterExcess, got.strength, r.wanted.strength},
                       withStrength(f, got.strength)});
    } else if (r.waterExcess < -noticeableGrams && !r.hasMakeUp) {
        const LineId id = f.lastId + 1;
        out.push_back(
            {CautionCode::DrierThanWanted,
             Severity::Care,
             Vessel::LyeJug,
             0,
             {-r.waterExcess, got.strength},
             AddLine{{id, plainWater(), Vessel::LyeJug, {0.0, AmountUnit::Rest}}, f.lines.size()}});
    }
}

} // namespace

SetLiquid withStrength(const Formula& f, double strength)
{
    LiquidSettings liquid = f.liquid;
    liquid.how = LiquidStatement::Strength;
    liquid.value = strength;
    return {SettingField::Liquid, liquid};
}

void checkLiquid(const Advising& a)
{
    checkWater(a.f, a.r, a.out);
    if (a.r.pure.strength > valueOf(Threshold::StrongBatter))
        a.say(C::StrongBatter, S::Care, Vessel::LyeJug, 0, {a.r.pure.strength});
    if (a.r.pure.strength < valueOf(Threshold::WeakBatter) && a.r.pure.strength > 0.0)
        a.say(C::WeakBatter, S::Note, Vessel::LyeJug, 0, {a.r.pure.strength});
}

} // namespace rhexion
