#include "app/bench/accounts_view.h"
#include "app/help.h"
#include "app/theme/soft_box.h"
#include "words/plain_text.h"
#include "words/what_is.h"

#include <QHelpEvent>
#include <QKeyEvent>
#include <QPainter>
#include <QStyle>
#include <QToolTip>

#include <algorithm>

namespace rhexion {

namespace {
// At the size text has now.
double accountHeight()
{
    return Theme::px(78);
}
double barHeight()
{
    return Theme::px(28);
}
double barGap()
{
    return Theme::px(6);
}
double nameWidth() // the account's name
{
    return Theme::px(62);
}
double barNameWidth()
{
    return Theme::px(82);
}
double totalWidth()
{
    return Theme::px(92);
}
int nameRoom() // px a segment needs for its name
{
    return Theme::px(46);
}
constexpr double topMargin = 4.0;
} // namespace

AccountsView::AccountsView(QWidget* parent) : QWidget(parent)
{
    helpOn(this, "liquid");
    setWhatsThis(words::whatIsAlkaliAccount() + QLatin1Char(' ') + words::whatIsWaterAccount());
    setMouseTracking(true);
    setFocusPolicy(Qt::StrongFocus);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setAccessibleName(tr("Alkali and water accounts"));
}

void AccountsView::setAccounts(std::vector<BarAccount> accounts)
{
    accounts_ = std::move(accounts);
    if (!at(chosen_))
        chosen_ = {};
    QStringList said;
    for (const BarAccount& account : accounts_)
        for (const Bar& bar : account.bars) {
            QStringList parts;
            for (const Segment& segment : bar.segments)
                parts << QStringLiteral("%1 %2").arg(segment.name, segment.figure);
            said << QStringLiteral("%1 %2 %3: %4")
                        .arg(account.name, bar.name, bar.total, parts.join(QStringLiteral(", ")));
        }
    setAccessibleDescription(said.join(QStringLiteral(". ")));
    update();
}

const Segment* AccountsView::at(const Place& place) const
{
    if (place.account < 0 || std::size_t(place.account) >= accounts_.size())
        return nullptr;
    const auto& segments = accounts_[std::size_t(place.account)].bars[place.bar].segments;
    return std::size_t(place.segment) < segments.size() ? &segments[std::size_t(place.segment)]
                                                        : nullptr;
}

QSize AccountsView::sizeHint() const
{
    return {Theme::px(480), Theme::px(168)};
}

QRectF AccountsView::seen(const QRectF& r) const
{
    if (layoutDirection() == Qt::LeftToRight)
        return r;
    return {width() - r.right(), r.top(), r.width(), r.height()};
}

QRectF AccountsView::barRect(std::size_t account, std::size_t bar) const
{
    const double left = 10.0 + nameWidth() + barNameWidth();
    const double top = topMargin + double(account) * (accountHeight() + 4.0) + 4.0 +
                       double(bar) * (barHeight() + barGap());
    return {left, top, std::max(40.0, width() - left - totalWidth() - 8.0), barHeight()};
}

double AccountsView::unitOf(std::size_t account, const QRectF& area) const
{
    const QString& ending = accounts_[account].ending;
    const double room =
        ending.isEmpty() ? 0.0 : QFontMetrics(Theme::small()).horizontalAdvance(ending) + 10.0;
    return std::max(20.0, area.width() - room) / accounts_[account].scale();
}

QRectF AccountsView::rectOf(std::size_t account, std::size_t bar, std::size_t segment) const
{
    if (account >= accounts_.size() || segment >= accounts_[account].bars[bar].segments.size())
        return {};
    const QRectF area = barRect(account, bar);
    const double unit = unitOf(account, area);
    double left = area.left();
    const auto& segments = accounts_[account].bars[bar].segments;
    for (std::size_t i = 0; i < segment; ++i)
        left += segments[i].value * unit;
    return seen({left, area.top(), segments[segment].value * unit, area.height()});
}

void AccountsView::paintSegment(QPainter& painter, const Segment& segment, const QRect& rect,
                                int shade)
{
    const Colours& c = Theme::colours();
    if (segment.gap) {
        painter.setPen(QPen(Theme::of(segment.matter), 1.5, Qt::DashLine));
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(QRectF(rect).adjusted(1, 1, -1, -1));
    } else {
        Theme::fill(painter, rect, segment.matter, shade);
        if (segment.over)
            drawSoftBox(painter, rect, {{}, c.danger, 2, 0});
        else
            painter.fillRect(
                QRect(layoutDirection() == Qt::LeftToRight ? rect.right() : rect.left(), rect.top(),
                      1, rect.height()),
                c.surface);
    }
    // A name is worth writing only if most of it can be read, on a quiet ground of its own.
    if (rect.width() <= nameRoom())
        return;
    const QFontMetrics metrics = painter.fontMetrics();
    const QString text = metrics.elidedText(segment.name, Qt::ElideRight, rect.width() - 12);
    if (text.size() <= 2)
        return;
    if (!segment.gap) {
        QColor ground = c.surface;
        ground.setAlphaF(0.86f);
        const QRect box(rect.left() + 3, rect.top() + 5, metrics.horizontalAdvance(text) + 7,
                        rect.height() - 10);
        drawSoftBox(painter, QStyle::visualRect(layoutDirection(), rect, box), {ground, {}, 1, 4});
    }
    painter.setPen(c.ink);
    painter.drawText(QStyle::visualRect(layoutDirection(), rect, rect.adjusted(6, 0, -4, 0)),
                     Qt::AlignLeft | Qt::AlignVCenter, text);
}

void AccountsView::paintBar(QPainter& painter, std::size_t account, std::size_t bar)
{
    const Colours& c = Theme::colours();
    const Bar& what = accounts_[account].bars[bar];
    const QRectF area = barRect(account, bar);
    painter.setFont(Theme::small());
    painter.setPen(c.muted);
    painter.drawText(
        seen({area.left() - barNameWidth(), area.top(), barNameWidth() - 8, barHeight()}),
        Qt::AlignRight | Qt::AlignVCenter, what.name);
    painter.setPen(c.ink);
    painter.drawText(seen({area.right() + 6, area.top(), totalWidth(), barHeight()}),
                     Qt::AlignRight | Qt::AlignVCenter, what.total);

    const double unit = unitOf(account, area);
    double left = area.left();
    int shade = 0;
    for (const Segment& segment : what.segments) {
        const double right = left + segment.value * unit;
        // Whole pixels: they are filled, not drawn as paths.
        const QRect rect = seen(QRect(QPoint(qRound(left), qRound(area.top())),
                                      QPoint(qRound(right) - 1, qRound(area.bottom()) - 1)))
                               .toRect();
        paintSegment(painter, segment, rect, shade);
        shade += segment.gap ? 0 : 1;
        if (segment.gap && &segment == &what.segments.back() && rect.width() <= nameRoom()) {
            painter.setPen(c.muted);
            painter.drawText(seen({right + 5, area.top(), area.right() - right, barHeight()}),
                             Qt::AlignLeft | Qt::AlignVCenter, segment.name);
        }
        left = right;
    }
    if (what.low >= 0.0) {
        // The doubt of what is called for, as a whisker under the bar.
        const double y = area.bottom() + barGap() / 2;
        painter.setPen(QPen(c.ink, 1.5));
        const QRectF span =
            seen({area.left() + what.low * unit, y, (what.high - what.low) * unit, 0});
        const double low = span.left();
        const double high = span.right();
        painter.drawLine(QPointF(low, y), QPointF(high, y));
        painter.drawLine(QPointF(low, y - 3), QPointF(low, y + 3));
        painter.drawLine(QPointF(high, y - 3), QPointF(high, y + 3));
    }
}

void AccountsView::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Colours& c = Theme::colours();
    if (accounts_.empty()) {
        painter.setPen(c.muted);
        painter.setFont(Theme::body());
        painter.drawText(rect().adjusted(20, 0, -20, 0), Qt::AlignCenter | Qt::TextWordWrap,
                         tr("Here the alkali your recipe calls for and the water it holds are set "
                            "against each other, as soon as there is an oil."));
        return;
    }
    for (std::size_t a = 0; a < accounts_.size(); ++a) {
        const QRectF first = barRect(a, 0);
        painter.setFont(Theme::strong());
        painter.setPen(c.ink);
        painter.drawText(seen({10, first.top(), nameWidth(), barHeight()}),
                         Qt::AlignLeft | Qt::AlignVCenter, accounts_[a].name);
        paintBar(painter, a, 0);
        paintBar(painter, a, 1);
    }
    if (at(chosen_)) {
        painter.setPen(QPen(c.ink, 2));
        painter.setBrush(Qt::NoBrush);
        painter.drawRoundedRect(rectOf(std::size_t(chosen_.account), std::size_t(chosen_.bar),
                                       std::size_t(chosen_.segment)),
                                2, 2);
    }
    if (hasFocus()) {
        painter.setPen(QPen(c.action, 2));
        painter.setBrush(Qt::NoBrush);
        painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 8, 8);
    }
}

