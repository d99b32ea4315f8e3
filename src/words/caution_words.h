// The sentences of cautions and their mends.
#pragma once

#include "core/advice/caution.h"
#include "words/speech.h"

#include <QString>

namespace rhexion::words {

QString cautionTitle(const Caution& caution, const Formula& formula, const Speech& speech);
QString cautionReason(const Caution& caution, const Formula& formula, const Speech& speech);
QString mendLabel(const Caution& caution, const Formula& formula, const Speech& speech);

} // namespace rhexion::words
