#include "storage/calendar_file.h"

#include <libical/ical.h>

#include <memory>

namespace rhexion {

namespace {

struct FreeComponent {
    void operator()(icalcomponent* c) const { icalcomponent_free(c); }
};

icaltimetype dayTime(const QDate& day)
{
    icaltimetype out = icaltime_null_date();
    out.year = day.year();
    out.month = day.month();
    out.day = day.day();
    return out;
}

} // namespace

QByteArray calendarOf(const QList<CalendarEntry>& entries, const QDateTime& now)
{
    const std::unique_ptr<icalcomponent, FreeComponent> calendar(
        icalcomponent_new(ICAL_VCALENDAR_COMPONENT));
    icalcomponent_add_property(calendar.get(), icalproperty_new_version("2.0"));
    icalcomponent_add_property(calendar.get(), icalproperty_new_prodid("-//Rhexion//Rhexion//EN"));
    const icaltimetype stamp =
        icaltime_from_timet_with_zone(now.toSecsSinceEpoch(), 0, icaltimezone_get_utc_timezone());
    for (const CalendarEntry& e : entries) {
        icalcomponent* event = icalcomponent_new(ICAL_VEVENT_COMPONENT);
        icalcomponent_add_property(event, icalproperty_new_uid(e.uid.toUtf8().constData()));
        icalcomponent_add_property(event, icalproperty_new_dtstamp(stamp));
        icalcomponent_add_property(event, icalproperty_new_dtstart(dayTime(e.day)));
        icalcomponent_add_property(event, icalproperty_new_dtend(dayTime(e.day.addDays(1))));
        icalcomponent_add_property(event, icalproperty_new_summary(e.summary.toUtf8().constData()));
        if (!e.description.isEmpty())
            icalcomponent_add_property(
                event, icalproperty_new_description(e.description.toUtf8().constData()));
        icalcomponent_add_property(event, icalproperty_new_transp(ICAL_TRANSP_TRANSPARENT));
        icalcomponent_add_component(calendar.get(), event);
    }
    char* text = icalcomponent_as_ical_string_r(calendar.get());
    const QByteArray out(text);
    icalmemory_free_buffer(text);
    return out;
}

} // namespace rhexion
