#include "app/bench/vessel_drawing.h"

#include "app/theme/theme.h"
#include "words/names.h"
#include "words/plain_text.h"

#include <QPainter>
#include <QPainterPath>

namespace rhexion {

namespace {
constexpr QSize sizeAt100{90, 84};
} // namespace

QSize VesselDrawing::sizeHint() const
{
    return sizeAt100 * Theme::px(100) / 100;
}

VesselDrawing::VesselDrawing(Vessel vessel, QWidget* parent) : QWidget(parent), vessel_(vessel)
{
    setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    fixSize(this, sizeAt100.width(), sizeAt100.height());
    setAccessibleName(tr("%1 holds").arg(words::vesselName(vessel_)));
    setAccessibleDescription(tr("empty"));
}

void VesselDrawing::setVessel(Vessel vessel)
{
    vessel_ = vessel;
    update();
}

void VesselDrawing::setContents(const Contents& contents, double full, const Speech& speech)
{
    const double to = full > 0.0 ? full : 1.0;
    if (contents == contents_ && to == full_ && speech.habits() == speech_.habits())
        return;
    speech_ = speech;
    contents_ = contents;
    full_ = full > 0.0 ? full : 1.0;
    const std::pair<QString, double> parts[] = {{tr("water"), contents.water},
                                                {tr("fat"), contents.fat},
                                                {tr("lye"), contents.alkali},
                                                {tr("acid"), contents.acid},
                                                {tr("sugar"), contents.sugar},
                                                {tr("salts"), contents.salt},
                                                {tr("other solids"), contents.otherSolids}};
    QStringList said;
    for (const auto& [name, grams] : parts)
        if (grams >= 0.05)
            said << QStringLiteral("%1 %2").arg(name, speech.mass(grams));
    const QString text = said.isEmpty() ? tr("empty") : said.join(QStringLiteral("\n"));
    setToolTip(asTip(text));
    setAccessibleName(tr("%1 holds").arg(words::vesselName(vessel_)));
    setAccessibleDescription(text);
    update();
}

QPainterPath VesselDrawing::outline() const
{
    const QRectF r = QRectF(QPointF(0, 0), sizeAt100).adjusted(14, 6, -14, -4);
    QPainterPath path;
    switch (vessel_) {
    case Vessel::LyeJug: // narrows to the neck, with a lip
        path.moveTo(r.left() - 6, r.top());
        path.lineTo(r.left() + 8, r.top() + 14);
        path.lineTo(r.left() + 2, r.bottom() - 6);
        path.quadTo(r.left() + 2, r.bottom(), r.left() + 10, r.bottom());
        path.lineTo(r.right() - 10, r.bottom());
        path.quadTo(r.right() - 2, r.bottom(), r.right() - 2, r.bottom() - 6);
        path.lineTo(r.right() - 8, r.top());
        path.closeSubpath();
        break;
    case Vessel::OilPot: // wide and straight
        path.addRoundedRect(r.adjusted(-4, 10, 4, 0), 7, 7);
        break;
    default: // a bowl
        path.moveTo(r.left() - 2, r.top() + 22);
        path.cubicTo(r.left() + 2, r.bottom(), r.left() + 12, r.bottom(), r.left() + 20,
                     r.bottom());
        path.lineTo(r.right() - 20, r.bottom());
        path.cubicTo(r.right() - 12, r.bottom(), r.right() - 2, r.bottom(), r.right() + 2,
                     r.top() + 22);
        path.closeSubpath();
    }
    return path;
}

void VesselDrawing::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.scale(width() / double(sizeAt100.width()), height() / double(sizeAt100.height()));
    const Colours& c = Theme::colours();
    const QPainterPath shape = outline();
    const QRectF inside = shape.boundingRect();

    painter.save();
    painter.setClipPath(shape);
    painter.fillPath(shape, c.paper);
    // Heaviest and undissolved at the bottom, fat on top, as it would lie unstirred.
    const std::pair<Matter, double> layers[] = {{Matter::OtherSolids, contents_.otherSolids},
                                                {Matter::Salt, contents_.salt},
                                                {Matter::Sugar, contents_.sugar},
                                                {Matter::Acid, contents_.acid},
                                                {Matter::Alkali, contents_.alkali},
                                                {Matter::Water, contents_.water},
                                                {Matter::Fat, contents_.fat}};
    double bottom = inside.bottom();
    for (const auto& [matter, grams] : layers) {
        if (grams < 0.05)
            continue;
        // A little is drawn thin but never so thin that it cannot be seen.
        const double height = std::max(2.5, grams / full_ * inside.height());
        const QRectF layer(inside.left(), bottom - height, inside.width(), height);
        Theme::fill(painter, layer, matter);
        bottom -= height;
    }
    painter.restore();
    painter.setPen(QPen(c.line, 2));
    painter.setBrush(Qt::NoBrush);
    painter.drawPath(shape);
    if (vessel_ == Vessel::LyeJug) {
        const QRectF handle(inside.right() - 8, inside.top() + 16, 17, 34);
        painter.drawArc(handle, -90 * 16, 180 * 16);
    } else if (vessel_ == Vessel::OilPot) {
        painter.drawLine(QPointF(inside.left() - 8, inside.top() + 12),
                         QPointF(inside.left(), inside.top() + 12));
        painter.drawLine(QPointF(inside.right(), inside.top() + 12),
                         QPointF(inside.right() + 8, inside.top() + 12));
    }
}

} // namespace rhexion
