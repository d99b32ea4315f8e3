// The words and shapes of words that recipes are written in, one language a table. The reader knows
// none of its own.
#pragma once

#include "recipe/pattern.h"

#include <string>
#include <string_view>
#include <unordered_set>
#include <vector>

namespace rhexion::recipe {

struct RecipeWords {
    RecipeWords();

    struct Named {
        std::string code;
        Pattern pattern;
    };
    std::vector<Named> units;    // longest spelling first within a family
    std::vector<Named> places;   // at the end of an item
    std::vector<Named> headings; // code: a vessel, "notes" or "own"
    struct Setting {
        enum class What {
            LyeExcess,
            Superfat,
            Strength,
            WaterToLye,
            LyeToWater,
            WaterOfOils,
            WaterDiscount,
            PotassiumPurity,
            SodiumPurity,
            TwoLyes,
            Temperature
        };
        What what;
        Pattern pattern;
    };
    std::vector<Setting> settings; // in the order of trial
    std::unordered_set<std::string> verbs;

    Pattern tablespoonOrTea, cupLetter, per, about, countWord;
    Pattern liquid, poured, lye, potash, scented, oily, countedThing, citric, citricForm;
    Pattern fewOf, container, juiceOf, countedFruit;
    Pattern lyeSolution, lyePair, splitBasis, purityAlone, lyeOrder, potashWord, filler, total,
        batterTotal, oilTotal;
    Pattern noName, figure, instructionNumber, cannedTwice, frozenEnd, frozenWord, restWord,
        restEnd, questionName, asNeeded, noteLine, unitColumn, scentAmount, titleWord, needsQuotes,
        notAName, vagueName, noteFigure;
};

const RecipeWords& english();

} // namespace rhexion::recipe
