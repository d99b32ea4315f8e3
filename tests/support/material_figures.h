// What a material is to lye, water and eye, in figures for tests/support/kept.h.
#pragma once

#include "core/account/contents.h"
#include "core/account/effect.h"

#include <vector>

namespace rhexion::test {

inline std::vector<double> figuresOf(const Material& m)
{
    const Effect e = effectOf(m, Mass::grams(100));
    std::vector<double> out{double(m.kind)};
    for (const Interval& i : {e.acidMol, e.fatMol, e.water})
        out.insert(out.end(), {i.low(), i.typical(), i.high()});
    const Contents c = contentsPerGram(m);
    out.insert(out.end(), {c.water, c.fat, c.alkali, c.acid, c.sugar, c.salt, c.otherSolids});
    return out;
}

} // namespace rhexion::test
