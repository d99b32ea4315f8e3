// Lye made ahead at one strength and portioned: how much to make and what a batch takes of it.
#pragma once

#include "core/advice/reckon.h"
#include "core/materials/lot.h"

namespace rhexion {

struct StockLyeWish {
    bool sodium = true;
    double strength = 0.5; // pure hydroxide / solution; above 0, to 0.6
    int batches = 2;       // of the formula as it is; 1 to 1000
    double spare = 0.03;   // more than they need, for what clings; 0 to 1
};

struct StockLye {
    double hydroxideGrams = 0.0; // as weighed, of the formula's own hydroxide
    double waterGrams = 0.0;     // poured; the lye's moisture is counted already
    double solutionGrams = 0.0;
    double perBatchGrams = 0.0;                 // of the solution
    Interval strength = Interval::exactly(0.0); // from the doubt of the purity
    // Below it the hydroxide no longer stays dissolved; nothing below 0 C, where the table ends.
    std::optional<Temperature> crystallisesBelow;
};

// Nothing when the formula uses none of that hydroxide, when it is a ready lye already, when the
// wish is outside its ranges or its strength cannot be reached or would not dissolve at 20 C.
std::optional<StockLye> stockLye(const Formula& formula, const Reckoning& reckoning,
                                 const StockLyeWish& wish);

// What a jar of it holds, for a lot of the ready lye: hydroxide and carbonate as the dry one brings
// them, the rest water. source: how it was made.
std::vector<LotFigure> figuresOf(const StockLye& made, bool sodium, const Material& dry,
                                 const std::string& source);

} // namespace rhexion
