// Lye that is too much, too little, or left in the cook; and how sure its figure is.
#include "core/advice/checks.h"
#include "core/materials/own_sources.h"

#include <algorithm>

namespace rhexion {

namespace {

using C = CautionCode;
using S = Severity;

// Fat that would take up an amount of lye: the oil there is most of.
double oilToTake(const Formula& f, const Account& r, double mol)
{
    const auto oil = mainOil(f, r);
    const double perGram = oil ? r.lines[*oil].fatMolTypical / r.lines[*oil].grams : 0.0;
    return perGram > 0.0 ? mol / perGram : 0.0;
}

void checkSuperfat(const Formula& f, const Account& r, std::vector<Caution>& out)
{
    LyeSettings lye = f.lye;
    lye.superfat = 0.05;
    lye.fixed.reset();
    const Edit safer = SetLye{SettingField::Superfat, lye};
    if (r.lyeOnFatMol() <= 0.0 && r.acidMol > 0.0) {
        out.push_back({CautionCode::AcidOutweighsLye,
                       Severity::Danger,
                       Vessel::LyeJug,
                       0,
                       {r.acidMol, r.hydroxideMol},
                       f.lye.fixed ? std::optional(safer) : std::nullopt});
        return;
    }
    // The weighed lye can be right on paper and still too much on the surely-there fat.
    if (r.lyeHeavy() || f.lye.asksForLyeLeft())
        out.push_back({CautionCode::SuperfatBelowZero, Severity::Danger, Vessel::LyeJug, 0,
                       r.superfatTrue ? std::vector{*r.superfatTrue} : std::vector<double>{},
                       safer});
    else if (r.superfatTrueLow.value_or(-1.0) < 0.0)
        out.push_back({CautionCode::MayBeLyeHeavy,
                       Severity::Note,
                       Vessel::OilPot,
                       0,
                       {r.superfatTrueLow.value_or(-1.0)},
                       {}});
}

// The oil there is most of that comes after the cook, into the pot from the start.
std::optional<Edit> lateOilIntoPot(const Formula& f, const Account& r)
{
    const auto most = lineWithMost(
        f, [](const Line& line) { return joinsLate(line.vessel) && line.material->isOil(); },
        [&](std::size_t i) { return r.lines[i].fatMolTypical; });
    if (!most)
        return std::nullopt;
    return MoveLine{f.lines[*most].id, Vessel::OilPot, f.lines.size()};
}

// What joins after the cook or on top leaves lye in the whole pot until then.
void checkCook(const Formula& f, const Account& r, std::vector<Caution>& out)
{
    constexpr double noticed = valueOf(Threshold::LyeNoticed);
    const double perMol = r.pureGramsPerMol();
    if (r.cook.lateAcidMol > noticed * r.hydroxideMol) {
        // There is one, since the sum is above 0.
        const Line& sourest = f.lines[*lineWithMost(
            f, [](const Line& line) { return joinsLate(line.vessel); },
            [&](std::size_t i) { return r.lines[i].acidMol; })];
        out.push_back({CautionCode::AcidAfterCook,
                       Severity::Danger,
                       sourest.vessel,
                       sourest.id,
                       {r.cook.lateAcidMol * perMol, r.cook.superfat.value_or(-1.0)},
                       MoveLine{sourest.id, Vessel::LyeJug, f.lines.size()}});
    }
    // Without acid, lye is left only where oil comes late; the whole may be right all the same.
    const double left = r.cook.leftMol - r.cook.lateAcidMol;
    if (r.cook.lateFatMol > 0.0 && left > noticed * r.hydroxideMol && !r.lyeHeavy())
        out.push_back({CautionCode::LyeLeftInCook,
                       Severity::Danger,
                       Vessel::OilPot,
                       0,
                       {left * perMol, left * r.weighedPerMol, oilToTake(f, r, left)},
                       lateOilIntoPot(f, r)});
}

} // namespace

void checkLye(const Advising& a)
{
    checkSuperfat(a.f, a.r, a.out);
    checkCook(a.f, a.r, a.out);
    const double superfat = a.superfat();
    if (a.f.lye.fixed && a.r.acidMol > valueOf(Threshold::AcidNoticed) * a.r.hydroxideMol)
        a.say(C::AcidOnWeighedLye, S::Note, Vessel::LyeJug, 0,
              {superfat, a.r.acidMol / a.r.hydroxideMol});
    if (a.r.potassium.weighedGrams > 0.0 && a.f.lye.potassium->lot.id.empty() &&
        a.f.lye.potassium->behaves(Behaviour::PurityVaries)) {
        const Figure& purity = a.f.lye.potassium->part(Part::PotassiumHydroxide);
        if (purity.source != rowOf(OwnSource::PuritySet).id)
            a.say(C::PurityNotSaid, S::Note, Vessel::LyeJug, 0, {purity.range.typical()});
    }
}

} // namespace rhexion
