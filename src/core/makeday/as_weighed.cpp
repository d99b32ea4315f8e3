#include "core/makeday/as_weighed.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {

using What = WeighTarget::What;

double gramsFor(const WeighTarget& target, double plannedGrams, const std::vector<Weighed>& weighed)
{
    // The last word counts: a second weighing of the same thing replaces the first.
    const auto found = std::find_if(weighed.rbegin(), weighed.rend(),
                                    [&](const Weighed& w) { return w.target == target; });
    return found == weighed.rend() ? plannedGrams : found->grams;
}

Formula bowlOf(const Formula& plan, const Reckoning& planned, const std::vector<Weighed>& weighed,
               const std::vector<TopUp>& topUps)
{
    const auto now = [&](WeighTarget target) {
        return gramsFor(target, plannedGrams(target, plan, planned), weighed);
    };
    Formula bowl = plan;
    const std::size_t count = bowl.lines.size();
    const Line* makeUp = plan.makeUp();
    for (std::size_t i = 0; i < count; ++i) {
        const Line line = bowl.lines[i];
        const double grams = now({What::Line, line.id});
        // Liquid set aside is a line of its own where it was used.
        if (planned.lines[i].solventGrams > 0.0 && solventApart(plan, line))
            bowl.lines.push_back({bowl.newId(),
                                  makeUp->material,
                                  line.vessel,
                                  {now({What::Solvent, line.id}), AmountUnit::Gram},
                                  false,
                                  makeUp->allWater,
                                  false,
                                  line.portion});
        bowl.lines[i].solvent = 0.0;
        bowl.lines[i].amount = {grams, AmountUnit::Gram};
    }
    if (planned.hasJugWater) {
        bowl.lines.push_back({bowl.newId(),
                              plainWater(),
                              Vessel::LyeJug,
                              {now({What::JugWater, 0}), AmountUnit::Gram}});
        bowl.liquid.jugRatio.reset();
    }
    for (const TopUp& topUp : topUps)
        bowl.lines.push_back(
            {bowl.newId(), topUp.material, topUp.vessel, {topUp.grams, AmountUnit::Gram}});
    for (Portion& portion : bowl.portions)
        if (portion.held)
            portion.held->amount = {now({What::HeldOil, portion.id}), AmountUnit::Gram};
    const double sodium[] = {now({What::Sodium, 0}), now({What::SodiumSecond, 0})};
    const double potassium[] = {now({What::Potassium, 0}), now({What::PotassiumSecond, 0})};
    const auto second = [](const double(&grams)[2]) {
        const double all = grams[0] + grams[1];
        return all > 0.0 ? grams[1] / all : 0.0;
    };
    if (bowl.lye.secondJug)
        bowl.lye.secondJug = SecondJug{second(sodium), second(potassium)};
    bowl.lye.fixed = FixedHydroxide{Mass::grams(sodium[0] + sodium[1]),
                                    Mass::grams(potassium[0] + potassium[1])};
    return bowl;
}

// The oil there is most of that is an ordinary fat: what a kitchen has more of.
const Line* largestOil(const Formula& bowl)
{
    const Line* most = nullptr;
    for (const Line& line : bowl.lines)
        if (line.material->kind == MaterialKind::Fat &&
            (!most || line.amount.value > most->amount.value))
            most = &line;
    return most;
}

void addMends(AsWeighed& out, const Formula& plan, const Reckoning& planned,
              const std::vector<Weighed>& weighed, WeighTarget latest)
{
    const Reckoning& now = out.reckoning;
    const double superfatOff = now.superfatTrue - out.superfatPlanned;
    const double strengthOff = now.pure.strength - out.strengthPlanned;
    const bool superfatWrong = std::abs(superfatOff) > superfatTolerance;
    const bool strengthWrong = std::abs(strengthOff) > strengthTolerance;
    if (!superfatWrong && !strengthWrong)
        return;

    const double meant = plannedGrams(latest, plan, planned);
    const double surplus = gramsFor(latest, meant, weighed) - meant;
    // Setting more or less oil or liquid aside changes where it is, not what there is.
    const bool counts = latest.what != What::None && latest.what != What::HeldOil;
    if (counts && surplus > 0.0)
        out.mends.push_back({DayMendKind::TakeOut, latest, surplus, 0.0});
    else if (counts && surplus < 0.0)
        out.mends.push_back({DayMendKind::AddMore, latest, -surplus, 0.0});

    const double fat = now.oilsMol + now.hiddenMolTypical;
    const double onFat = now.hydroxideMol - now.acidMol;
    const double kept = 1.0 - out.superfatPlanned;
    const Line* oil = largestOil(out.formula);
    const bool addMore = !out.mends.empty() && out.mends.front().kind == DayMendKind::AddMore;
    if (superfatOff < -superfatTolerance && oil && kept > 0.0 &&
        !(addMore && latest == WeighTarget{What::Line, oil->id})) {
        const double missing = onFat / kept - fat;
        const double sv = oil->material->sv ? oil->material->sv->range.typical()
                                            : oil->material->acidValue->range.typical();
        const double share = oil->material->part(Part::Fat).range.typical();
        out.mends.push_back({DayMendKind::AddOil,
                             {What::Line, oil->id},
                             missing * 1000.0 * mgPotassiumHydroxidePerMillimole / (sv * share),
                             0.0});
    } else if (superfatOff > superfatTolerance) {
        const double more = kept * fat - onFat;
        // All of the mend is made with the hydroxide there is most of, so only one is weighed.
        const bool sodium = now.sodium.amount >= now.potassium.amount;
        const HydroxideReckoned& h = sodium ? now.sodium : now.potassium;
        const WeighTarget target{sodium ? What::Sodium : What::Potassium, 0};
        if (h.amount.inMoles() > 0.0 && more > 0.0 && !(addMore && latest == target)) {
            const double pure = more * h.pureGrams / h.amount.inMoles();
            out.mends.push_back({DayMendKind::AddHydroxide, target,
                                 more * h.weighedGrams / h.amount.inMoles(),
                                 pure * std::max(1.5, now.pure.ratio)});
        }
    }
    if (strengthOff > strengthTolerance) {
        const double pure = now.sodium.pureGrams + now.potassium.pureGrams;
        const double wanted = pure * planned.pure.ratio - now.waterPresent;
        if (wanted > 0.0)
            out.mends.push_back({DayMendKind::AddWater, {}, wanted, 0.0});
    }
}

} // namespace

std::variant<AsWeighed, Refusal> reckonAsWeighed(const Formula& plan, const Reckoning& planned,
                                                 const std::vector<Weighed>& weighed,
                                                 WeighTarget latest,
                                                 const std::vector<TopUp>& topUps)
{
    Formula bowl = bowlOf(plan, planned, weighed, topUps);
    ReckonResult result = reckon(bowl);
    if (auto* refusal = std::get_if<Refusal>(&result))
        return std::move(*refusal);
    AsWeighed out{std::move(bowl),
                  std::get<Reckoning>(std::move(result)),
                  planned.superfatTrue,
                  planned.pure.strength,
                  {}};
    addMends(out, plan, planned, weighed, latest);
    return out;
}

} // namespace rhexion
