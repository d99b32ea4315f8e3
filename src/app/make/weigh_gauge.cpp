#include "app/make/weigh_gauge.h"

#include "app/theme/theme.h"
#include "words/device_words.h"

#include <QPainter>
#include <QStyle>

#include <algorithm>
#include <cmath>

namespace rhexion {

WeighGauge::WeighGauge(QWidget* parent) : QWidget(parent)
{
    fixHeight(this, 54);
    setAccessibleName(tr("Weight against its band"));
}

void WeighGauge::show(double planned, const WeighBand& band,
                      const std::optional<devices::LiveWeight>& live, const Speech& speech)
{
    planned_ = planned;
    band_ = band;
    live_ = live;
    lowText_ = speech.mass(band.low);
    highText_ = speech.mass(band.high);
    said_ = words::weightAgainstBand(planned, band, live, speech);
    setAccessibleDescription(said_);
    update();
}

void WeighGauge::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Colours& c = Theme::colours();
    const bool mirrored = layoutDirection() == Qt::RightToLeft;
    const double half = std::max(planned_ - band_.low, band_.high - planned_);
    const bool near =
        live_ && std::abs(live_->grams - planned_) < std::max(8.0 * half, 0.05 * planned_);
    const double from = near ? planned_ - std::max(10.0 * half, 0.06 * planned_) : 0.0;
    const double to = near ? planned_ + std::max(10.0 * half, 0.06 * planned_)
                           : planned_ + std::max(3.0 * half, 0.12 * planned_);
    const double edge = Theme::px(10);
    const auto x = [&](double grams) {
        const double share = std::clamp((grams - from) / (to - from), 0.0, 1.0);
        return edge + (mirrored ? 1.0 - share : share) * (width() - 2.0 * edge);
    };
    const QFontMetrics metrics(Theme::small());
    const double top = metrics.height() + 4.0;
    const double tall = Theme::px(16);
    const QRectF track(edge, top, width() - 2.0 * edge, tall);
    painter.setPen(QPen(c.line, 1));
    painter.setBrush(c.surface);
    painter.drawRoundedRect(track, 3, 3);
    const double low = x(band_.low);
    const double high = x(band_.high);
    // The band by a pattern as well as by its colour.
    const QRectF band(std::min(low, high), top, std::max(3.0, std::abs(high - low)), tall);
    painter.fillRect(band, QBrush(c.fine, Qt::Dense4Pattern));
    painter.setPen(QPen(c.fine, 2));
    painter.drawLine(QPointF(low, top - 2), QPointF(low, top + tall + 2));
    painter.drawLine(QPointF(high, top - 2), QPointF(high, top + tall + 2));
    painter.setFont(Theme::small());
    painter.setPen(c.muted);
    const QString text = words::bandText(lowText_, highText_);
    const double wide = metrics.horizontalAdvance(text);
    const double middle = std::clamp((low + high) / 2.0 - wide / 2.0, 0.0, double(width()) - wide);
    painter.drawText(QPointF(middle, metrics.ascent()), text);
    if (!live_)
        return;
    const bool in = live_->grams >= band_.low && live_->grams <= band_.high;
    const QColor ink = in ? c.fine : live_->grams > band_.high ? c.danger : c.action;
    const double at = x(live_->grams);
    painter.setPen(Qt::NoPen);
    painter.setBrush(ink);
    if (!near && live_->grams < band_.low)
        painter.drawRect(
            QRectF(QPointF(x(0.0), top + tall * 0.3), QPointF(at, top + tall * 0.7)).normalized());
    const double r = Theme::px(8);
    painter.drawPolygon(QPolygonF(
        {{at, top + tall}, {at - r, top + tall + 1.6 * r}, {at + r, top + tall + 1.6 * r}}));
}

} // namespace rhexion
