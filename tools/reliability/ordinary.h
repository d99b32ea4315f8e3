// How often each finding of heat fires over ordinary formulas: what warns every time is not read.
#pragma once

#include <QStringList>

namespace rhexion::reliability {

// So many formulas as makers make them: three to five common oils, now and then milk, honey, a
// second lye or a hard wax, in a loaf that fits or in cavities. Prints a table.
// files: formulas to count besides, each by itself.
void countHeatFindings(int formulas, unsigned seed, const QStringList& files);

} // namespace rhexion::reliability
