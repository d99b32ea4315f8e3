// Cautions about what is in the formula: materials, places, amounts and slips of hand.
#include "core/advice/cautions.h"
#include "core/materials/demand.h"
#include "core/materials/search.h"
#include "core/materials/sv_check.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {

using C = CautionCode;
using S = Severity;

// Salt in the jug, g NaCl per 100 g of solution at 20 C by per cent of NaOH: 26 in plain water, 18
// at 10, 10 at 20, 5 at 30, 2 at 40, 1 at 50 (from memory). Straight between.
double saltLimit(double strength)
{
    constexpr std::array<double, 6> limit{26, 18, 10, 5, 2, 1};
    const double at = std::clamp(strength * 10.0, 0.0, 5.0);
    const auto low = std::min<std::size_t>(static_cast<std::size_t>(at), 4);
    return limit[low] + (limit[low + 1] - limit[low]) * (at - static_cast<double>(low));
}

double shareOf(const Material& m, std::initializer_list<FattyAcid> acids)
{
    double sum = 0.0;
    for (const FattyAcidShare& share : m.fattyAcids)
        for (const FattyAcid acid : acids)
            if (share.acid == acid)
                sum += share.share.range.typical();
    return sum;
}

const BehaviourNote* behaviour(const Material& m, Behaviour what)
{
    const auto found = std::ranges::find(m.behaviours, what, &BehaviourNote::what);
    return found == m.behaviours.end() ? nullptr : &*found;
}

class Checker {
public:
    Checker(const Formula& f, const Account& r, std::vector<Caution>& out) : f_(f), r_(r), out_(out)
    {
    }

    void run()
    {
        for (std::size_t i = 0; i < f_.lines.size(); ++i)
            if (r_.lines[i].grams > 0.0)
                gather(i);
        whole();
        for (std::size_t i = 0; i < f_.lines.size(); ++i)
            if (r_.lines[i].grams > 0.0)
                one(i);
        slips();
    }

private:
    void say(C code, S severity, Vessel vessel, LineId line, std::vector<double> figures = {},
             std::optional<Edit> mend = {})
    {
        out_.push_back({code, severity, vessel, line, std::move(figures), std::move(mend)});
    }
    // What one line is of the oils it meets: those of its own portion.
    double ofOils(std::size_t i) const
    {
        const PortionReckoned* portion = r_.portion(f_.portionOf(f_.lines[i]));
        const double oils = portion ? portion->oilsGrams : r_.oilsGrams;
        const double all = oils > 0.0 ? oils : r_.oilsGrams;
        return all > 0.0 ? r_.lines[i].grams / all : 0.0;
    }

    void gather(std::size_t i)
    {
        const Line& line = f_.lines[i];
        const Material& m = *line.material;
        const double g = r_.lines[i].grams;
        const auto part = [&](Part p) { return g * m.part(p).range.typical(); };
        sugar_ += part(Part::ReducingSugar) + part(Part::OtherSugar);
        const double reserve = g * mostReserveOf(m) / 1e5;
        reserve_ += reserve;
        if (reserve > mostReserve_) {
            mostReserve_ = reserve;
            mostReserveLine_ = line.id;
        }
        const double nacl = part(Part::SodiumChloride);
        salt_ += nacl;
        if (isJug(line.vessel))
            jugSalt_[line.vessel == Vessel::SecondJug] += nacl;
        if (m.kind == MaterialKind::Milk)
            milk_ = line.id;
        if (m.isOil() && m.kind != MaterialKind::FattyAcid) {
            lauric_ += g * shareOf(m, {FattyAcid::Caprylic, FattyAcid::Capric, FattyAcid::Lauric,
                                       FattyAcid::Myristic});
            soft_ += g * shareOf(m, {FattyAcid::Linoleic, FattyAcid::Linolenic});
            if (shareOf(m, {FattyAcid::Oleic}) >= 0.6)
                oleic_ += g;
        }
        colours_ += m.kind == MaterialKind::Colour ? 1 : 0;
        scents_ += m.kind == MaterialKind::Scent ? 1 : 0;
        if (m.kind == MaterialKind::Scent && m.behaves(Behaviour::Seizes))
            seizing_ = line.id;
        if (m.kind == MaterialKind::Sugar && m.behaves(Behaviour::SpeedsTrace))
            honey_ = line.id;
        if ((m.kind == MaterialKind::Milk || m.kind == MaterialKind::Sugar) &&
            !joinsLate(line.vessel))
            cooked_ = line.id;
        if (line.vessel == Vessel::AfterCook)
            hot_ = true;
        if (m.behaves(Behaviour::Allergen)) {
            ++allergens_;
            if (allergen_ == 0)
                allergen_ = line.id;
        }
    }

