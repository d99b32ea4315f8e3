// What is in a jug and whether it dissolves.
#include "core/advice/checks.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {

using C = CautionCode;
using S = Severity;

// Salt in the jug, g NaCl per 100 g of solution at 20 C by per cent of NaOH: 26 in plain water, 18
// at 10, 10 at 20, 5 at 30, 2 at 40, 1 at 50 (from memory). Straight between.
double saltLimit(double strength)
{
    constexpr std::array<double, 6> limit{26, 18, 10, 5, 2, 1};
    const double at = std::clamp(strength * 10.0, 0.0, 5.0);
    const auto low = std::min<std::size_t>(static_cast<std::size_t>(at), 4);
    return limit[low] + (limit[low + 1] - limit[low]) * (at - static_cast<double>(low));
}

constexpr Temperature ice = Temperature::celsius(0.0);

SetLiquid withJugRatio(const Formula& f, double ratio)
{
    LiquidSettings liquid = f.liquid;
    liquid.jugRatio = ratio;
    return {SettingField::JugRatio, liquid};
}

double waterToDissolve(const JugReckoned& jug, Temperature at)
{
    return jug.sodiumGrams() / sodiumHydroxideSolubility(at) +
           jug.potassiumGrams() / potassiumHydroxideSolubility(at);
}

// More water in the jug, taken from where the formula has it already: from a make-up that goes in
// elsewhere, from a weaker lye, or by putting the wettest extra in the jug.
std::optional<Edit> wetterJug(const Formula& f, const Account& r, Vessel vessel, double needed)
{
    const JugReckoned& jug = r.jug(vessel);
    const double pure = jug.pureGrams();
    const double missing = needed - jug.water;
    const Line* rest = f.makeUp();
    const LineReckoned* reckonedRest = rest ? r.find(rest->id) : nullptr;
    const bool first = vessel == Vessel::LyeJug;
    if (first && reckonedRest && rest->vessel != vessel && reckonedRest->waterGrams > missing * 1.1)
        return withJugRatio(f, needed / pure * 1.05);
    if (first && rest && rest->vessel == vessel && needed < 2.0 * pure && !f.lye.fixed &&
        !f.lye.secondJug && r.waterExcess < noticeableGrams && r.wanted.ratio.value_or(0.0) < 2.0)
        return withStrength(f, 1.0 / 3.0);
    const auto wettest = lineWithMost(
        f, [](const Line& line) { return !isJug(line.vessel); },
        [&](std::size_t i) { return r.lines[i].waterGrams; }, missing);
    if (wettest)
        return MoveLine{f.lines[*wettest].id, vessel, f.lines.size()};
    if (!first) { // all the lye back into the first jug
        LyeSettings lye = f.lye;
        lye.secondJug.reset();
        return SetLye{SettingField::SecondJug, lye};
    }
    return std::nullopt;
}

void checkJug(const Formula& f, const Account& r, Vessel vessel, std::vector<Caution>& out)
{
    const JugReckoned& jug = r.jug(vessel);
    const double needed = waterToDissolve(jug, f.liquid.jugCoolest);
    if (jug.water < needed - noticeableGrams) {
        Caution c{CautionCode::LyeCannotDissolve,
                  Severity::Danger,
                  vessel,
                  0,
                  {jug.strength.value_or(1.0), jug.water, needed, f.liquid.jugCoolest.inCelsius()},
                  {}};
        c.mend = wetterJug(f, r, vessel, needed);
        out.push_back(std::move(c));
        return;
    }
    if (jug.tiedWater > 0.0 && needed > 0.0 && jug.water - jug.tiedWater < needed - noticeableGrams)
        out.push_back({CautionCode::JugWaterTiedUp,
                       Severity::Care,
                       vessel,
                       0,
                       {jug.water, jug.tiedWater, needed},
                       wetterJug(f, r, vessel, needed + jug.tiedWater)});
    const bool iced = std::ranges::any_of(
        f.lines, [&](const Line& line) { return line.frozen && line.vessel == vessel; });
    const double whenIced = waterToDissolve(jug, ice);
    if (iced && jug.water < whenIced) {
        const double all = jug.pureGrams();
        out.push_back({CautionCode::LyeColdCannotDissolve,
                       Severity::Care,
                       vessel,
                       0,
                       {jug.water / whenIced * all, all},
                       {}});
    }
}

} // namespace

void checkJugs(const Advising& a)
{
    checkJug(a.f, a.r, Vessel::LyeJug, a.out);
    if (a.r.jugs[1].pureGrams() > 0.0)
        checkJug(a.f, a.r, Vessel::SecondJug, a.out);
    for (const Vessel vessel : {Vessel::LyeJug, Vessel::SecondJug}) {
        const JugReckoned& jug = a.r.jug(vessel);
        const double salt = a.pot.jugSalt[vessel == Vessel::SecondJug];
        const double share = salt / (salt + jug.pureGrams() + jug.water);
        const double limit = saltLimit(jug.strength.value_or(0.0)) / 100.0;
        if (salt > 0.0 && share > limit)
            a.say(C::BrineDropsSalt, S::Care, vessel, 0, {share, limit});
    }
}

} // namespace rhexion
