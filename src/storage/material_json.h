// Materials and their sources as JSON: one shape in the catalogue and in formula files
// (docs/formats/material.schema.json).
#pragma once

#include "core/materials/material.h"
#include "storage/json_cursor.h"

#include <QJsonObject>

#include <map>

namespace rhexion {

using SourceTable = std::map<std::string, Source>;

SourceTable readSources(const JsonCursor& root);
// Reads one material and gives it the sources its figures name. Faults go to the cursor.
Material readMaterial(const JsonCursor& at, const SourceTable& sources);

QJsonObject toJson(const Material& material);
QJsonObject toJson(const Source& source);

} // namespace rhexion
