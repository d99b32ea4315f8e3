// The linear solver, loaded when the first wish is asked for: a window starts without it.
#pragma once

#include "core/wishes/programme.h"

namespace rhexion {

// Where the solver's library is not beside the program there is no answer: Outcome::Failed.
LinearAnswer solveLoaded(const LinearProgramme& programme);

} // namespace rhexion
