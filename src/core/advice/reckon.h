// The reckoning: a formula's wishes solved into grams, the account of those grams, and what there
// is to say about it. The one door for everything that shows figures. Pure: no clock, locale,
// files.
#pragma once

#include "core/account/account.h"
#include "core/account/doubt.h"
#include "core/advice/caution.h"
#include "core/amounts/refusal.h"
#include "core/formula/lexicon.h"

#include <span>
#include <variant>
#include <vector>

namespace rhexion {

struct Reckoning : Account {
    Amounts amounts;
    std::vector<Caution> cautions; // worst first, without what only the drawn doubt shows
};

using ReckonResult = std::variant<Reckoning, Refusal>;

// Sums the formula or says why not. Never throws but for lack of memory; no figure in a result is
// NaN or infinite.
ReckonResult reckon(const Formula& formula);

// The account of grams that are given, with its cautions; never refuses.
Reckoning reckonGiven(const Formula& formula, Amounts amounts);

// The one list of findings that screen, print, command line and JSON show: the cautions, what name
// and notes speak of, what the doubt adds and what the forecast of heat does
// (heat/heat_findings.h), worst first; those the maker has acknowledged come last. The same thing
// is there once: what another says better is left out, and several lines of which the same is to be
// said are one. doubt: nothing while it is not drawn; heat: none while there is no forecast.
std::vector<Caution> findingsOf(const Formula& formula, const Reckoning& reckoning,
                                const Doubt* doubt, const Lexicon& words,
                                std::span<const Caution> heat = {});

// How many of them, from the first, are shown in the open; the rest is folded, since nobody reads
// eight warnings. Every danger is.
std::size_t shownInTheOpen(std::span<const Caution> findings);

// The step by which a maker says "I know" to it, or wants it said again; nothing where it is always
// said.
std::optional<Edit> acknowledge(const Formula& formula, const Caution& caution);

} // namespace rhexion
