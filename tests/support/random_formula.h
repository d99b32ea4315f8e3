// Random formulas for laws that must hold for all of them. The same seed gives the same formulas on
// every library: only the engine's raw numbers are used.
#pragma once

#include "support/make.h"

#include <random>

namespace rhexion::test {

class RandomFormulas {
public:
    explicit RandomFormulas(unsigned seed) : engine_(seed) {}

    double between(double low, double high)
    {
        return low + (high - low) * double(engine_()) / 4294967295.0;
    }
    int below(int n) { return int(engine_() % unsigned(n)); }
    bool chance(double p) { return between(0, 1) < p; }

    MaterialPtr randomOil()
    {
        auto m = material("oil", MaterialKind::Fat);
        m->part(Part::Fat) = figure(1.0);
        const double sv = between(170, 265);
        m->sv = Figure{*Interval::of(sv * 0.98, sv, sv * 1.02), "test"};
        return m;
    }

    MaterialPtr randomExtra()
    {
        auto m = material("extra", static_cast<MaterialKind>(int(MaterialKind::Acid) + below(3)));
        const double water = between(0.2, 0.95);
        m->part(Part::Water) = figure(water);
        if (chance(0.5)) {
            const double fat = between(0.0, (1 - water) * 0.5);
            m->part(Part::Fat) = {*Interval::of(fat * 0.8, fat, fat * 1.2), "test"};
            m->sv = figure(between(190, 260));
        }
        if (chance(0.5))
            m->acids.push_back(
                {static_cast<Acid>(below(7)), figure(between(0, (1 - water) * 0.4))});
        if (chance(0.2))
            m->titratable = figure(between(0, 12));
        return m;
    }

    MaterialPtr randomScent()
    {
        auto m = material("scent", chance(0.5) ? MaterialKind::Scent : MaterialKind::Salt);
        if (m->kind == MaterialKind::Salt)
            m->part(Part::SodiumChloride) = figure(1.0);
        m->measures = {{"drop", 0.03, "test"}, {"tsp", between(2, 7), "test"}};
        return m;
    }

    // Every feature a formula can have, on top of what it is: a split batter with oil set aside,
    // two jugs, liquid set aside, locks, spoons and drops, oil after the cook, a ready lye.
    void everythingOn(Formula& f)
    {
        const int portions = below(4);
        for (int p = 0; p < portions; ++p) {
            Portion portion;
            portion.id = f.newId();
            portion.parts = between(0.2, 3);
            if (chance(0.4))
                portion.held =
                    HeldOil{0, chance(0.5) ? StatedAmount{between(0, 8), AmountUnit::PercentOfOils}
                                           : grams(between(0, 3))};
            f.portions.push_back(portion);
        }
        const auto anyPortion = [&] {
            return portions == 0 || chance(0.4) ? 0 : f.portions[std::size_t(below(portions))].id;
        };
        for (int extra = below(3); extra > 0; --extra) {
            add(f, randomScent(),
                {between(0, 4), chance(0.5) ? AmountUnit::Teaspoon : AmountUnit::Drop},
                Vessel::Trace);
            f.lines.back().locked = chance(0.3);
        }
        for (Line& line : f.lines) {
            const bool rests = line.amount.unit == AmountUnit::Rest;
            if (!rests && !line.material->isOil() && chance(0.3))
                line.solvent = between(0, 2);
            if (!rests && !isJug(line.vessel) && line.vessel != Vessel::OilPot)
                line.portion = anyPortion();
        }
        if (chance(0.3))
            f.lye.secondJug = SecondJug{between(0, 1), between(0, 1)};
        if (chance(0.2))
            f.lye.sodium = sodiumHydroxide(between(0.4, 0.5));
        if (chance(0.2)) {
            add(f, randomOil(), grams(between(0, 20)), Vessel::AfterCook);
            f.lye.basis = static_cast<SuperfatBasis>(below(2));
        }
        pour(f);
    }

    // Moulds and handling by what the formula is already, so that no die is thrown for them.
    static void pour(Formula& f)
    {
        const std::size_t n = f.lines.size();
        const MouldShape shapes[] = {Loaf{250, 80, 70, 255, 88, 4, .5},
                                     Slab{300, 200, 50, 2, 3, 3, 45},
                                     Column{75, 200},
                                     LyingTube{80, 250, 70},
                                     Dome{35, 28},
                                     FreeShape{640}};
        for (std::size_t i = 0; i < n % 4; ++i)
            f.moulds.push_back({Mould{"mould", shapes[(n + i) % 6], int(1 + (n + i) % 3 * 4)},
                                f.portions.empty() || i % 2 ? 0 : f.portions[0].id,
                                i % 2 ? 0.9 : 1.0});
        f.cutting = {20.0 + double(n % 15), double(n % 3), double(n % 2)};
        f.handling.blending = static_cast<Blending>(n % 3);
        f.handling.gel = static_cast<GelPlan>((n / 3) % 3);
        f.handling.product = static_cast<ProductKind>(n % 5);
        if (n % 2)
            f.handling.factorsOff = {"temperature"};
    }

    // Amounts only in grams when plain; else some in per cent of oils or batter, and every feature
    // now and then.
    Formula next(bool plain)
    {
        Formula f;
        const int oils = 1 + below(6);
        for (int i = 0; i < oils; ++i)
            add(f, randomOil(),
                !plain && i > 0 && chance(0.3)
                    ? StatedAmount{between(1, 12), AmountUnit::PercentOfOils}
                    : grams(between(20, 500)));
        const bool liquidShares = chance(0.3); // they need a make-up liquid
        const int extras = below(6);
        for (int i = 0; i < extras; ++i) {
            StatedAmount amount = grams(between(0, 60));
            if (!plain && chance(0.4))
                amount = {between(0, 5), AmountUnit::PercentOfOils};
            else if (!plain && chance(0.3))
                amount = {between(0, 4), AmountUnit::PercentOfBatter};
            else if (!plain && liquidShares && chance(0.2))
                amount = {between(0, 8), AmountUnit::PercentOfLiquid};
            add(f, randomExtra(), amount, allVessels[std::size_t(below(5))]);
            f.lines.back().allWater = chance(0.1);
        }
        if (chance(0.9) || liquidShares)
            add(f, chance(0.5) ? plainWater() : randomExtra(), rest,
                allVessels[std::size_t(below(5))]);
        f.lye.sodium = sodiumHydroxide(between(0.95, 1));
        f.lye.potassium = potassiumHydroxide(between(0.85, 1));
        f.lye.superfat = between(0, 0.2);
        f.lye.potassiumShare = chance(0.5) ? 0.0 : between(0, 1);
        f.lye.split = static_cast<SplitConvention>(below(3));
        f.lye.hiddenFat = static_cast<HiddenFatSchool>(below(3));
        f.liquid.how = static_cast<LiquidStatement>(below(4));
        f.liquid.value = f.liquid.how == LiquidStatement::Strength        ? between(0.22, 0.42)
                         : f.liquid.how == LiquidStatement::Ratio         ? between(1.4, 3.2)
                         : f.liquid.how == LiquidStatement::PercentOfOils ? between(0.25, 0.45)
                                                                          : between(0, 0.4);
        f.liquid.convention = static_cast<StrengthConvention>(below(2));
        if (chance(0.3))
            f.liquid.jugRatio = between(0.9, 1.3);
        if (!plain && chance(0.5))
            everythingOn(f);
        return f;
    }

private:
    std::mt19937 engine_;
};

} // namespace rhexion::test
