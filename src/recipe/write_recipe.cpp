#include "recipe/reading.h"
#include "recipe/recipe_text.h"

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

std::string_view placeSaid(std::string_view code)
{
    static constexpr std::pair<std::string_view, std::string_view> all[] = {
        {"second-jug", "in the second jug"},
        {"lye-jug", "in the lye jug"},
        {"oil-pot", "in the oil pot"},
        {"emulsion", "at emulsion"},
        {"trace", "at trace"},
        {"after-cook", "after the cook"},
        {"top", "on top"}};
    for (const auto& [known, said] : all)
        if (known == code)
            return said;
    return {};
}

std::string settingSaid(const std::string& key, double value)
{
    const std::string v = shown(value);
    if (key == "superfat")
        return value < 0.0 ? "lye excess " + shown(-value) + " %" : "superfat " + v + " %";
    if (key == "koh_share")
        return "two lyes " + shown(100.0 - value) + "/" + v + " NaOH/KOH";
    if (key == "lye_strength")
        return "lye strength " + v + " %";
    if (key == "water_ratio")
        return "water to lye " + v + ":1";
    if (key == "water_percent_of_oils")
        return "water " + v + " % of oils";
    if (key == "water_discount")
        return "water discount " + v + " %";
    if (key == "koh_purity")
        return "KOH purity " + v + " %";
    if (key == "naoh_purity")
        return "NaOH purity " + v + " %";
    return "mix at " + v + " C";
}

std::string lineSaid(const RecipeLine& line)
{
    std::string out = saidAmount(line.amount) + " ";
    if (line.frozen)
        out += "frozen ";
    out += quotedName(line.name, line.amount.unit);
    if (line.alt)
        out += " (" + saidAmount(*line.alt) + ")";
    if (!line.note.empty())
        out += " {" + replaced(replaced(line.note, "{", "("), "}", ")") + "}";
    if (const std::string_view place = placeSaid(line.place); !place.empty())
        out += " " + std::string(place);
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
    if (a.unit == "rest")
        return "rest";
    if (!a.value)
        return "?";
    std::string out = plainNumber(*a.value);
    if (a.high)
        out += "-" + plainNumber(*a.high);
    std::string unit = a.unit;
    if (unit.ends_with(" heaped"))
        unit = "heaped " + unit.substr(0, unit.find(' '));
    if (!unit.empty())
        out += " " + unit + (a.of.empty() ? "" : " of " + a.of);
    if (a.per)
        out += " per " + shown(a.per->value, 6) + " " + a.per->unit + " oils";
    return out;
}

} // namespace recipe

std::string writeRecipe(const Recipe& r)
{
    using namespace recipe;
    std::string out = r.title && !r.title->empty() ? *r.title : "Untitled";
    out += '\n';
    for (const auto& [key, value] : r.settings)
        out += settingSaid(key, value) + '\n';
    for (const RecipeLine& line : r.lines)
        out += lineSaid(line) + '\n';
    return out;
}

std::string writeRecipeMarkdown(const Recipe& r)
{
    using namespace recipe;
    std::string out = "# " + (r.title && !r.title->empty() ? *r.title : "Untitled") + "\n\n";
    for (const auto& [key, value] : r.settings)
        out += "- " + settingSaid(key, value) + '\n';
    if (!r.settings.empty())
        out += '\n';
    out += "| amount | material | where |\n| ---: | --- | --- |\n";
    for (const RecipeLine& line : r.lines) {
        std::string name = (line.frozen ? "frozen " : "") + line.name;
        if (line.alt)
            name += " (" + saidAmount(*line.alt) + ")";
        if (!line.note.empty())
            name += " {" + line.note + "}";
        out += "| " + cell(saidAmount(line.amount)) + " | " + cell(name) + " | " +
               std::string(placeSaid(line.place)) + " |\n";
    }
    return out;
}

} // namespace rhexion
