// Two formulas side by side: what differs in what goes in, then what comes of it.
#pragma once

#include "core/advice/reckon.h"
#include "words/facts.h"
#include "words/speech.h"

namespace rhexion::words {

FactPage compareFacts(const Formula& before, const Reckoning& was, const Formula& after,
                      const Reckoning& is, const QString& beforeName, const Speech& speech);

} // namespace rhexion::words