std::vector<AccountsView::Place> AccountsView::places() const
{
    std::vector<Place> out;
    for (int a = 0; a < int(accounts_.size()); ++a)
        for (int b = 0; b < 2; ++b)
            for (int s = 0; s < int(accounts_[std::size_t(a)].bars[b].segments.size()); ++s)
                out.push_back({a, b, s});
    return out;
}

AccountsView::Place AccountsView::placeAt(const QPointF& point) const
{
    for (const Place& place : places())
        if (rectOf(std::size_t(place.account), std::size_t(place.bar), std::size_t(place.segment))
                .contains(point))
            return place;
    return {};
}

QString AccountsView::sentenceFor(const Place& place) const
{
    const Segment* segment = at(place);
    if (!segment)
        return {};
    const Bar& bar = accounts_[std::size_t(place.account)].bars[place.bar];
    return tr("%1: %2 (%3 %4 in all)").arg(segment->name, segment->figure, bar.name, bar.total);
}

void AccountsView::choose(const Place& place)
{
    if (place == chosen_)
        return;
    chosen_ = place;
    const Segment* segment = at(place);
    Q_EMIT lineLit(segment ? segment->line : 0);
    update();
}

void AccountsView::mouseMoveEvent(QMouseEvent* event)
{
    choose(placeAt(event->position()));
}

