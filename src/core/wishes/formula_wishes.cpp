#include "core/wishes/formula_wishes.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {

constexpr double leastSuperfat = 0.03; // common practice, no source
constexpr double weakest = 0.20;
constexpr double strongest = 0.50;
constexpr double nothing = 0.005; // g: less is not weighed
constexpr int rounds = 8;
constexpr double goodEnough = 0.01; // points
constexpr double mostMiss = 0.05;

struct OilLines {
    explicit OilLines(const Formula& f)
    {
        for (std::size_t i = 0; i < f.lines.size(); ++i)
            if (f.lines[i].material->isOil())
                places.push_back(i);
    }
    std::vector<std::size_t> places;
};

// In points: a hundredth of a share, one of anything else; grams are taken per hundredth of what
// is wished.
double pointsOff(const WishProblem& p, const Wish& wish, const WishAnswer& answer)
{
    const double miss = missOf(p, wish, answer);
    switch (wish.kind) {
    case WishKind::TotalOils:
    case WishKind::Batter:
    case WishKind::Hydroxide:
    case WishKind::Cost:
        return 100.0 * miss / std::max(1.0, std::abs(wish.low.value_or(wish.high.value_or(1.0))));
    case WishKind::Iodine:
    case WishKind::Sv: return miss;
    default: return 100.0 * miss;
    }
}

// The answer as the formula comes out.
WishAnswer answerOf(const Formula& f, const Reckoning& r, const std::vector<MaterialPtr>& oils,
                    const std::vector<LineId>& lines, LineId acid, double objective)
{
    WishAnswer out;
    for (std::size_t i = 0; i < oils.size(); ++i) {
        double grams = 0.0;
        for (std::size_t l = 0; l < f.lines.size(); ++l)
            if (f.lines[l].id == lines[i])
                grams = r.lines[l].grams;
        out.oils.push_back(grams);
    }
    out.hydroxideMol = r.sodium.mol + r.potassium.mol;
    out.water = r.waterPresent;
    if (const LineReckoned* line = r.find(acid))
        out.acid = line->grams;
    out.objective = objective;
    return out;
}

// The acid that moves: one stated as a share of the oils goes with them, one in grams moves only
// where it is wished.
LineId acidMoving(const Formula& f, const WishesAsked& asked)
{
    const LineId id = movingAcid(f);
    const Line* line = f.find(id);
    const bool wished = std::ranges::any_of(
        asked.wishes, [](const Wish& w) { return w.kind == WishKind::AcidShare; });
    return line && (wished || line->amount.unit == AmountUnit::PercentOfOils) ? id : 0;
}

class Proposer {
public:
    Proposer(const Formula& formula, const WishesAsked& asked) : formula_(formula), asked_(asked)
    {
        for (const Line& line : formula.lines)
            if (line.material->isOil())
                lines_.push_back(line.id);
        LineId next = formula.lastId;
        for (std::size_t i = 0; i < asked.offered.size(); ++i)
            lines_.push_back(++next);
    }

    // The edits that put an answer into the formula.
    std::vector<Edit> editsFor(const WishAnswer& a, const WishProblem& p) const
    {
        std::vector<Edit> edits;
        double total = 0.0;
        for (const double grams : a.oils)
            total += grams;
        const std::size_t own = lines_.size() - asked_.offered.size();
        for (std::size_t i = 0; i < own; ++i) {
            const Line& line = *formula_.find(lines_[i]);
            if (line.locked || std::abs(a.oils[i] - p.oils[i].start) < nothing)
                continue;
            if (a.oils[i] < nothing)
                edits.push_back(RemoveLine{line.id});
            else
                edits.push_back(SetAmount{line.id, statedFor(line, a.oils[i], total)});
        }
        restatePercents(edits, a, total, own);
        for (std::size_t i = own; i < lines_.size(); ++i) {
            if (a.oils[i] < nothing)
                continue;
            Line line;
            line.id = lines_[i];
            line.material = asked_.offered[i - own].material;
            line.vessel = Vessel::OilPot;
            line.amount = allPercent(own)
                              ? StatedAmount{100.0 * a.oils[i] / total, AmountUnit::PercentOfOils}
                              : StatedAmount{a.oils[i], AmountUnit::Gram};
            edits.push_back(AddLine{line, placeAfterOils()});
        }
        if (allPercent(own) && std::abs(total - formula_.oilsTotal.inGrams()) > nothing)
            edits.push_back(SetOilsTotal{Mass::grams(total)});
        addSettings(edits, a, p);
        return edits;
    }

