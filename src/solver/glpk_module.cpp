// The solver as a library of its own, so that a window starts without GLPK and what GLPK needs.
#include "solver/glpk_solver.h"

extern "C" __attribute__((visibility("default"))) void
rhexion_solve_with_glpk(const rhexion::LinearProgramme* programme, rhexion::LinearAnswer* answer)
{
    *answer = rhexion::solveWithGlpk(*programme);
}
