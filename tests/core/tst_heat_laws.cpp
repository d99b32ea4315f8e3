// The heat against what stands outside its cases: Fourier's and Bessel's series for a cooling body
// (Carslaw and Jaeger, Conduction of Heat in Solids, from memory), the balance of heat, halved
// steps and cells, handbook freezing points, and laws that must hold for any jug and any mould.
#include "core/heat/combine.h"
#include "core/heat/cook.h"
#include "core/heat/cooling.h"
#include "core/heat/jug.h"
#include "core/heat/learn.h"
#include "core/heat/pot.h"

#include <boost/math/special_functions/bessel.hpp>

#include <QTest>

#include <numbers>
#include <random>

using namespace rhexion;
using namespace rhexion::heat;

namespace {

constexpr double pi = std::numbers::pi;
constexpr double film = 10.0;

Batter loafBatter(double oils = 690.0)
{
    Batter b;
    b.oils = oils;
    b.mol = oils * 207.0 / 56105.6 * 0.95;
    b.naoh = b.mol * molarMassSodiumHydroxide;
    b.water = b.naoh * 2.0;
    b.shortChain = 0.243;
    b.saturated = 0.24;
    b.oleic = 0.433;
    b.poly = 0.084;
    return b;
}

MouldSetup bare(double width, double height, std::array<double, 3> resistance, bool cylinder)
{
    MouldSetup m;
    m.cylinder = cylinder;
    m.width = width;
    m.height = height;
    m.wall = {0.0, 1.0, 0.0};
    m.covers = {{CoverFacts{resistance, {film, film, film}, 20.0, false}, 0.0, {}}};
    return m;
}

MouldSetup loaf(const Batter& b, MouldCover cover)
{
    MouldSetup m;
    m.length = b.cubicMetres() / m.width / m.height;
    m.wall = factsOf(MouldWall::Wood);
    m.covers = {{factsOf(cover), 0.0, {}}};
    return m;
}

double rootIn(double low, double high, auto f)
{
    for (int i = 0; i < 80; ++i) {
        const double middle = (low + high) / 2.0;
        ((f(middle) > 0.0) == (f(high) > 0.0) ? high : low) = middle;
    }
    return (low + high) / 2.0;
}

// A slab cooled on both faces: 1 at first, 0 at last. where: 0 the middle, 1 the face.
double slabSeries(double biot, double fourier, double where)
{
    double sum = 0.0;
    for (int n = 0; n < 100; ++n) {
        const double z = rootIn(n * pi + 1e-12, n * pi + pi / 2.0 - 1e-12,
                                [&](double x) { return x * std::tan(x) - biot; });
        sum += 4.0 * std::sin(z) / (2.0 * z + std::sin(2.0 * z)) * std::exp(-z * z * fourier) *
               std::cos(z * where);
    }
    return sum;
}

double cylinderSeries(double biot, double fourier, double where)
{
    using boost::math::cyl_bessel_j;
    const auto f = [&](double z) { return z * cyl_bessel_j(1, z) - biot * cyl_bessel_j(0, z); };
    double sum = 0.0;
    for (double a = 0.01; a < 60.0; a += 0.05)
        if (f(a) * f(a + 0.05) < 0.0) {
            const double z = rootIn(a, a + 0.05, f);
            const double j0 = cyl_bessel_j(0, z);
            const double j1 = cyl_bessel_j(1, z);
            sum += 2.0 / z * j1 / (j0 * j0 + j1 * j1) * std::exp(-z * z * fourier) *
                   cyl_bessel_j(0, z * where);
        }
    return sum;
}

// The greatest distance of the core from a series of (seconds, offset of the middle cell).
double distance(const Batter& b, const MouldSetup& m, auto series)
{
    MouldOptions options;
    options.hours = 12.0;
    options.reacts = false;
    const auto run = runMould(b, m, 60.0, TraceStage::Light, options);
    const double diffusivity = 0.28 / (b.capacity() / b.cubicMetres());
    double worst = 0.0;
    for (std::size_t i = 3; i < run->rows.size(); i += 3)
        worst =
            std::max(worst, std::abs(run->rows[i].core -
                                     (20.0 + 40.0 * series(diffusivity * run->rows[i].seconds))));
    return worst;
}

// A jug as makers mix them: water, perhaps ice or milk, one or two hydroxides.
Jug randomJug(std::mt19937& draw)
{
    const auto in = [&](double low, double high) {
        return std::uniform_real_distribution<>(low, high)(draw);
    };
    Jug jug;
    jug.liquids.push_back(JugLiquid{in(100, 400), in(2, 28)});
    JugLiquid milk;
    milk.grams = in(0, 150);
    milk.celsius = in(-25, -5);
    milk.frozen = true;
    milk.water = 0.87;
    milk.fat = 0.04;
    milk.reducingSugar = 0.047;
    milk.protein = 0.033;
    jug.liquids.push_back(milk);
    jug.sodiumGrams = in(20, 160);
    jug.potassiumGrams = draw() % 3 == 0 ? in(10, 100) : 0.0;
    jug.room = in(15, 30);
    jug.hydroxideCelsius = jug.room;
    return jug;
}

} // namespace

