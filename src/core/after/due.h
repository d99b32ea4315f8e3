// What is due when, of one batch: look in, unmould, cut, stamp, turn, test, ready. Of all batches
// together it is a calendar.
#pragma once

#include "core/after/cured.h"

namespace rhexion {

enum class DueKind { LookIn, Unmould, Cut, Stamp, Turn, Test, Ready };
const char* codeOf(DueKind kind);
std::optional<DueKind> dueKindFromCode(const std::string& code);

struct Due {
    DueKind kind = DueKind::Ready;
    std::int64_t opens = 0; // ms since 1970, UTC
    std::int64_t at = 0;    // the usual moment
    std::int64_t closes = 0;
};
// What is still to be done, in order of time; nothing of a batch that is not poured or was stopped.
std::vector<Due> duesOf(const Batch& batch, const Cured& cured);

} // namespace rhexion
