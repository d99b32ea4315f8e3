// The day in times: schedule, timeline and what comes after, in words.
#pragma once

#include "core/makeday/later.h"
#include "core/makeday/schedule.h"
#include "words/facts.h"
#include "words/speech.h"

namespace rhexion::words {

// "14:05", with the day where it is not that of now; ms since 1970, UTC.
QString clockTime(std::int64_t ms, std::int64_t now);
// A time within two days, else the date.
QString laterTime(std::int64_t ms, std::int64_t now, const Speech& speech);
QString laterName(LaterKind kind);
// "1 h 40 min in all (1 h 5 min to 3 h 10 min): 55 min of your hands, 45 min of waiting."
QString dayLength(const Schedule& schedule, const Speech& speech);
// What stands in the way of the wish; empty: nothing.
QString scheduleMissed(const Schedule& schedule, const ScheduleWish& wish, const Speech& speech);

// Days before, the day and what comes after, as a page of facts.
FactPage dayPage(const std::vector<DayOf>& days, const Schedule& schedule, const ScheduleWish& wish,
                 const std::vector<LaterStep>& later, const Speech& speech);

} // namespace rhexion::words
