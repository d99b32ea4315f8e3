#include "core/advice/reckon.h"

#include "core/advice/cautions.h"
#include "core/amounts/solve.h"

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

} // namespace rhexion
