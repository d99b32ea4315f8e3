// Plans of heat in formula files and fittings, and forecasts of heat as JSON
// (docs/formats/heat.schema.json).
#pragma once

#include "core/heat/formula_heat.h"
#include "storage/json_cursor.h"

#include <QJsonObject>

namespace rhexion {

QJsonObject heatPlanToJson(const HeatPlan& plan);
HeatPlan readHeatPlan(const JsonCursor& at);

QJsonObject jugHeatToJson(const Formula& formula, const heat::HeatForecast& heat);
QJsonObject meetingHeatToJson(const Formula& formula, const heat::HeatForecast& heat);
QJsonObject mouldHeatToJson(const Formula& formula, const heat::HeatForecast& heat);
QJsonObject cookHeatToJson(const Formula& formula, const heat::HeatForecast& heat);

} // namespace rhexion