class TstHeatLaws : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void coolsAsTheSeriesSay_data()
    {
        QTest::addColumn<int>("body");
        QTest::newRow("slab") << 0;
        QTest::newRow("rectangle") << 1;
        QTest::newRow("cylinder") << 2;
    }
    void coolsAsTheSeriesSay()
    {
        QFETCH(int, body);
        const Batter b = loafBatter();
        constexpr double half = 0.035;
        const double off = 0.5 / 20.0; // of the half: where the middle cell sits
        double worst = 0.0;
        if (body == 0)
            worst = distance(b, bare(0.07, 0.07, {1e9, 0, 1e9}, false), [&](double spread) {
                return slabSeries(film * half / 0.28, spread / half / half, off);
            });
        else if (body == 1)
            worst = distance(b, bare(0.07, 0.05, {1e-9, 0, 0}, false), [&](double spread) {
                return slabSeries(film * half / 0.28, spread / half / half, off) *
                       slabSeries(film * 0.025 / 0.28, spread / 0.025 / 0.025, 0.5 / 20.0);
            });
        else
            worst = distance(b, bare(0.07, 0.07, {1e9, 0, 1e9}, true), [&](double spread) {
                return cylinderSeries(film * half / 0.28, spread / half / half, off);
            });
        QVERIFY2(worst < 0.25, qPrintable(QString::number(worst)));
    }

    void shutInItWarmsByItsHeat()
    {
        const Batter b = loafBatter();
        MouldOptions options;
        options.hours = 150.0;
        const auto run =
            runMould(b, bare(0.07, 0.07, {1e9, 1e9, 1e9}, false), 30.0, TraceStage::Light, options);
        const double rise = saponifying * 1000.0 * b.mol *
                            (run->rows.back().saponified - saponifiedAt(TraceStage::Light)) /
                            b.capacity();
        QVERIFY(std::abs(run->rows.back().core - 30.0 - rise) < 1e-4);
        QVERIFY(rise > 60.0);
    }

    void halvedStepsAndCellsAgree()
    {
        const Batter b = loafBatter();
        const MouldSetup m = loaf(b, MouldCover::Towel);
        MouldOptions options;
        options.hours = 24.0;
        const auto whole = runMould(b, m, 38.0, TraceStage::Light, options);
        MouldOptions steps = options;
        steps.finest = 3.75;
        steps.coarsest = 240.0;
        steps.largestChange = 0.25;
        MouldOptions cells = options;
        cells.across = 40;
        cells.up = 80;
        for (const MouldOptions& finer : {steps, cells}) {
            const auto other = runMould(b, m, 38.0, TraceStage::Light, finer);
            QVERIFY(std::abs(other->peak - whole->peak) < 0.3);
            QVERIFY(std::abs(*other->gelStart - *whole->gelStart) < 120.0);
            for (const MouldRow& row : whole->rows)
                QVERIFY(std::abs(other->at(row.seconds / 3600.0, &MouldRow::core) - row.core) <
                        1.0);
        }
        // The picture is of the same run.
        options.fields = true;
        options.across = 10;
        options.up = 20;
        const auto drawn = runMould(b, m, 38.0, TraceStage::Light, options);
        QCOMPARE(drawn->fields.size(), drawn->rows.size());
        for (std::size_t i = 0; i < drawn->rows.size(); ++i) {
            QCOMPARE(drawn->fields[i].size(), std::size_t(200));
            const auto most = *std::max_element(drawn->fields[i].begin(), drawn->fields[i].end());
            QVERIFY(std::abs(most - drawn->rows[i].core) < 1e-4);
        }
        // Given up when asked.
        options.cancelled = [] { return true; };
        QVERIFY(!runMould(b, m, 38.0, TraceStage::Light, options));
        QVERIFY(!mouldBand(b, m, 38.0, TraceStage::Light, options));
    }

    void moulds()
    {
        std::mt19937 draw(77);
        const auto in = [&](double low, double high) {
            return std::uniform_real_distribution<>(low, high)(draw);
        };
        MouldOptions options;
        options.hours = 24.0;
        options.across = 10;
        options.up = 20;
        for (int i = 0; i < 14; ++i) {
            const Batter b = loafBatter(in(300, 2500));
            MouldSetup m = loaf(b, static_cast<MouldCover>(draw() % 4));
            m.width = in(0.05, 0.12);
            m.height = in(0.03, 0.1);
            m.length = b.cubicMetres() / m.width / m.height;
            const double poured = in(25, 50);
            const auto base = runMould(b, m, poured, TraceStage::Light, options);
            QVERIFY(std::abs(base->imbalance) < 1e-3);
            QVERIFY(base->rows.back().saponified <= 1.0);
            MouldOptions faster = options;
            faster.knobs.rate = 1.3;
            MouldOptions tighter = options;
            tighter.knobs.loss = 0.8;
            MouldSetup warmer = m;
            warmer.room += 5.0;
            const auto quick = runMould(b, m, poured, TraceStage::Light, faster);
            QVERIFY(quick->peak >= base->peak - 0.05);
            if (base->gelStart)
                QVERIFY(quick->gelStart && *quick->gelStart <= *base->gelStart + 60.0);
            QVERIFY(runMould(b, m, poured, TraceStage::Light, tighter)->peak >= base->peak - 0.05);
            QVERIFY(runMould(b, warmer, poured, TraceStage::Light, options)->peak >=
                    base->peak - 0.05);
            QVERIFY(runMould(b, m, poured + 4.0, TraceStage::Light, options)->peak >=
                    base->peak - 0.05);
        }
    }

    void jugs()
    {
        std::mt19937 draw(20011);
        for (int i = 0; i < 300; ++i) {
            const Jug jug = randomJug(draw);
            QVERIFY(!faultOf(jug));
            const Adiabatic base = allAtOnce(jug);
            QVERIFY(std::isfinite(base.celsius) && base.celsius > -40.0 && base.celsius < 200.0);
            // More of it frozen never makes it hotter.
            const Adiabatic colder = allAtOnce(withFrozen(jug, 0, jug.liquids[0].grams * 0.3));
            QVERIFY(colder.celsius <= base.celsius + 1e-9);
            Jug twice = jug;
            for (JugLiquid& q : twice.liquids)
                q.grams *= 2.0;
            twice.sodiumGrams *= 2.0;
            twice.potassiumGrams *= 2.0;
            twice.vesselGrams *= 2.0;
            const Adiabatic scaled = allAtOnce(twice);
            QVERIFY(std::abs(scaled.celsius - base.celsius) < 1e-5);
            QVERIFY(std::abs(scaled.iceGrams - 2.0 * base.iceGrams) < 1e-3);
            if (i % 10 == 0) {
                JugRunOptions options;
                options.hours = 0.5;
                JugRunOptions fine = options;
                fine.step = 1.0;
                QVERIFY(std::abs(runJug(jug, fine).peak - runJug(jug, options).peak) < 0.15);
                const JugForecast told = forecastJug(jug);
                QVERIFY(told.peak.low() < told.peak.typical());
                QVERIFY(told.peak.high() > told.peak.typical());
                QVERIFY(told.peak.typical() >= base.celsius - 1e-9);
            }
        }
    }

    // 99 g of hydroxide in 200 g of water gives about 45 kJ a mol: 25 C and 110 kJ into some
    // 1.15 kJ/K. An ordinary jug a third strong: 80 to 95 C is common practice, no source.
    void anOrdinaryJug()
    {
        Jug jug;
        jug.liquids = {JugLiquid{200.0, 20.0}};
        jug.sodiumGrams = 100.0;
        const JugForecast f = forecastJug(jug);
        QVERIFY(f.peak.typical() > 80.0 && f.peak.typical() < 95.0);
        // The least that keeps the landing place under 95 a minute apart.
        jug.pauseSeconds = 60.0;
        QCOMPARE(portionsNeeded(jug, 95.0), std::optional(12));
        // The sum that is shown comes out: heat over what takes it up, from the start.
        const JugBalance& b = f.balance;
        QVERIFY(std::abs(b.start + b.dissolving / b.capacity - b.end) < 2.0);
        QVERIFY(std::abs(b.end - f.atOnce.celsius) < 1e-9);
        QVERIFY(b.dissolving / b.mol > 35000.0 && b.dissolving / b.mol < 45000.0);
        Jug icy = jug;
        icy.liquids = {JugLiquid{100.0, 20.0}, JugLiquid{100.0, -18.0, true}};
        const JugBalance cold = balanceOf(icy);
        QVERIFY(cold.melting > 1000.0 && cold.iceMelted <= 100.0 && cold.iceLeft == 0.0);
        // A bought lye enters dissolved: only its thinning is felt.
        Jug ready;
        ready.liquids = {JugLiquid{100.0, 20.0}};
        ready.readySodium = 100.0;
        ready.readyWater = 100.0;
        const double thinned = allAtOnce(ready).celsius;
        QVERIFY(thinned > 30.0 && thinned < 60.0);
        // The heat is that of thinning: its moles, from 1:1 to 2:1.
        const double expected = thinningHeat(100.0 / molarMassSodiumHydroxide, 0.0, 100.0, 200.0);
        const double capacity = 300.0 * lyeCpSodium(1.0 / 3.0) + 150.0 * 1.9;
        QVERIFY(std::abs(thinned - (20.0 + expected / capacity)) < 1.5);
    }

    void milkNeedsGramsPortionsAndPause()
    {
        Jug jug;
        JugLiquid milk;
        milk.grams = 230.0;
        milk.celsius = 4.0;
        milk.water = 0.872;
        milk.fat = 0.041;
        milk.reducingSugar = 0.045;
        milk.protein = 0.034;
        milk.milk = true;
        jug.liquids = {milk};
        jug.sodiumGrams = 100.0;
        const auto plan = freezingPlan(jug, 0, 35.0);
        QVERIFY(plan);
        QVERIFY(std::abs(plan->frozenGrams - 219.0) <= 5.0);
        QVERIFY(std::abs(plan->portions - 10) <= 1);
        // The plan holds when it is run.
        Jug planned = withFrozen(jug, 0, plan->frozenGrams);
        planned.portions = plan->portions;
        planned.pauseSeconds = plan->pauseSeconds;
        const JugRun run = runJug(planned);
        QVERIFY(run.local <= 35.0 && run.peak <= 35.0);
        QVERIFY(!freezingPlan(jug, 0, -30.0));
        QVERIFY(jug.scorches() && !jug.liquids[0].puree);
        QCOMPARE(jug.milkGrams(), 230.0);
    }

    // Freezing points of salt water and of spirits, CRC Handbook, from memory: 5 % sodium chloride
    // -3.05 C, 10 % ethanol -4.5 C.
    void freezingPoints()
    {
        JugLiquid brine{100.0, -18.0, true, 0.95};
        brine.salt = 0.05;
        QVERIFY(std::abs(brine.freezingPoint() + 3.05) < 0.4);
        JugLiquid wine{100.0, -18.0, true, 0.90};
        wine.alcohol = 0.10;
        QVERIFY(std::abs(wine.freezingPoint() + 4.5) < 0.3);
        QVERIFY(wine.iceGrams() < brine.iceGrams());
        QCOMPARE((JugLiquid{100.0, 5.0, true}).iceGrams(), 0.0);
        QCOMPARE((JugLiquid{100.0, -18.0, false}).iceGrams(), 0.0);
        QVERIFY(std::abs((JugLiquid{100.0, -18.0, true}).iceGrams() - 100.0) < 1e-9);
    }

    void readingsOfACurveReturnIt()
    {
        const double rate = 1.5e-4;
        std::vector<Reading> readings;
        for (const double t : {0.0, 600.0, 1500.0, 3000.0, 6000.0})
            readings.push_back({t, 20.0 + 55.0 * std::exp(-rate * t)});
        CoolingPrior prior;
        prior.rate = 1e-4;
        prior.rateLnSd = 5.0;
        const auto curve = std::get<Cooling>(fitCooling(readings, prior));
        QVERIFY(std::abs(curve.rate() / rate - 1.0) < 1e-3);
        QVERIFY(std::abs(curve.room() - 20.0) < 0.1);
        QVERIFY(std::abs(*curve.when(40.0) - std::log(55.0 / 20.0) / rate) < 20.0);
        QVERIFY(!curve.when(15.0));
        QVERIFY(curve.sdAt(0.0) < 0.6 && curve.sdAt(0.0) > 0.1);
        // What is learnt from a jug: nothing where it hardly rises, half way to a reading.
        QCOMPARE(learnJug(20.0, 21.0, 20.5).times, 1.0);
        QCOMPARE(learnJug(20.0, 40.0, 21.0).times, 1.0);
        QVERIFY(learnJug(20.0, 40.0, 21.02).times > 1.0);
        const JugLearnt learnt = learnJug(20.0, 80.0, 85.0);
        QVERIFY(learnt.times < 1.0 && learnt.times > 60.0 / 65.0);
        const Learnt two = together({0.1, 0.2});
        QCOMPARE(two.ln, 0.15);
        QCOMPARE(two.sd, 0.25);
        QCOMPARE(two.batches, 2);
    }

    void advicePutThroughTheMeeting()
    {
        CoolingPrior prior;
        prior.room = 21.0;
        prior.roomSd = 0.5;
        prior.rate = vesselRate(420.0, 3.45);
        const auto jug = std::get<Cooling>(fitCooling({{0.0, 70.0}}, prior));
        prior.rate = vesselRate(900.0, 2.0);
        const auto pot = std::get<Cooling>(fitCooling({{0.0, 50.0}}, prior));
        Window window{30.0, 40.0, 6.0, {}, {}};
        Vessels vessels{420.0, 3.45, VesselStuff::Polypropylene, 900.0, 2.0, VesselStuff::Steel};
        const auto advice = adviceFor(jug, pot, window, vessels);
        QVERIFY(advice && advice->jugIsLater && !advice->bathCracks);
        QVERIFY(advice->then);
        vessels.jug = VesselStuff::Glass;
        QVERIFY(adviceFor(jug, pot, window, vessels)->bathCracks);
        // Both too cold: never a negative bath.
        const auto cold = std::get<Cooling>(fitCooling({{0.0, 22.0}}, prior));
        const auto both = adviceFor(cold, cold, window, vessels);
        QVERIFY(both && both->bothTooCold);
        QCOMPARE(both->chill.seconds, 0.0);
        QVERIFY(both->warmOtherBy > 0.0);
    }

    void gelIsNeverPromised()
    {
        const Batter b = loafBatter();
        MouldOptions options;
        options.across = 10;
        options.up = 20;
        const auto towel =
            mouldBand(b, loaf(b, MouldCover::Towel), 38.0, TraceStage::Light, options);
        QVERIFY(towel->gelLikely() == MouldBand::Likely::Yes);
        QVERIFY(towel->peak().low() < towel->peak().typical());
        const auto fridge =
            mouldBand(b, loaf(b, MouldCover::Fridge), 30.0, TraceStage::Light, options);
        QVERIFY(fridge->gelLikely() == MouldBand::Likely::No);
        const auto open = mouldBand(b, loaf(b, MouldCover::Open), 38.0, TraceStage::Light, options);
        QVERIFY(open->gelLikely() == MouldBand::Likely::May);
    }

    void joiningHasABand()
    {
        Combining c;
        c.pot = {900.0, 2.0, 44.0};
        c.jug = {420.0, 3.46, 40.0};
        c.mol = 3.2;
        const auto plain = std::get<Combined>(combine(c));
        QVERIFY(std::abs((44.0 * plain.potCapacity + 40.0 * plain.jugCapacity) /
                             (plain.potCapacity + plain.jugCapacity) -
                         plain.joined) < 1e-9);
        QVERIFY(
            std::abs(plain.joined +
                     (plain.blending + plain.reacting) / (plain.potCapacity + plain.jugCapacity) -
                     plain.atTrace.typical()) < 1e-9);
        QVERIFY(plain.atTrace.low() < plain.atTrace.typical());
        // Five in a hundred of stearic acid warm it by about 2.5 C at once (common practice).
        c.fattyAcidMol = 45.0 / 270.0;
        const double more = std::get<Combined>(combine(c)).atTrace.typical();
        QVERIFY(std::abs(more - plain.atTrace.typical() - 2.5) < 0.5);
        c.thinning = 37000.0;
        QVERIFY(std::get<Combined>(combine(c)).joined > plain.joined + 10.0);
        c.pot.grams = 0.0;
        QVERIFY(std::holds_alternative<Cannot>(combine(c)));
    }

    void aCookCoolsDown()
    {
        const Batter b = loafBatter();
        Cooker cooker;
        const CookRun run = runCook(b, cooker, 45.0, 90.0);
        const auto cooled = cooledTo(run, b, cooker, 60.0);
        QVERIFY(cooled && *cooled > 600.0);
        QVERIFY(!cooledTo(run, b, cooker, 15.0));
        QCOMPARE(cooledTo(run, b, cooker, 99.0), std::optional(0.0));
        QCOMPARE(cookTimeBand(100.0).high(), 170.0);
        QCOMPARE(cookWaterBand(100.0).low(), 50.0);
        QCOMPARE(run.curve.size(), std::size_t(91));
        QVERIFY(std::abs(secondsToPut(6000.0, 100.0) - 100.0) < 1e-9);
    }

    void refusals_data()
    {
        QTest::addColumn<CannotCode>("code");
        QTest::addColumn<std::optional<Cannot>>("fault");
        Jug good;
        good.liquids = {JugLiquid{200.0, 20.0}};
        good.sodiumGrams = 100.0;
        const auto jug = [&](const char* name, CannotCode code, auto change) {
            Jug bad = good;
            change(bad);
            QTest::newRow(name) << code << faultOf(bad);
        };
        jug("no water", CannotCode::NoWaterInJug, [](Jug& j) { j.liquids[0].water = 0.0; });
        jug("no hydroxide", CannotCode::NoHydroxide, [](Jug& j) { j.sodiumGrams = 0.0; });
        jug("too hot", CannotCode::OutOfRange, [](Jug& j) { j.liquids[0].celsius = 151.0; });
        jug("no number", CannotCode::BadMass, [](Jug& j) { j.liquids[0].grams = NAN; });
        jug("a share above one", CannotCode::OutOfRange, [](Jug& j) { j.liquids[0].fat = 1.5; });
        jug("below nothing", CannotCode::BadMass, [](Jug& j) { j.sodiumGrams = -1.0; });
        jug("vessel below nothing", CannotCode::Negative, [](Jug& j) { j.vesselGrams = -1.0; });
        jug("no portion", CannotCode::OutOfRange, [](Jug& j) { j.portions = 0; });
        jug("endless pause", CannotCode::OutOfRange, [](Jug& j) { j.pauseSeconds = 1e9; });
        const Batter b = loafBatter();
        const auto batter = [&](const char* name, CannotCode code, auto change) {
            Batter bad = b;
            change(bad);
            QTest::newRow(name) << code << faultOf(bad);
        };
        batter("no oils", CannotCode::NoOils, [](Batter& x) { x.oils = 0.0; });
        batter("no lye", CannotCode::NoHydroxide, [](Batter& x) { x.naoh = 0.0; });
        batter("a crumb", CannotCode::OutOfRange, [](Batter& x) { x = x.scaledTo(4.0); });
        batter("a lorry", CannotCode::OutOfRange, [](Batter& x) { x = x.scaledTo(61000.0); });
        const auto mould = [&](const char* name, CannotCode code, auto change) {
            MouldSetup bad = loaf(b, MouldCover::Towel);
            change(bad);
            QTest::newRow(name) << code << faultOf(bad);
        };
        mould("no width", CannotCode::OutOfRange, [](MouldSetup& m) { m.width = 0.001; });
        mould("a hall", CannotCode::OutOfRange, [](MouldSetup& m) { m.height = 2.0; });
        mould("no cover", CannotCode::LateFirstCover, [](MouldSetup& m) { m.covers.clear(); });
        mould("late cover", CannotCode::LateFirstCover,
              [](MouldSetup& m) { m.covers[0].fromHour = 1.0; });
        mould("hot room", CannotCode::OutOfRange, [](MouldSetup& m) { m.room = 400.0; });
        Pot pot;
        QTest::newRow("empty pot") << CannotCode::NoOils << faultOf(pot);
        Cooker cooker;
        cooker.openShare = 2.0;
        QTest::newRow("lid") << CannotCode::OutOfRange << faultOf(cooker);
        const auto readings = [&](const char* name, CannotCode code,
                                  const std::vector<Reading>& all) {
            const auto fit = fitCooling(all, {});
            const Cannot* cannot = std::get_if<Cannot>(&fit);
            QTest::newRow(name) << code << (cannot ? std::optional(*cannot) : std::nullopt);
        };
        readings("no reading", CannotCode::TooFewReadings, {});
        readings("backwards", CannotCode::ReadingsOutOfOrder, {{600.0, 50.0}, {0.0, 40.0}});
        readings("not a temperature", CannotCode::OutOfRange, {{0.0, NAN}});
        const auto learnt = fitMould(b, loaf(b, MouldCover::Towel), 38.0, TraceStage::Light, {});
        QTest::newRow("nothing learnt")
            << CannotCode::TooFewReadings << std::optional(std::get<Cannot>(learnt));
    }
    void refusals()
    {
        QFETCH(CannotCode, code);
        QFETCH(std::optional<Cannot>, fault);
        QVERIFY(fault);
        QCOMPARE(fault->code, code);
    }

    void codesGoThereAndBack()
    {
        for (std::size_t i = 0; i < countOf<MouldWall>(); ++i)
            QCOMPARE(mouldWallFromCode(codeOf(static_cast<MouldWall>(i))),
                     std::optional(static_cast<MouldWall>(i)));
        for (std::size_t i = 0; i < countOf<MouldCover>(); ++i)
            QCOMPARE(mouldCoverFromCode(codeOf(static_cast<MouldCover>(i))),
                     std::optional(static_cast<MouldCover>(i)));
        for (std::size_t i = 0; i < countOf<VesselStuff>(); ++i)
            QCOMPARE(vesselStuffFromCode(codeOf(static_cast<VesselStuff>(i))),
                     std::optional(static_cast<VesselStuff>(i)));
        for (std::size_t i = 0; i < countOf<FatClass>(); ++i)
            QCOMPARE(fatClassFromCode(codeOf(static_cast<FatClass>(i))),
                     std::optional(static_cast<FatClass>(i)));
        QVERIFY(!mouldWallFromCode("gold") && !mouldCoverFromCode("") && !traceStageFromCode("x"));
    }
};

QTEST_APPLESS_MAIN(TstHeatLaws)
#include "tst_heat_laws.moc"
