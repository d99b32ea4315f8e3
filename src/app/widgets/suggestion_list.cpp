#include "app/widgets/suggestion_list.h"

#include "app/theme/house_style.h"
#include "app/theme/theme.h"
#include "app/widgets/label.h"

#include <QAccessible>
#include <QEvent>
#include <QListView>
#include <QPainter>
#include <QStandardItemModel>
#include <QStyle>
#include <QStyledItemDelegate>
#include <QVBoxLayout>

namespace rhexion {

namespace {

constexpr int suggestionHeight = 30;
constexpr int detailRole = Qt::UserRole;

class SuggestionDelegate : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override
    {
        return {200, Theme::px(suggestionHeight)};
    }
    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override
    {
        const Colours& c = Theme::colours();
        painter->save();
        const bool chosen = option.state.testFlag(QStyle::State_Selected);
        if (chosen) {
            painter->fillRect(option.rect, Theme::hover());
            painter->fillRect(
                QStyle::visualRect(option.direction, option.rect,
                                   QRect(option.rect.topLeft(), QSize(3, option.rect.height()))),
                c.action);
        }
        const QRect room = option.rect.adjusted(12, 0, -12, 0);
        painter->setFont(chosen ? Theme::strong() : Theme::body());
        painter->setPen(c.ink);
        const QString name = painter->fontMetrics().elidedText(
            index.data().toString(), Qt::ElideRight, room.width() * 6 / 10);
        painter->drawText(room, Qt::AlignLeft | Qt::AlignVCenter, name);
        const int used = painter->fontMetrics().horizontalAdvance(name) + 16;
        painter->setFont(Theme::small());
        painter->setPen(c.muted);
        painter->drawText(room, Qt::AlignRight | Qt::AlignVCenter,
                          painter->fontMetrics().elidedText(index.data(detailRole).toString(),
                                                            Qt::ElideRight, room.width() - used));
        painter->restore();
    }
};

} // namespace

SuggestionList::SuggestionList(QWidget& anchor)
    : QFrame(anchor.window()), anchor_(anchor), question_(new Label(this)),
      list_(new QListView(this)), model_(new QStandardItemModel(this))
{
    setObjectName(QStringLiteral("card"));
    setFocusPolicy(Qt::NoFocus);
    list_->setModel(model_);
    list_->setItemDelegate(new SuggestionDelegate(list_));
    list_->setUniformItemSizes(true);
    list_->setFocusPolicy(Qt::NoFocus);
    list_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    list_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list_->setAccessibleName(tr("What it could be"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(2, 6, 2, 6);
    layout->setSpacing(2);
    question_->setContentsMargins(10, 2, 10, 2);
    question_->setWordWrap(true);
    HouseStyle::setTone(question_, Tone::Care);
    layout->addWidget(question_);
    layout->addWidget(list_);
    connect(list_, &QListView::clicked, this,
            [this](const QModelIndex& index) { Q_EMIT picked(index.row()); });
    anchor_.installEventFilter(this);
    hide();
}

void SuggestionList::show(const QList<Suggestion>& rows, int chosen, const QString& question)
{
    if (rows.isEmpty() || !anchor_.isVisible()) {
        hide();
        return;
    }
    question_->setFont(Theme::strong());
    question_->setText(question);
    question_->setVisible(!question.isEmpty());
    model_->setRowCount(0);
    for (const Suggestion& row : rows) {
        auto* item = new QStandardItem(row.name);
        item->setData(row.detail, detailRole);
        item->setData(QStringLiteral("%1, %2").arg(row.name, row.detail), Qt::AccessibleTextRole);
        model_->appendRow(item);
    }
    if (parentWidget() != anchor_.window())
        setParent(anchor_.window());
    list_->setCurrentIndex(model_->index(chosen, 0));
    place();
    QFrame::show();
    raise();
    if (chosen >= 0) {
        // The keys stay with the line; what is chosen is told all the same.
        QAccessibleEvent event(list_, QAccessible::Selection);
        event.setChild(chosen);
        QAccessible::updateAccessibility(&event);
    }
}

void SuggestionList::place()
{
    int height = model_->rowCount() * Theme::px(suggestionHeight) + 14;
    if (!question_->text().isEmpty())
        height += question_->heightForWidth(std::max(1, anchor_.width() - 6)) + 2;
    const QPoint under = anchor_.mapTo(anchor_.window(), QPoint(0, anchor_.height() + 2));
    const bool fits = under.y() + height <= anchor_.window()->height();
    const int y = fits ? under.y() : under.y() - anchor_.height() - height - 4;
    setGeometry(under.x(), std::max(0, y), anchor_.width(), height);
}

QString SuggestionList::question() const
{
    return isHidden() ? QString() : question_->text();
}

int SuggestionList::count() const
{
    return isHidden() ? 0 : model_->rowCount();
}

QString SuggestionList::textOf(int row) const
{
    return model_->index(row, 0).data(Qt::AccessibleTextRole).toString();
}

bool SuggestionList::eventFilter(QObject* watched, QEvent* event)
{
    if (event->type() == QEvent::Hide)
        hide();
    else if ((event->type() == QEvent::Resize || event->type() == QEvent::Move) && !isHidden())
        place();
    return QFrame::eventFilter(watched, event);
}

} // namespace rhexion
