// What given grams hold: alkali, water, jugs, portions and the working of each sum. Total: an
// account never refuses. What is not there (no fat, no hydroxide) is absent. Pure: no clock,
// locale, files. The sums are in docs/chemistry.md.
#pragma once

#include "core/amounts/amounts.h"
#include "core/amounts/working.h"
#include "core/units/enum_count.h"

#include <array>
#include <optional>
#include <vector>

namespace rhexion {

struct LineReckoned {
    LineId id = 0;
    double grams = 0.0;
    double waterGrams = 0.0;     // as the water account counts it
    double fatMol = 0.0;         // alkali its fat would take, as counted by the school
    double fatMolTypical = 0.0;  // the same at the fat's typical share
    double acidMol = 0.0;        // alkali its acids take
    double givenMol = 0.0;       // hydroxide it holds itself
    double neutralisedMol = 0.0; // acid protons and free fatty acid: mol of water formed
    double solventGrams = 0.0;   // of the make-up liquid, set aside for this line
    bool isMakeUp = false;
};

struct HydroxideReckoned {
    double mol = 0.0;
    double pureGrams = 0.0;
    double weighedGrams = 0.0;
    double waterGrams = 0.0; // brought by its impurity, counted as water
};

// What one jug dissolves and what there is to dissolve it in.
struct JugReckoned {
    HydroxideReckoned sodium; // as weighed
    HydroxideReckoned potassium;
    double givenSodium = 0.0; // g of pure hydroxide in the lines that go into it
    double givenPotassium = 0.0;
    double water = 0.0;     // every source, impurity included
    double tiedWater = 0.0; // of it, what acids, sugars and salts in the jug need for themselves
    std::optional<double> strength; // pure / (pure + water); none if no hydroxide
    double sodiumGrams() const { return sodium.pureGrams + givenSodium; }
    double potassiumGrams() const { return potassium.pureGrams + givenPotassium; }
    double pureGrams() const { return sodiumGrams() + potassiumGrams(); }
    bool isWeighedInto() const { return sodium.pureGrams + potassium.pureGrams > 0.0; }
};

// One portion of a split batter, its own account; see docs/portions.md.
struct PortionReckoned {
    PortionId id = 0;
    double share = 1.0;       // of what is common to all
    double commonGrams = 0.0; // of the batter divided
    double heldGrams = 0.0;   // oil set aside, back in
    double ownGrams = 0.0;    // its own lines and the liquid set aside for them
    double oilsGrams = 0.0;   // oils, set-aside and own ones among them
    double fatMol = 0.0;      // alkali all its fat could take, typical
    double acidMol = 0.0;
    double supplyMol = 0.0;
    double waterGrams = 0.0;
    double saltGrams = 0.0; // sodium chloride of every source
    double scentGrams = 0.0;
    std::optional<double> superfat; // true, on all fat; none without fat
    std::optional<double> superfatLow;
    double batterGrams() const { return commonGrams + heldGrams + ownGrams; }
    bool lyeHeavy() const { return supplyMol - acidMol > fatMol * (1.0 + 1e-9) + 1e-12; }
};

// Liquid in each of the maker's ways of saying it; absent where there is nothing to relate it to.
struct LiquidTerms {
    double strength = 0.0;               // fraction; 0 without hydroxide
    std::optional<double> ratio;         // g water per g hydroxide
    std::optional<double> shareOfOils;   // fraction
    std::optional<double> lessThanUsual; // fraction; below 0 means more water than usual
};

// The same liquid stated another way, so that changing the word changes no figure; without an
// account at a usual one.
LiquidSettings statedAnew(LiquidSettings liquid, const struct Account* account,
                          LiquidStatement how);

// What is together before the late things join: those after the cook and on top.
struct CookReckoned {
    double lateAcidMol = 0.0;       // acid that joins late, so that its lye is free until then
    double lateFatMol = 0.0;        // fat that joins late
    double leftMol = 0.0;           // above 0: lye that what is there cannot take
    std::optional<double> superfat; // true, of what is there
};

struct Account {
    std::vector<LineReckoned> lines; // in the order of Formula::lines
    double oilsGrams = 0.0;

    HydroxideReckoned sodium; // as weighed, both jugs together
    HydroxideReckoned potassium;
    double jugWaterGrams = 0.0; // poured for a strong jug, beside the lines
    bool hasJugWater = false;

