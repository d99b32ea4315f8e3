// Molar masses, what acids take, solubilities: against atomic weights, stoichiometry and common
// practice.
#include <QTest>

#include "core/advice/reckon.h"
#include "core/materials/sv_check.h"
#include "support/make.h"

#include <QFile>
#include <QMap>
#include <QRegularExpression>

using namespace rhexion;
using namespace rhexion::test;

namespace {

// Blue Obelisk Data Repository 10, elements.xml (see tests/data/NOTICE).
QMap<QString, double> atomicWeights()
{
    QMap<QString, double> out;
    QFile file(QStringLiteral(RHEXION_SOURCE_DIR "/tests/data/atomic_weights_bodr.csv"));
    if (!file.open(QIODevice::ReadOnly))
        return out;
    file.readLine();
    while (!file.atEnd()) {
        const QList<QByteArray> cells = file.readLine().split(',');
        out.insert(QString::fromLatin1(cells[0]), cells[1].toDouble());
    }
    return out;
}

double massOf(const QMap<QString, double>& weights, const char* formula)
{
    double mass = 0.0;
    const QRegularExpression part(QStringLiteral("([A-Z][a-z]?)(\\d*)"));
    auto it = part.globalMatch(QString::fromLatin1(formula));
    while (it.hasNext()) {
        const auto match = it.next();
        const int count = match.captured(2).isEmpty() ? 1 : match.captured(2).toInt();
        mass += weights.value(match.captured(1), qQNaN()) * count;
    }
    return mass;
}

// The hydroxide that an acid alone takes: the lye of a formula with it less the lye without.
double takenBy(const MaterialPtr& acid, double mass, bool potassium)
{
    Formula f = twoOils();
    f.lye.potassiumShare = potassium ? 1.0 : 0.0;
    add(f, plainWater(), rest, Vessel::LyeJug);
    const auto weighed = [&] {
        const auto r = std::get<Reckoning>(reckon(f));
        return r.sodium.weighedGrams + r.potassium.weighedGrams;
    };
    const double without = weighed();
    add(f, acid, grams(mass), Vessel::LyeJug);
    return weighed() - without;
}

} // namespace

class TestChemistry : public QObject {
    Q_OBJECT
private Q_SLOTS:
    // Grams of hydroxide per gram of oil, taken for what they mean; what could be either is asked.
    void svInGramsOfLye()
    {
        QVERIFY(std::abs(svMeantBy(0.135).value() - 135 * 56.1056 / 39.9968) < 0.01);
        QVERIFY(std::abs(svMeantBy(0.1649).value() - 164.9 * 56.1056 / 39.9968) < 0.01);
        QVERIFY(!svMeantBy(0.165) && !svMeantBy(0.18) && !svMeantBy(0.195));
        QVERIFY(std::abs(svMeantBy(0.1951).value() - 195.1) < 1e-9);
        QVERIFY(!svMeantBy(0.06) && !svMeantBy(0.31));
        QVERIFY(svIsUsual(100) && svIsUsual(300) && !svIsUsual(99.9) && !svIsUsual(300.1));
    }

    void molarMass_data();
    void molarMass();
    void acidTakes_data();
    void acidTakes();
    void protons_data();
    void protons();
    void solubility_data();
    void pKa();
    void solubility();
    void units();
};

void TestChemistry::molarMass_data()
{
    QTest::addColumn<double>("got");
    QTest::addColumn<QByteArray>("formula");
    const std::pair<Acid, const char*> acids[] = {{Acid::Citric, "C6H8O7"},
                                                  {Acid::Lactic, "C3H6O3"},
                                                  {Acid::Acetic, "C2H4O2"},
                                                  {Acid::Malic, "C4H6O5"},
                                                  {Acid::Tartaric, "C4H6O6"},
                                                  {Acid::Oxalic, "C2H2O4"},
                                                  {Acid::Ascorbic, "C6H8O6"},
                                                  {Acid::Succinic, "C4H6O4"},
                                                  {Acid::Fumaric, "C4H4O4"},
                                                  {Acid::Quinic, "C7H12O6"},
                                                  {Acid::Glycolic, "C2H4O3"},
                                                  {Acid::Gluconic, "C6H12O7"},
                                                  {Acid::Gluconolactone, "C6H10O6"},
                                                  {Acid::Salicylic, "C7H6O3"},
                                                  {Acid::Benzoic, "C7H6O2"},
                                                  {Acid::Sorbic, "C6H8O2"},
                                                  {Acid::Phosphoric, "H3PO4"},
                                                  {Acid::Boric, "H3BO3"},
                                                  {Acid::Bitartrate, "KC4H5O6"},
                                                  {Acid::Bicarbonate, "NaHCO3"},
                                                  {Acid::DisodiumEdta, "C10H14N2Na2O8"}};
    QCOMPARE(std::size(acids), allAcids().size());
    for (const auto& [acid, formula] : acids)
        QTest::newRow(formula) << factsOf(acid).molarMass() << QByteArray(formula);
    QTest::newRow("NaOH") << molarMassSodiumHydroxide << QByteArray("NaOH");
    QTest::newRow("KOH") << molarMassPotassiumHydroxide << QByteArray("KOH");
    QTest::newRow("water") << molarMassWater << QByteArray("H2O");
}

