// What a caution is about and how bad it is: the codes that formulas, files and findings share. The
// sentences are in words/caution_words.h.
#pragma once

#include <cstdint>
#include <optional>
#include <string_view>

namespace rhexion {

enum class CautionCode {
    LyeCannotDissolve,     // figures: jug strength, g water in jug, g water needed, C
    LyeColdCannotDissolve, // frozen liquid in the jug; figures: g that dissolves at 0 C, g in all
    WetterThanWanted,      // figures: g too much water, strength that results, strength wanted
    DrierThanWanted,       // no make-up liquid; figures: g short, strength that results
    SuperfatBelowZero,     // figures: superfat
    MayBeLyeHeavy,         // the low bound of true superfat is below 0; figures: low bound
    MilkUnfrozenInJug,     // figures: none
    AcidInJugFumes,        // figures: mol of acid protons in the jug
    AcidityNotKnown,       // figures: mol of hydroxide it could take at most
    ChanceOfLyeExcess,     // from the drawn doubt; figures: chance, 5th of a hundred superfat
    // Of what is in the formula, where and how much.
    BrineDropsSalt,        // the jug's salt cannot dissolve; figures: share of the solution, limit
    SweetenedMilk,         // line
    MuchSugar,             // figures: g, share of oils
    HoneyWithSeizingScent, // line: the scent
    SugarOrMilkCooked,     // line
    CoconutDriesSkin,      // figures: lauric share, superfat
    SaltBarWithoutLather,  // figures: salt share of oils
    LongCure,              // figures: share
    OilsGoRancid,          // figures: share
    VerySuperfatted,       // figures: superfat
    StrongBatter,          // figures: strength
    WeakBatter,            // figures: strength
    ManyColoursAndScent,   // figures: colours
    Allergens,             // line: the first; figures: how many
    AcidOnWeighedLye,      // figures: superfat, acid share
    PurityNotSaid,         // figures: purity taken
    CitricFormNotSaid,     // line
    HumanMilk,             // line
    InfusedOil,            // line
    SetsInThePot,          // line; figures: C, share
    FattyAcidSeizes,       // line; figures: share
    SourInAluminium,       // line
    MarksSkinInSun,        // line
    SaltsSoapOut,          // line
    Fades,                 // line
    Scratchy,              // line; figures: share, limit
    SoftBar,               // line; figures: share, limit
    ClayInLye,             // line
    EggInLye,              // line
    ScentInLye,            // line
    AlcoholInLye,          // line; figures: share
    StaysGrainyInOil,      // line
    ScentInDrops,          // line
    ScentBrowns,           // line
    MuchScent,             // line; figures: share, usual
    ScentForChildren,      // line
    OunceForGram,          // line; figures: share, usual
    GramForOunce,          // line; figures: share, usual
    TablespoonForTeaspoon, // line; figures: share, usual
    FluidOunce,            // line; figures: g each
    TotalIsNotTheSum,      // figures: stated, sum
    FahrenheitForCelsius,  // figures: C, as if F
    PointsNotPerCent,      // figures: less, usual strength, strength
    PurityAsFraction,      // figures: purity
    OtherHydroxide,        // figures: superfat, with the other, 1 for sodium
    // Jugs, portions, warmth.
    JugWaterTiedUp,    // figures: g water in the jug, g tied up, g the hydroxide needs
    SolventShort,      // figures: g asked for, g of make-up there is
    HeldOilLeavesLye,  // figures: superfat meanwhile, g of lye too much, g of oil outside
    PortionLyeHeavy,   // portion; figures: its superfat
    PortionUneven,     // portion; figures: its superfat, that of the whole
    SugarMilkHotStart, // figures: g sugar, C jug and pot are joined at
    HeldOilNotThere,   // figures: g set aside that is not in the pot, g that is
    LyeLeftInCook,     // figures: g pure lye left, g of it as weighed, g oil that would take it
    AcidAfterCook,     // line; figures: g of pure lye that is free until then, superfat meanwhile
    AcidOutweighsLye,  // figures: mol acid, mol lye
    SvUnlikely,        // line; figures: SV, what it may mean (0: nothing known)
    BarCrumbles,       // line; figures: share, limit
    TakesMoreThanCounted, // line; figures: g pure lye at most, superfat it would make
    // Beliefs, answered where they arise.
    LyeDoesNotCureAway, // figures: superfat
    CitrateLeavesPh,    // line
    DiscountOfWhat,     // figures: superfat, less water than usual
    // Of the forecast of heat (core/heat/heat_findings.h); judged on its high bound.
    BoilsWhereItLands, // figures: C where the flakes land
    JugBoils,          // figures: C at the high bound, boiling point, share of alcohol
    JugScorches,       // line; figures: C, g to freeze, g in all, portions, minutes between, line
                       // to freeze (or C)
    CannotStayUnder,   // line; figures: limit
    IceLeft,           // figures: g of ice
    CrystalsWhenCool,  // figures: C
    VesselShock,       // figures: C it warms by, C at the high bound, 1 in an ice bath
    AluminiumVessel,   // figures: none
    SetsOut,           // line; figures: C it sets out at, C jug and pot are joined at
    PotTooHot,         // figures: C
    NeverMeet,         // figures: 1 if the jug comes later, minutes in ice (0: that does not help),
                       // C at which they come near each other (0: never)
    PartialGel,        // figures: share in the middle, 1 if only the hot corner gels
    HotCore,           // figures: C typical, C hot corner, minutes to the first look, the risk
                       // (heat/mould_run.h), the risk in the hot corner
    WideGap,           // figures: C
    WakesLater,        // figures: C, hours
    SlowToSet,         // figures: hours
    DriesInCook,       // figures: g of water, share
    CookRises          // figures: C
};
// Of the forecast of heat, not of the account.
constexpr bool isOfHeat(CautionCode code)
{
    return code >= CautionCode::BoilsWhereItLands && code <= CautionCode::CookRises;
}

enum class Severity { Note, Care, Danger };

// Codes for files and the command line.
const char* codeOf(CautionCode code);
const char* codeOf(Severity severity);
std::optional<CautionCode> cautionFromCode(std::string_view code);
std::optional<Severity> severityFromCode(std::string_view code);
// Whether a maker may say "I know" and not be told again. What makes a burn or a bar with free lye
// is always said.
bool mayBeAcknowledged(CautionCode code);

// A caution that the maker has read and does not want said again of this formula: of that line and
// portion (0: of none), up to that severity. A worse one is said all the same.
struct Acknowledged {
    CautionCode code = CautionCode::LyeCannotDissolve;
    Severity severity = Severity::Note;
    std::uint32_t line = 0;
    std::uint32_t portion = 0;
    friend bool operator==(const Acknowledged&, const Acknowledged&) = default;
};

} // namespace rhexion
