// The batch sheet as a page: what to weigh by vessel, how to divide the batter, the order of work,
// cautions, blanks for readings.
#pragma once

#include "core/advice/reckon.h"
#include "words/speech.h"

namespace rhexion {

QString sheetHtml(const Formula& formula, const Reckoning& reckoning, const Speech& speech);

} // namespace rhexion
