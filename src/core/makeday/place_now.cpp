#include "core/makeday/place_now.h"

#include "core/materials/demand.h"

#include "core/units/enum_count.h"

#include <algorithm>
#include <array>

namespace rhexion {

namespace {

using What = WeighTarget::What;
using Kind = DayStepKind;

constexpr std::array<const char*, countOf<Place>()> placeCodes{"lye-jug", "second-jug", "oil-pot",
                                                               "batter",  "bowl",       "mould"};

bool isHydroxide(What what)
{
    return what == What::Sodium || what == What::Potassium || what == What::SodiumSecond ||
           what == What::PotassiumSecond;
}

class Day {
public:
    Day(const Formula& f, const DayPlan& plan, std::size_t step, const std::vector<bool>& done,
        std::span<const Weighed> weighed)
        : f_(f), steps_(plan.steps), done_(done), now_(std::min(step, plan.steps.size())),
          weighed_(weighed)
    {
    }

    PlaceNow at(std::span<const TopUp> topUps) const
    {
        PlaceNow out;
        out.place = place();
        if (out.place == Place::Bowl)
            out.portion = steps_[now_].portion;
        for (std::size_t i = 0; i < steps_.size(); ++i)
            if (const auto grams = gramsAt(i))
                put(out, i, *grams);
        for (const TopUp& topUp : topUps)
            if (belongs(out, Vessel(topUp.vessel), 0)) {
                const double share = shareOf(out, 0);
                out.in.push_back({{}, topUp.material, topUp.grams * share});
            }
        for (const Lying& lying : out.in)
            add(out.contents, lying);
        return out;
    }

private:
    // Whether the plan has such a step and it is done; any portion where none is named.
    bool done(Kind kind, std::optional<Vessel> vessel = {}, PortionId portion = 0) const
    {
        return any(kind, vessel, portion, true);
    }
    // Whether no such step stands open: an older plan has not all kinds.
    bool past(Kind kind, std::optional<Vessel> vessel = {}, PortionId portion = 0) const
    {
        return !any(kind, vessel, portion, false);
    }
    bool any(Kind kind, std::optional<Vessel> vessel, PortionId portion, bool isDone) const
    {
        for (std::size_t i = 0; i < steps_.size(); ++i)
            if (done_[i] == isDone && steps_[i].kind == kind &&
                (!vessel || steps_[i].vessel == *vessel) &&
                (portion == 0 || steps_[i].portion == portion))
                return true;
        return false;
    }

    Place place() const
    {
        if (done(Kind::Pour))
            return Place::Mould;
        if (now_ < steps_.size() && steps_[now_].portion != 0 && done(Kind::Divide))
            return Place::Bowl;
        if (done(Kind::Combine))
            return Place::Batter;
        const Vessel vessel = now_ < steps_.size() ? steps_[now_].vessel : Vessel::OilPot;
        return vessel == Vessel::LyeJug      ? Place::LyeJug
               : vessel == Vessel::SecondJug ? Place::SecondJug
                                             : Place::OilPot;
    }

    std::optional<double> gramsAt(std::size_t i) const
    {
        const WeighTarget& target = steps_[i].target;
        if (target.what == What::None)
            return std::nullopt;
        const auto found = std::find_if(weighed_.rbegin(), weighed_.rend(),
                                        [&](const Weighed& w) { return w.target == target; });
        if (found == weighed_.rend() || !(found->grams > 0.0))
            return std::nullopt;
        return found->grams;
    }

    MaterialPtr materialOf(const WeighTarget& target) const
    {
        return target.what == What::JugWater ? plainWater() : rhexion::materialOf(target, f_);
    }

    // Whether what is weighed for a vessel, by a portion or by all, has to do with this place.
    static bool belongs(const PlaceNow& at, Vessel vessel, PortionId portion)
    {
        switch (at.place) {
        case Place::LyeJug: return vessel == Vessel::LyeJug;
        case Place::SecondJug: return vessel == Vessel::SecondJug;
        case Place::OilPot: return vessel == Vessel::OilPot;
        case Place::Bowl: return portion == 0 || portion == at.portion;
        case Place::Batter:
        case Place::Mould: return true;
        }
        return false;
    }

    // How much of it is here: all of a portion's own, its share of what is everybody's.
    double shareOf(const PlaceNow& at, PortionId portion) const
    {
        if (at.place != Place::Bowl || portion != 0)
            return 1.0;
        double parts = 0.0;
        for (const Portion& p : f_.portions)
            parts += p.parts;
        const Portion* own = f_.portion(at.portion);
        return own && parts > 0.0 ? own->parts / parts : 1.0;
    }

