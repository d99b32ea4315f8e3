// A row of the stock: its name, and below what it is, where from, and the lot in use.
#pragma once

#include <QStyledItemDelegate>

namespace rhexion {

class StockDelegate : public QStyledItemDelegate {
    Q_OBJECT
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override;
    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override;
};

} // namespace rhexion
