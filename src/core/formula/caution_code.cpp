#include "core/formula/caution_code.h"

#include "core/units/enum_count.h"

#include <algorithm>
#include <array>

namespace rhexion {

namespace {

enum Saying { UntilKnown, Always };

struct Row {
    CautionCode code;
    const char* word;
    Saying said = UntilKnown;
};

constexpr auto rows = std::to_array<Row>({
    {CautionCode::LyeCannotDissolve, "lye-cannot-dissolve", Always},
    {CautionCode::LyeColdCannotDissolve, "lye-cold-cannot-dissolve"},
    {CautionCode::WetterThanWanted, "wetter-than-wanted"},
    {CautionCode::DrierThanWanted, "drier-than-wanted"},
    {CautionCode::SuperfatBelowZero, "superfat-below-zero", Always},
    {CautionCode::MayBeLyeHeavy, "may-be-lye-heavy"},
    {CautionCode::MilkUnfrozenInJug, "milk-unfrozen-in-jug"},
    {CautionCode::AcidInJugFumes, "acid-in-jug-fumes"},
    {CautionCode::AcidityNotKnown, "acidity-not-known"},
    {CautionCode::ChanceOfLyeExcess, "chance-of-lye-excess", Always},
    {CautionCode::BrineDropsSalt, "brine-drops-salt"},
    {CautionCode::SweetenedMilk, "sweetened-milk"},
    {CautionCode::MuchSugar, "much-sugar"},
    {CautionCode::HoneyWithSeizingScent, "honey-with-seizing-scent"},
    {CautionCode::SugarOrMilkCooked, "sugar-or-milk-cooked"},
    {CautionCode::CoconutDriesSkin, "coconut-dries-skin"},
    {CautionCode::SaltBarWithoutLather, "salt-bar-without-lather"},
    {CautionCode::LongCure, "long-cure"},
    {CautionCode::OilsGoRancid, "oils-go-rancid"},
    {CautionCode::VerySuperfatted, "very-superfatted"},
    {CautionCode::StrongBatter, "strong-batter"},
    {CautionCode::WeakBatter, "weak-batter"},
    {CautionCode::ManyColoursAndScent, "many-colours-and-scent"},
    {CautionCode::Allergens, "allergens"},
    {CautionCode::AcidOnWeighedLye, "acid-on-weighed-lye"},
    {CautionCode::PurityNotSaid, "purity-not-said"},
    {CautionCode::CitricFormNotSaid, "citric-form-not-said"},
    {CautionCode::HumanMilk, "human-milk"},
    {CautionCode::InfusedOil, "infused-oil"},
    {CautionCode::SetsInThePot, "sets-in-the-pot"},
    {CautionCode::FattyAcidSeizes, "fatty-acid-seizes"},
    {CautionCode::SourInAluminium, "sour-in-aluminium"},
    {CautionCode::MarksSkinInSun, "marks-skin-in-sun"},
    {CautionCode::SaltsSoapOut, "salts-soap-out"},
    {CautionCode::Fades, "fades"},
    {CautionCode::Scratchy, "scratchy"},
    {CautionCode::SoftBar, "soft-bar"},
    {CautionCode::ClayInLye, "clay-in-lye"},
    {CautionCode::EggInLye, "egg-in-lye"},
    {CautionCode::ScentInLye, "scent-in-lye"},
    {CautionCode::AlcoholInLye, "alcohol-in-lye"},
    {CautionCode::StaysGrainyInOil, "stays-grainy-in-oil"},
    {CautionCode::ScentInDrops, "scent-in-drops"},
    {CautionCode::ScentBrowns, "scent-browns"},
    {CautionCode::MuchScent, "much-scent"},
    {CautionCode::ScentForChildren, "scent-for-children"},
    {CautionCode::OunceForGram, "ounce-for-gram"},
    {CautionCode::GramForOunce, "gram-for-ounce"},
    {CautionCode::TablespoonForTeaspoon, "tablespoon-for-teaspoon"},
    {CautionCode::FluidOunce, "fluid-ounce"},
    {CautionCode::TotalIsNotTheSum, "total-is-not-the-sum"},
    {CautionCode::FahrenheitForCelsius, "fahrenheit-for-celsius"},
    {CautionCode::PointsNotPerCent, "points-not-per-cent"},
    {CautionCode::PurityAsFraction, "purity-as-fraction"},
    {CautionCode::OtherHydroxide, "other-hydroxide"},
    {CautionCode::JugWaterTiedUp, "jug-water-tied-up"},
    {CautionCode::SolventShort, "solvent-short"},
    {CautionCode::HeldOilLeavesLye, "held-oil-leaves-lye"},
    {CautionCode::PortionLyeHeavy, "portion-lye-heavy", Always},
    {CautionCode::PortionUneven, "portion-uneven"},
    {CautionCode::SugarMilkHotStart, "sugar-milk-hot-start"},
    {CautionCode::HeldOilNotThere, "held-oil-not-there"},
    {CautionCode::LyeLeftInCook, "lye-left-in-cook", Always},
    {CautionCode::AcidAfterCook, "acid-after-cook", Always},
    {CautionCode::AcidOutweighsLye, "acid-outweighs-lye", Always},
    {CautionCode::SvUnlikely, "sv-unlikely"},
    {CautionCode::BarCrumbles, "bar-crumbles"},
    {CautionCode::TakesMoreThanCounted, "takes-more-than-counted"},
    {CautionCode::LyeDoesNotCureAway, "lye-does-not-cure-away"},
    {CautionCode::CitrateLeavesPh, "citrate-leaves-ph"},
    {CautionCode::DiscountOfWhat, "discount-of-what"},
    {CautionCode::BoilsWhereItLands, "boils-where-it-lands"},
    {CautionCode::JugBoils, "jug-boils"},
    {CautionCode::JugScorches, "jug-scorches"},
    {CautionCode::CannotStayUnder, "cannot-stay-under"},
    {CautionCode::IceLeft, "ice-left"},
    {CautionCode::CrystalsWhenCool, "crystals-when-cool"},
    {CautionCode::VesselShock, "vessel-shock"},
    {CautionCode::AluminiumVessel, "aluminium-vessel", Always},
    {CautionCode::SetsOut, "sets-out"},
    {CautionCode::PotTooHot, "pot-too-hot"},
    {CautionCode::NeverMeet, "never-meet"},
    {CautionCode::PartialGel, "partial-gel"},
    {CautionCode::HotCore, "hot-core"},
    {CautionCode::WideGap, "wide-gap"},
    {CautionCode::WakesLater, "wakes-later"},
    {CautionCode::SlowToSet, "slow-to-set"},
    {CautionCode::DriesInCook, "dries-in-cook"},
    {CautionCode::CookRises, "cook-rises"},
});
static_assert(rows.size() == countOf<CautionCode>());
static_assert([] {
    for (std::size_t i = 0; i < rows.size(); ++i)
        if (static_cast<std::size_t>(rows[i].code) != i)
            return false;
    return true;
}());

constexpr std::array<const char*, countOf<Severity>()> severities{"note", "care", "danger"};

const Row& rowOf(CautionCode code)
{
    return rows[static_cast<std::size_t>(code)];
}

} // namespace

const char* codeOf(CautionCode code)
{
    return rowOf(code).word;
}

const char* codeOf(Severity severity)
{
    return severities[static_cast<std::size_t>(severity)];
}

std::optional<CautionCode> cautionFromCode(std::string_view code)
{
    for (const Row& row : rows)
        if (code == row.word)
            return row.code;
    return std::nullopt;
}

std::optional<Severity> severityFromCode(std::string_view code)
{
    return valueWithCode<Severity>(severities, code);
}

bool mayBeAcknowledged(CautionCode code)
{
    return rowOf(code).said != Always;
}

} // namespace rhexion