    double hydroxideMol = 0.0; // n: weighed, and held by any material
    double givenMol = 0.0;     // of it, what materials hold
    double oilsMol = 0.0;      // F
    double hiddenMol = 0.0;    // hidden fat as counted
    double oilsMolTypical = 0.0;
    double hiddenMolTypical = 0.0;
    double acidMol = 0.0;            // a
    double potassiumMoleShare = 0.0; // of what is weighed
    double weighedPerMol = 0.0;      // g of this lye, as weighed, for one mol of alkali
    double demandLow = 0.0;          // mol all fat and acids could take at the low of their figures
    double demandHigh = 0.0;
    double supplyLow = 0.0; // mol of hydroxide at the low of its purity
    double supplyHigh = 0.0;

    bool hasMakeUp = false;
    double makeUpGrams = 0.0;
    double waterWanted = 0.0;  // as the chosen convention counts water
    double waterPresent = 0.0; // every source, impurity included
    double waterFromHydroxide = 0.0;
    double waterExcess = 0.0;         // above 0: wetter than wanted; below 0: drier
    double neutralisationWater = 0.0; // outside the account

    double batterGrams = 0.0;
    LiquidTerms pure;                // pure hydroxide, all water
    LiquidTerms asWeighed;           // hydroxide as weighed, impurity not counted
    LiquidTerms wanted;              // the same four, of what was asked, in the chosen convention
    std::array<JugReckoned, 2> jugs; // the lye jug, the second jug
    std::array<double, countOf<Vessel>()> makeUpIn{}; // g of the make-up liquid in each vessel
    double solventWanted = 0.0; // g of it asked for to dissolve lines; all of it at most

    std::optional<double> superfatOnOils;  // none without oils
    std::optional<double> superfatTrue;    // on all fat, typical; none without fat
    std::optional<double> superfatTrueLow; // exact corners, weighed masses held fixed
    std::optional<double> superfatTrueHigh;
    double freeOilGrams = 0.0;
    CookReckoned cook;

    std::vector<PortionReckoned> portions; // in the order of Formula::portions
    double heldGrams = 0.0;                // oil set aside in all
    double heldTooMuch = 0.0;              // g of it that is not there to be set aside
    // True superfat of what is in jugs, pot and emulsion while that oil is outside.
    std::optional<double> superfatWhileHeld;
    double lyeWhileHeld = 0.0; // g of pure hydroxide more than the pot's fat can take meanwhile

    Working working;

    const LineReckoned* find(LineId id) const;
    const PortionReckoned* portion(PortionId id) const;
    const JugReckoned& jug(Vessel vessel) const { return jugs[vessel == Vessel::SecondJug]; }
    double pureGrams() const { return sodium.pureGrams + potassium.pureGrams; }
    double pureGramsPerMol() const; // of this lye's hydroxides in their shares
    double fatMolTypical() const { return oilsMolTypical + hiddenMolTypical; }
    // mol of hydroxide that no acid takes; below 0 where acid outweighs it.
    double lyeOnFatMol() const { return hydroxideMol - acidMol; }
    // More hydroxide than all fat, at its typical figures, can take.
    bool lyeHeavy() const { return lyeOnFatMol() > fatMolTypical() * (1.0 + 1e-9) + 1e-12; }
    // g of the line at this place of Formula::lines that is weighed into its own vessel.
    double inItsVessel(std::size_t line, Vessel vessel) const
    {
        return lines[line].isMakeUp ? makeUpIn[static_cast<std::size_t>(vessel)]
                                    : lines[line].grams;
    }
};

// amounts must be of this formula: as many lines, and portions, or none. solved is the working of
// solve(), which the account's goes on from; without it the account writes every line's demand.
Account accountOf(const Formula& formula, const Amounts& amounts, Working solved = {});

// Place of the line with the greatest value above least, among those that count; nothing if none.
template <typename Counts, typename Value>
std::optional<std::size_t> lineWithMost(const Formula& f, Counts counts, Value valueOf,
                                        double least = 0.0)
{
    std::optional<std::size_t> most;
    for (std::size_t i = 0; i < f.lines.size(); ++i)
        if (counts(f.lines[i]) && valueOf(i) > least) {
            least = valueOf(i);
            most = i;
        }
    return most;
}

// Place of the ordinary fat there is most of: what a kitchen has more of.
std::optional<std::size_t> mainOil(const Formula& formula, const Account& account);

} // namespace rhexion
