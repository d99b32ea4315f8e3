#include "core/after/drying.h"

#include <cmath>
#include <numbers>

namespace rhexion {

namespace {

constexpr double secondsOfDay = 86400.0;
constexpr std::array<double, 3> waterAtRest{0.06, 0.10, 0.14};

} // namespace

double stillToLose(double x)
{
    using std::numbers::pi;
    if (!(x > 0.0))
        return 1.0;
    constexpr double early = 0.08; // where the two series meet within 2e-6
    if (x < early)
        return 1.0 - 4.0 / std::pow(pi, 1.5) * std::sqrt(x);
    double sum = 0.0;
    for (int k = 0; k < 12; ++k) {
        const double odd = 2.0 * k + 1.0;
        sum += std::exp(-odd * odd * x) / (odd * odd);
    }
    return 8.0 / (pi * pi) * sum;
}

OrCannot<double> dryingDays(const std::array<double, 3>& millimetres, double diffusivity)
{
    double inverse = 0.0;
    constexpr std::array<const char*, 3> names{"length", "width", "height"};
    for (std::size_t i = 0; i < millimetres.size(); ++i) {
        if (!isAboveNothing(millimetres[i]))
            return Cannot{CannotCode::NotPositive, names[i], {}};
        const double metres = millimetres[i] / 1000.0;
        inverse += 1.0 / (metres * metres);
    }
    if (!(diffusivity > 0.0))
        return Cannot{CannotCode::NotPositive, "rate", {}};
    using std::numbers::pi;
    return 1.0 / (pi * pi * diffusivity * inverse) / secondsOfDay;
}

Interval settledGrams(double dry)
{
    return Interval::around(dry / (1.0 - waterAtRest[0]), dry / (1.0 - waterAtRest[1]),
                            dry / (1.0 - waterAtRest[2]));
}

} // namespace rhexion
