// Both ends of every range a maker can type, just inside and just outside; and lengths of curved
// moulds by Pythagoras.
#include "core/after/free_alkali.h"
#include "core/after/terms.h"
#include "core/formula/heat_plan.h"
#include "core/formula/mould_shape.h"
#include "core/heat/cook.h"
#include "core/heat/mould_run.h"
#include "core/makeday/mishap.h"
#include "core/making/batter_density.h"
#include "core/making/cut_plan.h"
#include "core/units/text.h"
#include "support/rows.h"

#include <QTest>

#include <cmath>
#include <functional>
#include <locale>

using namespace rhexion;
using namespace rhexion::test;

namespace {

struct Field {
    const char* name;
    std::function<void(HeatPlan&, double)> set;
    double least, most, step; // the least step a field has
};

const std::vector<Field>& heatFields()
{
    static const std::vector<Field> fields{
        {"room", [](HeatPlan& p, double v) { p.room = v; }, -10, 50, 0.01},
        {"jug", [](HeatPlan& p, double v) { p.jug.grams = v; }, 0, 50000, 0.01},
        {"pot", [](HeatPlan& p, double v) { p.pot.grams = v; }, 0, 50000, 0.01},
        {"portions", [](HeatPlan& p, double v) { p.portions = int(v); }, 1, 24, 1},
        {"pause", [](HeatPlan& p, double v) { p.pauseMinutes = v; }, 0, 120, 0.01},
        {"liquid", [](HeatPlan& p, double v) { p.liquid = v; }, -10, 100, 0.01},
        {"chilled", [](HeatPlan& p, double v) { p.chilled = v; }, -10, 100, 0.01},
        {"frozen", [](HeatPlan& p, double v) { p.frozen = v; }, -40, 0, 0.01},
        {"melted", [](HeatPlan& p, double v) { p.melted = v; }, 20, 120, 0.01},
        {"pot after", [](HeatPlan& p, double v) { p.potAfterMinutes = v; }, 0, 720, 0.01},
        {"blending", [](HeatPlan& p, double v) { p.blendingSeconds = v; }, 0, 7200, 0.01},
        {"oven off", [](HeatPlan& p, double v) { p.ovenOffHours = v; }, 0, 168, 0.01},
        {"power", [](HeatPlan& p, double v) { p.cook.power = v; }, 0, 20000, 0.01},
        {"setpoint", [](HeatPlan& p, double v) { p.cook.setpoint = v; }, 30, 150, 0.01},
        {"width", [](HeatPlan& p, double v) { p.cook.width = v; }, 3, 150, 0.01},
        {"lid off", [](HeatPlan& p, double v) { p.cook.openShare = v; }, 0, 1, 0.01},
        {"minutes", [](HeatPlan& p, double v) { p.cook.minutes = v; }, 1, 1440, 0.01}};
    return fields;
}

// A figure whose refusal tells two bounds; scale: from what is told to what is set.
struct Told {
    const char* name;
    std::function<std::optional<Cannot>(double)> fault;
    double scale = 1.0;
    bool openBelow = false; // the bound itself is refused
    bool openAbove = false;
};

const std::vector<Told>& toldFields()
{
    using heat::Cooker;
    const auto cooker = [](double Cooker::*field) {
        return [field](double value) {
            Cooker c;
            c.*field = value;
            return heat::faultOf(c);
        };
    };
    const auto mould = [](auto set) {
        return [set](double value) {
            heat::MouldSetup setup;
            setup.covers = {heat::CoverStage{}, heat::CoverStage{}};
            setup.covers[1].fromHour = 1.0;
            set(setup, value);
            return heat::faultOf(setup);
        };
    };
    static const std::vector<Told> all{
        {"power", cooker(&Cooker::power)},
        {"setpoint", cooker(&Cooker::setpoint)},
        {"open pot", cooker(&Cooker::diameter), 0.01},
        {"loss of a cooker", cooker(&Cooker::loss)},
        {"lid off", cooker(&Cooker::openShare)},
        {"room of a cooker", cooker(&Cooker::room)},
        {"room of a mould", mould([](auto& s, double v) { s.room = v; })},
        {"wall of a mould", mould([](auto& s, double v) { s.wallCelsius = v; })},
        {"place of a cover", mould([](auto& s, double v) { s.covers[1].place = v; })},
        {"loss of a mould", mould([](auto& s, double v) { s.lossFactor = v; }), 1.0, true},
        {"acid of a test",
         [](double v) {
             return whyNot(freeCaustic({1.0, 0.0, v, 10.0}));
         },
         1.0, true},
        {"sample of a test",
         [](double v) {
             return whyNot(freeCaustic({1.0, 0.0, 0.1, v}));
         },
         1.0, true, true},
        {"caustic to mend",
         [](double v) {
             return whyNot(oilToMend({v, 1000.0, 190.0, 0.05, 1.0}));
         },
         1.0, false, true},
        {"superfat to mend",
         [](double v) {
             return whyNot(oilToMend({0.01, 1000.0, 190.0, v, 1.0}));
         },
         1.0, false, true},
        {"strength of a lye", [](double v) { return whyNot(lyeDensity(v, 0.0, 20.0)); }},
        {"potassium share", [](double v) { return whyNot(lyeDensity(0.3, v, 20.0)); }},
        {"warmth of a lye", [](double v) { return whyNot(lyeDensity(0.3, 0.0, v)); }}};
    return all;
}

} // namespace

