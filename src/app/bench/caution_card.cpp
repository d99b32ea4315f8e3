#include "app/bench/caution_card.h"

#include "app/theme/house_style.h"
#include "app/theme/soft_box.h"
#include "app/theme/theme.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>

#include <cmath>

namespace rhexion {

namespace {

int indent() // the mark stands before the title
{
    return Theme::px(16);
}
constexpr int cardEdge = 4;
constexpr int between = 2;

void layOutText(QTextLayout& layout, const QString& text, const QFont& font, int width)
{
    layout.setText(text);
    layout.setFont(font);
    layout.setCacheEnabled(true);
    layout.beginLayout();
    double y = 0.0;
    for (QTextLine line = layout.createLine(); line.isValid(); line = layout.createLine()) {
        line.setLineWidth(width);
        line.setPosition(QPointF(0.0, y));
        y += std::ceil(line.height());
    }
    layout.endLayout();
}

int heightOf(const QTextLayout& layout)
{
    return static_cast<int>(std::ceil(layout.boundingRect().height()));
}

} // namespace

CautionCard::CautionCard(QWidget* parent) : QWidget(parent)
{
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    const auto button = [this] {
        auto* made = new QPushButton(this);
        made->setObjectName(QStringLiteral("mend"));
        made->setCursor(Qt::ArrowCursor);
        made->hide();
        return made;
    };
    mend_ = button();
    known_ = button();
    said_.severity = -1;
    connect(&Theme::news(), &LookNews::changed, this, [this] { laidWidth_ = -1; });
    connect(mend_, &QPushButton::clicked, this, [this] {
        if (!said_.mends.empty())
            Q_EMIT mendWanted(said_.mends, said_.mendLabel);
    });
    connect(known_, &QPushButton::clicked, this, [this] {
        if (!said_.known.empty())
            Q_EMIT mendWanted(said_.known,
                              QStringLiteral("%1: %2").arg(said_.knownLabel, said_.title));
    });
}

void CautionCard::say(CautionSaid said)
{
    const bool texts = said.title != said_.title || said.reason != said_.reason;
    if (texts || said.severity != said_.severity)
        update();
    if (texts) {
        laidWidth_ = -1;
        setAccessibleName(QStringLiteral("%1: %2").arg(said.grade, said.title));
        setAccessibleDescription(said.reason);
    }
    if (said.mendLabel != said_.mendLabel)
        mend_->setText(said.mendLabel);
    if (said.knownLabel != said_.knownLabel)
        known_->setText(said.knownLabel);
    said_ = std::move(said);
    placeButtons();
}

void CautionCard::setOpen(bool open)
{
    if (open_ == open)
        return;
    open_ = open;
    placeButtons();
    update();
}

void CautionCard::layOut(int width)
{
    if (width == laidWidth_)
        return;
    laidWidth_ = width;
    const int room = std::max(40, width - indent() - cardEdge);
    layOutText(title_, said_.title, Theme::smallStrong(), room);
    layOutText(reason_, said_.reason, Theme::small(), room);
}

int CautionCard::heightAt(int width, bool open)
{
    layOut(width);
    int height = cardEdge + heightOf(title_) + cardEdge;
    if (open) {
        height += said_.reason.isEmpty() ? 0 : between + heightOf(reason_);
        height += !said_.mends.empty() ? between + mend_->sizeHint().height() : 0;
        height += !said_.known.empty() ? between + known_->sizeHint().height() : 0;
    }
    return height;
}

void CautionCard::placeButtons()
{
    int bottom = width() > 0 ? heightAt(width(), true) - cardEdge : 0;
    const int room = width() - indent() - cardEdge;
    const auto place = [&](QPushButton* button, bool shown) {
        if (button->isHidden() == shown)
            button->setVisible(shown);
        if (!shown || width() <= 0)
            return;
        const int high = button->sizeHint().height();
        button->setGeometry(layoutDirection() == Qt::RightToLeft ? cardEdge : indent(),
                            bottom - high, room, high);
        bottom -= high + between;
    };
    place(known_, open_ && !said_.known.empty());
    place(mend_, open_ && !said_.mends.empty());
}

void CautionCard::paintEvent(QPaintEvent*)
{
    layOut(width());
    QPainter painter(this);
    const QColor hue = Theme::ofSeverity(said_.severity);
    if (hasFocus())
        drawSoftBox(painter, rect(), {{}, Theme::colours().action, 2});
    // Each grade has a mark of its own shape; a hollow one has more to say.
    const bool right = layoutDirection() == Qt::RightToLeft;
    const double line = heightOf(title_) / std::max(1, title_.lineCount());
    const double size = Theme::px(8);
    const QRectF mark(right ? width() - indent() + size - 2 : size / 2,
                      cardEdge + (line - size) / 2, size, size);
    const QPointF middle = mark.center();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(hue, 1.6));
    painter.setBrush(open_ ? QBrush(hue) : QBrush(Qt::NoBrush));
    if (said_.severity >= 2)
        painter.drawPolygon(
            QPolygonF{QPointF(middle.x(), mark.top()), mark.bottomRight(), mark.bottomLeft()});
    else if (said_.severity == 1)
        painter.drawPolygon(
            QPolygonF{QPointF(middle.x(), mark.top()), QPointF(mark.right(), middle.y()),
                      QPointF(middle.x(), mark.bottom()), QPointF(mark.left(), middle.y())});
    else
        painter.drawEllipse(mark.adjusted(0.5, 0.5, -0.5, -0.5));
    const double x = right ? cardEdge : indent();
    painter.setPen(hue);
    title_.draw(&painter, QPointF(x, cardEdge));
    if (open_) {
        painter.setPen(Theme::colours().muted);
        reason_.draw(&painter, QPointF(x, cardEdge + heightOf(title_) + between));
    }
}

void CautionCard::resizeEvent(QResizeEvent*)
{
    placeButtons();
}

void CautionCard::mousePressEvent(QMouseEvent* event)
{
    if (event->button() == Qt::LeftButton)
        Q_EMIT toggled();
}

void CautionCard::keyPressEvent(QKeyEvent* event)
{
    switch (event->key()) {
    case Qt::Key_Space:
    case Qt::Key_Return:
    case Qt::Key_Enter: Q_EMIT toggled(); return;
    default: QWidget::keyPressEvent(event);
    }
}

} // namespace rhexion
