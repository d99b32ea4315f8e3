// A batch is a list of events. What happened is never edited, only followed by another event; what
// the batch is now is a fold over them (fold.h).
#pragma once

#include "core/batch/after_event.h"
#include "core/formula/caution_code.h"
#include "core/heat/day_heat.h"
#include "core/makeday/as_weighed.h"
#include "core/makeday/day_events.h"
#include "core/makeday/own_way.h"

#include <cstdint>
#include <optional>
#include <string>
#include <variant>

namespace rhexion {

// The formula, the grams it was reckoned to and the plan of the day, frozen as they were then: a
// later version with other figures or other steps goes on with the same day.
struct BatchBegun {
    Formula formula;
    Amounts amounts;
    DayPlan plan;
};
struct StepDone {
    StepKey step;
};
struct StepReopened {
    StepKey step;
};
struct StepSkipped { // left out; nothing was done
    StepKey step;
};
struct StepChosen { // taken up out of order
    StepKey step;
};
struct WeighedNow {
    Weighed weighed;
    double plannedGrams = 0.0;
};
struct AddedBeside { // what went in beside the plan
    TopUp topUp;
};
struct TakenBack { // of an AddedBeside, named by its event
    std::string event;
};
struct Noted {
    std::string text;
};
struct ReadingTaken { // of a thermometer, when it was held there
    ReadingOf what = ReadingOf::Jug;
    double celsius = 20.0; // -60 to 300
};
struct LookedIn { // into the mould
    LookSaw saw = LookSaw::Warm;
};
struct BatchFinished { // what came of it, as it was reckoned then
    std::optional<double> superfat;
    double strength = 0.0;
    double batterGrams = 0.0;
};
struct BatchStopped {};
struct TimerSet {
    std::string name;
    double seconds = 60.0; // 1 to longestTimer
};
struct TimerStopped { // of a TimerSet, named by its event; rang or not
    std::string event;
};
struct Blended {          // a burst of the blender
    double seconds = 0.0; // 0 to 3600
};
struct PartLost {
    Loss loss;
};
struct Substituted { // from now on, and for what was weighed of the line
    Substitute by;
};
struct NearMiss {
    NearMissKind kind = NearMissKind::LyeSplash;
};
// What the maker answered to a danger that stopped her on the way (standing_danger.h).
enum class DangerAnswer { Mend, GoOn, Stop };
const char* codeOf(DangerAnswer answer);
std::optional<DangerAnswer> dangerAnswerFromCode(const std::string& code);
struct DangerAnswered {
    CautionCode code = CautionCode::SuperfatBelowZero;
    LineId line = 0;             // what it was about, as in Caution
    PortionId portion = 0;       // or 0
    std::vector<double> figures; // of the caution then, at most limits::cautionFigures
    DangerAnswer answer = DangerAnswer::GoOn;
    std::string why; // her words; never empty where she went on
};
// Written where a bench begins a batch or takes one over: what its people call it.
struct MadeAtBench {
    std::string name; // 1 to limits::benchName characters
};
// A target that two benches weighed: what of it is in the bowl.
enum class WeighedTwice { First, Second, Both };
const char* codeOf(WeighedTwice outcome);
std::optional<WeighedTwice> weighedTwiceFromCode(const std::string& code);
struct TwiceSettled {
    std::string event; // the second WeighedNow
    WeighedTwice is = WeighedTwice::Both;
};
struct Unreadable { // written by something newer, or damaged; kept as it stands
    std::string kind;
};

using Happening =
    std::variant<BatchBegun, StepDone, StepReopened, WeighedNow, AddedBeside, TakenBack, Noted,
                 BatchFinished, BatchStopped, ReadingTaken, LookedIn, StepSkipped, StepChosen,
                 TimerSet, TimerStopped, Blended, PartLost, Substituted, NearMiss, DangerAnswered,
                 MadeAtBench, TwiceSettled, After, Unreadable>;

struct Event {
    std::string id;       // UUID, made by who writes it, so that writing it twice is harmless
    std::string batch;    // UUID
    std::string bench;    // UUID of the bench that wrote it
    std::int64_t seq = 0; // order among the events of a bench; given by the journal
    std::int64_t at = 0;  // ms since 1970, UTC
    int zone = 0;         // minutes east of UTC where it was written
    Happening what;
};

} // namespace rhexion
