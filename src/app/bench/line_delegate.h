// A line in a vessel: name left, mass right, and how it was stated small below.
#pragma once

#include <QStyledItemDelegate>

#include "core/formula/formula.h"

namespace rhexion {

class LineDelegate : public QStyledItemDelegate {
    Q_OBJECT
public:
    using QStyledItemDelegate::QStyledItemDelegate;

    // The line that a segment of the accounts points at.
    void setLit(LineId line) { lit_ = line; }

    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override;
    QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override;
    void updateEditorGeometry(QWidget* editor, const QStyleOptionViewItem& option,
                              const QModelIndex& index) const override;

private:
    LineId lit_ = 0;
};

} // namespace rhexion
