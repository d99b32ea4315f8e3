// Wishes of a formula: what of it may move, the least change that meets them, as edits, and the
// answer reckoned afresh.
#pragma once

#include "core/advice/reckon.h"
#include "core/wishes/wishes.h"

#include <map>

namespace rhexion {

struct OilOffered { // on the shelf and not in the formula
    MaterialPtr material;
    double price = 0.0;
    std::optional<double> most; // g left
};

struct WishesAsked {
    std::vector<Wish> wishes; // OilShare: place among oilsInPlay()
    std::vector<OilOffered> offered;
    std::map<LineId, Gladly> gladly;
    std::map<std::string, double> prices; // per g, by material id
    std::map<LineId, double> left;        // g at most
    WishFor what = WishFor::LeastChange;
    std::optional<int> mostOilsChanged;
};

// The oils of a formula, then those offered.
std::vector<MaterialPtr> oilsInPlay(const Formula& formula, const WishesAsked& asked);

// On by default: usual use, superfat, strength.
std::vector<Wish> usualGuards(const Formula& formula, const WishesAsked& asked);
inline constexpr double outOrAtLeastShare = 0.02;

// The line of an acid that may move with the oils; 0 where there is none.
LineId movingAcid(const Formula& formula);

WishProblem problemOf(const Formula& formula, const Reckoning& reckoning, const WishesAsked& asked);

struct WishProposal {
    std::vector<Edit> edits; // one undoable step
    WishProblem problem;     // of the formula as it was
    WishAnswer answer;       // as the formula comes out, reckoned
    double worstMiss = 0.0;  // points
};
using ProposalResult = std::variant<WishProposal, CannotTogether, Cannot>;

// Nothing is shown that was not reckoned: the answer is put into the formula, reckoned, and solved
// again where the rest of the formula moved with it.
ProposalResult propose(const Formula& formula, const WishesAsked& asked, const LinearSolver& solver,
                       const std::function<bool()>& cancelled = {});

} // namespace rhexion
