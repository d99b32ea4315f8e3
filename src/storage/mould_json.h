// Moulds, cutting and handling as JSON: of a formula file and of a maker's own shelf of moulds.
#pragma once

#include "core/formula/mould.h"
#include "storage/json_cursor.h"

namespace rhexion {

QJsonObject mouldToJson(const Mould& mould);
Mould readMould(const JsonCursor& at); // a mould that cannot be is a fault at its place

QJsonObject mouldUseToJson(const MouldUse& use);
MouldUse readMouldUse(const JsonCursor& at);

QJsonObject cuttingToJson(const Cutting& cutting);
Cutting readCutting(const JsonCursor& at);

QJsonObject handlingToJson(const Handling& handling);
Handling readHandling(const JsonCursor& at);

} // namespace rhexion
