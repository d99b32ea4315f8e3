#include "core/formula/formula.h"

#include <algorithm>

namespace rhexion {

namespace {

bool sameMaterial(const MaterialPtr& a, const MaterialPtr& b)
{
    return a == b || (a && b && *a == *b);
}

constexpr std::array<const char*, 6> vesselCodes{"lye-jug", "oil-pot",    "emulsion",
                                                 "trace",   "after-cook", "top"};
constexpr std::array<const char*, 7> unitCodes{
    "g", "kg", "oz", "lb", "percent-of-oils", "percent-of-batter", "rest"};

template <class Enum, class Codes>
std::optional<Enum> fromCode(const Codes& codes, const std::string& code)
{
    const auto found = std::ranges::find(codes, code);
    return found == codes.end() ? std::nullopt
                                : std::optional(static_cast<Enum>(found - codes.begin()));
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
           a.amount == b.amount && a.frozen == b.frozen && a.allWater == b.allWater;
}

bool operator==(const LyeSettings& a, const LyeSettings& b)
{
    return sameMaterial(a.sodium, b.sodium) && sameMaterial(a.potassium, b.potassium) &&
           a.superfat == b.superfat && a.potassiumShare == b.potassiumShare && a.split == b.split &&
           a.hiddenFat == b.hiddenFat && a.basis == b.basis && a.fixed == b.fixed;
}

bool operator==(const Formula& a, const Formula& b)
{
    return a.name == b.name && a.maker == b.maker && a.notes == b.notes && a.lines == b.lines &&
           a.lye == b.lye && a.liquid == b.liquid && a.oilsTotal == b.oilsTotal;
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
    return fromCode<Vessel>(vesselCodes, code);
}

const char* codeOf(AmountUnit unit)
{
    return unitCodes[static_cast<std::size_t>(unit)];
}

std::optional<AmountUnit> amountUnitFromCode(const std::string& code)
{
    return fromCode<AmountUnit>(unitCodes, code);
}

} // namespace rhexion
