// What the core makes of many thousand random inputs of every kind, among them what no sane maker
// would do, by one number for each hundred of them: whatever moves anywhere, however little, is
// seen. It proves that nothing moved, not that it is right; RHEXION_KEEP=1 keeps a meant change.
#include <QTest>

#include "core/account/effect.h"
#include "core/advice/schools.h"
#include "core/amounts/validate.h"
#include "core/batch/fold.h"
#include "core/formula/phrase.h"
#include "core/formula/usual_place.h"
#include "core/makeday/place_now.h"
#include "core/makeday/slip.h"
#include "core/makeday/stock_lye.h"
#include "core/materials/citric_forms.h"
#include "core/materials/food.h"
#include "core/materials/lot.h"
#include "core/materials/sv_check.h"
#include "core/measuring/measure.h"
#include "core/seek/scale_to.h"
#include "storage/catalogue.h"
#include "support/day.h"
#include "support/figures_of.h"
#include "support/kept.h"
#include "support/many_surroundings.h"
#include "support/material_figures.h"
#include "support/mended.h"
#include "words/lexicon.h"
#include "words/search_words.h"

using namespace rhexion;
using namespace rhexion::test;

namespace {

void takeReckoning(Sponge& sponge, const Formula& f, const Reckoning& r)
{
    std::vector<double> row = figuresOf(r);
    appendCautions(row, f, r);
    sponge.take(row);
    for (const Caution& c : findingsOf(f, r, nullptr, *words::lexicon()))
        sponge.take(double(c.code));
}

void takeBowl(Sponge& sponge, const AsWeighed& bowl)
{
    sponge.take(bowl.reckoning.batterGrams);
    sponge.take(bowl.reckoning.superfatTrue.value_or(-99.0));
    for (const DayMend& mend : bowl.mends) {
        sponge.take(double(mend.kind) + 100.0 * double(mend.target.what));
        sponge.take(mend.grams);
        sponge.take(mend.withWaterGrams);
    }
}

// A day of the formula with weighings that are off, looked at half way.
void takeDay(Sponge& sponge, Dice& dice, const Formula& f, const Reckoning& r)
{
    const DayPlan plan = planDay(f, r);
    std::vector<Weighed> weighed;
    std::vector<TopUp> topUps;
    for (const DayStep& step : plan.steps) {
        sponge.take(double(step.kind) + 100.0 * double(step.vessel) + 1e4 * step.portion);
        sponge.take(step.plannedGrams);
        if (step.target.what != WeighTarget::What::None && dice.chance(0.7))
            weighed.push_back({step.target, step.plannedGrams * dice.between(0.9, 1.15)});
    }
    if (dice.chance(0.3))
        topUps.push_back({plainWater(), dice.one(allVessels), dice.wide(1, 60)});
    const WeighTarget latest = weighed.empty() ? WeighTarget{} : dice.one(weighed).target;
    takeBowl(sponge, reckonAsWeighed(f, r, {weighed, topUps, {}}, latest));
    for (int i = 0; i < 4; ++i) {
        const auto at = std::size_t(dice.below(int(plan.steps.size()) + 1));
        const PlaceNow now = placeNow(f, plan, at, doneBefore(plan, at), weighed, topUps);
        sponge.take(double(now.place) + 10.0 * now.portion);
        const Contents& c = now.contents;
        sponge.take({c.water, c.fat, c.alkali, c.acid, c.sugar, c.salt, c.otherSolids,
                     double(now.in.size()), double(now.waiting.size())});
    }
    for (int i = 0; i < 3; ++i) {
        Slip slip{static_cast<SlipKind>(dice.below(6)), 0, dice.wide(0.3, 60), plainWater()};
        if (!f.lines.empty())
            slip.line = dice.one(f.lines).id;
        const auto after = afterSlip(f, r, slip);
        if (const auto* s = std::get_if<AfterSlip>(&after)) {
            takeBowl(sponge, s->bowl);
            sponge.take(s->tooFar ? 1.0 : 0.0);
        } else
            sponge.take(std::get<Refusal>(after));
    }
}

void takeRest(Sponge& sponge, Dice& dice, const Formula& f, const Reckoning& r)
{
    for (const SchoolTold& told : schoolsOf(f)) {
        sponge.take(double(told.school) * 10 + told.chosen);
        for (const SchoolAnswer& a : told.answers)
            sponge.take({double(a.option), a.sodiumGrams, a.potassiumGrams, a.makeUpGrams,
                         a.superfatTrue, a.strength});
    }
    const StockLyeWish wish{
        dice.chance(0.5),
        dice.one(std::array{-0.1, 0.0, 0.3, 0.45, 0.5, 0.6, 0.61, dice.between(0.1, 0.6)}),
        dice.one(std::array{0, 1, 2, 5, 1000, 1001}),
        dice.one(std::array{-0.1, 0.0, 0.1, 1.0, 1.01, dice.between(0, 0.3)})};
    if (const auto lye = stockLye(f, r, wish))
        sponge.take({lye->hydroxideGrams, lye->waterGrams, lye->solutionGrams, lye->perBatchGrams,
                     lye->strength.low(), lye->strength.high(),
                     lye->crystallisesBelow ? lye->crystallisesBelow->inCelsius() : -99.0});
    for (const LiquidStatement how :
         {LiquidStatement::Strength, LiquidStatement::Ratio, LiquidStatement::PercentOfOils,
          LiquidStatement::LessThanUsual})
        sponge.take(
            {statedAnew(f.liquid, &r, how).value, statedAnew(f.liquid, nullptr, how).value});
    const auto factor = factorFor(f, dice.chance(0.5) ? ScaleTo::Oils : ScaleTo::Batter,
                                  Mass::grams(dice.wide(50, 5000)));
    sponge.take(factor.value_or(-99.0));
    for (const Edit& edit : scaled(f, dice.wide(0.3, 4))) {
        Formula after = f;
        if (apply(after, edit))
            for (const Line& line : after.lines)
                sponge.take(line.amount.value);
    }
    if (const auto doubt = doubtOf(f, r, {300, 5})) {
        sponge.take({doubt->superfat.low, doubt->superfat.high, doubt->strength.median,
                     doubt->chanceOfExcess, double(doubt->causes.size())});
        for (const Caution& c : findingsOf(f, r, &*doubt, *words::lexicon())) {
            sponge.take({double(c.code), double(c.severity), double(c.line)});
            sponge.take(c.figures);
            for (const Edit& mend : c.mends())
                takeMended(sponge, f, mend);
        }
    }
}

MeasureResult reading(Dice& dice)
{
    // Now and then one that was not weighed.
    const auto figure = [&](double low, double high) {
        return dice.chance(0.03) ? 0.0 : dice.wide(low, high);
    };
    const auto g = [&](double low, double high) { return Mass::grams(figure(low, high)); };
    const Scale scale{dice.one(std::array{0.01, 0.1, 1.0})};
    const Interval purity = Interval::around(0.95, dice.between(0.95, 0.99), 0.995);
    std::vector<TitrationRun> titrations;
    std::vector<PurityRun> purities;
    const double about = dice.wide(1, 30);
    for (int i = dice.below(4); i > 0; --i) {
        titrations.push_back({figure(8, 12), about * figure(0.8, 1.3)});
        purities.push_back({figure(4, 6), figure(36, 46)});
    }
    switch (dice.below(8)) {
    case 0: return dryDown(g(10, 200), g(10, 200), g(1, 60), scale);
    case 1:
        return refractometerWater(dice.between(-2, 90), Temperature::celsius(dice.between(9, 31)),
                                  dice.chance(0.5), dice.between(-0.05, 0.3));
    case 2: return solutionStrength(dice.chance(0.5), g(1, 50), purity, figure(50, 2000), scale);
    case 3: return titratableAcidity(titrations, Interval::around(0.09, 0.1, 0.11));
    case 4: return densityByCup(g(10, 60), g(50, 300), g(50, 300), scale);
    case 5: return eachWeight(g(5, 100), g(1, 60), dice.below(30), scale);
    case 6:
        return hydroxidePurity(purities,
                               dice.one(std::array{0.0, 0.914, 1.0, 1.04, dice.between(0.9, 1.0)}),
                               dice.chance(0.5), g(5, 40), g(60, 200), scale);
    default:
        return mixtureWater(g(10, 200), g(100, 400), g(50, 300), Interval::around(0.4, 0.5, 0.6));
    }
}

} // namespace

