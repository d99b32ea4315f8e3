// What can happen to a batch after its day, as JSON of an event. Kinds: afterKinds.
#pragma once

#include "core/batch/after_event.h"
#include "storage/json_cursor.h"

namespace rhexion {

QString kindOf(const AfterWhat& what);
QJsonObject afterToJson(const After& after);
// Nothing where the kind is none of these; what is wrong with the rest is the cursor's to say.
std::optional<After> readAfter(const QString& kind, const JsonCursor& at);

// A name of our own making and no path: the SHA-256 of what is in it.
bool isPhotoName(const QString& file);

} // namespace rhexion
