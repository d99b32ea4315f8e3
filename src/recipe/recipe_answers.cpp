#include "recipe/recipe_answers.h"

#include "recipe/pattern.h"
#include "recipe/recipe_text.h"

#include <algorithm>

namespace rhexion {

namespace {

using Q = RecipeQuestion;
using W = RecipeReading::What;

constexpr double usualPotashPurity = 90.0;
constexpr const char* keptLye = "kept as stated";

void setUnit(RecipeAmount& amount, const char* unit)
{
    amount.unit = unit;
}

void addNote(RecipeLine& line, const std::string& note)
{
    line.note += (line.note.empty() ? "" : "; ") + note;
}

void times(RecipeAmount& amount, double factor)
{
    if (amount.value)
        amount.value = *amount.value * factor;
    if (amount.high)
        amount.high = *amount.high * factor;
}

} // namespace

std::vector<RecipeReading> readingsOf(const RecipeLine& line, RecipeQuestion question)
{
    switch (question) {
    case Q::About: return {{W::AsItStands}};
    case Q::CitricForm: return {{W::Monohydrate}, {W::Anhydrous}};
    case Q::DecimalOrThousands: {
        const bool large = line.amount.value.value_or(0.0) >= 1000.0;
        return {{W::AsItStands}, {large ? W::Thousandth : W::Thousandfold}};
    }
    case Q::FigureInNote: return {{W::LeaveInNote}};
    case Q::KohPurity:
        return {{W::Purity, usualPotashPurity},
                {W::Purity, 85.0},
                {W::Purity, 95.0},
                {W::Purity, 100.0}};
    case Q::LyeStated: return {{W::ReckonLye}, {W::KeepLye}};
    case Q::LyeStrength:
        return {{W::LyeOfStrength, 50.0},
                {W::LyeOfStrength, 33.0},
                {W::LyeOfStrength, 30.0},
                {W::DryLye}};
    case Q::NoAmount: return {{W::AsItStands}, {W::LeaveOut}};
    case Q::NoMeasure: return {{W::AsItStands}, {W::LeaveOut}};
    case Q::OzWeightOrFluid: return {{W::ByWeight}, {W::Fluid}};
    case Q::PercentOfWhat: return {{W::OfOils}, {W::OfBatter}, {W::OfLiquid}};
    case Q::Range: return {{W::LowEnd}, {W::Middle}, {W::HighEnd}};
    case Q::TspOrTbsp:
        return line.amount.unit == "tbsp"
                   ? std::vector<RecipeReading>{{W::Tablespoon}, {W::Teaspoon}}
                   : std::vector<RecipeReading>{{W::Teaspoon}, {W::Tablespoon}};
    case Q::UnitMissing: return {{W::Grams}, {W::Ounces}, {W::Millilitres}, {W::PerCent}};
    case Q::UsOrUk:
        if (line.amount.unit == "pint")
            return {{W::Measure, 473.176}, {W::Measure, 568.261}};
        if (line.amount.unit == "quart")
            return {{W::Measure, 946.353}, {W::Measure, 1136.52}};
        if (line.amount.unit == "fl oz")
            return {{W::Measure, 29.5735}, {W::Measure, 28.4131}};
        return {{W::Measure, 240.0}, {W::Measure, 250.0}, {W::Measure, 284.131}};
    case Q::WhichMaterial: return {{W::AsItStands}};
    }
    return {};
}

void answer(Recipe& recipe, std::size_t at, RecipeQuestion question, const RecipeReading& reading)
{
    if (at >= recipe.lines.size())
        return;
    RecipeLine& line = recipe.lines[at];
    RecipeAmount& a = line.amount;
    std::erase(a.ask, question);
    switch (reading.what) {
    case W::AsItStands:
    case W::LeaveInNote:
    case W::ByWeight:
    case W::ReckonLye: break;
    case W::Anhydrous: line.name = "citric acid, anhydrous"; break;
    case W::Monohydrate: line.name = "citric acid, monohydrate"; break;
    case W::Thousandfold: times(a, 1000.0); break;
    case W::Thousandth: times(a, 0.001); break;
    case W::Purity: {
        auto found = std::ranges::find(recipe.settings, "koh_purity",
                                       &std::pair<std::string, double>::first);
        if (found == recipe.settings.end())
            recipe.settings.emplace_back("koh_purity", reading.figure);
        else
            found->second = reading.figure;
        for (RecipeLine& other : recipe.lines)
            std::erase(other.amount.ask, Q::KohPurity);
        break;
    }
    case W::KeepLye: addNote(line, keptLye); break;
    case W::LyeOfStrength: addNote(line, recipe::shown(reading.figure) + " % solution"); break;
    case W::DryLye: addNote(line, "100 % solution"); break;
    case W::LeaveOut: recipe.lines.erase(recipe.lines.begin() + std::ptrdiff_t(at)); break;
    case W::Fluid: setUnit(a, "fl oz"); break;
    case W::OfOils: a.of = "oils"; break;
    case W::OfBatter: a.of = "batter"; break;
    case W::OfLiquid: a.of = "liquid"; break;
    case W::LowEnd: a.high.reset(); break;
    case W::Middle:
        if (a.value && a.high)
            a.value = (*a.value + *a.high) / 2.0;
        a.high.reset();
        break;
    case W::HighEnd:
        if (a.high)
            a.value = a.high;
        a.high.reset();
        break;
    case W::Teaspoon: setUnit(a, "tsp"); break;
    case W::Tablespoon: setUnit(a, "tbsp"); break;
    case W::Grams: setUnit(a, "g"); break;
    case W::Ounces: setUnit(a, "oz"); break;
    case W::Millilitres: setUnit(a, "ml"); break;
    case W::PerCent: setUnit(a, "%"); break;
    case W::Measure:
        times(a, reading.figure);
        setUnit(a, "ml");
        break;
    }
}

bool keepsLye(const RecipeLine& line)
{
    return line.note.find(keptLye) != std::string::npos;
}

std::optional<double> lyeStrengthOf(const RecipeLine& line)
{
    static const recipe::Pattern strength(R"(([0-9]+(?:[.,][0-9]+)?) ?%)");
    for (const std::string* text : {&line.name, &line.note})
        if (const auto m = strength.find(*text))
            return recipe::numberFrom(recipe::replaced((*m)[1], ",", "."));
    return std::nullopt;
}

} // namespace rhexion
