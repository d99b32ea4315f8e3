#include "core/makeday/plan.h"

#include "core/account/jugs.h"
#include "core/makeday/own_way.h"

#include <algorithm>

namespace rhexion {

namespace {

using What = WeighTarget::What;
using Kind = DayStepKind;
using Places = std::vector<std::size_t>;

constexpr double nothingToSpeakOf = 1e-9; // g

bool isOne(const std::vector<Kind>& kinds, Kind kind)
{
    return std::ranges::find(kinds, kind) != kinds.end();
}

void join(Places& to, const Places& more)
{
    to.insert(to.end(), more.begin(), more.end());
}

class Planner {
public:
    Planner(const Formula& formula, const Reckoning& reckoning) : f_(formula), r_(reckoning) {}

    DayPlan plan()
    {
        for (std::size_t i = 0; i < f_.lines.size(); ++i)
            if (r_.lines[i].grams > 0.0)
                daysAhead(f_.lines[i]);
        stockLye();
        prepare_ = act(Kind::Prepare, Vessel::LyeJug, {});
        beforeJoining_.push_back(prepare_);
        beforeJoining_.push_back(act(Kind::SetOut, Vessel::Top, {}));
        layOut();
        pot();
        Places lye = jug(Vessel::LyeJug, What::Sodium, What::Potassium);
        if (f_.lye.secondJug && r_.jugs[1].isWeighedInto())
            join(lye, jug(Vessel::SecondJug, What::SodiumSecond, What::PotassiumSecond));
        else
            join(lye, weighVessel(Vessel::SecondJug));
        join(lye, beforeJoining_);
        join(lye, potReady_);
        if (r_.jugs[0].pureGrams() + r_.jugs[1].pureGrams() > 0.0)
            lye = {act(Kind::WaitToMeet, Vessel::OilPot, lye)};
        batter_ = act(Kind::Combine, Vessel::OilPot, lye);
        stage(Kind::Emulsion, Vessel::Emulsion);
        stage(Kind::Trace, Vessel::Trace);
        byHand();
        divide();
        cook();
        pour();
        stage(Kind::Top, Vessel::Top);
        next(Kind::CoverUp, Vessel::Top);
        return std::move(plan_);
    }

private:
    std::size_t add(DayStep step)
    {
        plan_.steps.push_back(std::move(step));
        return plan_.steps.size() - 1;
    }
    std::size_t act(Kind kind, Vessel vessel, Places after, PortionId portion = 0, LineId line = 0)
    {
        return add({kind, {What::None, line}, vessel, 0.0, portion, std::move(after)});
    }
    // What follows the batter.
    void next(Kind kind, Vessel vessel, PortionId portion = 0)
    {
        batter_ = act(kind, vessel, {batter_}, portion);
    }
    std::optional<std::size_t> weigh(Kind kind, WeighTarget target, Vessel vessel, Places after,
                                     PortionId portion = 0)
    {
        const double grams = plannedGrams(target, f_, r_);
        if (grams <= nothingToSpeakOf)
            return std::nullopt;
        return add({kind, target, vessel, grams, portion, std::move(after)});
    }

    void daysAhead(const Line& line)
    {
        const Material& m = *line.material;
        Places ready;
        const auto ahead = [&](Kind kind) { ready = {act(kind, line.vessel, ready, 0, line.id)}; };
        if (m.behaves(Behaviour::HeldBackByHerbs))
            ahead(Kind::InfuseOil);
        if (m.kind == MaterialKind::Produce)
            ahead(Kind::CookProduce);
        if (m.behaves(Behaviour::Foams) && m.kind == MaterialKind::Liquid)
            ahead(Kind::DrinkFlat);
        if (line.frozen)
            ahead(Kind::FreezeAhead);
        if (!ready.empty())
            ahead_.emplace_back(line.id, ready.front());
    }
    void stockLye()
    {
        for (const MaterialPtr& m : {f_.lye.sodium, f_.lye.potassium})
            if (m && m->isLyeSolution() &&
                (m == f_.lye.sodium ? r_.sodium : r_.potassium).weighedGrams > 0.0)
                stock_.push_back(act(Kind::StockLyeReady, Vessel::LyeJug, {}));
    }
    Places readyFor(LineId line) const
    {
        for (const auto& [id, step] : ahead_)
            if (id == line)
                return {step};
        return {};
    }

