#include "recipe/recipe_formula.h"

#include "core/formula/usual_place.h"
#include "core/materials/limits.h"
#include "recipe/recipe_answers.h"
#include "recipe/recipe_words.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace rhexion {

namespace {

constexpr double usSize = 1000.0; // g of oils for a recipe that states none

struct UnitRow {
    const char* code;
    AmountUnit unit;
    double times;
};
// Pints and quarts as the United States measure them, a stick of butter, a pinch: common practice.
constexpr std::array<UnitRow, 20> unitRows{{{"g", AmountUnit::Gram, 1.0},
                                            {"kg", AmountUnit::Kilogram, 1.0},
                                            {"oz", AmountUnit::Ounce, 1.0},
                                            {"lb", AmountUnit::Pound, 1.0},
                                            {"ml", AmountUnit::Millilitre, 1.0},
                                            {"tsp", AmountUnit::Teaspoon, 1.0},
                                            {"tsp heaped", AmountUnit::TeaspoonHeaped, 1.0},
                                            {"tbsp", AmountUnit::Tablespoon, 1.0},
                                            {"tbsp heaped", AmountUnit::TablespoonHeaped, 1.0},
                                            {"cup", AmountUnit::Cup, 1.0},
                                            {"pint", AmountUnit::Millilitre, 473.176},
                                            {"quart", AmountUnit::Millilitre, 946.353},
                                            {"fl oz", AmountUnit::FluidOunce, 1.0},
                                            {"stick", AmountUnit::Gram, 113.4},
                                            {"drop", AmountUnit::Drop, 1.0},
                                            {"pinch", AmountUnit::Teaspoon, 1.0 / 16.0},
                                            {"handful", AmountUnit::Cup, 0.25},
                                            {"piece", AmountUnit::Piece, 1.0},
                                            {"%", AmountUnit::PercentOfOils, 1.0},
                                            {"rest", AmountUnit::Rest, 1.0}}};

std::optional<StatedAmount> statedOf(const RecipeAmount& a)
{
    if (a.unit == "rest")
        return StatedAmount{0.0, AmountUnit::Rest};
    if (!a.value)
        return std::nullopt;
    if (a.unit == "%" && a.of == "batter")
        return StatedAmount{*a.value, AmountUnit::PercentOfBatter};
    if (a.unit == "%" && a.of == "liquid")
        return StatedAmount{*a.value, AmountUnit::PercentOfLiquid};
    for (const UnitRow& row : unitRows)
        if (a.unit == row.code)
            return StatedAmount{*a.value * row.times, row.unit};
    return StatedAmount{*a.value, AmountUnit::Gram}; // a unit that is missing: asked
}

std::optional<Mass> perMass(const RecipeAmount& a)
{
    if (!a.per)
        return std::nullopt;
    for (const UnitRow& row : unitRows)
        if (a.per->unit == row.code)
            return statedMass({a.per->value, row.unit});
    return std::nullopt;
}

bool isPotash(const RecipeLine& line, const RecipeMaterial& m)
{
    if (m.material && m.material->isHydroxide())
        return m.material->kind == MaterialKind::PotassiumHydroxide;
    return recipe::english().potash.in(line.name);
}

// All shares, no grams: of the oils where they come to 100 without lye and liquid, else of all.
struct Shares {
    bool alone = false;
    bool ofWhole = false;
};

Shares sharesOf(const Recipe& r, const std::vector<RecipeMaterial>& materials)
{
    Shares out;
    double oils = 0.0;
    double all = 0.0;
    bool lye = false;
    for (std::size_t i = 0; i < r.lines.size(); ++i) {
        const RecipeAmount& a = r.lines[i].amount;
        const bool oil = materials[i].material && materials[i].material->isOil();
        if (a.unit != "%") {
            if (oil && a.value)
                return {};
            continue;
        }
        if (!a.of.empty() && a.of != "recipe")
            continue;
        all += a.value.value_or(0.0);
        oils += oil ? a.value.value_or(0.0) : 0.0;
        lye |= materials[i].isLye;
        out.ofWhole |= a.of == "recipe";
    }
    out.alone = oils > 0.0;
    out.ofWhole |= lye && std::abs(all - 100.0) < 1.0 && std::abs(oils - 100.0) >= 1.0;
    return out;
}

class Maker {
public:
    Maker(const Recipe& r, const std::vector<RecipeMaterial>& materials, const Formula& start,
          std::optional<double> size)
        : r_(r), materials_(materials), shares_(sharesOf(r, materials)),
          size_(size.value_or(usSize))
    {
        out_.formula = start;
        out_.formula.lines.clear();
        out_.formula.name = r.title.value_or("");
        out_.percentAlone = shares_.alone && !size;
    }

