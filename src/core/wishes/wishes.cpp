#include "core/wishes/wishes.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>

namespace rhexion {

namespace {

constexpr std::array<const char*, countOf<WishKind>()> wishCodes{
    "total-oils-g", "batter-g",         "hydroxide-g",        "superfat",
    "strength",     "fatty-acid-share", "iodine-value",       "saponification-value",
    "oil-share",    "cost-of-oils",     "acid-share-of-oils", "water-of-oils"};

constexpr double ratherNot = 5.0; // times as dear to move
constexpr double givesWay = 1e-7; // by how much an optimum may give for the next one
constexpr double tooMuch = 1e7;   // g: a bound for what is open
constexpr int bisections = 40;

double molPerGram(const Material& oil)
{
    const double sv = oil.sv ? oil.sv->range.typical() : 0.0;
    return sv / 1000.0 / mgPotassiumHydroxidePerMillimole;
}

using Terms = std::vector<std::pair<std::size_t, double>>;

// Lays out columns: oils, hydroxide, water, acid, then how far each moved, up and down.
class Builder {
public:
    explicit Builder(const WishProblem& p) : p_(p), n_(p.oils.size())
    {
        start_ = std::accumulate(p.oils.begin(), p.oils.end(), 0.0,
                                 [](double s, const OilInPlay& o) { return s + o.start; });
        total_ = start_;
        for (const Wish& wish : p.wishes)
            if (wish.kind == WishKind::TotalOils && wish.low && wish.high)
                total_ = (*wish.low + *wish.high) / 2.0;
    }

    std::size_t hydroxide() const { return n_; }
    std::size_t water() const { return n_ + 1; }
    std::size_t acid() const { return n_ + 2; }
    // Moved up and down: oils in their order, then superfat, strength, acid.
    std::size_t up(std::size_t what) const { return n_ + 3 + 2 * what; }
    std::size_t down(std::size_t what) const { return up(what) + 1; }
    std::size_t moved() const { return n_ + 3; }
    double total() const { return total_; }

    // The programme with those wishes that stand.
    LinearProgramme build(const std::vector<bool>& stands) const
    {
        LinearProgramme lp;
        addColumns(lp);
        addFrame(lp);
        for (std::size_t i = 0; i < p_.wishes.size(); ++i)
            if (stands[i])
                addWish(lp, p_.wishes[i]);
        addWholes(lp);
        return lp;
    }

    LinearProgramme build(const std::vector<bool>& stands, const Wish& instead) const
    {
        LinearProgramme lp = build(stands);
        addWish(lp, instead);
        return lp;
    }

    WishAnswer read(const LinearAnswer& answer) const
    {
        WishAnswer out;
        for (std::size_t i = 0; i < n_; ++i)
            out.oils.push_back(std::max(0.0, answer.columns[i]));
        out.hydroxideMol = answer.columns[hydroxide()];
        out.water = answer.columns[water()];
        out.acid = std::max(0.0, answer.columns[acid()]);
        out.objective = answer.objective;
        return out;
    }

    double changeCost(std::size_t what) const
    {
        const double fat = fatAtStart();
        if (what < n_) {
            const double gladly = p_.oils[what].moves == Gladly::RatherNot ? ratherNot : 1.0;
            return gladly * 100.0 / total_;
        }
        if (what == n_)
            return p_.superfatWeight * 100.0 / fat;
        if (what == n_ + 1)
            return p_.strengthWeight * 100.0 * p_.strength * p_.strength /
                   (p_.lyeMolarMass * fat * (1.0 - p_.superfat));
        return p_.acidWeight * 100.0 / total_;
    }

private:
    bool hasAcid() const
    {
        return p_.acidShare > 0.0 || std::ranges::any_of(p_.wishes, [](const Wish& w) {
                   return w.kind == WishKind::AcidShare && w.low.value_or(0.0) > 0.0;
               });
    }
    double fatAtStart() const
    {
        double fat = p_.otherFatMol;
        for (const OilInPlay& oil : p_.oils)
            fat += molPerGram(*oil.material) * oil.start * total_ / start_;
        return std::max(1e-9, fat);
    }

