#include "core/seek/scale_to.h"

#include "core/seek/seek.h"

namespace rhexion {

std::optional<double> factorFor(const Formula& formula, ScaleTo what, Mass wanted)
{
    if (!(wanted.inGrams() > 0.0) || !wanted.isUsable())
        return std::nullopt;
    const auto gauge = what == ScaleTo::Oils ? seek::oilsOf : seek::batterOf;
    const seek::Sought sought = seek::seek(formula, seek::scaleKnob(), gauge, wanted.inGrams());
    if (sought.outcome != seek::Outcome::Found)
        return std::nullopt;
    return sought.at;
}

} // namespace rhexion
