// How long what is written of a jar may be.
#pragma once

#include "storage/shelf.h"

namespace rhexion {

// What of a lot is longer than it may be, or nothing.
std::optional<FileFault> tooLong(const LotRecord& record);
// Cuts it to what may be; what stands in the file stays as it is until the lot is kept.
void cutToLimits(LotRecord& record);

} // namespace rhexion
