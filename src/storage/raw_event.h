// An event between what is written of it and what the core makes of it.
#pragma once

#include "core/batch/event.h"
#include "storage/event_table.h"

namespace rhexion {

// As bench `here` reads it: Unreadable where it cannot, and jars named as they are named there.
Event eventOf(const RawEvent& raw, std::int64_t seq, const std::string& here);
RawEvent rawOf(const Event& event);

} // namespace rhexion
