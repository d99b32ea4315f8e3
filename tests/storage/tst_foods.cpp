// The foods table as built and shipped, against its own sources.
#include <QTest>

#include "core/account/effect.h"
#include "storage/catalogue.h"
#include "storage/csv.h"
#include "storage/foods.h"
#include "support/built.h"
#include "support/kept.h"
#include "support/material_figures.h"

#include <QFile>
#include <QFileInfo>
#include <QHash>
#include <QMap>
#include <QSet>
#include <QTemporaryDir>

using namespace rhexion;

using namespace rhexion::test;

namespace {

QString shipped()
{
    return built("foods.sqlite");
}
const QString sources = QStringLiteral(RHEXION_SOURCE_DIR "/data/foods/");

QList<QHash<QString, QString>> table(const QString& name)
{
    QFile file(sources + name);
    QList<QHash<QString, QString>> out;
    if (!file.open(QIODevice::ReadOnly))
        return out;
    const auto read = readCsv(file.readAll());
    const auto* text = std::get_if<CsvText>(&read);
    for (qsizetype i = 1; text && i < text->rows.size(); ++i) {
        QHash<QString, QString> row;
        for (qsizetype c = 0; c < text->rows[0].cells.size(); ++c)
            row.insert(text->rows[0].cells[c], text->rows[i].cells.value(c));
        out.append(row);
    }
    return out;
}

} // namespace

class TestFoods : public QObject {
    Q_OBJECT
private Q_SLOTS:
    void initTestCase()
    {
        auto opened = Foods::open(shipped());
        QVERIFY2(std::holds_alternative<std::unique_ptr<Foods>>(opened), qPrintable(shipped()));
        foods_ = std::get<std::unique_ptr<Foods>>(std::move(opened));
    }

    // Sums over each group: what one row is, its neighbours' squares included.
    void foodsAreAsTheyWere()
    {
        Kept kept("foods.txt");
        QMap<QString, std::vector<double>> groups;
        for (const FoodName& food : foods_->names()) {
            const MaterialPtr m = foods_->material(food.id);
            std::vector<double> figures = figuresOf(*m);
            for (std::size_t i = figures.size(); i-- > 0;)
                figures.push_back(figures[i] * figures[i] * (1 + int(food.id.back()) % 7));
            figures.push_back(double(m->sources.size() + 3 * m->measures.size()));
            std::vector<double>& sums = groups[QStringLiteral("kind %1").arg(int(m->kind))];
            sums.resize(figures.size());
            for (std::size_t i = 0; i < figures.size(); ++i)
                sums[i] += figures[i];
        }
        for (auto it = groups.cbegin(); it != groups.cend(); ++it)
            kept.add(it.key(), it.value());
        const QString difference = kept.firstDifference();
        QVERIFY2(difference.isEmpty(), qPrintable(difference));
    }

    // Every row of the table becomes a material that holds together and says what its row says.
    void everyRow()
    {
        const auto rows = table(QStringLiteral("foods_usda_sr24.csv"));
        QCOMPARE(std::size_t(rows.size()), foods_->names().size());
        QCOMPARE(rows.size(), 2070);
        int unknown = 0;
        for (const auto& row : rows) {
            const QString number = row.value(QStringLiteral("ndb_no"));
            const MaterialPtr m = foods_->material("sr24-" + number.toStdString());
            QVERIFY2(m, qPrintable(number));
            const auto fault = faultOf(*m);
            QVERIFY2(!fault || (fault->code == MaterialFault::Code::FatWithoutSv &&
                                m->kind == MaterialKind::Fat),
                     fault ? qPrintable(number + fault->item.c_str()) : "");
            QCOMPARE(QString::fromStdString(m->name), row.value(QStringLiteral("name")));
            const double water = row.value(QStringLiteral("water_g")).toDouble() / 100;
            // Never more than the table; less only where the row itself passes 100 g.
            QVERIFY(std::abs(m->part(Part::Water).range.typical() - water) < 0.03);
            QVERIFY2(m->hasAcid() || m->kind == MaterialKind::Fat || water > 0.99 ||
                         m->kind == MaterialKind::Liquid,
                     qPrintable(number));
            unknown += m->acidityUnknown() ? 1 : 0;
            const auto measures =
                row.value(QStringLiteral("measures")).split(QLatin1Char(';'), Qt::SkipEmptyParts);
            QVERIFY2(m->measures.size() == std::size_t(measures.size()), qPrintable(number));
        }
        QVERIFY(unknown > 1500 && unknown < 2070);
    }

