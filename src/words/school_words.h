// The schools in words: the question, why Rhexion takes its side, what each side would weigh.
#pragma once

#include "core/advice/schools.h"
#include "words/speech.h"

namespace rhexion::words {

QString schoolQuestion(School school);
QString schoolOption(School school, int option);
// Why the default is what it is.
QString schoolReason(School school);
// "31.2 g sodium hydroxide, 94.0 g liquid, true superfat 5.2 %": only what there is.
QString schoolFigures(const SchoolAnswer& answer, const Speech& speech);

} // namespace rhexion::words
