// The weeks after a batch, over and over: weights, outcomes, lessons, things taken back,
// photographs, backups; and what of it is there afterwards.
#pragma once

#include <QString>
#include <QStringList>

namespace rhexion::reliability {

int livingWeeks(const QString& folder, unsigned seed, int mostActs);
qsizetype lostWeeks(const QString& folder, const QStringList& acknowledged);

} // namespace rhexion::reliability
