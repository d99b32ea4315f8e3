// Where things go and where they lie: the usual place of a material, and what is in which vessel at
// each step of the day, followed by hand.
#include <QTest>

#include "core/formula/usual_place.h"
#include "core/makeday/place_now.h"
#include "support/day.h"
#include "support/make.h"

using namespace rhexion;
using namespace rhexion::test;

namespace {

MaterialPtr of(MaterialKind kind, Part part = Part::Inert, double share = 1.0)
{
    auto m = material("thing", kind);
    m->part(part) = figure(share);
    return m;
}

double gramsIn(const std::vector<Lying>& lying)
{
    double sum = 0.0;
    for (const Lying& one : lying)
        sum += one.grams;
    return sum;
}

} // namespace

class TestPlace : public QObject {
    Q_OBJECT
private Q_SLOTS:
    // Common practice, no source.
    void usual_data()
    {
        QTest::addColumn<MaterialPtr>("material");
        QTest::addColumn<double>("grams"); // beside 500 g of oils; below 0: the rest
        QTest::addColumn<bool>("cooks");
        QTest::addColumn<int>("vessel");
        QTest::addColumn<int>("other"); // -1: none
        const auto row = [](const char* name, const MaterialPtr& m, double g, bool cooks, Vessel v,
                            int other) {
            QTest::newRow(name) << m << g << cooks << int(v) << other;
        };
        using K = MaterialKind;
        using V = Vessel;
        row("oil", of(K::Fat, Part::Fat), 100, false, V::OilPot, -1);
        row("wax", of(K::Wax), 10, false, V::OilPot, -1);
        row("honey", of(K::Sugar, Part::ReducingSugar, 0.7), 15, false, V::Trace, int(V::LyeJug));
        row("glycerin", of(K::Sugar, Part::Glycerol, 1.0), 15, false, V::LyeJug, -1);
        row("just sugar", of(K::Sugar, Part::OtherSugar, 0.30), 15, false, V::Trace,
            int(V::LyeJug));
        row("just not", of(K::Sugar, Part::OtherSugar, 0.29), 15, false, V::LyeJug, -1);
        row("brine", of(K::Salt, Part::SodiumChloride), 49.9, false, V::LyeJug, -1);
        row("salt bar", of(K::Salt, Part::SodiumChloride), 50.0, false, V::Trace, int(V::LyeJug));
        row("chalk", of(K::Salt, Part::OtherSalts), 80, false, V::LyeJug, -1);
        row("egg", of(K::Egg), 30, false, V::Trace, int(V::OilPot));
        row("clay", of(K::Solid), 10, false, V::Trace, int(V::OilPot));
        row("mica", of(K::Colour), 3, true, V::Trace, int(V::OilPot));
        row("scent", of(K::Scent), 15, false, V::Trace, -1);
        row("scent of a cook", of(K::Scent), 15, true, V::AfterCook, int(V::Trace));
        row("puree", of(K::Produce, Part::Water, 0.8), 40, false, V::Trace, int(V::LyeJug));
        row("puree as water", of(K::Produce, Part::Water, 0.8), -1, false, V::LyeJug,
            int(V::Trace));
        row("milk", of(K::Milk, Part::Water, 0.9), 90, false, V::LyeJug, int(V::Trace));
        row("tea", of(K::Liquid, Part::Water, 1.0), 90, false, V::LyeJug, -1);
        row("lactate", of(K::Acid, Part::OtherSalts, 0.6), 10, false, V::LyeJug, -1);
    }
    void usual()
    {
        QFETCH(MaterialPtr, material);
        QFETCH(double, grams);
        QFETCH(bool, cooks);
        QFETCH(int, vessel);
        QFETCH(int, other);
        const StatedAmount amount = grams < 0 ? rest : StatedAmount{grams, AmountUnit::Gram};
        const UsualPlace place = usualPlaceOf(*material, amount, 500, cooks);
        QCOMPARE(int(place.vessel), vessel);
        QCOMPARE(place.other ? int(*place.other) : -1, other);
        // As a share of the oils it is the same amount.
        if (grams > 0) {
            const StatedAmount share{grams / 5.0, AmountUnit::PercentOfOils};
            QCOMPARE(int(usualPlaceOf(*material, share, 500, cooks).vessel), vessel);
        }
    }

