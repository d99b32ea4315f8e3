// What is said of 200 formulas that a careful maker makes every week (tests/data/
// ordinary_recipes.txt): no danger, at most three lines in the open, nothing twice, and something
// to press for each. tools/caution_counts.py counts them by code.
#include <QTest>

#include "core/advice/reckon.h"
#include "core/heat/heat_findings.h"
#include "recipe/recipe_formula.h"
#include "storage/catalogue.h"
#include "storage/catalogue_lookup.h"
#include "storage/formula_json.h"
#include "support/built.h"
#include "words/caution_words.h"
#include "words/lexicon.h"
#include "words/search_words.h"

#include <QFile>

using namespace rhexion;
using namespace rhexion::test;

namespace {

// The text as a formula, nothing answered; the recipe keeps what is asked.
struct Read {
    Recipe recipe;
    std::vector<RecipeMaterial> materials;
    RecipeAsFormula made;
};
std::optional<Read> readAs(const QString& text)
{
    static const CatalogueLookup lookup(built("foods.sqlite"), words::searchRules());
    const RecipeLookup meant = [](const RecipeLine& line) { return lookup.meantBy(line); };
    RecipeRead read = readRecipe(text.toStdString());
    Formula start;
    start.lye.sodium = CatalogueLookup::withId(usualSodium);
    start.lye.potassium = CatalogueLookup::withId(usualPotassium);
    const auto named = startingWith(read.recipe, start, meant);
    if (read.refusal || !named)
        return std::nullopt;
    Read out{std::move(read.recipe), {}, {}};
    out.materials = materialsFor(out.recipe, meant);
    out.made = formulaOf(out.recipe, out.materials, *named);
    return out;
}

} // namespace

class TestOrdinary : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void nothingIsShouted()
    {
        QFile file(QStringLiteral(RHEXION_SOURCE_DIR "/tests/data/ordinary_recipes.txt"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QList<QString> recipes =
            QString::fromUtf8(file.readAll()).split(QStringLiteral("\n\n"), Qt::SkipEmptyParts);
        QCOMPARE(recipes.size(), 200);
        for (const QString& text : recipes) {
            const QByteArray why = text.toUtf8();
            const auto read = readAs(text);
            QVERIFY2(read && read->recipe.notUnderstood.empty(), why);
            const RecipeAsFormula& made = read->made;
            QVERIFY2(made.holdBack.empty() && made.openQuestions == 0, why);
            const Formula& f = made.formula;
            const ReckonResult result = reckon(f);
            const auto* r = std::get_if<Reckoning>(&result);
            QVERIFY2(r, why);
            heat::ForecastOptions coarse;
            coarse.coarse = true;
            const auto heat = heat::tellHeat(f, *r, HeatPlan{}, coarse);
            const auto doubt = doubtOf(f, *r);
            const std::vector<Caution> findings =
                findingsOf(f, *r, doubt ? &*doubt : nullptr, *words::lexicon(), heat->findings);
            QVERIFY2(shownInTheOpen(findings) <= 3, why);
            QStringList titles;
            for (const Caution& c : findings) {
                const QString title = words::cautionTitle(c, f, Speech());
                QVERIFY2(c.severity != Severity::Danger, qPrintable(title + '\n' + text));
                QVERIFY2(!titles.contains(title), qPrintable(title + '\n' + text));
                titles << title;
                QVERIFY2(c.mend || acknowledge(f, c), qPrintable(title + '\n' + text));
            }
        }
    }

    // Water that is weighed and no strength said is the strength it makes, whatever the maker's
    // usual one; the share after a name tells which material it is.
    void asTheRecipeSays()
    {
        const auto read = readAs(QStringLiteral("600 g olive oil\n200 g coconut oil\n"
                                                "260 g water\n16 g sodium lactate 60 %\n"
                                                "superfat 5 %\n"));
        QVERIFY(read);
        QCOMPARE(read->materials.back().material->id, std::string("sodium-lactate-60"));
        const Formula& f = read->made.formula;
        const auto r = std::get<Reckoning>(reckon(f));
        QVERIFY(std::abs(r.pure.strength - f.liquid.value) < 1e-9 &&
                std::abs(r.waterExcess) < 1e-6);
        QCOMPARE(r.lines[2].grams, 260.0);
        // 600 g at an SV of 189 and 200 g at 258, 5 % less, as NaOH in all the water there is.
        QVERIFY(f.liquid.value > 0.28 && f.liquid.value < 0.31);
    }

    // Said, acknowledged, not in the open any more, undone; a worse one is said all the same.
    void acknowledgedIsNotSaidAgain()
    {
        Formula f;
        f.lastId = 2;
        f.lye.sodium = CatalogueLookup::withId(usualSodium);
        const auto oil = Catalogue::shipped().find("olive-oil");
        f.lines = {{1, oil, Vessel::OilPot, {500.0, AmountUnit::Gram}},
                   {2, plainWater(), Vessel::LyeJug, {0.0, AmountUnit::Rest}}};
        const auto findings = [&] {
            return findingsOf(f, std::get<Reckoning>(reckon(f)), nullptr, *words::lexicon());
        };
        const auto of = [](const std::vector<Caution>& all, CautionCode code) {
            return *std::ranges::find(all, code, &Caution::code);
        };
        const auto before = findings();
        const Caution cure = of(before, CautionCode::LongCure);
        QVERIFY(!cure.acknowledged);
        const auto known = acknowledge(f, cure);
        QVERIFY(known);
        const Formula unsaid = f;
        const auto back = apply(f, *known);
        QVERIFY(!(f == unsaid)); // or undo would pass it over
        QVERIFY(std::get<Formula>(formulaFromJson(formulaToJson(f))) == f);
        const auto after = findings();
        QVERIFY(of(after, CautionCode::LongCure).acknowledged);
        QCOMPARE(shownInTheOpen(after), shownInTheOpen(before) - 1);
        QVERIFY(after.back().acknowledged);
        f.acknowledged.front().severity = Severity::Note;
        Caution worse = cure;
        worse.severity = Severity::Care;
        const auto told = findingsOf(f, std::get<Reckoning>(reckon(f)), nullptr, *words::lexicon(),
                                     std::vector{worse});
        QVERIFY(!told.front().acknowledged);
        QVERIFY(back && apply(f, *back));
        QVERIFY(f.acknowledged.empty());
        // What burns is always said.
        Caution heavy;
        heavy.code = CautionCode::SuperfatBelowZero;
        QVERIFY(!acknowledge(f, heavy));
    }
};

QTEST_GUILESS_MAIN(TestOrdinary)
#include "tst_ordinary.moc"
