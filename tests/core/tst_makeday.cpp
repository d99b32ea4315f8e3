// The day's plan and what deviations do to it.
#include <QTest>

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
        for (const DayStepKind there :
             {DayStepKind::DissolveFirst, DayStepKind::WeighSodium, DayStepKind::LyeIntoLiquid,
              DayStepKind::Combine, DayStepKind::Trace})
            QVERIFY(at(there) > 0);
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
        const auto bowl = reckonAsWeighed(f, reckoned(f), {}, {});
        QVERIFY(std::abs(bowl.reckoning.superfatTrue.value() - bowl.superfatPlanned.value()) <
                1e-9);
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
        const auto bowl = reckonAsWeighed(f, planned, {weighed, {}, {}}, target);
        const DayMend* mend = find(bowl, static_cast<DayMendKind>(kind));
        QVERIFY(mend);
        QVERIFY(mend->grams > 0.0);
        Formula mended = bowl.formula;
        Amounts amounts = bowl.amounts;
        const double sign = mend->kind == DayMendKind::TakeOut ? -1.0 : 1.0;
        if (mend->kind == DayMendKind::AddWater) {
            add(mended, plainWater(), grams(mend->grams), Vessel::LyeJug);
            amounts.lines.push_back(mend->grams);
            amounts.solvent.push_back(0.0);
            const Reckoning wetter = reckonGiven(mended, amounts);
            QVERIFY(std::abs(wetter.pure.strength - bowl.strengthPlanned) < 1e-9);
            return;
        }
        if (mend->target.what == What::Sodium)
            amounts.sodium[0] += sign * mend->grams;
        else
            amounts.lines[std::size_t(mend->target.line) - 1] += sign * mend->grams;
        QVERIFY(std::abs(reckonGiven(mended, amounts).superfatTrue.value() -
                         bowl.superfatPlanned.value()) < 1e-9);
    }

    // More oil set aside than is left in the pot counts as what there is, and is said.
    void oilSetAsideThatIsNotThere()
    {
        Formula f = twoOils();
        add(f, plainWater(), rest, Vessel::LyeJug);
        f.portions = {{9, "a", 1.0, {}, HeldOil{0, grams(60)}}, {10, "b", 1.0, {}, {}}};
        const std::vector<Weighed> weighed{{{What::Line, 1}, 30.0}, {{What::Line, 2}, 10.0}};
        const Reckoning r = reckonAsWeighed(f, reckoned(f), {weighed, {}, {}}, {}).reckoning;
        QVERIFY(std::abs(r.heldGrams - 40.0) < 1e-9 && std::abs(r.heldTooMuch - 20.0) < 1e-9);
        QVERIFY(std::ranges::find(r.cautions, CautionCode::HeldOilNotThere, &Caution::code) !=
                r.cautions.end());
    }

    void lastWeighingCounts()
    {
        const Formula f = dayFormula();
        const std::vector<Weighed> twice{{{What::Sodium, 0}, 10.0}, {{What::Sodium, 0}, 150.0}};
        const auto bowl = reckonAsWeighed(f, reckoned(f), {twice, {}, {}}, {});
        QCOMPARE(bowl.amounts.allSodium(), 150.0);
    }

    void strongJugWaterIsWeighed()
    {
        Formula f = dayFormula();
        f.liquid.jugRatio = 1.1;
        const Reckoning planned = reckoned(f);
        const auto bowl = reckonAsWeighed(f, planned, {{{{What::JugWater, 0}, 10.0}}, {}, {}}, {});
        QVERIFY(std::abs(planned.waterPresent - bowl.reckoning.waterPresent -
                         (planned.jugWaterGrams - 10.0)) < 1e-6);
    }

    // What is weighed is accounted, however odd it is.
    void nothingWeighedIsRefused_data()
    {
        QTest::addColumn<double>("oils");
        QTest::addColumn<double>("lye");
        QTest::addColumn<bool>("lateOil");
        QTest::addColumn<bool>("heavy");
        QTest::newRow("no oil at all") << 0.0 << 1.0 << false << true;
        QTest::newRow("no lye at all") << 1.0 << 0.0 << false << false;
        QTest::newRow("nothing at all") << 0.0 << 0.0 << false << false;
        QTest::newRow("twice the lye") << 1.0 << 2.0 << false << true;
        QTest::newRow("twice the lye, oil after the cook") << 1.0 << 2.0 << true << true;
    }
    void nothingWeighedIsRefused()
    {
        QFETCH(double, oils);
        QFETCH(double, lye);
        QFETCH(bool, lateOil);
        QFETCH(bool, heavy);
        Formula f = twoOils();
        f.lye.superfat = lateOil ? 0.4 : 0.05;
        f.lines[1].vessel = lateOil ? Vessel::AfterCook : Vessel::OilPot;
        add(f, plainWater(), rest, Vessel::LyeJug);
        const Reckoning planned = reckoned(f);
        const std::vector<Weighed> weighed{{{What::Line, 1}, planned.lines[0].grams * oils},
                                           {{What::Line, 2}, planned.lines[1].grams * oils},
                                           {{What::Sodium, 0}, planned.sodium.weighedGrams * lye}};
        const AsWeighed bowl = reckonAsWeighed(f, planned, {weighed, {}, {}}, {What::Sodium, 0});
        const Reckoning& r = bowl.reckoning;
        QCOMPARE(r.lyeHeavy(), heavy);
        QCOMPARE(r.superfatTrue.has_value(), oils > 0.0);
        QCOMPARE(r.pure.ratio.has_value(), lye > 0.0);
        QVERIFY(std::isfinite(r.pure.strength) && std::isfinite(r.batterGrams));
        const bool said = std::ranges::find(r.cautions, CautionCode::SuperfatBelowZero,
                                            &Caution::code) != r.cautions.end();
        QCOMPARE(said, heavy);
        if (heavy)
            QVERIFY(!bowl.mends.empty());
    }
};

QTEST_APPLESS_MAIN(TestMakeDay)
#include "tst_makeday.moc"
