// Formulas to begin with, each of which teaches one thing. Made of the catalogue's own figures, so
// that they are never older than it; what they are called and why is in words/start_words.h.
#pragma once

#include "core/formula/formula.h"

namespace rhexion {

enum class StartingPoint {
    MilkInTheOils,
    PureeAsTheLiquid,
    YogurtAndHoney,
    TwoLyes,
    Brine,
    SaltBar,
    AllOlive,
    HotProcess,
    SplitBatter,
    HardWater,
    Egg,
    StockLye
};
inline constexpr int startingPointCount = 12;

Formula startingPoint(StartingPoint which);

} // namespace rhexion
