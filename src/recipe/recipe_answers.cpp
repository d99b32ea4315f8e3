#include "recipe/recipe_answers.h"

#include "recipe/pattern.h"
#include "recipe/recipe_text.h"

#include <algorithm>

namespace rhexion {

namespace {

using Q = RecipeQuestion;
using W = RecipeReading::What;

constexpr double usualPotashPurity = 90.0;

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
    case Q::SplitBasis: return {{W::ByPureWeight}, {W::AsWeighed}, {W::ByMole}};
    case Q::SplitOrder: return {{W::SodiumFirst}, {W::PotassiumFirst}};
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
    case Q::WhichMaterial: return {{W::LeaveOut}};
    }
    return {};
}

std::string codeOf(const RecipeReading& reading)
{
    switch (reading.what) {
    case W::AsItStands: return "as-it-stands";
    case W::Anhydrous: return "anhydrous";
    case W::Monohydrate: return "monohydrate";
    case W::Thousandfold: return "thousandfold";
    case W::Thousandth: return "thousandth";
    case W::LeaveInNote: return "in-note";
    case W::Purity: return recipe::shown(reading.figure);
    case W::ReckonLye: return "reckon";
    case W::KeepLye: return "keep";
    case W::LyeOfStrength: return "solution-" + recipe::shown(reading.figure);
    case W::DryLye: return "dry";
    case W::LeaveOut: return "leave-out";
    case W::ByWeight: return "weight";
    case W::Fluid: return "fluid";
    case W::OfOils: return "oils";
    case W::OfBatter: return "batter";
    case W::OfLiquid: return "liquid";
    case W::LowEnd: return "low";
    case W::Middle: return "middle";
    case W::HighEnd: return "high";
    case W::Teaspoon: return "tsp";
    case W::Tablespoon: return "tbsp";
    case W::Grams: return "g";
    case W::Ounces: return "oz";
    case W::Millilitres: return "ml";
    case W::PerCent: return "%";
    case W::ByMole: return "mole";
    case W::ByPureWeight: return "pure-weight";
    case W::AsWeighed: return "as-weighed";
    case W::SodiumFirst: return "naoh-first";
    case W::PotassiumFirst: return "koh-first";
    case W::Measure: return recipe::shown(reading.figure) + "ml";
    case W::Material: return reading.material;
    }
    return {};
}

std::vector<RecipeReading> readingsOf(RecipeQuestion settingQuestion)
{
    return readingsOf(RecipeLine(), settingQuestion);
}

namespace {

void setPurity(Recipe& recipe, double percent)
{
    auto found =
        std::ranges::find(recipe.settings, "koh_purity", &std::pair<std::string, double>::first);
    if (found == recipe.settings.end())
        recipe.settings.emplace_back("koh_purity", percent);
    else
        found->second = percent;
    for (RecipeLine& line : recipe.lines)
        line.settle(Q::KohPurity);
    std::erase_if(recipe.settingAsks, [](const auto& ask) { return ask.question == Q::KohPurity; });
}

} // namespace

void answerSetting(Recipe& recipe, std::size_t ask, const RecipeReading& reading)
{
    using C = recipe::PhraseCode;
    if (ask >= recipe.settingAsks.size())
        return;
    recipe.settingAsks.erase(recipe.settingAsks.begin() + std::ptrdiff_t(ask));
    switch (reading.what) {
    case W::ByMole: recipe.said.push_back({C::SplitByMole, {}, {}}); break;
    case W::ByPureWeight: recipe.said.push_back({C::SplitByPureWeight, {}, {}}); break;
    case W::AsWeighed: recipe.said.push_back({C::SplitAsWeighed, {}, {}}); break;
    case W::Purity: setPurity(recipe, reading.figure); break;
    case W::PotassiumFirst: // the second number was read as that of the KOH
        for (auto& [key, value] : recipe.settings)
            if (key == "koh_share")
                value = 100.0 - value;
        break;
    default: break;
    }
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
    case W::ByMole: // of settings
    case W::ByPureWeight:
    case W::AsWeighed:
    case W::SodiumFirst:
    case W::PotassiumFirst:
    case W::ByWeight:
    case W::ReckonLye: break;
    case W::Anhydrous: line.name = "citric acid, anhydrous"; break;
    case W::Monohydrate: line.name = "citric acid, monohydrate"; break;
    case W::Thousandfold: times(a, 1000.0); break;
    case W::Thousandth: times(a, 0.001); break;
    case W::Purity: setPurity(recipe, reading.figure); break;
    case W::KeepLye: line.marks.push_back({recipe::PhraseCode::LyeKept, {}, {}}); break;
    case W::LyeOfStrength: addNote(line, recipe::shown(reading.figure) + " % solution"); break;
    case W::DryLye: addNote(line, "100 % solution"); break;
    case W::LeaveOut: // of the sum, not of the text
        recipe.notes.push_back(line.n);
        recipe.lines.erase(recipe.lines.begin() + std::ptrdiff_t(at));
        break;
    case W::Material: line.material = reading.material; break;
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
    return std::ranges::find(line.marks, recipe::PhraseCode::LyeKept, &recipe::Said::code) !=
           line.marks.end();
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
