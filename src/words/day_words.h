// The steps of the make day, and what to do after a slip.
#pragma once

#include "core/makeday/as_weighed.h"
#include "core/makeday/plan.h"
#include "words/speech.h"

#include <QString>

namespace rhexion::words {

QString dayStepTitle(const DayStep& step, const Formula& formula);
QString dayStepAdvice(const DayStep& step, const Formula& formula, const Reckoning& reckoning,
                      const Speech& speech);
// first: nothing stands before it that it would be an alternative to.
QString dayMend(const DayMend& mend, const Formula& bowl, const Speech& speech, bool first = false);

} // namespace rhexion::words
