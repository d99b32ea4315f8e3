#include "core/formula/formula.h"

#include "core/units/enum_count.h"

#include <algorithm>

namespace rhexion {

namespace {

bool sameMaterial(const MaterialPtr& a, const MaterialPtr& b)
{
    return a == b || (a && b && *a == *b);
}

constexpr std::array<const char*, countOf<Vessel>()> vesselCodes{
    "lye-jug", "second-jug", "oil-pot", "emulsion", "trace", "after-cook", "top"};
static_assert(vesselCodes.back() != nullptr);
constexpr std::array<const char*, countOf<AmountUnit>()> unitCodes{
    "g",           "kg",  "oz",    "lb",    "percent-of-oils",  "percent-of-batter",
    "rest",        "ml",  "fl-oz", "tsp",   "tsp-heaped",       "tbsp",
    "tbsp-heaped", "cup", "drop",  "piece", "percent-of-liquid"};
static_assert(unitCodes.back() != nullptr);

// A weighed measure of the material by its name, the start of it being enough.
std::optional<double> weighed(const Material& m, std::initializer_list<std::string_view> names)
{
    for (const std::string_view name : names)
        for (const Measure& measure : m.measures)
            if (measure.name == name)
                return measure.grams;
    return std::nullopt;
}

std::optional<double> densityOf(const Material& m)
{
    if (m.density)
        return m.density->range.typical();
    switch (m.kind) {
    case MaterialKind::Fat: return 0.92;
    case MaterialKind::Milk:
    case MaterialKind::Produce:
    case MaterialKind::Liquid:
    case MaterialKind::Egg:
        // A milk powder is no liquid.
        return m.part(Part::Water).range.typical() > 0.5 ? std::optional(1.03) : std::nullopt;
    default: return std::nullopt;
    }
}

} // namespace

std::optional<Mass> statedMass(const StatedAmount& amount)
{
    switch (amount.unit) {
    case AmountUnit::Gram: return Mass::grams(amount.value);
    case AmountUnit::Kilogram: return Mass::kilograms(amount.value);
    case AmountUnit::Ounce: return Mass::ounces(amount.value);
    case AmountUnit::Pound: return Mass::pounds(amount.value);
    default: return std::nullopt;
    }
}

bool isMeasured(AmountUnit unit)
{
    return unit >= AmountUnit::Millilitre && unit <= AmountUnit::Piece;
}

std::optional<double> gramsPer(AmountUnit unit, const Material& m)
{
    constexpr double heaped = 1.5;
    constexpr double spoonsInTable = 3.0;
    constexpr double tablesInCup = 16.0;
    const auto scaled = [](std::optional<double> v, double k) {
        return v ? std::optional(*v * k) : std::nullopt;
    };
    const auto byVolume = [&](double ml) { return scaled(densityOf(m), ml); };
    switch (unit) {
    case AmountUnit::Millilitre: return byVolume(1.0);
    case AmountUnit::FluidOunce: return byVolume(29.5735);
    case AmountUnit::Teaspoon:
        if (const auto own = weighed(m, {"tsp"}))
            return own;
        if (const auto table = weighed(m, {"tbsp"}))
            return *table / spoonsInTable;
        if (const auto cup = weighed(m, {"cup"}))
            return *cup / (spoonsInTable * tablesInCup);
        return byVolume(5.0);
    case AmountUnit::Tablespoon:
        if (const auto own = weighed(m, {"tbsp"}))
            return own;
        return scaled(gramsPer(AmountUnit::Teaspoon, m), spoonsInTable);
    case AmountUnit::TeaspoonHeaped:
        if (const auto own = weighed(m, {"tsp, heaped"}))
            return own;
        return scaled(gramsPer(AmountUnit::Teaspoon, m), heaped);
    case AmountUnit::TablespoonHeaped:
        if (const auto own = weighed(m, {"tbsp, heaped"}))
            return own;
        return scaled(gramsPer(AmountUnit::Tablespoon, m), heaped);
    case AmountUnit::Cup:
        if (const auto own = weighed(m, {"cup"}))
            return own;
        if (const auto poured = byVolume(240.0))
            return poured;
        // A powder that somebody weighed by the spoon.
        return scaled(gramsPer(AmountUnit::Tablespoon, m), tablesInCup);
    case AmountUnit::Drop:
        if (const auto own = weighed(m, {"drop"}))
            return own;
        return byVolume(0.05);
    case AmountUnit::Piece:
        return weighed(m, {"piece", "egg", "yolk", "white", "large", "medium", "fruit"});
    default: return std::nullopt;
    }
}

std::optional<Mass> massOf(const StatedAmount& amount, const Material& material)
{
    if (!isMeasured(amount.unit))
        return statedMass(amount);
    const auto each = gramsPer(amount.unit, material);
    return each ? std::optional(Mass::grams(*each * amount.value)) : std::nullopt;
}

std::optional<StatedAmount> perOils(const StatedAmount& amount, Mass oils, const Material& material)
{
    const auto mass = massOf(amount, material);
    if (!mass || !(oils.inGrams() > 0.0))
        return std::nullopt;
    return StatedAmount{*mass / oils * 100.0, AmountUnit::PercentOfOils};
}

StatedAmount statedIn(Mass mass, AmountUnit unit)
{
    switch (unit) {
    case AmountUnit::Kilogram: return {mass.inKilograms(), unit};
    case AmountUnit::Ounce: return {mass.inOunces(), unit};
    case AmountUnit::Pound: return {mass.inPounds(), unit};
    default: return {mass.inGrams(), AmountUnit::Gram};
    }
}

bool operator==(const Line& a, const Line& b)
{
    return a.id == b.id && sameMaterial(a.material, b.material) && a.vessel == b.vessel &&
           a.amount == b.amount && a.frozen == b.frozen && a.allWater == b.allWater &&
           a.locked == b.locked && a.portion == b.portion && a.solvent == b.solvent;
}

bool operator==(const LyeSettings& a, const LyeSettings& b)
{
    return sameMaterial(a.sodium, b.sodium) && sameMaterial(a.potassium, b.potassium) &&
           a.superfat == b.superfat && a.potassiumShare == b.potassiumShare && a.split == b.split &&
           a.hiddenFat == b.hiddenFat && a.basis == b.basis && a.fixed == b.fixed &&
           a.secondJug == b.secondJug;
}

bool operator==(const Formula& a, const Formula& b)
{
    return a.name == b.name && a.maker == b.maker && a.notes == b.notes && a.lines == b.lines &&
           a.lye == b.lye && a.liquid == b.liquid && a.oilsTotal == b.oilsTotal &&
           a.mixing == b.mixing && a.portions == b.portions && a.moulds == b.moulds &&
           a.cutting == b.cutting && a.handling == b.handling && a.heat == b.heat &&
           a.way == b.way && a.pair == b.pair && a.acknowledged == b.acknowledged;
}

const Portion* Formula::portion(PortionId id) const
{
    const auto found = std::ranges::find(portions, id, &Portion::id);
    return id == 0 || found == portions.end() ? nullptr : &*found;
}

bool Formula::cooks() const
{
    return std::ranges::any_of(lines, [](const Line& l) { return l.vessel == Vessel::AfterCook; });
}

bool Formula::usesSecondJug() const
{
    return lye.secondJug ||
           std::ranges::find(lines, Vessel::SecondJug, &Line::vessel) != lines.end();
}

PortionId Formula::portionOf(const Line& line) const
{
    const bool early = isJug(line.vessel) || line.vessel == Vessel::OilPot;
    return !early && portion(line.portion) ? line.portion : 0;
}

const Line* Formula::find(LineId id) const
{
    const auto found = std::ranges::find(lines, id, &Line::id);
    return found == lines.end() ? nullptr : &*found;
}

Line* Formula::find(LineId id)
{
    return const_cast<Line*>(std::as_const(*this).find(id));
}

const Line* Formula::makeUp() const
{
    const auto found = std::ranges::find_if(
        lines, [](const Line& line) { return line.amount.unit == AmountUnit::Rest; });
    return found == lines.end() ? nullptr : &*found;
}

const char* codeOf(Vessel vessel)
{
    return vesselCodes[static_cast<std::size_t>(vessel)];
}

std::optional<Vessel> vesselFromCode(const std::string& code)
{
    return valueWithCode<Vessel>(vesselCodes, code);
}

const char* codeOf(AmountUnit unit)
{
    return unitCodes[static_cast<std::size_t>(unit)];
}

std::optional<AmountUnit> amountUnitFromCode(const std::string& code)
{
    return valueWithCode<AmountUnit>(unitCodes, code);
}

} // namespace rhexion
