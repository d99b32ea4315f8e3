// Batches side by side: what differs, what came of them, whether a cause can be told and which
// batch would tell it. docs/after.md, comparing.
#pragma once

#include "core/batch/fold.h"

#include <map>
#include <span>

namespace rhexion {

// What a batch was made of and how; the order is that of a table.
enum class TraitKind {
    Oil,      // share of the oils
    Thing,    // anything else: g per g of oils, so that more water changes none of them
    Lot,      // of a material; text
    Superfat, // true
    Strength,
    PotassiumShare, // mol
    Process,        // "cold" or "hot"; text
    JugCelsius,     // at joining
    PotCelsius,
    RoomCelsius,
    BlendSeconds,
    Gel,   // as it was meant; text, a code
    Cover, // text, a code
    Mould, // text
    Maker, // text
    Bench, // text, its id
    MakeUp // the liquid that is the rest; text
};
const char* codeOf(TraitKind kind);
// Traits of one group are one change: a share of one oil cannot change alone.
enum class TraitGroup { Oils, Things, Lots, Lye, Liquid, Process, Warmth, Blending, Mould, Who };
TraitGroup groupOf(TraitKind kind);

struct TraitKey {
    TraitKind kind = TraitKind::Oil;
    std::string item; // material id, for Oil, Thing and Lot
    friend auto operator<=>(const TraitKey&, const TraitKey&) = default;
};
struct Trait {
    std::string name; // of the material
    std::optional<double> value;
    std::string text;
};
using Traits = std::map<TraitKey, Trait>;

// What came of it.
enum class ResultKind {
    Seen,          // a word of the list; 1 or 0
    MinutesToPour, // from joined
    Quality,       // 1 to 5
    Verdict,       // text, a code
    FreeCaustic,   // as NaOH
    CoreCelsius,   // the hottest that was read
    LossShare      // of a bar's first weight, until the last
};
const char* codeOf(ResultKind kind);
struct ResultKey {
    ResultKind kind = ResultKind::Seen;
    std::string item; // code
    friend auto operator<=>(const ResultKey&, const ResultKey&) = default;
};
struct Result {
    std::optional<double> value;
    std::string text;
};
using Results = std::map<ResultKey, Result>;

// A batch, or one portion of a split batter.
struct Compared {
    const Batch* batch = nullptr;
    PortionId portion = 0;
};
Traits traitsOf(const Compared& what);
Results resultsOf(const Compared& what);

// How far apart two values of a trait may be and still be the same: what a scale or a thermometer
// tells.
double toleranceOf(TraitKind kind);
bool differs(TraitKind kind, const Trait* a, const Trait* b);

struct Differing {
    TraitKey key;
    std::string name;
    std::vector<const Trait*> values; // one each; none where it is not known or not there
    double times = 0.0;               // how often the tolerance lies between the extremes
};
struct DifferingResult {
    ResultKey key;
    std::vector<const Result*> values;
};

// One batch that would tell: like this one, with the group as in that one.
struct WouldTell {
    std::size_t like = 0;
    std::size_t changedAs = 0;
    TraitGroup group = TraitGroup::Things;
};
enum class CauseTold {
    NothingDiffers,
    MayBeThisOne, // one group differs: it may be the cause, one pair proves nothing
    CannotBeTold  // several do
};
const char* codeOf(CauseTold cause);

struct Comparison {
    std::vector<Traits> traits; // owned, for the pointers below
    std::vector<Results> results;
    std::vector<Differing> inputs; // widest apart first
    std::vector<DifferingResult> outcomes;
    std::size_t same = 0;           // traits that all have alike
    std::vector<TraitGroup> groups; // that differ, widest apart first
    CauseTold cause = CauseTold::NothingDiffers;
    bool fairPair = false; // portions of one batter
    // With several groups: a pair among them that differs in one only, or the batches that would
    // tell, easiest to change first.
    std::optional<std::pair<std::size_t, std::size_t>> pairThatTells;
    std::vector<WouldTell> wouldTell;
    Comparison() = default;
    Comparison(const Comparison&) = delete;
    Comparison& operator=(const Comparison&) = delete;
    Comparison(Comparison&&) = default;
    Comparison& operator=(Comparison&&) = default;
};
inline constexpr std::size_t mostCompared = 6;
// Two to mostCompared.
Comparison compared(std::span<const Compared> all);

// The formula of `like` with the one group as it is in `other`: the batch that would tell. What
// cannot be put into a formula (a lot, the warmth of a room) leaves it as it is.
Formula withOneChange(const Batch& like, const Batch& other, TraitGroup group);

} // namespace rhexion
