// What a material does in the pot besides lye and water, as data. Sentences are made in src/words.
#pragma once

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
    Separates // salts soap out, or spoils the emulsion
};

struct BehaviourNote {
    Behaviour what;
    std::optional<double> above; // fraction of the oils from which it shows; nothing: always
    friend bool operator==(const BehaviourNote&, const BehaviourNote&) = default;
};

const char* codeOf(Behaviour behaviour);
std::optional<Behaviour> behaviourFromCode(const std::string& code);

} // namespace rhexion
