#include "storage/raw_event.h"

#include "storage/event_json.h"
#include "storage/shared_lot.h"

namespace rhexion {

Event eventOf(const RawEvent& raw, std::int64_t seq, const std::string& here)
{
    Event event{raw.id.toStdString(),
                raw.batch.toStdString(),
                raw.bench.toStdString(),
                seq,
                raw.at,
                raw.zone,
                {}};
    auto what = happeningFrom(raw.kind, raw.data.toUtf8());
    if (std::holds_alternative<FileFault>(what))
        event.what = Unreadable{raw.kind.toStdString()};
    else
        event.what = std::get<Happening>(std::move(what));
    if (event.bench != here)
        nameLotsAs(event.what, event.bench, here);
    return event;
}

RawEvent rawOf(const Event& event)
{
    return {QString::fromStdString(event.id),
            QString::fromStdString(event.batch),
            QString::fromStdString(event.bench),
            event.at,
            event.zone,
            kindOf(event.what),
            QString::fromUtf8(dataOf(event.what))};
}

} // namespace rhexion
