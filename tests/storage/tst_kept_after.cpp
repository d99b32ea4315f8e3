// What the core makes of the weeks after many random batches: cure, dues, tests, labels by both
// schools, cost, stock, comparisons and counts; by one number for every few of them. It proves that
// nothing moved, not that it is right; RHEXION_KEEP=1 keeps a meant change.
#include "core/account/account.h"
#include "core/after/batch_code.h"
#include "core/after/compare.h"
#include "core/after/cost.h"
#include "core/after/cured.h"
#include "core/after/due.h"
#include "core/after/facts.h"
#include "core/after/inci.h"
#include "core/after/mishaps.h"
#include "core/after/net_weight.h"
#include "core/after/patterns.h"
#include "core/after/stock_count.h"
#include "core/batch/fold.h"
#include "core/batch/heat_log.h"
#include "core/makeday/day_events.h"
#include "core/makeday/plan.h"
#include "storage/batch_json.h"
#include "storage/formula_json.h"
#include "storage/inci_names.h"
#include "support/many_surroundings.h"
#include "support/random_after.h"

using namespace rhexion;
using namespace rhexion::test;

namespace {

constexpr std::int64_t day = 86'400'000;

// A batch that was made of a random formula, some of it not as planned, with what came after.
std::optional<Batch> anyBatch(Inputs& inputs, RandomAfter& after, int number)
{
    Dice& dice = inputs.dice;
    Formula f = inputs.formula();
    if (dice.chance(0.6))
        surroundings(dice, f);
    if (dice.chance(0.2))
        f.pair = PairOf{"b1", "the oil"};
    if (dice.chance(0.5))
        f.maker = dice.chance(0.5) ? "one" : "other";
    const ReckonResult result = reckon(f);
    const auto* r = std::get_if<Reckoning>(&result);
    if (!r)
        return std::nullopt;
    std::vector<Event> events;
    const std::string id = "b" + std::to_string(number);
    const auto write = [&](std::int64_t at, Happening what) {
        events.push_back({"e" + std::to_string(events.size()), id, "bench", 0, at, 0, what});
    };
    const DayPlan plan = planDay(f, *r);
    write(0, BatchBegun{f, r->amounts, plan});
    std::int64_t at = 0;
    std::vector<WeighTarget> lying;
    std::vector<std::string> beside;
    for (const DayStep& step : plan.steps) {
        if (dice.chance(0.05))
            continue;
        if (step.target.what != WeighTarget::What::None)
            lying.push_back(step.target);
        if (step.target.what != WeighTarget::What::None && dice.chance(0.2))
            write(at, WeighedNow{{step.target, step.plannedGrams * dice.between(0.9, 1.1)},
                                 step.plannedGrams});
        if (dice.chance(0.3))
            write(at += 20'000,
                  ReadingTaken{static_cast<ReadingOf>(dice.below(int(countOf<ReadingOf>()))),
                               dice.between(15, 95)});
        if (dice.chance(0.1))
            write(at += 20'000, Blended{dice.between(1, 60)});
        if (dice.chance(0.05)) {
            beside.push_back("e" + std::to_string(events.size()));
            write(at += 20'000,
                  AddedBeside{{plainWater(), dice.one(allVessels), dice.wide(1, 40)}});
        }
        if (dice.chance(0.03))
            write(at += 20'000,
                  PartLost{{Place::Batter, 0, dice.between(0.01, 0.4), lying, beside}});
        write(at += std::int64_t(dice.wide(2e4, 4e6)), StepDone{keyOf(step)});
    }
    for (int i = dice.below(4); i > 0; --i)
        write(at += 3'000'000, ReadingTaken{ReadingOf::Core, dice.between(30, 90)});
    if (inputs.dice.chance(0.9))
        write(at += 60'000,
              BatchFinished{r->superfatTrue.value_or(0.0), r->pure.strength, r->batterGrams});
    std::vector<std::string> materials;
    for (const Line& line : f.lines)
        materials.push_back(line.material->id);
    double days = 0.0;
    for (int i = inputs.dice.below(14); i > 0; --i) {
        days += inputs.dice.chance(0.2) ? 0.0 : inputs.dice.wide(0.1, 20);
        const std::int64_t on = std::int64_t(days * double(day));
        const PortionId portion =
            f.portions.empty() || inputs.dice.chance(0.6) ? 0 : inputs.dice.one(f.portions).id;
        write(on, After{on, after.next(materials, {}), portion});
    }
    return fold(events);
}

void takeLabels(Sponge& sponge, Dice& dice, const Batch& batch, const Cured& cured)
{
    const Account account = accountOf(batch.formula, batch.amounts);
    const double grams =
        cured.settled ? cured.settled->typical() * std::max(1, cured.bars) : dice.wide(100, 2000);
    const auto named = [](const Material& m) { return inciNameOf(m); };
    const LabelBatch label =
        labelBatchOf(batch.formula, account, grams, named, {"Linalool", "Limonene"});
    for (const auto school : {LabelSchool::AsAdded, LabelSchool::AsSoap})
        for (const LabelRow& row : labelOf(label, school)) {
            sponge.take(row.name);
            sponge.take({row.grams, row.share, double(row.plain)});
        }
}

void takeCost(Sponge& sponge, Dice& dice, const Batch& batch)
{
    const double edges[] = {0.0, 0.05, 0.5, 0.999, 1.0, -0.1};
    std::vector<CostLine> lines;
    for (const Line& line : batch.formula.lines) {
        CostLine cost{line.material->name, dice.wide(1, 800), {}, 0.0, 0.0};
        if (dice.chance(0.8))
            cost.price =
                LotPrice{dice.wide(10, 9000), dice.chance(0.95) ? dice.wide(50, 5000) : 0.0,
                         dice.chance(0.5), dice.one(edges)};
        cost.loss = dice.chance(0.7) ? 0.0 : dice.one(edges);
        cost.soaked = dice.chance(0.8) ? 0.0 : dice.between(-0.5, 20);
        lines.push_back(cost);
    }
    CostTerms terms{
        dice.between(0, 50),  dice.between(0, 5), dice.between(0, 3000), dice.between(0, 90),
        dice.between(1, 4),   dice.one(edges),    dice.below(30),        0,
        dice.between(0, 3000)};
    terms.sellable = dice.below(terms.bars + 1);
    const auto cost = costOf(lines, terms);
    if (const auto* cannot = std::get_if<Cannot>(&cost)) {
        sponge.take(double(cannot->code));
        sponge.take(cannot->item);
        return;
    }
    const auto& c = std::get<BatchCost>(cost);
    sponge.take({c.materials, c.packaging, c.time, c.energy, double(c.unknown), c.total(),
                 c.perBar.value_or(-1), c.price.value_or(-1), c.per100.value_or(-1)});
    for (const BatchCost::Line& line : c.lines)
        sponge.take({line.drawn.grams, line.drawn.minor, double(line.known)});
}

void takeStock(Sponge& sponge, Dice& dice)
{
    std::vector<DrawnAt> draws;
    std::int64_t at = 0;
    for (int i = dice.below(10); i > 0; --i)
        draws.push_back({at += std::int64_t(dice.wide(0.2, 40) * double(day)), dice.wide(5, 600)});
    const auto maybe = [&]() -> std::optional<double> {
        return dice.chance(0.6) ? std::optional(dice.wide(10, 4000)) : std::nullopt;
    };
    const JarNow jar = jarNow(maybe(), std::int64_t(dice.below(200)) * day, maybe(), draws);
    sponge.take({jar.grams.value_or(-1e9), jar.drawnSince});
    const LowAnswer low = isLow({dice.wide(1, 3000), at + dice.below(30) * day,
                                 dice.between(0.5, 6), dice.chance(0.5) ? 0.0 : dice.wide(5, 900)},
                                draws);
    sponge.take({double(low.low), low.wanted});
    std::vector<double> bars(std::size_t(dice.below(12)));
    const double nominal = dice.one(std::array{4.9, 5.0, 49.0, 50.0, 95.0, 100.0, 199.0, 300.0});
    for (double& bar : bars)
        bar = nominal * dice.between(0.88, 1.06);
    const auto weights = checkWeights(bars, nominal);
    if (const auto* w = std::get_if<WeightCheck>(&weights))
        sponge.take(
            {double(w->verdict), w->mean, w->least, w->tolerable, double(w->low), double(w->very)});
    sponge.take(nominalFor(dice.between(3, 150)));
    const double caustic = dice.wide(1e-5, 0.01);
    const AlkaliLimits limits{dice.between(1e-4, 1e-3), dice.between(5e-4, 2e-3)};
    sponge.take(double(verdictOn(
        Interval::around(caustic * dice.between(0, 1), caustic, caustic * dice.between(1, 2)),
        limits)));
    const auto code =
        textOf(BatchCode{2000 + dice.below(100), 1 + dice.below(366), dice.below(101)});
    if (const auto* text = std::get_if<std::string>(&code))
        sponge.take(*text);
}

// What the readings of a batch teach, and what a few such batches make of the next forecast.
void takeHeatLog(Sponge& sponge, Dice& dice, const Batch& batch)
{
    const HeatPlan usual;
    const auto maybe = [&](double low, double high) {
        return dice.chance(0.7) ? std::optional(dice.between(low, high)) : std::nullopt;
    };
    std::vector<HeatLog> logs;
    if (const auto log = heatLogOf(batch, usual))
        logs.push_back(*log);
    for (const HeatLog& log : logs)
        sponge.take({log.lnRate.value_or(-9), log.lnLoss.value_or(-9), log.jugTimes.value_or(-9),
                     log.lnJugRate.value_or(-9), log.lnPotRate.value_or(-9)});
    for (int i = dice.below(4); i > 0; --i)
        logs.push_back({dice.chance(0.7) ? batch.formula.name : "other",
                        dice.chance(0.7) ? usual.wall : MouldWall::Wood,
                        dice.chance(0.7) ? usual.covers.front().cover : MouldCover::Open,
                        maybe(-1, 1), maybe(-1, 1), maybe(0.8, 1.2), maybe(-1, 1), maybe(-1, 1)});
    const HeatKnown known = heatKnownFor(batch.formula, usual, logs);
    sponge.take({known.learnt.mould.rate, known.learnt.mould.loss, known.learnt.jugTimes,
                 known.learnt.jugRateTimes, known.learnt.potRateTimes, double(known.ofRate),
                 double(known.ofLoss), double(known.ofJug), double(known.ofCooling)});
}

} // namespace

class TestKeptAfter : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void batches()
    {
        Inputs inputs(301);
        RandomAfter after(302);
        int number = 0;
        keepEach("many_after.txt", 25, 20, [&](Sponge& sponge) {
            const auto batch = anyBatch(inputs, after, ++number);
            if (!batch)
                return;
            const CureSchools schools{inputs.dice.chance(0.5)};
            const Cured cured = curedOf(*batch, schools);
            take(sponge, batchToJson(*batch, cured));
            sponge.take({cured.waterGrams, cured.dryGrams, cured.wetShare, cured.tauDays.low(),
                         cured.tauDays.high(), cured.readyDay, double(cured.mayGain),
                         double(cured.sameVerdicts), double(cured.weightsDecide)});
            if (cured.series)
                for (const DayWeight& w : cured.series->weights)
                    sponge.take({w.day, w.grams});
            for (const Due& due : duesOf(*batch, cured))
                sponge.take(
                    {double(due.kind), double(due.opens), double(due.at), double(due.closes)});
            for (const std::string& fact : factsOf(*batch)) {
                sponge.take(fact);
                sponge.take(double(isInput(fact)));
            }
            const Account made = batch->asMade();
            sponge.take({made.batterGrams, made.superfatTrue.value_or(-9)});
            for (const AfterAt& one : batch->after)
                sponge.take(wordsIn(one.what));
            if (number % 5 == 0)
                takeHeatLog(sponge, inputs.dice, *batch);
            takeLabels(sponge, inputs.dice, *batch, cured);
            takeCost(sponge, inputs.dice, *batch);
            takeStock(sponge, inputs.dice);
        });
    }

