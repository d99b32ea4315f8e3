// The law of recipes as text: reading what was written gives the same reckoning, for random
// formulas of every kind, in each language.
#include <QTest>

#include "core/advice/reckon.h"
#include "recipe/recipe_answers.h"
#include "recipe/recipe_formula.h"
#include "storage/catalogue.h"
#include "storage/catalogue_lookup.h"
#include "storage/material_names.h"
#include "support/built.h"
#include "support/random_formula.h"
#include "words/search_words.h"

using namespace rhexion;
using namespace rhexion::test;

namespace {

const CatalogueLookup& lookup()
{
    static const CatalogueLookup all(built("foods.sqlite"), words::searchRules());
    return all;
}

// Formulas of what ships, with everything a formula can say.
class Formulas : public RandomFormulas {
public:
    using RandomFormulas::RandomFormulas;

    MaterialPtr anyOf(auto&& fits)
    {
        const auto& all = Catalogue::shipped().materials();
        for (;;)
            if (const MaterialPtr& m = all[std::size_t(below(int(all.size())))]; fits(*m))
                return m;
    }
    Formula next()
    {
        Formula f;
        f.name = "Trial";
        const bool shares = chance(0.3);
        f.oilsTotal = Mass::grams(between(300, 1500));
        for (int oils = 1 + below(4); oils > 0; --oils)
            line(f, anyOf([](const Material& m) { return m.isOil() && m.sv; }),
                 shares ? StatedAmount{between(5, 40), AmountUnit::PercentOfOils}
                        : StatedAmount{between(20, 500), AmountUnit::Gram},
                 Vessel::OilPot);
        const auto extra = [](const Material& m) {
            return !m.isOil() && !m.isHydroxide() && m.kind != MaterialKind::Scent;
        };
        for (int extras = below(4); extras > 0; --extras)
            line(f, anyOf(extra), amount(), static_cast<Vessel>(below(int(countOf<Vessel>()))));
        if (chance(0.8))
            line(f, chance(0.5) ? plainWater() : anyOf([](const Material& m) {
                     return m.kind == MaterialKind::Milk &&
                            m.part(Part::Water).range.typical() > 0.7;
                 }),
                 rest, chance(0.8) ? Vessel::LyeJug : Vessel::Trace);
        lye(f);
        liquid(f);
        portions(f);
        for (Line& one : f.lines) {
            const bool rests = one.amount.unit == AmountUnit::Rest;
            one.frozen = !one.material->isOil() && chance(0.2);
            one.allWater = !rests && !one.material->isOil() && chance(0.1);
            one.locked = !rests && chance(0.2);
            if (!rests && !one.material->isOil() && chance(0.2))
                one.solvent = between(0, 3);
        }
        return f;
    }

private:
    void line(Formula& f, MaterialPtr material, StatedAmount amount, Vessel vessel)
    {
        Line out;
        out.id = f.newId();
        out.material = std::move(material);
        out.amount = amount;
        out.vessel = vessel;
        f.lines.push_back(std::move(out));
    }
    StatedAmount amount()
    {
        constexpr AmountUnit units[] = {AmountUnit::Gram, AmountUnit::Gram,
                                        AmountUnit::PercentOfOils, AmountUnit::PercentOfBatter,
                                        AmountUnit::Ounce};
        const AmountUnit unit = units[below(5)];
        return {unit == AmountUnit::Gram    ? between(1, 60)
                : unit == AmountUnit::Ounce ? between(0.1, 2)
                                            : between(0.2, 4),
                unit};
    }
    void lye(Formula& f)
    {
        constexpr const char* sodium[] = {"sodium-hydroxide", "sodium-hydroxide-flakes",
                                          "sodium-hydroxide-pearls", "sodium-lye-50",
                                          "sodium-lye-33"};
        constexpr const char* potassium[] = {"potassium-hydroxide-90", "potassium-hydroxide-85",
                                             "potassium-hydroxide-95", "potassium-lye-50"};
        const auto of = [&](const char* id, double low) {
            MaterialPtr m = CatalogueLookup::withId(id);
            if (!m->isLyeSolution() && chance(0.3))
                m = std::make_shared<const Material>(*withPurity(*m, between(low, 0.995)));
            return m;
        };
        f.lye.sodium = of(sodium[below(5)], 0.95);
        f.lye.potassium = of(potassium[below(4)], 0.84);
        f.lye.superfat = between(-0.05, 0.15);
        if (chance(0.5)) {
            f.lye.potassiumShare = chance(0.1) ? 1.0 : between(0.02, 0.98);
            f.lye.split = static_cast<SplitConvention>(below(3));
        }
        f.lye.hiddenFat = static_cast<HiddenFatSchool>(below(3));
        f.lye.basis = static_cast<SuperfatBasis>(below(2));
        if (chance(0.2))
            f.lye.fixed =
                FixedHydroxide{Mass::grams(between(20, 150)),
                               Mass::grams(f.lye.potassiumShare > 0.0 ? between(5, 100) : 0.0)};
        if (chance(0.2))
            f.lye.secondJug = SecondJug{between(0, 1), between(0, 1)};
    }
    void liquid(Formula& f)
    {
        f.liquid.how = static_cast<LiquidStatement>(below(4));
        f.liquid.value = f.liquid.how == LiquidStatement::Strength        ? between(0.25, 0.4)
                         : f.liquid.how == LiquidStatement::Ratio         ? between(1.5, 3)
                         : f.liquid.how == LiquidStatement::PercentOfOils ? between(0.25, 0.4)
                                                                          : between(0, 0.3);
        f.liquid.usualRatio = between(2.2, 3);
        f.liquid.convention = static_cast<StrengthConvention>(below(2));
        if (chance(0.2))
            f.liquid.jugRatio = between(1.0, 1.3);
        f.mixing.within = between(2, 10);
    }
    void portions(Formula& f)
    {
        if (!chance(0.3))
            return;
        for (const char* name : {"Dusk", "Dawn"}) {
            Portion portion;
            portion.id = f.newId();
            portion.name = name;
            portion.parts = between(0.5, 3);
            if (chance(0.4))
                portion.held = HeldOil{chance(0.5) ? f.lines.front().id : 0,
                                       {between(1, 8), AmountUnit::PercentOfOils}};
            f.portions.push_back(portion);
        }
        for (Line& one : f.lines)
            if (one.amount.unit != AmountUnit::Rest && !isJug(one.vessel) &&
                one.vessel != Vessel::OilPot && chance(0.5))
                one.portion = f.portions[std::size_t(below(2))].id;
    }
};

// What a maker weighs and is told, as numbers.
std::vector<double> figuresOf(const Reckoning& r)
{
    std::vector<double> out{r.sodium.weighedGrams,
                            r.potassium.weighedGrams,
                            r.makeUpGrams,
                            r.jugWaterGrams,
                            r.waterPresent,
                            r.batterGrams,
                            r.superfatTrue.value_or(-9),
                            r.pure.strength,
                            r.asWeighed.strength};
    for (const LineReckoned& line : r.lines)
        out.push_back(line.grams);
    for (const PortionReckoned& portion : r.portions) {
        out.push_back(portion.batterGrams());
        out.push_back(portion.superfat.value_or(-9));
    }
    for (const JugReckoned& jug : r.jugs) {
        out.push_back(jug.water);
        out.push_back(jug.pureGrams());
    }
    return out;
}

} // namespace

