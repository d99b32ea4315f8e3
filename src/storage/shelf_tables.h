// The tables of a shelf: events, and what they come to, one row a material and one a jar.
#pragma once

#include "storage/shelf.h"

#include <QJsonObject>
#include <QSqlDatabase>

namespace rhexion::shelf_tables {

using Done = std::optional<FileFault>;

inline constexpr int version = 3;
QStringList migration(int toVersion);
Done convert(QSqlDatabase& db, int toVersion); // what was there before there were events

struct Rows {
    std::vector<OwnMaterial> materials; // by name
    std::vector<LotRecord> lots;        // newest first
    std::vector<SetAside> aside;
};
std::variant<Rows, FileFault> read(const QSqlDatabase& db);

// What an event of the shelf is about: "material:ID" or "lot:ID".
QString aboutMaterial(const std::string& id);
QString aboutLot(const std::string& id);

// Each writes the event, as the next of this bench, and what it comes to.
Done keepMaterial(const QSqlDatabase& db, const Material& material, const QByteArray& file);
Done setArchived(const QSqlDatabase& db, const std::string& id, bool archived);
Done keepLot(const QSqlDatabase& db, const LotRecord& before, const LotRecord& now);

// Makes the row anew from all events about it, in the order of places; what cannot be read takes
// no part.
Done refold(const QSqlDatabase& db, const QString& about);

} // namespace rhexion::shelf_tables
