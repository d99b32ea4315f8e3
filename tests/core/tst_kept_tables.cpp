// Every table of the core row by row, and its functions of a few figures over a grid: whatever
// moves is seen. It proves that nothing moved, not that it is right; the sources are checked in
// tst_chemistry, tst_heat_cases and tst_making_cases. RHEXION_KEEP=1 keeps a meant change.
#include "core/advice/thresholds.h"
#include "core/after/drying.h"
#include "core/after/free_alkali.h"
#include "core/after/net_weight.h"
#include "core/formula/mould_shape.h"
#include "core/heat/batter.h"
#include "core/heat/cook.h"
#include "core/heat/mould_run.h"
#include "core/heat/pot.h"
#include "core/heat/thermal.h"
#include "core/making/batter_density.h"
#include "core/making/blend.h"
#include "core/making/hard_water.h"
#include "core/making/headroom.h"
#include "core/making/scent.h"
#include "core/making/working_time.h"
#include "core/materials/chemistry.h"
#include "core/materials/sv_check.h"
#include "core/units/enum_count.h"
#include "support/kept.h"

#include <QTest>

#include <functional>

using namespace rhexion;
using namespace rhexion::test;

namespace {

using Row = std::vector<double>;

// Every value of an enumeration.
template <class Enum>
void rows(Kept& kept, const char* name, std::function<Row(Enum)> figures)
{
    for (std::size_t i = 0; i < countOf<Enum>(); ++i)
        kept.add(QStringLiteral("%1 %2").arg(QLatin1String(name)).arg(i),
                 figures(static_cast<Enum>(i)));
}

// A function from one end to the other, both among its figures.
void over(Kept& kept, const char* name, double from, double to, int steps,
          std::function<double(double)> of)
{
    Row row;
    for (int i = 0; i <= steps; ++i)
        row.push_back(of(from + (to - from) * i / steps));
    kept.add(QLatin1String(name), row);
}

void append(Row& row, const Interval& i)
{
    row.insert(row.end(), {i.low(), i.typical(), i.high()});
}

double orMinus(const OrCannot<double>& result)
{
    const auto* value = std::get_if<double>(&result);
    return value ? *value : -1.0;
}

} // namespace