    void addColumns(LinearProgramme& lp) const
    {
        lp.columns.resize(n_ + 3 + 2 * moved());
        for (std::size_t i = 0; i < n_; ++i) {
            const OilInPlay& oil = p_.oils[i];
            auto& column = lp.columns[i];
            column.low = oil.least;
            column.high = oil.most;
            if (oil.moves == Gladly::Never) {
                column.low = oil.stays.value_or(oil.start);
                column.high = column.low;
            }
        }
        lp.columns[water()].low = p_.leastWater;
        lp.columns[water()].high = p_.mostWater;
        if (!hasAcid()) // never an acid that nobody put in
            lp.columns[acid()].high = 0.0;
        for (std::size_t what = 0; what < moved(); ++what)
            if (p_.what == WishFor::LeastChange)
                lp.columns[up(what)].cost = lp.columns[down(what)].cost = changeCost(what);
        if (p_.what != WishFor::LeastChange)
            for (std::size_t i = 0; i < n_; ++i)
                lp.columns[i].cost = -1.0;
        if (p_.what == WishFor::MostBatter) {
            lp.columns[hydroxide()].cost = -p_.lyeMolarMass / p_.purity;
            lp.columns[water()].cost = -p_.gramsPerWater;
            lp.columns[acid()].cost = -1.0;
        }
    }

    Terms overOils(auto factor) const
    {
        Terms out;
        for (std::size_t i = 0; i < n_; ++i)
            if (const double f = factor(i); f != 0.0)
                out.emplace_back(i, f);
        return out;
    }
    static Terms with(Terms terms, std::initializer_list<std::pair<std::size_t, double>> more)
    {
        for (const auto& term : more)
            if (term.second != 0.0)
                terms.push_back(term);
        return terms;
    }

    // n - a - (1 - s) F, that is how far the hydroxide lies above a superfat of s; other is its
    // part that does not move.
    Terms aboveSuperfat(double s) const
    {
        return with(
            overOils([&](std::size_t i) { return -(1.0 - s) * molPerGram(*p_.oils[i].material); }),
            {{hydroxide(), 1.0},
             {acid(), -p_.acidPerGram},
             {water(), -p_.acidMolPerWater - (1.0 - s) * p_.fatMolPerWater}});
    }
    double otherAbove(double s) const { return p_.otherAcidMol + (1.0 - s) * p_.otherFatMol; }
    double waterPerMol(double strength) const
    {
        return p_.lyeMolarMass * (1.0 - strength) / strength;
    }

    void addFrame(LinearProgramme& lp) const
    {
        using Row = LinearProgramme::Row;
        for (std::size_t i = 0; i < n_; ++i) {
            const double from = p_.oils[i].start * total_ / start_;
            lp.rows.push_back(Row{{{i, 1.0}, {up(i), -1.0}, {down(i), 1.0}}, from, from});
        }
        const double s = otherAbove(p_.superfat);
        lp.rows.push_back(
            Row{with(aboveSuperfat(p_.superfat), {{up(n_), -1.0}, {down(n_), 1.0}}), s, s});
        lp.rows.push_back(Row{{{water(), 1.0},
                               {hydroxide(), -waterPerMol(p_.strength)},
                               {up(n_ + 1), -1.0},
                               {down(n_ + 1), 1.0}},
                              0.0,
                              0.0});
        lp.rows.push_back(Row{with(overOils([&](std::size_t) { return -p_.acidShare; }),
                                   {{acid(), 1.0}, {up(n_ + 2), -1.0}, {down(n_ + 2), 1.0}}),
                              0.0, 0.0});
        // Some oil: without it nothing at all would meet every share.
        lp.rows.push_back(Row{overOils([](std::size_t) { return 1.0; }), 1.0, std::nullopt});
    }

    // A figure that is a mean over the oils: sum of weight (value - bound) is above or below 0.
    void addMean(LinearProgramme& lp, const Wish& wish, auto weight, auto value) const
    {
        const auto row = [&](double bound) {
            return overOils([&](std::size_t i) { return weight(i) * (value(i) - bound); });
        };
        if (wish.low)
            lp.rows.push_back({row(*wish.low), 0.0, std::nullopt});
        if (wish.high)
            lp.rows.push_back({row(*wish.high), std::nullopt, 0.0});
    }

