// The whole working as a page: screen, copy and print show the same sums.
#pragma once

#include "core/advice/reckon.h"
#include "words/speech.h"

namespace rhexion {

struct WorkingStyle {
    QString muted = QStringLiteral("#555555"); // colour of sources
    QString small = QStringLiteral("7pt");     // size of sources; pixels would vanish in print
    QString wash;                              // behind the marked step
    int marked = -1;                           // which step, or none
};

// Every step with its sum and source, then where makers differ and what each side would weigh.
// Each step has an anchor s0, s1 and so on.
QString workingHtml(const Formula& formula, const Reckoning& reckoning, const Speech& speech,
                    const WorkingStyle& style);

} // namespace rhexion
