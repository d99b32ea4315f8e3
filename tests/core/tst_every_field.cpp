// Every field of a formula and of a material: that a change of it alone is seen as another formula,
// and what its reader would refuse is refused where it is made, at the limit and just past it.
#include "core/amounts/validate.h"
#include "core/formula/edit.h"
#include "core/materials/limits.h"
#include "support/make.h"
#include "support/rows.h"

#include <QTest>

#include <functional>

using namespace rhexion;
using namespace rhexion::test;

namespace {

using Change = std::pair<const char*, std::function<void(Formula&)>>;

Formula rich()
{
    Formula f;
    f.name = "name";
    f.maker = "maker";
    f.notes = "notes";
    Line line;
    line.id = f.newId();
    line.material = oil("olive", 190);
    line.amount = {500, AmountUnit::Gram};
    f.lines = {line};
    f.lye.sodium = sodiumHydroxide();
    f.lye.potassium = potassiumHydroxide();
    f.lye.fixed = FixedHydroxide{Mass::grams(60), Mass::grams(10)};
    f.lye.secondJug = SecondJug{0.2, 0.3};
    f.portions = {{2, "portion", 1.0, "mould", HeldOil{1, {5, AmountUnit::Gram}}}};
    f.moulds = {{{"loaf", Column{70, 200}, 1}, 0, 1.0}};
    f.heat = HeatPlan{};
    f.pair = PairOf{"batch", "change"};
    f.lastId = 2;
    return f;
}

const std::vector<Change>& changes()
{
    const auto one = [](Formula& f) -> Line& { return f.lines.front(); };
    static const std::vector<Change> all{
        {"name", [](Formula& f) { f.name = "x"; }},
        {"maker", [](Formula& f) { f.maker = "x"; }},
        {"notes", [](Formula& f) { f.notes = "x"; }},
        {"a line more", [=](Formula& f) { f.lines.push_back(one(f)); }},
        {"line", [=](Formula& f) { one(f).id = 9; }},
        {"material", [=](Formula& f) { one(f).material = oil("olive", 191); }},
        {"no material", [=](Formula& f) { one(f).material = nullptr; }},
        {"vessel", [=](Formula& f) { one(f).vessel = Vessel::Trace; }},
        {"amount", [=](Formula& f) { one(f).amount.value = 501; }},
        {"unit", [=](Formula& f) { one(f).amount.unit = AmountUnit::Ounce; }},
        {"frozen", [=](Formula& f) { one(f).frozen = true; }},
        {"all water", [=](Formula& f) { one(f).allWater = true; }},
        {"locked", [=](Formula& f) { one(f).locked = true; }},
        {"its portion", [=](Formula& f) { one(f).portion = 2; }},
        {"solvent", [=](Formula& f) { one(f).solvent = 1; }},
        {"sodium", [](Formula& f) { f.lye.sodium = sodiumHydroxide(0.98); }},
        {"potassium", [](Formula& f) { f.lye.potassium = nullptr; }},
        {"superfat", [](Formula& f) { f.lye.superfat = 0.06; }},
        {"share", [](Formula& f) { f.lye.potassiumShare = 0.1; }},
        {"split", [](Formula& f) { f.lye.split = SplitConvention::PureWeight; }},
        {"hidden fat", [](Formula& f) { f.lye.hiddenFat = HiddenFatSchool::Typical; }},
        {"basis", [](Formula& f) { f.lye.basis = SuperfatBasis::CookedFat; }},
        {"fixed", [](Formula& f) { f.lye.fixed->potassium = Mass::grams(11); }},
        {"fixed sodium", [](Formula& f) { f.lye.fixed->sodium = Mass::grams(11); }},
        {"not fixed", [](Formula& f) { f.lye.fixed.reset(); }},
        {"second jug", [](Formula& f) { f.lye.secondJug->potassium = 0.4; }},
        {"second jug's sodium", [](Formula& f) { f.lye.secondJug->sodium = 0.4; }},
        {"liquid", [](Formula& f) { f.liquid.value = 0.3; }},
        {"how", [](Formula& f) { f.liquid.how = LiquidStatement::Ratio; }},
        {"jug ratio", [](Formula& f) { f.liquid.jugRatio = 1.1; }},
        {"coolest", [](Formula& f) { f.liquid.jugCoolest = Temperature::celsius(5); }},
        {"total", [](Formula& f) { f.oilsTotal = Mass::grams(500); }},
        {"mixing", [](Formula& f) { f.mixing.within = 7; }},
        {"mixed at", [](Formula& f) { f.mixing.at = Temperature::celsius(39); }},
        {"portions", [](Formula& f) { f.portions.clear(); }},
        {"parts", [](Formula& f) { f.portions[0].parts = 2; }},
        {"held", [](Formula& f) { f.portions[0].held->amount.value = 6; }},
        {"moulds", [](Formula& f) { f.moulds[0].fillTo = 0.9; }},
        {"cutting", [](Formula& f) { f.cutting.bar = 26; }},
        {"handling", [](Formula& f) { f.handling.blending = Blending::Long; }},
        {"heat", [](Formula& f) { f.heat->room = 21; }},
        {"no heat", [](Formula& f) { f.heat.reset(); }},
        {"way", [](Formula& f) { f.way.layers = true; }},
        {"pair", [](Formula& f) { f.pair->change = "x"; }}};
    return all;
}

struct Fault {
    const char* name;
    std::function<void(Material&)> change;
    std::optional<MaterialFault::Code> code; // nothing: it is taken
    const char* item = "";
};

Material rightOil()
{
    Material m = *oil("olive", 190);
    m.fattyAcids = {{FattyAcid::Oleic, figure(0.98)}};
    return m;
}

const std::vector<Fault>& faults()
{
    using F = MaterialFault::Code;
    using namespace limits;
    const auto wide = [](double high) { return Figure{Interval::around(0, 0, high), "test"}; };
    const auto unsourced = [](double value) { return Figure{Interval::exactly(value), "no"}; };
    const auto text = [](std::size_t n) { return std::string(n, 'x'); };
    static const std::vector<Fault> all{
        {"right", [](Material&) {}, {}},
        {"id", [](Material& m) { m.id.clear(); }, F::NoId, "id"},
        {"name", [](Material& m) { m.name.clear(); }, F::NoName, "name"},
        {"part, all", [=](Material& m) { m.part(Part::Protein) = wide(1.0); }, {}},
        {"part", [=](Material& m) { m.part(Part::Protein) = wide(1.04); }, F::FractionAboveOne,
         "protein"},
        {"part's source", [=](Material& m) { m.part(Part::Water) = unsourced(0); }, {}},
        {"no source", [=](Material& m) { m.part(Part::Fat) = unsourced(1); }, F::UnknownSource,
         "fat"},
        {"acid, all",
         [=](Material& m) {
             m.acids = {{Acid::Citric, wide(1.0)}};
         },
         {}},
        {"acid",
         [=](Material& m) {
             m.acids = {{Acid::Citric, wide(1.04)}};
         },
         F::FractionAboveOne, "citric"},
        {"acid's source",
         [=](Material& m) {
             m.acids = {{Acid::Citric, unsourced(.1)}};
         },
         F::UnknownSource, "citric"},
        {"sum, rounded", [](Material& m) { m.part(Part::Water) = figure(.0009); }, {}},
        {"sum", [](Material& m) { m.part(Part::Water) = figure(.0011); }, F::SumAboveOne, "parts"},
        {"sv", [=](Material& m) { m.sv = unsourced(190); }, F::UnknownSource, "sv"},
        {"iodine", [=](Material& m) { m.iodine = unsourced(80); }, F::UnknownSource, "iodine"},
        {"fatty acids", [=](Material& m) { m.fattyAcids[0].share = unsourced(.98); },
         F::UnknownSource, "fattyAcids"},
        {"fatty acids, least", [](Material& m) { m.fattyAcids[0].share = figure(.901); }, {}},
        {"fatty acids, few", [](Material& m) { m.fattyAcids[0].share = figure(.899); },
         F::FattyAcidsNotOne, "fattyAcids"},
        {"fatty acids, most", [](Material& m) { m.fattyAcids[0].share = figure(1.019); }, {}},
        {"fatty acids, many", [](Material& m) { m.fattyAcids[0].share = figure(1.021); },
         F::FattyAcidsNotOne, "fattyAcids"},
        {"measure",
         [](Material& m) {
             m.measures = {{"cup", 1e6, "test"}};
         },
         {}},
        {"heavy measure",
         [](Material& m) {
             m.measures = {{"cup", 1.01e6, "test"}};
         },
         F::BadMeasure, "measures"},
        {"empty measure",
         [](Material& m) {
             m.measures = {{"cup", 0, "test"}};
         },
         F::BadMeasure, "measures"},
        {"nameless measure",
         [](Material& m) {
             m.measures = {{"", 10, "test"}};
         },
         F::BadMeasure, "measures"},
        {"acid value", [](Material& m) { std::swap(m.sv, m.acidValue); }, {}},
        {"no sv", [](Material& m) { m.sv.reset(); }, F::FatWithoutSv, "sv"},
        {"sv, most", [](Material& m) { m.sv = figure(700); }, {}},
        {"sv, more", [](Material& m) { m.sv = figure(701); }, F::SvOutOfRange, "sv"},
        {"sv of nothing", [](Material& m) { m.sv = figure(0); }, F::SvOutOfRange, "sv"},
        {"acid value, more", [](Material& m) { m.acidValue = figure(701); }, F::SvOutOfRange,
         "acidValue"},
        {"long id", [=](Material& m) { m.id = text(id); }, {}},
        {"longer id", [=](Material& m) { m.id = text(id + 1); }, F::TooLong, "note"},
        {"long name", [=](Material& m) { m.name = text(materialName); }, {}},
        {"longer name", [=](Material& m) { m.name = text(materialName + 1); }, F::TooLong, "note"},
        {"long note", [=](Material& m) { m.note = text(materialNote); }, {}},
        {"longer note", [=](Material& m) { m.note = text(materialNote + 1); }, F::TooLong, "note"},
        {"longer lot id", [=](Material& m) { m.lot.id = text(id + 1); }, F::TooLong, "note"},
        {"longer lot", [=](Material& m) { m.lot.name = text(materialName + 1); }, F::TooLong,
         "note"},
        {"names", [](Material& m) { m.alsoCalled.resize(otherNames); }, {}},
        {"more names", [](Material& m) { m.alsoCalled.resize(otherNames + 1); }, F::TooLong,
         "note"},
        {"longer other name", [=](Material& m) { m.alsoCalled = {text(materialName + 1)}; },
         F::TooLong, "note"},
        {"measures",
         [](Material& m) {
             m.measures.resize(limits::measures, {"a", 1, "test"});
         },
         {}},
        {"more measures",
         [](Material& m) {
             m.measures.resize(limits::measures + 1, {"a", 1, "test"});
         },
         F::TooLong, "note"},
        {"longer measure",
         [=](Material& m) {
             m.measures = {{text(measureName + 1), 1, "test"}};
         },
         F::TooLong, "note"},
        {"behaviours", [](Material& m) { m.behaviours.resize(limits::behaviours); }, {}},
        {"more behaviours", [](Material& m) { m.behaviours.resize(limits::behaviours + 1); },
         F::TooLong, "note"},
        {"longer source",
         [=](Material& m) {
             m.sources.push_back({text(sourceId + 1), "", false});
         },
         F::TooLong, "note"},
        {"longer source's text",
         [=](Material& m) {
             m.sources.push_back({"s", text(sourceText + 1), false});
         },
         F::TooLong, "note"},
        {"no hydroxide", [](Material& m) { m = *sodiumHydroxide(0.0); }, F::HydroxideWithoutPurity,
         "sodium-hydroxide"},
        {"no potash", [](Material& m) { m = *potassiumHydroxide(0.0); }, F::HydroxideWithoutPurity,
         "potassium-hydroxide"},
        {"potash", [](Material& m) { m = *potassiumHydroxide(0.9); }, {}},
        {"hydroxide", [](Material& m) { m = *sodiumHydroxide(0.9); }, {}}};
    return all;
}

struct Edited {
    const char* name;
    std::function<Edit(const Formula&)> edit;
    std::optional<RefusalCode> code;
};

const std::vector<Edited>& edits()
{
    using R = RefusalCode;
    const auto added = [](auto change) {
        return [=](const Formula& f) -> Edit {
            Line line = f.lines.front();
            line.id = 9;
            change(line);
            return AddLine{line, 0};
        };
    };
    const auto portions = [](auto change) {
        return [=](const Formula& f) -> Edit {
            std::vector<Portion> changed = f.portions;
            change(changed);
            return SetPortions{changed};
        };
    };
    const auto moulds = [](auto change) {
        return [=](const Formula& f) -> Edit {
            std::vector<MouldUse> changed = f.moulds;
            change(changed);
            return SetMoulds{changed};
        };
    };
    const auto said = [](TextField field, std::size_t length) {
        return [=](const Formula&) -> Edit { return SetText{field, std::string(length, 'x')}; };
    };
    const auto room = [](double celsius) {
        return [=](const Formula&) -> Edit {
            HeatPlan plan;
            plan.room = celsius;
            return SetHeatPlan{plan};
        };
    };
    const auto mixing = [](double celsius, double within) {
        return [=](const Formula&) -> Edit {
            return SetMixing{{Temperature::celsius(celsius), within}};
        };
    };
    const auto numbered = [](std::vector<Portion>& p, std::size_t count) {
        p.resize(count, p.front());
        for (std::size_t i = 0; i < p.size(); ++i)
            p[i].id = PortionId(100 + i);
    };
    constexpr double most = Mass::largestGrams;
    static const std::vector<Edited> all{
        {"line", added([](Line&) {}), {}},
        {"most", added([](Line& l) { l.amount.value = most; }), {}},
        {"more", added([](Line& l) { l.amount.value = most * 1.04; }), R::BadMass},
        {"less", added([](Line& l) { l.amount.value = -1; }), R::BadMass},
        {"rest",
         added([](Line& l) {
             l.amount = {-1, AmountUnit::Rest};
         }),
         {}},
        {"no material", added([](Line& l) { l.material = nullptr; }), R::NoMaterial},
        {"portion", added([](Line& l) { l.portion = 2; }), {}},
        {"no portion", added([](Line& l) { l.portion = 3; }), R::NoSuchPortion},
        {"solvent", added([](Line& l) { l.solvent = 20; }), {}},
        {"more solvent", added([](Line& l) { l.solvent = 20.1; }), R::BadSolvent},
        {"portions", portions([=](auto& p) { numbered(p, limits::portions); }), {}},
        {"more portions", portions([=](auto& p) { numbered(p, limits::portions + 1); }),
         R::TooManyPortions},
        {"long name", portions([](auto& p) { p[0].name.assign(limits::portionName, 'x'); }), {}},
        {"longer name", portions([](auto& p) { p[0].name.assign(limits::portionName + 1, 'x'); }),
         R::TextTooLong},
        {"longer mould", portions([](auto& p) { p[0].mould.assign(limits::mould + 1, 'x'); }),
         R::TextTooLong},
        {"held", portions([](auto& p) { p[0].held->amount.value = most; }), {}},
        {"more held", portions([](auto& p) { p[0].held->amount.value = most * 1.04; }), R::BadMass},
        {"parts", portions([](auto& p) { p[0].parts = 1000; }), {}},
        {"more parts", portions([](auto& p) { p[0].parts = 1001; }), R::BadPortion},
        {"no id", portions([](auto& p) { p[0].id = 0; }), R::BadPortion},
        {"a line's id", portions([](auto& p) { p[0].id = 1; }), R::BadPortion},
        {"moulds", moulds([](auto& m) { m.resize(limits::moulds, m[0]); }), {}},
        {"more moulds", moulds([](auto& m) { m.resize(limits::moulds + 1, m[0]); }),
         R::TooManyMoulds},
        {"filled", moulds([](auto& m) { m[0].fillTo = 0.01; }), {}},
        {"hardly filled", moulds([](auto& m) { m[0].fillTo = 0.009; }), R::BadMould},
        {"overfilled", moulds([](auto& m) { m[0].fillTo = 1.04; }), R::BadMould},
        {"odd mould", moulds([](auto& m) { m[0].mould.count = 0; }), R::BadMould},
        {"its portion", moulds([](auto& m) { m[0].portion = 2; }), {}},
        {"no such portion", moulds([](auto& m) { m[0].portion = 3; }), R::NoSuchPortion},
        {"long mould", moulds([](auto& m) { m[0].mould.name.assign(limits::mould + 1, 'x'); }),
         R::TextTooLong},
        {"room", room(50), {}},
        {"hot room", room(51), R::BadHeatPlan},
        {"usual heat", [](const Formula&) -> Edit { return SetHeatPlan{}; }, {}},
        {"name", said(TextField::Name, limits::formulaName), {}},
        {"a longer name", said(TextField::Name, limits::formulaName + 1), R::TextTooLong},
        {"maker", said(TextField::Maker, limits::maker), {}},
        {"a longer maker", said(TextField::Maker, limits::maker + 1), R::TextTooLong},
        {"notes", said(TextField::Notes, limits::notes), {}},
        {"longer notes", said(TextField::Notes, limits::notes + 1), R::TextTooLong},
        {"coldest", mixing(-10, 60), {}},
        {"colder", mixing(-10.1, 6), R::BadMixing},
        {"warmest", mixing(130, 0), {}},
        {"warmer", mixing(130.1, 6), R::BadMixing},
        {"apart", mixing(40, 60.1), R::BadMixing},
        {"total", [](const Formula&) -> Edit { return SetOilsTotal{Mass::grams(most)}; }, {}}};
    return all;
}

} // namespace