    void addWish(LinearProgramme& lp, const Wish& wish) const
    {
        const auto one = [](std::size_t) { return 1.0; };
        const auto material = [&](std::size_t i) -> const Material& {
            return *p_.oils[i].material;
        };
        const auto less = [](const std::optional<double>& bound, double by) {
            return bound ? std::optional(*bound - by) : std::nullopt;
        };
        switch (wish.kind) {
        case WishKind::TotalOils: lp.rows.push_back({overOils(one), wish.low, wish.high}); break;
        case WishKind::Batter:
            lp.rows.push_back({with(overOils(one), {{hydroxide(), p_.lyeMolarMass / p_.purity},
                                                    {water(), p_.gramsPerWater},
                                                    {acid(), 1.0}}),
                               less(wish.low, p_.otherGrams), less(wish.high, p_.otherGrams)});
            break;
        case WishKind::Hydroxide:
            lp.rows.push_back({{{hydroxide(), p_.lyeMolarMass / p_.purity}}, wish.low, wish.high});
            break;
        case WishKind::Superfat: // the more superfat, the less hydroxide
            if (wish.low)
                lp.rows.push_back({aboveSuperfat(*wish.low), std::nullopt, otherAbove(*wish.low)});
            if (wish.high)
                lp.rows.push_back(
                    {aboveSuperfat(*wish.high), otherAbove(*wish.high), std::nullopt});
            break;
        case WishKind::Strength:
            if (wish.high)
                lp.rows.push_back(
                    {{{water(), 1.0}, {hydroxide(), -waterPerMol(*wish.high)}}, 0.0, std::nullopt});
            if (wish.low)
                lp.rows.push_back(
                    {{{water(), 1.0}, {hydroxide(), -waterPerMol(*wish.low)}}, std::nullopt, 0.0});
            break;
        case WishKind::FattyAcids:
            addMean(
                lp, wish,
                [&](std::size_t i) { return fattyAcidPerGram(material(i)).value_or(0.0); },
                [&](std::size_t i) { return shareOf(wish.group, material(i)).typical(); });
            break;
        case WishKind::Iodine:
            addMean(
                lp, wish, [&](std::size_t i) { return material(i).iodine ? 1.0 : 0.0; },
                [&](std::size_t i) {
                    return material(i).iodine ? material(i).iodine->range.typical() : 0.0;
                });
            break;
        case WishKind::Sv:
            addMean(lp, wish, one, [&](std::size_t i) {
                return material(i).sv ? material(i).sv->range.typical() : 0.0;
            });
            break;
        case WishKind::OilShare:
            addMean(lp, wish, one, [&](std::size_t i) { return i == wish.oil ? 1.0 : 0.0; });
            break;
        case WishKind::Cost:
            lp.rows.push_back(
                {overOils([&](std::size_t i) { return p_.oils[i].price; }), wish.low, wish.high});
            break;
        case WishKind::AcidShare: addPerOils(lp, wish, acid()); break;
        case WishKind::WaterOfOils: addPerOils(lp, wish, water()); break;
        }
    }

    void addPerOils(LinearProgramme& lp, const Wish& wish, std::size_t column) const
    {
        const auto row = [&](double bound) {
            return with(overOils([&](std::size_t) { return -bound; }), {{column, 1.0}});
        };
        if (wish.low)
            lp.rows.push_back({row(*wish.low), 0.0, std::nullopt});
        if (wish.high)
            lp.rows.push_back({row(*wish.high), std::nullopt, 0.0});
    }

    void addWholes(LinearProgramme& lp) const
    {
        const auto yesOrNo = [&] {
            lp.columns.push_back({0.0, 1.0, 0.0, true});
            return lp.columns.size() - 1;
        };
        if (p_.mostOilsChanged) {
            Terms changed;
            for (std::size_t i = 0; i < n_; ++i) {
                const std::size_t flag = yesOrNo();
                lp.rows.push_back(
                    {{{up(i), 1.0}, {down(i), 1.0}, {flag, -total_}}, std::nullopt, 0.0});
                changed.emplace_back(flag, 1.0);
            }
            lp.rows.push_back({changed, std::nullopt, double(*p_.mostOilsChanged)});
        }
        if (p_.outOrAtLeast) {
            const double least = *p_.outOrAtLeast;
            for (std::size_t i = 0; i < n_; ++i) {
                if (p_.oils[i].moves == Gladly::Never)
                    continue;
                const std::size_t flag = yesOrNo();
                const double most = p_.oils[i].most.value_or(4.0 * total_);
                lp.rows.push_back({{{i, 1.0}, {flag, -std::max(most, 1e-6)}}, std::nullopt, 0.0});
                lp.rows.push_back({{{i, 1.0}, {flag, -least * total_}}, 0.0, std::nullopt});
            }
        }
    }