class TestKeptMany : public QObject {
    Q_OBJECT

private Q_SLOTS:
    void formulas()
    {
        Inputs inputs(101);
        int reckoned = 0;
        keepEach("many_formulas.txt", 120, 100, [&](Sponge& sponge) {
            const Formula f = inputs.formula();
            const ReckonResult result = reckon(f);
            if (const auto* why = std::get_if<Refusal>(&result)) {
                sponge.take(*why);
                return;
            }
            ++reckoned;
            takeReckoning(sponge, f, std::get<Reckoning>(result));
        });
        QVERIFY2(reckoned > 4000, qPrintable(QString::number(reckoned)));
    }

    void days()
    {
        Inputs inputs(102);
        keepEach("many_days.txt", 50, 100, [&](Sponge& sponge) {
            const Formula f = inputs.formula();
            const ReckonResult result = reckon(f);
            if (const auto* r = std::get_if<Reckoning>(&result)) {
                takeDay(sponge, inputs.dice, f, *r);
                takeRest(sponge, inputs.dice, f, *r);
            }
        });
    }

    // Every limit from both sides.
    void edits()
    {
        Inputs inputs(103);
        Dice& dice = inputs.dice;
        keepEach("many_edits.txt", 20, 100, [&](Sponge& sponge) {
            Formula f = inputs.formula();
            LyeSettings lye = f.lye;
            lye.superfat = dice.between(-1.2, 1.2);
            lye.potassiumShare = dice.between(-0.2, 1.2);
            LiquidSettings liquid = f.liquid;
            liquid.value = dice.chance(0.5) ? dice.wide(0.001, 100) : dice.between(-1, 1);
            liquid.usualRatio = dice.wide(0.05, 50);
            liquid.jugRatio = dice.wide(0.01, 100);
            liquid.jugCoolest = Temperature::celsius(dice.between(-60, 200));
            const LineId line = f.lines.empty() ? 1 : dice.one(f.lines).id;
            Line added;
            added.id = LineId(dice.below(30));
            added.material = inputs.anyMaterial();
            added.amount = inputs.amount(false);
            added.portion = dice.chance(0.5) ? 0 : PortionId(dice.below(30));
            added.solvent = dice.between(-1, 22);
            std::vector<Portion> portions(std::size_t(dice.below(4)));
            for (Portion& portion : portions) {
                portion.id = PortionId(dice.below(5));
                portion.parts = dice.wide(1e-3, 1e4) * (dice.chance(0.1) ? -1.0 : 1.0);
                if (dice.chance(0.4))
                    portion.held = HeldOil{LineId(dice.below(9)), inputs.amount(true)};
            }
            Formula others = f;
            surroundings(dice, others);
            const Edit edits[] = {
                AddLine{added, std::size_t(dice.below(9))},
                SetPortions{portions},
                SetPortion{line, PortionId(dice.below(9))},
                SetMaterial{line, inputs.anyMaterial()},
                RemoveLine{LineId(dice.below(9))},
                SetLye{SettingField::Superfat, lye},
                SetLiquid{SettingField::Liquid, liquid},
                SetMixing{{Temperature::celsius(dice.between(-40, 250)), dice.between(-10, 120)}},
                SetAmount{line, {dice.wide(1e-3, 1e10), inputs.amount(false).unit}},
                SetSolvent{line, dice.between(-2, 30)},
                MoveLine{line, dice.one(allVessels), std::size_t(dice.below(9))},
                SetLocked{line, dice.chance(0.5)},
                SetAllWater{line, dice.chance(0.5)},
                SetOilsTotal{Mass::grams(dice.wide(1e-3, 1e10))},
                SetMoulds{others.moulds},
                SetCutting{{dice.between(-5, 60), dice.between(-1, 20), dice.between(-1, 3)}},
                SetHandling{others.handling},
                SetHeatPlan{others.heat},
                SetFrozen{line, dice.chance(0.5)},
                SetText{static_cast<TextField>(dice.below(3)),
                        std::string(std::size_t(dice.below(900)), 'x')}};
            for (const Edit& edit : edits) {
                if (const auto why = refusalOf(f, edit))
                    sponge.take(*why);
                const auto back = apply(f, edit);
                sponge.take(back ? double(back->index()) : -1.0);
            }
            const ReckonResult result = reckon(f);
            if (const auto* why = std::get_if<Refusal>(&result))
                sponge.take(*why);
            else
                sponge.take(figuresOf(std::get<Reckoning>(result)));
        });
    }