void TestChemistry::molarMass()
{
    QFETCH(double, got);
    QFETCH(QByteArray, formula);
    const double want = massOf(atomicWeights(), formula.constData());
    QVERIFY2(std::abs(got - want) < 1e-6, qPrintable(QString::number(want)));
}

void TestChemistry::acidTakes_data()
{
    QTest::addColumn<MaterialPtr>("acid");
    QTest::addColumn<double>("mass");
    QTest::addColumn<bool>("potassium");
    QTest::addColumn<double>("want");
    QTest::addColumn<double>("within");
    const auto vinegar = acidMaterial("vinegar", Acid::Acetic, 0.05, 0.945);
    // Common practice and stoichiometry.
    QTest::newRow("monohydrate 10 g, NaOH")
        << citricMonohydrate() << 10.0 << false << 5.71 << 0.005;
    QTest::newRow("anhydrous 10 g, NaOH") << citricAnhydrous() << 10.0 << false << 6.245 << 0.005;
    QTest::newRow("monohydrate 30 g, NaOH")
        << citricMonohydrate() << 30.0 << false << 17.13 << 0.01;
    QTest::newRow("monohydrate 10 g, KOH") << citricMonohydrate() << 10.0 << true << 8.009 << 0.005;
    QTest::newRow("anhydrous 10 g, KOH") << citricAnhydrous() << 10.0 << true << 8.760 << 0.005;
    QTest::newRow("vinegar 5 % 10 g, NaOH") << vinegar << 10.0 << false << 0.333 << 0.0005;
}

void TestChemistry::acidTakes()
{
    QFETCH(MaterialPtr, acid);
    QFETCH(double, mass);
    QFETCH(bool, potassium);
    QFETCH(double, want);
    QFETCH(double, within);
    const double got = takenBy(acid, mass, potassium);
    QVERIFY2(std::abs(got - want) <= within, qPrintable(QString::number(got)));
}

void TestChemistry::protons_data()
{
    QTest::addColumn<int>("acid");
    QTest::addColumn<double>("ph");
    QTest::addColumn<double>("want");
    // Half of the protons of one kind are given up where the pH is the pKa: Henderson-Hasselbalch.
    QTest::newRow("lactic at its pKa") << int(Acid::Lactic) << 3.86 << 0.5;
    QTest::newRow("acetic at its pKa") << int(Acid::Acetic) << 4.76 << 0.5;
    QTest::newRow("citric at 10") << int(Acid::Citric) << 10.0 << 3.0;
    QTest::newRow("malic at 10") << int(Acid::Malic) << 10.0 << 2.0;
    QTest::newRow("ascorbic at 10") << int(Acid::Ascorbic) << 10.0 << 1.0;
    QTest::newRow("succinic at 10") << int(Acid::Succinic) << 10.0 << 2.0;
    QTest::newRow("phosphoric at 10: two, and a little") << int(Acid::Phosphoric) << 10.0 << 2.003;
    QTest::newRow("boric at its pKa") << int(Acid::Boric) << 9.24 << 0.5;
    QTest::newRow("citric at 0") << int(Acid::Citric) << 0.0 << 0.0;
}

void TestChemistry::protons()
{
    QFETCH(int, acid);
    QFETCH(double, ph);
    QFETCH(double, want);
    const AcidFacts& facts = factsOf(static_cast<Acid>(acid));
    QVERIFY(std::abs(protonsGivenUp(facts, ph) - want) < 1e-3);
    // What a food has given up already is not asked for again.
    QVERIFY(std::abs(hydroxidePerMol(facts, ph) - std::max(0.0, protonsGivenUp(facts, 10) - want)) <
            2e-3);
}

