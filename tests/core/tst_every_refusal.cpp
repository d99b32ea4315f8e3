// Every figure a sum asks for, at the ends of what it takes and just past them: taken, or refused
// with the code and the item that the words are made from. Not a number is refused everywhere.
#include "core/after/batch_code.h"
#include "core/after/cost.h"
#include "core/after/cure_fit.h"
#include "core/after/drying.h"
#include "core/after/free_alkali.h"
#include "core/after/net_weight.h"
#include "core/formula/mould.h"
#include "core/heat/combine.h"
#include "core/heat/cook.h"
#include "core/heat/cooling.h"
#include "core/heat/jug.h"
#include "core/heat/learn.h"
#include "core/heat/mould_run.h"
#include "core/heat/pot.h"
#include "core/making/batter_density.h"
#include "core/making/cut_plan.h"
#include "core/making/hard_water.h"
#include "core/making/headroom.h"
#include "core/making/mould_fit.h"
#include "core/making/scent.h"
#include "core/wishes/wishes.h"
#include "support/make.h"
#include "support/rows.h"

#include <QTest>

#include <cmath>
#include <functional>
#include <limits>

using namespace rhexion;
using namespace rhexion::test;
using C = CannotCode;

namespace {

using Asked = std::function<std::optional<Cannot>(double)>;

struct Row {
    const char* name;
    Asked asked;
    std::vector<double> good;
    std::vector<double> bad;
    C code;
    const char* item;
};

// What a function says of a thing in which one field has the figure asked for.
template <class Thing, class Function>
auto of(Thing thing, Function function)
{
    return [=](auto field) -> Asked {
        return [=](double value) -> std::optional<Cannot> {
            Thing changed = thing;
            using Field = std::remove_reference_t<decltype(field(changed))>;
            if (std::is_integral_v<Field> && std::isnan(value))
                return Cannot{}; // no whole number is none
            field(changed) = static_cast<Field>(value);
            return whyNot(function(changed));
        };
    };
}
// A function of one figure.
template <class Function>
Asked by(Function function)
{
    return [=](double value) { return whyNot(function(value)); };
}
#define FIELD(f)                                                                                   \
    [](auto& t) -> auto&                                                                           \
    {                                                                                              \
        return t.f;                                                                                \
    }

constexpr double much = 1e12;

std::vector<Row> afterwards()
{
    const auto price = of(LotPrice{100.0, 500.0, false, 0.1},
                          [](const LotPrice& p) { return drawnFor(10.0, p, 0.1, 1.0); });
    const auto terms = of(CostTerms{1, 1, 1, 1, 1, 0.1, 8, 8, 800},
                          [](const CostTerms& t) { return costOf({}, t); });
    const auto caustic =
        of(CausticTitration{1.0, 0.1, 0.1, 10.0}, [](const auto& t) { return freeCaustic(t); });
    const auto total =
        of(TotalTitration{10, 0.1, 9, 0.1, 5}, [](const auto& t) { return totalFreeAlkali(t); });
    const auto mend =
        of(AlkaliMend{0.01, 1000, 190, 0.05, 1}, [](const auto& m) { return oilToMend(m); });
    const auto cure = of(CureSeries{{{0, 100}, {2, 95}, {14, 93}}, 80, 14, 1},
                         [](const CureSeries& s) { return fitCure(s); });
    const auto code = of(BatchCode{2024, 1, 1}, [](const BatchCode& c) { return textOf(c); });
    const auto weights = [](double first) {
        return checkWeights(std::vector{first, 100.0}, 100.0);
    };
    return {
        {"price, grams", price(FIELD(grams)), {0.1}, {0, -1, much}, C::NotPositive, "lot"},
        {"price", price(FIELD(minor)), {0, 1e6}, {-1, much}, C::OutOfRange, "cost"},
        {"price, tax", price(FIELD(tax)), {0, 1}, {-.1}, C::OutOfRange, "cost"},
        {"needed",
         by([](double v) {
             return drawnFor(v, {1, 1, false, 0});
         }),
         {0, 9},
         {-1},
         C::OutOfRange,
         "cost"},
        {"lost",
         by([](double v) {
             return drawnFor(1, {1, 1, false, 0}, v);
         }),
         {0, .999},
         {-.1, 1},
         C::OutOfRange,
         "cost"},
        {"soaked",
         by([](double v) {
             return drawnFor(1, {1, 1, false, 0}, 0, v);
         }),
         {0, 9},
         {-1},
         C::OutOfRange,
         "cost"},
        {"bars",
         by([](double v) { return barPrice(100, v >= 1 ? int(v) : 0); }),
         {1, 2},
         {0},
         C::NoBars,
         "bars"},
        {"batch", by([](double v) { return barPrice(v, 1); }), {0, 1}, {-1}, C::OutOfRange, "cost"},
        {"factor",
         by([](double v) { return barPrice(1, 1, v); }),
         {0, 1},
         {-1},
         C::OutOfRange,
         "cost"},
        {"tax",
         by([](double v) { return barPrice(1, 1, 1, v); }),
         {0, 1},
         {-1},
         C::OutOfRange,
         "cost"},
        {"packaging", terms(FIELD(packagingPerBar)), {0, 1}, {-1}, C::OutOfRange, "cost"},
        {"hours", terms(FIELD(hours)), {0, 1}, {-1}, C::OutOfRange, "cost"},
        {"an hour", terms(FIELD(perHour)), {0, 1}, {-1}, C::OutOfRange, "cost"},
        {"energy", terms(FIELD(energy)), {0, 1}, {-1}, C::OutOfRange, "cost"},
        {"factor of terms", terms(FIELD(factor)), {0, 1}, {-1}, C::OutOfRange, "cost"},
        {"tax of terms", terms(FIELD(tax)), {0, 1}, {-1}, C::OutOfRange, "cost"},
        {"weeks to get",
         by([](double v) { return reorderPoint(std::vector{5.0}, v); }),
         {0, 3},
         {-1},
         C::NoHistory,
         "uses"},
        {"nominal", by(tolerableError), {5, 10000}, {4.999}, C::TooLight, "nominal"},
        {"nominal, most", by(tolerableError), {5, 10000}, {10000.1}, C::TooHeavy, "nominal"},
        {"a weight", by(weights), {0.1, 200}, {0, -1}, C::NotPositive, "weights"},
        {"millilitres", caustic(FIELD(millilitres)), {0, 50}, {-1}, C::Negative, "volume"},
        {"blank", caustic(FIELD(blank)), {0, 50}, {-1}, C::Negative, "volume"},
        {"base", total(FIELD(baseMillilitres)), {0, 10}, {-1}, C::Negative, "volume"},
        {"acid given", total(FIELD(acidMillilitres)), {9, 11}, {0, -1}, C::NotPositive, "volume"},
        {"acid short",
         total(FIELD(baseMillilitres)),
         {10.19},
         {10.2, 10.4},
         C::AcidNotInExcess,
         "titration"},
        {"base's strength", total(FIELD(base)), {0.1}, {0, -1}, C::NotPositive, "acid-strength"},
        {"total's sample", total(FIELD(sample)), {0.1, 999.9}, {1000}, C::OutOfRange, "sample"},
        {"batch to mend", mend(FIELD(batchGrams)), {1}, {0, -1}, C::NotPositive, "batch"},
        {"sv to mend", mend(FIELD(sv)), {1}, {0, -1}, C::NotPositive, "sv"},
        {"hydroxide", mend(FIELD(hydroxideMol)), {0, 1}, {-1}, C::OutOfRange, "superfat"},
        {"dry", cure(FIELD(dry)), {1, 99.9}, {0, -1, 100}, C::BadMasses, "start"},
        {"tau", cure(FIELD(tauDays)), {1}, {0, -1}, C::OutOfRange, "rate"},
        {"step", cure(FIELD(stepGrams)), {0, 1}, {-1}, C::OutOfRange, "rate"},
        {"days", cure(FIELD(weights[2].day)), {5, 7}, {4.9}, C::TooShort, "days"},
        {"a bar", cure(FIELD(weights[1].grams)), {1}, {0, -1}, C::TooFewWeights, "weights"},
        {"side",
         by([](double v) {
             return dryingDays({v, 60, 25}, 1e-10);
         }),
         {1},
         {0, -1},
         C::NotPositive,
         "length"},
        {"rate",
         by([](double v) {
             return dryingDays({80, 60, 25}, v);
         }),
         {1e-10},
         {0, -1},
         C::NotPositive,
         "rate"},
        {"year", code(FIELD(year)), {2000, 2099}, {1999, 2100}, C::OutOfRange, "code"},
        {"day", code(FIELD(day)), {1, 366}, {0, 367}, C::OutOfRange, "code"},
        {"number", code(FIELD(number)), {1, 99}, {0, 100}, C::OutOfRange, "code"},
    };
}

std::vector<Row> moulds()
{
    const auto fault = [](const auto& shape) { return faultOf(MouldShape(shape)); };
    const auto loaf = of(Loaf{200, 80, 70, 210, 90, 10, 2}, fault);
    const auto slab = of(Slab{200, 150, 50, 2, 3, 4, 50}, fault);
    const auto column = of(Column{70, 200}, fault);
    const auto tube = of(LyingTube{70, 200, 60}, fault);
    const auto dome = of(Dome{30, 30}, fault);
    const auto free = of(FreeShape{500}, fault);
    const auto mould = of(Mould{"m", FreeShape{500}, 1}, [](const Mould& m) { return faultOf(m); });
    const auto cutting = of(Cutting{25, 5, 1}, [](const Cutting& c) { return faultOf(c); });
    const MouldShape shape = Column{100, 200};
    const double whole = capacityOf(shape);
    return {
        {"corner", loaf(FIELD(corner)), {0, 38}, {-1}, C::Negative, "corner-or-liner"},
        {"round corner", loaf(FIELD(corner)), {38}, {38.1}, C::CornerTooRound, "corner"},
        {"liner", loaf(FIELD(liner)), {0, 5}, {-1}, C::Negative, "corner-or-liner"},
        {"thick liner", loaf(FIELD(liner)), {29}, {40}, C::NotPositive, "width"},
        {"rim", loaf(FIELD(rimLength)), {0, 210}, {-1}, C::Negative, "rim"},
        {"rim's width", loaf(FIELD(rimWidth)), {0, 90}, {-1}, C::Negative, "rim"},
        {"rim, least", loaf(FIELD(rimLength)), {30}, {3}, C::NotPositive, "rim-length"},
        {"length",
         loaf(FIELD(length)),
         {longestMould + 4},
         {longestMould + 4.1},
         C::OutOfRange,
         "length"},
        {"height", loaf(FIELD(height)), {3}, {2, 0}, C::NotPositive, "height"},
        {"slab", slab(FIELD(width)), {13}, {0, -1}, C::NotPositive, "width"},
        {"thickness", slab(FIELD(thickness)), {0, 49.9}, {-1}, C::BadDividers, "dividers"},
        {"thick", slab(FIELD(thickness)), {49.9}, {50, 100}, C::DividersFillTheMould, "dividers"},
        {"thick along", slab(FIELD(length)), {8.1}, {8, 1}, C::DividersFillTheMould, "dividers"},
        {"dividers", slab(FIELD(dividerHeight)), {0, 50}, {-1, 50.1}, C::BadDividers, "dividers"},
        {"across", slab(FIELD(acrossLength)), {0, 2}, {-1}, C::BadDividers, "dividers"},
        {"column", column(FIELD(diameter)), {1}, {0, -1}, C::NotPositive, "diameter"},
        {"depth", tube(FIELD(depth)), {1, 70}, {70.1}, C::AboveTheRim, "depth"},
        {"tube", tube(FIELD(length)), {1, longestMould}, {0}, C::NotPositive, "length"},
        {"dome", dome(FIELD(height)), {1}, {0}, C::NotPositive, "height"},
        {"water", free(FIELD(millilitres)), {1, 1e8}, {1.001e8}, C::OutOfRange, "water"},
        {"no water", free(FIELD(millilitres)), {1}, {0, -1}, C::NotPositive, "water"},
        {"count",
         mould(FIELD(count)),
         {1, mostCavities},
         {0, mostCavities + 1},
         C::OutOfRange,
         "count"},
        {"bar", cutting(FIELD(bar)), {1}, {0, -1}, C::NotPositive, "bar"},
        {"trim", cutting(FIELD(trim)), {0, 5}, {-1}, C::Negative, "trim-or-kerf"},
        {"kerf", cutting(FIELD(kerf)), {0, 5}, {-1}, C::Negative, "trim-or-kerf"},
        {"to cut",
         by([](double v) {
             return cutPlan(v, {25, 5, 1}, 500);
         }),
         {35, 500},
         {0, -1},
         C::NotPositive,
         "length"},
        {"one bar",
         by([](double v) {
             return cutPlan(v, {25, 5, 1}, 500);
         }),
         {35},
         {34.9},
         C::NoBar,
         "bar"},
        {"many bars",
         by([](double v) {
             return cutPlan(1000, {v, 0, 0}, 500);
         }),
         {0.0011},
         {0.0009},
         C::OutOfRange,
         "bar"},
        {"poured",
         by([](double v) {
             return cutPlan(200, {25, 5, 1}, v);
         }),
         {0, 9},
         {-1},
         C::BadMass,
         "poured"},
        {"volume to",
         by([=](double v) { return volumeTo(shape, v); }),
         {0, 200},
         {-1, 200.1},
         C::AboveTheRim,
         "height"},
        {"height to",
         by([=](double v) { return fillHeight(shape, v); }),
         {0, whole},
         {-1},
         C::Negative,
         "volume"},
        {"over",
         by([=](double v) { return fillHeight(shape, v); }),
         {whole},
         {whole + 1},
         C::Overflows,
         "volume"},
        {"no height",
         by([](double v) { return v > 0 ? 0.0 : fillHeight(FreeShape{500}, -v); }),
         {1},
         {-100, -500},
         C::NoHeight,
         "height"},
        {"water's warmth",
         by(waterDensity),
         {0, 60},
         {-.1, 60.1},
         C::OutOfRange,
         "water-temperature"},
        {"its warmth",
         by([](double v) { return byWater(900, 100, v); }),
         {0, 60},
         {-.1, 60.1},
         C::OutOfRange,
         "water-temperature"},
        {"empty",
         by([](double v) { return byWater(900, v, 20); }),
         {0, 899},
         {-1, 900},
         C::FullNotHeavier,
         "water"},
        {"full",
         by([](double v) { return byWater(v, 100, 20); }),
         {101},
         {100, 1e8},
         C::FullNotHeavier,
         "water"},
    };
}

std::vector<Row> around()
{
    const auto bases = of(ScentBases{1000, 1500, 50, 100},
                          [](const ScentBases& b) { return scentCap(0.03, ScentBasis::Cured, b); });
    const auto cap = [](double v) { return scentCap(v, ScentBasis::Oils, {1000, 1500, 0, 0}); };
    const auto one = [](double v) {
        return scentGrams(std::vector<ScentShare>{{v, ScentBasis::Oils}}, {1000, 1500, 0, 0});
    };
    const auto two = [](double v) {
        return scentGrams(
            std::vector<ScentShare>{{v, ScentBasis::BatterWhole}, {v, ScentBasis::BatterWhole}},
            {1000, 1500, 0, 0});
    };
    const auto grains = [](double v) { return hardness(v, HardnessUnit::MillimolePerLitre); };
    const auto held = [](double h, double ca, double total) {
        return heldShare(h, ca, total, Ligand::Citrate, 1);
    };
    const WashWater wash;
    const auto water = of(wash, [](const WashWater& w) {
        return hardWater(w, 100, {Ligand::Citrate, 0.02}, 0.8, 0.003);
    });
    const auto bar = [=](double grams, double share, double soap, double molar) {
        return hardWater(wash, grams, {Ligand::Citrate, share}, soap, molar);
    };
    const auto batter = [](double v) {
        heat::Batter b;
        b.oils = 1000;
        b.mol = 3.5;
        b.naoh = v;
        b.water = 250;
        return heat::faultOf(b);
    };
    const auto wanted = [](double v) { return batterForBars(v, 100, .1, .1, .1); };
    const auto cured = [](double v) { return batterForBars(8, v, .1, .1, .1); };
    static constexpr Headroom situation[] = {Headroom::PlainLye};
    return {
        {"oils", bases(FIELD(oils)), {1}, {0, -1}, C::NotPositive, "oils"},
        {"batter", bases(FIELD(batter)), {101}, {0, -1}, C::NotPositive, "batter"},
        {"late", bases(FIELD(late)), {0, 1499}, {-1, 1500}, C::OutOfRange, "late-or-lost"},
        {"lost", bases(FIELD(waterLost)), {0, 1499}, {-1, 1500}, C::OutOfRange, "late-or-lost"},
        {"cap", by(cap), {.001, .999}, {0, -1, 1, 1.04}, C::OutOfRange, "cap"},
        {"scent", by(one), {0, .499}, {-.1, .5}, C::OutOfRange, "scent"},
        {"scents", by(two), {0, .249}, {.25, .3}, C::TooMuchScent, "scent"},
        {"hardness", by(grains), {0, 100}, {-1}, C::Negative, "hardness"},
        {"no such water", by(grains), {100}, {100.1}, C::NoSuchWater, "hardness"},
        {"calcium",
         by([=](double v) { return held(2, v, .01); }),
         {0, 1},
         {-.1, 1.04},
         C::OutOfRange,
         "hardness"},
        {"held hardness",
         by([=](double v) { return held(v, .7, .01); }),
         {0, 9},
         {-1},
         C::OutOfRange,
         "hardness"},
        {"held total",
         by([=](double v) { return held(2, .7, v); }),
         {0, 9},
         {-1},
         C::OutOfRange,
         "hardness"},
        {"dose", water(FIELD(dose)), {1}, {0, -1}, C::NotPositive, "dose"},
        {"washed hardness", water(FIELD(hardness)), {0, 1}, {-1}, C::Negative, "hardness"},
        {"bar",
         by([=](double v) { return bar(v, .02, .8, .003); }),
         {1},
         {0, -1},
         C::NotPositive,
         "bar"},
        {"ligand",
         by([=](double v) { return bar(100, v, .8, .003); }),
         {0, 1},
         {-.1, 1.04},
         C::OutOfRange,
         "shares"},
        {"soap",
         by([=](double v) { return bar(100, .02, v, .003); }),
         {0, 1},
         {-.1, 1.04},
         C::OutOfRange,
         "shares"},
        {"molar",
         by([=](double v) { return bar(100, .02, .8, v); }),
         {.001},
         {0, -1},
         C::OutOfRange,
         "shares"},
        {"hydroxide", by(batter), {1, 140}, {-1}, C::BadMass, "batter"},
        {"no hydroxide", by(batter), {1}, {0}, C::NoHydroxide, "batter"},
        {"bars", by(wanted), {1}, {0, -1}, C::NotPositive, "bars"},
        {"cured", by(cured), {1}, {0, -1}, C::NotPositive, "cured"},
        {"loss",
         by([](double v) { return batterForBars(8, 100, v, 0, 0); }),
         {0, .49},
         {-.1, .5},
         C::OutOfRange,
         "shares"},
        {"trims",
         by([](double v) { return batterForBars(8, 100, 0, v, 0); }),
         {0, .49},
         {-.1, .5},
         C::OutOfRange,
         "shares"},
        {"residue",
         by([](double v) { return batterForBars(8, 100, 0, 0, v); }),
         {0, .49},
         {-.1, .5},
         C::OutOfRange,
         "shares"},
        {"contents",
         by([](double v) { return roomToFoam(v, situation); }),
         {1},
         {0, -1},
         C::NotPositive,
         "contents"},
    };
}

std::vector<Row> warmth()
{
    using namespace heat;
    Jug full;
    full.liquids = {JugLiquid{}};
    full.liquids[0].grams = 300;
    full.sodiumGrams = 140;
    full.bath = 5.0;
    const auto jug = of(full, [](const Jug& j) { return faultOf(j); });
    Pot warm;
    warm.parts = {PotPart{}};
    warm.parts[0].grams = 500;
    const auto pot = of(warm, [](const Pot& p) { return faultOf(p); });
    const auto cooker = of(Cooker{}, [](const Cooker& c) { return faultOf(c); });
    MouldSetup setup;
    setup.covers = {CoverStage{}, CoverStage{}};
    setup.covers[1].fromHour = 2.0;
    const auto mould = of(setup, [](const MouldSetup& s) { return faultOf(s); });
    const auto joining = of(Combining{{500, 2, 40}, {400, 3, 40}, {}, 0, 0},
                            [](const auto& c) { return combine(c); });
    const auto cooling = of(std::pair(std::vector<Reading>{{0, 60}, {600, 55}}, CoolingPrior{}),
                            [](const auto& p) { return fitCooling(p.first, p.second); });
    heat::Batter batter;
    batter.oils = 700;
    batter.mol = 2.4;
    batter.naoh = 95;
    batter.water = 200;
    const auto whole = of(batter, [](const heat::Batter& b) { return faultOf(b); });
    const auto core = of(std::vector<CoreReading>{{1, 40}, {2, 45}}, [=](const auto& readings) {
        // Readings are looked at before anything runs; cancelled, it stops at once.
        return fitMould(batter, setup, 40, TraceStage::Light, readings, {}, [] { return true; });
    });
    return {
        {"liquid", jug(FIELD(liquids[0].grams)), {.1}, {-1}, C::BadMass, "jug-liquid"},
        {"its warmth",
         jug(FIELD(liquids[0].celsius)),
         {-40, 150},
         {-40.1, 150.1},
         C::OutOfRange,
         "temperature"},
        {"its water", jug(FIELD(liquids[0].water)), {.1, 1}, {-.1, 1.04}, C::OutOfRange, "share"},
        {"its glycerol",
         jug(FIELD(liquids[0].glycerol)),
         {0, 1},
         {-.1, 1.04},
         C::OutOfRange,
         "share"},
        {"sodium", jug(FIELD(sodiumGrams)), {1}, {-1}, C::BadMass, "hydroxide"},
        {"no lye", jug(FIELD(sodiumGrams)), {1}, {0}, C::NoHydroxide, "jug"},
        {"salt", jug(FIELD(salt)), {0, 1}, {-1}, C::BadMass, "hydroxide"},
        {"purity", jug(FIELD(sodiumPurity)), {.1, 1}, {-.1, 1.04}, C::OutOfRange, "purity"},
        {"purity of potash",
         jug(FIELD(potassiumPurity)),
         {0, 1},
         {-.1, 1.04},
         C::OutOfRange,
         "purity"},
        {"jug", jug(FIELD(vesselGrams)), {0, 1}, {-1}, C::Negative, "vessel"},
        {"room", jug(FIELD(room)), {-40, 150}, {-40.1, 150.1}, C::OutOfRange, "temperature"},
        {"lye's warmth",
         jug(FIELD(hydroxideCelsius)),
         {-40, 150},
         {-41, 151},
         C::OutOfRange,
         "temperature"},
        {"bath", jug(FIELD(bath)), {-40, 150}, {-41, 151}, C::OutOfRange, "temperature"},
        {"portions",
         jug(FIELD(portions)),
         {1, mostPortions},
         {0, mostPortions + 1},
         C::OutOfRange,
         "portions"},
        {"pause", jug(FIELD(pauseSeconds)), {0, 7200}, {-1, 7201}, C::OutOfRange, "pause"},
        {"oil", pot(FIELD(parts[0].grams)), {.1}, {-1}, C::BadMass, "oil"},
        {"no oil", pot(FIELD(parts[0].grams)), {.1}, {0}, C::NoOils, "pot"},
        {"oil's warmth",
         pot(FIELD(parts[0].celsius)),
         {-40, 150},
         {-41, 151},
         C::OutOfRange,
         "temperature"},
        {"pot", pot(FIELD(vesselGrams)), {0, 1}, {-1}, C::Negative, "vessel"},
        {"cooker", cooker(FIELD(potGrams)), {0, 1}, {-1}, C::Negative, "vessel"},
        {"hour",
         mould(FIELD(covers[1].fromHour)),
         {0, 168},
         {-1, 168.1},
         C::OutOfRange,
         "cover-hour"},
        {"first hour", mould(FIELD(covers[0].fromHour)), {0}, {.1, 1}, C::LateFirstCover, "cover"},
        {"joining", joining(FIELD(pot.grams)), {1}, {0, -1}, C::BadMass, "joining"},
        {"joining cp", joining(FIELD(jug.cp)), {1}, {0, -1}, C::BadMass, "joining"},
        {"reading",
         cooling(FIELD(first[1].celsius)),
         {-40, 150},
         {-41, 151},
         C::OutOfRange,
         "temperature"},
        {"its time",
         cooling(FIELD(first[1].seconds)),
         {1, 9e6},
         {0, -1, 1e7},
         C::ReadingsOutOfOrder,
         "readings"},
        {"prior room",
         cooling(FIELD(second.room)),
         {-40, 150},
         {-41, 151},
         C::OutOfRange,
         "temperature"},
        {"prior rate", cooling(FIELD(second.rate)), {1e-5}, {0, -1}, C::NotPositive, "rate"},
        {"batter", whole(FIELD(oils)), {4, 59000}, {60000}, C::OutOfRange, "batter-grams"},
        {"no oils", whole(FIELD(oils)), {4}, {0}, C::NoOils, "batter"},
        {"mol", whole(FIELD(mol)), {1}, {0}, C::NoHydroxide, "batter"},
        {"water", whole(FIELD(water)), {1}, {0}, C::NoWaterInJug, "batter"},
        {"solids", whole(FIELD(solids)), {0, 1}, {-1}, C::BadMass, "batter"},
        {"core",
         core(FIELD(operator[](1).celsius)),
         {-40, 150},
         {-41, 151},
         C::OutOfRange,
         "temperature"},
        {"its hour",
         core(FIELD(operator[](1).hour)),
         {1.1, 168},
         {1, 168.1},
         C::ReadingsOutOfOrder,
         "readings"},
    };
}

std::vector<Row> wishes()
{
    WishProblem problem;
    problem.oils = {{oil("oil", 190), 500, 0, 0, {}, Gladly::Freely, {}}};
    problem.wishes = {{WishKind::Iodine, {}, {}, AcidGroup::Oleic, 0, false},
                      {WishKind::OilShare, {}, {}, AcidGroup::Oleic, 0, false},
                      {WishKind::Strength, {}, {}, AcidGroup::Oleic, 0, false},
                      {WishKind::Superfat, {}, {}, AcidGroup::Oleic, 0, false}};
    // Looked at before anything is solved; the solver of this test is given up at once.
    const auto p = of(problem, [](const WishProblem& w) -> std::optional<Cannot> {
        const auto result = fulfil(
            w, [](const LinearProgramme&) { return LinearAnswer{}; }, [] { return true; });
        const auto* cannot = std::get_if<Cannot>(&result);
        return cannot && cannot->code != C::TakesTooLong ? std::optional(*cannot) : std::nullopt;
    });
    const auto setting = [&](const char* name, auto field, std::vector<double> good,
                             std::vector<double> bad) {
        return Row{name, p(field), std::move(good), std::move(bad), C::OutOfRange, "formula"};
    };
    return {
        {"start", p(FIELD(oils[0].start)), {1}, {-1}, C::BadMass, "oil"},
        {"no total", p(FIELD(oils[0].start)), {1}, {0}, C::NoTotal, "oils"},
        {"least", p(FIELD(oils[0].least)), {0, 1}, {-1}, C::BadMass, "oil"},
        {"price", p(FIELD(oils[0].price)), {0, 1}, {-1}, C::BadMass, "oil"},
        {"most", p(FIELD(oils[0].most)), {0, 1}, {-1}, C::BadMass, "oil"},
        setting("superfat", FIELD(superfat), {-.99, .99}, {-1, 1}),
        setting("strength", FIELD(strength), {.01, .99}, {0, 1}),
        setting("purity", FIELD(purity), {.01, 1}, {0, 1.04}),
        setting("molar mass", FIELD(lyeMolarMass), {40}, {0, -1}),
        setting("acid", FIELD(acidShare), {0, 1}, {-1}),
        setting("acid per gram", FIELD(acidPerGram), {0, 1}, {-1}),
        setting("other acid", FIELD(otherAcidMol), {-1, 0, 1}, {}),
        setting("other fat", FIELD(otherFatMol), {-1, 0, 1}, {}),
        setting("other grams", FIELD(otherGrams), {-1, 0, 1}, {}),
        setting("a gram of water", FIELD(gramsPerWater), {1}, {0, -1}),
        setting("least water", FIELD(leastWater), {0, 1}, {-1}),
        setting("most water", FIELD(mostWater), {0, 1}, {-1}),
        setting("fat of water", FIELD(fatMolPerWater), {0, 1}, {-1}),
        setting("acid of water", FIELD(acidMolPerWater), {0, 1}, {-1}),
        {"iodine",
         p(FIELD(wishes[0].low)),
         {-9e8, 9e8},
         {-1e9, 1e9},
         C::OutOfRange,
         "iodine-value"},
        {"iodine high",
         p(FIELD(wishes[0].high)),
         {-9e8, 9e8},
         {-1e9, 1e9},
         C::OutOfRange,
         "iodine-value"},
        {"oil of a share", p(FIELD(wishes[1].oil)), {0}, {1, 2}, C::OutOfRange, "oil-share"},
        {"wished strength",
         p(FIELD(wishes[2].low)),
         {.01, .999},
         {0, 1, 1.04},
         C::OutOfRange,
         "strength"},
        {"strength high",
         p(FIELD(wishes[2].high)),
         {.01, .999},
         {0, 1, -.04},
         C::OutOfRange,
         "strength"},
        {"wished superfat",
         p(FIELD(wishes[3].low)),
         {-.999, .999},
         {-1, 1},
         C::OutOfRange,
         "superfat"},
        {"superfat high",
         p(FIELD(wishes[3].high)),
         {-.999, .999},
         {-1, 1},
         C::OutOfRange,
         "superfat"},
    };
}

const std::vector<Row>& rows()
{
    static const std::vector<Row> all = [] {
        std::vector<Row> out;
        for (auto* of : {afterwards, moulds, around, warmth, wishes})
            for (Row& row : of())
                out.push_back(std::move(row));
        return out;
    }();
    return all;
}

} // namespace

class TestEveryRefusal : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void takesAndRefuses_data()
    {
        eachRow(rows(), [](const Row& row) { return row.name; });
    }
    void takesAndRefuses()
    {
        QFETCH(int, at);
        const Row& row = rows()[std::size_t(at)];
        const auto said = [](double figure, const std::optional<Cannot>& why) {
            return qPrintable(QStringLiteral("%1: %2 %3")
                                  .arg(figure)
                                  .arg(why ? int(why->code) : -1)
                                  .arg(QString::fromStdString(why ? why->item : "")));
        };
        for (const double figure : row.good) {
            const auto why = row.asked(figure);
            QVERIFY2(!why, said(figure, why));
        }
        for (const double figure : row.bad) {
            const auto why = row.asked(figure);
            QVERIFY2(why && why->code == row.code && why->item == row.item, said(figure, why));
        }
        QVERIFY(row.asked(std::numeric_limits<double>::quiet_NaN()));
    }
};

QTEST_APPLESS_MAIN(TestEveryRefusal)
#include "tst_every_refusal.moc"
