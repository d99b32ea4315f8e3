// What a blend is like to wash with, in words: no mark, no index.
#pragma once

#include "core/advice/reckon.h"
#include "core/making/blend.h"
#include "words/facts.h"
#include "words/speech.h"

namespace rhexion::words {

QString acidGroupName(AcidGroup group);
QString acidGroupSays(AcidGroup group); // what it brings to a bar
// One plain sentence by the code of a row of blend.h.
QString blendSentence(std::string_view word);

// blend: as blendOf() gives it.
FactPage blendFacts(const OrCannot<Blend>& blend, const Formula& formula,
                    const Reckoning& reckoning, const Speech& speech);

} // namespace rhexion::words
