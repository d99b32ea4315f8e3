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
// (heat/heat_findings.h), worst first. doubt: nothing while it is not drawn; heat: none while there
// is no forecast.
std::vector<Caution> findingsOf(const Formula& formula, const Reckoning& reckoning,
                                const Doubt* doubt, const Lexicon& words,
                                std::span<const Caution> heat = {});

} // namespace rhexion
