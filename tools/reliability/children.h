// What a maker does, over and over, saying on standard output what was acknowledged; and what of it
// is there afterwards. Both know the same acts from the same seed.
#pragma once

#include <QString>
#include <QStringList>

namespace rhexion::reliability {

// edit: a formula in the window, kept safe; save: saved to its file; shelf: own materials and lots;
// day: batches made; weeks: what comes after. Runs until it is killed, or until so many acts are
// done.
int child(const QString& what, const QString& folder, unsigned seed, int acts);

// How many of the acts that were acknowledged are not there.
qsizetype lostOf(const QString& what, const QString& folder, const QStringList& acknowledged);

} // namespace rhexion::reliability