    // A loaf with a puree at trace and two bowls: step by step, in grams weighed.
    void theDayByHand()
    {
        Formula f = twoOils(); // 1000 g of oils
        add(f, plainWater(), rest, Vessel::LyeJug);
        add(f, of(MaterialKind::Produce, Part::Water, 0.8), grams(40), Vessel::Trace);
        for (const double parts : {1.0, 3.0}) {
            Portion p;
            p.id = f.newId();
            p.parts = parts;
            f.portions.push_back(p);
        }
        add(f, of(MaterialKind::Colour), grams(4), Vessel::Trace);
        f.lines.back().portion = f.portions[0].id;
        const auto r = std::get<Reckoning>(reckon(f));
        const DayPlan plan = planDay(f, r);
        std::vector<Weighed> weighed;
        const auto at = [&](std::size_t step) {
            return placeNow(f, plan, step, doneBefore(plan, step), weighed,
                            std::span<const TopUp>());
        };
        const double lye = r.sodium.weighedGrams;
        const double water = r.makeUpGrams;
        double batter = 0.0;
        for (std::size_t step = 0; step <= plan.steps.size(); ++step) {
            const PlaceNow now = at(step);
            const DayStepKind before = step > 0 ? plan.steps[step - 1].kind : DayStepKind::Prepare;
            switch (before) {
            case DayStepKind::MeltOils: // next is the jug, which is empty
                QCOMPARE(int(now.place), int(Place::LyeJug));
                QVERIFY(now.in.empty() && now.contents.total() == 0.0);
                break;
            case DayStepKind::WeighSodium: // beside the jug's water, not in it
                QCOMPARE(gramsIn(now.in), water);
                QCOMPARE(gramsIn(now.waiting), lye);
                QCOMPARE(now.contents.alkali, 0.0);
                break;
            case DayStepKind::LookThrough: // next joins pot and jug: the pot is looked at
                QCOMPARE(int(now.place), int(Place::OilPot));
                QCOMPARE(gramsIn(now.in), 1000.0);
                break;
            case DayStepKind::Combine:
                QCOMPARE(int(now.place), int(Place::Batter));
                QVERIFY(std::abs(gramsIn(now.in) - (1000.0 + water + lye)) < 1e-9);
                QVERIFY(std::abs(now.contents.fat - 1000.0) < 1e-9);
                break;
            case DayStepKind::Trace: // the puree is in now
                batter = gramsIn(now.in);
                QVERIFY(std::abs(batter - (1040.0 + water + lye)) < 1e-9);
                break;
            case DayStepKind::Divide: // the first bowl: a quarter, its colour not weighed yet
                QCOMPARE(int(now.place), int(Place::Bowl));
                QVERIFY(std::abs(gramsIn(now.in) - batter / 4) < 1e-9);
                break;
            case DayStepKind::Pour:
                QCOMPARE(int(now.place), int(Place::Mould));
                QVERIFY(std::abs(gramsIn(now.in) - (batter + 4.0)) < 1e-9);
                break;
            default: break;
            }
            if (step < plan.steps.size())
                if (const DayStep& s = plan.steps[step]; s.target.what != WeighTarget::What::None)
                    weighed.push_back({s.target, s.plannedGrams});
        }
        QVERIFY(batter > 0.0);
        // What nobody weighed lies nowhere; what went in beside the plan does.
        const TopUp splash[] = {{plainWater(), Vessel::Trace, 12.0}};
        const PlaceNow end =
            placeNow(f, plan, plan.steps.size(), doneBefore(plan, plan.steps.size()),
                     std::span<const Weighed>(), splash);
        QCOMPARE(gramsIn(end.in), 12.0);
    }

    // Oil set aside leaves the pot and comes back with its portion.
    void heldOil()
    {
        Formula f = twoOils();
        add(f, plainWater(), rest, Vessel::LyeJug);
        Portion p;
        p.id = f.newId();
        p.held = HeldOil{0, grams(50)};
        f.portions.push_back(p);
        const auto r = std::get<Reckoning>(reckon(f));
        const DayPlan plan = planDay(f, r);
        std::vector<Weighed> weighed;
        std::size_t aside = 0;
        std::size_t back = 0;
        for (std::size_t i = 0; i < plan.steps.size(); ++i) {
            const DayStep& s = plan.steps[i];
            if (s.target.what != WeighTarget::What::None)
                weighed.push_back({s.target, s.plannedGrams});
            if (s.kind == DayStepKind::SetOilAside)
                aside = i;
            if (s.kind == DayStepKind::PortionBack)
                back = i;
        }
        QVERIFY(aside > 0 && back > aside);
        const auto fat = [&](std::size_t step) {
            return placeNow(f, plan, step, doneBefore(plan, step), weighed,
                            std::span<const TopUp>())
                .contents.fat;
        };
        QVERIFY(std::abs(fat(aside) - 950.0) < 1e-9);
        QVERIFY(std::abs(fat(back) - 950.0) < 1e-9);
        QVERIFY(std::abs(fat(back + 1) - 1000.0) < 1e-9);
    }
};

QTEST_GUILESS_MAIN(TestPlace)
#include "tst_place.moc"
