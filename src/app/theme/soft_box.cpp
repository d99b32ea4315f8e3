#include "app/theme/soft_box.h"

#include <QPaintDevice>
#include <QPainter>
#include <QPixmap>

#include <algorithm>
#include <cmath>
#include <map>
#include <tuple>

namespace rhexion {

namespace {

void drawPath(QPainter& painter, const QRectF& rect, const BoxLook& look)
{
    const double half = look.line.isValid() ? look.lineWidth / 2.0 : 0.0;
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(look.line.isValid() ? QPen(look.line, look.lineWidth) : QPen(Qt::NoPen));
    painter.setBrush(look.fill.isValid() ? QBrush(look.fill) : QBrush(Qt::NoBrush));
    painter.drawRoundedRect(rect.adjusted(half, half, -half, -half), look.radius, look.radius);
}

// The four corners of a look, side by side in a square of two corners' width.
const QPixmap& cornersOf(const BoxLook& look, int corner, int scale)
{
    using Key = std::tuple<QRgb, bool, QRgb, bool, int, int, int>;
    static std::map<Key, QPixmap> kept;
    QPixmap& corners = kept[{look.fill.rgba(), look.fill.isValid(), look.line.rgba(),
                             look.line.isValid(), look.lineWidth, look.radius, scale}];
    if (corners.isNull()) {
        corners = QPixmap(QSize(corner, corner) * 2 * scale);
        corners.setDevicePixelRatio(scale);
        corners.fill(Qt::transparent);
        QPainter painter(&corners);
        drawPath(painter, QRectF(0, 0, 2 * corner, 2 * corner), look);
    }
    return corners;
}

} // namespace

void drawSoftBox(QPainter& painter, const QRect& rect, const BoxLook& look)
{
    painter.save();
    const int corner = std::max(look.radius, look.lineWidth) + 1;
    const double scale = painter.device()->devicePixelRatioF();
    // Between whole pixels the pieces would not meet.
    if (scale != std::floor(scale) || rect.width() < 2 * corner || rect.height() < 2 * corner) {
        drawPath(painter, rect, look);
        painter.restore();
        return;
    }
    const QPixmap& corners = cornersOf(look, corner, static_cast<int>(scale));
    const int right = rect.x() + rect.width() - corner;
    const int bottom = rect.y() + rect.height() - corner;
    const int pixels = static_cast<int>(corner * scale);
    for (const int x : {rect.x(), right})
        for (const int y : {rect.y(), bottom})
            painter.drawPixmap(
                QRect(x, y, corner, corner), corners,
                QRect(x == right ? pixels : 0, y == bottom ? pixels : 0, pixels, pixels));
    const QRect across = rect.adjusted(corner, 0, -corner, 0);
    const QRect upright = rect.adjusted(0, corner, 0, -corner);
    if (look.fill.isValid()) {
        painter.fillRect(across, look.fill);
        painter.fillRect(QRect(upright.topLeft(), QSize(corner, upright.height())), look.fill);
        painter.fillRect(QRect(right, upright.y(), corner, upright.height()), look.fill);
    }
    if (look.line.isValid()) {
        const int w = look.lineWidth;
        painter.fillRect(QRect(across.topLeft(), QSize(across.width(), w)), look.line);
        painter.fillRect(QRect(across.x(), rect.bottom() + 1 - w, across.width(), w), look.line);
        painter.fillRect(QRect(upright.topLeft(), QSize(w, upright.height())), look.line);
        painter.fillRect(QRect(rect.right() + 1 - w, upright.y(), w, upright.height()), look.line);
    }
    painter.restore();
}

} // namespace rhexion
