// The finished soap's list of ingredients against the account, over every material of the
// catalogue: its rows but water weigh what the account calls dry.
#include "core/advice/reckon.h"
#include "core/after/inci.h"
#include "core/after/net_weight.h"
#include "storage/catalogue.h"
#include "storage/inci_names.h"

#include <QTest>

using namespace rhexion;

namespace {

// 700 g of olive and 300 g of coconut oil with 30 g of the material, the lye of two metals.
Formula with(const MaterialPtr& material, double potassiumShare)
{
    const Catalogue& shelf = Catalogue::shipped();
    Formula f;
    f.lye.sodium = shelf.find("sodium-hydroxide");
    f.lye.potassium = shelf.find("potassium-hydroxide-85");
    f.lye.potassiumShare = potassiumShare;
    const auto add = [&](const MaterialPtr& m, Vessel vessel, StatedAmount amount) {
        f.lines.push_back({++f.lastId, m, vessel, amount});
    };
    add(shelf.find("olive-oil"), Vessel::OilPot, {700.0, AmountUnit::Gram});
    add(shelf.find("coconut-oil"), Vessel::OilPot, {300.0, AmountUnit::Gram});
    add(plainWater(), Vessel::LyeJug, {0.0, AmountUnit::Rest});
    add(material,
        material->isHydroxide() ? Vessel::LyeJug
        : material->isOil()     ? Vessel::OilPot
                                : Vessel::Trace,
        {30.0, AmountUnit::Gram});
    return f;
}

} // namespace

class TestLabels : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void rowsWeighWhatIsDry()
    {
        for (const double potassium : {0.0, 0.4})
            for (const MaterialPtr& m : Catalogue::shipped().materials()) {
                const Formula f = with(m, potassium);
                const ReckonResult result = reckon(f);
                const auto* r = std::get_if<Reckoning>(&result);
                if (!r) { // dry lye is no line of a formula
                    QVERIFY2(m->isHydroxide(), m->id.c_str());
                    continue;
                }
                // Impurities of what is bought are no ingredients: Regulation (EC) 1223/2009,
                // article 19 (from memory).
                double dry = r->batterGrams - r->waterPresent - r->neutralisationWater;
                for (const HydroxideReckoned* h : {&r->sodium, &r->potassium})
                    dry -= h->weighedGrams - h->pureGrams - h->waterGrams;
                const auto named = [](const Material& x) { return inciNameOf(x); };
                double rows = 0.0;
                for (const LabelRow& row : labelAsSoap(labelBatchOf(f, *r, 2000.0, named)))
                    rows += row.name == "Aqua" ? 0.0 : row.grams;
                QVERIFY2(std::abs(rows - dry) < 1e-6,
                         qPrintable(QStringLiteral("%1: rows %2 g, dry %3 g")
                                        .arg(m->id.c_str())
                                        .arg(rows, 0, 'f', 4)
                                        .arg(dry, 0, 'f', 4)));
            }
    }

    // 76/211/EEC, annex I, 3.1 (from memory).
    void digitsAreHighEnough_data()
    {
        QTest::addColumn<double>("grams");
        QTest::addColumn<double>("millimetres");
        QTest::newRow("50 g") << 50.0 << 2.0;
        QTest::newRow("55 g") << 55.0 << 3.0;
        QTest::newRow("200 g") << 200.0 << 3.0;
        QTest::newRow("205 g") << 205.0 << 4.0;
        QTest::newRow("1 kg") << 1000.0 << 4.0;
        QTest::newRow("more") << 1005.0 << 6.0;
    }
    void digitsAreHighEnough()
    {
        QFETCH(double, grams);
        QTEST(digitHeight(grams), "millimetres");
    }
};

QTEST_APPLESS_MAIN(TestLabels)
#include "tst_labels.moc"
