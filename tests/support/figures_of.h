// What the core made of something, as a row of figures for tests/support/kept.h.
#pragma once

#include "core/advice/reckon.h"
#include "core/formula/edit.h"

#include <optional>
#include <vector>

namespace rhexion::test {

inline void append(std::vector<double>& to, std::initializer_list<double> figures)
{
    to.insert(to.end(), figures);
}

inline void append(std::vector<double>& to, const std::optional<double>& figure)
{
    to.push_back(figure.value_or(-99.0));
}

// The whole working in few figures: each rule's results and terms, by place.
inline void appendWorking(std::vector<double>& to, const Working& working)
{
    double results = 0.0;
    double terms = 0.0;
    double places = 0.0;
    int at = 0;
    for (const Step& step : working.steps()) {
        ++at;
        results += step.result * (1 + at % 5);
        places += (static_cast<int>(step.rule) + 1.0) * at;
        int term = 0;
        for (const Term& t : working.terms(step))
            terms += t.value * (1 + ++term % 3) + static_cast<int>(t.name) * 0.01;
    }
    append(to, {double(at), places, results, terms});
}

inline std::vector<double> figuresOf(const Reckoning& r)
{
    std::vector<double> out;
    append(out, {r.oilsGrams,       r.sodium.weighedGrams, r.potassium.weighedGrams,
                 r.jugWaterGrams,   r.hydroxideMol,        r.givenMol,
                 r.hiddenMol,       r.oilsMolTypical,      r.hiddenMolTypical,
                 r.acidMol,         r.demandLow,           r.demandHigh,
                 r.supplyLow,       r.supplyHigh,          r.makeUpGrams,
                 r.waterWanted,     r.waterPresent,        r.waterFromHydroxide,
                 r.waterExcess,     r.neutralisationWater, r.batterGrams,
                 r.pure.strength,   r.asWeighed.strength,  r.wanted.strength,
                 r.solventWanted,   r.freeOilGrams,        r.heldGrams,
                 r.heldTooMuch,     r.lyeWhileHeld,        r.cook.lateAcidMol,
                 r.cook.lateFatMol, r.cook.leftMol});
    for (const auto& figure : {r.superfatOnOils, r.superfatTrue, r.superfatTrueLow,
                               r.superfatTrueHigh, r.superfatWhileHeld, r.cook.superfat})
        append(out, figure);
    for (const JugReckoned& jug : r.jugs) {
        append(out, {jug.pureGrams(), jug.water, jug.tiedWater});
        append(out, jug.strength);
    }
    for (const PortionReckoned& p : r.portions) {
        append(out, {p.share, p.batterGrams(), p.oilsGrams, p.fatMol, p.acidMol, p.supplyMol,
                     p.waterGrams, p.saltGrams, p.scentGrams});
        append(out, p.superfat);
        append(out, p.superfatLow);
    }
    for (const LineReckoned& line : r.lines)
        append(out, {line.grams, line.fatMolTypical, line.acidMol});
    appendWorking(out, r.working);
    return out;
}

inline void appendCautions(std::vector<double>& out, const Formula& f, const Reckoning& r)
{
    for (const Caution& c : r.cautions) {
        append(out, {double(c.code), double(c.severity), double(c.vessel), double(c.line)});
        out.insert(out.end(), c.figures.begin(), c.figures.end());
        if (!c.mend)
            continue;
        Formula mended = f;
        const bool done = apply(mended, *c.mend).has_value();
        const ReckonResult after = reckon(mended);
        const auto* m = std::get_if<Reckoning>(&after);
        append(out, {done ? 1.0 : 0.0, m ? m->batterGrams : -1.0, m ? m->pureGrams() : -1.0});
    }
}

} // namespace rhexion::test
