// How jug and pot cool, fitted to readings, and when both are in the window together. An estimate.
// docs/heat.md, "The sums in short".
#pragma once

#include "core/heat/thermal.h"
#include "core/units/cannot.h"

#include <array>
#include <optional>
#include <vector>

namespace rhexion::heat {

struct Reading {
    double seconds = 0.0;
    double celsius = 20.0;
};

// What is assumed before the first reading.
struct CoolingPrior {
    double room = 20.0;
    double roomSd = 2.0;    // C; 0.5 where it was measured
    double rate = 1e-4;     // 1/s
    double rateLnSd = 0.35; // 0.15 where it was learnt from this vessel
    double readingSd = 0.5;
};
// 1/s by size alone: loss area over heat capacity. grams with their cp, J/(g K).
double vesselRate(double grams, double cp);

using Matrix3 = std::array<std::array<double, 3>, 3>;
using Vector3 = std::array<double, 3>;

// T(t) = room + (start - room) exp(-k t), t in seconds from the first reading.
class Cooling {
public:
    Cooling(const Vector3& parameters, const Matrix3& covariance);
    double at(double seconds) const;
    double sdAt(double seconds) const;
    // s until a temperature is reached, below 0 if before the first reading; nothing if never.
    std::optional<double> when(double celsius) const;
    // The same curve counted from so many seconds later, taken as sure.
    Cooling from(double seconds) const;
    double rate() const; // 1/s
    double lnRateSd() const;
    double start() const { return p_[0]; }
    double room() const { return p_[2]; }
    // The six curves one standard deviation away, by the columns of the covariance's root.
    std::array<Cooling, 6> sigmaCurves() const;

private:
    Vector3 p_; // start, ln rate, room
    Matrix3 covariance_;
};

// Damped Gauss-Newton. Readings in time order, at least one, -40 to 150 C.
OrCannot<Cooling> fitCooling(const std::vector<Reading>& readings, const CoolingPrior& prior);

struct Window {
    double low = 35.0;
    double high = 41.0;
    double tolerance = 6.0;       // C between jug and pot
    std::optional<double> potLow; // where the pot has a window of its own
    std::optional<double> potHigh;
    double lowOfPot() const { return potLow.value_or(low); }
    double highOfPot() const { return potHigh.value_or(high); }
    double middle() const { return (low + high) / 2.0; }
    double middleOfPot() const { return (lowOfPot() + highOfPot()) / 2.0; }
};

struct Meeting {
    double from = 0.0;           // s
    std::optional<double> until; // nothing: still in after six hours
};
// First stretch in which both are in the window and within the tolerance, in six hours.
std::optional<Meeting> meetingOf(const Cooling& jug, const Cooling& pot, const Window& window);
// s until they are first within a tolerance of each other, wherever that is; nothing in six hours.
std::optional<double> firstNear(const Cooling& jug, const Cooling& pot, double tolerance,
                                double from = 0.0);
// Standard deviation of its beginning, s; nothing where a curve one sd away never meets.
std::optional<double> meetingSd(const Cooling& jug, const Cooling& pot, const Window& window);

// s in a stirred ice bath, and g of ice it melts. inside: 0.5 for oil, which takes twice as long.
struct Bath {
    double seconds = 0.0;
    double iceGrams = 0.0;
};
Bath bathFor(double grams, double cp, double celsius, double target, VesselStuff vessel,
             double inside = 1.0, double bath = 1.0);
inline constexpr double oilInside = 0.5;

// What to do where they never meet by themselves.
struct MeetingAdvice {
    bool jugIsLater = false;
    bool bothTooCold = false;    // nothing to chill: warm both
    double chillTo = 0.0;        // C
    Bath chill;                  // of the later one, now
    double warmOtherBy = 0.0;    // J, when the later one arrives
    double warmAt = 0.0;         // s
    bool bathCracks = false;     // glass or ceramic more than 50 C hotter than the bath
    std::optional<Meeting> then; // with the later one chilled: counted from the end of the bath
};
struct Vessels {
    double jugGrams = 0.0;
    double jugCp = 3.5;
    VesselStuff jug = VesselStuff::Polypropylene;
    double potGrams = 0.0;
    double potCp = cp::fat;
    VesselStuff pot = VesselStuff::Steel;
};
std::optional<MeetingAdvice> adviceFor(const Cooling& jug, const Cooling& pot, const Window& window,
                                       const Vessels& vessels);

} // namespace rhexion::heat
