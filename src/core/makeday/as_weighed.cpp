#include "core/makeday/as_weighed.h"

#include "core/makeday/mend_stage.h"

#include "core/units/enum_count.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace rhexion {

namespace {

using What = WeighTarget::What;

constexpr std::array<const char*, countOf<WeighOrigin>()> originCodes{"typed", "as-planned",
                                                                      "scale"};

double gramsFor(const WeighTarget& target, double plannedGrams, const std::vector<Weighed>& weighed)
{
    // The last word counts: a second weighing of the same thing replaces the first.
    const auto found = std::find_if(weighed.rbegin(), weighed.rend(),
                                    [&](const Weighed& w) { return w.target == target; });
    return found == weighed.rend() ? plannedGrams : found->grams;
}

bool isWeighed(const WeighTarget& target, const std::vector<Weighed>& weighed)
{
    return std::ranges::find(weighed, target, &Weighed::target) != weighed.end();
}

} // namespace

Bowl bowlOf(const Formula& plan, const Reckoning& planned, const DayFacts& facts)
{
    Bowl out;
    const auto now = [&](WeighTarget target) {
        return gramsFor(target, plannedGrams(target, plan, planned), facts.weighed);
    };
    Formula& bowl = out.formula = withSubstitutes(plan, facts.substitutes);
    Amounts& amounts = out.amounts = planned.amounts;
    double aside = 0.0; // liquid for lines, weighed apart from the rest of it
    for (std::size_t i = 0; i < plan.lines.size(); ++i) {
        const Line& line = plan.lines[i];
        if (planned.lines[i].solventGrams > 0.0 && solventApart(plan, line)) {
            amounts.solvent[i] = now({What::Solvent, line.id});
            aside += amounts.solvent[i];
        }
        amounts.lines[i] = now({What::Line, line.id});
    }
    for (std::size_t i = 0; i < plan.lines.size(); ++i) {
        if (planned.lines[i].isMakeUp)
            amounts.lines[i] += aside;
        else
            bowl.lines[i].amount = {amounts.lines[i], AmountUnit::Gram};
    }
    for (const TopUp& topUp : facts.topUps) {
        bowl.lines.push_back(
            {bowl.newId(), topUp.material, topUp.vessel, {topUp.grams, AmountUnit::Gram}});
        amounts.lines.push_back(topUp.grams);
        amounts.solvent.push_back(0.0);
    }
    amounts.jugWater = now({What::JugWater, 0});
    amounts.sodium = {now({What::Sodium, 0}), now({What::SodiumSecond, 0})};
    amounts.potassium = {now({What::Potassium, 0}), now({What::PotassiumSecond, 0})};
    bowl.lye.fixed =
        FixedHydroxide{Mass::grams(amounts.allSodium()), Mass::grams(amounts.allPotassium())};
    for (std::size_t p = 0; p < bowl.portions.size(); ++p) {
        if (!bowl.portions[p].held)
            continue;
        amounts.held[p] = now({What::HeldOil, bowl.portions[p].id});
        bowl.portions[p].held->amount = {amounts.held[p], AmountUnit::Gram};
    }
    return out;
}

