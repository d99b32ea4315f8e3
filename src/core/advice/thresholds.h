// Where a caution begins to speak: one figure a row, with where it is from. None of them is a fact
// of nature; a workshop that knows better changes the row and not the check.
#pragma once

#include "core/units/enum_count.h"

#include <array>
#include <string_view>

namespace rhexion {

enum class Threshold {
    HotStart,          // C, oils and lye joined: milk and sugar then overheat
    SugarWithMilk,     // sugar / oils, from which that matters
    MuchSugar,         // sugar / oils
    ManyColours,       // how many beside a scent
    UncountedReserve,  // of the lye that might be taken up and is not counted
    CoconutShare,      // of the oils, counted as coconut's lauric group
    LauricOfCoconut,   // caprylic to myristic in coconut oil
    CoconutSuperfat,   // below it a coconut bar dries the skin
    SaltBar,           // salt / oils: made as a salt bar
    OleicOils,         // mostly oleic oils / oils: a long cure
    MostlyOleic,       // oleic acid of an oil that counts so
    SoftAcids,         // linoleic and linolenic of the oils: goes rancid
    VerySuperfatted,   // true superfat
    StrongBatter,      // lye strength
    WeakBatter,        // lye strength
    LyeNoticed,        // of the lye: below it a kitchen scale leaves as much open
    AcidNoticed,       // of the lye, on weighed lye
    AcidityNoticed,    // of the lye, of an acidity nobody measured
    AddedSugarInMilk,  // share that is no lactose
    CitricAlone,       // share of citric acid in what is asked for its form
    HardWax,           // of the oils it meets: sets in the pot
    FattyAcid,         // of the oils it meets: seizes
    AlcoholInJug,      // share
    StrongDrink,       // share of alcohol: more than beer holds
    UnevenPortion,     // superfat below the whole's
    ScentOverUsual,    // times the most of its usual use
    ChanceBearable,    // of lye left over
    ChanceLikely,      // the same, a danger
    JugTooHotToBeTrue, // C: degrees F meant
    PointsMeant,       // less water by so little: points of strength meant
    PurityAsFraction,  // a purity typed as 0.9 per cent
    TotalOff,          // between the oils' stated total and their sum
    OtherLyeTooMuch,   // superfat that weighing by the other lye's figure explains
    OtherLyeTooLittle, // the same, on the other side
    OtherLyeLow,       // superfat with the other lye, from
    OtherLyeHigh,      // and to, that makes it likely
    MilkWarm,          // C of a jug with milk, puree or sugar: care
    MilkLimit,         // what a plan for freezing it keeps to
    LandingLimit,      // C where flakes land, that portions of a plain jug keep to
    JugHot,            // C a jug is expected to come to: it may boil over
    JugMayBoil,        // the same, at the high bound
    JugNearBoiling,    // C below the boiling point
    AlcoholFoams,      // C of a jug with alcohol in it
    GlassShock,        // C that glass warms by, or is hotter than its bath
    PlasticSoftens,    // C of polypropylene with lye, high bound: care
    PlasticGives,      // the same: danger
    IceNoticed,        // g
    SettingMargin,     // C above the setting point
    HotFat,            // C a hard fat has to be melted to
    WideGap,           // C between core and skin
    WakesBy,           // C above the room after it is uncovered
    SlowHours,         // until nine tenths are soap
    CookDries,         // of the water
    CookClimbs,        // C
    SweetCook,         // sugar / oils
    SweetCore,         // sugar / oils, from which a batter climbs out of its mould
};

struct ThresholdRow {
    Threshold threshold;
    double value;
    std::string_view source;
};

namespace detail {
inline constexpr std::string_view trade = "common practice, no source";
inline constexpr std::string_view scale = "what a kitchen scale and a drum's label leave open";
inline constexpr std::string_view slip = "judgement: far from any wish, near to one slip";
} // namespace detail

inline constexpr auto thresholds = [] {
    using T = Threshold;
    using namespace detail;
    return std::to_array<ThresholdRow>({
        {T::HotStart, 45.0, trade},
        {T::SugarWithMilk, 0.02, trade},
        {T::MuchSugar, 0.04, trade},
        {T::ManyColours, 2.0, trade},
        {T::UncountedReserve, 0.01, scale},
        {T::CoconutShare, 0.5, trade},
        {T::LauricOfCoconut, 0.78, "middle of the ranges of CXS 210-1999, table 1, from memory"},
        {T::CoconutSuperfat, 0.1, trade},
        {T::SaltBar, 0.25, trade},
        {T::OleicOils, 0.85, trade},
        {T::MostlyOleic, 0.6, trade},
        {T::SoftAcids, 0.2, trade},
        {T::VerySuperfatted, 0.22, trade},
        {T::StrongBatter, 0.42, trade},
        {T::WeakBatter, 0.22, trade},
        {T::LyeNoticed, 0.005, scale},
        {T::AcidNoticed, 0.02, scale},
        {T::AcidityNoticed, 0.01, scale},
        {T::AddedSugarInMilk, 0.04, "milks of animals hold no other sugar than lactose"},
        {T::CitricAlone, 0.95, "anhydrous is 1, the monohydrate 0.914"},
        {T::HardWax, 0.03, trade},
        {T::FattyAcid, 0.05, trade},
        {T::AlcoholInJug, 0.005, trade},
        {T::StrongDrink, 0.08, "beer is below, wine above: common practice, no source"},
        {T::UnevenPortion, 0.02, trade},
        {T::ScentOverUsual, 1.25, trade},
        {T::ChanceBearable, 0.01, "one batch of a hundred"},
        {T::ChanceLikely, 0.25, "one batch of four"},
        {T::JugTooHotToBeTrue, 45.0, slip},
        {T::PointsMeant, 0.08, slip},
        {T::PurityAsFraction, 0.05, slip},
        {T::TotalOff, 0.01, slip},
        {T::OtherLyeTooMuch, -0.15, slip},
        {T::OtherLyeTooLittle, 0.2, slip},
        {T::OtherLyeLow, -0.01, slip},
        {T::OtherLyeHigh, 0.13, slip},
        {T::MilkWarm, 38.0, trade},
        {T::MilkLimit, 35.0, trade},
        {T::LandingLimit, 95.0, "five below the boiling of water, which spits"},
        {T::JugHot, 95.0, trade},
        {T::JugMayBoil, 105.0, "the high bound holds half a vessel that stays cold"},
        {T::JugNearBoiling, 3.0, "within the band of the forecast"},
        {T::AlcoholFoams, 75.0, "alcohol boils at 78 C"},
        {T::GlassShock, 50.0, trade},
        {T::PlasticSoftens, 105.0, "polypropylene is made for 100 C, from memory"},
        {T::PlasticGives, 115.0, "judgement: well past what it is made for"},
        {T::IceNoticed, 2.0, scale},
        {T::SettingMargin, 5.0, "the band of the setting point"},
        {T::HotFat, 85.0, trade},
        {T::WideGap, 30.0, trade},
        {T::WakesBy, 12.0, trade},
        {T::SlowHours, 48.0, trade},
        {T::CookDries, 0.15, trade},
        {T::CookClimbs, 93.0, trade},
        {T::SweetCook, 0.03, trade},
        {T::SweetCore, 0.03, trade},
    });
}();
static_assert(thresholds.size() == countOf<Threshold>());
static_assert([] {
    for (std::size_t i = 0; i < thresholds.size(); ++i)
        if (static_cast<std::size_t>(thresholds[i].threshold) != i || thresholds[i].source.empty())
            return false;
    return true;
}());

constexpr double valueOf(Threshold threshold)
{
    return thresholds[static_cast<std::size_t>(threshold)].value;
}

} // namespace rhexion
