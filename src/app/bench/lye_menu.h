// What stands under More on the settings strip about jugs and warmth: two jugs, joining
// temperature.
#pragma once

#include "words/speech.h"

class QMenu;

namespace rhexion {

class FormulaDocument;

// Adds "Lye in two jugs" and "Join jug and pot at" to the menu, set up for the formula as it is.
void addJugMenus(QMenu& menu, FormulaDocument& document, const Speech& speech);

} // namespace rhexion
