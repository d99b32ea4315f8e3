#include "app/formulating/solver_loader.h"
#include "storage/program_files.h"

#include <QLibrary>

namespace rhexion {

LinearAnswer solveLoaded(const LinearProgramme& programme)
{
    using Solve = void (*)(const LinearProgramme*, LinearAnswer*);
    static QLibrary library(programLibrary(QStringLiteral("librhexion_glpk")));
    static const auto solve = reinterpret_cast<Solve>(library.resolve("rhexion_solve_with_glpk"));
    LinearAnswer answer;
    if (solve)
        solve(&programme, &answer);
    else
        qWarning("%s", qPrintable(library.errorString()));
    return answer;
}

} // namespace rhexion
