// What a figure is, in a sentence or two for a person who has not met it: "What's this?".
#pragma once

#include "core/account/account.h"

#include "words/facts.h"

#include <QString>

namespace rhexion::words {

QString whatIs(Rule rule); // empty for a step that is nowhere shown by itself
QString whatIsAlkaliAccount();
QString whatIsWaterAccount();
QString whatIsDoubt();
QString whatIsHeatLine();
// Of a page of figures: what the field's words in its name mean, what it rests on, and what its
// section is about; never empty.
QString whatIs(const FactPage& page, const FactSection& section, const Fact& fact);

} // namespace rhexion::words
