#include "core/units/root.h"

#include <boost/math/tools/toms748_solve.hpp>

#include <cmath>

namespace rhexion::seek {

Root root(const std::function<double(double)>& of, double low, double high)
{
    if (!std::isfinite(low) || !std::isfinite(high) || !(low < high))
        return {};
    const double atLow = of(low);
    const double atHigh = of(high);
    if (!std::isfinite(atLow) || !std::isfinite(atHigh))
        return {};
    if (atLow == 0.0)
        return {Outcome::Found, low, 0.0};
    if (atHigh == 0.0)
        return {Outcome::Found, high, 0.0};
    if ((atLow < 0.0) == (atHigh < 0.0)) {
        const bool nearLow = std::abs(atLow) <= std::abs(atHigh);
        return {Outcome::NotReached, nearLow ? low : high, nearLow ? atLow : atHigh};
    }
    bool finite = true;
    const auto checked = [&](double x) {
        const double y = of(x);
        finite = finite && std::isfinite(y);
        return std::isfinite(y) ? y : 0.0; // ends the search; told as Outside
    };
    const auto close = [](double a, double b) {
        return std::abs(a - b) <= 1e-12 * (std::abs(a) + std::abs(b)) + 1e-15;
    };
    std::uintmax_t passes = 200;
    const auto [a, b] =
        boost::math::tools::toms748_solve(checked, low, high, atLow, atHigh, close, passes);
    if (!finite)
        return {};
    const double at = (a + b) / 2.0;
    return {Outcome::Found, at, of(at)};
}

} // namespace rhexion::seek
