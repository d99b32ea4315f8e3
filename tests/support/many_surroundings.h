// Moulds, handling and a plan of warmth of every kind for a random formula.
#pragma once

#include "support/many_inputs.h"

namespace rhexion::test {

inline MouldShape anyShape(Dice& dice)
{
    const auto mm = [&](double low, double high) { return dice.wide(low, high); };
    switch (dice.below(6)) {
    case 0: {
        Loaf loaf{mm(80, 500), mm(40, 140), mm(30, 140), 0, 0, 0, 0};
        if (dice.chance(0.3)) {
            loaf.rimLength = loaf.length * dice.between(1.0, 1.2);
            loaf.rimWidth = loaf.width * dice.between(1.0, 1.3);
        }
        loaf.corner = dice.chance(0.3) ? dice.between(0, 60) : 0.0;
        loaf.liner = dice.chance(0.3) ? dice.between(0, 6) : 0.0;
        return loaf;
    }
    case 1: {
        Slab slab;
        slab.length = mm(100, 500);
        slab.width = mm(100, 400);
        slab.height = mm(15, 80);
        slab.thickness = dice.chance(0.5) ? dice.between(0.5, 8) : 0.0;
        slab.dividerHeight = dice.chance(0.5) ? dice.between(1, 90) : 0.0;
        return slab;
    }
    case 2: return Column{mm(30, 150), mm(50, 400)};
    case 3: return LyingTube{mm(30, 150), mm(50, 400), mm(10, 150)};
    case 4: return Dome{mm(10, 80), mm(10, 120)};
    default: return FreeShape{mm(20, 4000)};
    }
}

inline void surroundings(Dice& dice, Formula& f)
{
    for (int i = dice.below(3); i > 0; --i)
        f.moulds.push_back(
            {{"mould", anyShape(dice), 1 + dice.below(6)},
             f.portions.empty() || dice.chance(0.5) ? PortionId(0) : dice.one(f.portions).id,
             dice.between(0.3, 1.0)});
    f.cutting = {dice.between(5, 60), dice.between(0, 20), dice.between(0, 3)};
    f.handling.blending = static_cast<Blending>(dice.below(3));
    f.handling.gel = static_cast<GelPlan>(dice.below(3));
    f.handling.product = static_cast<ProductKind>(dice.below(5));
    if (!dice.chance(0.7))
        return;
    HeatPlan plan;
    plan.room = dice.between(5, 38);
    plan.jug = {static_cast<VesselStuff>(dice.below(6)), dice.wide(20, 1500)};
    plan.pot = {static_cast<VesselStuff>(dice.below(6)), dice.wide(50, 3000)};
    plan.portions = 1 + dice.below(24);
    plan.pauseMinutes = dice.between(0, 8);
    plan.liquid = dice.between(0, 40);
    plan.chilled = dice.between(0, 12);
    plan.frozen = dice.between(-30, -1);
    plan.iceBath = dice.chance(0.3);
    plan.melted = dice.between(30, 95);
    if (dice.chance(0.4))
        plan.potAfterMinutes = dice.between(0, 90);
    plan.school = static_cast<MeetingSchool>(dice.below(6));
    plan.trace = static_cast<TraceStage>(dice.below(4));
    plan.blendingSeconds = dice.between(0, 900);
    plan.wall = static_cast<MouldWall>(dice.below(8));
    plan.covers = {{static_cast<MouldCover>(dice.below(7)), 0.0, {}}};
    if (dice.chance(0.4))
        plan.covers.push_back({static_cast<MouldCover>(dice.below(7)), dice.between(0.5, 12), {}});
    if (dice.chance(0.4))
        plan.ovenOffHours = dice.between(0.5, 12);
    plan.cook.power = dice.wide(50, 800);
    plan.cook.minutes = dice.between(10, 200);
    f.heat = plan;
}

} // namespace rhexion::test
