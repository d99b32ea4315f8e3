#include "core/makeday/plan.h"

#include "core/account/jugs.h"

namespace rhexion {

namespace {

class Planner {
public:
    Planner(const Formula& formula, const Reckoning& reckoning) : f_(formula), r_(reckoning) {}

    DayPlan plan()
    {
        // Oils first: lye that is made waits for nothing but its own cooling.
        act(DayStepKind::Prepare, Vessel::LyeJug);
        weighVessel(Vessel::OilPot);
        act(DayStepKind::MeltOils, Vessel::OilPot);
        for (const Portion& portion : f_.portions)
            weigh(DayStepKind::SetOilAside, {What::HeldOil, portion.id}, Vessel::OilPot,
                  portion.id);
        jug(Vessel::LyeJug, What::Sodium, What::Potassium);
        if (f_.lye.secondJug && r_.jugs[1].isWeighedInto())
            jug(Vessel::SecondJug, What::SodiumSecond, What::PotassiumSecond);
        else
            weighVessel(Vessel::SecondJug);
        act(DayStepKind::Combine, Vessel::OilPot);
        stage(DayStepKind::Emulsion, Vessel::Emulsion);
        stage(DayStepKind::Trace, Vessel::Trace);
        divide();
        if (uses(Vessel::AfterCook))
            act(DayStepKind::Cook, Vessel::AfterCook);
        stage(DayStepKind::AfterCook, Vessel::AfterCook);
        act(DayStepKind::Pour, Vessel::Top);
        stage(DayStepKind::Top, Vessel::Top);
        return std::move(plan_);
    }

private:
    using What = WeighTarget::What;

    void act(DayStepKind kind, Vessel vessel, PortionId portion = 0)
    {
        plan_.steps.push_back({kind, {}, vessel, 0.0, portion});
    }
    void weigh(DayStepKind kind, WeighTarget target, Vessel vessel, PortionId portion = 0)
    {
        const double grams = plannedGrams(target, f_, r_);
        if (grams > 0.0)
            plan_.steps.push_back({kind, target, vessel, grams, portion});
    }
    void weighLine(std::size_t i, PortionId portion)
    {
        const Line& line = f_.lines[i];
        weigh(DayStepKind::WeighLine, {What::Line, line.id}, line.vessel, portion);
        if (r_.lines[i].solventGrams <= 0.0 || !solventApart(f_, line))
            return;
        weigh(DayStepKind::WeighSolvent, {What::Solvent, line.id}, line.vessel, portion);
        if (!isJug(line.vessel)) // a jug has its own step for that
            plan_.steps.push_back({DayStepKind::DissolveLine,
                                   {WeighTarget::What::None, line.id},
                                   line.vessel,
                                   0.0,
                                   portion});
    }
    void weighVessel(Vessel vessel, PortionId portion = 0)
    {
        for (std::size_t i = 0; i < f_.lines.size(); ++i)
            if (f_.lines[i].vessel == vessel && f_.portionOf(f_.lines[i]) == portion)
                weighLine(i, portion);
    }
    bool uses(Vessel vessel) const // by all of the batter
    {
        for (std::size_t i = 0; i < f_.lines.size(); ++i)
            if (f_.lines[i].vessel == vessel && r_.lines[i].grams > 0.0 &&
                f_.portionOf(f_.lines[i]) == 0)
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
    void jug(Vessel vessel, What sodium, What potassium)
    {
        weighVessel(vessel);
        if (vessel == Vessel::LyeJug && r_.hasJugWater)
            weigh(DayStepKind::WeighJugWater, {What::JugWater, 0}, vessel);
        // What lye would burn or salt out goes into the liquid before it.
        if (somethingToDissolve(vessel))
            act(DayStepKind::DissolveFirst, vessel);
        weigh(DayStepKind::WeighSodium, {sodium, 0}, vessel);
        weigh(DayStepKind::WeighPotassium, {potassium, 0}, vessel);
        if (r_.jug(vessel).pureGrams() > 0.0)
            act(DayStepKind::LyeIntoLiquid, vessel);
    }
    // Each portion's own things come together in it, late ones too: it stands in its own bowl.
    void divide()
    {
        if (f_.portions.empty())
            return;
        act(DayStepKind::Divide, Vessel::Trace);
        for (const Portion& portion : f_.portions) {
            const std::size_t before = plan_.steps.size();
            for (const Vessel vessel :
                 {Vessel::Emulsion, Vessel::Trace, Vessel::AfterCook, Vessel::Top})
                weighVessel(vessel, portion.id);
            const PortionReckoned* reckoned = r_.portion(portion.id);
            if (plan_.steps.size() > before || (reckoned && reckoned->heldGrams > 0.0))
                act(DayStepKind::PortionBack, Vessel::Trace, portion.id);
        }
    }
    bool somethingToDissolve(Vessel vessel) const
    {
        for (std::size_t i = 0; i < f_.lines.size(); ++i)
            if (f_.lines[i].vessel == vessel && r_.lines[i].grams > 0.0 &&
                dissolvesFirst(*f_.lines[i].material))
                return true;
        return false;
    }

    const Formula& f_;
    const Reckoning& r_;
    DayPlan plan_;
};

} // namespace

bool solventApart(const Formula& f, const Line& line)
{
    const Line* makeUp = f.makeUp();
    return makeUp && !(isJug(line.vessel) && line.vessel == makeUp->vessel);
}

double plannedGrams(const WeighTarget& target, const Formula& f, const Reckoning& r)
{
    using What = WeighTarget::What;
    switch (target.what) {
    case What::Line:
        for (std::size_t i = 0; i < f.lines.size() && i < r.lines.size(); ++i)
            if (f.lines[i].id == target.line) {
                double grams = r.inItsVessel(i, f.lines[i].vessel);
                // Liquid for lines in the same vessel may be weighed to them apart.
                for (std::size_t k = 0; r.lines[i].isMakeUp && k < f.lines.size(); ++k)
                    if (f.lines[k].vessel == f.lines[i].vessel && solventApart(f, f.lines[k]))
                        grams -= r.lines[k].solventGrams;
                return grams > 0.0 ? grams : 0.0;
            }
        return 0.0;
    case What::Solvent: {
        const LineReckoned* line = r.find(target.line);
        return line ? line->solventGrams : 0.0;
    }
    case What::HeldOil: {
        const PortionReckoned* portion = r.portion(target.line);
        return portion ? portion->heldGrams : 0.0;
    }
    case What::JugWater: return r.jugWaterGrams;
    case What::Sodium: return r.jugs[0].sodium.weighedGrams;
    case What::Potassium: return r.jugs[0].potassium.weighedGrams;
    case What::SodiumSecond: return r.jugs[1].sodium.weighedGrams;
    case What::PotassiumSecond: return r.jugs[1].potassium.weighedGrams;
    case What::None: break;
    }
    return 0.0;
}

DayPlan planDay(const Formula& formula, const Reckoning& reckoning)
{
    return Planner(formula, reckoning).plan();
}

} // namespace rhexion
