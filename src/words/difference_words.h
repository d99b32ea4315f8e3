// What a change moves, figure by figure.
#pragma once

#include "core/advice/reckon.h"
#include "words/speech.h"

#include <QList>

namespace rhexion::words {

struct FigureMoved {
    QString name; // "Sodium hydroxide"
    QString before;
    QString after;
};

// Only what reads differently as the person has figures said.
QList<FigureMoved> figuresMoved(const Formula& before, const Reckoning& was, const Formula& after,
                                const Reckoning& is, const Speech& speech);
// "Sodium hydroxide 112.5 g becomes 111.9 g; ...", or that nothing moves.
QString figuresMovedSentence(const QList<FigureMoved>& moved);

} // namespace rhexion::words
