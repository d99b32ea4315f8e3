// What happens beside the plan: bands, losses, substitutes, mends, timers, mishaps.
#include <QTest>

#include "core/batch/standing_danger.h"
#include "core/makeday/mishap.h"
#include "core/makeday/weigh_band.h"
#include "support/day.h"
#include "support/make.h"
#include "support/random_formula.h"

#include <algorithm>

using namespace rhexion;
using namespace rhexion::test;
using What = WeighTarget::What;

namespace {

struct Day {
    Formula f;
    Reckoning r;
    explicit Day(Formula formula) : f(std::move(formula)), r(std::get<Reckoning>(reckon(f))) {}
    AsWeighed now(const DayFacts& facts, WeighTarget latest = {}) const
    {
        return reckonAsWeighed(f, r, facts, latest);
    }
};

Formula simple()
{
    Formula f = twoOils();
    add(f, plainWater(), rest, Vessel::LyeJug);
    return f;
}

} // namespace

class TestDaySlips : public QObject {
    Q_OBJECT

    // A batch of which all is weighed as planned, and what happens to it then.
    struct Made {
        Batch batch;
        int n = 0;
        void then(Happening what, const std::string& bench = "x")
        {
            take(batch, Event{QByteArray::number(++n).toStdString(), "b", bench, 0, n * 1000, 0,
                              std::move(what)});
        }
        explicit Made(const Day& day)
        {
            then(BatchBegun{day.f, day.r.amounts, planDay(day.f, day.r)});
            for (const DayStep& step : batch.plan.steps)
                if (step.weighs())
                    then(WeighedNow{{step.target, step.plannedGrams}, step.plannedGrams});
        }
    };

private Q_SLOTS:
    // At the edge of its band true superfat has moved by 0.2 points; the hydroxide's is the
    // tightest.
    void bandIsWhatAMissDoes()
    {
        const Day day(simple());
        for (const WeighTarget target :
             {WeighTarget{What::Sodium, 0}, {What::Line, day.f.lines[0].id}}) {
            const auto band = weighBand(day.f, day.r, {}, target, 0.0);
            QVERIFY(band);
            for (const double edge : {band->low, band->high}) {
                const auto bowl = day.now({{{target, edge}}, {}, {}});
                const double off = std::abs(*bowl.reckoning.superfatTrue - *day.r.superfatTrue);
                QVERIFY2(off < 0.00201, qPrintable(QString::number(off)));
                const bool bySuperfat =
                    (edge < plannedGrams(target, day.f, day.r) ? band->lowBy : band->highBy) ==
                    BandDecides::Superfat;
                QVERIFY(!bySuperfat || off > 0.00199);
            }
        }
        // Lye mol a point of superfat, by hand: 1 % of the sodium hydroxide is 0.95 points.
        const auto lye = weighBand(day.f, day.r, {}, {What::Sodium, 0}, 0.0);
        const double grams = day.r.sodium.weighedGrams;
        QVERIFY(std::abs((lye->high - grams) / grams - 0.002 / 0.95) < 1e-5);
        // A scale of 1 g cannot be asked for less.
        const auto coarse = weighBand(day.f, day.r, {}, {What::Sodium, 0}, 1.0);
        QCOMPARE(coarse->high, grams + 1.0);
        QVERIFY(!weighBand(day.f, day.r, {}, {What::Potassium, 0}, 0.1));
    }

    // Water moves strength, and no superfat: its band is by strength or a twentieth.
    void bandOfWater()
    {
        const Day day(simple());
        const WeighTarget water{What::Line, day.f.lines[2].id};
        const auto band = weighBand(day.f, day.r, {}, water, 0.0);
        QCOMPARE(int(band->highBy), int(BandDecides::Strength));
        const auto bowl = day.now({{{water, band->high}}, {}, {}});
        QVERIFY(std::abs(day.r.pure.strength - bowl.reckoning.pure.strength - 0.005) < 1e-6);
    }

