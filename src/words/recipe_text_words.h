// A recipe that was read, in words: its questions and what each line is.
#pragma once

#include "recipe/recipe_answers.h"
#include "words/speech.h"

namespace rhexion::words {

QString recipeKindName(Recipe::Kind kind);
// What is asked, and what was taken meanwhile.
QString recipeQuestion(RecipeQuestion question);
QString recipeTaken(RecipeQuestion question, const RecipeLine& line, const Speech& speech);
// One of the readings on offer: "anhydrous", "of the oils".
QString recipeReading(const RecipeReading& reading, const RecipeLine& line, const Speech& speech);
QString recipeRefusal(RecipeRefusal refusal);
QString recipeIsNoText();
// What the lye that a recipe states comes to.
QString recipeLyeSaid(double superfat, const Speech& speech);
// "450 g olive oil, in the oil pot": how a line was understood.
QString recipeLineSaid(const RecipeLine& line);
QString recipeSettingSaid(const std::string& key, double value, const Speech& speech);
QString recipeTotalSaid(const RecipeTotal& total, const Speech& speech);

} // namespace rhexion::words