namespace {

// Liquid that is too much can be left out of what is still to be poured.
void addLessWater(AsWeighed& out, const Formula& plan, const Reckoning& planned,
                  const std::vector<Weighed>& weighed)
{
    const double pure = out.reckoning.sodium.pureGrams + out.reckoning.potassium.pureGrams;
    const double tooMuch = out.reckoning.waterPresent - pure * *planned.pure.ratio;
    std::vector<WeighTarget> open{{What::JugWater, 0}};
    if (const Line* makeUp = plan.makeUp())
        open.push_back({What::Line, makeUp->id});
    for (const WeighTarget& target : open) {
        const double left = plannedGrams(target, plan, planned);
        if (tooMuch <= 0.0 || left <= 0.0 || isWeighed(target, weighed))
            continue;
        const Line* line = plan.find(target.line);
        const double share =
            line ? line->material->part(Part::Water).range.typical() : 1.0; // of water in it
        if (share > 0.0)
            out.mends.push_back(
                {DayMendKind::WeighLess, target, std::min(left, tooMuch / share), 0.0});
        return;
    }
}

void addMends(AsWeighed& out, const Formula& plan, const Reckoning& planned,
              const std::vector<Weighed>& weighed, WeighTarget latest)
{
    const Reckoning& now = out.reckoning;
    if (!out.superfatPlanned)
        return;
    // Lye without any fat is as far below the plan as can be; nothing at all is not.
    const double superfat = now.superfatTrue.value_or(now.lyeOnFatMol() > 0.0 ? -1.0 : 1.0);
    const double superfatOff = superfat - *out.superfatPlanned;
    const double strengthOff = now.pure.strength - out.strengthPlanned;
    const bool superfatWrong = std::abs(superfatOff) > superfatTolerance;
    const bool strengthWrong = std::abs(strengthOff) > strengthTolerance;
    if (!superfatWrong && !strengthWrong)
        return;

    // The slip itself first: taking the surplus out again, or adding what is short, brings back the
    // plan with no other figure moved.
    const double meant = plannedGrams(latest, plan, planned);
    const double surplus = gramsFor(latest, meant, weighed) - meant;
    // Setting more or less oil or liquid aside changes where it is, not what there is.
    const bool counts = latest.what != What::None && latest.what != What::HeldOil;
    if (counts && surplus > 0.0)
        out.mends.push_back({DayMendKind::TakeOut, latest, surplus, 0.0});
    else if (counts && surplus < 0.0)
        out.mends.push_back({DayMendKind::AddMore, latest, -surplus, 0.0});

    const double fat = now.fatMolTypical();
    const double onFat = now.lyeOnFatMol();
    const double kept = 1.0 - *out.superfatPlanned;
    const auto place = mainOil(plan, planned);
    const LineReckoned* oil = place ? &planned.lines[*place] : nullptr;
    const bool addMore = !out.mends.empty() && out.mends.front().kind == DayMendKind::AddMore;
    // Otherwise lye is never taken out of a batter, only fat added to it, and the other way round.
    if (superfatOff < -superfatTolerance && oil && kept > 0.0 &&
        !(addMore && latest == WeighTarget{What::Line, oil->id})) {
        const double missing = onFat / kept - fat;
        const double perGram = oil->fatMolTypical / oil->grams;
        if (perGram > 0.0)
            out.mends.push_back(
                {DayMendKind::AddOil, {What::Line, oil->id}, missing / perGram, 0.0});
    } else if (superfatOff > superfatTolerance) {
        const double more = kept * fat - onFat;
        // All of the mend is made with the hydroxide there is most of, so only one is weighed.
        const bool sodium = planned.sodium.mol >= planned.potassium.mol;
        const HydroxideReckoned& h = sodium ? planned.sodium : planned.potassium;
        const WeighTarget target{sodium ? What::Sodium : What::Potassium, 0};
        if (h.mol > 0.0 && more > 0.0 && !(addMore && latest == target)) {
            const double pure = more * h.pureGrams / h.mol;
            // Dissolved before it goes in, in no less water than takes it up while it is warm.
            out.mends.push_back({DayMendKind::AddHydroxide, target, more * h.weighedGrams / h.mol,
                                 pure * std::max(1.5, now.pure.ratio.value_or(0.0))});
        }
    }
    if (strengthOff < -strengthTolerance && planned.pure.ratio)
        addLessWater(out, plan, planned, weighed);
    if (strengthOff > strengthTolerance && planned.pure.ratio) {
        const double pure = now.sodium.pureGrams + now.potassium.pureGrams;
        // Water is only ever added; too much of it dries out.
        const double wanted = pure * *planned.pure.ratio - now.waterPresent;
        if (wanted > 0.0)
            out.mends.push_back({DayMendKind::AddWater, {}, wanted, 0.0});
    }
}

} // namespace

Formula withSubstitutes(Formula formula, const std::vector<Substitute>& substitutes)
{
    for (const Substitute& other : substitutes)
        if (Line* line = formula.find(other.line))
            line->material = other.material;
    return formula;
}

AsWeighed reckonAsWeighed(const Formula& plan, const Reckoning& planned, const DayFacts& facts,
                          WeighTarget latest, BatterStage stage)
{
    AsWeighed out;
    Bowl bowl = bowlOf(plan, planned, facts);
    out.formula = std::move(bowl.formula);
    out.amounts = std::move(bowl.amounts);
    out.reckoning = reckonGiven(out.formula, out.amounts);
    out.superfatPlanned = planned.superfatTrue;
    out.strengthPlanned = planned.pure.strength;
    addMends(out, plan, planned, facts.weighed, latest);
    fitToStage(out, stage);
    return out;
}

DayFacts after(const DayMend& mend, const Formula& plan, const Reckoning& planned, DayFacts facts)
{
    const auto moveBy = [&](double grams) {
        const double now =
            gramsFor(mend.target, plannedGrams(mend.target, plan, planned), facts.weighed);
        facts.weighed.push_back({mend.target, std::max(0.0, now + grams), WeighOrigin::Typed});
    };
    const auto pour = [&](double grams) {
        facts.topUps.push_back({plainWater(), Vessel::Trace, grams});
    };
    switch (mend.kind) {
    case DayMendKind::TakeOut:
    case DayMendKind::WeighLess: moveBy(-mend.grams); break;
    case DayMendKind::AddMore:
    case DayMendKind::AddOil: moveBy(mend.grams); break;
    case DayMendKind::AddHydroxide:
        moveBy(mend.grams);
        pour(mend.withWaterGrams);
        break;
    case DayMendKind::AddWater: pour(mend.grams); break;
    }
    return facts;
}

const char* codeOf(WeighOrigin origin)
{
    return originCodes[static_cast<std::size_t>(origin)];
}

std::optional<WeighOrigin> weighOriginFromCode(const std::string& code)
{
    return valueWithCode<WeighOrigin>(originCodes, code);
}

} // namespace rhexion
