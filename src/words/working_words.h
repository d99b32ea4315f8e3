// The lines of the working.
#pragma once

#include "core/advice/reckon.h"
#include "words/speech.h"

#include <QString>

namespace rhexion::words {

// One line of the working: what it works out, the sum on paper, and where its constants are from.
QString stepTitle(const Step& step, const Formula& formula);
QString stepSum(const Step& step, const Working& working, const Speech& speech);
QString stepSource(const Step& step, const Formula& formula);

} // namespace rhexion::words
