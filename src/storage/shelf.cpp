#include "storage/shelf.h"

#include "core/materials/limits.h"
#include "storage/event_json.h"
#include "storage/event_table.h"
#include "storage/lot_limits.h"
#include "storage/material_file.h"
#include "storage/shelf_tables.h"
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

Shelf::Shelf(std::unique_ptr<SqliteFile> file) : file_(std::move(file)) {}

Shelf::~Shelf() = default;

std::variant<std::unique_ptr<Shelf>, FileFault> Shelf::open(const QString& path, bool readOnly)
{
    auto file =
        SqliteFile::open(path,
                         {QStringLiteral("shelf"), shelf_tables::version,
                          QStringLiteral("SELECT id, material FROM own_material LIMIT 1"),
                          shelf_tables::migration, shelf_tables::convert, event_table::besides()},
                         readOnly);
    if (auto* fault = std::get_if<FileFault>(&file))
        return std::move(*fault);
    std::unique_ptr<Shelf> shelf(new Shelf(std::get<std::unique_ptr<SqliteFile>>(std::move(file))));
    if (auto fault = shelf->read())
        return *std::move(fault);
    return shelf;
}

QSqlDatabase Shelf::database() const
{
    return file_->database();
}

Shelf::Done Shelf::read()
{
    auto rows = shelf_tables::read(database());
    if (auto* fault = std::get_if<FileFault>(&rows))
        return std::move(*fault);
    auto& all = std::get<shelf_tables::Rows>(rows);
    materials_ = std::move(all.materials);
    lots_ = std::move(all.lots);
    setAside_ = std::move(all.aside);
    return std::nullopt;
}

Shelf::Done Shelf::kept(const std::function<Done()>& write)
{
    Transaction transaction(*file_);
    if (!transaction.isOpen())
        return transaction.fault();
    if (auto fault = write())
        return fault;
    if (!transaction.keep())
        return transaction.fault();
    return read();
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
    const std::vector<OwnMaterial> before = materials_; // holds what known points to
    const auto byId = [](const std::vector<OwnMaterial>& all) {
        std::unordered_map<std::string_view, const Material*> out;
        for (const OwnMaterial& own : all)
            out.emplace(own.material->id, own.material.get());
        return out;
    };
    const auto known = byId(before);
    return kept([&]() -> Done {
        if (auto fault = read())
            return fault;
        const auto there = byId(materials_);
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
            if (now != there.end() && *now->second == m)
                continue;
            if (auto fault = shelf_tables::keepMaterial(database(), m, bytes))
                return fault;
        }
        return std::nullopt;
    });
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
    return kept([&] { return shelf_tables::keepMaterial(database(), *list.front(), bytes); });
}

Shelf::Done Shelf::setArchived(const std::string& id, bool archived)
{
    return kept([&] { return shelf_tables::setArchived(database(), id, archived); });
}

namespace {

// With an id of its own where it is new, and the moment what is left of it was counted.
LotRecord asWritten(LotRecord r, const LotRecord* then)
{
    if (r.lot.id.empty())
        r.lot.id = newId();
    r.counted = !then || then->leftGrams != r.leftGrams ? QDateTime::currentMSecsSinceEpoch()
                                                        : then->counted;
    return r;
}

} // namespace

std::variant<std::string, FileFault> Shelf::keepLot(const LotRecord& r, const LotRecord* asRead)
{
    if (auto fault = tooLong(r))
        return *std::move(fault);
    std::string id;
    auto fault = kept([&]() -> Done {
        const LotRecord* then = asRead ? asRead : findLot(r.lot.id);
        const std::optional<LotRecord> known = then ? std::optional(*then) : std::nullopt;
        if (auto unread = read())
            return unread;
        const LotRecord* now = r.lot.id.empty() ? nullptr : findLot(r.lot.id);
        if (now && known && !(*now == *known))
            return FileFault{FileFault::Code::Changed, QString::fromStdString(r.lot.name), {}};
        if (!now && !r.lot.id.empty())
            return FileFault{FileFault::Code::Missing, QStringLiteral("lot"), {}};
        const LotRecord record = asWritten(r, now);
        id = record.lot.id;
        return shelf_tables::keepLot(database(), now ? *now : LotRecord{}, record);
    });
    if (fault)
        return *std::move(fault);
    return id;
}

Shelf::Done Shelf::keepLots(const std::vector<LotRecord>& lots)
{
    return kept([&]() -> Done {
        for (LotRecord r : lots) {
            if (auto fault = tooLong(r))
                return fault;
            r.lot.id.clear();
            if (auto fault = shelf_tables::keepLot(database(), {}, asWritten(r, nullptr)))
                return fault;
        }
        return std::nullopt;
    });
}

Shelf::Done Shelf::setClosed(const std::string& lot, bool closed)
{
    return kept([&]() -> Done {
        if (auto unread = read())
            return unread;
        const LotRecord* now = findLot(lot);
        if (!now)
            return FileFault{FileFault::Code::Missing, QStringLiteral("lot"), {}};
        LotRecord record = *now;
        record.closed = closed;
        return shelf_tables::keepLot(database(), *now, record);
    });
}

} // namespace rhexion
