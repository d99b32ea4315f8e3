// What a number of the formula must be for a number of its reckoning to come out as wanted.
#pragma once

#include "core/advice/reckon.h"
#include "core/formula/edit.h"
#include "core/units/root.h"

#include <functional>

namespace rhexion::seek {

// A number of the formula that can be turned.
struct Knob {
    double low = 0.0; // the range looked through, low < high
    double high = 1.0;
    double start = 0.5; // within it; looked at first, and outwards from there
    // The edits that set it; none where it cannot be set so.
    std::function<std::vector<Edit>(const Formula&, double)> turn;
};

// A number of the reckoning; nothing where it is not there.
using Gauge = std::function<std::optional<double>(const Reckoning&)>;

struct Sought {
    Outcome outcome = Outcome::Outside;
    double at = 0.0;    // the knob: where it is reached, or comes nearest
    double value = 0.0; // the gauge there
};

// Found: the gauge is as wanted there. NotReached: nowhere that the formula can be reckoned; at is
// the nearest looked at. Outside: the formula cannot be reckoned at the start, or wanted is no
// number.
Sought seek(const Formula& formula, const Knob& knob, const Gauge& gauge, double wanted);

// Everything but the locked lines, by a factor.
Knob scaleKnob();
Knob superfatKnob(const Formula& formula);

double oilsOf(const Reckoning& reckoning);
double batterOf(const Reckoning& reckoning);

} // namespace rhexion::seek
