// How long a batch's batter stayed fluid, out of its events: what corrects the working time.
#pragma once

#include "core/batch/event.h"
#include "core/making/working_time.h"

#include <optional>
#include <span>

namespace rhexion {

// From jug and pot joined to the batter poured. Nothing where either is not written down, where
// they are not a time a batter takes (10 s to 6 h), or where the batch was cooked.
std::optional<OwnLog> paceLogOf(std::span<const Event> events, std::span<const std::string> tried);

} // namespace rhexion
