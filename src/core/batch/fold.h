// What a batch is, out of what happened to it. Pure: the same events in the same order give the
// same batch, whenever and wherever they are folded.
#pragma once

#include "core/batch/event.h"

#include "core/units/enum_count.h"

#include <array>
#include <map>
#include <span>
#include <vector>

namespace rhexion {

enum class BatchState { Making, Finished, Stopped };
const char* codeOf(BatchState state);

struct WeighedAt {
    Weighed weighed;
    double plannedGrams = 0.0;
    std::int64_t at = 0;
    std::string event{};
    std::string bench{}; // that weighed it
};
// One target weighed at two benches, one after the other. Until it is said what of it is in the
// bowl, the second weight counts and nobody may go on.
struct TwiceWeighed {
    WeighedAt first;
    WeighedAt second;
    std::optional<WeighedTwice> is;
    std::int64_t settledAt = 0; // 0: it is not
    double grams() const;       // what of it is in the bowl
};
struct AddedAt {
    std::string event; // names it for TakenBack
    TopUp topUp;
    std::int64_t at = 0;
};
struct LostAt {
    Loss loss;
    std::size_t weighings = 0; // how many there were before it
    std::int64_t at = 0;
};
struct MissedAt {
    NearMissKind kind = NearMissKind::LyeSplash;
    std::int64_t at = 0;
};
struct AnsweredAt {
    DangerAnswered answered;
    std::size_t change = 0; // Batch::changes when it was given
    std::int64_t at = 0;
};
struct NotedAt {
    std::string text;
    std::int64_t at = 0;
};

struct Batch {
    std::string id;
    BatchState state = BatchState::Making;
    std::int64_t begun = 0; // ms since 1970, UTC
    std::int64_t ended = 0; // 0: it has not
    std::string madeAt;     // the bench that did something of its making last
    std::int64_t madeLast = 0;
    Formula formula;
    Amounts amounts;
    DayPlan plan;
    std::vector<StepKey> done;
    std::vector<WeighedAt> weighings; // every one, in order; the last word on a target counts
    std::vector<TwiceWeighed> twice;  // in the order of the second weights
    std::map<std::string, std::string> benches; // what they call themselves, by their ids
    std::vector<AddedAt> topUps;                // those not taken back
    std::vector<NotedAt> notes;
    std::vector<LostAt> losses;
    std::vector<Substitute> substitutes; // the last word on a line
    std::vector<TimerAt> timers;         // those not stopped
    BlendedSoFar blended;
    std::vector<MissedAt> nearMisses;
    std::vector<AnsweredAt> answers; // to dangers, in order
    std::size_t changes = 0;         // how often what is in the bowl has changed
    std::vector<ReadingAt> readings;
    std::vector<LookAt> looks;
    std::vector<AfterAt> after; // those not taken back, in the order of their days
    // When steps were said to be done; the last word of each.
    std::vector<std::pair<StepKey, std::int64_t>> doneAt;
    std::optional<BatchFinished> made;
    std::size_t changesMade = 0;         // Batch::changes when it was finished
    std::vector<std::string> unreadable; // kinds of events that could not be read

    std::vector<StepKey> skipped;
    std::optional<StepKey> chosen; // out of order; until it is done, left out or another is chosen

    // Which steps are done or left out, as many as the plan has.
    std::vector<bool> passed() const;
    std::vector<bool> isDone() const;
    // The step at hand: the chosen one, or the first that can be done; the plan's size when all are
    // passed.
    std::size_t nextStep() const;
    // When lye was in, jug and pot were joined, and it was poured.
    heat::DayMoments moments() const;
    // The last word on a target; nullptr where it was not weighed.
    const WeighedAt* lastWord(const WeighTarget& target) const;
    // The last word on every target, in the order of those words.
    std::vector<Weighed> lastWords() const;
    // The first that is not settled; nullptr: none.
    const TwiceWeighed* unsettled() const;
    // Something went in after it was finished, at another bench: made is no longer what it is.
    bool changedSinceMade() const { return made && changes != changesMade; }
    // What came of it: as it was reckoned when it was finished, or of what went in since.
    std::optional<BatchFinished> outcome() const;
    // Its own name, or nothing.
    std::string nameOfBench(const std::string& bench) const;
    // What of it is still there, with what went in beside the plan and instead of it: losses take
    // their share of what lay where they happened.
    DayFacts facts() const;
    // What it was made of: the plan with what was weighed, lost and put in place of other things.
    Bowl bowl() const;
    Account asMade() const;
    // How many of the last words have each origin.
    std::array<int, countOf<WeighOrigin>()> origins() const;
};

// What one more event makes of it.
void take(Batch& batch, const Event& event);

// Nothing where the first that is known of it is not its beginning.
std::optional<Batch> fold(std::span<const Event> events);

} // namespace rhexion
