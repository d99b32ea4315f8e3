// Where a material usually goes, why, and where else makers put it: rows, the first that fits
// counts. Common practice, no source.
#pragma once

#include "core/formula/formula.h"

#include <optional>

namespace rhexion {

enum class PlaceReason {
    MeltedWithOils,   // fats, waxes, fatty acids
    TemperedAtTrace,  // egg: hot lye would cook it
    ThinnedAtTrace,   // sugars heat the lye; other: dissolved before it
    ManyAtTrace,      // salt of a salt bar
    DissolvedFirst,   // salt of a brine, acids, other salts
    IntoCooledLye,    // salts of acids, such as sodium lactate
    WettedWithOil,    // clay, colour, powders
    StirredInLast,    // scent
    AfterTheCook,     // the same where there is a cook
    InPlaceOfWater,   // purees and juices stated as the rest
    LateToKeepColour, // purees and juices in grams
    FrozenUnderLye    // milks and other liquids
};

struct UsualPlace {
    Vessel vessel = Vessel::LyeJug;
    PlaceReason reason = PlaceReason::FrozenUnderLye;
    std::optional<Vessel> other; // the other main school's
};

// amount: nothing where it is not said yet. oilsGrams: of the formula, 0 where there are none.
// cooks: whether anything of the formula goes in after a cook.
UsualPlace usualPlaceOf(const Material& material, const std::optional<StatedAmount>& amount,
                        double oilsGrams, bool cooks);

} // namespace rhexion