    const WishProblem& p_;
    std::size_t n_;
    double start_ = 0.0;
    double total_ = 0.0;
};

std::optional<Cannot> faultOf(const WishProblem& p)
{
    if (p.oils.empty())
        return Cannot{CannotCode::NoOils, "oils", {}};
    if (p.oils.size() > mostOilsInPlay)
        return Cannot{CannotCode::TooManyOils, "oils", {double(mostOilsInPlay)}};
    if (p.wishes.size() > mostWishes)
        return Cannot{CannotCode::TooManyWishes, "wishes", {double(mostWishes)}};
    double start = 0.0;
    for (const OilInPlay& oil : p.oils) {
        const bool good = isNotNegative(oil.start) && isNotNegative(oil.least) &&
                          isNotNegative(oil.price) && isNotNegative(oil.most.value_or(0.0)) &&
                          oil.material;
        if (!good)
            return Cannot{CannotCode::BadMass, oil.material ? oil.material->name : "oil", {}};
        start += oil.start;
    }
    if (!(start > 0.0))
        return Cannot{CannotCode::NoTotal, "oils", {}};
    const bool settings = p.superfat > -1.0 && p.superfat < 1.0 && p.strength > 0.0 &&
                          p.strength < 1.0 && p.purity > 0.0 && p.purity <= 1.0 &&
                          isAboveNothing(p.lyeMolarMass) && isNotNegative(p.acidShare) &&
                          isNotNegative(p.acidPerGram) && std::isfinite(p.otherAcidMol) &&
                          std::isfinite(p.otherFatMol) && isAboveNothing(p.gramsPerWater) &&
                          isNotNegative(p.leastWater) && isNotNegative(p.mostWater.value_or(0.0)) &&
                          isNotNegative(p.fatMolPerWater) && isNotNegative(p.acidMolPerWater) &&
                          std::isfinite(p.otherGrams);
    if (!settings)
        return Cannot{CannotCode::OutOfRange, "formula", {}};
    for (std::size_t i = 0; i < p.wishes.size(); ++i) {
        const Wish& w = p.wishes[i];
        const auto good = [](const std::optional<double>& b) {
            return !b || (std::isfinite(*b) && std::abs(*b) < 1e9);
        };
        const bool fraction = w.kind == WishKind::Strength || w.kind == WishKind::Superfat;
        const auto inside = [&](const std::optional<double>& b) {
            return !b ||
                   (w.kind == WishKind::Strength ? *b > 0.0 && *b < 1.0 : *b > -1.0 && *b < 1.0);
        };
        if (!good(w.low) || !good(w.high) || (fraction && (!inside(w.low) || !inside(w.high))) ||
            (w.kind == WishKind::OilShare && w.oil >= p.oils.size()))
            return Cannot{CannotCode::OutOfRange, codeOf(w.kind), {double(i)}};
        if (w.low && w.high && *w.low > *w.high)
            return Cannot{
                CannotCode::WishesContradict, codeOf(w.kind), {double(i), *w.low, *w.high}};
    }
    return std::nullopt;
}

class Fulfiller {
public:
    Fulfiller(const WishProblem& p, const LinearSolver& solver,
              const std::function<bool()>& cancelled)
        : p_(p), solver_(solver), cancelled_(cancelled), builder_(p), all_(p.wishes.size(), true)
    {
    }

    WishResult run()
    {
        const LinearProgramme lp = builder_.build(all_);
        const LinearAnswer answer = solve(lp);
        if (auto cannot = stopped(answer))
            return *cannot;
        if (answer.outcome == LinearAnswer::Outcome::Solved)
            return builder_.read(settleTies(lp, answer));
        return whyNot();
    }

private:
    LinearAnswer solve(const LinearProgramme& lp)
    {
        if (cancelled_ && cancelled_()) {
            LinearAnswer stopped;
            stopped.outcome = LinearAnswer::Outcome::TakenTooLong;
            return stopped;
        }
        return solver_(lp);
    }
    static std::optional<Cannot> stopped(const LinearAnswer& answer)
    {
        if (answer.outcome == LinearAnswer::Outcome::TakenTooLong ||
            answer.outcome == LinearAnswer::Outcome::Failed)
            return Cannot{CannotCode::TakesTooLong, "wishes", {}};
        return std::nullopt;
    }
    bool isPossible(const std::vector<bool>& stands)
    {
        return solve(builder_.build(stands)).outcome == LinearAnswer::Outcome::Solved;
    }

