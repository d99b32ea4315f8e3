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
        Measure // figure: ml of the measure meant
    };
    What what = What::AsItStands;
    double figure = 0.0;
    friend bool operator==(const RecipeReading&, const RecipeReading&) = default;
};

// The readings on offer; the first is the one taken meanwhile, where one is taken at all.
std::vector<RecipeReading> readingsOf(const RecipeLine& line, RecipeQuestion question);

// Reads a line, by its place among Recipe::lines, as said; the question is answered then.
void answer(Recipe& recipe, std::size_t line, RecipeQuestion question,
            const RecipeReading& reading);

// The line kept as stated lye, and how strong it is: written into its note by answer() so that
// text keeps it too.
bool keepsLye(const RecipeLine& line);
std::optional<double> lyeStrengthOf(const RecipeLine& line); // per cent

} // namespace rhexion
