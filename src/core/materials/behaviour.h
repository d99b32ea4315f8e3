// What a material does in the pot besides lye and water, as data. Sentences are made in src/words.
#pragma once

#include "core/units/enum_count.h"

#include <optional>
#include <span>
#include <string>

namespace rhexion {

enum class Behaviour {
    SpeedsTrace,
    SlowsTrace,
    Heats,
    Browns,
    Seizes,
    Rices,
    Fades,
    Scratchy, // above a share of the oils
    NeedsSolventWater,
    DisperseInOil,
    DisperseInGlycerin,
    DisperseInWater,
    Settles,
    NotInAluminium,
    Stains,
    Allergen,
    Phototoxic,
    NotForChildren,
    Fumes,
    Foams,
    SoftensBar,
    HardensBar,
    MeltsHot, // sets again where the batter is cooler than its melting point
    GoesRancid,
    CutsLather,
    Separates,        // salts soap out, or spoils the emulsion
    Crumbles,         // above a share of the oils
    Sweetened,        // sugar was added to it
    OwnHouseholdOnly, // human milk: selling it is a matter of local law
    HeldBackByHerbs,  // an infused oil: weigh it strained
    PurityVaries,     // a hydroxide sold in several grades: read the drum
    FormIsSaid        // an acid of which it is known whether it holds crystal water
};
inline constexpr std::size_t behaviourCount = countOf<Behaviour>();

struct BehaviourNote {
    Behaviour what;
    std::optional<double> above; // fraction of the oils from which it shows; nothing: always
    friend bool operator==(const BehaviourNote&, const BehaviourNote&) = default;
};

const char* codeOf(Behaviour behaviour);
std::optional<Behaviour> behaviourFromCode(const std::string& code);

} // namespace rhexion
