// What a formula is once a mend was taken.
#pragma once

#include "core/formula/edit.h"
#include "support/many_inputs.h"

namespace rhexion::test {

inline void takeMended(Sponge& sponge, const Formula& f, const Edit& mend)
{
    Formula mended = f;
    sponge.take(double(mend.index()));
    if (!apply(mended, mend))
        return;
    sponge.take({mended.lye.superfat, mended.lye.potassiumShare, mended.liquid.value,
                 mended.liquid.jugRatio.value_or(-1), mended.liquid.jugCoolest.inCelsius(),
                 mended.mixing.at.inCelsius(), mended.mixing.within, mended.oilsTotal.inGrams(),
                 double(mended.handling.gel)});
    for (const Line& line : mended.lines)
        sponge.take({double(line.id), line.amount.value, double(line.amount.unit),
                     double(line.vessel), double(line.frozen), double(line.allWater),
                     double(line.portion), line.solvent});
    for (const Portion& portion : mended.portions)
        sponge.take({portion.parts, portion.held ? portion.held->amount.value : -1.0});
    if (const auto& heat = mended.heat)
        sponge.take({heat->room, heat->jug.grams, double(heat->portions), heat->pauseMinutes,
                     heat->liquid, heat->chilled, heat->frozen, double(heat->iceBath), heat->melted,
                     heat->potAfterMinutes.value_or(-1), double(heat->school),
                     double(heat->covers.size()), double(heat->covers.front().cover),
                     heat->covers.back().fromHour, heat->ovenOffHours.value_or(-1)});
}

} // namespace rhexion::test
