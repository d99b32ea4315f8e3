#include "app/heat/curve_room.h"

#include "app/heat/chart_loader.h"
#include "app/theme/theme.h"

#include <QVBoxLayout>

namespace rhexion {

CurveRoom::CurveRoom(int least, QWidget* parent) : QWidget(parent)
{
    auto* inner = new QVBoxLayout(this);
    inner->setContentsMargins(0, 0, 0, 0);
    leastHeight(this, least);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Ignored);
}

void CurveRoom::draw(CurveData curves)
{
    setVisible(!curves.lines.empty());
    if (curves.lines.empty())
        return;
    if (!chart_) {
        chart_ = makeCurveChart(this);
        if (!chart_)
            return;
        layout()->addWidget(chart_);
    }
    curves.paper = Theme::colours().surface;
    curves.ink = Theme::colours().ink;
    curves.muted = Theme::colours().muted;
    curves.grid = Theme::hairline();
    curves.font = Theme::small();
    chart_->set(curves);
}

} // namespace rhexion
