// What the core makes of random formulas around the making: moulds, scent, blend, water, working
// time, heat, day, wishes; by one number for every few of them. It proves that nothing moved, not
// that it is right; RHEXION_KEEP=1 keeps a meant change.
#include <QTest>

#include "core/account/contents.h"
#include "core/heat/day_heat.h"
#include "core/heat/heat_findings.h"
#include "core/heat/jug.h"
#include "core/makeday/later.h"
#include "core/makeday/mishap.h"
#include "core/makeday/schedule.h"
#include "core/makeday/weigh_band.h"
#include "core/making/batter_density.h"
#include "core/making/blend.h"
#include "core/making/hard_water.h"
#include "core/making/mould_fit.h"
#include "core/materials/makers_word.h"
#include "core/wishes/formula_wishes.h"
#include "solver/glpk_solver.h"
#include "storage/fittings.h"
#include "storage/heat_json.h"
#include "storage/making_json.h"
#include "support/many_inputs.h"
#include "support/material_figures.h"

#include <QJsonDocument>

using namespace rhexion;
using namespace rhexion::test;

namespace {

MouldShape anyShape(Dice& dice)
{
    const auto mm = [&](double low, double high) { return dice.wide(low, high); };
    switch (dice.below(6)) {
    case 0: {
        Loaf loaf{mm(80, 500), mm(40, 140), mm(30, 140), 0, 0, 0, 0};
        if (dice.chance(0.3)) {
            loaf.rimLength = loaf.length * dice.between(1.0, 1.2);
            loaf.rimWidth = loaf.width * dice.between(1.0, 1.3);
        }
        loaf.corner = dice.chance(0.3) ? dice.between(0, 60) : 0.0;
        loaf.liner = dice.chance(0.3) ? dice.between(0, 6) : 0.0;
        return loaf;
    }
    case 1: {
        Slab slab;
        slab.length = mm(100, 500);
        slab.width = mm(100, 400);
        slab.height = mm(15, 80);
        slab.thickness = dice.chance(0.5) ? dice.between(0.5, 8) : 0.0;
        slab.dividerHeight = dice.chance(0.5) ? dice.between(1, 90) : 0.0;
        return slab;
    }
    case 2: return Column{mm(30, 150), mm(50, 400)};
    case 3: return LyingTube{mm(30, 150), mm(50, 400), mm(10, 150)};
    case 4: return Dome{mm(10, 80), mm(10, 120)};
    default: return FreeShape{mm(20, 4000)};
    }
}

void surroundings(Dice& dice, Formula& f)
{
    for (int i = dice.below(3); i > 0; --i)
        f.moulds.push_back(
            {{"mould", anyShape(dice), 1 + dice.below(6)},
             f.portions.empty() || dice.chance(0.5) ? PortionId(0) : dice.one(f.portions).id,
             dice.between(0.3, 1.0)});
    f.cutting = {dice.between(5, 60), dice.between(0, 20), dice.between(0, 3)};
    f.handling.blending = static_cast<Blending>(dice.below(3));
    f.handling.gel = static_cast<GelPlan>(dice.below(3));
    f.handling.product = static_cast<ProductKind>(dice.below(5));
    if (!dice.chance(0.7))
        return;
    HeatPlan plan;
    plan.room = dice.between(5, 38);
    plan.jug = {static_cast<VesselStuff>(dice.below(6)), dice.wide(20, 1500)};
    plan.pot = {static_cast<VesselStuff>(dice.below(6)), dice.wide(50, 3000)};
    plan.portions = 1 + dice.below(24);
    plan.pauseMinutes = dice.between(0, 8);
    plan.liquid = dice.between(0, 40);
    plan.chilled = dice.between(0, 12);
    plan.frozen = dice.between(-30, -1);
    plan.iceBath = dice.chance(0.3);
    plan.melted = dice.between(30, 95);
    if (dice.chance(0.4))
        plan.potAfterMinutes = dice.between(0, 90);
    plan.school = static_cast<MeetingSchool>(dice.below(6));
    plan.trace = static_cast<TraceStage>(dice.below(4));
    plan.blendingSeconds = dice.between(0, 900);
    plan.wall = static_cast<MouldWall>(dice.below(8));
    plan.covers = {{static_cast<MouldCover>(dice.below(7)), 0.0, {}}};
    if (dice.chance(0.4))
        plan.covers.push_back({static_cast<MouldCover>(dice.below(7)), dice.between(0.5, 12), {}});
    if (dice.chance(0.4))
        plan.ovenOffHours = dice.between(0.5, 12);
    plan.cook.power = dice.wide(50, 800);
    plan.cook.minutes = dice.between(10, 200);
    f.heat = plan;
}

// A formula with moulds and a plan of warmth; nothing where it cannot be reckoned.
std::optional<Reckoning> surrounded(Inputs& inputs, Formula& f)
{
    f = inputs.formula();
    surroundings(inputs.dice, f);
    const ReckonResult result = reckon(f);
    const auto* r = std::get_if<Reckoning>(&result);
    return r ? std::optional(*r) : std::nullopt;
}

void takeDay(Sponge& sponge, Dice& dice, const Formula& f, const Reckoning& r,
             const heat::HeatForecast* forecast)
{
    const DayPlan plan = planDay(f, r);
    const DayOf day = dayOf(plan, f, r, forecast);
    for (const StepTimes& t : day.times)
        sponge.take({t.hands.low(), t.hands.typical(), t.hands.high(), t.waiting.low(),
                     t.waiting.typical(), t.waiting.high()});
    for (const DayStep& step : plan.steps) {
        for (const std::size_t after : step.after)
            sponge.take(double(after));
        sponge.take({double(step.kind), double(daysBefore(step, f).value_or(-1)),
                     double(marksOf(step).lye), double(blends(step)), double(hasVessel(step))});
    }
    ScheduleWish wish{static_cast<ScheduleHow>(dice.below(3)), 1'000'000'000, 1'000'000'000, 0};
    wish.pourAt += std::int64_t(dice.between(0, 2e7));
    wish.within = dice.between(600, 20000);
    const Schedule s = scheduleOf({day}, wish);
    for (const ScheduledStep& step : s.steps)
        sponge.take(
            {double(step.step), double(step.from - wish.now), double(step.until - wish.now)});
    sponge.take({s.handsSeconds, s.idleSeconds, s.quickSeconds, s.slowSeconds, double(s.missed),
                 s.missedBySeconds, double(s.idle.size())});
    for (const LaterStep& step : laterSteps(f, r, forecast))
        sponge.take({double(step.kind), step.hours.low(), step.hours.typical(), step.hours.high()});
    const auto target = plan.steps[std::size_t(dice.below(int(plan.steps.size())))].target;
    if (const auto band = weighBand(f, r, {}, target, dice.between(0, 1)))
        sponge.take({band->low, band->high, double(band->lowBy), double(band->highBy)});
    for (const Mishap& mishap : surprise(plan, f, std::uint64_t(dice.below(1000))).mishaps)
        sponge.take({double(mishap.kind), double(placeOf(mishap, plan, f).value_or(999))});
}

// How batches made correct the working time.
void takeLearning(Sponge& sponge, Dice& dice, const Formula& f, const Reckoning& r)
{
    const TimeForecast forecast = workingTime(workFeatures(f, r), scentDoses(f, r, {}),
                                              f.handling.blending, f.handling.factorsOff);
    std::vector<OwnLog> logs(std::size_t(dice.below(12)));
    for (OwnLog& log : logs) {
        log.features = workFeatures(f, r);
        for (auto& [code, feature] : log.features)
            feature *= dice.between(0.5, 1.5);
        log.scents = scentDoses(f, r, {});
        log.blending = static_cast<Blending>(dice.below(3));
        log.minutes = dice.wide(1, 90);
        log.onlyLonger = dice.chance(0.3);
    }
    const TimeForecast own = corrected(forecast, logs);
    sponge.take({own.time.low, own.time.typical, own.time.high, double(own.logs)});
}

} // namespace

