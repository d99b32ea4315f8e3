// The sentences of cautions and their mends.
#pragma once

#include "core/advice/caution.h"
#include "words/speech.h"

#include <QString>

namespace rhexion::words {

QString cautionTitle(const Caution& caution, const Formula& formula, const Speech& speech);
QString cautionReason(const Caution& caution, const Formula& formula, const Speech& speech);
QString mendLabel(const Caution& caution, const Formula& formula, const Speech& speech);
// What stands on the button that acknowledges it, or that has it said again; empty where it is
// always said.
QString acknowledgeLabel(const Caution& caution);
// What is folded away behind those shown in the open: "2 to take care of, 5 notes".
QString foldedCautions(const std::vector<Caution>& findings);
// Their titles in one line, for paper and terminal, where nothing unfolds; empty where none is.
QString foldedTitles(const std::vector<Caution>& findings, const Formula& formula,
                     const Speech& speech);

} // namespace rhexion::words
