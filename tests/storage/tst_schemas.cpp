// The published JSON Schemas against what the program reads and writes, by a general schema
// validator.
#include <QTest>

#include "recipe/recipe.h"
#include "storage/batch_json.h"
#include "storage/day_json.h"
#include "storage/fittings.h"
#include "storage/heat_json.h"
#include "storage/making_json.h"
#include "storage/mishap_json.h"
#include "storage/recipe_json.h"
#include "storage/reckoning_json.h"
#include "support/files.h"
#include "support/random_after.h"
#include "support/random_formula.h"

#include <QDir>
#include <QJsonDocument>

#include <valijson/adapters/nlohmann_json_adapter.hpp>
#include <valijson/schema.hpp>
#include <valijson/schema_parser.hpp>
#include <valijson/validation_results.hpp>
#include <valijson/validator.hpp>

using namespace rhexion;
using namespace rhexion::test;
using Json = nlohmann::json;

namespace {

Json parsed(const QByteArray& bytes)
{
    return Json::parse(bytes.toStdString());
}

// Empty when the document fits the schema of that name, else what does not.
QString misfit(const char* schemaName, const Json& document)
{
    const QString path = QStringLiteral(RHEXION_SOURCE_DIR "/docs/formats/%1.schema.json")
                             .arg(QLatin1String(schemaName));
    const Json schemaJson = parsed(bytesOf(path));
    valijson::Schema schema;
    valijson::SchemaParser parser;
    valijson::adapters::NlohmannJsonAdapter schemaAdapter(schemaJson);
    parser.populateSchema(schemaAdapter, schema);
    valijson::Validator validator;
    valijson::ValidationResults results;
    valijson::adapters::NlohmannJsonAdapter target(document);
    if (validator.validate(schema, target, &results))
        return {};
    valijson::ValidationResults::Error error;
    QString text = QStringLiteral("does not fit");
    while (results.popError(error))
        text += QStringLiteral("; ") + QString::fromStdString(error.description);
    return text;
}

} // namespace

