// When a batch is ready: the later of its rule and its weights, and whether a test must speak
// first. docs/after.md.
#pragma once

#include "core/after/cure_fit.h"
#include "core/after/cure_rules.h"
#include "core/batch/fold.h"

namespace rhexion {

// Why no date stands in a test's place.
enum class TestReason { LyeLeft, OffInWeighing, Riced, Separated, Spots, LyePocket, Cleaning };
const char* codeOf(TestReason reason);

// How many bars, and what became of them.
struct BarsNow {
    int cut = 0; // 0: nobody counted
    std::array<int, countOf<BarsTo>()> to{};
    double broughtMinor = 0.0;
    int gone() const;
    int left() const { return std::max(0, cut - gone()); }
    int sellable() const; // without tested and spoiled ones
};
BarsNow barsOf(const Batch& batch);

// Bars or trays weighed again and again; the newest that has most weights.
struct WeighedSeries {
    std::string tray;
    std::int64_t first = 0; // ms
    double stepGrams = 1.0; // of one bar
    std::vector<DayWeight> weights;
};

struct Cured {
    std::int64_t from = 0; // ms: cut, else unmoulded, else poured, else ended, else begun
    std::vector<CureRule> rules;
    CureDays days;
    double waterGrams = 0.0; // of the batter, what neutralising formed included
    double dryGrams = 0.0;
    int bars = 0;
    double wetShare = 1.0;           // of the batter that is in a bar; 0 bars: all of it
    std::optional<Interval> settled; // g of one bar (all of the batch without bars)
    bool mayGain = false;            // a salt bar in damp air
    Interval tauDays;                // by the bar's size, or the usual
    bool sizeKnown = false;
    std::optional<WeighedSeries> series;
    std::optional<OrCannot<CureFit>> fit;
    std::vector<std::size_t> raised; // places among the weights
    // Days from `from`.
    double readyDay = 0.0;
    bool weightsDecide = false;
    std::optional<Interval> settledDay; // by the weights
    std::vector<TestReason> wantsTest;  // not answered by a test that says fine
    std::optional<Interval> caustic;    // as NaOH, of the last titration
    std::optional<AlkaliVerdict> verdict;
    int sameVerdicts = 0; // wait-and-retest, one after the other
    std::int64_t tested = 0;
    std::int64_t readyAt() const;
};
// Anything not known is absent; never refuses.
Cured curedOf(const Batch& batch, const CureSchools& schools = {}, const AlkaliLimits& limits = {});

// ms of so many days.
std::int64_t daysInMs(double days);

} // namespace rhexion
