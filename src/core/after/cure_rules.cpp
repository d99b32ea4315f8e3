#include "core/after/cure_rules.h"

#include "core/making/blend.h"
#include "core/units/enum_count.h"

#include <algorithm>
#include <array>

namespace rhexion {

namespace {

constexpr std::array<const char*, countOf<CureRule>()> ruleCodes{
    "general",  "egg-or-milk-school", "nearly-all-olive", "salt-bar",
    "very-wet", "hot-process",        "cleaning-two-lyes"};
constexpr std::array<CureDays, countOf<CureRule>()> ruleDays{
    {{28, 42}, {56, 56}, {180, 365}, {28, 42}, {42, 56}, {14, 28}, {0, 0}}};

bool isNearlyAllOlive(const Formula& f, const Account& account)
{
    const auto blend = blendOf(f, account);
    const Blend* b = std::get_if<Blend>(&blend);
    return b && (*b)[AcidGroup::Oleic].share.typical() > 0.70 &&
           (*b)[AcidGroup::LauricMyristic].share.typical() < 0.05;
}

double saltGrams(const Formula& f, const Account& account)
{
    double out = 0.0;
    for (std::size_t i = 0; i < f.lines.size() && i < account.lines.size(); ++i)
        out += account.lines[i].grams *
               f.lines[i].material->part(Part::SodiumChloride).range.typical();
    return out;
}

} // namespace

const char* codeOf(CureRule rule)
{
    return ruleCodes[static_cast<std::size_t>(rule)];
}

std::optional<CureRule> cureRuleFromCode(const std::string& code)
{
    return valueWithCode<CureRule>(ruleCodes, code);
}

CureDays daysOf(CureRule rule)
{
    return ruleDays[static_cast<std::size_t>(rule)];
}

CureDays longestOf(std::span<const CureRule> rules)
{
    CureDays out;
    for (const CureRule rule : rules) {
        out.least = std::max(out.least, daysOf(rule).least);
        out.longest = std::max(out.longest, daysOf(rule).longest);
    }
    return out;
}

bool holdsEggOrMilk(const Formula& f)
{
    return std::ranges::any_of(f.lines, [](const Line& l) {
        return l.material->kind == MaterialKind::Milk || l.material->kind == MaterialKind::Egg;
    });
}

std::vector<CureRule> cureRulesOf(const Formula& f, const Account& account,
                                  const CureSchools& schools)
{
    constexpr double noSuperfat = 0.01;
    const bool both = account.potassiumMoleShare > 0.0 && account.potassiumMoleShare < 1.0;
    if (both && account.superfatTrue && *account.superfatTrue <= noSuperfat)
        return {CureRule::CleaningTwoLyes};
    std::vector<CureRule> out{f.cooks() ? CureRule::HotProcess : CureRule::General};
    if (schools.eggOrMilk && holdsEggOrMilk(f))
        out.push_back(CureRule::EggOrMilkSchool);
    if (isNearlyAllOlive(f, account))
        out.push_back(CureRule::NearlyAllOlive);
    if (account.oilsGrams > 0.0 && saltGrams(f, account) >= 0.15 * account.oilsGrams)
        out.push_back(CureRule::SaltBar);
    if (account.pure.strength > 0.0 && account.pure.strength < 0.28)
        out.push_back(CureRule::VeryWet);
    return out;
}

} // namespace rhexion