    RecipeAsFormula make()
    {
        settle();
        oils();
        for (std::size_t i = 0; i < r_.lines.size(); ++i)
            addLine(i);
        if (shares_.alone && !shares_.ofWhole)
            out_.formula.oilsTotal = Mass::grams(size_);
        if (!hasLiquid_)
            addWater();
        keepLye();
        holdBack();
        notes();
        return std::move(out_);
    }

private:
    void settle()
    {
        Formula& f = out_.formula;
        const auto setting = [&](const char* key) { return settingOf(r_.settings, key); };
        if (const auto s = setting("superfat"))
            f.lye.superfat = *s / 100.0;
        if (const auto c = setting("lye_strength"))
            liquid(LiquidStatement::Strength, *c / 100.0);
        if (const auto ratio = setting("water_ratio"))
            liquid(LiquidStatement::Ratio, *ratio);
        if (const auto share = setting("water_percent_of_oils"))
            liquid(LiquidStatement::PercentOfOils, *share / 100.0);
        if (const auto less = setting("water_discount"))
            liquid(LiquidStatement::LessThanUsual, *less / 100.0);
        if (const auto t = setting("temperature_c"); t && *t >= -10.0 && *t <= 130.0)
            f.mixing.at = Temperature::celsius(*t);
        if (const auto share = setting("koh_share"))
            f.lye.potassiumShare = *share / 100.0;
        purity(f.lye.potassium, setting("koh_purity"));
        purity(f.lye.sodium, setting("naoh_purity"));
    }
    void liquid(LiquidStatement how, double value)
    {
        out_.formula.liquid.how = how;
        out_.formula.liquid.value = value;
    }
    static void purity(MaterialPtr& hydroxide, const std::optional<double>& percent)
    {
        if (!hydroxide || !percent)
            return;
        if (auto pure = withPurity(*hydroxide, *percent / 100.0))
            hydroxide = std::make_shared<const Material>(std::move(*pure));
    }

    // g of all oils stated as masses, for "per pound of oils".
    void oils()
    {
        for (std::size_t i = 0; i < r_.lines.size(); ++i) {
            const auto& m = materials_[i].material;
            if (!m || !m->isOil())
                continue;
            if (const auto stated = statedOf(r_.lines[i].amount))
                if (const auto mass = massOf(*stated, *m))
                    oilsGrams_ += mass->inGrams();
        }
    }

    void addLine(std::size_t i)
    {
        const RecipeLine& line = r_.lines[i];
        const RecipeMaterial& m = materials_[i];
        auto stated = statedOf(line.amount);
        if (m.isLye) {
            stateLye(line, m, stated);
            return;
        }
        if (!m.material || !stated) {
            out_.left.push_back(i);
            if (!m.material)
                return;
            stated = StatedAmount{0.0, AmountUnit::Gram};
        }
        if (const auto per = perMass(line.amount))
            if (const auto share = perOils(*stated, *per, *m.material))
                stated = share;
        if (line.amount.unit == "%" && shares_.ofWhole &&
            (line.amount.of.empty() || line.amount.of == "recipe"))
            stated = StatedAmount{*line.amount.value * size_ / 100.0, AmountUnit::Gram};
        Line out;
        out.id = out_.formula.newId();
        out.material = m.material;
        out.amount = *stated;
        out.frozen = line.frozen;
        const auto vessel = vesselFromCode(line.place);
        out.vessel =
            vessel ? *vessel : usualPlaceOf(*m.material, *stated, oilsGrams_, cooks()).vessel;
        hasLiquid_ |=
            stated->unit == AmountUnit::Rest || m.material->part(Part::Water).range.typical() > 0.5;
        out_.formula.lines.push_back(std::move(out));
    }
    bool cooks() const
    {
        return std::ranges::any_of(r_.lines,
                                   [](const RecipeLine& l) { return l.place == "after-cook"; });
    }

