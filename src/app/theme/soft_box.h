// A box with round corners, as everything on the bench is framed.
#pragma once

#include <QColor>
#include <QRect>

class QPainter;

namespace rhexion {

struct BoxLook {
    QColor fill; // an invalid colour is none
    QColor line;
    int lineWidth = 1;
    int radius = 6;
};

// Plain rectangles and four corners kept from the first drawing: antialiasing a path over a whole
// card costs twenty times as much.
void drawSoftBox(QPainter& painter, const QRect& rect, const BoxLook& look);

} // namespace rhexion
