// Every figure of a reckoning, for eight formulas, against sums written out by hand in
// tests/data/eight_formulas.py. A figure that no sum names must be 0 or not there, so that a new
// one cannot come in unproved.
#include <QTest>

#include "core/advice/reckon.h"
#include "storage/reckoning_json.h"
#include "support/files.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QMap>

using namespace rhexion;
using namespace rhexion::test;

namespace {

QJsonArray cases()
{
    return QJsonDocument::fromJson(
               bytesOf(QStringLiteral(RHEXION_SOURCE_DIR "/tests/data/eight_formulas.json")))
        .array();
}

// "jugs.0.water": 12.5 ...
void flatten(const QJsonValue& value, const QString& path, QMap<QString, double>& into)
{
    if (value.isDouble())
        into[path] = value.toDouble();
    const QString below = path.isEmpty() ? QString() : path + QLatin1Char('.');
    const QJsonObject object = value.toObject();
    for (const QString& key : object.keys())
        flatten(object[key], below + key, into);
    const QJsonArray array = value.toArray();
    for (int i = 0; i < array.size(); ++i)
        flatten(array[i], below + QString::number(i), into);
}

} // namespace

class TestEveryFigure : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void byHand_data()
    {
        QTest::addColumn<QJsonObject>("wanted");
        for (const QJsonValue& c : cases())
            QTest::newRow(qPrintable(c["formula"]["name"].toString())) << c.toObject();
    }
    void byHand()
    {
        QFETCH(QJsonObject, wanted);
        const auto read = formulaFromJson(QJsonDocument(wanted["formula"].toObject()).toJson());
        if (const auto* fault = std::get_if<FileFault>(&read))
            QFAIL(qPrintable(fault->place + QLatin1Char(' ') + fault->detail));
        const Formula f = std::get<Formula>(read);
        const auto result = reckon(f);
        const auto* r = std::get_if<Reckoning>(&result);
        QVERIFY(r);
        QJsonObject json = reckoningToJson(f, *r, r->cautions);
        // Cautions stand in tst_caution_edges, the working in tst_laws and tst_worked_cases.
        for (const char* elsewhere : {"cautions", "working", "version"})
            json.remove(QLatin1String(elsewhere));
        QMap<QString, double> got;
        flatten(json, {}, got);
        const QJsonObject figures = wanted["figures"].toObject();
        for (const QString& path : figures.keys()) {
            QVERIFY2(got.contains(path), qPrintable(path));
            const double want = figures[path].toDouble();
            const double have = got.take(path);
            QVERIFY2(std::abs(have - want) <= 1e-6 * std::max(1e-3, std::abs(want)),
                     qPrintable(QStringLiteral("%1: %2, by hand %3")
                                    .arg(path)
                                    .arg(have, 0, 'g', 10)
                                    .arg(want, 0, 'g', 10)));
        }
        for (auto left = got.cbegin(); left != got.cend(); ++left)
            QVERIFY2(std::abs(left.value()) < 1e-9 || left.key().endsWith(QLatin1String(".line")) ||
                         left.key().endsWith(QLatin1String(".id")),
                     qPrintable(QStringLiteral("%1: %2, and no sum names it")
                                    .arg(left.key())
                                    .arg(left.value())));
    }
    void thereAreEight() { QCOMPARE(cases().size(), 8); }
};

QTEST_APPLESS_MAIN(TestEveryFigure)
#include "tst_every_figure.moc"