    // A part of the batter thrown away takes its share of everything: no figure moves but the mass.
    void lossOfBatter()
    {
        const Day day(simple());
        Made made(day);
        Loss loss{Place::Batter, 0, 0.25, {}, {}};
        for (const DayStep& step : made.batch.plan.steps)
            if (step.weighs())
                loss.of.push_back(step.target);
        made.then(PartLost{loss});
        const auto bowl = day.now(made.batch.facts());
        QVERIFY(std::abs(bowl.reckoning.batterGrams - 0.75 * day.r.batterGrams) < 1e-9);
        QVERIFY(std::abs(*bowl.reckoning.superfatTrue - *day.r.superfatTrue) < 1e-12);
        QVERIFY(std::abs(bowl.reckoning.pure.strength - day.r.pure.strength) < 1e-12);
    }

    // A tenth of the jug spilled: a tenth less lye on the same oils, by hand.
    void lossOfLye()
    {
        const Day day(simple());
        Made made(day);
        made.then(PartLost{
            {Place::LyeJug, 0, 0.1, {{What::Sodium, 0}, {What::Line, day.f.lines[2].id}}, {}}});
        const auto bowl = day.now(made.batch.facts());
        QVERIFY(std::abs(*bowl.reckoning.superfatTrue - (1.0 - 0.95 * 0.9)) < 1e-9);
        // Weighed anew since, it is what it was weighed to be.
        made.then(WeighedNow{{{What::Sodium, 0}, day.r.sodium.weighedGrams}, 0.0});
        QVERIFY(std::abs(*day.now(made.batch.facts()).reckoning.superfatTrue - 0.05) < 1e-9);
    }

    // The same grams of another oil: superfat by its SV, by hand.
    void substitute()
    {
        const Day day(simple());
        Made made(day);
        const LineId second = day.f.lines[1].id; // 300 g of SV 257
        made.then(Substituted{{second, oil("oil 200", 200)}});
        const auto bowl = day.now(made.batch.facts());
        QCOMPARE(bowl.formula.find(second)->material->name, std::string("oil 200"));
        const double fat = 700 * 190.0 + 300 * 200.0;
        const double lye = 0.95 * (700 * 190.0 + 300 * 257.0);
        QVERIFY(std::abs(*bowl.reckoning.superfatTrue - (1.0 - lye / fat)) < 1e-9);
        // The last word on a line counts; the first again takes it back.
        made.then(Substituted{{second, day.f.lines[1].material}});
        QVERIFY(std::abs(*day.now(made.batch.facts()).reckoning.superfatTrue - 0.05) < 1e-9);
        QCOMPARE(made.batch.substitutes.size(), std::size_t(1));
    }

    // Every mend that is offered does what it says: superfat and strength are the plan's again, as
    // far as that mend is about them.
    void mendsMend()
    {
        RandomFormulas random(1403);
        int mended = 0;
        for (int i = 0; i < 300; ++i) {
            Formula f = random.next(true);
            const auto r = reckon(f);
            const auto* good = std::get_if<Reckoning>(&r);
            if (!good || !good->superfatTrue)
                continue;
            const DayPlan plan = planDay(f, *good);
            std::vector<WeighTarget> targets;
            for (const DayStep& step : plan.steps)
                if (step.weighs() && step.plannedGrams > 0.0)
                    targets.push_back(step.target);
            const WeighTarget target = targets[std::size_t(random.below(int(targets.size())))];
            const double planned = plannedGrams(target, f, *good);
            DayFacts facts{{{target, planned * random.between(0.7, 1.4)}}, {}, {}};
            const AsWeighed bowl = reckonAsWeighed(f, *good, facts, target);
            for (const DayMend& mend : bowl.mends) {
                const AsWeighed then = reckonAsWeighed(f, *good, after(mend, f, *good, facts), {});
                const double off =
                    std::abs(then.reckoning.superfatTrue.value_or(9.0) - *bowl.superfatPlanned);
                const double strength =
                    std::abs(then.reckoning.pure.strength - bowl.strengthPlanned);
                switch (mend.kind) {
                case DayMendKind::TakeOut:
                case DayMendKind::AddMore: QVERIFY(off < 1e-9 && strength < 1e-9); break;
                case DayMendKind::AddOil:
                case DayMendKind::AddHydroxide:
                    QVERIFY2(off < 1e-6, qPrintable(QString::number(off)));
                    break;
                case DayMendKind::AddWater: QVERIFY(strength < 1e-6); break;
                case DayMendKind::WeighLess: {
                    const double before =
                        std::abs(bowl.reckoning.pure.strength - bowl.strengthPlanned);
                    QVERIFY(strength < before);
                    break;
                }
                }
                ++mended;
            }
        }
        QVERIFY(mended > 200);
    }

