// Own materials between the shelf and files.
#pragma once

#include "storage/figures_csv.h"
#include "storage/shelf.h"

namespace rhexion {

// A table or a catalogue file, whichever it turns out to be; nothing is kept.
std::variant<QList<ImportedRow>, FileFault> rowsFromFile(const QString& path,
                                                         const QString& sourceText);
// All own materials, as JSON where the name ends so, else as CSV.
std::optional<FileFault> writeOwnMaterials(const QString& path, const Shelf& shelf,
                                           char decimalMark);

// With an id each, where one has none: of its name, and not yet on the shelf or among them.
std::vector<Material> withIds(std::vector<Material> materials, const Shelf& shelf);

} // namespace rhexion
