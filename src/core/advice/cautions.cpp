#include "core/advice/cautions.h"

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

double waterToDissolve(const JugReckoned& jug, Temperature at)
{
    return jug.sodiumGrams() / sodiumHydroxideSolubility(at) +
           jug.potassiumGrams() / potassiumHydroxideSolubility(at);
}

// More water in the jug, taken from where the formula has it already: from a make-up that goes in
// elsewhere, from a weaker lye, or by putting the wettest extra in the jug.
std::optional<Edit> wetterJug(const Formula& f, const Account& r, Vessel vessel, double needed)
{
    const JugReckoned& jug = r.jug(vessel);
    const double pure = jug.pureGrams();
    const double missing = needed - jug.water;
    const Line* rest = f.makeUp();
    const LineReckoned* reckonedRest = rest ? r.find(rest->id) : nullptr;
    const bool first = vessel == Vessel::LyeJug;
    if (first && reckonedRest && rest->vessel != vessel && reckonedRest->waterGrams > missing * 1.1)
        return withJugRatio(f, needed / pure * 1.05);
    if (first && rest && rest->vessel == vessel && needed < 2.0 * pure && !f.lye.fixed &&
        !f.lye.secondJug && r.waterExcess < noticeableGrams && r.wanted.ratio.value_or(0.0) < 2.0)
        return withStrength(f, 1.0 / 3.0);
    const auto wettest = lineWithMost(
        f, [](const Line& line) { return !isJug(line.vessel); },
        [&](std::size_t i) { return r.lines[i].waterGrams; }, missing);
    if (wettest)
        return MoveLine{f.lines[*wettest].id, vessel, f.lines.size()};
    if (!first) { // all the lye back into the first jug
        LyeSettings lye = f.lye;
        lye.secondJug.reset();
        return SetLye{SettingField::SecondJug, lye};
    }
    return std::nullopt;
}

void checkJug(const Formula& f, const Account& r, Vessel vessel, std::vector<Caution>& out)
{
    const JugReckoned& jug = r.jug(vessel);
    const double needed = waterToDissolve(jug, f.liquid.jugCoolest);
    if (jug.water < needed - noticeableGrams) {
        Caution c{CautionCode::LyeCannotDissolve,
                  Severity::Danger,
                  vessel,
                  0,
                  {jug.strength.value_or(1.0), jug.water, needed, f.liquid.jugCoolest.inCelsius()},
                  {}};
        c.mend = wetterJug(f, r, vessel, needed);
        out.push_back(std::move(c));
        return;
    }
    if (jug.tiedWater > 0.0 && needed > 0.0 && jug.water - jug.tiedWater < needed - noticeableGrams)
        out.push_back({CautionCode::JugWaterTiedUp,
                       Severity::Care,
                       vessel,
                       0,
                       {jug.water, jug.tiedWater, needed},
                       wetterJug(f, r, vessel, needed + jug.tiedWater)});
    const bool iced = std::ranges::any_of(
        f.lines, [&](const Line& line) { return line.frozen && line.vessel == vessel; });
    const double whenIced = waterToDissolve(jug, ice);
    if (iced && jug.water < whenIced) {
        const double all = jug.pureGrams();
        out.push_back({CautionCode::LyeColdCannotDissolve,
                       Severity::Care,
                       vessel,
                       0,
                       {jug.water / whenIced * all, all},
                       {}});
    }
}

// Oil set aside for one portion is missing from the others' batter: the same share for each, if
// others have more of it set aside than this one.
std::optional<Edit> evenlySetAside(const Formula& f, const Account& r,
                                   const PortionReckoned& portion)
{
    const auto shareOf = [&](const PortionReckoned& p) {
        return p.heldGrams / (p.share * r.oilsGrams);
    };
    double most = 0.0;
    for (const PortionReckoned& p : r.portions)
        most = std::max(most, shareOf(p));
    if (most <= shareOf(portion) + 1e-9)
        return std::nullopt;
    std::vector<Portion> portions = f.portions;
    for (Portion& p : portions)
        p.held = HeldOil{0, {most * 100.0, AmountUnit::PercentOfOils}};
    return SetPortions{std::move(portions)};
}

