// A reckoning as JSON for other programs (docs/formats/reckoning.schema.json).
#pragma once

#include "core/advice/reckon.h"

#include <QJsonObject>

namespace rhexion {

inline constexpr int reckoningVersion = 3;

// The reckoning must be of this formula. Masses in g, amounts in mol, shares as fractions; null is
// "there is none". doubt: nothing where it is not drawn. Both fit the same schema.
QJsonObject reckoningToJson(const Formula& formula, const Reckoning& reckoning,
                            const Doubt* doubt = nullptr);
QJsonObject refusalToJson(const Formula& formula, const Refusal& refusal);

// Code words, the same in every version.
const char* codeOf(Rule rule);
const char* codeOf(TermName name);
const char* codeOf(Unit unit);
const char* codeOf(RefusalCode code);

} // namespace rhexion
