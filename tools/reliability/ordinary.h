// How often each finding of heat fires over ordinary formulas: what warns every time is not read.
#pragma once

namespace rhexion::reliability {

// So many formulas as makers make them: three to five common oils, now and then milk, honey, a
// second lye or a hard wax, in a loaf that fits or in cavities. Prints a table.
void countHeatFindings(int formulas, unsigned seed);

} // namespace rhexion::reliability
