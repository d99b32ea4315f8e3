#include "core/makeday/step_times.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {

using Kind = DayStepKind;

constexpr double minute = 60.0;
constexpr double hour = 3600.0;

Interval minutes(double low, double typical, double high)
{
    return Interval::around(low * minute, typical * minute, high * minute);
}
// Half as long to twice as long.
Interval about(double seconds)
{
    return Interval::around(seconds * 0.5, seconds, seconds * 2.0);
}
const Interval none = Interval::exactly(0.0);

// Where no forecast says otherwise. Common practice, no source.
StepTimes usual(const DayStep& step)
{
    switch (step.kind) {
    case Kind::Prepare: return {minutes(3, 5, 10), none};
    case Kind::SetOut: return {minutes(5, 10, 20), none};
    case Kind::WeighLine:
    case Kind::WeighSolvent:
    case Kind::WeighJugWater:
    case Kind::WeighSodium:
    case Kind::WeighPotassium: return {minutes(0.5, 1.5, 4), none};
    case Kind::SetOilAside: return {minutes(0.5, 1, 3), none};
    case Kind::DissolveLine:
    case Kind::DissolveFirst: return {minutes(1, 3, 8), none};
    case Kind::WetColour: return {minutes(1, 2, 5), none};
    case Kind::ColdBath: return {minutes(1, 2, 4), none};
    case Kind::PotassiumIntoLiquid:
    case Kind::LyeIntoLiquid: return {minutes(4, 8, 20), none};
    case Kind::LookThrough: return {minutes(1, 2, 5), none};
    case Kind::IntoCooledLye: return {minutes(0.5, 1, 2), none};
    case Kind::MeltOils: return {minutes(2, 4, 8), minutes(6, 12, 25)};
    case Kind::IntoOils: return {minutes(0.5, 1, 3), none};
    case Kind::WaitToMeet: return {minutes(0.5, 1, 2), minutes(5, 30, 90)};
    case Kind::Combine: return {minutes(1, 3, 8), none};
    case Kind::Emulsion: return {minutes(0.5, 1.5, 4), none};
    case Kind::Trace: return {minutes(0.5, 3, 15), none};
    case Kind::ScentByHand: return {minutes(0.3, 0.7, 1.5), none};
    case Kind::Divide:
    case Kind::PortionBack: return {minutes(1, 2, 5), none};
    case Kind::CookSeparates:
    case Kind::CookApplesauce: return {minutes(1, 2, 4), minutes(8, 20, 40)};
    case Kind::CookMash: return {minutes(1, 2, 4), minutes(10, 25, 50)};
    case Kind::Cook: return {minutes(1, 2, 4), minutes(10, 25, 60)};
    case Kind::TestCook: return {minutes(2, 3, 6), none};
    case Kind::CoolForScent: return {minutes(0.5, 1, 2), minutes(5, 15, 40)};
    case Kind::AfterCook: return {minutes(1, 3, 6), none};
    case Kind::PourPortion: return {minutes(0.5, 1.5, 4), none};
    case Kind::LayerWait: return {none, minutes(1, 5, 20)};
    case Kind::Pour: return {minutes(1, 3, 8), none};
    case Kind::Top: return {minutes(2, 5, 15), none};
    case Kind::CoverUp: return {minutes(0.5, 2, 5), none};
    case Kind::InfuseOil:
        return {minutes(10, 20, 40),
                Interval::around(14 * 24 * hour, 28 * 24 * hour, 56 * 24 * hour)};
    case Kind::CookProduce: return {minutes(15, 30, 60), minutes(30, 60, 120)};
    case Kind::DrinkFlat:
        return {minutes(5, 15, 30), Interval::around(6 * hour, 12 * hour, 24 * hour)};
    case Kind::FreezeAhead:
        return {minutes(3, 5, 10), Interval::around(6 * hour, 12 * hour, 24 * hour)};
    case Kind::StockLyeReady:
        return {minutes(15, 25, 45), Interval::around(3 * hour, 6 * hour, 12 * hour)};
    case Kind::Own: break;
    }
    return {none, none};
}