    // Of answers alike the one whose largest change is least, then the one that leaves the earlier
    // lines alone: so that the answer is the same every time.
    LinearAnswer settleTies(const LinearProgramme& first, const LinearAnswer& best)
    {
        if (p_.what != WishFor::LeastChange)
            return best;
        LinearProgramme lp = first;
        hold(lp, best.objective);
        const std::size_t largest = lp.columns.size();
        lp.columns.push_back({0.0, std::nullopt, 1.0, false});
        for (auto& column : lp.columns)
            column.cost = 0.0;
        lp.columns[largest].cost = 1.0;
        for (std::size_t i = 0; i < p_.oils.size(); ++i)
            lp.rows.push_back(
                {{{largest, 1.0}, {builder_.up(i), -1.0}, {builder_.down(i), -1.0}}, 0.0, {}});
        const LinearAnswer evened = solve(lp);
        if (evened.outcome != LinearAnswer::Outcome::Solved)
            return best;
        hold(lp, evened.objective);
        lp.columns[largest].cost = 0.0;
        for (std::size_t i = 0; i < p_.oils.size(); ++i)
            lp.columns[builder_.up(i)].cost = lp.columns[builder_.down(i)].cost =
                double(p_.oils.size() - i);
        LinearAnswer settled = solve(lp);
        if (settled.outcome != LinearAnswer::Outcome::Solved)
            settled = evened;
        settled.objective = best.objective;
        return settled;
    }
    static void hold(LinearProgramme& lp, double objective)
    {
        LinearProgramme::Row row;
        for (std::size_t c = 0; c < lp.columns.size(); ++c)
            if (lp.columns[c].cost != 0.0)
                row.terms.emplace_back(c, lp.columns[c].cost);
        row.high = objective + givesWay * std::max(1.0, std::abs(objective));
        lp.rows.push_back(row);
    }

    // Oldest wish first: one that makes no difference is out for good. What remains cannot stand
    // together; where it can without one of them, that one alone is enough, and else a second
    // conflict stands in the way.
    WishResult whyNot()
    {
        const std::vector<std::size_t> core = smallestSet(all_);
        CannotTogether out;
        out.wishes = core;
        if (!core.empty())
            out.conflicts.push_back(core);
        for (const std::size_t wish : core) {
            std::vector<bool> rest = all_;
            rest[wish] = false;
            if (!isPossible(rest)) {
                const std::vector<std::size_t> second = smallestSet(rest);
                if (!second.empty() &&
                    std::ranges::find(out.conflicts, second) == out.conflicts.end())
                    out.conflicts.push_back(second);
                for (const std::size_t other : second)
                    if (std::ranges::find(out.wishes, other) == out.wishes.end())
                        out.wishes.push_back(other);
                continue;
            }
            out.enough.push_back(wish);
            for (const bool low : {true, false})
                if (low ? p_.wishes[wish].low.has_value() : p_.wishes[wish].high.has_value())
                    if (auto nearest = nearestOf(wish, rest, low))
                        out.nearest.push_back(*nearest);
            if (cancelled_ && cancelled_())
                return Cannot{CannotCode::TakesTooLong, "wishes", {}};
        }
        return out;
    }
    std::vector<std::size_t> smallestSet(std::vector<bool> stands)
    {
        std::vector<std::size_t> out;
        for (std::size_t i = 0; i < stands.size(); ++i) {
            if (!stands[i])
                continue;
            stands[i] = false;
            if (isPossible(stands)) {
                stands[i] = true;
                out.push_back(i);
            }
        }
        return out;
    }

