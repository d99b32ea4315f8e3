#include "core/formula/scale.h"

namespace rhexion {

std::vector<Edit> scaled(const Formula& f, double factor)
{
    if (!(factor > 0.0) || !(factor <= 1e6))
        return {};
    const auto fixed = [](AmountUnit unit) {
        return statedMass({1.0, unit}).has_value() || isMeasured(unit);
    };
    std::vector<Edit> edits;
    bool tooMuch = false;
    const auto times = [&](double value) {
        tooMuch = tooMuch || !(value * factor <= Mass::largestGrams);
        return value * factor;
    };
    for (const Line& line : f.lines)
        if (!line.locked && fixed(line.amount.unit))
            edits.push_back(SetAmount{line.id, {times(line.amount.value), line.amount.unit}});
    if (f.oilsTotal.inGrams() > 0.0)
        edits.push_back(SetOilsTotal{Mass::grams(times(f.oilsTotal.inGrams()))});
    if (f.lye.fixed) {
        LyeSettings lye = f.lye;
        lye.fixed = FixedHydroxide{Mass::grams(times(f.lye.fixed->sodium.inGrams())),
                                   Mass::grams(times(f.lye.fixed->potassium.inGrams()))};
        edits.push_back(SetLye{SettingField::Fixed, lye});
    }
    std::vector<Portion> portions = f.portions;
    for (Portion& portion : portions)
        if (portion.held && fixed(portion.held->amount.unit))
            portion.held->amount.value = times(portion.held->amount.value);
    if (portions != f.portions)
        edits.push_back(SetPortions{std::move(portions)});
    return tooMuch ? std::vector<Edit>{} : edits;
}

} // namespace rhexion