class TestKeptMaking : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void making()
    {
        Inputs inputs(201);
        Fittings own;
        own.limits.push_back({"", ScentLimit::Whose::Local, ProductKind::RinseOff, .03,
                              ScentBasis::BatterWhole, "law", "2026-01-01"});
        keepEach("many_making.txt", 30, 30, [&](Sponge& sponge) {
            Formula f;
            const auto r = surrounded(inputs, f);
            if (!r)
                return;
            take(sponge, mouldFitToJson(f, *r));
            take(sponge, scentToJson(f, scentPicture(f, *r, own.limits, {}, {}), own));
            take(sponge, blendToJson(f, *r));
            WashWater water;
            water.hardness = inputs.dice.wide(1, 900);
            take(sponge, waterToJson(f, *r, water));
            take(sponge, workingToJson(f, *r, {}, {}));
            takeDay(sponge, inputs.dice, f, *r, nullptr);
            for (const Vessel vessel : allVessels) {
                const Contents c = contentsOf(f, *r, vessel);
                sponge.take({c.water, c.fat, c.alkali, c.acid, c.sugar, c.salt, c.otherSolids});
            }
            if (const auto blend = blendOf(f, *r); const auto* b = std::get_if<Blend>(&blend))
                sponge.take({b->withoutIodine, b->iodine.typical(), b->sv.high()});
            takeLearning(sponge, inputs.dice, f, *r);
        });
    }

    // Water and bars of every kind, at the edges of what can be and past them.
    void waters()
    {
        Dice dice(205);
        keepEach("many_waters.txt", 6, 50, [&](Sponge& sponge) {
            WashWater water;
            const double edges[] = {0.0, 1e-9, 0.6, 0.95, 0.98, 1.0, 1.02, dice.wide(0.001, 100)};
            water.hardness = dice.one(edges);
            water.dose = dice.one(edges);
            water.calciumShare = dice.between(0.6, 0.95);
            const LigandInBar ligand{static_cast<Ligand>(dice.below(int(countOf<Ligand>()))),
                                     dice.one(edges)};
            const auto result =
                hardWater(water, dice.one(edges), ligand, dice.one(edges), dice.one(edges) * 290.0);
            if (const auto* cannot = std::get_if<Cannot>(&result)) {
                sponge.take(double(cannot->code));
                sponge.take(cannot->item);
                return;
            }
            const auto& w = std::get<HardWater>(result);
            sponge.take({w.litresCeiling, w.heldAll.low(), w.heldAll.typical(), w.heldAll.high()});
        });
    }

    // What readings of jug, pot and core make of the forecast, and what batches teach.
    void daysHeat()
    {
        Inputs inputs(206);
        Dice& dice = inputs.dice;
        keepEach("many_readings_of_heat.txt", 12, 4, [&](Sponge& sponge) {
            Formula f;
            const auto r = surrounded(inputs, f);
            if (!r)
                return;
            heat::ForecastOptions options;
            options.coarse = true;
            options.hours = 12.0;
            options.learnt.mould.rate = dice.between(0.8, 1.2);
            options.learnt.mould.loss = dice.between(0.8, 1.2);
            const auto forecast = heat::forecastHeat(f, *r, f.heat.value_or(HeatPlan{}), options);
            std::vector<ReadingAt> readings;
            std::int64_t at = 1'000'000'000;
            const std::int64_t lye = at;
            double jug = dice.between(40, 95);
            double pot = dice.between(35, 80);
            for (int i = 0; i < 4; ++i) {
                at += std::int64_t(dice.between(6e4, 9e5));
                jug -= dice.between(0, 8);
                pot -= dice.between(0, 5);
                readings.push_back({ReadingOf::Jug, jug, at});
                readings.push_back({ReadingOf::Pot, pot, at + 1000});
                if (dice.chance(0.3))
                    readings.push_back({ReadingOf::Room, dice.between(12, 28), at});
            }
            heat::DayMoments moments;
            moments.lastLye = lye;
            if (const auto m = heat::meetingOf(f, *forecast, readings, moments, at))
                sponge.take({m->from.value_or(-1), m->until.value_or(-1), m->sd.value_or(-1),
                             double(m->inIt)});
            moments.joined = at + 60'000;
            moments.poured = at + 600'000;
            double core = dice.between(30, 50);
            for (int i = 1; i < 4; ++i) {
                core += dice.between(-5, 20);
                readings.push_back(
                    {ReadingOf::Core, core, *moments.poured + std::int64_t(i) * 2'700'000});
            }
            const auto mould =
                heat::mouldOf(*forecast, readings, {}, moments, *moments.poured + 9'000'000);
            if (mould)
                sponge.take({mould->knobs.rate, mould->knobs.loss, double(mould->fitted),
                             mould->lnRateSd, mould->lnLossSd, mould->band.peak().typical(),
                             double(mould->nextLook.value_or(0) - lye)});
            const auto learnt =
                heat::learnJug(dice.between(5, 25), dice.between(30, 100), dice.between(30, 100));
            sponge.take({learnt.times, learnt.sd});
            const auto all = heat::together({dice.between(-1, 1), dice.between(-1, 1)});
            sponge.take({all.ln, all.sd});
        });
    }

    void heat()
    {
        Inputs inputs(202);
        keepEach("many_heats.txt", 80, 6, [&](Sponge& sponge) {
            Formula f;
            const auto r = surrounded(inputs, f);
            if (!r)
                return;
            heat::ForecastOptions options;
            options.coarse = true;
            options.hours = inputs.dice.between(2, 24);
            options.learnt.jugTimes = inputs.dice.between(0.8, 1.2);
            options.learnt.jugRateTimes = inputs.dice.between(0.8, 1.2);
            options.learnt.potRateTimes = inputs.dice.between(0.8, 1.2);
            options.learnt.mould.rate = inputs.dice.between(0.7, 1.4);
            options.learnt.mould.loss = inputs.dice.between(0.7, 1.4);
            const auto told = heat::tellHeat(f, *r, HeatPlan{}, options);
            for (const auto topic :
                 {jugHeatToJson, meetingHeatToJson, mouldHeatToJson, cookHeatToJson})
                take(sponge, topic(f, told->forecast));
            for (const Caution& c : told->findings) {
                sponge.take(
                    {double(c.code), double(c.severity), double(c.line), double(c.mends().size())});
                sponge.take(c.figures);
            }
            takeDay(sponge, inputs.dice, f, *r, &told->forecast);
        });
    }

    // Jugs of every strength, milk, ice and pause, some of which boil.
    void jugs()
    {
        Dice dice(207);
        keepEach("many_jugs.txt", 20, 20, [&](Sponge& sponge) {
            heat::Jug jug;
            for (int i = 1 + dice.below(2); i > 0; --i) {
                heat::JugLiquid liquid;
                liquid.grams = dice.wide(20, 900);
                liquid.celsius = dice.chance(0.3) ? dice.between(-25, -1) : dice.between(1, 60);
                if (dice.chance(0.5)) {
                    liquid.water = dice.between(0.5, 0.95);
                    liquid.fat = (1.0 - liquid.water) * 0.4;
                    liquid.milk = dice.chance(0.7);
                }
                jug.liquids.push_back(liquid);
            }
            jug.sodiumGrams = dice.chance(0.8) ? dice.wide(10, 400) : 0.0;
            jug.potassiumGrams = dice.chance(0.3) ? dice.wide(10, 300) : 0.0;
            jug.acidProtons = dice.chance(0.3) ? dice.between(0, 0.3) : 0.0;
            jug.acidGrams = jug.acidProtons * 64.0;
            jug.acidDissolving = jug.acidProtons * 8.0;
            jug.salt = dice.chance(0.2) ? dice.wide(1, 40) : 0.0;
            jug.vessel = static_cast<VesselStuff>(dice.below(6));
            jug.vesselGrams = dice.wide(20, 1500);
            jug.portions = 1 + dice.below(6);
            jug.pauseSeconds = dice.between(0, 600);
            jug.room = dice.between(5, 35);
            if (dice.chance(0.2))
                jug.bath = dice.between(0, 12);
            if (const auto cannot = heat::faultOf(jug)) {
                sponge.take(double(cannot->code));
                return;
            }
            heat::JugRunOptions options;
            options.hours = 1.0;
            options.target = dice.between(20, 60);
            const heat::JugRun run = heat::runJug(jug, options);
            sponge.take({run.start, run.peak, run.peakSeconds, run.local,
                         double(run.boilsWhereItLands), run.steamGrams,
                         run.meltedSeconds.value_or(-1), double(run.saturated),
                         run.targetSeconds.value_or(-1), run.end, run.iceGrams,
                         run.undissolvedGrams, run.strength, run.boilingPoint});
            sponge.take({heat::allAtOnce(jug).celsius, heat::allAtOnce(jug).iceGrams,
                         heat::crystalsBelow(jug).value_or(-99.0)});
        });
    }

    // When to look next, whenever somebody looked before.
    void looks()
    {
        Dice dice(208);
        keepEach("many_looks.txt", 4, 50, [&](Sponge& sponge) {
            heat::MouldBand band;
            band.typical.peakSeconds = dice.between(3600, 40000);
            band.hot.firstLookSeconds = dice.between(600, 20000);
            const std::int64_t poured = 1'000'000'000;
            std::vector<LookAt> looks(std::size_t(dice.below(4)));
            for (LookAt& look : looks)
                look = {static_cast<LookSaw>(dice.below(int(countOf<LookSaw>()))),
                        poured + std::int64_t(dice.between(-5e6, 6e7))};
            const auto now = poured + std::int64_t(dice.between(0, 6e7));
            sponge.take(double(heat::nextLook(band, poured, looks, now).value_or(-1)));
        });
    }

    void wishes()
    {
        Inputs inputs(203);
        Dice& dice = inputs.dice;
        keepEach("many_wishes.txt", 12, 20, [&](Sponge& sponge) {
            const Formula f = inputs.formula();
            const ReckonResult result = reckon(f);
            const auto* r = std::get_if<Reckoning>(&result);
            if (!r)
                return;
            WishesAsked asked;
            for (int i = 1 + dice.below(3); i > 0; --i) {
                Wish wish;
                wish.kind = static_cast<WishKind>(dice.below(int(countOf<WishKind>())));
                wish.group = static_cast<AcidGroup>(dice.below(int(countOf<AcidGroup>())));
                const double low = dice.between(0, 60);
                if (dice.chance(0.7))
                    wish.low = low;
                if (dice.chance(0.7))
                    wish.high = low + dice.between(0, 40);
                asked.wishes.push_back(wish);
            }
            if (dice.chance(0.5))
                asked.offered.push_back(
                    {inputs.anyMaterial(), dice.wide(0.001, 0.1),
                     dice.chance(0.3) ? std::optional(dice.wide(10, 500)) : std::nullopt});
            if (dice.chance(0.5))
                for (const Wish& guard : usualGuards(f, asked))
                    asked.wishes.push_back(guard);
            asked.what = static_cast<WishFor>(dice.below(2));
            const auto answer = propose(f, asked, solveWithGlpk);
            const auto* proposal = std::get_if<WishProposal>(&answer);
            take(sponge,
                 proposalToJson(answer, proposal ? proposal->problem : problemOf(f, *r, asked)));
        });
    }

    void makersWords()
    {
        Dice dice(204);
        keepEach("many_words.txt", 4, 50, [&](Sponge& sponge) {
            const TakenAs as = dice.one(allTakenAs());
            const double figure = needsFigure(as) ? dice.wide(0.01, 400) : 0.0;
            const auto m = takenAs("something", as, figure);
            sponge.take(m ? figuresOf(*m) : std::vector{-1.0});
            if (m)
                for (const Figure& part : m->parts)
                    sponge.take({part.range.low(), part.range.typical(), part.range.high()});
        });
    }
};

QTEST_GUILESS_MAIN(TestKeptMaking)
#include "tst_kept_making.moc"
