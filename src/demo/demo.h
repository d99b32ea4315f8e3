// The demo workshop: formulas and past batches of a made-up maker.
#pragma once

#include "storage/fittings.h"
#include "storage/journal.h"
#include "storage/shelf.h"

#include <QString>

namespace rhexion {

// The demo formulas in the program, by file name.
QStringList demoFormulas();
QByteArray demoFormula(const QString& name);
// Puts the demo's past batches into an empty journal; their figures are reckoned, not written down.
std::optional<FileFault> fillDemoJournal(Journal& journal);
// The demo workshop's own material and jars, if the shelf is still empty.
std::optional<FileFault> fillDemoShelf(Shelf& shelf);
// Her moulds, vessels and water, and limits of her scents: invented figures.
Fittings demoFittings();

} // namespace rhexion
