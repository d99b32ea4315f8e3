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

double plannedFor(const WeighTarget& target, const Reckoning& planned)
{
    switch (target.what) {
    case What::Line: {
        const LineReckoned* line = planned.find(target.line);
        return line ? line->grams : 0.0;
    }
    case What::JugWater: return planned.jugWaterGrams;
    case What::Sodium: return planned.sodium.weighedGrams;
    case What::Potassium: return planned.potassium.weighedGrams;
    case What::None: break;
    }
    return 0.0;
}

Formula bowlOf(const Formula& plan, const Reckoning& planned, const std::vector<Weighed>& weighed)
{
    Formula bowl = plan;
    for (std::size_t i = 0; i < bowl.lines.size(); ++i) {
        const WeighTarget target{What::Line, bowl.lines[i].id};
        bowl.lines[i].amount = {gramsFor(target, planned.lines[i].grams, weighed),
                                AmountUnit::Gram};
    }
    if (planned.hasJugWater) {
        const double water = gramsFor({What::JugWater, 0}, planned.jugWaterGrams, weighed);
        bowl.lines.push_back(
            {bowl.newId(), plainWater(), Vessel::LyeJug, {water, AmountUnit::Gram}});
        bowl.liquid.jugRatio.reset();
    }
    bowl.lye.fixed = FixedHydroxide{
        Mass::grams(gramsFor({What::Sodium, 0}, planned.sodium.weighedGrams, weighed)),
        Mass::grams(gramsFor({What::Potassium, 0}, planned.potassium.weighedGrams, weighed))};
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

void addMends(AsWeighed& out, const Reckoning& planned, const std::vector<Weighed>& weighed,
              WeighTarget latest)
{
    const Reckoning& now = out.reckoning;
    const double superfatOff = now.superfatTrue - out.superfatPlanned;
    const double strengthOff = now.pure.strength - out.strengthPlanned;
    const bool superfatWrong = std::abs(superfatOff) > superfatTolerance;
    const bool strengthWrong = std::abs(strengthOff) > strengthTolerance;
    if (!superfatWrong && !strengthWrong)
        return;

    const double meant = plannedFor(latest, planned);
    const double surplus = gramsFor(latest, meant, weighed) - meant;
    if (latest.what != What::None && surplus > 0.0)
        out.mends.push_back({DayMendKind::TakeOut, latest, surplus, 0.0});
    else if (latest.what != What::None && surplus < 0.0)
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
                                                 WeighTarget latest)
{
    Formula bowl = bowlOf(plan, planned, weighed);
    ReckonResult result = reckon(bowl);
    if (auto* refusal = std::get_if<Refusal>(&result))
        return std::move(*refusal);
    AsWeighed out{std::move(bowl),
                  std::get<Reckoning>(std::move(result)),
                  planned.superfatTrue,
                  planned.pure.strength,
                  {}};
    addMends(out, planned, weighed, latest);
    return out;
}

} // namespace rhexion