    // Whether what was weighed at the step has gone to where it belongs, or waits in its cup.
    bool isIn(const DayStep& step) const
    {
        const What what = step.target.what;
        if (what == What::Potassium || what == What::PotassiumSecond)
            if (done(Kind::PotassiumIntoLiquid, step.vessel))
                return true;
        if (isHydroxide(what))
            return done(Kind::LyeIntoLiquid, step.vessel);
        if (step.portion != 0)
            return step.kind != Kind::SetOilAside
                       ? done(Kind::PortionBack, Vessel::Trace, step.portion)
                       : false;
        switch (step.vessel) {
        case Vessel::LyeJug:
        case Vessel::SecondJug: return inJug(step);
        case Vessel::OilPot: return inPot(step);
        case Vessel::Emulsion: return byHand(step).value_or(done(Kind::Emulsion));
        case Vessel::Trace: return byHand(step).value_or(done(Kind::Trace));
        case Vessel::AfterCook: return done(Kind::AfterCook);
        case Vessel::Top: return done(Kind::Top);
        }
        return true;
    }
    bool inJug(const DayStep& step) const
    {
        const MaterialPtr m = materialOf(step.target);
        return !(step.target.what == What::Line && m && goesIntoCooledLye(*m)) ||
               past(Kind::IntoCooledLye, step.vessel);
    }
    bool inPot(const DayStep& step) const
    {
        const MaterialPtr m = materialOf(step.target);
        return (m && m->isOil()) || past(Kind::IntoOils);
    }
    // Nothing where it does not go in by hand.
    std::optional<bool> byHand(const DayStep& step) const
    {
        for (std::size_t i = 0; i < steps_.size(); ++i)
            if (steps_[i].kind == Kind::ScentByHand && step.target.what == What::Line &&
                steps_[i].target.line == step.target.line)
                return done_[i];
        return std::nullopt;
    }

    void put(PlaceNow& out, std::size_t i, double grams) const
    {
        const DayStep& step = steps_[i];
        if (!belongs(out, step.vessel, step.portion))
            return;
        const Lying lying{step.target, materialOf(step.target), grams * shareOf(out, step.portion)};
        if (step.kind == Kind::SetOilAside) {
            const bool back = done(Kind::PortionBack, Vessel::Trace, step.portion);
            if (!back) {
                takeOut(out, lying);
                out.waiting.push_back(lying);
            }
            return;
        }
        (isIn(step) ? out.in : out.waiting).push_back(lying);
    }

    // Oil set aside leaves the pot; out of all the oils it takes of each by its share.
    static void takeOut(PlaceNow& out, const Lying& held)
    {
        double all = 0.0;
        const auto from = [&](const Lying& l) {
            return l.target.what == What::Line && l.material && l.material->isOil() &&
                   (!held.material || l.material == held.material);
        };
        for (const Lying& l : out.in)
            if (from(l))
                all += l.grams;
        if (!(all > 0.0))
            return;
        const double left = std::max(0.0, 1.0 - held.grams / all);
        for (Lying& l : out.in)
            if (from(l))
                l.grams *= left;
    }

    static void add(Contents& to, const Lying& lying)
    {
        if (!lying.material)
            return;
        Contents one = contentsPerGram(*lying.material);
        if (isHydroxide(lying.target.what)) {
            // A hydroxide given by its purity alone: the rest of it is moisture.
            const double moisture = moistureOf(*lying.material);
            one.otherSolids = std::max(0.0, one.otherSolids - (moisture - one.water));
            one.water = moisture;
        }
        to.add(one, lying.grams);
    }

    const Formula& f_;
    const std::vector<DayStep>& steps_;
    const std::vector<bool>& done_;
    std::size_t now_;
    std::span<const Weighed> weighed_;
};

} // namespace

const char* codeOf(Place place)
{
    return placeCodes[static_cast<std::size_t>(place)];
}

std::optional<Place> placeFromCode(const std::string& code)
{
    return valueWithCode<Place>(placeCodes, code);
}

PlaceNow placeNow(const Formula& formula, const DayPlan& plan, std::size_t step,
                  const std::vector<bool>& done, std::span<const Weighed> weighed,
                  std::span<const TopUp> topUps)
{
    return Day(formula, plan, step, done, weighed).at(topUps);
}

} // namespace rhexion
