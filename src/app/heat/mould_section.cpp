#include "app/heat/mould_section.h"

#include "app/heat/heat_colours.h"
#include "app/theme/theme.h"
#include "words/heat_words.h"

#include <QPainter>
#include <QPainterPath>

#include <algorithm>
#include <cmath>

namespace rhexion {

MouldSection::MouldSection(QWidget* parent) : QWidget(parent)
{
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setMinimumHeight(Theme::px(150));
    setAccessibleName(tr("The mould cut through"));
}

QSize MouldSection::sizeHint() const
{
    return {Theme::px(420), Theme::px(220)};
}

void MouldSection::set(const heat::MouldRun& run, const heat::MouldSetup& setup,
                       const Speech& speech)
{
    run_ = &run;
    width_ = setup.width;
    height_ = setup.height;
    speech_ = speech;
    least_ = 1e9;
    most_ = run.peak;
    for (const heat::MouldRow& row : run.rows)
        least_ = std::min(least_, row.skin);
    // Round tens, so that the scale does not jump with every edit.
    least_ = std::floor(least_ / 10.0) * 10.0;
    most_ = std::max(least_ + 20.0, std::ceil(most_ / 10.0) * 10.0);
    row_ = std::clamp(row_, 0, int(run.fields.size()) - 1);
    update();
}

void MouldSection::clear()
{
    run_ = nullptr;
    update();
}

void MouldSection::setRow(int row)
{
    row_ = row;
    if (run_ && row >= 0 && std::size_t(row) < run_->rows.size()) {
        const heat::MouldRow& r = run_->rows[std::size_t(row)];
        setAccessibleDescription(
            tr("Middle %1, skin %2")
                .arg(words::wholeDegrees(r.core, speech_), words::wholeDegrees(r.skin, speech_)));
    }
    update();
}

double MouldSection::at(int x, int y) const
{
    x = std::clamp(x, 0, run_->across - 1);
    y = std::clamp(y, 0, run_->up - 1);
    return run_->fields[std::size_t(row_)][std::size_t(x * run_->up + y)];
}

void MouldSection::paintEvent(QPaintEvent*)
{
    if (!run_ || run_->fields.empty() || std::size_t(row_) >= run_->fields.size())
        return;
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Colours& c = Theme::colours();
    const double scale = Theme::px(86);
    const double foot = QFontMetrics(Theme::small()).height() + 4.0;
    const QRectF room(2, 2, width() - scale - 6.0, height() - foot - 4.0);
    const double each = std::min(room.width() / width_, room.height() / height_);
    const QRectF box(room.center().x() - width_ * each / 2.0, room.bottom() - height_ * each,
                     width_ * each, height_ * each);

    // One pixel a cell, both halves; smoothed when it is drawn.
    const int across = run_->across;
    QImage image(2 * across, run_->up, QImage::Format_RGB32);
    for (int x = 0; x < across; ++x)
        for (int y = 0; y < run_->up; ++y) {
            const QRgb colour = heatColour((at(x, y) - least_) / (most_ - least_)).rgb();
            image.setPixel(across + x, run_->up - 1 - y, colour);
            image.setPixel(across - 1 - x, run_->up - 1 - y, colour);
        }
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.drawImage(box, image);
    drawLines(painter, box);
    painter.setPen(QPen(c.ink, 2));
    painter.drawPolyline(
        QPolygonF({box.topLeft(), box.bottomLeft(), box.bottomRight(), box.topRight()}));
    painter.setFont(Theme::small());
    painter.setPen(c.ink);
    painter.drawText(QRectF(0, box.bottom() + 2, room.right(), foot), Qt::AlignCenter,
                     tr("%1 wide, %2 high")
                         .arg(speech_.length(width_ * 1000.0), speech_.length(height_ * 1000.0)));
    drawScale(painter,
              {room.right() + 14.0, room.top() + 10.0, Theme::px(16) * 1.0, room.height() - 20.0});
}

// Lines of equal temperature by marching over the cells' middles; every ten degrees, and where it
// gels a thick one.
void MouldSection::drawLines(QPainter& painter, const QRectF& box) const
{
    const int across = run_->across;
    const int up = run_->up;
    const double dx = box.width() / (2.0 * across);
    const double dy = box.height() / up;
    const auto place = [&](double x, double y) { // of cells' middles, from the middle and foot
        return QPointF(box.center().x() + (x + 0.5) * dx, box.bottom() - (y + 0.5) * dy);
    };
    const auto draw = [&](double level, const QPen& pen) -> QPointF {
        QPointF highest;
        double nearest = 1e9;
        bool any = false;
        QPainterPath path;
        for (int x = -across; x < across - 1; ++x)
            for (int y = 0; y + 1 < up; ++y) {
                const auto mirrored = [&](int i, int j) { return at(i >= 0 ? i : -1 - i, j); };
                const double v[4] = {mirrored(x, y), mirrored(x + 1, y), mirrored(x + 1, y + 1),
                                     mirrored(x, y + 1)};
                const QPointF p[4] = {place(x, y), place(x + 1, y), place(x + 1, y + 1),
                                      place(x, y + 1)};
                QPointF cut[4];
                int cuts = 0;
                for (int side = 0; side < 4; ++side) {
                    const double a = v[side];
                    const double b = v[(side + 1) % 4];
                    if ((a < level) == (b < level))
                        continue;
                    const double share = (level - a) / (b - a);
                    cut[cuts++] = p[side] + (p[(side + 1) % 4] - p[side]) * share;
                }
                for (int i = 0; i + 1 < cuts; i += 2) {
                    path.moveTo(cut[i]);
                    path.lineTo(cut[i + 1]);
                    // Where its figure stands: on the middle line, as high as may be.
                    const double away = std::abs(cut[i].x() - box.center().x());
                    if (!any || away < nearest - 1.0 ||
                        (away < nearest + 1.0 && cut[i].y() < highest.y())) {
                        highest = cut[i];
                        nearest = away;
                    }
                    any = true;
                }
            }
        painter.setPen(pen);
        painter.drawPath(path);
        return any ? highest : QPointF(-1, -1);
    };
    painter.setFont(Theme::small());
    const QFontMetrics metrics(Theme::small());
    for (double level = least_; level <= most_; level += 10.0) {
        const QPointF top = draw(level, QPen(QColor(0, 0, 0, 130), 1));
        if (top.x() < 0.0)
            continue;
        const QString text = words::wholeDegrees(level, speech_);
        QRectF label(0, 0, metrics.horizontalAdvance(text) + 8.0, metrics.height());
        label.moveCenter(top);
        label.moveTop(std::clamp(label.top(), box.top() + 2.0, box.bottom() - label.height()));
        label.moveLeft(std::clamp(label.left(), box.left() + 2.0, box.right() - label.width()));
        painter.setPen(Qt::NoPen);
        painter.setBrush(QColor(255, 255, 255, 200));
        painter.drawRoundedRect(label, 3, 3);
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QColor(20, 20, 20));
        painter.drawText(label, Qt::AlignCenter, text);
    }
    draw(run_->gelTemperature, QPen(QColor(20, 20, 20), 2.5, Qt::DashLine));
}

void MouldSection::drawScale(QPainter& painter, const QRectF& box) const
{
    QLinearGradient gradient(box.bottomLeft(), box.topLeft());
    for (int i = 0; i <= 10; ++i)
        gradient.setColorAt(i / 10.0, heatColour(i / 10.0));
    painter.setPen(QPen(Theme::colours().muted, 1));
    painter.setBrush(gradient);
    painter.drawRect(box);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(Theme::colours().ink);
    painter.setFont(Theme::small());
    const QFontMetrics metrics(Theme::small());
    const double step = most_ - least_ > 60.0 ? 20.0 : 10.0;
    for (double level = least_; level <= most_ + 0.1; level += step) {
        const double y = box.bottom() - box.height() * (level - least_) / (most_ - least_);
        painter.drawText(
            QRectF(box.right() + 4.0, y - metrics.height() / 2.0, Theme::px(60), metrics.height()),
            Qt::AlignLeft | Qt::AlignVCenter, words::wholeDegrees(level, speech_));
    }
}

} // namespace rhexion