    void stateLye(const RecipeLine& line, const RecipeMaterial& m,
                  const std::optional<StatedAmount>& stated)
    {
        double grams = 0.0;
        if (stated && statedMass(*stated))
            grams = statedMass(*stated)->inGrams();
        else if (stated && shares_.ofWhole)
            grams = stated->value * size_ / 100.0;
        // A solution holds its strength of hydroxide.
        if (const auto strength = lyeStrengthOf(line);
            strength && *strength < 80.0 && recipe::english().lye.in(line.name))
            grams *= *strength / 100.0;
        (isPotash(line, m) ? out_.statedPotassium : out_.statedSodium) += grams;
        out_.keepsStatedLye |= keepsLye(line);
    }

    void addWater()
    {
        Line water;
        water.id = out_.formula.newId();
        water.material = plainWater();
        water.amount = {0.0, AmountUnit::Rest};
        water.vessel = Vessel::LyeJug;
        out_.formula.lines.push_back(std::move(water));
    }

    void keepLye()
    {
        const double sodium = out_.statedSodium;
        const double potassium = out_.statedPotassium;
        if (!(sodium + potassium > 0.0))
            return;
        LyeSettings& lye = out_.formula.lye;
        if (potassium > 0.0 && !settingOf(r_.settings, "koh_share")) {
            lye.split = SplitConvention::WeighedWeight;
            lye.potassiumShare = potassium / (sodium + potassium);
        }
        if (out_.keepsStatedLye)
            lye.fixed = FixedHydroxide{Mass::grams(sodium), Mass::grams(potassium)};
    }

    void holdBack()
    {
        for (const RecipeLine& line : r_.lines)
            for (const RecipeQuestion q : line.amount.ask)
                if (rhexion::holdsBack(q) &&
                    std::ranges::find(out_.holdBack, q) == out_.holdBack.end())
                    out_.holdBack.push_back(q);
    }

    // What was read as notes, and what was not understood, stays with the formula.
    void notes()
    {
        std::string& notes = out_.formula.notes;
        const auto add = [&](const std::string& text) {
            if (notes.size() + text.size() + 1 > limits::notes)
                return;
            notes += (notes.empty() ? "" : "\n") + text;
        };
        for (std::size_t n = 1; n <= r_.text.size(); ++n) {
            const Recipe::Kind kind = r_.kindOf(int(n));
            if (kind == Recipe::Kind::Note || kind == Recipe::Kind::NotUnderstood)
                add(r_.text[n - 1]);
        }
        for (const std::size_t left : out_.left)
            if (const int n = r_.lines[left].n; n > 0 && std::size_t(n) <= r_.text.size())
                add(r_.text[std::size_t(n) - 1]);
    }

    const Recipe& r_;
    const std::vector<RecipeMaterial>& materials_;
    Shares shares_;
    double size_;
    double oilsGrams_ = 0.0;
    bool hasLiquid_ = false;
    RecipeAsFormula out_;
};

const char* codeOfUnit(AmountUnit unit, std::string& of)
{
    if (unit == AmountUnit::PercentOfBatter)
        of = "batter";
    if (unit == AmountUnit::PercentOfLiquid)
        of = "liquid";
    if (unit == AmountUnit::PercentOfOils || !of.empty())
        return "%";
    for (const UnitRow& row : unitRows)
        if (row.unit == unit)
            return row.code;
    return "g";
}

std::string lowerAscii(std::string text)
{
    for (char& c : text)
        if (c >= 'A' && c <= 'Z')
            c = static_cast<char>(c - 'A' + 'a');
    return text;
}

} // namespace

