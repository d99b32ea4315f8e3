#include "app/make/step_list.h"

#include "app/theme/soft_box.h"
#include "app/theme/theme.h"
#include "words/plain_text.h"

#include <QKeyEvent>
#include <QPainter>
#include <QStyledItemDelegate>

namespace rhexion {

namespace {

constexpr int stepTall = 44;
constexpr int weighedRole = Qt::UserRole;
constexpr int doneRole = Qt::UserRole + 1;

class StepDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override
    {
        return {Theme::px(160), Theme::px(stepTall)};
    }
    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override
    {
        const Colours& c = Theme::colours();
        const bool here = option.state.testFlag(QStyle::State_Selected);
        const bool over = option.state.testFlag(QStyle::State_MouseOver);
        painter->save();
        if (here || over)
            drawSoftBox(*painter, option.rect.adjusted(1, 1, -1, -1),
                        {Theme::hover(), here ? c.action : QColor(),
                         option.state.testFlag(QStyle::State_HasFocus) ? 2 : 1});
        const auto seen = [&](const QRect& r) {
            return QStyle::visualRect(option.direction, option.rect, r);
        };
        const int mark = Theme::px(18);
        QRect room = option.rect.adjusted(Theme::px(8), 2, -Theme::px(8), -2);
        if (index.data(doneRole).toBool())
            painter->drawPixmap(seen({room.left(), room.center().y() - mark / 2, mark, mark}),
                                Theme::pixmap(QStringLiteral("check"), c.fine, 18));
        room.adjust(mark + Theme::px(8), 0, 0, 0);
        const QString weighed = index.data(weighedRole).toString();
        painter->setFont(Theme::small());
        if (!weighed.isEmpty()) {
            const int wide = painter->fontMetrics().horizontalAdvance(weighed);
            painter->setPen(c.muted);
            painter->drawText(seen({room.right() - wide, room.top(), wide + 1, room.height()}),
                              Qt::AlignRight | Qt::AlignVCenter, weighed);
            room.adjust(0, 0, -wide - Theme::px(10), 0);
        }
        painter->setPen(c.ink);
        painter->setFont(here ? Theme::strong() : Theme::body());
        const QString title = index.data().toString();
        // A long one in two rows of small print; what still does not fit is in its tip.
        if (painter->fontMetrics().horizontalAdvance(title) <= room.width())
            painter->drawText(seen(room), Qt::AlignLeft | Qt::AlignVCenter, title);
        else {
            painter->setFont(here ? Theme::smallStrong() : Theme::small());
            painter->drawText(seen(room), Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap,
                              title);
        }
        painter->restore();
    }
};

} // namespace

StepList::StepList(QWidget* parent) : QListWidget(parent)
{
    setItemDelegate(new StepDelegate(this));
    setAccessibleName(tr("Steps"));
    setUniformItemSizes(true);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setVerticalScrollMode(ScrollPerPixel);
    setMouseTracking(true);
    connect(this, &QListWidget::itemClicked, this,
            [this](QListWidgetItem* item) { Q_EMIT wanted(row(item)); });
}

void StepList::show(const QList<StepShown>& steps, int at)
{
    while (count() > steps.size())
        delete takeItem(count() - 1);
    while (count() < steps.size())
        addItem(new QListWidgetItem);
    for (int i = 0; i < steps.size(); ++i) {
        const StepShown& step = steps[i];
        const QString weighed =
            step.origin.isEmpty() ? step.weighed : tr("%1 %2").arg(step.weighed, step.origin);
        QListWidgetItem& row = *item(i);
        row.setText(step.title);
        row.setData(weighedRole, weighed);
        row.setData(doneRole, step.done);
        QStringList said{step.title};
        if (!weighed.isEmpty())
            said << weighed;
        row.setToolTip(asTip(said.join(QStringLiteral(", "))));
        if (step.done)
            said << tr("done");
        if (step.skipped)
            said << tr("left out");
        row.setData(Qt::AccessibleTextRole, said.join(QStringLiteral(", ")));
    }
    if (at < count()) {
        setCurrentRow(at);
        scrollToItem(item(at), PositionAtCenter);
    } else
        scrollToBottom();
}

void StepList::keyPressEvent(QKeyEvent* event)
{
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) {
        if (!event->isAutoRepeat())
            Q_EMIT wanted(currentRow());
        return;
    }
    // Space goes on with the day, wherever the focus is.
    if (event->key() == Qt::Key_Space) {
        event->ignore();
        return;
    }
    QListWidget::keyPressEvent(event);
}

} // namespace rhexion
