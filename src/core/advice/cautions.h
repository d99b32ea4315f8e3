// Cautions for a finished account.
#pragma once

#include "core/account/doubt.h"
#include "core/advice/caution.h"
#include "core/formula/lexicon.h"

namespace rhexion {

// What the drawn doubt adds: a chance of lye excess above 1 %. Its mend raises superfat until about
// 1 in 100 is left; nothing where the lye is below 0 already, which has a caution of its own.
std::optional<Caution> cautionOf(const Formula& formula, const Account& account,
                                 const Doubt& doubt);

// Worst first. The account must be of this formula.
std::vector<Caution> cautionsFor(const Formula& formula, const Account& account);

// What the formula's name and notes speak of, in those words (said_cautions.cpp).
void addSaidCautions(const Formula& formula, const Account& account, const Lexicon& words,
                     std::vector<Caution>& out);

} // namespace rhexion