class TestKeptTables : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void warmth()
    {
        using namespace heat;
        Kept kept("tables_warmth.txt");
        over(kept, "vapour pressure", -40, 120, 40, vapourPressure);
        over(kept, "water activity", 0, 0.6, 30, waterActivity);
        over(kept, "solution sodium", 1, 40, 39, heatOfSolutionSodium);
        over(kept, "solution potassium", 1, 40, 39, heatOfSolutionPotassium);
        over(kept, "cp sodium", 0, 0.7, 35, lyeCpSodium);
        over(kept, "cp potassium", 0, 0.7, 35, lyeCpPotassium);
        over(kept, "cp both", 0, 0.6, 12, [](double c) { return lyeCp(60, 40, c); });
        over(kept, "boiling", 0, 0.7, 35, lyeBoilingPoint);
        over(kept, "freezing", 0, 0.4, 40, lyeFreezingPoint);
        over(kept, "solubility sodium", 0, 100, 50, heatSolubilitySodium);
        over(kept, "solubility potassium", 0, 100, 50, heatSolubilityPotassium);
        over(kept, "face", 50, 8000, 10, [](double g) { return facesOf(g).side; });
        over(kept, "top", 50, 8000, 10, [](double g) { return facesOf(g).top; });
        const auto loss = [](double celsius, double Loss::*what) {
            return lossToRoom(celsius, 20, facesOf(500), 0.3).*what;
        };
        over(kept, "dry loss", 0, 110, 22, [&](double t) { return loss(t, &Loss::dry); });
        over(kept, "wet loss", 0, 110, 22, [&](double t) { return loss(t, &Loss::wet); });
        over(kept, "saponified", 1e-5, 1e-2, 12, [](double k) { return growthOf(k, 600); });
        over(kept, "rate", 0, 110, 22, [](double t) { return rateConstant(rateAt30, t); });
        over(kept, "cook", 600, 9000, 3, [](double s) { return cookTimeBand(s).low(); });
        over(kept, "cook high", 600, 9000, 3, [](double s) { return cookTimeBand(s).high(); });
        over(kept, "cooked off", 5, 90, 3, [](double g) { return cookWaterBand(g).low(); });
        over(kept, "cooked off high", 5, 90, 3, [](double g) { return cookWaterBand(g).high(); });
        over(kept, "to put", 50, 2000, 5, [](double w) { return secondsToPut(1e5, w); });
        rows<VesselStuff>(kept, "vessel", [](VesselStuff stuff) {
            return Row{cpOf(stuff), bathConductance(stuff)};
        });
        rows<TraceStage>(kept, "trace", [](TraceStage t) { return Row{saponifiedAt(t)}; });
        rows<FatClass>(kept, "fat", [](FatClass fat) {
            const Melting& m = meltingOf(fat);
            Row row{m.heat, m.from, m.to, m.clear, m.kilojoules, m.molarMass};
            for (double t = -20; t <= 90; t += 10)
                row.push_back(fatEnthalpy(m, t));
            return row;
        });
        rows<MouldWall>(kept, "wall", [](MouldWall wall) {
            const WallFacts& w = factsOf(wall);
            return Row{w.thickness, w.conductivity, w.capacity};
        });
        rows<MouldCover>(kept, "cover", [](MouldCover cover) {
            const CoverFacts& c = factsOf(cover);
            Row row(c.resistance.begin(), c.resistance.end());
            row.insert(row.end(), c.film.begin(), c.film.end());
            row.insert(row.end(), {c.place.value_or(-99), double(c.oven)});
            return row;
        });
        const QString difference = kept.firstDifference();
        QVERIFY2(difference.isEmpty(), qPrintable(difference));
    }

    void chemistry()
    {
        Kept kept("tables_chemistry.txt");
        rows<Acid>(kept, "acid", [](Acid acid) {
            const AcidFacts& facts = factsOf(acid);
            Row row{facts.molarMass(), hydroxidePerMol(facts, {}), leastHydroxidePerMol(facts, {})};
            for (double ph = 1; ph <= 9; ph += 1)
                row.insert(row.end(), {protonsGivenUp(facts, ph), hydroxidePerMol(facts, ph),
                                       leastHydroxidePerMol(facts, ph)});
            return row;
        });
        over(kept, "sodium hydroxide", 0, 100, 50,
             [](double t) { return sodiumHydroxideSolubility(Temperature::celsius(t)); });
        over(kept, "potassium hydroxide", 0, 100, 50,
             [](double t) { return potassiumHydroxideSolubility(Temperature::celsius(t)); });
        over(kept, "usual sv", 90, 310, 110, [](double sv) { return double(svIsUsual(sv)); });
        over(kept, "meant sv", 0.05, 0.4, 70, [](double sv) { return svMeantBy(sv).value_or(-1); });
        over(kept, "still to lose", 0, 3, 30, stillToLose);
        over(kept, "settled", 10, 200, 5, [](double g) { return settledGrams(g).low(); });
        over(kept, "settled high", 10, 200, 5, [](double g) { return settledGrams(g).high(); });
        over(kept, "nominal", 1, 1100, 140, [](double g) { return orMinus(tolerableError(g)); });
        over(kept, "carbonate", 0, 0.01, 5, [](double x) { return carbonateOf(0.01, x); });
        over(kept, "as potash", 0, 0.01, 5, asPotassiumHydroxide);
        over(kept, "ph", 0, 0.005, 10,
             [](double x) { return phWithFreeCaustic(x, 10, 0.03, 7.5); });
        rows<AcidGroup>(kept, "words", [](AcidGroup group) {
            Row row;
            for (const BlendRow& one : rowsOf(group))
                row.push_back(one.from);
            for (int i = 0; i <= 100; ++i)
                row.push_back(wordFor(group, i / 100.0).from);
            return row;
        });
        over(kept, "iodine", 0, 150, 75, [](double x) { return iodineWord(x).from; });
        over(kept, "salt", 0, 1.2, 120, [](double x) { return saltWord(x).from; });
        over(kept, "sugar", 0, 0.2, 100, [](double x) { return sugarWord(x).from; });
        rows<Threshold>(kept, "threshold", [](Threshold t) { return Row{valueOf(t)}; });
        const QString difference = kept.firstDifference();
        QVERIFY2(difference.isEmpty(), qPrintable(difference));
    }

    void making()
    {
        Kept kept("tables_making.txt");
        rows<Ligand>(kept, "ligand", [](Ligand which) {
            const LigandRow& l = rowOf(which);
            Row row{l.molarMass};
            row.insert(row.end(), l.calcium.begin(), l.calcium.end());
            row.insert(row.end(), l.magnesium.begin(), l.magnesium.end());
            for (int bound = 0; bound < 3; ++bound)
                for (const double total : {1e-5, 1e-4, 1e-3, 1e-2}) {
                    const auto held = heldShare(2.5, 0.8, total, which, bound);
                    const Held& h = std::get<Held>(held);
                    row.insert(row.end(), {h.all, h.calcium, h.magnesium});
                }
            return row;
        });
        rows<LimeSoap>(kept, "lime soap", [](LimeSoap soap) {
            Row row;
            for (const double mol : {1e-4, 1e-3, 1e-2})
                append(row, calciumThatStays(soap, mol));
            return row;
        });
        rows<HardnessUnit>(kept, "hardness",
                           [](HardnessUnit unit) { return Row{millimolesPer(unit)}; });
        over(kept, "hard", 0, 5, 50, [](double h) { return usualOf(classOf(h)); });
        over(kept, "citrate", 1, 9, 16, citrateCharge);
        over(kept, "ph", 0, 0.02, 8, [](double x) { return phOfSoap(0.02, 7.5, x, 0.001, 0.002); });
        rows<BatterPart>(kept, "volume", [](BatterPart part) {
            const SpecificVolume& v = specificVolumeOf(part);
            return Row{v.low, v.typical, v.high};
        });
        for (const double share : {0.0, 0.4, 1.0})
            over(kept, "lye", 0, 0.5, 25,
                 [&](double c) { return orMinus(lyeDensity(c, share, 40)); });
        over(kept, "warm lye", 0, 90, 18, [](double t) { return orMinus(lyeDensity(.3, .2, t)); });
        over(kept, "water", 0, 60, 30, [](double t) { return orMinus(waterDensity(t)); });
        rows<Headroom>(kept, "headroom", [](Headroom h) { return Row{factorOf(h)}; });
        over(kept, "drops", 1, 100, 3, [](double n) {
            const Interval grams = gramsOfDrops(n, Interval::around(0.8, 0.9, 1.0));
            return grams.low() + 10.0 * grams.typical() + 100.0 * grams.high();
        });
        const auto factor = [](const Factor& f) { return Row{f.low, f.typical, f.high}; };
        rows<ScentClass>(kept, "scent", [&](ScentClass what) {
            Row row;
            for (const double dose : {0.0, 0.01, 0.03, 0.045, 0.06})
                for (const double x : factor(factorOf(what, dose)))
                    row.push_back(x);
            return row;
        });
        rows<Blending>(kept, "blending", [&](Blending b) { return factor(factorOf(b)); });
        rows<GelPlan>(kept, "gel", [&](GelPlan g) { return factor(factorOf(g)); });
        for (const auto& slopes : {workSlopes(), unmouldSlopes()})
            for (const SlopeRow& row : slopes)
                kept.add(QString::fromUtf8(row.code.data(), qsizetype(row.code.size())),
                         {row.reference, row.low, row.typical, row.high});
        for (const Factor& f : {workBase(), unmouldBase(), cavitiesFactor()})
            kept.add(QStringLiteral("base"), factor(f));
        over(kept, "class", 0, 30, 60, [](double m) { return double(classOfMinutes(m)); });
        const QString difference = kept.firstDifference();
        QVERIFY2(difference.isEmpty(), qPrintable(difference));
    }
};

QTEST_APPLESS_MAIN(TestKeptTables)
#include "tst_kept_tables.moc"
