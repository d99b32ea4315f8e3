// The mixed cases of docs/chemistry.md: sums written out by hand in tests/data/mixed_cases.py and
// evaluated there, apart from this program. To six significant figures.
#include <QTest>

#include "core/advice/reckon.h"
#include "support/make.h"

#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>

using namespace rhexion;
using namespace rhexion::test;

namespace {

QJsonArray cases()
{
    QFile file(QStringLiteral(RHEXION_SOURCE_DIR "/tests/data/mixed_cases.json"));
    return file.open(QIODevice::ReadOnly) ? QJsonDocument::fromJson(file.readAll()).array()
                                          : QJsonArray();
}

Figure figureOf(const QJsonValue& v)
{
    const QJsonArray three = v.toArray();
    return three.isEmpty() ? figure(v.toDouble())
                           : Figure{*Interval::of(three[0].toDouble(), three[1].toDouble(),
                                                  three[2].toDouble()),
                                    "test"};
}

MaterialKind kindOf(const QString& word)
{
    static const std::map<QString, MaterialKind> kinds{
        {"fat", MaterialKind::Fat},         {"fatty-acid", MaterialKind::FattyAcid},
        {"acid", MaterialKind::Acid},       {"milk", MaterialKind::Milk},
        {"produce", MaterialKind::Produce}, {"sugar", MaterialKind::Sugar},
        {"salt", MaterialKind::Salt},       {"liquid", MaterialKind::Liquid},
        {"egg", MaterialKind::Egg}};
    return kinds.at(word);
}

void addLine(Formula& f, const QJsonObject& at)
{
    auto m = material("thing", kindOf(at["kind"].toString()));
    m->part(Part::Water) = figureOf(at["water"]);
    m->part(Part::Fat) = figureOf(at["fat"]);
    if (at.contains("sv"))
        m->sv = figureOf(at["sv"]);
    if (at.contains("av"))
        m->acidValue = figureOf(at["av"]);
    if (at.contains("ph"))
        m->ph = figureOf(at["ph"]);
    if (at.contains("titratable"))
        m->titratable = figureOf(at["titratable"]);
    const QJsonObject acids = at["acids"].toObject();
    for (const QString& code : acids.keys())
        m->acids.push_back({*acidFromCode(code.toStdString()), figureOf(acids[code])});
    const StatedAmount amount =
        at["rest"].toBool()     ? rest
        : at.contains("batter") ? StatedAmount{at["batter"].toDouble(), AmountUnit::PercentOfBatter}
        : at.contains("liquid") ? StatedAmount{at["liquid"].toDouble(), AmountUnit::PercentOfLiquid}
                                : grams(at["grams"].toDouble());
    add(f, m, amount,
        vesselFromCode(at["vessel"].toString("oil-pot").toStdString()).value_or(Vessel::OilPot));
    if (at.contains("portion"))
        f.lines.back().portion = f.portions[std::size_t(at["portion"].toInt() - 1)].id;
}

Formula formulaOf(const QJsonObject& c)
{
    const QJsonObject s = c["settings"].toObject();
    const auto number = [&](const char* key, double otherwise) {
        return s[QLatin1String(key)].toDouble(otherwise);
    };
    Formula f;
    for (int i = 0; i < s["portions"].toInt(); ++i)
        f.portions.push_back({f.newId(), {}, 1.0, {}, {}});
    for (const QJsonValue& line : c["lines"].toArray())
        addLine(f, line.toObject());
    auto sodium = std::make_shared<Material>(*sodiumHydroxide(number("sodium", 1.0)));
    if (s.contains("sodiumWater"))
        sodium->part(Part::Water) = figure(number("sodiumWater", 0.0));
    f.lye.sodium = sodium;
    f.lye.potassium = potassiumHydroxide(number("potassium", 1.0));
    f.lye.superfat = number("superfat", 0.05);
    f.lye.potassiumShare = number("share", 0.0);
    const QString split = s["split"].toString();
    f.lye.split = split == "pure-weight"      ? SplitConvention::PureWeight
                  : split == "weighed-weight" ? SplitConvention::WeighedWeight
                                              : SplitConvention::Moles;
    f.lye.hiddenFat =
        s["hidden"].toString() == "typical" ? HiddenFatSchool::Typical : HiddenFatSchool::Surely;
    f.lye.basis = s["cooked"].toBool() ? SuperfatBasis::CookedFat : SuperfatBasis::AllFat;
    if (s.contains("fixed"))
        f.lye.fixed = FixedHydroxide{Mass::grams(number("fixed", 0)), {}};
    if (s.contains("secondPotassium"))
        f.lye.secondJug = SecondJug{0.0, number("secondPotassium", 0)};
    const std::pair<const char*, LiquidStatement> ways[] = {
        {"strength", LiquidStatement::Strength},
        {"ratio", LiquidStatement::Ratio},
        {"oilsWater", LiquidStatement::PercentOfOils},
        {"less", LiquidStatement::LessThanUsual}};
    for (const auto& [key, how] : ways)
        if (s.contains(QLatin1String(key))) {
            f.liquid.how = how;
            f.liquid.value = number(key, 0);
        }
    f.liquid.usualRatio = number("usual", 3.0);
    if (s["weighed"].toBool())
        f.liquid.convention = StrengthConvention::WeighedWithoutImpurity;
    if (s.contains("jug"))
        f.liquid.jugRatio = number("jug", 1.0);
    return f;
}

double resultOf(const Reckoning& r, const QString& key)
{
    const std::map<QString, double> all{
        {"n", r.hydroxideMol},
        {"acid", r.acidMol},
        {"sodium", r.sodium.weighedGrams},
        {"potassium", r.potassium.weighedGrams},
        {"makeUp", r.makeUpGrams},
        {"jugWater", r.jugWaterGrams},
        {"batter", r.batterGrams},
        {"strength", r.pure.strength},
        {"superfatTrue", r.superfatTrue.value()},
        {"superfatOils", r.superfatOnOils.value()},
        {"formed", r.neutralisationWater},
        {"free", r.freeOilGrams},
        {"jugStrength", r.jugs[0].strength.value_or(-1)},
        {"secondStrength", r.jugs[1].strength.value_or(-1)},
        {"portion1", r.portions.size() > 0 ? r.portions[0].superfat.value() : -1},
        {"portion2", r.portions.size() > 1 ? r.portions[1].superfat.value() : -1}};
    return all.at(key);
}

} // namespace

class TestMixedCases : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void byHand_data()
    {
        QTest::addColumn<QJsonObject>("wanted");
        for (const QJsonValue& c : cases())
            QTest::newRow(qPrintable(c["name"].toString())) << c.toObject();
    }
    void byHand()
    {
        QFETCH(QJsonObject, wanted);
        const auto result = reckon(formulaOf(wanted));
        const auto* r = std::get_if<Reckoning>(&result);
        QVERIFY(r);
        const QJsonObject results = wanted["results"].toObject();
        QVERIFY(!results.isEmpty());
        for (const QString& key : results.keys()) {
            const double want = results[key].toDouble();
            const double got = resultOf(*r, key);
            QVERIFY2(std::abs(got - want) <= 1e-6 * std::max(1e-3, std::abs(want)),
                     qPrintable(QStringLiteral("%1: %2, by hand %3")
                                    .arg(key)
                                    .arg(got, 0, 'g', 10)
                                    .arg(want, 0, 'g', 10)));
        }
    }
    void thereAreThirty() { QVERIFY(cases().size() >= 30); }
};

QTEST_APPLESS_MAIN(TestMixedCases)
#include "tst_mixed_cases.moc"
