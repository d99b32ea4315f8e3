// The reckoning as JSON with the words a person reads beside each code.
#pragma once

#include "core/advice/reckon.h"
#include "core/heat/heat_findings.h"
#include "words/speech.h"

#include <QJsonObject>

namespace rhexion {

QJsonObject reckoningJson(const Formula& formula, const Reckoning& reckoning, const Doubt* doubt,
                          const heat::HeatTold& heat, const Speech& speech);
QJsonObject refusalJson(const Formula& formula, const Refusal& refusal, const Speech& speech);

} // namespace rhexion
