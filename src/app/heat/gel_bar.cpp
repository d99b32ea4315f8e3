#include "app/heat/gel_bar.h"

#include "app/theme/theme.h"
#include "words/heat_words.h"

#include <QPainter>

namespace rhexion {

GelBar::GelBar(QWidget* parent) : QWidget(parent)
{
    fixHeight(this, 62);
    setAccessibleName(tr("How much of it gels"));
}

void GelBar::set(const heat::MouldBand& band)
{
    any_ = true;
    cool_ = band.cool.gelShare;
    typical_ = band.typical.gelShare;
    hot_ = band.hot.gelShare;
    setAccessibleDescription(words::gelSaid(band));
    update();
}

void GelBar::clear()
{
    any_ = false;
    update();
}

void GelBar::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Colours& c = Theme::colours();
    painter.setFont(Theme::small());
    const QFontMetrics metrics(Theme::small());
    const double third = (width() - 2.0) / 3.0;
    const QString names[] = {tr("no gel"), tr("a ring"), tr("all gels")};
    const double top = metrics.height() + 4.0;
    for (int i = 0; i < 3; ++i) {
        const QRectF part(1 + i * third, top, third, Theme::px(14));
        painter.setPen(QPen(c.line, 1));
        painter.setBrush(i == 0   ? QBrush(c.surface)
                         : i == 1 ? QBrush(c.care, Qt::BDiagPattern)
                                  : QBrush(c.muted, Qt::Dense5Pattern));
        painter.drawRect(part);
        painter.setPen(c.muted);
        painter.drawText(QRectF(part.left(), 0, third, metrics.height()), Qt::AlignCenter,
                         names[i]);
    }
    if (!any_)
        return;
    const auto x = [&](double share) { // within the third it belongs to
        if (share < 0.02)
            return 1 + third * 0.5;
        if (share > 0.95)
            return 1 + third * 2.5;
        return 1 + third * (1.0 + share);
    };
    const double middle = top + Theme::px(14) / 2.0;
    painter.setPen(QPen(c.ink, 3));
    painter.drawLine(QPointF(x(cool_), middle), QPointF(x(hot_), middle));
    for (const auto& [share, radius] : {std::pair(cool_, 4.0), {hot_, 4.0}, {typical_, 7.0}}) {
        painter.setPen(QPen(c.ink, 2));
        painter.setBrush(radius > 5.0 ? QBrush(c.action) : QBrush(c.surface));
        painter.drawEllipse(QPointF(x(share), middle), Theme::px(int(radius)) * 1.0,
                            Theme::px(int(radius)) * 1.0);
    }
    painter.setPen(c.muted);
    painter.drawText(QRectF(0, top + Theme::px(16), width(), metrics.height()), Qt::AlignCenter,
                     tr("large: as expected; small: if it runs cool, or hot"));
}

} // namespace rhexion
