// Words of a batch that lists are filtered by and patterns counted by: "seen:crack", "kind:milk",
// "process:hot", "joined:warm". Codes, never sentences.
#pragma once

#include "core/batch/fold.h"

#include <string>
#include <vector>

namespace rhexion {

// Each once, sorted. "made": poured or finished; "told": something was written of it afterwards.
std::vector<std::string> factsOf(const Batch& batch);

} // namespace rhexion
