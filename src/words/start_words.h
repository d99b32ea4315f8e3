// Starting points in words: what each is called, what it teaches, and why it is as it is.
#pragma once

#include "storage/starting_points.h"

#include <QString>

namespace rhexion::words {

QString startName(StartingPoint which);
QString startTeaches(StartingPoint which); // in a few words
QString startReasons(StartingPoint which); // three sentences

// As it is opened: named, with its reasons as notes.
Formula startFormula(StartingPoint which);

} // namespace rhexion::words
