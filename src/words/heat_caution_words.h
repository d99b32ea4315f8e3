// Findings of heat in words; caution_words.h hands them on.
#pragma once

#include "core/advice/caution.h"
#include "words/speech.h"

namespace rhexion::words {

QString heatCautionTitle(const Caution& caution, const Formula& formula, const Speech& speech);
QString heatCautionReason(const Caution& caution, const Formula& formula, const Speech& speech);
QString heatMendLabel(const Caution& caution, const Formula& formula, const Speech& speech);

} // namespace rhexion::words