class TestEdges : public QObject {
    Q_OBJECT
private Q_SLOTS:
    // The same letters and digits as the standard library's in its own locale, and no others.
    void letters()
    {
        for (int i = 0; i < 256; ++i) {
            const auto c = static_cast<unsigned char>(i);
            QCOMPARE(ascii::isAlpha(c), std::isalpha(static_cast<char>(i), std::locale::classic()));
            QCOMPARE(ascii::isDigit(c), std::isdigit(static_cast<char>(i), std::locale::classic()));
            QCOMPARE(ascii::isAlnum(c), std::isalnum(static_cast<char>(i), std::locale::classic()));
            QCOMPARE(static_cast<char>(ascii::lower(c)),
                     std::tolower(static_cast<char>(i), std::locale::classic()));
            QCOMPARE(static_cast<char>(ascii::upper(c)),
                     std::toupper(static_cast<char>(i), std::locale::classic()));
        }
    }

    void heatPlan_data()
    {
        eachRow(heatFields(), [](const auto& field) { return field.name; });
    }
    void heatPlan()
    {
        QFETCH(int, at);
        const Field& f = heatFields()[std::size_t(at)];
        const auto isGood = [&](double value) {
            HeatPlan plan;
            f.set(plan, value);
            return !faultOf(plan);
        };
        QVERIFY(isGood(f.least));
        QVERIFY(isGood(f.most));
        QVERIFY(!isGood(f.least - f.step));
        QVERIFY(!isGood(f.most + f.step));
        QVERIFY(!isGood(f.least - 1000.0) && !isGood(f.most + 100000.0));
    }

    // The bounds a refusal tells are those that hold: at them it is accepted, past them told.
    void boundsAsTold_data()
    {
        eachRow(toldFields(), [](const auto& field) { return field.name; });
    }
    void boundsAsTold()
    {
        QFETCH(int, at);
        const Told& f = toldFields()[std::size_t(at)];
        const auto beyond = f.fault(1e9);
        QVERIFY(f.fault(-1e9));
        QVERIFY(beyond && beyond->code == CannotCode::OutOfRange);
        QCOMPARE(beyond->figures.size(), std::size_t(2));
        const double least = beyond->figures[0] * f.scale;
        const double most = beyond->figures[1] * f.scale;
        const double step = (most - least) * 1e-6;
        QVERIFY(step > 0.0);
        QCOMPARE(!f.fault(least), !f.openBelow);
        QCOMPARE(!f.fault(most), !f.openAbove);
        QVERIFY(!f.fault(least + step) && !f.fault(most - step));
        QVERIFY(f.fault(least - step) && f.fault(most + step));
    }

    // A sheet of labels: one row and column at least, none smaller than a centimetre, all on paper.
    void labelSheets()
    {
        const LabelSheet usual;
        QVERIFY(fits(usual));
        const auto isGoodWith = [&](auto LabelSheet::*field, auto value) {
            LabelSheet sheet = usual;
            sheet.columns = sheet.rows = 1;
            sheet.*field = value;
            return fits(sheet);
        };
        QVERIFY(isGoodWith(&LabelSheet::columns, 1) && !isGoodWith(&LabelSheet::columns, 0));
        QVERIFY(isGoodWith(&LabelSheet::rows, 1) && !isGoodWith(&LabelSheet::rows, 0));
        // Three labels of 60 mm with gaps of 3 mm from 10 mm on: 196 mm.
        LabelSheet full = usual;
        full.pageWidth = 196.0;
        full.pageHeight = 12.0 + 3 * 90.0 + 2 * 3.0;
        QVERIFY(fits(full));
        for (double LabelSheet::*page : {&LabelSheet::pageWidth, &LabelSheet::pageHeight}) {
            LabelSheet small = full;
            small.*page -= 0.1;
            QVERIFY(!fits(small));
        }
        for (double LabelSheet::*side : {&LabelSheet::width, &LabelSheet::height})
            QVERIFY(isGoodWith(side, 10.0) && !isGoodWith(side, 9.9) && !isGoodWith(side, 1000.0));
    }

    void endBars()
    {
        for (const double rim : {0.0, 239.0, 240.0, 240.1}) {
            Loaf loaf{240.0, 80.0, 70.0, 0, 0, 0, 0};
            loaf.rimLength = rim;
            loaf.rimWidth = 80.0;
            QCOMPARE(endBarsDiffer(MouldShape(loaf)), rim > 240.0);
        }
    }

    void longestMoulds()
    {
        const auto isGood = [](double length) {
            Slab slab;
            slab.length = length;
            slab.width = 100.0;
            slab.height = 50.0;
            return !faultOf(MouldShape(slab));
        };
        QVERIFY(isGood(longestMould));
        QVERIFY(!isGood(longestMould + 0.01));
        QVERIFY(!isGood(0.0) && !isGood(-1.0));
    }

