// The typing line's grammar: "120 g buttermilk", "3 % citric acid monohydrate",
// "rest coconut milk frozen", "40+15 g pear puree at trace"; and amounts on their own.
#pragma once

#include "core/formula/formula.h"
#include "core/formula/lexicon.h"
#include "core/materials/search.h"

#include <memory>
#include <string_view>
#include <variant>

namespace rhexion {

struct PhraseFault {
    enum class Code {
        Nothing,  // empty text
        NoNumber, // an amount was wanted and none was found
        BadSum,   // "250+" or "3//2"
        DivisionByZero,
        AmbiguousNumber, // "1,250": thousands or a decimal?
        Negative,
        TooLarge,
        TrailingText // more text after an amount on its own
    };
    Code code;
    std::string part; // the text it is about
};

// What the parser is told by the edge: the decimal mark in use and the unit of a bare number.
struct PhraseHabits {
    char decimalMark = '.';
    AmountUnit bareUnit = AmountUnit::Gram;
    std::shared_ptr<const Lexicon> words = {}; // none: nothing but numbers and names is known
};

struct Phrase {
    std::optional<StatedAmount> amount;
    bool bare = false;        // a number without a unit; amount has the unit of habit
    bool vague = false;       // by the hand: a pinch, a handful, of no one size
    std::string materialText; // what is left: the name to look up
    bool frozen = false;
    bool dissolved = false; // first in its own weight of the liquid
    std::optional<Vessel> vessel;
    // "... per pound of oils": the mass of oils the amount is stated for; see perOils().
    std::optional<Mass> perOilsMass;
};

// An amount alone: a number or a sum (+ - * / x, brackets not needed on a bench), then a unit; as
// people write them: "1 1/4 tsp", "8-1/2 oz", "1 lb 4 oz", "1 180 g", "half a cup", "a pinch".
std::variant<StatedAmount, PhraseFault> parseAmount(std::string_view text,
                                                    const PhraseHabits& habits);
// A number or a sum without a unit.
std::variant<double, PhraseFault> parseNumber(std::string_view text, char decimalMark);
std::variant<Phrase, PhraseFault> parsePhrase(std::string_view text, const PhraseHabits& habits);

} // namespace rhexion
