// The published JSON Schemas against what the program reads and writes, by a general schema
// validator.
#include <QTest>

#include "storage/reckoning_json.h"
#include "support/files.h"
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
    void schemasRefuseToo_data()
    {
        QTest::addColumn<QString>("pointer");
        QTest::addColumn<QString>("to");
        const std::pair<const char*, const char*> rows[] = {{"/version", "6"},
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
