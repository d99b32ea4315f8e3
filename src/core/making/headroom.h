// How much larger than its contents a jug, pot or bowl should be, for what foams and for the stick.
// Every factor is common practice, no source.
#pragma once

#include "core/making/batter_density.h"

#include <span>
#include <string>
#include <vector>

namespace rhexion {

enum class Headroom { // volume of vessel wanted per volume of contents
    PlainLye,
    LyeWithMilk, // milk or sugar
    LyeWithAcid,
    LyeWithBeer, // beer, wine: what holds alcohol
    AcidAndBicarbonate,
    ColdPot,
    HotPot,
    HotPotWithMilk, // milk or sugar
    StickJug,
    BlenderBowl
};
const char* codeOf(Headroom situation);
double factorOf(Headroom situation);

struct RoomToFoam {
    Headroom decides = Headroom::PlainLye;
    double contents = 0.0; // ml
    double wanted = 0.0;   // ml of vessel
    double factor = 1.0;
    double largestContents(double vessel) const { return vessel / factor; } // ml
    bool fits(double vessel) const { return wanted <= vessel; }
};
// The greatest factor of the situations holds. Refuses contents of nothing.
OrCannot<RoomToFoam> roomToFoam(double contents, std::span<const Headroom> situations);

// What a vessel of a formula meets: a jug its own, the oil pot all of the batter that is in it when
// it is blended.
std::vector<Headroom> headroomsOf(const Formula& formula, const Account& account, Vessel vessel);
// ml of what is in a vessel at the fullest, without air, at the high of its volume; frozen liquid
// counts as if it were melted.
OrCannot<double> contentsVolume(const Formula& formula, const Account& account, Vessel vessel);

enum class OwnVesselKind { Jug, Pot, StickJug, Bowl };
struct OwnVessel { // one that the maker has
    std::string name;
    OwnVesselKind kind = OwnVesselKind::Jug;
    double millilitres = 0.0; // to the brim
    VesselStuff stuff = VesselStuff::Polypropylene;
    double grams = 0.0; // empty; 0: not weighed
    friend bool operator==(const OwnVessel&, const OwnVessel&) = default;
};
const char* codeOf(OwnVesselKind kind);
std::optional<OwnVesselKind> ownVesselKindFromCode(const std::string& code);

} // namespace rhexion
