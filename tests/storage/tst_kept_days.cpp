// What the core makes of many days in the making, with everything that can happen in them, and of
// every edit and wish carried out; by one number for every few of them. It proves that nothing
// moved, not that it is right; RHEXION_KEEP=1 keeps a meant change.
#include "core/after/due.h"
#include "core/after/facts.h"
#include "core/batch/fold.h"
#include "core/batch/heat_log.h"
#include "core/batch/pace_log.h"
#include "core/makeday/own_way.h"
#include "core/makeday/place_now.h"
#include "core/makeday/schedule.h"
#include "core/makeday/slip.h"
#include "core/makeday/step_readings.h"
#include "core/materials/makers_word.h"
#include "core/seek/seek.h"
#include "core/units/enum_count.h"
#include "core/wishes/formula_wishes.h"
#include "solver/glpk_solver.h"
#include "storage/batch_json.h"
#include "storage/formula_json.h"
#include "support/figures_of.h"
#include "support/files.h"
#include "support/many_inputs.h"

#include <QCryptographicHash>

using namespace rhexion;
using namespace rhexion::test;

namespace {

constexpr std::int64_t minute = 60'000;

template <class Enum>
Enum any(Dice& dice)
{
    return static_cast<Enum>(dice.below(int(countOf<Enum>())));
}

struct Begun {
    Formula formula;
    Reckoning reckoning;
    DayPlan plan;
};

// Round figures as makers type them, oils in percent and milk for the rest.
void varied(Inputs& inputs, Formula& f)
{
    Dice& dice = inputs.dice;
    if (dice.chance(0.3)) {
        f.lye.superfat = dice.one(std::array{0.0, 0.03, 0.05, 0.08, 0.1, 0.2});
        f.mixing = {Temperature::celsius(5.0 * dice.below(16)), double(dice.below(3)) * 5.0};
        if (f.liquid.how == LiquidStatement::Strength)
            f.liquid.value = dice.one(std::array{0.25, 0.3, 0.33, 0.4, 0.5});
    }
    int oils = 0;
    for (Line& line : f.lines)
        oils += line.material->isOil() && line.vessel == Vessel::OilPot ? 1 : 0;
    if (oils > 0 && dice.chance(0.25)) {
        f.oilsTotal = Mass::grams(100.0 * (1 + dice.below(12)));
        for (Line& line : f.lines)
            if (line.material->isOil() && line.vessel == Vessel::OilPot)
                line.amount = {100.0 / oils, AmountUnit::PercentOfOils};
    }
    static const std::vector<std::string> milks{"whole-milk", "buttermilk", "cream-37",
                                                "coconut-milk", "oat-drink"};
    for (Line& line : f.lines)
        if (line.amount.unit == AmountUnit::Rest && dice.chance(0.4))
            if (const MaterialPtr milk = Catalogue::shipped().find(dice.one(milks)))
                line.material = milk;
}

std::optional<Begun> begun(Inputs& inputs)
{
    Begun b;
    b.formula = inputs.formula();
    varied(inputs, b.formula);
    const ReckonResult result = reckon(b.formula);
    const auto* r = std::get_if<Reckoning>(&result);
    if (!r)
        return std::nullopt;
    b.reckoning = *r;
    b.plan = planDay(b.formula, *r);
    return b;
}

// Of wishes near what the formula is, so that many can be met.
std::optional<WishProposal> proposalFor(Inputs& inputs, const Formula& f, const Reckoning& r)
{
    Dice& dice = inputs.dice;
    WishesAsked asked;
    const std::vector<MaterialPtr> oils = oilsInPlay(f, asked);
    for (int i = dice.chance(0.8) ? 1 : 2; i > 0; --i) {
        Wish wish;
        wish.kind = any<WishKind>(dice);
        wish.group = any<AcidGroup>(dice);
        const double now = wish.kind == WishKind::Superfat ? r.superfatTrue.value_or(0.05)
                                                           : dice.between(0.05, 0.6);
        wish.low = now * dice.between(0.6, 1.1);
        wish.high = *wish.low + dice.between(0.01, 0.3);
        asked.wishes.push_back(wish);
    }
    if (dice.chance(0.6))
        asked.offered.push_back(
            {inputs.anyOil(), dice.wide(0.001, 0.1),
             dice.chance(0.3) ? std::optional(dice.wide(10, 400)) : std::nullopt});
    for (const MaterialPtr& oil : oils)
        if (dice.chance(0.5))
            asked.prices[oil->id] = dice.wide(0.001, 0.1);
    for (const Wish& guard : usualGuards(f, asked))
        if (dice.chance(0.7))
            asked.wishes.push_back(guard);
    asked.what = static_cast<WishFor>(dice.below(2));
    // A programme of a formula never goes round in a circle until the time is up.
    const auto solver = [](const LinearProgramme& lp) {
        const LinearAnswer answer = solveWithGlpk(lp);
        if (answer.outcome == LinearAnswer::Outcome::TakenTooLong)
            qFatal("a programme that does not end");
        return answer;
    };
    const auto answer = propose(f, asked, solver);
    const auto* proposal = std::get_if<WishProposal>(&answer);
    return proposal ? std::optional(*proposal) : std::nullopt;
}

// A day as it may go: most of it as planned, and now and then everything that can happen.
class AnyDay {
public:
    AnyDay(Inputs& inputs, const Begun& b) : inputs_(inputs), dice_(inputs.dice), b_(b)
    {
        write(BatchBegun{b.formula, b.reckoning.amounts, b.plan});
        for (const DayStep& step : b.plan.steps)
            one(step);
        if (dice_.chance(0.6))
            write(BatchFinished{b.reckoning.superfatTrue, b.reckoning.pure.strength,
                                b.reckoning.batterGrams});
        else if (dice_.chance(0.2))
            write(BatchStopped{});
    }
    std::vector<Event> events;

private:
    void write(Happening what)
    {
        at_ += std::int64_t(dice_.wide(0.05, 20) * double(minute));
        events.push_back(
            {"e" + std::to_string(events.size()), "b", "bench", 0, at_, 0, std::move(what)});
    }
    const std::string& anyEvent() { return dice_.one(events).id; }
    void one(const DayStep& step)
    {
        const StepKey key = keyOf(step);
        if (dice_.chance(0.1))
            write(StepChosen{keyOf(dice_.one(b_.plan.steps))});
        for (int i = dice_.below(3); i > 0; --i)
            write(ReadingTaken{any<ReadingOf>(dice_), dice_.between(5, 95)});
        if (step.weighs() && dice_.chance(0.9)) {
            const double times = dice_.chance(0.6)   ? 1.0
                                 : dice_.chance(0.7) ? dice_.between(0.85, 1.15)
                                                     : dice_.wide(0.01, 3);
            write(WeighedNow{{step.target, step.plannedGrams * times, any<WeighOrigin>(dice_)},
                             step.plannedGrams});
        }
        if (dice_.chance(0.3))
            happens(step);
        if (dice_.chance(0.9))
            write(StepDone{key});
        else if (dice_.chance(0.5))
            write(StepSkipped{key});
        if (dice_.chance(0.05))
            write(StepReopened{keyOf(dice_.one(b_.plan.steps))});
    }
    void happens(const DayStep& step)
    {
        switch (dice_.below(11)) {
        case 0: {
            const MaterialPtr m = inputs_.anyMaterial();
            write(AddedBeside{{m, dice_.one(allVessels), dice_.wide(0.5, 200)}});
            break;
        }
        case 1: write(TakenBack{anyEvent()}); break;
        case 2: write(TimerSet{"gel", double(1 + dice_.below(9000))}); break;
        case 3: write(TimerStopped{anyEvent()}); break;
        case 4: write(Blended{dice_.wide(1, 300)}); break;
        case 5: {
            Loss loss{any<Place>(dice_), 0, dice_.between(0.01, 1.0), {step.target}, {}};
            if (!b_.formula.portions.empty())
                loss.portion = dice_.one(b_.formula.portions).id;
            write(PartLost{loss});
            break;
        }
        case 6:
            if (!b_.formula.lines.empty())
                write(Substituted{{dice_.one(b_.formula.lines).id, inputs_.anyMaterial()}});
            break;
        case 7: write(NearMiss{any<NearMissKind>(dice_)}); break;
        case 8: write(LookedIn{any<LookSaw>(dice_)}); break;
        case 9: write(Noted{"it thickens"}); break;
        default: write(Unreadable{"sung"}); break;
        }
    }

