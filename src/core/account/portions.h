// The portions of a split batter, each with its own account (docs/portions.md).
#pragma once

#include "core/account/account.h"
#include "core/amounts/one_gram.h"

#include <span>

namespace rhexion {

// Fills portions and the figures of oil set aside; everything else of the account must stand. More
// oil set aside than there is counts as what there is, and the rest is told.
void settlePortions(const Formula& formula, const Amounts& amounts, std::span<const PerGram> per,
                    Account& account);
void writePortions(const Formula& formula, Account& account);

} // namespace rhexion
