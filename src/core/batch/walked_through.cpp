#include "core/batch/walked_through.h"

#include "core/advice/reckon.h"
#include "core/makeday/step_times.h"

#include <algorithm>

namespace rhexion {

std::optional<WalkedThrough> walkedThrough(const Batch& batch)
{
    const auto first =
        std::ranges::min_element(batch.doneAt, {}, &std::pair<StepKey, std::int64_t>::second);
    const auto last =
        std::ranges::max_element(batch.doneAt, {}, &std::pair<StepKey, std::int64_t>::second);
    if (batch.doneAt.size() < 2)
        return std::nullopt;
    const auto times =
        timesOf(batch.plan, batch.formula, reckonGiven(batch.formula, batch.amounts), nullptr);
    WalkedThrough out{double(last->second - first->second) / 1000.0, 0.0};
    const auto done = batch.isDone();
    for (std::size_t i = 0; i < times.size(); ++i)
        // What the first one took lies before it was done.
        if (done[i] && !(keyOf(batch.plan.steps[i]) == first->first))
            out.hands += times[i].hands.low();
    return out.seconds < leastShareOfHands * out.hands ? std::optional(out) : std::nullopt;
}

} // namespace rhexion
