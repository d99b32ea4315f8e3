#include "storage/csv.h"
#include "storage/foods.h"
#include "storage/json_cursor.h"

#include <QFile>
#include <QHash>
#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <QVariant>

namespace rhexion {

namespace {

using Code = FileFault::Code;

struct Table {
    QHash<QString, qsizetype> column;
    QList<CsvRow> rows;
    QString cell(const CsvRow& row, const char* name) const
    {
        return row.cells.value(column.value(QString::fromLatin1(name), -1));
    }
};

std::variant<Table, FileFault> readTable(const QString& path,
                                         std::initializer_list<const char*> wanted)
{
    QByteArray bytes;
    if (auto fault = readBytes(path, 64, bytes))
        return *fault;
    auto csv = readCsv(bytes);
    if (auto* fault = std::get_if<FileFault>(&csv)) {
        fault->place = path + QLatin1Char(':') + fault->place;
        return *fault;
    }
    auto& text = std::get<CsvText>(csv);
    Table table;
    if (text.rows.isEmpty())
        return FileFault{Code::Missing, path, {}};
    const CsvRow head = text.rows.takeFirst();
    for (qsizetype i = 0; i < head.cells.size(); ++i)
        table.column.insert(head.cells[i], i);
    for (const char* name : wanted)
        if (!table.column.contains(QString::fromLatin1(name)))
            return FileFault{Code::Missing, path, QString::fromLatin1(name)};
    for (const CsvRow& row : text.rows)
        if (row.cells.size() != head.cells.size())
            return FileFault{Code::NotCsv, QStringLiteral("%1:%2").arg(path).arg(row.line), {}};
    table.rows = text.rows;
    return table;
}

// A number, or NULL where the table says nothing.
QVariant figure(const QString& cell, bool& good)
{
    if (cell.isEmpty())
        return QVariant(QMetaType::fromType<double>());
    bool ok = false;
    const double v = cell.toDouble(&ok);
    good = good && ok && v >= 0.0 && v < 1e6;
    return v;
}

const char* const foodColumns[] = {"water_g",  "protein_g", "fat_g", "carbohydrate_g", "sugars_g",
                                   "starch_g", "fibre_g",   "ash_g", "alcohol_g",      "sodium_mg"};
const char* const acidNames[] = {"citric", "malic", "tartaric", "succinic", "fumaric", "quinic"};

class Builder {
public:
    explicit Builder(const QSqlDatabase& db) : query_(db) {}

    bool run(const char* sql) { return query_.exec(QString::fromLatin1(sql)) || failed(); }
    std::optional<FileFault> fault() const { return fault_; }

    bool foods(const Table& table)
    {
        query_.prepare(QStringLiteral("INSERT INTO food VALUES (?,?,?,?,?,?,?,?,?,?,?,?,?,?,?)"));
        for (const CsvRow& row : table.rows) {
            query_.addBindValue(table.cell(row, "ndb_no"));
            query_.addBindValue(table.cell(row, "name"));
            query_.addBindValue(table.cell(row, "food_group"));
            bool good = true;
            for (const char* column : foodColumns)
                query_.addBindValue(figure(table.cell(row, column), good));
            query_.addBindValue(table.cell(row, "flag") == QLatin1String("sugars_understated"));
            query_.addBindValue(table.cell(row, "measures"));
            if (!good)
                return bad(row);
            if (!query_.exec())
                return failed();
        }
        return true;
    }

    bool acids(const Table& mapping, const Table& table)
    {
        QHash<QString, const CsvRow*> byCode;
        for (const CsvRow& row : table.rows)
            byCode.insert(table.cell(row, "code"), &row);
        for (const CsvRow& row : mapping.rows) {
            const CsvRow* acids = byCode.value(mapping.cell(row, "ifct_code"));
            // The names stand in the mapping so that a person can review it; they must be true.
            if (!acids || table.cell(*acids, "name") != mapping.cell(row, "ifct_food"))
                return bad(row);
            bool good = true;
            query_.prepare(QStringLiteral("INSERT INTO food_acids"
                                          " SELECT number, ?, ?, ?, ? FROM food"
                                          " WHERE number = ? AND name = ?"));
            query_.addBindValue(
                QStringLiteral("IFCT 2017 %1 %2")
                    .arg(mapping.cell(row, "ifct_code"), mapping.cell(row, "ifct_food")));
            for (const char* column : {"ph_low", "ph_typical", "ph_high"})
                query_.addBindValue(figure(mapping.cell(row, column), good));
            query_.addBindValue(mapping.cell(row, "ndb_no"));
            query_.addBindValue(mapping.cell(row, "food"));
            if (!good)
                return bad(row);
            if (!query_.exec())
                return failed();
            if (query_.numRowsAffected() != 1)
                return bad(row);
            for (const char* acid : acidNames)
                if (!share(mapping.cell(row, "ndb_no"), acid,
                           table.cell(*acids,
                                      qPrintable(QString::fromLatin1(acid) + QStringLiteral("_g"))),
                           table.cell(*acids, qPrintable(QString::fromLatin1(acid) +
                                                         QStringLiteral("_se_g")))))
                    return bad(row);
            // Oxalate that does not dissolve takes no lye.
            if (!share(mapping.cell(row, "ndb_no"), "oxalic",
                       table.cell(*acids, "oxalic_soluble_g"),
                       table.cell(*acids, "oxalic_soluble_se_g")))
                return bad(row);
        }
        return true;
    }

