// The steps of reading one line; recipe.h is the door.
#pragma once

#include "recipe/recipe.h"
#include "recipe/recipe_words.h"

#include <optional>
#include <string>
#include <string_view>

namespace rhexion::recipe {

// '.' or ',' where the whole text shows which is its decimal mark; 0 where it does not.
char decimalMarkOf(std::string_view text);

struct Reading {
    const RecipeWords& words;
    char mark = 0;
};

struct UnitRead {
    std::string unit; // empty: none
    std::size_t end = 0;
    bool spoonLetter = false; // T or t: asked
};
UnitRead readUnit(const Reading& with, std::string_view s, std::size_t at);
// bare: the unit of a number without one; nothing: it is asked.
std::optional<AmountRead> readAmount(const Reading& with, std::string_view s, std::size_t at,
                                     const std::string& bare = {});
std::optional<RecipePer> perOf(const Match& match);

// One material: amount first, or name first with amounts at its end.
std::optional<RecipeLine> readItem(const Reading& with, std::string_view s,
                                   const std::string& bare = {});
// Commas and semicolons in quotes and braces stand as these while a line is split.
inline constexpr char shieldedComma = '\x02';
inline constexpr char shieldedSemicolon = '\x03';

// The whole line must be settings and filler.
std::optional<RecipeSettings> readSettings(const Reading& with, std::string_view s);
void setSetting(RecipeSettings& settings, const std::string& key, double value);

void askQuestions(const Reading& with, Recipe& recipe);
void compareTotals(const Reading& with, Recipe& recipe);
// An amount as the writer writes it: "1 lb", "2-3 tbsp", "10 g per 500 g oils".
std::string saidAmount(const RecipeAmount& amount);
// g of one of a unit of mass; nothing for any other.
std::optional<double> gramsOfUnit(std::string_view unit);

} // namespace rhexion::recipe