    void whole()
    {
        const double oils = r_.oilsGrams;
        const double superfat = r_.superfatTrue.value_or(-1.0);
        for (const Vessel vessel : {Vessel::LyeJug, Vessel::SecondJug}) {
            const JugReckoned& jug = r_.jug(vessel);
            const double salt = jugSalt_[vessel == Vessel::SecondJug];
            const double share = salt / (salt + jug.pureGrams() + jug.water);
            const double limit = saltLimit(jug.strength.value_or(0.0)) / 100.0;
            if (salt > 0.0 && share > limit)
                say(C::BrineDropsSalt, S::Care, vessel, 0, {share, limit});
        }
        constexpr double hot = 45.0;
        if (milk_ != 0 && sugar_ > 0.02 * oils && f_.mixing.at.inCelsius() >= hot) {
            Mixing cooler = f_.mixing;
            cooler.at = Temperature::celsius(30.0);
            say(C::SugarMilkHotStart, S::Care, Vessel::OilPot, milk_,
                {sugar_, f_.mixing.at.inCelsius()}, SetMixing{cooler});
        }
        if (sugar_ > 0.04 * oils)
            say(C::MuchSugar, S::Care, Vessel::Trace, 0, {sugar_, sugar_ / oils});
        if (honey_ != 0 && seizing_ != 0)
            say(C::HoneyWithSeizingScent, S::Care, Vessel::Trace, seizing_);
        if (hot_ && cooked_ != 0)
            say(C::SugarOrMilkCooked, S::Care, Vessel::OilPot, cooked_);
        if (!(oils > 0.0))
            return;
        const bool coconutBar = lauric_ > 0.5 * 0.78 * oils; // half the oils coconut-like
        const bool saltBar = salt_ > 0.25 * oils;
        if (coconutBar && superfat >= 0.0 && superfat < 0.1 && !f_.lye.fixed) {
            LyeSettings lye = f_.lye;
            lye.superfat = 0.18;
            say(C::CoconutDriesSkin, S::Note, Vessel::OilPot, 0, {lauric_ / oils, superfat},
                SetLye{SettingField::Superfat, lye});
        }
        if (saltBar && !coconutBar)
            say(C::SaltBarWithoutLather, S::Care, Vessel::Trace, 0, {salt_ / oils});
        if (oleic_ > 0.85 * oils)
            say(C::LongCure, S::Note, Vessel::OilPot, 0, {oleic_ / oils});
        if (soft_ > 0.2 * oils)
            say(C::OilsGoRancid, S::Note, Vessel::OilPot, 0, {soft_ / oils});
        if (superfat > 0.22 && r_.lyeOnFatMol() > 0.0 && !coconutBar && !saltBar)
            say(C::VerySuperfatted, S::Note, Vessel::OilPot, 0, {superfat});
        if (r_.pure.strength > 0.42)
            say(C::StrongBatter, S::Care, Vessel::LyeJug, 0, {r_.pure.strength});
        if (r_.pure.strength < 0.22 && r_.pure.strength > 0.0)
            say(C::WeakBatter, S::Note, Vessel::LyeJug, 0, {r_.pure.strength});
        if (colours_ > 2 && scents_ > 0)
            say(C::ManyColoursAndScent, S::Note, Vessel::Trace, 0, {double(colours_)});
        // What no sum counts, told where it could matter: a hundredth of the lye.
        if (reserve_ > 0.01 * r_.hydroxideMol && r_.superfatTrue)
            say(C::TakesMoreThanCounted, S::Note, f_.find(mostReserveLine_)->vessel,
                mostReserveLine_,
                {reserve_ * r_.pureGramsPerMol(), superfat + reserve_ / r_.fatMolTypical()});
        if (allergens_ > 0)
            say(C::Allergens, S::Note, Vessel::OilPot, allergen_, {double(allergens_)});
        if (f_.lye.fixed && r_.acidMol > 0.02 * r_.hydroxideMol)
            say(C::AcidOnWeighedLye, S::Note, Vessel::LyeJug, 0,
                {superfat, r_.acidMol / r_.hydroxideMol});
        if (r_.potassium.weighedGrams > 0.0 && f_.lye.potassium->lot.id.empty() &&
            f_.lye.potassium->behaves(Behaviour::PurityVaries)) {
            const Figure& purity = f_.lye.potassium->part(Part::PotassiumHydroxide);
            if (purity.source != "maker")
                say(C::PurityNotSaid, S::Note, Vessel::LyeJug, 0, {purity.range.typical()});
        }
    }

