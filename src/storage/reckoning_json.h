// A reckoning as JSON for other programs (docs/formats/reckoning.schema.json).
#pragma once

#include "core/reckoning/reckon.h"

#include <QJsonObject>

namespace rhexion {

// The reckoning must be of this formula. Masses in g, amounts in mol, shares as fractions.
QJsonObject reckoningToJson(const Formula& formula, const Reckoning& reckoning);
QJsonObject refusalToJson(const Refusal& refusal);

// Code words, the same in every version.
const char* codeOf(Rule rule);
const char* codeOf(TermName name);
const char* codeOf(Unit unit);
const char* codeOf(RefusalCode code);

} // namespace rhexion
