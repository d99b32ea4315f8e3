// Slips of unit and of figure: grams for ounces, per cent for points, one hydroxide's figure for
// the other's.
#include "core/advice/checks.h"

#include "core/materials/sv_check.h"

#include <cmath>

namespace rhexion {

namespace {

using C = CautionCode;
using S = Severity;

// Whether the fat's own acids give that SV: short ones, as in fractionated coconut oil, take more
// lye than any usual fat.
bool svExplained(const Material& m, double sv)
{
    constexpr double near = 0.05; // as far as usual acids and usual oils agree
    std::vector<std::pair<FattyAcid, double>> profile;
    for (const auto& [acid, share] : m.fattyAcids)
        profile.emplace_back(acid, share.range.typical());
    const auto told = saponificationValueOf(profile, 0.0);
    return told && std::abs(sv / *told - 1.0) < near;
}

// A fat takes 100 to 300 mg of potassium hydroxide; grams of a hydroxide per gram are a common
// way to state the same.
void unlikelySv(const Advising& a, const Line& line)
{
    const Material& m = *line.material;
    const bool byAcidValue = !m.sv && m.acidValue;
    const auto& value = byAcidValue ? m.acidValue : m.sv;
    if ((m.kind != MaterialKind::Fat && m.kind != MaterialKind::FattyAcid) || !value)
        return;
    const double sv = value->range.typical();
    if (svIsUsual(sv) || svExplained(m, sv))
        return;
    const std::optional<double> meant = svMeantBy(sv);
    std::optional<Edit> mend;
    if (meant) {
        auto right = std::make_shared<Material>(m);
        (byAcidValue ? right->acidValue : right->sv)->range = value->range * (*meant / sv);
        mend = SetMaterial{line.id, right};
    }
    a.say(C::SvUnlikely, S::Danger, line.vessel, line.id, {sv, meant.value_or(0.0)}, mend);
}

// An amount far off its usual use that a wrong unit would explain. Salt is left alone: salt
// bars hold as much salt as oil.
void unitSlip(const Advising& a, std::size_t i)
{
    const Line& line = a.f.lines[i];
    const Material& m = *line.material;
    if (m.isOil() || m.kind == MaterialKind::Salt || !m.usualUse)
        return;
    const double high = m.usualUse->range.high();
    const double low = m.usualUse->range.low();
    const double share = a.ofOils(i);
    const auto would = [&](double factor) {
        return share > 3.0 * high && share / factor <= high && share / factor >= low / 2.0;
    };
    const auto with = [&](AmountUnit unit) {
        return std::optional<Edit>(SetAmount{line.id, {line.amount.value, unit}});
    };
    constexpr double ounce = 28.349523125;
    if (line.amount.unit == AmountUnit::Ounce && would(ounce))
        a.say(C::OunceForGram, S::Care, line.vessel, line.id, {share, high},
              with(AmountUnit::Gram));
    else if (line.amount.unit == AmountUnit::Gram && low > 0.0 && share < low / 8.0 &&
             share * ounce >= low / 2.0 && share * ounce <= high)
        a.say(C::GramForOunce, S::Note, line.vessel, line.id, {share, low},
              with(AmountUnit::Ounce));
    else if (line.amount.unit == AmountUnit::Tablespoon && share > 1.5 * high &&
             share / 3.0 <= high)
        a.say(C::TablespoonForTeaspoon, S::Care, line.vessel, line.id, {share, high},
              with(AmountUnit::Teaspoon));
    if (line.amount.unit == AmountUnit::FluidOunce) {
        const double each = *gramsPer(AmountUnit::FluidOunce, m);
        if (std::abs(each / ounce - 1.0) > 0.05)
            a.say(C::FluidOunce, S::Note, line.vessel, line.id, {each});
    }
}

} // namespace

void checkSlips(const Advising& a)
{
    double stated = 0.0;
    bool allStated = true;
    for (std::size_t i = 0; i < a.f.lines.size(); ++i) {
        if (a.r.lines[i].grams > 0.0) {
            unitSlip(a, i);
            unlikelySv(a, a.f.lines[i]);
        }
        if (!a.f.lines[i].material->isOil())
            continue;
        stated += a.r.lines[i].grams;
        allStated = allStated && a.f.lines[i].amount.unit != AmountUnit::PercentOfOils;
    }
    const double total = a.f.oilsTotal.inGrams();
    if (total > 0.0 && allStated && std::abs(stated - total) > valueOf(Threshold::TotalOff) * total)
        a.say(C::TotalIsNotTheSum, S::Note, Vessel::OilPot, 0, {total, stated},
              SetOilsTotal{Mass::grams(stated)});
    if (a.f.liquid.jugCoolest.inCelsius() > valueOf(Threshold::JugTooHotToBeTrue)) {
        LiquidSettings liquid = a.f.liquid;
        liquid.jugCoolest = Temperature::fahrenheit(liquid.jugCoolest.inCelsius());
        a.say(C::FahrenheitForCelsius, S::Care, Vessel::LyeJug, 0,
              {a.f.liquid.jugCoolest.inCelsius(), liquid.jugCoolest.inCelsius()},
              SetLiquid{SettingField::JugTemperature, liquid});
    }
    if (a.f.liquid.how == LiquidStatement::LessThanUsual && a.f.liquid.value > 0.0 &&
        a.f.liquid.value < valueOf(Threshold::PointsMeant)) {
        const double usual = 1.0 / (1.0 + a.f.liquid.usualRatio);
        a.say(C::PointsNotPerCent, S::Note, Vessel::LyeJug, 0,
              {a.f.liquid.value, usual, a.r.wanted.strength});
    }
    for (const auto& [material, h, part] :
         {std::tuple(&a.f.lye.sodium, &a.r.sodium, Part::SodiumHydroxide),
          std::tuple(&a.f.lye.potassium, &a.r.potassium, Part::PotassiumHydroxide)})
        if (h->weighedGrams > 0.0) {
            const double purity = (*material)->part(part).range.typical();
            if (purity < valueOf(Threshold::PurityAsFraction))
                a.say(C::PurityAsFraction, S::Danger, Vessel::LyeJug, 0, {purity});
        }
    // Weighed with the other hydroxide's figure: 1.40 times too much or too little.
    if (a.f.lye.fixed) {
        constexpr double ratio = molarMassPotassiumHydroxide / molarMassSodiumHydroxide;
        const double superfat = a.r.superfatTrue.value_or(0.0);
        const double onFat = 1.0 - superfat;
        const bool sodium = a.r.sodium.weighedGrams > 0.0;
        const bool single = sodium != (a.r.potassium.weighedGrams > 0.0);
        const double other = 1.0 - (sodium ? onFat / ratio : onFat * ratio);
        if (single &&
            (superfat < valueOf(Threshold::OtherLyeTooMuch) ||
             superfat > valueOf(Threshold::OtherLyeTooLittle)) &&
            other > valueOf(Threshold::OtherLyeLow) && other < valueOf(Threshold::OtherLyeHigh))
            a.say(C::OtherHydroxide, S::Danger, Vessel::LyeJug, 0,
                  {superfat, other, sodium ? 1.0 : 0.0});
    }
}

} // namespace rhexion