    // The wish put back with a bound that is bisected to the last one the others can live with.
    std::optional<NearestWish> nearestOf(std::size_t which, const std::vector<bool>& rest, bool low)
    {
        const Wish& wish = p_.wishes[which];
        const auto possibleAt = [&](double bound) {
            Wish w = wish;
            w.low = low ? std::optional(bound) : std::nullopt;
            w.high = low ? std::nullopt : std::optional(bound);
            return solve(builder_.build(rest, w)).outcome == LinearAnswer::Outcome::Solved;
        };
        double bad = low ? *wish.low : *wish.high;
        if (possibleAt(bad))
            return std::nullopt; // the other bound is at fault
        const auto [least, most] = boundsOf(wish.kind);
        double good = low ? least : most;
        if (!possibleAt(good))
            return std::nullopt;
        for (int i = 0; i < bisections; ++i) {
            const double middle = (good + bad) / 2.0;
            (possibleAt(middle) ? good : bad) = middle;
        }
        NearestWish out{which, {}, {}};
        (low ? out.low : out.high) = good;
        return out;
    }
    std::pair<double, double> boundsOf(WishKind kind) const
    {
        switch (kind) {
        case WishKind::Superfat: return {-0.99, 0.99};
        case WishKind::Strength: return {1e-3, 0.999};
        case WishKind::FattyAcids:
        case WishKind::OilShare:
        case WishKind::AcidShare: return {0.0, 1.0};
        case WishKind::Iodine:
        case WishKind::Sv: return {0.0, 400.0};
        case WishKind::WaterOfOils: return {0.0, 20.0};
        default: return {0.0, tooMuch};
        }
    }

    const WishProblem& p_;
    const LinearSolver& solver_;
    const std::function<bool()>& cancelled_;
    Builder builder_;
    std::vector<bool> all_;
};

} // namespace

const char* codeOf(WishKind kind)
{
    return wishCodes[static_cast<std::size_t>(kind)];
}

std::optional<WishKind> wishKindFromCode(const std::string& code)
{
    return valueWithCode<WishKind>(wishCodes, code);
}

WishResult fulfil(const WishProblem& problem, const LinearSolver& solver,
                  const std::function<bool()>& cancelled)
{
    if (auto fault = faultOf(problem))
        return *fault;
    return Fulfiller(problem, solver, cancelled).run();
}

double figureOf(const WishProblem& p, const Wish& wish, const WishAnswer& a)
{
    const auto sum = [&](auto of) {
        double out = 0.0;
        for (std::size_t i = 0; i < p.oils.size(); ++i)
            out += a.oils[i] * of(i);
        return out;
    };
    const auto material = [&](std::size_t i) -> const Material& { return *p.oils[i].material; };
    const double oils = std::max(1e-12, sum([](std::size_t) { return 1.0; }));
    const double lye = a.hydroxideMol * p.lyeMolarMass;
    switch (wish.kind) {
    case WishKind::TotalOils: return oils;
    case WishKind::Batter:
        return oils + lye / p.purity + a.water * p.gramsPerWater + a.acid + p.otherGrams;
    case WishKind::Hydroxide: return lye / p.purity;
    case WishKind::Superfat: {
        const double fat = p.otherFatMol + a.water * p.fatMolPerWater +
                           sum([&](std::size_t i) { return molPerGram(material(i)); });
        const double acids = p.otherAcidMol + a.acid * p.acidPerGram + a.water * p.acidMolPerWater;
        return 1.0 - (a.hydroxideMol - acids) / fat;
    }
    case WishKind::Strength: return lye + a.water > 0.0 ? lye / (lye + a.water) : 0.0;
    case WishKind::FattyAcids: {
        const auto held_ = [&](std::size_t i) {
            return fattyAcidPerGram(material(i)).value_or(0.0);
        };
        const double acids = std::max(1e-12, sum(held_));
        return sum([&](std::size_t i) {
                   return held_(i) * shareOf(wish.group, material(i)).typical();
               }) /
               acids;
    }
    case WishKind::Iodine: {
        const double known = sum([&](std::size_t i) { return material(i).iodine ? 1.0 : 0.0; });
        return sum([&](std::size_t i) {
                   return material(i).iodine ? material(i).iodine->range.typical() : 0.0;
               }) /
               std::max(1e-12, known);
    }
    case WishKind::Sv:
        return sum([&](std::size_t i) {
                   return material(i).sv ? material(i).sv->range.typical() : 0.0;
               }) /
               oils;
    case WishKind::OilShare: return a.oils[wish.oil] / oils;
    case WishKind::Cost: return sum([&](std::size_t i) { return p.oils[i].price; });
    case WishKind::AcidShare: return a.acid / oils;
    case WishKind::WaterOfOils: return a.water / oils;
    }
    return 0.0;
}

double missOf(const WishProblem& problem, const Wish& wish, const WishAnswer& answer)
{
    const double figure = figureOf(problem, wish, answer);
    if (wish.low && figure < *wish.low)
        return *wish.low - figure;
    return wish.high && figure > *wish.high ? figure - *wish.high : 0.0;
}

} // namespace rhexion
