#include "core/reckoning/cautions.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {

// Below half a gram a difference is rounding on a kitchen scale.
constexpr double noticeableGrams = 0.5;

constexpr Temperature ice = Temperature::celsius(0.0);

SetLiquid withJugRatio(const Formula& f, double ratio)
{
    LiquidSettings liquid = f.liquid;
    liquid.jugRatio = ratio;
    return {SettingField::JugRatio, liquid};
}

SetLiquid withStrength(const Formula& f, double strength)
{
    LiquidSettings liquid = f.liquid;
    liquid.how = LiquidStatement::Strength;
    liquid.value = strength;
    return {SettingField::Liquid, liquid};
}

double waterToDissolve(const Reckoning& r, Temperature at)
{
    return r.sodium.pureGrams / sodiumHydroxideSolubility(at) +
           r.potassium.pureGrams / potassiumHydroxideSolubility(at);
}

// More water in the jug, taken from where the formula has it already: from a make-up that goes in
// elsewhere, from a weaker lye, or by putting the wettest extra in the jug.
std::optional<Edit> wetterJug(const Formula& f, const Reckoning& r, double needed)
{
    const double pure = r.sodium.pureGrams + r.potassium.pureGrams;
    const double missing = needed - r.jugWaterTotal;
    const Line* rest = f.makeUp();
    const LineReckoned* reckonedRest = rest ? r.find(rest->id) : nullptr;
    if (reckonedRest && rest->vessel != Vessel::LyeJug && reckonedRest->waterGrams > missing * 1.1)
        return withJugRatio(f, needed / pure * 1.05);
    if (rest && rest->vessel == Vessel::LyeJug && needed < 2.0 * pure && !f.lye.fixed &&
        r.waterExcess < noticeableGrams && r.wanted.ratio < 2.0)
        return withStrength(f, 1.0 / 3.0);
    const Line* wettest = nullptr;
    double most = missing;
    for (std::size_t i = 0; i < f.lines.size(); ++i)
        if (f.lines[i].vessel != Vessel::LyeJug && r.lines[i].waterGrams > most) {
            most = r.lines[i].waterGrams;
            wettest = &f.lines[i];
        }
    if (!wettest)
        return std::nullopt;
    return MoveLine{wettest->id, Vessel::LyeJug, f.lines.size()};
}

void checkJug(const Formula& f, const Reckoning& r, std::vector<Caution>& out)
{
    const double needed = waterToDissolve(r, f.liquid.jugCoolest);
    if (r.jugWaterTotal < needed - noticeableGrams) {
        Caution c{
            CautionCode::LyeCannotDissolve,
            Severity::Danger,
            Vessel::LyeJug,
            0,
            {r.jugStrength.value_or(1.0), r.jugWaterTotal, needed, f.liquid.jugCoolest.inCelsius()},
            {}};
        c.mend = wetterJug(f, r, needed);
        out.push_back(std::move(c));
        return;
    }
    const bool iced = std::ranges::any_of(
        f.lines, [](const Line& line) { return line.frozen && line.vessel == Vessel::LyeJug; });
    if (iced && r.jugWaterTotal < waterToDissolve(r, ice)) {
        const double all = r.sodium.pureGrams + r.potassium.pureGrams;
        const double part = r.jugWaterTotal / waterToDissolve(r, ice) * all;
        out.push_back({CautionCode::LyeColdCannotDissolve,
                       Severity::Care,
                       Vessel::LyeJug,
                       0,
                       {part, all},
                       {}});
    }
}

void checkLiquid(const Formula& f, const Reckoning& r, std::vector<Caution>& out)
{
    const bool counted = f.liquid.convention == StrengthConvention::PureAndAllWater;
    const LiquidTerms& got = counted ? r.pure : r.asWeighed;
    if (r.waterExcess > noticeableGrams) {
        // Sits where the extra that brings most water is, since that is where to mend it.
        Vessel vessel = Vessel::LyeJug;
        LineId most = 0;
        double water = 0.0;
        for (std::size_t i = 0; i < f.lines.size(); ++i)
            if (r.lines[i].waterGrams > water) {
                water = r.lines[i].waterGrams;
                vessel = f.lines[i].vessel;
                most = f.lines[i].id;
            }
        out.push_back({CautionCode::WetterThanWanted,
                       Severity::Care,
                       vessel,
                       most,
                       {r.waterExcess, got.strength, r.wanted.strength},
                       withStrength(f, got.strength)});
    } else if (r.waterExcess < -noticeableGrams && !r.hasMakeUp) {
        const LineId id = f.lastId + 1;
        out.push_back(
            {CautionCode::DrierThanWanted,
             Severity::Care,
             Vessel::LyeJug,
             0,
             {-r.waterExcess, got.strength},
             AddLine{{id, plainWater(), Vessel::LyeJug, {0.0, AmountUnit::Rest}}, f.lines.size()}});
    }
}

