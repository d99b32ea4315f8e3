#include "core/heat/cooling.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace rhexion::heat {

namespace {

constexpr double horizon = 6.0 * 3600.0;
constexpr double scanStep = 10.0;

// Lower triangle L with L L' = m; m is positive definite.
Matrix3 choleskyOf(const Matrix3& m)
{
    Matrix3 l{};
    for (std::size_t i = 0; i < 3; ++i)
        for (std::size_t j = 0; j <= i; ++j) {
            double sum = m[i][j];
            for (std::size_t k = 0; k < j; ++k)
                sum -= l[i][k] * l[j][k];
            l[i][j] = i == j ? std::sqrt(std::max(sum, 0.0)) : sum / l[j][j];
        }
    return l;
}

Vector3 solved(const Matrix3& m, const Vector3& right)
{
    const Matrix3 l = choleskyOf(m);
    Vector3 y{};
    for (std::size_t i = 0; i < 3; ++i) {
        y[i] = right[i];
        for (std::size_t k = 0; k < i; ++k)
            y[i] -= l[i][k] * y[k];
        y[i] /= l[i][i];
    }
    for (std::size_t i = 3; i-- > 0;) {
        for (std::size_t k = i + 1; k < 3; ++k)
            y[i] -= l[k][i] * y[k];
        y[i] /= l[i][i];
    }
    return y;
}

Matrix3 inverseOf(const Matrix3& m)
{
    Matrix3 inverse{};
    for (std::size_t j = 0; j < 3; ++j) {
        Vector3 unit{};
        unit[j] = 1.0;
        const Vector3 column = solved(m, unit);
        for (std::size_t i = 0; i < 3; ++i)
            inverse[i][j] = column[i];
    }
    return inverse;
}

double curve(const Vector3& p, double seconds)
{
    return p[2] + (p[0] - p[2]) * std::exp(-std::exp(std::min(p[1], 0.0)) * seconds);
}

Vector3 slopes(const Vector3& p, double seconds)
{
    const double k = std::exp(std::min(p[1], 0.0));
    const double e = std::exp(-k * seconds);
    return {e, -(p[0] - p[2]) * k * seconds * e, 1.0 - e};
}

// Half the sum of squares, its slope and the normal matrix.
struct Normal {
    double cost = 0.0;
    Vector3 slope{};
    Matrix3 matrix{};
    void add(const Vector3& row, double residual)
    {
        cost += residual * residual;
        for (std::size_t i = 0; i < 3; ++i) {
            slope[i] += row[i] * residual;
            for (std::size_t j = 0; j < 3; ++j)
                matrix[i][j] += row[i] * row[j];
        }
    }
};

Normal normalOf(const Vector3& p, const std::vector<Reading>& readings, const CoolingPrior& prior)
{
    Normal normal;
    for (const Reading& reading : readings) {
        Vector3 row = slopes(p, reading.seconds);
        for (double& x : row)
            x /= prior.readingSd;
        normal.add(row, (curve(p, reading.seconds) - reading.celsius) / prior.readingSd);
    }
    normal.add({0.0, 1.0 / prior.rateLnSd, 0.0}, (p[1] - std::log(prior.rate)) / prior.rateLnSd);
    normal.add({0.0, 0.0, 1.0 / prior.roomSd}, (p[2] - prior.room) / prior.roomSd);
    return normal;
}

} // namespace

double vesselRate(double grams, double cp)
{
    const Faces faces = facesOf(grams);
    return airFilm * (0.8 * faces.side + faces.top) / (grams * cp);
}

Cooling::Cooling(const Vector3& parameters, const Matrix3& covariance)
    : p_(parameters), covariance_(covariance)
{
}

double Cooling::at(double seconds) const
{
    return curve(p_, seconds);
}

double Cooling::sdAt(double seconds) const
{
    const Vector3 g = slopes(p_, seconds);
    double variance = 0.0;
    for (std::size_t i = 0; i < 3; ++i)
        for (std::size_t j = 0; j < 3; ++j)
            variance += g[i] * covariance_[i][j] * g[j];
    return std::sqrt(std::max(0.0, variance));
}

