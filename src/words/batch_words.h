// A batch as facts: what came of it, what was weighed, its day, and the weeks after. Screen, print,
// command line and the assessor's record read this.
#pragma once

#include "core/batch/fold.h"
#include "words/facts.h"
#include "words/speech.h"

namespace rhexion::words {

// "It is being made at another bench: step 7 of 22, 1 min ago."
QString madeElsewhere(const Batch& batch, const QDateTime& now, const Speech& speech);
FactPage batchFacts(const Batch& batch, const Speech& speech);
// Its day alone: weights, what went otherwise, steps and readings by the clock.
FactPage dayFacts(const Batch& batch, const Speech& speech);
// The same for an assessor: with lots and their figures, and without verdict and lessons. working:
// adds every sum of what was weighed.
FactPage assessorFacts(const Batch& batch, const Speech& speech);

} // namespace rhexion::words
