#include "core/heat/combine.h"

#include <algorithm>

namespace rhexion::heat {

namespace {

constexpr double fattyAcidNeutralising = 50.0; // kJ/mol, 40 to 65
constexpr double blender = 60.0;               // W, 30 to 150
constexpr double blenderLow = 30.0;
constexpr double blenderHigh = 150.0;

} // namespace

OrCannot<Combined> combine(const Combining& c)
{
    for (const Warm& part : {c.pot, c.jug})
        if (!isAboveNothing(part.grams) || !isAboveNothing(part.cp))
            return Cannot{CannotCode::BadMass, "joining", {}};
    double capacity = c.pot.grams * c.pot.cp + c.jug.grams * c.jug.cp;
    double held = c.pot.grams * c.pot.cp * c.pot.celsius + c.jug.grams * c.jug.cp * c.jug.celsius +
                  c.thinning;
    for (const Warm& part : c.inPot) {
        capacity += part.grams * part.cp;
        held += part.grams * part.cp * part.celsius;
    }
    const double joined = held / capacity;
    const auto after = [&](double watts, double reacted, double perFattyAcid) {
        double all = capacity;
        double heat = joined * capacity + perFattyAcid * 1000.0 * c.fattyAcidMol +
                      watts * c.blendingSeconds + c.laterThinning +
                      saponifying * 1000.0 * c.mol * saponifiedAt(c.trace) * reacted;
        for (const Warm& part : c.later) {
            heat += part.grams * part.cp * part.celsius;
            all += part.grams * part.cp;
        }
        return heat / all;
    };
    Combined out;
    out.jugCapacity = c.jug.grams * c.jug.cp;
    out.potCapacity = c.pot.grams * c.pot.cp;
    out.blending = blender * c.blendingSeconds;
    out.reacting = saponifying * 1000.0 * c.mol * saponifiedAt(c.trace);
    out.fattyAcid = fattyAcidNeutralising * 1000.0 * c.fattyAcidMol;
    out.thinning = c.thinning + c.laterThinning;
    out.joined = joined;
    out.atTrace = *Interval::ofSigned(after(blenderLow, 0.5, 40.0),
                                      after(blender, 1.0, fattyAcidNeutralising),
                                      after(blenderHigh, 2.0, 65.0));
    return out;
}

} // namespace rhexion::heat
