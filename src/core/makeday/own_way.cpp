#include "core/makeday/own_way.h"

#include <algorithm>

namespace rhexion {

namespace {

bool waitsFor(const DayStep& step, std::size_t what)
{
    return std::ranges::find(step.after, what) != step.after.end();
}

// The steps in a new order; order[i] is the old place of what comes i-th.
DayPlan inOrder(const DayPlan& plan, const std::vector<std::size_t>& order)
{
    std::vector<std::size_t> placeNow(plan.steps.size());
    for (std::size_t i = 0; i < order.size(); ++i)
        placeNow[order[i]] = i;
    DayPlan out;
    for (const std::size_t old : order) {
        out.steps.push_back(plan.steps[old]);
        for (std::size_t& after : out.steps.back().after)
            after = placeNow[after];
    }
    return out;
}

std::vector<std::size_t> asListed(const DayPlan& plan)
{
    std::vector<std::size_t> order(plan.steps.size());
    for (std::size_t i = 0; i < order.size(); ++i)
        order[i] = i;
    return order;
}

std::optional<std::size_t> placeBefore(const DayPlan& plan, const std::optional<StepKey>& before)
{
    const std::size_t at = before ? placeOf(plan, *before) : plan.steps.size();
    return before && at == plan.steps.size() ? std::nullopt : std::optional(at);
}

} // namespace

StepKey keyOf(const DayStep& step)
{
    return {step.kind, step.target, step.vessel, step.portion};
}

std::size_t placeOf(const DayPlan& plan, const StepKey& key)
{
    const auto found =
        std::ranges::find_if(plan.steps, [&](const DayStep& s) { return keyOf(s) == key; });
    return static_cast<std::size_t>(found - plan.steps.begin());
}

std::variant<DayPlan, WayRefused> moved(const DayPlan& plan, std::size_t step, std::size_t before)
{
    std::vector<std::size_t> order = asListed(plan);
    if (before > step) {
        for (std::size_t i = step + 1; i < before; ++i)
            if (waitsFor(plan.steps[i], step))
                return WayRefused{step, i};
        std::rotate(order.begin() + std::ptrdiff_t(step), order.begin() + std::ptrdiff_t(step) + 1,
                    order.begin() + std::ptrdiff_t(before));
    } else {
        for (std::size_t i = before; i < step; ++i)
            if (waitsFor(plan.steps[step], i))
                return WayRefused{step, i};
        std::rotate(order.begin() + std::ptrdiff_t(before), order.begin() + std::ptrdiff_t(step),
                    order.begin() + std::ptrdiff_t(step) + 1);
    }
    return inOrder(plan, order);
}

std::variant<DayPlan, WayRefused> without(const DayPlan& plan, std::size_t step)
{
    const DayStep& gone = plan.steps[step];
    if (marksOf(gone).any() || gone.weighs())
        return WayRefused{step, step};
    DayPlan out;
    for (std::size_t i = 0; i < plan.steps.size(); ++i) {
        if (i == step)
            continue;
        DayStep kept = plan.steps[i];
        if (waitsFor(kept, step)) {
            std::erase(kept.after, step);
            for (const std::size_t before : gone.after)
                if (!waitsFor(kept, before))
                    kept.after.push_back(before);
        }
        for (std::size_t& after : kept.after)
            after -= after > step ? 1 : 0;
        out.steps.push_back(std::move(kept));
    }
    return out;
}

DayPlan with(const DayPlan& plan, const OwnStep& own)
{
    const std::size_t at = placeBefore(plan, own.before).value_or(plan.steps.size());
    DayPlan out = plan;
    for (DayStep& step : out.steps)
        for (std::size_t& after : step.after)
            after += after >= at ? 1 : 0;
    DayStep added{DayStepKind::Own, {WeighTarget::What::None, own.id}, Vessel::Top, 0.0, 0, {}};
    if (at < out.steps.size()) {
        added.after = out.steps[at].after;
        out.steps[at].after.push_back(at);
        added.vessel = out.steps[at].vessel;
    } else if (at > 0)
        added.after = {at - 1};
    out.steps.insert(out.steps.begin() + std::ptrdiff_t(at), std::move(added));
    return out;
}

void goOwnWay(DayPlan& plan, const DayWay& way)
{
    for (const OwnStep& own : way.own)
        plan = with(plan, own);
    for (const StepKey& key : way.left)
        if (const std::size_t at = placeOf(plan, key); at < plan.steps.size())
            if (auto left = without(plan, at); auto* fine = std::get_if<DayPlan>(&left))
                plan = std::move(*fine);
    for (const MovedStep& move : way.moved) {
        const std::size_t at = placeOf(plan, move.step);
        const auto before = placeBefore(plan, move.before);
        if (at == plan.steps.size() || !before)
            continue;
        if (auto there = rhexion::moved(plan, at, *before);
            auto* fine = std::get_if<DayPlan>(&there))
            plan = std::move(*fine);
    }
}

} // namespace rhexion
