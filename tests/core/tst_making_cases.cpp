// The sums around the making against the reference cases (tests/data/*_cases.csv) and against what
// stands outside them: geometry, handbook densities, definitions of units.
#include "core/making/blend.h"
#include "core/making/hard_water.h"
#include "core/making/headroom.h"
#include "core/making/mould_fit.h"
#include "core/making/scent.h"
#include "core/making/working_time.h"
#include "support/case_oils.h"

#include <QRegularExpression>

#include <numbers>

using namespace rhexion;
using namespace rhexion::test;

namespace {

double boundOf(const Interval& i, const QString& which)
{
    return which == QLatin1String("low")    ? i.low()
           : which == QLatin1String("high") ? i.high()
                                            : i.typical();
}
double boundOf(const Factor& f, const QString& which)
{
    return which.endsWith(QLatin1String("low"))    ? f.low
           : which.endsWith(QLatin1String("high")) ? f.high
                                                   : f.typical;
}

MouldShape loafOf(const CaseRow& c)
{
    Loaf loaf;
    loaf.length = c.numberOr("l", c.numberOr("l0", 0));
    loaf.width = c.numberOr("w", c.numberOr("w0", 0));
    loaf.height = c.number("h");
    loaf.rimLength = c.numberOr("l1", 0);
    loaf.rimWidth = c.numberOr("w1", 0);
    loaf.corner = c.numberOr("corner", 0);
    loaf.liner = c.numberOr("liner", 0);
    return loaf;
}

MouldShape shapeNamed(const QString& name)
{
    if (name == QLatin1String("A-slab"))
        return Slab{300, 200, 60, 2, 3, 3, 50};
    for (const CaseRow& c : readCases(QStringLiteral("mould_cases.csv")))
        if (c.id == name)
            return loafOf(c);
    qFatal("no such shape");
}

double volumeOf(const MouldShape& shape, const CaseRow& c)
{
    if (auto fault = faultOf(shape))
        throw *fault;
    return must(volumeTo(shape, c.numberOr("z", heightOf(shape))));
}

// "550 olive .910 .914 .918 soft + ..."
Batter batterOf(const CaseRow& c)
{
    Batter batter;
    for (const QString& part : c.text("oils").split(QStringLiteral(" + "))) {
        const QStringList w = part.split(QLatin1Char(' '));
        batter.oils.push_back({w[0].toDouble(),
                               *Interval::of(w[2].toDouble(), w[3].toDouble(), w[4].toDouble()),
                               w[5] == QLatin1String("hard")});
    }
    batter.hydroxide = c.number("naoh");
    batter.water = c.number("water");
    static const QRegularExpression entry(QStringLiteral("\"([a-z-]+)\": ([0-9.]+)"));
    auto it = entry.globalMatch(c.text("others"));
    while (it.hasNext()) {
        const auto m = it.next();
        for (std::size_t p = 0; p < batter.parts.size(); ++p)
            if (m.captured(1) ==
                QLatin1String(specificVolumeOf(static_cast<BatterPart>(p)).code.data()))
                batter.parts[p] = m.captured(2).toDouble();
    }
    return batter;
}

std::vector<BlendFat> fatsOf(const QString& text)
{
    std::vector<BlendFat> fats;
    for (const QString& part : text.split(QStringLiteral(" + "))) {
        const QStringList w = part.split(QLatin1Char(' '));
        fats.push_back({caseOil(w[1]), w[0].toDouble()});
    }
    return fats;
}

ScentBases basesOf(const CaseRow& c)
{
    return {c.numberOr("oils", 1000), c.numberOr("batter", 1450), c.numberOr("late", 40),
            c.numberOr("water_lost", 0)};
}

ScentBasis basisNamed(const QString& code)
{
    const QString full = code == QLatin1String("whole") ? QStringLiteral("batter-whole") : code;
    return *scentBasisFromCode(full.toStdString());
}

std::vector<ScentShare> sharesOf(const CaseRow& c)
{
    std::vector<ScentShare> out;
    QString text = c.text("scents");
    if (text.isEmpty())
        return {{.03, ScentBasis::Oils}};
    text.replace(QStringLiteral(" + "), QStringLiteral("|"));
    text.replace(QLatin1Char(':'), QLatin1Char(' '));
    static const QRegularExpression share(QStringLiteral("([0-9.]+) ([a-z-]+)"));
    auto it = share.globalMatch(text);
    while (it.hasNext()) {
        const auto m = it.next();
        out.push_back({m.captured(1).toDouble(), basisNamed(m.captured(2))});
    }
    return out;
}

Features featuresOf(const CaseRow& c)
{
    Features out;
    for (auto it = c.inputs.begin(); it != c.inputs.end(); ++it) {
        const auto is = [&](const SlopeRow& row) {
            return it.key() == QLatin1String(row.code.data());
        };
        if (std::ranges::any_of(workSlopes(), is) || std::ranges::any_of(unmouldSlopes(), is))
            out[it.key().toStdString()] = it.value().toDouble();
    }
    return out;
}

std::vector<double> numbersOf(const QStringList& words)
{
    std::vector<double> out;
    for (const QString& w : words)
        if (!w.isEmpty())
            out.push_back(w.toDouble());
    return out;
}

Learned modelOfScentCase()
{
    const std::map<std::string, Prior> priors{
        {"bench", priorOf(workBase())},
        {"scent lot 7", priorOf(factorOf(ScentClass::Untried, .03))}};
    const std::vector<WorkingLog> logs{{{{"bench", 1}}, 18},
                                       {{{"bench", 1}}, 22},
                                       {{{"bench", 1}, {"scent lot 7", 1}}, 4},
                                       {{{"bench", 1}, {"scent lot 7", 1}}, 5}};
    return learn(priors, logs);
}

using Road = std::function<CaseAnswer(const CaseRow&)>;

const QMap<QString, Road>& roads()
{
    static const QMap<QString, Road> all{
        // A: moulds
        {"water_density", [](const CaseRow& c) { return must(waterDensity(c.number("t_C"))); }},
        {"Box.volume", [](const CaseRow& c) { return volumeOf(loafOf(c), c); }},
        {"Box", [](const CaseRow& c) { return volumeOf(loafOf(c), c); }},
        {"Slab",
         [](const CaseRow& c) {
             return volumeOf(Slab{c.number("l"), c.number("w"), 60, int(c.number("nl")), 0,
                                  c.number("thick"), 60},
                             c);
         }},
        {"Column.volume",
         [](const CaseRow& c) {
             return volumeOf(Column{c.number("diameter"), c.number("h")}, c);
         }},
        {"LyingTube.volume",
         [](const CaseRow& c) {
             return volumeOf(LyingTube{c.number("diameter"), c.number("length"), c.number("depth")},
                             c);
         }},
        {"Dome.volume",
         [](const CaseRow& c) {
             return volumeOf(Dome{c.number("base_radius"), c.number("h")}, c);
         }},
        {"fill_height",
         [](const CaseRow& c) {
             return must(fillHeight(shapeNamed(c.text("shape")), c.number("volume")));
         }},
        {"by_water",
         [](const CaseRow& c) {
             return must(byWater(c.number("full"), c.number("empty"), c.numberOr("t", 20)))
                 .millilitres;
         }},
        {"lye_density",
         [](const CaseRow& c) {
             return must(
                 lyeDensity(c.number("c"), c.numberOr("potassium_share", 0), c.numberOr("t", 20)));
         }},
        {"batter_density",
         [](const CaseRow& c) {
             return boundOf(must(batterDensity(batterOf(c), c.number("t"))), c.output);
         }},
        {"check",
         [](const CaseRow& c) -> CaseAnswer {
             for (const CaseRow& of : readCases(QStringLiteral("mould_cases.csv")))
                 if (of.id == c.text("case"))
                     return must(batterDensity(batterOf(of), of.number("t"))).typical() * 1000 /
                            batterOf(of).grams();
             return QStringLiteral("no such case");
         }},
        {"cut_plan",
         [](const CaseRow& c) -> CaseAnswer {
             const CutPlan plan =
                 must(cutPlan(c.number("length"),
                              {c.number("bar"), c.numberOr("trim", 0), c.numberOr("kerf", 0)},
                              c.numberOr("poured", 0)));
             return c.output == QLatin1String("bars")      ? plan.bars
                    : c.output == QLatin1String("over_mm") ? plan.overMillimetres
                    : c.output == QLatin1String("wet_g")   ? plan.wetBar
                    : c.output == QLatin1String("trim_g")  ? plan.trims
                                                           : plan.evenBar;
         }},
        {"capacity",
         [](const CaseRow& c) -> CaseAnswer {
             std::vector<Headroom> situations;
             for (const QString& word : c.list("situations"))
                 for (std::size_t h = 0; h < countOf<Headroom>(); ++h)
                     if (word == QLatin1String(codeOf(static_cast<Headroom>(h))))
                         situations.push_back(static_cast<Headroom>(h));
             const RoomToFoam room = must(roomToFoam(c.number("contents"), situations));
             if (c.output == QLatin1String("fits"))
                 return room.fits(c.number("vessel")) ? QStringLiteral("yes")
                                                      : QStringLiteral("no");
             return c.output == QLatin1String("wanted_ml")
                        ? room.wanted
                        : room.largestContents(c.number("vessel"));
         }},
        {"batter_for_bars",
         [](const CaseRow& c) {
             return must(batterForBars(c.number("bars"), c.number("cured"), c.number("loss"),
                                       c.number("trim_share"), c.number("residue")));
         }},
        {"leftover_plan",
         [](const CaseRow& c) -> CaseAnswer {
             const Leftover over = leftoverPlan(c.number("batter_ml"), c.number("main"),
                                                numbersOf(c.list("cavities")));
             return c.output == QLatin1String("left") ? over.millilitres : over.cavities;
         }},
        // B: scent
        {"scent_grams",
         [](const CaseRow& c) -> CaseAnswer {
             const ScentGrams grams = must(scentGrams(sharesOf(c), basesOf(c)));
             return c.output == QLatin1String("total")
                        ? grams.total
                        : grams.each.at(c.output.mid(6).toUInt() - 1);
         }},
        {"scent_cap",
         [](const CaseRow& c) {
             return must(scentCap(c.number("cap"), basisNamed(c.text("basis")), basesOf(c),
                                  c.numberOr("other_scents", 0)));
         }},
        {"lowest cap",
         [](const CaseRow& c) -> CaseAnswer {
             double least = 1e9;
             QString who;
             for (const QString& part : c.text("caps").split(QStringLiteral(" / "))) {
                 const QStringList w = part.split(QLatin1Char(' '));
                 const double g =
                     must(scentCap(w[1].toDouble() / 100, basisNamed(w[3]), basesOf(c)));
                 if (g < least) {
                     least = g;
                     who = w[0];
                 }
             }
             if (c.output == QLatin1String("binding"))
                 return who;
             return least;
         }},
        {"drops",
         [](const CaseRow& c) {
             return boundOf(gramsOfDrops(c.number("drops"), Interval::exactly(c.number("density"))),
                            c.output);
         }},
        {"allergen_share",
         [](const CaseRow& c) -> CaseAnswer {
             const ScentCertificate first{
                 "a", {{"linalool", .3, .4}, {"limonene", .01, .03}}, {}, {}};
             const ScentCertificate second{
                 "b", {{"linalool", .05, .08}, {"eugenol", 0, .02}, {"citral", 0, .01}}, {}, {}};
             const std::vector<CertifiedGrams> scents{{18, &first}, {6, &second}};
             const QString name = c.id.mid(QStringLiteral("B-allergen-").size());
             for (const AllergenInBar& a :
                  allergensIn(scents, *Interval::of(1290, 1300, 1340), rinseOffThreshold))
                 if (QString::fromStdString(a.name) == name) {
                     if (c.output == QLatin1String("say"))
                         return QString::fromLatin1(codeOf(a.say));
                     return c.output == QLatin1String("low") ? a.low : a.high;
                 }
             return QStringLiteral("not there");
         }},
        {"flash_caution",
         [](const CaseRow& c) -> CaseAnswer {
             std::vector<std::optional<double>> points;
             for (const QString& p : c.list("flash"))
                 points.push_back(p == QLatin1String("?") ? std::nullopt
                                                          : std::optional(p.toDouble()));
             return QString::fromLatin1(
                 codeOf(flashCaution(points, c.number("t_add"), c.number("t_peak"),
                                     c.text("flame_near") == QLatin1String("True"))));
         }},
        // C: blend
        {"blend_group",
         [](const CaseRow& c) {
             const Blend blend = must(blendOf(fatsOf(c.text("blend"))));
             const auto group = acidGroupFromCode(c.text("group").toStdString());
             return boundOf(blend[group.value_or(AcidGroup::Oleic)].share, c.output);
         }},
        {"ratio",
         [](const CaseRow& c) {
             return boundOf(must(blendOf(fatsOf(c.text("blend")))).saturatedToUnsaturated,
                            c.output);
         }},
        {"blend_iodine",
         [](const CaseRow& c) {
             return boundOf(must(blendOf(fatsOf(c.text("blend")))).iodine, c.output);
         }},
        {"blend_sv",
         [](const CaseRow& c) {
             return boundOf(must(blendOf(fatsOf(c.text("blend")))).sv, c.output);
         }},
        {"soap_mass",
         [](const CaseRow& c) { return must(blendOf(fatsOf(c.text("blend")))).soapMolarMass; }},
        {"group_of_oil",
         [](const CaseRow& c) {
             return boundOf(shareOf(*acidGroupFromCode(c.text("group").toStdString()),
                                    *caseOil(c.text("oil"))),
                            c.output);
         }},
        {"iodine_from_profile",
         [](const CaseRow& c) {
             const MaterialPtr oil = caseOil(c.text("oil"));
             std::vector<std::pair<FattyAcid, double>> profile;
             for (const FattyAcidShare& f : oil->fattyAcids)
                 profile.emplace_back(f.acid, f.share.range.typical());
             return *iodineValueOf(profile, oil->unsaponifiable->range.typical());
         }},
        {"law",
         [](const CaseRow& c) -> CaseAnswer {
             if (c.inputs.contains(QStringLiteral("step"))) {
                 const auto at = [](double t) {
                     return workingTime(Features{{"temperature", t}}, {}, Blending::Bursts)
                         .time.typical;
                 };
                 return at(28) / at(38);
             }
             const Blend blend = must(blendOf(fatsOf(c.text("blend"))));
             double sum = 0;
             for (std::size_t g = 0; g < blend.groups.size(); ++g)
                 if (static_cast<AcidGroup>(g) != AcidGroup::Saturated)
                     sum += blend.groups[g].share.typical();
             return sum;
         }},
        // D: hard water
        {"hardness",
         [](const CaseRow& c) {
             return must(
                 hardness(c.number("value"), *hardnessUnitFromCode(c.text("unit").toStdString())));
         }},
        {"convert",
         [](const CaseRow& c) -> CaseAnswer {
             if (c.inputs.contains(QStringLiteral("grams"))) {
                 const QString basis = c.id.mid(QStringLiteral("B-30g-as-").size());
                 return c.number("grams") /
                        basesOf(c).gramsOf(basisNamed(basis), c.number("grams"));
             }
             return must(hardness(c.number("value"),
                                  *hardnessUnitFromCode(c.text("from").toStdString()))) /
                    millimolesPer(*hardnessUnitFromCode(c.text("to").toStdString()));
         }},
        {"held_share",
         [](const CaseRow& c) {
             return must(heldShare(c.number("h"), c.number("calcium_share"),
                                   c.number("ligand_mol_l"),
                                   *ligandFromCode(c.text("ligand").toStdString())))
                 .all;
         }},
        {"calcium_that_stays",
         [](const CaseRow& c) -> CaseAnswer {
             for (std::size_t s = 0; s < countOf<LimeSoap>(); ++s)
                 if (c.text("soap") == QLatin1String(codeOf(static_cast<LimeSoap>(s))))
                     return boundOf(
                         calciumThatStays(static_cast<LimeSoap>(s), c.number("soap_mol_l")),
                         c.output);
             return QStringLiteral("no such soap");
         }},
        {"hard_water",
         [](const CaseRow& c) -> CaseAnswer {
             const WashWater water{c.number("h"), c.number("calcium_share"), c.number("dose")};
             const HardWater r = must(
                 hardWater(water, c.number("bar"),
                           {*ligandFromCode(c.text("ligand").toStdString()), c.number("share")},
                           c.number("soap_share"), c.number("soap_molar")));
             const QMap<QString, double> figures{{"litres_ceiling", r.litresCeiling},
                                                 {"held", r.held.all},
                                                 {"litres_of_water_bar_meets", r.litresMet},
                                                 {"litres_softened", r.litresSoftened},
                                                 {"soap_wasted_g_per_l", r.soapWasted},
                                                 {"scum_g_per_l", r.scum},
                                                 {"share_wanted", r.shareWanted},
                                                 {"soap_left", r.soapLeft}};
             return figures.contains(c.output) ? CaseAnswer(figures[c.output])
                                               : CaseAnswer(QStringLiteral("no such figure"));
         }},
        // E: working time and windows
        {"working_time",
         [](const CaseRow& c) {
             const std::vector<ScentDose> scents{
                 {*scentClassFromCode(c.text("scent").toStdString()), c.number("dose"), "s"}};
             return boundOf(workingTime(featuresOf(c), scents,
                                        *blendingFromCode(c.text("blending").toStdString()))
                                .time,
                            c.output);
         }},
        {"working_class",
         [](const CaseRow& c) -> CaseAnswer {
             const std::vector<ScentDose> scents{
                 {*scentClassFromCode(c.text("scent").toStdString()), c.number("dose"), "s"}};
             const Factor t = workingTime(featuresOf(c), scents,
                                          *blendingFromCode(c.text("blending").toStdString()))
                                  .time;
             const auto word = [](double m) { return QLatin1String(codeOf(classOfMinutes(m))); };
             return c.output == QLatin1String("class")
                        ? QString(word(t.typical))
                        : QStringLiteral("%1 to %2").arg(word(t.low), word(t.high));
         }},
        {"windows",
         [](const CaseRow& c) -> CaseAnswer {
             const QString mould = c.text("mould");
             const MouldTimes w =
                 windowsOf(featuresOf(c), *gelPlanFromCode(c.text("gel").toStdString()),
                           mould == QLatin1String("cavities")   ? MouldKind::Cavities
                           : mould == QLatin1String("dividers") ? MouldKind::Dividers
                                                                : MouldKind::Loaf);
             if (c.output == QLatin1String("cut"))
                 return w.cut ? QStringLiteral("window") : QStringLiteral("never");
             return boundOf(c.output.startsWith(QLatin1String("unmould")) ? w.unmould.time
                            : c.output.startsWith(QLatin1String("cut"))   ? w.cut->closes
                                                                          : w.stamp.opens,
                            c.output);
         }},
        {"learn",
         [](const CaseRow& c) -> CaseAnswer {
             if (c.inputs.contains(QStringLiteral("logs")))
                 return std::exp(
                     modelOfScentCase().mean.at(c.output == QLatin1String("factor bench") ? 0 : 1));
             std::vector<WorkingLog> logs;
             for (const double t : numbersOf(c.list("logs_min")))
                 logs.push_back({{{"bench", 1}}, t});
             const Learned model = learn({{"bench", priorOf(workBase())}}, logs);
             if (c.output == QLatin1String("sigma"))
                 return model.sigma;
             return boundOf(predict(model, {{"bench", 1}}), c.output);
         }},
        {"predict",
         [](const CaseRow& c) {
             return boundOf(predict(modelOfScentCase(), {{"bench", 1}, {"scent lot 7", 1}}),
                            c.output);
         }},
        // H: beliefs about acid
        {"ph_of_soap",
         [](const CaseRow& c) {
             const double plain = phOfSoap(c.number("soap"), c.number("pka"));
             if (c.output == QLatin1String("pH"))
                 return plain;
             return phOfSoap(c.number("soap"), c.number("pka"), c.numberOr("citrate", 0), 0,
                             c.numberOr("acid", 0)) -
                    plain;
         }},
        {"citrate_charge", [](const CaseRow& c) { return citrateCharge(c.number("ph")); }},
    };
    return all;
}

} // namespace