    void materials()
    {
        Inputs inputs(104);
        Dice& dice = inputs.dice;
        keepEach("many_materials.txt", 30, 100, [&](Sponge& sponge) {
            const MaterialPtr m = inputs.anyMaterial();
            sponge.take(everyFigureOf(*m));
            for (const AmountUnit unit : {AmountUnit::Teaspoon, AmountUnit::TeaspoonHeaped,
                                          AmountUnit::Tablespoon, AmountUnit::TablespoonHeaped,
                                          AmountUnit::Cup, AmountUnit::Drop, AmountUnit::Piece})
                sponge.take(gramsPer(unit, *m).value_or(-1.0));
            const auto fault = faultOf(*m);
            sponge.take(fault ? double(fault->code) : -1.0);
            const MaterialPtr again = dice.chance(0.5) ? inputs.changed(*m) : m;
            sponge.take({double(sameFigures(*m, *again)), double(sameFigures(*again, *m))});
            const UsualPlace place =
                usualPlaceOf(*m, inputs.amount(false), dice.wide(50, 2000), dice.chance(0.3));
            sponge.take({double(place.vessel), double(place.reason),
                         place.other ? double(*place.other) : -1.0});
            if (const auto other = otherCitricForm(*m))
                sponge.take(other->id);
            const double sv = dice.chance(0.5) ? dice.between(0.05, 0.4) : dice.between(50, 400);
            sponge.take({svIsUsual(sv) ? 1.0 : 0.0, svMeantBy(sv).value_or(-1.0)});
            std::vector<Ingredient> parts;
            double all = 0.0;
            for (int i = 1 + dice.below(4); i > 0; --i) {
                parts.push_back({inputs.anyMaterial(), Mass::grams(dice.wide(1, 300))});
                all += parts.back().mass.inGrams();
            }
            const auto mixture = mixed(parts, Mass::grams(all * dice.between(0.4, 1.1)));
            sponge.take(mixture ? everyFigureOf(*mixture) : std::vector{-1.0});
            static const std::string groups[] = {
                "milk",     "egg",   "sugar",      "fruit",    "juice",   "vegetable",   "cereal",
                "nut_seed", "other", "spice_herb", "beverage", "fat_oil", "salt_mineral"};
            FoodRow row;
            row.id = "sr24-1";
            row.name = "food";
            row.group = dice.one(groups);
            for (auto* figure : {&row.water, &row.protein, &row.fat, &row.carbohydrate, &row.sugars,
                                 &row.starch, &row.fibre, &row.ash, &row.alcohol})
                if (dice.chance(0.8))
                    *figure = dice.wide(0.05, 60);
            row.sodiumMg = dice.wide(1, 20000);
            row.isVinegar = dice.chance(0.1);
            row.sugarsUnderstated = dice.chance(0.2);
            if (dice.chance(0.3))
                row.acids.push_back({static_cast<Acid>(dice.below(5)), dice.wide(0.01, 5)});
            const Material food = materialFromFood(row);
            sponge.take(everyFigureOf(food));
        });
    }