void checkSetAside(const Formula& f, const Account& r, std::vector<Caution>& out)
{
    if (const double asked = r.solventWanted; asked > r.makeUpGrams + noticeableGrams) {
        const auto first =
            std::ranges::find_if(f.lines, [](const Line& l) { return l.solvent > 0; });
        out.push_back({CautionCode::SolventShort,
                       Severity::Care,
                       first->vessel,
                       first->id,
                       {asked, r.makeUpGrams},
                       SetSolvent{first->id, 0.0}});
    }
    if (r.heldTooMuch > noticeableGrams)
        out.push_back({CautionCode::HeldOilNotThere,
                       Severity::Care,
                       Vessel::OilPot,
                       0,
                       {r.heldTooMuch, r.heldGrams},
                       {}});
    if (r.superfatWhileHeld && *r.superfatWhileHeld < 0.0 && !r.lyeHeavy())
        out.push_back({CautionCode::HeldOilLeavesLye,
                       Severity::Care,
                       Vessel::OilPot,
                       0,
                       {*r.superfatWhileHeld, r.lyeWhileHeld, r.heldGrams},
                       {}});
    constexpr double uneven = 0.02;
    for (const PortionReckoned& portion : r.portions) {
        const bool heavy = portion.lyeHeavy();
        const double own = portion.superfat.value_or(-1.0);
        if (r.lyeHeavy() || !r.superfatTrue || (!heavy && own > *r.superfatTrue - uneven))
            continue;
        Caution c{heavy ? CautionCode::PortionLyeHeavy : CautionCode::PortionUneven,
                  heavy ? Severity::Danger : Severity::Care,
                  Vessel::Trace,
                  0,
                  {own, *r.superfatTrue},
                  evenlySetAside(f, r, portion)};
        c.portion = portion.id;
        out.push_back(std::move(c));
    }
}

