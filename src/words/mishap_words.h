// Mishaps of a rehearsal and how they were met, in words.
#pragma once

#include "core/makeday/mishap.h"
#include "words/facts.h"
#include "words/speech.h"

namespace rhexion::words {

QString mishapName(MishapKind kind);
// What the maker sees or hears when it befalls; empty where only the figures tell.
QString mishapSeen(const Mishap& mishap, const DayStep& step, const Formula& formula,
                   const Speech& speech);
FactPage rehearsalReport(const std::vector<MishapOutcome>& outcomes, const Speech& speech);

} // namespace rhexion::words