std::optional<double> Cooling::when(double celsius) const
{
    const double above = celsius - p_[2];
    const double ratio = (p_[0] - p_[2]) / above;
    if (above == 0.0 || !(ratio > 0.0))
        return std::nullopt;
    return std::log(ratio) / rate();
}

Cooling Cooling::from(double seconds) const
{
    return Cooling({at(seconds), p_[1], p_[2]}, Matrix3{});
}

double Cooling::rate() const
{
    return std::exp(p_[1]);
}

double Cooling::lnRateSd() const
{
    return std::sqrt(std::max(0.0, covariance_[1][1]));
}

std::array<Cooling, 6> Cooling::sigmaCurves() const
{
    const Matrix3 root = choleskyOf(covariance_);
    const auto moved = [&](std::size_t column, double sign) {
        Vector3 p = p_;
        for (std::size_t i = 0; i < 3; ++i)
            p[i] += sign * root[i][column];
        return Cooling(p, covariance_);
    };
    return {moved(0, 1.0),  moved(1, 1.0),  moved(2, 1.0),
            moved(0, -1.0), moved(1, -1.0), moved(2, -1.0)};
}

OrCannot<Cooling> fitCooling(const std::vector<Reading>& readings, const CoolingPrior& prior)
{
    if (readings.empty())
        return Cannot{CannotCode::TooFewReadings, "readings", {}};
    for (std::size_t i = 0; i < readings.size(); ++i) {
        const Reading& r = readings[i];
        if (!(r.celsius >= -40.0 && r.celsius <= 150.0))
            return Cannot{CannotCode::OutOfRange, "temperature", {-40.0, 150.0}};
        if (!(r.seconds >= 0.0 && r.seconds < 1e7) ||
            (i > 0 && r.seconds <= readings[i - 1].seconds))
            return Cannot{CannotCode::ReadingsOutOfOrder, "readings", {}};
    }
    if (!(prior.room >= -40.0 && prior.room <= 150.0))
        return Cannot{CannotCode::OutOfRange, "temperature", {-40.0, 150.0}};
    if (!isAboveNothing(prior.rate))
        return Cannot{CannotCode::NotPositive, "rate", {}};

    Vector3 p{readings.front().celsius, std::log(prior.rate), prior.room};
    Normal now = normalOf(p, readings, prior);
    double damping = 1e-3;
    for (int pass = 0; pass < 200 && damping < 1e12; ++pass) {
        Matrix3 damped = now.matrix;
        for (std::size_t i = 0; i < 3; ++i)
            damped[i][i] *= 1.0 + damping;
        Vector3 step = solved(damped, now.slope);
        Vector3 tried = p;
        double largest = 0.0;
        for (std::size_t i = 0; i < 3; ++i) {
            tried[i] -= step[i];
            largest = std::max(largest, std::abs(step[i]));
        }
        const Normal there = normalOf(tried, readings, prior);
        if (there.cost <= now.cost) {
            p = tried;
            now = there;
            damping /= 10.0;
            if (largest < 1e-10)
                break;
        } else {
            damping *= 10.0;
        }
    }
    return Cooling(p, inverseOf(now.matrix));
}

std::optional<Meeting> meetingOf(const Cooling& jug, const Cooling& pot, const Window& window)
{
    const auto good = [&](double seconds) {
        const double a = jug.at(seconds);
        const double b = pot.at(seconds);
        return a >= window.low && a <= window.high && b >= window.lowOfPot() &&
               b <= window.highOfPot() && std::abs(a - b) <= window.tolerance;
    };
    // Where between a and b it changes; the side of b's answer.
    const auto edge = [&](double a, double b) {
        const bool then = good(b);
        for (int i = 0; i < 30; ++i) {
            const double middle = (a + b) / 2.0;
            (good(middle) == then ? b : a) = middle;
        }
        return then ? b : a;
    };
    double t = 0.0;
    while (t <= horizon && !good(t))
        t += scanStep;
    if (t > horizon)
        return std::nullopt;
    Meeting meeting;
    meeting.from = t == 0.0 ? 0.0 : edge(t - scanStep, t);
    while (t <= horizon && good(t))
        t += scanStep;
    if (t <= horizon)
        meeting.until = edge(t - scanStep, t);
    return meeting;
}

