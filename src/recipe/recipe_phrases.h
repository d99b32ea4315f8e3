// What a formula says that people seldom write down: one row a phrase, in every language that a
// recipe is written in. The writer and the reader know it from here alone.
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace rhexion::recipe {

enum class PhraseCode {
    // A line of its own.
    UsualRatio,       // g of water for 1 g of lye that a discount is taken of
    JugRatio,         // the same of a concentrated lye in the jug
    JugCoolest,       // C
    TemperatureApart, // C between jug and pot
    OilsInAll,        // g, where every oil is a per cent
    SecondJugSodium,  // per cent of the hydroxide
    SecondJugPotassium,
    SplitByMole,
    SplitByPureWeight,
    SplitAsWeighed,
    HiddenFatLeftOut,
    HiddenFatSurely,
    HiddenFatTypical,
    SuperfatOfAllFat,
    SuperfatOfCooked,
    StrengthOfPure,
    StrengthAsWeighed,
    NothingElsePoured, // there is no liquid that is the rest
    SodiumIs,          // the name of the hydroxide
    PotassiumIs,
    PortionParts,   // a portion's name, and its parts
    PortionMould,   // a portion's name, and its mould's
    PortionHolds,   // a portion's name, and the amount of the mixed oils kept back
    PortionHoldsOf, // the same of one oil, named
    // Behind a line, in braces.
    Locked,
    AllWater,
    Solvent, // times its weight of the liquid
    ForPortion,
    LyeKept // the lye stated is weighed as it is
};

// Written with what stands for a number ($) or a text (&) filled in, in the order they stand.
struct Said {
    PhraseCode code;
    std::vector<double> numbers;
    std::vector<std::string> texts;
};
std::string phraseSaid(const Said& said, bool german);
// The phrase that the whole text is, in any language and with either decimal mark.
std::optional<Said> phraseOf(std::string_view text);

} // namespace rhexion::recipe
