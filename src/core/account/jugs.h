// The jugs apart: which hydroxide, which water, and liquid set aside to dissolve lines elsewhere.
#pragma once

#include "core/account/account.h"
#include "core/amounts/one_gram.h"

#include <span>

namespace rhexion {

// g of water that one gram of sodium chloride needs to dissolve at 20 C. CRC Handbook, from memory.
inline constexpr double waterPerGramOfSalt = 2.79;

// g of water one gram of the material needs at 20 C to dissolve, less what it brings itself; 0 for
// what does not dissolve or is a liquid. Source: CRC Handbook, solubilities (from memory).
double waterToDissolveGram(const Material& material);
// Whether it should be dissolved before the lye or the oils meet it: an acid, sugar or salt.
bool dissolvesFirst(const Material& material);

// Fills jugs, makeUpIn and solvents; every line's mass and both hydroxides must stand.
void settleJugs(const Formula& formula, const Amounts& amounts, std::span<const PerGram> per,
                Account& account);
void writeJugs(const Formula& formula, Account& account);

} // namespace rhexion
