#include "storage/shelf.h"

#include "core/materials/limits.h"
#include "core/materials/search.h"
#include "storage/lot_limits.h"
#include "storage/material_file.h"
#include "storage/sqlite_file.h"

#include <QDateTime>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QSqlQuery>
#include <QVariant>

#include <algorithm>
#include <unordered_map>

namespace rhexion {

namespace {

QStringList migration(int toVersion)
{
    if (toVersion == 2) // what is left was counted then, as far as anybody knows
        return {QStringLiteral("ALTER TABLE lot ADD COLUMN counted INTEGER NOT NULL DEFAULT 0"),
                QStringLiteral("UPDATE lot SET counted = CAST(strftime('%s', 'now') AS INTEGER)"
                               " * 1000")};
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

} // namespace

Shelf::Shelf(std::unique_ptr<SqliteFile> file) : file_(std::move(file)) {}

Shelf::~Shelf() = default;

std::variant<std::unique_ptr<Shelf>, FileFault> Shelf::open(const QString& path, bool readOnly)
{
    auto file = SqliteFile::open(path,
                                 {QStringLiteral("shelf"), 2,
                                  QStringLiteral("SELECT id, material FROM own_material LIMIT 1"),
                                  migration},
                                 readOnly);
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
    std::vector<SetAside> aside;
    QSqlQuery query(file_->database());
    query.prepare(QStringLiteral("SELECT material, archived, id FROM own_material ORDER BY name"));
    if (auto fault = SqliteFile::run(query))
        return fault;
    while (query.next()) {
        auto read = materialsFromJson(query.value(0).toString().toUtf8());
        const QString id = query.value(2).toString();
        if (const auto* fault = std::get_if<FileFault>(&read)) {
            aside.push_back({id, *fault});
            continue;
        }
        const auto& list = std::get<std::vector<MaterialPtr>>(read);
        if (list.size() == 1 && list.front()->id == id.toStdString())
            materials.push_back({list.front(), query.value(1).toBool()});
        else
            aside.push_back({id, {FileFault::Code::OutOfRange, id, QStringLiteral("1")}});
    }
    query.prepare(QStringLiteral(
        "SELECT id, material, name, home_made, got, best_before, supplier, price, bought,"
        " remaining, notes, closed, counted FROM lot ORDER BY got DESC, id DESC"));
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
        r.price = figureOf(query.value(7));
        r.boughtGrams = figureOf(query.value(8));
        r.leftGrams = figureOf(query.value(9));
        r.notes = query.value(10).toString();
        r.closed = query.value(11).toBool();
        r.counted = query.value(12).toLongLong();
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
        if (!r || !range) {
            const QString lot = QStringLiteral("lot %1").arg(query.value(0).toString());
            aside.push_back(
                {lot, {FileFault::Code::OutOfRange, lot, QString::fromStdString(code)}, false});
            continue;
        }
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
    for (LotRecord& r : lots)
        if (const auto fault = tooLong(r)) {
            cutToLimits(r);
            aside.push_back(
                {QStringLiteral("lot %1").arg(QString::fromStdString(r.lot.id)), *fault, false});
        }
    materials_ = std::move(materials);
    lots_ = std::move(lots);
    setAside_ = std::move(aside);
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
    const LotRecord* best = nullptr;
    for (const LotRecord& r : lots_) { // newest first
        if (r.material != material || r.closed || !(r.leftGrams.value_or(1.0) > 0.0))
            continue;
        const bool sooner = best && r.bestBefore.isValid() &&
                            (!best->bestBefore.isValid() || r.bestBefore < best->bestBefore);
        if (!best || sooner)
            best = &r;
    }
    return best;
}

Shelf::Done Shelf::keep(const std::vector<Material>& materials, const Material* asRead)
{
    Transaction transaction(file_->database());
    const std::vector<OwnMaterial> before = materials_; // holds what known points to
    const auto byId = [](const std::vector<OwnMaterial>& all) {
        std::unordered_map<std::string_view, const Material*> out;
        for (const OwnMaterial& own : all)
            out.emplace(own.material->id, own.material.get());
        return out;
    };
    const auto known = byId(before);
    if (auto fault = read())
        return fault;
    const auto there = byId(materials_);
    QSqlQuery query(file_->database());
    for (const Material& m : materials) {
        const QByteArray bytes = materialsToJson({std::make_shared<const Material>(m)});
        const auto back = materialsFromJson(bytes);
        if (const auto* fault = std::get_if<FileFault>(&back))
            return *fault;
        const auto now = there.find(m.id);
        const auto cached = known.find(m.id);
        const Material* then = asRead && asRead->id == m.id ? asRead
                               : cached != known.end()      ? cached->second
                                                            : nullptr;
        if (now != there.end() && (!then || !(*now->second == *then)))
            return FileFault{FileFault::Code::Changed, QString::fromStdString(m.name), {}};
        query.prepare(QStringLiteral("INSERT INTO own_material (id, name, material)"
                                     " VALUES (?, ?, ?) ON CONFLICT (id) DO UPDATE"
                                     " SET name = excluded.name, material = excluded.material"));
        query.addBindValue(QString::fromStdString(m.id));
        query.addBindValue(QString::fromStdString(m.name));
        query.addBindValue(QString::fromUtf8(bytes));
        if (auto fault = SqliteFile::run(query))
            return fault;
    }
    if (!transaction.keep())
        return FileFault{FileFault::Code::CannotWrite, file_->path(), {}};
    return read();
}

namespace {

QString cut(const QJsonValue& text, std::size_t most)
{
    return text.toString().left(qsizetype(most)).remove(QChar(0));
}

// A material's file with every text and list cut to what may be.
QByteArray cutToLimits(const QByteArray& bytes)
{
    QJsonObject root = QJsonDocument::fromJson(bytes).object();
    QJsonArray materials = root["materials"].toArray();
    for (qsizetype i = 0; i < materials.size(); ++i) {
        QJsonObject m = materials[i].toObject();
        m["name"] = cut(m["name"], limits::materialName);
        if (m.contains("note"))
            m["note"] = cut(m["note"], limits::materialNote);
        QJsonArray also;
        for (const QJsonValue& name : m["alsoCalled"].toArray())
            if (also.size() < qsizetype(limits::otherNames))
                also.append(cut(name, limits::materialName));
        if (m.contains("alsoCalled"))
            m["alsoCalled"] = also;
        materials[i] = m;
    }
    root["materials"] = materials;
    return QJsonDocument(root).toJson();
}

} // namespace

Shelf::Done Shelf::mend(const QString& what)
{
    QSqlQuery query(file_->database());
    query.prepare(QStringLiteral("SELECT material FROM own_material WHERE id = ?"));
    query.addBindValue(what);
    if (auto fault = SqliteFile::run(query))
        return fault;
    if (!query.next())
        return FileFault{FileFault::Code::Missing, what, {}};
    const QByteArray bytes = cutToLimits(query.value(0).toString().toUtf8());
    query.finish();
    const auto read = materialsFromJson(bytes);
    if (const auto* fault = std::get_if<FileFault>(&read))
        return *fault;
    const auto& list = std::get<std::vector<MaterialPtr>>(read);
    if (list.size() != 1)
        return FileFault{FileFault::Code::OutOfRange, what, QStringLiteral("1")};
    query.prepare(QStringLiteral("UPDATE own_material SET name = ?, material = ? WHERE id = ?"));
    query.addBindValue(QString::fromStdString(list.front()->name));
    query.addBindValue(QString::fromUtf8(bytes));
    query.addBindValue(what);
    if (auto fault = SqliteFile::changeOne(query, "material"))
        return fault;
    return this->read();
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

std::variant<std::string, FileFault> Shelf::write(const LotRecord& r, const LotRecord* then)
{
    QSqlQuery query(file_->database());
    const bool fresh = r.lot.id.empty();
    query.prepare(
        fresh
            ? QStringLiteral(
                  "INSERT INTO lot (material, name, home_made, got, best_before, supplier,"
                  " price, bought, remaining, notes, closed, counted)"
                  " VALUES (?,?,?,?,?,?,?,?,?,?,?,?)")
            : QStringLiteral("UPDATE lot SET material = ?, name = ?, home_made = ?, got = ?,"
                             " best_before = ?, supplier = ?, price = ?, bought = ?, remaining = ?,"
                             " notes = ?, closed = ?, counted = ? WHERE id = ?"));
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
    const bool counted = fresh || !then || then->leftGrams != r.leftGrams;
    query.addBindValue(qint64(counted ? QDateTime::currentMSecsSinceEpoch() : then->counted));
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
    return id.toStdString();
}

std::variant<std::string, FileFault> Shelf::keepLot(const LotRecord& r, const LotRecord* asRead)
{
    if (auto fault = tooLong(r))
        return *std::move(fault);
    Transaction transaction(file_->database());
    const LotRecord* then = asRead ? asRead : findLot(r.lot.id);
    const std::optional<LotRecord> known = then ? std::optional(*then) : std::nullopt;
    if (auto fault = read())
        return *std::move(fault);
    const LotRecord* now = r.lot.id.empty() ? nullptr : findLot(r.lot.id);
    if (now && known && !(*now == *known))
        return FileFault{FileFault::Code::Changed, QString::fromStdString(r.lot.name), {}};
    auto written = write(r, now);
    if (std::holds_alternative<FileFault>(written))
        return written;
    if (!transaction.keep())
        return FileFault{FileFault::Code::CannotWrite, file_->path(), {}};
    if (auto fault = read())
        return *std::move(fault);
    return written;
}

Shelf::Done Shelf::keepLots(const std::vector<LotRecord>& lots)
{
    Transaction transaction(file_->database());
    for (LotRecord r : lots) {
        if (auto fault = tooLong(r))
            return fault;
        r.lot.id.clear();
        if (auto written = write(r, nullptr); std::holds_alternative<FileFault>(written))
            return std::get<FileFault>(std::move(written));
    }
    if (!transaction.keep())
        return FileFault{FileFault::Code::CannotWrite, file_->path(), {}};
    return read();
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

} // namespace rhexion
