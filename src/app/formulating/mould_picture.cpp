#include "app/formulating/mould_picture.h"

#include "app/theme/theme.h"
#include "words/mould_words.h"

#include <QPainter>
#include <QPainterPath>

#include <algorithm>
#include <cmath>

namespace rhexion {

namespace {

constexpr int slices = 48; // of a curved side

// The mould's side seen from the front: its outline up to a height, in mm, middle at x = 0.
QPolygonF sideUpTo(const MouldShape& shape, double height)
{
    QPolygonF right;
    QPolygonF left;
    for (int i = 0; i <= slices; ++i) {
        const double z = height * i / slices;
        const double half = widthAt(shape, z) / 2.0;
        right << QPointF(half, z);
        left.prepend(QPointF(-half, z));
    }
    return right + left;
}

} // namespace

MouldPicture::MouldPicture(QWidget* parent) : QWidget(parent)
{
    fixHeight(this, 150);
    setAccessibleName(tr("The mould, and how high the batter stands"));
}

void MouldPicture::set(const MouldUse& use, const MouldLevel& level, const Cutting& cutting,
                       const Speech& speech)
{
    shown_ = Shown{use, level, cutting};
    speech_ = speech;
    setAccessibleDescription(words::mouldName(use.mould, speech));
    update();
}

void MouldPicture::clear()
{
    shown_.reset();
    update();
}

void MouldPicture::paintEvent(QPaintEvent*)
{
    if (!shown_)
        return;
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Colours& c = Theme::colours();
    const MouldShape& shape = shown_->use.mould.shape;
    const MouldLevel& level = shown_->level;
    const QFontMetrics small(Theme::small());
    const double foot = small.height() + 6.0;
    const double head = Theme::px(14);
    painter.setFont(Theme::small());

    if (std::holds_alternative<FreeShape>(shape)) {
        // Its form is not known: the fill is a share of a plain bar.
        const double share = level.millilitres[1] / std::max(1.0, level.room);
        const QRectF bar(1, head, width() - 2.0, height() - head - foot);
        Theme::fill(painter,
                    QRectF(bar.left(), bar.bottom() - bar.height() * std::min(1.0, share),
                           bar.width(), bar.height() * std::min(1.0, share)),
                    Matter::Fat);
        painter.setPen(QPen(share > 1.0 ? c.danger : c.ink, 2));
        painter.drawRect(bar);
        painter.setPen(c.ink);
        painter.drawText(QRectF(0, height() - foot, width(), foot), Qt::AlignCenter,
                         tr("%1 of its room").arg(speech_.percent(share, 0)));
        return;
    }
    const double tall = heightOf(shape);
    double wide = 0.0;
    for (int i = 0; i <= slices; ++i)
        wide = std::max(wide, widthAt(shape, tall * i / slices));
    const double scale = std::min((width() - 4.0) / wide, (height() - head - foot) / tall);
    const auto map = [&](const QPolygonF& mm) {
        QPolygonF out;
        for (const QPointF& p : mm)
            out << QPointF(width() / 2.0 + p.x() * scale, height() - foot - p.y() * scale);
        return out;
    };
    const auto yOf = [&](double z) { return height() - foot - z * scale; };

    const QPolygonF rim = map(sideUpTo(shape, tall));
    const double stands = std::min(level.height[1], tall);
    if (stands > 0.0) {
        QPainterPath batter;
        batter.addPolygon(map(sideUpTo(shape, stands)));
        painter.save();
        painter.setClipPath(batter);
        Theme::fill(painter, batter.boundingRect(), Matter::Fat);
        painter.restore();
    }
    if (level.over[1] > 0.5) { // over the rim: red, and hatched
        const QRectF over(width() / 2.0 - widthAt(shape, tall) * scale / 2.0, yOf(tall) - head,
                          widthAt(shape, tall) * scale, head - 1.0);
        painter.fillRect(over, QBrush(c.danger, Qt::BDiagPattern));
        painter.setPen(QPen(c.danger, 1.5));
        painter.drawRect(over);
    }
    painter.setPen(QPen(c.ink, 2));
    QPolygonF open = rim; // open at the top
    painter.drawPolyline(QPolygonF(open.mid(slices + 1) + open.mid(0, slices + 1)));
    painter.setPen(QPen(c.ink, 1, Qt::DashLine));
    for (const std::size_t way : {std::size_t(0), std::size_t(2)}) {
        const double z = std::min(level.height[way], tall);
        const double half = widthAt(shape, z) * scale / 2.0;
        painter.drawLine(QPointF(width() / 2.0 - half, yOf(z)),
                         QPointF(width() / 2.0 + half, yOf(z)));
    }
    // Where it is cut, seen from the side; a slab's or column's bars alike.
    const bool cutFromTheSide =
        level.bars && (std::holds_alternative<Loaf>(shape) || std::holds_alternative<Slab>(shape));
    if (cutFromTheSide) {
        painter.setPen(QPen(c.surface, 1.5));
        const double length = wide;
        double at = -length / 2.0 + shown_->cutting.trim;
        for (int bar = 0; bar <= level.bars->bars; ++bar) {
            const double x = width() / 2.0 + at * scale;
            painter.drawLine(QPointF(x, yOf(stands) + 1), QPointF(x, yOf(0) - 1));
            at += shown_->cutting.bar + shown_->cutting.kerf;
        }
    }
    painter.setPen(c.ink);
    QString said = tr("%1 of %2").arg(speech_.length(stands), speech_.length(tall));
    if (shown_->use.mould.count > 1)
        said = tr("each cavity: %1; %2 come full").arg(said).arg(level.filled);
    painter.drawText(QRectF(0, height() - foot, width(), foot), Qt::AlignCenter, said);
}

} // namespace rhexion
