#include "app/heat/chart_loader.h"

#include "storage/program_files.h"

namespace rhexion {

CurveChart* makeCurveChart(QWidget* parent)
{
    static const auto make = reinterpret_cast<MakeCurveChart>(
        programEntry(QStringLiteral("librhexion_curves"), curveChartEntry));
    return make ? make(parent) : nullptr;
}

} // namespace rhexion