    Places weighLine(std::size_t i, PortionId portion)
    {
        const Line& line = f_.lines[i];
        Places out;
        if (const auto at = weigh(Kind::WeighLine, {What::Line, line.id}, line.vessel,
                                  readyFor(line.id), portion))
            out.push_back(*at);
        if (r_.lines[i].solventGrams <= 0.0 || !solventApart(f_, line))
            return out;
        if (const auto at =
                weigh(Kind::WeighSolvent, {What::Solvent, line.id}, line.vessel, {}, portion))
            out.push_back(*at);
        if (!isJug(line.vessel)) // a jug has its own step for that
            out = {act(Kind::DissolveLine, line.vessel, out, portion, line.id)};
        return out;
    }
    // What all is ready of a vessel when these are done.
    template <typename Which>
    Places weighVessel(Vessel vessel, PortionId portion, Which which)
    {
        Places out;
        for (std::size_t i = 0; i < f_.lines.size(); ++i)
            if (f_.lines[i].vessel == vessel && f_.portionOf(f_.lines[i]) == portion &&
                which(f_.lines[i]))
                join(out, weighLine(i, portion));
        return out;
    }
    Places weighVessel(Vessel vessel, PortionId portion = 0)
    {
        return weighVessel(vessel, portion, [](const Line&) { return true; });
    }
    bool uses(Vessel vessel) const // by all of the batter
    {
        for (std::size_t i = 0; i < f_.lines.size(); ++i)
            if (f_.lines[i].vessel == vessel && r_.lines[i].grams > 0.0 &&
                f_.portionOf(f_.lines[i]) == 0 && !goesInByHand(f_, f_.lines[i]))
                return true;
        return false;
    }

    // Everything for later than the joining, on the counter before any lye is touched.
    void layOut()
    {
        constexpr Vessel later[] = {Vessel::Emulsion, Vessel::Trace, Vessel::AfterCook,
                                    Vessel::Top};
        for (const Vessel vessel : later)
            join(beforeJoining_, weighVessel(vessel));
        for (const Portion& portion : f_.portions)
            for (const Vessel vessel : later)
                join(beforeJoining_, weighVessel(vessel, portion.id));
        for (const Line& line : f_.lines) {
            const Portion* portion = f_.portion(f_.portionOf(line));
            if (wetsApart(line) && !wantsOil(line) && !(portion && portion->held))
                wet(line, beforeJoining_);
        }
    }
    bool wetsApart(const Line& line) const
    {
        const Material& m = *line.material;
        const LineReckoned* reckoned = r_.find(line.id);
        return line.vessel > Vessel::OilPot && line.solvent <= 0.0 && reckoned &&
               reckoned->grams > 0.0 &&
               (m.behaves(Behaviour::DisperseInOil) || m.behaves(Behaviour::DisperseInGlycerin) ||
                m.behaves(Behaviour::DisperseInWater));
    }
    static bool wantsOil(const Line& line)
    {
        return line.material->behaves(Behaviour::DisperseInOil);
    }
    void wet(const Line& line, Places after)
    {
        // Only its own weighing is waited for, and oil that was set aside for it.
        std::erase_if(after, [&](std::size_t at) {
            const DayStep& step = plan_.steps[at];
            return !(step.target == WeighTarget{What::Line, line.id} ||
                     step.kind == Kind::SetOilAside || step.kind == Kind::MeltOils);
        });
        beforeJoining_.push_back(
            act(Kind::WetColour, line.vessel, std::move(after), f_.portionOf(line), line.id));
    }

