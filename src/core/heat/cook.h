// A hot-process cook: stages, water lost, how it ends. One lump, an estimate; weighing the pot
// beats it. docs/heat.md, "The sums in short".
#pragma once

#include "core/heat/batter.h"
#include "core/units/quantity.h"

#include <array>
#include <optional>
#include <vector>

namespace rhexion::heat {

struct Cooker {
    double power = 160.0;   // W at this setting
    double setpoint = 88.0; // C at which the heat goes off
    double diameter = 0.20; // m, open face
    double potGrams = 2000.0;
    VesselStuff pot = VesselStuff::Ceramic;
    double loss = 1.2;       // W/K through side and foot
    double openShare = 0.15; // of the time the lid is off or leaking
    double room = 20.0;
    friend bool operator==(const Cooker&, const Cooker&) = default;
};
std::optional<Cannot> faultOf(const Cooker& cooker);

enum class CookStage { Thick, Mashed, Drying, Done };

struct CookPoint {
    double seconds = 0.0;
    double celsius = 0.0;
    double saponified = 0.0;
    double waterLost = 0.0; // g
};

struct CookRun {
    double peak = 0.0;
    double end = 0.0;
    double saponified = 0.0;
    double waterLost = 0.0;
    double batterLeft = 0.0;
    double strength = 0.0;
    // s at which each stage is reached.
    std::array<std::optional<double>, countOf<CookStage>()> stages{};
    std::vector<CookPoint> curve; // every minute
};
CookRun runCook(const Batter& batter, const Cooker& cooker, double startCelsius, double minutes,
                TraceStage trace = TraceStage::Medium, const Knobs& knobs = {}, double step = 5.0);

// Bands: time 0.6 to 1.7 times, water 0.5 to 2 times.
Interval cookTimeBand(double seconds);
Interval cookWaterBand(double grams);

// s after the end until the batter has cooled to a temperature with the heat off, lid as it was;
// nothing if it never does.
std::optional<double> cooledTo(const CookRun& run, const Batter& batter, const Cooker& cooker,
                               double celsius);

} // namespace rhexion::heat
