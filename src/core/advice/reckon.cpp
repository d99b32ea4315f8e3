#include "core/advice/reckon.h"

#include "core/advice/cautions.h"
#include "core/amounts/solve.h"

#include <algorithm>

namespace rhexion {

ReckonResult reckon(const Formula& formula)
{
    auto solved = solve(formula);
    if (auto* refusal = std::get_if<Refusal>(&solved))
        return std::move(*refusal);
    auto& [amounts, working] = std::get<Solved>(solved);
    Reckoning r{accountOf(formula, amounts, std::move(working)), std::move(amounts), {}};
    r.cautions = cautionsFor(formula, r);
    return r;
}

Reckoning reckonGiven(const Formula& formula, Amounts amounts)
{
    Reckoning r{accountOf(formula, amounts), std::move(amounts), {}};
    r.cautions = cautionsFor(formula, r);
    return r;
}

std::vector<Caution> findingsOf(const Formula& formula, const Reckoning& reckoning,
                                const Doubt* doubt, const Lexicon& words,
                                std::span<const Caution> heat)
{
    std::vector<Caution> out = reckoning.cautions;
    addSaidCautions(formula, reckoning, words, out);
    if (auto more = doubt ? cautionOf(formula, reckoning, *doubt) : std::nullopt) {
        // The drawn chance says more than the edge of the figures does.
        std::erase_if(out, [](const Caution& c) { return c.code == CautionCode::MayBeLyeHeavy; });
        out.push_back(std::move(*more));
    }
    for (const Caution& finding : heat) {
        // Degrees say more than that there is milk.
        if (finding.code == CautionCode::JugScorches ||
            finding.code == CautionCode::CannotStayUnder)
            std::erase_if(
                out, [](const Caution& c) { return c.code == CautionCode::MilkUnfrozenInJug; });
        out.push_back(finding);
    }
    std::ranges::stable_sort(out, std::ranges::greater{}, &Caution::severity);
    return out;
}

} // namespace rhexion