    void pot()
    {
        const auto oils =
            weighVessel(Vessel::OilPot, 0, [](const Line& line) { return line.material->isOil(); });
        const auto others = weighVessel(Vessel::OilPot, 0,
                                        [](const Line& line) { return !line.material->isOil(); });
        potReady_ = {act(Kind::MeltOils, Vessel::OilPot, oils)};
        const Places melted = potReady_;
        for (const Line& line : f_.lines) {
            const Portion* portion = f_.portion(f_.portionOf(line));
            if (!wetsApart(line) || !wantsOil(line) || (portion && portion->held))
                continue;
            Places after = beforeJoining_;
            join(after, melted);
            wet(line, std::move(after));
        }
        for (const Portion& portion : f_.portions) {
            const auto held = weigh(Kind::SetOilAside, {What::HeldOil, portion.id}, Vessel::OilPot,
                                    melted, portion.id);
            if (!held)
                continue;
            potReady_.push_back(*held);
            for (const Line& line : f_.lines)
                if (f_.portionOf(line) == portion.id && wetsApart(line)) {
                    Places after = beforeJoining_;
                    after.push_back(*held);
                    wet(line, std::move(after));
                }
        }
        if (others.empty())
            return;
        Places after = potReady_;
        join(after, others);
        potReady_.push_back(act(Kind::IntoOils, Vessel::OilPot, after));
    }

    // Places of the last step of every line that goes into the jug.
    Places jug(Vessel vessel, What sodium, What potassium)
    {
        const auto late = [](const Line& line) { return goesIntoCooledLye(*line.material); };
        Places liquid = weighVessel(vessel, 0, [&](const Line& l) { return !late(l); });
        const Places cooled = weighVessel(vessel, 0, late);
        if (vessel == Vessel::LyeJug && r_.hasJugWater)
            if (const auto at = weigh(Kind::WeighJugWater, {What::JugWater, 0}, vessel, {}))
                liquid.push_back(*at);
        // What lye would burn or salt out goes into the liquid before it.
        if (somethingToDissolve(vessel))
            liquid = {act(Kind::DissolveFirst, vessel, liquid)};
        Places dry{prepare_};
        join(dry, stock_);
        const auto na = weigh(Kind::WeighSodium, {sodium, 0}, vessel, dry);
        const auto ka = weigh(Kind::WeighPotassium, {potassium, 0}, vessel, dry);
        if (r_.jug(vessel).pureGrams() <= 0.0) {
            join(liquid, cooled);
            return liquid;
        }
        liquid.push_back(prepare_);
        if (wantsColdBath(vessel))
            liquid.push_back(act(Kind::ColdBath, vessel, liquid));
        if (na && ka) {
            Places after = liquid;
            after.push_back(*ka);
            liquid = {act(Kind::PotassiumIntoLiquid, vessel, after)};
        } else if (ka)
            liquid.push_back(*ka);
        if (na)
            liquid.push_back(*na);
        liquid = {act(Kind::LyeIntoLiquid, vessel, liquid)};
        liquid = {act(Kind::LookThrough, vessel, liquid)};
        if (!cooled.empty()) {
            join(liquid, cooled);
            liquid = {act(Kind::IntoCooledLye, vessel, liquid)};
        }
        return liquid;
    }
    bool wantsColdBath(Vessel vessel) const
    {
        return (f_.heat && (f_.heat->iceBath || (f_.heat->jugIce > 0.0 && r_.hasJugWater))) ||
               std::ranges::any_of(f_.lines,
                                   [&](const Line& l) { return l.vessel == vessel && l.frozen; });
    }
    bool somethingToDissolve(Vessel vessel) const
    {
        for (std::size_t i = 0; i < f_.lines.size(); ++i)
            if (f_.lines[i].vessel == vessel && r_.lines[i].grams > 0.0 &&
                dissolvesFirst(*f_.lines[i].material) && !goesIntoCooledLye(*f_.lines[i].material))
                return true;
        return false;
    }

