#include "core/after/due.h"

#include "core/makeday/later.h"
#include "core/units/enum_count.h"

#include <algorithm>

namespace rhexion {

namespace {

constexpr std::array<const char*, countOf<DueKind>()> dueCodes{
    "look-in", "unmould", "cut", "stamp", "turn", "test", "ready"};

bool isDone(const Batch& batch, Care care)
{
    return std::ranges::any_of(batch.after, [&](const AfterAt& a) {
        const auto* done = std::get_if<CareDone>(&a.what);
        return done && done->what == care;
    });
}

struct Step {
    LaterKind later;
    DueKind due;
    Care care;
};
// In the order of the days: what was done later makes what comes before it past.
constexpr Step steps[] = {{LaterKind::LookIn, DueKind::LookIn, Care::LookedAt},
                          {LaterKind::Unmould, DueKind::Unmould, Care::Unmoulded},
                          {LaterKind::Cut, DueKind::Cut, Care::Cut},
                          {LaterKind::Stamp, DueKind::Stamp, Care::Stamped},
                          {LaterKind::Turn, DueKind::Turn, Care::Turned}};

} // namespace

const char* codeOf(DueKind kind)
{
    return dueCodes[static_cast<std::size_t>(kind)];
}

std::optional<DueKind> dueKindFromCode(const std::string& code)
{
    return valueWithCode<DueKind>(dueCodes, code);
}

std::vector<Due> duesOf(const Batch& batch, const Cured& cured)
{
    std::vector<Due> out;
    const auto poured = batch.moments().poured;
    if (batch.state == BatchState::Stopped || (!poured && batch.state != BatchState::Finished))
        return out;
    const BarsNow bars = barsOf(batch);
    if (bars.cut > 0 && bars.left() == 0)
        return out; // nothing of it is left to look after
    const std::int64_t from = poured.value_or(batch.ended);
    const auto later = laterSteps(batch.formula, accountOf(batch.formula, batch.amounts), nullptr);
    bool past = false;
    for (auto step = std::rbegin(steps); step != std::rend(steps); ++step) {
        past = past || isDone(batch, step->care) ||
               (step->due == DueKind::LookIn && !batch.looks.empty());
        const auto found = std::ranges::find(later, step->later, &LaterStep::kind);
        if (past || found == later.end())
            continue;
        const auto at = [&](double hours) { return from + daysInMs(hours / 24.0); };
        out.push_back({step->due, at(found->hours.low()), at(found->hours.typical()),
                       at(found->hours.high())});
    }
    const std::int64_t ready = cured.readyAt();
    if (!cured.wantsTest.empty()) {
        // A week after the last test, or once it is cut and dry to the hand.
        const std::int64_t test =
            cured.tested != 0 ? cured.tested + daysInMs(7.0) : cured.from + daysInMs(7.0);
        out.push_back({DueKind::Test, cured.from, test, test + daysInMs(7.0)});
    } else // no date stands in a test's place
        out.push_back({DueKind::Ready, cured.from + daysInMs(cured.days.least), ready,
                       std::max(ready, cured.from + daysInMs(cured.days.longest))});
    std::ranges::stable_sort(out, {}, &Due::at);
    return out;
}

} // namespace rhexion
