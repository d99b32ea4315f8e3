// Jug meets pot: the temperature once joined, and at trace. An estimate. docs/heat.md, "The sums in
// short".
#pragma once

#include "core/heat/batter.h"
#include "core/units/quantity.h"

#include <vector>

namespace rhexion::heat {

struct Warm { // so many grams as warm as that
    double grams = 0.0;
    double cp = cp::fat; // J/(g K)
    double celsius = 20.0;
};

struct Combining {
    Warm pot;
    Warm jug;
    std::vector<Warm> later;   // put in at trace
    double thinning = 0.0;     // J, where liquid in the pot thins a strong jug
    double fattyAcidMol = 0.0; // free: turns to soap at once
    double blendingSeconds = 180.0;
    double mol = 0.0; // of ester
    TraceStage trace = TraceStage::Light;
    std::vector<Warm> inPot = {}; // in the oils when the lye goes in, besides the oils
    double laterThinning = 0.0;   // J, where what is put in at trace thins it
};
struct Combined {
    // J/K of jug and pot, and what warms them to trace, J: the sum on the page.
    double jugCapacity = 0.0;
    double potCapacity = 0.0;
    double blending = 0.0;
    double reacting = 0.0;
    double fattyAcid = 0.0;
    double thinning = 0.0;                     // at joining and at trace
    double joined = 0.0;                       // C, of what is in the bowl by then
    Interval atTrace = Interval::exactly(0.0); // C, after what is put in at trace
};
OrCannot<Combined> combine(const Combining& combining);

} // namespace rhexion::heat
