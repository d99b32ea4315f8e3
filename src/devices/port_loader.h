// The library of ports, loaded when it is first wanted.
#pragma once

#include "ports/ports.h"

namespace rhexion::devices {

// Nothing where the library is not beside the program; why is said once on the error output.
const ports::Entry* portLibrary();

} // namespace rhexion::devices
