// The lye jug: how warm it gets, all at once and in portions, and what of its ice is left. Every
// result is an estimate. The equations are in docs/heat.md, "The sums in short".
#pragma once

#include "core/heat/thermal.h"
#include "core/units/cannot.h"
#include "core/units/quantity.h"

#include <functional>
#include <optional>
#include <vector>

namespace rhexion::heat {

// One thing in the jug before the hydroxide. Shares are fractions by mass; what is left of 1 is
// other solids.
struct JugLiquid {
    double grams = 0.0;
    double celsius = 20.0; // -40 to 150
    bool frozen = false;
    double water = 1.0;
    double fat = 0.0;
    double reducingSugar = 0.0;
    double otherSugar = 0.0;
    double protein = 0.0;
    double salt = 0.0;
    double alcohol = 0.0;
    double glycerol = 0.0;
    bool milk = false; // with puree and sugar: browns in hot lye
    bool puree = false;

    double otherSolids() const;
    double solidsCapacity() const; // J/K of all but its water
    double freezingPoint() const;  // C
    // g of ice at its own temperature; water near the solids does not freeze.
    double iceGrams() const;
};

struct Jug {
    std::vector<JugLiquid> liquids;
    double sodiumGrams = 0.0; // as weighed
    double sodiumPurity = 0.99;
    double potassiumGrams = 0.0;
    double potassiumPurity = 0.90;
    // A ready lye that goes in as it is: pure grams and its own water.
    double readySodium = 0.0;
    double readyPotassium = 0.0;
    double readyWater = 0.0;
    double acidProtons = 0.0;        // mol of hydroxide that what is in the jug takes
    double bicarbonateProtons = 0.0; // of it, taken by bicarbonate
    double acidGrams = 0.0;
    double acidDissolving = 0.0; // kJ taken up by acid that goes in as a solid
    double crystalWater = 0.0;   // g
    double salt = 0.0;           // g put in dry with the water
    double vesselGrams = 150.0;
    VesselStuff vessel = VesselStuff::Polypropylene;
    double room = 20.0;
    double hydroxideCelsius = 20.0;
    int portions = 1;           // 1 to 24, of equal size
    double pauseSeconds = 0.0;  // from one portion to the next, 0 to 7200
    std::optional<double> bath; // C of the ice bath it stands in
    double solutionTimes = 1.0; // heat of solution by the maker's own readings

    double sodiumMol() const; // pure, ready lye among it
    double potassiumMol() const;
    double mol() const { return sodiumMol() + potassiumMol(); }
    double waterGrams() const; // all that is melted, dissolved and neutralised in the end
    double liquidGrams() const;
    double milkGrams() const;
    double reducingSugarGrams() const;
    bool scorches() const; // milk, puree or sugar is in it
};
// Why nothing can be said of such a jug.
std::optional<Cannot> faultOf(const Jug& jug);

struct Adiabatic {
    double celsius = 0.0;
    double iceGrams = 0.0;
};
// All at once, nothing lost: the careful figure for a jug warmer than its room.
Adiabatic allAtOnce(const Jug& jug);

struct JugPoint {
    double seconds = 0.0;
    double celsius = 0.0;
    double iceGrams = 0.0;
};

struct JugRun {
    double start = 0.0; // C
    double peak = 0.0;  // from a minute after the first to a quarter hour after the last portion
    double peakSeconds = 0.0;
    double local = 0.0; // hottest where the flakes land
    bool boilsWhereItLands = false;
    double steamGrams = 0.0;
    std::optional<double> meltedSeconds; // when the last ice is gone
    bool saturated = false;              // on the way it could not dissolve what was in
    std::optional<double> targetSeconds; // when all is dissolved and it has come down to the target
    double end = 0.0;
    double iceGrams = 0.0;
    double undissolvedGrams = 0.0;
    double strength = 0.0; // of the finished lye
    double boilingPoint = 0.0;
    std::vector<JugPoint> curve; // every half minute
};

struct JugRunOptions {
    double hours = 3.0;
    double step = 2.0; // s
    std::optional<double> target;
    double localShare = 0.35; // of the liquid that takes a portion's heat at first; no source
    // Ends the run as soon as bulk or landing place is hotter than this: for searches.
    std::optional<double> giveUpAbove;
    bool curve = true;
};
// The jug must be free of faults.
JugRun runJug(const Jug& jug, const JugRunOptions& options = {});

// C at which the finished lye can no longer hold all its hydroxide; nothing if it can at 0 C.
std::optional<double> crystalsBelow(const Jug& jug);

inline constexpr double freezerCelsius = -18.0;
// The jug with so many grams of one liquid frozen.
Jug withFrozen(const Jug& jug, std::size_t liquid, double grams, double celsius = freezerCelsius);
// g of one liquid to freeze so that all at once it stays at or under the limit; nothing if all of
// it is not enough.
std::optional<double> frozenNeeded(const Jug& jug, std::size_t liquid, double limit);

inline constexpr int mostPortions = 24;
// Fewest portions at the jug's pause for which bulk and landing place stay at or under the limit.
std::optional<int> portionsNeeded(const Jug& jug, double limit);

// Grams frozen, portions and pause belong together: by the bulk alone it still scorches where the
// flakes land.
struct FreezingPlan {
    double frozenGrams = 0.0;
    int portions = 1;
    double pauseSeconds = 0.0;
};
// The least frozen grams, in steps of 5 from frozenNeeded up, all of it last; nothing if none do.
std::optional<FreezingPlan> freezingPlan(const Jug& jug, std::size_t liquid, double limit,
                                         double pauseSeconds = 180.0,
                                         const std::function<bool()>& cancelled = {});

// J given off when lye made with one mass of water is thinned to another. mol of pure hydroxide.
double thinningHeat(double sodiumMol, double potassiumMol, double waterBefore, double waterAfter);

// The balance behind the peak when all goes in at once, J and J/K: what the sum on the page says.
struct JugBalance {
    double start = 0.0;      // C before the lye
    double dissolving = 0.0; // J given off by dissolving, that of bound water taken off
    double neutralising = 0.0;
    double melting = 0.0;   // J taken up by the ice that melts
    double capacity = 0.0;  // J/K of all of it in the end
    double iceLeft = 0.0;   // g
    double end = 0.0;       // C
    double mol = 0.0;       // of hydroxide
    double iceMelted = 0.0; // g
};
JugBalance balanceOf(const Jug& jug);

// What a maker is told: the plan's peak with its band, and where the flakes land.
struct JugForecast {
    Adiabatic atOnce;
    JugBalance balance;
    JugRun run;
    Interval peak = Interval::exactly(0.0); // C; may be below 0
    double peakWithoutBath = 0.0;           // typical
    std::optional<double> crystals;         // C
    bool isLimitedByMilk = false;
    double hottest() const; // the larger of the landing place and the high bound
};
JugForecast forecastJug(const Jug& jug, const JugRunOptions& options = {});

} // namespace rhexion::heat
