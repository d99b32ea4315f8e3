// A jar as JSON, whole or as what changed of it: the events of the shelf
// (docs/formats/README.md).
#pragma once

#include "storage/shelf.h"

#include <QJsonObject>

namespace rhexion {

// What of it is not as it was; from an empty record, all that is said of it.
QJsonObject lotChanges(const LotRecord& before, const LotRecord& now);
// Puts the changes into the record: all of them, or none with a fault that names the field.
std::optional<FileFault> applyLotChanges(LotRecord& record, const QJsonObject& changes);

} // namespace rhexion
