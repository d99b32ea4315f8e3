// The drawn doubt against an independent run, the exact corners, and the laws of one draw per jar.
#include <QTest>

#include "core/account/doubt.h"
#include "core/advice/cautions.h"
#include "core/advice/reckon.h"
#include "core/materials/figures.h"
#include "support/make.h"
#include "support/random_formula.h"

#include <algorithm>
#include <cmath>

using namespace rhexion;
using namespace rhexion::test;

namespace {

Figure unsure(double low, double typical, double high)
{
    return {*Interval::of(low, typical, high), "test"};
}

Formula unsureOils()
{
    Formula f = twoOils();
    for (Line& line : f.lines) {
        auto m = std::make_shared<Material>(*line.material);
        m->sv = unsure(m->sv->range.typical() * 0.97, m->sv->range.typical(),
                       m->sv->range.typical() * 1.02);
        line.material = m;
    }
    auto juice = material("juice", MaterialKind::Produce);
    juice->part(Part::Water) = unsure(0.8, 0.88, 0.9);
    juice->titratable = unsure(0, 4, 20);
    add(f, juice, grams(80), Vessel::Trace);
    auto naoh = material("NaOH", MaterialKind::SodiumHydroxide);
    naoh->part(Part::SodiumHydroxide) = unsure(0.96, 0.98, 0.99);
    naoh->part(Part::Water) = unsure(0.01, 0.02, 0.04);
    f.lye.sodium = naoh;
    add(f, plainWater(), rest, Vessel::LyeJug);
    return f;
}

Doubt drawn(const Formula& f, std::uint64_t seed = 1, int draws = 20000)
{
    return *doubtOf(f, std::get<Reckoning>(reckon(f)), {draws, seed});
}

bool same(const Doubt& a, const Doubt& b, double within = 1e-12)
{
    const auto near = [&](const Spread& x, const Spread& y) {
        return std::abs(x.low - y.low) <= within && std::abs(x.median - y.median) <= within &&
               std::abs(x.high - y.high) <= within;
    };
    return near(a.superfat, b.superfat) && near(a.strength, b.strength) &&
           std::abs(a.chanceOfExcess - b.chanceOfExcess) <= within;
}

} // namespace

class TestDoubt : public QObject {
    Q_OBJECT
private Q_SLOTS:
    // A single triangular purity: superfat is linear in it, so the triangle's own quantiles hold.
    void oneTriangle()
    {
        Formula f = twoOils();
        auto naoh = material("NaOH", MaterialKind::SodiumHydroxide);
        naoh->part(Part::SodiumHydroxide) = unsure(0.90, 0.96, 1.00);
        naoh->part(Part::Water) = figure(0.04);
        f.lye.sodium = naoh;
        add(f, plainWater(), rest, Vessel::LyeJug);
        const Doubt d = drawn(f, 3, 200000);
        // Quantile p of the triangle: below the mode low + sqrt(p w (m - l)), above by symmetry.
        const double upper = 1.0 - std::sqrt(0.05 * 0.10 * 0.04); // 95 % of purity
        const double lower = 0.90 + std::sqrt(0.05 * 0.10 * 0.06);
        const double supplied = 0.95 / 0.96;
        QVERIFY(std::abs(d.superfat.low - (1 - supplied * upper)) < 5e-4);
        QVERIFY(std::abs(d.superfat.high - (1 - supplied * lower)) < 5e-4);
        QCOMPARE(d.causes.size(), std::size_t(1));
        QCOMPARE(d.causes[0].code, std::string("sodium-hydroxide"));
        QCOMPARE(d.causes[0].share, 1.0);
        double sum = 0.0;
        for (const double part : d.histogram)
            sum += part;
        QVERIFY(std::abs(sum - 1.0) < 1e-9);
    }

    void oneDrawPerJar()
    {
        const Formula f = unsureOils();
        const Doubt d = drawn(f);
        QVERIFY(same(d, drawn(f))); // the same seed, the same picture
        QVERIFY(!same(d, drawn(f, 2)));
        QVERIFY(same(d, drawn(f, 2), 6e-3)); // another seed, nearly the same answer
        Formula turned = f;
        std::ranges::reverse(turned.lines);
        QVERIFY(same(d, drawn(turned), 1e-9));
        Formula split = f;
        split.lines[0].amount = grams(300);
        Line other = split.lines[0];
        other.id = split.newId();
        other.amount = grams(400);
        other.vessel = Vessel::Trace;
        other.material = std::make_shared<Material>(*other.material); // another object, one jar
        split.lines.push_back(other);
        QVERIFY(same(d, drawn(split), 1e-9));
        // Another jar of the same oil is another draw, and two jars spread less than one.
        Formula jars = split;
        auto second = std::make_shared<Material>(*other.material);
        second->lot = {"2", "the other can"};
        jars.lines.back().material = second;
        const Doubt apart = drawn(jars);
        QVERIFY(apart.superfat.high - apart.superfat.low < d.superfat.high - d.superfat.low);
    }

