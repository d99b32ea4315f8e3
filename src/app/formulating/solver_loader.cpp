#include "app/formulating/solver_loader.h"

#include "storage/program_files.h"

namespace rhexion {

LinearAnswer solveLoaded(const LinearProgramme& programme)
{
    using Solve = void (*)(const LinearProgramme*, LinearAnswer*);
    static const auto solve = reinterpret_cast<Solve>(
        programEntry(QStringLiteral("librhexion_glpk"), "rhexion_solve_with_glpk"));
    LinearAnswer answer;
    if (solve)
        solve(&programme, &answer);
    return answer;
}

} // namespace rhexion
