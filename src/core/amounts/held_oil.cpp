#include "core/amounts/held_oil.h"

namespace rhexion {

bool isPotOil(const Formula& f, std::size_t line)
{
    return f.lines[line].vessel == Vessel::OilPot && f.lines[line].material->isOil();
}

std::optional<Refusal> holdOil(const Formula& f, Amounts& amounts)
{
    amounts.held.assign(f.portions.size(), 0.0);
    double parts = 0.0;
    for (const Portion& portion : f.portions)
        parts += portion.parts;
    double oils = 0.0;
    double potOils = 0.0;
    for (std::size_t i = 0; i < f.lines.size(); ++i) {
        oils += f.lines[i].material->isOil() ? amounts.lines[i] : 0.0;
        potOils += isPotOil(f, i) ? amounts.lines[i] : 0.0;
    }
    std::vector<double> left = amounts.lines;
    double heldInAll = 0.0;
    for (std::size_t p = 0; p < f.portions.size(); ++p) {
        const Portion& portion = f.portions[p];
        if (!portion.held || portion.held->amount.value == 0.0)
            continue;
        const HeldOil& held = *portion.held;
        std::size_t which = f.lines.size(); // the oil, or the one there is most of in the mix
        for (std::size_t i = 0; i < f.lines.size(); ++i)
            if (isPotOil(f, i) && (held.line != 0 ? f.lines[i].id == held.line
                                                  : which == f.lines.size() ||
                                                        amounts.lines[i] > amounts.lines[which]))
                which = i;
        if (which == f.lines.size())
            return Refusal{RefusalCode::HeldOilGone, 0, portion.name, {}};
        double grams = held.amount.value / 100.0 * portion.parts / parts * oils;
        if (held.amount.unit != AmountUnit::PercentOfOils) {
            const auto mass = massOf(held.amount, *f.lines[which].material);
            if (!mass || !mass->isUsable())
                return Refusal{mass ? RefusalCode::BadMass : RefusalCode::MeasureNotWeighed,
                               0,
                               portion.name,
                               {held.amount.value}};
            grams = mass->inGrams();
        }
        const double there = held.line != 0 ? left[which] : potOils - heldInAll;
        if (grams > there)
            return Refusal{
                RefusalCode::HeldOilTooMuch, 0, portion.name, {heldInAll + grams, potOils}};
        for (std::size_t i = 0; i < f.lines.size(); ++i)
            if (isPotOil(f, i) && (held.line == 0 || i == which))
                // The mix is taken as it was melted together.
                left[i] -= held.line != 0 ? grams : grams * amounts.lines[i] / potOils;
        heldInAll += grams;
        amounts.held[p] = grams;
    }
    return std::nullopt;
}

} // namespace rhexion
