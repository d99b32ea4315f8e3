// Materials one by one: what they are and where they are put.
#include "core/advice/checks.h"

#include <algorithm>

namespace rhexion {

namespace {

using C = CautionCode;
using S = Severity;
using T = Threshold;

const BehaviourNote* behaviour(const Material& m, Behaviour what)
{
    const auto found = std::ranges::find(m.behaviours, what, &BehaviourNote::what);
    return found == m.behaviours.end() ? nullptr : &*found;
}

void checkLines(const Formula& f, const Account& r, std::vector<Caution>& out)
{
    double acids = 0.0;
    LineId strongest = 0;
    double most = 0.0;
    for (std::size_t i = 0; i < f.lines.size(); ++i) {
        const Line& line = f.lines[i];
        if (line.material->acidityUnknown()) {
            const double mol = r.lines[i].grams * line.material->titratable->range.high() / 1e5;
            if (mol > r.hydroxideMol * valueOf(Threshold::AcidityNoticed))
                out.push_back({CautionCode::AcidityNotKnown,
                               Severity::Note,
                               line.vessel,
                               line.id,
                               {mol},
                               {}});
        }
        if (!isJug(line.vessel) || r.lines[i].grams <= 0.0)
            continue;
        const MaterialKind kind = line.material->kind;
        if (kind == MaterialKind::Milk && !line.frozen)
            out.push_back({CautionCode::MilkUnfrozenInJug,
                           Severity::Care,
                           line.vessel,
                           line.id,
                           {},
                           SetFrozen{line.id, true}});
        if (kind == MaterialKind::Acid && r.lines[i].acidMol > 0.0) {
            acids += r.lines[i].acidMol;
            if (r.lines[i].acidMol > most) {
                most = r.lines[i].acidMol;
                strongest = line.id;
            }
        }
    }
    if (acids > 0.0)
        out.push_back(
            {CautionCode::AcidInJugFumes, Severity::Care, Vessel::LyeJug, strongest, {acids}, {}});
}

void checkOne(const Advising& a, std::size_t i)
{
    const Line& line = a.f.lines[i];
    const Material& m = *line.material;
    const double share = a.ofOils(i);
    const Vessel at = line.vessel;
    const auto moved = [&](Vessel to) {
        return std::optional<Edit>(MoveLine{line.id, to, a.f.lines.size()});
    };
    if (m.kind == MaterialKind::Milk &&
        (m.behaves(Behaviour::Sweetened) ||
         m.part(Part::OtherSugar).range.typical() > valueOf(T::AddedSugarInMilk)))
        a.say(C::SweetenedMilk, S::Care, at, line.id);
    if (m.behaves(Behaviour::OwnHouseholdOnly))
        a.say(C::HumanMilk, S::Note, at, line.id);
    if (m.behaves(Behaviour::HeldBackByHerbs))
        a.say(C::InfusedOil, S::Note, at, line.id);
    if (m.kind == MaterialKind::Acid && !m.behaves(Behaviour::FormIsSaid))
        for (const AcidShare& acid : m.acids)
            if (acid.acid == Acid::Citric && acid.share.range.typical() > valueOf(T::CitricAlone))
                a.say(C::CitricFormNotSaid, S::Care, at, line.id);
    if (m.behaves(Behaviour::MeltsHot) && share > valueOf(T::HardWax))
        a.say(C::SetsInThePot, S::Note, at, line.id,
              {m.melting ? m.melting->range.typical() : 60.0, share});
    if (m.kind == MaterialKind::FattyAcid && share > valueOf(T::FattyAcid))
        a.say(C::FattyAcidSeizes, S::Care, at, line.id, {share});
    if (m.kind == MaterialKind::Produce && m.behaves(Behaviour::NotInAluminium))
        a.say(C::SourInAluminium, S::Note, at, line.id);
    if (m.behaves(Behaviour::Phototoxic))
        a.say(C::MarksSkinInSun, S::Care, at, line.id);
    if (m.behaves(Behaviour::Separates))
        a.say(C::SaltsSoapOut, S::Care, at, line.id);
    if (m.behaves(Behaviour::Fades))
        a.say(C::Fades, S::Note, at, line.id);
    if (const auto* note = behaviour(m, Behaviour::Scratchy);
        note && note->above && share > *note->above)
        a.say(C::Scratchy, S::Note, at, line.id, {share, *note->above});
    if (const auto* note = behaviour(m, Behaviour::SoftensBar);
        note && note->above && share > *note->above)
        a.say(C::SoftBar, S::Note, at, line.id, {share, *note->above});
    if (const auto* note = behaviour(m, Behaviour::Crumbles);
        note && note->above && share > *note->above)
        a.say(C::BarCrumbles, S::Note, at, line.id, {share, *note->above});
    if (isJug(at)) {
        if (m.behaves(Behaviour::DisperseInWater) || m.behaves(Behaviour::DisperseInOil))
            a.say(C::ClayInLye, S::Care, at, line.id, {}, moved(Vessel::Trace));
        if (m.kind == MaterialKind::Egg)
            a.say(C::EggInLye, S::Care, at, line.id, {}, moved(Vessel::OilPot));
        if (m.kind == MaterialKind::Scent)
            a.say(C::ScentInLye, S::Care, at, line.id, {}, moved(Vessel::Trace));
        if (m.part(Part::Alcohol).range.typical() > valueOf(T::AlcoholInJug))
            a.say(C::AlcoholInLye,
                  m.part(Part::Alcohol).range.typical() > valueOf(T::StrongDrink) ? S::Danger
                                                                                  : S::Care,
                  at, line.id, {m.part(Part::Alcohol).range.typical()});
    }
    if (at == Vessel::OilPot &&
        (m.kind == MaterialKind::Salt || m.behaves(Behaviour::NeedsSolventWater)))
        a.say(C::StaysGrainyInOil, S::Note, at, line.id, {}, moved(Vessel::LyeJug));
}

} // namespace

void checkMaterials(const Advising& a)
{
    checkLines(a.f, a.r, a.out);
    for (std::size_t i = 0; i < a.f.lines.size(); ++i)
        if (a.r.lines[i].grams > 0.0)
            checkOne(a, i);
}

} // namespace rhexion
