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

// Every figure it has, what spoons of it weigh among them.
inline std::vector<double> everyFigureOf(const Material& m)
{
    std::vector<double> out = figuresOf(m);
    const auto add = [&](const Interval& i) {
        out.insert(out.end(), {i.low(), i.typical(), i.high()});
    };
    for (const Figure& part : m.parts)
        add(part.range);
    for (const AcidShare& acid : m.acids)
        add(acid.share.range);
    for (const FattyAcidShare& acid : m.fattyAcids)
        add(acid.share.range);
    for (const auto* figure : {&m.sv, &m.acidValue, &m.iodine, &m.titratable, &m.ph, &m.density,
                               &m.melting, &m.flash, &m.unsaponifiable, &m.usualUse, &m.reserve}) {
        out.push_back(figure->has_value());
        if (*figure)
            add((*figure)->range);
    }
    for (const Measure& measure : m.measures)
        out.push_back(measure.grams);
    return out;
}

} // namespace rhexion::test