    void one(std::size_t i)
    {
        const Line& line = f_.lines[i];
        const Material& m = *line.material;
        const double share = ofOils(i);
        const Vessel at = line.vessel;
        const auto moved = [&](Vessel to) {
            return std::optional<Edit>(MoveLine{line.id, to, f_.lines.size()});
        };
        constexpr double addedSugar = 0.04; // milks of animals hold no other sugar than lactose
        if (m.kind == MaterialKind::Milk && (m.behaves(Behaviour::Sweetened) ||
                                             m.part(Part::OtherSugar).range.typical() > addedSugar))
            say(C::SweetenedMilk, S::Care, at, line.id);
        if (m.behaves(Behaviour::OwnHouseholdOnly))
            say(C::HumanMilk, S::Note, at, line.id);
        if (m.behaves(Behaviour::HeldBackByHerbs))
            say(C::InfusedOil, S::Note, at, line.id);
        if (m.kind == MaterialKind::Acid && !m.behaves(Behaviour::FormIsSaid))
            for (const AcidShare& acid : m.acids)
                if (acid.acid == Acid::Citric && acid.share.range.typical() > 0.95)
                    say(C::CitricFormNotSaid, S::Care, at, line.id);
        unlikelySv(line);
        if (m.behaves(Behaviour::MeltsHot) && share > 0.03)
            say(C::SetsInThePot, S::Note, at, line.id,
                {m.melting ? m.melting->range.typical() : 60.0, share});
        if (m.kind == MaterialKind::FattyAcid && share > 0.05)
            say(C::FattyAcidSeizes, S::Care, at, line.id, {share});
        if (m.kind == MaterialKind::Produce && m.behaves(Behaviour::NotInAluminium))
            say(C::SourInAluminium, S::Note, at, line.id);
        if (m.behaves(Behaviour::Phototoxic))
            say(C::MarksSkinInSun, S::Care, at, line.id);
        if (m.behaves(Behaviour::Separates))
            say(C::SaltsSoapOut, S::Care, at, line.id);
        if (m.behaves(Behaviour::Fades))
            say(C::Fades, S::Note, at, line.id);
        if (const auto* note = behaviour(m, Behaviour::Scratchy);
            note && note->above && share > *note->above)
            say(C::Scratchy, S::Note, at, line.id, {share, *note->above});
        if (const auto* note = behaviour(m, Behaviour::SoftensBar);
            note && note->above && share > *note->above)
            say(C::SoftBar, S::Note, at, line.id, {share, *note->above});
        if (const auto* note = behaviour(m, Behaviour::Crumbles);
            note && note->above && share > *note->above)
            say(C::BarCrumbles, S::Note, at, line.id, {share, *note->above});
        if (isJug(at)) {
            if (m.behaves(Behaviour::DisperseInWater) || m.behaves(Behaviour::DisperseInOil))
                say(C::ClayInLye, S::Care, at, line.id, {}, moved(Vessel::Trace));
            if (m.kind == MaterialKind::Egg)
                say(C::EggInLye, S::Care, at, line.id, {}, moved(Vessel::OilPot));
            if (m.kind == MaterialKind::Scent)
                say(C::ScentInLye, S::Care, at, line.id, {}, moved(Vessel::Trace));
            if (m.part(Part::Alcohol).range.typical() > 0.005)
                say(C::AlcoholInLye, S::Danger, at, line.id,
                    {m.part(Part::Alcohol).range.typical()});
        }
        if (at == Vessel::OilPot &&
            (m.kind == MaterialKind::Salt || m.behaves(Behaviour::NeedsSolventWater)))
            say(C::StaysGrainyInOil, S::Note, at, line.id, {}, moved(Vessel::LyeJug));
        if (m.kind == MaterialKind::Scent)
            scent(i);
    }