    // Which catalogue oil the fat of a food is; the reason for none stands in the file.
    bool fats(const Table& mapping)
    {
        for (const CsvRow& row : mapping.rows) {
            if (mapping.cell(row, "reason").isEmpty())
                return bad(row);
            query_.prepare(QStringLiteral("SELECT 1 FROM food WHERE number = ? AND name = ?"));
            query_.addBindValue(mapping.cell(row, "ndb_no"));
            query_.addBindValue(mapping.cell(row, "food"));
            if (!query_.exec())
                return failed();
            if (!query_.next())
                return bad(row);
            if (mapping.cell(row, "material").isEmpty())
                continue;
            query_.prepare(QStringLiteral("INSERT INTO food_fat VALUES (?, ?)"));
            query_.addBindValue(mapping.cell(row, "ndb_no"));
            query_.addBindValue(mapping.cell(row, "material"));
            if (!query_.exec())
                return failed();
        }
        return true;
    }

private:
    bool share(const QString& food, const char* acid, const QString& grams, const QString& error)
    {
        if (grams.isEmpty())
            return true;
        bool good = true;
        query_.prepare(QStringLiteral("INSERT INTO acid VALUES (?,?,?,?)"));
        query_.addBindValue(food);
        query_.addBindValue(QString::fromLatin1(acid));
        query_.addBindValue(figure(grams, good));
        query_.addBindValue(figure(error, good));
        return good && query_.exec();
    }
    bool bad(const CsvRow& row)
    {
        fault_ = FileFault{Code::OutOfRange, QString::number(row.line), row.cells.join(u',')};
        return false;
    }
    bool failed()
    {
        fault_ = FileFault{Code::CannotWrite, {}, query_.lastError().text()};
        return false;
    }

    QSqlQuery query_;
    std::optional<FileFault> fault_;
};

} // namespace

std::optional<FileFault> makeFoods(const QString& foodsCsv, const QString& acidsCsv,
                                   const QString& mappingCsv, const QString& fatsCsv,
                                   const QString& sqlite)
{
    auto foods =
        readTable(foodsCsv, {"ndb_no", "name", "food_group", "water_g", "measures", "flag"});
    auto acids = readTable(acidsCsv, {"code", "name", "citric_g", "oxalic_soluble_g"});
    auto mapping = readTable(mappingCsv, {"ndb_no", "food", "ifct_code", "ifct_food", "ph_low"});
    auto fats = readTable(fatsCsv, {"ndb_no", "food", "material", "reason"});
    for (auto* table : {&foods, &acids, &mapping, &fats})
        if (auto* fault = std::get_if<FileFault>(table))
            return *fault;
    QFile::remove(sqlite);
    const QString name = QStringLiteral("make-foods");
    std::optional<FileFault> fault;
    {
        QSqlDatabase db = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), name);
        db.setDatabaseName(sqlite);
        if (!db.open())
            return FileFault{Code::CannotWrite, sqlite, db.lastError().text()};
        db.transaction();
        Builder builder(db);
        const bool done =
            builder.run("CREATE TABLE food (number TEXT PRIMARY KEY, name TEXT NOT NULL,"
                        " food_group TEXT NOT NULL, water REAL, protein REAL, fat REAL,"
                        " carbohydrate REAL, sugars REAL, starch REAL, fibre REAL, ash REAL,"
                        " alcohol REAL, sodium_mg REAL, sugars_understated INTEGER NOT NULL,"
                        " measures TEXT NOT NULL) WITHOUT ROWID") &&
            builder.run("CREATE TABLE food_acids (food TEXT PRIMARY KEY REFERENCES food(number),"
                        " source TEXT NOT NULL, ph_low REAL, ph_typical REAL, ph_high REAL)"
                        " WITHOUT ROWID") &&
            builder.run("CREATE TABLE acid (food TEXT NOT NULL REFERENCES food(number),"
                        " acid TEXT NOT NULL, grams REAL NOT NULL, standard_error REAL,"
                        " PRIMARY KEY (food, acid)) WITHOUT ROWID") &&
            builder.run("CREATE TABLE food_fat (food TEXT PRIMARY KEY REFERENCES food(number),"
                        " material TEXT NOT NULL) WITHOUT ROWID") &&
            builder.foods(std::get<Table>(foods)) &&
            builder.run("CREATE INDEX food_name ON food(name)") &&
            builder.acids(std::get<Table>(mapping), std::get<Table>(acids)) &&
            builder.fats(std::get<Table>(fats)) &&
            builder.run(qPrintable(QStringLiteral("PRAGMA user_version = %1").arg(foodsVersion)));
        if (!done)
            fault = builder.fault();
        else if (!db.commit())
            fault = FileFault{Code::CannotWrite, sqlite, db.lastError().text()};
    }
    QSqlDatabase::removeDatabase(name);
    if (fault)
        QFile::remove(sqlite);
    return fault;
}

} // namespace rhexion
