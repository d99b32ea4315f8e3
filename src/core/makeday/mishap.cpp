#include "core/makeday/mishap.h"

#include "core/units/enum_count.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace rhexion {

namespace {

using Kind = DayStepKind;

constexpr std::size_t kinds = countOf<MishapKind>();
constexpr std::array<const char*, kinds> codes{"lye-overshoots", "scale-dies",   "phone-rings",
                                               "milk-scorches",  "scent-seizes", "forgotten",
                                               "water-splash"};
struct Range {
    double least, usual, most;
};
constexpr std::array<Range, kinds> ranges{{{0.0, 0.06, 2.0},
                                           {1.0, 30.0, 3600.0},
                                           {1.0, 20.0, 120.0},
                                           {50.0, 82.0, 110.0},
                                           {10.0, 45.0, 600.0},
                                           {0.0, 0.0, 0.0},
                                           {1.0, 30.0, 500.0}}};

const Range& rangeOf(MishapKind kind)
{
    return ranges[static_cast<std::size_t>(kind)];
}

bool fits(const Mishap& mishap, const DayStep& step, const Formula& f)
{
    const auto lineIs = [&](auto which) {
        const Line* line = f.find(step.target.line);
        return line && which(*line->material);
    };
    switch (mishap.kind) {
    case MishapKind::LyeOvershoots:
        return step.kind == Kind::WeighSodium || step.kind == Kind::WeighPotassium;
    case MishapKind::ScaleDies: return step.weighs() && step.vessel == Vessel::OilPot;
    case MishapKind::PhoneRings:
        return step.kind == Kind::Trace || step.kind == Kind::Pour || step.kind == Kind::Cook;
    case MishapKind::MilkScorches:
        return step.kind == Kind::LyeIntoLiquid && std::ranges::any_of(f.lines, [&](const Line& l) {
                   return l.vessel == step.vessel && l.material->kind == MaterialKind::Milk;
               });
    case MishapKind::ScentSeizes:
        return step.kind == Kind::ScentByHand ||
               ((step.kind == Kind::Trace || step.kind == Kind::Emulsion) &&
                std::ranges::any_of(f.lines, [&](const Line& l) {
                    return l.vessel == step.vessel && l.material->kind == MaterialKind::Scent;
                }));
    case MishapKind::Forgotten:
        return step.kind == Kind::WeighLine && step.vessel > Vessel::OilPot &&
               lineIs([](const Material& m) {
                   return m.kind == MaterialKind::Colour || m.kind == MaterialKind::Solid ||
                          m.kind == MaterialKind::Scent || m.kind == MaterialKind::Sugar;
               });
    case MishapKind::WaterSplash: return step.kind == Kind::Combine;
    }
    return false;
}

} // namespace

const char* codeOf(MishapKind kind)
{
    return codes[static_cast<std::size_t>(kind)];
}

std::optional<MishapKind> mishapFromCode(const std::string& code)
{
    return valueWithCode<MishapKind>(codes, code);
}

double usualFigure(MishapKind kind)
{
    return rangeOf(kind).usual;
}
double leastFigure(MishapKind kind)
{
    return rangeOf(kind).least;
}
double mostFigure(MishapKind kind)
{
    return rangeOf(kind).most;
}

std::optional<std::size_t> placeOf(const Mishap& mishap, const DayPlan& plan, const Formula& f)
{
    for (std::size_t i = 0; i < plan.steps.size(); ++i)
        if (mishap.at ? plan.steps[i].kind == *mishap.at : fits(mishap, plan.steps[i], f))
            return i;
    return std::nullopt;
}

MishapScript surprise(const DayPlan& plan, const Formula& f, std::uint64_t seed)
{
    constexpr std::size_t wanted = 3;
    std::vector<Mishap> all;
    for (std::size_t i = 0; i < kinds; ++i) {
        const Mishap one{static_cast<MishapKind>(i), std::nullopt, 0.0};
        if (placeOf(one, plan, f))
            all.push_back(one);
    }
    MishapScript out;
    std::uint64_t state = seed * 6364136223846793005u + 1442695040888963407u;
    while (!all.empty() && out.mishaps.size() < wanted) {
        state = state * 6364136223846793005u + 1442695040888963407u;
        const std::size_t i = std::size_t(state >> 33) % all.size();
        out.mishaps.push_back(all[i]);
        all.erase(all.begin() + std::ptrdiff_t(i));
    }
    return out;
}

MishapOutcome judge(const Mishap& mishap, bool befell, const WhatWasDone& what,
                    const Formula& formula, const Reckoning& planned, const AsWeighed& done)
{
    MishapOutcome out{mishap, befell, false, {}, {}};
    if (!befell)
        return out;
    const double figure = mishap.figure > 0.0 ? mishap.figure : usualFigure(mishap.kind);
    const auto had = [&](const DayFacts& facts) {
        const AsWeighed bowl = reckonAsWeighed(formula, planned, facts, {});
        out.superfat = bowl.reckoning.superfatTrue;
        out.strength = bowl.reckoning.pure.strength;
    };
    switch (mishap.kind) {
    case MishapKind::LyeOvershoots: {
        DayFacts facts;
        for (const auto target : {WeighTarget::What::Sodium, WeighTarget::What::Potassium})
            if (const double grams = plannedGrams({target, 0}, formula, planned); grams > 0.0)
                facts.weighed.push_back({{target, 0}, grams * (1.0 + figure)});
        had(facts);
        // Seen and mended, whichever way: the bowl is near the plan again.
        const double off = done.reckoning.superfatTrue.value_or(-1.0) -
                           done.superfatPlanned.value_or(done.reckoning.superfatTrue.value_or(0.0));
        constexpr double nearEnough = 0.005;
        out.noticed = std::abs(off) <= nearEnough;
        break;
    }
    case MishapKind::WaterSplash: {
        had({{}, {{plainWater(), Vessel::Trace, figure}}, {}});
        out.noticed = what.addedWater;
        break;
    }
    case MishapKind::ScaleDies: out.noticed = what.typed && !what.asPlanned; break;
    case MishapKind::PhoneRings: out.noticed = what.nearMiss || what.trouble; break;
    case MishapKind::MilkScorches:
    case MishapKind::Forgotten: out.noticed = what.help || what.trouble || what.nearMiss; break;
    case MishapKind::ScentSeizes:
        out.noticed = what.secondsToPour > 0.0 && what.secondsToPour <= figure;
        break;
    }
    return out;
}

} // namespace rhexion