void checkSuperfat(const Formula& f, const Reckoning& r, std::vector<Caution>& out)
{
    LyeSettings lye = f.lye;
    lye.superfat = 0.05;
    lye.fixed.reset();
    const Edit safer = SetLye{SettingField::Superfat, lye};
    // The weighed lye can be right on paper and still too much on the surely-there fat.
    const bool askedBelow = !f.lye.fixed && f.lye.superfat < 0.0;
    if (r.superfatTrue < -1e-9 || askedBelow)
        out.push_back({CautionCode::SuperfatBelowZero,
                       Severity::Danger,
                       Vessel::LyeJug,
                       0,
                       {r.superfatTrue},
                       safer});
    else if (r.superfatTrueLow < 0.0)
        out.push_back({CautionCode::MayBeLyeHeavy,
                       Severity::Note,
                       Vessel::OilPot,
                       0,
                       {r.superfatTrueLow},
                       {}});
}

void checkLines(const Formula& f, const Reckoning& r, std::vector<Caution>& out)
{
    double acids = 0.0;
    LineId strongest = 0;
    double most = 0.0;
    for (std::size_t i = 0; i < f.lines.size(); ++i) {
        const Line& line = f.lines[i];
        if (line.material->acidityUnknown()) {
            const double mol = r.lines[i].grams * line.material->titratable->range.high() / 1e5;
            // A hundredth of the lye is what a kitchen scale and a drum's purity leave open anyway.
            if (mol > r.hydroxideMol * 0.01)
                out.push_back({CautionCode::AcidityNotKnown,
                               Severity::Note,
                               line.vessel,
                               line.id,
                               {mol},
                               {}});
        }
        if (line.vessel != Vessel::LyeJug || r.lines[i].grams <= 0.0)
            continue;
        const MaterialKind kind = line.material->kind;
        if (kind == MaterialKind::Milk && !line.frozen)
            out.push_back({CautionCode::MilkUnfrozenInJug,
                           Severity::Care,
                           Vessel::LyeJug,
                           line.id,
                           {},
                           SetFrozen{line.id, true}});
        if (kind == MaterialKind::Acid && r.lines[i].acidMol > 0.0) {
            acids += r.lines[i].acidMol;
            if (r.lines[i].acidMol > most) {
                most = r.lines[i].acidMol;
                strongest = line.id;
            }
        }
    }
    if (acids > 0.0)
        out.push_back(
            {CautionCode::AcidInJugFumes, Severity::Care, Vessel::LyeJug, strongest, {acids}, {}});
}

} // namespace

std::vector<Caution> cautionsFor(const Formula& formula, const Reckoning& reckoning)
{
    std::vector<Caution> out;
    checkJug(formula, reckoning, out);
    checkLiquid(formula, reckoning, out);
    checkSuperfat(formula, reckoning, out);
    checkLines(formula, reckoning, out);
    addPotCautions(formula, reckoning, out);
    std::ranges::stable_sort(out, std::ranges::greater{}, &Caution::severity);
    return out;
}

std::optional<Caution> cautionOf(const Formula& f, const Reckoning& r, const Doubt& doubt)
{
    constexpr double bearable = 0.01;
    constexpr double likely = 0.25;
    if (doubt.chanceOfExcess <= bearable || r.superfatTrue < 0.0)
        return std::nullopt;
    Caution c{CautionCode::ChanceOfLyeExcess,
              doubt.chanceOfExcess > likely ? Severity::Danger : Severity::Care,
              Vessel::LyeJug,
              0,
              {doubt.chanceOfExcess, doubt.superfat.low},
              {}};
    if (!f.lye.fixed) {
        // From the 5th of a hundred to the 1st, as a normal curve has it: 2.33 to 1.64.
        const double first =
            doubt.superfat.median - 1.414 * (doubt.superfat.median - doubt.superfat.low);
        LyeSettings lye = f.lye;
        lye.superfat = std::min(0.5, std::ceil((lye.superfat - first) * 200.0) / 200.0);
        c.mend = SetLye{SettingField::Superfat, lye};
    }
    return c;
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
