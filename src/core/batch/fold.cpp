#include "core/batch/fold.h"

#include <algorithm>

namespace rhexion {

namespace {

class Folder {
public:
    Folder(Batch& batch, const Event& event) : batch_(batch), event_(event) {}

    void take() { std::visit(*this, event_.what); }

    void operator()(const BatchBegun& begun)
    {
        batch_.id = event_.batch;
        batch_.begun = event_.at;
        batch_.formula = begun.formula;
        batch_.amounts = begun.amounts;
        batch_.plan = begun.plan;
    }
    void operator()(const StepDone& done)
    {
        if (std::ranges::find(batch_.done, done.step) == batch_.done.end())
            batch_.done.push_back(done.step);
        forget(done.step);
        batch_.doneAt.emplace_back(done.step, event_.at);
    }
    void operator()(const StepReopened& reopened)
    {
        std::erase(batch_.done, reopened.step);
        forget(reopened.step);
    }
    void operator()(const WeighedNow& now)
    {
        batch_.weighings.push_back({now.weighed, now.plannedGrams, event_.at});
    }
    void operator()(const AddedBeside& added)
    {
        batch_.topUps.push_back({event_.id, added.topUp, event_.at});
    }
    void operator()(const TakenBack& back)
    {
        std::erase_if(batch_.topUps, [&](const AddedAt& a) { return a.event == back.event; });
    }
    void operator()(const ReadingTaken& r)
    {
        batch_.readings.push_back({r.what, r.celsius, event_.at});
    }
    void operator()(const LookedIn& look) { batch_.looks.push_back({look.saw, event_.at}); }
    void operator()(const Noted& note) { batch_.notes.push_back({note.text, event_.at}); }
    void operator()(const BatchFinished& made)
    {
        batch_.state = BatchState::Finished;
        batch_.ended = event_.at;
        batch_.made = made;
    }
    void operator()(const BatchStopped&)
    {
        batch_.state = BatchState::Stopped;
        batch_.ended = event_.at;
    }
    void operator()(const Unreadable& what) { batch_.unreadable.push_back(what.kind); }

private:
    void forget(const StepKey& step)
    {
        std::erase_if(batch_.doneAt, [&](const auto& done) { return done.first == step; });
    }

    Batch& batch_;
    const Event& event_;
};

} // namespace

std::size_t Batch::nextStep() const
{
    const auto open = std::ranges::find_if(plan.steps, [&](const DayStep& step) {
        return std::ranges::find(done, keyOf(step)) == done.end();
    });
    return static_cast<std::size_t>(open - plan.steps.begin());
}

heat::DayMoments Batch::moments() const
{
    heat::DayMoments out;
    for (const auto& [step, at] : doneAt) {
        if (step.kind == DayStepKind::LyeIntoLiquid)
            out.lastLye = std::max(out.lastLye.value_or(at), at);
        else if (step.kind == DayStepKind::Combine)
            out.joined = at;
        else if (step.kind == DayStepKind::Pour)
            out.poured = std::max(out.poured.value_or(at), at);
    }
    return out;
}

std::vector<Weighed> Batch::lastWords() const
{
    std::vector<Weighed> out;
    for (const WeighedAt& w : weighings) {
        std::erase_if(out, [&](const Weighed& old) { return old.target == w.weighed.target; });
        out.push_back(w.weighed);
    }
    return out;
}

void take(Batch& batch, const Event& event)
{
    Folder(batch, event).take();
}

std::optional<Batch> fold(std::span<const Event> events)
{
    if (events.empty() || !std::holds_alternative<BatchBegun>(events.front().what))
        return std::nullopt;
    Batch batch;
    for (const Event& event : events)
        take(batch, event);
    return batch;
}

} // namespace rhexion
