#include "core/makeday/stock_lye.h"

#include "core/units/root.h"

#include <algorithm>

namespace rhexion {

namespace {

double solubility(bool sodium, double celsius)
{
    const Temperature at = Temperature::celsius(celsius);
    return sodium ? sodiumHydroxideSolubility(at) : potassiumHydroxideSolubility(at);
}

} // namespace

std::optional<StockLye> stockLye(const Formula& f, const Reckoning& r, const StockLyeWish& wish)
{
    const MaterialPtr& material = wish.sodium ? f.lye.sodium : f.lye.potassium;
    const HydroxideReckoned& needed = wish.sodium ? r.sodium : r.potassium;
    const bool wished = wish.strength > 0.0 && wish.strength <= 0.6 && wish.batches >= 1 &&
                        wish.batches <= 1000 && wish.spare >= 0.0 && wish.spare <= 1.0;
    if (!wished || !material || material->isLyeSolution() || needed.pureGrams <= 0.0)
        return std::nullopt;
    const Interval& purity =
        material->part(wish.sodium ? Part::SodiumHydroxide : Part::PotassiumHydroxide).range;
    constexpr double room = 20.0;
    const double perWater = wish.strength / (1.0 - wish.strength);
    if (!(purity.typical() >= wish.strength) || perWater > solubility(wish.sodium, room))
        return std::nullopt;
    StockLye out;
    out.perBatchGrams = needed.pureGrams / wish.strength;
    out.solutionGrams = out.perBatchGrams * wish.batches * (1.0 + wish.spare);
    out.hydroxideGrams = out.solutionGrams * wish.strength / purity.typical();
    out.waterGrams = out.solutionGrams - out.hydroxideGrams;
    const double weighedShare = out.hydroxideGrams / out.solutionGrams;
    out.strength = purity * weighedShare;
    if (perWater > solubility(wish.sodium, 0.0)) { // else it stays clear down to 0 C
        const seek::Root cold = seek::root(
            [&](double celsius) { return solubility(wish.sodium, celsius) - perWater; }, 0.0, room);
        if (cold.outcome == seek::Outcome::Found)
            out.crystallisesBelow = Temperature::celsius(cold.at);
    }
    return out;
}

std::vector<LotFigure> figuresOf(const StockLye& made, bool sodium, const Material& dry,
                                 const std::string& source)
{
    const double carbonate =
        dry.part(Part::Carbonate).range.typical() * made.hydroxideGrams / made.solutionGrams;
    const Interval& strength = made.strength;
    const auto rest = [&](double part) { return std::max(0.0, 1.0 - carbonate - part); };
    return {
        {codeOf(sodium ? Part::SodiumHydroxide : Part::PotassiumHydroxide), strength, source},
        {codeOf(Part::Carbonate), Interval::exactly(carbonate), source},
        {codeOf(Part::Water),
         Interval::around(rest(strength.high()), rest(strength.typical()), rest(strength.low())),
         source}};
}

} // namespace rhexion