    // A fat takes 100 to 300 mg of potassium hydroxide; grams of a hydroxide per gram are a common
    // way to state the same.
    void unlikelySv(const Line& line)
    {
        const Material& m = *line.material;
        const bool byAcidValue = !m.sv && m.acidValue;
        const auto& value = byAcidValue ? m.acidValue : m.sv;
        if ((m.kind != MaterialKind::Fat && m.kind != MaterialKind::FattyAcid) || !value)
            return;
        const double sv = value->range.typical();
        if (svIsUsual(sv))
            return;
        const std::optional<double> meant = svMeantBy(sv);
        std::optional<Edit> mend;
        if (meant) {
            auto right = std::make_shared<Material>(m);
            (byAcidValue ? right->acidValue : right->sv)->range = value->range * (*meant / sv);
            mend = SetMaterial{line.id, right};
        }
        say(C::SvUnlikely, S::Danger, line.vessel, line.id, {sv, meant.value_or(0.0)}, mend);
    }

    void scent(std::size_t i)
    {
        const Line& line = f_.lines[i];
        const Material& m = *line.material;
        if (line.amount.unit == AmountUnit::Drop)
            say(C::ScentInDrops, S::Note, line.vessel, line.id);
        if (m.behaves(Behaviour::Browns))
            say(C::ScentBrowns, S::Note, line.vessel, line.id);
        if (m.usualUse && ofOils(i) > 1.25 * m.usualUse->range.high())
            say(C::MuchScent, S::Care, line.vessel, line.id, {ofOils(i), m.usualUse->range.high()});
    }

    // An amount far off its usual use that a wrong unit would explain. Salt is left alone: salt
    // bars hold as much salt as oil.
    void unitSlip(std::size_t i)
    {
        const Line& line = f_.lines[i];
        const Material& m = *line.material;
        if (m.isOil() || m.kind == MaterialKind::Salt || !m.usualUse)
            return;
        const double high = m.usualUse->range.high();
        const double low = m.usualUse->range.low();
        const double share = ofOils(i);
        const auto would = [&](double factor) {
            return share > 3.0 * high && share / factor <= high && share / factor >= low / 2.0;
        };
        const auto with = [&](AmountUnit unit) {
            return std::optional<Edit>(SetAmount{line.id, {line.amount.value, unit}});
        };
        constexpr double ounce = 28.349523125;
        if (line.amount.unit == AmountUnit::Ounce && would(ounce))
            say(C::OunceForGram, S::Care, line.vessel, line.id, {share, high},
                with(AmountUnit::Gram));
        else if (line.amount.unit == AmountUnit::Gram && low > 0.0 && share < low / 8.0 &&
                 share * ounce >= low / 2.0 && share * ounce <= high)
            say(C::GramForOunce, S::Note, line.vessel, line.id, {share, low},
                with(AmountUnit::Ounce));
        else if (line.amount.unit == AmountUnit::Tablespoon && share > 1.5 * high &&
                 share / 3.0 <= high)
            say(C::TablespoonForTeaspoon, S::Care, line.vessel, line.id, {share, high},
                with(AmountUnit::Teaspoon));
        if (line.amount.unit == AmountUnit::FluidOunce) {
            const double each = *gramsPer(AmountUnit::FluidOunce, m);
            if (std::abs(each / ounce - 1.0) > 0.05)
                say(C::FluidOunce, S::Note, line.vessel, line.id, {each});
        }
    }

