#include "recipe/reading.h"
#include "recipe/recipe_text.h"

#include <array>

namespace rhexion {

namespace recipe {

namespace {

// Never exactly three decimals: "1.250 g" is read as thousands by half the world.
std::string plainNumber(double value)
{
    static const Pattern threeDecimals(R"([0-9]+\.[0-9]{3})");
    std::string out = shown(value);
    if (threeDecimals.whole(out))
        out += '0';
    return out;
}

// Names that a reader would take for something else stand in quotes.
std::string quotedName(const std::string& name, const std::string& unit)
{
    const RecipeWords& words = english();
    const bool quotes = words.needsQuotes.in(name) || words.noName.in(name) || unit.empty() ||
                        (unit == "%" && words.notAName.in(name));
    return quotes ? '"' + name + '"' : name;
}

// The words of one language; readRecipe() understands them all.
struct WriterWords {
    std::string_view untitled;
    std::string_view rest, frozen, heaped;
    std::array<std::pair<std::string_view, std::string_view>, 7> places; // code, said
    std::array<std::pair<std::string_view, std::string_view>, 8> units;  // those said otherwise
    std::array<std::pair<std::string_view, std::string_view>, 4> bases;  // of a per cent
    std::array<std::pair<std::string_view, std::string_view>, 8>
        settings; // % stands for the figure
    std::string_view lyeExcess, twoLyes, perOils;
    std::string_view amount, material, where;
};

constexpr WriterWords englishWords{"Untitled",
                                   "rest",
                                   "frozen ",
                                   "heaped ",
                                   {{{"second-jug", "in the second jug"},
                                     {"lye-jug", "in the lye jug"},
                                     {"oil-pot", "in the oil pot"},
                                     {"emulsion", "at emulsion"},
                                     {"trace", "at trace"},
                                     {"after-cook", "after the cook"},
                                     {"top", "on top"}}},
                                   {},
                                   {},
                                   {{{"superfat", "superfat $ %"},
                                     {"lye_strength", "lye strength $ %"},
                                     {"water_ratio", "water to lye $:1"},
                                     {"water_percent_of_oils", "water $ % of oils"},
                                     {"water_discount", "water discount $ %"},
                                     {"koh_purity", "KOH purity $ %"},
                                     {"naoh_purity", "NaOH purity $ %"},
                                     {"temperature_c", "mix at $ C"}}},
                                   "lye excess $ %",
                                   "two lyes ",
                                   " oils",
                                   "amount",
                                   "material",
                                   "where"};

constexpr WriterWords germanWords{
    "Ohne Titel",
    "Rest",
    "gefroren ",
    "gehäufte ",
    {{{"second-jug", "in den zweiten Krug"},
      {"lye-jug", "in den Laugenkrug"},
      {"oil-pot", "in den Fetttopf"},
      {"emulsion", "bei Emulsion"},
      {"trace", "beim Zeichnen"},
      {"after-cook", "nach dem Kochen"},
      {"top", "obenauf"}}},
    {{{"tsp", "TL"},
      {"tbsp", "EL"},
      {"cup", "Tassen"},
      {"drop", "Tropfen"},
      {"piece", "Stück"},
      {"pinch", "Prisen"},
      {"handful", "Handvoll"}}},
    {{{"oils", "der Öle"}, {"batter", "des Seifenleims"}, {"liquid", "der Flüssigkeit"}}},
    {{{"superfat", "Überfettung $ %"},
      {"lye_strength", "Laugenkonzentration $ %"},
      {"water_ratio", "Wasser zu Lauge $:1"},
      {"water_percent_of_oils", "Wasser $ % der Öle"},
      {"water_discount", "Wasserreduktion $ %"},
      {"koh_purity", "KOH-Reinheit $ %"},
      {"naoh_purity", "NaOH-Reinheit $ %"},
      {"temperature_c", "Temperatur $ C"}}},
    "Laugenüberschuss $ %",
    "zwei Laugen ",
    " Öle",
    "Menge",
    "Rohstoff",
    "wohin"};

const WriterWords& wordsOf(RecipeLanguage language)
{
    return language == RecipeLanguage::German ? germanWords : englishWords;
}

// What a code is called, or the code.
template <class Pairs>
std::string_view saidOf(const Pairs& pairs, std::string_view code)
{
    for (const auto& [known, said] : pairs)
        if (!known.empty() && known == code)
            return said;
    return code;
}

std::string settingSaid(const std::string& key, double value, const WriterWords& words)
{
    if (key == "koh_share")
        return std::string(words.twoLyes) + shown(100.0 - value) + "/" + shown(value) + " NaOH/KOH";
    if (key == "superfat" && value < 0.0)
        return replaced(words.lyeExcess, "$", shown(-value));
    return replaced(saidOf(words.settings, key), "$", shown(value));
}

std::string amountSaid(const RecipeAmount& a, const WriterWords& words)
{
    if (a.unit == "rest")
        return std::string(words.rest);
    if (!a.value)
        return "?";
    std::string out = plainNumber(*a.value);
    if (a.high)
        out += "-" + plainNumber(*a.high);
    std::string unit(saidOf(words.units, a.unit));
    if (a.unit.ends_with(" heaped"))
        unit = std::string(words.heaped) +
               std::string(saidOf(words.units, a.unit.substr(0, a.unit.find(' '))));
    if (!unit.empty())
        out += " " + unit;
    if (!unit.empty() && !a.of.empty()) {
        const std::string_view base = saidOf(words.bases, a.of);
        out += base == a.of ? " of " + a.of : " " + std::string(base);
    }
    if (a.per)
        out += (words.perOils == englishWords.perOils ? " per " : " je ") + shown(a.per->value, 6) +
               " " + a.per->unit + std::string(words.perOils);
    return out;
}

std::string placeSaid(std::string_view code, const WriterWords& words)
{
    const std::string_view said = saidOf(words.places, code);
    return said == code ? std::string() : std::string(said);
}

// " {note; locked}": what stands behind a line, or nothing.
std::string bracedSaid(const RecipeLine& line, const WriterWords& words)
{
    std::vector<std::string> all;
    if (!line.note.empty())
        all.push_back(replaced(replaced(line.note, "{", "("), "}", ")"));
    for (const Said& mark : line.marks)
        all.push_back(phraseSaid(mark, &words == &germanWords));
    return all.empty() ? std::string() : " {" + joined(all, "; ") + "}";
}

std::string lineSaid(const RecipeLine& line, const WriterWords& words)
{
    std::string out = amountSaid(line.amount, words) + " ";
    if (line.frozen)
        out += words.frozen;
    out += quotedName(line.name, line.amount.unit);
    if (line.alt)
        out += " (" + amountSaid(*line.alt, words) + ")";
    out += bracedSaid(line, words);
    if (const std::string place = placeSaid(line.place, words); !place.empty())
        out += " " + place;
    return out;
}

// A cell of a Markdown table: nothing in it may end the cell or the row.
std::string cell(const std::string& text)
{
    return replaced(replaced(text, "|", "\\|"), "\n", " ");
}

} // namespace

std::string saidAmount(const RecipeAmount& a)
{
    return amountSaid(a, englishWords);
}

} // namespace recipe

std::string writeRecipe(const Recipe& r, RecipeLanguage language)
{
    using namespace recipe;
    const WriterWords& words = wordsOf(language);
    std::string out = r.title && !r.title->empty() ? *r.title : std::string(words.untitled);
    out += '\n';
    for (const auto& [key, value] : r.settings)
        out += settingSaid(key, value, words) + '\n';
    for (const Said& said : r.said)
        out += phraseSaid(said, language == RecipeLanguage::German) + '\n';
    for (const RecipeLine& line : r.lines)
        out += lineSaid(line, words) + '\n';
    return out;
}

std::string writeRecipeMarkdown(const Recipe& r, RecipeLanguage language)
{
    using namespace recipe;
    const WriterWords& words = wordsOf(language);
    std::string out =
        "# " + (r.title && !r.title->empty() ? *r.title : std::string(words.untitled)) + "\n\n";
    for (const auto& [key, value] : r.settings)
        out += "- " + settingSaid(key, value, words) + '\n';
    for (const Said& said : r.said)
        out += "- " + phraseSaid(said, language == RecipeLanguage::German) + '\n';
    if (!r.settings.empty() || !r.said.empty())
        out += '\n';
    out += "| " + std::string(words.amount) + " | " + std::string(words.material) + " | " +
           std::string(words.where) + " |\n| ---: | --- | --- |\n";
    for (const RecipeLine& line : r.lines) {
        std::string name = std::string(line.frozen ? words.frozen : "") + line.name;
        if (line.alt)
            name += " (" + amountSaid(*line.alt, words) + ")";
        name += bracedSaid(line, words);
        out += "| " + cell(amountSaid(line.amount, words)) + " | " + cell(name) + " | " +
               placeSaid(line.place, words) + " |\n";
    }
    return out;
}

} // namespace rhexion