    // Cubes that overshoot: as much less of the make-up water brings the strength back.
    void cubesOvershoot()
    {
        Formula f = twoOils();
        const LineId cubes = add(f, plainWater(), grams(120), Vessel::LyeJug);
        const LineId water = add(f, plainWater(), rest, Vessel::LyeJug);
        const Day day(std::move(f));
        const WeighTarget target{What::Line, cubes};
        const DayFacts facts{{{target, 160.0}}, {}, {}};
        const AsWeighed bowl = day.now(facts, target);
        const auto less = std::ranges::find(bowl.mends, DayMendKind::WeighLess, &DayMend::kind);
        QVERIFY(less != bowl.mends.end());
        QCOMPARE(less->target, (WeighTarget{What::Line, water}));
        QVERIFY(std::abs(less->grams - 40.0) < 1e-6);
        // Weighed already, it can no longer be left out.
        DayFacts poured = facts;
        poured.weighed.push_back(
            {{What::Line, water}, plannedGrams({What::Line, water}, day.f, day.r)});
        for (const DayMend& mend : day.now(poured, target).mends)
            QVERIFY(mend.kind != DayMendKind::WeighLess);
    }

    void timersBearTheClock_data()
    {
        QTest::addColumn<qint64>("now");
        QTest::addColumn<double>("left");
        QTest::newRow("just set") << qint64(1000) << 90.0;
        QTest::newRow("half way") << qint64(46000) << 45.0;
        QTest::newRow("over") << qint64(91000) << 0.0;
        QTest::newRow("long over") << qint64(1000000000) << 0.0;
        QTest::newRow("clock set back a day") << qint64(-86400000) << 90.0;
    }
    void timersBearTheClock()
    {
        QFETCH(qint64, now);
        QFETCH(double, left);
        QCOMPARE(secondsLeft({"e", "ice", 90.0, 1000}, now), left);
    }

    void eventsFold()
    {
        const Day day(simple());
        Made made(day);
        made.then(TimerSet{"ice", 60.0});
        const std::string first = made.batch.timers.front().event;
        made.then(TimerSet{"portion", 30.0});
        made.then(TimerStopped{first});
        QCOMPARE(made.batch.timers.size(), std::size_t(1));
        QCOMPARE(made.batch.timers.front().name, std::string("portion"));
        made.then(Blended{20.0});
        made.then(Blended{12.5});
        QCOMPARE(made.batch.blended.bursts, 2);
        QCOMPARE(made.batch.blended.seconds, 32.5);
        made.then(NearMiss{NearMissKind::Fumes});
        QCOMPARE(int(made.batch.nearMisses.front().kind), int(NearMissKind::Fumes));
        made.then(WeighedNow{{{What::Sodium, 0}, 1.0, WeighOrigin::Scale}, 1.0});
        QCOMPARE(made.batch.origins()[std::size_t(WeighOrigin::Scale)], 1);
        QCOMPARE(made.batch.origins()[std::size_t(WeighOrigin::Typed)], 3);
    }

