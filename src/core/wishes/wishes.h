// What the maker wishes of a blend, and the least change of it that meets them all. With masses of
// oils, mol of hydroxide and grams of water and acid as unknowns everything is linear, superfat and
// strength included. docs/making.md.
#pragma once

#include "core/making/blend.h"
#include "core/units/cannot.h"
#include "core/wishes/programme.h"

#include <functional>
#include <string>
#include <variant>
#include <vector>

namespace rhexion {

enum class WishKind {
    TotalOils,  // g
    Batter,     // g
    Hydroxide,  // g, as weighed
    Superfat,   // fraction
    Strength,   // fraction
    FattyAcids, // share of a group
    Iodine,     // g I2 / 100 g
    Sv,         // mg KOH / g
    OilShare,   // of one oil in the oils
    Cost,       // of the oils, in the maker's money
    AcidShare,  // of the acid that moves, in the oils
    WaterOfOils // g water per g of oils
};
const char* codeOf(WishKind kind);
std::optional<WishKind> wishKindFromCode(const std::string& code);

struct Wish {
    WishKind kind = WishKind::TotalOils;
    std::optional<double> low;
    std::optional<double> high;
    AcidGroup group = AcidGroup::LauricMyristic; // of FattyAcids
    std::size_t oil = 0;                         // of OilShare: place among the oils
    bool isGuard = false;                        // on by default, and may be taken off
};

enum class Gladly { Freely, RatherNot, Never };

struct OilInPlay {
    MaterialPtr material;
    double start = 0.0; // g; 0: offered
    double price = 0.0; // per g
    double least = 0.0; // g
    std::optional<double> most;
    Gladly moves = Gladly::Freely;
    std::optional<double> stays; // g of one that never moves; its start, where nothing is said
};

enum class WishFor { LeastChange, MostBatter, MostOils };

struct WishProblem {
    std::vector<OilInPlay> oils;
    double superfat = 0.05; // as it is
    double strength = 1.0 / 3.0;
    double acidShare = 0.0;   // of the oils; 0: no acid may appear
    double acidGrams = 0.0;   // as it is
    double acidPerGram = 0.0; // mol of hydroxide a gram of that acid takes
    double superfatWeight = 1.0;
    double strengthWeight = 1.0;
    double acidWeight = 1.0;
    // What stays as it is beside oils, lye, water and that acid.
    double otherGrams = 0.0;
    double otherFatMol = 0.0;
    double otherAcidMol = 0.0;
    // The make-up liquid brings them with every gram of its water.
    double gramsPerWater = 1.0;
    double fatMolPerWater = 0.0;
    double acidMolPerWater = 0.0;
    // What other materials bring is there whatever is wished; without a make-up liquid it is all.
    double leastWater = 0.0;
    std::optional<double> mostWater;
    double lyeMolarMass = molarMassSodiumHydroxide; // g pure per mol, of the mixture as it is
    double purity = 1.0;                            // pure g per g weighed
    std::vector<Wish> wishes;
    WishFor what = WishFor::LeastChange;
    std::optional<int> mostOilsChanged;
    std::optional<double> outOrAtLeast; // an oil below this share goes out or stays at it
};
inline constexpr std::size_t mostOilsInPlay = 40;
inline constexpr std::size_t mostWishes = 30;

struct WishAnswer {
    std::vector<double> oils; // g, in their order
    double hydroxideMol = 0.0;
    double water = 0.0;
    double acid = 0.0;
    double objective = 0.0; // points moved, or minus the grams wanted most
};

// For one wish the bound that all others can live with.
struct NearestWish {
    std::size_t wish = 0;
    std::optional<double> low; // only the bound that had to give
    std::optional<double> high;
};
// Places among the wishes. None: the frame itself is at fault.
struct CannotTogether {
    std::vector<std::size_t> wishes; // all that are in one of the conflicts
    // Each cannot stand together, and any one of it less can, the other conflicts apart.
    std::vector<std::vector<std::size_t>> conflicts;
    std::vector<std::size_t>
        enough; // without any one of these alone, all others can; each was tried
    std::vector<NearestWish> nearest;
};

using WishResult = std::variant<WishAnswer, CannotTogether, Cannot>;

// cancelled() is asked between programmes.
WishResult fulfil(const WishProblem& problem, const LinearSolver& solver,
                  const std::function<bool()>& cancelled = {});

// How far each wish is missed by an answer, in its own unit; 0 where it is met.
double missOf(const WishProblem& problem, const Wish& wish, const WishAnswer& answer);
// The figure a wish is about.
double figureOf(const WishProblem& problem, const Wish& wish, const WishAnswer& answer);

} // namespace rhexion
