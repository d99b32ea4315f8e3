// The day as a graph: what each kind of formula needs, that no order is unsafe, and what a maker
// may move or leave out.
#include <QTest>

#include "core/batch/fold.h"
#include "core/makeday/own_way.h"
#include "core/makeday/place_now.h"
#include "core/makeday/step_readings.h"
#include "support/day.h"
#include "support/make.h"
#include "support/random_formula.h"

#include <algorithm>

using namespace rhexion;
using namespace rhexion::test;
using Kind = DayStepKind;
using What = WeighTarget::What;

namespace {

MaterialPtr behaving(const char* name, MaterialKind kind, Behaviour what)
{
    auto m = material(name, kind);
    m->behaviours.push_back({what, std::nullopt});
    return m;
}

Reckoning reckoned(const Formula& f)
{
    return std::get<Reckoning>(reckon(f));
}

Formula withWater()
{
    Formula f = twoOils();
    add(f, plainWater(), rest, Vessel::LyeJug);
    return f;
}

Formula brine()
{
    Formula f = withWater();
    auto salt = material("salt", MaterialKind::Salt);
    salt->part(Part::SodiumChloride) = figure(1.0);
    add(f, salt, grams(30), Vessel::LyeJug);
    return f;
}

Formula hotProcess()
{
    Formula f = withWater();
    auto scent = material("scent", MaterialKind::Scent);
    scent->flash = figure(70.0);
    add(f, scent, grams(20), Vessel::AfterCook);
    add(f, oil("late oil", 190), grams(30), Vessel::AfterCook);
    return f;
}

Formula twoLyes()
{
    Formula f = withWater();
    f.lye.potassiumShare = 0.1;
    return f;
}

Formula frozenMilk()
{
    Formula f = twoOils();
    add(f, milk(0.87, 0.04, 230, 1.6), rest, Vessel::LyeJug);
    f.lines.back().frozen = true;
    return f;
}

Formula milkInOils()
{
    Formula f = withWater();
    add(f, milk(0.87, 0.04, 230, 1.6), grams(80), Vessel::OilPot);
    return f;
}

Formula pureeForWater()
{
    Formula f = twoOils();
    auto puree = material("medlar puree", MaterialKind::Produce);
    puree->part(Part::Water) = figure(0.85);
    add(f, puree, rest, Vessel::LyeJug);
    f.lines.back().frozen = true;
    return f;
}

Formula split(bool layers, bool held)
{
    Formula f = withWater();
    for (int i = 0; i < 2; ++i) {
        Portion p;
        p.id = f.newId();
        if (held)
            p.held = HeldOil{0, grams(30)};
        f.portions.push_back(p);
    }
    auto clay = behaving("clay", MaterialKind::Solid, Behaviour::DisperseInOil);
    add(f, clay, grams(10), Vessel::Trace);
    f.lines.back().portion = f.portions[0].id;
    f.way.layers = layers;
    return f;
}

Formula stockLye()
{
    Formula f = withWater();
    auto ready = material("50 % lye", MaterialKind::SodiumHydroxide);
    ready->part(Part::SodiumHydroxide) = figure(0.5);
    ready->part(Part::Water) = figure(0.5);
    f.lye.sodium = ready;
    return f;
}

Formula difficult()
{
    Formula f = withWater();
    add(f, behaving("spice scent", MaterialKind::Scent, Behaviour::Seizes), grams(15),
        Vessel::Trace);
    add(f, behaving("ale", MaterialKind::Liquid, Behaviour::Foams), grams(40), Vessel::LyeJug);
    add(f, behaving("steeped oil", MaterialKind::Fat, Behaviour::HeldBackByHerbs), grams(1),
        Vessel::Emulsion);
    auto lactate = material("lactate", MaterialKind::Salt);
    lactate->part(Part::Water) = figure(0.4);
    lactate->part(Part::OtherSalts) = figure(0.6);
    add(f, lactate, grams(20), Vessel::LyeJug);
    return f;
}

// Every pair "first before then" that no order of the day may break.
QString unsafe(const DayPlan& plan)
{
    for (std::size_t i = 0; i < plan.steps.size(); ++i)
        for (const std::size_t before : plan.steps[i].after)
            if (before >= i)
                return QStringLiteral("step %1 waits for a later one").arg(i);
    const auto at = [&](Kind kind) { return placeOf(plan, kind); };
    // Two jugs are made one after the other, so that steps of a jug are of one vessel.
    const auto follows = [&](Kind first, Kind then) {
        for (std::size_t i = 0; i < plan.steps.size(); ++i)
            for (std::size_t k = 0; k < i; ++k)
                if (plan.steps[i].kind == first && plan.steps[k].kind == then &&
                    (!isJug(plan.steps[i].vessel) || !isJug(plan.steps[k].vessel) ||
                     first == Kind::Prepare || plan.steps[i].vessel == plan.steps[k].vessel))
                    return false;
        return true;
    };
    const std::pair<Kind, Kind> pairs[] = {{Kind::Prepare, Kind::WeighSodium},
                                           {Kind::Prepare, Kind::WeighPotassium},
                                           {Kind::DissolveFirst, Kind::LyeIntoLiquid},
                                           {Kind::ColdBath, Kind::LyeIntoLiquid},
                                           {Kind::PotassiumIntoLiquid, Kind::LyeIntoLiquid},
                                           {Kind::LyeIntoLiquid, Kind::Combine},
                                           {Kind::MeltOils, Kind::Combine},
                                           {Kind::SetOilAside, Kind::Combine},
                                           {Kind::SetOut, Kind::WeighSodium},
                                           {Kind::Combine, Kind::Trace},
                                           {Kind::TestCook, Kind::AfterCook},
                                           {Kind::CoolForScent, Kind::AfterCook},
                                           {Kind::Trace, Kind::Pour},
                                           {Kind::ScentByHand, Kind::Pour}};
    for (const auto& [first, then] : pairs)
        if (!follows(first, then))
            return QStringLiteral("%1 after %2").arg(codeOf(first), codeOf(then));
    // What lye will not wait for lies on the counter before any lye is touched.
    for (std::size_t i = 0; i < plan.steps.size(); ++i) {
        const DayStep& step = plan.steps[i];
        const bool late = step.weighs() && step.vessel > Vessel::OilPot;
        if (late && i > std::min(at(Kind::WeighSodium), at(Kind::WeighPotassium)))
            return QStringLiteral("step %1 is weighed once lye is out").arg(i);
        // Lye is never put where there is no liquid yet.
        if (step.kind == Kind::LyeIntoLiquid || step.kind == Kind::PotassiumIntoLiquid)
            if (step.after.empty())
                return QStringLiteral("lye waits for nothing");
    }
    return {};
}

} // namespace

