#include "core/formula/usual_place.h"

namespace rhexion {

namespace {

// From this share of the oils on salt no longer dissolves in the water and is stirred in.
constexpr double saltBarShare = 0.10;
constexpr double mostlySugar = 0.30;
constexpr double mostlySalt = 0.5;
constexpr double fewAcids = 0.05; // a salt of an acid, with a little of it left free

struct Asked {
    const Material& m;
    const std::optional<StatedAmount>& amount;
    double oilsGrams;
    bool cooks;

    double typical(Part part) const { return m.part(part).range.typical(); }
    double acids() const
    {
        double sum = 0.0;
        for (const AcidShare& acid : m.acids)
            sum += acid.share.range.typical();
        return sum;
    }
    bool isRest() const { return amount && amount->unit == AmountUnit::Rest; }
    double shareOfOils() const
    {
        if (!amount)
            return 0.0;
        if (amount->unit == AmountUnit::PercentOfOils)
            return amount->value / 100.0;
        const auto mass = massOf(*amount, m);
        return mass && oilsGrams > 0.0 ? mass->inGrams() / oilsGrams : 0.0;
    }
};

struct Row {
    bool (*fits)(const Asked&);
    UsualPlace place;
};

bool isKind(const Asked& a, std::initializer_list<MaterialKind> kinds)
{
    for (const MaterialKind kind : kinds)
        if (a.m.kind == kind)
            return true;
    return false;
}

using K = MaterialKind;
using V = Vessel;
using R = PlaceReason;

const Row rows[] = {
    {[](const Asked& a) {
         return isKind(a, {K::Fat, K::FattyAcid, K::Wax});
     },
     {V::OilPot, R::MeltedWithOils, {}}},
    {[](const Asked& a) { return isKind(a, {K::Egg}); }, {V::Trace, R::TemperedAtTrace, V::OilPot}},
    {[](const Asked& a) {
         return isKind(a, {K::Sugar}) &&
                a.typical(Part::ReducingSugar) + a.typical(Part::OtherSugar) >= mostlySugar;
     },
     {V::Trace, R::ThinnedAtTrace, V::LyeJug}},
    {[](const Asked& a) {
         return isKind(a, {K::Salt}) && a.typical(Part::SodiumChloride) >= mostlySalt &&
                a.shareOfOils() >= saltBarShare;
     },
     {V::Trace, R::ManyAtTrace, V::LyeJug}},
    {[](const Asked& a) { return isKind(a, {K::Acid}) && a.acids() < fewAcids; },
     {V::LyeJug, R::IntoCooledLye, {}}},
    {[](const Asked& a) {
         return isKind(a, {K::Salt, K::Acid});
     },
     {V::LyeJug, R::DissolvedFirst, {}}},
    {[](const Asked& a) {
         return isKind(a, {K::Solid, K::Colour});
     },
     {V::Trace, R::WettedWithOil, V::OilPot}},
    {[](const Asked& a) { return isKind(a, {K::Scent}) && a.cooks; },
     {V::AfterCook, R::AfterTheCook, V::Trace}},
    {[](const Asked& a) { return isKind(a, {K::Scent}); }, {V::Trace, R::StirredInLast, {}}},
    {[](const Asked& a) { return isKind(a, {K::Produce}) && a.isRest(); },
     {V::LyeJug, R::InPlaceOfWater, V::Trace}},
    {[](const Asked& a) { return isKind(a, {K::Produce}); },
     {V::Trace, R::LateToKeepColour, V::LyeJug}},
    {[](const Asked& a) { return isKind(a, {K::Milk}); }, {V::LyeJug, R::FrozenUnderLye, V::Trace}},
};

} // namespace

UsualPlace usualPlaceOf(const Material& material, const std::optional<StatedAmount>& amount,
                        double oilsGrams, bool cooks)
{
    const Asked asked{material, amount, oilsGrams, cooks};
    for (const Row& row : rows)
        if (row.fits(asked))
            return row.place;
    return {V::LyeJug, R::DissolvedFirst, {}};
}

} // namespace rhexion
