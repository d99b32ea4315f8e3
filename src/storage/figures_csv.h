// Own materials as CSV (docs/formats/README.md): one row each, one column a figure.
#pragma once

#include "core/materials/material.h"
#include "storage/file_fault.h"

#include <QByteArray>
#include <QList>

#include <variant>
#include <vector>

namespace rhexion {

// One row as it would be kept, or what is wrong with it.
struct ImportedRow {
    qsizetype line = 0;
    QString name;
    std::optional<Material> material;
    std::optional<FileFault> fault;             // place: the column
    std::optional<MaterialFault> materialFault; // the figures do not hold together
};

// Reads a table; nothing is kept. A row without id gets an empty one. Ids get "own-" before them,
// so that none can take the place of a catalogue material. Figures without a source get sourceText.
// The decimal mark may be a point or a comma; a number that could be thousands is refused.
std::variant<QList<ImportedRow>, FileFault> materialsFromCsv(const QByteArray& bytes,
                                                             const QString& sourceText);
// The same from a catalogue file.
std::variant<QList<ImportedRow>, FileFault> rowsFromJson(const QByteArray& bytes);

// Per-cent figures are written in per cent; the sources of a row become one text.
QByteArray materialsToCsv(const std::vector<MaterialPtr>& materials, char decimalMark);

} // namespace rhexion
