// Why a sum has no answer, in words.
#pragma once

#include "core/units/cannot.h"
#include "words/speech.h"

namespace rhexion::words {

QString cannot(const Cannot& cannot, const Speech& speech);

} // namespace rhexion::words
