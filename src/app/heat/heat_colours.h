// The colours of temperature: light grows steadily from cool to hot, so that the scale reads
// without hue too; told apart by all common kinds of colour blindness. Own scale.
#pragma once

#include <QColor>

namespace rhexion {

// share: 0 the coolest of the scale, 1 the hottest.
QColor heatColour(double share);

} // namespace rhexion