    Inputs& inputs_;
    Dice& dice_;
    const Begun& b_;
    std::int64_t at_ = 1'000'000'000;
};

void take(Sponge& sponge, const Contents& c)
{
    sponge.take({c.water, c.fat, c.alkali, c.acid, c.sugar, c.salt, c.otherSolids});
}

void takeBatch(Sponge& sponge, Dice& dice, const Batch& batch)
{
    sponge.take({double(batch.state), double(batch.nextStep()), double(batch.ended),
                 double(batch.timers.size()), double(batch.blended.bursts), batch.blended.seconds});
    const auto moments = batch.moments();
    for (const auto& moment : {moments.lastLye, moments.joined, moments.poured})
        sponge.take(double(moment.value_or(-1)));
    for (const int count : batch.origins())
        sponge.take(double(count));
    for (const bool passed : batch.passed())
        sponge.take(passed ? 1.0 : 0.0);
    for (const bool done : batch.isDone())
        sponge.take(done ? 1.0 : 0.0);
    const Bowl bowl = batch.bowl();
    sponge.take(figuresOf(reckonGiven(bowl.formula, bowl.amounts)));
    for (const TimerAt& timer : batch.timers)
        sponge.take(secondsLeft(timer, batch.begun + dice.below(9'000'000)));
    for (const std::string& fact : factsOf(batch))
        sponge.take(fact);
    for (const Due& due : duesOf(batch, curedOf(batch, CureSchools{dice.chance(0.5)})))
        sponge.take({double(due.kind), double(due.at - batch.begun)});
    const auto step = std::size_t(dice.below(int(batch.plan.steps.size()) + 1));
    const std::vector<Weighed> words = batch.lastWords();
    const DayFacts facts = batch.facts();
    const PlaceNow place =
        placeNow(batch.formula, batch.plan, step, batch.passed(), words, facts.topUps);
    sponge.take({double(place.place), double(place.portion)});
    for (const auto* lying : {&place.in, &place.waiting})
        for (const Lying& one : *lying)
            sponge.take({double(one.target.what), double(one.target.line), one.grams});
    take(sponge, place.contents);
    if (!words.empty()) {
        const Reckoning planned = reckonGiven(batch.formula, batch.amounts);
        const WeighTarget latest = words.back().target;
        const AsWeighed now = reckonAsWeighed(batch.formula, planned, facts, latest);
        sponge.take(figuresOf(now.reckoning));
        for (const DayMend& mend : now.mends) {
            sponge.take(
                {double(mend.kind), double(mend.target.what), mend.grams, mend.withWaterGrams});
            const DayFacts mended = after(mend, batch.formula, planned, facts);
            const Bowl then = bowlOf(batch.formula, planned, mended);
            sponge.take(reckonGiven(then.formula, then.amounts).superfatTrue.value_or(-9));
        }
    }
}

void takeSchedule(Sponge& sponge, Dice& dice, const std::vector<Begun>& all)
{
    std::vector<DayOf> days;
    const std::int64_t start = 2'000'000'000;
    for (const Begun& b : all) {
        DayOf day = dayOf(b.plan, b.formula, b.reckoning, nullptr);
        std::int64_t at = start - 90 * minute;
        const bool begunAlready = dice.chance(0.5);
        for (std::size_t i = 0; begunAlready && i < day.passed.size(); ++i) {
            if (dice.chance(0.08))
                break;
            day.passed[i] = true;
            day.doneAt[i] = dice.chance(0.1) ? 0 : at += std::int64_t(dice.wide(0.1, 9) * minute);
        }
        days.push_back(std::move(day));
    }
    ScheduleWish wish{any<ScheduleHow>(dice), start, start, dice.between(600, 40000)};
    wish.pourAt += std::int64_t(dice.between(-1e6, 3e7));
    const Schedule s = scheduleOf(days, wish);
    for (const ScheduledStep& step : s.steps) {
        sponge.take({double(step.day), double(step.step), double(step.from - start),
                     double(step.handsUntil - start), double(step.until - start),
                     double(step.done)});
        sponge.take(double(doneWhileWaiting(s, step).size()));
    }
    for (const Idle& idle : s.idle)
        sponge.take({double(idle.from - start), double(idle.until - start)});
    sponge.take({double(s.begins - start), double(s.pours), double(s.ends - start), s.handsSeconds,
                 s.idleSeconds, s.quickSeconds, s.slowSeconds, double(s.missed),
                 s.missedBySeconds});
}

void takeWay(Sponge& sponge, Dice& dice, const DayPlan& plan)
{
    const auto step = std::size_t(dice.below(int(plan.steps.size())));
    const auto before = std::size_t(dice.below(int(plan.steps.size()) + 1));
    for (const auto& changed : {moved(plan, step, before), without(plan, step)}) {
        if (const auto* why = std::get_if<WayRefused>(&changed)) {
            sponge.take({double(why->step), double(why->inTheWay)});
            continue;
        }
        for (const DayStep& s : std::get<DayPlan>(changed).steps)
            for (const std::size_t after : s.after)
                sponge.take({double(s.kind), double(after)});
    }
}

void take(Sponge& sponge, const Formula& f)
{
    sponge.take(
        QCryptographicHash::hash(formulaToJson(f), QCryptographicHash::Md5).toHex().toStdString());
}

// Every kind of edit, some that cannot be.
std::vector<Edit> anyEdits(Inputs& inputs, const Formula& f)
{
    Dice& dice = inputs.dice;
    const LineId line = f.lines.empty() || dice.chance(0.1) ? 99 : dice.one(f.lines).id;
    const Begun other{inputs.formula(), {}, {}};
    Handling handling = f.handling;
    handling.blending = static_cast<Blending>(dice.below(3));
    HeatPlan heat;
    heat.room = dice.between(5, 38);
    DayWay way;
    way.layers = dice.chance(0.5);
    return {SetText{any<TextField>(dice), dice.one(std::array<std::string, 3>{"a", "bar", ""})},
            SetFrozen{line, dice.chance(0.5)},
            SetAllWater{line, dice.chance(0.5)},
            SetLocked{line, dice.chance(0.5)},
            SetAmount{line, inputs.amount(dice.chance(0.5))},
            SetLye{any<SettingField>(dice), other.formula.lye},
            SetLiquid{any<SettingField>(dice), other.formula.liquid},
            SetMixing{other.formula.mixing},
            SetOilsTotal{other.formula.oilsTotal},
            SetPortions{other.formula.portions},
            SetCutting{{dice.between(5, 60), dice.between(0, 20), dice.between(0, 3)}},
            SetHandling{handling},
            SetHeatPlan{dice.chance(0.5) ? std::optional(heat) : std::nullopt},
            SetWay{way},
            RemoveLine{line}};
}

} // namespace

