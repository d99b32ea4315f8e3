// The day as JSON: docs/formats/day.schema.json.
#pragma once

#include "core/makeday/later.h"
#include "core/makeday/schedule.h"

#include <QJsonObject>

namespace rhexion {

// Days before, the day and what comes after; times are UTC.
QJsonObject dayToJson(const std::vector<DayOf>& days, const Schedule& schedule,
                      const std::vector<LaterStep>& later);

} // namespace rhexion
