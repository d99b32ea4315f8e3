// What a batch cost: what was weighed, at the prices of its lots and the maker's own prices.
#pragma once

#include "core/after/cost.h"
#include "core/after/cured.h"
#include "storage/fittings.h"
#include "storage/shelf.h"

namespace rhexion {

// shelf: nothing where it cannot be opened; then only the maker's own prices are known. Water costs
// nothing.
OrCannot<BatchCost> batchCost(const Batch& batch, const Cured& cured, const Shelf* shelf,
                              const Fittings& fittings);
// In minor units of the terms' money.
std::optional<LotPrice> priceOf(const Material& material, const Shelf* shelf,
                                const Fittings& fittings);

} // namespace rhexion
