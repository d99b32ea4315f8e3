#include "core/making/mould_fit.h"

#include "core/seek/seek.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace rhexion {

namespace {

// Water in a bar that has come to rest in a lived-in room.
constexpr std::array<double, 3> waterAtRest{0.06, 0.10, 0.14};
constexpr std::array<double, 3> residues{residueHigh, residueTypical, residueLow};

bool isPoured(const Line& line)
{
    return line.vessel != Vessel::Top;
}

// Toppings lie on the soap and fill no mould.
double toppings(const Formula& f, const Account& r)
{
    double grams = 0.0;
    for (std::size_t i = 0; i < f.lines.size(); ++i)
        if (!isPoured(f.lines[i]))
            grams += r.lines[i].grams;
    return grams;
}

double warmth(const Formula& f)
{
    return std::clamp(f.mixing.at.inCelsius(), 0.0, 90.0);
}

double fillMillilitres(const MouldUse& use)
{
    if (std::holds_alternative<FreeShape>(use.mould.shape))
        return use.mould.room() * use.fillTo;
    const auto one = volumeTo(use.mould.shape, heightOf(use.mould.shape) * use.fillTo);
    return use.mould.count * std::get<double>(one);
}

// ml of one batch, or portion, into the moulds it has; in the three ways the batter may turn out.
class Filling {
public:
    Filling(const Formula& f, MouldFit& fit) : f_(f), fit_(fit) {}

    void fill(const std::vector<std::size_t>& moulds, double grams)
    {
        for (std::size_t way = 0; way < 3; ++way) {
            // The densest batter with most left in the pot stands lowest.
            const std::array<double, 3> densities{fit_.density.high(), fit_.density.typical(),
                                                  fit_.density.low()};
            double left = grams * (1.0 - residues[way]) / densities[way];
            left = moulds.size() == 1 ? pourAll(moulds.front(), way, left)
                                      : pourInTurn(moulds, way, left);
            fit_.left[way] += left * densities[way];
        }
    }

private:
    double pourAll(std::size_t at, std::size_t way, double ml)
    {
        MouldLevel& level = fit_.levels[at];
        level.millilitres[way] = ml;
        level.over[way] = std::max(0.0, ml - level.room);
        if (way == 1)
            level.filled = filledOf(f_.moulds[at], ml);
        return 0.0;
    }
    static int filledOf(const MouldUse& use, double ml)
    {
        const double one = fillMillilitres(use) / use.mould.count;
        return std::min(use.mould.count, static_cast<int>(std::floor(ml / one + 1e-9)));
    }
    double pourInTurn(const std::vector<std::size_t>& moulds, std::size_t way, double left)
    {
        std::vector<std::size_t> inTurn = moulds;
        // Whole moulds first, in the maker's order; then cavities, the greatest first.
        std::ranges::stable_sort(inTurn, [&](std::size_t a, std::size_t b) {
            const MouldUse& x = f_.moulds[a];
            const MouldUse& y = f_.moulds[b];
            const bool xs = x.mould.count > 1;
            const bool ys = y.mould.count > 1;
            if (xs != ys)
                return ys;
            return xs && capacityOf(x.mould.shape) > capacityOf(y.mould.shape);
        });
        for (const std::size_t at : inTurn) {
            const MouldUse& use = f_.moulds[at];
            MouldLevel& level = fit_.levels[at];
            const double most = fillMillilitres(use);
            double takes = std::min(left, most);
            if (use.mould.count > 1) {
                const int full = filledOf(use, left);
                takes = most / use.mould.count * full;
                if (way == 1)
                    level.filled = full;
            }
            level.millilitres[way] = takes;
            left -= takes;
        }
        return left;
    }

