#include "storage/foods.h"

#include "storage/catalogue.h"
#include "storage/program_files.h"
#include "storage/sqlite_file.h"

#include <QAtomicInteger>
#include <QCoreApplication>
#include <QFileInfo>
#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <QVariant>

namespace rhexion {

namespace {

const QString idPrefix = QStringLiteral("sr24-");

// "cup=227.0;pat (1\" sq)=5.0": names hold no semicolon, and the last = divides.
std::vector<Measure> measuresOf(const QString& text)
{
    std::vector<Measure> out;
    for (const QString& part : text.split(QLatin1Char(';'), Qt::SkipEmptyParts)) {
        const auto at = part.lastIndexOf(QLatin1Char('='));
        const double grams = part.mid(at + 1).toDouble();
        if (at > 0 && grams > 0.0)
            out.push_back({part.left(at).toStdString(), grams, {}});
    }
    return out;
}

} // namespace

QString Foods::shippedPath()
{
    return programData(QStringLiteral("foods.sqlite"));
}

std::variant<std::unique_ptr<Foods>, FileFault> Foods::open(const QString& path)
{
    if (!QFileInfo(path).isFile())
        return FileFault{FileFault::Code::CannotOpen, path, QStringLiteral("no such file")};
    static QAtomicInteger<int> number;
    const QString name = QStringLiteral("foods%1").arg(number.fetchAndAddRelaxed(1));
    std::unique_ptr<Foods> foods(new Foods(name));
    {
        QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), name);
        db.setDatabaseName(path);
        db.setConnectOptions(QStringLiteral("QSQLITE_OPEN_READONLY"));
        if (!db.isValid() || !db.open())
            return FileFault{FileFault::Code::CannotOpen, path, db.lastError().databaseText()};
    }
    if (auto fault = foods->readNames()) {
        fault->place = path;
        return *fault;
    }
    return foods;
}

Foods::~Foods()
{
    {
        QSqlDatabase db = QSqlDatabase::database(connection_, false);
        db.close();
    }
    QSqlDatabase::removeDatabase(connection_);
}

std::optional<FileFault> Foods::readNames()
{
    QSqlQuery query(QSqlDatabase::database(connection_, false));
    query.setForwardOnly(true);
    if (!query.exec(QStringLiteral("PRAGMA user_version")) || !query.next())
        return FileFault{FileFault::Code::NotOurs, {}, query.lastError().databaseText()};
    if (query.value(0).toInt() != foodsVersion)
        return FileFault{FileFault::Code::NotOurs, {}, query.value(0).toString()};
    if (!query.exec(QStringLiteral("SELECT number, name, food_group FROM food ORDER BY name")))
        return FileFault{FileFault::Code::NotOurs, {}, query.lastError().databaseText()};
    while (query.next()) {
        FoodRow row;
        row.group = query.value(2).toString().toStdString();
        names_.push_back({(idPrefix + query.value(0).toString()).toStdString(),
                          query.value(1).toString().toStdString(), kindOfFoodGroup(row.group)});
    }
    return std::nullopt;
}

MaterialPtr Foods::material(const std::string& id) const
{
    const QString text = QString::fromStdString(id);
    if (!text.startsWith(idPrefix))
        return nullptr;
    const QString number = text.mid(idPrefix.size());
    QSqlQuery query(QSqlDatabase::database(connection_, false));
    query.prepare(QStringLiteral(
        "SELECT name, food_group, water, protein, fat, carbohydrate, sugars, starch, fibre, ash,"
        " alcohol, sodium_mg, sugars_understated, measures, source, ph_low, ph_typical, ph_high,"
        " material FROM food LEFT JOIN food_acids AS a ON a.food = number"
        " LEFT JOIN food_fat AS f ON f.food = number WHERE number = ?"));
    query.addBindValue(number);
    if (!query.exec() || !query.next())
        return nullptr;
    FoodRow row;
    row.id = id;
    row.name = query.value(0).toString().toStdString();
    row.isVinegar = row.name.starts_with("Vinegar"); // as the table names them
    row.group = query.value(1).toString().toStdString();
    std::optional<double>* const figures[] = {
        &row.water,  &row.protein, &row.fat, &row.carbohydrate, &row.sugars,
        &row.starch, &row.fibre,   &row.ash, &row.alcohol,      &row.sodiumMg};
    int column = 2;
    for (auto* f : figures)
        *f = figureOf(query.value(column++));
    row.sugarsUnderstated = query.value(12).toBool();
    row.measures = measuresOf(query.value(13).toString());
    row.acidSource = query.value(14).toString().toStdString();
    if (!query.value(16).isNull())
        row.ph = Interval::of(query.value(15).toDouble(), query.value(16).toDouble(),
                              query.value(17).toDouble());
    if (!query.value(18).isNull())
        row.fatIs = Catalogue::shipped().find(query.value(18).toString().toStdString());
    query.prepare(QStringLiteral(
        "SELECT acid, grams, standard_error FROM acid WHERE food = ? ORDER BY grams DESC"));
    query.addBindValue(number);
    if (!query.exec())
        return nullptr;
    while (query.next())
        if (const auto acid = acidFromCode(query.value(0).toString().toStdString()))
            row.acids.push_back({*acid, query.value(1).toDouble(), query.value(2).toDouble()});
    return std::make_shared<const Material>(materialFromFood(row));
}

} // namespace rhexion