    // An answer to go on covers its own danger and none that is worse, another's, or of a bowl that
    // has changed since.
    void dangersAndAnswers_data()
    {
        QTest::addColumn<int>("code");
        QTest::addColumn<double>("figure");
        QTest::addColumn<double>("answered");
        QTest::addColumn<bool>("covered");
        using C = CautionCode;
        const auto row = [](const char* name, C code, double figure, double answered, bool yes) {
            QTest::newRow(name) << int(code) << figure << answered << yes;
        };
        row("the same", C::SuperfatBelowZero, -0.10, -0.10, true);
        row("within a scale's doubt", C::SuperfatBelowZero, -0.102, -0.10, true);
        row("more lye", C::SuperfatBelowZero, -0.104, -0.10, false);
        row("less lye", C::SuperfatBelowZero, -0.05, -0.10, true);
        row("stronger jug", C::LyeCannotDissolve, 0.56, 0.55, false);
        row("weaker jug", C::LyeCannotDissolve, 0.53, 0.55, true);
        row("a likelier excess", C::ChanceOfLyeExcess, 0.60, 0.50, false);
        row("about as likely", C::ChanceOfLyeExcess, 0.54, 0.50, true);
        row("another danger", C::PortionLyeHeavy, -0.10, -0.10, false);
    }
    void dangersAndAnswers()
    {
        QFETCH(int, code);
        QFETCH(double, figure);
        QFETCH(double, answered);
        QFETCH(bool, covered);
        Caution danger{
            static_cast<CautionCode>(code), Severity::Danger, Vessel::LyeJug, 0, {figure}, {}};
        DangerAnswered answer;
        answer.code = danger.code == CautionCode::PortionLyeHeavy ? CautionCode::SuperfatBelowZero
                                                                  : danger.code;
        answer.figures = {answered};
        QCOMPARE(covers(answer, danger), covered);
        QCOMPARE(unanswered({&danger, 1}, {&answer, 1}) == nullptr, covered);
        Caution care = danger;
        care.severity = Severity::Care;
        QVERIFY(!unanswered({&care, 1}, {}));
        for (const DangerAnswer other : {DangerAnswer::Mend, DangerAnswer::Stop}) {
            answer.answer = other;
            QVERIFY(!covers(answer, danger));
        }
        answer.answer = DangerAnswer::GoOn;
        danger.figures.clear(); // such as a superfat of no fat at all
        QVERIFY(!covers(answer, danger));

        const Day day(simple());
        Made made(day);
        made.then(answer);
        QCOMPARE(standingAnswers(made.batch).size(), std::size_t(1));
        made.then(Blended{20.0});
        QCOMPARE(standingAnswers(made.batch).size(), std::size_t(1));
        made.then(WeighedNow{{{What::Sodium, 0}, 1.0, WeighOrigin::Scale}, 1.0});
        QVERIFY(standingAnswers(made.batch).empty());
    }

    // One target weighed at two benches: asked, and what is answered is what is in the bowl.
    void weighedTwice_data()
    {
        QTest::addColumn<QString>("is");
        QTest::addColumn<double>("grams");
        QTest::newRow("first") << "first" << 100.0;
        QTest::newRow("second") << "second" << 107.0;
        QTest::newRow("both") << "both" << 207.0;
        QTest::newRow("not said") << "" << 107.0;
    }
    void weighedTwice()
    {
        QFETCH(QString, is);
        QFETCH(double, grams);
        const Day day(simple());
        Made made(day);
        const WeighTarget lye{What::Sodium, 0};
        const auto weigh = [&](double g, const char* bench) {
            made.then(WeighedNow{{lye, g}, 100.0}, bench);
        };
        const auto now = [&] {
            const auto words = made.batch.lastWords();
            return std::ranges::find(words, lye, &Weighed::target)->grams;
        };
        weigh(100.0, "x");
        QVERIFY(!made.batch.unsettled()); // weighed again at the same bench: the last word counts
        weigh(107.0, "y");
        const TwiceWeighed* asked = made.batch.unsettled();
        QVERIFY(asked);
        QCOMPARE(asked->first.weighed.grams, 100.0);
        const std::string second = asked->second.event;
        const auto outcome = weighedTwiceFromCode(is.toStdString());
        QCOMPARE(outcome.has_value(), !is.isEmpty());
        const std::size_t before = made.batch.changes;
        if (outcome)
            made.then(TwiceSettled{second, *outcome}, "x");
        QCOMPARE(now(), grams);
        QCOMPARE(made.batch.unsettled() == nullptr, outcome.has_value());
        QCOMPARE(made.batch.changes > before, outcome.has_value());
        if (!outcome)
            return;
        // Both benches answered: the last word counts. One that names nothing is passed over.
        made.then(TwiceSettled{second, WeighedTwice::Both}, "y");
        made.then(TwiceSettled{"elsewhere", WeighedTwice::First}, "y");
        QCOMPARE(now(), 207.0);
        weigh(99.0, "y"); // by the bench that settled it
        QVERIFY(!made.batch.unsettled());
        weigh(99.0, "x");
        QVERIFY(made.batch.unsettled());
    }

