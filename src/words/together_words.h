// Batches side by side, and what goes with what over many, as facts.
#pragma once

#include "core/after/compare.h"
#include "core/after/patterns.h"
#include "words/facts.h"
#include "words/speech.h"

#include <functional>

namespace rhexion::words {

QString traitGroupName(TraitGroup group); // "the oils"
QString traitSaid(TraitKind kind, const Trait* trait, const Speech& speech);
// Presses: "repeat:LIKE:AS:GROUP" for each batch that would tell.
FactPage comparisonFacts(const Comparison& comparison, std::span<const Compared> all,
                         const Speech& speech);
// names: of a material by its id.
FactPage patternFacts(const QString& outcome, std::span<const Pattern> patterns,
                      const std::function<QString(const std::string&)>& nameOf,
                      const Speech& speech);
// A fact of a batch: "with honey", "cracked", "strength under 28 %".
QString batchFactSaid(const std::string& fact,
                      const std::function<QString(const std::string&)>& nameOf);

} // namespace rhexion::words
