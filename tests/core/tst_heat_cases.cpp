// The heat against its reference cases (tests/data/heat_cases.csv): each figure within its
// tolerance. What stands outside them is in tst_heat_laws.
#include "core/heat/combine.h"
#include "core/heat/cook.h"
#include "core/heat/cooling.h"
#include "core/heat/jug.h"
#include "core/heat/learn.h"
#include "core/heat/pot.h"
#include "support/cases.h"

#include <QRegularExpression>

using namespace rhexion;
using namespace rhexion::heat;
using namespace rhexion::test;

namespace {

struct Given {
    QMap<QString, QString> in;
    struct Found {
        QString name, value;
        double tolerance;
        bool mustEqual;
    };
    QList<Found> out;

    QString text(const QString& name) const { return in.value(name); }
    double number(const QString& name, double otherwise = 0.0) const
    {
        return in.contains(name) ? in[name].toDouble() : otherwise;
    }
    // "900 g 2.0 J/gK 44 C": the numbers of it.
    QList<double> numbers(const QString& name) const
    {
        QList<double> all;
        for (const QString& word : in[name].split(QLatin1Char(' '))) {
            bool good = false;
            const double x = word.toDouble(&good);
            if (good)
                all << x;
        }
        return all;
    }
};

QMap<QString, Given> readHeatCases()
{
    QMap<QString, Given> cases;
    const auto read = readCsv(testData(QStringLiteral("heat_cases.csv")));
    const auto& rows = std::get<CsvText>(read).rows;
    for (qsizetype i = 1; i < rows.size(); ++i) {
        const QStringList& c = rows[i].cells;
        Given& given = cases[c[0]];
        if (c[1] == QLatin1String("in"))
            given.in[c[2]] = withoutGuard(c[3]);
        else
            given.out.append({c[2], withoutGuard(c[3]), c[5].toDouble(), c[5].isEmpty()});
    }
    return cases;
}

// What a case comes to: a number, nothing for "never", or a word.
class Figures {
public:
    void number(const QString& name, std::optional<double> x) { numbers_[name] = x; }
    void word(const QString& name, const QString& x) { words_[name] = x; }
    void truth(const QString& name, bool x)
    {
        word(name, x ? QStringLiteral("yes") : QStringLiteral("no"));
    }
    void compare(const Given& given) const
    {
        for (const Given::Found& f : given.out) {
            const QByteArray name = f.name.toUtf8();
            if (f.mustEqual || words_.contains(f.name)) {
                QVERIFY2(words_.value(f.name) == f.value,
                         (name + ": " + words_.value(f.name).toUtf8() + " for " + f.value.toUtf8())
                             .constData());
                continue;
            }
            QVERIFY2(numbers_.contains(f.name), name.constData());
            const auto got = numbers_[f.name];
            if (f.value == QLatin1String("never")) {
                QVERIFY2(!got, (name + " is never").constData());
                continue;
            }
            QVERIFY2(got, (name + " is missing").constData());
            const double want = f.value.toDouble();
            QVERIFY2(std::abs(*got - want) <= f.tolerance,
                     qPrintable(QStringLiteral("%1: %2 for %3").arg(f.name).arg(*got).arg(want)));
        }
    }

private:
    QMap<QString, std::optional<double>> numbers_;
    QMap<QString, QString> words_;
};

VesselStuff stuffNamed(const QString& word)
{
    return word == QLatin1String("pp") ? VesselStuff::Polypropylene
                                       : *vesselStuffFromCode(word.toStdString());
}

MouldWall wallNamed(const QString& word)
{
    return word == QLatin1String("wood_silicone") ? MouldWall::WoodWithLiner
                                                  : *mouldWallFromCode(word.toStdString());
}

JugLiquid milk(double grams, double celsius, bool frozen)
{
    JugLiquid q;
    q.grams = grams;
    q.celsius = celsius;
    q.frozen = frozen;
    q.water = 0.872;
    q.fat = 0.041;
    q.reducingSugar = 0.045;
    q.protein = 0.034;
    return q;
}

Jug jugOf(const Given& g)
{
    Jug jug;
    for (int i = 1; g.in.contains(QStringLiteral("liquid%1.grams").arg(i)); ++i) {
        const auto at = [&](const char* name) {
            return g.number(QStringLiteral("liquid%1.%2").arg(i).arg(QLatin1String(name)));
        };
        JugLiquid q;
        q.grams = at("grams");
        q.celsius = at("celsius");
        q.frozen = g.text(QStringLiteral("liquid%1.frozen").arg(i)) == QLatin1String("yes");
        q.water = at("water");
        q.fat = at("fat");
        q.reducingSugar = at("sugar_reducing");
        q.otherSugar = at("sugar_other");
        q.protein = at("protein");
        q.salt = at("salt");
        jug.liquids.push_back(q);
    }
    jug.sodiumGrams = g.number(QStringLiteral("naoh"));
    jug.sodiumPurity = g.number(QStringLiteral("naoh_purity"));
    jug.potassiumGrams = g.number(QStringLiteral("koh"));
    jug.potassiumPurity = g.number(QStringLiteral("koh_purity"));
    jug.acidProtons = g.number(QStringLiteral("acid_protons"));
    jug.acidGrams = g.number(QStringLiteral("acid_grams"));
    jug.acidDissolving = g.number(QStringLiteral("acid_mol")) * dissolvingAcid;
    jug.crystalWater = g.number(QStringLiteral("acid_water"));
    jug.salt = g.number(QStringLiteral("salt"));
    jug.vesselGrams = g.number(QStringLiteral("vessel_grams"));
    jug.vessel = stuffNamed(g.text(QStringLiteral("vessel")));
    jug.room = g.number(QStringLiteral("room"));
    jug.hydroxideCelsius = g.number(QStringLiteral("hydroxide_celsius"));
    jug.portions = static_cast<int>(g.number(QStringLiteral("portions")));
    jug.pauseSeconds = g.number(QStringLiteral("pause"));
    if (g.in.contains(QStringLiteral("bath")))
        jug.bath = g.number(QStringLiteral("bath"));
    return jug;
}

Figures jugFigures(const Given& g)
{
    const Jug jug = jugOf(g);
    QTest::qVerify(!faultOf(jug), "no fault", "", __FILE__, __LINE__);
    JugRunOptions options;
    options.hours = 4.0;
    options.target = 38.0;
    const JugRun run = runJug(jug, options);
    const Adiabatic all = allAtOnce(jug);
    Figures f;
    f.number(QStringLiteral("adiabatic_peak"), all.celsius);
    f.number(QStringLiteral("adiabatic_ice"), all.iceGrams);
    f.number(QStringLiteral("start"), run.start);
    f.number(QStringLiteral("peak"), run.peak);
    f.number(QStringLiteral("peak_time"), run.peakSeconds);
    f.number(QStringLiteral("local_peak"), run.local);
    f.truth(QStringLiteral("boils_where_it_lands"), run.boilsWhereItLands);
    f.number(QStringLiteral("steam"), run.steamGrams);
    f.number(QStringLiteral("all_melted_after"), run.meltedSeconds);
    f.truth(QStringLiteral("saturated_on_the_way"), run.saturated);
    f.number(QStringLiteral("crystals_below"), crystalsBelow(jug).value_or(-1.0));
    f.number(QStringLiteral("boiling_point"), run.boilingPoint);
    f.number(QStringLiteral("down_to_38_after"), run.targetSeconds);
    return f;
}

Figures freezingFigures(const QString& id, const Given& g)
{
    Figures f;
    if (id == QLatin1String("F01")) {
        f.number(QStringLiteral("frozen_for_35"), frozenNeeded(jugOf(g), 0, 35.0));
        f.number(QStringLiteral("frozen_for_60"), frozenNeeded(jugOf(g), 0, 60.0));
    } else if (id == QLatin1String("F02")) {
        const auto asNumber = [](std::optional<int> n) {
            return n ? std::optional<double>(*n) : std::nullopt;
        };
        Jug jug;
        jug.liquids = {milk(230.0, -18.0, true)};
        jug.sodiumGrams = 100.0;
        jug.pauseSeconds = 180.0;
        f.number(QStringLiteral("frozen_milk_under_40"), asNumber(portionsNeeded(jug, 40.0)));
        jug.liquids = {JugLiquid{200.0, 5.0}};
        jug.vessel = VesselStuff::Steel;
        jug.vesselGrams = 300.0;
        jug.bath = 1.0;
        f.number(QStringLiteral("water_in_ice_bath_under_60"), asNumber(portionsNeeded(jug, 60.0)));
    } else {
        f.number(QStringLiteral("dilution_heat"),
                 thinningHeat(99.0 / molarMassSodiumHydroxide, 0.0, 101.0, 231.0));
    }
    return f;
}

Figures potFigures(const Given& g)
{
    Pot pot;
    for (int i = 1; g.in.contains(QStringLiteral("part%1.kind").arg(i)); ++i) {
        const QString part = QStringLiteral("part%1.").arg(i);
        pot.parts.push_back({*fatClassFromCode(g.text(part + QStringLiteral("kind")).toStdString()),
                             g.number(part + QStringLiteral("grams")),
                             g.number(part + QStringLiteral("celsius")),
                             {},
                             0});
    }
    pot.vesselGrams = g.number(QStringLiteral("vessel_grams"));
    pot.vessel = stuffNamed(g.text(QStringLiteral("vessel")));
    const auto sets = settingOut(pot);
    Figures f;
    f.number(QStringLiteral("together"), temperatureOf(pot));
    f.word(QStringLiteral("sets_out_first"),
           sets ? QString::fromLatin1(codeOf(pot.parts[sets->part].fat)) : QString());
    f.number(QStringLiteral("sets_out_below"), sets ? std::optional(sets->celsius) : std::nullopt);
    f.number(QStringLiteral("first_part_must_be"),
             hotPartsFor(pot, g.number(QStringLiteral("wanted"))));
    Pot cold = pot;
    for (PotPart& part : cold.parts)
        part.celsius = 20.0;
    f.number(QStringLiteral("heat_to_70"), heatTo(cold, 70.0) / 1000.0);
    return f;
}

std::vector<Reading> readingsOf(const Given& g, const QString& which)
{
    std::vector<Reading> all;
    for (int i = 1; g.in.contains(QStringLiteral("%1.reading%2").arg(which).arg(i)); ++i) {
        const auto n = g.numbers(QStringLiteral("%1.reading%2").arg(which).arg(i));
        all.push_back({n[0], n[1]});
    }
    return all;
}

Figures meetingFigures(const Given& g)
{
    Vessels vessels;
    vessels.jugGrams = g.number(QStringLiteral("jug.grams"));
    vessels.jugCp = g.number(QStringLiteral("jug.cp"));
    vessels.potGrams = g.number(QStringLiteral("pot.grams"));
    vessels.potCp = g.number(QStringLiteral("pot.cp"));
    vessels.jug = stuffNamed(g.text(QStringLiteral("jug.vessel")));
    vessels.pot = stuffNamed(g.text(QStringLiteral("pot.vessel")));
    CoolingPrior prior;
    prior.room = g.number(QStringLiteral("room"));
    prior.roomSd = g.number(QStringLiteral("room_sd"));
    prior.rate = vesselRate(vessels.jugGrams, vessels.jugCp);
    const auto jug = std::get<Cooling>(fitCooling(readingsOf(g, QStringLiteral("jug")), prior));
    prior.rate = vesselRate(vessels.potGrams, vessels.potCp);
    const auto pot = std::get<Cooling>(fitCooling(readingsOf(g, QStringLiteral("pot")), prior));
    Window window;
    window.low = g.number(QStringLiteral("low"));
    window.high = g.number(QStringLiteral("high"));
    window.tolerance = g.number(QStringLiteral("tolerance"));
    const auto meeting = meetingOf(jug, pot, window);
    const auto advice = adviceFor(jug, pot, window, vessels);
    Figures f;
    f.number(QStringLiteral("jug_rate"), jug.rate() * 3600.0);
    f.number(QStringLiteral("pot_rate"), pot.rate() * 3600.0);
    f.number(QStringLiteral("jug_into_window"), jug.when(window.high));
    f.number(QStringLiteral("jug_out_of_window"), jug.when(window.low));
    f.number(QStringLiteral("pot_into_window"), pot.when(window.high));
    f.number(QStringLiteral("pot_out_of_window"), pot.when(window.low));
    f.number(QStringLiteral("meet_from"), meeting ? std::optional(meeting->from) : std::nullopt);
    f.number(QStringLiteral("meet_until"), meeting ? meeting->until : std::nullopt);
    f.number(QStringLiteral("meet_sd"), meetingSd(jug, pot, window));
    f.number(QStringLiteral("jug_sd_after_1_h"), jug.sdAt(3600.0));
    if (advice) {
        f.word(QStringLiteral("chill_now"),
               advice->jugIsLater ? QStringLiteral("jug") : QStringLiteral("pot"));
        f.number(QStringLiteral("chill_for"), advice->chill.seconds);
        f.number(QStringLiteral("ice_for_it"), advice->chill.iceGrams);
        f.number(QStringLiteral("or_warm_the_other_by"), advice->warmOtherBy / 1000.0);
        f.number(QStringLiteral("at"), advice->warmAt);
    }
    return f;
}

Figures joiningFigures(const Given& g)
{
    const auto warm = [&](const char* name) {
        const auto n = g.numbers(QLatin1String(name));
        return Warm{n[0], n[1], n[2]};
    };
    Combining c;
    c.pot = warm("pot");
    c.jug = warm("jug");
    c.later = {warm("later")};
    c.blendingSeconds = g.numbers(QStringLiteral("blender"))[0];
    c.mol = g.numbers(QStringLiteral("ester"))[0];
    c.trace = *traceStageFromCode(g.text(QStringLiteral("trace")).toStdString());
    const auto combined = std::get<Combined>(combine(c));
    Figures f;
    f.number(QStringLiteral("joined"), combined.joined);
    f.number(QStringLiteral("at_trace"), combined.atTrace.typical());
    return f;
}

Batter batterOf(const Given& g)
{
    const auto at = [&](const char* name) {
        return g.number(QStringLiteral("batter.") + QLatin1String(name));
    };
    Batter b;
    b.oils = at("oils");
    b.mol = at("mol");
    b.naoh = at("naoh");
    b.koh = at("koh");
    b.water = at("water");
    b.reducingSugar = at("sugar_reducing");
    b.otherSugar = at("sugar_other");
    b.salt = at("salt");
    b.glycerol = at("glycerol");
    b.alcohol = at("alcohol");
    b.solids = at("solids");
    b.shortChain = at("short");
    b.saturated = at("saturated");
    b.oleic = at("oleic");
    b.poly = at("poly");
    b.ricinoleic = at("ricinoleic");
    b.accelerate = at("accelerate");
    return b;
}

MouldSetup setupOf(const Given& g)
{
    MouldSetup m;
    m.cylinder = g.text(QStringLiteral("mould.shape")) == QLatin1String("cylinder");
    m.width = g.number(QStringLiteral("mould.width"));
    m.height = g.number(QStringLiteral("mould.height"));
    m.length = g.number(QStringLiteral("mould.length"));
    m.wall = factsOf(wallNamed(g.text(QStringLiteral("mould.wall"))));
    m.room = g.number(QStringLiteral("mould.room"));
    if (g.in.contains(QStringLiteral("mould.oven_off_hours")))
        m.ovenOffHours = g.number(QStringLiteral("mould.oven_off_hours"));
    for (int i = 1; g.in.contains(QStringLiteral("mould.cover%1").arg(i)); ++i) {
        const QString cover = QStringLiteral("mould.cover%1").arg(i);
        m.covers.push_back({factsOf(*mouldCoverFromCode(g.text(cover).toStdString())),
                            g.number(cover + QStringLiteral(".from")),
                            {}});
    }
    return m;
}

Figures mouldFigures(const Given& g)
{
    const Batter batter = batterOf(g);
    const MouldSetup setup = setupOf(g);
    QTest::qVerify(!faultOf(batter) && !faultOf(setup), "no fault", "", __FILE__, __LINE__);
    MouldOptions options;
    options.hours = 72.0;
    const auto band =
        mouldBand(batter, setup, g.number(QStringLiteral("poured_at")),
                  *traceStageFromCode(g.text(QStringLiteral("trace")).toStdString()), options);
    const MouldRun& r = band->typical;
    Figures f;
    for (const double hour : {0.5, 1.0, 2.0, 3.0, 4.0, 6.0, 8.0, 12.0, 24.0, 48.0}) {
        f.number(QStringLiteral("core_%1h").arg(hour), r.at(hour, &MouldRow::core));
        f.number(QStringLiteral("skin_%1h").arg(hour), r.at(hour, &MouldRow::skin));
    }
    f.number(QStringLiteral("peak"), r.peak);
    f.number(QStringLiteral("peak_cool_corner"), band->cool.peak);
    f.number(QStringLiteral("peak_hot_corner"), band->hot.peak);
    f.number(QStringLiteral("peak_time"), r.peakSeconds);
    f.number(QStringLiteral("gel_temperature"), r.gelTemperature);
    f.word(QStringLiteral("gel"), QString::fromLatin1(codeOf(r.gel)));
    f.word(QStringLiteral("gel_cool_corner"), QString::fromLatin1(codeOf(band->cool.gel)));
    f.word(QStringLiteral("gel_hot_corner"), QString::fromLatin1(codeOf(band->hot.gel)));
    f.number(QStringLiteral("gel_share"), r.gelShare);
    f.number(QStringLiteral("gel_starts"), r.gelStart);
    f.number(QStringLiteral("gel_full"), r.gelFull);
    f.word(QStringLiteral("risk"), QString::fromLatin1(codeOf(r.risk)));
    f.word(QStringLiteral("risk_hot_corner"), QString::fromLatin1(codeOf(band->hot.risk)));
    f.number(QStringLiteral("widest_core_less_skin"), r.widestGap);
    f.number(QStringLiteral("saponified_24h"), r.at(24.0, &MouldRow::saponified));
    f.number(QStringLiteral("ninety_saponified"), r.ninetySeconds);
    f.number(QStringLiteral("core_near_room"), r.coolSeconds);
    f.number(QStringLiteral("unmould_earliest"), r.unmouldSeconds);
    f.number(QStringLiteral("first_look"), band->firstLook());
    f.number(QStringLiteral("dried_off_the_top"), r.driedGrams);
    QTest::qVerify(std::abs(r.imbalance) < 1e-3, "heat balance", "", __FILE__, __LINE__);
    return f;
}

Figures cookFigures(const Given& g)
{
    const auto at = [&](const char* name) {
        return g.number(QStringLiteral("cooker.") + QLatin1String(name));
    };
    Cooker cooker;
    cooker.power = at("power");
    cooker.setpoint = at("setpoint");
    cooker.diameter = at("diameter");
    cooker.potGrams = at("pot_grams");
    cooker.pot = stuffNamed(g.text(QStringLiteral("cooker.pot")));
    cooker.loss = at("loss");
    cooker.openShare = at("open_share");
    cooker.room = at("room");
    const CookRun run = runCook(batterOf(g), cooker, g.number(QStringLiteral("start")),
                                g.number(QStringLiteral("minutes")));
    Figures f;
    f.number(QStringLiteral("peak"), run.peak);
    f.number(QStringLiteral("end"), run.end);
    f.number(QStringLiteral("saponified"), run.saponified);
    f.number(QStringLiteral("water_lost"), run.waterLost);
    f.number(QStringLiteral("batter_left"), run.batterLeft);
    f.number(QStringLiteral("strength"), run.strength);
    const char* names[] = {"thick", "mashed", "drying", "done"};
    for (std::size_t i = 0; i < run.stages.size(); ++i)
        f.number(QStringLiteral("stage_") + QLatin1String(names[i]), run.stages[i]);
    return f;
}

Figures learningFigures(const Given& g, const Given& truth)
{
    std::vector<CoreReading> readings;
    for (auto it = g.in.begin(); it != g.in.end(); ++it) {
        static const QRegularExpression name(QStringLiteral("^reading_([0-9.]+)h$"));
        const auto match = name.match(it.key());
        if (match.hasMatch())
            readings.push_back({match.captured(1).toDouble(), it.value().toDouble()});
    }
    std::sort(readings.begin(), readings.end(),
              [](const CoreReading& a, const CoreReading& b) { return a.hour < b.hour; });
    const auto fitted =
        fitMould(batterOf(truth), setupOf(truth), 38.0, TraceStage::Light, readings);
    const auto learnt = std::get<std::optional<MouldLearnt>>(fitted);
    Figures f;
    f.number(QStringLiteral("rate_multiplier"), learnt->knobs.rate);
    f.number(QStringLiteral("loss_multiplier"), learnt->knobs.loss);
    f.number(QStringLiteral("ln_rate_sd"), learnt->lnRateSd);
    f.number(QStringLiteral("ln_loss_sd"), learnt->lnLossSd);
    return f;
}

} // namespace

class TstHeatCases : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void everyCase_data()
    {
        QTest::addColumn<QString>("id");
        const auto cases = readHeatCases();
        QCOMPARE(cases.size(), 53);
        for (auto it = cases.begin(); it != cases.end(); ++it)
            QTest::newRow(qPrintable(it.key())) << it.key();
    }
    void everyCase()
    {
        QFETCH(QString, id);
        static const auto cases = readHeatCases();
        const Given& g = cases[id];
        QVERIFY(!g.out.isEmpty());
        const auto figures = [&] {
            switch (id[0].unicode()) {
            case 'J': return jugFigures(g);
            case 'F': return freezingFigures(id, g);
            case 'P': return potFigures(g);
            case 'M': return meetingFigures(g);
            case 'K': return joiningFigures(g);
            case 'H': return mouldFigures(g);
            case 'C': return cookFigures(g);
            default: return learningFigures(g, cases[QStringLiteral("H01")]);
            }
        };
        figures().compare(g);
    }
};

QTEST_APPLESS_MAIN(TstHeatCases)
#include "tst_heat_cases.moc"
