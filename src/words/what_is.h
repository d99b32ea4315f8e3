// What a figure is, in a sentence or two for a person who has not met it: "What's this?".
#pragma once

#include "core/account/account.h"

#include <QString>

namespace rhexion::words {

QString whatIs(Rule rule); // empty for a step that is nowhere shown by itself
QString whatIsAlkaliAccount();
QString whatIsWaterAccount();
QString whatIsDoubt();
QString whatIsHeatLine();

} // namespace rhexion::words
