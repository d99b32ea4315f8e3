// What a batch and a bar cost, and what of the shelf is low, as facts.
#pragma once

#include "core/after/cost.h"
#include "core/after/terms.h"
#include "words/facts.h"
#include "words/speech.h"

namespace rhexion::words {

FactSection costFacts(const OrCannot<BatchCost>& cost, const AfterTerms& terms, int cut,
                      int sellable, const Speech& speech);

} // namespace rhexion::words
