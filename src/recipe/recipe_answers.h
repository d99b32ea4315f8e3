// The other readings of a line that is asked about, and a line read as one of them.
#pragma once

#include "recipe/recipe.h"

namespace rhexion {

struct RecipeReading {
    enum class What {
        AsItStands,
        Anhydrous,
        Monohydrate,
        Thousandfold,
        Thousandth,
        LeaveInNote,
        Purity,        // figure: per cent
        ReckonLye,     // the stated lye is compared only
        KeepLye,       // it is weighed as stated
        LyeOfStrength, // figure: per cent of a solution
        DryLye,
        LeaveOut,
        ByWeight,
        Fluid,
        OfOils,
        OfBatter,
        OfLiquid,
        LowEnd,
        Middle,
        HighEnd,
        Teaspoon,
        Tablespoon,
        Grams,
        Ounces,
        Millilitres,
        PerCent,
        ByMole, // the shares of the two lyes
        ByPureWeight,
        AsWeighed,
        SodiumFirst,
        PotassiumFirst,
        Measure, // figure: ml of the measure meant
        Material // of that id
    };
    What what = What::AsItStands;
    double figure = 0.0;
    std::string material = {};
    friend bool operator==(const RecipeReading&, const RecipeReading&) = default;
};

// The readings on offer; the first is the one taken meanwhile, where one is taken at all. Which
// material it may be, the shelf knows: only leaving it in the notes is among them.
std::vector<RecipeReading> readingsOf(const RecipeLine& line, RecipeQuestion question);

// What a reading is called on the command line and in files: "monohydrate", "90", "oils"; an id for
// a material.
std::string codeOf(const RecipeReading& reading);

// Reads a line, by its place among Recipe::lines, as said; the question is answered then.
void answer(Recipe& recipe, std::size_t line, RecipeQuestion question,
            const RecipeReading& reading);

// The same of a question that a setting leaves open (Recipe::settingAsks), by its place there.
std::vector<RecipeReading> readingsOf(RecipeQuestion settingQuestion);
void answerSetting(Recipe& recipe, std::size_t ask, const RecipeReading& reading);

// The line kept as stated lye, and how strong it is: a mark and the note, so that text keeps it
// too.
bool keepsLye(const RecipeLine& line);
std::optional<double> lyeStrengthOf(const RecipeLine& line); // per cent

} // namespace rhexion
