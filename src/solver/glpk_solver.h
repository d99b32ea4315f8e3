// GLPK behind the core's linear programme. One programme at a time: GLPK keeps its memory a thread,
// and a fault of its own ends the process, so every figure is checked before it sees one.
#pragma once

#include "core/wishes/programme.h"

namespace rhexion {

// Gives up after two seconds.
LinearAnswer solveWithGlpk(const LinearProgramme& programme);

} // namespace rhexion
