#include "app/widgets/figure_row.h"

#include "app/theme/theme.h"

#include <QPainter>
#include <QResizeEvent>
#include <QStyle>

#include <utility>

namespace rhexion {

namespace {
constexpr int rowLineHeight = 28;
constexpr int rowNoteHeight = 17;
constexpr int compactHeight = 26;
constexpr int rowEdge = 6;
} // namespace

FigureRow::FigureRow(QWidget* parent) : QAbstractButton(parent)
{
    setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
    setCursor(Qt::PointingHandCursor);
    setFocusPolicy(Qt::StrongFocus);
    setToolTip(tr("Show the working"));
}

void FigureRow::set(const QString& name, const QString& value, const QString& note)
{
    if (name == text() && value == value_ && note == note_)
        return;
    bool taller = note.isEmpty() != note_.isEmpty();
    setText(name);
    value_ = value;
    note_ = note;
    setAccessibleName(QStringLiteral("%1: %2. %3").arg(name, value, note));
    taller = countRows() || taller;
    if (taller)
        updateGeometry();
    update();
}

bool FigureRow::countRows()
{
    const int side = compact_ ? 8 : rowEdge;
    // Plainly short enough: not measured at all.
    if ((text().size() + value_.size()) * Theme::px(compact_ ? 11 : 13) < width())
        return std::exchange(twoRows_, false);
    const int valueWidth =
        QFontMetrics(compact_ ? Theme::strong() : Theme::figure()).horizontalAdvance(value_) + 10;
    const int room = width() - 2 * side - valueWidth;
    const bool two = QFontMetrics(Theme::body()).horizontalAdvance(text()) > room &&
                     QFontMetrics(Theme::small()).horizontalAdvance(text()) > room;
    return std::exchange(twoRows_, two) != two;
}

void FigureRow::resizeEvent(QResizeEvent* event)
{
    QAbstractButton::resizeEvent(event);
    if (event->oldSize().width() != width() && countRows())
        updateGeometry();
}

QSize FigureRow::sizeHint() const
{
    if (compact_)
        return {120, Theme::px(twoRows_ ? compactHeight + 10 : compactHeight)};
    return {220, Theme::px(rowLineHeight + (note_.isEmpty() ? 0 : rowNoteHeight) + 2)};
}

void FigureRow::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Colours& c = Theme::colours();
    if (hasFocus() || underMouse()) {
        painter.setPen(hasFocus() ? QPen(c.action, 2) : Qt::NoPen);
        QColor wash = c.action;
        wash.setAlphaF(0.10f);
        painter.setBrush(underMouse() ? QBrush(wash) : QBrush(Qt::NoBrush));
        painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 6, 6);
    }
    const int side = compact_ ? 8 : rowEdge;
    const QRect line(side, 0, width() - 2 * side, compact_ ? height() : Theme::px(rowLineHeight));
    painter.setFont(compact_ ? Theme::strong() : Theme::figure());
    painter.setPen(tint_.isValid() ? tint_ : c.ink);
    painter.drawText(line, Qt::AlignRight | Qt::AlignVCenter, value_);
    const int valueWidth = painter.fontMetrics().horizontalAdvance(value_) + 10;
    painter.setFont(Theme::body());
    painter.setPen(c.ink);
    const QRect room =
        QStyle::visualRect(layoutDirection(), rect(), line.adjusted(0, 0, -valueWidth, 0));
    // A long name in small print, in two rows if it must be.
    if (painter.fontMetrics().horizontalAdvance(text()) <= room.width())
        painter.drawText(room, Qt::AlignLeft | Qt::AlignVCenter, text());
    else {
        painter.setFont(Theme::small());
        const QRect two = room.adjusted(0, -3, 0, 3);
        const int flags = Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap;
        if (painter.fontMetrics().boundingRect(two, flags, text()).height() <= two.height() + 2)
            painter.drawText(two, flags, text());
        else // its ends tell most; the working has the whole
            painter.drawText(
                room, Qt::AlignLeft | Qt::AlignVCenter,
                painter.fontMetrics().elidedText(text(), Qt::ElideMiddle, room.width()));
    }
    if (!note_.isEmpty() && !compact_) {
        painter.setFont(Theme::small());
        painter.setPen(c.muted);
        const QRect below(rowEdge, Theme::px(rowLineHeight - 4), width() - 2 * rowEdge,
                          Theme::px(rowNoteHeight));
        painter.drawText(below, Qt::AlignRight | Qt::AlignVCenter,
                         painter.fontMetrics().elidedText(note_, Qt::ElideRight, below.width()));
    }
}

} // namespace rhexion
