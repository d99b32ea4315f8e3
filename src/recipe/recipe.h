// A recipe as people write it down: read line by line, nothing lost. Every line that is not blank
// ends as exactly one of title, heading, setting, material, total, note, not understood; what may
// mean two things is a question on its line with the reading taken. UTF-8 in, any line end.
#pragma once

#include "recipe/recipe_phrases.h"

#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace rhexion {

enum class RecipeQuestion {
    About,
    CitricForm,
    DecimalOrThousands,
    FigureInNote,
    KohPurity,
    LyeStated,
    LyeStrength,
    NoAmount,
    NoMeasure,
    OzWeightOrFluid,
    PercentOfWhat,
    Range,
    SplitBasis,
    SplitOrder,
    TspOrTbsp,
    UnitMissing,
    UsOrUk,
    WhichMaterial
};
const char* codeOf(RecipeQuestion question);
// Whether a batch must wait for its answer.
bool holdsBack(RecipeQuestion question);

struct RecipePer { // "per 500 g of oils"
    double value = 1.0;
    std::string unit; // g, kg, oz, lb
    friend bool operator==(const RecipePer&, const RecipePer&) = default;
};

// unit: g kg "oz wt" oz lb ml tsp tbsp "tsp heaped" "tbsp heaped" cup pint quart "fl oz" stick drop
// pinch handful piece % rest; empty: not known.
struct RecipeAmount {
    std::optional<double> value;
    std::string unit;
    std::optional<double> high; // of a range: value is its low end
    std::string of;             // of %: oils, batter, liquid, recipe
    std::optional<RecipePer> per;
    std::vector<RecipeQuestion> ask;
};

struct RecipeLine {
    int n = 0;        // of the text's line, from 1
    std::string name; // lower case, as it is to be looked up
    RecipeAmount amount;
    std::optional<RecipeAmount> alt; // the same amount said another way
    bool frozen = false;
    std::string note;
    std::string place;               // code word of a vessel; empty: the material's own usual place
    std::vector<recipe::Said> marks; // what a formula says of a line besides
    std::string material; // id, where it was said which one is meant; empty: the name says
    void asks(RecipeQuestion question);
    void settle(RecipeQuestion question); // no longer asked
    bool isAsked(RecipeQuestion question) const;
};

struct RecipeTotal {
    int n = 0;
    std::string what; // oils, batter, percent, sum
    double value = 0.0;
    std::string unit;
    std::optional<bool> agrees; // with the lines; nothing where it cannot be told
};

// superfat, lye_strength, water_ratio, water_percent_of_oils, water_discount, koh_purity,
// naoh_purity, koh_share, temperature_c: in per cent, to one, C; as the maker wrote them.
using RecipeSettings = std::vector<std::pair<std::string, double>>;
std::optional<double> settingOf(const RecipeSettings& settings, std::string_view key);

struct Recipe {
    std::optional<std::string> title;
    int titleLine = 0;
    RecipeSettings settings;        // in the order they were met
    std::vector<recipe::Said> said; // what a formula says besides: a setting each
    struct SettingAsk {
        int n; // of the text's line
        RecipeQuestion question;
    };
    std::vector<SettingAsk> settingAsks; // what settings leave open
    std::vector<RecipeLine> lines;
    std::vector<RecipeTotal> totals;
    std::vector<int> headings;
    std::vector<int> settingLines;
    int splitLine = 0; // the text's line that divides the lye; 0: none
    std::vector<int> notes;
    std::vector<int> figuresInNotes; // notes that hold an amount
    std::vector<int> notUnderstood;
    std::vector<std::string> text; // the lines as they were written

    bool isAsked(RecipeQuestion question) const;
    // What one line of the text was read as, for showing it.
    enum class Kind { Blank, Title, Heading, Setting, Material, Total, Note, NotUnderstood };
    Kind kindOf(int n) const;
};

inline constexpr std::size_t longestRecipe = 1'000'000; // bytes
inline constexpr std::size_t mostRecipeLines = 5000;
inline constexpr std::size_t longestRecipeLine = 2000; // bytes; a longer one is not understood

enum class RecipeRefusal { TooLong, TooManyLines };

struct RecipeRead {
    Recipe recipe;
    std::optional<RecipeRefusal> refusal;
};
RecipeRead readRecipe(std::string_view text);

// One amount at a place of the text; bareUnit: unit of a number without one. For checks and tests.
struct AmountRead {
    RecipeAmount amount;
    std::size_t end = 0;
};
std::optional<AmountRead> readRecipeAmount(std::string_view text);
// Settings of a line, where it holds nothing else.
std::optional<RecipeSettings> readRecipeSettings(std::string_view text);

// The canonical text; reading it gives the same title, settings and lines, in each language.
enum class RecipeLanguage { English, German };
std::string writeRecipe(const Recipe& recipe, RecipeLanguage language = RecipeLanguage::English);
std::string writeRecipeMarkdown(const Recipe& recipe,
                                RecipeLanguage language = RecipeLanguage::English);

} // namespace rhexion