    void sureIsSure()
    {
        Formula f = twoOils();
        add(f, plainWater(), rest, Vessel::LyeJug);
        const Doubt d = drawn(f);
        QVERIFY(std::abs(d.superfat.low - 0.05) < 1e-12 &&
                std::abs(d.superfat.high - 0.05) < 1e-12);
        QVERIFY(std::abs(d.strength.median - 1.0 / 3.0) < 1e-9);
        QCOMPARE(d.chanceOfExcess, 0.0);
        QVERIFY(d.causes.empty());
    }

    // No draw passes the exact corners, for random formulas with every feature on.
    void withinTheCorners()
    {
        RandomFormulas random(77);
        int checked = 0;
        for (int i = 0; i < 300; ++i) {
            Formula f = random.next(i % 2 == 0);
            for (Line& line : f.lines) {
                auto m = std::make_shared<Material>(*line.material);
                for (const FigureKind& kind : figureKinds())
                    if (const Figure* was = findFigure(*m, kind.code))
                        setFigure(*m, kind.code,
                                  unsure(was->range.typical() * random.between(0.9, 1.0),
                                         was->range.typical(),
                                         was->range.typical() * random.between(1.0, 1.05)));
                line.material = m;
            }
            const ReckonResult result = reckon(f);
            const auto* r = std::get_if<Reckoning>(&result);
            const auto d = r ? doubtOf(f, *r, {400, std::uint64_t(i)}) : std::nullopt;
            if (!d)
                continue;
            ++checked;
            QVERIFY(d->superfat.low >= r->superfatTrueLow.value() - 1e-9);
            QVERIFY(d->superfat.high <= r->superfatTrueHigh.value() + 1e-9);
            QVERIFY(d->histogramLow >= r->superfatTrueLow.value() - 1e-9);
            QVERIFY(d->strength.low > 0.0 && d->strength.high < 1.0);
            double causes = 0.0;
            for (const Cause& cause : d->causes)
                causes += cause.share;
            QVERIFY(causes <= 1.0 + 1e-9);
        }
        QVERIFY(checked > 150);
    }

    void causesAreRight()
    {
        Formula f = unsureOils();
        const Doubt d = drawn(f);
        QVERIFY(d.causes.size() >= 3);
        QCOMPARE(d.causes[0].material->name, std::string("oil 190")); // 700 g of the doubt
        QCOMPARE(d.causes[0].code, std::string("sv"));
        // With that one sure the spread shrinks by about its share of the variance.
        auto sure = std::make_shared<Material>(*f.lines[0].material);
        sure->sv = figure(190);
        f.lines[0].material = sure;
        const Doubt less = drawn(f);
        const double before = d.superfat.high - d.superfat.low;
        const double after = less.superfat.high - less.superfat.low;
        QVERIFY(std::abs(after / before - std::sqrt(1 - d.causes[0].share)) < 0.06);
    }

    void excessIsSaidAndMended()
    {
        Formula f = unsureOils();
        f.lye.superfat = 0.0;
        const auto r = std::get<Reckoning>(reckon(f));
        const Doubt d = drawn(f);
        QVERIFY(d.chanceOfExcess > 0.05);
        const auto caution = cautionOf(f, r, d);
        QVERIFY(caution && caution->code == CautionCode::ChanceOfLyeExcess && caution->mend);
        QVERIFY(rhexion::apply(f, *caution->mend));
        const Doubt mended = drawn(f);
        QVERIFY2(mended.chanceOfExcess < 0.015, qPrintable(QString::number(mended.chanceOfExcess)));
        f.lye.superfat = 0.08;
        QVERIFY(!cautionOf(f, std::get<Reckoning>(reckon(f)), drawn(f)));
    }

    // The drawn figure reaches from the least to the greatest draw and holds them all.
    void histogramHoldsAll()
    {
        const Doubt d = drawn(unsureOils());
        double sum = 0.0;
        for (const double bin : d.histogram)
            sum += bin;
        QVERIFY(std::abs(sum - 1.0) < 1e-9);
        QVERIFY(d.histogram.front() > 0.0 && d.histogram.back() > 0.0);
        const double high =
            d.histogramLow + d.histogramWidth * static_cast<double>(d.histogram.size());
        QVERIFY(d.histogramLow < d.superfat.low && high > d.superfat.high);
    }

    void isCancelled()
    {
        const Formula f = unsureOils();
        int asked = 0;
        QVERIFY(
            !doubtOf(f, std::get<Reckoning>(reckon(f)), {100000, 1}, [&] { return ++asked == 3; }));
        QCOMPARE(asked, 3);
    }
};

QTEST_APPLESS_MAIN(TestDoubt)
#include "tst_doubt.moc"
