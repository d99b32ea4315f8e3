#include "app/widgets/flow_layout.h"

#include <QLabel>
#include <QStyle>
#include <QWidget>

#include <algorithm>

namespace rhexion {

FlowLayout::FlowLayout(QWidget* parent, int across, int down)
    : QLayout(parent), across_(across), down_(down)
{
}

FlowLayout::~FlowLayout()
{
    while (!items_.empty())
        delete takeAt(0);
}

QLayoutItem* FlowLayout::itemAt(int index) const
{
    return index >= 0 && index < count() ? items_[std::size_t(index)] : nullptr;
}

QLayoutItem* FlowLayout::takeAt(int index)
{
    QLayoutItem* item = itemAt(index);
    if (item)
        items_.erase(items_.begin() + index);
    return item;
}

QSize FlowLayout::minimumSize() const
{
    QSize size;
    for (const QLayoutItem* item : items_)
        if (!item->isEmpty())
            size = size.expandedTo(item->minimumSize());
    const QMargins m = contentsMargins();
    return {size.width() + m.left() + m.right(), size.height() + m.top() + m.bottom()};
}

QSize FlowLayout::sizeHint() const
{
    // All in one row.
    const QMargins m = contentsMargins();
    int width = m.left() + m.right() - across_;
    int height = 0;
    for (const QLayoutItem* item : items_)
        if (!item->isEmpty()) {
            width += item->sizeHint().width() + across_;
            height = std::max(height, item->sizeHint().height());
        }
    return {std::max(0, width), height + m.top() + m.bottom()};
}

void FlowLayout::setGeometry(const QRect& rect)
{
    QLayout::setGeometry(rect);
    placed(rect, true);
}

int FlowLayout::placed(const QRect& rect, bool really) const
{
    const QRect room = rect.marginsRemoved(contentsMargins());
    const Qt::LayoutDirection way =
        parentWidget() ? parentWidget()->layoutDirection() : Qt::LeftToRight;
    struct Put {
        QLayoutItem* item;
        QRect at;
    };
    std::vector<Put> row;
    int x = room.left();
    int y = room.top();
    int tall = 0;
    const auto settle = [&] {
        // Along one foot, so that a button stands beside fields and not beside their names; a word
        // between fields is as high as they are, so that it stands at their middle.
        int field = tall;
        for (const Put& put : row)
            if (!qobject_cast<QLabel*>(put.item->widget()))
                field = std::min(field, put.at.height());
        for (const Put& put : row) {
            QRect at = put.at;
            if (qobject_cast<QLabel*>(put.item->widget()))
                at.setHeight(std::max(at.height(), field));
            at.moveBottom(y + tall - 1);
            if (really)
                put.item->setGeometry(QStyle::visualRect(way, rect, at));
        }
        row.clear();
    };
    for (QLayoutItem* item : items_) {
        if (item->isEmpty())
            continue;
        const QSize size = item->sizeHint();
        if (!row.empty() && x + size.width() > room.right() + 1) {
            settle();
            x = room.left();
            y += tall + down_;
            tall = 0;
        }
        if (lastApart_ && item == items_.back())
            x = std::max(x, room.right() + 1 - size.width());
        row.push_back({item, {QPoint(x, y), size}});
        x += size.width() + across_;
        tall = std::max(tall, size.height());
    }
    settle();
    const QMargins m = contentsMargins();
    return y + tall - rect.top() + m.bottom();
}

} // namespace rhexion
