// Steps of the day and a maker's way through them, as JSON of events and formulas.
#pragma once

#include "core/makeday/own_way.h"
#include "storage/json_cursor.h"

namespace rhexion {

inline constexpr double largestId = 4294967295.0;
inline constexpr qsizetype mostSteps = 20000; // of a plan

QJsonObject targetToJson(QJsonObject out, const WeighTarget& target);
WeighTarget readTarget(const JsonCursor& at);
QJsonObject stepToJson(const StepKey& key);
StepKey readStep(const JsonCursor& at);

QJsonObject planStepToJson(const DayStep& step);
// Steps of one plan; one written before steps said what they wait for waits for the one before it.
std::vector<DayStep> readPlan(const JsonCursor& at, const char* key);

QJsonObject wayToJson(const DayWay& way);
DayWay readWay(const JsonCursor& at);

} // namespace rhexion
