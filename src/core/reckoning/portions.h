// The portions of a split batter, each with its own account (docs/portions.md).
#pragma once

#include "core/reckoning/per_gram.h"
#include "core/reckoning/reckon.h"

#include <span>

namespace rhexion {

// Fills portions and the figures of oil set aside; everything else of the reckoning must stand.
// Refuses when more oil is set aside than there is, or a spoon of it has no weight.
std::optional<Refusal> settlePortions(const Formula& formula, std::span<const PerGram> per,
                                      Reckoning& reckoning);
void writePortions(const Formula& formula, Reckoning& reckoning);

} // namespace rhexion
