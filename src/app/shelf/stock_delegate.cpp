#include "app/shelf/stock_delegate.h"

#include "app/theme/theme.h"
#include "models/stock_model.h"

#include <QPainter>

namespace rhexion {

namespace {
constexpr int stockRowHeight = 44;
constexpr int stockEdge = 10;
} // namespace

QSize StockDelegate::sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const
{
    return {160, Theme::px(stockRowHeight)};
}

void StockDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option,
                          const QModelIndex& index) const
{
    const Colours& c = Theme::colours();
    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    if (option.state.testFlag(QStyle::State_Selected)) {
        QColor wash = c.action;
        wash.setAlphaF(0.13f);
        painter->setBrush(wash);
        painter->setPen(QPen(c.action, option.state.testFlag(QStyle::State_HasFocus) ? 2 : 1));
        painter->drawRoundedRect(QRectF(option.rect).adjusted(1, 1, -1, -1), 5, 5);
    }
    const QRect line = option.rect.adjusted(stockEdge, 3, -stockEdge, -3);
    const bool archived = index.data(StockModel::ArchivedRole).toBool();
    painter->setPen(archived ? c.muted : c.ink);
    painter->setFont(Theme::body());
    painter->drawText(line, Qt::AlignLeft | Qt::AlignTop,
                      painter->fontMetrics().elidedText(index.data(Qt::DisplayRole).toString(),
                                                        Qt::ElideRight, line.width()));
    QStringList notes{index.data(StockModel::NoteRole).toString()};
    const QString lot = index.data(StockModel::LotRole).toString();
    if (!lot.isEmpty())
        notes << tr("lot %1").arg(lot);
    if (archived)
        notes << tr("put away");
    painter->setPen(c.muted);
    painter->setFont(Theme::small());
    painter->drawText(line, Qt::AlignLeft | Qt::AlignBottom,
                      painter->fontMetrics().elidedText(notes.join(QStringLiteral(" · ")),
                                                        Qt::ElideRight, line.width()));
    painter->restore();
}

} // namespace rhexion
