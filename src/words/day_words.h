// The steps of the make day, and what to do after a slip.
#pragma once

#include "core/batch/event.h"
#include "core/makeday/as_weighed.h"
#include "core/makeday/place_now.h"
#include "core/makeday/plan.h"
#include "words/speech.h"

#include <QStringList>

namespace rhexion::words {

QString dayStepTitle(const DayStep& step, const Formula& formula);
// With what is weighed at it: "120.0 g Olive oil".
QString dayStepLine(const DayStep& step, const Formula& formula, const Speech& speech);
QString dayStepAdvice(const DayStep& step, const Formula& formula, const Reckoning& reckoning,
                      const Speech& speech);
// first: nothing stands before it that it would be an alternative to.
QString dayMend(const DayMend& mend, const Formula& bowl, const Speech& speech, bool first = false);

// What a bar that is left as it is will be like, and what to watch or test.
QString outlookSaid(DayOutlook outlook, const AsWeighed& bowl, const Speech& speech);

// "The batter", "Bowl of Blue"; portion counts for a bowl alone.
QString placeName(Place place, PortionId portion, const Formula& formula);
QString lyingName(const Lying& lying, const Formula& formula);

// What the weighings so far come to.
QString asWeighedSoFar(const AsWeighed& bowl, const Speech& speech);
// What to stop for, what to mind at this step, how to mend what was weighed; findings worst first.
// here is the vessel of the step at hand, nothing at the end of the day.
struct BowlSaid {
    QStringList sentences;
    bool danger = false;
};
BowlSaid bowlSaid(const AsWeighed& bowl, const std::vector<Caution>& findings,
                  std::optional<Vessel> here, const Speech& speech);

// A danger that wants an answer before the day goes on: what it is, why, and what mends it.
struct DangerSaid {
    QString title;
    QString why;
    QStringList mends; // the easiest first; empty where nothing in the bowl mends it
};
DangerSaid dangerSaid(const Caution& danger, const AsWeighed& bowl, const Speech& speech);
QString dangerAnswerName(DangerAnswer answer);

} // namespace rhexion::words
