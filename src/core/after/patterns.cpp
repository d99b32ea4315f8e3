#include "core/after/patterns.h"

#include <boost/math/special_functions/beta.hpp>

#include <algorithm>
#include <cmath>

namespace rhexion {

Interval shareOfCount(int k, int n)
{
    if (n <= 0)
        return Interval::around(0.0, 0.5, 1.0);
    const double a = k + 0.5;
    const double b = n - k + 0.5;
    const double low = k == 0 ? 0.0 : boost::math::ibeta_inv(a, b, 0.05);
    const double high = k == n ? 1.0 : boost::math::ibeta_inv(a, b, 0.95);
    return Interval::around(low, std::clamp(double(k) / n, low, high), high);
}

bool isInput(const std::string& fact)
{
    return fact != "told" && fact != "made" && !fact.starts_with("seen:") &&
           !fact.starts_with("verdict:") && !fact.starts_with("pair:");
}

std::vector<Pattern> patternsOf(std::span<const PatternCount> counts)
{
    std::vector<Pattern> out;
    for (const PatternCount& count : counts) {
        if (count.with == 0 || count.without == 0)
            continue;
        Pattern p;
        p.count = count;
        p.with = shareOfCount(count.withOutcome, count.with);
        p.without = shareOfCount(count.withoutOutcome, count.without);
        p.few = count.with < fewBatches || count.without < fewBatches;
        p.overlap = p.with.low() <= p.without.high() && p.without.low() <= p.with.high();
        out.push_back(std::move(p));
    }
    std::ranges::stable_sort(out, [](const Pattern& a, const Pattern& b) {
        if (a.isClear() != b.isClear())
            return a.isClear();
        return std::abs(a.apart()) > std::abs(b.apart());
    });
    return out;
}

} // namespace rhexion
