// From formulas to jugs, pots, batters and moulds; what is found, and its mends; the day's
// readings.
#include "core/advice/reckon.h"
#include "core/batch/heat_log.h"
#include "core/heat/day_heat.h"
#include "core/heat/heat_findings.h"
#include "core/units/enum_count.h"
#include "support/random_formula.h"

#include <QTest>

using namespace rhexion;
using namespace rhexion::heat;
using rhexion::test::add;
using rhexion::test::figure;
using rhexion::test::grams;
using rhexion::test::material;
using rhexion::test::oil;
using rhexion::test::RandomFormulas;
using rhexion::test::rest;

namespace {

using C = CautionCode;

std::shared_ptr<Material> fat(const char* id, double sv,
                              std::initializer_list<std::pair<FattyAcid, double>> acids,
                              double melts)
{
    auto m = material(id, MaterialKind::Fat);
    m->part(Part::Fat) = figure(1.0);
    m->sv = figure(sv);
    m->melting = Figure{*Interval::ofSigned(melts, melts, melts), "test"};
    for (const auto& [acid, share] : acids)
        m->fattyAcids.push_back({acid, figure(share)});
    return m;
}

MaterialPtr olive()
{
    return fat("olive-oil", 190.0,
               {{FattyAcid::Palmitic, .15}, {FattyAcid::Oleic, .73}, {FattyAcid::Linoleic, .12}},
               -3.0);
}
MaterialPtr coconut()
{
    return fat("coconut-oil", 257.0,
               {{FattyAcid::Lauric, .80}, {FattyAcid::Palmitic, .12}, {FattyAcid::Oleic, .08}},
               25.0);
}

// 690 g of oils as in the reference loaf, water as the rest.
Formula loafFormula(double share = 1.0)
{
    Formula f;
    add(f, olive(), grams(430 * share));
    add(f, coconut(), grams(260 * share));
    f.lye.sodium = rhexion::test::sodiumHydroxide(0.99);
    f.lye.potassium = rhexion::test::potassiumHydroxide();
    f.liquid.value = 1.0 / 3.0;
    add(f, plainWater(), rest, Vessel::LyeJug);
    f.moulds.push_back({{"loaf", Loaf{200, 80, 80, 0, 0, 0, 0}, 1}, 0, 1.0});
    return f;
}

MaterialPtr goatMilk()
{
    auto m = material("goat-milk", MaterialKind::Milk);
    m->part(Part::Water) = figure(0.872);
    m->part(Part::Fat) = figure(0.041);
    m->part(Part::ReducingSugar) = figure(0.045);
    m->part(Part::Protein) = figure(0.034);
    m->sv = figure(230);
    return m;
}

Formula milkFormula(bool frozen)
{
    Formula f = loafFormula();
    f.lines.pop_back();
    add(f, goatMilk(), rest, Vessel::LyeJug);
    f.lines.back().frozen = frozen;
    return f;
}

Reckoning reckoned(const Formula& f)
{
    return std::get<Reckoning>(reckon(f));
}

HeatTold told(const Formula& f, const HeatPlan& plan = {})
{
    ForecastOptions coarse;
    coarse.coarse = true;
    return *tellHeat(f, reckoned(f), plan, coarse);
}

const Caution* findingOf(const HeatTold& told, C code)
{
    for (const Caution& c : told.findings)
        if (c.code == code)
            return &c;
    return nullptr;
}

struct FindingRow {
    const char* name;
    Formula formula;
    HeatPlan plan;
    C code;
    int severity; // -1: it does not fire
};

std::vector<FindingRow> findingRows()
{
    std::vector<FindingRow> all;
    const auto row = [&](const char* name, const Formula& f, const HeatPlan& plan, C code,
                         int severity) {
        all.push_back({name, f, plan, code, severity});
    };
    const int no = -1;
    const int note = int(Severity::Note);
    const int care = int(Severity::Care);
    const int danger = int(Severity::Danger);
    HeatPlan atOnce;
    atOnce.portions = 1;
    row("all at once boils where it lands", loafFormula(), atOnce, C::BoilsWhereItLands, note);
    row("portions do not", loafFormula(), {}, C::BoilsWhereItLands, no);
    row("an ordinary jug does not boil", loafFormula(), {}, C::JugBoils, no);
    Formula strong = loafFormula();
    strong.liquid.value = 0.48;
    HeatPlan hotWater = atOnce;
    hotWater.liquid = 60.0;
    row("hot water, strong lye", strong, hotWater, C::JugBoils, care);
    Formula beer = loafFormula();
    beer.lines.pop_back();
    auto ale = material("ale", MaterialKind::Liquid);
    ale->part(Part::Water) = figure(0.92);
    ale->part(Part::Alcohol) = figure(0.04);
    add(beer, ale, rest, Vessel::LyeJug);
    row("beer that was not boiled", beer, atOnce, C::JugBoils, care);
    row("milk from the fridge", milkFormula(false), {}, C::JugScorches, care);
    HeatPlan slowly;
    slowly.portions = 16;
    slowly.pauseMinutes = 3.0;
    Formula weak = milkFormula(true);
    weak.liquid.value = 0.28;
    row("frozen milk, not so slowly", milkFormula(true), {}, C::JugScorches, care);
    row("frozen milk, slowly", weak, slowly, C::JugScorches, no);
    row("water never scorches", loafFormula(), atOnce, C::JugScorches, no);
    HeatPlan glass;
    glass.jug.stuff = VesselStuff::Glass;
    row("a glass jug", loafFormula(), glass, C::VesselShock, danger);
    HeatPlan aluminium;
    aluminium.pot.stuff = VesselStuff::Aluminium;
    row("an aluminium pot", loafFormula(), aluminium, C::AluminiumVessel, danger);
    row("steel and polypropylene", loafFormula(), {}, C::AluminiumVessel, no);
    Formula icy = loafFormula();
    icy.liquid.value = 0.12;
    icy.lines.back().frozen = true;
    row("too much ice", icy, {}, C::IceLeft, care);
    row("water has none", loafFormula(), {}, C::IceLeft, no);
    Formula cold = loafFormula();
    cold.liquid.value = 0.48;
    HeatPlan cellar;
    cellar.room = 8.0;
    row("strong lye in a cellar", cold, cellar, C::CrystalsWhenCool, care);
    row("a third strong in a room", loafFormula(), {}, C::CrystalsWhenCool, no);
    HeatPlan open;
    open.covers = {{MouldCover::Open, 0.0, {}}};
    HeatPlan box;
    box.covers = {{MouldCover::Box, 0.0, {}}};
    HeatPlan fridge;
    fridge.covers = {{MouldCover::Fridge, 0.0, {}}};
    Formula large = loafFormula(2.5);
    large.moulds = {{{"", Loaf{260, 110, 110, 0, 0, 0, 0}, 1}, 0, 1.0}};
    auto honey = material("honey", MaterialKind::Sugar);
    honey->part(Part::Water) = figure(0.17);
    honey->part(Part::ReducingSugar) = figure(0.7);
    Formula sweet = large;
    add(sweet, honey, grams(90), Vessel::Trace);
    HeatPlan warm = box;
    warm.liquid = 30.0;
    row("a large sweet loaf in a box that nobody chose", sweet, warm, C::HotCore, care);
    sweet.heat = warm;
    row("a large sweet loaf in a box", sweet, warm, C::HotCore, danger);
    row("the same in the fridge", loafFormula(), fridge, C::HotCore, no);
    row("a loaf left open", large, open, C::PartialGel, note);
    HeatPlan out = fridge;
    out.covers.push_back({MouldCover::Open, 2.0, {}});
    row("out of the fridge too soon", large, out, C::WakesLater, note);
    row("never in the fridge", large, open, C::WakesLater, no);
    Formula wax = loafFormula();
    auto beeswax = material("beeswax", MaterialKind::Wax);
    beeswax->part(Part::Fat) = figure(1.0);
    beeswax->sv = figure(90.0);
    add(wax, beeswax, grams(40));
    row("wax in a cool pot", wax, {}, C::SetsOut, care);
    row("no wax", loafFormula(), {}, C::SetsOut, no);
    HeatPlan hotFat;
    hotFat.melted = 95.0;
    row("fats at 95", loafFormula(), hotFat, C::PotTooHot, note);
    Formula cooked = loafFormula();
    add(cooked, olive(), grams(40), Vessel::AfterCook);
    HeatPlan lidOff;
    lidOff.cook.openShare = 1.0;
    lidOff.cook.power = 800.0;
    lidOff.cook.setpoint = 98.0;
    row("a cook without a lid", cooked, lidOff, C::DriesInCook, care);
    row("and hot", cooked, lidOff, C::CookRises, care);
    row("a gentle cook", cooked, {}, C::CookRises, no);
    Formula stiff = milkFormula(true);
    stiff.liquid.value = 0.42;
    row("strong lye in frozen milk", stiff, {}, C::CannotStayUnder, care);
    row("weak lye in frozen milk", weak, {}, C::CannotStayUnder, no);
    HeatPlan frost;
    frost.covers = {{MouldCover::Freezer, 0.0, {}}};
    row("a large loaf in the freezer", large, frost, C::WideGap, note);
    row("a loaf under its towel", loafFormula(), {}, C::WideGap, no);
    Formula slow = loafFormula();
    slow.lines.erase(slow.lines.begin() + 1);
    slow.liquid.value = 0.25;
    row("all olive in the fridge", slow, fridge, C::SlowToSet, note);
    row("coconut under a towel", loafFormula(), {}, C::SlowToSet, no);
    row("a lid on it", cooked, {}, C::DriesInCook, no);
    row("fats at 70", loafFormula(), {}, C::PotTooHot, no);
    row("a steel pot and a plastic jug", loafFormula(), {}, C::VesselShock, no);
    row("a ring in a small cool one", loafFormula(), fridge, C::PartialGel, no);
    row("an ordinary pot is melted in time", loafFormula(), {}, C::NeverMeet, no);
    HeatPlan early;
    early.potAfterMinutes = 0.0;
    row("a pot that is melted too soon", loafFormula(), early, C::NeverMeet, note);
    Formula coldJug = milkFormula(true);
    row("a frozen jug never gets to 38", coldJug, slowly, C::NeverMeet, note);
    return all;
}

} // namespace

