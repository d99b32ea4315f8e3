// What a slip of the day or its mend comes to, in words.
#pragma once

#include "core/makeday/as_weighed.h"
#include "core/makeday/day_events.h"
#include "words/speech.h"

#include <QStringList>

namespace rhexion::words {

// Figures of a bowl as it would be.
struct BowlFigures {
    std::optional<double> superfat;
    double strength = 0.0;
    std::optional<double> workingMinutes;
    std::optional<double> peakCelsius; // in the mould
};
BowlFigures figuresOf(const AsWeighed& bowl);

QString nearMissName(NearMissKind kind);
QString originName(WeighOrigin origin);
// "superfat 4.1 %, strength 33.0 %, fluid for about 14 min, peak about 62 C"
QString bowlFigures(const BowlFigures& figures, const Speech& speech);
// Lye that went in wrong: what comes before every figure.
QStringList stopWords();
QString discardSafely();
// "Clay is still on the counter: it can go in now, wetted with 10 g of the batter."
QString stillWaiting(const Lying& lying, const Formula& formula, const Speech& speech);
// "9 from the scale, 2 typed, 3 as planned"
QString originsSaid(const std::array<int, countOf<WeighOrigin>()>& counts);

} // namespace rhexion::words
