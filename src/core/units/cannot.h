// Why a sum around the making has no answer: a code, the item it is about and the figures. Words
// are made at the edge (words/cannot_words.h).
#pragma once

#include "core/units/enum_count.h"

#include <string>
#include <utility>
#include <variant>
#include <vector>

namespace rhexion {

enum class CannotCode {
    NotPositive,          // a size, mass or count that must lie above 0
    Negative,             // must not lie below 0
    OutOfRange,           // figures: the least and the most
    BadMass,              // no usable mass
    NothingInIt,          // no batter
    NoOils,               // nothing to take a share of
    Overflows,            // figure: ml over
    AboveTheRim,          // a height past the mould's
    CornerTooRound,       // corner radius of more than half a side
    BadDividers,          // fewer than none, or higher than the mould
    DividersFillTheMould, // no room between them
    FullNotHeavier,       // the mould full of water must weigh more than empty
    NoBar,                // not one bar comes out of the length
    NoHeight,             // a mould known by its water alone has no height
    TooMuchScent,         // the shares reach half of what they are shares of
    NoSuchWater,          // harder than any water
    NoTotal,              // nothing says how much is to be made
    TooManyOils,          // more than the solver takes
    TooManyWishes,        // the same of wishes
    WishesContradict,     // a band whose low is above its high
    DoesNotScale,         // the lines that stay are more than what is wanted
    NotReckoned,          // the formula itself cannot be reckoned
    DoesNotHold,          // reckoned afresh, the answer misses a wish; figure: by how many points
    TakesTooLong,         // given up after the time allowed
    NoWaterInJug,         // nothing to dissolve hydroxide in
    NoHydroxide,          // nothing that gives heat
    FrozenHydroxide,      // a line that holds hydroxide is to be frozen
    LateFirstCover,       // the first cover must begin with the pouring
    TooFewReadings,       // one at least
    ReadingsOutOfOrder,   // each later than the one before
    TooFewWeights,        // three at least
    TooShort,             // weighings less than five days apart
    BadMasses,            // a bar lighter than what is dry in it
    AcidNotInExcess,      // more base than acid: the acid was short, or the blank is wrong
    NoBars,               // one at least
    NoWeights,
    TooLight, // lighter than the system begins
    TooHeavy, // heavier than it ends
    NoHistory // nothing was used yet
};

struct Cannot {
    CannotCode code = CannotCode::OutOfRange;
    std::string item; // code word of what it is about: "length", "hardness"; or a name
    std::vector<double> figures;
};

template <typename T>
using OrCannot = std::variant<T, Cannot>;

const char* codeOf(CannotCode code);

// Good when x > 0: NaN fails.
inline bool isAboveNothing(double x)
{
    return x > 0.0 && x < 1e12;
}
inline bool isNotNegative(double x)
{
    return x >= 0.0 && x < 1e12;
}

} // namespace rhexion