    const Formula& f_;
    MouldFit& fit_;
};

void finishLevel(const Formula& f, const Account& r, const MouldUse& use, double density,
                 MouldLevel& level)
{
    const Mould& mould = use.mould;
    // Cavities come full one after the other; a last one that does not is over.
    const double full = fillMillilitres(use) / mould.count;
    for (std::size_t way = 0; way < 3; ++way) {
        const double one = mould.count > 1
                               ? std::min(level.millilitres[way], full)
                               : std::min(level.millilitres[way], capacityOf(mould.shape));
        const auto height = fillHeight(mould.shape, one);
        level.height[way] = std::holds_alternative<double>(height) ? std::get<double>(height) : 0.0;
    }
    level.grams = level.millilitres[1] * density;
    const Interval loss = cureLoss(r);
    double bar = 0.0;
    if (const auto length = cutLength(mould, level.height[1])) {
        const auto plan = cutPlan(*length, f.cutting, level.grams);
        if (const auto* bars = std::get_if<CutPlan>(&plan)) {
            level.bars = *bars;
            bar = bars->wetBar;
        }
    } else if (mould.count > 1) {
        level.cells = level.filled * std::max(1, cellsOf(mould.shape));
    } else {
        level.cells = cellsOf(mould.shape);
    }
    if (level.cells > 0)
        bar = level.grams / level.cells;
    level.curedBar = Interval::around(bar * (1.0 - loss.high()), bar * (1.0 - loss.typical()),
                                      bar * (1.0 - loss.low()));
}

// The factor at which a figure of the scaled formula comes out as wanted.
OrCannot<double> factorWhere(const Formula& formula, double wanted, const seek::Gauge& gauge)
{
    const ReckonResult result = reckon(formula);
    const auto* r = std::get_if<Reckoning>(&result);
    const auto now = r ? gauge(*r) : std::nullopt;
    if (!now || !isAboveNothing(*now))
        return Cannot{CannotCode::NotReckoned, "formula", {}};
    if (!isAboveNothing(wanted))
        return Cannot{CannotCode::NotPositive, "wanted", {}};
    const seek::Sought found = seek::seek(formula, seek::scaleKnob(), gauge, wanted);
    if (found.outcome == seek::Outcome::Found && std::abs(found.value - wanted) < 1e-5 * wanted)
        return found.at;
    return Cannot{CannotCode::DoesNotScale, "formula", {*now}};
}

} // namespace

Interval cureLoss(const Account& account)
{
    const double wet = account.batterGrams;
    if (!(wet > 0.0))
        return Interval::exactly(0.0);
    const double dry =
        std::clamp(wet - account.waterPresent - account.neutralisationWater, 0.0, wet);
    std::array<double, 3> loss{};
    for (std::size_t i = 0; i < 3; ++i)
        loss[i] = std::clamp(1.0 - dry / (1.0 - waterAtRest[2 - i]) / wet, 0.0, 0.49);
    return Interval::around(loss[0], loss[1], loss[2]);
}

OrCannot<MouldFit> fitMoulds(const Formula& f, const Account& r)
{
    for (const MouldUse& use : f.moulds)
        if (auto fault = faultOf(use.mould))
            return *fault;
    const auto density = batterDensity(batterAtPouring(f, r), warmth(f));
    if (const Cannot* cannot = std::get_if<Cannot>(&density))
        return *cannot;
    MouldFit fit;
    fit.density = std::get<Interval>(density);
    fit.levels.resize(f.moulds.size());
    for (std::size_t i = 0; i < f.moulds.size(); ++i)
        fit.levels[i].room = f.moulds[i].mould.room();
    const double whole = r.batterGrams - toppings(f, r);
    fit.poured = whole * (1.0 - residueTypical);

    Filling filling(f, fit);
    std::vector<std::size_t> common;
    double shared = whole;
    for (std::size_t i = 0; i < f.moulds.size(); ++i)
        if (!f.portion(f.moulds[i].portion))
            common.push_back(i);
    for (const PortionReckoned& portion : r.portions) {
        std::vector<std::size_t> own;
        for (std::size_t i = 0; i < f.moulds.size(); ++i)
            if (f.moulds[i].portion == portion.id)
                own.push_back(i);
        if (own.empty())
            continue;
        double grams = portion.batterGrams();
        for (std::size_t i = 0; i < f.lines.size(); ++i)
            if (!isPoured(f.lines[i]) && f.portionOf(f.lines[i]) == portion.id)
                grams -= r.lines[i].grams;
        shared -= grams;
        filling.fill(own, std::max(0.0, grams));
    }
    filling.fill(common, std::max(0.0, shared));
    for (std::size_t i = 0; i < f.moulds.size(); ++i)
        finishLevel(f, r, f.moulds[i], fit.density.typical(), fit.levels[i]);
    return fit;
}

