#include "core/after/stock_count.h"

#include <vector>

namespace rhexion {

namespace {

constexpr std::int64_t week = 7LL * 86400 * 1000;
constexpr int weeksLookedAt = 8;
constexpr int fewUses = 3;

} // namespace

JarNow jarNow(std::optional<double> counted, std::int64_t countedAt, std::optional<double> bought,
              std::span<const DrawnAt> draws)
{
    JarNow out;
    const std::int64_t since = counted ? countedAt : 0;
    for (const DrawnAt& d : draws)
        if (d.at >= since)
            out.drawnSince += d.grams;
    if (const auto start = counted ? counted : bought)
        out.grams = *start - out.drawnSince;
    return out;
}

LowAnswer isLow(const LowAsk& ask, std::span<const DrawnAt> draws)
{
    std::vector<double> weekly(weeksLookedAt, 0.0);
    int uses = 0;
    for (const DrawnAt& d : draws) {
        const std::int64_t ago = ask.now - d.at;
        if (ago < 0 || ago >= weeksLookedAt * week)
            continue;
        weekly[std::size_t(ago / week)] += d.grams;
        ++uses;
    }
    LowAnswer out;
    if (uses >= fewUses) {
        const auto point = reorderPoint(weekly, ask.weeksToGet);
        if (const double* grams = std::get_if<double>(&point))
            out.wanted = *grams;
    } else {
        out.wanted = 2.0 * ask.regularGrams;
    }
    out.low = ask.onHand < out.wanted;
    return out;
}

} // namespace rhexion
