#include "storage/shelf_tables.h"

#include "storage/event_json.h"
#include "storage/event_table.h"
#include "storage/lot_json.h"
#include "storage/lot_limits.h"
#include "storage/material_file.h"
#include "storage/sqlite_file.h"

#include <QDateTime>
#include <QJsonDocument>
#include <QSqlQuery>
#include <QVariant>

#include <algorithm>
#include <unordered_map>

namespace rhexion::shelf_tables {

namespace {

const QString ofMaterial = QStringLiteral("material:");
const QString ofLot = QStringLiteral("lot:");

Done run(const QSqlDatabase& db, const char* sql, const QVariantList& values)
{
    QSqlQuery query(db);
    return SqliteFile::run(query, sql, values);
}

Done addEvent(const QSqlDatabase& db, const QString& about, const char* kind,
              const QByteArray& data, qint64 at)
{
    // The shelf does not know what its bench is called; who passes it on does.
    return event_table::insert(db, {QString::fromStdString(newId()), about, QStringLiteral(""), at,
                                    0, QLatin1String(kind), QString::fromUtf8(data)});
}

qint64 now()
{
    return QDateTime::currentMSecsSinceEpoch();
}

QByteArray bytesOf(const QJsonObject& object)
{
    return QJsonDocument(object).toJson(QJsonDocument::Compact);
}

Done writeMaterial(const QSqlDatabase& db, const QString& id, const QString& name,
                   const QString& file)
{
    return run(db,
               "INSERT INTO own_material (id, name, material) VALUES (?, ?, ?)"
               " ON CONFLICT (id) DO UPDATE SET name = excluded.name,"
               " material = excluded.material",
               {id, name, file});
}

Done writeLot(const QSqlDatabase& db, const LotRecord& r, qint64 written)
{
    const QString id = columnText(r.lot.id);
    if (auto fault =
            run(db,
                "INSERT INTO lot (id, material, name, home_made, got, best_before, supplier, price,"
                " bought, remaining, notes, closed, counted, written)"
                " VALUES (?,?,?,?,?,?,?,?,?,?,?,?,?,?) ON CONFLICT (id) DO UPDATE SET"
                " material = excluded.material, name = excluded.name,"
                " home_made = excluded.home_made, got = excluded.got,"
                " best_before = excluded.best_before, supplier = excluded.supplier,"
                " price = excluded.price, bought = excluded.bought,"
                " remaining = excluded.remaining, notes = excluded.notes,"
                " closed = excluded.closed, counted = excluded.counted",
                {id, columnText(r.material), columnText(r.lot.name), r.homeMade,
                 columnText(r.got.toString(Qt::ISODate)),
                 columnText(r.bestBefore.toString(Qt::ISODate)), columnText(r.supplier),
                 orNull(r.price), orNull(r.boughtGrams), orNull(r.leftGrams), columnText(r.notes),
                 r.closed, qint64(r.counted), written}))
        return fault;
    for (const char* sql :
         {"DELETE FROM lot_figure WHERE lot = ?", "DELETE FROM lot_measure WHERE lot = ?"})
        if (auto fault = run(db, sql, {id}))
            return fault;
    for (const LotFigure& f : r.lot.figures)
        if (auto fault = run(db, "INSERT INTO lot_figure VALUES (?, ?, ?, ?, ?, ?)",
                             {id, columnText(f.code), f.range.low(), f.range.typical(),
                              f.range.high(), columnText(f.source)}))
            return fault;
    for (const Measure& m : r.lot.measures)
        if (auto fault = run(db, "INSERT INTO lot_measure VALUES (?, ?, ?, ?)",
                             {id, columnText(m.name), m.grams, columnText(m.source)}))
            return fault;
    return std::nullopt;
}

Done refoldMaterial(const QSqlDatabase& db, const QString& about, const QList<RawEvent>& events)
{
    const QString id = about.mid(ofMaterial.size());
    MaterialPtr last;
    QString file;
    bool archived = false;
    for (const RawEvent& e : events) {
        if (e.kind == QLatin1String("archived")) {
            const auto said = QJsonDocument::fromJson(e.data.toUtf8()).object().value("archived");
            archived = said.toBool(archived);
        } else if (e.kind == QLatin1String("material")) {
            const auto read = materialsFromJson(e.data.toUtf8());
            const auto* list = std::get_if<std::vector<MaterialPtr>>(&read);
            if (list && list->size() == 1 && list->front()->id == id.toStdString()) {
                last = list->front();
                file = e.data;
            }
        }
    }
    if (!last)
        return std::nullopt;
    if (auto fault = writeMaterial(db, id, columnText(last->name), file))
        return fault;
    return run(db, "UPDATE own_material SET archived = ? WHERE id = ?", {archived, id});
}

Done refoldLot(const QSqlDatabase& db, const QString& about, const QList<RawEvent>& events)
{
    LotRecord r;
    qint64 written = 0;
    for (const RawEvent& e : events) {
        const auto changes = QJsonDocument::fromJson(e.data.toUtf8());
        if (e.kind != QLatin1String("lot") || !changes.isObject() ||
            applyLotChanges(r, changes.object()))
            continue;
        written = written == 0 ? e.at : written;
    }
    if (r.material.empty())
        return std::nullopt;
    r.lot.id = about.mid(ofLot.size()).toStdString();
    return writeLot(db, r, written);
}

} // namespace

QString aboutMaterial(const std::string& id)
{
    return ofMaterial + QString::fromStdString(id);
}

QString aboutLot(const std::string& id)
{
    return ofLot + QString::fromStdString(id);
}

QStringList migration(int toVersion)
{
    switch (toVersion) {
    case 1:
        return {
            QStringLiteral("CREATE TABLE own_material ("
                           " id TEXT PRIMARY KEY,"
                           " name TEXT NOT NULL,"
                           " material TEXT NOT NULL," // a catalogue file with this one in it
                           " archived INTEGER NOT NULL DEFAULT 0)"),
            QStringLiteral("CREATE TABLE lot ("
                           " id INTEGER PRIMARY KEY,"
                           " material TEXT NOT NULL," // id in catalogue, foods or own_material
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
    case 2: // what is left was counted then, as far as anybody knows
        return {QStringLiteral("ALTER TABLE lot ADD COLUMN counted INTEGER NOT NULL DEFAULT 0"),
                QStringLiteral("UPDATE lot SET counted = CAST(strftime('%s', 'now') AS INTEGER)"
                               " * 1000")};
    case 3: // a jar's id is its own among all benches; the rows are what the events come to
        return {
            QStringLiteral(
                "CREATE TABLE new_lot ("
                " id TEXT PRIMARY KEY,"
                " material TEXT NOT NULL,"
                " name TEXT NOT NULL,"
                " home_made INTEGER NOT NULL DEFAULT 0,"
                " got TEXT NOT NULL DEFAULT '',"
                " best_before TEXT NOT NULL DEFAULT '',"
                " supplier TEXT NOT NULL DEFAULT '',"
                " price REAL CHECK (price >= 0),"
                " bought REAL CHECK (bought >= 0),"
                " remaining REAL CHECK (remaining >= 0),"
                " notes TEXT NOT NULL DEFAULT '',"
                " closed INTEGER NOT NULL DEFAULT 0,"
                " counted INTEGER NOT NULL DEFAULT 0,"   // ms since 1970
                " written INTEGER NOT NULL DEFAULT 0)"), // when it was first written down
            QStringLiteral("INSERT INTO new_lot SELECT CAST(id AS TEXT), material, name, home_made,"
                           " got, best_before, supplier, price, bought, remaining, notes, closed,"
                           " counted, id FROM lot"),
            QStringLiteral("CREATE TABLE new_figure ("
                           " lot TEXT NOT NULL REFERENCES new_lot(id) ON DELETE CASCADE,"
                           " code TEXT NOT NULL,"
                           " low REAL NOT NULL, typical REAL NOT NULL, high REAL NOT NULL,"
                           " source TEXT NOT NULL,"
                           " PRIMARY KEY (lot, code))"),
            QStringLiteral("CREATE TABLE new_measure ("
                           " lot TEXT NOT NULL REFERENCES new_lot(id) ON DELETE CASCADE,"
                           " name TEXT NOT NULL, grams REAL NOT NULL CHECK (grams > 0),"
                           " source TEXT NOT NULL,"
                           " PRIMARY KEY (lot, name))"),
            QStringLiteral("INSERT INTO new_figure SELECT CAST(lot AS TEXT), code, low, typical,"
                           " high, source FROM lot_figure"),
            QStringLiteral("INSERT INTO new_measure SELECT CAST(lot AS TEXT), name, grams, source"
                           " FROM lot_measure"),
            QStringLiteral("DROP TABLE lot_figure"),
            QStringLiteral("DROP TABLE lot_measure"),
            QStringLiteral("DROP TABLE lot"),
            QStringLiteral("ALTER TABLE new_lot RENAME TO lot"),
            QStringLiteral("ALTER TABLE new_figure RENAME TO lot_figure"),
            QStringLiteral("ALTER TABLE new_measure RENAME TO lot_measure"),
            QStringLiteral("CREATE INDEX lot_material ON lot(material)"),
            QStringLiteral("CREATE TABLE event ("
                           " seq INTEGER PRIMARY KEY AUTOINCREMENT,"
                           " id TEXT NOT NULL UNIQUE,"
                           " batch TEXT NOT NULL," // what it is about: "material:ID", "lot:ID"
                           " bench TEXT NOT NULL," // '': this one
                           " at INTEGER NOT NULL,"
                           " zone INTEGER NOT NULL,"
                           " kind TEXT NOT NULL,"
                           " data TEXT NOT NULL)"),
            QStringLiteral("CREATE INDEX event_batch ON event(batch, seq)"),
            QStringLiteral("CREATE TRIGGER event_stays BEFORE UPDATE ON event"
                           " BEGIN SELECT RAISE(ABORT, 'events are not edited'); END"),
            QLatin1String(event_table::passedTable),
        };
    default: return {};
    }
}

Done convert(QSqlDatabase& db, int toVersion)
{
    if (toVersion != 3)
        return std::nullopt;
    const auto rows = read(db);
    if (const auto* fault = std::get_if<FileFault>(&rows))
        return *fault;
    const Rows& all = std::get<Rows>(rows);
    qint64 at = now();
    for (const OwnMaterial& own : all.materials) {
        if (auto fault = addEvent(db, aboutMaterial(own.material->id), "material",
                                  materialsToJson({own.material}), at))
            return fault;
        if (own.archived)
            if (auto fault = addEvent(db, aboutMaterial(own.material->id), "archived",
                                      bytesOf({{"archived", true}}), at))
                return fault;
    }
    // Newest first; the oldest is the first to be written down.
    for (auto lot = all.lots.rbegin(); lot != all.lots.rend(); ++lot)
        if (auto fault =
                addEvent(db, aboutLot(lot->lot.id), "lot", bytesOf(lotChanges({}, *lot)), at++))
            return fault;
    return std::nullopt;
}

std::variant<Rows, FileFault> read(const QSqlDatabase& db)
{
    Rows out;
    QSqlQuery query(db);
    query.setForwardOnly(true);
    if (auto fault = SqliteFile::run(
            query, "SELECT material, archived, id FROM own_material ORDER BY name", {}))
        return *std::move(fault);
    while (query.next()) {
        auto read = materialsFromJson(query.value(0).toString().toUtf8());
        const QString id = query.value(2).toString();
        if (const auto* fault = std::get_if<FileFault>(&read)) {
            out.aside.push_back({id, *fault});
            continue;
        }
        const auto& list = std::get<std::vector<MaterialPtr>>(read);
        if (list.size() == 1 && list.front()->id == id.toStdString())
            out.materials.push_back({list.front(), query.value(1).toBool()});
        else
            out.aside.push_back({id, {FileFault::Code::OutOfRange, id, QStringLiteral("1")}});
    }
    if (auto fault = SqliteFile::run(
            query,
            "SELECT id, material, name, home_made, got, best_before, supplier, price, bought,"
            " remaining, notes, closed, counted FROM lot ORDER BY got DESC, written DESC, id DESC",
            {}))
        return *std::move(fault);
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
        out.lots.push_back(std::move(r));
    }
    std::unordered_map<std::string, LotRecord*> byId;
    for (LotRecord& r : out.lots)
        byId.emplace(r.lot.id, &r);
    const auto lotOf = [&](const QVariant& id) -> LotRecord* {
        const auto found = byId.find(id.toString().toStdString());
        return found == byId.end() ? nullptr : found->second;
    };
    if (auto fault = SqliteFile::run(
            query, "SELECT lot, code, low, typical, high, source FROM lot_figure", {}))
        return *std::move(fault);
    while (query.next()) {
        LotRecord* r = lotOf(query.value(0));
        const std::string code = query.value(1).toString().toStdString();
        const FigureKind* kind = findFigureKind(code);
        const auto range = kind ? intervalOf(*kind, query.value(2).toDouble(),
                                             query.value(3).toDouble(), query.value(4).toDouble())
                                : std::nullopt;
        // A figure that cannot be is told by its lot, not left out silently.
        if (!r || !range) {
            const QString lot = QStringLiteral("lot %1").arg(r ? QString::fromStdString(r->lot.name)
                                                               : query.value(0).toString());
            out.aside.push_back(
                {lot, {FileFault::Code::OutOfRange, lot, QString::fromStdString(code)}, false});
            continue;
        }
        r->lot.figures.push_back({code, *range, query.value(5).toString().toStdString()});
    }
    if (auto fault = SqliteFile::run(query, "SELECT lot, name, grams, source FROM lot_measure", {}))
        return *std::move(fault);
    while (query.next())
        if (LotRecord* r = lotOf(query.value(0)))
            r->lot.measures.push_back({query.value(1).toString().toStdString(),
                                       query.value(2).toDouble(),
                                       query.value(3).toString().toStdString()});
    for (LotRecord& r : out.lots)
        if (const auto fault = tooLong(r)) {
            cutToLimits(r);
            out.aside.push_back(
                {QStringLiteral("lot %1").arg(QString::fromStdString(r.lot.name)), *fault, false});
        }
    return out;
}

Done keepMaterial(const QSqlDatabase& db, const Material& material, const QByteArray& file)
{
    if (auto fault = addEvent(db, aboutMaterial(material.id), "material", file, now()))
        return fault;
    return writeMaterial(db, columnText(material.id), columnText(material.name),
                         QString::fromUtf8(file));
}

Done setArchived(const QSqlDatabase& db, const std::string& id, bool archived)
{
    QSqlQuery query(db);
    query.prepare(QStringLiteral("UPDATE own_material SET archived = ? WHERE id = ?"));
    query.addBindValue(archived);
    query.addBindValue(columnText(id));
    if (auto fault = SqliteFile::changeOne(query, "material"))
        return fault;
    return addEvent(db, aboutMaterial(id), "archived", bytesOf({{"archived", archived}}), now());
}

Done keepLot(const QSqlDatabase& db, const LotRecord& before, const LotRecord& record)
{
    const qint64 at = now();
    const QJsonObject changes = lotChanges(before, record);
    if (changes.isEmpty())
        return std::nullopt;
    LotRecord back = before; // what could not be read again is not written
    if (auto fault = applyLotChanges(back, changes))
        return fault;
    if (auto fault = addEvent(db, aboutLot(record.lot.id), "lot", bytesOf(changes), at))
        return fault;
    return writeLot(db, record, at);
}

Done refold(const QSqlDatabase& db, const QString& about)
{
    const auto read = event_table::about(db, about);
    if (const auto* fault = std::get_if<FileFault>(&read))
        return *fault;
    const auto& events = std::get<QList<RawEvent>>(read);
    if (about.startsWith(ofMaterial))
        return refoldMaterial(db, about, events);
    return about.startsWith(ofLot) ? refoldLot(db, about, events) : std::nullopt;
}

} // namespace rhexion::shelf_tables
