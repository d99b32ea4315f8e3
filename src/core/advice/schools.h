// What each school would give: the same formula with one choice made the other way.
#pragma once

#include "core/advice/reckon.h"

namespace rhexion {

// A question on which makers differ and the formula takes a side.
enum class School {
    HiddenFat,      // options: HiddenFatSchool
    Split,          // options: SplitConvention
    StrengthCounts, // options: StrengthConvention
    SuperfatIsOn,   // options: SuperfatBasis
    WaterOfExtras,  // options: 0 only its water, 1 all its weight
    CitricForm,     // options: 0 as stated, 1 the other form in the jar
    MoistureOfLye,  // options: 0 water, 1 carbonate
};

struct SchoolAnswer {
    int option = 0;
    double sodiumGrams = 0.0; // as weighed
    double potassiumGrams = 0.0;
    double makeUpGrams = 0.0;
    double superfatTrue = 0.0;
    double strength = 0.0; // pure hydroxide, all water
};

struct SchoolTold {
    School school;
    int chosen = 0;
    std::vector<SchoolAnswer> answers; // the chosen one among them, in the order of the options
};

// Only the questions on which this formula's figures would differ. An option that cannot be
// reckoned is left out.
std::vector<SchoolTold> schoolsOf(const Formula& formula);

} // namespace rhexion
