#include "core/makeday/plan.h"

namespace rhexion {

namespace {

class Planner {
public:
    Planner(const Formula& formula, const Reckoning& reckoning) : f_(formula), r_(reckoning) {}

    DayPlan plan()
    {
        act(DayStepKind::Prepare, Vessel::LyeJug);
        weighVessel(Vessel::OilPot);
        act(DayStepKind::MeltOils, Vessel::OilPot);
        weighVessel(Vessel::LyeJug);
        if (r_.hasJugWater && r_.jugWaterGrams > 0.0)
            weigh(DayStepKind::WeighJugWater, {WeighTarget::What::JugWater, 0}, Vessel::LyeJug,
                  r_.jugWaterGrams);
        if (somethingToDissolve())
            act(DayStepKind::DissolveFirst, Vessel::LyeJug);
        if (r_.sodium.weighedGrams > 0.0)
            weigh(DayStepKind::WeighSodium, {WeighTarget::What::Sodium, 0}, Vessel::LyeJug,
                  r_.sodium.weighedGrams);
        if (r_.potassium.weighedGrams > 0.0)
            weigh(DayStepKind::WeighPotassium, {WeighTarget::What::Potassium, 0}, Vessel::LyeJug,
                  r_.potassium.weighedGrams);
        act(DayStepKind::LyeIntoLiquid, Vessel::LyeJug);
        act(DayStepKind::Combine, Vessel::OilPot);
        stage(DayStepKind::Emulsion, Vessel::Emulsion);
        stage(DayStepKind::Trace, Vessel::Trace);
        if (uses(Vessel::AfterCook))
            act(DayStepKind::Cook, Vessel::AfterCook);
        stage(DayStepKind::AfterCook, Vessel::AfterCook);
        act(DayStepKind::Pour, Vessel::Top);
        stage(DayStepKind::Top, Vessel::Top);
        return std::move(plan_);
    }

private:
    void act(DayStepKind kind, Vessel vessel) { plan_.steps.push_back({kind, {}, vessel, 0.0}); }
    void weigh(DayStepKind kind, WeighTarget target, Vessel vessel, double grams)
    {
        plan_.steps.push_back({kind, target, vessel, grams});
    }
    void weighVessel(Vessel vessel)
    {
        for (std::size_t i = 0; i < f_.lines.size(); ++i)
            if (f_.lines[i].vessel == vessel && r_.lines[i].grams > 0.0)
                weigh(DayStepKind::WeighLine, {WeighTarget::What::Line, f_.lines[i].id}, vessel,
                      r_.lines[i].grams);
    }
    bool uses(Vessel vessel) const
    {
        for (std::size_t i = 0; i < f_.lines.size(); ++i)
            if (f_.lines[i].vessel == vessel && r_.lines[i].grams > 0.0)
                return true;
        return false;
    }
    void stage(DayStepKind kind, Vessel vessel)
    {
        if (!uses(vessel))
            return;
        weighVessel(vessel);
        act(kind, vessel);
    }
    bool somethingToDissolve() const
    {
        for (const Line& line : f_.lines) {
            const MaterialKind kind = line.material->kind;
            if (line.vessel == Vessel::LyeJug &&
                (kind == MaterialKind::Acid || kind == MaterialKind::Sugar ||
                 kind == MaterialKind::Salt))
                return true;
        }
        return false;
    }

    const Formula& f_;
    const Reckoning& r_;
    DayPlan plan_;
};

} // namespace

DayPlan planDay(const Formula& formula, const Reckoning& reckoning)
{
    return Planner(formula, reckoning).plan();
}

} // namespace rhexion
