#include "core/advice/schools.h"

#include "core/materials/citric_forms.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {

// What a kitchen scale could show; below it two schools agree.
constexpr double tellingGrams = 0.05;
constexpr double tellingShare = 0.0005;

std::optional<SchoolAnswer> answerOf(const Formula& f, int option)
{
    const ReckonResult result = reckon(f);
    const auto* r = std::get_if<Reckoning>(&result);
    if (!r)
        return std::nullopt;
    return SchoolAnswer{option,         r->sodium.weighedGrams,        r->potassium.weighedGrams,
                        r->makeUpGrams, r->superfatTrue.value_or(0.0), r->pure.strength};
}

bool differ(const SchoolAnswer& a, const SchoolAnswer& b)
{
    return std::abs(a.sodiumGrams - b.sodiumGrams) > tellingGrams ||
           std::abs(a.potassiumGrams - b.potassiumGrams) > tellingGrams ||
           std::abs(a.makeUpGrams - b.makeUpGrams) > tellingGrams ||
           std::abs(a.superfatTrue - b.superfatTrue) > tellingShare;
}

} // namespace

std::vector<SchoolTold> schoolsOf(const Formula& f)
{
    std::vector<SchoolTold> out;
    const auto ask = [&](School school, int chosen, int options, auto with) {
        SchoolTold told{school, chosen, {}};
        for (int option = 0; option < options; ++option) {
            Formula other = f;
            if (option != chosen)
                with(other, option);
            if (const auto answer = answerOf(other, option))
                told.answers.push_back(*answer);
        }
        const auto own = std::ranges::find(told.answers, chosen, &SchoolAnswer::option);
        if (own != told.answers.end() &&
            std::ranges::any_of(told.answers, [&](const auto& a) { return differ(a, *own); }))
            out.push_back(std::move(told));
    };
    ask(School::HiddenFat, int(f.lye.hiddenFat), 3,
        [](Formula& o, int i) { o.lye.hiddenFat = static_cast<HiddenFatSchool>(i); });
    ask(School::Split, int(f.lye.split), 3,
        [](Formula& o, int i) { o.lye.split = static_cast<SplitConvention>(i); });
    ask(School::StrengthCounts, int(f.liquid.convention), 2,
        [](Formula& o, int i) { o.liquid.convention = static_cast<StrengthConvention>(i); });
    ask(School::SuperfatIsOn, int(f.lye.basis), 2,
        [](Formula& o, int i) { o.lye.basis = static_cast<SuperfatBasis>(i); });
    const auto extra = [](const Line& line) {
        return line.amount.unit != AmountUnit::Rest &&
               (line.material->kind == MaterialKind::Produce ||
                line.material->kind == MaterialKind::Milk);
    };
    const bool all = std::ranges::any_of(
        f.lines, [&](const Line& line) { return extra(line) && line.allWater; });
    ask(School::WaterOfExtras, all ? 1 : 0, 2, [&](Formula& o, int i) {
        for (Line& line : o.lines)
            if (extra(line))
                line.allWater = i == 1;
    });
    ask(School::CitricForm, 0, 2, [](Formula& o, int) {
        for (Line& line : o.lines)
            if (const MaterialPtr other = otherCitricForm(*line.material))
                line.material = other;
    });
    ask(School::MoistureOfLye, 0, 2, [](Formula& o, int) {
        for (MaterialPtr* lye : {&o.lye.sodium, &o.lye.potassium})
            if (*lye && !(*lye)->isLyeSolution())
                *lye = impurityAsCarbonate(**lye);
    });
    return out;
}

} // namespace rhexion
