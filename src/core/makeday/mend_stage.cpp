#include "core/makeday/mend_stage.h"

#include "core/units/enum_count.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace rhexion {

namespace {

using A = MendAdvice;
using K = DayMendKind;

constexpr std::size_t stages = 5;
constexpr std::array<const char*, stages> stageCodes{"apart", "emulsion", "trace", "cooked",
                                                     "poured"};

struct Row {
    K kind;
    std::array<A, stages> at; // in the order of BatterStage
};
constexpr std::array rows{
    Row{K::TakeOut, {A::Good, A::TooLate, A::TooLate, A::TooLate, A::TooLate}},
    Row{K::AddMore, {A::Good, A::Good, A::Good, A::Good, A::TooLate}},
    Row{K::AddOil, {A::Good, A::Good, A::Good, A::Good, A::TooLate}},
    Row{K::AddHydroxide, {A::Good, A::Good, A::NotSafe, A::NotSafe, A::TooLate}},
    Row{K::AddWater, {A::Good, A::Good, A::NotWorthIt, A::Good, A::TooLate}},
    Row{K::WeighLess, {A::Good, A::Good, A::Good, A::Good, A::TooLate}},
};

bool addsHydroxide(const DayMend& mend)
{
    using W = WeighTarget::What;
    const W what = mend.target.what;
    return mend.kind == K::AddHydroxide ||
           (mend.kind == K::AddMore && (what == W::Sodium || what == W::Potassium ||
                                        what == W::SodiumSecond || what == W::PotassiumSecond));
}

// Where the batter is once such a step is done.
BatterStage stageAfter(DayStepKind kind)
{
    using S = DayStepKind;
    switch (kind) {
    case S::Combine: return BatterStage::Emulsion;
    case S::Trace:
    case S::Divide:
    case S::PortionBack: return BatterStage::Trace;
    case S::Cook:
    case S::TestCook:
    case S::AfterCook: return BatterStage::Cooked;
    case S::Pour:
    case S::PourPortion:
    case S::ScentByHand:
    case S::LayerWait:
    case S::Top:
    case S::CoverUp: return BatterStage::Poured;
    default: return BatterStage::Apart;
    }
}

} // namespace

const char* codeOf(BatterStage stage)
{
    return stageCodes[static_cast<std::size_t>(stage)];
}

BatterStage stageOf(const DayPlan& plan, const std::vector<bool>& done)
{
    auto out = BatterStage::Apart;
    for (std::size_t i = 0; i < std::min(done.size(), plan.steps.size()); ++i)
        if (done[i])
            out = std::max(out, stageAfter(plan.steps[i].kind));
    return out;
}

MendAdvice adviceFor(const DayMend& mend, BatterStage stage, std::optional<double> superfat)
{
    // While the lye is in its jug, hydroxide is simply weighed on, to the gram.
    const bool late = stage != BatterStage::Apart && addsHydroxide(mend);
    const auto* row = std::ranges::find(rows, late ? K::AddHydroxide : mend.kind, &Row::kind);
    const A advice = row->at[static_cast<std::size_t>(stage)];
    if (advice == A::Good && late && superfat && *superfat <= mildSuperfat)
        return A::NotWorthIt;
    return advice;
}

void fitToStage(AsWeighed& bowl, BatterStage stage)
{
    bowl.stage = stage;
    const std::optional<double> superfat = bowl.reckoning.superfatTrue;
    std::erase_if(bowl.mends,
                  [&](const DayMend& mend) { return adviceFor(mend, stage, superfat) != A::Good; });
    if (!bowl.superfatPlanned)
        return;
    const double off = superfat.value_or(-1.0) - *bowl.superfatPlanned;
    const bool heavy = bowl.reckoning.lyeHeavy();
    const auto mends = [&](std::initializer_list<K> kinds) {
        return std::ranges::any_of(bowl.mends, [&](const DayMend& mend) {
            return std::ranges::find(kinds, mend.kind) != kinds.end();
        });
    };
    if (std::abs(off) > superfatTolerance &&
        !mends({K::TakeOut, K::AddMore, K::AddOil, K::AddHydroxide}))
        bowl.outlooks.push_back(heavy                       ? DayOutlook::LyeHeavy
                                : *superfat < sharpSuperfat ? DayOutlook::Sharp
                                : off < 0.0                 ? DayOutlook::Leaner
                                : *superfat <= mildSuperfat ? DayOutlook::Mild
                                                            : DayOutlook::Greasy);
    const double strength = bowl.reckoning.pure.strength - bowl.strengthPlanned;
    if (std::abs(strength) > strengthTolerance && stage >= BatterStage::Trace &&
        !mends({K::AddWater, K::WeighLess}))
        bowl.outlooks.push_back(strength > 0.0 ? DayOutlook::Drier : DayOutlook::Wetter);
}

} // namespace rhexion