    void stage(Kind kind, Vessel vessel)
    {
        if (uses(vessel))
            next(kind, vessel);
    }
    // Each portion's own things come together in it, late ones too: it stands in its own bowl.
    void divide()
    {
        if (f_.portions.empty())
            return;
        next(Kind::Divide, Vessel::Trace);
        const std::size_t divided = batter_;
        Places back;
        for (const Portion& portion : f_.portions) {
            const bool own = std::ranges::any_of(f_.lines, [&](const Line& line) {
                return f_.portionOf(line) == portion.id && r_.find(line.id)->grams > 0.0;
            });
            const PortionReckoned* reckoned = r_.portion(portion.id);
            if (own || (reckoned && reckoned->heldGrams > 0.0))
                back.push_back(act(Kind::PortionBack, Vessel::Trace, {divided}, portion.id));
        }
        portionsBack_ = back;
    }
    void cook()
    {
        if (!uses(Vessel::AfterCook))
            return;
        for (const Kind kind : {Kind::CookSeparates, Kind::CookApplesauce, Kind::CookMash,
                                Kind::Cook, Kind::TestCook})
            next(kind, Vessel::AfterCook);
        const bool flash = std::ranges::any_of(f_.lines, [](const Line& line) {
            return line.vessel == Vessel::AfterCook && line.material->kind == MaterialKind::Scent;
        });
        if (flash)
            next(Kind::CoolForScent, Vessel::AfterCook);
        stage(Kind::AfterCook, Vessel::AfterCook);
    }
    void byHand()
    {
        for (const Line& line : f_.lines)
            if (f_.portionOf(line) == 0 && goesInByHand(f_, line) && r_.find(line.id)->grams > 0.0)
                batter_ = act(Kind::ScentByHand, line.vessel, {batter_}, 0, line.id);
    }
    // Which mould a portion goes into, by its place; portions without one of their own share.
    std::size_t mouldOf(const Portion& portion) const
    {
        for (std::size_t i = 0; i < f_.moulds.size(); ++i)
            if (f_.moulds[i].portion == portion.id)
                return i + 1;
        return 0;
    }
    void pour()
    {
        Places before = portionsBack_;
        before.push_back(batter_);
        if (f_.portions.size() < 2 || !f_.way.layers) {
            batter_ = act(Kind::Pour, Vessel::Top, before);
            return;
        }
        std::vector<std::size_t> poured; // moulds something is in
        for (std::size_t i = 0; i < f_.portions.size(); ++i) {
            const Portion& portion = f_.portions[i];
            const std::size_t mould = mouldOf(portion);
            if (std::ranges::find(poured, mould) != poured.end())
                before = {act(Kind::LayerWait, Vessel::Top, before, portion.id)};
            poured.push_back(mould);
            const bool last = i + 1 == f_.portions.size();
            batter_ = act(last ? Kind::Pour : Kind::PourPortion, Vessel::Top, before, portion.id);
            before = {batter_};
        }
    }