std::vector<RecipeMaterial> materialsFor(const Recipe& r, const RecipeLookup& lookup)
{
    std::vector<RecipeMaterial> out;
    for (const RecipeLine& line : r.lines) {
        RecipeMaterial m;
        std::vector<MaterialPtr> found = lookup(line.name);
        if (!found.empty()) {
            m.material = found.front();
            m.others.assign(found.begin() + 1, found.end());
        }
        m.isLye = recipe::english().lye.in(line.name) ||
                  (m.material && (m.material->isHydroxide() || m.material->isLyeSolution()));
        out.push_back(std::move(m));
    }
    return out;
}

RecipeAsFormula formulaOf(const Recipe& recipe, const std::vector<RecipeMaterial>& materials,
                          const Formula& start, std::optional<double> sizeGrams)
{
    return Maker(recipe, materials, start, sizeGrams).make();
}

std::optional<double> superfatOfStatedLye(const RecipeAsFormula& made)
{
    if (!(made.statedSodium + made.statedPotassium > 0.0))
        return std::nullopt;
    Formula f = made.formula;
    f.lye.fixed = FixedHydroxide{Mass::grams(made.statedSodium), Mass::grams(made.statedPotassium)};
    const ReckonResult result = reckon(f);
    const auto* r = std::get_if<Reckoning>(&result);
    return r ? r->superfatTrue : std::nullopt;
}

Recipe recipeOf(const Formula& f, const Reckoning* reckoning, const RecipeNames& nameOf)
{
    Recipe out;
    out.title = f.name;
    if (!f.lye.fixed)
        out.settings.emplace_back("superfat", f.lye.superfat * 100.0);
    switch (f.liquid.how) {
    case LiquidStatement::Strength:
        out.settings.emplace_back("lye_strength", f.liquid.value * 100.0);
        break;
    case LiquidStatement::Ratio: out.settings.emplace_back("water_ratio", f.liquid.value); break;
    case LiquidStatement::PercentOfOils:
        out.settings.emplace_back("water_percent_of_oils", f.liquid.value * 100.0);
        break;
    case LiquidStatement::LessThanUsual:
        out.settings.emplace_back("water_discount", f.liquid.value * 100.0);
        break;
    }
    if (f.lye.potassiumShare > 0.0)
        out.settings.emplace_back("koh_share", f.lye.potassiumShare * 100.0);
    if (f.lye.potassiumShare > 0.0 && f.lye.potassium)
        out.settings.emplace_back(
            "koh_purity", f.lye.potassium->part(Part::PotassiumHydroxide).range.typical() * 100.0);
    out.settings.emplace_back("temperature_c", f.mixing.at.inCelsius());
    for (std::size_t i = 0; i < f.lines.size(); ++i) {
        const Line& line = f.lines[i];
        RecipeLine l;
        l.name = nameOf ? nameOf(*line.material) : lowerAscii(line.material->name);
        l.amount.unit = codeOfUnit(line.amount.unit, l.amount.of);
        if (line.amount.unit != AmountUnit::Rest)
            l.amount.value = line.amount.value;
        if (l.amount.unit == "%" && l.amount.of.empty())
            l.amount.of = "oils";
        // What is no mass has its grams beside it; of a share the grams lead, as readers take them.
        if (reckoning && !statedMass(line.amount) && reckoning->lines[i].grams > 0.0) {
            RecipeAmount grams;
            grams.value = std::round(reckoning->lines[i].grams * 100.0) / 100.0;
            grams.unit = "g";
            l.alt = grams;
            if (l.amount.unit == "%")
                std::swap(l.amount, *l.alt);
        }
        l.frozen = line.frozen;
        l.place = codeOf(line.vessel);
        out.lines.push_back(std::move(l));
    }
    return out;
}

} // namespace rhexion
