// How long a batter stays fluid, and when a bar can be unmoulded, cut and stamped: a base and
// factors, each a row of working_factors with its reason. All of it is common practice without a
// source; the maker's own logs correct it.
#pragma once

#include "core/account/account.h"
#include "core/formula/mould.h"
#include "core/units/cannot.h"

#include <array>
#include <map>
#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace rhexion {

// Multiplies a time; low, typical, high.
struct Factor {
    double low = 1.0;
    double typical = 1.0;
    double high = 1.0;
};

// A slope of ln(time) per unit of a feature from its reference on.
struct SlopeRow {
    std::string_view code;
    double reference;
    double low;
    double typical;
    double high;
};
enum class ScentClass { None, Slows, Untried, Speeds, Rices, Seizes };
const char* codeOf(ScentClass what);
std::optional<ScentClass> scentClassFromCode(const std::string& code);

std::span<const SlopeRow> workSlopes();        // of the working time
std::span<const SlopeRow> unmouldSlopes();     // of the hours to unmoulding
Factor factorOf(ScentClass what, double dose); // dose: share of the oils
Factor factorOf(Blending blending);
Factor factorOf(GelPlan gel);
Factor cavitiesFactor();
Factor workBase();    // minutes
Factor unmouldBase(); // hours

struct ScentDose {
    ScentClass what = ScentClass::None;
    double dose = 0.0;
    std::string lot; // whose own factor is learned
};

// What a time depends on, by the codes of its slopes; per cents of oils as numbers.
using Features = std::map<std::string, double, std::less<>>;

struct NamedFactor {
    std::string code; // of the slope, "scent", "scent:<material>", "blending", "gel", "cavities"
    Factor factor;
    double feature = 0.0;
    bool off = false; // switched off by the maker
};

struct TimeForecast {
    Factor time;                      // low, typical, high: minutes or hours
    std::vector<NamedFactor> factors; // farthest from 1 first
    int logs = 0;                     // of the maker's own batches, that corrected it
};

// base times the factors that are not off; doubts add as squares on the logarithm, each side by
// itself.
Factor combined(const Factor& base, std::span<const NamedFactor> factors);

TimeForecast workingTime(const Features& features, std::span<const ScentDose> scents,
                         Blending blending, std::span<const std::string> off = {});

enum class WorkingClass { VeryShort, Short, Fair, Long };
const char* codeOf(WorkingClass what);
WorkingClass classOfMinutes(double minutes);

enum class MouldKind { Loaf, Dividers, Cavities };
struct MouldTimes { // hours after pouring
    TimeForecast unmould;
    struct Window {
        Factor opens;
        Factor closes;
    };
    std::optional<Window> cut; // none where bars are not cut
    Window stamp;
    bool salty = false; // a salt bar: cut within hours
    bool oleic = false;
};
MouldTimes windowsOf(const Features& features, GelPlan gel, MouldKind mould,
                     std::span<const std::string> off = {});

// A log of the maker's: how long it really took.
struct WorkingLog {
    std::map<std::string, double> weights; // of each learned factor: "base" 1
    double time = 0.0;                     // above 0
};
struct Prior { // of ln factor
    double mean = 0.0;
    double sd = 1.0;
};
Prior priorOf(const Factor& factor);
struct Learned {
    std::vector<std::string> names; // sorted
    std::vector<double> mean;
    std::vector<double> covariance; // row by row
    double sigma = 0.35;
};
// Normal regression with known priors; the noise is pooled with its own prior in one more pass.
Learned learn(const std::map<std::string, Prior>& priors, std::span<const WorkingLog> logs);
// 5, 50 and 95 of 100 of one more time.
Factor predict(const Learned& learned, const std::map<std::string, double>& weights);

// One finished batch: its features at the time and what was seen.
struct OwnLog {
    Features features;
    std::vector<ScentDose> scents;
    Blending blending = Blending::Bursts;
    double minutes = 0.0;
    bool onlyLonger = false; // poured, still fluid: counts only if longer than the forecast
};
// The forecast corrected by logs: the base learns from each, a scent of known lot its own factor,
// others stay fixed until eight logs differ in them.
TimeForecast corrected(const TimeForecast& forecast, std::span<const OwnLog> logs);

// Features of a formula.
Features workFeatures(const Formula& formula, const Account& account);
Features unmouldFeatures(const Formula& formula, const Account& account);
// tried: ids of scents of which an earlier batch is in the journal.
std::vector<ScentDose> scentDoses(const Formula& formula, const Account& account,
                                  std::span<const std::string> tried);
MouldKind mouldKindOf(const Formula& formula);

// Named before the day: what does not go together.
enum class SpeedRisk { SeizingScentWithSugar, ManyColoursFastBatter, UntriedScent, VeryShort };
struct SpeedRiskFound {
    SpeedRisk what;
    LineId line = 0;
    double figure = 0.0; // how many colours, minutes
};
std::vector<SpeedRiskFound> speedRisks(const Formula& formula, const Account& account,
                                       const TimeForecast& forecast,
                                       std::span<const ScentDose> scents);

} // namespace rhexion