    const std::vector<LineId>& lines() const { return lines_; }

private:
    static StatedAmount statedFor(const Line& line, double grams, double total)
    {
        if (line.amount.unit == AmountUnit::PercentOfOils)
            return {100.0 * grams / total, AmountUnit::PercentOfOils};
        if (statedMass({1.0, line.amount.unit}))
            return statedIn(Mass::grams(grams), line.amount.unit);
        return {grams, AmountUnit::Gram};
    }
    bool allPercent(std::size_t own) const
    {
        return own > 0 &&
               std::all_of(lines_.begin(), lines_.begin() + std::ptrdiff_t(own), [&](LineId id) {
                   return formula_.find(id)->amount.unit == AmountUnit::PercentOfOils;
               });
    }
    // Shares of a whole that changed are stated anew though their grams stay.
    void restatePercents(std::vector<Edit>& edits, const WishAnswer& a, double total,
                         std::size_t own) const
    {
        for (std::size_t i = 0; i < own; ++i) {
            const Line& line = *formula_.find(lines_[i]);
            const bool done = std::ranges::any_of(edits, [&](const Edit& e) {
                const auto* set = std::get_if<SetAmount>(&e);
                const auto* gone = std::get_if<RemoveLine>(&e);
                return (set && set->line == line.id) || (gone && gone->line == line.id);
            });
            if (done || line.locked || line.amount.unit != AmountUnit::PercentOfOils)
                continue;
            const StatedAmount anew = statedFor(line, a.oils[i], total);
            if (std::abs(anew.value - line.amount.value) > 1e-9)
                edits.push_back(SetAmount{line.id, anew});
        }
    }
    std::size_t placeAfterOils() const
    {
        std::size_t place = 0;
        for (std::size_t i = 0; i < formula_.lines.size(); ++i)
            if (formula_.lines[i].material->isOil())
                place = i + 1;
        return place;
    }
    void addSettings(std::vector<Edit>& edits, const WishAnswer& a, const WishProblem& p) const
    {
        Wish superfat;
        superfat.kind = WishKind::Superfat;
        const double s = figureOf(p, superfat, a);
        if (!formula_.lye.fixed && std::abs(s - p.superfat) > 1e-7) {
            LyeSettings lye = formula_.lye;
            lye.superfat = lye.basis == SuperfatBasis::AllFat ? s : lye.superfat + s - p.superfat;
            edits.push_back(SetLye{SettingField::Superfat, lye});
        }
        Wish strength;
        strength.kind = WishKind::Strength;
        const double c = figureOf(p, strength, a);
        if (c > 0.0 && std::abs(c - p.strength) > 1e-7) {
            LiquidSettings liquid = formula_.liquid;
            liquid.how = LiquidStatement::Strength;
            liquid.convention = StrengthConvention::PureAndAllWater;
            liquid.value = c;
            edits.push_back(SetLiquid{SettingField::Liquid, liquid});
        }
        const LineId acid = acidMoving(formula_, asked_);
        const Line* line = formula_.find(acid);
        double oils = 0.0;
        for (const double grams : a.oils)
            oils += grams;
        const bool share = line && line->amount.unit == AmountUnit::PercentOfOils;
        const double was = share ? p.acidShare * oils : p.acidGrams;
        if (line && !line->locked && oils > 0.0 && std::abs(a.acid - was) > nothing) {
            const StatedAmount amount =
                line->amount.unit == AmountUnit::PercentOfOils
                    ? StatedAmount{100.0 * a.acid / oils, AmountUnit::PercentOfOils}
                    : StatedAmount{a.acid, AmountUnit::Gram};
            edits.push_back(SetAmount{acid, amount});
        }
    }

    const Formula& formula_;
    const WishesAsked& asked_;
    std::vector<LineId> lines_; // of the oils in play
};

} // namespace

std::vector<MaterialPtr> oilsInPlay(const Formula& formula, const WishesAsked& asked)
{
    std::vector<MaterialPtr> out;
    for (const Line& line : formula.lines)
        if (line.material->isOil())
            out.push_back(line.material);
    for (const OilOffered& oil : asked.offered)
        out.push_back(oil.material);
    return out;
}