    // Batches beside each other, what went with what, and what comes back of it.
    void together()
    {
        Inputs inputs(303);
        RandomAfter after(304);
        int number = 0;
        keepEach("many_together.txt", 20, 8, [&](Sponge& sponge) {
            std::vector<Batch> batches;
            for (int i = 2 + inputs.dice.below(4); i > 0; --i)
                if (auto batch = anyBatch(inputs, after, ++number))
                    batches.push_back(std::move(*batch));
            if (batches.size() < 2)
                return;
            if (inputs.dice.chance(0.4)) { // a twin that came out otherwise
                Batch twin = batches[0];
                twin.after = batches[1].after;
                if (inputs.dice.chance(0.5))
                    surroundings(inputs.dice, twin.formula);
                batches[1] = twin;
            }
            std::vector<Compared> all;
            std::vector<ToldBatch> told;
            for (const Batch& batch : batches) {
                const auto& portions = batch.formula.portions;
                all.push_back({&batch, portions.empty() || inputs.dice.chance(0.4)
                                           ? PortionId(0)
                                           : inputs.dice.one(portions).id});
                told.push_back({batch.id, factsOf(batch)});
            }
            const Comparison c = compared(all);
            take(sponge, comparisonToJson(c, all));
            for (const WouldTell& would : c.wouldTell) {
                sponge.take({double(would.like), double(would.changedAs), double(would.group)});
                const Formula f =
                    withOneChange(batches[would.like], batches[would.changedAs], would.group);
                sponge.take(formulaToJson(f).toStdString());
            }
            const Account account = accountOf(batches[0].formula, batches[0].amounts);
            for (const MishapBefore& m : mishapsBefore(told, thingsOf(batches[0].formula, account)))
                sponge.take({double(m.seen), double(m.times), double(m.of)});
            std::vector<PatternCount> counts;
            for (int i = inputs.dice.below(8); i > 0; --i) {
                PatternCount count{"kind:milk", inputs.dice.below(40), 0, inputs.dice.below(60), 0};
                count.withOutcome = inputs.dice.below(count.with + 1);
                count.withoutOutcome = inputs.dice.below(count.without + 1);
                counts.push_back(count);
            }
            for (const Pattern& p : patternsOf(counts))
                sponge.take({p.with.low(), p.with.high(), p.without.low(), p.without.high(),
                             double(p.few), double(p.overlap)});
        });
    }
};

QTEST_APPLESS_MAIN(TestKeptAfter)
#include "tst_kept_after.moc"