    // What goes in at one bench after another has finished the batch is in the bowl.
    void finishedElsewhere()
    {
        const Day day(simple());
        Made made(day);
        made.then(BatchFinished{0.05, 0.3, 900.0});
        QCOMPARE(made.batch.outcome()->superfat, std::optional(0.05));
        made.then(Noted{"cut tomorrow"});
        QVERIFY(!made.batch.changedSinceMade());
        made.then(MadeAtBench{"kitchen"}, "y");
        made.then(WeighedNow{{{What::Sodium, 0}, 400.0}, 100.0}, "y");
        QVERIFY(made.batch.changedSinceMade());
        QCOMPARE(int(made.batch.state), int(BatchState::Finished));
        QCOMPARE(made.batch.outcome()->superfat, made.batch.asMade().superfatTrue);
        QVERIFY(*made.batch.outcome()->superfat < 0.0);
        QCOMPARE(made.batch.nameOfBench("y"), std::string("kitchen"));
        QCOMPARE(made.batch.nameOfBench("x"), std::string());
    }

    // What befalls is put where it can, and judged by the bowl.
    void mishaps()
    {
        Formula f = simple();
        add(f, material("clay", MaterialKind::Solid), grams(10), Vessel::Trace);
        const Day day(std::move(f));
        const DayPlan plan = planDay(day.f, day.r);
        const Mishap lye{MishapKind::LyeOvershoots, {}, 0.1};
        QCOMPARE(plan.steps[*placeOf(lye, plan, day.f)].target, (WeighTarget{What::Sodium, 0}));
        QVERIFY(!placeOf({MishapKind::MilkScorches, {}, 0}, plan, day.f)); // no milk
        QVERIFY(placeOf({MishapKind::Forgotten, {}, 0}, plan, day.f));
        // Asked for at a step, it is there and nowhere else.
        for (const DayStep& step : plan.steps) {
            const auto at = placeOf({MishapKind::PhoneRings, step.kind, 0}, plan, day.f);
            QVERIFY(at && plan.steps[*at].kind == step.kind);
        }
        QVERIFY(!placeOf({MishapKind::PhoneRings, DayStepKind::Cook, 0}, plan, day.f));
        const MishapScript drawn = surprise(plan, day.f, 7);
        QCOMPARE(drawn.mishaps.size(), std::size_t(3));
        QVERIFY(surprise(plan, day.f, 7) == drawn);
        for (const Mishap& m : drawn.mishaps)
            QVERIFY(placeOf(m, plan, day.f));

        const WeighTarget sodium{What::Sodium, 0};
        const double grams = day.r.sodium.weighedGrams;
        const auto judged = [&](double weighed) {
            return judge(lye, true, {}, day.f, day.r, day.now({{{sodium, weighed}}, {}, {}}));
        };
        QVERIFY(judged(grams).noticed && !judged(grams * 1.1).noticed);
        QVERIFY(std::abs(*judged(grams).superfat - (1.0 - 0.95 * 1.1)) < 1e-9);
        QVERIFY(!judge(lye, false, {}, day.f, day.r, day.now({})).noticed);
        const Mishap dies{MishapKind::ScaleDies, {}, 0};
        WhatWasDone typed;
        typed.typed = true;
        QVERIFY(judge(dies, true, typed, day.f, day.r, day.now({})).noticed);
        typed.asPlanned = true;
        QVERIFY(!judge(dies, true, typed, day.f, day.r, day.now({})).noticed);
        const Mishap seizes{MishapKind::ScentSeizes, {}, 40.0};
        WhatWasDone quick;
        quick.secondsToPour = 40.0;
        QVERIFY(judge(seizes, true, quick, day.f, day.r, day.now({})).noticed);
        quick.secondsToPour = 41.0;
        QVERIFY(!judge(seizes, true, quick, day.f, day.r, day.now({})).noticed);
    }
};

QTEST_GUILESS_MAIN(TestDaySlips)
#include "tst_day_slips.moc"
