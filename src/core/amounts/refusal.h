// Why a formula cannot be reckoned: a code, the item it is about and the figures. The edge words
// it.
#pragma once

#include "core/formula/formula.h"

#include <vector>

namespace rhexion {

enum class RefusalCode {
    NoOils,               // nothing to make soap of
    NoHydroxideChosen,    // the sodium or potassium hydroxide that the split needs is missing
    NoMaterial,           // a line without a material
    BadMaterial,          // its figures do not hold together
    BadMass,              // NaN, below 0 or enormous; figure: what was stated
    BadSuperfat,          // must lie from -50 % to below 100 %
    BadPotassiumShare,    // must lie from 0 to 100 %
    BadStrength,          // must lie above 0 and below 100 %
    BadRatio,             // must lie above 0 and not above 20
    BadPercentOfOils,     // must lie above 0 and not above 1000 %
    BadLessThanUsual,     // must lie from 0 to below 100 %
    BadJugRatio,          // must lie above 0 and not above 20
    BadJugTemperature,    // must lie from -20 to 100 C
    BadPurity,            // the hydroxide's own share must lie above 0 and not above 1
    HydroxideAsLine,      // hydroxide belongs to the lye settings
    TwoMakeUps,           // only one line can take the rest
    OilAsRest,            // an oil cannot be the make-up liquid
    OilAsShareOfBatter,   // oils are stated by mass or per cent of oils
    OilSharesReachWhole,  // per cents of oils reach 100 and some oils are in grams
    OilSharesNotWhole,    // every oil is a per cent and they do not sum to 100; figure: the sum
    OilsTotalMissing,     // every oil is a per cent and no total is stated
    BatterSharesTooLarge, // shares of the batter leave no room for the rest
    MakeUpBringsNoWater,  // its water cannot keep up with the lye it calls for; figure: w - R b
    LyeLeftAfterCook,     // figures: mol of lye left, smallest safe superfat, the same
                          // rounded up to a tenth of a per cent
    NothingToSaponify,    // no alkali is called for at all
    TooManyLines,         // more than 1000
    MeasureNotWeighed,    // a spoon, cup or drop of it has no weight and no density
    LiquidSharesTooLarge, // a per cent of the liquid without a make-up liquid to be a share of
    BadPortion,           // parts outside 0 to 1000, or one id twice; figure: the parts
    TooManyPortions,      // more than 24
    HeldOilGone,          // oil is set aside of one that is not in the pot
    HeldOilTooMuch,       // figures: g set aside in all, g there
    OilShareInPortion,    // an oil of one portion is stated by mass
    RestInPortion,        // the make-up liquid belongs to all of the batter
    BadSolvent,           // must lie from 0 to 20
    BadSecondJug,         // its shares must lie from 0 to 1
    BadMixing,            // target -10 to 130 C, tolerance 0 to 60
    NoSuchPortion,        // a line goes into a portion that is not there
    BadMould,             // its sizes cannot be; item: its name
    TooManyMoulds,        // more than 40
    BadCutting,           // a bar must be thicker than nothing
    BadHeatPlan,          // item: what of it; figures: the least and the most
    TextTooLong           // figure: the most letters
};

struct Refusal {
    RefusalCode code;
    LineId line = 0;  // 0: not about a line
    std::string item; // the material's name, or empty
    std::vector<double> figures;
};

} // namespace rhexion
