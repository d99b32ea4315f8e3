// A batch as facts: what came of it, what was weighed, its day, and the weeks after. Screen, print,
// command line and the assessor's record read this.
#pragma once

#include "core/batch/fold.h"
#include "storage/journal.h"
#include "words/facts.h"
#include "words/speech.h"

namespace rhexion::words {

// A bench by its name, or "another bench"; here: the id of the one that reads it, which is said.
QString benchSaid(const Batch& batch, const std::string& bench, const std::string& here = {});
// What two benches weighed of one target, and what may be in the bowl of it.
struct TwiceSaid {
    QString title;
    QString why;
    QString first, second, both; // as answers
};
TwiceSaid weighedTwice(const Batch& batch, const TwiceWeighed& twice, const Speech& speech,
                       const std::string& here = {});
QString twiceOutcome(std::optional<WeighedTwice> is);
QString codeTwice(const CodeOfMany& code);
// A code that stands on other batches as well.
FactSection codeOfMany(const QString& code, const QList<BatchSummary>& others,
                       const Speech& speech);
// "It is being made at another bench: step 7 of 22, 1 min ago."
QString madeElsewhere(const Batch& batch, const QDateTime& now, const Speech& speech);
FactPage batchFacts(const Batch& batch, const Speech& speech);
// Its day alone: weights, what went otherwise, steps and readings by the clock.
FactPage dayFacts(const Batch& batch, const Speech& speech);
// The same for an assessor: with lots and their figures, and without verdict and lessons. working:
// adds every sum of what was weighed.
FactPage assessorFacts(const Batch& batch, const Speech& speech);

} // namespace rhexion::words
