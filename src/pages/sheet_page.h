// The batch sheet as a page: what to weigh by vessel, how to divide the batter, the order of work,
// cautions, blanks for readings.
#pragma once

#include "core/advice/reckon.h"
#include "words/speech.h"

namespace rhexion {

// usual: the maker's plan of heat, for a formula that has none of its own.
QString sheetHtml(const Formula& formula, const Reckoning& reckoning, const Speech& speech,
                  const HeatPlan& usual = {});

} // namespace rhexion