void checkLiquid(const Formula& f, const Account& r, std::vector<Caution>& out)
{
    const bool counted = f.liquid.convention == StrengthConvention::PureAndAllWater;
    const LiquidTerms& got = counted ? r.pure : r.asWeighed;
    if (r.waterExcess > noticeableGrams) {
        // Sits where the extra that brings most water is, since that is where to mend it.
        const auto wettest = lineWithMost(
            f, [](const Line&) { return true; },
            [&](std::size_t i) { return r.lines[i].waterGrams; });
        out.push_back({CautionCode::WetterThanWanted,
                       Severity::Care,
                       wettest ? f.lines[*wettest].vessel : Vessel::LyeJug,
                       wettest ? f.lines[*wettest].id : 0,
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

// Fat that would take up an amount of lye: the oil there is most of.
double oilToTake(const Formula& f, const Account& r, double mol)
{
    const auto oil = mainOil(f, r);
    const double perGram = oil ? r.lines[*oil].fatMolTypical / r.lines[*oil].grams : 0.0;
    return perGram > 0.0 ? mol / perGram : 0.0;
}

void checkSuperfat(const Formula& f, const Account& r, std::vector<Caution>& out)
{
    LyeSettings lye = f.lye;
    lye.superfat = 0.05;
    lye.fixed.reset();
    const Edit safer = SetLye{SettingField::Superfat, lye};
    if (r.lyeOnFatMol() <= 0.0 && r.acidMol > 0.0) {
        out.push_back({CautionCode::AcidOutweighsLye,
                       Severity::Danger,
                       Vessel::LyeJug,
                       0,
                       {r.acidMol, r.hydroxideMol},
                       {}});
        return;
    }
    // The weighed lye can be right on paper and still too much on the surely-there fat.
    if (r.lyeHeavy() || f.lye.asksForLyeLeft())
        out.push_back({CautionCode::SuperfatBelowZero, Severity::Danger, Vessel::LyeJug, 0,
                       r.superfatTrue ? std::vector{*r.superfatTrue} : std::vector<double>{},
                       safer});
    else if (r.superfatTrueLow.value_or(-1.0) < 0.0)
        out.push_back({CautionCode::MayBeLyeHeavy,
                       Severity::Note,
                       Vessel::OilPot,
                       0,
                       {r.superfatTrueLow.value_or(-1.0)},
                       {}});
}

// What joins after the cook or on top leaves lye in the whole pot until then.
void checkCook(const Formula& f, const Account& r, std::vector<Caution>& out)
{
    constexpr double noticed = 0.005; // of the lye: what a kitchen scale leaves open anyway
    const double perMol = r.pureGramsPerMol();
    if (r.cook.lateAcidMol > noticed * r.hydroxideMol) {
        // There is one, since the sum is above 0.
        const Line& sourest = f.lines[*lineWithMost(
            f, [](const Line& line) { return joinsLate(line.vessel); },
            [&](std::size_t i) { return r.lines[i].acidMol; })];
        out.push_back({CautionCode::AcidAfterCook,
                       Severity::Danger,
                       sourest.vessel,
                       sourest.id,
                       {r.cook.lateAcidMol * perMol, r.cook.superfat.value_or(-1.0)},
                       MoveLine{sourest.id, Vessel::LyeJug, f.lines.size()}});
    }
    // Without acid, lye is left only where oil comes late; the whole may be right all the same.
    const double left = r.cook.leftMol - r.cook.lateAcidMol;
    if (r.cook.lateFatMol > 0.0 && left > noticed * r.hydroxideMol && !r.lyeHeavy())
        out.push_back({CautionCode::LyeLeftInCook,
                       Severity::Danger,
                       Vessel::OilPot,
                       0,
                       {left * perMol, left * r.weighedPerMol, oilToTake(f, r, left)},
                       {}});
}

void checkLines(const Formula& f, const Account& r, std::vector<Caution>& out)
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
        if (!isJug(line.vessel) || r.lines[i].grams <= 0.0)
            continue;
        const MaterialKind kind = line.material->kind;
        if (kind == MaterialKind::Milk && !line.frozen)
            out.push_back({CautionCode::MilkUnfrozenInJug,
                           Severity::Care,
                           line.vessel,
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

std::vector<Caution> cautionsFor(const Formula& formula, const Account& reckoning)
{
    std::vector<Caution> out;
    checkJug(formula, reckoning, Vessel::LyeJug, out);
    if (reckoning.jugs[1].pureGrams() > 0.0)
        checkJug(formula, reckoning, Vessel::SecondJug, out);
    checkSetAside(formula, reckoning, out);
    checkLiquid(formula, reckoning, out);
    checkSuperfat(formula, reckoning, out);
    checkCook(formula, reckoning, out);
    checkLines(formula, reckoning, out);
    addPotCautions(formula, reckoning, out);
    // Too much lye and a long cure: the cure is where people hope it goes.
    if (reckoning.lyeHeavy())
        out.push_back({CautionCode::LyeDoesNotCureAway, Severity::Note, Vessel::LyeJug, 0, {}, {}});
    // A locked amount is not to be mended away.
    for (Caution& caution : out)
        if (caution.mend) {
            const auto* amount = std::get_if<SetAmount>(&*caution.mend);
            const Line* line = amount ? formula.find(amount->line) : nullptr;
            if (line && line->locked)
                caution.mend.reset();
        }
    std::ranges::stable_sort(out, std::ranges::greater{}, &Caution::severity);
    return out;
}

std::optional<Caution> cautionOf(const Formula& f, const Account& r, const Doubt& doubt)
{
    constexpr double bearable = 0.01;
    constexpr double likely = 0.25;
    if (doubt.chanceOfExcess <= bearable || r.lyeHeavy())
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