    void readings()
    {
        Dice dice(105);
        keepEach("many_readings.txt", 30, 100, [&](Sponge& sponge) {
            const MeasureResult result = reading(dice);
            if (const auto* m = std::get_if<Measured>(&result)) {
                std::vector<double> row{m->value.low(), m->value.typical(), m->value.high()};
                appendWorking(row, m->working);
                sponge.take(row);
            } else
                sponge.take(double(std::get<MeasureFault>(result)));
        });
    }

    void phrases()
    {
        static const std::string words[] = {"120",         "1/2",
                                            "1",           "1/4",
                                            "½",           "2,5",
                                            "1,250",       "3.75",
                                            "-4",          "0",
                                            "10",          "1'000",
                                            "(",           "+",
                                            "x",           "*",
                                            "/",           "g",
                                            "oz",          "lb",
                                            "kg",          "tsp",
                                            "tbsp",        "heaped tsp",
                                            "cup",         "%",
                                            "ml",          "fl oz",
                                            "drops",       "pinch",
                                            "half a",      "a",
                                            "rest",        "of oils",
                                            "of",          "per",
                                            "pound",       "ppo",
                                            "buttermilk",  "olive oil",
                                            "egg yolk",    "frozen",
                                            "at trace",    "in the jug",
                                            "on top",      "after the cook",
                                            "dissolved",   "about",
                                            "citric acid", "clove fragrance",
                                            "1 e",         "°"};
        Dice dice(106);
        const auto lexicon = words::lexicon();
        keepEach("many_phrases.txt", 60, 100, [&](Sponge& sponge) {
            std::string text;
            for (int i = 1 + dice.below(7); i > 0; --i)
                text += dice.one(words) + (dice.chance(0.85) ? " " : "");
            PhraseHabits habits{dice.chance(0.5) ? '.' : ',', AmountUnit::Gram, lexicon};
            const auto parsed = parsePhrase(text, habits);
            if (const auto* fault = std::get_if<PhraseFault>(&parsed)) {
                sponge.take(double(fault->code));
                sponge.take(fault->part);
            } else {
                const auto& p = std::get<Phrase>(parsed);
                sponge.take(p.materialText);
                sponge.take({p.amount ? p.amount->value : -1.0,
                             p.amount ? double(p.amount->unit) : -1.0, p.bare ? 1.0 : 0.0,
                             p.frozen ? 1.0 : 0.0, p.dissolved ? 1.0 : 0.0,
                             p.vessel ? double(*p.vessel) : -1.0,
                             p.perOilsMass ? p.perOilsMass->inGrams() : -1.0, double(p.vague)});
            }
            const auto amount = parseAmount(text, habits);
            if (const auto* a = std::get_if<StatedAmount>(&amount))
                sponge.take({a->value, double(a->unit)});
            else
                sponge.take(double(std::get<PhraseFault>(amount).code));
            if (const auto thing = thingOf(text, *lexicon))
                sponge.take(double(*thing));
            if (const auto number = parseNumber(text, habits.decimalMark);
                const auto* n = std::get_if<double>(&number))
                sponge.take(*n);
        });
    }

