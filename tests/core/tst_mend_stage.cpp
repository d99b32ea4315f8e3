// Advice fits the moment: what is offered at each stage of the batter, over random slips.
#include <QTest>

#include "core/makeday/mend_stage.h"
#include "support/random_formula.h"

using namespace rhexion;
using namespace rhexion::test;

namespace {

constexpr BatterStage allStages[] = {BatterStage::Apart, BatterStage::Emulsion, BatterStage::Trace,
                                     BatterStage::Cooked, BatterStage::Poured};

bool isHydroxide(WeighTarget::What what)
{
    using W = WeighTarget::What;
    return what == W::Sodium || what == W::Potassium || what == W::SodiumSecond ||
           what == W::PotassiumSecond;
}

} // namespace

class TestMendStage : public QObject {
    Q_OBJECT
private Q_SLOTS:
    // Over every stage and 400 random slips.
    void nothingIsOfferedTooLate()
    {
        constexpr int wanted = 400;
        RandomFormulas random(77);
        int slips = 0;
        int outlooks = 0;
        for (int drawn = 0; slips < wanted && drawn < 20 * wanted; ++drawn) {
            const Formula f = random.next(true);
            const ReckonResult result = reckon(f);
            const auto* planned = std::get_if<Reckoning>(&result);
            if (!planned || !planned->superfatTrue)
                continue;
            const DayPlan plan = planDay(f, *planned);
            std::vector<WeighTarget> targets;
            for (const DayStep& step : plan.steps)
                if (step.target.what != WeighTarget::What::None && step.plannedGrams > 0.0)
                    targets.push_back(step.target);
            if (targets.empty())
                continue;
            ++slips;
            const WeighTarget target = targets[std::size_t(random.below(int(targets.size())))];
            DayFacts facts;
            facts.weighed.push_back(
                {target, plannedGrams(target, f, *planned) * random.between(0.3, 1.9)});
            for (const BatterStage stage : allStages) {
                const AsWeighed bowl = reckonAsWeighed(f, *planned, facts, target, stage);
                const double superfat = bowl.reckoning.superfatTrue.value_or(-1.0);
                for (const DayMend& mend : bowl.mends) {
                    QVERIFY(stage != BatterStage::Poured);
                    if (stage > BatterStage::Apart)
                        QVERIFY(mend.kind != DayMendKind::TakeOut);
                    const bool lye =
                        mend.kind == DayMendKind::AddHydroxide ||
                        (mend.kind == DayMendKind::AddMore && isHydroxide(mend.target.what));
                    if (lye)
                        QVERIFY(stage <= BatterStage::Emulsion);
                    if (lye && stage == BatterStage::Emulsion)
                        QVERIFY(superfat > mildSuperfat);
                    // What is offered for the superfat brings it nearer to the plan.
                    if (mend.kind == DayMendKind::AddOil ||
                        mend.kind == DayMendKind::AddHydroxide) {
                        const AsWeighed then = reckonAsWeighed(
                            f, *planned, after(mend, f, *planned, facts), {}, stage);
                        const auto off = [&](const AsWeighed& b) {
                            return std::abs(b.reckoning.superfatTrue.value_or(-1.0) -
                                            *b.superfatPlanned);
                        };
                        QVERIFY(off(then) < off(bowl));
                    }
                }
                // What is off is mended or said, never passed over.
                const bool wrong = std::abs(superfat - *bowl.superfatPlanned) > superfatTolerance;
                if (stage == BatterStage::Poured && wrong)
                    QVERIFY(!bowl.outlooks.empty());
                if (bowl.reckoning.lyeHeavy() && wrong && stage == BatterStage::Poured)
                    QCOMPARE(int(bowl.outlooks.front()), int(DayOutlook::LyeHeavy));
                outlooks += int(bowl.outlooks.size());
            }
        }
        QCOMPARE(slips, wanted);
        QVERIFY(outlooks > wanted);
    }

    void stagesFollowTheSteps_data()
    {
        QTest::addColumn<int>("last"); // DayStepKind
        QTest::addColumn<QString>("stage");
        const auto row = [](DayStepKind last, const char* stage) {
            QTest::newRow(codeOf(last)) << int(last) << QString::fromLatin1(stage);
        };
        using S = DayStepKind;
        row(S::LyeIntoLiquid, "apart");
        row(S::WaitToMeet, "apart");
        row(S::Combine, "emulsion");
        row(S::Emulsion, "emulsion");
        row(S::Trace, "trace");
        row(S::PortionBack, "trace");
        row(S::TestCook, "cooked");
        row(S::Pour, "poured");
        row(S::CoverUp, "poured");
    }
    void stagesFollowTheSteps()
    {
        QFETCH(int, last);
        QFETCH(QString, stage);
        DayPlan plan;
        for (const DayStepKind kind : {DayStepKind::MeltOils, DayStepKind::Combine,
                                       static_cast<DayStepKind>(last), DayStepKind::Pour}) {
            DayStep step;
            step.kind = kind;
            plan.steps.push_back(step);
        }
        const bool joined = stage != QLatin1String("apart");
        QCOMPARE(QString::fromLatin1(codeOf(stageOf(plan, {true, joined, true, false}))), stage);
        QCOMPARE(QString::fromLatin1(codeOf(stageOf(plan, {}))), QStringLiteral("apart"));
    }

    // The case that was found: poured, superfat 10.4 % in place of 6.2: a mild bar, and no lye.
    void aMildBarIsLeftAlone()
    {
        AsWeighed bowl;
        bowl.superfatPlanned = 0.062;
        bowl.reckoning.superfatTrue = 0.104;
        const DayMend lye{DayMendKind::AddHydroxide, {WeighTarget::What::Sodium, 0}, 6.93, 13.7};
        for (const BatterStage stage : allStages) {
            AsWeighed here = bowl;
            here.mends = {lye};
            fitToStage(here, stage);
            if (stage == BatterStage::Apart) { // it can still be weighed into the jug
                QCOMPARE(here.mends.size(), std::size_t(1));
                continue;
            }
            QVERIFY(here.mends.empty());
            QCOMPARE(here.outlooks, std::vector<DayOutlook>{DayOutlook::Mild});
        }
        bowl.reckoning.superfatTrue = 0.3;
        bowl.mends = {lye};
        fitToStage(bowl, BatterStage::Emulsion);
        QCOMPARE(bowl.mends.size(), std::size_t(1));
    }
};

QTEST_GUILESS_MAIN(TestMendStage)
#include "tst_mend_stage.moc"
