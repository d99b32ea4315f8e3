// What a forecast of heat adds to the findings: dangers judged on its high bound, with mends that
// are undoable edits. Codes in advice/caution.h, where each begins in advice/thresholds.h.
#pragma once

#include "core/advice/caution.h"
#include "core/heat/formula_heat.h"

#include <vector>

namespace rhexion::heat {

// In no order. cancelled: the search for a plan of freezing takes a moment.
std::vector<Caution> heatFindings(const Formula& formula, const Account& account,
                                  const HeatForecast& forecast,
                                  const std::function<bool()>& cancelled = {});

// What is said of a core. Soap that gels is as warm as this every week; what climbs out of its
// mould has sugar in it (common practice, no source). So a plain batter may crack at most.
CoreRisk riskSaid(const Batter& batter, const MouldRun& run);

// The edits that freeze so many grams of what is in the jug on that line and on others of the same
// material: a second line is added, or goes, and the make-up liquid stays the rest. Line 0: of the
// jug's own water, by the plan. Empty where one of them is locked.
std::vector<Edit> frozenGramsEdits(const Formula& formula, const Account& account, LineId line,
                                   double grams, const HeatPlan& plan);
// g of that material in the line's jug, and of it what is frozen.
struct JugGrams {
    double all = 0.0;
    double frozen = 0.0;
};
JugGrams jugGramsOf(const Formula& formula, const Account& account, LineId line);

// Forecast and findings together: what bench, sheet, command line and JSON show.
struct HeatTold {
    HeatForecast forecast;
    std::vector<Caution> findings;
};
// By the formula's own plan, or else the usual one. Nothing if cancelled.
std::optional<HeatTold> tellHeat(const Formula& formula, const Account& account,
                                 const HeatPlan& usual, const ForecastOptions& options = {});

} // namespace rhexion::heat