// s that a stage of the cook waits from the one before it; what a maker sees as separating and as
// applesauce are the two halves of its way to thick.
std::optional<double> cookSeconds(const heat::CookRun& cook, Kind kind)
{
    using Stage = heat::CookStage;
    const auto at = [&](Stage stage) { return cook.stages[static_cast<std::size_t>(stage)]; };
    const auto between = [&](std::optional<double> from,
                             std::optional<double> to) -> std::optional<double> {
        return to ? std::optional(std::max(0.0, *to - from.value_or(0.0))) : std::nullopt;
    };
    switch (kind) {
    case Kind::CookSeparates:
    case Kind::CookApplesauce: {
        const auto thick = at(Stage::Thick);
        return thick ? std::optional(*thick / 2.0) : std::nullopt;
    }
    case Kind::CookMash: return between(at(Stage::Thick), at(Stage::Mashed));
    case Kind::Cook: return between(at(Stage::Mashed), at(Stage::Done));
    default: return std::nullopt;
    }
}

} // namespace

std::optional<double> lowestFlash(const Formula& f)
{
    std::optional<double> out;
    for (const Line& line : f.lines)
        if (line.material->kind == MaterialKind::Scent && line.material->flash) {
            const double low = line.material->flash->range.low();
            out = std::min(out.value_or(low), low);
        }
    return out;
}

StepWarmth warmthOf(const DayStep& step, const Formula& f, const HeatPlan& plan)
{
    StepWarmth out;
    switch (step.kind) {
    case Kind::MeltOils: out.reach = plan.melted; break;
    case Kind::WaitToMeet:
    case Kind::Combine: out.reach = f.mixing.at.inCelsius(); break;
    case Kind::PotassiumIntoLiquid:
    case Kind::LyeIntoLiquid:
        if (std::ranges::any_of(f.lines, [&](const Line& line) {
                return line.vessel == step.vessel && line.material->kind == MaterialKind::Milk;
            }))
            out.under = milkStaysUnder;
        break;
    case Kind::CookSeparates:
    case Kind::CookApplesauce:
    case Kind::CookMash:
    case Kind::Cook: out.reach = plan.cook.setpoint; break;
    case Kind::CoolForScent:
    case Kind::AfterCook: {
        const auto flash = lowestFlash(f);
        out.under = flash ? *flash - underFlash : flashNotKnown;
        break;
    }
    default: break;
    }
    return out;
}

std::vector<StepTimes> timesOf(const DayPlan& plan, const Formula& f, const Reckoning& r,
                               const heat::HeatForecast* forecast)
{
    std::vector<StepTimes> out;
    for (const DayStep& step : plan.steps) {
        StepTimes t = usual(step);
        if (step.kind == Kind::Own) {
            const auto own = std::ranges::find(f.way.own, step.target.line, &OwnStep::id);
            if (own != f.way.own.end())
                t = {Interval::exactly(own->handsMinutes * minute),
                     Interval::exactly(own->waitMinutes * minute)};
        }
        // 400 g of batter a minute through a spatula.
        if (step.kind == Kind::Pour)
            t.hands = Interval::around(t.hands.low() + r.batterGrams / 16.0,
                                       t.hands.typical() + r.batterGrams / 7.0,
                                       t.hands.high() + r.batterGrams / 3.0);
        if (forecast) {
            const HeatPlan& h = forecast->plan;
            if (step.kind == Kind::LyeIntoLiquid || step.kind == Kind::PotassiumIntoLiquid)
                t.hands = about(std::max(120.0, h.portions * (h.pauseMinutes * minute + 20.0)));
            const auto* meeting = std::get_if<heat::MeetingForecast>(&forecast->meeting);
            // Where they never share the window, until they are near each other all the same.
            if (step.kind == Kind::WaitToMeet && meeting && (meeting->meeting || meeting->near))
                t.waiting = about(
                    std::max(0.0, meeting->meeting ? meeting->meeting->from : *meeting->near));
            if (forecast->cook)
                if (const auto seconds = cookSeconds(*forecast->cook, step.kind))
                    t.waiting = Interval::around(*seconds * 0.6, *seconds, *seconds * 1.7);
            if (step.kind == Kind::CoolForScent && forecast->coolForScent)
                t.waiting = about(*forecast->coolForScent);
        }
        out.push_back(t);
    }
    return out;
}

} // namespace rhexion