OrCannot<double> factorToFill(const Formula& formula, FillAim aim)
{
    double wanted = 0.0;
    for (const MouldUse& use : formula.moulds) {
        if (auto fault = faultOf(use.mould))
            return *fault;
        wanted += fillMillilitres(use);
    }
    if (!(wanted > 0.0))
        return Cannot{CannotCode::NotPositive, "mould", {}};
    // What lies where, of what, at which warmth: a factor leaves it as it is.
    return factorWhere(formula, wanted, [&](const Reckoning& r) -> std::optional<double> {
        const auto density = batterDensity(batterAtPouring(formula, r), warmth(formula));
        const auto* rho = std::get_if<Interval>(&density);
        if (!rho)
            return std::nullopt;
        const double of = aim == FillAim::Enough    ? rho->high()
                          : aim == FillAim::Typical ? rho->typical()
                                                    : rho->low();
        const double residue = aim == FillAim::Enough    ? residueHigh
                               : aim == FillAim::Typical ? residueTypical
                                                         : residueLow;
        return (r.batterGrams - toppings(formula, r)) * (1.0 - residue) / of;
    });
}

OrCannot<double> batterForBars(double bars, double cured, double loss, double trims, double residue)
{
    if (!isAboveNothing(bars))
        return Cannot{CannotCode::NotPositive, "bars", {}};
    if (!isAboveNothing(cured))
        return Cannot{CannotCode::NotPositive, "cured", {}};
    for (const double share : {loss, trims, residue})
        if (!(share >= 0.0 && share < 0.5))
            return Cannot{CannotCode::OutOfRange, "shares", {0.0, 0.5}};
    return bars * cured / (1.0 - loss) / (1.0 - trims) / (1.0 - residue);
}

OrCannot<double> factorForBars(const Formula& formula, double bars, double cured)
{
    if (!isAboveNothing(bars))
        return Cannot{CannotCode::NotPositive, "bars", {}};
    if (!isAboveNothing(cured))
        return Cannot{CannotCode::NotPositive, "cured", {}};
    return factorWhere(formula, bars * cured, [&](const Reckoning& r) {
        return (r.batterGrams - toppings(formula, r)) * (1.0 - residueTypical) *
               (1.0 - cureLoss(r).typical());
    });
}

OrCannot<StockFactor> factorForStock(const Formula& formula, const std::vector<Left>& left)
{
    const ReckonResult now = reckon(formula);
    if (!std::holds_alternative<Reckoning>(now))
        return Cannot{CannotCode::NotReckoned, "formula", {}};
    std::optional<StockFactor> least;
    for (const Left& have : left) {
        const LineReckoned* line = std::get<Reckoning>(now).find(have.line);
        if (!line || !(line->grams > 0.0))
            continue;
        const auto factor = factorWhere(
            formula, have.grams, [&](const Reckoning& r) { return r.find(have.line)->grams; });
        if (const Cannot* cannot = std::get_if<Cannot>(&factor))
            return Cannot{cannot->code, formula.find(have.line)->material->name, cannot->figures};
        if (!least || std::get<double>(factor) < least->factor)
            least = StockFactor{std::get<double>(factor), have.line};
    }
    if (!least)
        return Cannot{CannotCode::NotPositive, "left", {}};
    return *least;
}

std::vector<LineId> linesThatStay(const Formula& formula)
{
    std::vector<LineId> out;
    for (const Line& line : formula.lines)
        if (line.locked)
            out.push_back(line.id);
    return out;
}

Leftover leftoverPlan(double batter, double main, std::vector<double> cavities)
{
    Leftover out{0, batter - main};
    std::ranges::sort(cavities, std::greater<>{});
    for (const double cavity : cavities)
        if (cavity <= out.millilitres + 1e-9) {
            out.millilitres -= cavity;
            ++out.cavities;
        }
    return out;
}

} // namespace rhexion
