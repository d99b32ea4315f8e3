// A reckoning as plain text for a terminal.
#pragma once

#include "core/reckoning/reckon.h"
#include "words/speech.h"

#include <QString>

namespace rhexion {

QString reckoningReport(const Formula& formula, const Reckoning& reckoning, const Speech& speech);
QString materialsReport(const std::vector<MaterialPtr>& materials, const Speech& speech);

} // namespace rhexion
