// When a batch is ready and why, what a test says, and the mend, as facts.
#pragma once

#include "core/after/cured.h"
#include "words/facts.h"
#include "words/speech.h"

namespace rhexion::words {

// "Rule 28 days, weights say 34 (27 to 41): ready about 4 June."
QString readySaid(const Cured& cured, const Speech& speech);
// now: ms, says how many days are left.
FactPage cureFacts(const Batch& batch, const Cured& cured, std::int64_t now, const Speech& speech);
FactPage testFacts(const Batch& batch, const Cured& cured, const AlkaliLimits& limits,
                   const Speech& speech);

} // namespace rhexion::words