std::vector<Wish> usualGuards(const Formula& formula, const WishesAsked& asked)
{
    std::vector<Wish> out;
    const auto guard = [&](WishKind kind, std::optional<double> low, std::optional<double> high) {
        Wish wish;
        wish.kind = kind;
        wish.low = low;
        wish.high = high;
        wish.isGuard = true;
        out.push_back(wish);
    };
    const std::vector<MaterialPtr> oils = oilsInPlay(formula, asked);
    for (std::size_t i = 0; i < oils.size(); ++i)
        if (oils[i]->usualUse && oils[i]->usualUse->range.high() < 0.999) {
            guard(WishKind::OilShare, std::nullopt, oils[i]->usualUse->range.high());
            out.back().oil = i;
        }
    // Below 0 only for a formula that is already confirmed as not for skin.
    guard(WishKind::Superfat, std::min(formula.lye.superfat, leastSuperfat), std::nullopt);
    guard(WishKind::Strength, weakest, strongest);
    return out;
}

LineId movingAcid(const Formula& formula)
{
    const auto found = std::ranges::find_if(formula.lines, [](const Line& line) {
        return line.material->kind == MaterialKind::Acid && line.material->hasAcid() &&
               !line.material->acidityUnknown() &&
               (line.amount.unit == AmountUnit::PercentOfOils || statedMass(line.amount));
    });
    return found == formula.lines.end() ? 0 : found->id;
}

WishProblem problemOf(const Formula& f, const Reckoning& r, const WishesAsked& asked)
{
    WishProblem p;
    double oilsMol = 0.0;
    const auto price = [&](const Material& m) {
        const auto found = asked.prices.find(m.id);
        return found == asked.prices.end() ? 0.0 : found->second;
    };
    for (const std::size_t at : OilLines(f).places) {
        const Line& line = f.lines[at];
        OilInPlay oil;
        oil.material = line.material;
        oil.start = r.lines[at].grams;
        oil.price = price(*line.material);
        if (const auto found = asked.gladly.find(line.id); found != asked.gladly.end())
            oil.moves = found->second;
        if (line.locked || f.portionOf(line) != 0)
            oil.moves = Gladly::Never;
        if (const auto left = asked.left.find(line.id); left != asked.left.end())
            oil.most = left->second;
        if (line.material->sv)
            oilsMol += oil.start * line.material->sv->range.typical() / 1000.0 /
                       mgPotassiumHydroxidePerMillimole;
        p.oils.push_back(std::move(oil));
    }
    for (const OilOffered& offered : asked.offered) {
        OilInPlay oil;
        oil.material = offered.material;
        oil.price = offered.price > 0.0 ? offered.price : price(*offered.material);
        oil.most = offered.most;
        p.oils.push_back(std::move(oil));
    }
    // On all fat as it is counted, also where it is set on what is cooked.
    const double fatMol = r.oilsMol + r.hiddenMol;
    p.superfat = fatMol > 0.0 ? 1.0 - (r.hydroxideMol - r.acidMol) / fatMol : f.lye.superfat;
    p.strength = r.pure.strength > 0.0 ? r.pure.strength : 1.0 / 3.0;
    const LineReckoned* acid = r.find(acidMoving(f, asked));
    if (acid && acid->grams > 0.0 && r.oilsGrams > 0.0) {
        p.acidShare = acid->grams / r.oilsGrams;
        p.acidGrams = acid->grams;
        p.acidPerGram = acid->acidMol / acid->grams;
    }
    const double weighed = r.sodium.weighedGrams + r.potassium.weighedGrams;
    const double pure = r.pureGrams();
    const double mol = r.sodium.mol + r.potassium.mol;
    if (mol > 0.0) {
        p.lyeMolarMass = pure / mol;
        p.purity = std::clamp(pure / weighed, 0.01, 1.0);
    }
    const double acidGrams = acid ? acid->grams : 0.0;
    const LineReckoned* rest = f.makeUp() ? r.find(f.makeUp()->id) : nullptr;
    if (rest && rest->waterGrams > 1e-6) {
        p.gramsPerWater = rest->grams / rest->waterGrams;
        p.fatMolPerWater = rest->fatMol / rest->waterGrams;
        p.acidMolPerWater = rest->acidMol / rest->waterGrams;
    }
    const double w = r.waterPresent;
    p.leastWater = std::max(0.0, w - (rest ? rest->waterGrams : 0.0));
    if (!rest)
        p.mostWater = w;
    p.otherGrams = r.batterGrams - r.oilsGrams - weighed - w * p.gramsPerWater - acidGrams;
    p.otherFatMol = r.oilsMol + r.hiddenMol - oilsMol - w * p.fatMolPerWater;
    p.otherAcidMol = r.acidMol - (acid ? acid->acidMol : 0.0) - r.givenMol - w * p.acidMolPerWater;
    p.wishes = asked.wishes;
    p.what = asked.what;
    p.mostOilsChanged = asked.mostOilsChanged;
    p.outOrAtLeast = outOrAtLeastShare;
    return p;
}

