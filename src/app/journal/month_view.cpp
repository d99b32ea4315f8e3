#include "app/journal/month_view.h"

#include "app/theme/theme.h"
#include "storage/event_json.h"
#include "words/record_words.h"

#include <QMouseEvent>
#include <QPainter>

namespace rhexion {

namespace {

constexpr int columns = 7;
constexpr int weeks = 6;

} // namespace

MonthView::MonthView(QWidget* parent) : QWidget(parent)
{
    setAccessibleName(tr("Calendar of the month"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Ignored);
}

QSize MonthView::sizeHint() const
{
    return {Theme::px(620), Theme::px(420)};
}

QSize MonthView::minimumSizeHint() const
{
    return {Theme::px(300), Theme::px(150)};
}

QString MonthView::titleOf() const
{
    return tr("%1 %2").arg(locale_.standaloneMonthName(month_.month())).arg(month_.year());
}

void MonthView::set(const QDate& month, const QDate& today, const QList<DueOfBatch>& dues,
                    const QLocale& locale)
{
    month_ = QDate(month.year(), month.month(), 1);
    today_ = today;
    locale_ = locale;
    const int back = (month_.dayOfWeek() - int(locale.firstDayOfWeek()) + 7) % 7;
    first_ = month_.addDays(-back);
    said_.clear();
    QStringList all;
    for (const DueOfBatch& d : dues) {
        const QDate day = momentOf(d.due.at).toLocalTime().date();
        said_[day] << words::dueSaid(d);
        all << locale.toString(day, QLocale::ShortFormat) + QLatin1Char(' ') + words::dueSaid(d);
    }
    setAccessibleDescription(all.join(QStringLiteral("; ")));
    update();
}

QRect MonthView::placeOf(int cell) const
{
    const int head = Theme::px(22);
    const int w = width() / columns;
    const int h = (height() - head) / weeks;
    return {isRightToLeft() ? width() - (cell % columns + 1) * w : cell % columns * w,
            head + cell / columns * h, w, h};
}

void MonthView::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    const Colours& c = Theme::colours();
    painter.setFont(Theme::small());
    for (int i = 0; i < columns; ++i) {
        const QRect place = placeOf(i);
        const int weekday = (int(locale_.firstDayOfWeek()) + i - 1) % 7 + 1;
        painter.setPen(c.muted);
        painter.drawText(QRect(place.left(), 0, place.width(), place.top()), Qt::AlignCenter,
                         locale_.standaloneDayName(weekday, QLocale::ShortFormat));
    }
    for (int cell = 0; cell < columns * weeks; ++cell) {
        const QDate day = first_.addDays(cell);
        const QRect place = placeOf(cell).adjusted(1, 1, -1, -1);
        const bool within = day.month() == month_.month();
        painter.fillRect(place, day == today_ ? Theme::hover() : c.surface);
        painter.setPen(Theme::hairline());
        painter.drawRect(place.adjusted(0, 0, -1, -1));
        painter.setFont(day == today_ ? Theme::smallStrong() : Theme::small());
        painter.setPen(within ? c.ink : c.muted);
        const int line = painter.fontMetrics().height();
        const QRect inner = place.adjusted(4, 2, -4, -2);
        painter.drawText(inner, Qt::AlignTop | Qt::AlignLeft, QString::number(day.day()));
        const QStringList said = said_.value(day);
        const int room = std::max(0, inner.height() / line - 1);
        painter.setFont(Theme::small());
        for (int i = 0; i < said.size() && i < room; ++i) {
            // The last line that has room says how many more there are.
            const bool more = i == room - 1 && said.size() > room;
            const QString text = more ? tr("and %1 more").arg(said.size() - i) : said[i];
            painter.setPen(more ? c.muted : within ? c.action : c.muted);
            const QRect at(inner.left(), inner.top() + (i + 1) * line, inner.width(), line);
            painter.drawText(at, Qt::AlignLeft | Qt::AlignVCenter,
                             painter.fontMetrics().elidedText(text, Qt::ElideRight, at.width()));
        }
    }
}

void MonthView::mouseReleaseEvent(QMouseEvent* event)
{
    for (int cell = 0; cell < columns * weeks; ++cell)
        if (placeOf(cell).contains(event->position().toPoint()))
            Q_EMIT chosen(first_.addDays(cell));
}

} // namespace rhexion
