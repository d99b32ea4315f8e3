// Text from files and people where something might read it as markup or as terminal commands.
#pragma once

#include <QString>

namespace rhexion {

// For a tooltip, which would take text with a tag in it for markup.
QString asTip(const QString& text);

// For a terminal or a window's title: control characters and marks that turn the writing direction
// show as a box.
QString forTerminal(const QString& text);

// Its first letter large, as a sentence begins.
QString capital(QString text);

} // namespace rhexion
