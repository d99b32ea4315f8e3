// Which danger stops the day until the maker has answered it: to mend it, to go on knowing it, or
// to stop the batch. Every danger does, whatever it is about, so that none can be walked past.
#pragma once

#include "core/advice/caution.h"
#include "core/batch/fold.h"

#include <span>

namespace rhexion {

// The answers that still stand when a batch is taken up again: those given since the bowl changed
// last. What was answered of an earlier bowl is asked anew.
std::vector<DangerAnswered> standingAnswers(const Batch& batch);

// Whether the danger is the one that was answered and no worse than it was then.
bool covers(const DangerAnswered& answer, const Caution& danger);

// The first of the findings that is a danger and that no answer to go on covers; nullptr: none.
const Caution* unanswered(std::span<const Caution> findings,
                          std::span<const DangerAnswered> answers);

// The same caution as it stood when it was answered, for its sentence.
Caution cautionOf(const DangerAnswered& answer);

} // namespace rhexion
