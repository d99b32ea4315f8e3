#include "core/amounts/validate.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {

constexpr std::size_t mostLines = 1000;

bool within(double value, double low, double high)
{
    return value >= low && value <= high; // false for NaN
}

std::optional<Refusal> checkHydroxide(const MaterialPtr& material, Part part, bool needed)
{
    if (!needed)
        return std::nullopt;
    if (!material)
        return Refusal{RefusalCode::NoHydroxideChosen, 0, codeOf(part), {}};
    const Interval& purity = material->part(part).range;
    if (!(purity.low() > 0.0) || !(purity.high() <= 1.0))
        return Refusal{RefusalCode::BadPurity, 0, material->name, {purity.typical()}};
    return std::nullopt;
}

std::optional<Refusal> checkLye(const LyeSettings& lye)
{
    if (!within(lye.superfat, -0.5, 1.0) || lye.superfat >= 1.0)
        return Refusal{RefusalCode::BadSuperfat, 0, {}, {lye.superfat}};
    if (!within(lye.potassiumShare, 0.0, 1.0))
        return Refusal{RefusalCode::BadPotassiumShare, 0, {}, {lye.potassiumShare}};
    if (lye.secondJug)
        for (const double share : {lye.secondJug->sodium, lye.secondJug->potassium})
            if (!within(share, 0.0, 1.0))
                return Refusal{RefusalCode::BadSecondJug, 0, {}, {share}};
    bool sodium = lye.potassiumShare < 1.0;
    bool potassium = lye.potassiumShare > 0.0;
    if (lye.fixed) {
        for (const Mass mass : {lye.fixed->sodium, lye.fixed->potassium})
            if (!mass.isUsable())
                return Refusal{RefusalCode::BadMass, 0, "hydroxide", {mass.inGrams()}};
        sodium = lye.fixed->sodium.inGrams() > 0.0;
        potassium = lye.fixed->potassium.inGrams() > 0.0;
        if (!sodium && !potassium)
            return Refusal{RefusalCode::NothingToSaponify, 0, {}, {}};
    }
    if (auto bad = checkHydroxide(lye.sodium, Part::SodiumHydroxide, sodium))
        return bad;
    return checkHydroxide(lye.potassium, Part::PotassiumHydroxide, potassium);
}

std::optional<Refusal> checkLiquid(const LiquidSettings& liquid)
{
    const double v = liquid.value;
    switch (liquid.how) {
    case LiquidStatement::Strength:
        // Below a twentieth of a per cent a "strength" is a typing slip, and water runs away.
        if (!within(v, 0.0005, 0.9995))
            return Refusal{RefusalCode::BadStrength, 0, {}, {v}};
        break;
    case LiquidStatement::Ratio:
        if (!within(v, 1e-6, 20.0))
            return Refusal{RefusalCode::BadRatio, 0, {}, {v}};
        break;
    case LiquidStatement::PercentOfOils:
        if (!within(v, 1e-6, 10.0))
            return Refusal{RefusalCode::BadPercentOfOils, 0, {}, {v}};
        break;
    case LiquidStatement::LessThanUsual:
        if (!within(v, 0.0, 0.9999))
            return Refusal{RefusalCode::BadLessThanUsual, 0, {}, {v}};
        break;
    }
    if (!within(liquid.usualRatio, 1e-6, 20.0))
        return Refusal{RefusalCode::BadRatio, 0, {}, {liquid.usualRatio}};
    if (liquid.jugRatio && !within(*liquid.jugRatio, 1e-6, 20.0))
        return Refusal{RefusalCode::BadJugRatio, 0, {}, {*liquid.jugRatio}};
    if (!within(liquid.jugCoolest.inCelsius(), -20.0, 100.0))
        return Refusal{RefusalCode::BadJugTemperature, 0, {}, {liquid.jugCoolest.inCelsius()}};
    return std::nullopt;
}

std::optional<Refusal> checkLine(const Line& line)
{
    const auto refuse = [&](RefusalCode code, std::vector<double> figures = {}) {
        return Refusal{code, line.id, line.material ? line.material->name : std::string{},
                       std::move(figures)};
    };
    if (!line.material)
        return refuse(RefusalCode::NoMaterial);
    if (line.material->isHydroxide())
        return refuse(RefusalCode::HydroxideAsLine);
    if (line.material->part(Part::Fat).range.high() > 0.0 && !line.material->sv &&
        !line.material->acidValue)
        return refuse(RefusalCode::BadMaterial);
    if (!within(line.solvent, 0.0, 20.0))
        return refuse(RefusalCode::BadSolvent, {line.solvent});
    const bool oil = line.material->isOil();
    switch (line.amount.unit) {
    case AmountUnit::Rest:
        if (oil)
            return refuse(RefusalCode::OilAsRest);
        break;
    case AmountUnit::PercentOfBatter:
        if (oil)
            return refuse(RefusalCode::OilAsShareOfBatter);
        if (!within(line.amount.value, 0.0, 99.99))
            return refuse(RefusalCode::BadMass, {line.amount.value});
        break;
    case AmountUnit::PercentOfLiquid:
        if (oil)
            return refuse(RefusalCode::OilAsShareOfBatter);
        if (!within(line.amount.value, 0.0, 1000.0))
            return refuse(RefusalCode::BadMass, {line.amount.value});
        break;
    case AmountUnit::PercentOfOils:
        if (!within(line.amount.value, 0.0, 1000.0))
            return refuse(RefusalCode::BadMass, {line.amount.value});
        break;
    default:
        if (isMeasured(line.amount.unit) && !gramsPer(line.amount.unit, *line.material))
            return refuse(RefusalCode::MeasureNotWeighed);
        if (const auto mass = massOf(line.amount, *line.material); !mass || !mass->isUsable())
            return refuse(RefusalCode::BadMass, {line.amount.value});
    }
    return std::nullopt;
}

