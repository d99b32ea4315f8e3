#include "core/amounts/validate.h"

#include "core/materials/limits.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {

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

std::optional<Refusal> checkLyeRanges(const LyeSettings& lye)
{
    if (!within(lye.superfat, LyeSettings::leastSuperfat, LyeSettings::mostSuperfat))
        return Refusal{RefusalCode::BadSuperfat, 0, {}, {lye.superfat}};
    if (!within(lye.potassiumShare, 0.0, 1.0))
        return Refusal{RefusalCode::BadPotassiumShare, 0, {}, {lye.potassiumShare}};
    if (lye.secondJug)
        for (const double share : {lye.secondJug->sodium, lye.secondJug->potassium})
            if (!within(share, 0.0, 1.0))
                return Refusal{RefusalCode::BadSecondJug, 0, {}, {share}};
    if (lye.fixed)
        for (const Mass mass : {lye.fixed->sodium, lye.fixed->potassium})
            if (!mass.isUsable())
                return Refusal{RefusalCode::BadMass, 0, "hydroxide", {mass.inGrams()}};
    return std::nullopt;
}

std::optional<Refusal> checkLye(const LyeSettings& lye)
{
    if (auto bad = checkLyeRanges(lye))
        return bad;
    bool sodium = lye.potassiumShare < 1.0;
    bool potassium = lye.potassiumShare > 0.0;
    if (lye.fixed) {
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
    if (formula.portions.size() > limits::portions)
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
        if (line.portion != 0 && !formula.portion(line.portion))
            return Refusal{RefusalCode::NoSuchPortion, line.id, line.material->name, {}};
        if (formula.portionOf(line) == 0)
            continue;
        if (line.amount.unit == AmountUnit::Rest)
            return Refusal{RefusalCode::RestInPortion, line.id, line.material->name, {}};
        if (line.amount.unit == AmountUnit::PercentOfOils && line.material->isOil())
            return Refusal{RefusalCode::OilShareInPortion, line.id, line.material->name, {}};
    }
    return std::nullopt;
}

std::optional<Refusal> checkMixing(const Mixing& mixing)
{
    if (!within(mixing.at.inCelsius(), -10.0, 130.0) || !within(mixing.within, 0.0, 60.0))
        return Refusal{RefusalCode::BadMixing, 0, {}, {mixing.at.inCelsius()}};
    return std::nullopt;
}

std::optional<Refusal> checkText(const std::string& text, std::size_t most)
{
    return limits::fits(text, most)
               ? std::nullopt
               : std::optional(Refusal{RefusalCode::TextTooLong, 0, {}, {double(most)}});
}

// What an edit brings, apart from whether the whole can be reckoned.
struct CheckEdit {
    const Formula& formula;
    using Result = std::optional<Refusal>;

    static Result material(const MaterialPtr& m, LineId line)
    {
        if (!m)
            return Refusal{RefusalCode::NoMaterial, line, {}, {}};
        const auto fault = faultOf(*m);
        if (fault && fault->code == MaterialFault::Code::TooLong)
            return Refusal{RefusalCode::TextTooLong, line, m->name, {double(limits::materialName)}};
        return std::nullopt;
    }
    Result amount(const StatedAmount& a, LineId id) const
    {
        if (a.unit == AmountUnit::Rest || within(a.value, 0.0, Mass::largestGrams))
            return std::nullopt;
        const Line* line = formula.find(id);
        return Refusal{RefusalCode::BadMass,
                       id,
                       line && line->material ? line->material->name : std::string{},
                       {a.value}};
    }
    static Result solvent(double grams, const std::string& name, LineId line)
    {
        return within(grams, 0.0, 20.0)
                   ? std::nullopt
                   : Result(Refusal{RefusalCode::BadSolvent, line, name, {grams}});
    }

