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
#include "core/makeday/own_way.h"
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
#include "support/many_surroundings.h"
#include "support/material_figures.h"
#include "support/mended.h"
#include "words/lexicon.h"

#include <QJsonDocument>

using namespace rhexion;
using namespace rhexion::test;

namespace {

// A formula with moulds and a plan of warmth; nothing where it cannot be reckoned.
std::optional<Reckoning> surrounded(Inputs& inputs, Formula& f)
{
    f = inputs.formula();
    surroundings(inputs.dice, f);
    const ReckonResult result = reckon(f);
    const auto* r = std::get_if<Reckoning>(&result);
    return r ? std::optional(*r) : std::nullopt;
}

void takeDay(Sponge& sponge, Dice& dice, const Formula& formula, const Reckoning& r,
             const heat::HeatForecast* forecast)
{
    Formula f = formula;
    if (const DayPlan usual = planDay(f, r); dice.chance(0.3) && !usual.steps.empty()) {
        f.way.own.push_back(
            {1, "own", keyOf(dice.one(usual.steps)), dice.between(0, 20), dice.between(0, 90)});
        f.way.left = {keyOf(dice.one(usual.steps))};
        f.way.moved = {{keyOf(dice.one(usual.steps)), keyOf(dice.one(usual.steps))}};
    }
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
}

// How much of it fills its moulds, gives so many bars, comes of what is left on the shelf.
void takeFactors(Sponge& sponge, Dice& dice, const Formula& f)
{
    const auto takeFactor = [&](const OrCannot<double>& factor) {
        const auto* number = std::get_if<double>(&factor);
        sponge.take(number ? *number : -1.0 - double(std::get<Cannot>(factor).code));
    };
    for (const FillAim aim : {FillAim::Enough, FillAim::Typical, FillAim::NeverOver})
        takeFactor(factorToFill(f, aim));
    takeFactor(factorForBars(f, dice.between(1, 60), dice.between(30, 150)));
    std::vector<Left> left;
    for (const Line& line : f.lines)
        if (dice.chance(0.5))
            left.push_back({line.id, dice.wide(10, 5000)});
    const auto stock = factorForStock(f, left);
    if (const auto* s = std::get_if<StockFactor>(&stock))
        sponge.take({s->factor, double(s->decides)});
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
    for (const SpeedRiskFound& risk : speedRisks(f, r, own, scentDoses(f, r, {})))
        sponge.take({double(risk.what), double(risk.line), risk.figure});
}

// How mishaps are judged by what was done and what is in the bowl.
void takeMishaps(Sponge& sponge, Dice& dice, const Formula& f, const Reckoning& r,
                 const DayPlan& plan)
{
    for (const Mishap& mishap : surprise(plan, f, std::uint64_t(dice.below(1000))).mishaps) {
        sponge.take({double(mishap.kind), double(placeOf(mishap, plan, f).value_or(999))});
        WhatWasDone what;
        for (bool* did : {&what.typed, &what.asPlanned, &what.addedWater, &what.trouble, &what.help,
                          &what.nearMiss})
            *did = dice.chance(0.5);
        what.secondsToPour = dice.chance(0.2) ? 0.0 : dice.between(0, 90);
        DayFacts facts;
        if (dice.chance(0.5))
            facts.weighed.push_back(
                {{WeighTarget::What::Sodium, 0},
                 plannedGrams({WeighTarget::What::Sodium, 0}, f, r) * dice.between(0.99, 1.01)});
        const MishapOutcome out =
            judge(mishap, dice.chance(0.9), what, f, r, reckonAsWeighed(f, r, facts, {}));
        sponge.take({double(out.noticed), double(out.befell), out.superfat.value_or(-9),
                     out.strength.value_or(-9)});
    }
}

void takeRun(Sponge& sponge, const heat::MouldRun& run)
{
    sponge.take({run.gelTemperature, run.gelStart.value_or(-1), run.gelFull.value_or(-1), run.peak,
                 run.peakSeconds, run.widestGap, run.steamGrams, run.driedGrams, double(run.steps),
                 double(run.gel), run.gelShare, double(run.risk), run.coolSeconds.value_or(-1),
                 run.ninetySeconds.value_or(-1), run.unmouldSeconds.value_or(-1),
                 run.firstLookSeconds, double(run.rows.size())});
    if (!run.rows.empty()) {
        const heat::MouldRow& row = run.rows[run.rows.size() / 2];
        sponge.take({row.seconds, row.core, row.skin, row.mean, row.saponified, row.gelShare});
    }
}

// Every figure of a forecast, as no page shows them all.
void takeForecast(Sponge& sponge, const heat::HeatForecast& told)
{
    sponge.take({told.potCelsius, told.joinedAtSeconds, told.coolForScent.value_or(-1),
                 told.setting ? told.setting->celsius : -999.0});
    const auto takeJug = [&](const heat::JugForecast& jug) {
        const heat::JugBalance& b = jug.balance;
        sponge.take({jug.atOnce.celsius, jug.atOnce.iceGrams, jug.peak.low(), jug.peak.typical(),
                     jug.peak.high(), jug.peakWithoutBath, jug.crystals.value_or(-999),
                     jug.hottest(), double(jug.isLimitedByMilk), b.start, b.dissolving,
                     b.neutralising, b.melting, b.capacity, b.iceLeft, b.end, b.mol, b.iceMelted});
    };
    if (const auto* jug = std::get_if<heat::JugForecast>(&told.jug))
        takeJug(*jug);
    if (told.secondJug)
        takeJug(*told.secondJug);
    if (const auto* pot = std::get_if<heat::Pot>(&told.pot))
        for (const heat::PotPart& part : pot->parts)
            sponge.take({double(part.fat), part.grams, part.celsius, part.melting().heat});
    if (const auto* m = std::get_if<heat::MeetingForecast>(&told.meeting)) {
        sponge.take({m->window.low, m->window.high, m->window.tolerance, m->sd.value_or(-1),
                     m->jugStarts, m->potStarts, m->near.value_or(-1), m->nearCelsius(),
                     m->jug.rate(), m->pot.rate(), m->jug.lnRateSd(), m->pot.sdAt(600.0)});
        if (const auto& a = m->advice)
            sponge.take({double(a->jugIsLater), double(a->bothTooCold), a->chillTo,
                         a->chill.seconds, a->chill.iceGrams, a->warmOtherBy, a->warmAt,
                         double(a->bathCracks), a->then ? a->then->from : -1.0});
        if (m->meeting)
            sponge.take({m->meeting->from, m->meeting->until.value_or(-1)});
    }
    if (const auto* c = std::get_if<heat::Combined>(&told.joined))
        sponge.take({c->jugCapacity, c->potCapacity, c->blending, c->reacting, c->fattyAcid,
                     c->thinning, c->joined, c->atTrace.low(), c->atTrace.typical(),
                     c->atTrace.high()});
    if (const auto* moulds = std::get_if<std::vector<heat::PourForecast>>(&told.moulds))
        for (const heat::PourForecast& one : *moulds) {
            const heat::Batter& b = one.pour.batter;
            const heat::MouldSetup& s = one.pour.setup;
            sponge.take(
                {one.pour.grams, one.pouredAt, b.oils,          b.mol,        b.naoh,
                 b.koh,          b.water,      b.reducingSugar, b.otherSugar, b.salt,
                 b.glycerol,     b.alcohol,    b.solids,        b.shortChain, b.saturated,
                 b.oleic,        b.poly,       b.ricinoleic,    b.accelerate, s.width,
                 s.height,       s.length,     s.room,          s.lossFactor, double(s.cylinder)});
            for (const heat::MouldRun* run : {&one.band.cool, &one.band.typical, &one.band.hot})
                takeRun(sponge, *run);
        }
    if (told.cook) {
        sponge.take({told.cook->peak, told.cook->end, told.cook->saponified, told.cook->waterLost,
                     told.cook->batterLeft, told.cook->strength});
        for (const auto& stage : told.cook->stages)
            sponge.take(stage.value_or(-1));
    }
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
            takeFactors(sponge, inputs.dice, f);
            take(sponge, scentToJson(f, scentPicture(f, *r, own.limits, {}, {}), own));
            take(sponge, blendToJson(f, *r));
            WashWater water;
            water.hardness = inputs.dice.wide(1, 900);
            take(sponge, waterToJson(f, *r, water));
            sponge.take(
                usualOf(classOf(inputs.dice.one(std::array{0.5, 1.4, 1.5, 2.0, 2.5, 2.6, 9.0}))));
            take(sponge, workingToJson(f, *r, {}, {}));
            takeDay(sponge, inputs.dice, f, *r, nullptr);
            takeMishaps(sponge, inputs.dice, f, *r, planDay(f, *r));
            for (const Vessel vessel : allVessels) {
                const Contents c = contentsOf(f, *r, vessel);
                sponge.take({c.water, c.fat, c.alkali, c.acid, c.sugar, c.salt, c.otherSolids});
            }
            if (const auto blend = blendOf(f, *r); const auto* b = std::get_if<Blend>(&blend))
                sponge.take({b->withoutIodine, b->iodine.typical(), b->sv.high()});
            takeLearning(sponge, inputs.dice, f, *r);
        });
    }

    // Limits of every kind and basis, certificates and jars blended beforehand, of scents in any
    // vessel.
    void scents()
    {
        Inputs inputs(209);
        Dice& dice = inputs.dice;
        std::vector<MaterialPtr> shelf;
        for (const MaterialPtr& m : Catalogue::shipped().materials())
            if (m->kind == MaterialKind::Scent && shelf.size() < 6)
                shelf.push_back(m);
        keepEach("many_scents.txt", 12, 30, [&](Sponge& sponge) {
            Formula f = inputs.formula();
            surroundings(dice, f);
            for (int i = 1 + dice.below(3); i > 0; --i) {
                Line line;
                line.id = f.newId();
                line.material = dice.one(shelf);
                line.amount = dice.chance(0.3)
                                  ? StatedAmount{double(1 + dice.below(200)), AmountUnit::Drop}
                                  : StatedAmount{dice.wide(0.1, 60), AmountUnit::Gram};
                line.vessel = dice.one(allVessels);
                f.lines.push_back(line);
            }
            Fittings own;
            std::vector<TimesTried> tried;
            std::vector<ScentBlend> blends;
            for (int i = dice.below(6); i > 0; --i)
                own.limits.push_back(
                    {dice.chance(0.2) ? "" : dice.one(shelf)->id,
                     static_cast<ScentLimit::Whose>(dice.below(3)),
                     dice.chance(0.6) ? f.handling.product : ProductKind::LeaveOn,
                     dice.wide(1e-4, 1.0),
                     static_cast<ScentBasis>(dice.below(int(countOf<ScentBasis>()))), "", ""});
            for (const MaterialPtr& m : shelf) {
                if (dice.chance(0.6))
                    own.certificates.push_back(
                        {m->id,
                         {{"one", 0.0, dice.wide(1e-4, 0.5)},
                          {dice.chance(0.5) ? "one" : "two", dice.wide(1e-4, 0.1), 0.2}},
                         "",
                         ""});
                if (dice.chance(0.4))
                    tried.push_back({m->id, dice.below(4)});
            }
            if (dice.chance(0.5))
                blends.push_back({shelf[0]->id,
                                  {{shelf[1]->id, dice.between(0.01, 0.5)},
                                   {shelf[2]->id, dice.between(0.01, 0.5)}},
                                  {}});
            const ReckonResult result = reckon(f);
            if (const auto* r = std::get_if<Reckoning>(&result))
                take(sponge,
                     scentToJson(
                         f, scentPicture(f, *r, own.limits, own.certificates, tried, blends), own));
        });
    }

    // Working time and windows from features on a grid, which meet every threshold.
    void windows()
    {
        Dice dice(210);
        keepEach("many_windows.txt", 12, 60, [&](Sponge& sponge) {
            const auto some = [&](std::span<const SlopeRow> rows) {
                Features features;
                for (const SlopeRow& row : rows)
                    if (dice.chance(0.5))
                        features[std::string(row.code)] = dice.below(81) * 0.005;
                return features;
            };
            std::vector<ScentDose> scents(std::size_t(dice.below(3)));
            for (ScentDose& scent : scents) {
                scent.lot = dice.chance(0.5) ? "a" : "b";
                scent.what = static_cast<ScentClass>(dice.below(int(countOf<ScentClass>())));
                scent.dose = dice.below(20) * 0.005;
            }
            const std::vector<std::string> off{std::string(dice.one(workSlopes()).code),
                                               std::string(dice.one(unmouldSlopes()).code)};
            const TimeForecast work =
                workingTime(some(workSlopes()), scents, static_cast<Blending>(dice.below(3)),
                            dice.chance(0.3) ? off : std::vector<std::string>{});
            sponge.take({work.time.low, work.time.typical, work.time.high});
            for (const NamedFactor& factor : work.factors)
                sponge.take({factor.factor.low, factor.factor.typical, factor.factor.high,
                             factor.feature, double(factor.off)});
            const MouldTimes times =
                windowsOf(some(unmouldSlopes()), static_cast<GelPlan>(dice.below(3)),
                          static_cast<MouldKind>(dice.below(3)),
                          dice.chance(0.3) ? off : std::vector<std::string>{});
            for (const Factor& hours : {times.unmould.time, times.stamp.opens, times.stamp.closes,
                                        times.cut ? times.cut->closes : Factor{}})
                sponge.take({hours.low, hours.typical, hours.high});
            sponge.take({double(times.salty), double(times.oleic),
                         double(classOfMinutes(dice.below(60) * 0.5))});
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
            water.calciumShare = dice.one(edges);
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
        keepEach("many_readings_of_heat.txt", 40, 8, [&](Sponge& sponge) {
            Formula f;
            const auto r = surrounded(inputs, f);
            if (!r)
                return;
            heat::ForecastOptions options;
            options.coarse = true;
            const bool untilCool = dice.chance(0.25);
            options.hours = untilCool ? 12.0 : 0.1;
            options.learnt.mould.rate = dice.between(0.8, 1.2);
            options.learnt.mould.loss = dice.between(0.8, 1.2);
            const auto forecast = heat::forecastHeat(f, *r, f.heat.value_or(HeatPlan{}), options);
            std::vector<ReadingAt> readings;
            std::int64_t at = 1'000'000'000;
            const std::int64_t lye = at;
            const bool near = dice.chance(0.5); // where jug and pot may meet
            double jug = near ? dice.between(34, 55) : dice.between(40, 95);
            double pot = near ? dice.between(34, 48) : dice.between(35, 80);
            for (int i = 0; i < 4; ++i) {
                at += std::int64_t(dice.between(6e4, 9e5));
                jug -= dice.between(0, near ? 3 : 8);
                pot -= dice.between(0, near ? 2 : 5);
                readings.push_back({ReadingOf::Jug, jug, at});
                readings.push_back({ReadingOf::Pot, pot, at + 1000});
                if (dice.chance(0.3))
                    readings.push_back({ReadingOf::Room, dice.between(12, 28), at});
            }
            heat::DayMoments moments;
            moments.lastLye = lye;
            if (const auto m = heat::meetingOf(f, *forecast, readings, moments, at))
                sponge.take({m->from.value_or(-1), m->until.value_or(-1), m->sd.value_or(-1),
                             double(m->inIt), double(m->over), double(m->closing),
                             double(m->notSure)});
            if (!untilCool)
                return;
            moments.joined = at + 60'000;
            moments.poured = at + 600'000;
            double core = dice.between(30, 50);
            for (int i = 1; i < 4; ++i) {
                core += dice.between(-5, 20);
                readings.push_back(
                    {ReadingOf::Core, core, *moments.poured + std::int64_t(i) * 2'700'000});
            }
            if (dice.chance(0.5))
                readings.push_back({ReadingOf::Batter, dice.between(30, 60),
                                    *moments.poured + std::int64_t(dice.between(-6e5, 9e5))});
            std::vector<LookAt> looks(std::size_t(dice.below(4)));
            for (LookAt& look : looks)
                look = {static_cast<LookSaw>(dice.below(int(countOf<LookSaw>()))),
                        *moments.poured + std::int64_t(dice.between(-1e6, 2e7))};
            std::ranges::sort(looks, {}, &LookAt::at);
            const heat::MouldPrior prior{dice.between(-0.5, 0.5), dice.between(0.1, 0.7),
                                         dice.between(-0.3, 0.3), dice.between(0.1, 0.3)};
            const auto mould = heat::mouldOf(*forecast, readings, looks, moments,
                                             *moments.poured + 9'000'000, prior);
            if (mould)
                sponge.take({mould->knobs.rate, mould->knobs.loss, double(mould->fitted),
                             mould->lnRateSd, mould->lnLossSd, mould->band.peak().low(),
                             mould->band.peak().typical(), mould->band.peak().high(),
                             mould->band.cool.peakSeconds, mould->band.hot.peakSeconds,
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
        keepEach("many_heats.txt", 120, 6, [&](Sponge& sponge) {
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
            takeForecast(sponge, told->forecast);
            for (const Caution& c : findingsOf(f, *r, nullptr, *words::lexicon(), told->findings))
                sponge.take(double(c.code));
            for (const Caution& c : told->findings) {
                sponge.take(
                    {double(c.code), double(c.severity), double(c.line), double(c.mends().size())});
                sponge.take(c.figures);
                for (const Edit& mend : c.mends())
                    takeMended(sponge, f, mend);
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
                    liquid.puree = !liquid.milk && dice.chance(0.5);
                    const double rest = 1.0 - liquid.water - liquid.fat;
                    liquid.reducingSugar = rest * dice.between(0, 0.3);
                    liquid.otherSugar = rest * dice.between(0, 0.2);
                    liquid.protein = rest * dice.between(0, 0.2);
                    liquid.salt = rest * dice.between(0, 0.1);
                    liquid.alcohol = rest * dice.between(0, 0.1);
                    liquid.glycerol = rest * dice.between(0, 0.1);
                }
                jug.liquids.push_back(liquid);
            }
            jug.sodiumGrams = dice.chance(0.8) ? dice.wide(10, 400) : 0.0;
            jug.potassiumGrams = dice.chance(0.3) ? dice.wide(10, 300) : 0.0;
            jug.acidProtons = dice.chance(0.3) ? dice.between(0, 0.3) : 0.0;
            jug.acidGrams = jug.acidProtons * 64.0;
            jug.acidDissolving = jug.acidProtons * 8.0;
            jug.bicarbonateProtons = jug.acidProtons * dice.between(0, 1);
            jug.crystalWater = dice.chance(0.2) ? dice.wide(1, 40) : 0.0;
            jug.salt = dice.chance(0.2) ? dice.wide(1, 40) : 0.0;
            if (dice.chance(0.3)) {
                jug.readySodium = dice.wide(1, 100);
                jug.readyPotassium = dice.chance(0.5) ? dice.wide(1, 100) : 0.0;
                jug.readyWater = (jug.readySodium + jug.readyPotassium) * dice.between(0.9, 2.0);
            }
            jug.sodiumPurity = dice.between(0.8, 1.0);
            jug.potassiumPurity = dice.between(0.8, 1.0);
            jug.hydroxideCelsius = dice.between(5, 40);
            jug.solutionTimes = dice.between(0.8, 1.2);
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
            asked.what = static_cast<WishFor>(dice.below(3));
            for (const Line& line : f.lines) {
                if (dice.chance(0.2))
                    asked.gladly[line.id] = static_cast<Gladly>(dice.below(3));
                if (dice.chance(0.15))
                    asked.left[line.id] = dice.wide(20, 1500);
                if (dice.chance(0.2))
                    asked.prices[line.material->id] = dice.wide(0.001, 0.1);
            }
            if (dice.chance(0.2))
                asked.mostOilsChanged = 1 + dice.below(3);
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
            sponge.take(m ? everyFigureOf(*m) : std::vector{-1.0});
        });
    }
};

QTEST_GUILESS_MAIN(TestKeptMaking)
#include "tst_kept_making.moc"