class TestKeptDays : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void days()
    {
        Inputs inputs(401);
        keepEach("days_made.txt", 60, 12, [&](Sponge& sponge) {
            const auto b = begun(inputs);
            if (!b || b->plan.steps.empty())
                return;
            const AnyDay day(inputs, *b);
            const auto batch = fold(day.events);
            QVERIFY(batch);
            takeBatch(sponge, inputs.dice, *batch);
            takeWay(sponge, inputs.dice, b->plan);
            const std::vector<std::string> tried{"lavender-oil"};
            if (const auto log = paceLogOf(day.events, tried))
                sponge.take({log->minutes, double(log->onlyLonger), double(log->blending)});
            const Slip slip{any<SlipKind>(inputs.dice),
                            b->formula.lines.empty() || inputs.dice.chance(0.2)
                                ? LineId(0)
                                : inputs.dice.one(b->formula.lines).id,
                            inputs.dice.wide(0.1, 300), inputs.anyMaterial()};
            const auto slipped = afterSlip(b->formula, b->reckoning, slip);
            if (const auto* why = std::get_if<Refusal>(&slipped)) {
                sponge.take(*why);
                return;
            }
            const auto& then = std::get<AfterSlip>(slipped);
            sponge.take({double(then.tooFar), double(then.bowl.mends.size())});
            sponge.take(figuresOf(then.bowl.reckoning));
        });
    }

    void schedules()
    {
        Inputs inputs(402);
        keepEach("days_schedules.txt", 40, 10, [&](Sponge& sponge) {
            std::vector<Begun> all;
            for (int i = 1 + inputs.dice.below(3); i > 0; --i)
                if (auto b = begun(inputs))
                    all.push_back(std::move(*b));
            if (!all.empty())
                takeSchedule(sponge, inputs.dice, all);
        });
    }

    void edits()
    {
        Inputs inputs(403);
        keepEach("days_edits.txt", 10, 15, [&](Sponge& sponge) {
            Formula f = inputs.formula();
            for (const Edit& edit : anyEdits(inputs, f)) {
                const Formula before = f;
                const auto back = apply(f, edit);
                ::take(sponge, f);
                sponge.take(back ? 1.0 : 0.0);
                if (!back)
                    continue;
                Formula undone = f;
                QVERIFY(apply(undone, *back));
                QVERIFY(undone == before); // undo is a law, not a number that was kept
            }
        });
    }

    // Proposals carried out, and what is sought found; of formulas a maker would make.
    void wishes()
    {
        Inputs inputs(404);
        Dice& dice = inputs.dice;
        int proposed = 0;
        keepEach("days_wishes.txt", 16, 6, [&](Sponge& sponge) {
            Formula f = demo(dice.one(demoNames));
            varied(inputs, f);
            const ReckonResult result = reckon(f);
            const auto* r = std::get_if<Reckoning>(&result);
            if (!r)
                return;
            const seek::Sought s =
                dice.chance(0.5) ? seek::seek(f, seek::scaleKnob(),
                                              dice.chance(0.5) ? seek::oilsOf : seek::batterOf,
                                              dice.wide(100, 3000))
                                 : seek::seek(f, seek::superfatKnob(f), seek::batterOf,
                                              r->batterGrams * dice.between(0.98, 1.02));
            sponge.take(double(s.outcome));
            if (s.outcome == seek::Outcome::Found)
                sponge.take({s.at, s.value});
            const auto proposal = proposalFor(inputs, f, *r);
            if (!proposal)
                return;
            ++proposed;
            for (const Edit& edit : proposal->edits)
                QVERIFY(apply(f, edit));
            const ReckonResult after = reckon(f);
            sponge.take(double(proposal->edits.size()));
            sponge.take(std::holds_alternative<Reckoning>(after)
                            ? figuresOf(std::get<Reckoning>(after))
                            : std::vector{-1.0});
        });
        QVERIFY2(proposed > 20, qPrintable(QString::number(proposed)));
    }

    void smallThings()
    {
        Dice dice(405);
        keepEach("days_small.txt", 10, 50, [&](Sponge& sponge) {
            ReadingPace pace;
            double celsius = 40.0;
            std::int64_t now = 0;
            for (int i = 0; i < 20; ++i) {
                celsius +=
                    dice.chance(0.5) ? 0.0 : dice.one(std::array{-2.0, -1.0, -0.3, 0.5, 1.0});
                now +=
                    dice.one(std::array<std::int64_t, 6>{-9000, 100, 4999, 5000, 119'999, 120'000});
                sponge.take(pace.wants(celsius, now) ? 1.0 : 0.0);
            }
            const TakenAs as = dice.one(allTakenAs());
            const double figure =
                dice.one(std::array{-0.1, 0.0, 0.5, 1.0, 1.01, 100.0, 300.0, 301.0});
            sponge.take(figureIsGood(as, figure) ? 1.0 : 0.0);
        });
    }
};

QTEST_GUILESS_MAIN(TestKeptDays)
#include "tst_kept_days.moc"
