// Each caution has a formula that fires it and one that does not, and a mend that takes it away.
#include <QtTest>

#include "core/formula/edit.h"
#include "core/reckoning/reckon.h"
#include "support/make.h"

#include <algorithm>
#include <functional>

using namespace rhexion;
using namespace rhexion::test;
using C = CautionCode;

namespace {

Formula calm()
{
    Formula f = twoOils();
    f.lye.superfat = 0.08;
    add(f, plainWater(), rest, Vessel::LyeJug);
    return f;
}

struct Row {
    const char* name;
    std::function<void(Formula&)> change;
    C code;
    bool fires;
    bool mendTakesItAway; // when it fires
};

const std::vector<Row>& rows()
{
    static const std::vector<Row> all{
        {"1:1 dissolves at 20 C", [](Formula& f) { f.liquid.value = 1.0; }, C::LyeCannotDissolve,
         false, false},
        {"0.8:1 does not", [](Formula& f) { f.liquid.value = 0.8; }, C::LyeCannotDissolve, true,
         true},
        {"1:1 does not at 10 C",
         [](Formula& f) {
             f.liquid.value = 1.0;
             f.liquid.jugCoolest = Temperature::celsius(10);
         },
         C::LyeCannotDissolve, true, true},
        {"all the liquid elsewhere", [](Formula& f) { f.lines.back().vessel = Vessel::Trace; },
         C::LyeCannotDissolve, true, true},
        {"only juice, at trace",
         [](Formula& f) {
             auto juice = material("juice", MaterialKind::Produce);
             juice->part(Part::Water) = figure(0.9);
             f.lines.back() = {9, juice, Vessel::Trace, grams(400)};
         },
         C::LyeCannotDissolve, true, true},
        {"a strong jug beside it",
         [](Formula& f) {
             f.lines.back().vessel = Vessel::Trace;
             f.liquid.jugRatio = 1.0;
         },
         C::LyeCannotDissolve, false, false},
        {"frozen and strong", [](Formula& f) { f.lines.back().frozen = true; },
         C::LyeColdCannotDissolve, true, false},
        {"frozen and weak",
         [](Formula& f) {
             f.lines.back().frozen = true;
             f.liquid.value = 2.6;
         },
         C::LyeColdCannotDissolve, false, false},
        {"too much puree", [](Formula& f) { add(f, plainWater(), grams(400), Vessel::Trace); },
         C::WetterThanWanted, true, true},
        {"a little puree", [](Formula& f) { add(f, plainWater(), grams(40), Vessel::Trace); },
         C::WetterThanWanted, false, false},
        {"no make-up", [](Formula& f) { f.lines.back().amount = grams(200); }, C::DrierThanWanted,
         true, true},
        {"a make-up", [](Formula&) {}, C::DrierThanWanted, false, false},
        {"superfat below 0", [](Formula& f) { f.lye.superfat = -0.02; }, C::SuperfatBelowZero, true,
         true},
        {"superfat 0", [](Formula& f) { f.lye.superfat = 0.0; }, C::SuperfatBelowZero, false,
         false},
        {"too much lye weighed",
         [](Formula& f) {
             f.lye.fixed = FixedHydroxide{Mass::grams(170), Mass::grams(0)};
         },
         C::SuperfatBelowZero, true, true},
        {"unsure oil, little superfat",
         [](Formula& f) {
             auto m = std::make_shared<Material>(*f.lines[0].material);
             m->sv = Figure{*Interval::of(170, 190, 200), "test"};
             f.lines[0].material = m;
             f.lye.superfat = 0.02;
         },
         C::MayBeLyeHeavy, true, false},
        {"sure oil, little superfat", [](Formula& f) { f.lye.superfat = 0.02; }, C::MayBeLyeHeavy,
         false, false},
        {"warm milk in the jug",
         [](Formula& f) { f.lines.back().material = milk(0.87, 0.03, 230); }, C::MilkUnfrozenInJug,
         true, true},
        {"frozen milk in the jug",
         [](Formula& f) {
             f.lines.back().material = milk(0.87, 0.03, 230);
             f.lines.back().frozen = true;
         },
         C::MilkUnfrozenInJug, false, false},
        {"warm milk in the oils", [](Formula& f) { add(f, milk(0.87, 0.03, 230), grams(50)); },
         C::MilkUnfrozenInJug, false, false},
        {"acid in the jug",
         [](Formula& f) { add(f, citricAnhydrous(), grams(10), Vessel::LyeJug); },
         C::AcidInJugFumes, true, false},
        {"acid in the oils", [](Formula& f) { add(f, citricAnhydrous(), grams(10)); },
         C::AcidInJugFumes, false, false},
        {"nobody knows the acid",
         [](Formula& f) {
             auto puree = material("puree", MaterialKind::Produce);
             puree->titratable = Figure{*Interval::of(0, 0, 60), "test"};
             add(f, puree, grams(100), Vessel::Trace);
         },
         C::AcidityNotKnown, true, false},
        {"a titrated acid",
         [](Formula& f) {
             auto puree = material("puree", MaterialKind::Produce);
             puree->titratable = Figure{*Interval::of(12, 14, 60), "test"};
             add(f, puree, grams(100), Vessel::Trace);
         },
         C::AcidityNotKnown, false, false},
        {"a pinch of it",
         [](Formula& f) {
             auto spice = material("spice", MaterialKind::Solid);
             spice->titratable = Figure{*Interval::of(0, 0, 60), "test"};
             add(f, spice, grams(2), Vessel::Trace);
         },
         C::AcidityNotKnown, false, false},
    };
    return all;
}

const Caution* find(const Reckoning& r, C code)
{
    const auto at = std::ranges::find(r.cautions, code, &Caution::code);
    return at == r.cautions.end() ? nullptr : &*at;
}

} // namespace

class TestCautions : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void cautions_data()
    {
        QTest::addColumn<int>("row");
        for (int i = 0; i < int(rows().size()); ++i)
            QTest::newRow(rows()[std::size_t(i)].name) << i;
    }
    void cautions()
    {
        QFETCH(int, row);
        const Row& wanted = rows()[std::size_t(row)];
        Formula f = calm();
        QVERIFY(std::get<Reckoning>(reckon(f)).cautions.empty());
        wanted.change(f);
        const auto r = std::get<Reckoning>(reckon(f));
        const Caution* caution = find(r, wanted.code);
        QCOMPARE(caution != nullptr, wanted.fires);
        QVERIFY(std::ranges::is_sorted(r.cautions, std::ranges::greater{}, &Caution::severity));
        if (!caution || !wanted.mendTakesItAway)
            return;
        QVERIFY(caution->mend);
        QVERIFY(rhexion::apply(f, *caution->mend));
        QVERIFY(!find(std::get<Reckoning>(reckon(f)), wanted.code));
    }
    void everyCodeFiresAndIsQuiet()
    {
        for (int code = 0; code <= int(C::AcidityNotKnown); ++code)
            for (const bool fires : {true, false})
                QVERIFY2(std::ranges::any_of(
                             rows(),
                             [&](const Row& r) { return int(r.code) == code && r.fires == fires; }),
                         codeOf(static_cast<C>(code)));
    }
};

QTEST_APPLESS_MAIN(TestCautions)
#include "tst_cautions.moc"
