#include "storage/shelf.h"

#include "core/materials/search.h"
#include "storage/material_file.h"
#include "storage/sqlite_file.h"

#include <QJsonDocument>
#include <QSqlQuery>
#include <QVariant>

#include <algorithm>

namespace rhexion {

namespace {

QStringList migration(int toVersion)
{
    if (toVersion != 1)
        return {};
    return {
        QStringLiteral("CREATE TABLE own_material ("
                       " id TEXT PRIMARY KEY,"
                       " name TEXT NOT NULL,"
                       " material TEXT NOT NULL," // a catalogue file with this one in it
                       " archived INTEGER NOT NULL DEFAULT 0)"),
        QStringLiteral("CREATE TABLE lot ("
                       " id INTEGER PRIMARY KEY,"
                       " material TEXT NOT NULL," // id in the catalogue, the foods or own_material
                       " name TEXT NOT NULL,"
                       " home_made INTEGER NOT NULL DEFAULT 0,"
                       " got TEXT NOT NULL DEFAULT ''," // ISO 8601 dates
                       " best_before TEXT NOT NULL DEFAULT '',"
                       " supplier TEXT NOT NULL DEFAULT '',"
                       " price REAL CHECK (price >= 0),"
                       " bought REAL CHECK (bought >= 0)," // grams
                       " remaining REAL CHECK (remaining >= 0),"
                       " notes TEXT NOT NULL DEFAULT '',"
                       " closed INTEGER NOT NULL DEFAULT 0)"),
        QStringLiteral("CREATE TABLE lot_figure ("
                       " lot INTEGER NOT NULL REFERENCES lot(id) ON DELETE CASCADE,"
                       " code TEXT NOT NULL,"
                       " low REAL NOT NULL, typical REAL NOT NULL, high REAL NOT NULL,"
                       " source TEXT NOT NULL,"
                       " PRIMARY KEY (lot, code))"),
        QStringLiteral("CREATE TABLE lot_measure ("
                       " lot INTEGER NOT NULL REFERENCES lot(id) ON DELETE CASCADE,"
                       " name TEXT NOT NULL, grams REAL NOT NULL CHECK (grams > 0),"
                       " source TEXT NOT NULL,"
                       " PRIMARY KEY (lot, name))"),
        QStringLiteral("CREATE INDEX lot_material ON lot(material)"),
    };
}

QVariant orNull(const std::optional<double>& v)
{
    return v ? QVariant(*v) : QVariant(QMetaType::fromType<double>());
}

std::optional<double> figure(const QVariant& v)
{
    return v.isNull() ? std::nullopt : std::optional(v.toDouble());
}

} // namespace

Shelf::Shelf(std::unique_ptr<SqliteFile> file) : file_(std::move(file)) {}

Shelf::~Shelf() = default;

std::variant<std::unique_ptr<Shelf>, FileFault> Shelf::open(const QString& path)
{
    auto file = SqliteFile::open(
        path, {QStringLiteral("shelf"), 1,
               QStringLiteral("SELECT id, material FROM own_material LIMIT 1"), migration});
    if (auto* fault = std::get_if<FileFault>(&file))
        return std::move(*fault);
    std::unique_ptr<Shelf> shelf(new Shelf(std::get<std::unique_ptr<SqliteFile>>(std::move(file))));
    if (auto fault = shelf->read())
        return *std::move(fault);
    return shelf;
}

Shelf::Done Shelf::read()
{
    std::vector<OwnMaterial> materials;
    std::vector<LotRecord> lots;
    QSqlQuery query(file_->database());
    query.prepare(QStringLiteral("SELECT material, archived, id FROM own_material ORDER BY name"));
    if (auto fault = SqliteFile::run(query))
        return fault;
    while (query.next()) {
        auto read = materialsFromJson(query.value(0).toString().toUtf8());
        if (auto* fault = std::get_if<FileFault>(&read)) {
            fault->place = query.value(2).toString() + u' ' + fault->place;
            return *fault;
        }
        const auto& list = std::get<std::vector<MaterialPtr>>(read);
        if (list.size() == 1)
            materials.push_back({list.front(), query.value(1).toBool()});
    }
    query.prepare(QStringLiteral(
        "SELECT id, material, name, home_made, got, best_before, supplier, price, bought,"
        " remaining, notes, closed FROM lot ORDER BY got DESC, id DESC"));
    if (auto fault = SqliteFile::run(query))
        return fault;
    while (query.next()) {
        LotRecord r;
        r.lot.id = query.value(0).toString().toStdString();
        r.material = query.value(1).toString().toStdString();
        r.lot.name = query.value(2).toString().toStdString();
        r.homeMade = query.value(3).toBool();
        r.got = QDate::fromString(query.value(4).toString(), Qt::ISODate);
        r.bestBefore = QDate::fromString(query.value(5).toString(), Qt::ISODate);
        r.supplier = query.value(6).toString();
        r.price = figure(query.value(7));
        r.boughtGrams = figure(query.value(8));
        r.leftGrams = figure(query.value(9));
        r.notes = query.value(10).toString();
        r.closed = query.value(11).toBool();
        lots.push_back(std::move(r));
    }
    const auto lotOf = [&](const QVariant& id) -> LotRecord* {
        const auto found =
            std::ranges::find_if(lots, [text = id.toString().toStdString()](const LotRecord& r) {
                return r.lot.id == text;
            });
        return found == lots.end() ? nullptr : &*found;
    };
    query.prepare(QStringLiteral("SELECT lot, code, low, typical, high, source FROM lot_figure"));
    if (auto fault = SqliteFile::run(query))
        return fault;
    while (query.next()) {
        LotRecord* r = lotOf(query.value(0));
        const std::string code = query.value(1).toString().toStdString();
        const FigureKind* kind = findFigureKind(code);
        const auto range = kind ? intervalOf(*kind, query.value(2).toDouble(),
                                             query.value(3).toDouble(), query.value(4).toDouble())
                                : std::nullopt;
        // A figure that cannot be is told by its lot, not left out silently.
        if (!r || !range)
            return FileFault{FileFault::Code::OutOfRange,
                             QStringLiteral("lot %1").arg(query.value(0).toString()),
                             QString::fromStdString(code)};
        r->lot.figures.push_back({code, *range, query.value(5).toString().toStdString()});
    }
    query.prepare(QStringLiteral("SELECT lot, name, grams, source FROM lot_measure"));
    if (auto fault = SqliteFile::run(query))
        return fault;
    while (query.next())
        if (LotRecord* r = lotOf(query.value(0)))
            r->lot.measures.push_back({query.value(1).toString().toStdString(),
                                       query.value(2).toDouble(),
                                       query.value(3).toString().toStdString()});
    materials_ = std::move(materials);
    lots_ = std::move(lots);
    return std::nullopt;
}

const OwnMaterial* Shelf::findMaterial(const std::string& id) const
{
    const auto found = std::ranges::find_if(
        materials_, [&](const OwnMaterial& m) { return m.material->id == id; });
    return found == materials_.end() ? nullptr : &*found;
}

const LotRecord* Shelf::findLot(const std::string& id) const
{
    const auto found =
        std::ranges::find_if(lots_, [&](const LotRecord& r) { return r.lot.id == id; });
    return found == lots_.end() ? nullptr : &*found;
}

const LotRecord* Shelf::openLotOf(const std::string& material) const
{
    const auto found = std::ranges::find_if(lots_, [&](const LotRecord& r) {
        return r.material == material && !r.closed && r.leftGrams.value_or(1.0) > 0.0;
    });
    return found == lots_.end() ? nullptr : &*found;
}

Shelf::Done Shelf::keep(const std::vector<Material>& materials)
{
    Transaction transaction(file_->database());
    QSqlQuery query(file_->database());
    for (const Material& m : materials) {
        query.prepare(QStringLiteral("INSERT INTO own_material (id, name, material)"
                                     " VALUES (?, ?, ?) ON CONFLICT (id) DO UPDATE"
                                     " SET name = excluded.name, material = excluded.material"));
        query.addBindValue(QString::fromStdString(m.id));
        query.addBindValue(QString::fromStdString(m.name));
        query.addBindValue(
            QString::fromUtf8(materialsToJson({std::make_shared<const Material>(m)})));
        if (auto fault = SqliteFile::run(query))
            return fault;
    }
    if (!transaction.keep())
        return FileFault{FileFault::Code::CannotWrite, {}, {}};
    return read();
}

Shelf::Done Shelf::setArchived(const std::string& id, bool archived)
{
    QSqlQuery query(file_->database());
    query.prepare(QStringLiteral("UPDATE own_material SET archived = ? WHERE id = ?"));
    query.addBindValue(archived);
    query.addBindValue(QString::fromStdString(id));
    if (auto fault = SqliteFile::changeOne(query, "material"))
        return fault;
    return read();
}

std::variant<std::string, FileFault> Shelf::keepLot(const LotRecord& r)
{
    Transaction transaction(file_->database());
    QSqlQuery query(file_->database());
    const bool fresh = r.lot.id.empty();
    query.prepare(
        fresh
            ? QStringLiteral(
                  "INSERT INTO lot (material, name, home_made, got, best_before, supplier,"
                  " price, bought, remaining, notes, closed) VALUES (?,?,?,?,?,?,?,?,?,?,?)")
            : QStringLiteral("UPDATE lot SET material = ?, name = ?, home_made = ?, got = ?,"
                             " best_before = ?, supplier = ?, price = ?, bought = ?, remaining = ?,"
                             " notes = ?, closed = ? WHERE id = ?"));
    query.addBindValue(QString::fromStdString(r.material));
    query.addBindValue(QString::fromStdString(r.lot.name));
    query.addBindValue(r.homeMade);
    query.addBindValue(r.got.isValid() ? r.got.toString(Qt::ISODate) : QStringLiteral(""));
    query.addBindValue(r.bestBefore.isValid() ? r.bestBefore.toString(Qt::ISODate)
                                              : QStringLiteral(""));
    query.addBindValue(r.supplier.isNull() ? QStringLiteral("") : r.supplier);
    query.addBindValue(orNull(r.price));
    query.addBindValue(orNull(r.boughtGrams));
    query.addBindValue(orNull(r.leftGrams));
    query.addBindValue(r.notes.isNull() ? QStringLiteral("") : r.notes);
    query.addBindValue(r.closed);
    if (!fresh)
        query.addBindValue(QString::fromStdString(r.lot.id));
    if (auto fault = SqliteFile::changeOne(query, "lot"))
        return *std::move(fault);
    const QString id = fresh ? query.lastInsertId().toString() : QString::fromStdString(r.lot.id);
    for (const char* table : {"lot_figure", "lot_measure"}) {
        query.prepare(QStringLiteral("DELETE FROM %1 WHERE lot = ?").arg(QLatin1String(table)));
        query.addBindValue(id);
        if (auto fault = SqliteFile::run(query))
            return *std::move(fault);
    }
    for (const LotFigure& f : r.lot.figures) {
        query.prepare(QStringLiteral("INSERT INTO lot_figure VALUES (?, ?, ?, ?, ?, ?)"));
        query.addBindValue(id);
        query.addBindValue(QString::fromStdString(f.code));
        query.addBindValue(f.range.low());
        query.addBindValue(f.range.typical());
        query.addBindValue(f.range.high());
        query.addBindValue(QString::fromStdString(f.source));
        if (auto fault = SqliteFile::run(query))
            return *std::move(fault);
    }
    for (const Measure& m : r.lot.measures) {
        query.prepare(QStringLiteral("INSERT INTO lot_measure VALUES (?, ?, ?, ?)"));
        query.addBindValue(id);
        query.addBindValue(QString::fromStdString(m.name));
        query.addBindValue(m.grams);
        query.addBindValue(QString::fromStdString(m.source));
        if (auto fault = SqliteFile::run(query))
            return *std::move(fault);
    }
    if (!transaction.keep())
        return FileFault{FileFault::Code::CannotWrite, {}, {}};
    if (auto fault = read())
        return *std::move(fault);
    return id.toStdString();
}

Shelf::Done Shelf::setClosed(const std::string& lot, bool closed)
{
    QSqlQuery query(file_->database());
    query.prepare(QStringLiteral("UPDATE lot SET closed = ? WHERE id = ?"));
    query.addBindValue(closed);
    query.addBindValue(QString::fromStdString(lot));
    if (auto fault = SqliteFile::changeOne(query, "lot"))
        return fault;
    return read();
}

std::string freshMaterialId(const std::string& name, const Shelf& shelf)
{
    std::string id = "own-";
    for (const char c : folded(name))
        if (std::isalnum(static_cast<unsigned char>(c)))
            id += c;
        else if (id.back() != '-')
            id += '-';
    while (id.back() == '-')
        id.pop_back();
    if (id.size() > 100)
        id.resize(100);
    std::string free = id;
    for (int n = 2; shelf.findMaterial(free); ++n)
        free = id + '-' + std::to_string(n);
    return free;
}

} // namespace rhexion