    const Formula& f_;
    const Reckoning& r_;
    DayPlan plan_;
    std::size_t prepare_ = 0;
    std::size_t batter_ = 0; // the last step of what becomes of the batter
    Places beforeJoining_;
    Places potReady_;
    Places stock_;
    Places portionsBack_;
    std::vector<std::pair<LineId, std::size_t>> ahead_; // the last step of days before, by line
};

} // namespace

bool goesIntoCooledLye(const Material& m)
{
    return m.kind == MaterialKind::Salt && m.part(Part::Water).range.typical() > 0.2;
}

StepMarks marksOf(const DayStep& step)
{
    StepMarks out;
    out.safety = step.kind == Kind::Prepare;
    out.lye = isOne({Kind::WeighSodium, Kind::WeighPotassium, Kind::DissolveFirst, Kind::ColdBath,
                     Kind::PotassiumIntoLiquid, Kind::LyeIntoLiquid, Kind::LookThrough,
                     Kind::WeighJugWater, Kind::Combine, Kind::TestCook},
                    step.kind);
    return out;
}

std::optional<int> daysBefore(const DayStep& step, const Formula& formula)
{
    constexpr int infusing = 28;
    const Line* line = formula.find(step.target.line);
    switch (step.kind) {
    case Kind::InfuseOil: return infusing;
    case Kind::CookProduce:
    case Kind::DrinkFlat: return line && line->frozen ? 2 : 1;
    case Kind::FreezeAhead:
    case Kind::StockLyeReady: return 1;
    default: return std::nullopt;
    }
}

bool hasVessel(const DayStep& step)
{
    return !isOne({Kind::Prepare, Kind::SetOut, Kind::InfuseOil, Kind::CookProduce, Kind::DrinkFlat,
                   Kind::FreezeAhead, Kind::StockLyeReady, Kind::CoverUp, Kind::Own},
                  step.kind);
}

bool blends(const DayStep& step)
{
    return isOne({Kind::Combine, Kind::Emulsion, Kind::Trace}, step.kind);
}

bool goesInByHand(const Formula& f, const Line& line)
{
    const Material& m = *line.material;
    return m.kind == MaterialKind::Scent && f.portionOf(line) == 0 &&
           (line.vessel == Vessel::Emulsion || line.vessel == Vessel::Trace) &&
           (m.behaves(Behaviour::Seizes) || m.behaves(Behaviour::Rices));
}

std::vector<LineId> stirOrder(const Formula& f, Vessel vessel, PortionId portion)
{
    const auto rank = [](const Material& m) {
        int out = 0;
        if (m.behaves(Behaviour::Heats) || m.kind == MaterialKind::Sugar)
            out = 1;
        if (m.behaves(Behaviour::SpeedsTrace) || m.behaves(Behaviour::MeltsHot))
            out = 2;
        if (m.behaves(Behaviour::Rices))
            out = 3;
        return m.behaves(Behaviour::Seizes) ? 4 : out;
    };
    std::vector<const Line*> in;
    for (const Line& line : f.lines)
        if (line.vessel == vessel && f.portionOf(line) == portion && !goesInByHand(f, line))
            in.push_back(&line);
    std::ranges::stable_sort(in, {}, [&](const Line* l) { return rank(*l->material); });
    std::vector<LineId> out;
    out.reserve(in.size());
    for (const Line* line : in)
        out.push_back(line->id);
    return out;
}

std::vector<std::size_t> missingFor(const DayPlan& plan, const std::vector<bool>& passed,
                                    std::size_t step)
{
    std::vector<std::size_t> out;
    for (const std::size_t before : plan.steps[step].after)
        if (!passed[before])
            out.push_back(before);
    return out;
}

std::size_t firstOpen(const DayPlan& plan, const std::vector<bool>& passed)
{
    for (std::size_t i = 0; i < plan.steps.size(); ++i)
        if (!passed[i] && missingFor(plan, passed, i).empty())
            return i;
    return plan.steps.size();
}

bool solventApart(const Formula& f, const Line& line)
{
    const Line* makeUp = f.makeUp();
    return makeUp && !(isJug(line.vessel) && line.vessel == makeUp->vessel);
}

double plannedGrams(const WeighTarget& target, const Formula& f, const Reckoning& r)
{
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
    DayPlan plan = Planner(formula, reckoning).plan();
    goOwnWay(plan, formula.way);
    return plan;
}

MaterialPtr materialOf(const WeighTarget& target, const Formula& f)
{
    switch (target.what) {
    case What::Line: {
        const Line* line = f.find(target.line);
        return line ? line->material : nullptr;
    }
    case What::Solvent: {
        const Line* makeUp = f.makeUp();
        return makeUp ? makeUp->material : nullptr;
    }
    case What::Sodium:
    case What::SodiumSecond: return f.lye.sodium;
    case What::Potassium:
    case What::PotassiumSecond: return f.lye.potassium;
    case What::HeldOil: {
        const Portion* portion = f.portion(target.line);
        const Line* line = portion && portion->held ? f.find(portion->held->line) : nullptr;
        return line ? line->material : nullptr;
    }
    case What::JugWater:
    case What::None: break;
    }
    return nullptr;
}

MaterialPtr drawnFrom(const WeighTarget& target, const Formula& f)
{
    return target.what == WeighTarget::What::HeldOil ? nullptr : materialOf(target, f);
}

} // namespace rhexion