void TestChemistry::solubility_data()
{
    QTest::addColumn<double>("celsius");
    QTest::addColumn<double>("want");
    // Handbook solubility of NaOH in water, from memory.
    QTest::newRow("0 C") << 0.0 << 0.42;
    QTest::newRow("10 C") << 10.0 << 0.52;
    QTest::newRow("20 C") << 20.0 << 1.09;
    QTest::newRow("warm jug keeps the 20 C figure") << 60.0 << 1.09;
    QTest::newRow("below freezing") << -15.0 << 0.42;
}

// CRC Handbook of Chemistry and Physics, dissociation constants at 25 C, typed anew from memory:
// the sums must be those of the program's own table within 0.15 (EDTA's two last protons by
// Martell and Smith, from memory).
void TestChemistry::pKa()
{
    const std::pair<Acid, double> sums[] = {{Acid::Citric, 3.13 + 4.76 + 6.40},
                                            {Acid::Lactic, 3.86},
                                            {Acid::Acetic, 4.756},
                                            {Acid::Malic, 3.40 + 5.11},
                                            {Acid::Tartaric, 2.98 + 4.34},
                                            {Acid::Oxalic, 1.25 + 3.81},
                                            {Acid::Ascorbic, 4.17},
                                            {Acid::Succinic, 4.21 + 5.64},
                                            {Acid::Fumaric, 3.03 + 4.44},
                                            {Acid::Quinic, 3.46},
                                            {Acid::Glycolic, 3.83},
                                            {Acid::Gluconic, 3.86},
                                            {Acid::Gluconolactone, 3.86},
                                            {Acid::Salicylic, 2.97},
                                            {Acid::Benzoic, 4.20},
                                            {Acid::Sorbic, 4.76},
                                            {Acid::Phosphoric, 2.16 + 7.21 + 12.32},
                                            {Acid::Boric, 9.24},
                                            {Acid::Bitartrate, 4.34},
                                            {Acid::Bicarbonate, 10.33},
                                            {Acid::DisodiumEdta, 6.16 + 10.26}};
    QCOMPARE(std::size(sums), allAcids().size());
    for (const auto& [acid, want] : sums) {
        const AcidFacts& facts = factsOf(acid);
        double sum = 0.0;
        for (int i = 0; i < facts.protons; ++i)
            sum += facts.pKa[std::size_t(i)];
        QVERIFY2(std::abs(sum - want) < 0.15, std::string(facts.code).c_str());
    }
}

void TestChemistry::solubility()
{
    QFETCH(double, celsius);
    QFETCH(double, want);
    QVERIFY(std::abs(sodiumHydroxideSolubility(Temperature::celsius(celsius)) - want) < 1e-12);
    QVERIFY(potassiumHydroxideSolubility(Temperature::celsius(celsius)) >
            sodiumHydroxideSolubility(Temperature::celsius(celsius)));
}

void TestChemistry::units()
{
    // International yard and pound agreement, 1959: 1 lb = 453.59237 g exactly, 16 oz.
    QCOMPARE(Mass::pounds(1).inGrams(), 453.59237);
    QCOMPARE(Mass::ounces(16).inGrams(), 453.59237);
    for (const double g : {0.0, 0.1, 28.35, 1234.5}) {
        QCOMPARE(Mass::ounces(Mass::grams(g).inOunces()).inGrams(), g);
        QCOMPARE(Mass::pounds(Mass::grams(g).inPounds()).inGrams(), g);
    }
    QCOMPARE(Temperature::fahrenheit(212).inCelsius(), 100.0);
    QCOMPARE(Temperature::differenceInFahrenheit(10), 18.0); // no 32 in a difference
    for (const double bad : {-0.1, 0.0, 1.1, qQNaN(), qInf()})
        QVERIFY(!withPurity(*sodiumHydroxide(), bad));
    QVERIFY(!Interval::of(1, 0.5, 2) && !Interval::of(0, qQNaN(), 1) && Interval::of(0, 0.5, 1));
    QVERIFY(!Mass::grams(qQNaN()).isUsable() && !Mass::grams(-1).isUsable() &&
            !Mass::grams(1e300).isUsable());
}

QTEST_APPLESS_MAIN(TestChemistry)
#include "tst_chemistry.moc"
