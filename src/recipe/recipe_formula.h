// A recipe that was read, made a formula of.
#pragma once

#include "core/advice/reckon.h"
#include "core/materials/identify.h"
#include "recipe/recipe.h"

#include <functional>

namespace rhexion {

// What a line means on the shelf: by RecipeLine::material where that is said, else by its name.
using RecipeLookup = std::function<Meant(const RecipeLine& line)>;

struct RecipeMaterial {
    MaterialPtr material;                 // none: it is asked which, or nothing answers
    std::vector<MaterialPtr> candidates;  // to be asked about, best first
    const GeneralWord* general = nullptr; // whose question is asked
    bool isLye = false;                   // belongs to the lye, not among the lines
};
// One for each of Recipe::lines. A line that means no certain material is asked WhichMaterial, one
// that does no longer is.
std::vector<RecipeMaterial> materialsFor(Recipe& recipe, const RecipeLookup& lookup);

struct RecipeAsFormula {
    Formula formula;
    std::vector<std::size_t> left; // lines of the recipe that have no material or amount yet
    double statedSodium = 0.0;     // g as stated, pure or not
    double statedPotassium = 0.0;
    bool keepsStatedLye = false;
    bool percentAlone = false; // all shares, no size: 1000 g of oils are taken until it is said
    std::vector<RecipeQuestion> holdBack; // what a batch waits for
    // How many questions are open that a figure hangs on and that no batch is begun without, that
    // of the stated lye apart: until then it is no formula to look at.
    int openQuestions = 0;
    bool sure = true; // no question is open that a figure hangs on, that of the stated lye apart
};
// start with the hydroxides that the recipe names; nothing where one of them is not certain.
std::optional<Formula> startingWith(const Recipe& recipe, Formula start,
                                    const RecipeLookup& lookup);
// start: what a new formula begins as: its hydroxides and settings. sizeGrams: of all oils, or of
// the whole recipe where its shares are of that, for a recipe of shares alone.
RecipeAsFormula formulaOf(const Recipe& recipe, const std::vector<RecipeMaterial>& materials,
                          const Formula& start, std::optional<double> sizeGrams = {});

// True superfat that the stated lye gives by these figures; nothing where none is stated, a
// question is open that it hangs on, or it cannot be reckoned.
std::optional<double> superfatOfStatedLye(const RecipeAsFormula& made);

// The formula as a recipe, for writing it down.
using RecipeNames = std::function<std::string(const Material&)>;
Recipe recipeOf(const Formula& formula, const Reckoning* reckoning, const RecipeNames& nameOf = {});

} // namespace rhexion
