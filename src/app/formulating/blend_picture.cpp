#include "app/formulating/blend_picture.h"

#include "app/theme/theme.h"
#include "words/blend_words.h"

#include <QPainter>
#include <QStyle>

#include <algorithm>

namespace rhexion {

namespace {

constexpr int groupRow = 34; // px at 100 %
constexpr int groupBar = 12;
constexpr double shownFrom = 0.005; // typical

std::vector<AcidGroup> groupsShown(const Blend& blend)
{
    std::vector<AcidGroup> out;
    for (std::size_t g = 0; g + 1 < blend.groups.size(); ++g)
        if (blend.groups[g].share.typical() >= shownFrom)
            out.push_back(static_cast<AcidGroup>(g));
    return out;
}

} // namespace

BlendPicture::BlendPicture(QWidget* parent) : QWidget(parent)
{
    setAccessibleName(tr("Fatty acids of the blend"));
}

void BlendPicture::set(const std::optional<Blend>& blend, const Speech& speech)
{
    blend_ = blend;
    speech_ = speech;
    fixHeight(this, blend_ ? groupRow * int(groupsShown(*blend_).size()) + 4 : 8);
    QStringList said;
    if (blend_)
        for (const AcidGroup group : groupsShown(*blend_))
            said << words::acidGroupName(group) + QLatin1Char(' ') +
                        speech_.percent((*blend_)[group].share.typical(), 0);
    setAccessibleDescription(said.join(QStringLiteral("; ")));
    update();
}

void BlendPicture::paintEvent(QPaintEvent*)
{
    if (!blend_)
        return;
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Colours& c = Theme::colours();
    double most = 0.3;
    for (const AcidGroup group : groupsShown(*blend_))
        most = std::max(most, (*blend_)[group].share.high());
    const double rowHeight = Theme::px(groupRow);
    const double barHeight = Theme::px(groupBar);
    const QFontMetrics small(Theme::small());
    double y = 2;
    const auto place = [&](double x, double top, double w, double h) {
        return QRectF(
            QStyle::visualRect(layoutDirection(), rect(), QRectF(x, top, w, h).toAlignedRect()));
    };
    for (const AcidGroup group : groupsShown(*blend_)) {
        const GroupReckoned& one = (*blend_)[group];
        painter.setFont(Theme::small());
        painter.setPen(c.ink);
        const QString figure =
            tr("%1, from %2 to %3")
                .arg(speech_.percent(one.share.typical(), 0), speech_.percent(one.share.low(), 0),
                     speech_.percent(one.share.high(), 0));
        const int figureWidth = small.horizontalAdvance(figure) + 4;
        painter.drawText(place(0, y, width() - figureWidth - 6, small.height()),
                         Qt::AlignLeading | Qt::AlignVCenter,
                         small.elidedText(words::acidGroupName(group), Qt::ElideRight,
                                          width() - figureWidth - 6));
        painter.setPen(c.muted);
        painter.drawText(place(width() - figureWidth, y, figureWidth, small.height()),
                         Qt::AlignTrailing | Qt::AlignVCenter, figure);
        const double top = y + small.height() + 1;
        const double full = width() - 2.0;
        const auto x = [&](double share) { return share / most * full; };
        painter.fillRect(place(0, top, full, barHeight), Theme::hairline());
        double from = 0.0;
        int index = 0;
        for (const GroupSource& source : one.sources) {
            const double w = x(one.share.typical() * source.share);
            Theme::fill(painter, place(from, top, w, barHeight), Matter::Fat, index++);
            painter.setPen(QPen(c.surface, 1));
            painter.drawLine(place(from + w, top, 0.0, barHeight).topLeft(),
                             place(from + w, top, 0.0, barHeight).bottomLeft());
            from += w;
        }
        // The band, from low to high, across the bar's middle.
        const QRectF band =
            place(x(one.share.low()), top, x(one.share.high() - one.share.low()), barHeight);
        painter.setPen(QPen(c.ink, 2));
        painter.drawLine(QPointF(band.left(), band.center().y()),
                         QPointF(band.right(), band.center().y()));
        for (const double end : {band.left(), band.right()})
            painter.drawLine(QPointF(end, band.top() + 2), QPointF(end, band.bottom() - 2));
        y += rowHeight;
    }
}

} // namespace rhexion