    // What makers type with a slip in it.
    void searches()
    {
        Dice dice(107);
        SearchIndex index;
        index.setRules(words::searchRules());
        for (const MaterialPtr& m : Catalogue::shipped().materials())
            index.add(m->name, m->alsoCalled, int(m->alsoCalled.size() % 3));
        keepEach("many_searches.txt", 10, 100, [&](Sponge& sponge) {
            std::string text = dice.one(Catalogue::shipped().materials())->name;
            if (dice.chance(0.6))
                text = text.substr(0, text.size() * std::size_t(1 + dice.below(4)) / 4);
            for (int i = dice.below(3); i > 0 && text.size() > 2; --i) {
                const auto at = std::size_t(dice.below(int(text.size())));
                if (dice.chance(0.5))
                    text.erase(at, 1);
                else
                    text[at] = char('a' + dice.below(26));
            }
            if (const auto space = text.find(' '); space != text.npos && dice.chance(0.2))
                text.erase(space, 1);
            if (dice.chance(0.1))
                text.insert(std::size_t(dice.below(int(text.size()) + 1)),
                            dice.chance(0.5) ? " " : "é");
            const auto found = index.find(text);
            sponge.take(double(found.size()));
            for (std::size_t i = 0; i < std::min<std::size_t>(found.size(), 6); ++i)
                sponge.take(double(found[i].index) + 1e4 * found[i].mark);
        });
    }
};

QTEST_GUILESS_MAIN(TestKeptMany)
#include "tst_kept_many.moc"
