#include "core/materials/fatty_acid.h"

#include "core/units/enum_count.h"

#include <algorithm>
#include <array>

namespace rhexion {

namespace {

using F = FattyAcid;
constexpr std::array<FattyAcidFacts, countOf<FattyAcid>()> fattyAcidTable{{
    {F::Butyric, "C4:0", 4, 0, false},
    {F::Caproic, "C6:0", 6, 0, false},
    {F::Caprylic, "C8:0", 8, 0, false},
    {F::Capric, "C10:0", 10, 0, false},
    {F::Lauric, "C12:0", 12, 0, false},
    {F::Myristic, "C14:0", 14, 0, false},
    {F::Palmitic, "C16:0", 16, 0, false},
    {F::Palmitoleic, "C16:1", 16, 1, false},
    {F::Stearic, "C18:0", 18, 0, false},
    {F::Oleic, "C18:1", 18, 1, false},
    {F::Ricinoleic, "C18:1-OH", 18, 1, true},
    {F::Linoleic, "C18:2", 18, 2, false},
    {F::Linolenic, "C18:3", 18, 3, false},
    {F::Arachidic, "C20:0", 20, 0, false},
    {F::Gondoic, "C20:1", 20, 1, false},
    {F::Behenic, "C22:0", 22, 0, false},
    {F::Erucic, "C22:1", 22, 1, false},
    {F::Lignoceric, "C24:0", 24, 0, false},
}};
static_assert(!fattyAcidTable.back().code.empty());

// Glycerol less three waters: what a triglyceride weighs besides three fatty acids.
constexpr double glycerolLessWater = 38.049;

// Mean molar mass, or nothing.
std::optional<double> meanMolarMass(std::span<const std::pair<FattyAcid, double>> profile)
{
    double grams = 0.0;
    double moles = 0.0;
    for (const auto& [acid, mass] : profile) {
        grams += mass;
        moles += mass / factsOf(acid).molarMass();
    }
    return grams > 0.0 ? std::optional(grams / moles) : std::nullopt;
}

} // namespace

std::span<const FattyAcidFacts> allFattyAcids()
{
    return fattyAcidTable;
}

const FattyAcidFacts& factsOf(FattyAcid acid)
{
    return fattyAcidTable[static_cast<std::size_t>(acid)];
}

std::optional<FattyAcid> fattyAcidFromCode(std::string_view code)
{
    const auto found = std::ranges::find(fattyAcidTable, code, &FattyAcidFacts::code);
    return found == fattyAcidTable.end() ? std::nullopt : std::optional(found->acid);
}

std::optional<double> saponificationValueOf(std::span<const std::pair<FattyAcid, double>> profile,
                                            double unsaponifiable)
{
    const auto mean = meanMolarMass(profile);
    if (!mean)
        return std::nullopt;
    return 3000.0 * mgPotassiumHydroxidePerMillimole / (3.0 * *mean + glycerolLessWater) *
           (1.0 - unsaponifiable);
}

std::optional<double> iodineValueOf(std::span<const std::pair<FattyAcid, double>> profile,
                                    double unsaponifiable)
{
    const auto mean = meanMolarMass(profile);
    if (!mean)
        return std::nullopt;
    constexpr double iodine = 2.0 * 126.90447;
    double grams = 0.0;
    double bonds = 0.0;
    for (const auto& [acid, mass] : profile) {
        grams += mass;
        bonds += mass / factsOf(acid).molarMass() * factsOf(acid).doubleBonds;
    }
    const double acidsPerGramOfFat = 3.0 * *mean / (3.0 * *mean + glycerolLessWater);
    return bonds / grams * iodine * 100.0 * acidsPerGramOfFat * (1.0 - unsaponifiable);
}

} // namespace rhexion
