// What a bowl holds after a slip of hand, and mends that bring it back.
#include <QTest>

#include "core/makeday/slip.h"
#include "support/make.h"

#include <cmath>

using namespace rhexion;
using namespace rhexion::test;

namespace {

Formula withAcid()
{
    Formula f = twoOils(); // 3.7447 mol of fat, 5 % superfat
    add(f, citricMonohydrate(), grams(20), Vessel::LyeJug);
    add(f, milk(0.87, 0.0, 230), grams(100), Vessel::LyeJug);
    add(f, plainWater(), rest, Vessel::LyeJug);
    return f;
}

AfterSlip after(const Formula& f, const Slip& slip)
{
    return std::get<AfterSlip>(afterSlip(f, std::get<Reckoning>(reckon(f)), slip));
}

double superfat(const Formula& f, const Slip& slip)
{
    return after(f, slip).bowl.reckoning.superfatTrue.value();
}

} // namespace

class TestSlip : public QObject {
    Q_OBJECT
private Q_SLOTS:
    // By hand: fat takes 3.7447 mol, lye meant for it 3.5575 mol; 20 g of monohydrate take
    // 3 x 20 / 210.138 = 0.28553 mol.
    void byHand_data()
    {
        QTest::addColumn<double>("got");
        QTest::addColumn<double>("want");
        const Formula f = withAcid();
        const LineId acid = f.lines[2].id;
        const double fat = (700 * 190 + 300 * 257) / 56105.6;
        const double mono = 3 * 20 / 210.138;
        const double onFat = 0.95 * fat;
        const double lye = onFat + mono;
        QTest::newRow("the acid's lye forgotten")
            << superfat(f, {SlipKind::AcidForgotten, 0, 0, {}}) << 1 - (onFat - mono) / fat;
        QTest::newRow("of that acid")
            << superfat(f, {SlipKind::AcidForgotten, acid, 0, {}}) << 1 - (onFat - mono) / fat;
        QTest::newRow("1.5 times the lye")
            << superfat(f, {SlipKind::LyeTimes, 0, 1.5, {}}) << 1 - (1.5 * lye - mono) / fat;
        QTest::newRow("anhydrous for monohydrate")
            << superfat(f, {SlipKind::WrongCitricForm, acid, 0, {}})
            << 1 - (lye - 3 * 20 / 192.123) / fat;
        QTest::newRow("an oil missing")
            << superfat(f, {SlipKind::LineMissing, f.lines[1].id, 0, {}})
            << 1 - onFat / (700 * 190 / 56105.6);
        QTest::newRow("milk changes no superfat")
            << superfat(f, {SlipKind::LineExtra, f.lines[3].id, 80, {}}) << 0.05;
        QTest::newRow("acid added late")
            << superfat(f, {SlipKind::AcidAddedLate, 0, 10, citricAnhydrous()})
            << 1 - (onFat - 3 * 10 / 192.123) / fat;
    }
    void byHand()
    {
        QFETCH(double, got);
        QFETCH(double, want);
        QVERIFY2(std::abs(got - want) < 1e-5, qPrintable(QString::number(got, 'g', 8)));
    }

    void mendsBringItBack()
    {
        const Formula f = withAcid();
        const AfterSlip forgot = after(f, {SlipKind::AcidForgotten, 0, 0, {}});
        QVERIFY(!forgot.tooFar && forgot.bowl.mends.size() >= 1);
        const DayMend mend = forgot.bowl.mends.front();
        QVERIFY(mend.kind == DayMendKind::AddHydroxide);
        Amounts amounts = forgot.bowl.amounts;
        amounts.sodium[0] += mend.grams;
        const Reckoning mended = reckonGiven(forgot.bowl.formula, amounts);
        QVERIFY(std::abs(mended.superfatTrue.value() - 0.05) < 1e-9);
        // A missing oil can still go in, and that is the first thing said.
        const AfterSlip oil = after(f, {SlipKind::LineMissing, f.lines[1].id, 0, {}});
        QVERIFY(oil.bowl.mends.front().kind == DayMendKind::AddMore);
        QVERIFY(std::abs(oil.bowl.mends.front().grams - 300) < 1e-9);
        QVERIFY(after(f, {SlipKind::LineExtra, f.lines[3].id, 1, {}}).bowl.mends.empty());
    }

    void tooFarIsSaid()
    {
        const Formula f = withAcid();
        QVERIFY(!after(f, {SlipKind::LyeTimes, 0, 1.2, {}}).tooFar);
        QVERIFY(after(f, {SlipKind::LyeTimes, 0, 2.0, {}}).tooFar);
    }

    void refusals()
    {
        const Formula f = withAcid();
        const auto r = std::get<Reckoning>(reckon(f));
        const Slip slips[] = {{SlipKind::LyeTimes, 0, 0, {}},
                              {SlipKind::LyeTimes, 0, std::nan(""), {}},
                              {SlipKind::LyeTimes, 0, 1e9, {}},
                              {SlipKind::LineMissing, 99, 0, {}},
                              {SlipKind::LineExtra, f.lines[0].id, -5, {}},
                              {SlipKind::WrongCitricForm, f.lines[0].id, 0, {}},
                              {SlipKind::AcidAddedLate, 0, 10, {}},
                              {SlipKind::AcidAddedLate, 0, 10, sodiumHydroxide()}};
        for (const Slip& slip : slips)
            QVERIFY(std::get<Refusal>(afterSlip(f, r, slip)).code == RefusalCode::BadMass);
        Formula plain = twoOils();
        add(plain, plainWater(), rest, Vessel::LyeJug);
        QVERIFY(std::holds_alternative<Refusal>(afterSlip(plain, std::get<Reckoning>(reckon(plain)),
                                                          {SlipKind::AcidForgotten, 0, 0, {}})));
    }
};

QTEST_APPLESS_MAIN(TestSlip)
#include "tst_slip.moc"
