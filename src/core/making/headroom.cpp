#include "core/making/headroom.h"

#include <algorithm>
#include <array>

namespace rhexion {

namespace {

struct HeadroomRow {
    const char* code;
    double factor;
};
constexpr std::array<HeadroomRow, countOf<Headroom>()> headrooms{{{"plain-lye", 1.5},
                                                                  {"lye-milk", 2.0},
                                                                  {"lye-acid", 2.0},
                                                                  {"lye-beer", 2.5},
                                                                  {"acid-bicarbonate", 3.0},
                                                                  {"pot-cold", 1.35},
                                                                  {"pot-hot", 2.0},
                                                                  {"pot-hot-sugar-or-milk", 2.5},
                                                                  {"blend-jug", 1.5},
                                                                  {"blender-bowl", 2.0}}};
constexpr std::array<const char*, countOf<OwnVesselKind>()> ownVesselCodes{"jug", "pot",
                                                                           "stick-jug", "bowl"};
// Sugar or alcohol below this share of a material is a trace of it.
constexpr double noticed = 0.005;

bool hasAlcohol(const Material& m)
{
    return m.part(Part::Alcohol).range.typical() > noticed;
}
bool hasSugar(const Material& m)
{
    return m.kind == MaterialKind::Milk ||
           m.part(Part::ReducingSugar).range.typical() + m.part(Part::OtherSugar).range.typical() >
               noticed;
}
bool isBicarbonate(const Material& m)
{
    return std::ranges::any_of(m.acids, [](const AcidShare& a) {
        return a.acid == Acid::Bicarbonate && a.share.range.typical() > noticed;
    });
}

} // namespace

const char* codeOf(Headroom situation)
{
    return headrooms[static_cast<std::size_t>(situation)].code;
}

double factorOf(Headroom situation)
{
    return headrooms[static_cast<std::size_t>(situation)].factor;
}

OrCannot<RoomToFoam> roomToFoam(double contents, std::span<const Headroom> situations)
{
    if (!isAboveNothing(contents))
        return Cannot{CannotCode::NotPositive, "contents", {}};
    if (situations.empty())
        return Cannot{CannotCode::NothingInIt, "vessel", {}};
    const Headroom most = *std::ranges::max_element(situations, {}, factorOf);
    return RoomToFoam{most, contents, contents * factorOf(most), factorOf(most)};
}

std::vector<Headroom> headroomsOf(const Formula& f, const Account& r, Vessel vessel)
{
    std::vector<Headroom> out;
    bool sugar = false;
    bool acid = false;
    bool alcohol = false;
    bool bicarbonate = false;
    for (std::size_t i = 0; i < f.lines.size(); ++i) {
        const bool inIt = isJug(vessel) ? r.inItsVessel(i, vessel) > 0.0 &&
                                              (r.lines[i].isMakeUp || f.lines[i].vessel == vessel)
                                        : r.lines[i].grams > 0.0;
        if (!inIt)
            continue;
        const Material& m = *f.lines[i].material;
        sugar |= hasSugar(m);
        alcohol |= hasAlcohol(m);
        bicarbonate |= isBicarbonate(m);
        acid |= m.hasAcid() && !m.acidityUnknown() && !isBicarbonate(m);
    }
    if (isJug(vessel)) {
        out.push_back(Headroom::PlainLye);
        if (sugar)
            out.push_back(Headroom::LyeWithMilk);
        if (acid)
            out.push_back(Headroom::LyeWithAcid);
        if (alcohol)
            out.push_back(Headroom::LyeWithBeer);
        if (acid && bicarbonate)
            out.push_back(Headroom::AcidAndBicarbonate);
    } else {
        out.push_back(f.cooks() ? Headroom::HotPot : Headroom::ColdPot);
        if (f.cooks() && sugar)
            out.push_back(Headroom::HotPotWithMilk);
    }
    return out;
}

OrCannot<double> contentsVolume(const Formula& f, const Account& r, Vessel vessel)
{
    // Without air, at the dense oils' opposite: the volume a vessel must surely take.
    Batter batter;
    double celsius = f.mixing.at.inCelsius();
    if (isJug(vessel)) {
        batter = batterIn(f, r, vessel);
    } else {
        batter = batterAtPouring(f, r);
    }
    const auto density = batterDensity(batter, std::clamp(celsius, 0.0, 90.0));
    if (const Cannot* cannot = std::get_if<Cannot>(&density))
        return *cannot;
    return batter.grams() / std::get<Interval>(density).low();
}

const char* codeOf(OwnVesselKind kind)
{
    return ownVesselCodes[static_cast<std::size_t>(kind)];
}

std::optional<OwnVesselKind> ownVesselKindFromCode(const std::string& code)
{
    return valueWithCode<OwnVesselKind>(ownVesselCodes, code);
}

} // namespace rhexion
