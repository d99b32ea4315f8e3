#include "app/make/day_timeline.h"

#include "app/theme/theme.h"
#include "words/day_plan_words.h"
#include "words/day_words.h"
#include "words/plain_text.h"

#include <QHelpEvent>
#include <QPainter>
#include <QToolTip>

#include <algorithm>

namespace rhexion {

namespace {

constexpr int laneTall = 64; // hands above, waits below
constexpr int clockTall = 26;

} // namespace

DayTimeline::DayTimeline(QWidget* parent) : QWidget(parent)
{
    setAccessibleName(tr("The day along the clock"));
}

QSize DayTimeline::sizeHint() const
{
    const int lanes = std::max(1, int(lanes_.size()));
    return {Theme::px(600), Theme::px(clockTall + lanes * (laneTall + 8) + 6)};
}

void DayTimeline::show(const std::vector<DayOf>& days, const Schedule& schedule, std::int64_t now,
                       const Speech& speech)
{
    bars_.clear();
    lanes_.clear();
    for (const DayOf& day : days)
        lanes_.push_back(QString::fromStdString(day.formula->name));
    for (const ScheduledStep& step : schedule.steps) {
        const DayStep& what = days[step.day].plan->steps[step.step];
        Bar bar{step.day, step.from, step.handsUntil, step.until, step.done, blends(what), {}, {}};
        bar.text = words::dayStepTitle(what, *days[step.day].formula);
        bar.tip = tr("%1, %2").arg(words::clockTime(step.from, now), bar.text);
        if (step.until - step.handsUntil >= 60000)
            bar.tip +=
                QLatin1Char('\n') + tr("waits until %1").arg(words::clockTime(step.until, now));
        bars_.push_back(std::move(bar));
    }
    begins_ = schedule.begins;
    ends_ = std::max(schedule.ends, schedule.begins + 60000);
    now_ = now;
    setAccessibleDescription(words::dayLength(schedule, speech));
    updateGeometry();
    fixHeight(this, clockTall + std::max(1, int(lanes_.size())) * (laneTall + 8) + 6);
    update();
}

double DayTimeline::x(std::int64_t at) const
{
    const double share = double(at - begins_) / double(ends_ - begins_);
    const double room = width() - Theme::px(12);
    const double across = Theme::px(6) + std::clamp(share, 0.0, 1.0) * room;
    return layoutDirection() == Qt::RightToLeft ? width() - across : across;
}

QRectF DayTimeline::rectOf(const Bar& bar, bool waiting) const
{
    const double half = Theme::px(laneTall) / 2.0;
    const double top =
        Theme::px(clockTall) + double(bar.lane) * Theme::px(laneTall + 8) + (waiting ? half : 0.0);
    const double from = x(waiting ? bar.handsUntil : bar.from);
    const double until = x(waiting ? bar.until : bar.handsUntil);
    return QRectF(std::min(from, until), top, std::max(2.0, std::abs(until - from)), half - 2.0);
}

void DayTimeline::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Colours& c = Theme::colours();
    painter.setFont(Theme::small());
    const QFontMetrics metrics(Theme::small());
    // Whole quarters, halves or hours, as many as have room.
    const double room = width();
    const double minutes = double(ends_ - begins_) / 60000.0;
    std::int64_t every = 15;
    while (minutes / double(every) * metrics.horizontalAdvance(QStringLiteral("00:00  ")) > room &&
           every < 1440)
        every *= 2;
    const std::int64_t tick = every * 60000;
    const std::int64_t offset =
        QDateTime::fromMSecsSinceEpoch(begins_).offsetFromUtc() * std::int64_t(1000);
    for (std::int64_t at = (begins_ + offset + tick - 1) / tick * tick - offset; at <= ends_;
         at += tick) {
        painter.setPen(QPen(c.line, 1));
        painter.drawLine(QPointF(x(at), Theme::px(clockTall) - 4), QPointF(x(at), height()));
        painter.setPen(c.muted);
        const QString text = words::clockTime(at, at);
        const double wide = metrics.horizontalAdvance(text);
        painter.drawText(QPointF(std::clamp(x(at) - wide / 2, 0.0, room - wide), metrics.ascent()),
                         text);
    }
    for (const Bar& bar : bars_) {
        const QRectF hands = rectOf(bar, false);
        painter.setPen(QPen(c.surface, 1));
        painter.setBrush(bar.done     ? QBrush(c.line)
                         : bar.blends ? QBrush(c.care)
                                      : QBrush(c.action));
        painter.drawRect(hands);
        if (bar.until - bar.handsUntil >= 60000) {
            const QRectF wait = rectOf(bar, true);
            painter.setPen(QPen(c.muted, 1, Qt::DashLine));
            painter.setBrush(QBrush(c.muted, Qt::Dense6Pattern));
            painter.drawRect(wait);
            painter.setPen(c.ink);
            painter.drawText(wait.adjusted(4, 0, -4, 0), Qt::AlignVCenter | Qt::AlignLeft,
                             metrics.elidedText(bar.text, Qt::ElideRight, int(wait.width()) - 8));
        } else if (hands.width() > Theme::px(60)) {
            painter.setPen(bar.done ? c.ink : c.onAction);
            painter.drawText(hands.adjusted(4, 0, -4, 0), Qt::AlignVCenter | Qt::AlignLeft,
                             metrics.elidedText(bar.text, Qt::ElideRight, int(hands.width()) - 8));
        }
    }
    if (now_ >= begins_ && now_ <= ends_) {
        painter.setPen(QPen(c.danger, 2));
        painter.drawLine(QPointF(x(now_), Theme::px(clockTall) - 6), QPointF(x(now_), height()));
    }
}

bool DayTimeline::event(QEvent* event)
{
    if (event->type() != QEvent::ToolTip)
        return QWidget::event(event);
    const auto* help = static_cast<QHelpEvent*>(event);
    for (const Bar& bar : bars_)
        if (rectOf(bar, false).contains(help->pos()) || rectOf(bar, true).contains(help->pos())) {
            QToolTip::showText(help->globalPos(), asTip(bar.tip), this);
            return true;
        }
    QToolTip::hideText();
    return true;
}

} // namespace rhexion