    void slips()
    {
        double stated = 0.0;
        bool allStated = true;
        for (std::size_t i = 0; i < f_.lines.size(); ++i) {
            if (r_.lines[i].grams > 0.0)
                unitSlip(i);
            if (!f_.lines[i].material->isOil())
                continue;
            stated += r_.lines[i].grams;
            allStated = allStated && f_.lines[i].amount.unit != AmountUnit::PercentOfOils;
        }
        const double total = f_.oilsTotal.inGrams();
        if (total > 0.0 && allStated && std::abs(stated - total) > 0.01 * total)
            say(C::TotalIsNotTheSum, S::Note, Vessel::OilPot, 0, {total, stated},
                SetOilsTotal{Mass::grams(stated)});
        if (f_.liquid.jugCoolest.inCelsius() > 45.0) {
            LiquidSettings liquid = f_.liquid;
            liquid.jugCoolest = Temperature::fahrenheit(liquid.jugCoolest.inCelsius());
            say(C::FahrenheitForCelsius, S::Care, Vessel::LyeJug, 0,
                {f_.liquid.jugCoolest.inCelsius(), liquid.jugCoolest.inCelsius()},
                SetLiquid{SettingField::JugTemperature, liquid});
        }
        if (f_.liquid.how == LiquidStatement::LessThanUsual && f_.liquid.value > 0.0 &&
            f_.liquid.value < 0.08) {
            const double usual = 1.0 / (1.0 + f_.liquid.usualRatio);
            say(C::PointsNotPerCent, S::Note, Vessel::LyeJug, 0,
                {f_.liquid.value, usual, r_.wanted.strength});
        }
        for (const auto& [material, h, part] :
             {std::tuple(&f_.lye.sodium, &r_.sodium, Part::SodiumHydroxide),
              std::tuple(&f_.lye.potassium, &r_.potassium, Part::PotassiumHydroxide)})
            if (h->weighedGrams > 0.0) {
                const double purity = (*material)->part(part).range.typical();
                if (purity < 0.05)
                    say(C::PurityAsFraction, S::Danger, Vessel::LyeJug, 0, {purity});
            }
        // Weighed with the other hydroxide's figure: 1.40 times too much or too little.
        if (f_.lye.fixed) {
            constexpr double ratio = molarMassPotassiumHydroxide / molarMassSodiumHydroxide;
            const double superfat = r_.superfatTrue.value_or(0.0);
            const double onFat = 1.0 - superfat;
            const bool sodium = r_.sodium.weighedGrams > 0.0;
            const bool single = sodium != (r_.potassium.weighedGrams > 0.0);
            const double other = 1.0 - (sodium ? onFat / ratio : onFat * ratio);
            if (single && (superfat < -0.15 || superfat > 0.2) && other > -0.01 && other < 0.13)
                say(C::OtherHydroxide, S::Danger, Vessel::LyeJug, 0,
                    {superfat, other, sodium ? 1.0 : 0.0});
        }
    }

    const Formula& f_;
    const Account& r_;
    std::vector<Caution>& out_;
    double sugar_ = 0.0;
    double salt_ = 0.0;
    std::array<double, 2> jugSalt_{};
    double reserve_ = 0.0; // mol
    double mostReserve_ = 0.0;
    LineId mostReserveLine_ = 0;
    LineId milk_ = 0;
    double lauric_ = 0.0;
    double soft_ = 0.0;
    double oleic_ = 0.0;
    int colours_ = 0;
    int scents_ = 0;
    int allergens_ = 0;
    LineId allergen_ = 0;
    LineId seizing_ = 0;
    LineId honey_ = 0;
    LineId cooked_ = 0;
    bool hot_ = false;
};

} // namespace

void addPotCautions(const Formula& formula, const Account& reckoning, std::vector<Caution>& out)
{
    Checker(formula, reckoning, out).run();
}

} // namespace rhexion