Q_DECLARE_METATYPE(rhexion::Formula)
Q_DECLARE_METATYPE(std::vector<rhexion::DayStepKind>)

class TestDayPlan : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void whatAppears_data()
    {
        using Kinds = std::vector<Kind>;
        QTest::addColumn<Formula>("formula");
        QTest::addColumn<Kinds>("there");
        QTest::addColumn<Kinds>("absent");
        const auto row = [](const char* name, const Formula& f, Kinds there, Kinds absent) {
            QTest::newRow(name) << f << there << absent;
        };
        row("plain", withWater(), {Kind::SetOut, Kind::LyeIntoLiquid, Kind::CoverUp},
            {Kind::ColdBath, Kind::DissolveFirst, Kind::FreezeAhead, Kind::Cook, Kind::WetColour,
             Kind::PotassiumIntoLiquid, Kind::Divide, Kind::StockLyeReady, Kind::ScentByHand});
        row("brine", brine(), {Kind::DissolveFirst}, {Kind::IntoCooledLye});
        row("hot process", hotProcess(),
            {Kind::CookSeparates, Kind::CookApplesauce, Kind::CookMash, Kind::Cook, Kind::TestCook,
             Kind::CoolForScent, Kind::AfterCook},
            {Kind::ScentByHand});
        row("two lyes", twoLyes(), {Kind::PotassiumIntoLiquid, Kind::LyeIntoLiquid}, {});
        row("frozen milk", frozenMilk(), {Kind::FreezeAhead, Kind::ColdBath},
            {Kind::IntoOils, Kind::CookProduce});
        row("milk in the oils", milkInOils(), {Kind::IntoOils}, {Kind::FreezeAhead});
        row("puree for water", pureeForWater(), {Kind::CookProduce, Kind::FreezeAhead}, {});
        row("held oil for clay", split(false, true),
            {Kind::SetOilAside, Kind::WetColour, Kind::Divide, Kind::PortionBack},
            {Kind::LayerWait, Kind::PourPortion});
        row("layers", split(true, false), {Kind::PourPortion, Kind::LayerWait, Kind::Pour},
            {Kind::SetOilAside});
        row("stock lye", stockLye(), {Kind::StockLyeReady, Kind::LyeIntoLiquid}, {});
        row("what is difficult", difficult(),
            {Kind::ScentByHand, Kind::DrinkFlat, Kind::InfuseOil, Kind::IntoCooledLye},
            {Kind::Trace});
    }
    // Only what the formula needs appears; Space alone leads from the first step to poured, and
    // everything weighed is in the mould in the end.
    void whatAppears()
    {
        QFETCH(Formula, formula);
        QFETCH(std::vector<Kind>, there);
        QFETCH(std::vector<Kind>, absent);
        const Reckoning r = reckoned(formula);
        const DayPlan plan = planDay(formula, r);
        for (const Kind kind : there)
            QVERIFY2(placeOf(plan, kind) < plan.steps.size(), codeOf(kind));
        for (const Kind kind : absent)
            QVERIFY2(placeOf(plan, kind) == plan.steps.size(), codeOf(kind));
        QCOMPARE(unsafe(plan), QString());
        std::vector<bool> passed(plan.steps.size(), false);
        std::vector<Weighed> weighed;
        double planned = 0.0;
        for (std::size_t at = firstOpen(plan, passed); at < plan.steps.size();
             at = firstOpen(plan, passed)) {
            QVERIFY(missingFor(plan, passed, at).empty());
            const DayStep& step = plan.steps[at];
            if (step.weighs()) {
                weighed.push_back({step.target, step.plannedGrams});
                planned += step.kind == Kind::SetOilAside ? 0.0 : step.plannedGrams;
            }
            passed[at] = true;
        }
        QVERIFY(std::ranges::find(passed, false) == passed.end());
        const PlaceNow end = placeNow(formula, plan, plan.steps.size(), passed, weighed, {});
        QCOMPARE(int(end.place), int(Place::Mould));
        QVERIFY(end.waiting.empty());
        double in = 0.0;
        for (const Lying& lying : end.in)
            in += lying.grams;
        QVERIFY(std::abs(in - planned) < 1e-9 * planned);
        QVERIFY(std::abs(planned - r.batterGrams) < 1e-9 * planned);
    }

    // No formula has a day in which lye comes before its turn, and every step can be reached.
    void lawsOfAnyDay()
    {
        RandomFormulas random(1401);
        for (int i = 0; i < 400; ++i) {
            Formula f = random.next(false);
            random.everythingOn(f);
            f.way.layers = random.chance(0.5);
            const auto r = reckon(f);
            const auto* good = std::get_if<Reckoning>(&r);
            if (!good)
                continue;
            const DayPlan plan = planDay(f, *good);
            QCOMPARE(unsafe(plan), QString());
            // Any order that is allowed ends with all of them done.
            std::vector<bool> passed(plan.steps.size(), false);
            for (std::size_t left = plan.steps.size(); left > 0; --left) {
                std::vector<std::size_t> open;
                for (std::size_t k = 0; k < plan.steps.size(); ++k)
                    if (!passed[k] && missingFor(plan, passed, k).empty())
                        open.push_back(k);
                QVERIFY(!open.empty());
                passed[open[std::size_t(random.below(int(open.size())))]] = true;
            }
        }
    }

    void lyeWaitsForWhatMustBeDissolved()
    {
        const Formula f = brine();
        const DayPlan plan = planDay(f, reckoned(f));
        std::vector<bool> passed(plan.steps.size(), true);
        const std::size_t dissolve = placeOf(plan, Kind::DissolveFirst);
        const std::size_t lye = placeOf(plan, Kind::LyeIntoLiquid);
        passed[dissolve] = passed[lye] = false;
        QCOMPARE(missingFor(plan, passed, lye), std::vector<std::size_t>{dissolve});
        QVERIFY(marksOf(plan.steps[lye]).lye && marksOf(plan.steps[dissolve]).lye);
        QVERIFY(marksOf(plan.steps[placeOf(plan, Kind::Prepare)]).safety);
        QVERIFY(!marksOf(plan.steps[placeOf(plan, Kind::SetOut)]).any());
    }

    // Puree that is frozen is cooked the day before it is frozen.
    void daysAhead()
    {
        const Formula f = pureeForWater();
        const DayPlan plan = planDay(f, reckoned(f));
        const auto days = [&](Kind kind) { return daysBefore(plan.steps[placeOf(plan, kind)], f); };
        QCOMPARE(*days(Kind::CookProduce), 2);
        QCOMPARE(*days(Kind::FreezeAhead), 1);
        QVERIFY(!days(Kind::Prepare));
        QCOMPARE(*daysBefore({Kind::InfuseOil, {}}, f), 28);
        const std::size_t freeze = placeOf(plan, Kind::FreezeAhead);
        QCOMPARE(plan.steps[freeze].after,
                 std::vector<std::size_t>{placeOf(plan, Kind::CookProduce)});
    }

    void stirredInThatOrder()
    {
        Formula f = withWater();
        const LineId seizes = add(f, behaving("seizing", MaterialKind::Scent, Behaviour::Seizes),
                                  grams(5), Vessel::Trace);
        const LineId speeds = add(f, behaving("clove", MaterialKind::Scent, Behaviour::SpeedsTrace),
                                  grams(5), Vessel::Trace);
        const LineId honey = add(f, behaving("honey", MaterialKind::Sugar, Behaviour::Heats),
                                 grams(5), Vessel::Trace);
        const LineId clay = add(f, material("clay", MaterialKind::Solid), grams(5), Vessel::Trace);
        QCOMPARE(stirOrder(f, Vessel::Trace), (std::vector<LineId>{clay, honey, speeds}));
        QVERIFY(goesInByHand(f, *f.find(seizes)));
        QVERIFY(stirOrder(f, Vessel::Emulsion).empty());
    }

    // My way: what may be moved, added and left out; lye stays where it is safe.
    void ownWay()
    {
        Formula f = brine();
        const Reckoning r = reckoned(f);
        const DayPlan plan = planDay(f, r);
        const std::size_t lye = placeOf(plan, Kind::LyeIntoLiquid);
        const std::size_t dissolve = placeOf(plan, Kind::DissolveFirst);
        const std::size_t melt = placeOf(plan, Kind::MeltOils);
        const auto early = moved(plan, lye, dissolve);
        QCOMPARE(std::get<WayRefused>(early).inTheWay, dissolve);
        const auto late = moved(plan, dissolve, plan.steps.size());
        QCOMPARE(std::get<WayRefused>(late).step, dissolve);
        // Oils may melt after the lye is made.
        const DayPlan after = std::get<DayPlan>(moved(plan, melt, placeOf(plan, Kind::WaitToMeet)));
        QVERIFY(placeOf(after, Kind::MeltOils) > placeOf(after, Kind::LookThrough));
        QCOMPARE(unsafe(after), QString());
        for (const Kind stays :
             {Kind::Prepare, Kind::LyeIntoLiquid, Kind::WeighLine, Kind::Combine})
            QVERIFY2(std::holds_alternative<WayRefused>(without(plan, placeOf(plan, stays))),
                     codeOf(stays));
        const DayPlan barer = std::get<DayPlan>(without(plan, placeOf(plan, Kind::SetOut)));
        QCOMPARE(barer.steps.size(), plan.steps.size() - 1);
        QCOMPARE(unsafe(barer), QString());

        f.way.own.push_back({1, "Open the window", keyOf(plan.steps[lye]), 2.0, 0.0});
        f.way.left.push_back(keyOf(plan.steps[placeOf(plan, Kind::CoverUp)]));
        f.way.moved.push_back(
            {keyOf(plan.steps[melt]), keyOf(plan.steps[placeOf(plan, Kind::WaitToMeet)])});
        f.way.moved.push_back(
            {keyOf(plan.steps[lye]), keyOf(plan.steps[0])}); // refused: left as it is
        const DayPlan mine = planDay(f, r);
        const std::size_t own = placeOf(mine, Kind::Own);
        QCOMPARE(own + 1, placeOf(mine, Kind::LyeIntoLiquid));
        QVERIFY(std::ranges::find(mine.steps[own + 1].after, own) !=
                mine.steps[own + 1].after.end());
        QCOMPARE(placeOf(mine, Kind::CoverUp), mine.steps.size());
        QVERIFY(placeOf(mine, Kind::MeltOils) > own);
        QCOMPARE(unsafe(mine), QString());
    }

    // Every step that is asked for a reading is asked for what is there.
    void readingsFit()
    {
        for (std::size_t i = 0; i < countOf<Kind>(); ++i) {
            const auto kind = static_cast<Kind>(i);
            const auto asked = readingsAt(kind);
            if (kind == Kind::Prepare || kind == Kind::SetOut || kind == Kind::WeighLine)
                QVERIFY(asked.empty());
            if (kind == Kind::WaitToMeet || kind == Kind::Combine)
                QCOMPARE(asked, (std::vector{ReadingOf::Jug, ReadingOf::Pot, ReadingOf::Room}));
            if (kind == Kind::Trace || kind == Kind::Cook)
                QCOMPARE(asked, std::vector{ReadingOf::Batter});
        }
    }

    // Chosen out of turn, left out, and back again: all of it is in the events.
    void batchOutOfTurn()
    {
        const Formula f = brine();
        const Reckoning r = reckoned(f);
        Batch batch;
        int seconds = 0;
        const auto then = [&](Happening what) {
            take(batch, Event{"e", "b", "x", 0, ++seconds * 1000, 0, std::move(what)});
        };
        then(BatchBegun{f, r.amounts, planDay(f, r)});
        const auto key = [&](std::size_t i) { return keyOf(batch.plan.steps[i]); };
        QCOMPARE(batch.nextStep(), std::size_t(0));
        then(StepChosen{key(2)});
        QCOMPARE(batch.nextStep(), std::size_t(2));
        then(StepDone{key(2)});
        QCOMPARE(batch.nextStep(), std::size_t(0));
        then(StepDone{key(0)});
        then(StepSkipped{key(1)});
        QCOMPARE(batch.nextStep(), std::size_t(3));
        QVERIFY(batch.passed()[1] && !batch.isDone()[1]);
        then(StepReopened{key(1)});
        QCOMPARE(batch.nextStep(), std::size_t(1));
    }
};

QTEST_GUILESS_MAIN(TestDayPlan)
#include "tst_day_plan.moc"
