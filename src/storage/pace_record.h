// What a journal remembers of scents tried and of how long batters stayed fluid. Window and command
// line read the same.
#pragma once

#include "core/making/scent.h"
#include "core/making/working_time.h"
#include "storage/journal.h"

#include <string>
#include <vector>

namespace rhexion {

// The newest so many: older hands were other hands.
inline constexpr int mostPaceBatches = 60;

struct PaceRecord {
    std::vector<OwnLog> logs;
    std::vector<std::string> tried; // ids of scents, in the order they were met
    std::vector<TimesTried> times;

    void add(const BatchSummary& batch, const QList<Event>& events);
};

// All at once, newest batch first. A batch that cannot be read is left out.
std::variant<PaceRecord, FileFault> paceRecordOf(const Journal& journal);

} // namespace rhexion
