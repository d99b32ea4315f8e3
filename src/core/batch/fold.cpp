#include "core/batch/fold.h"

#include <algorithm>

namespace rhexion {

namespace {

constexpr std::array<const char*, countOf<DangerAnswer>()> dangerAnswers{"mend", "go-on", "stop"};
constexpr std::array<const char*, countOf<WeighedTwice>()> twiceCodes{"first", "second", "both"};

class Folder {
public:
    Folder(Batch& batch, const Event& event) : batch_(batch), event_(event) {}

    void take()
    {
        const bool making = !std::holds_alternative<After>(event_.what) &&
                            !std::holds_alternative<Noted>(event_.what) &&
                            !std::holds_alternative<TakenBack>(event_.what) &&
                            !std::holds_alternative<Unreadable>(event_.what);
        if (making) {
            batch_.madeAt = event_.bench;
            batch_.madeLast = event_.at;
        }
        std::visit(*this, event_.what);
    }

    void operator()(const BatchBegun& begun)
    {
        batch_.id = event_.batch;
        batch_.begun = event_.at;
        batch_.formula = begun.formula;
        batch_.amounts = begun.amounts;
        batch_.plan = begun.plan;
    }
    void operator()(const StepChosen& now) { batch_.chosen = now.step; }
    void operator()(const StepSkipped& skipped)
    {
        if (std::ranges::find(batch_.skipped, skipped.step) == batch_.skipped.end())
            batch_.skipped.push_back(skipped.step);
        forget(skipped.step);
        std::erase(batch_.done, skipped.step);
    }
    void operator()(const StepDone& done)
    {
        std::erase(batch_.skipped, done.step);
        if (std::ranges::find(batch_.done, done.step) == batch_.done.end())
            batch_.done.push_back(done.step);
        forget(done.step);
        batch_.doneAt.emplace_back(done.step, event_.at);
    }
    void operator()(const StepReopened& reopened)
    {
        std::erase(batch_.done, reopened.step);
        std::erase(batch_.skipped, reopened.step);
        forget(reopened.step);
    }
    void operator()(const WeighedNow& now)
    {
        ++batch_.changes;
        WeighedAt weighed{now.weighed, now.plannedGrams, event_.at, event_.id, event_.bench};
        const WeighedAt* before = batch_.lastWord(now.weighed.target);
        if (before && before->bench != event_.bench)
            batch_.twice.push_back({*before, weighed, {}, 0});
        batch_.weighings.push_back(std::move(weighed));
    }
    void operator()(const MadeAtBench& here) { batch_.benches[event_.bench] = here.name; }
    void operator()(const TwiceSettled& settled)
    {
        const auto found = std::ranges::find_if(
            batch_.twice, [&](const TwiceWeighed& t) { return t.second.event == settled.event; });
        if (found == batch_.twice.end())
            return;
        ++batch_.changes;
        found->is = settled.is;
        found->settledAt = event_.at;
        // It stands as a last word of its own, by whoever settled it.
        WeighedAt counts = found->second;
        counts.weighed.grams = found->grams();
        counts.at = event_.at;
        counts.event = event_.id;
        counts.bench = event_.bench;
        batch_.weighings.push_back(std::move(counts));
    }
    void operator()(const AddedBeside& added)
    {
        ++batch_.changes;
        batch_.topUps.push_back({event_.id, added.topUp, event_.at});
    }
    void operator()(const TakenBack& back)
    {
        batch_.changes +=
            std::erase_if(batch_.topUps, [&](const AddedAt& a) { return a.event == back.event; });
        std::erase_if(batch_.after, [&](const AfterAt& a) { return a.event == back.event; });
    }
    void operator()(const ReadingTaken& r)
    {
        batch_.readings.push_back({r.what, r.celsius, event_.at});
    }
    void operator()(const LookedIn& look) { batch_.looks.push_back({look.saw, event_.at}); }
    void operator()(const TimerSet& set)
    {
        batch_.timers.push_back({event_.id, set.name, set.seconds, event_.at});
    }
    void operator()(const TimerStopped& stopped)
    {
        std::erase_if(batch_.timers, [&](const TimerAt& t) { return t.event == stopped.event; });
    }
    void operator()(const Blended& burst)
    {
        ++batch_.blended.bursts;
        batch_.blended.seconds += burst.seconds;
    }
    void operator()(const PartLost& lost)
    {
        ++batch_.changes;
        batch_.losses.push_back({lost.loss, batch_.weighings.size(), event_.at});
    }
    void operator()(const Substituted& other)
    {
        ++batch_.changes;
        std::erase_if(batch_.substitutes,
                      [&](const Substitute& s) { return s.line == other.by.line; });
        batch_.substitutes.push_back(other.by);
    }
    void operator()(const NearMiss& miss) { batch_.nearMisses.push_back({miss.kind, event_.at}); }
    void operator()(const DangerAnswered& answer)
    {
        batch_.answers.push_back({answer, batch_.changes, event_.at});
    }
    void operator()(const After& after)
    {
        const auto later = [&](const AfterAt& a) { return a.on > after.on; };
        batch_.after.insert(std::ranges::find_if(batch_.after, later),
                            {event_.id, after.on, event_.at, after.what, after.portion});
    }
    void operator()(const Noted& note) { batch_.notes.push_back({note.text, event_.at}); }
    void operator()(const BatchFinished& made)
    {
        batch_.state = BatchState::Finished;
        batch_.ended = event_.at;
        batch_.made = made;
        batch_.changesMade = batch_.changes;
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

const char* codeOf(BatchState state)
{
    constexpr std::array<const char*, countOf<BatchState>()> codes{"making", "finished", "stopped"};
    return codes[static_cast<std::size_t>(state)];
}

const char* codeOf(DangerAnswer answer)
{
    return dangerAnswers[static_cast<std::size_t>(answer)];
}

const char* codeOf(WeighedTwice outcome)
{
    return twiceCodes[static_cast<std::size_t>(outcome)];
}

std::optional<WeighedTwice> weighedTwiceFromCode(const std::string& code)
{
    return valueWithCode<WeighedTwice>(twiceCodes, code);
}

double TwiceWeighed::grams() const
{
    switch (is.value_or(WeighedTwice::Second)) {
    case WeighedTwice::First: return first.weighed.grams;
    case WeighedTwice::Second: break;
    case WeighedTwice::Both: return first.weighed.grams + second.weighed.grams;
    }
    return second.weighed.grams;
}

const TwiceWeighed* Batch::unsettled() const
{
    const auto found =
        std::ranges::find_if(twice, [](const TwiceWeighed& t) { return !t.is.has_value(); });
    return found == twice.end() ? nullptr : &*found;
}

std::string Batch::nameOfBench(const std::string& bench) const
{
    const auto found = benches.find(bench);
    return found == benches.end() ? std::string() : found->second;
}

std::optional<BatchFinished> Batch::outcome() const
{
    if (!changedSinceMade())
        return made;
    const Account now = asMade();
    return BatchFinished{now.superfatTrue, now.pure.strength, now.batterGrams};
}

std::optional<DangerAnswer> dangerAnswerFromCode(const std::string& code)
{
    return valueWithCode<DangerAnswer>(dangerAnswers, code);
}

std::vector<bool> Batch::isDone() const
{
    std::vector<bool> out;
    for (const DayStep& step : plan.steps)
        out.push_back(std::ranges::find(done, keyOf(step)) != done.end());
    return out;
}

std::vector<bool> Batch::passed() const
{
    std::vector<bool> out = isDone();
    for (std::size_t i = 0; i < out.size(); ++i)
        out[i] = out[i] || std::ranges::find(skipped, keyOf(plan.steps[i])) != skipped.end();
    return out;
}

std::size_t Batch::nextStep() const
{
    const auto past = passed();
    if (chosen)
        if (const std::size_t at = placeOf(plan, *chosen); at < plan.steps.size() && !past[at])
            return at;
    return firstOpen(plan, past);
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

const WeighedAt* Batch::lastWord(const WeighTarget& target) const
{
    const auto found = std::find_if(weighings.rbegin(), weighings.rend(),
                                    [&](const WeighedAt& w) { return w.weighed.target == target; });
    return found == weighings.rend() ? nullptr : &*found;
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

DayFacts Batch::facts() const
{
    DayFacts out{lastWords(), {}, substitutes};
    for (const AddedAt& added : topUps)
        out.topUps.push_back(added.topUp);
    for (const LostAt& lost : losses) {
        const auto before = weighings.begin() + std::ptrdiff_t(lost.weighings);
        for (Weighed& w : out.weighed) {
            // Weighed anew since, it is what it was weighed to be.
            const bool since = std::any_of(before, weighings.end(), [&](const WeighedAt& later) {
                return later.weighed.target == w.target;
            });
            if (!since && std::ranges::find(lost.loss.of, w.target) != lost.loss.of.end())
                w.grams *= 1.0 - lost.loss.share;
        }
        for (std::size_t i = 0; i < topUps.size(); ++i)
            if (std::ranges::find(lost.loss.besides, topUps[i].event) != lost.loss.besides.end())
                out.topUps[i].grams *= 1.0 - lost.loss.share;
    }
    return out;
}

Bowl Batch::bowl() const
{
    Reckoning planned;
    static_cast<Account&>(planned) = accountOf(formula, amounts);
    planned.amounts = amounts;
    return bowlOf(formula, planned, facts());
}

Account Batch::asMade() const
{
    const Bowl in = bowl();
    return accountOf(in.formula, in.amounts);
}

std::array<int, countOf<WeighOrigin>()> Batch::origins() const
{
    std::array<int, countOf<WeighOrigin>()> out{};
    for (const Weighed& w : lastWords())
        ++out[static_cast<std::size_t>(w.origin)];
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
