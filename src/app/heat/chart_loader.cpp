#include "app/heat/chart_loader.h"
#include "storage/program_files.h"

#include <QLibrary>

namespace rhexion {

CurveChart* makeCurveChart(QWidget* parent)
{
    static QLibrary library(programLibrary(QStringLiteral("librhexion_curves")));
    static const auto make = reinterpret_cast<MakeCurveChart>(library.resolve(curveChartEntry));
    static const bool said = [] {
        if (!make)
            qWarning("%s", qPrintable(library.errorString()));
        return true;
    }();
    Q_UNUSED(said)
    return make ? make(parent) : nullptr;
}

} // namespace rhexion