void AccountsView::leaveEvent(QEvent*)
{
    if (!hasFocus())
        choose({});
}

void AccountsView::focusInEvent(QFocusEvent* event)
{
    const auto all = places();
    if (!at(chosen_) && !all.empty() && event->reason() != Qt::MouseFocusReason)
        choose(all.front());
    update();
}

void AccountsView::focusOutEvent(QFocusEvent*)
{
    choose({});
    update();
}

void AccountsView::mousePressEvent(QMouseEvent* event)
{
    choose(placeAt(event->position()));
    if (const Segment* segment = at(chosen_))
        Q_EMIT workingWanted(segment->rule, segment->line);
}

void AccountsView::keyPressEvent(QKeyEvent* event)
{
    const auto all = places();
    const auto now = std::ranges::find(all, chosen_);
    const int place = now == all.end() ? -1 : int(now - all.begin());
    int key = event->key();
    if (key == Qt::Key_Left || key == Qt::Key_Right)
        key = (key == Qt::Key_Left) == (layoutDirection() == Qt::LeftToRight) ? Qt::Key_Up
                                                                              : Qt::Key_Down;
    switch (key) {
    case Qt::Key_Up:
        if (!all.empty())
            choose(all[std::size_t(std::max(0, place - 1))]);
        break;
    case Qt::Key_Down:
        if (!all.empty())
            choose(all[std::size_t(std::min(int(all.size()) - 1, place + 1))]);
        break;
    case Qt::Key_Return:
    case Qt::Key_Enter:
    case Qt::Key_Space:
        if (const Segment* segment = at(chosen_))
            Q_EMIT workingWanted(segment->rule, segment->line);
        break;
    default: QWidget::keyPressEvent(event); return;
    }
    setToolTip(asTip(sentenceFor(chosen_)));
    setAccessibleName(sentenceFor(chosen_));
}

bool AccountsView::event(QEvent* event)
{
    if (event->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(event);
        const QString text = sentenceFor(placeAt(help->pos()));
        QToolTip::showText(help->globalPos(), text, this);
        return true;
    }
    return QWidget::event(event);
}

} // namespace rhexion
