// A reckoning as plain text for a terminal.
#pragma once

#include "core/advice/reckon.h"
#include "core/heat/heat_findings.h"
#include "words/speech.h"

#include <QString>

namespace rhexion {

// doubt: nothing where it is not drawn. allCautions: those that are folded otherwise, too.
QString reckoningReport(const Formula& formula, const Reckoning& reckoning, const Doubt* doubt,
                        const heat::HeatTold& heat, bool allCautions, const Speech& speech);
QString materialsReport(const std::vector<MaterialPtr>& materials, const Speech& speech);

} // namespace rhexion
