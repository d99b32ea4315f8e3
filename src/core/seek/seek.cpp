#include "core/seek/seek.h"

#include "core/formula/scale.h"

#include <cmath>
#include <limits>

namespace rhexion::seek {

namespace {

constexpr int steps = 12; // outwards, each twice as far as the one before

class Seeker {
public:
    Seeker(const Formula& formula, const Knob& knob, const Gauge& gauge, double wanted)
        : formula_(formula), knob_(knob), gauge_(gauge), wanted_(wanted)
    {
    }

    Sought run()
    {
        const double first = missAt(knob_.start);
        if (!std::isfinite(wanted_) || !std::isfinite(first))
            return {};
        take(knob_.start, first);
        for (const double end : {knob_.high, knob_.low})
            if (const auto found = towards(end, first))
                return *found;
        return nearest_;
    }

private:
    double missAt(double at) const
    {
        constexpr double none = std::numeric_limits<double>::quiet_NaN();
        Formula f = formula_;
        const std::vector<Edit> edits = knob_.turn(f, at);
        if (edits.empty())
            return none;
        for (const Edit& edit : edits)
            if (!apply(f, edit))
                return none;
        const ReckonResult result = reckon(f);
        const auto* r = std::get_if<Reckoning>(&result);
        const auto value = r ? gauge_(*r) : std::nullopt;
        return value ? *value - wanted_ : none;
    }

    void take(double at, double miss)
    {
        if (nearest_.outcome == Outcome::Outside ||
            std::abs(miss) < std::abs(nearest_.value - wanted_))
            nearest_ = {Outcome::NotReached, at, wanted_ + miss};
    }

    // As far as it can be reckoned: past a refusal there is nothing to find.
    std::optional<Sought> towards(double end, double first)
    {
        double before = knob_.start;
        double missBefore = first;
        for (int step = 1; step <= steps; ++step) {
            const double share = (std::exp2(step) - 1.0) / (std::exp2(steps) - 1.0);
            const double at = knob_.start + (end - knob_.start) * share;
            if (at == before)
                continue;
            const double miss = missAt(at);
            if (!std::isfinite(miss))
                return std::nullopt;
            take(at, miss);
            if ((miss <= 0.0) != (missBefore < 0.0) || miss == 0.0) {
                const Root found = root([this](double x) { return missAt(x); },
                                        std::min(at, before), std::max(at, before));
                if (found.outcome == Outcome::Found)
                    return Sought{Outcome::Found, found.at, wanted_ + found.value};
            }
            before = at;
            missBefore = miss;
        }
        return std::nullopt;
    }

    const Formula& formula_;
    const Knob& knob_;
    const Gauge& gauge_;
    double wanted_;
    Sought nearest_;
};

} // namespace

Sought seek(const Formula& formula, const Knob& knob, const Gauge& gauge, double wanted)
{
    return Seeker(formula, knob, gauge, wanted).run();
}

Knob scaleKnob()
{
    return {1e-4, 1e4, 1.0, [](const Formula& f, double factor) { return scaled(f, factor); }};
}

Knob superfatKnob(const Formula& formula)
{
    return {LyeSettings::leastSuperfat, LyeSettings::mostSuperfat, formula.lye.superfat,
            [](const Formula& f, double superfat) {
                SetLye set{SettingField::Superfat, f.lye};
                set.lye.superfat = superfat;
                return std::vector<Edit>{set};
            }};
}

double oilsOf(const Reckoning& reckoning)
{
    return reckoning.oilsGrams;
}

double batterOf(const Reckoning& reckoning)
{
    return reckoning.batterGrams;
}

} // namespace rhexion::seek
