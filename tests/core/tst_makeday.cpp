// The day's plan and what deviations do to it.
#include <QtTest>

#include "core/makeday/as_weighed.h"
#include "support/make.h"

#include <algorithm>

using namespace rhexion;
using namespace rhexion::test;
using What = WeighTarget::What;

namespace {

Formula dayFormula()
{
    Formula f = twoOils();
    add(f, citricMonohydrate(), grams(20), Vessel::LyeJug);
    add(f, plainWater(), rest, Vessel::LyeJug);
    add(f, milk(0.87, 0.04, 230, 1.6), grams(50), Vessel::Trace);
    return f;
}

Reckoning reckoned(const Formula& f)
{
    return std::get<Reckoning>(reckon(f));
}

const DayMend* find(const AsWeighed& bowl, DayMendKind kind)
{
    const auto at = std::ranges::find(bowl.mends, kind, &DayMend::kind);
    return at == bowl.mends.end() ? nullptr : &*at;
}

} // namespace

class TestMakeDay : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void orderIsSafe()
    {
        const Formula f = dayFormula();
        const auto steps = planDay(f, reckoned(f)).steps;
        const auto at = [&](DayStepKind kind) {
            const auto found = std::ranges::find(steps, kind, &DayStep::kind);
            return found == steps.end() ? -1 : int(found - steps.begin());
        };
        QCOMPARE(at(DayStepKind::Prepare), 0);
        QVERIFY(at(DayStepKind::DissolveFirst) < at(DayStepKind::WeighSodium));
        QVERIFY(at(DayStepKind::WeighSodium) < at(DayStepKind::LyeIntoLiquid));
        QVERIFY(at(DayStepKind::LyeIntoLiquid) < at(DayStepKind::Combine));
        QVERIFY(at(DayStepKind::Combine) < at(DayStepKind::Trace));
        QCOMPARE(at(DayStepKind::WeighPotassium), -1);
        QCOMPARE(at(DayStepKind::Cook), -1);
        double sum = 0.0;
        for (const DayStep& step : steps)
            sum += step.plannedGrams;
        QVERIFY(std::abs(sum - reckoned(f).batterGrams) < 1e-9 * sum);
    }

    void asPlannedNeedsNoMend()
    {
        const Formula f = dayFormula();
        const auto bowl = std::get<AsWeighed>(reckonAsWeighed(f, reckoned(f), {}, {}));
        QVERIFY(std::abs(bowl.reckoning.superfatTrue - bowl.superfatPlanned) < 1e-9);
        QVERIFY(std::abs(bowl.reckoning.pure.strength - bowl.strengthPlanned) < 1e-9);
        QVERIFY(bowl.mends.empty());
    }

    void mends_data()
    {
        QTest::addColumn<int>("what");
        QTest::addColumn<double>("factor");
        QTest::addColumn<int>("kind");
        QTest::newRow("lye over: more oil")
            << int(What::Sodium) << 1.06 << int(DayMendKind::AddOil);
        QTest::newRow("lye over: take out")
            << int(What::Sodium) << 1.06 << int(DayMendKind::TakeOut);
        QTest::newRow("lye over: more water")
            << int(What::Sodium) << 1.06 << int(DayMendKind::AddWater);
        QTest::newRow("lye short: add more")
            << int(What::Sodium) << 0.94 << int(DayMendKind::AddMore);
        QTest::newRow("oil over: more lye")
            << int(What::Line) << 1.10 << int(DayMendKind::AddHydroxide);
        QTest::newRow("oil short: add more")
            << int(What::Line) << 0.90 << int(DayMendKind::AddMore);
    }
    // Doing what the mend says brings the planned figure back.
    void mends()
    {
        QFETCH(int, what);
        QFETCH(double, factor);
        QFETCH(int, kind);
        const Formula f = dayFormula();
        const Reckoning planned = reckoned(f);
        const WeighTarget target{static_cast<What>(what),
                                 static_cast<What>(what) == What::Line ? 1u : 0u};
        const double meant =
            target.what == What::Sodium ? planned.sodium.weighedGrams : planned.find(1)->grams;
        const std::vector<Weighed> weighed{{target, meant * factor}};
        const auto bowl = std::get<AsWeighed>(reckonAsWeighed(f, planned, weighed, target));
        const DayMend* mend = find(bowl, static_cast<DayMendKind>(kind));
        QVERIFY(mend);
        QVERIFY(mend->grams > 0.0);
        Formula mended = bowl.formula;
        const double sign = mend->kind == DayMendKind::TakeOut ? -1.0 : 1.0;
        if (mend->kind == DayMendKind::AddWater) {
            add(mended, plainWater(), grams(mend->grams), Vessel::LyeJug);
            QVERIFY(std::abs(reckoned(mended).pure.strength - bowl.strengthPlanned) < 1e-9);
            return;
        }
        if (mend->target.what == What::Sodium)
            mended.lye.fixed->sodium = mended.lye.fixed->sodium + Mass::grams(sign * mend->grams);
        else
            mended.find(mend->target.line)->amount.value += sign * mend->grams;
        QVERIFY(std::abs(reckoned(mended).superfatTrue - bowl.superfatPlanned) < 1e-9);
    }

    void lastWeighingCounts()
    {
        const Formula f = dayFormula();
        const std::vector<Weighed> twice{{{What::Sodium, 0}, 10.0}, {{What::Sodium, 0}, 150.0}};
        const auto bowl = std::get<AsWeighed>(reckonAsWeighed(f, reckoned(f), twice, {}));
        QCOMPARE(bowl.formula.lye.fixed->sodium.inGrams(), 150.0);
    }

    void strongJugWaterIsWeighed()
    {
        Formula f = dayFormula();
        f.liquid.jugRatio = 1.1;
        const Reckoning planned = reckoned(f);
        const auto bowl =
            std::get<AsWeighed>(reckonAsWeighed(f, planned, {{{What::JugWater, 0}, 10.0}}, {}));
        QVERIFY(std::abs(planned.waterPresent - bowl.reckoning.waterPresent -
                         (planned.jugWaterGrams - 10.0)) < 1e-6);
    }

    void nothingInTheBowlIsRefused()
    {
        const Formula f = twoOils();
        const std::vector<Weighed> none{{{What::Line, 1}, 0.0}, {{What::Line, 2}, 0.0}};
        QVERIFY(std::holds_alternative<Refusal>(reckonAsWeighed(f, reckoned(f), none, {})));
    }
};

QTEST_APPLESS_MAIN(TestMakeDay)
#include "tst_makeday.moc"