class TstHeatFormula : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void whatIsInTheJug()
    {
        Formula f = milkFormula(true);
        auto citric = material("citric-acid", MaterialKind::Acid);
        citric->acids = {{Acid::Citric, figure(1.0)}};
        add(f, citric, grams(20), Vessel::LyeJug);
        const Reckoning r = reckoned(f);
        const Jug jug = std::get<Jug>(jugOf(f, r, {}));
        QCOMPARE(jug.liquids.size(), std::size_t(1));
        QVERIFY(jug.liquids[0].milk && jug.liquids[0].frozen);
        QCOMPARE(jug.liquids[0].celsius, -18.0);
        QCOMPARE(jug.liquids[0].grams, r.makeUpGrams);
        QVERIFY(std::abs(jug.acidProtons - 20.0 / 192.12 * 3.0) < 1e-3);
        QVERIFY(std::abs(jug.acidDissolving - 20.0 / 192.12 * dissolvingAcid) < 1e-3);
        QCOMPARE(jug.sodiumGrams, r.sodium.weighedGrams);
        QVERIFY(std::abs(jug.sodiumPurity - 0.99) < 1e-9);
        QCOMPARE(jug.portions, 12);
        QCOMPARE(jugLines(f, r, Vessel::LyeJug), std::vector{f.lines[2].id});
        // A line that holds hydroxide is never to be frozen.
        auto ready = material("lye", MaterialKind::SodiumHydroxide);
        ready->part(Part::SodiumHydroxide) = figure(0.5);
        ready->part(Part::Water) = figure(0.5);
        ready->kind = MaterialKind::Liquid;
        add(f, ready, grams(10), Vessel::LyeJug);
        f.lines.back().frozen = true;
        const auto refused = jugOf(f, reckoned(f), {});
        QCOMPARE(std::get<Cannot>(refused).code, CannotCode::FrozenHydroxide);
        QCOMPARE(std::get<Cannot>(refused).item, std::string("lye"));
    }

    void whatIsPoured()
    {
        const Formula f = loafFormula();
        const Reckoning r = reckoned(f);
        const Batter b = std::get<Batter>(batterOf(f, r));
        QVERIFY(std::abs(b.grams() - r.batterGrams) < 0.01);
        QVERIFY(std::abs(b.oils - 690.0) < 1e-9);
        QVERIFY(std::abs(b.mol - r.hydroxideMol) < 1e-9);
        // Lye that a material holds makes soap too.
        Formula ready = f;
        auto lye = material("ready lye", MaterialKind::Liquid);
        lye->part(Part::SodiumHydroxide) = figure(0.3);
        lye->part(Part::Water) = figure(0.7);
        add(ready, lye, grams(100), Vessel::LyeJug);
        const Reckoning withReady = reckoned(ready);
        QVERIFY(withReady.givenMol > 0.5);
        QVERIFY(std::abs(std::get<Batter>(batterOf(ready, withReady)).mol -
                         withReady.hydroxideMol) < 1e-9);
        const Jug both = std::get<Jug>(jugOf(ready, withReady, {}));
        QVERIFY(std::abs(both.readySodium - 30.0) < 1e-9 &&
                std::abs(both.readyWater - 70.0) < 1e-9);
        // Salt goes in dry, a brine does not.
        Formula salty = f;
        auto salt = material("salt", MaterialKind::Salt);
        salt->part(Part::SodiumChloride) = figure(0.92);
        add(salty, salt, grams(30), Vessel::LyeJug);
        auto brine = material("brine", MaterialKind::Liquid);
        brine->part(Part::SodiumChloride) = figure(0.2);
        brine->part(Part::Water) = figure(0.8);
        add(salty, brine, grams(50), Vessel::LyeJug);
        const Jug withSalt = std::get<Jug>(jugOf(salty, reckoned(salty), {}));
        QCOMPARE(withSalt.salt, 30.0);
        QCOMPARE(withSalt.liquids.size(), std::size_t(2));
        const double coconutShare = 260.0 / 690.0;
        QVERIFY(std::abs(b.shortChain - .80 * coconutShare) < 1e-9);
        QVERIFY(std::abs(b.shortChain + b.saturated + b.oleic + b.poly + b.ricinoleic - 1.0) <
                1e-9);
        QVERIFY(!b.profileUnknown);
        const auto pours = std::get<std::vector<Pour>>(poursOf(f, r, {}));
        QCOMPARE(pours.size(), std::size_t(1));
        // The batter's own volume, as wide as the mould.
        const MouldSetup& m = pours[0].setup;
        QVERIFY(!m.cylinder);
        QVERIFY2(std::abs(m.width - 0.08) < 1e-9, qPrintable(QString::number(m.width)));
        QVERIFY(std::abs(m.width * m.height * m.length - pours[0].batter.cubicMetres()) < 1e-9);
        // Cavities that are alike are one, and warm each other.
        Formula cavities = f;
        cavities.moulds = {{{"domes", Dome{40, 40}, 12}, 0, 1.0}};
        const auto many = std::get<std::vector<Pour>>(poursOf(cavities, r, {}));
        QCOMPARE(many.size(), std::size_t(1));
        QVERIFY(many[0].setup.cylinder && many[0].setup.lossFactor < 1.0);
        QVERIFY(many[0].grams < 200.0);
        // Without a profile it is said, and counts by how it melts.
        Formula unknown = f;
        unknown.lines[0].material = oil("mystery", 190);
        QVERIFY(std::get<Batter>(batterOf(unknown, reckoned(unknown))).profileUnknown);
        // Fatty acid turns to soap at once and gives no ester.
        Formula stearic = f;
        auto acid = material("stearic-acid", MaterialKind::FattyAcid);
        acid->part(Part::Fat) = figure(1.0);
        acid->sv = figure(207.0);
        add(stearic, acid, grams(40));
        const Reckoning with = reckoned(stearic);
        QVERIFY(std::get<Batter>(batterOf(stearic, with)).mol < with.hydroxideMol - 0.1);
        const Pot pot = std::get<Pot>(potOf(stearic, with, {}));
        QCOMPARE(pot.parts[settingOut(pot)->part].fat, FatClass::Stearic);
    }

    // Whatever is asked, the jug holds as much of it as before, and so much of that is frozen.
    void frozenGramsThereAndBack_data()
    {
        QTest::addColumn<Formula>("start");
        QTest::newRow("the rest") << milkFormula(false);
        QTest::newRow("the rest, frozen") << milkFormula(true);
        Formula weighed = loafFormula();
        add(weighed, goatMilk(), grams(150), Vessel::LyeJug);
        QTest::newRow("weighed") << weighed;
    }
    void frozenGramsThereAndBack()
    {
        QFETCH(Formula, start);
        const Formula before = start;
        LineId id = 0;
        for (const Line& line : start.lines)
            if (line.material->id == "goat-milk")
                id = line.id;
        const double all = jugGramsOf(start, reckoned(start), id).all;
        QVERIFY(all > 50.0);
        for (const double wanted : {40.0, 100.0, 0.0, 100.0, all, 30.0, all, 0.0, all - 20.0}) {
            const Reckoning r = reckoned(start);
            std::vector<Edit> back;
            for (const Edit& edit : frozenGramsEdits(start, r, id, wanted, {})) {
                const auto undo = apply(start, edit);
                QVERIFY(undo);
                back.push_back(*undo);
            }
            const JugGrams now = jugGramsOf(start, reckoned(start), id);
            QVERIFY2(std::abs(now.all - all) < 1.5, qPrintable(QString::number(now.all)));
            QVERIFY2(std::abs(now.frozen - wanted) < 1.5, qPrintable(QString::number(now.frozen)));
            // The line it began with may have gone with the last of it.
            if (!start.find(id))
                for (const Line& line : start.lines)
                    if (line.material->id == "goat-milk")
                        id = line.id;
        }
        Formula locked = before;
        for (Line& line : locked.lines)
            line.locked = line.material->id == "goat-milk" && line.amount.unit != AmountUnit::Rest;
        if (locked.find(id) && locked.find(id)->locked)
            QVERIFY(frozenGramsEdits(locked, reckoned(locked), id, 20.0, {}).empty());
    }

    void findings_data()
    {
        QTest::addColumn<Formula>("formula");
        QTest::addColumn<HeatPlan>("plan");
        QTest::addColumn<C>("code");
        QTest::addColumn<int>("severity"); // -1: it does not fire
        for (const FindingRow& row : findingRows())
            QTest::newRow(row.name) << row.formula << row.plan << row.code << row.severity;
    }
    void findings()
    {
        QFETCH(Formula, formula);
        QFETCH(HeatPlan, plan);
        QFETCH(C, code);
        QFETCH(int, severity);
        const HeatTold found = told(formula, plan);
        const Caution* c = findingOf(found, code);
        QVERIFY2((c != nullptr) == (severity >= 0), codeOf(code));
        if (!c)
            return;
        QCOMPARE(int(c->severity), severity);
        // A mend can be made, and what it is about is over or milder then.
        Formula mended = formula;
        mended.heat = plan;
        for (const Edit& edit : c->mends())
            QVERIFY(apply(mended, edit));
        if (c->mends().empty())
            return;
        const HeatTold after = told(mended);
        const Caution* still = findingOf(after, code);
        if (still)
            QVERIFY(still->severity <= c->severity && !still->figures.empty());
        if (code == C::JugScorches || code == C::SetsOut || code == C::BoilsWhereItLands ||
            code == C::HotCore)
            QVERIFY(!still || still->figures[0] < c->figures[0] || still->severity < c->severity);
    }

    // Each finding fires somewhere above, and stays away somewhere.
    void everyFinding()
    {
        const auto rows = findingRows();
        for (auto code = std::size_t(C::BoilsWhereItLands); code < countOf<C>(); ++code)
            for (const bool fires : {true, false})
                QVERIFY2(std::ranges::any_of(rows,
                                             [&](const FindingRow& r) {
                                                 return r.code == static_cast<C>(code) &&
                                                        (r.severity >= 0) == fires;
                                             }),
                         codeOf(static_cast<C>(code)));
    }

    // Nothing a formula can hold ends in a figure that is none.
    void anyFormula()
    {
        RandomFormulas many(4711);
        int jugs = 0;
        int moulds = 0;
        for (int i = 0; i < 150; ++i) {
            const Formula f = many.next(i % 2 == 0);
            const ReckonResult result = reckon(f);
            const auto* r = std::get_if<Reckoning>(&result);
            if (!r)
                continue;
            ForecastOptions coarse;
            coarse.coarse = true;
            coarse.hours = 6.0;
            const auto t = tellHeat(f, *r, {}, coarse);
            QVERIFY(t);
            if (const auto* jug = std::get_if<JugForecast>(&t->forecast.jug)) {
                ++jugs;
                QVERIFY(std::isfinite(jug->peak.high()) && jug->peak.high() < 400.0);
                QVERIFY(std::isfinite(jug->run.local));
            }
            if (const auto* pours = std::get_if<std::vector<PourForecast>>(&t->forecast.moulds))
                for (const PourForecast& pour : *pours) {
                    ++moulds;
                    QVERIFY(std::isfinite(pour.band.hot.peak) && pour.band.hot.peak < 110.0);
                    QVERIFY(std::abs(pour.band.typical.imbalance) < 1e-3);
                }
            for (const Caution& c : t->findings)
                for (const double x : c.figures)
                    QVERIFY2(std::isfinite(x), codeOf(c.code));
        }
        QVERIFY(jugs > 50 && moulds > 20);
    }

    void plansOutOfRange_data()
    {
        QTest::addColumn<HeatPlan>("plan");
        const auto row = [](const char* name, auto change) {
            HeatPlan plan;
            change(plan);
            QTest::newRow(name) << plan;
        };
        row("hot room", [](HeatPlan& p) { p.room = 60.0; });
        row("no portion", [](HeatPlan& p) { p.portions = 0; });
        row("many portions", [](HeatPlan& p) { p.portions = 25; });
        row("jug below nothing", [](HeatPlan& p) { p.jug.grams = -1.0; });
        row("pot of no number", [](HeatPlan& p) { p.pot.grams = NAN; });
        row("frozen above 0", [](HeatPlan& p) { p.frozen = 2.0; });
        row("no cover", [](HeatPlan& p) { p.covers.clear(); });
        row("covers a week late", [](HeatPlan& p) {
            p.covers.push_back({MouldCover::Open, 168.5, {}});
        });
        row("late cover", [](HeatPlan& p) { p.covers.front().fromHour = 1.0; });
        row("covers out of order", [](HeatPlan& p) {
            p.covers.push_back({MouldCover::Open, 5.0, {}});
            p.covers.push_back({MouldCover::Box, 3.0, {}});
        });
        row("a place as hot as a kiln", [](HeatPlan& p) { p.covers.front().place = 900.0; });
        row("lid off more than always", [](HeatPlan& p) { p.cook.openShare = 1.5; });
    }
    void plansOutOfRange()
    {
        QFETCH(HeatPlan, plan);
        QVERIFY(faultOf(plan));
        QVERIFY(!faultOf(HeatPlan{}));
        HeatPlan edge;
        edge.covers.push_back({MouldCover::Open, 0.0, {}});
        edge.covers.push_back({MouldCover::Box, 168.0, -40.0});
        QVERIFY(!faultOf(edge));
    }

    // Under another cover only the mould is run anew: as a whole forecast has it.
    void firstBandIsTheForecasts()
    {
        const Formula f = loafFormula();
        const Reckoning r = reckoned(f);
        ForecastOptions coarse;
        coarse.coarse = true;
        HeatPlan open;
        open.covers = {{MouldCover::Open, 0.0, {}}};
        const auto towel = forecastHeat(f, r, {}, coarse);
        const auto whole = forecastHeat(f, r, open, coarse);
        const auto alone = firstBand(f, r, open, *towel, coarse);
        QVERIFY(towel && whole && alone);
        const auto peak = [](const HeatForecast& h) {
            return std::get<std::vector<PourForecast>>(h.moulds).front().band.typical.peak;
        };
        QCOMPARE(alone->typical.peak, peak(*whole));
        QVERIFY(alone->typical.peak < peak(*towel) - 1.0);
    }

    void theDayMeets()
    {
        const Formula f = loafFormula();
        const Reckoning r = reckoned(f);
        const auto forecast = forecastHeat(f, r, {});
        constexpr std::int64_t minute = 60000;
        DayMoments moments;
        moments.lastLye = 10 * minute;
        // Before a reading there is nothing to say.
        QVERIFY(!heat::meetingOf(f, *forecast, {}, moments, 20 * minute));
        std::vector<ReadingAt> readings{{ReadingOf::Jug, 85.0, 5 * minute}, // before the last lye
                                        {ReadingOf::Jug, 62.0, 20 * minute}};
        const auto alone = heat::meetingOf(f, *forecast, readings, moments, 20 * minute);
        QVERIFY(alone && alone->jug && !alone->pot && !alone->from);
        QVERIFY(std::abs(alone->jug->at(0.0) - 62.0) < 0.5);
        readings.push_back({ReadingOf::Pot, 44.0, 40 * minute});
        readings.push_back({ReadingOf::Jug, 50.0, 40 * minute});
        readings.push_back({ReadingOf::Room, 19.0, 41 * minute});
        const auto both = heat::meetingOf(f, *forecast, readings, moments, 41 * minute);
        QVERIFY(both && both->from && *both->from > 0.0 && !both->inIt);
        // Time passes: in it, closing, over.
        const auto at = [&](double seconds) {
            return heat::meetingOf(f, *forecast, readings, moments,
                                   41 * minute + static_cast<std::int64_t>(seconds * 1000.0));
        };
        QVERIFY(at(*both->from + 30.0)->inIt);
        QVERIFY(both->until);
        const auto late = at(*both->until - 300.0);
        QVERIFY(late->inIt && late->closing);
        const auto after = at(*both->until + 60.0);
        QVERIFY(after->over && !after->inIt && after->advice);
        // A clock that was set back is no reading before its time.
        readings.push_back({ReadingOf::Jug, 49.0, 39 * minute});
        QVERIFY(heat::meetingOf(f, *forecast, readings, moments, 42 * minute));
    }

    void theMouldByItsReadings()
    {
        const Formula f = loafFormula();
        const auto forecast = forecastHeat(f, reckoned(f), {});
        const PourForecast& pour = std::get<std::vector<PourForecast>>(forecast->moulds).front();
        DayMoments moments;
        QVERIFY(!heat::mouldOf(*forecast, {}, {}, moments, 0));
        moments.poured = 1000;
        const auto plain = heat::mouldOf(*forecast, {}, {}, moments, 1000);
        QVERIFY(plain && !plain->fitted && plain->nextLook);
        // Readings of a faster batch bring its rate back.
        MouldOptions options;
        options.hours = 6.0;
        options.knobs.rate = 1.5;
        const auto truth =
            runMould(pour.pour.batter, pour.pour.setup, pour.pouredAt, TraceStage::Light, options);
        std::vector<ReadingAt> readings;
        for (const double hour : {0.5, 1.0, 1.5, 2.5, 4.0})
            readings.push_back({ReadingOf::Core, truth->at(hour, &MouldRow::core),
                                1000 + static_cast<std::int64_t>(hour * 3.6e6)});
        const auto fitted = heat::mouldOf(*forecast, readings, {}, moments, 15'000'000);
        QVERIFY(fitted->fitted);
        QVERIFY2(std::abs(fitted->knobs.rate - 1.5) < 0.15,
                 qPrintable(QString::number(fitted->knobs.rate)));
        QVERIFY(std::abs(fitted->band.typical.peak - truth->peak) < 2.0);
        QVERIFY(fitted->band.hot.peak - fitted->band.cool.peak <
                plain->band.hot.peak - plain->band.cool.peak);
        // What was done at a look counts from then on.
        const std::vector<LookAt> looks{{LookSaw::Uncovered, 1000 + 1'800'000}};
        const auto uncovered = heat::mouldOf(*forecast, {}, looks, moments, 2'000'000);
        QVERIFY(uncovered->band.typical.peak < plain->band.typical.peak);
        QCOMPARE(*uncovered->nextLook, looks[0].at + 1'800'000);
        // One that was missed is due now, and after the last there is none.
        QCOMPARE(*heat::nextLook(plain->band, 0, {}, 100'000'000 / 10),
                 std::max(static_cast<std::int64_t>(plain->band.firstLook() * 1000.0),
                          std::min<std::int64_t>(10'000'000, static_cast<std::int64_t>(
                                                                 plain->band.firstLook() * 1000.0) +
                                                                 1'800'000)));
        QVERIFY(!heat::nextLook(plain->band, 0, {{LookSaw::Cool, 300'000'000}}, 300'000'001));
    }

    // A batch that ran faster and kept its heat better than assumed teaches that, and no more.
    void aBatchTeaches()
    {
        Batch batch;
        batch.formula = loafFormula();
        batch.formula.name = "dune loaf";
        const Reckoning r = reckoned(batch.formula);
        batch.amounts = r.amounts;
        const auto forecast = forecastHeat(batch.formula, r, {});
        const auto& jug = std::get<JugForecast>(forecast->jug);
        const auto& meeting = std::get<MeetingForecast>(forecast->meeting);
        const PourForecast& pour = std::get<std::vector<PourForecast>>(forecast->moulds).front();
        QVERIFY(!heatLogOf(batch, {}));
        constexpr std::int64_t minute = 60000;
        const auto done = [&](DayStepKind kind, std::int64_t at) {
            batch.doneAt.emplace_back(StepKey{kind, {}, Vessel::LyeJug, 0}, at);
        };
        done(DayStepKind::LyeIntoLiquid, 10 * minute);
        done(DayStepKind::Combine, 120 * minute);
        done(DayStepKind::Pour, 130 * minute);
        batch.ended = 2000 * minute;
        // The jug warmed by a tenth more and cools a fifth faster.
        const double before = jug.run.start;
        const double peak = before + 1.1 * (jug.peak.typical() - before);
        for (const int at : {11, 30, 60, 90})
            batch.readings.push_back(
                {ReadingOf::Jug,
                 20.0 + (peak - 20.0) * std::exp(-1.2 * meeting.jug.rate() * (at - 11) * 60.0),
                 at * minute});
        MouldOptions options;
        options.hours = 12.0;
        options.knobs = {1.4, 0.85, 1.0};
        const auto truth =
            runMould(pour.pour.batter, pour.pour.setup, pour.pouredAt, TraceStage::Light, options);
        for (const double hour : {0.5, 1.0, 1.5, 2.5, 4.0, 8.0, 11.0})
            batch.readings.push_back(
                {ReadingOf::Core, truth->at(hour, &MouldRow::core),
                 130 * minute + static_cast<std::int64_t>(hour * 60.0) * minute});
        const auto log = heatLogOf(batch, {});
        QVERIFY(log && log->lnRate && log->lnLoss && log->jugTimes && log->lnJugRate);
        QVERIFY(!log->lnPotRate);
        QVERIFY2(std::abs(*log->lnRate - std::log(1.4)) < 0.12,
                 qPrintable(QString::number(*log->lnRate)));
        QVERIFY2(std::abs(*log->lnLoss - std::log(0.85)) < 0.08,
                 qPrintable(QString::number(*log->lnLoss)));
        QVERIFY(*log->jugTimes > 1.04 && *log->jugTimes < 1.1);
        QVERIFY(std::abs(*log->lnJugRate - std::log(1.2)) < 0.08);
        // Rate by the formula's name, loss by wall and cover, the jug by all.
        const std::vector<HeatLog> logs{*log, *log};
        HeatKnown known = heatKnownFor(batch.formula, {}, logs);
        QCOMPARE(known.ofRate, 2);
        QCOMPARE(known.ofLoss, 2);
        QVERIFY(std::abs(known.learnt.mould.rate - std::exp(*log->lnRate)) < 1e-9);
        Formula other = batch.formula;
        other.name = "another";
        HeatPlan open;
        open.covers = {{MouldCover::Open, 0.0, {}}};
        known = heatKnownFor(other, open, logs);
        QCOMPARE(known.ofRate, 0);
        QCOMPARE(known.ofLoss, 0);
        QCOMPARE(known.ofJug, 2);
        QCOMPARE(known.learnt.mould.rate, 1.0);
        QVERIFY(!heatKnownFor(other, open, {}).any());
        // What was learnt moves the forecast.
        ForecastOptions learnt;
        learnt.learnt = heatKnownFor(batch.formula, {}, logs).learnt;
        const auto moved = forecastHeat(batch.formula, r, {}, learnt);
        QVERIFY(std::get<JugForecast>(moved->jug).peak.typical() > jug.peak.typical() + 1.0);
        QVERIFY(
            std::get<std::vector<PourForecast>>(moved->moulds).front().band.typical.peakSeconds <
            pour.band.typical.peakSeconds);
    }
};

QTEST_APPLESS_MAIN(TstHeatFormula)
#include "tst_heat_formula.moc"
