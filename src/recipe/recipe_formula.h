// A recipe that was read, made a formula of.
#pragma once

#include "core/advice/reckon.h"
#include "recipe/recipe.h"

#include <functional>

namespace rhexion {

// Materials that a name may mean, best first, from the shelf.
using RecipeLookup = std::function<std::vector<MaterialPtr>(const std::string& name)>;

struct RecipeMaterial {
    MaterialPtr material;            // none: nothing on the shelf answers
    std::vector<MaterialPtr> others; // that answer as well
    bool isLye = false;              // belongs to the lye, not among the lines
};
// One for each of Recipe::lines.
std::vector<RecipeMaterial> materialsFor(const Recipe& recipe, const RecipeLookup& lookup);

struct RecipeAsFormula {
    Formula formula;
    std::vector<std::size_t> left; // lines of the recipe that have no material or amount yet
    double statedSodium = 0.0;     // g as stated, pure or not
    double statedPotassium = 0.0;
    bool keepsStatedLye = false;
    bool percentAlone = false; // all shares, no size: 1000 g of oils are taken until it is said
    std::vector<RecipeQuestion> holdBack; // what a batch waits for
};
// start: what a new formula begins as: its hydroxides and settings. sizeGrams: of all oils, or of
// the whole recipe where its shares are of that, for a recipe of shares alone.
RecipeAsFormula formulaOf(const Recipe& recipe, const std::vector<RecipeMaterial>& materials,
                          const Formula& start, std::optional<double> sizeGrams = {});

// True superfat that the stated lye gives by these figures; nothing where none is stated or it
// cannot be reckoned.
std::optional<double> superfatOfStatedLye(const RecipeAsFormula& made);

// The formula as a recipe, for writing it down.
using RecipeNames = std::function<std::string(const Material&)>;
Recipe recipeOf(const Formula& formula, const Reckoning* reckoning, const RecipeNames& nameOf = {});

} // namespace rhexion