ProposalResult propose(const Formula& formula, const WishesAsked& asked, const LinearSolver& solver,
                       const std::function<bool()>& cancelled)
{
    const ReckonResult start = reckon(formula);
    if (!std::holds_alternative<Reckoning>(start))
        return Cannot{CannotCode::NotReckoned, "formula", {}};
    const Proposer proposer(formula, asked);
    const std::vector<MaterialPtr> oils = oilsInPlay(formula, asked);
    const LineId acid = acidMoving(formula, asked);
    WishProposal out;
    out.problem = problemOf(formula, std::get<Reckoning>(start), asked);
    WishProblem problem = out.problem;
    for (int round = 0; round < rounds; ++round) {
        const WishResult result = fulfil(problem, solver, cancelled);
        if (const auto* together = std::get_if<CannotTogether>(&result))
            return *together;
        if (const auto* cannot = std::get_if<Cannot>(&result))
            return *cannot;
        const auto& answer = std::get<WishAnswer>(result);
        out.edits = proposer.editsFor(answer, problem);
        Formula after = formula;
        for (const Edit& edit : out.edits)
            if (!apply(after, edit))
                return Cannot{CannotCode::NotReckoned, "formula", {}};
        const ReckonResult reckoned = reckon(after);
        const auto* r = std::get_if<Reckoning>(&reckoned);
        if (!r)
            return Cannot{CannotCode::NotReckoned, "formula", {}};
        out.answer = answerOf(after, *r, oils, proposer.lines(), acid, answer.objective);
        // What else is in the formula moved with it: reckoned with its new figures.
        WishProblem anew = problemOf(after, *r, asked);
        problem.otherGrams = anew.otherGrams;
        problem.otherFatMol = anew.otherFatMol;
        problem.otherAcidMol = anew.otherAcidMol;
        problem.lyeMolarMass = anew.lyeMolarMass;
        problem.gramsPerWater = anew.gramsPerWater;
        problem.leastWater = anew.leastWater;
        problem.mostWater = anew.mostWater;
        problem.fatMolPerWater = anew.fatMolPerWater;
        problem.acidMolPerWater = anew.acidMolPerWater;
        problem.purity = anew.purity;
        // Liquid stated otherwise than by strength comes out at another one, with no wish of hers.
        const bool liquidMoved = std::ranges::any_of(
            out.edits, [](const Edit& e) { return std::holds_alternative<SetLiquid>(e); });
        if (!liquidMoved)
            problem.strength = anew.strength;
        const bool lyeMoved = std::ranges::any_of(
            out.edits, [](const Edit& e) { return std::holds_alternative<SetLye>(e); });
        if (!lyeMoved)
            problem.superfat = anew.superfat;
        for (std::size_t i = 0; i < problem.oils.size(); ++i)
            if (problem.oils[i].moves == Gladly::Never)
                problem.oils[i].stays = out.answer.oils[i];
        out.worstMiss = 0.0;
        for (const Wish& wish : problem.wishes)
            out.worstMiss = std::max(out.worstMiss, pointsOff(problem, wish, out.answer));
        if (out.worstMiss < goodEnough)
            break;
    }
    if (out.worstMiss >= mostMiss)
        return Cannot{CannotCode::DoesNotHold, "wishes", {out.worstMiss}};
    // The figures that do not move are those of the formula as it comes out.
    out.problem.otherGrams = problem.otherGrams;
    out.problem.otherFatMol = problem.otherFatMol;
    out.problem.otherAcidMol = problem.otherAcidMol;
    out.problem.lyeMolarMass = problem.lyeMolarMass;
    out.problem.gramsPerWater = problem.gramsPerWater;
    out.problem.fatMolPerWater = problem.fatMolPerWater;
    out.problem.acidMolPerWater = problem.acidMolPerWater;
    out.problem.purity = problem.purity;
    return out;
}

} // namespace rhexion
