// Turning a number of the formula until a number of its reckoning is as wanted.
#include <QTest>

#include "core/seek/seek.h"
#include "support/make.h"

using namespace rhexion;
using namespace rhexion::test;
using seek::Outcome;

namespace {

// 1000 g of one oil of SV 190, all else water.
Formula plain()
{
    Formula f;
    f.lye.sodium = sodiumHydroxide();
    f.lye.superfat = 0.05;
    add(f, oil("oil", 190.0), grams(1000));
    auto water = material("water", MaterialKind::Liquid);
    water->part(Part::Water) = figure(1.0);
    add(f, water, rest, Vessel::LyeJug);
    return f;
}

Formula locked()
{
    Formula f = plain();
    f.lines[0].locked = true;
    return f;
}

double sodiumOf(const Reckoning& r)
{
    return r.sodium.weighedGrams;
}

// mol of KOH that saponify 1 g, and g of NaOH for it: SV / 56.105 / 1000 * 39.997.
constexpr double lyePerGram = 190.0 / 1000.0 / 56.1056 * 39.9971;

} // namespace

class TestSeek : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void outcomes_data()
    {
        QTest::addColumn<Formula>("formula");
        QTest::addColumn<bool>("scale");
        QTest::addColumn<double>("wanted");
        QTest::addColumn<int>("outcome");
        QTest::addColumn<double>("at");
        // Lye is what the oils take but for the superfat: 1 - wanted / all of it.
        QTest::newRow("superfat for 120 g of lye")
            << plain() << false << 120.0 << int(Outcome::Found)
            << 1.0 - 120.0 / (1000 * lyePerGram);
        QTest::newRow("superfat below 0, for more lye than they take")
            << plain() << false << 150.0 << int(Outcome::Found)
            << 1.0 - 150.0 / (1000 * lyePerGram);
        QTest::newRow("where it stands")
            << plain() << false << 0.95 * 1000 * lyePerGram << int(Outcome::Found) << 0.05;
        QTest::newRow("more than any superfat gives")
            << plain() << false << 500.0 << int(Outcome::NotReached) << -0.5;
        QTest::newRow("scaled to 200 g of lye")
            << plain() << true << 200.0 << int(Outcome::Found) << 200.0 / (950 * lyePerGram);
        QTest::newRow("scaled to a crumb")
            << plain() << true << 1.0 << int(Outcome::Found) << 1.0 / (950 * lyePerGram);
        QTest::newRow("nothing to scale")
            << locked() << true << 200.0 << int(Outcome::Outside) << 0.0;
        QTest::newRow("no number")
            << plain() << true << std::nan("") << int(Outcome::Outside) << 0.0;
        QTest::newRow("no formula") << Formula() << true << 1.0 << int(Outcome::Outside) << 0.0;
    }
    void outcomes()
    {
        QFETCH(Formula, formula);
        QFETCH(bool, scale);
        QFETCH(double, wanted);
        QFETCH(int, outcome);
        QFETCH(double, at);
        const seek::Knob knob = scale ? seek::scaleKnob() : seek::superfatKnob(formula);
        const seek::Sought sought = seek::seek(formula, knob, sodiumOf, wanted);
        QCOMPARE(int(sought.outcome), outcome);
        if (sought.outcome == Outcome::Found)
            QVERIFY2(std::abs(sought.value - wanted) < 1e-6,
                     qPrintable(QString::number(sought.value)));
        QVERIFY2(std::abs(sought.at - at) < 2e-5 * std::max(1.0, std::abs(at)),
                 qPrintable(QString::number(sought.at, 'g', 10)));
    }

    // What comes nearest is the least miss, whatever lies on the way: here a dip below what is
    // asked.
    void nearestOnTheWay()
    {
        const auto dip = [](const Reckoning& r) {
            const double x = r.superfatTrue.value_or(0.0) - 0.2;
            return std::optional(3.0 + 50.0 * x * x);
        };
        const seek::Sought sought = seek::seek(plain(), seek::superfatKnob(plain()), dip, 2.0);
        QCOMPARE(int(sought.outcome), int(Outcome::NotReached));
        QVERIFY2(sought.value >= 3.0 && sought.value < 3.1,
                 qPrintable(QString::number(sought.value)));
    }

    // A gauge that is not there in any formula of the range is outside, not 0.
    void absentGauge()
    {
        const seek::Sought sought = seek::seek(
            plain(), seek::scaleKnob(), [](const Reckoning&) { return std::optional<double>(); },
            1.0);
        QCOMPARE(int(sought.outcome), int(Outcome::Outside));
    }
};

Q_DECLARE_METATYPE(rhexion::Formula)
QTEST_GUILESS_MAIN(TestSeek)
#include "tst_seek.moc"
