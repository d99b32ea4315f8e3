// Why a material goes where it usually goes.
#pragma once

#include "core/formula/usual_place.h"

#include <QString>

namespace rhexion::words {

QString placeReason(PlaceReason reason); // "sugar heats the lye: stir it in thinned with water"
QString intoVessel(Vessel vessel);       // "Into the lye jug instead"

} // namespace rhexion::words