    Result operator()(const AddLine& e) const
    {
        if (formula.lines.size() >= limits::lines)
            return Refusal{RefusalCode::TooManyLines, 0, {}, {double(formula.lines.size() + 1)}};
        if (auto bad = material(e.line.material, e.line.id))
            return bad;
        if (e.line.amount.unit != AmountUnit::Rest &&
            !within(e.line.amount.value, 0.0, Mass::largestGrams))
            return Refusal{
                RefusalCode::BadMass, e.line.id, e.line.material->name, {e.line.amount.value}};
        if (e.line.portion != 0 && !formula.portion(e.line.portion))
            return Refusal{RefusalCode::NoSuchPortion, e.line.id, e.line.material->name, {}};
        return solvent(e.line.solvent, e.line.material->name, e.line.id);
    }
    Result operator()(const SetAmount& e) const { return amount(e.amount, e.line); }
    Result operator()(const SetMaterial& e) const { return material(e.material, e.line); }
    Result operator()(const SetSolvent& e) const
    {
        const Line* line = formula.find(e.line);
        return solvent(e.solvent, line && line->material ? line->material->name : "", e.line);
    }
    Result operator()(const SetPortion& e) const
    {
        const Line* line = formula.find(e.line);
        if (line && e.portion != 0 && !formula.portion(e.portion))
            return Refusal{RefusalCode::NoSuchPortion, e.line, line->material->name, {}};
        return std::nullopt;
    }
    Result operator()(const SetPortions& e) const
    {
        if (e.portions.size() > limits::portions)
            return Refusal{RefusalCode::TooManyPortions, 0, {}, {double(e.portions.size())}};
        for (const Portion& p : e.portions) {
            const bool idTaken =
                formula.find(p.id) || std::ranges::count(e.portions, p.id, &Portion::id) != 1;
            if (p.id == 0 || idTaken || !within(p.parts, 1e-6, 1000.0))
                return Refusal{RefusalCode::BadPortion, 0, p.name, {p.parts}};
            if (auto bad = checkText(p.name, limits::portionName))
                return bad;
            if (auto bad = checkText(p.mould, limits::mould))
                return bad;
            if (p.held && !within(p.held->amount.value, 0.0, Mass::largestGrams))
                return Refusal{RefusalCode::BadMass, 0, p.name, {p.held->amount.value}};
        }
        return std::nullopt;
    }
    Result operator()(const SetMoulds& e) const
    {
        if (e.moulds.size() > limits::moulds)
            return Refusal{RefusalCode::TooManyMoulds, 0, {}, {double(e.moulds.size())}};
        for (const MouldUse& use : e.moulds) {
            if (auto bad = checkText(use.mould.name, limits::mould))
                return bad;
            if (faultOf(use.mould) || !within(use.fillTo, 0.01, 1.0))
                return Refusal{RefusalCode::BadMould, 0, use.mould.name, {}};
            if (use.portion != 0 && !formula.portion(use.portion))
                return Refusal{RefusalCode::NoSuchPortion, 0, use.mould.name, {}};
        }
        return std::nullopt;
    }
    Result operator()(const SetCutting& e) const
    {
        return faultOf(e.cutting) ? Result(Refusal{RefusalCode::BadCutting, 0, {}, {e.cutting.bar}})
                                  : std::nullopt;
    }
    Result operator()(const SetHeatPlan& e) const
    {
        const auto fault = e.heat ? faultOf(*e.heat) : std::nullopt;
        return fault ? Result(Refusal{RefusalCode::BadHeatPlan, 0, fault->item, fault->figures})
                     : std::nullopt;
    }
    Result operator()(const SetMixing& e) const { return checkMixing(e.mixing); }
    Result operator()(const SetLye& e) const { return checkLyeRanges(e.lye); }
    Result operator()(const SetLiquid& e) const { return checkLiquid(e.liquid); }
    Result operator()(const SetOilsTotal& e) const
    {
        return e.total.isUsable()
                   ? std::nullopt
                   : Result(Refusal{RefusalCode::BadMass, 0, {}, {e.total.inGrams()}});
    }
    Result operator()(const SetText& e) const
    {
        return checkText(e.text, e.field == TextField::Name    ? limits::formulaName
                                 : e.field == TextField::Maker ? limits::maker
                                                               : limits::notes);
    }
    template <class Other>
    Result operator()(const Other&) const
    {
        return std::nullopt;
    }
};

} // namespace

std::optional<Refusal> refusalOf(const Formula& formula, const Edit& edit)
{
    return std::visit(CheckEdit{formula}, edit);
}

std::optional<Refusal> validate(const Formula& formula)
{
    if (formula.lines.size() > limits::lines)
        return Refusal{RefusalCode::TooManyLines, 0, {}, {double(formula.lines.size())}};
    if (auto bad = checkLye(formula.lye))
        return bad;
    if (auto bad = checkLiquid(formula.liquid))
        return bad;
    for (const Line& line : formula.lines)
        if (auto bad = checkLine(line))
            return bad;
    if (auto bad = checkMixing(formula.mixing))
        return bad;
    if (auto bad = checkPortions(formula))
        return bad;
    return checkTogether(formula);
}

} // namespace rhexion