class TestRecipeLaw : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void readingWhatWasWrittenIsTheSame_data()
    {
        QTest::addColumn<bool>("german");
        QTest::newRow("English") << false;
        QTest::newRow("German") << true;
    }
    void readingWhatWasWrittenIsTheSame()
    {
        QFETCH(bool, german);
        constexpr int wanted = 600;
        constexpr double close = 1e-7; // of the figure, or g
        const RecipeLanguage language = german ? RecipeLanguage::German : RecipeLanguage::English;
        const RecipeNames names = [&](const Material& m) {
            const auto all = namesByLanguage(m);
            return german && !all.empty() && !all.front().second.empty()
                       ? all.front().second.front()
                       : m.name;
        };
        const RecipeLookup meant = [](const RecipeLine& line) { return lookup().meantBy(line); };
        Formulas random(20261);
        int tried = 0;
        for (int drawn = 0; tried < wanted && drawn < 4 * wanted; ++drawn) {
            const Formula f = random.next();
            const ReckonResult result = reckon(f);
            const auto* before = std::get_if<Reckoning>(&result);
            if (!before)
                continue; // such a formula has no figures to keep
            ++tried;
            const std::string text = writeRecipe(recipeOf(f, before, names), language);
            RecipeRead read = readRecipe(text);
            QVERIFY2(!read.refusal, text.c_str());
            const std::vector<RecipeMaterial> materials = materialsFor(read.recipe, meant);
            Formula start;
            start.lye.sodium = CatalogueLookup::withId(usualSodium);
            start.lye.potassium = CatalogueLookup::withId(usualPotassium);
            const auto named = startingWith(read.recipe, start, meant);
            QVERIFY2(named, text.c_str());
            const RecipeAsFormula made = formulaOf(read.recipe, materials, *named);
            QVERIFY2(read.recipe.notUnderstood.empty(), text.c_str());
            QVERIFY2(made.holdBack.empty() && made.sure, text.c_str());
            QVERIFY2(made.formula.lines.size() == f.lines.size() &&
                         made.formula.portions.size() == f.portions.size(),
                     text.c_str());
            for (std::size_t i = 0; i < f.lines.size(); ++i) {
                const Line& was = f.lines[i];
                const Line& is = made.formula.lines[i];
                QVERIFY2(is.material->id == was.material->id && is.vessel == was.vessel &&
                             is.amount.unit == was.amount.unit && is.locked == was.locked &&
                             is.frozen == was.frozen && is.allWater == was.allWater,
                         (was.material->name + '\n' + text).c_str());
            }
            const ReckonResult again = reckon(made.formula);
            const auto* after = std::get_if<Reckoning>(&again);
            QVERIFY2(after, text.c_str());
            const std::vector<double> a = figuresOf(*before);
            const std::vector<double> b = figuresOf(*after);
            QCOMPARE(b.size(), a.size());
            for (std::size_t i = 0; i < a.size(); ++i)
                QVERIFY2(std::abs(a[i] - b[i]) <= close * std::max(1.0, std::abs(a[i])),
                         qPrintable(QStringLiteral("figure %1: %2, read as %3\n%4")
                                        .arg(i)
                                        .arg(a[i], 0, 'g', 12)
                                        .arg(b[i], 0, 'g', 12)
                                        .arg(QString::fromStdString(text))));
        }
        QCOMPARE(tried, wanted);
    }
};

QTEST_GUILESS_MAIN(TestRecipeLaw)
#include "tst_recipe_law.moc"
