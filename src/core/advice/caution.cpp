#include "core/advice/caution.h"

namespace rhexion {

std::vector<Edit> Caution::mends() const
{
    if (!mend)
        return {};
    std::vector<Edit> all{*mend};
    all.insert(all.end(), also.begin(), also.end());
    return all;
}

const char* codeOf(CautionCode code)
{
    switch (code) {
    case CautionCode::LyeCannotDissolve: return "lye-cannot-dissolve";
    case CautionCode::LyeColdCannotDissolve: return "lye-cold-cannot-dissolve";
    case CautionCode::WetterThanWanted: return "wetter-than-wanted";
    case CautionCode::DrierThanWanted: return "drier-than-wanted";
    case CautionCode::SuperfatBelowZero: return "superfat-below-zero";
    case CautionCode::MayBeLyeHeavy: return "may-be-lye-heavy";
    case CautionCode::MilkUnfrozenInJug: return "milk-unfrozen-in-jug";
    case CautionCode::AcidInJugFumes: return "acid-in-jug-fumes";
    case CautionCode::AcidityNotKnown: return "acidity-not-known";
    case CautionCode::ChanceOfLyeExcess: return "chance-of-lye-excess";
    case CautionCode::BrineDropsSalt: return "brine-drops-salt";
    case CautionCode::SweetenedMilk: return "sweetened-milk";
    case CautionCode::MuchSugar: return "much-sugar";
    case CautionCode::HoneyWithSeizingScent: return "honey-with-seizing-scent";
    case CautionCode::SugarOrMilkCooked: return "sugar-or-milk-cooked";
    case CautionCode::CoconutDriesSkin: return "coconut-dries-skin";
    case CautionCode::SaltBarWithoutLather: return "salt-bar-without-lather";
    case CautionCode::LongCure: return "long-cure";
    case CautionCode::OilsGoRancid: return "oils-go-rancid";
    case CautionCode::VerySuperfatted: return "very-superfatted";
    case CautionCode::StrongBatter: return "strong-batter";
    case CautionCode::WeakBatter: return "weak-batter";
    case CautionCode::ManyColoursAndScent: return "many-colours-and-scent";
    case CautionCode::Allergens: return "allergens";
    case CautionCode::AcidOnWeighedLye: return "acid-on-weighed-lye";
    case CautionCode::PurityNotSaid: return "purity-not-said";
    case CautionCode::CitricFormNotSaid: return "citric-form-not-said";
    case CautionCode::HumanMilk: return "human-milk";
    case CautionCode::InfusedOil: return "infused-oil";
    case CautionCode::SetsInThePot: return "sets-in-the-pot";
    case CautionCode::FattyAcidSeizes: return "fatty-acid-seizes";
    case CautionCode::SourInAluminium: return "sour-in-aluminium";
    case CautionCode::MarksSkinInSun: return "marks-skin-in-sun";
    case CautionCode::SaltsSoapOut: return "salts-soap-out";
    case CautionCode::Fades: return "fades";
    case CautionCode::Scratchy: return "scratchy";
    case CautionCode::SoftBar: return "soft-bar";
    case CautionCode::ClayInLye: return "clay-in-lye";
    case CautionCode::EggInLye: return "egg-in-lye";
    case CautionCode::ScentInLye: return "scent-in-lye";
    case CautionCode::AlcoholInLye: return "alcohol-in-lye";
    case CautionCode::StaysGrainyInOil: return "stays-grainy-in-oil";
    case CautionCode::ScentInDrops: return "scent-in-drops";
    case CautionCode::ScentBrowns: return "scent-browns";
    case CautionCode::MuchScent: return "much-scent";
    case CautionCode::ScentForChildren: return "scent-for-children";
    case CautionCode::OunceForGram: return "ounce-for-gram";
    case CautionCode::GramForOunce: return "gram-for-ounce";
    case CautionCode::TablespoonForTeaspoon: return "tablespoon-for-teaspoon";
    case CautionCode::FluidOunce: return "fluid-ounce";
    case CautionCode::TotalIsNotTheSum: return "total-is-not-the-sum";
    case CautionCode::FahrenheitForCelsius: return "fahrenheit-for-celsius";
    case CautionCode::PointsNotPerCent: return "points-not-per-cent";
    case CautionCode::PurityAsFraction: return "purity-as-fraction";
    case CautionCode::OtherHydroxide: return "other-hydroxide";
    case CautionCode::JugWaterTiedUp: return "jug-water-tied-up";
    case CautionCode::SolventShort: return "solvent-short";
    case CautionCode::HeldOilLeavesLye: return "held-oil-leaves-lye";
    case CautionCode::PortionUneven: return "portion-uneven";
    case CautionCode::PortionLyeHeavy: return "portion-lye-heavy";
    case CautionCode::SugarMilkHotStart: return "sugar-milk-hot-start";
    case CautionCode::HeldOilNotThere: return "held-oil-not-there";
    case CautionCode::LyeLeftInCook: return "lye-left-in-cook";
    case CautionCode::AcidAfterCook: return "acid-after-cook";
    case CautionCode::AcidOutweighsLye: return "acid-outweighs-lye";
    case CautionCode::SvUnlikely: return "sv-unlikely";
    case CautionCode::BarCrumbles: return "bar-crumbles";
    case CautionCode::TakesMoreThanCounted: return "takes-more-than-counted";
    case CautionCode::LyeDoesNotCureAway: return "lye-does-not-cure-away";
    case CautionCode::CitrateLeavesPh: return "citrate-leaves-ph";
    case CautionCode::DiscountOfWhat: return "discount-of-what";
    case CautionCode::BoilsWhereItLands: return "boils-where-it-lands";
    case CautionCode::JugBoils: return "jug-boils";
    case CautionCode::JugScorches: return "jug-scorches";
    case CautionCode::CannotStayUnder: return "cannot-stay-under";
    case CautionCode::IceLeft: return "ice-left";
    case CautionCode::CrystalsWhenCool: return "crystals-when-cool";
    case CautionCode::VesselShock: return "vessel-shock";
    case CautionCode::AluminiumVessel: return "aluminium-vessel";
    case CautionCode::SetsOut: return "sets-out";
    case CautionCode::PotTooHot: return "pot-too-hot";
    case CautionCode::NeverMeet: return "never-meet";
    case CautionCode::PartialGel: return "partial-gel";
    case CautionCode::HotCore: return "hot-core";
    case CautionCode::WideGap: return "wide-gap";
    case CautionCode::WakesLater: return "wakes-later";
    case CautionCode::SlowToSet: return "slow-to-set";
    case CautionCode::DriesInCook: return "dries-in-cook";
    case CautionCode::CookRises: return "cook-rises";
    }
    return "";
}

const char* codeOf(Severity severity)
{
    switch (severity) {
    case Severity::Note: return "note";
    case Severity::Care: return "care";
    case Severity::Danger: return "danger";
    }
    return "";
}

} // namespace rhexion
