#include "recipe/recipe_formula.h"

#include "core/formula/usual_place.h"
#include "core/formula/usual_settings.h"
#include "core/materials/limits.h"
#include "recipe/recipe_answers.h"
#include "recipe/recipe_text.h"
#include "recipe/recipe_words.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>

namespace rhexion {

namespace {

constexpr double usSize = 1000.0; // g of oils for a recipe that states none

struct UnitRow {
    const char* code;
    AmountUnit unit;
    double times;
};
// Pints and quarts as the United States measure them, a stick of butter, a pinch: common practice.
constexpr std::array<UnitRow, 21> unitRows{{{"g", AmountUnit::Gram, 1.0},
                                            {"kg", AmountUnit::Kilogram, 1.0},
                                            {"oz wt", AmountUnit::Ounce, 1.0},
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

std::string lowerAscii(std::string text)
{
    for (char& c : text)
        if (c >= 'A' && c <= 'Z')
            c = static_cast<char>(c - 'A' + 'a');
    return text;
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
        if (oilsInAll_ > 0.0)
            out_.percentAlone = false;
        if (shares_.alone && !shares_.ofWhole)
            out_.formula.oilsTotal = Mass::grams(oilsInAll_ > 0.0 ? oilsInAll_ : size_);
        holdOils();
        if (!hasLiquid_)
            addWater();
        keepLye();
        takeStatedWater();
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
        for (const recipe::Said& said : r_.said)
            settle(said);
    }
    void settle(const recipe::Said& said)
    {
        using C = recipe::PhraseCode;
        Formula& f = out_.formula;
        const double number = said.numbers.empty() ? 0.0 : said.numbers.front();
        const auto secondJug = [&](double SecondJug::*share) {
            f.lye.secondJug = f.lye.secondJug.value_or(SecondJug{});
            *f.lye.secondJug.*share = number / 100.0;
        };
        switch (said.code) {
        case C::UsualRatio: f.liquid.usualRatio = number; break;
        case C::JugRatio: f.liquid.jugRatio = number; break;
        case C::JugCoolest: f.liquid.jugCoolest = Temperature::celsius(number); break;
        case C::TemperatureApart: f.mixing.within = number; break;
        case C::OilsInAll: oilsInAll_ = number; break;
        case C::SecondJugSodium: secondJug(&SecondJug::sodium); break;
        case C::SecondJugPotassium: secondJug(&SecondJug::potassium); break;
        case C::SplitByMole: split(SplitConvention::Moles); break;
        case C::SplitByPureWeight: split(SplitConvention::PureWeight); break;
        case C::SplitAsWeighed: split(SplitConvention::WeighedWeight); break;
        case C::HiddenFatLeftOut: f.lye.hiddenFat = HiddenFatSchool::Ignore; break;
        case C::HiddenFatSurely: f.lye.hiddenFat = HiddenFatSchool::Surely; break;
        case C::HiddenFatTypical: f.lye.hiddenFat = HiddenFatSchool::Typical; break;
        case C::SuperfatOfAllFat: f.lye.basis = SuperfatBasis::AllFat; break;
        case C::SuperfatOfCooked: f.lye.basis = SuperfatBasis::CookedFat; break;
        case C::StrengthOfPure: f.liquid.convention = StrengthConvention::PureAndAllWater; break;
        case C::StrengthAsWeighed:
            f.liquid.convention = StrengthConvention::WeighedWithoutImpurity;
            break;
        case C::NothingElsePoured: hasLiquid_ = true; break;
        case C::PortionParts: portionNamed(said.texts.front()).parts = number; break;
        case C::PortionMould: portionNamed(said.texts.front()).mould = said.texts.back(); break;
        case C::PortionHolds:
        case C::PortionHoldsOf: break; // once there are lines
        case C::SodiumIs:              // by hydroxidesFor()
        case C::PotassiumIs:
        case C::Locked: // of lines
        case C::AllWater:
        case C::Solvent:
        case C::ForPortion:
        case C::LyeKept: break;
        }
    }
    void split(SplitConvention how)
    {
        out_.formula.lye.split = how;
        splitSaid_ = true;
    }
    Portion& portionNamed(const std::string& name)
    {
        auto& portions = out_.formula.portions;
        const auto found = std::ranges::find(portions, name, &Portion::name);
        if (found != portions.end())
            return *found;
        Portion fresh;
        fresh.id = out_.formula.newId();
        fresh.name = name;
        portions.push_back(std::move(fresh));
        return portions.back();
    }
    // "keeps back 20 g of the oils", or of one of them.
    void holdOils()
    {
        for (const recipe::Said& said : r_.said) {
            const bool ofOne = said.code == recipe::PhraseCode::PortionHoldsOf;
            if (!ofOne && said.code != recipe::PhraseCode::PortionHolds)
                continue;
            RecipeAmount amount;
            amount.value = said.numbers.front();
            amount.unit = said.texts[1];
            HeldOil held;
            if (const auto stated = statedOf(amount))
                held.amount = *stated;
            if (ofOne)
                for (const Line& line : out_.formula.lines)
                    if (recipe::lowered(line.material->name) == recipe::lowered(said.texts[2]) ||
                        oilNames_[line.id] == recipe::lowered(said.texts[2]))
                        held.line = line.id;
            portionNamed(said.texts.front()).held = held;
        }
    }
    // A recipe that weighs its water and says no strength means the strength that water makes.
    void takeStatedWater()
    {
        Formula& f = out_.formula;
        if (liquidSaid_ || f.makeUp())
            return;
        const ReckonResult result = reckon(f);
        const auto* r = std::get_if<Reckoning>(&result);
        if (!r)
            return;
        const bool pure = f.liquid.convention == StrengthConvention::PureAndAllWater;
        const double strength = (pure ? r->pure : r->asWeighed).strength;
        if (strength > 0.0 && strength < 1.0)
            liquid(LiquidStatement::Strength, strength);
    }
    void liquid(LiquidStatement how, double value)
    {
        liquidSaid_ = true;
        out_.formula.liquid.how = how;
        out_.formula.liquid.value = value;
    }
    static void purity(MaterialPtr& hydroxide, const std::optional<double>& percent)
    {
        if (!hydroxide || !percent)
            return;
        // What the drum says already is left as it is, carbonate and all.
        const Part part = hydroxide->kind == MaterialKind::SodiumHydroxide
                              ? Part::SodiumHydroxide
                              : Part::PotassiumHydroxide;
        if (std::abs(hydroxide->part(part).range.typical() - *percent / 100.0) < 1e-9)
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
        for (const recipe::Said& mark : line.marks)
            mark_(out, mark);
        // Only what is in the jug, or called the rest, is the liquid: no puree at trace.
        hasLiquid_ |= stated->unit == AmountUnit::Rest ||
                      (isJug(out.vessel) && m.material->part(Part::Water).range.typical() > 0.5);
        oilNames_[out.id] = line.name;
        out_.formula.lines.push_back(std::move(out));
    }
    void mark_(Line& line, const recipe::Said& mark)
    {
        using C = recipe::PhraseCode;
        if (mark.code == C::Locked)
            line.locked = true;
        else if (mark.code == C::AllWater)
            line.allWater = true;
        else if (mark.code == C::Solvent)
            line.solvent = std::clamp(mark.numbers.front(), 0.0, 20.0);
        else if (mark.code == C::ForPortion)
            line.portion = portionNamed(mark.texts.front()).id;
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
        // A solution holds its strength of hydroxide; what is kept is weighed as it is.
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
        if (potassium > 0.0 && !splitSaid_ && !settingOf(r_.settings, "koh_share")) {
            lye.split = SplitConvention::WeighedWeight;
            lye.potassiumShare = potassium / (sodium + potassium);
        }
        if (out_.keepsStatedLye)
            lye.fixed = FixedHydroxide{Mass::grams(sodium), Mass::grams(potassium)};
    }

    void holdBack()
    {
        const auto hold = [&](RecipeQuestion q) {
            if (rhexion::holdsBack(q) && std::ranges::find(out_.holdBack, q) == out_.holdBack.end())
                out_.holdBack.push_back(q);
        };
        for (const Recipe::SettingAsk& ask : r_.settingAsks) {
            hold(ask.question);
            ++out_.openQuestions;
            out_.sure = false;
        }
        for (const RecipeLine& line : r_.lines)
            for (const RecipeQuestion q : line.amount.ask) {
                hold(q);
                out_.openQuestions += rhexion::holdsBack(q) && q != RecipeQuestion::LyeStated;
                out_.sure &= q == RecipeQuestion::About || q == RecipeQuestion::FigureInNote ||
                             q == RecipeQuestion::LyeStated;
            }
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
    double oilsInAll_ = 0.0; // as stated; 0: not
    bool splitSaid_ = false;
    bool hasLiquid_ = false;
    bool liquidSaid_ = false;
    std::map<LineId, std::string> oilNames_; // of lines, as written
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

} // namespace

std::vector<RecipeMaterial> materialsFor(Recipe& r, const RecipeLookup& lookup)
{
    std::vector<RecipeMaterial> out;
    for (RecipeLine& line : r.lines) {
        RecipeMaterial m;
        Meant meant = lookup(line);
        // "20 g sodium lactate 60 %": the share after a name tells which one it is.
        if (meant.verdict != IdentityVerdict::Certain && line.alt && line.alt->unit == "%" &&
            line.alt->value) {
            RecipeLine fuller = line;
            fuller.name += ' ' + recipe::shown(*line.alt->value) + " %";
            if (Meant told = lookup(fuller); told.verdict == IdentityVerdict::Certain)
                meant = std::move(told);
        }
        if (meant.verdict == IdentityVerdict::Certain)
            m.material = std::move(meant.materials.front());
        else
            m.candidates = std::move(meant.materials);
        m.general = meant.general;
        const auto isLye = [](const MaterialPtr& one) {
            return one->isHydroxide() || one->isLyeSolution();
        };
        m.isLye = recipe::english().lye.in(line.name) || (m.material && isLye(m.material));
        // The form of citric acid and the lye have questions of their own.
        if (m.material || m.isLye || line.isAsked(RecipeQuestion::CitricForm))
            line.settle(RecipeQuestion::WhichMaterial);
        else
            line.asks(RecipeQuestion::WhichMaterial);
        out.push_back(std::move(m));
    }
    return out;
}

std::optional<Formula> startingWith(const Recipe& recipe, Formula start, const RecipeLookup& lookup)
{
    for (const recipe::Said& said : recipe.said) {
        const bool sodium = said.code == recipe::PhraseCode::SodiumIs;
        if (!sodium && said.code != recipe::PhraseCode::PotassiumIs)
            continue;
        RecipeLine line;
        line.name = said.texts.front();
        const Meant meant = lookup(line);
        if (meant.verdict != IdentityVerdict::Certain ||
            meant.materials.front()->kind !=
                (sodium ? MaterialKind::SodiumHydroxide : MaterialKind::PotassiumHydroxide))
            return std::nullopt;
        (sodium ? start.lye.sodium : start.lye.potassium) = meant.materials.front();
    }
    return start;
}

RecipeAsFormula formulaOf(const Recipe& recipe, const std::vector<RecipeMaterial>& materials,
                          const Formula& start, std::optional<double> sizeGrams)
{
    return Maker(recipe, materials, start, sizeGrams).make();
}

std::optional<double> superfatOfStatedLye(const RecipeAsFormula& made)
{
    if (!made.sure || !(made.statedSodium + made.statedPotassium > 0.0))
        return std::nullopt;
    Formula f = made.formula;
    f.lye.fixed = FixedHydroxide{Mass::grams(made.statedSodium), Mass::grams(made.statedPotassium)};
    const ReckonResult result = reckon(f);
    const auto* r = std::get_if<Reckoning>(&result);
    return r ? r->superfatTrue : std::nullopt;
}

namespace {

// What a formula says that no setting of a recipe has, where it is not what is usual.
class Sayer {
public:
    Sayer(const Formula& f, const RecipeNames& nameOf) : f_(f), nameOf_(nameOf) {}

    std::vector<recipe::Said> say()
    {
        lye();
        liquid();
        portions();
        return std::move(out_);
    }

    std::string nameOf(const Material& material) const
    {
        return nameOf_ ? nameOf_(material) : lowerAscii(material.name);
    }
    std::string portionName(PortionId id) const
    {
        const Portion* portion = f_.portion(id);
        return portion && !portion->name.empty() ? portion->name : std::to_string(id);
    }

private:
    using C = recipe::PhraseCode;
    void put(C code, std::vector<double> numbers = {}, std::vector<std::string> texts = {})
    {
        out_.push_back({code, std::move(numbers), std::move(texts)});
    }
    void lye()
    {
        const LyeSettings& lye = f_.lye;
        if (lye.sodium && lye.sodium->id != usualSodium)
            put(C::SodiumIs, {}, {nameOf(*lye.sodium)});
        if (lye.potassium && lye.potassium->id != usualPotassium)
            put(C::PotassiumIs, {}, {nameOf(*lye.potassium)});
        if (lye.potassiumShare > 0.0)
            put(lye.split == SplitConvention::Moles        ? C::SplitByMole
                : lye.split == SplitConvention::PureWeight ? C::SplitByPureWeight
                                                           : C::SplitAsWeighed);
        if (std::ranges::any_of(f_.lines, [](const Line& l) {
                return l.material->kind != MaterialKind::Fat && // waxes take lye in part
                       l.material->part(Part::Fat).range.high() > 0.0;
            }))
            put(lye.hiddenFat == HiddenFatSchool::Ignore   ? C::HiddenFatLeftOut
                : lye.hiddenFat == HiddenFatSchool::Surely ? C::HiddenFatSurely
                                                           : C::HiddenFatTypical);
        if (f_.cooks())
            put(lye.basis == SuperfatBasis::AllFat ? C::SuperfatOfAllFat : C::SuperfatOfCooked);
        if (lye.secondJug) {
            put(C::SecondJugSodium, {lye.secondJug->sodium * 100.0});
            put(C::SecondJugPotassium, {lye.secondJug->potassium * 100.0});
        }
    }
    void liquid()
    {
        const LiquidSettings& liquid = f_.liquid;
        const LiquidSettings usual;
        if (liquid.how == LiquidStatement::LessThanUsual)
            put(C::UsualRatio, {liquid.usualRatio});
        put(liquid.convention == StrengthConvention::PureAndAllWater ? C::StrengthOfPure
                                                                     : C::StrengthAsWeighed);
        if (liquid.jugRatio)
            put(C::JugRatio, {*liquid.jugRatio});
        if (liquid.jugCoolest != usual.jugCoolest)
            put(C::JugCoolest, {liquid.jugCoolest.inCelsius()});
        if (f_.mixing.within != Mixing{}.within)
            put(C::TemperatureApart, {f_.mixing.within});
        if (!f_.makeUp())
            put(C::NothingElsePoured);
        if (std::ranges::none_of(f_.lines, [](const Line& l) {
                return l.material->isOil() && l.amount.unit != AmountUnit::PercentOfOils;
            }))
            put(C::OilsInAll, {f_.oilsTotal.inGrams()});
    }
    void portions()
    {
        for (const Portion& portion : f_.portions) {
            const std::string name = portionName(portion.id);
            put(C::PortionParts, {portion.parts}, {name});
            if (!portion.mould.empty())
                put(C::PortionMould, {}, {name, portion.mould});
            if (!portion.held)
                continue;
            std::string of;
            const std::string unit = codeOfUnit(portion.held->amount.unit, of);
            const Line* oil = f_.find(portion.held->line);
            if (oil)
                put(C::PortionHoldsOf, {portion.held->amount.value},
                    {name, unit, nameOf(*oil->material)});
            else
                put(C::PortionHolds, {portion.held->amount.value}, {name, unit});
        }
    }

    const Formula& f_;
    const RecipeNames& nameOf_;
    std::vector<recipe::Said> out_;
};

std::vector<recipe::Said> marksOf(const Line& line, const Sayer& sayer)
{
    using C = recipe::PhraseCode;
    std::vector<recipe::Said> out;
    if (line.locked)
        out.push_back({C::Locked, {}, {}});
    if (line.allWater)
        out.push_back({C::AllWater, {}, {}});
    if (line.solvent > 0.0)
        out.push_back({C::Solvent, {line.solvent}, {}});
    if (line.portion != 0)
        out.push_back({C::ForPortion, {}, {sayer.portionName(line.portion)}});
    return out;
}

} // namespace

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
    const auto purity = [&](const MaterialPtr& lye, Part part, const char* key) {
        if (lye && !lye->isLyeSolution())
            out.settings.emplace_back(key, lye->part(part).range.typical() * 100.0);
    };
    if (f.lye.potassiumShare > 0.0 || (f.lye.fixed && f.lye.fixed->potassium.inGrams() > 0.0))
        purity(f.lye.potassium, Part::PotassiumHydroxide, "koh_purity");
    purity(f.lye.sodium, Part::SodiumHydroxide, "naoh_purity");
    out.settings.emplace_back("temperature_c", f.mixing.at.inCelsius());
    Sayer sayer(f, nameOf);
    out.said = sayer.say();
    if (f.lye.fixed)
        for (const auto& [mass, name] :
             {std::pair(f.lye.fixed->sodium, "NaOH"), std::pair(f.lye.fixed->potassium, "KOH")})
            if (mass.inGrams() > 0.0) {
                RecipeLine lye;
                lye.name = name;
                lye.amount.value = mass.inGrams();
                lye.amount.unit = "g";
                lye.marks = {{recipe::PhraseCode::LyeKept, {}, {}}};
                out.lines.push_back(std::move(lye));
            }
    for (std::size_t i = 0; i < f.lines.size(); ++i) {
        const Line& line = f.lines[i];
        RecipeLine l;
        l.name = nameOf ? nameOf(*line.material) : lowerAscii(line.material->name);
        l.amount.unit = codeOfUnit(line.amount.unit, l.amount.of);
        if (line.amount.unit != AmountUnit::Rest)
            l.amount.value = line.amount.value;
        if (l.amount.unit == "%" && l.amount.of.empty())
            l.amount.of = "oils";
        // What is no mass has its grams beside it.
        if (reckoning && !statedMass(line.amount) && reckoning->lines[i].grams > 0.0) {
            RecipeAmount grams;
            grams.value = std::round(reckoning->lines[i].grams * 100.0) / 100.0;
            grams.unit = "g";
            l.alt = grams;
        }
        l.marks = marksOf(line, sayer);
        l.frozen = line.frozen;
        l.place = codeOf(line.vessel);
        out.lines.push_back(std::move(l));
    }
    return out;
}

} // namespace rhexion