class TestSchemas : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void catalogueFits()
    {
        QCOMPARE(misfit("catalogue", parsed(bytesOf(RHEXION_SOURCE_DIR "/data/catalogue.json"))),
                 QString());
    }
    void formulasFit_data()
    {
        QTest::addColumn<QString>("name");
        for (const char* name : demoNames)
            QTest::newRow(name) << QString::fromLatin1(name);
    }
    void formulasFit()
    {
        QFETCH(QString, name);
        const Formula f = demo(name.toLatin1());
        QCOMPARE(misfit("formula", parsed(bytesOf(demoPath(name.toLatin1())))), QString());
        QCOMPARE(misfit("formula", parsed(formulaToJson(f))), QString());
        const auto r = std::get<Reckoning>(reckon(f));
        QCOMPARE(
            misfit("reckoning", parsed(QJsonDocument(reckoningToJson(f, r, r.cautions)).toJson())),
            QString());
        const auto doubt = doubtOf(f, r);
        QVERIFY(doubt);
        QCOMPARE(misfit("reckoning",
                        parsed(QJsonDocument(reckoningToJson(f, r, r.cautions, &*doubt)).toJson())),
                 QString());
        const Refusal refusal{RefusalCode::BadMass, 3, "salt", {-1.0}};
        QCOMPARE(misfit("reckoning", parsed(QJsonDocument(refusalToJson(f, refusal)).toJson())),
                 QString());
    }
    void everyFeatureFits()
    {
        RandomFormulas random(77);
        for (int i = 0; i < 60; ++i) {
            Formula f = random.next(false);
            if (f.portions.empty())
                random.everythingOn(f);
            QCOMPARE(misfit("formula", parsed(formulaToJson(f))), QString());
            const auto result = reckon(f);
            if (const auto* r = std::get_if<Reckoning>(&result))
                QCOMPARE(
                    misfit("reckoning",
                           parsed(QJsonDocument(reckoningToJson(f, *r, r->cautions)).toJson())),
                    QString());
        }
    }
    // What the command line prints of each topic, for every kind of formula.
    void topicsFit()
    {
        RandomFormulas random(78);
        Fittings own;
        own.limits.push_back({"", ScentLimit::Whose::Local, ProductKind::RinseOff, .03,
                              ScentBasis::BatterWhole, "law", "2026-01-01"});
        int seen = 0;
        for (int i = 0; i < 60; ++i) {
            Formula f = random.next(i % 2 == 0);
            if (f.portions.empty())
                random.everythingOn(f);
            const auto result = reckon(f);
            const auto* r = std::get_if<Reckoning>(&result);
            if (!r)
                continue;
            ++seen;
            const auto fits = [](const QJsonObject& json) {
                return misfit("making", parsed(QJsonDocument(json).toJson()));
            };
            QCOMPARE(fits(mouldFitToJson(f, *r)), QString());
            QCOMPARE(fits(scentToJson(f, scentPicture(f, *r, own.limits, {}, {}), own)), QString());
            QCOMPARE(fits(blendToJson(f, *r)), QString());
            QCOMPARE(fits(waterToJson(f, *r, own.water)), QString());
            QCOMPARE(fits(workingToJson(f, *r, {}, {})), QString());
            heat::ForecastOptions coarse;
            coarse.coarse = true;
            coarse.hours = 3.0;
            const auto heat = heat::forecastHeat(f, *r, {}, coarse);
            for (const auto topic :
                 {jugHeatToJson, meetingHeatToJson, mouldHeatToJson, cookHeatToJson})
                QCOMPARE(misfit("heat", parsed(QJsonDocument(topic(f, *heat)).toJson())),
                         QString());
            if (seen % 10 != 0) // the validator is slow
                continue;
            const DayPlan plan = planDay(f, *r);
            const std::vector<DayOf> days{dayOf(plan, f, *r, &*heat)};
            ScheduleWish wish;
            wish.how = ScheduleHow::Within;
            wish.within = 600.0;
            QCOMPARE(misfit("day", parsed(QJsonDocument(dayToJson(days, scheduleOf(days, wish),
                                                                  laterSteps(f, *r, &*heat)))
                                              .toJson())),
                     QString());
        }
        QVERIFY(seen > 30);
    }
    // A batch after any weeks, a list of them, and some side by side.
    void batchesFit()
    {
        RandomAfter random(41);
        std::vector<Batch> batches;
        for (int i = 0; i < 6; ++i) {
            const Formula f = demo(demoNames[i % 4]);
            const Reckoning r = std::get<Reckoning>(reckon(f));
            const auto at = [&](std::int64_t ms, Happening what) {
                return Event{"e" + std::to_string(ms), "b" + std::to_string(i), "bench", 0, ms, 0,
                             std::move(what)};
            };
            std::vector<Event> events{at(1, BatchBegun{f, r.amounts, planDay(f, r)}),
                                      at(2, BatchFinished{0.05, 0.33, 1200.0}),
                                      at(3, MadeAtBench{"attic"})};
            for (const char* bench : {"one", "two"}) {
                events.push_back(at(4, WeighedNow{{{WeighTarget::What::Sodium, 0}, 90.0}, 90.0}));
                events.back().bench = bench;
                events.back().id = bench;
            }
            if (i % 2 == 0)
                events.push_back(at(5, TwiceSettled{"two", WeighedTwice::Both}));
            for (int k = 0; k < 40; ++k)
                events.push_back(
                    at(10 + k, After{std::int64_t(k) * 86400000, random.next({}, {}), 0}));
            batches.push_back(*fold(events));
            const QJsonObject json = batchToJson(batches.back(), curedOf(batches.back()));
            QCOMPARE(misfit("batch", parsed(QJsonDocument(json).toJson())), QString());
        }
        QList<BatchSummary> list;
        std::vector<Compared> all;
        for (const Batch& b : batches) {
            list.append(summaryOf(b));
            all.push_back({&b, 0});
        }
        QCOMPARE(misfit("batch",
                        parsed(QJsonDocument(summariesToJson(list, {{"27-038-02N", {"a", "b"}}}))
                                   .toJson())),
                 QString());
        QCOMPARE(
            misfit("batch", parsed(QJsonDocument(comparisonToJson(compared(all), all)).toJson())),
            QString());
        QVERIFY(!misfit("batch", parsed(R"({"format":"rhexion-batch"})")).isEmpty());
    }
    // A script is written so that it reads back the same, and schema and reader refuse alike.
    void mishapScripts_data()
    {
        QTest::addColumn<QByteArray>("text");
        QTest::addColumn<bool>("good");
        const auto row = [](const char* name, const QByteArray& body, bool good) {
            QTest::newRow(name) << QByteArray(R"({"format":"rhexion-mishaps","version":1,)") +
                                       body + '}'
                                << good;
        };
        row("all of it",
            R"("name":"Monday","mishaps":[{"what":"phone-rings","at":"trace","figure":5},{"what":"scale-dies"}])",
            true);
        row("none", R"("mishaps":[])", true);
        row("a mishap nobody knows", R"("mishaps":[{"what":"dragon"}])", false);
        row("a step nobody knows", R"("mishaps":[{"what":"phone-rings","at":"tea"}])", false);
        row("a figure below nothing", R"("mishaps":[{"what":"phone-rings","figure":-5}])", false);
        row("no list", R"("name":"x")", false);
        row("a field too many", R"("mishaps":[],"extra":1)", false);
    }
    void mishapScripts()
    {
        QFETCH(QByteArray, text);
        QFETCH(bool, good);
        QCOMPARE(misfit("mishaps", parsed(text)).isEmpty(), good);
        const auto read = mishapsFromJson(text);
        QCOMPARE(std::holds_alternative<MishapScript>(read), good);
        if (!good)
            return;
        const auto again = mishapsFromJson(mishapsToJson(std::get<MishapScript>(read)));
        QVERIFY(std::get<MishapScript>(again) == std::get<MishapScript>(read));
    }
    void recipesFit()
    {
        for (const QString& name : QDir(QStringLiteral(RHEXION_SOURCE_DIR "/tests/data/recipes"))
                                       .entryList({QStringLiteral("*.txt")})) {
            const QByteArray text =
                bytesOf(QStringLiteral(RHEXION_SOURCE_DIR "/tests/data/recipes/") + name);
            QJsonObject json =
                recipeToJson(readRecipe({text.constData(), std::size_t(text.size())}).recipe);
            json["format"] = "rhexion-recipe";
            json["version"] = 1;
            QCOMPARE(misfit("recipe", parsed(QJsonDocument(json).toJson())), QString());
        }
    }
    // What is kept comes back, and fits; what cannot be is refused with its place.
    void fittings_data()
    {
        QTest::addColumn<QByteArray>("json");
        QTest::addColumn<QString>("place");
        const auto row = [](const char* name, const char* body, const char* place) {
            QTest::newRow(name) << QByteArray(R"({"format":"rhexion-fittings","version":1,)") +
                                       body + "}"
                                << QString::fromLatin1(place);
        };
        row("flat mould", R"("moulds":[{"kind":"loaf","length":200,"width":80,"height":0}])",
            "moulds[0].height");
        row("no such shape", R"("moulds":[{"kind":"heart"}])", "moulds[0].kind");
        row("cap above one",
            R"("limits":[{"whose":"own","kind":"face","fraction":1.5,"basis":"oils"}])",
            "limits[0].fraction");
        row("jar of more than all",
            R"("blends":[{"scent":"a","parts":[{"scent":"b","share":0.7},{"scent":"c","share":0.7}]}])",
            "blends[0].parts");
        row("upside down",
            R"("certificates":[{"scent":"a","allergens":[{"name":"b","low":0.4,"high":0.1}]}])",
            "certificates[0].allergens[0].high");
        row("sea water", R"("water":{"hardness":500,"unit":"german"})", "water.hardness");
        row("surprise", R"("cups":[])", "cups");
        row("a room as hot as an oven", R"("heat":{"room":180})", "heat.room");
        row("no such jug", R"("heat":{"jug":{"stuff":"paper"}})", "heat.jug.stuff");
        row("a cover that comes late", R"("heat":{"covers":[{"cover":"lid","fromHour":2}]})",
            "heat.cover");
        row("a thousand portions", R"("heat":{"portions":1000})", "heat.portions");
        row("price of nothing", R"("prices":{"olive-oil":-1})", "prices.olive-oil");
    }
    void fittings()
    {
        QFETCH(QByteArray, json);
        QFETCH(QString, place);
        const auto read = fittingsFromJson(json);
        const auto* fault = std::get_if<FileFault>(&read);
        QVERIFY(fault);
        QCOMPARE(fault->place, place);
        Fittings own;
        own.moulds = {Mould{"tin", Slab{300, 200, 50, 2, 3, 3, 45}, 2}};
        own.vessels = {{"jug", OwnVesselKind::StickJug, 900, VesselStuff::Steel, 320}};
        HeatPlan plan;
        plan.covers = {{MouldCover::Freezer, 0.0, -22.0}, {MouldCover::Open, 12.0, {}}};
        plan.ovenOffHours = 1.5;
        plan.potAfterMinutes = 40.0;
        plan.jug.stuff = VesselStuff::Steel;
        plan.cook.openShare = 0.4;
        own.heat = plan;
        own.heatForgotten = 1700000000000;
        own.limits = {{"x", ScentLimit::Whose::Supplier, ProductKind::Face, .01, ScentBasis::Cured,
                       "sheet", "2026-01-01"}};
        own.certificates = {{"x", {{"linalool", .1, .2}}, "sheet", ""}};
        own.blends = {{"jar", {{"x", .75}, {"y", .25}}, {}}};
        own.prices["olive-oil"] = 0.01;
        own.water = {2.5, .7, 5.0};
        own.waterKnown = true;
        const QByteArray kept = fittingsToJson(own);
        QCOMPARE(misfit("fittings", parsed(kept)), QString());
        QVERIFY(std::get<Fittings>(fittingsFromJson(kept)) == own);
    }
    void schemasRefuseToo_data()
    {
        QTest::addColumn<QString>("pointer");
        QTest::addColumn<QString>("to");
        const std::pair<const char*, const char*> rows[] = {{"/version", "99"},
                                                            {"/format", "\"x\""},
                                                            {"/lye/superfat", "1"},
                                                            {"/lye/split", "\"x\""},
                                                            {"/lines/0/amount/unit", "\"stone\""},
                                                            {"/lines/0/amount/value", "-1"},
                                                            {"/surprise", "1"},
                                                            {"/materials/0/kind", "\"fish\""}};
        for (const auto& [pointer, to] : rows)
            QTest::newRow(pointer) << QString::fromLatin1(pointer) << QString::fromLatin1(to);
    }
    // Schema and reader agree about what is wrong.
    void schemasRefuseToo()
    {
        QFETCH(QString, pointer);
        QFETCH(QString, to);
        Json document = parsed(bytesOf(demoPath(demoNames[0])));
        document[Json::json_pointer(pointer.toStdString())] = Json::parse(to.toStdString());
        QVERIFY(!misfit("formula", document).isEmpty());
        const auto read = formulaFromJson(QByteArray::fromStdString(document.dump()));
        QVERIFY(std::holds_alternative<FileFault>(read));
    }
};

QTEST_GUILESS_MAIN(TestSchemas)
#include "tst_schemas.moc"
