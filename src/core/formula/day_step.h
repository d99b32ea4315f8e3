// A step of the day by what it is: its kind, what is weighed at it, vessel and portion.
#pragma once

#include "core/formula/vessel.h"

#include <cstdint>
#include <optional>
#include <string>

namespace rhexion {

enum class DayStepKind {
    Prepare,       // goggles, gloves, air, nobody underfoot
    WeighLine,     // a line into its vessel
    WeighSolvent,  // of the make-up liquid, to dissolve a line in
    DissolveLine,  // that line, in it
    WeighJugWater, // the strong jug's water
    WeighSodium,
    WeighPotassium,
    DissolveFirst, // acid, sugar, salt into the jug's liquid before any hydroxide
    LyeIntoLiquid,
    MeltOils,
    SetOilAside, // for a portion, out of the melted oils
    Combine,
    Emulsion,
    Trace,
    Divide,      // the batter into its portions
    PortionBack, // a portion's set-aside oil and its own things into it
    Cook,
    AfterCook,
    Pour,
    Top,
    // Days before; they name their line.
    InfuseOil,
    CookProduce, // cook, puree, strain
    DrinkFlat,   // let go flat, no foam in the jug
    FreezeAhead,
    StockLyeReady,
    // The hour before.
    SetOut,    // mould lined and weighed, spoons, spray, cover: nothing is looked for later
    WetColour, // a line that lumps, in a little oil, glycerin or water of its own
    // Jug and pot.
    ColdBath,
    PotassiumIntoLiquid, // before the sodium hydroxide: it spits more
    LookThrough,         // clear, no flake left; strained where milk makes specks
    IntoCooledLye,       // what would not dissolve in hot lye; it names its line
    IntoOils,            // milk or puree that is placed in the oils
    WaitToMeet,          // until both are in the window
    // The cook by its looks; Cook is the last of them.
    CookSeparates,
    CookApplesauce,
    CookMash,
    TestCook,
    CoolForScent, // below the lowest flash point of what comes in
    ScentByHand,  // one that seizes or rices: last, by hand, straight into the mould
    // Pouring.
    PourPortion,
    LayerWait, // until the lower one carries
    CoverUp,
    Own // the maker's own; target.line is its number in DayWay
};

// Names one thing that is weighed: a line, or what is not a line.
struct WeighTarget {
    enum class What {
        None,
        Line,
        JugWater,
        Sodium, // into the lye jug
        Potassium,
        SodiumSecond, // into the second jug
        PotassiumSecond,
        HeldOil, // line: the portion it is for
        Solvent  // line: the one to dissolve in it
    };
    What what = What::None;
    std::uint32_t line = 0;
    friend bool operator==(const WeighTarget&, const WeighTarget&) = default;
};

// A step of the day by what it is, never by its place: a plan with other steps still finds it.
struct StepKey {
    DayStepKind kind = DayStepKind::Prepare;
    WeighTarget target;
    Vessel vessel = Vessel::LyeJug;
    std::uint32_t portion = 0;
    friend bool operator==(const StepKey&, const StepKey&) = default;
};

// The code words of files and journals; nothing for a word that is none of them.
const char* codeOf(DayStepKind kind);
std::optional<DayStepKind> dayStepFromCode(const std::string& code);
const char* codeOf(WeighTarget::What what);
std::optional<WeighTarget::What> weighTargetFromCode(const std::string& code);

} // namespace rhexion
