// Renders every main view of the demo workshop to 1280x800 pictures.
#pragma once

#include <QString>

namespace rhexion {

class MainWindow;

// Returns how many were written, or -1 with the reason on stderr.
int takeShots(MainWindow& window, const QString& folder);

} // namespace rhexion
