#include "recipe/recipe.h"

#include "recipe/reading.h"
#include "recipe/recipe_answers.h"
#include "recipe/recipe_text.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace rhexion {

namespace {

constexpr std::array<const char*, 18> questionCodes{
    "about",       "citric-form",        "decimal-or-thousands", "figure-in-note",
    "koh-purity",  "lye-stated",         "lye-strength",         "no-amount",
    "no-measure",  "oz-weight-or-fluid", "percent-of-what",      "range",
    "split-basis", "split-order",        "tsp-or-tbsp",          "unit-missing",
    "us-or-uk",    "which-material"};

} // namespace

const char* codeOf(RecipeQuestion question)
{
    return questionCodes[static_cast<std::size_t>(question)];
}

bool holdsBack(RecipeQuestion question)
{
    switch (question) {
    case RecipeQuestion::LyeStated:
    case RecipeQuestion::LyeStrength:
    case RecipeQuestion::KohPurity:
    case RecipeQuestion::CitricForm:
    case RecipeQuestion::DecimalOrThousands:
    case RecipeQuestion::SplitBasis:
    case RecipeQuestion::SplitOrder:
    case RecipeQuestion::UnitMissing:
    case RecipeQuestion::WhichMaterial: return true;
    default: return false;
    }
}

void RecipeLine::asks(RecipeQuestion question)
{
    if (!isAsked(question))
        amount.ask.push_back(question);
}

void RecipeLine::settle(RecipeQuestion question)
{
    std::erase(amount.ask, question);
}

bool RecipeLine::isAsked(RecipeQuestion question) const
{
    return std::ranges::find(amount.ask, question) != amount.ask.end();
}

std::optional<double> settingOf(const RecipeSettings& settings, std::string_view key)
{
    for (const auto& [name, value] : settings)
        if (name == key)
            return value;
    return std::nullopt;
}

bool Recipe::isAsked(RecipeQuestion question) const
{
    return std::ranges::any_of(lines, [&](const RecipeLine& l) { return l.isAsked(question); });
}

Recipe::Kind Recipe::kindOf(int n) const
{
    const auto in = [n](const std::vector<int>& all) {
        return std::ranges::find(all, n) != all.end();
    };
    if (titleLine == n)
        return Kind::Title;
    if (std::ranges::find(lines, n, &RecipeLine::n) != lines.end())
        return Kind::Material;
    if (in(settingLines))
        return Kind::Setting;
    if (in(headings))
        return Kind::Heading;
    if (std::ranges::find(totals, n, &RecipeTotal::n) != totals.end())
        return Kind::Total;
    if (in(notes))
        return Kind::Note;
    return in(notUnderstood) ? Kind::NotUnderstood : Kind::Blank;
}

