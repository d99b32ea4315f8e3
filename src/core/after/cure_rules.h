// How many days a bar rests, by rule: of those that apply the longest holds (common practice, no
// source). docs/after.md.
#pragma once

#include "core/account/account.h"

#include <span>
#include <vector>

namespace rhexion {

enum class CureRule {
    General,
    EggOrMilkSchool,
    NearlyAllOlive,
    SaltBar,
    VeryWet,
    HotProcess,
    CleaningTwoLyes
};
const char* codeOf(CureRule rule);
std::optional<CureRule> cureRuleFromCode(const std::string& code);

struct CureDays {
    double least = 0.0;
    double longest = 0.0; // what the patient school keeps to
};
CureDays daysOf(CureRule rule);
CureDays longestOf(std::span<const CureRule> rules); // 0 without any

// Whether the school for egg and milk has a say in it.
bool holdsEggOrMilk(const Formula& formula);

struct CureSchools {
    bool eggOrMilk = false; // eight weeks for egg and milk
    friend bool operator==(const CureSchools&, const CureSchools&) = default;
};
// Those that apply. Soap of both hydroxides that keeps no superfat (1 % or less) is for things, not
// for skin.
std::vector<CureRule> cureRulesOf(const Formula& formula, const Account& account,
                                  const CureSchools& schools);

} // namespace rhexion
