// What a blend of fats is made of: its fatty acids in groups with their bands, iodine value, SV,
// salt and sugar from every source. No mark and no index: docs/making.md.
#pragma once

#include "core/account/account.h"
#include "core/units/cannot.h"

#include <array>
#include <span>
#include <string_view>
#include <vector>

namespace rhexion {

enum class AcidGroup {
    Short, // C4 to C10
    LauricMyristic,
    PalmiticStearic,
    LongerSaturated, // C20 to C24
    Oleic,           // all of one bond
    Ricinoleic,
    LinoleicLinolenic,
    Saturated // the four above together
};
const char* codeOf(AcidGroup group);
std::optional<AcidGroup> acidGroupFromCode(const std::string& code);
bool isIn(AcidGroup group, FattyAcid acid);

struct BlendFat {
    MaterialPtr material;
    double grams = 0.0;
};

// g of fatty acid that one gram of a fat holds: 3M / (3M + 38.049) (1 - u), of a free fatty acid
// 1 - u; nothing without a profile.
std::optional<double> fattyAcidPerGram(const Material& fat);
// Share of a group in one fat's fatty acids: exact bounds of shares that sum to 1.
Interval shareOf(AcidGroup group, const Material& fat);

struct GroupSource {
    std::size_t fat = 0; // place among the fats
    double share = 0.0;  // of the group, 0 to 1
};
struct GroupReckoned {
    Interval share = Interval::exactly(0.0); // of the blend's fatty acids
    std::vector<GroupSource> sources;        // greatest first, those of 2 % and more
};

struct Blend {
    std::vector<BlendFat> fats; // grams above 0
    std::array<GroupReckoned, countOf<AcidGroup>()> groups;
    Interval iodine = Interval::exactly(0.0); // g I2 per 100 g; of the fats that have one
    double withoutIodine = 0.0;               // share of the mass that has none
    Interval sv = Interval::exactly(0.0);     // mg KOH per g
    Interval saturatedToUnsaturated = Interval::exactly(0.0); // high may be cut at 1000
    double soapMolarMass = 0.0;                               // g/mol, mean of the sodium soaps
    std::vector<std::size_t> withoutProfile; // places of fats left out of the groups
    double shareWithoutProfile = 0.0;        // of the mass of fats
    Interval linolenic = Interval::exactly(0.0);
    const GroupReckoned& operator[](AcidGroup group) const
    {
        return groups[static_cast<std::size_t>(group)];
    }
};
// Refuses a mass that is none, and no fat at all.
OrCannot<Blend> blendOf(std::span<const BlendFat> fats);
// Of a formula: every oil, with the oil of each line counted once.
OrCannot<Blend> blendOf(const Formula& formula, const Account& account);

struct FromEverySource { // share of the oils' mass
    double share = 0.0;
    std::vector<LineId> lines; // that bring it, most first
};
FromEverySource saltOf(const Formula& formula, const Account& account);
FromEverySource sugarOf(const Formula& formula, const Account& account); // lactose among it

// What is to be said of a figure: a code for the words, from where on, and its source.
struct BlendRow {
    AcidGroup group;
    double from;           // share from which the word holds
    std::string_view word; // code: words/blend_words.h says it
    std::string_view source;
};
// The rows of a group, least first.
std::span<const BlendRow> rowsOf(AcidGroup group);
// The last row of the group that the typical share reaches; the first where it reaches none.
const BlendRow& wordFor(AcidGroup group, double share);

struct ScaleRow {
    double from;
    std::string_view word;
    std::string_view source;
};
const ScaleRow& iodineWord(double iodine);
const ScaleRow& saltWord(double share);
const ScaleRow& sugarWord(double share);

} // namespace rhexion
