#pragma once

namespace rhexion {

// The shipped typeface; true when it was found in the program.
bool loadShippedFonts();

} // namespace rhexion
