// Mishaps of a rehearsal: where in a plan each befalls, and what the maker made of it.
#pragma once

#include "core/makeday/as_weighed.h"

#include <cstdint>
#include <string>
#include <vector>

namespace rhexion {

enum class MishapKind {
    LyeOvershoots, // figure: by that share too much lye, 0 to 2
    ScaleDies,     // figure: for so many seconds of the day, 1 to 3600
    PhoneRings,    // figure: minutes away, 1 to 120
    MilkScorches,  // figure: C the jug reaches, 50 to 110
    ScentSeizes,   // figure: seconds until the batter stands, 10 to 600
    Forgotten,     // something for later stays on the counter
    WaterSplash    // figure: g of water that went into the batter, 1 to 500
};
const char* codeOf(MishapKind kind);
std::optional<MishapKind> mishapFromCode(const std::string& code);

struct Mishap {
    MishapKind kind = MishapKind::PhoneRings;
    std::optional<DayStepKind> at; // the step it befalls; nothing: where it fits first
    double figure = 0.0;           // 0: a usual one
    friend bool operator==(const Mishap&, const Mishap&) = default;
};
struct MishapScript {
    std::string name;
    std::vector<Mishap> mishaps;
    friend bool operator==(const MishapScript&, const MishapScript&) = default;
};
inline constexpr std::size_t mostMishaps = 50;

double usualFigure(MishapKind kind);
double leastFigure(MishapKind kind);
double mostFigure(MishapKind kind);

// Place of the step it befalls; nothing where the plan has none for it.
std::optional<std::size_t> placeOf(const Mishap& mishap, const DayPlan& plan,
                                   const Formula& formula);
// Three that fit the plan, drawn by the seed; fewer where fewer fit.
MishapScript surprise(const DayPlan& plan, const Formula& formula, std::uint64_t seed);

// What was done from when it befell until its step was left, and until the end.
struct WhatWasDone {
    bool help = false;       // asked whether it is right
    bool trouble = false;    // opened "something happened"
    bool nearMiss = false;   // wrote it down
    bool typed = false;      // typed the weight instead
    bool asPlanned = false;  // took it as planned, without looking
    bool addedWater = false; // put the splash down
    double secondsToPour = 0.0;
};

struct MishapOutcome {
    Mishap mishap;
    bool befell = false;
    bool noticed = false;
    // What it would have made of the bar, had it been left.
    std::optional<double> superfat;
    std::optional<double> strength;
};
// planned: what was to be; done: what was made of it in the end.
MishapOutcome judge(const Mishap& mishap, bool befell, const WhatWasDone& what,
                    const Formula& formula, const Reckoning& planned, const AsWeighed& done);

} // namespace rhexion
