#include "core/makeday/weigh_band.h"

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {

struct Side {
    double grams;
    BandDecides by;
};

class Band {
public:
    Band(const Formula& plan, const Reckoning& planned, const DayFacts& facts,
         const WeighTarget& target, double grams)
        : plan_(plan), planned_(planned), facts_(facts), target_(target), grams_(grams),
          start_(at(grams))
    {
    }

    // towards: -1 or 1.
    Side side(double towards) const
    {
        const double widest = std::max(bandOfItself * grams_, bandOfLittleThings);
        const auto far = breaks(grams_ + towards * widest);
        if (!far)
            return {widest, BandDecides::Itself};
        double in = 0.0;
        double out = widest;
        BandDecides by = *far;
        // 40 halvings leave less than a millionth of a gram of a kilogram.
        for (int i = 0; i < 40; ++i) {
            const double mid = (in + out) / 2.0;
            const auto broken = breaks(grams_ + towards * mid);
            by = broken.value_or(by);
            (broken ? out : in) = mid;
        }
        return {in, by};
    }

private:
    struct Figures {
        std::optional<double> superfat;
        double strength;
    };
    Figures at(double grams) const
    {
        DayFacts facts = facts_;
        facts.weighed.push_back({target_, std::max(0.0, grams), WeighOrigin::Typed});
        const AsWeighed bowl = reckonAsWeighed(plan_, planned_, facts, {});
        return {bowl.reckoning.superfatTrue, bowl.reckoning.pure.strength};
    }
    std::optional<BandDecides> breaks(double grams) const
    {
        const Figures now = at(grams);
        if (now.superfat.has_value() != start_.superfat.has_value() ||
            (now.superfat && std::abs(*now.superfat - *start_.superfat) > bandSuperfat))
            return BandDecides::Superfat;
        if (std::abs(now.strength - start_.strength) > bandStrength)
            return BandDecides::Strength;
        return std::nullopt;
    }

    const Formula& plan_;
    const Reckoning& planned_;
    const DayFacts& facts_;
    WeighTarget target_;
    double grams_;
    Figures start_;
};

} // namespace

std::optional<WeighBand> weighBand(const Formula& plan, const Reckoning& planned,
                                   const DayFacts& facts, const WeighTarget& target,
                                   double scaleStep)
{
    const double grams = plannedGrams(target, plan, planned);
    if (!(grams > 0.0))
        return std::nullopt;
    const Band band(plan, planned, facts, target, grams);
    const Side low = band.side(-1.0);
    const Side high = band.side(1.0);
    return WeighBand{std::max(0.0, grams - std::max(low.grams, scaleStep)),
                     grams + std::max(high.grams, scaleStep), low.by, high.by};
}

} // namespace rhexion
