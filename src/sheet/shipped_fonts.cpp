#include "sheet/shipped_fonts.h"

#include <QFontDatabase>

namespace rhexion {

bool loadShippedFonts()
{
    bool all = true;
    for (const char* weight : {"Regular", "SemiBold"})
        all = QFontDatabase::addApplicationFont(
                  QStringLiteral(":/fonts/RhexionSans-%1.ttf").arg(QString::fromLatin1(weight))) >=
                  0 &&
              all;
    return all;
}

} // namespace rhexion
