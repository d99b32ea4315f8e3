// A batch is a list of events. What happened is never edited, only followed by another event; what
// the batch is now is a fold over them (fold.h).
#pragma once

#include "core/heat/day_heat.h"
#include "core/makeday/as_weighed.h"

#include <cstdint>
#include <optional>
#include <string>
#include <variant>

namespace rhexion {

// A step of the day by what it is, never by its place: a plan with other steps still finds it.
struct StepKey {
    DayStepKind kind = DayStepKind::Prepare;
    WeighTarget target;
    Vessel vessel = Vessel::LyeJug;
    PortionId portion = 0;
    friend bool operator==(const StepKey&, const StepKey&) = default;
};
StepKey keyOf(const DayStep& step);

// The code words of files and journals; nothing for a word that is none of them.
const char* codeOf(DayStepKind kind);
std::optional<DayStepKind> dayStepFromCode(const std::string& code);
const char* codeOf(WeighTarget::What what);
std::optional<WeighTarget::What> weighTargetFromCode(const std::string& code);

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
struct Unreadable { // written by something newer, or damaged; kept as it stands
    std::string kind;
};

using Happening =
    std::variant<BatchBegun, StepDone, StepReopened, WeighedNow, AddedBeside, TakenBack, Noted,
                 BatchFinished, BatchStopped, ReadingTaken, LookedIn, Unreadable>;

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