std::optional<double> firstNear(const Cooling& jug, const Cooling& pot, double tolerance,
                                double from)
{
    for (double t = from; t <= horizon; t += 60.0)
        if (std::abs(jug.at(t) - pot.at(t)) <= tolerance)
            return t;
    return std::nullopt;
}

std::optional<double> meetingSd(const Cooling& jug, const Cooling& pot, const Window& window)
{
    if (!meetingOf(jug, pot, window))
        return std::nullopt;
    double variance = 0.0;
    const auto spread = [&](const std::array<Cooling, 6>& curves, bool ofJug) {
        for (std::size_t i = 0; i < 3; ++i) {
            const auto from = [&](std::size_t which) {
                return ofJug ? meetingOf(curves[which], pot, window)
                             : meetingOf(jug, curves[which], window);
            };
            const auto up = from(i);
            const auto down = from(i + 3);
            if (!up || !down)
                return false;
            variance += std::pow((up->from - down->from) / 2.0, 2);
        }
        return true;
    };
    if (!spread(jug.sigmaCurves(), true) || !spread(pot.sigmaCurves(), false))
        return std::nullopt;
    return std::sqrt(variance);
}

Bath bathFor(double grams, double cp, double celsius, double target, VesselStuff vessel,
             double inside, double bath)
{
    const double capacity = grams * cp;
    const double conductance = bathConductance(vessel) * inside * facesOf(grams).side;
    return {capacity / conductance * std::log((celsius - bath) / (target - bath)),
            capacity * (celsius - target) / meltingIce};
}

std::optional<MeetingAdvice> adviceFor(const Cooling& jug, const Cooling& pot, const Window& window,
                                       const Vessels& vessels)
{
    if (meetingOf(jug, pot, window))
        return std::nullopt;
    constexpr double never = std::numeric_limits<double>::infinity();
    const double jugInto = jug.when(window.high).value_or(never);
    const double potInto = pot.when(window.highOfPot()).value_or(never);
    MeetingAdvice advice;
    advice.jugIsLater = jugInto > potInto;
    const Cooling& later = advice.jugIsLater ? jug : pot;
    const Cooling& other = advice.jugIsLater ? pot : jug;
    const double laterLow = advice.jugIsLater ? window.low : window.lowOfPot();
    const double laterHigh = advice.jugIsLater ? window.high : window.highOfPot();
    const double otherHigh = advice.jugIsLater ? window.highOfPot() : window.high;
    const double otherCapacity =
        advice.jugIsLater ? vessels.potGrams * vessels.potCp : vessels.jugGrams * vessels.jugCp;
    advice.chillTo = std::clamp(other.at(0.0), laterLow, laterHigh);
    if (later.at(0.0) <= advice.chillTo) {
        advice.bothTooCold = true;
        advice.warmOtherBy = std::max(0.0, otherHigh - other.at(0.0)) * otherCapacity;
        return advice;
    }
    const VesselStuff vessel = advice.jugIsLater ? vessels.jug : vessels.pot;
    advice.chill =
        bathFor(advice.jugIsLater ? vessels.jugGrams : vessels.potGrams,
                advice.jugIsLater ? vessels.jugCp : vessels.potCp, later.at(0.0),
                std::max(advice.chillTo, 1.5), vessel, advice.jugIsLater ? 1.0 : oilInside);
    advice.bathCracks = (vessel == VesselStuff::Glass || vessel == VesselStuff::Ceramic) &&
                        later.at(0.0) - 1.0 > 50.0;
    advice.warmAt = std::max(0.0, later.when(laterHigh).value_or(0.0));
    advice.warmOtherBy = std::max(0.0, otherHigh - other.at(advice.warmAt)) * otherCapacity;
    // Put through the meeting again: what is chilled starts anew, the other went on cooling.
    const Cooling chilled({advice.chillTo, std::log(later.rate()), later.room()}, Matrix3{});
    const Cooling waited = other.from(advice.chill.seconds);
    advice.then =
        advice.jugIsLater ? meetingOf(chilled, waited, window) : meetingOf(waited, chilled, window);
    return advice;
}

} // namespace rhexion::heat
