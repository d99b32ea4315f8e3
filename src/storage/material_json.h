// Materials and their sources as JSON: one shape in the catalogue and in formula files
// (docs/formats/material.schema.json).
#pragma once

#include "core/materials/material.h"
#include "storage/json_cursor.h"

#include <QJsonArray>
#include <QJsonObject>

#include <map>

namespace rhexion {

using SourceTable = std::map<std::string, Source>;

SourceTable readSources(const JsonCursor& root);
// Reads one material and gives it the sources its figures name. Faults go to the cursor.
// unfinished: fat without a saponification value may stand there, as in a formula that cannot be
// reckoned yet.
Material readMaterial(const JsonCursor& at, const SourceTable& sources, bool unfinished = false);

QJsonObject toJson(const Material& material);
QJsonObject toJson(const Source& source);

// Gives a source another id wherever a figure names it: two materials in one file may bring sources
// of one id but different text.
void renameSource(Material& material, const std::string& from, const std::string& to);

// Collects materials for a file: their sources once each, renamed where ids clash.
class SourceList {
public:
    QJsonObject add(Material material);
    QJsonArray sources() const;

private:
    std::map<std::string, Source> sources_;
};

} // namespace rhexion
