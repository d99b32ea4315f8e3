// What a setting comes to in the terms of those who would state it another way.
#pragma once

#include "core/advice/reckon.h"
#include "words/speech.h"

namespace rhexion::words {

QString superfatTerms(const Formula& formula, const Reckoning& reckoning, const Speech& speech);
QString hiddenFatTerms(const Reckoning& reckoning, const Speech& speech);
// Empty for one hydroxide alone.
QString splitTerms(const Reckoning& reckoning, const Speech& speech);
// "Sodium hydroxide, 99 %": where it is weighed.
QString lyeAsWeighed(const Formula& formula, bool sodium, const Speech& speech);
// Of a hydroxide: what is not hydroxide in it.
QString purityTerms(const Formula& formula, bool sodium, const Speech& speech);
QString liquidTerms(const Reckoning& reckoning, const Speech& speech);
QString strengthTerms(const Formula& formula, const Reckoning& reckoning, const Speech& speech);
QString jugTerms(const Reckoning& reckoning, const Speech& speech);

// "superfat 5 %, lye strength 33.3 %, one hydroxide": a maker's usual settings in a line.
QString settingsInShort(const Formula& formula, const Speech& speech);

} // namespace rhexion::words
