// Oil and liquid set aside, and the portions of a split batter.
#include "core/advice/checks.h"

#include <algorithm>

namespace rhexion {

namespace {

// Oil set aside for one portion is missing from the others' batter: the same share for each, if
// others have more of it set aside than this one.
std::optional<Edit> evenlySetAside(const Formula& f, const Account& r,
                                   const PortionReckoned& portion)
{
    const auto shareOf = [&](const PortionReckoned& p) {
        return p.heldGrams / (p.share * r.oilsGrams);
    };
    double most = 0.0;
    for (const PortionReckoned& p : r.portions)
        most = std::max(most, shareOf(p));
    if (most <= shareOf(portion) + 1e-9)
        return std::nullopt;
    std::vector<Portion> portions = f.portions;
    for (Portion& p : portions)
        p.held = HeldOil{0, {most * 100.0, AmountUnit::PercentOfOils}};
    return SetPortions{std::move(portions)};
}

void checkSetAside(const Formula& f, const Account& r, std::vector<Caution>& out)
{
    if (const double asked = r.solventWanted; asked > r.makeUpGrams + noticeableGrams) {
        const auto first =
            std::ranges::find_if(f.lines, [](const Line& l) { return l.solvent > 0; });
        out.push_back({CautionCode::SolventShort,
                       Severity::Care,
                       first->vessel,
                       first->id,
                       {asked, r.makeUpGrams},
                       SetSolvent{first->id, 0.0}});
    }
    if (r.heldTooMuch > noticeableGrams)
        out.push_back({CautionCode::HeldOilNotThere,
                       Severity::Care,
                       Vessel::OilPot,
                       0,
                       {r.heldTooMuch, r.heldGrams},
                       {}});
    if (r.superfatWhileHeld && *r.superfatWhileHeld < 0.0 && !r.lyeHeavy())
        out.push_back({CautionCode::HeldOilLeavesLye,
                       Severity::Care,
                       Vessel::OilPot,
                       0,
                       {*r.superfatWhileHeld, r.lyeWhileHeld, r.heldGrams},
                       {}});
    constexpr double uneven = valueOf(Threshold::UnevenPortion);
    for (const PortionReckoned& portion : r.portions) {
        const bool heavy = portion.lyeHeavy();
        const double own = portion.superfat.value_or(-1.0);
        if (r.lyeHeavy() || !r.superfatTrue || (!heavy && own > *r.superfatTrue - uneven))
            continue;
        Caution c{heavy ? CautionCode::PortionLyeHeavy : CautionCode::PortionUneven,
                  heavy ? Severity::Danger : Severity::Care,
                  Vessel::Trace,
                  0,
                  {own, *r.superfatTrue},
                  evenlySetAside(f, r, portion)};
        c.portion = portion.id;
        out.push_back(std::move(c));
    }
}

} // namespace

void checkPortions(const Advising& a)
{
    checkSetAside(a.f, a.r, a.out);
}

} // namespace rhexion
