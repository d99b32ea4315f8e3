#include "storage/step_json.h"

#include "core/materials/limits.h"

#include <QJsonArray>

#include <algorithm>

namespace rhexion {

namespace {

using Code = FileFault::Code;

constexpr auto longestStep = qsizetype(limits::ownStep);
constexpr double dayMinutes = 1440.0;
constexpr double weekMinutes = 10080.0;

QJsonObject withBefore(QJsonObject out, const std::optional<StepKey>& before)
{
    if (before)
        out["before"] = stepToJson(*before);
    return out;
}

std::optional<StepKey> readBefore(const JsonCursor& at)
{
    return at.has("before") ? std::optional(readStep(at.object("before"))) : std::nullopt;
}

} // namespace

QJsonObject targetToJson(QJsonObject out, const WeighTarget& target)
{
    // A step that weighs nothing may be about a line all the same.
    if (target.what != WeighTarget::What::None)
        out["target"] = codeOf(target.what);
    if (target.line != 0)
        out["line"] = double(target.line);
    return out;
}

WeighTarget readTarget(const JsonCursor& at)
{
    WeighTarget out;
    if (at.has("target"))
        out.what =
            at.word<WeighTarget::What>("target", weighTargetFromCode, WeighTarget::What::None);
    out.line = static_cast<LineId>(at.wholeOr("line", 0, largestId, 0));
    return out;
}

QJsonObject stepToJson(const StepKey& key)
{
    QJsonObject out{{"step", codeOf(key.kind)}, {"vessel", codeOf(key.vessel)}};
    if (key.portion != 0)
        out["portion"] = double(key.portion);
    return targetToJson(std::move(out), key.target);
}

StepKey readStep(const JsonCursor& at)
{
    StepKey key;
    key.kind = at.word<DayStepKind>("step", dayStepFromCode, DayStepKind::Prepare);
    key.vessel = at.word<Vessel>("vessel", vesselFromCode, Vessel::LyeJug);
    key.portion = static_cast<PortionId>(at.wholeOr("portion", 0, largestId, 0));
    key.target = readTarget(at);
    return key;
}

QJsonObject planStepToJson(const DayStep& step)
{
    QJsonObject out = stepToJson(keyOf(step));
    out["grams"] = step.plannedGrams;
    QJsonArray after;
    for (const std::size_t place : step.after)
        after.append(double(place));
    out["after"] = after;
    return out;
}

std::vector<DayStep> readPlan(const JsonCursor& at, const char* key)
{
    std::vector<DayStep> out;
    for (const JsonCursor& step : at.array(key, mostSteps)) {
        const StepKey read = readStep(step);
        DayStep one{read.kind,    read.target,
                    read.vessel,  step.number("grams", 0.0, Mass::largestGrams),
                    read.portion, {}};
        // Only steps listed earlier, so that no two can wait for each other.
        const double last = double(out.size()) - 1.0;
        if (step.has("after")) {
            for (const double place : step.numbers("after", mostSteps, 0.0, std::max(0.0, last)))
                if (std::size_t(place) < out.size())
                    one.after.push_back(std::size_t(place));
        } else if (!out.empty())
            one.after.push_back(out.size() - 1);
        out.push_back(std::move(one));
    }
    return out;
}

QJsonObject wayToJson(const DayWay& way)
{
    QJsonArray own;
    for (const OwnStep& step : way.own)
        own.append(withBefore({{"id", double(step.id)},
                               {"text", QString::fromStdString(step.text)},
                               {"hands", step.handsMinutes},
                               {"wait", step.waitMinutes}},
                              step.before));
    QJsonArray moved;
    for (const MovedStep& step : way.moved)
        moved.append(withBefore(stepToJson(step.step), step.before));
    QJsonArray left;
    for (const StepKey& key : way.left)
        left.append(stepToJson(key));
    return {{"layers", way.layers}, {"own", own}, {"moved", moved}, {"left", left}};
}

DayWay readWay(const JsonCursor& at)
{
    at.allow({"layers", "own", "moved", "left"});
    DayWay out;
    out.layers = at.flag("layers", false);
    const auto list = [&](const char* key) {
        return at.has(key) ? at.array(key, qsizetype(mostWaySteps)) : QList<JsonCursor>();
    };
    for (const JsonCursor& step : list("own"))
        out.own.push_back({static_cast<std::uint32_t>(step.whole("id", 1, largestId)),
                           step.text("text", longestStep).toStdString(), readBefore(step),
                           step.numberOr("hands", 0.0, dayMinutes, 1.0),
                           step.numberOr("wait", 0.0, weekMinutes, 0.0)});
    for (const JsonCursor& step : list("moved"))
        out.moved.push_back({readStep(step), readBefore(step)});
    for (const JsonCursor& step : list("left"))
        out.left.push_back(readStep(step));
    return out;
}

} // namespace rhexion