namespace recipe {

std::optional<double> gramsOfUnit(std::string_view unit)
{
    if (unit == "g")
        return 1.0;
    if (unit == "kg")
        return 1000.0;
    if (unit == "oz" || unit == "oz wt")
        return 28.349523125;
    if (unit == "lb")
        return 453.59237;
    return std::nullopt;
}

namespace {

std::optional<double> altPercentOf(const RecipeLine& line)
{
    if (line.alt && line.alt->unit == "%")
        return line.alt->value;
    return std::nullopt;
}

} // namespace

void askQuestions(const Reading& with, Recipe& recipe)
{
    static const Pattern perCent(R"(([0-9]+(?:[.,][0-9]+)?)\s*%)");
    using Q = RecipeQuestion;
    using C = PhraseCode;
    const RecipeWords& words = with.words;
    const auto says = [&](C code) {
        return std::ranges::find(recipe.said, code, &Said::code) != recipe.said.end();
    };
    for (RecipeLine& line : recipe.lines) {
        const std::string& name = line.name;
        const auto beside = [&](const std::string& text) {
            std::vector<double> out;
            std::size_t from = 0;
            while (const auto m = perCent.find(text, from)) {
                out.push_back(numberFrom(replaced((*m)[1], ",", ".")));
                from = m->end();
            }
            return out;
        };
        std::vector<double> shares = beside(name + " " + line.note);
        const bool nameHasShare = perCent.in(name);
        const std::optional<double> alt = altPercentOf(line);
        if (line.amount.unit == "oz" && (words.liquid.in(name) || words.poured.in(name)))
            line.asks(Q::OzWeightOrFluid);
        if (words.lye.in(name)) {
            if (!keepsLye(line))
                line.asks(Q::LyeStated);
            const bool weak =
                nameHasShare && std::ranges::any_of(shares, [](double x) { return x < 80.0; });
            if (words.lyeSolution.in(name) || weak || (alt && *alt >= 20.0 && *alt < 80.0))
                line.asks(Q::LyeStrength);
        }
        if (alt)
            shares.push_back(*alt);
        if (words.potash.in(name) && !settingOf(recipe.settings, "koh_purity") &&
            !says(C::PotassiumIs) &&
            std::ranges::none_of(shares, [](double x) { return x >= 80.0 && x <= 100.0; }))
            line.asks(Q::KohPurity);
        if (words.citric.in(name) && !words.citricForm.in(name + line.note))
            line.asks(Q::CitricForm);
        if (line.amount.unit == "%" && line.amount.of.empty() &&
            (words.liquid.in(name) || words.scented.in(name)))
            line.asks(Q::PercentOfWhat);
        if (words.vagueName.whole(name))
            line.asks(Q::WhichMaterial);
        if (words.noteFigure.in(line.note))
            line.asks(Q::FigureInNote);
    }
    // What 40 % KOH is 40 % of, and how pure it is, where only the share is said.
    const auto share = settingOf(recipe.settings, "koh_share");
    if (!share || *share <= 0.0)
        return;
    const int n = recipe.splitLine;
    if (*share < 100.0 && !says(C::SplitByMole) && !says(C::SplitByPureWeight) &&
        !says(C::SplitAsWeighed))
        recipe.settingAsks.push_back({n, Q::SplitBasis});
    if (!settingOf(recipe.settings, "koh_purity") && !says(C::PotassiumIs) &&
        std::ranges::none_of(recipe.lines,
                             [&](const RecipeLine& l) { return words.potash.in(l.name); }))
        recipe.settingAsks.push_back({n, Q::KohPurity});
}

namespace {

std::optional<double> percentOf(const RecipeLine& line)
{
    if (line.amount.unit == "%")
        return line.amount.value;
    return altPercentOf(line);
}

std::optional<double> massOf(const RecipeLine& line)
{
    if (const auto grams = gramsOfUnit(line.amount.unit); grams && line.amount.value)
        return *line.amount.value * *grams;
    if (line.alt && line.alt->value)
        if (const auto grams = gramsOfUnit(line.alt->unit))
            return *line.alt->value * *grams;
    return std::nullopt;
}

using Lines = std::vector<const RecipeLine*>;

// Nothing where a line's mass is not known.
std::optional<double> sumOf(const Lines& lines)
{
    double sum = 0.0;
    for (const RecipeLine* line : lines) {
        const auto mass = massOf(*line);
        if (!mass)
            return std::nullopt;
        sum += *mass;
    }
    return lines.empty() ? std::nullopt : std::optional(sum);
}

std::optional<double> sumOfPercents(const Lines& lines)
{
    double sum = 0.0;
    bool any = false;
    for (const RecipeLine* line : lines)
        if (const auto percent = percentOf(*line)) {
            sum += *percent;
            any = true;
        }
    return any ? std::optional(sum) : std::nullopt;
}

} // namespace

void compareTotals(const Reading& with, Recipe& recipe)
{
    constexpr double closeShare = 0.005;
    constexpr double closePercent = 0.5;
    Lines oils;
    Lines all;
    for (const RecipeLine& line : recipe.lines) {
        all.push_back(&line);
        if ((line.place.empty() || line.place == "oil-pot") && with.words.oily.in(line.name) &&
            !with.words.scented.in(line.name) && !with.words.liquid.in(line.name))
            oils.push_back(&line);
    }
    for (RecipeTotal& total : recipe.totals) {
        const auto grams = gramsOfUnit(total.unit);
        if (total.what == "percent" || total.unit == "%") {
            if (const auto whole = sumOfPercents(all))
                total.agrees =
                    std::abs(sumOfPercents(oils).value_or(0.0) - total.value) <= closePercent ||
                    std::abs(*whole - total.value) <= closePercent;
        } else if (grams) {
            const double goal = total.value * *grams;
            const auto isClose = [&](const std::optional<double>& sum) {
                return sum && std::abs(*sum - goal) <= closeShare * goal;
            };
            const auto whole = sumOf(all);
            const auto ofOils = sumOf(oils);
            if (total.what == "sum") {
                if (whole || ofOils)
                    total.agrees = isClose(whole) || isClose(ofOils);
            } else if (const auto& sum = total.what == "oils" ? ofOils : whole) {
                total.agrees = isClose(sum);
            }
        }
    }
}

} // namespace recipe

} // namespace rhexion
