// The day on paper: times, what to do, what to weigh, a blank to write into and a box to tick.
#pragma once

#include "core/makeday/later.h"
#include "core/makeday/schedule.h"
#include "words/speech.h"

namespace rhexion {

QString daySheetHtml(const std::vector<DayOf>& days, const std::vector<Reckoning>& reckonings,
                     const Schedule& schedule, const ScheduleWish& wish,
                     const std::vector<LaterStep>& later, const Speech& speech);

} // namespace rhexion
