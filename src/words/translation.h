// The words of the reader's language, for every program.
#pragma once

class QCoreApplication;

namespace rhexion {

// Installs the translation of the system's language, or the English one, which has the plurals.
void installTranslation(QCoreApplication& app);

} // namespace rhexion
