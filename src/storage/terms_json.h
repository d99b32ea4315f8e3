// A maker's terms of counting and labelling, as JSON among her fittings.
#pragma once

#include "core/after/terms.h"
#include "storage/json_cursor.h"

namespace rhexion {

QJsonObject termsToJson(const AfterTerms& terms);
AfterTerms readTerms(const JsonCursor& at);

} // namespace rhexion
