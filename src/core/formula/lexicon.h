// The words a maker types and writes, in her language: handed in by the edge (src/words/lexicon.h),
// so that the core knows none. All are folded (search.h), longest first where one begins another.
#pragma once

#include "core/formula/formula.h"
#include "core/materials/makers_word.h"

#include <string>
#include <utility>
#include <vector>

namespace rhexion {

struct Lexicon {
    using Words = std::vector<std::string>;

    // The typing line: "120 g buttermilk frozen in the jug", "3 % of oils", "rest", "1 oz per pound
    // of oils".
    struct UnitWord {
        std::string word;
        AmountUnit unit;
        double times = 1.0; // of the unit: a pinch is a sixteenth of a teaspoon
        bool alone = false; // means one of it without a number before it
    };
    std::vector<UnitWord> units;
    std::vector<std::pair<std::string, double>> numbers; // "half a", "two", before a unit
    std::vector<std::pair<std::string, Vessel>> places;
    Words rest;
    Words frozen;
    Words dissolved;
    Words level; // spoons that are not heaped
    Words of;
    Words per;
    Words oils;
    Words perPound; // "ppo": per pound of oils
    Words about;    // before an amount that is not meant exactly

    // Last words of a name that say what a thing is: "clove fragrance".
    std::vector<std::pair<std::string, TakenAs>> things;

    // What a name or a note may speak of.
    Words children;
    Words acidity;
    Words discount;     // of water or of lye? who says neither is asked
    Words discountSaid; // who says which
};

// What the name is by its last words; nothing where they do not say.
std::optional<TakenAs> thingOf(const std::string& name, const Lexicon& lexicon);

// Whether the folded text holds one of the words whole; an ending star lets it go on.
bool says(const std::string& text, const Lexicon::Words& words);

} // namespace rhexion
