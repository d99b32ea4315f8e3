// Room for a chart in the colours of the theme: hidden while there is nothing to draw, and the
// chart made when it is first wanted.
#pragma once

#include "curves/curve_chart.h"

namespace rhexion {

class CurveRoom : public QWidget {
public:
    CurveRoom(int leastHeight, QWidget* parent);

    void draw(CurveData curves); // colours and font are its own to set
    bool isDrawn() const { return isVisibleTo(parentWidget()); }

private:
    CurveChart* chart_ = nullptr;
};

} // namespace rhexion
