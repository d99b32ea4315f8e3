// The day as a graph: what to weigh and do, each step with the steps it waits for, from a formula
// and its reckoning. Listed in an order in which every step comes after what it waits for.
#pragma once

#include "core/advice/reckon.h"
#include "core/formula/day_step.h"

#include <span>
#include <vector>

namespace rhexion {

struct DayStep {
    DayStepKind kind;
    WeighTarget target; // None for steps where nothing is weighed
    Vessel vessel = Vessel::LyeJug;
    double plannedGrams = 0.0;
    PortionId portion = 0;            // the one it is for, or 0
    std::vector<std::size_t> after{}; // places in the plan of what must be done first
    bool weighs() const { return target.what != WeighTarget::What::None; }
};

struct DayPlan {
    std::vector<DayStep> steps;
};

// Leaving such a step out is asked about once.
struct StepMarks {
    bool safety = false;
    bool lye = false; // lye is in the hand, or the step keeps it from harm
    bool any() const { return safety || lye; }
};
StepMarks marksOf(const DayStep& step);
// Days before pouring on which it falls due; nothing: it belongs to the day.
std::optional<int> daysBefore(const DayStep& step, const Formula& formula);
// Whether it happens in a vessel that can be drawn and named.
bool hasVessel(const DayStep& step);
// Whether it is done with the blender, of which a bench has one.
bool blends(const DayStep& step);

// A solution of lactate, say: it curdles in hot lye and waits until that has cooled.
bool goesIntoCooledLye(const Material& material);
// Whether a scent is put in by hand, last, straight before pouring.
bool goesInByHand(const Formula& formula, const Line& line);
// Lines of a vessel and portion in the order that loses least time: harmless things first, then
// what heats or thickens. Those that go in by hand are not among them.
std::vector<LineId> stirOrder(const Formula& formula, Vessel vessel, PortionId portion = 0);

// Places of steps that must be done before the step and are not; passed: done or left out, as many
// as there are steps.
std::vector<std::size_t> missingFor(const DayPlan& plan, const std::vector<bool>& passed,
                                    std::size_t step);
// The first step that is not passed and waits for none that is not; the plan's size when all are
// passed.
std::size_t firstOpen(const DayPlan& plan, const std::vector<bool>& passed);

// g the plan has for the target; 0 for one it does not know.
double plannedGrams(const WeighTarget& target, const Formula& formula, const Reckoning& reckoning);
// What is weighed there; nothing for the jug's own water and where the formula has no such line.
MaterialPtr materialOf(const WeighTarget& target, const Formula& formula);
// What a weight takes from the shelf: oil set aside was taken with its own line.
MaterialPtr drawnFrom(const WeighTarget& target, const Formula& formula);

// Whether liquid set aside for the line is weighed apart: not where both stand in the same jug.
bool solventApart(const Formula& formula, const Line& line);

// Lye always goes into liquid, never the reverse; acids and sugars dissolve before it; what lye
// will not wait for is weighed before any lye. docs/day.md has the edges and why.
DayPlan planDay(const Formula& formula, const Reckoning& reckoning);

} // namespace rhexion
