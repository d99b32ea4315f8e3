#include "core/materials/food.h"

#include "core/materials/own_sources.h"

#include <algorithm>
#include <array>

namespace rhexion {

namespace {

struct Group {
    const char* code;
    MaterialKind kind;
    double mostAcid; // mmol per 100 g
    // SV of its fat: the usual one and its bounds; 0 where no one fat is usual.
    double svLow, svTypical, svHigh;
    double leastFat; // of the table's fat, what is surely there for lye to reach
    bool fatCounts;  // below a per cent it is leaf wax and the like
};
// Acidity: lemon juice about 90, plums and berries 30, sorrel and rhubarb 25, sour milk 15, wine
// 13, tamarind paste 150. SV: cow's milk fat 227, egg 194, the seed oils that plant foods hold 190.
// From memory. Solids: lye reaches none of the fat of a whole seed, and not all of a meal's.
constexpr std::array groups{
    Group{"milk", MaterialKind::Milk, 18, 210, 227, 242, 0.85, true},
    Group{"egg", MaterialKind::Egg, 2, 190, 194, 198, 0.85, true},
    Group{"sugar", MaterialKind::Sugar, 12, 180, 190, 200, 0, true},
    Group{"fruit", MaterialKind::Produce, 100, 180, 190, 200, 0.5, false},
    Group{"juice", MaterialKind::Produce, 100, 180, 190, 200, 0.5, false},
    Group{"vegetable", MaterialKind::Produce, 25, 180, 190, 200, 0.5, false},
    Group{"nut_seed", MaterialKind::Solid, 10, 183, 190, 200, 0, true},
    Group{"cereal", MaterialKind::Solid, 10, 183, 190, 200, 0, true},
    Group{"spice_herb", MaterialKind::Solid, 60, 180, 190, 200, 0, false},
    Group{"beverage", MaterialKind::Liquid, 20, 180, 190, 200, 0, true},
    Group{"salt_mineral", MaterialKind::Salt, 1200, 180, 190, 200, 0, true},
    Group{"fat_oil", MaterialKind::Fat, 2, 0, 0, 0, 0.85, true},
    Group{"other", MaterialKind::Solid, 15, 180, 190, 200, 0, true},
};

const Group& groupOf(const std::string& code)
{
    const auto* found =
        std::ranges::find_if(groups, [&](const Group& g) { return code == g.code; });
    return found == groups.end() ? groups.back() : *found;
}

constexpr double allFat = 99.0; // g per 100 g: an oil, all of which lye reaches (Codex CXS 210)
constexpr double plantMilkLeast = 0.45;     // a tin of 10 % where the table has 21 (Codex CXS 240)
constexpr double saltPerSodium = 2.5421;    // NaCl 58.44 / Na 22.99
constexpr double mmolPerGramCitric = 15.62; // 3 / 192.12, the strongest per gram of the usual acids
constexpr double leastFat = 1.0;            // g per 100 g
constexpr double tableRounding = 0.3;       // g per 100 g that figures of a row may be off together
constexpr double vinegarMost = 120.0;       // mmol per 100 g: 7 % acetic acid

} // namespace

MaterialKind kindOfFoodGroup(const std::string& group)
{
    return groupOf(group).kind;
}

Material materialFromFood(const FoodRow& row)
{
    const Group& group = groupOf(row.group);
    Material m;
    m.id = row.id;
    m.name = row.name;
    m.kind = group.kind;
    m.measures = row.measures;
    const std::string table = row.id;
    m.sources.push_back({table, "USDA SR24 " + row.id.substr(row.id.find('-') + 1) + " " +
                                    row.name + "; spread of 15 %: common practice, no source"});
    for (Measure& measure : m.measures)
        measure.source = table;
    const auto part = [&](double gramsPer100) {
        const double v = std::clamp(gramsPer100 / 100.0, 0.0, 1.0);
        const double doubt = std::min(v, 1.0 - v) * foodSpread;
        return Figure{*Interval::of(v - doubt, v, v + doubt), table};
    };
    const auto put = [&](Part p, double gramsPer100) {
        if (gramsPer100 > 0.0)
            m.part(p) = part(gramsPer100);
    };
    put(Part::Water, row.water.value_or(0.0));
    put(Part::Protein, row.protein.value_or(0.0));
    put(Part::Alcohol, row.alcohol.value_or(0.0));

    const double carbohydrate = row.carbohydrate.value_or(0.0);
    // Milks without a sugars figure: there carbohydrate is practically all lactose.
    double sugars = row.sugars            ? std::min(*row.sugars, carbohydrate)
                    : row.group == "milk" ? carbohydrate
                                          : 0.0;
    if (row.sugarsUnderstated)
        sugars = carbohydrate;
    // Lactose, and about four fifths of the sugars of most fruit, are reducing; table sugar is not.
    const double reducing = row.group == "milk"                              ? 1.0
                            : row.group == "sugar" && !row.sugarsUnderstated ? 0.5
                            : row.group == "vegetable"                       ? 0.5
                                                                             : 0.75;
    put(Part::ReducingSugar, sugars * reducing);
    put(Part::OtherSugar, sugars * (1.0 - reducing));

    const double ash = row.ash.value_or(0.0);
    const double salt = std::min(ash, row.sodiumMg.value_or(0.0) / 1000.0 * saltPerSodium);
    put(Part::SodiumChloride, salt);
    put(Part::OtherSalts, ash - salt);

    const double fat = row.fat.value_or(0.0);
    if (fat > 0.0 && (group.fatCounts || fat >= leastFat)) {
        put(Part::Fat, fat);
        const bool plantMilk = row.fatIs && m.kind == MaterialKind::Milk;
        const double least = fat >= allFat ? 1.0 : plantMilk ? plantMilkLeast : group.leastFat;
        Interval& range = m.part(Part::Fat).range;
        // Where lye may reach none of it, half is as good a guess as any.
        const double typical = least > 0.0 ? range.typical() : range.typical() / 2.0;
        range =
            Interval::around(std::min(range.typical() * least, range.low()), typical, range.high());
        if (row.fatIs && row.fatIs->sv) {
            const Source* source = row.fatIs->findSource(row.fatIs->sv->source);
            m.sources.push_back({"food-fat-is",
                                 "as of " + row.fatIs->name + ": " + (source ? source->text : ""),
                                 source && source->fromMemory});
            m.sv = Figure{row.fatIs->sv->range, "food-fat-is"};
            if (group.kind == MaterialKind::Fat && row.fatIs->unsaponifiable)
                m.unsaponifiable = Figure{row.fatIs->unsaponifiable->range, "food-fat-is"};
        } else if (group.svTypical > 0.0) {
            m.sources.push_back(sourceOf(OwnSource::UsualFat));
            m.sv = Figure{*Interval::of(group.svLow, group.svTypical, group.svHigh),
                          idOf(OwnSource::UsualFat)};
        }
    }

    if (!row.acids.empty()) {
        m.sources.push_back(
            {row.acidSource, row.acidSource +
                                 "; spread of 40 % down and three times as much up, since "
                                 "handbooks often give more: common practice, no source"});
        for (const auto& acid : row.acids) {
            const double v = acid.grams / 100.0;
            const double doubt =
                std::min(v, std::max(v * foodAcidSpread, 2.0 * acid.standardError / 100.0));
            const double most = std::min(1.0, std::max(v * foodAcidMost, v + doubt));
            m.acids.push_back({acid.acid, {*Interval::of(v - doubt, v, most), row.acidSource}});
        }
        if (row.ph) {
            m.sources.push_back(sourceOf(OwnSource::UsualPh));
            m.ph = Figure{*row.ph, idOf(OwnSource::UsualPh)};
        }
    } else if (row.group != "fat_oil" && (row.water.value_or(0.0) < 99.5 || ash > 0.5)) {
        double most = row.isVinegar ? vinegarMost : group.mostAcid;
        // Carbohydrate is by difference and holds the acids, so they cannot be more than it leaves.
        // Vinegar, with its acid uncounted, is told by what is missing of 100 g.
        const double sum = row.water.value_or(0.0) + row.protein.value_or(0.0) + fat +
                           carbohydrate + ash + row.alcohol.value_or(0.0);
        if (row.group != "salt_mineral") {
            const double room = std::max(0.0, carbohydrate - sugars - row.starch.value_or(0.0) -
                                                  row.fibre.value_or(0.0)) +
                                std::max(0.0, 100.0 - sum) + tableRounding;
            most = std::min(most, room * mmolPerGramCitric);
        }
        m.sources.push_back(sourceOf(OwnSource::AcidityUnknown));
        m.titratable = Figure{*Interval::of(0.0, 0.0, most), idOf(OwnSource::AcidityUnknown)};
    }

    // Rounding in the table, and acids counted within carbohydrate, may bring the sum past 1.
    double over = -m.otherSolids();
    for (const Part p : {Part::OtherSugar, Part::ReducingSugar, Part::Water}) {
        if (over <= 0.0)
            break;
        const double typical = m.part(p).range.typical();
        const double less = std::max(0.0, typical - over);
        over -= typical - less;
        if (typical > 0.0)
            m.part(p).range = m.part(p).range * (less / typical);
    }
    return m;
}

} // namespace rhexion