class TestMakingCases : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void cases_data()
    {
        QTest::addColumn<QString>("file");
        QTest::addColumn<int>("at");
        int rows = 0;
        for (const char* file :
             {"mould_cases.csv", "scent_cases.csv", "blend_cases.csv", "water_hardness_cases.csv",
              "working_time_cases.csv", "belief_cases.csv"}) {
            const QList<CaseRow> all = readCases(QString::fromLatin1(file));
            QVERIFY2(all.size() > 10, file);
            for (int i = 0; i < all.size(); ++i)
                QTest::newRow(
                    qPrintable(QStringLiteral("%1 %2 %3").arg(i + 2).arg(all[i].id, all[i].output)))
                    << QString::fromLatin1(file) << i;
            rows += int(all.size());
        }
        QVERIFY(rows > 500);
    }
    void cases()
    {
        QFETCH(QString, file);
        QFETCH(int, at);
        static QMap<QString, QList<CaseRow>> read;
        if (!read.contains(file))
            read[file] = readCases(file);
        const CaseRow& row = read[file][at];
        QVERIFY2(roads().contains(row.function), qPrintable(row.function));
        try {
            const CaseAnswer answer = roads()[row.function](row);
            QVERIFY2(row.output != QLatin1String("refusal"), "was not refused");
            compareCase(row, answer);
        } catch (const Cannot& cannot) {
            QCOMPARE(QString::fromLatin1(codeOf(cannot.code)), row.value);
        }
    }

    // The factors of working time, low, typical, high, as the table prints them.
    void factorsAreTheTable()
    {
        const auto csv = readCsv(testData(QStringLiteral("working_factors.csv")));
        int seen = 0;
        for (const CsvRow& row : std::get<CsvText>(csv).rows.mid(1)) {
            const QStringList& c = row.cells;
            Factor have{-1, -1, -1};
            const std::string name = c[2].toStdString();
            if (c[1] == QLatin1String("slope of ln")) {
                const auto rows = c[0] == QLatin1String("work") ? workSlopes() : unmouldSlopes();
                const auto found = std::ranges::find(rows, name, &SlopeRow::code);
                QVERIFY2(found != rows.end(), name.c_str());
                QVERIFY(std::abs(found->reference - c[3].toDouble()) < 1e-9);
                have = {found->low, found->typical, found->high};
            } else if (c[1] == QLatin1String("base")) {
                have = c[0] == QLatin1String("work") ? workBase() : unmouldBase();
            } else if (c[1] == QLatin1String("scent")) {
                have = factorOf(*scentClassFromCode(name), .03);
            } else if (c[1] == QLatin1String("blending")) {
                have = factorOf(*blendingFromCode(name));
            } else if (c[1] == QLatin1String("gel")) {
                have = factorOf(*gelPlanFromCode(name));
            } else {
                have = cavitiesFactor();
            }
            QCOMPARE(have.low, c[4].toDouble());
            QCOMPARE(have.typical, c[5].toDouble());
            QCOMPARE(have.high, c[6].toDouble());
            ++seen;
        }
        QVERIFY(seen > 30);
    }

    // Geometry that no case file says: shapes that are each other.
    void shapesAgree()
    {
        const auto near = [](double a, double b) { return std::abs(a - b) < 1e-9 * b; };
        // A tube filled to its brim is a column; a half-ball dome half a ball.
        QVERIFY(near(capacityOf(LyingTube{60, 200, 60}), capacityOf(Column{60, 200})));
        QVERIFY(near(2 * capacityOf(Dome{40, 40}), 4.0 / 3.0 * std::numbers::pi * 64.0));
        // A loaf with corners as round as its sides is a column; a slab without dividers a loaf.
        QVERIFY(near(capacityOf(Loaf{50, 50, 90, 0, 0, 25, 0}), capacityOf(Column{50, 90})));
        QVERIFY(near(capacityOf(Slab{300, 200, 40, 0, 0, 0, 0}), capacityOf(Loaf{300, 200, 40})));
        // Filling and reading back, through each shape and height.
        for (const MouldShape& shape :
             {MouldShape(Loaf{240, 82, 65, 255, 96, 8, .5}),
              MouldShape(Slab{300, 200, 60, 2, 3, 3, 50}), MouldShape(Column{75, 200}),
              MouldShape(LyingTube{80, 250, 60}), MouldShape(Dome{35, 20})}) {
            QVERIFY(!faultOf(shape));
            double before = -1;
            for (double share : {0.0, 0.01, 0.3, 0.5, 0.77, 1.0}) {
                const double z = share * heightOf(shape);
                const double ml = must(volumeTo(shape, z));
                QVERIFY(ml > before);
                before = ml;
                QVERIFY(std::abs(must(fillHeight(shape, ml)) - z) < 1e-6);
            }
        }
    }

    // Densities from handbooks: water at 20 C, and that lye of nothing is water.
    void densitiesMeet()
    {
        QVERIFY(std::abs(must(lyeDensity(0, 0, 20)) - 0.9982) < 1e-6);
        QVERIFY(std::abs(must(lyeDensity(0, 1, 20)) - must(waterDensity(20))) < 2e-4);
        double before = 0;
        for (double c = 0; c <= .5; c += .01) {
            const double now = must(lyeDensity(c, 0, 20));
            QVERIFY(now > before && now > must(lyeDensity(c, 0, 60)));
            before = now;
        }
    }

    // Bad sizes and masses are refused with what they are about, never a crash.
    void refuses_data()
    {
        QTest::addColumn<QString>("code");
        QTest::addColumn<QString>("item");
        QTest::addColumn<int>("which");
        const char* const rows[][2] = {
            {"not-positive", "length"},      {"out-of-range", "length"},
            {"negative", "corner-or-liner"}, {"bad-dividers", "dividers"},
            {"above-the-rim", "depth"},      {"not-positive", "water"},
            {"out-of-range", "water"},       {"out-of-range", "count"},
            {"not-positive", "bar"},         {"negative", "trim-or-kerf"},
            {"nothing-in-it", "batter"}};
        for (int i = 0; i < int(std::size(rows)); ++i)
            QTest::addRow("%d %s %s", i, rows[i][0], rows[i][1])
                << QString::fromLatin1(rows[i][0]) << QString::fromLatin1(rows[i][1]) << i;
    }
    void refuses()
    {
        QFETCH(QString, code);
        QFETCH(QString, item);
        QFETCH(int, which);
        const double nan = std::numeric_limits<double>::quiet_NaN();
        const std::vector<std::function<std::optional<Cannot>()>> all{
            [&] {
                return faultOf(MouldShape(Loaf{nan, 80, 70}));
            },
            [] {
                return faultOf(MouldShape(Loaf{2e4, 80, 70}));
            },
            [] {
                return faultOf(MouldShape(Loaf{200, 80, 70, 0, 0, -1, 0}));
            },
            [] {
                return faultOf(MouldShape(Slab{200, 80, 70, 1, 1, 2, 71}));
            },
            [] {
                return faultOf(MouldShape(LyingTube{80, 200, 81}));
            },
            [] { return faultOf(MouldShape(FreeShape{0})); },
            [] { return faultOf(MouldShape(FreeShape{1e9})); },
            [] {
                return faultOf(Mould{"many", Column{40, 30}, 5000});
            },
            [&] {
                return faultOf(Cutting{nan, 0, 0});
            },
            [] {
                return faultOf(Cutting{25, -1, 0});
            },
            []() -> std::optional<Cannot> {
                const auto d = batterDensity(Batter{}, 38);
                return std::get<Cannot>(d);
            }};
        const auto fault = all.at(std::size_t(which))();
        QVERIFY(fault);
        QCOMPARE(QString::fromLatin1(codeOf(fault->code)), code);
        QCOMPARE(QString::fromStdString(fault->item), item);
    }
};

QTEST_APPLESS_MAIN(TestMakingCases)
#include "tst_making_cases.moc"
