// Hard water and a bar: what its acids and chelators can hold of the hardness, and what soap is
// lost as lime soap all the same. Hardness is calcium and magnesium, mmol per litre.
#pragma once

#include "core/account/account.h"
#include "core/making/blend.h"
#include "core/units/cannot.h"

#include <array>
#include <optional>
#include <string_view>
#include <vector>

namespace rhexion {

enum class HardnessUnit {
    MillimolePerLitre,
    MgCalciumCarbonate, // per litre
    German,             // 10 mg CaO per litre
    French,             // 10 mg CaCO3 per litre
    English,            // grain CaCO3 per imperial gallon
    UsGrains,           // grain CaCO3 per US gallon
    MvalPerLitre,
    MgCalcium, // per litre
    MgMagnesium
};
const char* codeOf(HardnessUnit unit);
std::optional<HardnessUnit> hardnessUnitFromCode(const std::string& code);
double millimolesPer(HardnessUnit unit); // mmol/l of one of it
// mmol/l; refuses below 0 and above 100, harder than any water.
OrCannot<double> hardness(double value, HardnessUnit unit);

// Where water counts as soft and as hard: the German detergent law (WRMG), from memory.
inline constexpr double softBelow = 1.5; // mmol/l
inline constexpr double hardAbove = 2.5;
enum class HardnessClass { Soft, Middling, Hard };
HardnessClass classOf(double hardness);
// What "soft", "middling" and "hard" water is taken to hold, mmol/l: common practice, no source.
double usualOf(HardnessClass hardness);

enum class Ligand { Citrate, Edta, Gluconate };
struct LigandRow {
    Ligand ligand;
    const char* code;
    double molarMass;              // g/mol, without crystal water
    std::array<double, 3> calcium; // log K, low, typical, high
    std::array<double, 3> magnesium;
    std::string_view source;
};
const LigandRow& rowOf(Ligand ligand);
std::optional<Ligand> ligandFromCode(const std::string& code);

struct Held { // shares at equilibrium, no soap there
    double all = 0.0;
    double calcium = 0.0;
    double magnesium = 0.0;
};
// which: 0, 1, 2 for the low, typical, high of the constants; ligand in mol/l.
OrCannot<Held> heldShare(double hardness, double calciumShare, double ligand, Ligand which,
                         int bound = 1);

enum class LimeSoap { Laurate, Myristate, Palmitate, Stearate, Oleate };
const char* codeOf(LimeSoap soap);
// Free calcium, mol/l, above which this lime soap forms, at low, typical and high of pKs turned
// round: low is the first to form. pKs and monomer limits from memory.
Interval calciumThatStays(LimeSoap soap, double soapMolPerLitre);

struct WashWater {
    double hardness = 2.5;     // mmol/l
    double calciumShare = 0.8; // 0.6 to 0.95: common practice
    double dose = 1.0;         // g of bar dissolved per litre: hand and basin 1, cloth 5
};
struct LigandInBar {
    Ligand ligand = Ligand::Citrate;
    double share = 0.0; // of the bar as it is used, without crystal water
};
struct HardWater {
    double litresCeiling = 0.0;                // at most: as much ligand as hardness, one to one
    Held held;                                 // typical
    Interval heldAll = Interval::exactly(0.0); // low constants and low dose to the high of both
    double litresMet = 0.0;                    // that the bar meets at this dose
    double litresSoftened = 0.0;
    double soapWasted = 0.0;  // g per litre
    double scum = 0.0;        // g of dry lime soap per litre
    double shareWanted = 0.0; // of the bar, to equal the hardness
    double soapLeft = 0.0;    // share of the dissolved soap that is left as soap
};
// bar g, soapShare of the bar that is soap, soapMolar g/mol.
OrCannot<HardWater> hardWater(const WashWater& water, double bar, const LigandInBar& ligand,
                              double soapShare, double soapMolar);

// A formula's bar: its ligands after cure, per 100 g of bar.
struct WaterPicture {
    double soapShare = 0.0;
    double soapMolar = 0.0;
    std::vector<LigandInBar> ligands;
    std::vector<HardWater> each; // of each ligand
    HardWater without;           // wasted soap and scum stand whatever the bar holds
};
OrCannot<WaterPicture> waterPicture(const Formula& formula, const Account& account,
                                    const WashWater& water);

// Citrate's charge at a pH (pKa 3.13, 4.76, 6.40, CRC Handbook, from memory).
double citrateCharge(double ph);
// pH of a soap solution by charge balance: soap, citrate and strong alkali in mol/l, the soap's
// apparent pKa 7 to 8.5 (from memory). added: mol/l of acid stirred into finished soap. For
// changes, not for absolute values.
double phOfSoap(double soap, double pka, double citrate = 0.0, double strong = 0.0,
                double added = 0.0);

} // namespace rhexion