    void dividers()
    {
        const auto isGood = [](int dividers) {
            Slab slab;
            slab.length = slab.width = 900.0;
            slab.height = 50.0;
            slab.acrossLength = dividers;
            const bool along = !faultOf(MouldShape(slab));
            std::swap(slab.acrossLength, slab.acrossWidth);
            return along == !faultOf(MouldShape(slab)) ? std::optional(along) : std::nullopt;
        };
        QCOMPARE(isGood(mostCavities), std::optional(true));
        QCOMPARE(isGood(mostCavities + 1), std::optional(false));
        QCOMPARE(isGood(-1), std::optional(false));
    }

    void lossOfWarmth()
    {
        const auto isGood = [](double factor) {
            heat::MouldSetup setup;
            setup.covers = {heat::CoverStage{}};
            setup.lossFactor = factor;
            return !heat::faultOf(setup);
        };
        QVERIFY(isGood(0.001) && isGood(1.0) && isGood(10.0));
        QVERIFY(!isGood(0.0) && !isGood(-1.0) && !isGood(10.001));
    }

    // What a teacher's script may ask for (docs/formats: mishaps).
    void mishaps_data()
    {
        QTest::addColumn<int>("kind");
        QTest::addColumn<double>("least");
        QTest::addColumn<double>("usual");
        QTest::addColumn<double>("most");
        using K = MishapKind;
        const auto row = [](const char* name, K kind, double least, double usual, double most) {
            QTest::newRow(name) << int(kind) << least << usual << most;
        };
        row("lye, share over", K::LyeOvershoots, 0.0, 0.06, 2.0);
        row("scale, s", K::ScaleDies, 1.0, 30.0, 3600.0);
        row("phone, s", K::PhoneRings, 1.0, 20.0, 120.0);
        row("milk, C", K::MilkScorches, 50.0, 82.0, 110.0);
        row("scent, s", K::ScentSeizes, 10.0, 45.0, 600.0);
        row("water, g", K::WaterSplash, 1.0, 30.0, 500.0);
    }
    void mishaps()
    {
        QFETCH(int, kind);
        const auto k = static_cast<MishapKind>(kind);
        QTEST(leastFigure(k), "least");
        QTEST(usualFigure(k), "usual");
        QTEST(mostFigure(k), "most");
    }

    void lyeDensities()
    {
        const auto isGood = [](double c, double share, double t) {
            return std::holds_alternative<double>(lyeDensity(c, share, t));
        };
        QVERIFY(isGood(0.0, 0.0, 0.0) && isGood(0.5, 1.0, 90.0));
        for (const double bad : {-0.01, 1.01}) {
            QVERIFY(!isGood(0.3, bad, 20.0));
            QVERIFY(!isGood(bad, 0.0, 20.0));
        }
        QVERIFY(!isGood(0.51, 0.0, 20.0));
        QVERIFY(!isGood(0.3, 0.0, -0.1) && !isGood(0.3, 0.0, 90.1));
    }

    // How long the bottom edge of what lies in a mould is, at a height.
    void widths()
    {
        Loaf loaf{240.0, 80.0, 70.0, 250.0, 90.0, 5.0, 2.0};
        Slab slab;
        slab.length = 400.0;
        slab.width = 300.0;
        slab.height = 40.0;
        const std::pair<MouldShape, std::pair<double, double>> rows[] = {
            {loaf, {236.0, 246.0}},
            {slab, {400.0, 400.0}},
            {Column{70.0, 200.0}, {70.0, 70.0}},
            {FreeShape{500.0}, {0.0, 0.0}}};
        for (const auto& [shape, ends] : rows) {
            QCOMPARE(widthAt(shape, 0.0), ends.first);
            QCOMPARE(widthAt(shape, heightOf(shape)), ends.second);
        }
    }

    // A chord at a height above the lowest point: half of it, the rest of the radius and the radius
    // are a right triangle.
    void chords()
    {
        LyingTube tube;
        tube.diameter = 80.0;
        tube.length = 250.0;
        tube.depth = 80.0;
        Dome dome; // upside down in its cavity, its top at the bottom
        dome.baseRadius = 35.0;
        dome.height = 30.0;
        const double ball =
            (dome.baseRadius * dome.baseRadius + dome.height * dome.height) / (2.0 * dome.height);
        for (const double z : {1.0, 7.0, 15.0, 29.0}) {
            const auto chord = [z](double radius) {
                return 2.0 * std::sqrt(radius * radius - (radius - z) * (radius - z));
            };
            QVERIFY(std::abs(widthAt(MouldShape(tube), z) - chord(40.0)) < 1e-9);
            QVERIFY(std::abs(widthAt(MouldShape(dome), z) - chord(ball)) < 1e-9);
        }
        QVERIFY(std::abs(widthAt(MouldShape(dome), dome.height) - 70.0) < 1e-9);
    }
};

QTEST_APPLESS_MAIN(TestEdges)
#include "tst_edges.moc"