class TestEveryField : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void anotherFormula_data()
    {
        eachRow(changes(), [](const Change& c) { return c.first; });
    }
    void anotherFormula()
    {
        QFETCH(int, at);
        Formula f = rich();
        QVERIFY(f == rich()); // of other materials that say the same
        changes()[std::size_t(at)].second(f);
        QVERIFY(!(f == rich()));
        QVERIFY(f != rich() && rich() != f);
    }

    void aMaterialsFault_data()
    {
        eachRow(faults(), [](const Fault& f) { return f.name; });
    }
    void aMaterialsFault()
    {
        QFETCH(int, at);
        const Fault& f = faults()[std::size_t(at)];
        Material m = rightOil();
        f.change(m);
        const auto fault = faultOf(m);
        QCOMPARE(fault.has_value(), f.code.has_value());
        if (f.code) {
            QCOMPARE(fault->code, *f.code);
            QCOMPARE(fault->item, std::string(f.item));
        }
    }

    void anEdit_data()
    {
        eachRow(edits(), [](const Edited& e) { return e.name; });
    }
    void anEdit()
    {
        QFETCH(int, at);
        const Edited& e = edits()[std::size_t(at)];
        const Formula f = rich();
        const auto why = refusalOf(f, e.edit(f));
        QCOMPARE(why.has_value(), e.code.has_value());
        if (e.code)
            QCOMPARE(why->code, *e.code);
    }
};

QTEST_APPLESS_MAIN(TestEveryField)
#include "tst_every_field.moc"
