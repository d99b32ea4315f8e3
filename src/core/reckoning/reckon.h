// The reckoning: alkali and water of a formula, by docs/chemistry.md. Pure: no clock, locale,
// files.
#pragma once

#include "core/formula/formula.h"
#include "core/reckoning/caution.h"
#include "core/reckoning/refusal.h"
#include "core/reckoning/working.h"

#include <array>
#include <variant>
#include <vector>

namespace rhexion {

struct LineReckoned {
    LineId id = 0;
    double grams = 0.0;
    double waterGrams = 0.0;     // as the water account counts it
    double fatMol = 0.0;         // alkali its fat would take, as counted by the school
    double fatMolTypical = 0.0;  // the same at the fat's typical share
    double acidMol = 0.0;        // alkali its acids take
    double neutralisedMol = 0.0; // acid protons and free fatty acid: mol of water formed
    double solventGrams = 0.0;   // of the make-up liquid, set aside for this line
    bool isMakeUp = false;
};

struct HydroxideReckoned {
    Amount amount;
    double pureGrams = 0.0;
    double weighedGrams = 0.0;
    double waterGrams = 0.0; // brought by its impurity, counted as water
};

// What one jug dissolves and what there is to dissolve it in.
struct JugReckoned {
    HydroxideReckoned sodium;
    HydroxideReckoned potassium;
    double water = 0.0;     // every source, impurity included
    double tiedWater = 0.0; // of it, what acids, sugars and salts in the jug need for themselves
    std::optional<double> strength; // pure / (pure + water); none if no hydroxide
    double pureGrams() const { return sodium.pureGrams + potassium.pureGrams; }
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
    double waterGrams = 0.0;
    double saltGrams = 0.0; // sodium chloride of every source
    double scentGrams = 0.0;
    double superfat = 0.0; // true, on all fat
    double superfatLow = 0.0;
    double batterGrams() const { return commonGrams + heldGrams + ownGrams; }
};

// Liquid in each of the maker's ways of saying it.
struct LiquidTerms {
    double strength = 0.0;      // fraction
    double ratio = 0.0;         // g water per g hydroxide
    double shareOfOils = 0.0;   // fraction
    double lessThanUsual = 0.0; // fraction; below 0 means more water than usual
};

struct Reckoning {
    std::vector<LineReckoned> lines; // in the order of Formula::lines
    double oilsGrams = 0.0;

    HydroxideReckoned sodium;
    HydroxideReckoned potassium;
    double jugWaterGrams = 0.0; // poured for a strong jug, beside the lines
    bool hasJugWater = false;

    double hydroxideMol = 0.0; // n
    double oilsMol = 0.0;      // F
    double hiddenMol = 0.0;    // hidden fat as counted
    double hiddenMolTypical = 0.0;
    double acidMol = 0.0; // a
    double potassiumMoleShare = 0.0;
    double weighedPerMol = 0.0; // g of this lye, as weighed, for one mol of alkali
    double demandLow = 0.0;     // mol all fat and acids could take at the low of their figures
    double demandHigh = 0.0;
    double supplyLow = 0.0; // mol the weighed hydroxide holds at the low of its purity
    double supplyHigh = 0.0;

    bool hasMakeUp = false;
    double makeUpGrams = 0.0;
    double waterWanted = 0.0;  // as the chosen convention counts water
    double waterPresent = 0.0; // every source, impurity included
    double waterFromHydroxide = 0.0;
    double waterExcess = 0.0;         // above 0: wetter than wanted; below 0: drier
    double neutralisationWater = 0.0; // outside the account

    double batterGrams = 0.0;
    LiquidTerms pure;                 // pure hydroxide, all water
    LiquidTerms asWeighed;            // hydroxide as weighed, impurity not counted
    LiquidTerms wanted;               // the same four, of what was asked, in the chosen convention
    std::array<JugReckoned, 2> jugs;  // the lye jug, the second jug
    std::array<double, 7> makeUpIn{}; // g of the make-up liquid in each vessel
    double solventWanted = 0.0;       // g of it asked for to dissolve lines; all of it at most

    double superfatOnOils = 0.0;
    double superfatTrue = 0.0;    // on all fat, typical
    double superfatTrueLow = 0.0; // exact corners, weighed masses held fixed
    double superfatTrueHigh = 0.0;
    double freeOilGrams = 0.0;

    std::vector<PortionReckoned> portions; // in the order of Formula::portions
    double heldGrams = 0.0;                // oil set aside in all
    // True superfat of what is in jugs, pot and emulsion while that oil is outside.
    std::optional<double> superfatWhileHeld;
    double lyeWhileHeld = 0.0; // g of pure hydroxide more than the pot's fat can take meanwhile

    std::vector<Caution> cautions; // worst first
    Working working;

    const LineReckoned* find(LineId id) const;
    const PortionReckoned* portion(PortionId id) const;
    const JugReckoned& jug(Vessel vessel) const { return jugs[vessel == Vessel::SecondJug]; }
    double pureGrams() const { return sodium.pureGrams + potassium.pureGrams; }
    // g of the line at this place of Formula::lines that is weighed into its own vessel.
    double inItsVessel(std::size_t line, Vessel vessel) const
    {
        return lines[line].isMakeUp ? makeUpIn[static_cast<std::size_t>(vessel)]
                                    : lines[line].grams;
    }
};

using ReckonResult = std::variant<Reckoning, Refusal>;

// Sums the formula or says why not. Never throws but for lack of memory; no figure in a result is
// NaN or infinite.
ReckonResult reckon(const Formula& formula);

} // namespace rhexion