    void figures_data()
    {
        QTest::addColumn<QString>("number");
        QTest::addColumn<int>("part");
        QTest::addColumn<double>("want");
        // Read off the table by eye.
        QTest::newRow("quince water") << "09296" << int(Part::Water) << 0.838;
        QTest::newRow("sheep milk fat") << "01109" << int(Part::Fat) << 0.07;
        QTest::newRow("sheep milk lactose, from carbohydrate")
            << "01109" << int(Part::ReducingSugar) << 0.0536;
        QTest::newRow("salted butter salt: 714 mg sodium")
            << "01001" << int(Part::SodiumChloride) << 0.01815;
        QTest::newRow("red wine alcohol") << "14096" << int(Part::Alcohol) << 0.106;
        QTest::newRow("egg white protein") << "01124" << int(Part::Protein) << 0.109;
    }
    void figures()
    {
        QFETCH(QString, number);
        QFETCH(int, part);
        QFETCH(double, want);
        const MaterialPtr m = foods_->material("sr24-" + number.toStdString());
        QVERIFY(m);
        const Figure& f = m->part(static_cast<Part>(part));
        QVERIFY2(std::abs(f.range.typical() - want) < 1e-4,
                 qPrintable(QString::number(f.range.typical())));
        QVERIFY(m->findSource(f.source)->text.starts_with("USDA SR24 " + number.toStdString()));
    }

    // The mapping is the only way acids come in, and it says what the two tables say.
    void acidsAreMapped()
    {
        QHash<QString, QHash<QString, QString>> ifct;
        for (const auto& row : table(QStringLiteral("organic_acids_ifct2017.csv")))
            ifct.insert(row.value(QStringLiteral("code")), row);
        const auto mapping = table(QStringLiteral("acid_mapping.csv"));
        QVERIFY(mapping.size() >= 70);
        QSet<QString> mapped;
        for (const auto& row : mapping) {
            const QString number = row.value(QStringLiteral("ndb_no"));
            mapped.insert(number);
            const auto acids = ifct.value(row.value(QStringLiteral("ifct_code")));
            QVERIFY2(acids.value(QStringLiteral("note")).isEmpty(), qPrintable(number));
            const MaterialPtr m = foods_->material("sr24-" + number.toStdString());
            QVERIFY2(m && !m->titratable, qPrintable(number));
            for (const AcidShare& share : m->acids) {
                const QString name = QString::fromLatin1(factsOf(share.acid).code.data());
                const QString column = name == QLatin1String("oxalic")
                                           ? QStringLiteral("oxalic_soluble_g")
                                           : name + QStringLiteral("_g");
                QCOMPARE(share.share.range.typical(), acids.value(column).toDouble() / 100);
            }
            QVERIFY2(m->ph || row.value(QStringLiteral("ph_low")).isEmpty(), qPrintable(number));
        }
        for (const FoodName& food : foods_->names()) {
            const QString number = QString::fromStdString(food.id).mid(5);
            if (!mapped.contains(number))
                QVERIFY2(foods_->material(food.id)->acids.empty(), food.id.c_str());
        }
    }

    // Every fat or oil has the SV of the catalogue's oil it is mapped to, or none: the bench then
    // asks which oil it is. No SV is the middle of a range that nobody chose.
    void fatsAreTheOilsTheyAreMappedTo()
    {
        QHash<QString, QString> mapped;
        for (const auto& row : table(QStringLiteral("fat_mapping.csv")))
            mapped.insert(row.value(QStringLiteral("ndb_no")),
                          row.value(QStringLiteral("material")));
        int fats = 0;
        int withSv = 0;
        for (const FoodName& food : foods_->names()) {
            const MaterialPtr m = foods_->material(food.id);
            const QString number = QString::fromStdString(food.id).mid(5);
            if (m->kind == MaterialKind::Fat) {
                ++fats;
                QVERIFY2(mapped.contains(number), qPrintable(number));
            }
            const QString oil = mapped.value(number);
            const MaterialPtr of = Catalogue::shipped().find(oil.toStdString());
            QVERIFY2(oil.isEmpty() || (of && of->sv), qPrintable(number + oil));
            if (of && m->sv)
                QVERIFY2(m->sv->range == of->sv->range, qPrintable(number));
            if (m->kind == MaterialKind::Fat)
                QCOMPARE(m->sv.has_value(), of != nullptr);
            withSv += m->kind == MaterialKind::Fat && m->sv ? 1 : 0;
        }
        QCOMPARE(fats, 149);
        QVERIFY2(withSv >= 105 && withSv < 149, qPrintable(QString::number(withSv)));
    }

    // True superfat of 500 g at a stated 5 %, where SV is the oil's own (SVs: CXS 210 and 211, from
    // memory): within 1.5 points.
    void typedFoodOils_data()
    {
        QTest::addColumn<QString>("number");
        QTest::addColumn<double>("sv");
        QTest::newRow("beef tallow") << "04001" << 196.0;
        QTest::newRow("shortening, soybean and cottonseed") << "04546" << 192.0;
        QTest::newRow("flaxseed oil") << "42231" << 191.0;
        QTest::newRow("palm kernel oil") << "04513" << 243.0;
        QTest::newRow("bacon grease") << "04609" << 195.5;
        QTest::newRow("olive oil") << "04053" << 190.0;
    }
    void typedFoodOils()
    {
        QFETCH(QString, number);
        QFETCH(double, sv);
        const MaterialPtr m = foods_->material("sr24-" + number.toStdString());
        const double counted = effectOf(*m, Mass::grams(500)).fatMol.typical();
        const double truly = 500 * m->part(Part::Fat).range.typical() * sv / 56105.6;
        QVERIFY2(std::abs(1 - 0.95 * counted / truly - 0.05) < 0.015,
                 qPrintable(QString::number(counted / truly)));
    }

