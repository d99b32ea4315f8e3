// The two accounts as bars and segments: what the picture shows, apart from how it is painted.
#pragma once

#include "app/theme/theme.h"
#include "core/advice/reckon.h"
#include "words/speech.h"

#include <QString>

#include <vector>

namespace rhexion {

struct Segment {
    QString name;
    QString figure;
    Matter matter = Matter::Water;
    double value = 0.0;
    LineId line = 0;                  // the line it comes from, or 0
    Rule rule = Rule::HydroxideTotal; // the sum that explains it
    bool gap = false;                 // kept back or missing: drawn as an outline
    bool over = false;                // beyond what was wanted
};

struct Bar {
    QString name;
    QString total;
    std::vector<Segment> segments;
    double low = -1.0; // ends of the doubt, or below 0 for none
    double high = -1.0;
};

struct BarAccount {
    QString name;
    QString ending; // said after the last bar; room is kept for it
    Bar bars[2];    // called for or wanted; supplied or brought by
    double scale() const;
};

std::vector<BarAccount> accountsOf(const Formula& formula, const Reckoning& reckoning,
                                   const Speech& speech);

} // namespace rhexion
