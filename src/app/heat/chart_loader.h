// The chart of the curves library, loaded when it is first wanted.
#pragma once

#include "curves/curve_chart.h"

namespace rhexion {

// Nothing where the library is not beside the program; why is said once on the error output.
CurveChart* makeCurveChart(QWidget* parent);

} // namespace rhexion