    // What is surely there: nothing of a seed's or meal's fat, less than half of a tin's.
    void leastOfHiddenFat()
    {
        const std::pair<const char*, double> rows[] = {
            {"sr24-02033", 0.0}, {"sr24-12061", 0.0}, {"sr24-12118", 0.1}, {"sr24-01211", 0.025}};
        for (const auto& [id, most] : rows)
            QVERIFY2(foods_->material(id)->part(Part::Fat).range.low() <= most + 0.003, id);
    }

    // An unknown acidity is a doubt in the bounds and nothing in the lye.
    void unknownIsNeverASilentZero()
    {
        const Effect e = effectOf(*foods_->material("sr24-09296"), Mass::grams(100));
        QCOMPARE(e.acidMol.typical(), 0.0);
        QCOMPARE(e.acidMol.low(), 0.0);
        QVERIFY(e.acidMol.high() > 0.05);
    }

    void notTheTable_data()
    {
        QTest::addColumn<QByteArray>("bytes");
        QTest::newRow("text") << QByteArray("not a database at all, but long enough to look at it");
        QTest::newRow("empty") << QByteArray();
        QFile file(shipped());
        QVERIFY(file.open(QIODevice::ReadOnly));
        QTest::newRow("cut short") << file.read(20000);
    }
    void notTheTable()
    {
        QFETCH(QByteArray, bytes);
        QTemporaryDir dir;
        QFile file(dir.filePath(QStringLiteral("foods.sqlite")));
        QVERIFY(file.open(QIODevice::WriteOnly) && file.write(bytes) == bytes.size());
        file.close();
        QVERIFY(std::holds_alternative<FileFault>(Foods::open(file.fileName())));
        QVERIFY(file.open(QIODevice::ReadOnly));
        QCOMPARE(file.readAll(), bytes); // left as it was
        QVERIFY(std::holds_alternative<FileFault>(Foods::open(dir.filePath("none.sqlite"))));
        QVERIFY(!QFileInfo::exists(dir.filePath("none.sqlite")));
    }

    void builderRefuses_data()
    {
        QTest::addColumn<QString>("file");
        QTest::addColumn<QByteArray>("from");
        QTest::addColumn<QByteArray>("to");
        QTest::newRow("a wrong name in the mapping")
            << "acid_mapping.csv" << QByteArray("Carrot, orange") << QByteArray("Carrot, red");
        QTest::newRow("no such food")
            << "acid_mapping.csv" << QByteArray("11124,") << QByteArray("99999,");
        QTest::newRow("a negative acid")
            << "organic_acids_ifct2017.csv" << QByteArray("0.222") << QByteArray("-0.222");
        QTest::newRow("text for water")
            << "foods_usda_sr24.csv" << QByteArray(",15.87,") << QByteArray(",wet,");
        QTest::newRow("a wrong name in the fats")
            << "fat_mapping.csv" << QByteArray("Fat, duck") << QByteArray("Fat, drake");
        QTest::newRow("no reason") << "fat_mapping.csv" << QByteArray("raw suet") << QByteArray();
        QTest::newRow("a column gone")
            << "foods_usda_sr24.csv" << QByteArray("water_g") << QByteArray("water");
    }
    void builderRefuses()
    {
        QFETCH(QString, file);
        QFETCH(QByteArray, from);
        QFETCH(QByteArray, to);
        QTemporaryDir dir;
        for (const char* name : {"foods_usda_sr24.csv", "organic_acids_ifct2017.csv",
                                 "acid_mapping.csv", "fat_mapping.csv"}) {
            QFile in(sources + QString::fromLatin1(name));
            QFile out(dir.filePath(QString::fromLatin1(name)));
            QVERIFY(in.open(QIODevice::ReadOnly) && out.open(QIODevice::WriteOnly));
            QByteArray bytes = in.readAll();
            if (file == QLatin1String(name)) {
                QVERIFY(bytes.contains(from));
                bytes.replace(from, to);
            }
            out.write(bytes);
        }
        const QString made = dir.filePath(QStringLiteral("made.sqlite"));
        const auto fault = makeFoods(
            dir.filePath("foods_usda_sr24.csv"), dir.filePath("organic_acids_ifct2017.csv"),
            dir.filePath("acid_mapping.csv"), dir.filePath("fat_mapping.csv"), made);
        QVERIFY(fault);
        QVERIFY(!QFileInfo::exists(made));
    }

private:
    std::unique_ptr<Foods> foods_;
};

QTEST_GUILESS_MAIN(TestFoods)
#include "tst_foods.moc"
