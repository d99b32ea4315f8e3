// From readings in the kitchen to a figure with its doubt and its working.
#pragma once

#include "core/amounts/working.h"
#include "core/units/quantity.h"

#include <span>
#include <variant>

namespace rhexion {

struct Measured {
    Interval value;
    Working working;
};

// What is wrong with the readings; the words are made at the edge.
enum class MeasureFault {
    Missing,        // a reading is not there, not a number, or not above 0
    DishTooHeavy,   // the dish weighs as much as what is in it
    DryAboveWet,    // it grew heavier while drying
    TooWarmOrCold,  // refractometer correction holds from 10 to 30 C
    BrixOutOfRange, // 0 to 85
    SolidsAboveAll, // soluble and insoluble solids leave no water
    NoRuns,
    RunsDisagree,   // a run lies more than a quarter from the mean: one was misread
    PurityAboveAll, // more than 100 %: something was weighed wrong
    NothingLost     // a mixture ends heavier than it began, or loses more than its water
};
using MeasureResult = std::variant<Measured, MeasureFault>;

// Every mass carries half a step of the scale either way.
struct Scale {
    double step = 0.1; // g
};

// Water as a fraction: (wet - dry) / (wet - dish), dish included in wet and dry. Alcohol and acetic
// acid leave too, so not for vinegar, beer or wine.
MeasureResult dryDown(Mass wet, Mass dry, Mass dish, Scale scale);

// Water as a fraction: 1 - soluble solids - insoluble solids. Soluble solids are degrees Brix,
// brought to 20 C unless the instrument does so itself. Reading doubt 0.2 degrees.
MeasureResult refractometerWater(double brix, Temperature at, bool compensated,
                                 double insolubleShare);
// What is added to a reading at a temperature from 10 to 30 C. Source: International temperature
// correction table for sucrose refractometers, reference 20 C (AOAC 932.14), from memory.
std::optional<double> brixCorrection(double brix, Temperature at);
// g/ml of a sucrose solution at 20 C, in vacuum, 0 to 85 degrees Brix. Source: ICUMSA SPS-4,
// Physikalisch-Technische Bundesanstalt polynomial, from memory.
double sucroseDensity(double brix);

// mol per litre (or per kg) of a solution made by weighing hydroxide and filling up to ml (or g).
MeasureResult solutionStrength(bool sodium, Mass hydroxide, const Interval& purity, double upTo,
                               Scale scale);

struct TitrationRun {
    double sample = 0.0;   // g
    double solution = 0.0; // ml, or g where the solution's strength is per kg
};
// mmol of hydroxide per 100 g: 100 c V / m, mean of the runs. The doubt is twice the standard
// deviation of the runs, and never less than 2 % (5 % for a single run) and the solution's own.
// Source: ISO 750 and AOAC 942.15 in principle.
MeasureResult titratableAcidity(std::span<const TitrationRun> runs, const Interval& strength);

// A cup weighed empty, with water at 20 C and with the material: g/ml.
MeasureResult densityByCup(Mass empty, Mass withWater, Mass withMaterial, Scale scale);
inline constexpr double waterDensity20 = 0.9982; // g/ml, in vacuum at 20 C: CRC Handbook

// What one spoon, cup or drop weighs, from several weighed together.
MeasureResult eachWeight(Mass together, Mass dish, int count, Scale scale);

struct PurityRun {
    double citric = 0.0;   // g of citric acid as weighed
    double solution = 0.0; // g of the lye solution it took
};
// Purity of a hydroxide as a fraction: a weighed amount is dissolved in water, and the solution
// neutralises weighed citric acid to the first lasting pink of phenolphthalein (three protons).
// Carbonate counts half there, so the figure may be a little high: common practice, no source.
MeasureResult hydroxidePurity(std::span<const PurityRun> runs, double citricShare, bool sodium,
                              Mass hydroxide, Mass solution, Scale scale);

// Water left of a mixture once its evaporation is weighed, as a fraction; only the working, the
// figures are mixed()'s (core/materials/lot.h).
Measured mixtureWater(Mass water, Mass together, Mass end, const Interval& share);

} // namespace rhexion