std::optional<Refusal> checkTogether(const Formula& formula)
{
    double oilShares = 0.0;
    double oilGrams = 0.0;
    bool anyOil = false;
    const Line* rest = nullptr;
    for (const Line& line : formula.lines) {
        if (line.amount.unit == AmountUnit::Rest) {
            if (rest)
                return Refusal{RefusalCode::TwoMakeUps, line.id, line.material->name, {}};
            rest = &line;
        }
        if (!line.material->isOil())
            continue;
        anyOil = anyOil || line.amount.value > 0.0;
        if (line.amount.unit == AmountUnit::PercentOfOils)
            oilShares += line.amount.value / 100.0;
        else
            oilGrams += massOf(line.amount, *line.material)->inGrams();
    }
    for (const Line& line : formula.lines)
        if (line.amount.unit == AmountUnit::PercentOfLiquid && !rest)
            return Refusal{RefusalCode::LiquidSharesTooLarge, line.id, line.material->name, {}};
    if (!anyOil)
        return Refusal{RefusalCode::NoOils, 0, {}, {}};
    if (oilShares == 0.0)
        return std::nullopt;
    if (oilGrams > 0.0) {
        if (oilShares >= 0.9999)
            return Refusal{RefusalCode::OilSharesReachWhole, 0, {}, {oilShares}};
        return std::nullopt;
    }
    if (!formula.oilsTotal.isUsable() || formula.oilsTotal.inGrams() == 0.0)
        return Refusal{RefusalCode::OilsTotalMissing, 0, {}, {}};
    if (std::abs(oilShares - 1.0) > 0.0005)
        return Refusal{RefusalCode::OilSharesNotWhole, 0, {}, {oilShares}};
    return std::nullopt;
}

std::optional<Refusal> checkPortions(const Formula& formula)
{
    constexpr std::size_t most = 24;
    if (formula.portions.size() > most)
        return Refusal{RefusalCode::TooManyPortions, 0, {}, {double(formula.portions.size())}};
    for (const Portion& p : formula.portions) {
        const auto alike = std::ranges::count(formula.portions, p.id, &Portion::id);
        if (p.id == 0 || alike != 1 || !within(p.parts, 1e-6, 1000.0))
            return Refusal{RefusalCode::BadPortion, 0, p.name, {p.parts}};
        if (!p.held)
            continue;
        const StatedAmount& amount = p.held->amount;
        const bool known = amount.unit == AmountUnit::PercentOfOils || statedMass(amount) ||
                           isMeasured(amount.unit);
        if (!known || !within(amount.value, 0.0, Mass::largestGrams))
            return Refusal{RefusalCode::BadMass, 0, p.name, {amount.value}};
        const Line* line = formula.find(p.held->line);
        if (p.held->line != 0 &&
            (!line || !line->material->isOil() || line->vessel != Vessel::OilPot))
            return Refusal{RefusalCode::HeldOilGone, 0, p.name, {}};
    }
    for (const Line& line : formula.lines) {
        if (formula.portionOf(line) == 0)
            continue;
        if (line.amount.unit == AmountUnit::Rest)
            return Refusal{RefusalCode::RestInPortion, line.id, line.material->name, {}};
        if (line.amount.unit == AmountUnit::PercentOfOils && line.material->isOil())
            return Refusal{RefusalCode::OilShareInPortion, line.id, line.material->name, {}};
    }
    return std::nullopt;
}

} // namespace

std::optional<Refusal> validate(const Formula& formula)
{
    if (formula.lines.size() > mostLines)
        return Refusal{RefusalCode::TooManyLines, 0, {}, {double(formula.lines.size())}};
    if (auto bad = checkLye(formula.lye))
        return bad;
    if (auto bad = checkLiquid(formula.liquid))
        return bad;
    for (const Line& line : formula.lines)
        if (auto bad = checkLine(line))
            return bad;
    if (!within(formula.mixing.at.inCelsius(), -10.0, 130.0) ||
        !within(formula.mixing.within, 0.0, 60.0))
        return Refusal{RefusalCode::BadMixing, 0, {}, {formula.mixing.at.inCelsius()}};
    if (auto bad = checkPortions(formula))
        return bad;
    return checkTogether(formula);
}

} // namespace rhexion
