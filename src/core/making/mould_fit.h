// A formula's batter in its moulds: levels, what is over, bars; and the scale that fills them.
#pragma once

#include "core/advice/reckon.h"
#include "core/making/batter_density.h"
#include "core/making/cut_plan.h"

#include <array>
#include <optional>
#include <vector>

namespace rhexion {

// Share of the batter that stays in the pot and on tools: common practice, no source.
inline constexpr double residueLow = 0.003;
inline constexpr double residueTypical = 0.01;
inline constexpr double residueHigh = 0.03;

struct MouldLevel { // of one MouldUse; low, typical, high where there are three
    std::array<double, 3> millilitres{};
    std::array<double, 3> height{}; // mm in each cavity, at most the rim's; 0 for a free shape
    std::array<double, 3> over{};   // ml past the rim: only a mould that takes all there is
    double room = 0.0;              // ml to the rim, all cavities
    double grams = 0.0;             // typical
    int filled = 1;                 // cavities that come full, typical
    std::optional<CutPlan> bars;    // where it is cut
    int cells = 0;                  // bars that dividers or cavities make
    Interval curedBar = Interval::exactly(0.0); // g of one bar after cure; 0 without bars
};

struct MouldFit {
    Interval density = Interval::exactly(0.0); // g/ml
    double poured = 0.0;                       // g of batter that goes into moulds, typical
    std::vector<MouldLevel> levels;            // in the order of Formula::moulds
    std::array<double, 3> left{};              // g that no mould takes; low, typical, high
};

// Share of the wet mass that a bar loses by the end of its cure: dry mass and 6, 10 and 14 % of
// water in a settled bar (common practice, no source). docs/making.md.
Interval cureLoss(const Account& account);

// Moulds are filled in their order: one that stands alone takes all; of several each takes to its
// fill line, of cavities only as many as come full, greatest first.
OrCannot<MouldFit> fitMoulds(const Formula& formula, const Account& account);

enum class FillAim {
    Enough, // by the high density: the mould surely comes full
    Typical,
    NeverOver // by the low density
};
// The factor for scaled() that fills the formula's moulds to their fill lines.
OrCannot<double> factorToFill(const Formula& formula, FillAim aim);
// g of batter for so many bars of a cured weight: loss, trims and residue are shares below 0.5.
OrCannot<double> batterForBars(double bars, double cured, double loss, double trims,
                               double residue);
// The factor for scaled() for so many bars of a cured weight, g.
OrCannot<double> factorForBars(const Formula& formula, double bars, double cured);

struct Left { // of a material, on the shelf
    LineId line = 0;
    double grams = 0.0;
};
struct StockFactor {
    double factor = 1.0;
    LineId decides = 0;
};
// The largest factor that no material runs out at, and which one decides.
OrCannot<StockFactor> factorForStock(const Formula& formula, const std::vector<Left>& left);
// Lines that do not follow a factor: the locked ones.
std::vector<LineId> linesThatStay(const Formula& formula);

// Whole cavities that what is over the main mould fills, greatest first, and the ml left then.
struct Leftover {
    int cavities = 0;
    double millilitres = 0.0;
};
Leftover leftoverPlan(double batter, double main, std::vector<double> cavities);

} // namespace rhexion
