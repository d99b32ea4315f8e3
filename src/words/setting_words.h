// The settings of a formula and the schools behind them.
#pragma once

#include "core/formula/formula.h"
#include "words/speech.h"

#include <QString>

namespace rhexion::words {

QString liquidStatement(const LiquidSettings& liquid, const Speech& speech);
QString hiddenFatSchool(HiddenFatSchool school);
QString splitConvention(SplitConvention split);
QString strengthConvention(StrengthConvention convention);

} // namespace rhexion::words
