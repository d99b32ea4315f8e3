// A reckoning as JSON for other programs (docs/formats/reckoning.schema.json).
#pragma once

#include "core/advice/reckon.h"

#include <QJsonObject>

namespace rhexion {

inline constexpr int reckoningVersion = 3;

// The reckoning must be of this formula. Masses in g, amounts in mol, shares as fractions; null is
// "there is none". findings: what findingsOf() gave; doubt: nothing where it is not drawn.
QJsonObject reckoningToJson(const Formula& formula, const Reckoning& reckoning,
                            const std::vector<Caution>& findings, const Doubt* doubt = nullptr);
// Fits the same schema.
QJsonObject refusalToJson(const Formula& formula, const Refusal& refusal);

// Code words, the same in every version.
const char* codeOf(Rule rule);
const char* codeOf(TermName name);
const char* codeOf(Unit unit);
const char* codeOf(RefusalCode code);

} // namespace rhexion
