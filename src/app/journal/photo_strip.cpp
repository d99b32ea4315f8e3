#include "app/journal/photo_strip.h"

#include "app/theme/theme.h"
#include "photos/photo_folder.h"
#include "words/after_words.h"

#include <QMouseEvent>
#include <QPainter>

namespace rhexion {

namespace {

constexpr int side = 108;
constexpr int gap = 8;
constexpr int swatch = 12;
constexpr int mostShown = 24;

} // namespace

PhotoStrip::PhotoStrip(QWidget* parent) : QWidget(parent)
{
    setAccessibleName(tr("Photographs"));
    hide();
}

void PhotoStrip::show(const Batch& batch, const PhotoFolder& folder, const Speech& speech)
{
    shots_.clear();
    QStringList said;
    for (const words::PhotoSaid& photo : words::photosSaid(batch, speech).mid(0, mostShown)) {
        shots_.append({photo, folder.thumb(photo.file)});
        said << photo.caption;
    }
    setAccessibleDescription(said.join(QStringLiteral("; ")));
    setToolTip(said.join(QLatin1Char('\n')));
    setVisible(!shots_.isEmpty());
    updateGeometry();
    update();
}

void PhotoStrip::clear()
{
    shots_.clear();
    hide();
}

QSize PhotoStrip::sizeHint() const
{
    return {Theme::px(side + gap) * count(),
            shots_.isEmpty() ? 0 : Theme::px(side + swatch + 24 + gap)};
}

QRect PhotoStrip::placeOf(int shot) const
{
    const int s = Theme::px(side);
    return {shot * (s + Theme::px(gap)), 0, s, s};
}

void PhotoStrip::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.setFont(Theme::small());
    for (int i = 0; i < count(); ++i) {
        const QRect place = placeOf(i);
        const Shot& shot = shots_[i];
        if (shot.image.isNull()) {
            painter.setPen(Theme::colours().muted);
            painter.drawRect(place.adjusted(0, 0, -1, -1));
            painter.drawText(place.adjusted(6, 6, -6, -6), Qt::AlignCenter | Qt::TextWordWrap,
                             tr("The photograph is not in its folder."));
        } else {
            // The middle of it, as large as the place.
            const QSize full =
                shot.image.size().scaled(place.size(), Qt::KeepAspectRatioByExpanding);
            const double scale = double(shot.image.width()) / full.width();
            const QRectF part((full.width() - place.width()) / 2.0 * scale,
                              (full.height() - place.height()) / 2.0 * scale, place.width() * scale,
                              place.height() * scale);
            painter.drawImage(place, shot.image, part.toRect());
        }
        QRect below(place.left(), place.bottom() + Theme::px(3), place.width(), Theme::px(swatch));
        if (shot.said.colour) {
            painter.fillRect(below, QColor::fromRgb(*shot.said.colour));
            painter.setPen(Theme::colours().line);
            painter.drawRect(below.adjusted(0, 0, -1, -1));
        }
        painter.setPen(Theme::colours().muted);
        const QRect text(place.left(), below.bottom() + 2, place.width(), Theme::px(22));
        painter.drawText(
            text, Qt::AlignLeft | Qt::AlignVCenter,
            painter.fontMetrics().elidedText(shot.said.caption, Qt::ElideRight, text.width()));
    }
}

void PhotoStrip::mouseReleaseEvent(QMouseEvent* event)
{
    for (int i = 0; i < count(); ++i)
        if (placeOf(i).contains(event->position().toPoint()))
            Q_EMIT opened(shots_[i].said.file);
}

} // namespace rhexion
